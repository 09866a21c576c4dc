package firmperch.body;

import java.util.List;

/**
 * Something to be done in the making.
 *
 * @param id by which others say that they come after it
 * @param after ids of what must be done before; what is not there does not count
 * @param pause how long to wait after it; empty if not at all
 * @param caution what can hurt in it; empty if nothing unusual
 */
public record Work(String id, String what, List<String> after, String pause, String caution) {
    public Work {
        after = List.copyOf(after);
    }
}
