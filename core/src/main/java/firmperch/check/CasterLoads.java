package firmperch.check;

import firmperch.frame.Vec3;
import firmperch.pose.Contact;
import java.util.ArrayList;
import java.util.List;

/**
 * How a stiff base shares its load among feet of equal stiffness: N_i = a + b·x_i + c·y_i with ΣN = W, ΣN·x = W·x_c,
 * ΣN·y = W·y_c (rigid plate on equal springs; Roark). A foot that would pull is left out and the rest share anew.
 */
final class CasterLoads {
    private CasterLoads() {
    }

    /** The largest share of any caster wherever swivels may have turned, in the unit of the load. */
    static double largest(List<Contact> contacts, double load, Vec3 centre) {
        double largest = 0;
        for (int i = 0; i < contacts.size(); i++) {
            // Worst for caster i: its wheel turned toward the load, the others' away from it.
            List<Vec3> feet = new ArrayList<>();
            for (int j = 0; j < contacts.size(); j++) {
                Contact contact = contacts.get(j);
                Vec3 toLoad = new Vec3(centre.x() - contact.point().x(), centre.y() - contact.point().y(), 0);
                double reach = Math.min(contact.roam(), toLoad.length()) / Math.max(toLoad.length(), 1e-12);
                feet.add(contact.point().plus(toLoad.times(i == j ? reach : -reach)));
            }
            largest = Math.max(largest, shares(feet, load, centre)[i]);
        }
        return largest;
    }

    /** Each foot's share; the load must stand over their hull, or the nearest feet carry it all. */
    static double[] shares(List<Vec3> feet, double load, Vec3 centre) {
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
