package firmperch.stability;

import firmperch.body.Vec3;
import firmperch.units.Gravity;
import java.util.function.ToDoubleFunction;

/**
 * Rigid statics of a thing that stands on a floor: what it takes to tip it over an edge of its support, the floor sloping
 * by σ, in whichever direction is worst unless that is known. With the centre of mass a distance d inside an edge and h above the floor, and
 * weight W: it leans θ = atan(d/h) − σ before it goes; the moment left about the edge is W·(d·cos σ − h·sin σ), which a push
 * F at height z or a mass m put on a distance q outside the edge uses up. Where the floor falls at an angle φ to the edge's normal it is
 * W·(d·cos σ − h·sin σ·cos φ).
 *
 * @param mass M, kg
 * @param centre of mass, m
 * @param support where the centre of mass may stand
 * @param slope of the floor
 * @param slack how far the centre may come nearer to an edge than it is, m: 0 in one pose, more for a cell of poses
 */
public record Tipping(double mass, Vec3 centre, SupportPolygon support, Slope slope,
        ToDoubleFunction<SupportPolygon.Edge> slack) {
    /** In one pose. */
    public Tipping(double mass, Vec3 centre, SupportPolygon support, Slope slope) {
        this(mass, centre, support, slope, edge -> 0);
    }

    private double inside(SupportPolygon.Edge edge) {
        return edge.inside(centre) - slack.applyAsDouble(edge);
    }

    /** Distance to the nearest edge, m; negative outside, −1 if there is no support at all. */
    public double clearance() {
        double least = support.edges().isEmpty() ? -1 : Double.POSITIVE_INFINITY;
        for (SupportPolygon.Edge edge : support.edges()) {
            least = Math.min(least, inside(edge));
        }
        return least;
    }

    /**
     * How far inside an edge it must be to stand on this slope, and how far it is.
     *
     * @param inside m; negative outside, −1 if there is no support at all
     * @param needed m
     */
    public record Stands(double inside, double needed) {}

    /** At the edge over which it goes first. */
    public Stands stands() {
        Stands least = null;
        for (SupportPolygon.Edge edge : support.edges()) {
            Slope.Pull pull = slope.toward(edge.nx(), edge.ny());
            Stands there = new Stands(inside(edge), centre.z() * pull.out() / pull.down());
            least = least == null || there.inside - there.needed < least.inside - least.needed ? there : least;
        }
        return least == null ? new Stands(-1, centre.z() * Math.tan(slope.most())) : least;
    }

    /** Lean in the weakest direction before it goes, rad; negative if it does not stand. */
    public double leastLean() {
        double least = support.edges().isEmpty() ? leans(-1, slope.toward(1, 0)) : Double.POSITIVE_INFINITY;
        for (SupportPolygon.Edge edge : support.edges()) {
            least = Math.min(least, leans(inside(edge), slope.toward(edge.nx(), edge.ny())));
        }
        return least;
    }

    /** The same on a level floor, rad. */
    public double levelLean() {
        return Math.atan2(clearance(), centre.z());
    }

    /** Lean in that direction before it goes, rad from the x axis; negative if it does not stand. */
    public double lean(double direction) {
        return leans(support.along(centre, direction), slope.toward(Math.cos(direction), Math.sin(direction)));
    }

    /** From where weight pulls to the edge. */
    private double leans(double inside, Slope.Pull pull) {
        return Math.atan2(inside, centre.z()) - Math.atan2(pull.out(), pull.down());
    }

    /** Moment about an edge that is left, for each kilogram and m/s² of weight, m. */
    private double lever(SupportPolygon.Edge edge) {
        Slope.Pull pull = slope.toward(edge.nx(), edge.ny());
        return inside(edge) * pull.down() - centre.z() * pull.out();
    }

    /** Push at a height, m, that starts it tipping in the weakest direction, N. */
    public double push(double height) {
        double least = support.edges().isEmpty() ? -1 : Double.POSITIVE_INFINITY;
        for (SupportPolygon.Edge edge : support.edges()) {
            least = Math.min(least, lever(edge));
        }
        return mass * Gravity.STANDARD * least / height;
    }

    /** Push at a height, m, that starts it tipping in that direction, N; infinite where no edge lies that way. */
    public double push(double height, double direction) {
        double least = Double.POSITIVE_INFINITY;
        for (SupportPolygon.Edge edge : support.edges()) {
            double share = edge.nx() * Math.cos(direction) + edge.ny() * Math.sin(direction);
            if (share > 1e-9) {
                least = Math.min(least, mass * Gravity.STANDARD * lever(edge) / (height * share));
            }
        }
        return support.edges().isEmpty() ? 0 : least;
    }

    /**
     * Mass that tips it when put on a point, kg; infinite where no edge lies inside of it.
     *
     * @param loose how far the point may lie further out, m
     */
    public double tippingMass(Vec3 point, double loose) {
        double least = Double.POSITIVE_INFINITY;
        for (SupportPolygon.Edge edge : support.edges()) {
            Slope.Pull pull = slope.toward(edge.nx(), edge.ny());
            double outside = (loose - edge.inside(point)) * pull.down() + (point.z() + loose) * pull.out();
            if (outside > 1e-9) {
                least = Math.min(least, mass * lever(edge) / outside);
            }
        }
        return support.edges().isEmpty() ? 0 : least;
    }
}
