package firmperch.part.overhead;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Fitting;
import firmperch.stock.PostStock;
import firmperch.units.Quantity;
import firmperch.units.Require;
import java.util.List;

/**
 * Two rails across two others, hung on hangers that run in them: what hangs on these goes both ways.
 *
 * @param length of a cross rail, m
 */
public record RailBridge(PostStock rail, double length, Hangers hangers) implements Part {
    public static final Params<RailBridge> PARAMS = Params.of(RailBridge.class)
            .choice("rail", "Cross rails", PostStock.RAILS)
            .varied().length("length", "Length of the cross rails", 0.4, 4).varied(0.1)
            .group("hangers", "Hangers", Hangers.PARAMS).done();

    private static final double END = 0.05;

    public RailBridge {
        PARAMS.check(rail, length, hangers);
    }

    @Override
    public Params<RailBridge> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port port = on.getFirst();
        Port.Track main = Hangers.rails(port, "Cross rails");
        Require.that(length > main.gauge() + 2 * END, "Length of the cross rails", length,
                Quantity.LENGTH, "more than the rails are apart");
        Body bridge = hangers.running(out, port, "bridge", "Cross rails along the rails");
        double side = rail.section().depth();
        double low = main.section().depth() / 2 + Hangers.DROP + side / 2;
        out.station("", "Cross rails " + out.bare(length), bridge, new Vec3(0, 0, low), port.station());
        Piece front = cross(out, bridge, hangers.base() / 2, low);
        Piece rear = cross(out, bridge, -hangers.base() / 2, low);
        hangers.hang(out, port, bridge, low, List.of(front), List.of(rear));
        out.offer("rails", new Port.Track(List.of(rear, front), END, length - END, hangers.base()), bridge,
                Placement.along(new Vec3(0, -length / 2, low), Vec3.Y, Vec3.UP), null);
        out.measure("length", bridge, new Vec3(0, -length / 2, low), bridge, new Vec3(0, length / 2, low));
        out.measure("hangers.base", bridge, new Vec3(-hangers.base() / 2, 0, low), bridge,
                new Vec3(hangers.base() / 2, 0, low));
        for (Piece bar : List.of(front, rear)) {
            Fitting stop = new Fitting("End stop for a box rail", OverheadRails.STOP, 1.2);
            out.fit(bar, 0, 1, stop, "ends of the cross rails");
            out.fit(bar, length, 1, stop, "ends of the cross rails");
        }
        out.work("bridge", "Run the hangers into the rails, bolt the cross rails under them, square, lock nuts on.",
                List.of("rails"), "", "Two people: one holds, one bolts.");
    }

    private Piece cross(Builder out, Body bridge, double x, double low) {
        return out.add(bridge, Piece.cut("Cross rail", new Solid.Bar(rail.section(), length), rail.material())
                .from(new Supply.Cut(rail.pricePerMetre(), "a hole for each hanger's bolt"))
                .at(Placement.along(new Vec3(x, -length / 2, low), Vec3.Y, Vec3.DOWN)));
    }
}
