package firmperch.body;

/**
 * Mass, centre and inertia of a thing in its own axes.
 *
 * @param mass kg
 * @param centre centre of mass, m
 * @param xx ∫(y² + z²) dm about the centre, kg·m²
 * @param yy ∫(z² + x²) dm about the centre
 * @param zz ∫(x² + y²) dm about the centre
 * @param xy ∫x·y dm about the centre
 * @param yz ∫y·z dm about the centre
 * @param zx ∫z·x dm about the centre
 */
public record MassProperties(double mass, Vec3 centre, double xx, double yy, double zz, double xy, double yz,
        double zx) {
    /** Nothing. */
    public static final MassProperties NONE = new MassProperties(0, Vec3.ZERO, 0, 0, 0, 0, 0, 0);

    /** A mass of no extent. */
    public static MassProperties point(double mass, Vec3 at) {
        return new MassProperties(mass, at, 0, 0, 0, 0, 0, 0);
    }

    /**
     * A thing whose own axes are principal ones.
     *
     * @param sx ∫x² dm along its own x axis about the centre, kg·m²
     * @param sy the same along y
     * @param sz the same along z
     */
    public static MassProperties principal(double mass, Vec3 centre, double sx, double sy, double sz) {
        return ofMoments(mass, centre, sx, sy, sz, 0, 0, 0);
    }

    /** From the raw second moments about the centre: ∫x², ∫y², ∫z² and the products. */
    static MassProperties ofMoments(double mass, Vec3 centre, double sx, double sy, double sz, double xy, double yz,
            double zx) {
        return new MassProperties(mass, centre, sy + sz, sz + sx, sx + sy, xy, yz, zx);
    }

    /** The same thing, all its masses multiplied. */
    public MassProperties times(double k) {
        return new MassProperties(mass * k, centre, xx * k, yy * k, zz * k, xy * k, yz * k, zx * k);
    }

    /** Both together; a thing of negative mass is one taken out. */
    public MassProperties plus(MassProperties o) {
        double sum = mass + o.mass;
        Vec3 middle = Math.abs(sum) < 1e-300
                ? centre
                : centre.times(mass / sum).plus(o.centre.times(o.mass / sum));
        MassProperties a = about(middle);
        MassProperties b = o.about(middle);
        return new MassProperties(sum, middle, a.xx + b.xx, a.yy + b.yy, a.zz + b.zz, a.xy + b.xy, a.yz + b.yz,
                a.zx + b.zx);
    }

    /** The same thing, its centre told from another origin; the inertia stays about the centre. */
    public MassProperties seenFrom(Vec3 origin) {
        return new MassProperties(mass, centre.minus(origin), xx, yy, zz, xy, yz, zx);
    }

    /** Inertia about another point, axes kept (Steiner, Huygens); the centre stays named. */
    public MassProperties about(Vec3 point) {
        Vec3 d = centre.minus(point);
        return new MassProperties(mass, centre, xx + mass * (d.y() * d.y() + d.z() * d.z()),
                yy + mass * (d.z() * d.z() + d.x() * d.x()), zz + mass * (d.x() * d.x() + d.y() * d.y()),
                xy + mass * d.x() * d.y(), yz + mass * d.y() * d.z(), zx + mass * d.z() * d.x());
    }

    /** The same thing seen in the axes that it is placed in. */
    public MassProperties placed(Placement at) {
        double half = (xx + yy + zz) / 2;
        double[][] s = {{half - xx, xy, zx}, {xy, half - yy, yz}, {zx, yz, half - zz}};
        Vec3[] axes = {at.x(), at.y(), at.z()};
        double[] m = new double[6];
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                Vec3 a = axes[i];
                Vec3 b = axes[j];
                m[0] += s[i][j] * a.x() * b.x();
                m[1] += s[i][j] * a.y() * b.y();
                m[2] += s[i][j] * a.z() * b.z();
                m[3] += s[i][j] * a.x() * b.y();
                m[4] += s[i][j] * a.y() * b.z();
                m[5] += s[i][j] * a.z() * b.x();
            }
        }
        return ofMoments(mass, at.point(centre), m[0], m[1], m[2], m[3], m[4], m[5]);
    }

    /** Moment of inertia about an axis of length 1 through the centre, kg·m². */
    public double aboutAxis(Vec3 a) {
        return xx * a.x() * a.x() + yy * a.y() * a.y() + zz * a.z() * a.z()
                - 2 * (xy * a.x() * a.y() + yz * a.y() * a.z() + zx * a.z() * a.x());
    }
}
