package firmperch.body;

/**
 * A rigid motion: where an own set of axes lies in another. The axes are of length 1, square to each other and
 * right-handed.
 *
 * @param origin where the own origin lies, m
 * @param x the own x axis
 * @param y the own y axis
 * @param z the own z axis
 */
public record Placement(Vec3 origin, Vec3 x, Vec3 y, Vec3 z) {
    /** Where nothing is moved. */
    public static final Placement HERE = at(Vec3.ZERO);

    /** Shifted, not turned. */
    public static Placement at(Vec3 origin) {
        return new Placement(origin, Vec3.X, Vec3.Y, Vec3.UP);
    }

    /** Shifted, not turned. */
    public static Placement at(double x, double y, double z) {
        return at(new Vec3(x, y, z));
    }

    /** Turned about an axis of length 1 through the origin, by an angle, rad (Rodrigues' formula). */
    public static Placement turned(Vec3 axis, double angle) {
        double c = Math.cos(angle);
        double s = Math.sin(angle);
        double x = axis.x();
        double y = axis.y();
        double z = axis.z();
        double rest = 1 - c;
        return new Placement(Vec3.ZERO, new Vec3(c + rest * x * x, rest * x * y + s * z, rest * x * z - s * y),
                new Vec3(rest * x * y - s * z, c + rest * y * y, rest * y * z + s * x),
                new Vec3(rest * x * z + s * y, rest * y * z - s * x, c + rest * z * z));
    }

    /** The own x axis along a direction, the own z axis as near to the other as can be. */
    public static Placement along(Vec3 origin, Vec3 xAxis, Vec3 nearZ) {
        Vec3 x = xAxis.unit();
        Vec3 y = nearZ.cross(x).unit();
        return new Placement(origin, x, y, x.cross(y));
    }

    /**
     * Of a sheet that stands on edge in the x-z plane: its outline's x lies along x, its outline's y along z, its thickness across.
     *
     * @param middle where the outline's origin lies, m
     */
    public static Placement onEdge(Vec3 middle) {
        return along(middle, Vec3.X, Vec3.Y.negated());
    }

    /** An own point, in the other axes. */
    public Vec3 point(Vec3 p) {
        return new Vec3(origin.x() + x.x() * p.x() + y.x() * p.y() + z.x() * p.z(),
                origin.y() + x.y() * p.x() + y.y() * p.y() + z.y() * p.z(),
                origin.z() + x.z() * p.x() + y.z() * p.y() + z.z() * p.z());
    }

    /** An own direction, in the other axes. */
    public Vec3 direction(Vec3 d) {
        return new Vec3(x.x() * d.x() + y.x() * d.y() + z.x() * d.z(),
                x.y() * d.x() + y.y() * d.y() + z.y() * d.z(), x.z() * d.x() + y.z() * d.y() + z.z() * d.z());
    }

    /** A direction of the other axes, in the own. */
    public Vec3 inward(Vec3 d) {
        return new Vec3(x.dot(d), y.dot(d), z.dot(d));
    }

    /** A point of the other axes, in the own. */
    public Vec3 inside(Vec3 p) {
        return inward(p.minus(origin));
    }

    /** This after the other: what is placed by {@code inner} in the own axes, placed in the outer ones. */
    public Placement of(Placement inner) {
        return new Placement(point(inner.origin), direction(inner.x), direction(inner.y), direction(inner.z));
    }

    /** The way back. */
    public Placement inverse() {
        return new Placement(inward(origin).times(-1), new Vec3(x.x(), y.x(), z.x()), new Vec3(x.y(), y.y(), z.y()),
                new Vec3(x.z(), y.z(), z.z()));
    }
}
