package firmperch.part.overhead;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Material;
import java.util.List;

/**
 * A plate that hangs in a pair of rails on four hangers and carries something underneath.
 *
 * @param thickness m
 */
public record TrolleyPlate(Material material, double thickness, Hangers hangers) implements Part {
    public static final Params<TrolleyPlate> PARAMS = Params.of(TrolleyPlate.class)
            .choice("material", "Trolley plate of", Material.SOLID)
            .length("thickness", "Thickness of the plate", 0.005, 0.06)
            .varied(0.003).group("hangers", "Hangers", Hangers.PARAMS).done();

    private static final double EDGE = 0.04;

    public TrolleyPlate {
        PARAMS.check(material, thickness, hangers);
    }

    @Override
    public Params<TrolleyPlate> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port port = on.getFirst();
        Port.Track rails = Hangers.rails(port, "Trolley plate");
        Body plate = hangers.running(out, port, "plate", "Trolley along its rails");
        double low = rails.section().depth() / 2 + Hangers.DROP;
        out.station("", "Trolley", plate, new Vec3(0, 0, low), port.station());
        double x = hangers.base() / 2 + EDGE;
        double y = rails.gauge() / 2 + EDGE;
        Piece sheet = out.add(plate,
                Piece.cut("Trolley plate", new Solid.Sheet(Outline.rectangle(-x, -y, x, y), thickness), material)
                        .at(Placement.at(0, 0, low + thickness / 2)));
        out.bends(sheet, false);
        hangers.hang(out, port, plate, low, List.of(), List.of());
        // Forward is the rig's, whichever way the rails run.
        out.offer("deck", new Port.Deck(thickness, material), plate, Placement.along(new Vec3(0, 0, low + thickness),
                plate.home().inward(Vec3.X), Vec3.UP), sheet);
        out.measure("hangers.base", plate, new Vec3(-hangers.base() / 2, 0, low), plate,
                new Vec3(hangers.base() / 2, 0, low));
        out.work("trolley", "Bolt the plate under its hangers, lock nuts on.", List.of("rails", "bridge"), "", "");
    }
}
