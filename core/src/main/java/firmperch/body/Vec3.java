package firmperch.body;

/** A point (m) or a direction in space. In a rig's axes x points toward the subject, y to the left, z up. */
public record Vec3(double x, double y, double z) {
    public static final Vec3 ZERO = new Vec3(0, 0, 0);
    /** Along a thing's own first axis; of a rig, toward the subject. */
    public static final Vec3 X = new Vec3(1, 0, 0);
    /** Along a thing's own second axis; of a rig, to the left. */
    public static final Vec3 Y = new Vec3(0, 1, 0);
    /** Along a thing's own third axis; of a rig, up. */
    public static final Vec3 UP = new Vec3(0, 0, 1);
    public static final Vec3 DOWN = new Vec3(0, 0, -1);

    public Vec3 plus(Vec3 o) {
        return new Vec3(x + o.x, y + o.y, z + o.z);
    }

    public Vec3 minus(Vec3 o) {
        return new Vec3(x - o.x, y - o.y, z - o.z);
    }

    public Vec3 times(double k) {
        return new Vec3(x * k, y * k, z * k);
    }

    /** The other way. */
    public Vec3 negated() {
        return new Vec3(-x, -y, -z);
    }

    public Vec3 cross(Vec3 o) {
        return new Vec3(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
    }

    public double dot(Vec3 o) {
        return x * o.x + y * o.y + z * o.z;
    }

    public double length() {
        return Math.sqrt(dot(this));
    }

    public Vec3 unit() {
        return times(1 / length());
    }

    /** The direction to another point, of length 1; nothing where they are the same. */
    public Vec3 toward(Vec3 o) {
        Vec3 apart = o.minus(this);
        double length = apart.length();
        return length > 0 ? apart.times(1 / length) : ZERO;
    }

    /** √(x² + y²) of lengths and forces, which need no guard against overflow: several times as fast as {@link Math#hypot}. */
    public static double across(double x, double y) {
        return Math.sqrt(x * x + y * y);
    }

    /** Distance from the z axis. */
    public double radius() {
        return across(x, y);
    }

    /** Turned about the z axis by that angle, rad, counter-clockwise seen from above. */
    public Vec3 turned(double angle) {
        double c = Math.cos(angle);
        double s = Math.sin(angle);
        return new Vec3(c * x - s * y, s * x + c * y, z);
    }
}
