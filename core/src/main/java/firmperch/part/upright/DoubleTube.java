package firmperch.part.upright;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Hold;
import firmperch.body.Hole;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Stiffness;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.Fitting;
import firmperch.stock.HexBolt;
import firmperch.stock.Material;
import firmperch.stock.PostStock;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;

/**
 * Two square tubes joined corner to corner through spacers. How far they bear together lies between two tubes by themselves and
 * one of both (Steiner), by how little the spacers give.
 *
 * @param gap between the corners, m
 * @param spacers how many
 * @param connector how stiffly one end of a spacer keeps its tube square to it, N·m/rad
 */
public record DoubleTube(PostStock tube, double gap, int spacers, double connector) implements Described {
    public static final Params<DoubleTube> PARAMS = Params.of(DoubleTube.class)
            .choice("tube", "Tubes", PostStock.SQUARES)
            .varied()
            .length("gap", "Gap between the tubes", 0, 0.05).whole("spacers", "Spacers", 2, 12).varied()
            .measure("connector", "Stiffness of a spacer", Quantity.ROTATIONAL_STIFFNESS, 10, 1e7).judged().done();

    private static final double END = 0.03;
    /** A plastic cap, kg: common practice, no source. */
    private static final double CAP = 0.008;
    /** What a bolt needs beside the spacer: two walls, a washer and its nut, m. */
    private static final double BOLT = 0.022;
    /** For M6. */
    private static final double HOLE = 0.0064;
    private static final Vec3 ACROSS = new Vec3(0, Math.sqrt(0.5), -Math.sqrt(0.5));

    public DoubleTube {
        PARAMS.check(tube, gap, spacers, connector);
    }

    @Override
    public Params<DoubleTube> params() {
        return PARAMS;
    }

    /** From the middle of both to a tube's own, along each side, m. */
    public double aside() {
        return (tube.section().depth() + gap / Math.sqrt(2)) / 2;
    }

    /** From the middle of both to the outer face, m. */
    public double reach() {
        return aside() + tube.section().depth() / 2;
    }

    /**
     * Adds both to a body.
     *
     * @param name of a tube on lists
     * @param line along their middle, x along it
     * @param use what they make, as in "spacers of the mast"
     */
    public List<Piece> tubes(Builder out, Body body, String name, Placement line, double length,
            String use) {
        List<Piece> bars = new ArrayList<>();
        for (int side = 1; side >= -1; side -= 2) {
            bars.add(out.add(body, Piece.cut(name, new Solid.Bar(tube.section(), length), tube.material())
                    .from(new Supply.Cut(tube.pricePerMetre(),
                            "2 × Ø " + out.length(HOLE) + " through the inner corner at each of " + spacers
                                    + " spacers, the first " + out.length(END) + " from an end, then every "
                                    + out.length((length - 2 * END) / (spacers - 1))
                                    + "; drill both tubes clamped together; caps "
                                    + "in both ends"))
                    .at(line.of(Placement.at(0, side * aside(), side * aside())))));
        }
        for (int i = 0; i < spacers; i++) {
            spacer(out, line, END + (length - 2 * END) * i / (spacers - 1), i + 1, bars, use);
        }
        return bars;
    }

    /** A plate between the tubes on two bolts; each tube turns a little against it. */
    private void spacer(Builder out, Placement line, double at, int number, List<Piece> bars, String use) {
        Vec3 offset = new Vec3(0, aside(), aside());
        String name = "spacer-" + number;
        Body body = bars.getFirst().body();
        Body spacer = out.body(name, body, line.of(Placement.at(at, 0, 0)), new Motion.Fixed());
        JointStiffness soft = JointStiffness.turning(Stiffness.judged(connector, "spacers"));
        for (int side = 0; side < 2; side++) {
            Vec3 there = offset.times(side == 0 ? 1 : -1);
            String ear = name + (side == 0 ? "-first" : "-second");
            Body bolt = out.body(ear, body, line.of(Placement.at(new Vec3(at, 0, 0).plus(there))), new Motion.Fixed());
            out.clamped(ear, "spacer " + number, bars.get(side), at, bolt);
            out.joint(ear + "-give", "spacer " + number, Joint.Side.of(bolt, Vec3.ZERO), Joint.Side.of(spacer, there),
                    null, ACROSS, new Hold.Fixed(), soft);
        }
        double wide = tube.section().depth();
        out.add(spacer, Piece.cut("Spacer", new Solid.Sheet(Outline.rectangle(-wide / 2, -wide / 2, wide / 2, wide / 2),
                thickness()), Material.ALL.get("aluminium-6060-t66"))
                .drilled(List.of(bolt(-wide / 4), bolt(wide / 4)))
                .at(Placement.along(Vec3.ZERO, Vec3.X, offset)));
        double length = Math.ceil((thickness() + BOLT) * 200) / 200;
        out.fit(spacer, Vec3.ZERO, 2, new Fitting("Bolt M6 × " + out.length(length) + " with lock nut",
                HexBolt.ALL.get("m6").set(length, 0), 0.5), "spacers of the " + use);
    }

    /** Of a spacer, m: no less than holds a bolt. */
    private double thickness() {
        return Math.max(0.004, gap);
    }

    private Hole bolt(double at) {
        return new Hole(new Vec3(at, 0, -thickness() / 2), Vec3.UP, HOLE, "bolts of the tubes",
                "with the tubes");
    }

    /** What else is bought and done for it. */
    public void making(Builder out, List<Piece> bars, String use) {
        for (Piece bar : bars) {
            Fitting cap = new Fitting("Cap for " + tube.label(), CAP, 0.4);
            out.fit(bar, 0, 1, cap, "ends of the " + use);
            out.fit(bar, ((Solid.Bar) bar.solid()).length(), 1, cap, "ends of the " + use);
        }
        out.work("cut", "Cut tubes, plates and board square; deburr. Drill what is bolted together clamped together.",
                List.of(),
                "", "Saw and drill: eye and ear protection, work clamped down; metal chips are sharp and hot.");
    }
}
