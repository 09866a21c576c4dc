package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.project.Project;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Cures are believed only as far as running them again confirms. */
class CuresTest {
    private static final Assessment DEMO = Assessor.full(Demo.project(), Progress.NONE);

    @Test
    void everyCureDoesWhatItSaysWhenItIsMade() {
        for (String id : List.of("arm.hold", "arm.sag", "tip.push", "post.bending", "lift.mass", "place.walkway")) {
            for (Finding.Cure cure : DEMO.finding(id).cures()) {
                Finding after = Assessor.everyPose(cure.changed(), Progress.NONE).finding(id);
                assertThat(after.margin()).as("%s: %s", id, cure.what()).isCloseTo(cure.margin(), within(1e-9));
                assertThat(cure.margin()).isGreaterThan(DEMO.finding(id).margin());
            }
        }
    }

    @Test
    void everyFindingHasSomethingThatBettersIt() {
        assertThat(DEMO.findings()).allSatisfy(f -> assertThat(f.cures()).as(f.about().id()).isNotEmpty());
    }

    /** Geometry: pixels are square, so a picture that keeps its shape has more of them both ways. */
    @Test
    void morePixelsKeepTheShapeOfThePicture() {
        Project coarse = Demo.with("shot.pixelsWide", 640, "shot.pixelsHigh", 360);
        Finding finding = Assessor.full(coarse, Progress.NONE).finding("shot.scale");
        assertThat(finding.verdict()).isEqualTo(Verdict.GIVES);
        assertThat(finding.cures()).filteredOn(c -> c.what().contains("pixels")).singleElement()
                .satisfies(c -> {
                    assertThat(c.what()).isEqualTo("film 1920 × 1080 pixels");
                    assertThat(c.verdict()).isEqualTo(Verdict.HOLDS);
                    assertThat(c.changed().shot().framing()).isEqualTo(coarse.shot().framing());
                });
    }

    @Test
    void theWeakestHasACureThatSpoilsNothing() {
        assertThat(DEMO.weakest().about().id()).isEqualTo("arm.hold");
        Finding.Cure cure = DEMO.cheapestCure().orElseThrow();
        assertThat(cure.verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(cure.worsens()).isEmpty();
        assertThat(Assessor.everyPose(cure.changed(), Progress.NONE).verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(DEMO.sentence()).isEqualTo(
                "It stands in every pose. The arm's pivots slip first, at 1.1 times what is asked.");
        assertThat(DEMO.cureSentence()).startsWith("Lever 65 mm, then ×1.5");
    }

    static Stream<Arguments> spoilt() {
        return Stream.of(Arguments.of("tip.push", Demo.with("perch.base.casterOut", 0.25)),
                Arguments.of("arm.hold", Demo.with("perch.arm.handTorque", 1.5, "perch.arm.closure", "wing-nut")),
                Arguments.of("arm.sag", Demo.with("perch.upright.stock", "pipe-33.7x3.2")),
                Arguments.of("post.bending", Demo.with("perch.upright.stock", "pipe-26.9x2.6")),
                Arguments.of("caster.person", Demo.with("perch.base.casterRating", 60.0)),
                Arguments.of("arm.distance", Demo.with("perch.arm.endDistance", 0.03)),
                Arguments.of("arm.fold",
                        Demo.with("perch.arm.highStop", Math.toRadians(84), "place.ceiling", 3.0)),
                Arguments.of("place.walkway", Demo.with("stance.x", 0.9)),
                Arguments.of("place.ceiling", Demo.with("place.ceiling", 2.05)),
                Arguments.of("carriage.rock", Demo.with("perch.carriage.clearance", 0.004)),
                Arguments.of("head.hold", Demo.with("perch.head.holdingTorque", 0.5)),
                Arguments.of("shot.picture", Demo.with("stance.joints.lift", -0.3)),
                Arguments.of("shot.centre", Demo.with("stance.joints.swing", 0.5)),
                Arguments.of("shot.hands", Demo.with("stance.joints.lift", -0.3)),
                Arguments.of("shot.focus", Demo.with("shot.nearestFocus", 0.52)),
                Arguments.of("place.bench", Demo.with("stance.x", 1.45)));
    }

    @ParameterizedTest
    @MethodSource("spoilt")
    void whatIsShortGetsACureThatWorks(String id, Project spoilt) {
        Assessment assessment = Assessor.full(spoilt, Progress.NONE);
        Finding finding = assessment.finding(id);
        assertThat(finding.verdict()).as(id).isEqualTo(Verdict.GIVES);
        assertThat(assessment.verdict()).isEqualTo(Verdict.GIVES);
        assertThat(finding.cures()).as("cures of %s", id).anySatisfy(
                cure -> assertThat(cure.verdict()).isNotEqualTo(Verdict.GIVES));
        assertThat(assessment.findings()).filteredOn(f -> f.reading().asked() > 0)
                .allSatisfy(f -> assertThat(f.cures()).as(f.about().id()).isNotEmpty());
    }

    @Test
    void theSentenceSaysThatItDoesNotStand() {
        Assessment tippy = Assessor.everyPose(Demo.with("perch.base.casterOut", 0.25), Progress.NONE);
        assertThat(tippy.sentence()).startsWith("It does not stand firmly enough").endsWith(".");
    }

    @Test
    void theSentenceSaysWhenOnlyOnePoseIsKnown() {
        assertThat(Assessor.now(Demo.with("perch.arm.handTorque", 10.0)).sentence()).contains("this pose")
                .doesNotContain("every pose");
    }

    /** A drag keeps what is known of every pose and renews what the pose decides. */
    @Test
    void movingKeepsTheWorstAndRenewsTheRest() {
        Project moved = DEMO.project().with(DEMO.project().stance().with("lift", -0.4));
        Assessment after = Assessor.now(moved, DEMO);
        assertThat(after.finding("tip.push")).isSameAs(DEMO.finding("tip.push"));
        assertThat(after.finding("shot.picture").margin()).isLessThan(DEMO.finding("shot.picture").margin());
        assertThat(after.complete()).isTrue();
    }
}
