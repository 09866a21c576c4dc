package firmperch.part.arm;

import firmperch.body.Hole;
import firmperch.body.Outline;
import firmperch.body.Vec3;
import java.util.ArrayList;
import java.util.List;

/** The holes of a pair of pivots in a plate, where a level-keeping arm begins or ends. */
public final class PivotHoles {
    private PivotHoles() {
    }

    /** The pair of holes in a plate, in its own axes: the middle of the pair, and how far it leans forward, rad. */
    public static List<Hole> pair(Outline.Point middle, double lean, double spacing, double thickness, String label,
            double diameter) {
        List<Hole> holes = new ArrayList<>();
        for (int side = -1; side <= 1; side += 2) {
            holes.add(new Hole(new Vec3(middle.x() + side * spacing / 2 * Math.sin(lean),
                    middle.y() + side * spacing / 2 * Math.cos(lean), -thickness / 2), Vec3.UP, diameter,
                    "pivot bolt " + label, "both plates clamped together"));
        }
        return holes;
    }
}
