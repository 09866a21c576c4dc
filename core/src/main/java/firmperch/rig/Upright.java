package firmperch.rig;

/** What stands on the base and carries the carriage. */
public sealed interface Upright permits PinnedPost {
}
