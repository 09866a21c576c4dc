package firmperch.make;

import java.util.List;

/**
 * A step of the work.
 *
 * @param number from 1
 * @param after numbers of the steps that must be done before
 * @param pause how long to wait after it; empty if not at all
 * @param caution what can hurt in it; empty if nothing unusual
 */
public record WorkStep(int number, String what, List<Integer> after, String pause, String caution) {
    public WorkStep {
        after = List.copyOf(after);
    }
}
