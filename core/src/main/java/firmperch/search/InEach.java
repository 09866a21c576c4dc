package firmperch.search;

import firmperch.check.About.Scope;
import firmperch.check.Finding;
import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.check.Reading;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.List;
import java.util.Optional;

/** A project as it is set in each of its set-ups: what is asked of the set pose is asked in all of them, and the worst counts. */
final class InEach {
    private final List<Situation> each;
    private final int shown;
    private final Situation whole;

    InEach(Study study) {
        each = study.inEach();
        shown = study.project().shown();
        whole = isWhole(shown()) ? shown() : study.set();
    }

    /** As it is set in the set-up that is shown. */
    Situation shown() {
        return each.get(shown);
    }

    /** The answer in the set-up where it is worst; in the one shown, where they are alike. */
    Finding answered(Question<?> question) {
        if (question.about().scope() == Scope.NO_POSE) {
            return Assessor.found(question, question.told(whole), whole, Finding.NO_SETUP, null);
        }
        int worst = shown;
        Reading least = null;
        for (int i = 0; i < each.size(); i++) {
            int setUp = i == 0 ? shown : i <= shown ? i - 1 : i;
            Optional<Reading> reading = reading(question, each.get(setUp));
            if (reading.isPresent() && (least == null || reading.get().used() > least.used())) {
                worst = setUp;
                least = reading.get();
            }
        }
        if (least == null) {
            // The room that the camera takes in all set-ups together raises what it raises in none.
            worst = shown;
            least = question.told(whole);
        }
        // What counts in every pose is soon known in all of them: which set-up came nearest to the worst does not matter.
        return Assessor.found(question, least, each.get(worst),
                question.about().scope() == Scope.SET_POSE ? worst : Finding.NO_SETUP, null);
    }

    /** The answer in one set-up; nothing where the question is not raised there. */
    Optional<Finding> answered(Question<?> question, int setUp) {
        Situation there = each.get(setUp);
        return reading(question, there).map(reading -> Assessor.found(question, reading, there, setUp, null));
    }

    private static boolean isWhole(Situation s) {
        return s.study().whole() == s.study();
    }

    /** The answer there; nothing where the camera's room there raises no such question. */
    private static Optional<Reading> reading(Question<?> question, Situation s) {
        if (isWhole(s)) {
            return Optional.of(question.told(s));
        }
        return RaisedQuestions.of(s.study(), question.id()).map(own -> own.told(s));
    }
}
