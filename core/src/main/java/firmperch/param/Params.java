package firmperch.param;

import firmperch.stock.Catalogue;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.BinaryOperator;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * The descriptions of a record's values, one for each component and in their order, which {@link Builder#done} holds them
 * to when the record's class is loaded.
 */
public final class Params<T extends Record> {
    private final Class<T> type;
    private final List<Param> all;
    private final RecordComponent[] components;
    private final Constructor<T> constructor;
    private final BinaryOperator<T> following;

    private Params(Class<T> type, List<Param> all, BinaryOperator<T> following) {
        this.type = type;
        this.all = List.copyOf(all);
        this.following = following;
        components = type.getRecordComponents();
        for (int i = 0; i < Math.max(components.length, all.size()); i++) {
            if (i >= components.length || i >= all.size() || !components[i].getName().equals(all.get(i).name())) {
                throw new IllegalStateException(type.getSimpleName() + " and its description differ at number " + i);
            }
        }
        try {
            constructor = type.getDeclaredConstructor(
                    Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new));
            constructor.setAccessible(true);
            for (RecordComponent component : components) {
                component.getAccessor().setAccessible(true);
            }
        } catch (NoSuchMethodException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Begins the description of a record. */
    public static <R extends Record> Builder<R> of(Class<R> type) {
        return new Builder<>(type);
    }

    /** Collects descriptions in the order of the components. */
    public static final class Builder<R extends Record> {
        private final Class<R> type;
        private final List<Param> params = new ArrayList<>();
        private BinaryOperator<R> following = (before, now) -> now;

        private Builder(Class<R> type) {
            this.type = type;
        }

        private Builder<R> add(String name, String label, Param.Kind kind) {
            params.add(new Param(name, label, kind));
            return this;
        }

        /** A length, m. */
        public Builder<R> length(String name, String label, double least, double most) {
            return measure(name, label, Quantity.LENGTH, least, most);
        }

        /** A mass, kg. */
        public Builder<R> mass(String name, String label, double least, double most) {
            return measure(name, label, Quantity.MASS, least, most);
        }

        /** An angle; the range is given in degrees. */
        public Builder<R> angle(String name, String label, double leastDegrees, double mostDegrees) {
            return measure(name, label, Quantity.ANGLE, Math.toRadians(leastDegrees), Math.toRadians(mostDegrees));
        }

        /** Any quantity, in SI. */
        public Builder<R> measure(String name, String label, Quantity quantity, double least, double most) {
            return add(name, label, new Param.Measure(quantity, least, most, 0));
        }

        /** A whole number. */
        public Builder<R> whole(String name, String label, int least, int most) {
            return add(name, label, new Param.Whole(least, most));
        }

        /** A row of a catalogue. */
        public Builder<R> choice(String name, String label, Catalogue<?> catalogue) {
            return add(name, label, new Param.Choice(catalogue));
        }

        /** One of two. */
        public Builder<R> either(String name, String label, String yes, String no) {
            return add(name, label, new Param.Either(yes, no));
        }

        /** One of an enum's constants. */
        public Builder<R> oneOf(String name, String label, Class<? extends Enum<?>> of) {
            return add(name, label, new Param.OneOf(of));
        }

        /** Words that may not be blank. */
        public Builder<R> name(String name, String label) {
            return add(name, label, new Param.Text(200, true));
        }

        /** Words that may be left out. */
        public Builder<R> note(String name, String label) {
            return add(name, label, new Param.Text(500, false));
        }

        /** A day. */
        public Builder<R> day(String name, String label) {
            return add(name, label, new Param.Day());
        }

        /** Values of its own. */
        public Builder<R> group(String name, String label, Params<?> group) {
            return add(name, label, new Param.Group(group));
        }

        /** A list of things alike. */
        public Builder<R> many(String name, String label, Params<?> each, int most) {
            return add(name, label, new Param.Many(each, most));
        }

        /** A list of things of different sorts. */
        public Builder<R> mixed(String name, String label, List<Param.Variant> variants, int most) {
            return add(name, label, new Param.Mixed(variants, most));
        }

        /** Numbers by name. */
        public Builder<R> settings(String name, String label) {
            return add(name, label, new Param.Settings());
        }

        /** Something described elsewhere. */
        public Builder<R> other(String name, String label, Class<?> of) {
            return add(name, label, new Param.Other(of));
        }

        /** The last one may be varied to cure something. */
        public Builder<R> varied() {
            return last(p -> p.varied(p.kind()));
        }

        /** The last one, a measure, may be varied to cure something, by steps of that size. */
        public Builder<R> varied(double step) {
            return last(p -> {
                Param.Measure m = (Param.Measure) p.kind();
                return p.varied(new Param.Measure(m.quantity(), m.least(), m.most(), step));
            });
        }

        /** The last one is a figure that nobody can look up: what hangs on it is told by {@code Judgements}. */
        public Builder<R> judged() {
            return last(Param::asJudged);
        }

        /** One sentence more about the last one. */
        public Builder<R> help(String help) {
            return last(p -> p.helped(help));
        }

        /** Choosing a row for the last one sets another value of the record too. */
        public <C extends Catalogue.Row> Builder<R> bringing(String other, Class<C> row, Function<C, Object> value) {
            return last(p -> p.bringing(other, chosen -> value.apply(row.cast(chosen))));
        }

        /**
         * The last one is newer than the record: a file that was saved before there was such a value, and so lacks it, opens as if
         * it had this one. What is saved now has it.
         *
         * @param before the value by which all is as it was before; of the component's own type
         */
        public Builder<R> orElse(Object before) {
            return last(p -> {
                p.check(before);
                return p.orElse(before);
            });
        }

        private Builder<R> last(UnaryOperator<Param> change) {
            params.set(params.size() - 1, change.apply(params.getLast()));
            return this;
        }

        /** What else follows in a record from a change of one of its values: of what it was and what it is now, what it is to be. */
        public Builder<R> following(BinaryOperator<R> follows) {
            following = follows;
            return this;
        }

        /** The description, held to the record's components. */
        public Params<R> done() {
            return new Params<>(type, params, following);
        }
    }

    /** The record described. */
    public Class<T> type() {
        return type;
    }

    /** Every description, in order. */
    public List<Param> all() {
        return all;
    }

    /** The description of that name; null if there is none. */
    public Param get(String name) {
        return all.stream().filter(p -> p.name().equals(name)).findFirst().orElse(null);
    }

    /**
     * What a record's constructor asks of its values, in their order.
     *
     * @throws InvalidValue for the first that cannot be
     */
    public void check(Object... values) {
        for (int i = 0; i < values.length; i++) {
            all.get(i).check(values[i]);
        }
    }

    /** The values of a record, in their order. */
    public Object[] values(Record record) {
        Object[] values = new Object[components.length];
        for (int i = 0; i < values.length; i++) {
            try {
                values[i] = components[i].getAccessor().invoke(record);
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException("reading " + components[i], e);
            }
        }
        return values;
    }

    /** The value of that name; null if there is none of that name. */
    public Object value(Record record, String name) {
        for (RecordComponent component : components) {
            if (component.getName().equals(name)) {
                try {
                    return component.getAccessor().invoke(record);
                } catch (ReflectiveOperationException e) {
                    throw new IllegalStateException("reading " + component, e);
                }
            }
        }
        return null;
    }

    /**
     * A record of these values; numbers are turned into the components' own types.
     *
     * @throws InvalidValue if the record refuses them
     */
    public T make(Object... values) {
        Object[] fitted = values.clone();
        for (int i = 0; i < fitted.length; i++) {
            if (fitted[i] instanceof Number number) {
                Class<?> wanted = components[i].getType();
                fitted[i] = wanted == int.class
                        ? (Object) (int) Math.rint(number.doubleValue())
                        : wanted == double.class ? (Object) number.doubleValue() : fitted[i];
            }
        }
        try {
            return constructor.newInstance(fitted);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof InvalidValue refused) {
                throw refused;
            }
            throw new IllegalStateException("making " + type.getSimpleName(), e.getCause());
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("making " + type.getSimpleName(), e);
        }
    }

    /** The record with that value changed, and whatever choosing it brings. */
    public Record with(Record record, String name, Object value) {
        Object[] values = values(record);
        for (int i = 0; i < values.length; i++) {
            Param param = all.get(i);
            if (param.name().equals(name)) {
                boolean same = value != null && value.equals(values[i]);
                values[i] = value;
                // What is chosen once more leaves what was changed since as it is.
                if (value instanceof Catalogue.Row row && !same) {
                    param.brings().forEach((other, follows) -> values[indexOf(other)] = follows.apply(row));
                }
                return following.apply(type.cast(record), make(values));
            }
        }
        throw new IllegalArgumentException("no " + name + " in " + type.getSimpleName());
    }

    private int indexOf(String name) {
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).name().equals(name)) {
                return i;
            }
        }
        throw new IllegalArgumentException("no " + name + " in " + type.getSimpleName());
    }
}
