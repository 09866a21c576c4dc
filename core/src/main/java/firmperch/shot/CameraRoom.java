package firmperch.shot;

import java.util.List;

/**
 * The room that camera and lens take up under the head.
 *
 * @param sensorBelow sensor plane below the mounting face, m
 * @param lensLength sensor plane to the lens front, m
 * @param along true if the camera's long side may lie along the arm
 * @param across true if it may lie across it
 */
public record CameraRoom(double sensorBelow, double lensLength, boolean along, boolean across) {
    /** What one shot takes. */
    public static CameraRoom of(Shot shot) {
        return new CameraRoom(shot.camera().sensorBelow(), shot.lens().length(), shot.wanted().along(),
                !shot.wanted().along());
    }

    /** What the largest of several shots with one camera takes. */
    public static CameraRoom of(List<Shot> shots) {
        return shots.stream().map(CameraRoom::of).reduce((a, b) -> new CameraRoom(a.sensorBelow,
                Math.max(a.lensLength, b.lensLength), a.along || b.along, a.across || b.across)).orElseThrow();
    }
}
