package firmperch.search;

import firmperch.check.Situation;
import firmperch.frame.FrameSolver;
import firmperch.log.Comparison;
import firmperch.log.Measurement;
import firmperch.pose.Pose;
import firmperch.project.Project;

/** What should have been measured, in the pose that it was measured in. */
public final class Prediction {
    private Prediction() {
    }

    /** The measurement beside its prediction. */
    public static Comparison of(Project project, Measurement measured) {
        Situation set = Situation.of(project);
        Situation there = set.in(Pose.of(set.posed().rig(), measured.joints()));
        return new Comparison(measured, predicted(there, measured.kind()));
    }

    private static double predicted(Situation s, Measurement.Kind kind) {
        return switch (kind) {
            case PUSH -> s.pushAvailable();
            case LEAN -> s.leastLean();
            case SAG -> FrameSolver.solve(s.posed().frameModelWithoutGear())
                    .flatMap(bare -> s.frame().map(loaded -> s.posed().mountMovement(bare).z()
                            - s.posed().mountMovement(loaded).z()))
                    .orElse(Double.NaN);
        };
    }
}
