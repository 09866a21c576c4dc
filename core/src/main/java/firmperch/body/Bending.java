package firmperch.body;

import java.util.List;

/**
 * A sheet that bends between what holds on to its body; the body has no stiff part beside it but what lies on it.
 *
 * @param sheet a rectangle, or a disc
 * @param round true for a disc
 * @param grips how what holds on there does; anything else holds on by a small stiff square
 */
public record Bending(Piece sheet, boolean round, List<Grip> grips) {
    public Bending {
        grips = List.copyOf(grips);
    }

    /**
     * A place where something holds on to it.
     *
     * @param at in the body's axes, m: its place along the sheet counts
     * @param halfX half of its extent along the sheet's x, m
     * @param halfY half of its extent along the sheet's y, m
     * @param how what it does to the sheet
     */
    public record Grip(Vec3 at, double halfX, double halfY, How how) {}

    /** What a thing does to the sheet that it holds on to. */
    public enum How {
        /** Screwed flat on it, and stiff itself. */
        STIFF,
        /** Lies on it, and the sheet bends under it. */
        SPREAD,
        /** Bears along a ring. */
        RING
    }
}
