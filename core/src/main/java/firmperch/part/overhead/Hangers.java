package firmperch.part.overhead;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Noun;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.Fitting;
import firmperch.units.Gravity;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/**
 * Four hangers with wheels inside two box rails, two in each.
 *
 * @param base between the hangers in one rail, m
 * @param rating what one may carry, kg
 * @param mass of one, kg
 * @param wire breaking load of the wire loop round each rail that catches them, N: 0 for none
 * @param play how far a wheel can lift in its rail, m
 * @param brake what its brake holds along the rails, N; 0 for none
 */
public record Hangers(double base, double rating, double mass, double wire, double play, double brake)
        implements
            Described {
    public static final Params<Hangers> PARAMS = Params.of(Hangers.class)
            .length("base", "Hanger to hanger along a rail", 0.08, 2)
            .varied(0.05).mass("rating", "Rating of a hanger", 1, 500).varied(5)
            .mass("mass", "Mass of a hanger", 0.02, 3)
            .measure("wire", "Wire loops as a second catch break at", Quantity.FORCE, 0, 50000).varied(1000)
            .help("A loop of steel wire round each rail; 0 for none.")
            .length("play", "Play of a wheel in its rail", 0, 0.005).judged().orElse(0.0005).varied(0.0001)
            .help("It counts where a hanger is pulled up instead of down: what hangs there tilts by it.")
            .measure("brake", "Brake along the rails holds", Quantity.FORCE, 0, 500).judged().orElse(0.0).varied(5)
            .help("A knob that presses a pad on a rail; 0 for none: then it rolls where slope and cable take it.")
            .done();

    /** Middle of a rail to what hangs on it, beyond the rail's own half, m. */
    static final double DROP = 0.03;
    private static final double HALF = 0.03;
    /** A loop of steel wire Ø 5 with its sleeve, kg: common practice, no source. */
    private static final double LOOP = 0.08;
    /** What hangs on a loop falls so far before it bears, m. */
    private static final double SLACK = 0.01;

    public Hangers {
        PARAMS.check(base, rating, mass, wire, play, brake);
    }

    @Override
    public Params<Hangers> params() {
        return PARAMS;
    }

    /** The rails that they run in. */
    static Port.Track rails(Port port, String who) {
        Port.Track track = port.fitting(who, Port.Track.class, "a pair of rails");
        if (track.bars().size() != 2 || track.gauge() == 0) {
            throw new InvalidValue(who, "on " + track.words(), "a pair of rails");
        }
        return track;
    }

    /** What runs in rails: its axes are the rails' own, origin between them at the middle of its travel. */
    Body running(Builder out, Port port, String name, String label) {
        Port.Track track = rails(port, label);
        double half = (track.to() - track.from() - base) / 2 - HALF;
        Require.that(half > 0.02, "Hanger to hanger along a rail", base, Quantity.LENGTH,
                "so little that it can run, less than "
                        + Quantity.LENGTH.show(track.to() - track.from() - 2 * HALF, UnitSystem.METRIC));
        Freedom run = out.freedom("run", label, Freedom.Kind.SLIDE, -half, half);
        return out.body(name, port.body(),
                port.at().of(Placement.at((track.from() + track.to()) / 2, 0, 0)),
                new Motion.Slide(run, Vec3.X, 1));
    }

    /** Hangs it on four hangers, each on a bar of its own or on its stiff part. */
    void hang(Builder out, Port port, Body running, double low, List<Piece> front, List<Piece> rear) {
        Port.Track track = rails(port, "Hangers");
        Freedom run = running.motion().freedom();
        double middle = (track.from() + track.to()) / 2;
        Vec3 along = port.at().direction(Vec3.X);
        List<Hold.Roller> rollers = new ArrayList<>();
        for (int end = 1; end >= -1; end -= 2) {
            for (int aside = 1; aside >= -1; aside -= 2) {
                rollers.add(new Hold.Roller(new Vec3(end * base / 2, aside * track.gauge() / 2, 0),
                        Vec3.DOWN, rating * Gravity.STANDARD, rating * Gravity.STANDARD));
            }
        }
        Fitting loop = new Fitting("Steel wire loop with a swaged sleeve, breaks at " + out.show(Quantity.FORCE, wire),
                LOOP, 1.5 + wire / 2000);
        String use = "round the rails, a second catch";
        Fitting knob = new Fitting("Knob M6 × 40 mm with pad", 0.05, 3);
        int knobs = brake > 0 ? 1 : 0;
        if (front.isEmpty()) {
            out.fit(running, new Vec3(0, 0, low), wire > 0 ? 2 : 0, loop, use);
            out.fit(running, new Vec3(0, 0, low), knobs, knob, "brake on the rail");
        } else {
            out.fit(front.getFirst(), ((Solid.Bar) front.getFirst().solid()).length() / 2, knobs, knob,
                    "brake on the rail");
            for (Piece carried : List.of(front.getFirst(), rear.getFirst())) {
                out.fit(carried, ((Solid.Bar) carried.solid()).length() / 2, wire > 0 ? 1 : 0, loop, use);
            }
        }
        for (int i = 0; i < rollers.size(); i++) {
            Vec3 at = rollers.get(i).at();
            String name = "hanger-" + (i + 1);
            Joint.Side rail = new Joint.Side(port.body(), port.at().point(at.plus(new Vec3(middle, 0, 0))),
                    List.of(track.bars().get(at.y() > 0 ? 0 : 1)));
            List<Piece> bar = at.x() > 0 ? front : rear;
            Hold wheels = i == 0 ? new Hold.Bearings(rollers, caught()) : new Hold.Free();
            Vec3 under = at.plus(new Vec3(0, 0, low));
            // It ends on top of the bar that it carries: what runs in that passes under it.
            double length = bar.isEmpty() ? low : low - ((Solid.Bar) bar.getFirst().solid()).section().depth() / 2;
            Piece hanger = Piece.ready("Hanger", Solid.Bought.box(0.045, 0.012, length, mass),
                    new Supply.Ready("Hanger with wheels, M8, rated " + out.show(Quantity.MASS, rating), 6,
                            "in the rails"))
                    .at(Placement.at(at.plus(new Vec3(0, 0, length / 2))));
            Body own = out.body(name, running, Placement.HERE, new Motion.Fixed());
            out.joint(name, label(i), rail, Joint.Side.of(own, at), run, along,
                    i == 0 ? Hold.Brake.of(brake) : new Hold.Free(), JointStiffness.RIGID);
            // A bar that bends takes each hanger with it; under a plate its wheels pitch in the rail and clamp nothing.
            // The first stands for all four: their play is counted once.
            JointStiffness.Slack lifts = i == 0 && play > 0
                    ? new JointStiffness.Slack.Lift(play, Math.min(base, track.gauge()))
                    : new JointStiffness.Slack.None();
            out.joint(name + "-bolt", label(i), Joint.Side.of(own, under), new Joint.Side(running, under, bar), null,
                    Vec3.Y, wheels,
                    new JointStiffness(bar.isEmpty() ? 0 : Double.POSITIVE_INFINITY, lifts));
            out.nested(List.of(out.add(own, hanger)), track.bars());
        }
    }

    /** Two loops share; steel wire of half a metre gives a hundredth and a half before it breaks: common practice, no source. */
    private Hold.Catch caught() {
        return wire == 0 ? null : new Hold.Catch(2 * wire, SLACK, 2 * wire / (0.015 * 0.5));
    }

    private static Noun label(int i) {
        return i == 0 ? Noun.many("hangers") : Noun.one("hanger " + (i + 1));
    }
}
