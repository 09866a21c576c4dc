package firmperch.make;

import firmperch.body.Freedom;
import firmperch.search.Assessment;
import firmperch.search.ChangeOver;
import firmperch.study.Situation;
import firmperch.study.Taped;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** How the rig is set for each view, and what one touches from one to the next: to be kept beside it. */
final class SetUpWords {
    private SetUpWords() {
    }

    /** A line for each set-up and for each change between two. */
    static List<String> of(Assessment assessment) {
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < assessment.project().setUps().size(); i++) {
            if (i > 0) {
                ChangeOver over = ChangeOver.of(assessment.study(), i - 1, i);
                lines.add("To the next: " + over.words()
                        + (over.inTheWay().isEmpty() ? "." : ". Mind the way: " + over.inTheWay() + "."));
            }
            lines.add(of(assessment.study().in(i)));
        }
        return lines;
    }

    private static String of(Situation s) {
        String joints = s.study().assembly().freedoms().stream()
                .map(f -> s.study().named(f) + " " + setting(s, f)).collect(Collectors.joining(", "));
        return s.project().setUp().name() + ": "
                + s.shot().wanted().words(s.project().units()) + " through “" + s.shot().lens().name() + "”, sensor "
                + s.length(s.sensor().z()) + " above the floor. " + (joints.isEmpty() ? "" : "Set " + joints + ". ")
                + (Taped.foot(s).isEmpty() ? "" : "It stands " + Taped.foot(s) + ". ")
                + Taped.of(s).map(t -> "Its picture ends on the bench " + t.words(s) + ".").orElse("");
    }

    private static String setting(Situation s, Freedom freedom) {
        double value = s.posed().pose().get(s.study().assembly().freedoms().indexOf(freedom));
        return s.show(freedom.kind().quantity(), value);
    }
}
