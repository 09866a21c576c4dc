package firmperch.part;

import firmperch.param.Described;
import firmperch.param.Params;

/**
 * A cable from the camera along the rig.
 *
 * @param length m
 * @param socket true if it goes on to a socket of the room; false if it ends where the rig stands
 */
public record Cable(String name, double length, boolean socket) implements Described {
    static final Params<Cable> PARAMS = Params.of(Cable.class).name("name", "Name")
            .length("length", "Length", 0.05, 50).varied(0.5).either("socket", "Goes on to", "a socket", "nowhere")
            .done();

    public Cable {
        PARAMS.check(name, length, socket);
    }

    @Override
    public Params<Cable> params() {
        return PARAMS;
    }
}
