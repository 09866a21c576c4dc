package firmperch.part;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.FourBar;
import firmperch.body.Freedom;
import firmperch.body.Hole;
import firmperch.body.Joint;
import firmperch.body.Motion;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Station;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/**
 * A level-keeping arm: two equal links, one above the other, between a plate let into a block and an end plate, so that
 * the end plate stays level as the arm lifts.
 */
public record LevelArm(Links links, Pivots pivots, Stops stops, Plates plates) implements Part {
    static final Params<LevelArm> PARAMS = Params.of(LevelArm.class).group("links", "Sticks", Links.PARAMS)
            .group("pivots", "Pivots", Pivots.PARAMS).group("stops", "Stops", Stops.PARAMS)
            .group("plates", "Plates", Plates.PARAMS).done();

    private static final Vec3 ASIDE = new Vec3(0, 1, 0);
    private static final Vec3 UPWARD = new Vec3(0, -1, 0);
    private static final String TOGETHER = "all sticks clamped together";

    public LevelArm {
        PARAMS.check(links, pivots, stops, plates);
        double hole = pivots.bolt().hole();
        Require.that(links.end() > hole / 2, "Hole to end of the stick", links.end(), LENGTH,
                "more than half the hole, so that the hole lies in the stick");
        Require.that(links.depth() > hole * 1.5, "Depth of the sticks", links.depth(), LENGTH,
                "more than 1½ times the hole of " + LENGTH.show(hole, UnitSystem.METRIC));
    }

    @Override
    public Params<LevelArm> params() {
        return PARAMS;
    }

    private double plateHeight() {
        return links.spacing() + 2 * links.depth();
    }

    /** From the arm's middle to a stick's own middle, m; 0 for single sticks. */
    private double aside() {
        return links.count() == 2 ? (plates.thickness() + links.thickness()) / 2 : 0;
    }

    private double boltLength() {
        return links.count() * links.thickness() + plates.thickness() + 2 * 0.002 + 0.012;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port face = on.getFirst();
        Port.Block block = face.fitting("Level-keeping arm", Port.Block.class, "a block to let its plate into");
        Vec3 pivotsAt = new Vec3(block.forward(), 0, -links.spacing() / 2);
        out.back(face.station());
        innerPlate(out, face, block);
        bolts(out, face.body(), face.at().of(Placement.at(pivotsAt)));

        Freedom lift = out.freedom("lift", "Arm angle", Freedom.Kind.HINGE, stops.low(), stops.high());
        FourBar law = FourBar.level(links.length(), links.spacing());
        Placement foot = face.at().of(Placement.at(pivotsAt));
        Body lower = out.body("lower", face.body(), foot, new Motion.Linked(lift, law, Motion.Bar.FIRST));
        Body upper = out.body("upper", face.body(), foot, new Motion.Linked(lift, law, Motion.Bar.SECOND));
        Body end = out.body("end", face.body(), foot, new Motion.Linked(lift, law, Motion.Bar.COUPLER));
        Station station = out.station("", "Level-keeping arm " + out.bare(links.length()), face.body(),
                face.at().point(new Vec3(block.forward(), 0, 0)), face.station());
        List<Piece> low = sticks(out, lower);
        List<Piece> high = sticks(out, upper);
        endPlate(out, end);
        bolts(out, end, Placement.HERE);
        Vec3 up = new Vec3(0, 0, links.spacing());
        Vec3 far = new Vec3(links.length(), 0, 0);
        // Inner pivots are tightened first, as a maker would: lower inner, upper inner, lower outer, upper outer.
        pivot(out, 0, "lower inner", Joint.Side.of(face.body(), foot.origin()), new Joint.Side(lower, Vec3.ZERO, low),
                lift);
        pivot(out, 1, "upper inner", Joint.Side.of(face.body(), foot.point(up)), new Joint.Side(upper, Vec3.ZERO, high),
                lift);
        pivot(out, 2, "lower outer", new Joint.Side(lower, far, low), Joint.Side.of(end, Vec3.ZERO), lift);
        pivot(out, 3, "upper outer", new Joint.Side(upper, far, high), Joint.Side.of(end, up), lift);
        out.offer("end", new Port.Plate(plates.thickness()), end,
                Placement.at(plates.overhang(), 0, links.spacing() / 2), null);
        out.measure("links.length", lower, Vec3.ZERO, lower, far);
        out.measure("links.spacing", end, Vec3.ZERO, end, up);
        out.measure("plates.overhang", end, up.times(0.5), end, new Vec3(plates.overhang(), 0, links.spacing() / 2));
        out.back(station);
        making(out);
    }

    private void pivot(Builder out, int number, String name, Joint.Side inner, Joint.Side outer, Freedom lift) {
        out.joint(name.replace(' ', '-'), name + " pivot", inner, outer, lift, UPWARD,
                pivots.hold(number, links.material()), pivots.give(number));
    }

    private List<Piece> sticks(Builder out, Body link) {
        List<Piece> sticks = new ArrayList<>();
        double half = links.thickness() / 2;
        List<Hole> holes = List.of(hole(new Vec3(links.end(), -half, 0), TOGETHER),
                hole(new Vec3(links.end() + links.length(), -half, 0), TOGETHER));
        for (int i = 0; i < links.count(); i++) {
            sticks.add(out.add(link, Piece.cut("Stick", new Solid.Bar(links.section(), links.sawn()), links.material())
                    .at(Placement.at(-links.end(), i == 0 ? aside() : -aside(), 0)).drilled(holes)));
        }
        return sticks;
    }

    private Hole hole(Vec3 at, String together) {
        return new Hole(at, ASIDE, pivots.bolt().hole(), "pivot bolt " + pivots.bolt().label(), together);
    }

    /** A plate's own axes: its outline in the arm's plane, x forward and y up; its thickness across. */
    private static Placement upright(Vec3 at) {
        return Placement.along(at, new Vec3(1, 0, 0), UPWARD);
    }

    private List<Hole> plateHoles(double x, double low) {
        String together = "both plates clamped together";
        double back = -plates.thickness() / 2;
        return List.of(new Hole(new Vec3(x, low, back), Vec3.UP, pivots.bolt().hole(),
                "pivot bolt " + pivots.bolt().label(), together),
                new Hole(new Vec3(x, low + links.spacing(), back), Vec3.UP, pivots.bolt().hole(),
                        "pivot bolt " + pivots.bolt().label(), together));
    }

    private void innerPlate(Builder out, Port face, Port.Block block) {
        double back = -block.width() / 2;
        double front = block.forward() + links.depth();
        double h = plateHeight() / 2;
        Outline outline = Outline.rectangle(back, -h, front, h);
        double bored = Math.min(h, block.height() / 2);
        if (block.bore() > 0) {
            // As wide as the plate where the bore is wider than the plate is thick, else what the circle takes on average.
            double b = block.bore() / 2;
            outline = outline.less(Outline.rectangle(-b, -bored, b, bored).loop());
        }
        out.add(face.body(), Piece.cut("Inner plate", new Solid.Sheet(outline, plates.thickness()), plates.material())
                .from(new Supply.Cut(0, "let into the carriage's middle; bored with it"))
                .at(face.at().of(upright(Vec3.ZERO))).drilled(plateHoles(block.forward(), -links.spacing() / 2)));
        double inside = Math.min(front, block.width() / 2);
        Outline slot = Outline.rectangle(back, -bored, inside, bored);
        if (block.bore() > 0) {
            slot = slot.less(Outline.rectangle(-block.bore() / 2, -bored, block.bore() / 2, bored).loop());
        }
        out.stands(face, new Solid.Sheet(slot, plates.thickness()), face.at().of(upright(Vec3.ZERO)));
    }

    private void endPlate(Builder out, Body end) {
        double h = plateHeight() / 2;
        out.add(end, Piece.cut("End plate", new Solid.Sheet(Outline.rectangle(-links.depth(), -h,
                plates.overhang() + links.depth(), h), plates.thickness()), plates.material())
                .at(upright(new Vec3(0, 0, links.spacing() / 2))).drilled(plateHoles(0, -links.spacing() / 2)));
    }

    /** The two bolts of one plate; the plain bar weighed half as much again for head, nut and washers. */
    private void bolts(Builder out, Body body, Placement lower) {
        double d = pivots.bolt().diameter();
        double length = boltLength();
        double mass = 1.5 * Math.PI / 4 * d * d * length * 7850;
        String item = "Bolt " + pivots.bolt().label() + " × " + out.length(Math.ceil((length + 0.004) * 200) / 200)
                + " with two wide washers Ø " + out.length(pivots.bolt().washer());
        for (int i = 0; i < 2; i++) {
            Vec3 at = lower.point(new Vec3(0, 0, i * links.spacing())).minus(ASIDE.times(length / 2));
            out.add(body, Piece.ready("Pivot bolt", new Solid.Bought(Solid.Round.cylinder(d, 0, length), mass),
                    new Supply.Ready(item, pivots.bolt().price() + 0.3, "arm pivots"))
                    .at(new Placement(at, new Vec3(1, 0, 0), new Vec3(0, 0, -1), ASIDE)));
        }
    }

    private void making(Builder out) {
        out.buy(pivots.closure().label() + " " + pivots.bolt().label(), pivots.tightened(), pivots.closure().price(),
                "tightened pivots: inner ones first");
        out.buy("Lock nut " + pivots.bolt().label(), Pivots.COUNT - pivots.tightened(), 0.2,
                "free pivots: snug, then a quarter turn back");
        // Each rubbing face beyond the two between sticks and plate takes a plate of its own.
        out.buy("Plywood washer plate for a pivot", Math.max(0, pivots.faces() - 2) * pivots.tightened(), 0.5,
                "more rubbing faces");
        out.buy("Stop bolt M6 × " + out.length(0.05) + " with nut", 2, 0.5, "arm stops at "
                + out.show(Quantity.ANGLE, stops.low()) + " and " + out.show(Quantity.ANGLE, stops.high()));
        out.buy("Steel angle bracket " + out.length(0.04) + " with 2 bolts M6 and lock nuts", 1, 2.5,
                "under the end plate, carries the head");
        out.work("cut", "Cut all wood. Clamp the sticks and drill them together; likewise the two plates.", List.of(),
                "", "Saw and drill: eye and ear protection, dust mask, work clamped down.");
        out.work("arm", "Set the stops, bolt the arm together.", List.of("cut", "block"), "", "");
    }
}
