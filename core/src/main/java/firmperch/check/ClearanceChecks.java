package firmperch.check;

import firmperch.body.Body;
import firmperch.body.Contact;
import firmperch.body.Freedom;
import firmperch.body.Station;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.check.About.Scope;
import firmperch.clearance.Clearance;
import firmperch.clearance.CollisionGroup;
import firmperch.place.Block;
import firmperch.place.Room;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Quantity;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** Clearance of the pieces from the room, the bench and each other, and the width of the walkway. */
final class ClearanceChecks {
    /** Clearance between pieces that move past each other, m: our own judgement. */
    static final double PASSING = 0.002;
    private static final double FLOOR_GAP = 0.005;
    /** Beyond so many times what is asked a distance need not be exact while it is only compared. */
    private static final double FAR = 4;
    static final String HULLS = "geometry: convex hulls of the pieces (Gilbert, Johnson, Keerthi 1988)";

    private ClearanceChecks() {
    }

    /**
     * Surfaces that the user can steer clear of are asked in the set pose; those that the rig's stops must keep it
     * from, in every pose.
     */
    private static FunctionCheck<Void> clear(String id, Scope scope, String question, String weakness, String formula,
            Function<Situation, Reading> answer) {
        return FunctionCheck.whole(new About(id, Topic.HITS, question, Quantity.LENGTH, scope, false, weakness, formula,
                HULLS), study -> true, study -> null, answer, Check.Certainty.PROVEN);
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(walkway(), ceiling().feeling((none, rig, f) -> rig.lifts(f)), slanting(),
                walls(), bench(), floor(),
                self());
    }

    static Reading reading(Situation s, double asked, double gap, String from) {
        return reading(s, asked, gap, () -> from);
    }

    static Reading reading(Situation s, double asked, double gap, Supplier<String> from) {
        if (Double.isInfinite(gap)) {
            return new Reading(asked, Reading.PLENTY * asked, () -> "all of it is fixed there");
        }
        double shown = Math.max(0, gap);
        return new Reading(asked, gap, () -> s.length(shown) + " " + from.get())
                .saying(() -> gap > 0
                        ? "only " + s.length(shown) + " " + from.get()
                        : "it hits " + what(from.get()) + (gap < 0 ? " by " + s.length(-gap) : ""));
    }

    /**
     * The least distance of these bodies from what is there, of which beyond {@link #FAR} times what is asked only a bound is needed until it is
     * told.
     */
    static Reading reading(Situation s, double asked, List<Block> blocks, Predicate<Body> which,
            Supplier<String> from) {
        return reading(s, asked, least(s, blocks, which, FAR * asked), from)
                .boundOf(() -> reading(s, asked, least(s, blocks, which, Double.POSITIVE_INFINITY), from));
    }

    private static double least(Situation s, List<Block> blocks, Predicate<Body> which, double exactly) {
        double least = Double.POSITIVE_INFINITY;
        for (Block block : blocks) {
            least = Math.min(least, s.clearance().from(block, which, exactly));
        }
        return least;
    }

    private static String what(String from) {
        return from.substring(from.indexOf(' ') + 1);
    }

    private static FunctionCheck<Void> ceiling() {
        return clear("clear.ceiling", Scope.EVERY_POSE, "Does it clear the ceiling?", "it hits the ceiling",
                "ceiling − highest point",
                s -> reading(s, s.policy().distances().gap(),
                        s.project().place().room().highest()
                                - s.clearance().furthest(Vec3.UP, s.study().apartFrom(Surface.CEILING)),
                        "to the ceiling"));
    }

    /** Of a ceiling that slopes, the part that does. */
    private static FunctionCheck<Void> slanting() {
        return FunctionCheck.whole(new About("clear.slant", Topic.HITS, "Does it clear the sloping ceiling?",
                Quantity.LENGTH, Scope.EVERY_POSE, false, "it hits the sloping ceiling",
                "distance of the farthest point from the slanting plane", HULLS),
                study -> study.project().place().room().slopes(), study -> null, s -> {
                    Room room = s.project().place().room();
                    return reading(s, s.policy().distances().gap(),
                            room.slantingAt()
                                    - s.clearance().furthest(room.slanting(), s.study().apartFrom(Surface.CEILING)),
                            "to the sloping ceiling");
                }, Check.Certainty.PROVEN);
    }

    private static FunctionCheck<Void> walls() {
        return clear("clear.wall", Scope.SET_POSE, "Does it clear the walls?", "it hits a wall",
                "wall − furthest point", s -> {
                    Room room = s.project().place().room();
                    Predicate<Body> apart = s.study().apartFrom(Surface.WALL);
                    double least = Math.min(-s.clearance().furthest(Vec3.X.negated(), apart),
                            room.depth() - s.clearance().furthest(Vec3.X, apart));
                    if (room.walls().measured()) {
                        least = Math.min(least, Math.min(room.walls().left() - s.clearance().furthest(Vec3.Y, apart),
                                room.walls().right() - s.clearance().furthest(Vec3.Y.negated(), apart)));
                    }
                    // What is swung against a wall may touch it, but not pass into it.
                    return reading(s, PASSING, least, "to a wall");
                });
    }

    private static FunctionCheck<Void> floor() {
        return clear("clear.floor", Scope.SET_POSE, "Does it clear the floor?", "it hits the floor",
                "lowest point that does not stand on it",
                s -> reading(s, FLOOR_GAP, -s.clearance().furthest(Vec3.DOWN, s.study().apartFrom(Surface.FLOOR)),
                        "to the floor"));
    }

    private static FunctionCheck<Void> bench() {
        return clear("clear.bench", Scope.SET_POSE, "Does it clear the bench?", "it hits the bench",
                "least distance of any piece from the bench top", s -> {
                    Block top = s.project().place().benchTop();
                    return reading(s, s.policy().distances().gap(), List.of(top),
                            s.study().apartFrom(Surface.BENCH), () -> "to the bench");
                });
    }

    /** The freedoms of a group in words; those of one name are numbered from the base up. */
    private static String moving(Study study, List<Freedom> freedoms) {
        return freedoms.stream().map(study::named).collect(Collectors.joining(", "));
    }

    /** Distance between all pieces that the same freedoms move against each other. */
    private static FunctionCheck<CollisionGroup> self() {
        return new FunctionCheck<>(new About("clear.self", Topic.HITS, "Does it clear itself (%s)?", Quantity.LENGTH,
                Scope.EVERY_POSE, false, "it hits itself", "least distance of pieces that move against each other",
                HULLS),
                study -> study.collisions().stream().map(group -> new Subject<>(
                        group.freedoms().stream().map(Freedom::id).collect(Collectors.joining("+")),
                        moving(study, group.freedoms()),
                        (Station) null, group)).toList(),
                (group, s) -> {
                    double gap = s.clearance().within(group);
                    return new Reading(PASSING, gap, () -> (gap < Clearance.FAR ? "" : "more than ") + s.length(gap)
                            + " between its own pieces").saying(() -> gap > 0
                                    ? "only " + s.length(gap) + " between " + s.clearance().nearest(group)
                                    : "it hits itself: " + s.clearance().nearest(group));
                },
                Check.Certainty.PROVEN).feeling(CollisionGroup::feels).toldTogether();
    }

    /** What stands on the floor, with its wheels turned to their widest, leaves the walkway along the wall open. */
    private static FunctionCheck<Void> walkway() {
        return FunctionCheck.whole(new About("place.walkway", Topic.WAY, "Does the walkway stay open?", Quantity.LENGTH,
                Scope.SET_POSE, false, "the walkway closes", "wall to the nearest of base and wheels",
                "geometry of the plan; 450–600 mm is common practice, no source"),
                study -> !study.fixedTo(Surface.FLOOR).isEmpty(), study -> null, s -> {
                    double open = -s.clearance().furthest(Vec3.X.negated(),
                            s.study().fixedTo(Surface.FLOOR)::contains);
                    for (Contact contact : s.study().assembly().contacts()) {
                        if (contact instanceof Contact.Caster c) {
                            open = Math.min(open,
                                    s.inRoom(s.posed().pivot(c)).x() - c.trail() - c.diameter() / 2);
                        }
                    }
                    double left = Math.max(0, open);
                    return new Reading(s.project().place().room().walkway(), left,
                            () -> s.length(left) + " open between wall and perch")
                            .saying(() -> "the walkway closes to " + s.length(left));
                }, Check.Certainty.PROVEN);
    }
}
