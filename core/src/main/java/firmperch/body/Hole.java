package firmperch.body;

/**
 * A hole straight through a piece, in the piece's own axes.
 *
 * @param at where its middle line enters, m
 * @param along which way it goes; of length 1
 * @param diameter m
 * @param purpose what goes through it, in words: "pivot bolt M8"
 * @param together names what it is drilled together with, "all sticks clamped together"; empty if alone
 */
public record Hole(Vec3 at, Vec3 along, double diameter, String purpose, String together) {
    /** A hole drilled alone. */
    public Hole(Vec3 at, Vec3 along, double diameter, String purpose) {
        this(at, along, diameter, purpose, "");
    }
}
