package firmperch.project;

import firmperch.body.Port;
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
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/**
 * What a part may stand on instead: one that stands by its weight the floor, the bench, each table and shelf of the room; one that is clamped
 * round a post each of these; one that is on two parts each two of their ports of the same sorts.
 *
 * @param what in a maker's words
 * @param now true if it stands there
 * @param changed the project with it standing there; the same if it does already
 */
public record Stands(String what, boolean now, Project changed) {
    /** Everywhere that a part may stand; none if it stands on one part, or hangs from the place, or is fixed to it. */
    public static List<Stands> of(Project project, String part) {
        Optional<Mounted> mounted = project.perch().parts().stream().filter(p -> p.name().equals(part)).findFirst();
        String on = mounted.filter(p -> p.on().size() == 1).map(p -> p.on().getFirst()).orElse("");
        List<Stands> all = new ArrayList<>();
        mounted.filter(p -> p.on().size() == 2).ifPresent(p -> between(all, project, p));
        if (List.of(Perch.FLOOR, Perch.BENCH, Perch.TABLE).contains(on)) {
            offer(all, "the floor", on.equals(Perch.FLOOR), project, () -> on(project, part, Perch.FLOOR));
            offer(all, "the bench", on.equals(Perch.BENCH), project, () -> onBench(project, part));
            things(all, project, part, on, Surface.TABLE);
        } else if (on.equals(Perch.POST)) {
            things(all, project, part, on, Surface.POST);
        }
        return all;
    }

    /** Each two ports of the parts before it that it fits on, in one order or the other. */
    private static void between(List<Stands> all, Project project, Mounted part) {
        List<Mounted> parts = project.perch().parts();
        List<Mounted> before = new ArrayList<>(parts.subList(0, parts.indexOf(part)));
        List<Port> open = Perch.open(before);
        Optional<Port> first = open.stream().filter(p -> p.name().equals(part.on().getFirst())).findFirst();
        Optional<Port> last = open.stream().filter(p -> p.name().equals(part.on().getLast())).findFirst();
        if (first.isEmpty() || last.isEmpty()) {
            return;
        }
        for (Port one : open) {
            for (Port other : open) {
                List<String> on = List.of(one.name(), other.name());
                boolean now = on.equals(part.on());
                boolean again = part.on().equals(on.reversed())
                        || all.stream().anyMatch(s -> s.what.equals(words(other, one)));
                if (!one.equals(other) && !again && one.fit().getClass() == first.get().fit().getClass()
                        && other.fit().getClass() == last.get().fit().getClass()) {
                    offer(all, words(one, other), now, project,
                            () -> on(project, part.name(), one.name(), other.name()));
                }
            }
        }
    }

    /** A port by its part and its piece, or by its own name where it has none. */
    private static String words(Port one, Port other) {
        return words(one) + " and " + words(other);
    }

    private static String words(Port port) {
        String of = port.station() == null ? "" : port.station().label().toLowerCase(Locale.ROOT);
        String piece = port.piece() == null
                ? port.name().substring(port.name().indexOf('.') + 1).replace('-', ' ')
                : port.piece().name().toLowerCase(Locale.ROOT);
        return of.isEmpty() || of.startsWith(piece) ? piece : piece + " of the " + of;
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

    private static Project on(Project project, String part, String... ports) {
        return project.with(new Perch(project.perch().parts().stream()
                .map(p -> p.name().equals(part) ? p.on(List.of(ports)) : p).toList()));
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
