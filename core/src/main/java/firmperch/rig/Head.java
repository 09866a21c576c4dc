package firmperch.rig;

/** What holds the camera on the arm's end plate. */
public sealed interface Head permits TiltHead {
    /** Mass, kg. */
    double mass();

    /** The camera's mounting face below the middle of the end plate, m. */
    double drop();

    /** The moment it holds without giving, N·m. */
    double holdingTorque();
}
