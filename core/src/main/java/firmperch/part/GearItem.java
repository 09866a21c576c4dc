package firmperch.part;

import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.InvalidValue;
import java.util.List;

/**
 * One thing that hangs on the head.
 *
 * @param mass kg
 * @param forward where its weight sits ahead of the head's axis, m
 * @param left to the left of it, m
 * @param up above the mounting face, m (below is negative)
 * @param size how much room it takes
 * @param facts what else is known of it
 * @param films what it films with: nothing, or one camera
 */
public record GearItem(String name, double mass, double forward, double left, double up, Size size, GearFacts facts,
        List<Filming> films)
        implements
            Described {
    /** Outer sides, m; all 0 where nobody has said. */
    public record Size(double along, double across, double high) implements Described {
        static final Params<Size> PARAMS = Params.of(Size.class).length("along", "Long", 0, 2)
                .length("across", "Wide", 0, 2).length("high", "High", 0, 2).done();
        /** A side of less could not be told from none in what is worked out of it, m. */
        private static final double LEAST = 1e-7;
        /** Not said: as good as a point. */
        public static final Size POINT = new Size(0, 0, 0);

        public Size {
            PARAMS.check(along, across, high);
            for (double side : new double[]{along, across, high}) {
                if (side > 0 && side < LEAST) {
                    throw new InvalidValue("Size", "a side of less than a ten-thousandth of a millimetre",
                            "0 mm if it is not known, or a length");
                }
            }
        }

        @Override
        public Params<Size> params() {
            return PARAMS;
        }
    }

    public static final Params<GearItem> PARAMS = Params.of(GearItem.class).name("name", "Name")
            .mass("mass", "Mass", 0, 50)
            .length("forward", "Forward", -1, 1).length("left", "Left", -1, 1).length("up", "Up", -1, 1)
            .group("size", "Size", Size.PARAMS).group("facts", "More", GearFacts.PARAMS).orElse(GearFacts.PLAIN)
            .many("films", "What it films with", Filming.PARAMS, 1).orElse(List.of()).done();
    /** So many times what it says a guess counts: our own judgement. */
    public static final double GUESSED = 1.25;

    public GearItem {
        films = List.copyOf(films);
        PARAMS.check(name, mass, forward, left, up, size, facts, films);
    }

    @Override
    public Params<GearItem> params() {
        return PARAMS;
    }

    /** One of which nothing more is known. */
    public GearItem(String name, double mass, double forward, double left, double up, Size size) {
        this(name, mass, forward, left, up, size, GearFacts.PLAIN);
    }

    /** One that does not film. */
    public GearItem(String name, double mass, double forward, double left, double up, Size size, GearFacts facts) {
        this(name, mass, forward, left, up, size, facts, List.of());
    }

    /** The mass that it counts with: the high end of a guess, kg. */
    public double counts() {
        return facts.weighed() ? mass : GUESSED * mass;
    }

    /** The same thing elsewhere on the head. */
    public GearItem at(Vec3 other) {
        return new GearItem(name, mass, other.x(), other.y(), other.z(), size, facts, films);
    }

    /** The same thing under another name. */
    public GearItem named(String other) {
        return new GearItem(other, mass, forward, left, up, size, facts, films);
    }

    /** The same thing filming with that, or with nothing. */
    public GearItem filming(List<Filming> other) {
        return new GearItem(name, mass, forward, left, up, size, facts, other);
    }

    /** Where its weight sits from the mounting face, m. */
    public Vec3 at() {
        return new Vec3(forward, left, up);
    }
}
