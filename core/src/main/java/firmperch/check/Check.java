package firmperch.check;

import firmperch.project.Project;
import java.util.List;

/** A question with a computed answer. To add one, write its class and add it to {@link Checks#ALL}. */
public interface Check {
    /** What does not change about it. */
    About about();

    /** The answer in one pose. */
    Reading at(Situation situation);

    /** What could better it; the cheapest and easiest first. Each is re-run before it is shown. */
    List<Remedy> remedies(Project project);
}
