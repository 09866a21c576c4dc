package firmperch.part.base;

import static firmperch.units.Quantity.LENGTH;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.Require;

/** The walls of a square box, m: its outer side in plan, its outer height with the floor, the thickness of its plywood. */
public record Shell(double side, double height, double wall) implements Described {
    public static final Params<Shell> PARAMS = Params.of(Shell.class).length("side", "Side of the box", 0.1, 1.5)
            .varied(0.02)
            .length("height", "Height of the box", 0.05, 1).varied(0.02)
            .length("wall", "Wall of the box", 0.006, 0.05).varied(0.003).done();

    public Shell {
        PARAMS.check(side, height, wall);
        Require.that(side > 4 * wall, "Side of the box", side, LENGTH, "more than four walls");
        Require.that(height > 2 * wall, "Height of the box", height, LENGTH, "more than two walls");
    }

    @Override
    public Params<Shell> params() {
        return PARAMS;
    }

    /** Inner side, m. */
    public double inner() {
        return side - 2 * wall;
    }

    /** Height that a filling can reach above the floor, m. */
    public double depth() {
        return height - wall;
    }
}
