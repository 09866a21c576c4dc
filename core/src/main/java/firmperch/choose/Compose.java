package firmperch.choose;

import firmperch.body.Assembly;
import firmperch.body.Port;
import firmperch.cost.Bill;
import firmperch.part.Kind;
import firmperch.part.Mounted;
import firmperch.part.PartType;
import firmperch.part.Parts;
import firmperch.part.Perch;
import firmperch.project.Project;
import firmperch.project.Stance;
import firmperch.search.Aim;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * Changes of what a rig is composed of: a part swapped for another, one put in between, one hung on, one taken out. A part of each sort is tried as it is in one of the
 * kinds, on every port that there is; what does not fit says why.
 */
public final class Compose {
    private final Project project;
    private final Perch perch;
    private final int at;
    private final Mounted part;
    private final Bill before;

    /**
     * One of them.
     *
     * @param label of the part that comes, or goes
     * @param perch that it makes; nothing if it does not fit
     * @param why it does not; empty if it does
     * @param price by how much it is dearer, in the maker's money
     * @param mass by how much it is heavier, kg
     */
    public record Change(String label, Optional<Perch> perch, String why, double price, double mass) {}

    private Compose(Project project, String name) {
        this.project = project;
        perch = project.perch();
        at = perch.parts().stream().map(Mounted::name).toList().indexOf(name);
        part = at < 0 ? null : perch.parts().get(at);
        before = Bill.of(assembly(project, perch), project.units());
    }

    /** Every part that could stand in the place of one; none where there is no such part. */
    public static List<Change> swaps(Project project, String name) {
        Compose compose = new Compose(project, name);
        return compose.part == null
                ? List.of()
                : compose.each(type -> type != Parts.type(compose.part.part()),
                        mounted -> compose.swapped(new Mounted(name, mounted.part(), compose.part.on())));
    }

    /** Every part that could be put between one and what that carries. */
    public static List<Change> insertions(Project project, String name) {
        Compose compose = new Compose(project, name);
        return compose.part == null ? List.of() : compose.each(type -> true, compose::inserted);
    }

    /** Every part that could be hung on one besides, on a port of it that is free, or on that and one of another part, as a weight on a rope is. */
    public static List<Change> hangings(Project project, String name) {
        Compose compose = new Compose(project, name);
        return compose.part == null ? List.of() : compose.each(type -> true, compose::hung);
    }

    /** Without one: what it carried stands on what it stood on. */
    public static Change without(Project project, String name) {
        Compose compose = new Compose(project, name);
        return compose.change("", compose::taken);
    }

    /** A project with that change, brought to each of its set-ups again as near as it comes. */
    public static Project applied(Project project, Perch changed) {
        Project now = project.with(changed);
        Assembly assembly = assembly(now, changed);
        now = now.with(now.setUps().stream().map(s -> s.with(known(s.stance(), assembly))).toList(), now.shown());
        for (int i = 0; i < project.setUps().size(); i++) {
            now = Aim.of(now.showing(i));
        }
        return now.showing(project.shown());
    }

    /** Without settings of joints that are gone. */
    private static Stance known(Stance stance, Assembly assembly) {
        return stance.with(stance.joints().entrySet().stream()
                .filter(e -> assembly.knows(Set.of(e.getKey())))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
    }

    private static Assembly assembly(Project project, Perch perch) {
        return perch.assembly(project.gear(), project.cameraRoom(), project.place().surroundings(), project.units());
    }

    /** One of each sort of part, as it is in the first kind that has one, or as its type has it where none does. */
    private static Map<PartType<?>, Mounted> usual() {
        Map<PartType<?>, Mounted> all = new LinkedHashMap<>();
        for (Kind kind : Parts.kinds()) {
            kind.start().get().parts().forEach(m -> all.putIfAbsent(Parts.type(m.part()), m));
        }
        for (PartType<?> type : Parts.types()) {
            type.usual().ifPresent(
                    part -> all.put(type, new Mounted(type.id(), part, Collections.nCopies(type.ports(), "a port"))));
        }
        return all;
    }

    private List<Change> each(Predicate<PartType<?>> asked, Function<Mounted, Perch> make) {
        List<Change> all = new ArrayList<>();
        usual().forEach((type, mounted) -> {
            if (asked.test(type)) {
                all.add(change(type.label(), () -> make.apply(mounted)));
            }
        });
        return all;
    }

    private Change change(String label, Supplier<Perch> make) {
        try {
            Perch made = make.get();
            Bill bill = Bill.of(assembly(project, made), project.units());
            return new Change(label, Optional.of(made), "", project.purse().here(bill.price() - before.price()),
                    bill.mass() - before.mass());
        } catch (InvalidValue doesNotFit) {
            return new Change(label, Optional.empty(), doesNotFit.getMessage(), 0, 0);
        }
    }

    private Perch swapped(Mounted other) {
        List<Mounted> parts = new ArrayList<>(perch.parts());
        parts.set(at, other);
        return carried(parts, part.name(), other.name());
    }

    /** A name that no part has yet. */
    private String free(String name) {
        List<String> names = perch.parts().stream().map(Mounted::name).toList();
        String next = name;
        for (int number = 2; names.contains(next); number++) {
            next = name + "-" + number;
        }
        return next;
    }

    private Perch hung(Mounted usual) {
        List<String> open = Perch.open(perch.parts()).stream().map(Port::name).toList();
        List<String> own = open.stream().filter(port -> of(port, part.name())).toList();
        InvalidValue last = new InvalidValue(part.name(), own.isEmpty() ? "no port free" : "no port that takes it",
                "a port for each that it hangs on");
        for (List<String> on : usual.on().size() == 1 ? own.stream().map(List::of).toList() : pairs(own, open)) {
            try {
                List<Mounted> parts = new ArrayList<>(perch.parts());
                // What hangs on one port follows what it hangs on, as the load goes.
                parts.add(on.size() == 1 ? at + 1 : parts.size(), new Mounted(free(usual.name()), usual.part(), on));
                return new Perch(parts);
            } catch (InvalidValue doesNotFit) {
                last = doesNotFit;
            }
        }
        throw last;
    }

    /** Each port of the one with each of all the others, either first. */
    private static List<List<String>> pairs(List<String> own, List<String> open) {
        List<List<String>> pairs = new ArrayList<>();
        for (String one : own) {
            open.stream().filter(other -> !other.equals(one)).forEach(other -> {
                pairs.add(List.of(one, other));
                pairs.add(List.of(other, one));
            });
        }
        return pairs;
    }

    private Perch inserted(Mounted usual) {
        String name = free(usual.name());
        InvalidValue last = null;
        for (String port : ports(perch.parts().subList(0, at + 1), part.name())) {
            try {
                List<Mounted> parts = new ArrayList<>(perch.parts());
                parts.add(at + 1, new Mounted(name, usual.part(), List.of(port)));
                return carried(parts, part.name(), name);
            } catch (InvalidValue doesNotFit) {
                last = doesNotFit;
            }
        }
        throw last == null ? new InvalidValue(part.name(), "nothing to stand on", "a port of its own") : last;
    }

    private Perch taken() {
        List<Mounted> parts = new ArrayList<>(perch.parts());
        parts.remove(at);
        List<Mounted> moved = new ArrayList<>();
        for (Mounted m : parts) {
            boolean stood = m.on().stream().anyMatch(port -> of(port, part.name()));
            moved.add(stood ? m.on(part.on()) : m);
        }
        return new Perch(moved);
    }

    private static boolean of(String port, String name) {
        return port.startsWith(name + ".");
    }

    /** Ports that a part offers, by their names. */
    private static List<String> ports(List<Mounted> parts, String name) {
        return Perch.ports(parts).stream().filter(port -> of(port, name)).toList();
    }

    /**
     * What stood on the ports of one part stands on those of another: on that of the same name, else on the first that takes it.
     *
     * @throws InvalidValue if none does
     */
    private Perch carried(List<Mounted> parts, String from, String to) {
        int carrier = parts.stream().map(Mounted::name).toList().indexOf(to);
        List<String> offered = ports(parts.subList(0, carrier + 1), to);
        List<Mounted> moved = new ArrayList<>(parts.subList(0, carrier + 1));
        for (Mounted m : parts.subList(carrier + 1, parts.size())) {
            List<String> on = new ArrayList<>();
            for (String port : m.on()) {
                on.add(of(port, from) ? taking(moved, m, port, offered, to) : port);
            }
            moved.add(m.on(on));
        }
        return new Perch(moved);
    }

    private static String taking(List<Mounted> below, Mounted m, String port, List<String> offered, String to) {
        String same = to + port.substring(port.indexOf('.'));
        if (offered.contains(same)) {
            return same;
        }
        InvalidValue last = new InvalidValue("What “" + m.name() + "” stands on", "“" + to + "” offers nothing",
                "a port for it");
        for (String each : offered) {
            try {
                if (m.on().size() == 1) {
                    List<Mounted> with = new ArrayList<>(below);
                    with.add(m.on(List.of(each)));
                    Perch.ports(with);
                }
                return each;
            } catch (InvalidValue doesNotFit) {
                last = doesNotFit;
            }
        }
        throw last;
    }
}
