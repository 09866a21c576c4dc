package firmperch.part.balance;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Fitting;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import firmperch.units.Require;
import java.util.List;

/**
 * A rope from what runs up and down over a pulley to a weight that runs in a tube behind it, as far down as the other goes up.
 *
 * @param weight kg
 * @param trim bags that can be put on it or taken off it, kg
 * @param tube inner diameter of the tube, m
 * @param rope working load of the rope, N
 * @param rate of the buffer in the tube's bottom, N/m
 * @param buffer how far it can be pressed in, m
 */
public record RopeWeight(double weight, double trim, double tube, double rope, double rate, double buffer)
        implements
            Part {
    public static final Params<RopeWeight> PARAMS = Params.of(RopeWeight.class)
            .mass("weight", "Weight on the rope", 0.2, 60)
            .varied(0.1).mass("trim", "Bags to trim with", 0, 10).varied(0.1)
            .length("tube", "Tube for the weight", 0.04, 0.2)
            .measure("rope", "Working load of the rope", Quantity.FORCE, 10, 20000).varied(50)
            .measure("rate", "Stiffness of the buffer", Quantity.STIFFNESS, 50, 1e6).varied(500)
            .length("buffer", "Buffer can be pressed in", 0.005, 0.4).varied(0.01).done();

    private static final double WALL = 0.003;
    private static final double PLAY = 0.004;
    private static final double LEAD = 11340;
    /** A bag to trim with, kg: so little that what half of one leaves stays by the friction of usual bearings. */
    private static final double BAG = 0.05;
    /** A metre of polyamide rope Ø 5, and a rubber buffer, kg: common practice, no source. */
    private static final double ROPE = 0.017;
    private static final double BUFFER = 0.15;

    public RopeWeight {
        PARAMS.check(weight, trim, tube, rope, rate, buffer);
    }

    @Override
    public Params<RopeWeight> params() {
        return PARAMS;
    }

    @Override
    public List<String> weights() {
        return List.of("weight", "trim");
    }

    @Override
    public void build(Builder out, List<Port> on) {
        if (on.size() != 2) {
            throw new InvalidValue("Weight on a rope", "on " + on.size() + " places",
                    "a pulley, and what the rope holds");
        }
        Port top = on.get(0);
        Port eye = on.get(1);
        double radius = top.fitting("Weight on a rope", Port.Pulley.class, "a pulley").radius();
        eye.fitting("Weight on a rope", Port.Eye.class, "an eye to hook it on");
        if (!(eye.body().motion() instanceof Motion.Slide slide)) {
            throw new InvalidValue("Weight on a rope", "on an eye that does not run up and down", "one on a carriage");
        }
        Freedom travel = slide.freedom();
        double d = tube - 2 * PLAY;
        double length = weight / (LEAD * Math.PI / 4 * d * d);
        double run = travel.to() - travel.from();
        // The pulley's port is its middle; strands hang down from its front and its back.
        Vec3 front = top.at().point(new Vec3(radius, 0, 0));
        Vec3 back = top.at().point(new Vec3(-radius, 0, 0));
        Vec3 over = eye.body().home().of(eye.at()).origin().minus(top.body().home().point(front));
        Require.that(over.radius() < 1e-6, "Weight on a rope", over.radius(), LENGTH,
                "an eye straight under the pulley's front, or its rope would not keep its length");
        double below = 0.05;
        // With the carriage at its lowest the weight hangs just under the pulley.
        Body hangs = out.body("weight", top.body(), Placement.at(back.minus(new Vec3(0, 0, below - travel.from()))),
                new Motion.Slide(travel, Vec3.UP, -1));
        out.back(eye.station());
        Piece load = out.add(hangs, Piece.ready("Weight", new Solid.Bought(Solid.Round.cylinder(d, 0, length), weight),
                new Supply.Ready("Lead or steel shot in a can Ø " + out.length(d) + ", "
                        + out.show(Quantity.MASS, weight), 3 * weight, "on the rope").weighing())
                .at(Placement.at(0, 0, -length)));
        double deep = below + run + length + buffer;
        out.back(top.station());
        double ring = Math.PI / 4 * ((tube + 2 * WALL) * (tube + 2 * WALL) - tube * tube) * deep * 1400;
        Piece guide = out.add(top.body(), Piece.ready("Tube for the weight", new Solid.Bought(
                Solid.Round.cylinder(tube + 2 * WALL, tube, deep), ring),
                new Supply.Ready("Plastic pipe, inside " + out.length(tube) + ", " + out.length(deep), 4 * deep,
                        "the weight runs in it"))
                .at(Placement.at(back.minus(new Vec3(0, 0, deep)))));
        out.nested(load, guide);
        out.joint("guide", "tube of the weight", Joint.Side.of(top.body(), back), Joint.Side.of(hangs, Vec3.ZERO),
                travel,
                Vec3.UP, new Hold.Free(), JointStiffness.RIGID);
        // Lined up with the front strand, so that the rope keeps its length.
        Vec3 hook = eye.at().origin();
        out.tie(new Tie.Rope(out.id("rope"), "rope", top.station(), List.of(new Tie.Hook(eye.body(), hook),
                new Tie.Hook(top.body(), front), new Tie.Hook(top.body(), back), new Tie.Hook(hangs, Vec3.ZERO)), rope,
                new Tie.Rope.Balance(trim, BAG, rate, buffer)));
        double metres = Math.ceil(run + 1.5);
        // The rope hangs on the pulley; its own weight is on both sides alike where it balances.
        out.fit(top.body(), top.at().origin(), (int) metres, new Fitting("Rope Ø 5, working load "
                + out.show(Quantity.FORCE, rope) + ", by the metre", ROPE, 1.2), "carriage to weight");
        out.fit(top.body(), back.minus(new Vec3(0, 0, deep)), 1,
                new Fitting("Rubber buffer, gives " + out.length(buffer), BUFFER, 4), "bottom of the weight's tube");
        out.keptBy(new Fitting("Bag of shot " + out.show(Quantity.MASS, BAG), BAG, 0.4), (int) Math.ceil(trim / BAG),
                "trim, on the weight");
        out.work("rope",
                "Lower the carriage onto a block, hang the weight, trim it with bags until the carriage stays where it "
                        + "is let go.",
                List.of("carriage", "beam"), "",
                "Lock the brake before anything comes off the camera: the weight pulls the carriage up at once. Keep your head "
                        + "from over it.");
    }
}
