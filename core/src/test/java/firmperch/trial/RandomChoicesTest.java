package firmperch.trial;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.check.Finding;
import firmperch.choose.Card;
import firmperch.choose.Chooser;
import firmperch.choose.Trait;
import firmperch.file.KeptFile;
import firmperch.file.Samples;
import firmperch.param.Path;
import firmperch.part.GearEdits;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.part.UsualGear;
import firmperch.place.Place;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import firmperch.units.InvalidValue;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Random shots, rooms and gear for random kinds: each answer is a verdict with its figures, or a reason. Of an arm that friction holds, more gear never
 * leaves more over. Seeded, so that what is found can be found again.
 */
class RandomChoicesTest {
    private final Random random = new Random(20261129);

    @Test
    void eachAnswerIsAVerdictOrAReason() {
        int times = Trial.times("choices", 12, 2000);
        for (int i = 0; i < times; i++) {
            Project project = project(i);
            Kind kind = Parts.kinds().get(random.nextInt(Parts.kinds().size()));
            Card card = Chooser.asSet(project, kind, Progress.NONE);
            String of = "number " + i + ", " + kind.id();
            assertThat(card.sentence()).as(of).isNotBlank().doesNotContain("NaN", "∞", "null");
            assertThat(card.verdict().isPresent() || !card.why().isEmpty()).as(of).isTrue();
            for (Trait trait : Trait.values()) {
                assertThat(card.figure(trait).isEmpty() || Double.isFinite(card.figure(trait).getAsDouble())).as(of)
                        .isTrue();
            }
            card.assessed().ifPresent(a -> heavier(a, of));
        }
    }

    private Project project(int number) {
        List<Project> demos = Samples.all();
        Project project = demos.get(random.nextInt(demos.size()));
        List<KeptFile.Kept<Place>> rooms = Samples.rooms();
        try {
            if (random.nextBoolean()) {
                project = project.movedInto(rooms.get(random.nextInt(rooms.size())).thing());
            }
            double width = 0.05 + 0.8 * random.nextDouble();
            project = Path.of("setUp.wanted").with(project,
                    project.setUp().wanted().sized(width, width * (0.4 + 0.5 * random.nextDouble())));
            for (int i = random.nextInt(4); i > 0; i--) {
                project = project.with(GearEdits.put(project.gear(),
                        UsualGear.ALL.get(random.nextInt(UsualGear.ALL.size())).item()));
            }
        } catch (InvalidValue cannotBe) {
            // What was random before stays.
        }
        return project;
    }

    /** A kilogram more in spare on the same rig: no joint that friction holds has more left over. */
    private static void heavier(Assessment light, String of) {
        Project more = light.project().with(light.project().gear().sparing(light.project().gear().spare() + 1));
        Assessment heavy = Assessor.now(more);
        for (Finding finding : light.findings()) {
            if (finding.id().startsWith("friction@arm")) {
                assertThat(heavy.finding(finding.id()).margin()).as(of + " " + finding.id())
                        .isLessThanOrEqualTo(finding.margin() + 1e-9);
            }
        }
    }
}
