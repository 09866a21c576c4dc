package firmperch.part.base;

import firmperch.param.Described;
import firmperch.param.Params;

/**
 * Casters under the corners of a square board.
 *
 * @param out middle of the base to a caster's swivel axis, along each side, m
 * @param locked true if brakes hold wheels and swivels where they stand; false if they swivel freely
 * @param outward true if every wheel is turned straight outward before it is locked; false if it stays where rolling left it
 */
public record Corners(double out, boolean locked, boolean outward) implements Described {
    public static final Params<Corners> PARAMS = Params.of(Corners.class).length("out", "Middle to caster", 0.05, 1)
            .varied(0.02).either("locked", "Casters are", "locked", "free to swivel").varied()
            .either("outward", "Wheels locked", Caster.TURNED, Caster.LEFT).varied().done();

    /** Casters under a square board. */
    static final int COUNT = 4;

    public Corners {
        PARAMS.check(out, locked, outward);
    }

    @Override
    public Params<Corners> params() {
        return PARAMS;
    }
}
