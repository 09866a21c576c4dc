package firmperch.check;

import firmperch.study.Study;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** All questions of a rig: each check asked of each of its subjects. */
public final class RaisedQuestions {
    private static final Study.Derived<List<Question<?>>> ALL = new Study.Derived<>(study -> Checks.ALL.stream()
            .filter(check -> !study.project().perch().none() || check.about().topic().withoutRig())
            .<Question<?>>flatMap(check -> asked(check, study).stream()).toList());
    private static final Study.Derived<Map<String, Question<?>>> BY_ID = new Study.Derived<>(
            study -> of(study).stream().collect(Collectors.toMap(Question::id, Function.identity(), (a, b) -> a)));

    private RaisedQuestions() {
    }

    private static <T> List<Question<T>> asked(Check<T> check, Study study) {
        return check.subjects(study).stream().map(subject -> new Question<>(check, subject)).toList();
    }

    /** All questions in the checks' order. Worked out once an edit. */
    public static List<Question<?>> of(Study study) {
        return study.get(ALL);
    }

    /** The question of that id, if the rig raises it. */
    public static Optional<Question<?>> of(Study study, String id) {
        return Optional.ofNullable(study.get(BY_ID).get(id));
    }

    /** The same question for another rig, if it raises it; finds it without working out all the others. */
    public static Optional<? extends Question<?>> same(Question<?> question, Study study) {
        return asked(question.check(), study).stream().filter(q -> q.id().equals(question.id())).findFirst();
    }
}
