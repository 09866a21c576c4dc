package firmperch.search;

import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether a rig hits anything, asked of one pose after the other. What one pose hits the next one often hits too, so that is asked first.
 * Not to be shared between threads.
 */
final class Hits {
    private final List<Question<?>> asked;

    Hits(Study study) {
        asked = new ArrayList<>(asked(study));
    }

    /** What a rig may hit, in the checks' order. */
    static List<Question<?>> asked(Study study) {
        return RaisedQuestions.of(study).stream().filter(q -> q.about().topic() == Topic.HITS).toList();
    }

    /** True if it hits nothing there. */
    boolean clear(Situation there) {
        for (int i = 0; i < asked.size(); i++) {
            Question<?> question = asked.get(i);
            if (question.at(there).verdict(question.about().reserve(), there.policy().near()) == Verdict.GIVES) {
                asked.addFirst(asked.remove(i));
                return false;
            }
        }
        return true;
    }
}
