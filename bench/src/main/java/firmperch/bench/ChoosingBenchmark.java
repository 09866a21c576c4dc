package firmperch.bench;

import firmperch.choose.Card;
import firmperch.choose.Chooser;
import firmperch.choose.Compose;
import firmperch.file.Samples;
import firmperch.part.Parts;
import firmperch.project.Project;
import firmperch.search.Progress;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
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

/** The step Kind, on corners of the studio. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 20)
@Measurement(iterations = 10)
@Fork(1)
public class ChoosingBenchmark {
    @Param({"Wedging bench", "Throwing wheel", "Glazing table"})
    private String corner;

    private Project project;

    /** Opens the corner. */
    @Setup
    public void open() {
        project = Samples.all().stream().filter(p -> p.name().equals(corner)).findFirst().orElseThrow();
    }

    /** Every kind over every pose, its weakest mended. Budget 1.5 s for the kinds that there are. */
    @Benchmark
    public List<Card> everyKind() {
        return Chooser.of(project, Progress.NONE, card -> {
        });
    }

    /** Until every kind has a card as it is set. */
    @Benchmark
    public int asSet() {
        AtomicInteger cards = new AtomicInteger();
        int kinds = Parts.kinds().size();
        try {
            Chooser.of(project, (share, what) -> {
                if (cards.get() >= kinds) {
                    throw new CancellationException();
                }
            }, card -> cards.incrementAndGet());
        } catch (CancellationException enough) {
            // What comes after is not measured.
        }
        return cards.get();
    }

    /** What could stand in the place of a part. */
    @Benchmark
    public List<Compose.Change> swaps() {
        return Compose.swaps(project, project.perch().parts().getLast().name());
    }
}
