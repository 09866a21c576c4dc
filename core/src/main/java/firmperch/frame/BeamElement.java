package firmperch.frame;

import firmperch.body.Vec3;
import firmperch.frame.FrameModel.Member;
import firmperch.units.Gravity;

/**
 * The stiffness and fixed-end forces of one straight member in global axes, referred to its nodes.
 *
 * <p>Euler-Bernoulli bending with Timoshenko's shear term Φ = 12EI/(G·A_s·L²), St Venant torsion: Przemieniecki,
 * <i>Theory of Matrix Structural Analysis</i>, eq. 5.116. Ends that turn, freely or on a spring, are condensed out one
 * degree of freedom at a time: McGuire, Gallagher & Ziemian, <i>Matrix Structural Analysis</i>, ch. 13.
 */
final class BeamElement {
    private static final int DOF = 12;
    private static final int END = 6;
    /** In a straight member's own axes pull, twist and bending about the one and the other axis have nothing to do with each other. */
    private static final int[][] COUPLED = {{0, 6}, {3, 9}, {1, 5, 7, 11}, {2, 4, 8, 10}};

    private final Vec3[] axes;
    private final Vec3[] offsets;
    /** From the second node to the first, m. */
    private final Vec3 back;
    private final double[] local = new double[DOF * DOF];
    private final double[] fixedEnd = new double[DOF];
    private final double[] transform;

    BeamElement(FrameModel model, Member member) {
        Vec3 start = model.nodes().get(member.from()).plus(member.fromOffset());
        Vec3 end = model.nodes().get(member.to()).plus(member.toOffset());
        Vec3 along = end.minus(start);
        double length = along.length();
        if (!(length > 1e-9)) {
            throw new IllegalArgumentException("member " + member.name() + " has no length");
        }
        Vec3 x = along.times(1 / length);
        Vec3 y = member.up().cross(x);
        if (y.length() < 1e-9) {
            throw new IllegalArgumentException("member " + member.name() + ": its up direction lies along it");
        }
        y = y.unit();
        axes = new Vec3[]{x, y, x.cross(y)};
        offsets = new Vec3[]{member.fromOffset(), member.toOffset()};
        back = model.nodes().get(member.from()).minus(model.nodes().get(member.to()));
        transform = transform();
        stiffness(member, length);
        weight(member, length);
        soften(3, member.fromEnd());
        soften(9, member.toEnd());
    }

    private void stiffness(Member m, double l) {
        double e = m.material().young();
        double g = m.material().shear();
        double a = m.section().area();
        double ea = e * a / l;
        double gj = g * m.section().torsionConstant() / l;
        spring(0, 6, ea);
        spring(3, 9, gj);
        double shear = g * a * m.section().shearShare() * l * l;
        bending(e * m.section().secondMomentZ(), l, shear, 1, 5, 1);
        bending(e * m.section().secondMomentY(), l, shear, 2, 4, -1);
    }

    private void spring(int i, int j, double k) {
        local[i * DOF + i] += k;
        local[j * DOF + j] += k;
        local[i * DOF + j] -= k;
        local[j * DOF + i] -= k;
    }

    /** Bending with deflections in degree of freedom v and rotations in r; sign −1 where r turns z toward x. */
    private void bending(double ei, double l, double shear, int v, int r, int sign) {
        double phi = 12 * ei / shear;
        double k = ei / (l * l * l * (1 + phi));
        int v2 = v + 6;
        int r2 = r + 6;
        spring(v, v2, 12 * k);
        double c = sign * 6 * l * k;
        both(v, r, c);
        both(v, r2, c);
        both(v2, r, -c);
        both(v2, r2, -c);
        local[r * DOF + r] += (4 + phi) * l * l * k;
        local[r2 * DOF + r2] += (4 + phi) * l * l * k;
        both(r, r2, (2 - phi) * l * l * k);
    }

    private void both(int i, int j, double k) {
        local[i * DOF + j] += k;
        local[j * DOF + i] += k;
    }

    /** Forces that hold both ends still under the member's own weight. */
    private void weight(Member m, double l) {
        double q = -m.section().lineMass(m.material()) * Gravity.STANDARD;
        for (int axis = 0; axis < 3; axis++) {
            double load = q * axes[axis].z();
            fixedEnd[axis] -= load * l / 2;
            fixedEnd[axis + 6] -= load * l / 2;
            if (axis == 1) {
                fixedEnd[5] -= load * l * l / 12;
                fixedEnd[11] += load * l * l / 12;
            } else if (axis == 2) {
                fixedEnd[4] += load * l * l / 12;
                fixedEnd[10] -= load * l * l / 12;
            }
        }
    }

    private void soften(int first, EndFixity end) {
        soften(first, end.aboutX());
        soften(first + 1, end.aboutY());
        soften(first + 2, end.aboutZ());
    }

    private static int[] coupledWith(int d) {
        return COUPLED[switch (d % END) {
            case 0 -> 0;
            case 3 -> 1;
            case 1, 5 -> 2;
            default -> 3;
        }];
    }

    /** Puts a spring between degree of freedom d of the member and its node, and eliminates the member's own end. */
    private void soften(int d, double spring) {
        if (Double.isInfinite(spring)) {
            return;
        }
        double kdd = local[d * DOF + d];
        double sum = kdd + spring;
        if (sum <= 1e-9) {
            return;
        }
        double[] row = new double[DOF];
        System.arraycopy(local, d * DOF, row, 0, DOF);
        double force = fixedEnd[d];
        int[] coupled = coupledWith(d);
        for (int i : coupled) {
            for (int j : coupled) {
                if (i != d && j != d) {
                    local[i * DOF + j] -= row[i] * row[j] / sum;
                }
            }
            if (i != d) {
                local[i * DOF + d] = row[i] * spring / sum;
                local[d * DOF + i] = local[i * DOF + d];
                fixedEnd[i] -= row[i] * force / sum;
            }
        }
        local[d * DOF + d] = kdd * spring / sum;
        fixedEnd[d] = force * spring / sum;
    }

    /**
     * A: local end displacements from the two nodes' displacements, with the rigid offsets between. An end's movement is that of its own node
     * only: twelve rows of six.
     */
    private double[] transform() {
        double[] a = new double[DOF * END];
        for (int end = 0; end < 2; end++) {
            Vec3 o = offsets[end];
            for (int i = 0; i < 3; i++) {
                Vec3 axis = axes[i];
                // A rotation θ of the node moves the end by θ × o; along the axis that is θ · (o × axis).
                Vec3 turn = o.cross(axis);
                int row = (END * end + i) * END;
                a[row] = axis.x();
                a[row + 1] = axis.y();
                a[row + 2] = axis.z();
                a[row + 3] = turn.x();
                a[row + 4] = turn.y();
                a[row + 5] = turn.z();
                int rotation = (END * end + 3 + i) * END + 3;
                a[rotation] = axis.x();
                a[rotation + 1] = axis.y();
                a[rotation + 2] = axis.z();
            }
        }
        return a;
    }

    /**
     * Adds AᵀkA to the structure's stiffness and −Aᵀf to its loads. Only what the first node's own movement does is worked out: by equilibrium the second
     * node feels the opposite force, and the moment that this makes about it.
     */
    void addTo(SparseBlocks stiffness, double[] load, Member member) {
        double[] all = new double[DOF * DOF];
        for (int i = 0; i < END; i++) {
            addRow(all, i);
        }
        for (int i = 0; i < END; i++) {
            carryAcross(all, DOF * i, 1, END);
        }
        for (int i = 0; i < END; i++) {
            carryAcross(all, END + i, DOF, DOF * END);
        }
        for (int first = 0; first < DOF; first += END) {
            int node = first == 0 ? member.from() : member.to();
            for (int i = 0; i < END; i++) {
                for (int k = 0; k < END; k++) {
                    load[END * node + i] -= transform[(first + k) * END + i] * fixedEnd[first + k];
                }
            }
        }
        stiffness.addBetween(member.from(), member.to(), all);
    }

    /** Of a force and a moment at the first node what the second feels: −F, and −M − r × F with r from the second to the first. */
    private void carryAcross(double[] all, int at, int step, int further) {
        double fx = all[at];
        double fy = all[at + step];
        double fz = all[at + 2 * step];
        int to = at + further;
        all[to] = -fx;
        all[to + step] = -fy;
        all[to + 2 * step] = -fz;
        all[to + 3 * step] = -all[at + 3 * step] - (back.y() * fz - back.z() * fy);
        all[to + 4 * step] = -all[at + 4 * step] - (back.z() * fx - back.x() * fz);
        all[to + 5 * step] = -all[at + 5 * step] - (back.x() * fy - back.y() * fx);
    }

    /** What the force number i of the first end does as that end moves: that row of k, turned into the nodes' axes. */
    private void addRow(double[] all, int i) {
        double[] row = new double[END];
        for (int k : coupledWith(i)) {
            if (k < END) {
                double v = local[i * DOF + k];
                for (int j = 0; j < END; j++) {
                    row[j] += v * transform[k * END + j];
                }
            }
        }
        // A moment of the end is one of the node alone; a force makes both.
        for (int p = i < 3 ? 0 : 3; p < END; p++) {
            double v = transform[i * END + p];
            for (int j = 0; j < END; j++) {
                all[p * DOF + j] += v * row[j];
            }
        }
    }

    /** The forces and moments the nodes put on the member's ends, in its own axes: N, N·m; its own weight counted or not. */
    double[] endForces(double[] displacement, Member member, boolean weighed) {
        double[] ends = new double[DOF];
        moved(ends, 0, displacement, member.from());
        moved(ends, END, displacement, member.to());
        double[] forces = weighed ? fixedEnd.clone() : new double[DOF];
        for (int[] coupled : COUPLED) {
            for (int i : coupled) {
                double sum = 0;
                for (int j : coupled) {
                    sum += local[i * DOF + j] * ends[j];
                }
                forces[i] += sum;
            }
        }
        return forces;
    }

    /** How an end moves and turns in the member's own axes as its node does. */
    private void moved(double[] ends, int end, double[] displacement, int node) {
        for (int i = 0; i < END; i++) {
            int row = (end + i) * END;
            double sum = 0;
            for (int j = 0; j < END; j++) {
                sum += transform[row + j] * displacement[END * node + j];
            }
            ends[end + i] = sum;
        }
    }
}
