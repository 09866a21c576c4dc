package firmperch.alien;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Contact;
import firmperch.body.Fastening;
import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Hole;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Station;
import firmperch.body.Supply;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Kind;
import firmperch.part.Mounted;
import firmperch.part.Part;
import firmperch.part.PartLibrary;
import firmperch.part.PartType;
import firmperch.part.Parts;
import firmperch.part.Perch;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.Fitting;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Map;

/**
 * A kind that no line of the program knows: a heavy round plate on three glides with a wooden column, and a beam that slides up
 * and down the column in a clamp and turns about it. It slides and stands on feet, which the shipped kind does not.
 */
public final class AlienParts implements PartLibrary {
    @Override
    public List<PartType<?>> parts() {
        return List.of(new PartType<>("alien-column", "Column on a plate", Column.PARAMS),
                new PartType<>("alien-beam", "Beam in a clamp", Beam.PARAMS),
                new PartType<>("alien-hanger", "Arm on a hanging post", Hanger.PARAMS),
                new PartType<>("alien-pole", "Pole of three tubes in a fork", PoleBoom.PARAMS));
    }

    @Override
    public List<Kind> kinds() {
        return List.of(new Kind("alien", "Column with a sliding beam", AlienParts::start,
                Map.of("beam.slide", 0.5, "beam.turn", 0.3)),
                new Kind("alien-hanger", "Hanging post", AlienParts::hanging,
                        Map.of("hanger.drop", 0.5, "hanger.turn", 0.2)),
                new Kind("alien-pole", "Telescoping pole boom in a fork", AlienParts::pole,
                        Map.of("pole.tilt", 0.1, "pole.out-1", 0.2, "pole.out-2", 0.1)));
    }

    private static Perch pole() {
        return new Perch(List.of(new Mounted("column", new Column(0.9, 0.06, 1.2), List.of(Perch.FLOOR)),
                new Mounted("pole", new PoleBoom(0.6, 0.25, new PoleBoom.Collars(0.15, 0.0002,
                        Closure.ALL.get("lever-90"), 9)), List.of("column.post")),
                new Mounted("head", head(), List.of("pole.end"))));
    }

    private static Perch hanging() {
        return new Perch(List.of(new Mounted("hanger", new Hanger(1.2, 3), List.of("place.ceiling")),
                new Mounted("head", head(), List.of("hanger.end"))));
    }

    private static Part head() {
        return Parts.kinds().stream().filter(k -> k.id().equals("cast-box-post")).findFirst().orElseThrow().start()
                .get().parts().getLast().part();
    }

    private static Perch start() {
        return new Perch(List.of(new Mounted("column", new Column(0.9, 0.06, 1.7), List.of(Perch.FLOOR)),
                new Mounted("beam", new Beam(0.5, Closure.ALL.get("knob-60"), 5, false), List.of("column.post")),
                new Mounted("head", head(), List.of("beam.end"))));
    }

    /** A round steel plate with glides under its rim and a column on its middle. Lengths in m. */
    public record Column(double diameter, double thickness, double height) implements Part {
        static final Params<Column> PARAMS = Params.of(Column.class).length("diameter", "Diameter of the plate", 0.3, 2)
                .varied(0.05).length("thickness", "Thickness of the plate", 0.005, 0.1).varied(0.005)
                .length("height", "Height of the column", 0.5, 3).varied(0.05).done();

        public Column {
            PARAMS.check(diameter, thickness, height);
        }

        @Override
        public Params<Column> params() {
            return PARAMS;
        }

        @Override
        public void build(Builder out, List<Port> on) {
            Surface surface = on.getFirst().standing("Column");
            Body body = out.body("base", null, on.getFirst().at(), new Motion.Fixed());
            Station station = out.station("", "Plate and column", body, new Vec3(0, 0, thickness));
            out.add(body, Piece.cut("Plate", new Solid.Sheet(Outline.of(Outline.circle(0, 0, diameter / 2)), thickness),
                    Material.ALL.get("steel-s235")).at(Placement.at(0, 0, thickness / 2 + 0.01)));
            for (int i = 0; i < 3; i++) {
                double angle = 2 * Math.PI * i / 3;
                out.contact(new Contact.Foot(out.spot("glide " + i, body,
                        new Vec3(diameter / 2 * Math.cos(angle), diameter / 2 * Math.sin(angle), 0), surface),
                        new Contact.Bearing(2e6, 200)));
            }
            Section section = new Section.Rectangle(0.08, 0.08);
            Placement up = Placement.along(new Vec3(0, 0, thickness + 0.01), Vec3.UP, Vec3.X.negated());
            Piece column = out.add(body,
                    Piece.cut("Column", new Solid.Bar(section, height), Material.ALL.get("oak-d30"))
                            .at(up));
            out.fasten("foot", "column on the plate", column, body, 0, 0,
                    new Fastening.Grip.Screws(8, 0.3, 0.012, 0.05, Material.ALL.get("oak-d30")));
            out.offer("post", new Port.Post(section, List.of(height), height, new Hold.Pin(0.01, 0.08,
                    Material.ALL.get("oak-d30"))), body, Placement.at(0, 0, thickness + 0.01), column);
            out.measure("height", body, up.origin(), body, up.point(new Vec3(height, 0, 0)));
            out.work("column", "Screw the column on the plate.", List.of(), "", "");
        }
    }

    /** A beam on a sleeve that slides on a column and turns about it. */
    public record Beam(double length, Closure closure, double torque, boolean capped) implements Part {
        static final Params<Beam> PARAMS = Params.of(Beam.class).length("length", "Length of the beam", 0.2, 2)
                .varied(0.05).choice("closure", "Closed by", Closure.ALL).varied()
                .bringing("torque", Closure.class, Closure::torque)
                .measure("torque", "Hand torque", Quantity.TORQUE, 0.1, 60)
                .either("capped", "End of the beam", "with a cap", "bare").orElse(false).done();

        private static final double SLEEVE = 0.2;

        public Beam {
            PARAMS.check(length, closure, torque, capped);
        }

        @Override
        public Params<Beam> params() {
            return PARAMS;
        }

        @Override
        public void build(Builder out, List<Port> on) {
            Port post = on.getFirst();
            Port.Post fit = post.fitting("Beam", Port.Post.class, "a post");
            Freedom slide = out.freedom("slide", "Height of the beam", Freedom.Kind.SLIDE, 0.3, fit.above() - SLEEVE);
            Freedom turn = out.freedom("turn", "Turn of the beam", Freedom.Kind.HINGE, -1, 1);
            Body sleeve = out.body("sleeve", post.body(), post.at(), new Motion.Slide(slide, Vec3.UP, 1));
            Body arm = out.body("arm", sleeve, Placement.at(0, 0, SLEEVE / 2), new Motion.Turn(turn, Vec3.UP));
            out.station("", "Beam", sleeve, new Vec3(0, 0, SLEEVE / 2), post.station());
            Bolt bolt = Bolt.ALL.get("m10");
            Hold clamp = new Hold.Friction(2, FacePair.ALL.get("wood-wood"), bolt.washer(), bolt.hole(), bolt, closure,
                    torque, Material.ALL.get("oak-d30"));
            out.joint("slide", "sleeve", new Joint.Side(post.body(), Vec3.ZERO, List.of(post.piece())),
                    Joint.Side.of(sleeve, new Vec3(0, 0, SLEEVE / 2)), slide, Vec3.UP, clamp,
                    new JointStiffness(Double.POSITIVE_INFINITY, new JointStiffness.Slack.Guide(0.0005, SLEEVE)));
            out.joint("turn", "turn", Joint.Side.of(sleeve, new Vec3(0, 0, SLEEVE / 2)), Joint.Side.of(arm, Vec3.ZERO),
                    turn, Vec3.UP, new Hold.Free(), new JointStiffness(2000, new JointStiffness.Slack.None()));
            Piece around = out.add(sleeve, Piece.cut("Sleeve", new Solid.Sheet(Outline.of(Outline.circle(0, 0, 0.07))
                    .less(Outline.rectangle(-0.0405, -0.0405, 0.0405, 0.0405).loop()), SLEEVE),
                    Material.ALL.get("birch-plywood")).at(Placement.at(0, 0, SLEEVE / 2)));
            out.nested(post.piece(), around);
            out.add(arm, Piece.cut("Beam", new Solid.Bar(new Section.Rectangle(0.06, 0.03), length, Solid.End.SQUARE,
                    Solid.End.ROUND), Material.ALL.get("spruce-c24")).at(Placement.at(0.08, 0, 0))
                    .drilled(List.of(new Hole(new Vec3(length - 0.03, -0.015, 0), Vec3.Y, 0.0105, "head"))));
            if (capped) {
                out.add(arm, Piece.ready("Cap", Solid.Bought.box(0.006, 0.06, 0.03, 0.02),
                        new Supply.Ready("Plastic cap", 0.5, "end of the beam"))
                        .at(Placement.at(length + 0.083, 0, 0)));
            }
            out.offer("end", new Port.Plate(0.03), arm, Placement.at(length + 0.05, 0, -0.03), null);
            out.fit(sleeve, Vec3.ZERO, 1, new Fitting("Bolt M10 with knob", 0.12, 3), "sleeve");
            out.work("cut", "Cut the beam and glue up the sleeve.", List.of(), "glue: overnight", "");
        }
    }
}
