package firmperch.bench;

import firmperch.body.Vec3;
import firmperch.file.Samples;
import firmperch.param.Path;
import firmperch.pose.Pose;
import firmperch.pose.Reach;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.DragSolver;
import firmperch.search.Progress;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What the person waits for, on the corners of the studio with the other kinds. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class KindsBenchmark {
    /** A value of each that makes it short. */
    private static final Map<String, Object[]> SPOILT = Map.of("Glazing table",
            new Object[]{"perch.arm-1.links.thickness", 0.023}, "Turning shelf",
            new Object[]{"perch.weight.weight", 12.0},
            "Throwing wheel", new Object[]{"perch.bar.count", 1}, "Tile press",
            new Object[]{"perch.feet.capped", false});

    @Param({"Glazing table", "Turning shelf", "Throwing wheel", "Tile press"})
    private String corner;

    private Project project;
    private Assessment complete;
    private Study study;
    private Assessment spoilt;

    /** Opens the corner and looks at every pose of it once. */
    @Setup
    public void open() {
        project = Samples.all().stream().filter(p -> p.name().equals(corner)).findFirst().orElseThrow();
        complete = Assessor.everyPose(project, Progress.NONE);
        study = Study.of(project);
        Object[] change = SPOILT.get(corner);
        spoilt = Assessor.everyPose(Path.of((String) change[0]).with(project, change[1]), Progress.NONE);
    }

    /** One pose assessed wholly. Budget 1 ms with six joints. */
    @Benchmark
    public double onePose() {
        return AssessmentBenchmark.everyQuestion(study);
    }

    /** Every check in its worst pose. Budget 2 s with six joints. */
    @Benchmark
    public Assessment everyPose() {
        return Assessor.everyPose(project, Progress.NONE);
    }

    /** What each movement of a drag computes: where the camera can go, and the pose anew. Budget one frame, 16.7 ms. */
    @Benchmark
    public Assessment drag() {
        Situation s = complete.situation();
        return dragged(s, new Vec3(0.05, 0, -0.05));
    }

    /** The same where the bench or a wall is in the way: as near as it comes is looked for. Budget one frame, 16.7 ms. */
    @Benchmark
    public Assessment blocked() {
        return dragged(complete.situation(), new Vec3(0.3, 0, -1));
    }

    private Assessment dragged(Situation s, Vec3 by) {
        Pose pose = new DragSolver(s, s.sensorHook()).to(
                new Reach.Goal(s.sensor().plus(by), List.of(Vec3.X, Vec3.UP), 0.04)).pose();
        return Assessor.now(project.with(project.stance().with(pose.joints(s.study().assembly()))), complete);
    }

    /** The cheapest cure of the weakest finding that could be bettered. Budget 1 s. */
    @Benchmark
    public Assessment cheapest() {
        return Assessor.withCheapest(spoilt, Progress.NONE);
    }

    /** Cures of all that is short or near. Budget 5 s. */
    @Benchmark
    public Assessment cures() {
        return Assessor.withCures(spoilt, Progress.NONE);
    }
}
