package firmperch.param;

/** A record whose values are described. */
public interface Described {
    /** What describes them, in the order of the record's components. */
    Params<?> params();
}
