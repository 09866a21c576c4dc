package firmperch.part.upright;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.FacePair;
import firmperch.stock.Fitting;
import firmperch.stock.Material;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.List;

/**
 * A block with a bore, dropped over a post so that it rests on a pin and swings about the post. Lengths in m.
 *
 * @param height along the post
 * @param width square in plan
 * @param clearance bore less post, over the diameter
 * @param forward post axis to an arm's inner pivots
 * @param brake what its swing brake holds, N·m; 0 for none
 * @param sweep how far it is ever swung to either side, rad: π for all the way round
 */
public record DropOnBlock(double height, double width, Material material, double clearance, double forward,
        double brake, double sweep)
        implements
            Part {
    public static final Params<DropOnBlock> PARAMS = Params.of(DropOnBlock.class)
            .length("height", "Height of the carriage", 0.04, 0.8).varied(0.02)
            .length("width", "Width of the carriage", 0.04, 0.4)
            .choice("material", "Carriage of", Material.SOLID).varied()
            .length("clearance", "Clearance on the post", 0, 0.02).varied(0.0002)
            .length("forward", "Post to inner pivots", 0.02, 0.5)
            .measure("brake", "Swing brake holds", Quantity.TORQUE, 0, 50).judged().orElse(0.0).varied(0.5)
            .help("A knob through the block that presses a pad on the post; 0 for none.")
            .angle("sweep", "Swung to either side, at most", 5, 180).orElse(Math.PI)
            .help("180° for all the way round.").done();

    /** The ring and cord of a pin, kg: common practice, no source. */
    private static final double RING = 0.015;

    public DropOnBlock {
        PARAMS.check(height, width, material, clearance, forward, brake, sweep);
        Require.that(forward <= width / 2 + 0.2, "Post to inner pivots", forward, LENGTH,
                "at most 200 mm past the block's face");
    }

    @Override
    public Params<DropOnBlock> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port post = on.getFirst();
        Port.Post fit = post.fitting("Drop-on block", Port.Post.class, "a post");
        Require.that(height < fit.above(), "Height of the carriage", height, LENGTH,
                "less than the post has above its lowest hole, " + LENGTH.show(fit.above(), UnitSystem.METRIC));
        double bore = fit.section().depth() + clearance;
        Require.that(width > bore + 0.012, "Width of the carriage", width, LENGTH,
                "more than its bore and 6 mm of wood each side");
        Freedom pin = out.freedom("pin", "Pin hole", Freedom.Kind.STEP, 0, fit.rests().size() - 1);
        Freedom swing = out.swing("swing", "Swing", sweep);
        Body rest = out.body("rest", post.body(), post.at(), new Motion.Step(pin, Vec3.UP, fit.rests()));
        Body block = out.body("block", rest, Placement.HERE, new Motion.Turn(swing, Vec3.UP));
        Vec3 middle = new Vec3(0, 0, height / 2);
        out.station("", "Carriage on post", block, middle, post.station());
        out.joint("pin", "pin", new Joint.Side(post.body(), post.at().point(middle), List.of(post.piece())),
                Joint.Side.of(rest, middle), pin, Vec3.UP, new Hold.Rests(fit.pin()),
                new JointStiffness(Double.POSITIVE_INFINITY, new JointStiffness.Slack.Guide(clearance, height)));
        out.joint("swing", "swing about the post", Joint.Side.of(rest, middle), Joint.Side.of(block, middle), swing,
                Vec3.UP, new Hold.Rubs(FacePair.ALL.get("wood-washer"), fit.section().depth() / 2),
                JointStiffness.RIGID);
        if (brake > 0) {
            out.joint("brake", "swing brake", Joint.Side.of(rest, middle), Joint.Side.of(block, middle), swing, Vec3.UP,
                    new Hold.Brake(brake), JointStiffness.RIGID);
            out.fit(block, middle, 1, new Fitting("Knob M8 × 60 mm with threaded insert and pad", 0.09, 5),
                    "swing brake");
        }
        Outline plan = Outline.rectangle(-width / 2, -width / 2, width / 2, width / 2)
                .less(Outline.circle(0, 0, bore / 2));
        Piece carriage = out.around(block, Piece.cut("Carriage block", new Solid.Sheet(plan, height), material)
                .from(Supply.Cut.whole("glue up in layers around the inner plate, then bore Ø " + out.length(bore)
                        + " along the height and plane the sides"))
                .at(Placement.at(middle)), "face");
        out.nested(post.piece(), carriage);
        out.offer("face", new Port.Block(width, height, bore, forward), block, Placement.at(middle), post.piece());
        out.offer("back", new Port.Back(width, height, material, width), block,
                Placement.along(middle.minus(Vec3.X.times(width / 2)), Vec3.UP, Vec3.X.negated()), null);
        out.measure("height", block, Vec3.ZERO, block, new Vec3(0, 0, height));
        out.measure("forward", block, middle, block, middle.plus(new Vec3(forward, 0, 0)));
        double through = Math.ceil((width + 0.04) * 200) / 200;
        double d = fit.pin().diameter();
        out.fit(rest, Vec3.ZERO, 1,
                new Fitting("Pin Ø " + out.length(d) + " × " + out.length(through) + " with ring and cord",
                        Material.steel().density() * Math.PI / 4 * d * d * through + RING, 2.5),
                "carries the carriage");
        out.work("block", "Glue up the carriage around its plate, bore it, try it on the post.",
                List.of("cut", "post"), "glue: overnight", "");
        out.work("drop", "Drop the carriage on its pin.", List.of("block", "pour", "arm"), "", "");
    }
}
