package firmperch.alien;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Contact;
import firmperch.body.Fastening;
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
import firmperch.body.Surface;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.Fitting;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.units.InvalidValue;
import java.util.List;

/**
 * A post that hangs from a plate on the ceiling; on it an arm slides up and down and turns, a rope over two pulleys leads to a
 * weight that balances it, a spring helps, and a cord would catch it. Length m, weight kg.
 */
public record Hanger(double length, double weight) implements Part {
    static final Params<Hanger> PARAMS = Params.of(Hanger.class).length("length", "Length of the hanging post", 0.5, 3)
            .varied(0.05).mass("weight", "Balance weight", 0.1, 40).varied(0.5).done();

    private static final double PLATE = 0.02;
    private static final double SLEEVE = 0.12;
    private static final double OUT = 0.12;
    private static final double ARM = 0.5;

    public Hanger {
        PARAMS.check(length, weight);
    }

    @Override
    public Params<Hanger> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Surface surface = on.getFirst().fitting("Hanger", Port.Ground.class, "a ceiling").surface();
        if (surface != Surface.CEILING) {
            throw new InvalidValue("Hanger", "on " + surface.words(), "a ceiling to hang it from");
        }
        // Its axes point down, as the ceiling's do.
        Body base = out.body("plate", null, on.getFirst().at(), new Motion.Fixed());
        out.station("", "Plate and post", base, Vec3.ZERO);
        out.add(base, Piece.cut("Plate", new Solid.Sheet(Outline.rectangle(-0.15, -0.15, 0.15, 0.15), PLATE),
                Material.ALL.get("steel-s235")).at(Placement.at(0, 0, PLATE / 2)));
        for (int i = 0; i < 4; i++) {
            Vec3 corner = new Vec3(i < 2 ? 0.12 : -0.12, i % 2 == 0 ? 0.12 : -0.12, 0);
            out.contact(new Contact.Anchor(out.spot("screw " + i, base, corner, surface),
                    new Contact.Bearing(5e6, 60)));
        }
        Section section = new Section.Rectangle(0.06, 0.06);
        Piece post = out.add(base, Piece.cut("Post", new Solid.Bar(section, length), Material.ALL.get("oak-d30"))
                .at(Placement.along(new Vec3(0, 0, PLATE), Vec3.UP, Vec3.X.negated())));
        out.fasten("foot", "post on the plate", post, base, 0, 0,
                new Fastening.Grip.Screws(8, 0.2, 0.012, 0.05, Material.ALL.get("oak-d30")));
        out.measure("length", base, new Vec3(0, 0, PLATE), base, new Vec3(0, 0, PLATE + length));

        Freedom drop = out.freedom("drop", "Drop of the arm", Freedom.Kind.SLIDE, 0.2, length - SLEEVE);
        Freedom turn = out.freedom("turn", "Turn of the arm", Freedom.Kind.HINGE, -1, 1);
        Body sleeve = out.body("sleeve", base, Placement.HERE, new Motion.Slide(drop, Vec3.UP, 1));
        Body bag = out.body("balance", base, Placement.at(-OUT, 0, length), new Motion.Slide(drop, Vec3.UP, -1));
        out.add(bag, Piece.ready("Balance weight", Solid.Bought.box(0.08, 0.08, 0.1, weight),
                new Supply.Ready("Bag of shot", 2, "rope")).at(Placement.at(0, 0, 0.05)));
        guided(out, base, sleeve, bag, post, drop);
        ties(out, base, sleeve, bag);

        Body arm = out.body("arm", sleeve, new Placement(new Vec3(0, 0, SLEEVE / 2), Vec3.X,
                Vec3.Y.negated(), Vec3.DOWN), new Motion.Turn(turn, Vec3.UP));
        out.station("arm", "Arm", sleeve, new Vec3(0, 0, SLEEVE / 2), out.station());
        Piece around = out.add(sleeve, Piece.cut("Sleeve", new Solid.Sheet(Outline.of(Outline.circle(0, 0, 0.06))
                .less(Outline.rectangle(-0.0305, -0.0305, 0.0305, 0.0305).loop()), SLEEVE),
                Material.ALL.get("birch-plywood")).at(Placement.at(0, 0, SLEEVE / 2)));
        out.nested(post, around);
        out.joint("turn", "turn", Joint.Side.of(sleeve, new Vec3(0, 0, SLEEVE / 2)), Joint.Side.of(arm, Vec3.ZERO),
                turn, Vec3.UP, new Hold.Free(), new JointStiffness(2000, new JointStiffness.Slack.None()));
        out.add(arm, Piece.cut("Arm", new Solid.Bar(new Section.Rectangle(0.06, 0.03), ARM),
                Material.ALL.get("spruce-c24")).at(Placement.at(0.07, 0, 0)));
        out.offer("end", new Port.Plate(0.03), arm, Placement.at(ARM + 0.12, 0, -0.03), null);
        out.fit(base, Vec3.ZERO, 4, new Fitting("Lag screw 10 × " + out.length(0.08), 0.05, 0.9), "plate to joist");
        out.work("hang", "Screw the plate under a joist.", List.of(), "", "Have it looked at: it hangs over heads.");
    }

    private static void guided(Builder out, Body base, Body sleeve, Body bag, Piece post, Freedom drop) {
        Bolt bolt = Bolt.ALL.get("m10");
        out.joint("drop", "sleeve", new Joint.Side(base, Vec3.ZERO, List.of(post)),
                Joint.Side.of(sleeve, new Vec3(0, 0, SLEEVE / 2)), drop, Vec3.UP,
                new Hold.Friction(2, FacePair.ALL.get("wood-wood"), bolt.washer(), bolt.hole(), bolt,
                        Closure.ALL.get("knob-60"), 5, Material.ALL.get("oak-d30")),
                new JointStiffness(Double.POSITIVE_INFINITY, new JointStiffness.Slack.Guide(0.0005, SLEEVE)));
        out.joint("guide", "guide of the weight", Joint.Side.of(base, Vec3.ZERO), Joint.Side.of(bag, Vec3.ZERO), drop,
                Vec3.UP, new Hold.Free(), JointStiffness.RIGID);
    }

    private void ties(Builder out, Body base, Body sleeve, Body bag) {
        out.tie(new Tie.Rope(out.id("rope"), "rope", out.station(),
                List.of(new Tie.Hook(sleeve, new Vec3(-0.05, 0, 0)), new Tie.Hook(base, new Vec3(-0.05, 0, PLATE)),
                        new Tie.Hook(base, new Vec3(-OUT, 0, PLATE)), new Tie.Hook(bag, Vec3.ZERO)),
                500));
        out.tie(new Tie.Cord(out.id("cord"), "safety cord", out.station(),
                List.of(new Tie.Hook(base, new Vec3(0, 0.05, PLATE)), new Tie.Hook(sleeve, new Vec3(0, 0.05, 0))),
                length));
    }
}
