package firmperch.pose;

import firmperch.body.Body;
import firmperch.body.Motion;
import java.util.ArrayList;
import java.util.List;

/**
 * Greatest speed and greatest change of speed of a point of a body, seen from a body that carries it or from the
 * place. Walks up the chain of motions: each turns the point by the distance accumulated above it ({@link
 * MotionBounds} for the formulas).
 */
final class ChainBounds {
    /** Stands for the place instead of a body. */
    static final int PLACE = -1;

    /** Greatest speed of the point for each freedom, m per unit. */
    final double[] speed;
    /** Greatest turning rate of the body for each freedom, rad per unit. */
    final double[] turn;
    /** Greatest change of the point's speed, m per unit of both freedoms; infinite if no bound is derived. */
    final double[][] bend;
    /** Greatest distance of the point from the origin of what carries it, m. */
    final double distance;

    /**
     * Follows the chain from a body down.
     *
     * @param common number of the body that it is seen from, or {@link #PLACE}
     * @param extent how far the point is from the body's origin at most, m
     */
    ChainBounds(Rig rig, Body body, int common, double extent) {
        int freedoms = rig.assembly().freedoms().size();
        speed = new double[freedoms];
        turn = new double[freedoms];
        bend = new double[freedoms][freedoms];
        double reach = extent;
        List<double[]> above = new ArrayList<>();
        for (Body at = body; at != null && at.index() != common; at = at.parent()) {
            int f = rig.freedom(at.index());
            Motion.Most most = at.motion().most();
            if (f >= 0) {
                double fast = most.shift() + most.turn() * reach;
                speed[f] += fast;
                turn[f] += most.turn();
                bend[f][f] += most.even()
                        ? most.bend() + most.turn() * most.turn() * reach
                        : Double.POSITIVE_INFINITY;
                for (double[] outer : above) {
                    int g = (int) outer[0];
                    bend[f][g] += most.turn() * outer[1];
                    bend[g][f] += most.turn() * outer[1];
                }
                above.add(new double[]{f, fast});
            }
            reach += at.at().origin().length() + most.travel();
        }
        distance = reach;
    }
}
