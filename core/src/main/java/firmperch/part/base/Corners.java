package firmperch.part.base;

import firmperch.param.Described;
import firmperch.param.Params;

/**
 * Casters under the corners of a square board.
 *
 * @param out middle of the base to a caster's swivel axis, along each side, m
 * @param locked true if brakes hold wheels and swivels where they stand; false if they swivel freely
 * @param heading where a locked caster's wheel lies from its swivel axis: rad from straight outward
 */
public record Corners(double out, boolean locked, double heading) implements Described {
    public static final Params<Corners> PARAMS = Params.of(Corners.class).length("out", "Middle to caster", 0.05, 1)
            .varied(0.02).either("locked", "Casters are", "locked", "free to swivel").varied()
            .angle("heading", "Locked wheel points", -180, 180).done();

    /** Casters under a square board. */
    static final int COUNT = 4;

    public Corners {
        PARAMS.check(out, locked, heading);
    }

    @Override
    public Params<Corners> params() {
        return PARAMS;
    }
}
