package firmperch.part.arm;

import static firmperch.units.Quantity.LENGTH;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.units.Require;
import firmperch.units.UnitSystem;

/**
 * The two equal links of a level-keeping arm. Lengths in m.
 *
 * @param length hole to hole along a link
 * @param spacing hole to hole on each plate, straight up
 * @param depth upright side of a stick
 * @param thickness sideways side of a stick
 * @param count sticks in a link: 1, or 2 with one each side of the plates
 * @param end hole centre to the end of the stick
 */
public record Links(double length, double spacing, Material material, double depth, double thickness, int count,
        double end) implements Described {
    public static final Params<Links> PARAMS = Params.of(Links.class).length("length", "Link length", 0.1, 3)
            .varied(0.02)
            .length("spacing", "Hole spacing on the plates", 0.03, 0.5).varied(0.01)
            .choice("material", "Sticks of", Material.SOLID).varied()
            .length("depth", "Sticks, upright", 0.01, 0.2).varied(0.005)
            .length("thickness", "Sticks, sideways", 0.005, 0.1).varied(0.003)
            .whole("count", "Sticks in a link", 1, 2).varied()
            .length("end", "Hole to end of the stick", 0.005, 0.3).varied(0.005).done();

    public Links {
        PARAMS.check(length, spacing, material, depth, thickness, count, end);
        Require.that(spacing >= depth, "Hole spacing on the plates", spacing, LENGTH,
                "at least their upright side, " + LENGTH.show(depth, UnitSystem.METRIC)
                        + ", so that the links clear each other");
        Require.that(length > depth, "Link length", length, LENGTH, "more than their upright side");
    }

    @Override
    public Params<Links> params() {
        return PARAMS;
    }

    /** The cross-section of one stick. */
    public Section.Rectangle section() {
        return new Section.Rectangle(depth, thickness);
    }

    /** Sawn length of a stick, m. */
    public double sawn() {
        return length + 2 * end;
    }
}
