package firmperch.cost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Motion;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.stock.Fitting;
import firmperch.stock.HexBolt;
import firmperch.stock.Material;
import firmperch.study.Study;
import firmperch.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** The bill against a shopping slip added up by hand. */
class BillTest {
    /**
     * Two boards by the volume, a bar by the metre, six bolts in two places, glue that is used up, trim weights that are kept beside
     * it, and the camera, which is there already.
     */
    @Test
    void aSlipIsAddedUp() {
        Material beech = Material.ALL.get("beech-d40");
        Fitting bolt = new Fitting("Hex bolt M8 × 60", 0.030, 0.40);
        Builder out = new Builder(UnitSystem.METRIC);
        out.part("p");
        Body body = out.body("body", null, Placement.HERE, new Motion.Fixed());
        out.station("", "Frame", body, Vec3.ZERO);
        Solid board = new Solid.Sheet(Outline.rectangle(0, 0, 0.5, 0.1), 0.02);
        out.add(body, Piece.cut("Board", board, beech));
        out.add(body, Piece.cut("Board", board, beech).at(Placement.at(new Vec3(0, 1, 0))));
        out.add(body, Piece.cut("Bar", new Solid.Sheet(Outline.rectangle(0, 0, 2, 0.03), 0.03), beech)
                .from(new Supply.Cut(4.5, "")).at(Placement.at(new Vec3(0, 2, 0))));
        out.fit(body, Vec3.ZERO, 4, bolt, "the corners");
        out.fit(body, Vec3.X, 2, bolt, "the foot");
        out.usedUp("Wood glue, 250 g", 2, 6.00, "the corners");
        out.keptBy(new Fitting("Trim weight", 0.1, 1.50), 3, "to trim with");
        out.station("camera", "Camera", body, Vec3.UP);
        out.add(body, Piece.cut("Camera", board, beech).at(Placement.at(new Vec3(0, 0, 1))));
        Bill bill = Bill.of(out.build(), UnitSystem.METRIC);
        double boards = 2 * 0.5 * 0.1 * 0.02;
        double bar = 2 * 0.03 * 0.03;
        double camera = 0.5 * 0.1 * 0.02 * beech.pricePerCubicMetre();
        assertThat(bill.price() - camera).isCloseTo(boards * beech.pricePerCubicMetre() + 2 * 4.5 + 6 * 0.40 + 2 * 6.00
                + 3 * 1.50, within(1e-9));
        assertThat(bill.mass()).isCloseTo((boards + bar) * beech.density() + 6 * 0.030, within(1e-9));
    }

    /**
     * Two more pivots tightened: two knobs of 4.00 and 75 g in the place of two lock nuts of 0.20, and of four rubbing faces two more
     * in each, so four plates of 0.50.
     */
    @Test
    void whatIsBoughtIsCountedAsOftenAsItIsThere() {
        Bill two = bill("perch.arm.pivots.tightened", 2, "perch.arm.pivots.faces", 4);
        Bill four = bill("perch.arm.pivots.tightened", 4, "perch.arm.pivots.faces", 4);
        Bill plain = bill("perch.arm.pivots.tightened", 2, "perch.arm.pivots.faces", 2);
        assertThat(four.price() - two.price()).isCloseTo(2 * (4.00 - 0.20) + 4 * 0.50, within(1e-9));
        double plate = (two.mass() - plain.mass()) / 4;
        assertThat(four.mass() - two.mass()).isCloseTo(2 * (0.075 - HexBolt.ALL.get("m12").nut()) + 4 * plate,
                within(1e-9));
    }

    private static Bill bill(Object... changes) {
        return Bill.of(Study.of(Demo.with(changes)).assembly(), UnitSystem.METRIC);
    }
}
