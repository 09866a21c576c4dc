package firmperch.stability;

import firmperch.body.Vec3;
import firmperch.units.Gravity;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Rigid statics of a thing that stands on a floor: what it takes to tip it over an edge of its support, the floor sloping
 * by σ, in whichever direction is worst unless that is known. With the centre of mass a distance d inside an edge and h above the floor, and
 * weight W: it leans θ = atan(d/h) − σ before it goes; the moment left about the edge is W·(d·cos σ − h·sin σ), which a push
 * F at height z or a mass m put on a distance q outside the edge uses up. Where the floor falls at an angle φ to the edge's normal it is
 * W·(d·cos σ − h·sin σ·cos φ).
 *
 * <p>What an edge and the floor have to do with it is worked out once, as many questions are asked of it.
 */
public final class Tipping {
    private final double mass;
    private final Vec3 centre;
    private final SupportPolygon support;
    private final Slope slope;
    private final List<SupportPolygon.Edge> edges;
    /** How far inside each edge the centre is, m; negative outside. */
    private final double[] inside;
    /** How weight pulls toward each edge. */
    private final Slope.Pull[] pulls;

    /**
     * @param mass M, kg
     * @param centre of mass, m
     * @param support where the centre of mass may stand
     * @param slope of the floor
     * @param slack how far the centre may come nearer to an edge than it is, m: 0 in one pose, more for a cell of poses
     */
    public Tipping(double mass, Vec3 centre, SupportPolygon support, Slope slope,
            ToDoubleFunction<SupportPolygon.Edge> slack) {
        this.mass = mass;
        this.centre = centre;
        this.support = support;
        this.slope = slope;
        edges = support.edges();
        inside = new double[edges.size()];
        pulls = new Slope.Pull[inside.length];
        for (int i = 0; i < inside.length; i++) {
            SupportPolygon.Edge edge = edges.get(i);
            inside[i] = edge.inside(centre) - slack.applyAsDouble(edge);
            pulls[i] = slope.toward(edge.nx(), edge.ny());
        }
    }

    /** In one pose. */
    public Tipping(double mass, Vec3 centre, SupportPolygon support, Slope slope) {
        this(mass, centre, support, slope, edge -> 0);
    }

    /** M, kg. */
    public double mass() {
        return mass;
    }

    /** Centre of mass, m. */
    public Vec3 centre() {
        return centre;
    }

    /** Slope of the floor. */
    public Slope slope() {
        return slope;
    }

    /** Distance to the nearest edge, m; negative outside, −1 if there is no support at all. */
    public double clearance() {
        double least = edges.isEmpty() ? -1 : Double.POSITIVE_INFINITY;
        for (double one : inside) {
            least = Math.min(least, one);
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
        for (int i = 0; i < inside.length; i++) {
            Stands there = new Stands(inside[i], centre.z() * pulls[i].out() / pulls[i].down());
            least = least == null || there.inside - there.needed < least.inside - least.needed ? there : least;
        }
        return least == null ? new Stands(-1, centre.z() * Math.tan(slope.most())) : least;
    }

    /** Lean in the weakest direction before it goes, rad; negative if it does not stand. */
    public double leastLean() {
        double least = edges.isEmpty() ? leans(-1, slope.toward(1, 0)) : Double.POSITIVE_INFINITY;
        for (int i = 0; i < inside.length; i++) {
            least = Math.min(least, leans(inside[i], pulls[i]));
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
    private double lever(int edge) {
        return inside[edge] * pulls[edge].down() - centre.z() * pulls[edge].out();
    }

    /** Push at a height, m, that starts it tipping in the weakest direction, N. */
    public double push(double height) {
        double least = edges.isEmpty() ? -1 : Double.POSITIVE_INFINITY;
        for (int i = 0; i < inside.length; i++) {
            least = Math.min(least, lever(i));
        }
        return mass * Gravity.STANDARD * least / height;
    }

    /** Push at a height, m, that starts it tipping in that direction, N; infinite where no edge lies that way. */
    public double push(double height, double direction) {
        double x = Math.cos(direction);
        double y = Math.sin(direction);
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < inside.length; i++) {
            double share = edges.get(i).nx() * x + edges.get(i).ny() * y;
            if (share > 1e-9) {
                least = Math.min(least, mass * Gravity.STANDARD * lever(i) / (height * share));
            }
        }
        return edges.isEmpty() ? 0 : least;
    }

    /**
     * Mass that tips it when put on a point, kg; infinite where no edge lies inside of it.
     *
     * @param loose how far the point may lie further out, m
     */
    public double tippingMass(Vec3 point, double loose) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < inside.length; i++) {
            double outside = (loose - edges.get(i).inside(point)) * pulls[i].down()
                    + (point.z() + loose) * pulls[i].out();
            if (outside > 1e-9) {
                least = Math.min(least, mass * lever(i) / outside);
            }
        }
        return edges.isEmpty() ? 0 : least;
    }
}
