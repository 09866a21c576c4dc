package firmperch.part;

import static firmperch.units.Quantity.LENGTH;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.Tyre;
import firmperch.units.Require;
import firmperch.units.UnitSystem;

/**
 * A swivel caster. Lengths in m, masses in kg.
 *
 * @param plate side of its mounting plate
 * @param height floor to the plate's upper face
 * @param diameter of the wheel
 * @param trail swivel axis to wheel axle, seen from above
 * @param rating what one may carry
 * @param mass of one
 * @param tyre what its wheel is shod with
 */
public record Caster(double plate, double height, double diameter, double trail, double rating, double mass, Tyre tyre)
        implements
            Described {
    static final Params<Caster> PARAMS = Params.of(Caster.class).length("plate", "Plate of a caster", 0.03, 0.2)
            .length("height", "Height of a caster", 0.02, 0.4).length("diameter", "Wheel of a caster", 0.02, 0.35)
            .length("trail", "Trail of a caster", 0, 0.15).mass("rating", "Rating of a caster", 1, 2000).varied(25)
            .mass("mass", "Mass of a caster", 0, 20).choice("tyre", "Tyre", Tyre.ALL).varied().done();

    public Caster {
        PARAMS.check(plate, height, diameter, trail, rating, mass, tyre);
        Require.that(height >= diameter, "Height of a caster", height, LENGTH,
                "at least its wheel, " + LENGTH.show(diameter, UnitSystem.METRIC));
    }

    @Override
    public Params<Caster> params() {
        return PARAMS;
    }
}
