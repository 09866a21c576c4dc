package firmperch.stability;

import firmperch.body.Vec3;
import java.util.List;

/**
 * How a stiff base shares its load among feet of equal stiffness: N_i = a + b·x_i + c·y_i with ΣN = W, ΣN·x = W·x_c,
 * ΣN·y = W·y_c (rigid plate on equal springs; Roark). Feet cannot pull: one that would is left out and the rest share
 * again.
 */
public final class CasterShares {
    private CasterShares() {
    }

    /**
     * The largest share of any caster, in the unit of the load, wherever the swivels have turned: the worst is not each swivel at its
     * own extreme.
     */
    public static double largest(List<Footing> contacts, double load, Vec3 centre) {
        return load * SwivelAscent.largest(contacts, centre);
    }

    /**
     * The largest share where only three carry it all, as on an uneven floor: by statics on each three that the load stands
     * over, wherever their swivels have turned, and on each two that it stands between, the third just touching.
     */
    public static double largestOfThree(List<Footing> contacts, double load, Vec3 centre) {
        double largest = 0;
        int n = contacts.size();
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                for (int k = j + 1; k < n; k++) {
                    largest = Math.max(largest,
                            SwivelAscent.largest(List.of(contacts.get(i), contacts.get(j), contacts.get(k)), centre));
                }
            }
        }
        for (Footing one : contacts) {
            for (Footing other : contacts) {
                if (one != other && one.roam() + other.roam() > 0) {
                    largest = Math.max(largest, SwivelAscent.onTwo(one, other, centre, largest));
                }
            }
        }
        return load * largest;
    }

    /** Each foot's share; the load must stand over their hull, or the nearest feet carry it all. */
    public static double[] shares(List<Vec3> feet, double load, Vec3 centre) {
        double[] shares = shares(feet.stream().mapToDouble(Vec3::x).toArray(),
                feet.stream().mapToDouble(Vec3::y).toArray(), centre.x(), centre.y());
        for (int i = 0; i < shares.length; i++) {
            shares[i] *= load;
        }
        return shares;
    }

    /** The same of a load of 1 and without lists, as it is asked for every turn of a swivel. */
    static double[] shares(double[] x, double[] y, double loadX, double loadY) {
        boolean[] left = new boolean[x.length];
        double[] shares = new double[x.length];
        double[] fit = new double[3];
        int active = x.length;
        while (true) {
            boolean flat = !plane(x, y, left, loadX, loadY, fit);
            int lowest = -1;
            for (int i = 0; i < x.length; i++) {
                shares[i] = left[i] ? 0 : flat ? 1.0 / active : fit[0] + fit[1] * x[i] + fit[2] * y[i];
                if (shares[i] < -1e-9 && (lowest < 0 || shares[i] < shares[lowest])) {
                    lowest = i;
                }
            }
            if (lowest < 0 || active == 1) {
                return shares;
            }
            left[lowest] = true;
            active--;
        }
    }

    /** Solves the three equations for a, b, c by Cramer's rule; false where the feet that are not left out lie on a line. */
    private static boolean plane(double[] x, double[] y, boolean[] left, double q, double r, double[] fit) {
        double n = 0;
        double sx = 0;
        double sy = 0;
        double sxx = 0;
        double sxy = 0;
        double syy = 0;
        for (int i = 0; i < x.length; i++) {
            if (!left[i]) {
                n++;
                sx += x[i];
                sy += y[i];
                sxx += x[i] * x[i];
                sxy += x[i] * y[i];
                syy += y[i] * y[i];
            }
        }
        double det = det(n, sx, sy, sx, sxx, sxy, sy, sxy, syy);
        if (Math.abs(det) < 1e-12) {
            return false;
        }
        fit[0] = det(1, sx, sy, q, sxx, sxy, r, sxy, syy) / det;
        fit[1] = det(n, 1, sy, sx, q, sxy, sy, r, syy) / det;
        fit[2] = det(n, sx, 1, sx, sxx, q, sy, sxy, r) / det;
        return true;
    }

    private static double det(double a, double b, double c, double d, double e, double f, double g, double h,
            double i) {
        return a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
    }
}
