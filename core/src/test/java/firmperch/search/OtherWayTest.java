package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.project.Project;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;

/** Other lenses and sizes against the thin lens by hand, and against the findings of the project that each leads to. */
class OtherWayTest {
    private static List<OtherWay> ways(Project project) {
        return OtherWay.of(Study.of(project).set()).stream().map(Supplier::get).flatMap(Optional::stream).toList();
    }

    /** 28 mm for 440 × 240 mm on 23.5 × 13.2 mm: m = 23.5/440, u + v = 28·(2 + m + 1/m) = 581.8 mm; 2 mm more to spare. */
    @Test
    void aLongerLensGoesHigherByTheThinLens() {
        OtherWay longer = ways(Demo.project()).stream().filter(w -> w.what().equals("a lens of 28 mm")).findFirst()
                .orElseThrow();
        assertThat(longer.does()).isTrue();
        double m = 23.5 / 440;
        double by = 28e-3 * (2 + m + 1 / m);
        assertThat(Study.of(longer.changed()).set().sensorDistance()).isCloseTo(by + 0.002, within(0.001));
        assertThat(longer.leads()).isEqualTo("sensor 584 mm above the work");
    }

    /** What is said to do has no finding of the picture or of something hit that gives; what is not has one, and names it. */
    @Test
    void whatIsSaidIsWhatIsFound() {
        List<OtherWay> ways = ways(Demo.with("place.room.ceiling", 1.75));
        assertThat(ways).hasSize(8).anyMatch(w -> w.what().equals("the long side across the arm"))
                .anyMatch(w -> w.what().equals("your lens “60 mm”")).anyMatch(OtherWay::does)
                .anyMatch(w -> !w.does());
        for (OtherWay way : ways) {
            boolean wrong = Assessor.now(way.changed()).findings().stream()
                    .anyMatch(f -> f.verdict() == Verdict.GIVES && (f.about().topic() == Topic.PICTURE
                            || f.about().topic() == Topic.HITS || f.about().topic() == Topic.WAY
                            || f.about().topic() == Topic.FALLS));
            assertThat(way.does()).as(way.what()).isEqualTo(!wrong);
            assertThat(way.leads().contains(", but ")).isEqualTo(wrong);
        }
    }

    /** More in the picture keeps its long side the longer one on the way, and a square stays one. */
    @Test
    void aSquareIsMadeLargerAndSmaller() {
        Project square = Demo.with("shot.wanted.width", 0.24);
        assertThat(ways(square)).extracting(OtherWay::what).contains("264 × 264 mm in the picture",
                "216 × 216 mm in the picture");
        Situation set = Study.of(square).set();
        assertThat(set.shot().wanted().depth()).isEqualTo(0.24);
    }
}
