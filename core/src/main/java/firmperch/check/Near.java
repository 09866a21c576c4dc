package firmperch.check;

import firmperch.body.Body;
import firmperch.body.Joint;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Vec3;
import firmperch.pose.Posed;
import firmperch.pose.Rig;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Two pieces of bodies that move against each other and are not joined to each other: they may run into each other. Each has
 * a ball around it.
 */
record Near(Piece a, Piece b, int indexA, int indexB, Ball ballA, Ball ballB) {
    /** A ball around a piece: its middle in its body's axes, its radius, m. */
    record Ball(Vec3 middle, double radius) {
        static Ball around(Piece piece) {
            double[] low = new double[3];
            double[] high = new double[3];
            Vec3[] axes = {new Vec3(1, 0, 0), new Vec3(0, 1, 0), Vec3.UP};
            for (int i = 0; i < 3; i++) {
                high[i] = piece.solid().reach(axes[i]);
                low[i] = -piece.solid().reach(axes[i].times(-1));
            }
            Vec3 half = new Vec3(high[0] - low[0], high[1] - low[1], high[2] - low[2]).times(0.5);
            return new Ball(piece.at().point(new Vec3(low[0], low[1], low[2]).plus(half)), half.length());
        }
    }

    /** Every such pair of a rig, given the balls around its pieces. */
    static List<Near> pairs(Rig rig, List<Ball> balls) {
        List<Near> pairs = new ArrayList<>();
        List<Piece> pieces = rig.assembly().pieces();
        Set<Long> joined = joined(rig);
        for (int i = 0; i < pieces.size(); i++) {
            for (int j = i + 1; j < pieces.size(); j++) {
                Body a = pieces.get(i).body();
                Body b = pieces.get(j).body();
                if (balls.get(i).radius > 0 && balls.get(j).radius > 0 && fast(a) != fast(b)
                        && !joined.contains(key(fast(a), fast(b)))) {
                    pairs.add(new Near(pieces.get(i), pieces.get(j), i, j, balls.get(i), balls.get(j)));
                }
            }
        }
        return pairs;
    }

    private static long key(int a, int b) {
        return (long) Math.min(a, b) << 32 | Math.max(a, b);
    }

    /** The body that one is fast to, by number. */
    private static int fast(Body body) {
        return body.stiffTo().index();
    }

    /** Bodies joined to each other, also through one that has no pieces. */
    private static Set<Long> joined(Rig rig) {
        Set<Long> joined = new HashSet<>();
        List<Joint> joints = rig.assembly().joints();
        for (Joint joint : joints) {
            Body outer = joint.outer().body();
            joined.add(key(fast(joint.inner().body()), fast(outer)));
            if (rig.assembly().piecesOf(outer).isEmpty()) {
                joints.stream().filter(j -> j.inner().body().equals(outer)).forEach(
                        j -> joined.add(key(fast(joint.inner().body()), fast(j.outer().body()))));
            }
        }
        return joined;
    }

    /** How far the balls are apart with their middles there, m; negative where they overlap. */
    double balls(Vec3[] middles) {
        Vec3 m = middles[indexA];
        Vec3 n = middles[indexB];
        double x = m.x() - n.x();
        double y = m.y() - n.y();
        double z = m.z() - n.z();
        return Math.sqrt(x * x + y * y + z * z) - ballA.radius - ballB.radius;
    }

    /** From the middle of one ball to that of the other; any direction where they are the same. */
    private Vec3 apart(Vec3[] middles) {
        Vec3 apart = middles[indexA].minus(middles[indexB]);
        return apart.length() > 1e-9 ? apart : Vec3.UP;
    }

    /** How far the pieces are apart in a pose, m; no more exactly than that it is over the limit. */
    double distance(Posed posed, Vec3[] middles, double limit) {
        Placement placeA = posed.place(a);
        Placement placeB = posed.place(b);
        return Gjk.distance(d -> placeA.point(a.solid().furthest(placeA.inward(d))),
                d -> placeB.point(b.solid().furthest(placeB.inward(d))), apart(middles), limit);
    }
}
