package firmperch.bench;

import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.draw.Drawing;
import firmperch.draw.LensView;
import firmperch.file.Samples;
import firmperch.param.Path;
import firmperch.project.Project;
import firmperch.project.SetUps;
import firmperch.search.Aim;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.ChangeOver;
import firmperch.search.Progress;
import firmperch.study.Situation;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What the person waits for under Shot: the demo with four set-ups. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class SetUpsBenchmark {
    private Project project;
    private Assessment complete;
    private double lift;

    /** Two set-ups more than the demo has, one of them low. */
    @Setup
    public void open() {
        project = SetUps.copied(SetUps.copied(Samples.wedgingBench()));
        project = Path.of("stance.joints.arm.lift").with(project, 0.1);
        complete = Assessor.everyPose(project, Progress.NONE);
    }

    /** A drag in one of them: what is asked of the set pose is asked in all four. */
    @Benchmark
    public Assessment drag() {
        lift = lift > 0.2 ? 0 : lift + 0.001;
        return Assessor.now(Path.of("stance.joints.arm.lift").with(project, lift), complete);
    }

    /** All findings of one pose in each of the four, of a rig that is put up. Budget 1 ms. */
    @Benchmark
    public double findings() {
        double used = 0;
        for (Situation there : complete.study().inEach()) {
            for (Question<?> question : RaisedQuestions.of(complete.study())) {
                used += question.at(there).used();
            }
        }
        return used;
    }

    /** All findings of one pose in each of the four, the rig put up anew. */
    @Benchmark
    public Assessment onePose() {
        return Assessor.now(project);
    }

    /** The picture through the lens as shapes. */
    @Benchmark
    public Drawing picture() {
        return LensView.of(complete.situation());
    }

    /** The rig set for a view. */
    @Benchmark
    public Project aim() {
        return Aim.of(project.showing(3));
    }

    /** From one to the next: what is touched, and whether the way is clear. */
    @Benchmark
    public ChangeOver changeOver() {
        return ChangeOver.of(complete.study(), 0, 3);
    }
}
