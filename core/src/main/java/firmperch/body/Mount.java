package firmperch.body;

import java.util.List;

/**
 * Where the camera sits.
 *
 * @param at its mounting face, in the body's axes: x forward, z up
 * @param under what it is screwed on, which is made to fit it; empty if the body's stiff part alone
 */
public record Mount(Body body, Vec3 at, List<Piece> under) {
    public Mount {
        under = List.copyOf(under);
    }
}
