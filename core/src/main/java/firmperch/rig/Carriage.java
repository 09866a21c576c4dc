package firmperch.rig;

/** What goes up, down and around the upright and carries the arm. */
public sealed interface Carriage permits DropOnCarriage {
}
