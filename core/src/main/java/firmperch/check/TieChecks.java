package firmperch.check;

import firmperch.body.Body;
import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Tie;
import firmperch.check.About.Scope;
import firmperch.check.Check.Certainty;
import firmperch.pose.RelativeMotionBounds;
import firmperch.pose.Rig;
import firmperch.study.Loading;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Gravity;
import firmperch.units.Quantity;
import java.util.List;
import java.util.stream.IntStream;

/** Springs, ropes and cords: each may be pulled only so far. */
final class TieChecks {
    /** What a bolt's proof moment is divided by: our own judgement, as for other steel that is worked by hand. */
    private static final double SAFE = 1.5;

    private TieChecks() {
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(spring(), eyes(), rope(), balance().balancing(), runaway(), cord(), tether());
    }

    private static <T extends Tie> List<Subject<T>> each(Study study, Class<T> kind) {
        return study.assembly().ties().stream().filter(kind::isInstance).map(kind::cast)
                .map(tie -> new Subject<>(tie.id(), tie.name(), tie.station(), tie)).toList();
    }

    private static FunctionCheck<Tie.Spring> spring() {
        return new FunctionCheck<>(
                new About("spring", Topic.BREAKS, "[Is|Are] the %s pulled no further than [it bears|they bear]?",
                        Quantity.LENGTH, Scope.EVERY_POSE, false, "the %s [is|are] pulled too far", "ℓ ≤ ℓ_most",
                        "geometry; how long it may be pulled: its maker"),
                study -> each(study, Tie.Spring.class), (tie, s) -> longest(tie, tie.most(), s), Certainty.PROVEN);
    }

    /** What turns on the end of a bolt bends it where the bolt is held. */
    private static FunctionCheck<Tie.Spring> eyes() {
        return new FunctionCheck<>(
                new About("eyes", Topic.BREAKS, "Do the bolts bear the eyes of the %s?", Quantity.TORQUE,
                        Scope.EVERY_POSE, false, "the %s bends the bolts that it turns on",
                        "F/n · e ≤ σ_proof · π·d³/32 / 1.5", "cantilever (Roark); ISO 898-1 proof stress of class 4.6")
                        .where("F pull, n springs, e from nut to eye, σ_proof what the bolt takes, d of its stress area"),
                study -> each(study, Tie.Spring.class).stream().filter(s -> s.thing().eyes() != null).toList(),
                (tie, s) -> {
                    double each = tie.pull(s.tieLength(tie)) / tie.eyes().count();
                    double moment = each * tie.eyes().out();
                    return new Reading(moment, tie.eyes().bolt().bears() / SAFE,
                            () -> s.show(Quantity.FORCE, each) + " on each " + tie.eyes().bolt().label() + ", "
                                    + s.length(tie.eyes().out()) + " beyond its nut");
                }, Certainty.PROVEN);
    }

    private static FunctionCheck<Tie.Cord> cord() {
        return new FunctionCheck<>(
                new About("cord", Topic.HITS, "[Is|Are] the %s long enough?", Quantity.LENGTH, Scope.EVERY_POSE,
                        false, "the %s [holds|hold] it back", "distance of its ends ≤ its length", "geometry"),
                study -> each(study, Tie.Cord.class), (tie, s) -> longest(tie, tie.length(), s), Certainty.PROVEN);
    }

    /** One between things that move against each other must let them. */
    private static FunctionCheck<Tie.Tether> tether() {
        return new FunctionCheck<>(
                new About("tether", Topic.HITS, "Does the tether of the %s let it move?", Quantity.LENGTH,
                        Scope.EVERY_POSE, false, "the tether of the %s holds it back",
                        "distance of its ends ≤ its length", "geometry"),
                study -> each(study, Tie.Tether.class).stream().filter(t -> apart(study, t.thing())).toList(),
                (tie, s) -> longest(tie, tie.length(), s), Certainty.PROVEN).feeling(TieChecks::moves);
    }

    /** Hooks at one place, about which what is held turns, never come apart. */
    private static boolean apart(Study study, Tie tie) {
        return study.set().tieLength(tie) > 1e-9 && IntStream.range(0, study.assembly().freedoms().size())
                .anyMatch(f -> moves(tie, study.rig(), f));
    }

    /** What moves both ends alike does not count; an end may be hooked on the place. */
    private static boolean moves(Tie tie, Rig rig, int freedom) {
        Body from = tie.from().body();
        Body to = tie.to().body();
        return from == null || to == null
                ? rig.moves(freedom, from == null ? to : from)
                : RelativeMotionBounds.of(rig, from, to).felt().contains(freedom);
    }

    private static Reading longest(Tie tie, double most, Situation s) {
        double length = s.tieLength(tie);
        return new Reading(length, most,
                () -> s.length(length) + " from hook to hook, " + s.length(most) + " at most");
    }

    private static List<Subject<Tie.Rope>> balanced(Study study) {
        return each(study, Tie.Rope.class).stream().filter(r -> r.thing().balance() != null).toList();
    }

    /** The freedom that pays a rope out and so moves the weight on its end. */
    private static int freedom(Tie.Rope rope, Situation s) {
        return s.study().assembly().freedoms().indexOf(rope.to().body().motion().freedom());
    }

    /** What moves and the weight against it balance: trimmed with whole bags, what is left stays by the bearings' own friction. */
    private static FunctionCheck<Tie.Rope> balance() {
        return new FunctionCheck<>(new About("balance", Topic.GIVES, "Does the weight on the %s balance what moves?",
                Quantity.MASS,
                Scope.NO_POSE, false, "the weight on the %s does not balance what moves",
                "|∂V/∂q| / g ≤ trim; what whole bags leave ≤ μ·ΣN / g",
                "virtual work: at 1:1 the weight equals the whole moving mass (13.0 kg wants 13.0 kg; common practice, no source); its "
                        + "pulley turns freely")
                .where("V height energy of all that moves, q how the joint is set, g gravity, μ friction of bearings, N "
                        + "what presses on them"),
                TieChecks::balanced, TieChecks::balance, Certainty.PROVEN);
    }

    /** With the gear as it is, and with the spare on and trimmed for: the worse of the two. With the camera off nothing balances it. */
    private static Reading balance(Tie.Rope rope, Situation s) {
        Reading usual = balance(rope, s, Loading.GEAR);
        Reading spare = balance(rope, s, Loading.SPARE);
        return spare.used() > usual.used() ? spare : usual;
    }

    private static Reading balance(Tie.Rope rope, Situation s, Loading loading) {
        int travel = freedom(rope, s);
        double left = s.loads().slope(travel, loading) / Gravity.STANDARD;
        double hangs = hanging(rope, s);
        double stays = rolling(travel, s.study().carrying(0).in(s.posed().pose())) / Gravity.STANDARD;
        Tie.Rope.Balance by = rope.balance();
        double bags = Math.min(Math.rint(Math.abs(left) / by.bag()), Math.floor(by.trim() / by.bag() + 1e-9));
        double rest = Math.abs(Math.abs(left) - bags * by.bag());
        String moves = s.show(Quantity.MASS, hangs + left);
        String when = loading == Loading.SPARE ? " with the spare on" : loading.words();
        return new Reading(rest, stays, () -> moves + " moving" + when + ", " + s.show(Quantity.MASS, hangs)
                + " hanging, " + s.show(Quantity.MASS, bags * by.bag()) + " of bags to trim leave "
                + s.show(Quantity.MASS, rest) + "; its bearings hold " + s.show(Quantity.MASS, stays)
                + "; with the camera off " + s.show(Quantity.MASS, Math.abs(s.loads().slope(travel, Loading.BARE))
                        / Gravity.STANDARD)
                + (s.loads().slope(travel, Loading.BARE) < 0 ? " drive it up" : " drive it down"))
                .saying(() -> s.show(Quantity.MASS, hangs) + " hang against " + moves + " that move" + when + ": with "
                        + s.show(Quantity.MASS, by.trim()) + " of trim " + s.show(Quantity.MASS, rest)
                        + " are left over, and its bearings hold " + s.show(Quantity.MASS, stays));
    }

    /** Least friction of the bearings that a freedom runs on, N. */
    private static double rolling(int freedom, Situation s) {
        Freedom travel = s.study().assembly().freedoms().get(freedom);
        return s.study().assembly().joints().stream()
                .filter(j -> travel.equals(j.freedom()) && j.hold() instanceof Hold.Bearings)
                .mapToDouble(j -> BearingChecks.rolling(j, s)).sum();
    }

    private static double hanging(Tie.Rope rope, Situation s) {
        return s.posed().ties().pull(rope) / Gravity.STANDARD;
    }

    /**
     * Everything is taken off the camera at the bottom with the brake open, the spare with it, which was trimmed for: the weight falls
     * all the way into its buffer.
     */
    private static FunctionCheck<Tie.Rope> runaway() {
        return new FunctionCheck<>(
                new About("runaway", Topic.BREAKS, "Does the buffer catch a runaway of the %s?", Quantity.LENGTH,
                        Scope.NO_POSE, false, "the %s runs through its buffer", "m·g·(h + x) = ½·k·x²",
                        "energy, friction left out; m all that hangs on the camera's screw, spare and all, h the whole travel")
                        .where("m mass that falls, h how far, x how far the buffer is pressed, k how stiff it is"),
                TieChecks::balanced, (rope, s) -> {
                    Freedom travel = rope.to().body().motion().freedom();
                    double height = travel.to() - travel.from();
                    double mass = s.project().gear().mass() + s.project().gear().spare();
                    double weight = mass * Gravity.STANDARD;
                    double k = rope.balance().rate();
                    double pressed = (weight + Math.sqrt(weight * weight + 2 * k * weight * height)) / k;
                    return new Reading(pressed, rope.balance().give(),
                            () -> s.show(Quantity.MASS, mass) + " taken off, " + s.length(height)
                                    + " to run: " + s.length(pressed) + " into the buffer")
                            .saying(() -> "with everything taken off it runs " + s.length(pressed)
                                    + " into a buffer of "
                                    + s.length(rope.balance().give()));
                }, Certainty.PROVEN);
    }

    private static FunctionCheck<Tie.Rope> rope() {
        return new FunctionCheck<>(new About("rope", Topic.BREAKS, "Does the %s bear what hangs on it?", Quantity.FORCE,
                Scope.EVERY_POSE, true, "the %s breaks", "T = −Σ m·g·v_z / ℓ′",
                "virtual work; its pulleys turn freely; what it bears: its maker's working load")
                .where("T pull, m masses, v_z how fast each comes up, ℓ′ how fast the rope comes in"),
                study -> each(study, Tie.Rope.class), (tie, s) -> {
                    double pull = s.posed().ties().pull(tie);
                    return new Reading(pull, tie.limit(), () -> s.show(Quantity.FORCE, pull) + " in it");
                }, Certainty.SAMPLED);
    }
}
