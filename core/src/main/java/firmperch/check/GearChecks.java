package firmperch.check;

import firmperch.body.Body;
import firmperch.body.Hold;
import firmperch.body.Motion;
import firmperch.body.Vec3;
import firmperch.check.About.Scope;
import firmperch.part.Cable;
import firmperch.part.Gear;
import firmperch.part.GearFacts;
import firmperch.part.GearItem;
import firmperch.part.Mounting;
import firmperch.place.Bench;
import firmperch.place.Socket;
import firmperch.place.Spot;
import firmperch.place.Thing;
import firmperch.study.Situation;
import firmperch.study.Target;
import firmperch.units.Gravity;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * What hangs on the head: whether the screw fits and holds the camera from turning, doors open, the supply suffices, cables are long enough
 * everywhere, and what must be watched is seen.
 */
final class GearChecks {
    /** A loop at each joint that moves, m: our own judgement, so that no cable is pulled. */
    private static final double LOOP = 0.1;
    /** What is kept of a supply, as a factor: a quarter more than is drawn, common practice, no source. */
    private static final double HEADROOM = 1.25;
    /** So far off where one looks a small screen is still watched, rad: our own judgement. */
    private static final double WATCHED = Math.toRadians(60);
    /** Height of the eyes as a share of the body's (Drillis and Contini 1966, from memory). */
    private static final double EYES = 0.936;

    private GearChecks() {
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(thread(), screw(), turns(), door(), power(), cables(), watched());
    }

    private static FunctionCheck<Void> gear(About about, Predicate<Gear> asked, Function<Situation, Reading> answer) {
        return FunctionCheck.whole(about, study -> asked.test(study.project().gear()),
                study -> study.assembly().payload(), answer, Check.Certainty.SAMPLED);
    }

    private static About about(String id, Topic topic, String question, Quantity unit, Scope scope, String weakness,
            String formula, String source) {
        return new About(id, topic, question, unit, scope, false, weakness, formula, source);
    }

    private static FunctionCheck<Void> thread() {
        return gear(about("gear.thread", Topic.FALLS, "Does the screw fit the camera's thread?", Quantity.COUNT,
                Scope.NO_POSE, "the screw does not fit the camera", "1/4-20 UNC or 3/8-16 UNC, or a bush between them",
                "ISO 1222, from memory"), g -> g.mounting().told(), s -> {
                    Mounting m = s.project().gear().mounting();
                    String words = "a screw " + m.screw() + " and a thread " + m.camera()
                            + (m.bush() ? " with a bush" : "");
                    return new Reading(m.fits() ? 0 : 1, m.fits() ? 1 : 0, () -> words)
                            .saying(() -> words + " do not go together; a bush takes a 1/4 screw into a 3/8 thread");
                });
    }

    /** What lies between the screw's head and the camera, m. */
    private static double between(Gear gear) {
        return gear.items().stream().filter(i -> i.facts().held() == GearFacts.Held.BETWEEN)
                .mapToDouble(i -> i.size().high()).sum();
    }

    private static FunctionCheck<Void> screw() {
        return gear(about("gear.screw", Topic.BREAKS, "Does the screw go far enough into the camera, and not too far?",
                Quantity.LENGTH, Scope.NO_POSE, "the camera's screw is too long or too short",
                "off the middle of what the thread allows: length − plate − spacer − washers; 4.5 to 5.5 mm of the small one",
                "ISO 1222, from memory; of the large thread 6.5 to 8.5 mm: judgement"), g -> g.mounting().told(), s -> {
                    Mounting m = s.project().gear().mounting();
                    double stack = between(s.project().gear());
                    double in = m.length() - stack;
                    Mounting.Thread thread = m.screw();
                    // Half way between too short and too long nothing is asked of it.
                    double middle = (thread.least() + thread.most()) / 2;
                    return new Reading(Math.abs(in - middle), (thread.most() - thread.least()) / 2,
                            () -> s.length(m.length()) + " − " + s.length(stack) + " = " + s.length(in)
                                    + " in the camera")
                            .saying(() -> in > middle
                                    ? "the screw goes " + s.length(in) + " into the camera, and it has room for "
                                            + s.length(thread.most())
                                    : in > 0
                                            ? "only " + s.length(in) + " of the screw are in the camera, "
                                                    + s.length(thread.least()) + " hold it"
                                            : "the screw does not reach the camera");
                });
    }

    /** Friction of the face against what hangs beside the screw's axis. */
    private static FunctionCheck<Void> turns() {
        return gear(about("gear.turns", Topic.SLIPS, "Does the camera stay put about its screw?", Quantity.TORQUE,
                Scope.EVERY_POSE, "the camera turns about its screw",
                "T = a·Σ(r × m·g) ≤ μ·F·⅔(R³ − r³)/(R² − r²), F = T_hand / (K·d)",
                "ring face pressed evenly (Shigley, clutches, from memory), low end of its friction, K 0.25")
                .where("T torque of the gear, a axis of the screw, r from it to each mass m, μ friction, F force of the "
                        + "screw, R and r outer and inner radius that is pressed, K thread friction as a factor, d "
                        + "thickness of the screw"),
                g -> g.mounting().told(), s -> {
                    Mounting m = s.project().gear().mounting();
                    double turning = Math.abs(turning(s));
                    double force = m.torque() / (Hold.Friction.NUT_FACTOR_HIGH * m.screw().diameter());
                    double holds = m.seat().face().low() * force * m.radius();
                    double slip = s.policy().loads().slip();
                    return new Reading(slip * turning, holds, () -> String.format(Locale.ROOT,
                            "%.2f · %.0f N · %.1f mm = ", m.seat().face().low(), force, m.radius() * 1e3)
                            + String.format(Locale.ROOT, "%.2f N·m; the gear turns it with %.2f N·m", holds, turning))
                            .saying(() -> String.format(Locale.ROOT,
                                    "the gear turns the camera about its screw with %.2f N·m; its face holds %.2f N·m and must hold %.1f times as much",
                                    turning, holds, slip))
                            .with(slip);
                });
    }

    /**
     * Moment of all that the screw holds about its axis, N·m, and of the spare, which hangs where the weight of all of it sits. What a hand adds that adjusts a screen
     * is left out: 5 N at 0.15 m are 0.75 N·m, and the thumb that does it feels the camera turn.
     */
    private static double turning(Situation s) {
        Gear gear = s.project().gear();
        Body body = s.study().assembly().mount().body();
        Vec3 axis = switch (gear.mounting().axis()) {
            case UPRIGHT -> Vec3.UP;
            case AHEAD -> Vec3.X;
            case ASIDE -> Vec3.Y;
        };
        Vec3 down = s.posed().place(body).inward(Vec3.DOWN);
        double sum = 0;
        for (GearItem item : gear.items()) {
            boolean carried = item.facts().held() != GearFacts.Held.RIG
                    && item.facts().held() != GearFacts.Held.BETWEEN;
            sum += carried ? item.at().cross(down.times(item.counts() * Gravity.STANDARD)).dot(axis) : 0;
        }
        double mass = gear.mass();
        // The spare comes on as more of the same.
        return mass > 0 ? sum * (1 + gear.spare() / mass) : sum;
    }

    private static FunctionCheck<Void> door() {
        return gear(about("gear.door", Topic.HANDLING, "Does the battery's door open?", Quantity.LENGTH, Scope.NO_POSE,
                "the battery's door is blocked",
                "room under the camera beside what is narrower than the door is far from the screw",
                "geometry of what lies under the camera"), g -> g.mounting().told() && g.mounting().seat().door() > 0,
                s -> {
                    Mounting.Seat seat = s.project().gear().mounting().seat();
                    double room = s.project().gear().items().stream()
                            .filter(i -> i.facts().held() == GearFacts.Held.BETWEEN
                                    && Math.max(i.size().along(), i.size().across()) / 2 <= seat.door())
                            .mapToDouble(i -> i.size().high()).sum();
                    return new Reading(seat.swing(), room,
                            () -> s.length(room) + " are free beside what is narrower than "
                                    + s.length(2 * seat.door()))
                            .saying(() -> "the battery's door has " + s.length(room) + " to swing out and needs "
                                    + s.length(seat.swing()) + ": a narrow spacer frees it");
                });
    }

    private static FunctionCheck<Void> power() {
        return gear(about("gear.power", Topic.HANDLING, "Does the supply feed it all?", Quantity.POWER, Scope.NO_POSE,
                "the supply is too weak", "1.25 · ΣW ≤ what it gives",
                "sum of what is drawn; a quarter in reserve: common practice, no source")
                .where("W what each thing takes"),
                g -> g.supply().watts() > 0 && g.drawn() > 0, s -> {
                    Gear g = s.project().gear();
                    return new Reading(HEADROOM * g.drawn(), g.supply().watts(), g::drawnWords)
                            .saying(() -> String.format(Locale.ROOT, "%.0f W are drawn, the supply gives %.0f W",
                                    g.drawn(), g.supply().watts()));
                });
    }

    private static FunctionCheck<Cable> cables() {
        return new FunctionCheck<>(about("gear.cable", Topic.WAY, "Is the cable long enough everywhere (%s)?",
                Quantity.LENGTH, Scope.EVERY_POSE, "“%s” is too short",
                "camera along the joints to the foot, 100 mm more at each that moves, along walls and floor to the socket",
                "geometry; the loops: our own judgement"),
                study -> study.project().perch().none()
                        ? List.of()
                        : IntStream.range(0, study.project().gear().cables().size())
                                .mapToObj(i -> new Subject<>(Integer.toString(i),
                                        study.project().gear().cables().get(i).name(), study.assembly().payload(),
                                        study.project().gear().cables().get(i)))
                                .toList(),
                (cable, s) -> {
                    double along = along(s);
                    double on = cable.socket() ? toSocket(s) : 0;
                    double needed = along + on;
                    return new Reading(needed, cable.length(), () -> s.length(along) + " along the rig"
                            + (cable.socket() ? " + " + s.length(on) + " to the socket" : ""))
                            .saying(() -> "“" + cable.name() + "” is " + s.length(cable.length()) + " long and needs "
                                    + s.length(needed));
                }, Check.Certainty.SAMPLED).toldTogether();
    }

    /** From the mount along the joints to the lowest that moves, with a loop at each, and from there straight to the nearest of what it stands on or hangs by, m. */
    private static double along(Situation s) {
        double sum = 0;
        Vec3 at = s.posed().mount();
        for (Body body = s.study().assembly().mount().body(); body.stiffTo().parent() != null; body = body.parent()) {
            Vec3 next = s.posed().place(body).origin();
            sum += next.minus(at).length() + (body.motion() instanceof Motion.Fixed ? 0 : LOOP);
            at = next;
        }
        Vec3 lowest = at;
        return sum + s.study().assembly().contacts().stream()
                .mapToDouble(contact -> s.posed().at(contact).minus(lowest).length()).min().orElse(0);
    }

    /** From where the rig stands to the nearest socket, along walls and floor, m; across the room and up where there is none. */
    private static double toSocket(Situation s) {
        Vec3 foot = s.inRoom(Vec3.ZERO);
        double up = s.stands() ? s.feet().ground() : s.project().place().room().ceiling();
        double least = Double.POSITIVE_INFINITY;
        for (Thing thing : s.project().place().things()) {
            if (thing instanceof Socket socket) {
                least = Math.min(least, Math.abs(socket.spot().x() - foot.x())
                        + Math.abs(socket.spot().y() - foot.y()) + Math.abs(socket.height() - up));
            }
        }
        return Double.isInfinite(least) ? 0 : least;
    }

    private static FunctionCheck<GearItem> watched() {
        return new FunctionCheck<>(about("gear.seen", Topic.WAY, "Do you see it while you work (%s)?",
                Quantity.ANGLE, Scope.SET_POSE, "you do not see “%s” while you work",
                "angle at the eyes between the work and it; nothing of the rig between",
                "geometry; eyes at 0.936 of the height (Drillis and Contini 1966, from memory); 60° with eyes and head turned: our own judgement")
                .atMost(),
                study -> IntStream.range(0, study.project().gear().items().size())
                        .filter(i -> study.project().gear().items().get(i).facts().watched())
                        .mapToObj(i -> new Subject<>(Integer.toString(i), study.project().gear().items().get(i).name(),
                                study.assembly().payload(), study.project().gear().items().get(i)))
                        .toList(),
                (item, s) -> {
                    Vec3 eyes = eyes(s);
                    Vec3 at = s.inRoom(s.posed().point(s.study().assembly().payload().body(), item.at()));
                    Vec3 work = Target.work(s.project());
                    double angle = angle(work.minus(eyes), at.minus(eyes));
                    boolean hidden = s.clearance().hides(eyes, at, piece -> piece.supply() == null
                            || !piece.name().equals(item.name()));
                    return new Reading(angle, hidden ? 0 : WATCHED, () -> s.length(at.minus(eyes).length())
                            + " from your eyes, " + s.show(Quantity.ANGLE, angle) + " off the work"
                            + (hidden ? ", behind the rig" : ""))
                            .saying(() -> hidden
                                    ? "the rig hides “" + item.name() + "” from where you work"
                                    : "you look " + s.show(Quantity.ANGLE, angle) + " off the work to see “"
                                            + item.name() + "”");
                }, Check.Certainty.SAMPLED);
    }

    private static double angle(Vec3 a, Vec3 b) {
        return Math.acos(Math.clamp(a.dot(b) / (a.length() * b.length()), -1, 1));
    }

    private static Vec3 eyes(Situation s) {
        Bench bench = s.project().place().bench();
        Spot spot = Target.worker(s.project());
        double lower = s.shot().wanted().seated() ? Target.SEATED * bench.worker() : 0;
        return spot.point(0, 0, EYES * bench.worker() - lower);
    }
}
