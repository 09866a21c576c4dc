package firmperch.shot;

import firmperch.param.Described;
import firmperch.param.Params;

/** Picture elements along the long and the short side; the usual ones can be chosen, any can be typed. */
public record Pixels(int wide, int high) implements Described {
    static final Params<Pixels> PARAMS = Params.of(Pixels.class).whole("wide", "Pixels, long side", 16, 20000)
            .whole("high", "Pixels, short side", 16, 20000).done();

    public Pixels {
        PARAMS.check(wide, high);
    }

    @Override
    public Params<Pixels> params() {
        return PARAMS;
    }
}
