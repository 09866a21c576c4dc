package firmperch.project;

import static firmperch.units.Quantity.ANGLE;
import static firmperch.units.Quantity.LENGTH;
import static firmperch.units.Require.between;

import firmperch.units.Require;

/**
 * The room around the bench. Room axes: x away from the wall, y to the left along it, z up from the floor; the wall is
 * at x = 0 and the middle of the bench at y = 0. Lengths in m.
 *
 * @param roomDepth wall to the opposite wall
 * @param ceiling floor to ceiling or lowest beam
 * @param benchFrom wall to the bench's near edge
 * @param benchDepth of the bench, away from the wall
 * @param benchWidth of the bench, along the wall
 * @param benchHeight floor to bench top
 * @param benchTop thickness of its top with rails
 * @param walkway width to be kept open between the wall and whatever stands on the floor
 * @param slope of the floor, rad, in whichever direction is worst
 */
public record Place(double roomDepth, double ceiling, double benchFrom, double benchDepth, double benchWidth,
        double benchHeight, double benchTop, double walkway, double slope) {
    public Place {
        between("Depth of the room", roomDepth, 0.5, 50, LENGTH);
        between("Ceiling", ceiling, 1, 20, LENGTH);
        between("Wall to bench", benchFrom, 0, 50, LENGTH);
        between("Depth of the bench", benchDepth, 0.1, 10, LENGTH);
        between("Width of the bench", benchWidth, 0.1, 10, LENGTH);
        between("Height of the bench", benchHeight, 0.05, 2, LENGTH);
        between("Thickness of the bench top", benchTop, 0.005, 1, LENGTH);
        between("Walkway", walkway, 0, 5, LENGTH);
        between("Slope of the floor", slope, 0, Math.toRadians(20), ANGLE);
        Require.that(benchFrom + benchDepth <= roomDepth, "Depth of the bench", benchDepth, LENGTH,
                "so little that the bench fits in the room");
        Require.that(benchTop <= benchHeight, "Thickness of the bench top", benchTop, LENGTH,
                "at most the height of the bench");
        Require.that(benchHeight < ceiling, "Height of the bench", benchHeight, LENGTH, "less than the ceiling");
    }
}
