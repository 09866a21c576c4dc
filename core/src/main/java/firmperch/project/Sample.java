package firmperch.project;

import firmperch.log.Measurement;
import firmperch.rig.CastBox;
import firmperch.rig.DropOnCarriage;
import firmperch.rig.Gear;
import firmperch.rig.GearItem;
import firmperch.rig.LevelArm;
import firmperch.rig.Perch;
import firmperch.rig.PinnedPost;
import firmperch.rig.TiltHead;
import firmperch.shot.Shot;
import firmperch.units.UnitSystem;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/**
 * The pottery studio that ships with the program: invented, with realistic values. It is written here rather than in a
 * file, as the window opens on it and reading a file takes longer than the rest of the first picture.
 */
public final class Sample {
    private static final Map<String, Double> JOINTS = Map.of("pin", 5.0, "swing", 0.0, "lift", 0.168);

    private Sample() {
    }

    /** The wedging bench of the Kiln-aisle studio. */
    public static Project project() {
        return new Project("Wedging bench", "Kiln-aisle studio", UnitSystem.METRIC, shot(), gear(), place(), perch(),
                new Stance(0.97, 0, 0, JOINTS), Policy.STANDARD, log());
    }

    private static Shot shot() {
        return new Shot(0.45, 0.25, true, 0.06, 0.38, 0, "aps-c", 1, 0.024, 0.28, 3840, 2160, 0.32, 0.115, 0.03);
    }

    private static Gear gear() {
        return new Gear(List.of(
                new GearItem("Camera body", 0.51, 0, 0, -0.04),
                new GearItem("24 mm lens", 0.24, 0, 0, -0.1),
                new GearItem("Mains adapter for the battery", 0.09, 0.02, -0.03, -0.03),
                new GearItem("Quick plate", 0.08, 0, 0, -0.005),
                new GearItem("Small monitor on a bracket", 0.45, -0.06, 0.11, 0.05),
                new GearItem("Cable along the arm, camera's half", 0.12, -0.05, 0, 0.02)), 1);
    }

    private static Place place() {
        return new Place(3.4, 2.3, 1.42, 0.8, 1.5, 0.86, 0.12, 0.55, Math.toRadians(0.6));
    }

    private static Perch perch() {
        LevelArm arm = new LevelArm(0.68, 0.11, "beech-d40", 0.045, 0.018, 2, 0.06, "m8", 2, "wood-wood", "knob-60", 5,
                2, Math.toRadians(-40), Math.toRadians(48), 0.018, 0.07, 6000);
        return new Perch(new TiltHead(0.38, 0.1, 6), arm,
                new DropOnCarriage(0.2, 0.1, "birch-plywood", 0.0008, 0.09),
                new PinnedPost("pipe-48.3x3.2", 1.58, 0.7, 0.1, 7, 0.01, 2),
                new CastBox(0.44, 0.26, 0.018, 0.12, 2350, 0.021, 0.32, 0.075, 0.108, 0.08, 0.032, 150, 0.62,
                        "polyurethane", true, 0));
    }

    private static List<Measurement> log() {
        return List.of(
                new Measurement(LocalDate.of(2026, 11, 14), Measurement.Kind.PUSH, 139, JOINTS,
                        "Luggage scale on a cord at 1.5 m, sideways."),
                new Measurement(LocalDate.of(2026, 11, 14), Measurement.Kind.LEAN, 0.688, JOINTS,
                        "Angle finder on the post, two of us."),
                new Measurement(LocalDate.of(2026, 11, 15), Measurement.Kind.SAG, 0.0017, JOINTS,
                        "Ruler against the shelf edge."));
    }
}
