package firmperch.check;

import firmperch.body.Body;
import firmperch.body.Contact;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.check.About.Scope;
import firmperch.place.Bearer;
import firmperch.place.Block;
import firmperch.place.Door;
import firmperch.place.Room;
import firmperch.place.Thing;
import firmperch.place.Way;
import firmperch.place.Worker;
import firmperch.study.InPicture;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.study.Target;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Predicate;

/**
 * Clearance from what stands and hangs in the room, as it is set: things, the swing of doors, ways to keep open, and whoever works there. What reaches
 * into a way above head height leaves it open.
 */
final class RoomChecks {
    /** Between whoever works there and the rig, m: our own judgement, room to turn the head. */
    private static final double ELBOW = 0.05;
    /** So much of the picture may be hidden: our own judgement. */
    private static final double HIDDEN = 0.01;

    private RoomChecks() {
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(things(), doors(), ways(), workers(), pictured());
    }

    private static <T extends Thing> List<Subject<T>> subjects(Study study, Class<T> sort, Predicate<T> asked) {
        return study.project().place().things().stream().filter(sort::isInstance).map(sort::cast).filter(asked)
                .map(t -> new Subject<>(t.name(), t.name(), null, t)).toList();
    }

    /** A thing and what of it, or for it, a rig must not run into; worked out once. */
    private record Standing(Thing thing, List<Block> solid) {}

    private static List<Subject<Standing>> standing(Study study, BiFunction<Thing, Room, List<Block>> what,
            Predicate<List<Block>> asked) {
        return study.project().place().things().stream()
                .map(t -> new Standing(t, what.apply(t, study.project().place().room())))
                .filter(t -> asked.test(t.solid))
                .map(t -> new Subject<>(t.thing.name(), t.thing.name(), null, t)).toList();
    }

    private static About about(String id, Topic topic, String question, String weakness, String formula) {
        return new About(id, topic, question, Quantity.LENGTH, Scope.SET_POSE, false, weakness, formula,
                ClearanceChecks.HULLS);
    }

    private static FunctionCheck<Standing> things() {
        return new FunctionCheck<>(about("clear.thing", Topic.HITS, "Does it clear what is in the room (%s)?",
                "it hits “%s”",
                "least distance of any piece from what is there; what is round has straight sides around it"),
                study -> standing(study, Thing::solid, solid -> !solid.isEmpty()),
                (t, s) -> {
                    // What stands on it, or is clamped round it, does not run into it.
                    Predicate<Body> which = t.thing instanceof Bearer b && b.perch()
                            ? s.study().apartFrom(b.surface())
                            : body -> true;
                    return ClearanceChecks.reading(s, s.policy().distances().gap(), t.solid, which,
                            () -> "to “" + t.thing.name() + "”");
                }, Check.Certainty.PROVEN).toldTogether();
    }

    /** No lamp or pipe hangs between the lens and what is filmed. */
    private static FunctionCheck<Standing> pictured() {
        return new FunctionCheck<>(new About("shot.thing", Topic.PICTURE, "Does the room stay out of the picture (%s)?",
                Quantity.NUMBER, Scope.SET_POSE, false, "“%s” hides what you film",
                "share of what is wanted that it hides",
                "central projection between lens and work; 1 % of it: our own judgement").atMost(),
                study -> standing(study, Thing::solid,
                        solid -> solid.stream().anyMatch(b -> b.high() > study.project().place().bench().height())),
                (t, s) -> {
                    double share = InPicture.hidden(s, t.solid);
                    return new Reading(share, HIDDEN, () -> String.format(Locale.ROOT, "%.0f %% hidden by “%s”",
                            share * 100, t.thing.name()))
                            .saying(() -> "“" + t.thing.name() + "” hides "
                                    + String.format(Locale.ROOT, "%.0f %%", share * 100)
                                    + " of what you film");
                }, Check.Certainty.SAMPLED).toldTogether();
    }

    private static FunctionCheck<Standing> doors() {
        return new FunctionCheck<>(
                about("place.door", Topic.WAY, "Does the door swing free (%s)?", "“%s” does not open",
                        "least distance of any piece from where the door's leaf goes"),
                study -> standing(study,
                        (t, room) -> t instanceof Door door && door.inward() ? door.free(room) : List.of(),
                        swing -> !swing.isEmpty()),
                (door, s) -> ClearanceChecks.reading(s, ClearanceChecks.PASSING, door.solid, body -> true,
                        () -> "to where “" + door.thing.name() + "” swings"),
                Check.Certainty.PROVEN).toldTogether();
    }

    private static FunctionCheck<Worker> workers() {
        return new FunctionCheck<>(about("clear.worker", Topic.HITS, "Is there room for who works there (%s)?",
                "it is where “%s” is",
                "least distance of any piece from a column as wide as shoulders and as high as you are; 50 mm: our own judgement"),
                study -> subjects(study, Worker.class, w -> true), (w, s) -> {
                    double tall = s.project().place().bench().worker();
                    double high = s.shot().wanted().seated() ? tall * (1 - Target.SEATED) : tall;
                    return ClearanceChecks.reading(s, ELBOW, List.of(w.body(high)), body -> true,
                            () -> "to “" + w.name() + "”");
                }, Check.Certainty.PROVEN).toldTogether();
    }

    /** What stands on the floor, with its wheels turned to their widest, leaves enough of a way beside it. */
    private static FunctionCheck<Way> ways() {
        return new FunctionCheck<>(about("place.way", Topic.WAY, "Does the way stay open (%s)?", "“%s” closes",
                "the wider of what is left of the way on either side of base and wheels"),
                study -> study.fixedTo(Surface.FLOOR).isEmpty()
                        ? List.of()
                        : subjects(study, Way.class, w -> true),
                (way, s) -> {
                    double left = Math.max(0, open(way, s));
                    return new Reading(way.clear(), left, () -> s.length(left) + " of “" + way.name() + "” are open")
                            .saying(() -> "“" + way.name() + "” closes to " + s.length(left));
                }, Check.Certainty.PROVEN).toldTogether();
    }

    /** Of its width, m. */
    private static double open(Way way, Situation s) {
        Block strip = way.free(s.project().place().room()).getFirst();
        Set<Body> standing = s.study().fixedTo(Surface.FLOOR);
        double clear = way.clear();
        Vec3 across = (way.depth() < way.width() ? Vec3.X : Vec3.Y).turned(way.spot().turn());
        double middle = way.spot().point(0, 0, 0).dot(across);
        double from = Double.POSITIVE_INFINITY;
        double to = Double.NEGATIVE_INFINITY;
        if (s.clearance().from(strip, standing::contains, 0) <= 0) {
            from = -s.clearance().furthest(across.negated(), standing::contains) - middle;
            to = s.clearance().furthest(across, standing::contains) - middle;
        }
        for (Contact contact : s.study().assembly().contacts()) {
            if (contact instanceof Contact.Caster c) {
                Vec3 pivot = s.inRoom(s.posed().pivot(c));
                double wheel = c.trail() + c.diameter() / 2;
                Vec3 inside = way.spot().inside(pivot);
                if (Math.abs(inside.x()) < way.depth() / 2 + wheel && Math.abs(inside.y()) < way.width() / 2 + wheel) {
                    from = Math.min(from, pivot.dot(across) - wheel - middle);
                    to = Math.max(to, pivot.dot(across) + wheel - middle);
                }
            }
        }
        return from > to ? clear : Math.min(clear, Math.max(from + clear / 2, clear / 2 - to));
    }
}
