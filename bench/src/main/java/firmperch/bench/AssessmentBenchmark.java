package firmperch.bench;

import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.file.Samples;
import firmperch.frame.FrameModel;
import firmperch.frame.FrameSolution;
import firmperch.frame.FrameSolver;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.BallastSizing;
import firmperch.search.Progress;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What the person waits for, computed on the demo. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 4)
@Measurement(iterations = 5, time = 4)
@Fork(1)
public class AssessmentBenchmark {
    private final Project demo = Samples.wedgingBench();
    private final Assessment complete = Assessor.everyPose(demo, Progress.NONE);
    private final Study study = Study.of(demo);
    private final FrameModel frame = study.set().framed().model();

    /** One pose assessed wholly: every question, the frame included. Budget 0.12 ms. */
    @Benchmark
    public double onePose() {
        return everyQuestion(study);
    }

    /** Asks every question once in the set pose, which is posed anew. */
    static double everyQuestion(Study study) {
        Situation there = study.set();
        double used = 0;
        for (Question<?> question : RaisedQuestions.of(study)) {
            used += question.at(there).used();
        }
        return used;
    }

    /** An edit: assembly, rig and questions made anew, and the set pose assessed. Budget 1 ms for what it rebuilds. */
    @Benchmark
    public Assessment edit() {
        return Assessor.now(demo);
    }

    /** What an edit rebuilds: assembly, rig, questions and set pose. */
    @Benchmark
    public Situation rebuild() {
        return Study.of(demo).set();
    }

    /** What each movement of a drag computes: the pose anew, the worst poses kept. */
    @Benchmark
    public Assessment drag() {
        return Assessor.now(demo, complete);
    }

    /** Every check in its worst pose. Budget 70 ms. */
    @Benchmark
    public Assessment everyPose() {
        return Assessor.everyPose(demo, Progress.NONE);
    }

    /** One solution of the space frame. */
    @Benchmark
    public Optional<FrameSolution> frame() {
        return FrameSolver.solve(frame);
    }

    /** The ballast that the policy needs. */
    @Benchmark
    public BallastSizing ballast() {
        return BallastSizing.of(demo, Progress.NONE);
    }
}
