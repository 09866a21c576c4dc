package firmperch.alien;

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
import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.Material;
import firmperch.stock.PostStock;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.List;

/**
 * A pole of three tubes that run in each other, tilting in a fork on top of a post, with a clamp collar on the mouth of each tube.
 * Lengths in m.
 *
 * @param section length of each tube
 * @param tail how far the first tube reaches back behind the fork
 */
public record PoleBoom(double section, double tail, Collars collars) implements Part {
    /**
     * What holds a tube in the next.
     *
     * @param overlap how far it stays in there at least, m
     * @param play over the diameter, m
     * @param torque what a hand gets onto a collar or onto the fork's bolt, N·m
     */
    public record Collars(double overlap, double play, Closure closure, double torque) implements Described {
        static final Params<Collars> PARAMS = Params.of(Collars.class)
                .length("overlap", "Tube stays in the next", 0.05, 0.5).varied(0.02)
                .length("play", "Play of a tube", 0, 0.003).varied(0.0001)
                .choice("closure", "Closed by", Closure.ALL).varied().bringing("torque", Closure.class, Closure::torque)
                .measure("torque", "Hand torque", Quantity.TORQUE, 0.1, 60).done();

        public Collars {
            PARAMS.check(overlap, play, closure, torque);
        }

        @Override
        public Params<Collars> params() {
            return PARAMS;
        }
    }

    static final Params<PoleBoom> PARAMS = Params.of(PoleBoom.class)
            .length("section", "Length of a section", 0.3, 2).varied(0.05)
            .length("tail", "Tail behind the fork", 0.05, 1)
            .varied(0.05).group("collars", "Collars", Collars.PARAMS).done();

    /** The tubes, each of which fits into the one before. */
    private static final List<String> TUBES = List.of("tube-40x2", "tube-35x2", "tube-30x2");
    private static final double AXLE = 0.10;
    private static final double NOSE = 0.06;
    private static final double COLLAR = 0.04;
    private static final Vec3 LIFTS = Vec3.Y.negated();

    public PoleBoom {
        PARAMS.check(section, tail, collars);
        Require.that(collars.overlap() + NOSE + 0.1 < section, "Tube stays in the next", collars.overlap(),
                Quantity.LENGTH, "so little that it comes out 100 mm of "
                        + Quantity.LENGTH.show(section, UnitSystem.METRIC));
    }

    @Override
    public Params<PoleBoom> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port post = on.getFirst();
        double top = post.fitting("Pole boom", Port.Post.class, "a post").above();
        Body fork = out.body("fork", post.body(), post.at().of(Placement.at(0, 0, top)), new Motion.Fixed());
        out.clamped("fork", "fork on its post", post.piece(), top, fork);
        out.station("", "Pole boom", fork, new Vec3(0, 0, AXLE), post.station());
        Piece jaws = out.add(fork, Piece.ready("Fork", Solid.Bought.box(0.05, 0.09, AXLE + 0.03, 0.9),
                new Supply.Ready("Fork for a pole", 12, "top of the post"))
                .at(Placement.at(0, 0, (AXLE + 0.03) / 2)));
        Freedom tilt = out.freedom("tilt", "Tilt of the pole", Freedom.Kind.HINGE, Math.toRadians(-20),
                Math.toRadians(40));
        Motion.Turn tipped = new Motion.Turn(tilt, LIFTS);
        Body first = out.body("first", fork, Placement.at(0, 0, AXLE), tipped);
        Piece pole = tube(out, first, 0, -tail);
        out.nested(pole, jaws);
        out.joint("tilt", "fork", Joint.Side.of(fork, new Vec3(0, 0, AXLE)),
                new Joint.Side(first, Vec3.ZERO, List.of(pole)), tilt, LIFTS, clamp(8),
                new JointStiffness(8000, new JointStiffness.Slack.None()));
        Body body = first;
        double mouth = section - tail;
        for (int i = 1; i < TUBES.size(); i++) {
            Body collar = collar(out, "collar-" + i, body, pole, mouth);
            Freedom run = out.freedom("out-" + i, "Section " + (i + 1) + " comes out", Freedom.Kind.SLIDE, 0,
                    section - NOSE - collars.overlap());
            body = out.body("section-" + (i + 1), collar, Placement.HERE, new Motion.Slide(run, Vec3.X, 1));
            Piece inner = tube(out, body, i, NOSE - section);
            out.nested(inner, pole);
            out.nested(List.of(inner), out.pieces(collar));
            out.joint("out-" + i, "collar " + i, Joint.Side.of(collar, Vec3.ZERO),
                    new Joint.Side(body, Vec3.ZERO, List.of(inner)), run, Vec3.X, clamp(2),
                    new JointStiffness(Double.POSITIVE_INFINITY,
                            new JointStiffness.Slack.Guide(collars.play(), collars.overlap())));
            pole = inner;
            mouth = NOSE;
        }
        Body end = out.body("end", body, Placement.at(mouth, 0, 0), new Motion.Fixed());
        out.clamped("end", "end of the pole", pole, section, end);
        Piece plate = out.add(end, Piece.ready("End plate", Solid.Bought.box(0.03, 0.05, 0.05, 0.15),
                new Supply.Ready("Tube clamp with a stud", 6, "end of the pole")).at(Placement.at(0.015, 0, 0)));
        out.offer("end", new Port.Plate(0.006, tipped), end, Placement.at(0.015, 0, -0.03), plate);
        out.measure("section", first, new Vec3(-tail, 0, 0), first, new Vec3(section - tail, 0, 0));
        out.work("pole", "Run the tubes into each other and close the collars.", List.of(), "",
                "Fingers: an open collar lets a tube run in at once.");
    }

    private Piece tube(Builder out, Body body, int number, double from) {
        PostStock stock = PostStock.TUBES.get(TUBES.get(number));
        return out.add(body,
                Piece.cut("Section " + (number + 1), new Solid.Bar(stock.section(), section), stock.material())
                        .from(new Supply.Cut(stock.pricePerMetre(), "deburr both ends")).at(Placement.at(from, 0, 0)));
    }

    private Body collar(Builder out, String name, Body on, Piece tube, double mouth) {
        Body collar = out.body(name, on, Placement.at(mouth, 0, 0), new Motion.Fixed());
        out.clamped(name + "-seat", "seat of the " + name.replace('-', ' '), tube, section, collar);
        out.add(collar, Piece.ready("Clamp collar", Solid.Bought.box(COLLAR, 0.05, 0.05, 0.12),
                new Supply.Ready("Clamp collar with " + collars.closure().label(), 5, "mouth of a tube"))
                .at(Placement.at(-COLLAR / 2, 0, 0)));
        return collar;
    }

    private Hold clamp(int faces) {
        Bolt bolt = Bolt.ALL.get("m10");
        return new Hold.Friction(faces, FacePair.ALL.get("wood-cork"), bolt.washer(), bolt.hole(), bolt,
                collars.closure(),
                collars.torque(), Material.ALL.get("oak-d30"));
    }
}
