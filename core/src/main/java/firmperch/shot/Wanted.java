package firmperch.shot;

import static firmperch.units.Quantity.LENGTH;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.Require;
import firmperch.units.UnitSystem;

/**
 * The rectangle that must be in the picture. Lengths in m.
 *
 * @param width long side
 * @param depth short side
 * @param alongArm true if the picture's long side lies along the arm, false if across it
 * @param height of the filmed plane above the bench top
 * @param fromEdge its centre from the bench edge nearest the perch
 * @param aside its centre to the left of the bench's middle
 */
public record Wanted(double width, double depth, boolean alongArm, double height, double fromEdge, double aside)
        implements
            Described {
    public static final Params<Wanted> PARAMS = Params.of(Wanted.class)
            .length("width", "Long side of the picture", 0.01, 3)
            .length("depth", "Short side of the picture", 0.01, 3)
            .either("alongArm", "Long side lies", "along the arm", "across the arm").varied()
            .length("height", "Height of the work", 0, 1.5).length("fromEdge", "Centre from the bench edge", -1, 3)
            .length("aside", "Centre to the left", -3, 3).done();

    public Wanted {
        PARAMS.check(width, depth, alongArm, height, fromEdge, aside);
        Require.that(depth <= width, "Short side of the picture", depth, LENGTH,
                "at most the long side, " + LENGTH.show(width, UnitSystem.METRIC));
    }

    @Override
    public Params<Wanted> params() {
        return PARAMS;
    }
}
