package firmperch.param;

import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * One value inside nested records, named by its path: {@code perch.arm.links.length}, {@code gear.items.2.mass},
 * {@code stance.joints.arm.lift}. Changing it makes new records from there up to the root through their own constructors,
 * so that every rule of theirs is asked again.
 */
public record Path(List<String> steps) {
    public Path {
        steps = List.copyOf(steps);
    }

    /** Reads a path written with points. */
    public static Path of(String path) {
        return new Path(List.of(path.split("\\.")));
    }

    /** The path to a value of what this path leads to. */
    public Path then(String step) {
        List<String> longer = new ArrayList<>(steps);
        longer.add(step);
        return new Path(longer);
    }

    /** The value there; null if the way ends before. */
    public Object get(Object root) {
        return get(root, 0);
    }

    private Object get(Object at, int depth) {
        if (depth == steps.size() || at == null) {
            return at;
        }
        return switch (at) {
            case Map<?, ?> map -> map.get(rest(depth));
            case List<?> list -> {
                int index = Integer.parseInt(steps.get(depth));
                yield index < list.size() ? get(list.get(index), depth + 1) : null;
            }
            case Branching branching -> get(branching.branch(steps.get(depth)), depth + 1);
            case Described described -> get(described.params().value((Record) described, steps.get(depth)), depth + 1);
            default -> throw new IllegalArgumentException("no way into " + at.getClass() + " at " + steps.get(depth));
        };
    }

    /** Names of settings have points of their own. */
    private String rest(int depth) {
        return String.join(".", steps.subList(depth, steps.size()));
    }

    /** True if the way there is whole: what it leads to has not been removed, such as a part of another kind of rig. */
    public boolean leads(Object root) {
        Object at = new Path(steps.subList(0, steps.size() - 1)).get(root);
        return switch (at) {
            case Described described -> described.params().get(steps.getLast()) != null;
            case List<?> list -> Integer.parseInt(steps.getLast()) < list.size();
            case null -> steps.contains("joints");
            default -> true;
        };
    }

    /** A number there, whatever its Java type. */
    public double number(Object root) {
        return ((Number) get(root)).doubleValue();
    }

    /**
     * How the value there is described.
     *
     * @return null where nothing describes it, as for a joint's setting
     */
    public Param param(Object root) {
        Object at = new Path(steps.subList(0, steps.size() - 1)).get(root);
        return at instanceof Described described ? described.params().get(steps.getLast()) : null;
    }

    /**
     * The root with that value changed.
     *
     * @throws InvalidValue if any record on the way refuses it
     */
    public <T> T with(T root, Object value) {
        @SuppressWarnings("unchecked")
        T changed = (T) with(root, 0, value);
        return changed;
    }

    private Object with(Object at, int depth, Object value) {
        if (depth == steps.size()) {
            return value;
        }
        String step = steps.get(depth);
        return switch (at) {
            case Map<?, ?> map -> {
                Map<Object, Object> copy = new TreeMap<>(map);
                copy.put(rest(depth), ((Number) value).doubleValue());
                yield copy;
            }
            case List<?> list -> {
                List<Object> copy = new ArrayList<>(list);
                int index = Integer.parseInt(step);
                copy.set(index, with(list.get(index), depth + 1, value));
                yield Collections.unmodifiableList(copy);
            }
            case Branching branching -> branching.withBranch(step, with(branching.branch(step), depth + 1, value));
            case Described described -> described.params().with((Record) described, step,
                    with(described.params().value((Record) described, step), depth + 1, value));
            default -> throw new IllegalArgumentException("no way into " + at.getClass() + " at " + step);
        };
    }

    @Override
    public String toString() {
        return String.join(".", steps);
    }
}
