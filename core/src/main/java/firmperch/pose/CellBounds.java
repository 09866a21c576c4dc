package firmperch.pose;

import firmperch.body.Body;
import firmperch.body.Piece;
import firmperch.body.Station;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.units.Gravity;

/**
 * How far things can be from where they are in the middle of a cell of poses, derived from lengths and masses alone
 * ({@link MotionBounds}).
 *
 * <p>Along a direction n the centre of mass moves by at most Σ|n·∂c/∂q_f|·w_f + ½·ΣΣ B_fg·w_f·w_g, with B_fg the bound on its second
 * derivative (Taylor, with the remainder's bound). A freedom that turns something at a rate that changes, as an unequal
 * four-bar's does, counts with its greatest speed instead. Steps have no width.
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

    /** How far the centre of mass can move along a direction of length 1, m. */
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

    /** How much nearer a piece can come to another than it is, going by how fast they move against each other, m. */
    public double nearer(RelativeMotionBounds pair) {
        return pair.moves(widths);
    }

    /** A distance that they keep in the whole cell, m: at least {@link #nearer} less than it is in its middle. */
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

    /** How much a freedom's width loosens, for choosing along which to halve a cell. */
    public double weight(int freedom) {
        return rates.massSpeed(freedom) * widths[freedom];
    }

    /** How much gravity's and the springs' moment about a freedom can change, N·m or N; infinite where it is not derived. */
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

    /** How much longer a tie can become, m. */
    public double lengthens(Tie tie) {
        double sum = 0;
        for (int i = 0; i < tie.path().size(); i++) {
            boolean over = i > 0 && i + 1 < tie.path().size();
            sum += (over ? 2 : 1) * of(tie.path().get(i).body());
        }
        return sum;
    }

    /** How much the lever of all that a station carries about its seat can change, m. */
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
