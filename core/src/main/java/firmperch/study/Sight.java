package firmperch.study;

import firmperch.body.Placement;
import firmperch.body.Vec3;
import firmperch.shot.Framing;
import firmperch.shot.Wanted;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What the lens sees from where the camera is and the way it looks: central projection through the lens's middle, which lies the image
 * distance before the sensor (thin lens). Everything in the room's axes, m.
 *
 * <p>Left out: distortion, up to some 2 % of the picture's width in its corners with usual lenses, and breathing of the lens.
 */
public final class Sight {
    /** A ray that meets a plane further away than this does not meet it, m. */
    public static final double FAR = 50;

    private final Framing framing;
    private final Vec3 eye;
    private final Vec3 ahead;
    private final Vec3 right;
    private final Vec3 up;
    private final double distance;
    private final double image;
    private final Vec3 plane;
    private final List<Vec3> wanted;
    private List<Seen> wantedSeen;
    /** Toward the middle from the planes through the lens and the picture's four edges. */
    private final List<Vec3> edges;
    private final Situation s;

    /**
     * A place in the picture.
     *
     * @param x from the middle to the right, 1 at the edge
     * @param y from the middle up, 1 at the edge
     */
    public record Seen(double x, double y) {
        /** How far from the middle, by the side that is nearer to its edge: in the picture up to 1. */
        public double out() {
            return Math.max(Math.abs(x), Math.abs(y));
        }
    }

    /**
     * What lies on one side of a plane.
     *
     * @param normal toward that side, of length 1
     * @param off of the plane along it, m; −∞ for everything
     */
    public record Before(Vec3 normal, double off) {
        /** Everything there is. */
        public static final Before ANY = new Before(Vec3.UP, Double.NEGATIVE_INFINITY);

        /** What is above a height, m. */
        public static Before above(double height) {
            return new Before(Vec3.UP, height);
        }
    }

    Sight(Situation s) {
        this.s = s;
        framing = s.shot().framing();
        Placement camera = s.study().room().of(s.camera());
        Vec3 forward = camera.x();
        Vec3 left = camera.y();
        Vec3 sensor = s.inRoom(s.sensor());
        Wanted w = s.shot().wanted();
        ahead = camera.z().negated();
        right = w.along() ? forward : left.negated();
        up = w.along() ? left : forward;
        Target target = s.target();
        plane = target.normal();
        Vec3 away = target.centre().minus(sensor);
        double slant = -ahead.dot(plane);
        double along = slant > 1e-6 ? -away.dot(plane) / slant : FAR;
        // A camera that looks past the work is focused on it all the same.
        distance = along < FAR ? along : away.dot(ahead);
        image = framing.imageDistance(framing.magnificationAt(Math.max(0, distance)));
        eye = sensor.plus(ahead.times(image));
        wanted = target.corners();
        edges = List.of(inward(right.negated(), framing.sensorWidth()), inward(up.negated(), framing.sensorHeight()),
                inward(right, framing.sensorWidth()), inward(up, framing.sensorHeight()));
    }

    /** From where the camera is in a situation. */
    public static Sight of(Situation s) {
        return s.sight();
    }

    /** Sensor to the filmed plane, along the way it looks, m; negative where it looks away from it. */
    public double distance() {
        return distance;
    }

    /** Lens to what it is focused on, along the way it looks, m. */
    public double focused() {
        return distance - image;
    }

    /** How far what is nearer than what it is focused on is sharp, along the way it looks, m. */
    public double sharpBefore() {
        return sees() ? focused() - s.shot().depthOfField().near(focused()) : 0;
    }

    /** The same of what is farther, m; at most {@link #FAR}. */
    public double sharpBehind() {
        return sees() ? Math.min(FAR, s.shot().depthOfField().far(focused()) - focused()) : 0;
    }

    /** True if it looks at the filmed plane from before its lens. */
    public boolean sees() {
        return focused() > 0;
    }

    /** Sensor to the lens's middle, m. */
    double image() {
        return image;
    }

    /** The lens's middle. */
    public Vec3 eye() {
        return eye;
    }

    /** How far the way it looks is from straight down, rad. */
    public double slant() {
        return Math.acos(Math.clamp(-ahead.z(), -1, 1));
    }

    /** Corners of the rectangle that must be in the picture, in their order. */
    public List<Vec3> wanted() {
        return wanted;
    }

    /** Where in the picture these are, even beyond its edges; fewer than four where one is not before the lens. Safe without a lock: two threads get the same. */
    List<Seen> wantedSeen() {
        if (wantedSeen == null) {
            wantedSeen = wanted.stream().flatMap(corner -> seen(corner).stream()).toList();
        }
        return wantedSeen;
    }

    /** How far before the lens a point lies, m. */
    public double depth(Vec3 point) {
        return point.minus(eye).dot(ahead);
    }

    /** Where in the picture a point is, even beyond its edges; nothing where it is not before the lens. */
    public Optional<Seen> seen(Vec3 point) {
        double depth = depth(point);
        return depth > 1e-9 ? Optional.of(seen(point, depth)) : Optional.empty();
    }

    private Seen seen(Vec3 point, double depth) {
        Vec3 off = point.minus(eye);
        double k = 2 * image / depth;
        return new Seen(k * off.dot(right) / framing.sensorWidth(), k * off.dot(up) / framing.sensorHeight());
    }

    /** The point of the filmed plane that is seen in a place of the picture; nothing where the ray there does not meet it. */
    public Optional<Vec3> at(Seen place) {
        return at(place, plane, s.shotCentre().dot(plane));
    }

    private Optional<Vec3> at(Seen place, Vec3 normal, double off) {
        Vec3 ray = ahead.times(image).plus(right.times(place.x * framing.sensorWidth() / 2))
                .plus(up.times(place.y * framing.sensorHeight() / 2));
        double k = (off - eye.dot(normal)) / ray.dot(normal);
        return k > 0 && k * ray.length() < FAR ? Optional.of(eye.plus(ray.times(k))) : Optional.empty();
    }

    /** Corners of what is covered on the filmed plane, right and up first, round to the left; none where not all of the picture meets it. */
    public List<Vec3> covered() {
        return covered(plane, s.shotCentre().dot(plane));
    }

    /** The same at a height. */
    public List<Vec3> covered(double height) {
        return covered(Vec3.UP, height);
    }

    private List<Vec3> covered(Vec3 normal, double off) {
        List<Vec3> corners = new ArrayList<>();
        for (int[] c : new int[][]{{1, 1}, {-1, 1}, {-1, -1}, {1, -1}}) {
            at(new Seen(c[0], c[1]), normal, off).ifPresent(corners::add);
        }
        return corners.size() == 4 ? corners : List.of();
    }

    /** How far the way it looks is from the way that is wanted, rad. */
    public double astray() {
        return Math.acos(Math.clamp(ahead.dot(s.target().ahead()), -1, 1));
    }

    /** Long side of what is seen across the way it looks, as far away as it is focused on, m. */
    public double wide() {
        return Math.max(0, framing.sensorWidth() * focused() / image);
    }

    /** Short side of the same, m. */
    public double deep() {
        return Math.max(0, framing.sensorHeight() * focused() / image);
    }

    /** The wanted corner that is furthest out of the picture; nothing where one is not before the lens. */
    public Optional<Seen> furthest() {
        Seen furthest = new Seen(0, 0);
        for (Vec3 corner : wanted) {
            Optional<Seen> seen = seen(corner);
            if (seen.isEmpty()) {
                return Optional.empty();
            }
            furthest = seen.get().out() > furthest.out() ? seen.get() : furthest;
        }
        return Optional.of(furthest);
    }

    /** How much longer the longer of two opposite sides of what is covered on the filmed plane is than the other, as a factor from 1 up. */
    public double keystone() {
        List<Vec3> c = covered();
        double most = 1;
        for (int i = 0; i < 2 && !c.isEmpty(); i++) {
            double one = c.get(i).minus(c.get(i + 1)).length();
            double other = c.get(i + 2).minus(c.get((i + 3) % 4)).length();
            most = Math.max(most, Math.max(one, other) / Math.min(one, other));
        }
        return most;
    }

    /**
     * Picture elements for each metre of the filmed plane at a point of it, the way in which they are fewest: the smaller singular value of the
     * projection's derivative there. 0 where it is not before the lens.
     */
    public double scale(Vec3 point) {
        double depth = depth(point);
        if (depth <= 1e-9) {
            return 0;
        }
        Vec3 off = point.minus(eye);
        double[] x = slope(off, depth, right);
        double[] y = slope(off, depth, up);
        double a = x[0] * x[0] + y[0] * y[0];
        double b = x[0] * x[1] + y[0] * y[1];
        double d = x[1] * x[1] + y[1] * y[1];
        double least = (a + d) / 2 - Vec3.across((a - d) / 2, b);
        return Math.sqrt(Math.max(0, least)) * s.shot().camera().pixels().wide() / framing.sensorWidth();
    }

    /** How a place on the sensor along an axis moves with the point along the filmed plane's two sides. */
    private double[] slope(Vec3 off, double depth, Vec3 axis) {
        Vec3 gradient = axis.times(depth).minus(ahead.times(off.dot(axis))).times(image / (depth * depth));
        return new double[]{gradient.dot(s.target().right()), gradient.dot(s.target().up())};
    }

    /** The fewest at the corners of what is wanted. */
    public double worstScale() {
        return wanted.stream().mapToDouble(this::scale).min().orElse(0);
    }

    /** Where the middle of the picture is on the filmed plane, from where it should be, m; nothing where it looks past it. */
    public Optional<Double> offMiddle() {
        return at(new Seen(0, 0)).map(p -> p.minus(s.shotCentre()).length());
    }

    /**
     * What is left of a flat face in the picture: what lies farther from the lens than that, m, and before a plane, cut off at the
     * picture's edges (Sutherland and Hodgman 1974). None where nothing is left.
     */
    public List<Seen> clipped(List<Vec3> face, double nearest, Before before) {
        List<Vec3> kept = Taped.cut(face, ahead, eye.dot(ahead) + nearest);
        kept = Taped.cut(kept, before.normal, before.off);
        for (Vec3 edge : edges) {
            kept = Taped.cut(kept, edge, eye.dot(edge));
        }
        return kept.stream().map(p -> seen(p, depth(p))).toList();
    }

    /** False if nothing within a sphere is before the lens, before that plane and within the planes of the picture's edges. Quicker still. */
    boolean couldShow(Vec3 middle, double radius, double nearest, Before before) {
        if (depth(middle) + radius < nearest || middle.dot(before.normal) + radius < before.off) {
            return false;
        }
        Vec3 off = middle.minus(eye);
        for (Vec3 edge : edges) {
            if (off.dot(edge) < -radius) {
                return false;
            }
        }
        return true;
    }

    /** False if none of these points is before the lens, before that plane and between the planes of the picture's edges. Quick. */
    boolean couldShow(List<Vec3> points, double nearest, Before before) {
        boolean far = false;
        boolean high = false;
        boolean[] within = new boolean[4];
        for (Vec3 point : points) {
            Vec3 off = point.minus(eye);
            double depth = off.dot(ahead);
            double x = off.dot(right) * image * 2;
            double y = off.dot(up) * image * 2;
            far |= depth >= nearest;
            high |= point.dot(before.normal) >= before.off;
            within[0] |= x <= depth * framing.sensorWidth();
            within[1] |= x >= -depth * framing.sensorWidth();
            within[2] |= y <= depth * framing.sensorHeight();
            within[3] |= y >= -depth * framing.sensorHeight();
        }
        return far && high && within[0] && within[1] && within[2] && within[3];
    }

    /** The normal, of length 1 and toward the middle, of the plane through the lens and an edge of the sensor. */
    private Vec3 inward(Vec3 side, double size) {
        return ahead.times(size / 2).minus(side.times(image)).unit();
    }
}
