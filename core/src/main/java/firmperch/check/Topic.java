package firmperch.check;

/** What a check is about, ordered by the worst that can happen. */
public enum Topic {
    /** It falls over in a pose that it can take. */
    FALLS,
    /** It runs into the bench, a wall, the ceiling or itself. */
    HITS,
    /** A joint slips under its load. */
    SLIPS,
    /** Something breaks, splits or bends for good. */
    BREAKS,
    /** It stands, and resists less than is asked. */
    FIRMNESS,
    /** It gives more than is allowed. */
    GIVES,
    /** The picture is not as wanted. */
    PICTURE,
    /** It is in the way, or what is needed does not come where it is needed. */
    WAY,
    /** It is more than hands or casters take. */
    HANDLING;

    /** True if so much is wanted at least; else so much of what may be is used. */
    boolean wants() {
        return this == FALLS || this == HITS || this == FIRMNESS || this == PICTURE || this == WAY;
    }

    /** True if it is asked while there is no rig and the camera is held in the air. */
    boolean withoutRig() {
        return this == PICTURE || this == HITS || this == WAY;
    }
}
