package firmperch.param;

/** A thing with named branches that are no record components: a list of parts, found by the parts' own names. */
public interface Branching {
    /** The branch of that name; null if there is none. */
    Object branch(String name);

    /** The same thing with another branch of that name. */
    Object withBranch(String name, Object value);
}
