package firmperch.body;

/**
 * Where the camera sits.
 *
 * @param at its mounting face, in the body's axes: x forward, z up
 */
public record Mount(Body body, Vec3 at) {}
