package firmperch.search;

import firmperch.body.Stiffness;
import firmperch.frame.FrameSolver;
import firmperch.log.Comparison;
import firmperch.log.Measurement;
import firmperch.pose.Framed;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.study.Situation;
import firmperch.study.Study;

/** Predicts a measurement: in the pose it was taken in, with the gear as listed and no spare. */
public final class Prediction {
    private Prediction() {
    }

    /** Compares a measurement with its prediction. */
    public static Comparison of(Project project, Measurement measured) {
        Study study = Study.of(project).carrying(0);
        if (!study.assembly().knows(measured.joints().keySet())) {
            // The measurement names joints of another kind of rig, which this project had before.
            return new Comparison(measured, Double.NaN);
        }
        Situation there = study.in(Pose.of(study.assembly(), measured.joints()));
        return new Comparison(measured, predicted(there, measured.kind()));
    }

    private static double predicted(Situation s, Measurement.Kind kind) {
        return switch (kind) {
            case PUSH -> s.tipping().push(s.pushHeight());
            case LEAN -> s.tipping().levelLean();
            // What is likely, not the low end that a limit is held to.
            case SAG -> sag(s.with(Stiffness.End.TYPICAL));
        };
    }

    private static double sag(Situation s) {
        Framed framed = s.framed();
        return FrameSolver.solve(framed.withoutGear())
                .flatMap(bare -> s.frame().map(loaded -> bare.movement(framed.camera(), framed.cameraOffset()).z()
                        - loaded.movement(framed.camera(), framed.cameraOffset()).z()))
                .orElse(Double.NaN);
    }
}
