package firmperch.check;

import firmperch.frame.FrameSolver;
import firmperch.frame.Vec3;

/**
 * Rigid statics of a thing that stands on the floor: what it takes to tip it over an edge of its support. With the centre
 * of mass a distance d inside an edge and h above the floor, and weight W: it leans θ = atan(d/h) before it goes, a push
 * F = W·d/z at height z starts it, and so does a mass M·d/q put on a distance q outside the edge.
 *
 * @param mass M, kg
 * @param centre of mass, m
 * @param support where the centre of mass may stand
 */
public record Tipping(double mass, Vec3 centre, SupportPolygon support) {
    /** Lean in the weakest direction before it goes, rad; negative if it does not stand. */
    public double leastLean() {
        return Math.atan2(support.clearance(centre), centre.z());
    }

    /** Lean in that direction before it goes, rad from the x axis; negative if it does not stand. */
    public double lean(double direction) {
        return Math.atan2(support.along(centre, direction), centre.z());
    }

    /** Push at a height, m, that starts it tipping in the weakest direction, N. */
    public double push(double height) {
        return mass * FrameSolver.GRAVITY * support.clearance(centre) / height;
    }

    /** Mass that tips it when put on a point, kg; infinite where the point lies over the support. */
    public double tippingMass(Vec3 point) {
        double least = Double.POSITIVE_INFINITY;
        for (SupportPolygon.Edge edge : support.edges()) {
            double outside = -edge.inside(point);
            if (outside > 1e-9) {
                least = Math.min(least, mass * edge.inside(centre) / outside);
            }
        }
        return support.edges().isEmpty() ? 0 : least;
    }
}
