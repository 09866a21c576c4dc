package firmperch;

import firmperch.body.Builder;
import firmperch.body.Freedom;
import firmperch.body.Port;
import firmperch.body.Surface;
import firmperch.body.Surroundings;
import firmperch.param.Described;
import firmperch.param.Param;
import firmperch.param.Path;
import firmperch.part.Mounted;
import firmperch.part.Parts;
import firmperch.part.Perch;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/** Rigs that nobody has drawn up: measures of others changed at random, and parts put together wherever a port fits. */
public final class RandomRigs {
    /** Parts that a composition may have, and how often one is tried that does not fit. */
    private static final int MOST = 9;
    private static final int TRIES = 60;

    private final Random random;
    /** Parts of every kind there is, each with how many ports it stands on. */
    private final List<Mounted> stock = new ArrayList<>();
    /** What ports of any part are called. */
    private final Set<String> names = new LinkedHashSet<>();

    public RandomRigs(long seed) {
        random = new Random(seed);
        Parts.kinds().forEach(k -> k.start().get().parts().forEach(m -> {
            stock.add(m);
            m.on().stream().filter(on -> !on.startsWith("place.")).forEach(on -> names.add(after(on)));
        }));
    }

    /** A pose anywhere in a rig's travel, a third of its settings at stops. */
    public static Pose pose(Study study, Random random) {
        return Pose.of(study.assembly().freedoms().stream().mapToDouble(f -> switch (random.nextInt(6)) {
            case 0 -> f.from();
            case 1 -> f.kind() == Freedom.Kind.SWING ? f.from() : f.to();
            default -> f.nearest(f.from() + (f.to() - f.from()) * random.nextDouble());
        }).toArray());
    }

    private static String after(String port) {
        return port.substring(port.indexOf('.') + 1);
    }

    /** A rig with half of its measures changed at random by up to a third. */
    public Project changed(Project start) {
        Project project = start;
        for (Mounted mounted : start.perch().parts()) {
            project = changed(project, mounted.part(), Path.of("perch").then(mounted.name()));
        }
        return project;
    }

    private Project changed(Project start, Described record, Path path) {
        Project project = start;
        for (Param param : record.params().all()) {
            Path at = path.then(param.name());
            Object value = record.params().value((Record) record, param.name());
            if (param.kind() instanceof Param.Group) {
                project = changed(project, (Described) value, at);
            } else if (param.kind() instanceof Param.Measure && random.nextBoolean()) {
                try {
                    project = at.with(project, (double) value * (0.67 + 0.66 * random.nextDouble()));
                } catch (InvalidValue impossible) {
                    // The geometry does not allow that: it stays.
                }
            }
        }
        return project;
    }

    /** Parts put together at random in that project's place, its measures changed. */
    public Project composed(Project place) {
        while (true) {
            Perch perch = perch();
            if (perch != null) {
                try {
                    return changed(
                            place.with(place.setUps().stream().map(s -> s.with(s.stance().with(Map.of()))).toList(), 0)
                                    .with(perch));
                } catch (InvalidValue refused) {
                    // As the gear does not go on it, say.
                }
            }
        }
    }

    /** Parts one after another, each on ports that are free, until a camera can be screwed on; null if none came about. */
    private Perch perch() {
        List<Mounted> parts = new ArrayList<>();
        Map<String, Port> free = new HashMap<>();
        for (int i = 0; i < TRIES && parts.size() < MOST; i++) {
            Mounted drawn = stock.get(random.nextInt(stock.size()));
            String name = "part-" + parts.size();
            List<String> on = new ArrayList<>();
            for (String was : drawn.on()) {
                List<String> ports = new ArrayList<>(free.keySet());
                // Half of the first stand on the place; of the others few do.
                boolean onPlace = ports.isEmpty() || was.startsWith("place.") && random.nextInt(4) == 0;
                on.add(onPlace
                        ? Surface.values()[random.nextInt(Surface.values().length)].id()
                        : ports.get(random.nextInt(ports.size())));
            }
            on.replaceAll(port -> port.contains(".") ? port : "place." + port);
            List<Mounted> more = new ArrayList<>(parts);
            more.add(new Mounted(name, drawn.part(), on));
            Builder built = built(more);
            if (built != null) {
                parts = more;
                on.forEach(free::remove);
                for (String port : names) {
                    offered(built, name + "." + port, free);
                }
                if (built.mount() != null) {
                    return new Perch(parts);
                }
            }
        }
        return null;
    }

    private static void offered(Builder built, String port, Map<String, Port> free) {
        try {
            free.put(port, built.port("trial", port));
        } catch (InvalidValue none) {
            // It offers none of that name.
        }
    }

    private static Builder built(List<Mounted> parts) {
        Builder out = new Builder(UnitSystem.METRIC);
        out.part("place");
        for (Surface surface : Surface.values()) {
            out.offer(surface.id(), new Port.Ground(surface, Surroundings.ANY.thick(surface)), null,
                    Surroundings.ANY.on(surface), null);
        }
        try {
            for (Mounted mounted : parts) {
                List<Port> on = mounted.on().stream().map(port -> out.port(mounted.name(), port)).toList();
                out.part(mounted.name());
                mounted.part().build(out, on);
            }
            return out;
        } catch (InvalidValue refused) {
            return null;
        }
    }
}
