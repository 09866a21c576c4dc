package firmperch.project;

import firmperch.body.Surface;
import firmperch.part.Mounted;
import firmperch.part.Perch;
import firmperch.place.Bearer;
import firmperch.place.Bench;
import firmperch.place.Place;
import firmperch.place.Spot;
import firmperch.place.Thing;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/**
 * What of the place a part may stand on instead: one that stands by its weight the floor, the bench, each table and shelf of the room; one that is clamped
 * round a post each of these.
 *
 * @param what in a maker's words
 * @param now true if it stands there
 * @param changed the project with it standing there; the same if it does already
 */
public record Stands(String what, boolean now, Project changed) {
    /** Everywhere that a part may stand; none if it stands on a part, or hangs, or is fixed to something. */
    public static List<Stands> of(Project project, String part) {
        Optional<Mounted> mounted = project.perch().parts().stream().filter(p -> p.name().equals(part)).findFirst();
        String on = mounted.filter(p -> p.on().size() == 1).map(p -> p.on().getFirst()).orElse("");
        List<Stands> all = new ArrayList<>();
        if (List.of(Perch.FLOOR, Perch.BENCH, Perch.TABLE).contains(on)) {
            offer(all, "the floor", on.equals(Perch.FLOOR), project, () -> on(project, part, Perch.FLOOR));
            offer(all, "the bench", on.equals(Perch.BENCH), project, () -> onBench(project, part));
            things(all, project, part, on, Surface.TABLE);
        } else if (on.equals(Perch.POST)) {
            things(all, project, part, on, Surface.POST);
        }
        return all;
    }

    private static void things(List<Stands> all, Project project, String part, String on, Surface surface) {
        Optional<Bearer> carrier = project.place().carrier(surface);
        for (int i = 0; i < project.place().things().size(); i++) {
            int number = i;
            Thing thing = project.place().things().get(i);
            if (thing instanceof Bearer bearer && bearer.surface() == surface) {
                offer(all, "“" + thing.name() + "”",
                        on.equals(Perch.port(surface)) && carrier.filter(thing::equals).isPresent(), project,
                        () -> onThing(project, part, number, surface));
            }
        }
    }

    private static void offer(List<Stands> all, String what, boolean now, Project project, Supplier<Project> change) {
        try {
            all.add(new Stands(what, now, now ? project : change.get()));
        } catch (InvalidValue doesNotFit) {
            // Where it cannot stand it is not offered.
        }
    }

    private static Project on(Project project, String part, String port) {
        return project.with(new Perch(project.perch().parts().stream()
                .map(p -> p.name().equals(part) ? p.on(List.of(port)) : p).toList()));
    }

    /** Its middle is brought over the bench, as far as it was beside it. */
    private static Project onBench(Project project, String part) {
        Bench b = project.place().bench();
        return at(on(project, part, Perch.BENCH), s -> s.at(Math.clamp(s.x(), b.from(), b.from() + b.depth()),
                Math.clamp(s.y(), -b.width() / 2, b.width() / 2)));
    }

    /** Its middle is brought over the middle of the thing. */
    private static Project onThing(Project project, String part, int number, Surface surface) {
        List<Thing> things = new ArrayList<>();
        for (int i = 0; i < project.place().things().size(); i++) {
            Thing thing = project.place().things().get(i);
            things.add(thing instanceof Bearer bearer && bearer.surface() == surface
                    ? bearer.carrying(i == number)
                    : thing);
        }
        Spot spot = things.get(number).spot();
        return at(on(project.with(project.place().with(things)), part, Perch.port(surface)),
                s -> s.at(spot.x(), spot.y()));
    }

    private static Project at(Project project, UnaryOperator<Stance> moved) {
        return project.with(project.setUps().stream().map(s -> s.with(moved.apply(s.stance()))).toList(),
                project.shown());
    }
}
