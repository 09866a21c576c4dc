package firmperch.pose;

import firmperch.body.Body;
import firmperch.body.Piece;
import firmperch.body.Station;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.units.Gravity;

/**
 * Bounds on how far things can move within a cell of poses, measured from the middle of the cell. They follow from
 * lengths and masses alone ({@link MotionBounds}), so they hold for certain.
 *
 * <p>The idea is Taylor's theorem with a bounded remainder: along a direction n the centre of mass moves by at most
 * Σ|n·∂c/∂q_f|·w_f + ½·ΣΣ B_fg·w_f·w_g, where w_f is half the width of the cell along freedom f (rad or m) and B_fg
 * bounds the second derivative. The first sum is exact in the middle; the second covers what changes on the way.
 *
 * <p>Degenerate cases: steps have no width, as each setting gets cells of its own. Where a mechanism turns something
 * at a changing rate, as an unequal four-bar does, second derivatives are not bounded; then the greatest speed is
 * used instead, and where even that is not known the bound is infinite.
 */
public final class CellBounds {
    private final Posed posed;
    private final MotionBounds rates;
    private final double[] widths;
    private final double rest;
    private final Vec3[] velocities;

    private CellBounds(Posed posed, double[] widths) {
        this.posed = posed;
        this.widths = widths;
        rates = posed.rig().bounds();
        double sum = 0;
        for (int f = 0; f < widths.length; f++) {
            if (widths[f] > 0 && !rates.even(f)) {
                sum += 2 * rates.massSpeed(f) * widths[f];
            }
            for (int g = 0; g < widths.length; g++) {
                if (widths[f] > 0 && widths[g] > 0 && rates.even(f) && rates.even(g)) {
                    sum += rates.massBend(f, g) * widths[f] * widths[g];
                }
            }
        }
        rest = sum / 2 / posed.mass();
        velocities = new Vec3[widths.length];
    }

    /**
     * The cell around a pose.
     *
     * @param widths how far each freedom may be from there: rad or m; 0 for steps
     */
    public static CellBounds of(Posed posed, double[] widths) {
        return new CellBounds(posed, widths.clone());
    }

    /** How far the centre of mass can move along a unit direction, m. */
    public double centreAlong(Vec3 n) {
        double sum = rest;
        for (int f = 0; f < widths.length; f++) {
            if (widths[f] > 0 && rates.even(f)) {
                if (velocities[f] == null) {
                    velocities[f] = posed.centreVelocity(f);
                }
                sum += Math.abs(n.dot(velocities[f])) * widths[f];
            }
        }
        return sum;
    }

    /** How much nearer two pieces can come, m, judged by their greatest speed against each other. */
    public double nearer(RelativeMotionBounds pair) {
        return pair.moves(widths);
    }

    /** A distance that they keep in the whole cell, m: at least {@link #nearer} less than in the middle. */
    public double keeps(RelativeMotionBounds pair, Piece one, Piece other, Vec3 n) {
        return pair.keeps(posed, one, other, n, widths);
    }

    /** How far any point of a body can move, m. */
    public double of(Body body) {
        double sum = 0;
        for (int f = 0; f < widths.length; f++) {
            sum += rates.speed(body, f) * widths[f];
        }
        return sum;
    }

    /** How far any point of a body can move up or down, m. */
    public double rise(Body body) {
        double sum = 0;
        for (int f = 0; f < widths.length; f++) {
            sum += rates.level(f) ? 0 : rates.speed(body, f) * widths[f];
        }
        return sum;
    }

    /** How much a freedom's width adds to the bounds; used to choose the one to halve a cell along. */
    public static double weight(Rig rig, int freedom, double width) {
        return rig.bounds().massSpeed(freedom) * width;
    }

    /**
     * How much the moment of gravity and springs about a freedom can change, N·m or N; infinite if no bound is
     * derived.
     */
    public double slope(int freedom) {
        double sum = 0;
        for (int g = 0; g < widths.length; g++) {
            if (widths[g] > 0) {
                sum += rates.massBend(freedom, g) * Gravity.STANDARD * widths[g];
                for (Tie tie : posed.rig().assembly().ties()) {
                    sum += tie(tie, freedom, g) * widths[g];
                }
            }
        }
        return sum;
    }

    /**
     * Bound on the second derivative of a tie's energy, which only springs have. With ℓ the distance of its ends and P ≤ k·ℓ its pull,
     * |∂²/∂f∂g| ≤ k·|∂d/∂f|·|∂d/∂g| + P·|∂²d/∂f∂g|: along the spring its rate counts, across it P/ℓ ≤ k.
     */
    private double tie(Tie tie, int f, int g) {
        if (!(tie instanceof Tie.Spring spring)) {
            return 0;
        }
        Body from = tie.from().body();
        Body to = tie.to().body();
        double df = rates.speed(from, f) + rates.speed(to, f);
        double dg = rates.speed(from, g) + rates.speed(to, g);
        double bend = rates.bend(from, f, g) + rates.bend(to, f, g);
        double pull = spring.pull(posed.ties().length(spring) + lengthens(spring));
        return spring.rate() * df * dg + (pull > 0 ? pull * bend : 0);
    }

    /** How much longer a tie can get, m. */
    public double lengthens(Tie tie) {
        if (tie.path().size() == 2 && tie.from().body() != null && tie.to().body() != null) {
            return rates.between(tie).lengthens(posed, posed.point(tie.from().body(), tie.from().at()),
                    posed.point(tie.to().body(), tie.to().at()), widths);
        }
        double sum = 0;
        for (int i = 0; i < tie.path().size(); i++) {
            boolean over = i > 0 && i + 1 < tie.path().size();
            sum += (over ? 2 : 1) * of(tie.path().get(i).body());
        }
        return sum;
    }

    /** How much the lever of a station's load about its seat can change, m. */
    public double lever(Station station) {
        double sum = 0;
        int low = posed.rig().indexOf(station);
        double mass = posed.massFrom(station);
        for (int f = 0; f < widths.length && mass > 0; f++) {
            if (widths[f] > 0 && rates.feltAt(station, f)) {
                double carried = 0;
                for (Rig.StationMass part : posed.rig().masses()) {
                    if (posed.rig().carries(low, part.station())) {
                        carried += part.mass() * rates.speed(posed.rig().assembly().bodies().get(part.body()), f);
                    }
                }
                sum += (carried / mass + rates.speed(station.body(), f)) * widths[f];
            }
        }
        return sum;
    }
}
