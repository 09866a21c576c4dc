package firmperch.rig;

/** What carries the head out from the carriage. */
public sealed interface Arm permits LevelArm {
}
