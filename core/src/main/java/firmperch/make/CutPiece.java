package firmperch.make;

/**
 * A piece to cut.
 *
 * @param count how many alike
 * @param length m
 * @param width m; for a tube its outer size
 * @param thickness m; for a tube its wall
 * @param holes what to drill, with its datum, and what else is to be done to it; empty if nothing
 * @param mass of one, kg
 */
public record CutPiece(String part, int count, String material, double length, double width, double thickness,
        String holes, double mass) {}
