package firmperch.frame;

import firmperch.body.Bending;

/**
 * Where something holds on to a plate, in the plate's own plane, m from its middle.
 *
 * @param x of its middle
 * @param y of its middle
 * @param halfX half its extent along x
 * @param halfY half its extent along y
 * @param how what it does to the plate there
 */
public record Seat(double x, double y, double halfX, double halfY, Bending.How how) {
    /** A stiff square. */
    public static Seat square(double x, double y, double half) {
        return new Seat(x, y, half, half, Bending.How.STIFF);
    }
}
