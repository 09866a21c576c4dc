package firmperch.file;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.Known;
import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.project.Project;
import firmperch.search.Assessment;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The studio that ships: a corner for each kind; three hold, one is near, one gives and is cured. */
class SamplesTest {
    @Test
    void threeHoldOneIsNearOneGivesAndIsCured() {
        Map<Verdict, Integer> verdicts = new EnumMap<>(Verdict.class);
        Set<String> bases = new HashSet<>();
        for (Project project : Samples.all()) {
            Assessment told = Known.told(project);
            verdicts.merge(told.verdict(), 1, Integer::sum);
            bases.add(project.perch().parts().getFirst().part().getClass().getSimpleName());
            if (told.verdict() == Verdict.GIVES) {
                Finding.Cure cure = told.cheapestCure().orElseThrow();
                assertThat(cure.what()).startsWith("washers at the tail");
                assertThat(cure.verdict()).isEqualTo(Verdict.HOLDS);
                assertThat(cure.price()).startsWith("+");
            }
        }
        assertThat(verdicts).containsEntry(Verdict.HOLDS, 3).containsEntry(Verdict.NEAR, 1)
                .containsEntry(Verdict.GIVES, 1);
        assertThat(bases).hasSize(5);
    }
}
