package firmperch.rig;

import java.util.List;
import java.util.function.Supplier;

/**
 * A composition to start from.
 *
 * @param start makes it with sensible values
 */
public record Kind(String id, String label, Supplier<Perch> start) {
    /** Every kind offered; a new one is a new row. */
    public static final List<Kind> ALL = List
            .of(new Kind("cast-box-post", "Cast-box rolling post with a level-keeping arm", Kind::castBoxPost));

    private static Perch castBoxPost() {
        LevelArm arm = new LevelArm(0.60, 0.11, "beech-d40", 0.045, 0.020, 2, 0.060, "m8", 2, "wood-wood", "lever-90",
                9.0, 2, Math.toRadians(-40), Math.toRadians(50), 0.018, 0.06, 5000);
        return new Perch(new TiltHead(0.38, 0.10, 10), arm,
                new DropOnCarriage(0.20, 0.10, "birch-plywood", 0.0008, 0.09),
                new PinnedPost("pipe-42.4x3.2", 1.60, 0.75, 0.10, 6, 0.010, 2),
                new CastBox(0.44, 0.24, 0.018, 0.18, 2350, 0.021, 0.25, 0.075, 0.108, 0.080, 0.032, 150, 0.62,
                        "rubber", true, Math.PI));
    }
}
