package firmperch.bench;

import firmperch.draw.Drawing;
import firmperch.draw.RoomPlan;
import firmperch.file.Samples;
import firmperch.place.Place;
import firmperch.place.RoomEdits;
import firmperch.place.Spot;
import firmperch.place.Thing;
import firmperch.place.Things;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Coverage;
import firmperch.search.Progress;
import firmperch.study.Situation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

/** What the person waits for under Place: the demo in a room of 60 things. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class RoomBenchmark {
    private static final int THINGS = 60;

    private Project project;
    private Situation situation;
    private double along;

    /** Sixty things around the bench, of every sort in turn. */
    @Setup
    public void furnish() {
        Project demo = Samples.wedgingBench();
        List<Thing> things = new ArrayList<>();
        for (int i = 0; i < THINGS; i++) {
            Things.Sort sort = Things.ALL.get(i % Things.ALL.size());
            double angle = 2 * Math.PI * i / THINGS;
            things.add(sort.start().apply(sort.label() + " " + i,
                    new Spot(1.7 + 1.5 * Math.cos(angle), 1.5 * Math.sin(angle), angle / 3)));
        }
        project = demo.with(demo.place().with(things));
        situation = Situation.of(project);
    }

    /** One of them dragged: where it comes to rest, and every finding of the set pose anew. */
    @Benchmark
    public Assessment drag() {
        along = along > 1 ? 0 : along + 0.01;
        Place place = project.place();
        Thing thing = place.things().getFirst();
        Spot to = RoomEdits.snapped(place, thing, 2.5, along, 0.03);
        return Assessor.now(project.with(RoomEdits.changed(place, 0, thing.at(to))));
    }

    /** The plan as shapes. */
    @Benchmark
    public Drawing plan() {
        return RoomPlan.of(situation, 0, Optional.empty());
    }

    /** Where the camera comes over the bench. */
    @Benchmark
    public Coverage reach() {
        return Coverage.of(situation, Progress.NONE);
    }
}
