package firmperch.project;

import firmperch.units.InvalidValue;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * One value inside nested records, named by its path: {@code perch.arm.linkLength}, {@code gear.items.2.mass},
 * {@code stance.joints.pin}. Changing it makes new records from there up to the root through their own constructors, so
 * that every rule of theirs is asked again.
 */
public record RecordPath(List<String> steps) {
    public RecordPath {
        steps = List.copyOf(steps);
    }

    /** Reads a path written with points. */
    public static RecordPath of(String path) {
        return new RecordPath(List.of(path.split("\\.")));
    }

    /** The value there. */
    public Object get(Object root) {
        Object at = root;
        for (String step : steps) {
            at = child(at, step);
        }
        return at;
    }

    /** A number there, whatever its Java type. */
    public double number(Object root) {
        return ((Number) get(root)).doubleValue();
    }

    /**
     * The root with that value changed; a number is turned into the component's own type.
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
        Object child = with(child(at, step), depth + 1, value);
        return switch (at) {
            case Record record -> rebuilt(record, step, child);
            case List<?> list -> {
                List<Object> copy = new ArrayList<>(list);
                copy.set(Integer.parseInt(step), child);
                yield Collections.unmodifiableList(copy);
            }
            case Map<?, ?> map -> {
                Map<Object, Object> copy = new TreeMap<>(map);
                copy.put(step, child instanceof Number number ? (Object) number.doubleValue() : child);
                yield copy;
            }
            default -> throw new IllegalArgumentException("no way into " + at.getClass() + " at " + step);
        };
    }

    private static Object child(Object at, String step) {
        return switch (at) {
            case Record record -> {
                try {
                    yield accessor(record, step).invoke(record);
                } catch (ReflectiveOperationException e) {
                    throw new IllegalStateException("reading " + step, e);
                }
            }
            case List<?> list -> list.get(Integer.parseInt(step));
            case Map<?, ?> map -> map.get(step);
            default -> throw new IllegalArgumentException("no " + step + " in " + at.getClass());
        };
    }

    /** Looked up once a record type: every field of a form reads its value whenever anything changes. */
    private static final ClassValue<Map<String, Method>> ACCESSORS = new ClassValue<>() {
        @Override
        protected Map<String, Method> computeValue(Class<?> type) {
            return Arrays.stream(type.getRecordComponents())
                    .collect(Collectors.toMap(RecordComponent::getName, RecordComponent::getAccessor));
        }
    };

    private static Method accessor(Record record, String name) {
        Method accessor = ACCESSORS.get(record.getClass()).get(name);
        if (accessor == null) {
            throw new IllegalArgumentException("no " + name + " in " + record.getClass().getSimpleName());
        }
        return accessor;
    }

    private static Object rebuilt(Record record, String name, Object value) {
        RecordComponent[] components = record.getClass().getRecordComponents();
        Class<?>[] types = new Class<?>[components.length];
        Object[] values = new Object[components.length];
        try {
            for (int i = 0; i < components.length; i++) {
                types[i] = components[i].getType();
                values[i] = components[i].getName().equals(name)
                        ? fitted(value, types[i])
                        : components[i].getAccessor().invoke(record);
            }
            Constructor<?> constructor = record.getClass().getDeclaredConstructor(types);
            return constructor.newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof InvalidValue refused) {
                throw refused;
            }
            throw new IllegalStateException("making " + record.getClass().getSimpleName(), e.getCause());
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("making " + record.getClass().getSimpleName(), e);
        }
    }

    private static Object fitted(Object value, Class<?> type) {
        if (value instanceof Number number) {
            if (type == int.class) {
                return (int) Math.rint(number.doubleValue());
            }
            if (type == double.class) {
                return number.doubleValue();
            }
        }
        return value;
    }

    @Override
    public String toString() {
        return String.join(".", steps);
    }
}
