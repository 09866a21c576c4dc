package firmperch.stability;

import firmperch.body.Vec3;
import java.util.Arrays;
import java.util.List;

/**
 * The most that a foot carries of a load wherever the swivels have turned: one swivel after the other is turned to where that foot
 * carries most, from several beginnings, until none makes it worse. Shares are those of {@link CasterShares#shares}; of three feet, where
 * the load stands beside them, there is none. Written without lists, as it is asked in every pose.
 */
final class SwivelAscent {
    /** Ways that a swivel is tried in, then finer about the best one so many times by half. */
    private static final int DIRECTIONS = 8;
    private static final int HALVINGS = 12;
    private static final int ROUNDS = 8;
    /** Of the feet that carry most with the swivels at rest so many are looked at: swivels change a share by less than from foot to foot. */
    private static final int BUSIEST = 2;
    /** Where the other swivels begin: away from the load, or toward it. */
    private static final int[] BEGINNINGS = {-1, 1};

    /** Ways that a swivel is tried in where two carry it all, and how often finer by half. */
    private static final int AROUND = 64;
    private static final int FINER = 24;

    private final double[] pivotX;
    private final double[] pivotY;
    private final double[] roam;
    private final double loadX;
    private final double loadY;
    private final double[] x;
    private final double[] y;

    private SwivelAscent(List<Footing> feet, Vec3 load) {
        pivotX = feet.stream().mapToDouble(f -> f.point().x()).toArray();
        pivotY = feet.stream().mapToDouble(f -> f.point().y()).toArray();
        roam = feet.stream().mapToDouble(Footing::roam).toArray();
        loadX = load.x();
        loadY = load.y();
        x = pivotX.clone();
        y = pivotY.clone();
    }

    /** Of these feet under that load. */
    static SwivelAscent of(List<Footing> feet, Vec3 load) {
        return new SwivelAscent(feet, load);
    }

    /** The largest share of the load, 0 to 1; 0 where it stands beside three feet. */
    double largest() {
        double[] rest = new double[x.length];
        for (int i = 0; i < rest.length; i++) {
            rest[i] = share(i);
        }
        double largest = Math.max(0, Arrays.stream(rest).max().orElse(0));
        if (Arrays.stream(roam).allMatch(r -> r == 0)) {
            return largest;
        }
        for (int n = 0; n < Math.min(BUSIEST, rest.length); n++) {
            int foot = 0;
            for (int i = 1; i < rest.length; i++) {
                foot = rest[i] > rest[foot] ? i : foot;
            }
            rest[foot] = Double.NEGATIVE_INFINITY;
            for (int beginning : BEGINNINGS) {
                largest = Math.max(largest, ascent(foot, beginning));
            }
        }
        return largest;
    }

    /**
     * The most that one of two feet carries, 0 to 1, where the load stands right between them: turning the swivel of the other, the one
     * is where the line on through the load meets its circle. 0 where no swivels bring the load between them.
     */
    static double onTwo(Footing one, Footing other, Vec3 load) {
        double best = 0;
        double angle = 0;
        double step = 2 * Math.PI / AROUND;
        for (int k = 0; k < AROUND; k++) {
            double now = between(one, other, load, k * step);
            if (now > best) {
                best = now;
                angle = k * step;
            }
        }
        for (int n = 0; n < FINER && best > 0; n++) {
            step /= 2;
            double about = angle;
            for (int side = -1; side <= 1; side += 2) {
                double now = between(one, other, load, about + side * step);
                if (now > best) {
                    best = now;
                    angle = about + side * step;
                }
            }
        }
        return best;
    }

    private static double between(Footing one, Footing other, Vec3 load, double angle) {
        double x = other.point().x() + other.roam() * Math.cos(angle);
        double y = other.point().y() + other.roam() * Math.sin(angle);
        double dx = load.x() - x;
        double dy = load.y() - y;
        double qx = one.point().x() - x;
        double qy = one.point().y() - y;
        // |t·d − q|² = r², the line from the other foot through the load, which lies at t = 1.
        double a = dx * dx + dy * dy;
        double b = dx * qx + dy * qy;
        double root = b * b - a * (qx * qx + qy * qy - one.roam() * one.roam());
        if (a < 1e-18 || root < 0) {
            return 0;
        }
        double near = (b - Math.sqrt(root)) / a;
        double t = near >= 1 ? near : (b + Math.sqrt(root)) / a;
        return t >= 1 ? 1 / t : 0;
    }

    private double ascent(int foot, int beginning) {
        for (int j = 0; j < x.length; j++) {
            double dx = loadX - pivotX[j];
            double dy = loadY - pivotY[j];
            double far = Math.max(Math.hypot(dx, dy), 1e-12);
            double reach = (j == foot ? 1 : beginning) * Math.min(roam[j], far) / far;
            x[j] = pivotX[j] + reach * dx;
            y[j] = pivotY[j] + reach * dy;
        }
        double best = share(foot);
        for (int round = 0; round < ROUNDS; round++) {
            double before = best;
            for (int j = 0; j < x.length; j++) {
                best = turned(j, foot, best);
            }
            if (best - before <= 1e-9) {
                break;
            }
        }
        return best;
    }

    /** Turns one swivel to where that foot carries most, and returns how much. */
    private double turned(int j, int foot, double before) {
        double best = before;
        double keptX = x[j];
        double keptY = y[j];
        double angle = Math.atan2(keptY - pivotY[j], keptX - pivotX[j]);
        double step = 2 * Math.PI / DIRECTIONS;
        for (int n = 0; n < HALVINGS; n++) {
            // The whole circle first, then either side of the best.
            int tries = n == 0 ? DIRECTIONS - 1 : 2;
            double about = angle;
            for (int k = 1; k <= tries; k++) {
                double there = about + (n == 0 ? k : 2 * k - 3) * step;
                x[j] = pivotX[j] + roam[j] * Math.cos(there);
                y[j] = pivotY[j] + roam[j] * Math.sin(there);
                double now = share(foot);
                if (now > best) {
                    best = now;
                    keptX = x[j];
                    keptY = y[j];
                    angle = there;
                }
            }
            step /= 2;
        }
        x[j] = keptX;
        y[j] = keptY;
        return best;
    }

    /** What that foot carries as the swivels stand, of a load of 1. */
    private double share(int foot) {
        return x.length == 3 ? ofThree(foot) : ofAll(foot);
    }

    /** By the triangles that the load makes with two of the feet and the three with each other. */
    private double ofThree(int foot) {
        double all = twice(x[0], y[0], x[1], y[1], x[2], y[2]);
        double a = twice(loadX, loadY, x[1], y[1], x[2], y[2]) / all;
        double b = twice(x[0], y[0], loadX, loadY, x[2], y[2]) / all;
        double c = 1 - a - b;
        boolean over = Math.abs(all) > 1e-9 && Math.min(a, Math.min(b, c)) >= -1e-9;
        return !over ? -1 : foot == 0 ? a : foot == 1 ? b : c;
    }

    private static double twice(double ax, double ay, double bx, double by, double cx, double cy) {
        return (bx - ax) * (cy - ay) - (cx - ax) * (by - ay);
    }

    /** By the plane of equal springs; where a foot would pull, by the general way that leaves it out. */
    private double ofAll(int foot) {
        int n = x.length;
        double mx = 0;
        double my = 0;
        for (int i = 0; i < n; i++) {
            mx += x[i] / n;
            my += y[i] / n;
        }
        double xx = 0;
        double xy = 0;
        double yy = 0;
        for (int i = 0; i < n; i++) {
            xx += (x[i] - mx) * (x[i] - mx);
            xy += (x[i] - mx) * (y[i] - my);
            yy += (y[i] - my) * (y[i] - my);
        }
        double det = xx * yy - xy * xy;
        if (n < 3 || det < 1e-12) {
            return general(foot);
        }
        double b = ((loadX - mx) * yy - (loadY - my) * xy) / det;
        double c = ((loadY - my) * xx - (loadX - mx) * xy) / det;
        for (int i = 0; i < n; i++) {
            if (1.0 / n + b * (x[i] - mx) + c * (y[i] - my) < -1e-9) {
                return general(foot);
            }
        }
        return 1.0 / n + b * (x[foot] - mx) + c * (y[foot] - my);
    }

    private double general(int foot) {
        Vec3[] feet = new Vec3[x.length];
        for (int i = 0; i < feet.length; i++) {
            feet[i] = new Vec3(x[i], y[i], 0);
        }
        return CasterShares.shares(List.of(feet), 1, new Vec3(loadX, loadY, 0))[foot];
    }
}
