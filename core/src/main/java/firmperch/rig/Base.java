package firmperch.rig;

/** What keeps the perch on the floor. */
public sealed interface Base permits CastBox {
}
