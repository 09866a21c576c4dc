package firmperch.place;

import firmperch.body.Surface;

/** A thing of the room that a rig may stand on or be clamped round, where its user says so. */
public interface Bearer extends Thing {
    /** True if it is to carry the rig. */
    boolean perch();

    /** What it then is to the rig. */
    Surface surface();

    /** What the rig must know of it, m: how high its top is, or how thick it is where something is clamped round it. */
    double measure();

    /** The same thing that is to carry the rig, or not. */
    default Thing carrying(boolean yes) {
        return (Thing) params().with((Record) this, "perch", yes);
    }
}
