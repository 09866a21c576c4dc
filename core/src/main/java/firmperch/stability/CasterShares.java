package firmperch.stability;

import firmperch.body.Vec3;
import java.util.ArrayList;
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
                    largest = Math.max(largest, SwivelAscent.onTwo(one, other, centre));
                }
            }
        }
        return load * largest;
    }

    /** Each foot's share; the load must stand over their hull, or the nearest feet carry it all. */
    public static double[] shares(List<Vec3> feet, double load, Vec3 centre) {
        List<Integer> active = new ArrayList<>();
        for (int i = 0; i < feet.size(); i++) {
            active.add(i);
        }
        while (true) {
            double[] shares = new double[feet.size()];
            double[] fit = plane(feet, active, load, centre);
            int lowest = -1;
            for (int i : active) {
                Vec3 f = feet.get(i);
                shares[i] = fit == null ? load / active.size() : fit[0] + fit[1] * f.x() + fit[2] * f.y();
                if (shares[i] < -1e-9 * load && (lowest < 0 || shares[i] < shares[lowest])) {
                    lowest = i;
                }
            }
            if (lowest < 0 || active.size() == 1) {
                return shares;
            }
            active.remove(Integer.valueOf(lowest));
        }
    }

    /** Solves the three equations for a, b, c by Cramer's rule; null where the feet lie on a line. */
    private static double[] plane(List<Vec3> feet, List<Integer> active, double load, Vec3 centre) {
        double n = active.size();
        double sx = 0;
        double sy = 0;
        double sxx = 0;
        double sxy = 0;
        double syy = 0;
        for (int i : active) {
            Vec3 f = feet.get(i);
            sx += f.x();
            sy += f.y();
            sxx += f.x() * f.x();
            sxy += f.x() * f.y();
            syy += f.y() * f.y();
        }
        double det = det(n, sx, sy, sx, sxx, sxy, sy, sxy, syy);
        if (Math.abs(det) < 1e-12) {
            return null;
        }
        double p = load;
        double q = load * centre.x();
        double r = load * centre.y();
        return new double[]{det(p, sx, sy, q, sxx, sxy, r, sxy, syy) / det,
                det(n, p, sy, sx, q, sxy, sy, r, syy) / det, det(n, sx, p, sx, sxx, q, sy, sxy, r) / det};
    }

    private static double det(double a, double b, double c, double d, double e, double f, double g, double h,
            double i) {
        return a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
    }
}
