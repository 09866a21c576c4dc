package firmperch.shot;

import java.util.List;

/**
 * The room that the camera on the head's screw and its lens take up under it, and how long the lenses of others are.
 *
 * @param sensorBelow sensor plane below the mounting face, m
 * @param lensLength sensor plane to the lens front, m
 * @param along true if the camera's long side may lie along the arm
 * @param across true if it may lie across it
 * @param others sensor plane to the lens front of each further camera, m
 */
public record CameraRoom(double sensorBelow, double lensLength, boolean along, boolean across, List<Double> others) {
    public CameraRoom {
        others = List.copyOf(others);
    }

    /** What one shot takes. */
    public static CameraRoom of(Shot shot) {
        return new CameraRoom(shot.camera().sensorBelow(), shot.lens().length(), shot.wanted().along(),
                !shot.wanted().along(), List.of());
    }

    /** What the largest of several shots with one camera takes. */
    public static CameraRoom of(List<Shot> shots) {
        return shots.stream().map(CameraRoom::of)
                .reduce((a, b) -> new CameraRoom(a.sensorBelow, Math.max(a.lensLength, b.lensLength),
                        a.along || b.along, a.across || b.across, List.of()))
                .orElseThrow();
    }

    /** The same beside further cameras with lenses of these lengths, m. */
    public CameraRoom beside(List<Double> lenses) {
        return new CameraRoom(sensorBelow, lensLength, along, across, lenses);
    }
}
