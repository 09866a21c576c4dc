package firmperch.bench;

import firmperch.check.Situation;
import firmperch.frame.FrameModel;
import firmperch.frame.FrameSolution;
import firmperch.frame.FrameSolver;
import firmperch.project.Project;
import firmperch.project.Sample;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.BallastSizing;
import firmperch.search.Progress;
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
    private final Project demo = Sample.project();
    private final Assessment complete = Assessor.everyPose(demo, Progress.NONE);
    private final FrameModel frame = Situation.of(demo).posed().frameModel();

    /** One pose assessed wholly: every check, the frame included. Budget 2 ms. */
    @Benchmark
    public Assessment onePose() {
        return Assessor.now(demo);
    }

    /** What each movement of a drag computes: the pose anew, the worst poses kept. */
    @Benchmark
    public Assessment drag() {
        return Assessor.now(demo, complete);
    }

    /** Every check in its worst pose. Budget 150 ms. */
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
