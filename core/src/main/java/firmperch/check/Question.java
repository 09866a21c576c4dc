package firmperch.check;

import firmperch.body.Station;
import firmperch.study.Situation;
import firmperch.study.Study;

/** A check asked of one subject. */
public record Question<T>(Check<T> check, Subject<T> subject) {
    /** The id used in files: "friction@arm.lift", or the check's id alone for the whole rig. */
    public String id() {
        return about().id() + (subject.id().isEmpty() ? "" : "@" + subject.id());
    }

    public About about() {
        return check.about();
    }

    /** The station on the load path; null for the place. */
    public Station station() {
        return subject.station();
    }

    /** In the user's words. */
    public String words() {
        return subject.name().in(about().question());
    }

    /** What happens where it is short, in the user's words. */
    public String weakness() {
        return subject.name().in(about().weakness());
    }

    /** Whether a freedom can affect the answer. */
    public boolean feels(Study study, int freedom) {
        return check.feels(subject, study, freedom);
    }

    /** The answer in one pose, or a bound on it that will do as long as answers are only compared. */
    public Reading at(Situation situation) {
        return check.at(subject, situation);
    }

    /** The answer in one pose as it is told. */
    public Reading told(Situation situation) {
        return at(situation).told();
    }
}
