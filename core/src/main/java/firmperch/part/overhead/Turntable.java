package firmperch.part.overhead;

import firmperch.body.Bending;
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
import firmperch.body.Stiffness;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.part.Brackets;
import firmperch.part.Part;
import firmperch.part.arm.PivotHoles;
import firmperch.stock.Bolt;
import firmperch.stock.Fitting;
import firmperch.stock.Material;
import firmperch.units.Gravity;
import firmperch.units.Quantity;
import firmperch.units.Require;
import java.util.ArrayList;
import java.util.List;

/** A turntable under a deck with a plate hanging from it, which has a pair of holes for an arm. Lengths in m. */
public record Turntable(Ring ring, double thickness, double drop, double spacing, Bolt bolt) implements Part {
    /**
     * The bearing.
     *
     * @param diameter of the ring that its balls run on, m
     * @param mass kg
     * @param rating what the whole ring may carry pressed together, kg
     * @param apart what the whole ring may carry pulled apart, kg
     * @param king breaking load of the king bolt that catches what hangs on it, N: 0 for none
     * @param pressed true if what hangs on it presses it together, false if it pulls it apart
     * @param play how far it can be lifted at its ring, m
     * @param brake what its brake holds, N·m; 0 for none
     */
    public record Ring(double diameter, double mass, double rating, double apart, double king, boolean pressed,
            double play, double brake)
            implements
                Described {
        public static final Params<Ring> PARAMS = Params.of(Ring.class)
                .length("diameter", "Ring of the turntable", 0.06, 1)
                .varied(0.02).mass("mass", "Mass of the turntable", 0.05, 20)
                .mass("rating", "Bears pressed together", 1, 2000).varied(20)
                .mass("apart", "Bears pulled apart", 0, 2000).varied(10)
                .help("With captive balls or a king bolt through its middle; 0 for loose rings.")
                .measure("king", "King bolt as a second catch breaks at", Quantity.FORCE, 0, 100000).varied(2000)
                .help("A bolt through its middle with a washer above the deck; 0 for none.")
                .either("pressed", "What hangs on it", "presses it together", "pulls it apart").varied()
                .help("A ring that lies on top of its deck is pressed together, one screwed under it is pulled apart.")
                .length("play", "Play of the turntable at its ring", 0, 0.003).judged().orElse(0.0002).varied(0.0001)
                .help("It counts where what hangs aside lifts a part of the ring: it tilts by it.")
                .measure("brake", "Brake of the turntable holds", Quantity.TORQUE, 0, 200).judged().orElse(0.0)
                .varied(1)
                .help("A knob that presses a pad on the board; 0 for none: then it turns where lean and cable take it.")
                .done();

        public Ring {
            PARAMS.check(diameter, mass, rating, apart, king, pressed, play, brake);
        }

        @Override
        public Params<Ring> params() {
            return PARAMS;
        }
    }

    public static final Params<Turntable> PARAMS = Params.of(Turntable.class).group("ring", "Turntable", Ring.PARAMS)
            .length("thickness", "Thickness of the hanging plate", 0.005, 0.1).varied(0.003)
            .length("drop", "Deck to the pair of holes", 0.05, 0.6)
            .length("spacing", "Spacing of the pair of holes", 0.03, 0.5)
            .choice("bolt", "Holes for", Bolt.ALL).done();

    private static final int BALLS = 8;
    private static final double HEIGHT = 0.014;
    private static final double BOARD = 0.018;
    private static final double MARGIN = 0.035;
    /** A king bolt of 80 mm with nut and washers by its breaking load, kg/N: steel of 400 N/mm², half as much again for the rest. */
    private static final double KING = 1.5 * 7.85e3 * 0.08 / 400e6;

    public Turntable {
        PARAMS.check(ring, thickness, drop, spacing, bolt);
        Require.that(drop > spacing / 2 + MARGIN + HEIGHT + BOARD, "Deck to the pair of holes", drop,
                Quantity.LENGTH, "so much that both holes lie under the turntable");
    }

    @Override
    public Params<Turntable> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port deck = on.getFirst();
        deck.fitting("Turntable", Port.Deck.class, "a deck to hang it under");
        Freedom turn = out.swing("turn", "Turn of the turntable", Math.PI);
        // Upright, as a camera is, under a deck that looks down.
        Placement upright = new Placement(Vec3.ZERO, Vec3.X, Vec3.Y.negated(), Vec3.DOWN);
        Body body = out.body("turn", deck.body(), deck.at().of(upright), new Motion.Turn(turn, Vec3.UP));
        out.station("", "Turntable " + out.bare(ring.diameter()) + (ring.pressed() ? ", pressed" : ", pulled"), body,
                Vec3.ZERO, deck.station());
        out.joint("turn", "turntable", Joint.Side.of(deck.body(), deck.at().origin()), Joint.Side.of(body, Vec3.ZERO),
                turn,
                deck.at().direction(Vec3.DOWN), new Hold.Bearings(balls(), caught()),
                new JointStiffness(Double.POSITIVE_INFINITY, ring.play() > 0
                        ? new JointStiffness.Slack.Lift(ring.play(), ring.diameter())
                        : new JointStiffness.Slack.None()));
        if (ring.brake() > 0) {
            out.joint("brake", "brake of the turntable", Joint.Side.of(deck.body(), deck.at().origin()),
                    Joint.Side.of(body, Vec3.ZERO), turn, deck.at().direction(Vec3.DOWN),
                    new Hold.Brake(ring.brake()), JointStiffness.RIGID);
            out.fit(body, new Vec3(-ring.diameter() / 2, 0, -HEIGHT), 1,
                    new Fitting("Knob M6 × 40 mm with pad", 0.05, 3), "brake of the turntable");
        }
        double outer = ring.diameter() + 0.02;
        Piece bearing = out.add(body, Piece.ready("Turntable", new Solid.Bought(
                Solid.Round.cylinder(outer, Math.max(0.02, ring.diameter() - 0.04), HEIGHT), ring.mass()),
                new Supply.Ready("Turntable Ø " + out.length(ring.diameter()) + ", rated "
                        + out.show(Quantity.MASS, ring.rating()), 14 + 0.02 * ring.rating() + 0.03 * ring.apart(),
                        "under the trolley"))
                .at(Placement.at(0, 0, -HEIGHT)));
        out.nested(bearing, deck.piece());
        Piece board = out.add(body, Piece
                .cut("Turntable board", new Solid.Sheet(Outline.of(Outline.circle(0, 0, outer / 2)), BOARD), material())
                .at(Placement.at(0, 0, -HEIGHT - BOARD / 2)));
        out.bends(board, true);
        out.grips(deck.body(), deck.at().origin(), ring.diameter() / 2, ring.diameter() / 2, Bending.How.RING);
        out.grips(body, Vec3.ZERO, ring.diameter() / 2, ring.diameter() / 2, Bending.How.RING);
        hangingPlate(out, body);
        out.fit(body, Vec3.ZERO, ring.king() > 0 ? 1 : 0, new Fitting(
                "King bolt with thrust washers and lock nut, breaks at " + out.show(Quantity.FORCE, ring.king()),
                KING * ring.king(), 4), "through the turntable's middle, a second catch");
        out.work("plate", "Drill the hanging plate with the arm's own plates; bolt it under the turntable's board.",
                List.of("cut"), "", "");
        out.work("turntable", "Bolt the turntable to its deck so that the load presses it together.",
                List.of("plate", "trolley"), "", "Pulled apart, a plain turntable lets go without a sign.");
    }

    /** Bolted under the board by brackets, and bending in its own plane under what the arm turns it with. */
    private void hangingPlate(Builder out, Body body) {
        double top = -HEIGHT - BOARD;
        double low = -drop - spacing / 2 - MARGIN;
        double middle = (top + low) / 2;
        Body hangs = out.body("hang", body, Placement.at(0, 0, top), new Motion.Fixed());
        double bends = material().young() * thickness * Math.pow(2 * MARGIN, 3) / 12 / (drop + top);
        // Not at the ring's own place, though under it: the board bends between the two.
        out.joint("brackets", "brackets", Joint.Side.of(body, new Vec3(0, 0, top)), Joint.Side.of(hangs, Vec3.ZERO),
                null,
                Vec3.Y, new Hold.Fixed(), JointStiffness.turning(Stiffness.exactly(bends, "hanging plate")));
        Piece plate = out.add(hangs, Piece
                .cut("Hanging plate", new Solid.Sheet(Outline.rectangle(-MARGIN, low - middle, MARGIN,
                        top - middle), thickness), material())
                .at(Placement.onEdge(new Vec3(0, 0, middle - top)))
                .drilled(PivotHoles.pair(new Outline.Point(0, -drop - middle), 0, spacing, thickness, bolt.label(),
                        bolt.hole())));
        out.offer("pair", new Port.Pair(spacing, thickness), hangs, Placement.at(0, 0, -drop - top), plate);
        out.measure("drop", body, Vec3.ZERO, hangs, new Vec3(0, 0, -drop - top));
        out.fit(hangs, Vec3.ZERO, 2, Brackets.of(out.length(Brackets.LEG), 4),
                "hanging plate to the turntable's board");
    }

    /** A hand's breadth of bolt and the deck under its washer give half a millimetre before it breaks: our own judgement. */
    private Hold.Catch caught() {
        return ring.king() == 0 ? null : new Hold.Catch(ring.king(), 0.001, ring.king() / 0.0005);
    }

    private List<Hold.Roller> balls() {
        List<Hold.Roller> balls = new ArrayList<>();
        for (int i = 0; i < BALLS; i++) {
            double angle = 2 * Math.PI * i / BALLS;
            balls.add(new Hold.Roller(new Vec3(Math.cos(angle), Math.sin(angle), 0).times(ring.diameter() / 2),
                    ring.pressed() ? Vec3.UP : Vec3.DOWN, ring.rating() * Gravity.STANDARD / BALLS,
                    ring.apart() * Gravity.STANDARD / BALLS));
        }
        return balls;
    }

    private static Material material() {
        return Material.ALL.get("birch-plywood");
    }
}
