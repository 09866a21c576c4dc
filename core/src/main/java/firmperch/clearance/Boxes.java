package firmperch.clearance;

import firmperch.body.Assembly;
import firmperch.body.Body;
import firmperch.body.Vec3;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The boxes around a rig's pieces, and a sphere around those of each body: what all pieces of a body are beyond need not be asked of each.
 *
 * @param each one around each piece of the assembly, in its order
 * @param bodies one sphere around what counts of each body that has any
 */
public record Boxes(List<BoundingBox> each, List<Around> bodies) {
    /**
     * A sphere around the spheres of a body's pieces.
     *
     * @param middle in the body's axes, m
     * @param radius m
     * @param pieces their numbers in the assembly, the largest first; not changed after
     */
    public record Around(Body body, Vec3 middle, double radius, int... pieces) {}

    /** Those of a rig. */
    public static Boxes of(Assembly assembly) {
        List<BoundingBox> each = assembly.pieces().stream().map(BoundingBox::of).toList();
        List<Around> bodies = new ArrayList<>();
        for (Body body : assembly.bodies()) {
            int[] pieces = IntStream.range(0, each.size()).filter(i -> each.get(i).body().index() == body.index())
                    .filter(i -> each.get(i).counts()).boxed()
                    .sorted(Comparator.comparingDouble(i -> -each.get(i).radius())).mapToInt(i -> i).toArray();
            if (pieces.length > 0) {
                bodies.add(around(body, each, pieces));
            }
        }
        return new Boxes(each, List.copyOf(bodies));
    }

    private static Around around(Body body, List<BoundingBox> each, int[] pieces) {
        double[] low = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
        double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (int piece : pieces) {
            BoundingBox box = each.get(piece);
            double[] at = {box.middle().x(), box.middle().y(), box.middle().z()};
            for (int axis = 0; axis < at.length; axis++) {
                low[axis] = Math.min(low[axis], at[axis] - box.radius());
                high[axis] = Math.max(high[axis], at[axis] + box.radius());
            }
        }
        Vec3 middle = new Vec3((low[0] + high[0]) / 2, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2);
        double radius = 0;
        for (int piece : pieces) {
            radius = Math.max(radius, each.get(piece).middle().minus(middle).length() + each.get(piece).radius());
        }
        return new Around(body, middle, radius, pieces);
    }
}
