package firmperch.strength;

import firmperch.body.Vec3;
import firmperch.strength.SumOfSizes.Term;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Forces and moments in one place of which a part is steady and the rest comes from a hand that may push or pull in any direction:
 * f(u) = s + Σ uₖ·rₖ over all u of length 1. What they do to a section is asked for one direction at a time, the worst for that figure,
 * not as a sum of what different directions would do.
 *
 * <p>A figure that is a sum of sizes, or the root of the sum of two such squares, is convex in u. Its greatest value over the unit sphere
 * is climbed to by turning u to where the figure grows most, again and again (generalised power method: Journée, Nesterov, Richtárik and
 * Sepulchre 2010), from every combination of signs of what is added, the likeliest first, until none of the others could make a hundredth more.
 * Of single forces and moments that first step is exact already: |c·s| + |Σ cₖ·rₖ| for each combination.
 */
public final class HandledForces {
    private static final int STEPS = 20;
    /** A step that adds less than this share is the last: each adds a fraction of the one before. */
    private static final double SAME = 1e-7;
    /** Where no direction can make this share more than is found already, no other is climbed from. */
    private static final double ENOUGH = 0.01;

    private final double[] steady;
    private final double[][] hand;

    /**
     * @param steady each force or moment without the hand
     * @param hand the same of the hand in full along each of the directions at right angles in which it is resisted; none where it is in
     *     no direction; both are kept and must not be changed after
     */
    public HandledForces(double[] steady, double[]... hand) {
        this.steady = steady;
        this.hand = hand;
    }

    /** What is left of these when others, of the same hand, are taken off. */
    public HandledForces minus(HandledForces other) {
        double[][] each = new double[hand.length][];
        for (int i = 0; i < each.length; i++) {
            each[i] = minus(hand[i], other.hand[i]);
        }
        return new HandledForces(minus(steady, other.steady), each);
    }

    private static double[] minus(double[] one, double[] other) {
        double[] rest = new double[one.length];
        for (int i = 0; i < rest.length; i++) {
            rest[i] = one[i] - other[i];
        }
        return rest;
    }

    /** The greatest size of one of them. */
    public double most(int part) {
        double sum = 0;
        for (double[] along : hand) {
            sum += along[part] * along[part];
        }
        return Math.abs(steady[part]) + Math.sqrt(sum);
    }

    /** No direction of the hand makes more of a sum than this: each term at its own worst. Quick. */
    public double noMoreThan(SumOfSizes sum) {
        if (sum.single) {
            return mostOfSingle(sum);
        }
        double most = 0;
        for (Term term : sum.terms) {
            int[] parts = term.parts();
            most += term.factor()
                    * (parts.length == 2 ? noMoreThan(parts[0], parts[1]) : eachAtItsWorst(parts));
        }
        return most;
    }

    private double eachAtItsWorst(int[] parts) {
        double size = 0;
        for (int part : parts) {
            double one = most(part);
            size += one * one;
        }
        return Math.sqrt(size);
    }

    /** Two at right angles: what is steady, and the longest that the hand makes of them, which lies one way (largest singular value). */
    private double noMoreThan(int first, int second) {
        double one = 0;
        double other = 0;
        double both = 0;
        for (double[] along : hand) {
            one += along[first] * along[first];
            other += along[second] * along[second];
            both += along[first] * along[second];
        }
        return Vec3.across(steady[first], steady[second])
                + Math.sqrt((one + other) / 2 + Vec3.across((one - other) / 2, both));
    }

    /** The greatest sum of sizes, over all directions of the hand. */
    public double most(SumOfSizes sum) {
        return sum.single ? mostOfSingle(sum) : most(sum, SumOfSizes.NONE);
    }

    /**
     * The same of up to three single forces and moments, where the first step is exact. A combination of signs and its opposite make the same.
     */
    private double mostOfSingle(SumOfSizes sum) {
        Term[] terms = sum.terms;
        int first = terms[0].parts()[0];
        if (terms.length == 1) {
            return terms[0].factor() * most(first);
        }
        // A third that is not there is nothing times the first.
        int second = terms[1].parts()[0];
        int third = terms.length > 2 ? terms[2].parts()[0] : first;
        double a = terms[0].factor();
        double b = terms[1].factor();
        double c = terms.length > 2 ? terms[2].factor() : 0;
        double squares = 0;
        double ab = 0;
        double bc = 0;
        double ca = 0;
        for (double[] along : hand) {
            double x = a * along[first];
            double y = b * along[second];
            double z = c * along[third];
            squares += x * x + y * y + z * z;
            ab += 2 * x * y;
            bc += 2 * y * z;
            ca += 2 * z * x;
        }
        double x = a * steady[first];
        double y = b * steady[second];
        double z = c * steady[third];
        return Math.max(
                Math.max(ofSigns(x + y + z, squares + ab + bc + ca), ofSigns(x + y - z, squares + ab - bc - ca)),
                Math.max(ofSigns(x - y + z, squares - ab - bc + ca), ofSigns(x - y - z, squares - ab + bc - ca)));
    }

    private static double ofSigns(double still, double swing) {
        return Math.abs(still) + Math.sqrt(Math.max(0, swing));
    }

    /** The greatest √(σ² + 3·τ²) of two sums (von Mises), over all directions of the hand. */
    public double most(SumOfSizes direct, SumOfSizes shear) {
        Climb climb = new Climb(direct, shear);
        double atMost = Vec3.across(noMoreThan(direct), shear.count == 0 ? 0 : Math.sqrt(3) * noMoreThan(shear));
        // Mostly one of the two does nearly all: then its directions are enough.
        double most = climb.highest(direct, 0, atMost);
        most = most * (1 + ENOUGH) < atMost ? climb.highest(shear, most, atMost) : most;
        // Nothing of the hand arrives here.
        return climb.climbed ? most : climb.value(new double[hand.length]);
    }

    /** One figure and what is at hand while it is climbed. */
    private final class Climb {
        private final SumOfSizes direct;
        private final SumOfSizes shear;
        private final double[] forces = new double[steady.length];
        private final double[] slope = new double[steady.length];
        private final double[] shearSlope = new double[steady.length];
        /** False as long as the hand makes nothing of any sum. */
        private boolean climbed;

        Climb(SumOfSizes direct, SumOfSizes shear) {
            this.direct = direct;
            this.shear = shear;
        }

        /** From the directions of a sum, the likeliest first, until no other could make a hundredth more; no less than is known. */
        double highest(SumOfSizes sum, double known, double atMost) {
            List<double[]> starts = new ArrayList<>(1 << sum.count);
            starts(sum, starts);
            double[] there = new double[starts.size()];
            for (int i = 0; i < there.length; i++) {
                there[i] = value(starts.get(i));
            }
            double most = known;
            for (int tried = 0; tried < there.length && most * (1 + ENOUGH) < atMost; tried++) {
                int likeliest = 0;
                for (int i = 1; i < there.length; i++) {
                    likeliest = there[i] > there[likeliest] ? i : likeliest;
                }
                there[likeliest] = Double.NEGATIVE_INFINITY;
                most = Math.max(most, climb(starts.get(likeliest)));
            }
            climbed |= there.length > 0;
            return most;
        }

        /** The directions in which a sum grows most with each combination of signs of what is added. */
        void starts(SumOfSizes sum, List<double[]> starts) {
            for (int signs = 0; sum.count > 0 && signs < 1 << sum.count; signs++) {
                double[] u = new double[hand.length];
                int k = 0;
                for (Term term : sum.terms) {
                    for (int part : term.parts()) {
                        double c = (signs >> k++ & 1) == 0 ? term.factor() : -term.factor();
                        for (int i = 0; i < u.length; i++) {
                            u[i] += c * hand[i][part];
                        }
                    }
                }
                if (unit(u)) {
                    starts.add(u);
                }
            }
        }

        double climb(double[] u) {
            double most = value(u);
            for (int step = 0; step < STEPS; step++) {
                for (int i = 0; i < u.length; i++) {
                    u[i] = 0;
                    for (int part = 0; part < slope.length; part++) {
                        u[i] += slope[part] * hand[i][part];
                    }
                }
                double next = unit(u) ? value(u) : most;
                if (next <= most * (1 + SAME)) {
                    return Math.max(most, next);
                }
                most = next;
            }
            return most;
        }

        private static boolean unit(double[] u) {
            double length = 0;
            for (double v : u) {
                length += v * v;
            }
            length = Math.sqrt(length);
            for (int i = 0; i < u.length; i++) {
                u[i] /= length;
            }
            return length > 0;
        }

        /** The figure in a direction; leaves in {@link #slope} how it grows with each force and moment. */
        private double value(double[] u) {
            for (int part = 0; part < forces.length; part++) {
                forces[part] = steady[part];
                for (int i = 0; i < u.length; i++) {
                    forces[part] += u[i] * hand[i][part];
                }
            }
            double sigma = sum(direct, slope);
            if (shear.count == 0) {
                return sigma;
            }
            double tau = sum(shear, shearSlope);
            double mises = Math.sqrt(sigma * sigma + 3 * tau * tau);
            for (int part = 0; part < slope.length && mises > 0; part++) {
                slope[part] = (sigma * slope[part] + 3 * tau * shearSlope[part]) / mises;
            }
            return mises;
        }

        private double sum(SumOfSizes sizes, double[] growth) {
            Arrays.fill(growth, 0);
            double sum = 0;
            for (Term term : sizes.terms) {
                double size = 0;
                for (int part : term.parts()) {
                    size += forces[part] * forces[part];
                }
                size = Math.sqrt(size);
                sum += term.factor() * size;
                for (int part : term.parts()) {
                    growth[part] += size > 0 ? term.factor() * forces[part] / size : 0;
                }
            }
            return sum;
        }
    }
}
