package firmperch.study;

import firmperch.body.Vec3;
import firmperch.place.Bench;
import firmperch.place.Spot;
import firmperch.place.Worker;
import firmperch.project.Project;
import firmperch.shot.Filmed;
import firmperch.shot.Framing;
import firmperch.shot.Wanted;
import java.util.List;
import java.util.stream.Stream;

/**
 * What must be in the picture, as it lies in the room, and the way it is to be looked at. Room axes, m.
 *
 * @param centre of it
 * @param right along its side that lies level in the picture, of length 1
 * @param up along its other side, up in the picture, of length 1
 * @param width along right
 * @param height along up
 * @param ahead the way the camera is to look, of length 1
 */
public record Target(Vec3 centre, Vec3 right, Vec3 up, double width, double height, Vec3 ahead) {
    /** From the bench's far edge to the middle of whoever works there, m. */
    public static final double APART = 0.2;
    /** How much lower who sits is, as a share of their height: sitting height 0.520 over a seat at 0.247 (Drillis and Contini 1966, from memory). */
    public static final double SEATED = 1 - 0.520 - 0.247;
    private static final int ROUNDS = 30;

    /** Of the set-up that is shown. */
    public static Target of(Project project) {
        Wanted w = project.setUp().wanted();
        Bench bench = project.place().bench();
        if (w.filmed().person()) {
            return person(w, bench, worker(project));
        }
        Vec3 right = (w.along() ? Vec3.X : Vec3.Y.negated()).turned(w.turn());
        Vec3 flat = (w.along() ? Vec3.Y : Vec3.X).turned(w.turn());
        Vec3 up = flat.times(Math.cos(w.tilt())).plus(Vec3.UP.times(Math.sin(w.tilt())));
        return new Target(work(project), right, up, w.width(), w.depth(), looking(right, up, w.lean()));
    }

    /** Where one works, whatever is filmed: the middle of the filmed plane on the bench. */
    public static Vec3 work(Project project) {
        Wanted w = project.setUp().wanted();
        Bench bench = project.place().bench();
        return new Vec3(bench.from() + w.fromEdge(), w.aside(), bench.height() + w.height());
    }

    /**
     * Where the feet of whoever works there are, and which way they look: where the room says, moved aside if it is they who are filmed; else at the far edge of the
     * bench before the work, facing the wall.
     */
    public static Spot worker(Project project) {
        Wanted w = project.setUp().wanted();
        Bench bench = project.place().bench();
        return project.place().worker().map(Worker::spot)
                .map(at -> w.filmed().person() ? at.at(at.x(), at.y() + w.aside()) : at)
                .orElse(new Spot(bench.from() + bench.depth() + APART, w.aside(), 0));
    }

    /** Upright, where they work, facing as they do unless turned. */
    private static Target person(Wanted w, Bench bench, Spot at) {
        Filmed filmed = w.filmed();
        double lower = w.seated() ? SEATED * bench.worker() : 0;
        double low = Math.max(0, filmed.from() * bench.worker() - lower);
        double high = filmed.to() * bench.worker() - lower;
        Vec3 centre = new Vec3(at.x(), at.y(), (low + high) / 2);
        Vec3 right = Vec3.Y.negated().turned(at.turn() + w.turn());
        return new Target(centre, right, Vec3.UP, filmed.width() * bench.worker(), high - low,
                looking(right, Vec3.UP, w.lean()));
    }

    private static Vec3 looking(Vec3 right, Vec3 up, double lean) {
        return up.cross(right).times(Math.cos(lean)).plus(up.times(Math.sin(lean)));
    }

    /** Out of its plane, toward the camera; of length 1. */
    public Vec3 normal() {
        return right.cross(up);
    }

    /** Its corners, right and up first, round to the left. */
    public List<Vec3> corners() {
        return Stream.of(new int[]{1, 1}, new int[]{-1, 1}, new int[]{-1, -1}, new int[]{1, -1})
                .map(c -> centre.plus(right.times(c[0] * width / 2)).plus(up.times(c[1] * height / 2))).toList();
    }

    /** True if it is looked at square on. */
    public boolean square() {
        return ahead.dot(normal()) < -1 + 1e-12;
    }

    /**
     * How far the sensor must be from its centre, along the way it is to be looked at, for all of it to just be in the picture, m. What is nearer
     * than the centre is seen larger, so at a slant its near corners decide; found by repeating, as the image's distance follows from it.
     */
    public double distance(Framing framing) {
        double square = framing.sensorDistance(framing.magnificationFor(width, height));
        if (square()) {
            return square;
        }
        Vec3 above = right.cross(ahead);
        double u = square;
        double v = framing.focalLength();
        for (int i = 0; i < ROUNDS; i++) {
            v = 1 / (1 / framing.focalLength() - 1 / Math.max(u, 1.01 * framing.focalLength()));
            double most = 0;
            for (Vec3 corner : corners()) {
                Vec3 off = corner.minus(centre);
                double aside = Math.max(Math.abs(off.dot(right)) / framing.sensorWidth(),
                        Math.abs(off.dot(above)) / framing.sensorHeight());
                most = Math.max(most, 2 * v * aside - off.dot(ahead));
            }
            u = most;
        }
        return u + v;
    }
}
