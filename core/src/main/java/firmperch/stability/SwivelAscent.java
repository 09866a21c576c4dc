package firmperch.stability;

import firmperch.body.Vec3;
import java.util.List;

/**
 * The most that a foot carries of a load wherever the swivels have turned. Where it is most each wheel lies from its swivel axis the way
 * in which that share grows; all are turned so, again and again, until they stay (a fixed point of the gradients, which a trail much
 * shorter than the base reaches in a few turns). Shares are those of {@link CasterShares#shares}; of three feet, where the load stands
 * beside them, there is none. Written without lists, as it is asked in every pose.
 */
final class SwivelAscent {
    private static final int TURNS = 24;
    /** Wheels that turned by less than this, m, stay: they would turn by a tenth of it next, and where a share is most it changes with the square of that. */
    private static final double STILL = 1e-3;
    /** Of the feet that carry most with the swivels at rest so many are looked at: swivels change a share by less than from foot to foot. */
    private static final int BUSIEST = 2;
    /** Swivels make no share so many times as large: tried against brute force, no proof. */
    private static final double MORE = 2;
    /** Ways that a swivel is tried in where two carry it all, and how often finer by half. */
    private static final int AROUND = 24;
    private static final int FINER = 24;

    private final int n;
    private final double[] pivotX;
    private final double[] pivotY;
    private final double[] roam;
    private final double loadX;
    private final double loadY;
    private final double[] x;
    private final double[] y;
    private final double[] share;
    /** Of the shares as the swivels stand; null where the feet lie on a line, or are three. */
    private Plane plane;

    private SwivelAscent(List<Footing> feet, Vec3 load) {
        n = feet.size();
        pivotX = new double[n];
        pivotY = new double[n];
        roam = new double[n];
        for (int i = 0; i < n; i++) {
            pivotX[i] = feet.get(i).point().x();
            pivotY[i] = feet.get(i).point().y();
            roam[i] = feet.get(i).roam();
        }
        loadX = load.x();
        loadY = load.y();
        x = pivotX.clone();
        y = pivotY.clone();
        share = new double[n];
    }

    /** The largest share of the load that one of these feet carries, 0 to 1; 0 where it stands beside three feet. */
    static double largest(List<Footing> feet, Vec3 load) {
        return new SwivelAscent(feet, load).largest();
    }

    private double largest() {
        share();
        double[] rest = share.clone();
        Plane atRest = plane;
        double largest = 0;
        boolean still = true;
        for (int i = 0; i < n; i++) {
            largest = Math.max(largest, rest[i]);
            still &= roam[i] == 0;
        }
        for (int k = 0; k < Math.min(BUSIEST, n) && !still; k++) {
            int foot = 0;
            for (int i = 1; i < n; i++) {
                foot = rest[i] > rest[foot] ? i : foot;
            }
            if (MORE * rest[foot] < largest) {
                break;
            }
            rest[foot] = Double.NEGATIVE_INFINITY;
            plane = atRest;
            largest = Math.max(largest, ascent(foot));
        }
        return largest;
    }

    private double ascent(int foot) {
        System.arraycopy(pivotX, 0, x, 0, n);
        System.arraycopy(pivotY, 0, y, 0, n);
        double best = 0;
        double[] ways = new double[2 * n];
        for (int turn = 0; turn < TURNS; turn++) {
            if (!(n == 3 ? ofThree(foot, ways) : ofAll(foot, ways))) {
                break;
            }
            double moved = 0;
            for (int j = 0; j < n; j++) {
                double far = Vec3.across(ways[2 * j], ways[2 * j + 1]);
                double k = far > 1e-15 ? roam[j] / far : 0;
                double toX = pivotX[j] + k * ways[2 * j];
                double toY = pivotY[j] + k * ways[2 * j + 1];
                moved = Math.max(moved, Math.abs(toX - x[j]) + Math.abs(toY - y[j]));
                x[j] = toX;
                y[j] = toY;
            }
            share();
            best = Math.max(best, share[foot]);
            if (moved < STILL) {
                break;
            }
        }
        return best;
    }

    /** The shares as the swivels stand, of a load of 1: where a foot would pull, by the general way that leaves it out. */
    private void share() {
        if (n == 3) {
            double all = twice(x[0], y[0], x[1], y[1], x[2], y[2]);
            share[0] = twice(loadX, loadY, x[1], y[1], x[2], y[2]) / all;
            share[1] = twice(x[0], y[0], loadX, loadY, x[2], y[2]) / all;
            share[2] = 1 - share[0] - share[1];
            if (!(Math.abs(all) > 1e-9 && Math.min(share[0], Math.min(share[1], share[2])) >= -1e-9)) {
                share[0] = 0;
                share[1] = 0;
                share[2] = 0;
            }
            return;
        }
        plane = plane();
        boolean pulls = plane == null;
        for (int i = 0; i < n && !pulls; i++) {
            share[i] = 1.0 / n + plane.b * (x[i] - plane.x) + plane.c * (y[i] - plane.y);
            pulls = share[i] < -1e-9;
        }
        if (pulls) {
            System.arraycopy(CasterShares.shares(x, y, loadX, loadY), 0, share, 0, n);
        }
    }

    private static double twice(double ax, double ay, double bx, double by, double cx, double cy) {
        return (bx - ax) * (cy - ay) - (cx - ax) * (by - ay);
    }

    /** Which way the share of that foot grows as each wheel moves: of three by the areas of triangles; false where they lie on a line. */
    private boolean ofThree(int foot, double[] ways) {
        int j = (foot + 1) % 3;
        int k = (foot + 2) % 3;
        double all = twice(x[foot], y[foot], x[j], y[j], x[k], y[k]);
        double own = twice(loadX, loadY, x[j], y[j], x[k], y[k]) / all;
        ways[2 * foot] = -own * (y[j] - y[k]) / all;
        ways[2 * foot + 1] = -own * (x[k] - x[j]) / all;
        ways[2 * j] = (y[k] - loadY - own * (y[k] - y[foot])) / all;
        ways[2 * j + 1] = (loadX - x[k] - own * (x[foot] - x[k])) / all;
        ways[2 * k] = (loadY - y[j] - own * (y[foot] - y[j])) / all;
        ways[2 * k + 1] = (x[j] - loadX - own * (x[j] - x[foot])) / all;
        return Math.abs(all) > 1e-9;
    }

    /** The plane of the shares about the feet's middle: share = 1/n + b·(x − x₀) + c·(y − y₀), by the second moments of the feet. */
    private record Plane(double x, double y, double xx, double xy, double yy, double b, double c) {}

    /** The same of more feet on equal springs. */
    private Plane plane() {
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
            return null;
        }
        return new Plane(mx, my, yy / det, -xy / det, xx / det, ((loadX - mx) * yy - (loadY - my) * xy) / det,
                ((loadY - my) * xx - (loadX - mx) * xy) / det);
    }

    /**
     * Of more: N_i = w_iᵀ·M⁻¹·w_c with w = (1, x, y) and M = Σ w·wᵀ, so that ∂N_i/∂p_j = −N_j·(M⁻¹w_i) − (w_iᵀM⁻¹w_j)·(M⁻¹w_c), and M⁻¹w_c more
     * where j is i.
     */
    private boolean ofAll(int foot, double[] ways) {
        Plane p = plane;
        if (p == null) {
            return false;
        }
        double dx = x[foot] - p.x;
        double dy = y[foot] - p.y;
        double gx = p.xx * dx + p.xy * dy;
        double gy = p.xy * dx + p.yy * dy;
        for (int j = 0; j < n; j++) {
            double jx = x[j] - p.x;
            double jy = y[j] - p.y;
            double load = 1.0 / n + p.b * jx + p.c * jy;
            double shared = 1.0 / n + gx * jx + gy * jy;
            double more = (j == foot ? 1 : 0) - shared;
            ways[2 * j] = -load * gx + more * p.b;
            ways[2 * j + 1] = -load * gy + more * p.c;
        }
        return true;
    }

    /**
     * The most that one of two feet carries, 0 to 1, where the load stands right between them: turning the swivel of the other, the one
     * is where the line on through the load meets its circle. 0 where no swivels bring the load between them, or where it is no more than is
     * known already.
     */
    static double onTwo(Footing one, Footing other, Vec3 load, double known) {
        double dx = one.point().x() - other.point().x();
        double dy = one.point().y() - other.point().y();
        double off = Math.abs(dx * (load.y() - other.point().y()) - dy * (load.x() - other.point().x()))
                / Math.max(Vec3.across(dx, dy), 1e-12);
        // What the one carries is as the load's distance from the other to that between them.
        double roams = one.roam() + other.roam();
        double far = Vec3.across(load.x() - other.point().x(), load.y() - other.point().y()) + other.roam();
        if (off > Math.max(one.roam(), other.roam()) || far <= known * (Vec3.across(dx, dy) - roams)) {
            return 0;
        }
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
        for (int k = 0; k < FINER && best > 0; k++) {
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
}
