package firmperch.pose;

import firmperch.body.Body;
import firmperch.body.Motion;
import java.util.ArrayList;
import java.util.List;

/**
 * How fast and how unevenly a point of a body moves at most, against one of the bodies that carry it or against the place: each
 * motion of the chain turns it by the distance that has grown from there up ({@link MotionBounds} for the bounds).
 */
final class ChainBounds {
    /** No body: against the place. */
    static final int PLACE = -1;

    /** How fast the point moves with each freedom, m for each unit. */
    final double[] speed;
    /** How fast the body turns with each, rad for each unit. */
    final double[] turn;
    /** How fast the point's speed changes, m for each unit of both; infinite where it is not derived. */
    final double[][] bend;
    /** How far the point can be from the origin of what carries it, m. */
    final double distance;

    /**
     * From a body down.
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
