package firmperch.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.Known;
import firmperch.check.Finding.Cure;
import firmperch.check.Finding;
import firmperch.check.RaisedQuestions;
import firmperch.check.Verdict;
import firmperch.file.Samples;
import firmperch.param.Path;
import firmperch.project.Project;
import firmperch.project.Purse;
import firmperch.shot.Lens;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.PostStock;
import firmperch.stock.Washer;
import firmperch.study.Situation;
import firmperch.study.Study;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Cures are believed only as far as running them again confirms. */
class CuresTest {
    private static final Assessment DEMO = Known.full(Demo.project());

    @Test
    void everyCureDoesWhatItSaysWhenItIsMade() {
        for (Finding finding : DEMO.findings()) {
            for (Finding.Cure cure : finding.cures()) {
                Finding after = Assessor.everyPose(cure.changed(), Progress.NONE).finding(finding.id());
                assertThat(after.left()).as("%s: %s", finding.id(), cure.what()).isCloseTo(cure.left(),
                        within(1e-9));
                assertThat(cure.left()).isGreaterThan(finding.left());
            }
        }
    }

    /** Sought for what is short or near; for what holds only when asked. */
    @Test
    void whatHoldsIsCuredOnlyWhenAsked() {
        assertThat(DEMO.findings()).filteredOn(f -> f.verdict() == Verdict.HOLDS)
                .allSatisfy(f -> assertThat(f.cures()).isEmpty());
        Assessment asked = Assessor.withCures(DEMO, DEMO.finding("tip.push"), Progress.NONE);
        assertThat(asked.finding("tip.push").cures()).isNotEmpty()
                .allSatisfy(c -> assertThat(c.left()).isGreaterThan(DEMO.finding("tip.push").left()));
    }

    @Test
    void theWeakestHasACureThatSpoilsNothingAndSaysWhatItChanges() {
        assertThat(DEMO.weakest().id()).isEqualTo("friction@arm.lift");
        Finding.Cure cure = DEMO.cheapestCure().orElseThrow();
        assertThat(cure.verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(cure.worsens()).isEmpty();
        assertThat(Assessor.everyPose(cure.changed(), Progress.NONE).verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(DEMO.sentence())
                .isEqualTo(
                        "It stands in every pose. The pivots slip first, at 1.1 times the load; you want 1.25.");
        assertThat(DEMO.cureSentence()).contains(" → ").contains("0.92 → ");
    }

    /** A wrench on the pivots is cheaper, and raises what no knob raises, whether a hand can still move them: it is proven for those who ask for all. */
    @Test
    void theCheapestIsFoundWithoutProvingWhatSpoils() {
        assertThat(DEMO.weakest().cures()).anyMatch(c -> !c.worsens().isEmpty());
        assertThat(Known.told(Demo.project()).weakest().cures()).singleElement()
                .satisfies(c -> assertThat(c.worsens()).isEmpty());
    }

    /** What mends without spoiling is found again as it was, holds when it is made, and is none that is not wished for. */
    @Test
    void aCleanCureSpoilsNothing() {
        Cure clean = Assessor.clean(DEMO, p -> true, Progress.NONE).orElseThrow().cure();
        assertThat(clean.worsens()).isEmpty();
        assertThat(clean.givesUp()).isFalse();
        assertThat(Assessor.everyPose(clean.changed(), Progress.NONE).verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(Assessor.clean(DEMO, p -> true, Progress.NONE).orElseThrow().cure().what()).isEqualTo(clean.what());
        Cure other = Assessor.clean(DEMO, p -> !p.equals(clean.changed()), Progress.NONE).orElseThrow().cure();
        assertThat(other.what()).isNotEqualTo(clean.what());
        assertThat(other.worsens()).isEmpty();
        assertThat(Assessor.clean(DEMO, p -> false, Progress.NONE)).isEmpty();
    }

    /**
     * The pivot nearer to the camera and the bar longer behind it: the camera stays where it is, and the washers' lever grows by as much
     * (lever rule: each metre takes their whole weight off what is left over, and that of the bar that is added besides).
     */
    @Test
    void aBarGrowsBehindItsPivotAndTheCameraStays() {
        Project project = Demo.with(Demo.of(Demo.kind("balanced-bar")), "perch.bar.count", 1);
        Situation set = Study.of(project).set();
        List<Changes.Dose> longer = Changes.of(set).stream().flatMap(change -> change.doses().stream().limit(1))
                .flatMap(dose -> dose.get().stream())
                .filter(dose -> dose.what().startsWith("tail to the pivot hole") && dose.what().contains(" and length"))
                .toList();
        // A step longer and one shorter.
        assertThat(longer).hasSize(2).allSatisfy(dose -> {
            Situation after = Study.of(dose.changed()).set();
            assertThat(after.posed().mount().minus(set.posed().mount()).length()).isLessThan(1e-9);
            double by = length(dose.changed()) - length(project);
            double washers = Washer.ALL.get("disc-1").mass() * 9.80665;
            double off = leftOver(set) - leftOver(after);
            assertThat(off / by).isBetween(washers, washers + 8);
        });
    }

    private static double length(Project project) {
        return Path.of("perch.bar.length").number(project);
    }

    private static double leftOver(Situation s) {
        return RaisedQuestions.of(s.study(), "poise@pan.tilt").orElseThrow().at(s).asked();
    }

    /**
     * The price of a cure is the difference of two bills, by hand: a stouter post costs what its metres cost more, less the plywood
     * (1900 for a m³) that the wider bore takes out of the block; of concrete two whole bags are bought either way.
     */
    @Test
    void aCureIsPricedByTheBill() {
        Project thin = Demo.with("perch.post.stock", PostStock.ALL.get("pipe-33.7x3.2"));
        double play = 0.0001;
        double wood = Math.PI / 4 * (Math.pow(0.0483 + play, 2) - Math.pow(0.0337 + play, 2)) * 0.2 * 1900;
        double byHand = 1.5 * (10.5 - 7) - wood;
        Finding finding = Assessor.full(thin, Progress.NONE).finding("upright");
        assertThat(finding.verdict()).isNotEqualTo(Verdict.HOLDS);
        assertThat(finding.cures()).filteredOn(c -> c.what().contains("steel pipe 48.3 × 3.2")).first()
                .satisfies(c -> assertThat(c.price()).startsWith(Purse.PLAIN.more(byHand)));
    }

    static Stream<Arguments> spoilt() {
        return Stream.of(Arguments.of("tip.push", Demo.with("perch.box.corners.out", 0.25)),
                Arguments.of("friction@arm.lift",
                        Demo.with("perch.arm.pivots.closure", Closure.ALL.get("wing-nut"))),
                Arguments.of("sag", Demo.with("perch.post.stock", PostStock.ALL.get("pipe-33.7x3.2"))),
                Arguments.of("upright@post.foot", Demo.with("perch.post.stock", PostStock.ALL.get("pipe-26.9x2.6"))),
                Arguments.of("feet.person", Demo.with("perch.box.caster.rating", 60.0)),
                Arguments.of("fold@arm.lift",
                        Demo.with("place.room.ceiling", 3.5, "perch.arm.stops.high", Math.toRadians(84))),
                Arguments.of("place.walkway", Demo.with("stance.x", 0.9)),
                Arguments.of("clear.ceiling", Demo.with("place.room.ceiling", 2.05)),
                Arguments.of("rock@carriage.pin", Demo.with("perch.carriage.clearance", 0.004)),
                Arguments.of("rated@head.tilt", Demo.with("perch.head.torque", 0.5)),
                Arguments.of("shot.picture", Demo.with("stance.joints.arm.lift", -0.1)),
                Arguments.of("shot.centre", Demo.with("stance.joints.carriage.swing", 0.5)),
                Arguments.of("shot.hands", Demo.with("stance.joints.arm.lift", -0.1)),
                Arguments.of("shot.focus", Demo.with("shot.lens.nearestFocus", 0.52)),
                Arguments.of("shot.scale", Demo.with("shot.camera.pixels.high", 360, "shot.camera.pixels.wide", 640)),
                Arguments.of("foot@post.foot", Demo.with("perch.box.concrete.height", 0.02)));
    }

    @ParameterizedTest
    @MethodSource("spoilt")
    void whatIsShortGetsACureThatWorks(String id, Project spoilt) {
        Assessment every = Assessor.everyPose(spoilt, Progress.NONE);
        Finding finding = Assessor.withCures(every, every.finding(id), Progress.NONE).finding(id);
        assertThat(finding.verdict()).as(id).isEqualTo(Verdict.GIVES);
        assertThat(finding.cures()).as("cures of %s", id).anySatisfy(
                cure -> assertThat(cure.verdict()).isNotEqualTo(Verdict.GIVES));
    }

    /** The slice's own cure for a low ceiling was a lower stop: it is found again, and first, as it costs nothing and spoils nothing. */
    @Test
    void anArmThatGoesThroughTheCeilingIsStoppedBefore() {
        Project low = Demo.with("place.room.ceiling", 2.0);
        Assessment every = Assessor.everyPose(low, Progress.NONE);
        Finding finding = Assessor.withCures(every, every.finding("clear.ceiling"), Progress.NONE)
                .finding("clear.ceiling");
        assertThat(finding.verdict()).isEqualTo(Verdict.GIVES);
        assertThat(finding.cures().getFirst()).satisfies(cure -> {
            assertThat(cure.what()).startsWith("highest arm angle 48.0° → ");
            assertThat(cure.verdict()).isEqualTo(Verdict.HOLDS);
            assertThat(cure.worsens()).isEmpty();
        });
        // The smallest that does: five degrees more, and it hits again or comes too near.
        double stop = firmperch.param.Path.of("perch.arm.stops.high").number(finding.cures().getFirst().changed());
        assertThat(Assessor.everyPose(Demo.with(low, "perch.arm.stops.high", stop + Math.toRadians(5)), Progress.NONE)
                .finding("clear.ceiling").verdict()).isEqualTo(Verdict.GIVES);
    }

    /** Where every single change spoils something else, two together that do not are looked for. */
    @Test
    void whatSpoilsSomethingElseIsNotTheEndOfIt() {
        Project weak = Demo.with("perch.arm.pivots.bolt", Bolt.ALL.get("m8"), "perch.arm.pivots.closure",
                Closure.ALL.get("wing-nut"), "perch.arm.pivots.tightened", 2, "policy.movement.sag", 0.02);
        Assessment every = Assessor.everyPose(weak, Progress.NONE);
        List<Finding.Cure> cures = Assessor.withCures(every, every.finding("friction@arm.lift"), Progress.NONE)
                .finding("friction@arm.lift").cures();
        assertThat(cures).anySatisfy(cure -> {
            assertThat(cure.verdict()).isEqualTo(Verdict.HOLDS);
            assertThat(cure.worsens()).isEmpty();
            assertThat(cure.what()).contains("; ");
        });
    }

    /** A drag keeps what is known of every pose and renews what the pose decides. */
    @Test
    void movingKeepsTheWorstAndRenewsTheRest() {
        Project moved = Demo.with(DEMO.project(), "stance.joints.arm.lift", -0.1);
        Assessment after = Assessor.now(moved, DEMO);
        assertThat(after.finding("tip.push")).isSameAs(DEMO.finding("tip.push"));
        assertThat(after.finding("shot.picture").margin()).isLessThan(DEMO.finding("shot.picture").margin());
        assertThat(after.complete()).isTrue();
    }

    @Test
    void theSentenceSaysWhenOnlyOnePoseIsKnown() {
        assertThat(Assessor.now(Demo.project()).sentence()).contains("this pose").doesNotContain("every pose");
    }

    /** Where no value that may be changed betters it, it says so: a walkway wider than the room leaves. */
    @Test
    void whereNothingHelpsItIsSaidThatNothingWasFound() {
        Project low = Demo.with(Demo.project(), "place.room.walkway", 4.0);
        Assessment every = Assessor.everyPose(low, Progress.NONE);
        assertThat(every.finding("place.walkway").sought()).isFalse();
        Finding sought = Assessor.withCures(every, every.finding("place.walkway"), Progress.NONE)
                .finding("place.walkway");
        assertThat(sought.sought()).isTrue();
        assertThat(sought.cures()).noneMatch(c -> c.verdict() == Verdict.HOLDS);
    }

    /** A clamp rolled aside looks past the work: the rig set for its view is the cure, for nothing; another lens, where it is one, comes last and says what it gives up. */
    @Test
    void whatIsSetWrongIsSetRightAndWishesComeLast() {
        Project press = Samples.all().get(4);
        Project rolled = press.with(press.stance().with(Map.of("clamp.slide", 0.0, "clamp.roll", 0.7)));
        Assessment told = Assessor.told(rolled, Progress.NONE);
        assertThat(told.verdict()).isEqualTo(Verdict.GIVES);
        Cure cure = told.cheapestCure().orElseThrow();
        assertThat(cure.what()).startsWith("set the rig for “");
        assertThat(cure.verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(cure.worsens()).isEmpty();
        assertThat(cure.price()).doesNotContain("€");
        // A larger sheet that the lens shows all of from higher up: another lens that would show it from here is not offered before that.
        assertThat(sheet(0.5, 0.28)).isNotEmpty().first().satisfies(c -> assertThat(c.givesUp()).isFalse());
        // One so large that it is too high up: then it is, and says what it gives up.
        assertThat(sheet(0.75, 0.3)).filteredOn(Cure::givesUp).isNotEmpty()
                .allSatisfy(c -> assertThat(c.told()).endsWith("(gives up part of what you asked)"));
    }

    private static List<Cure> sheet(double width, double depth) {
        Lens now = Demo.project().shot().lens();
        Project sheet = Demo.with("shot.wanted.width", width, "shot.wanted.depth", depth, "gear.lenses",
                List.of(now, new Lens("14 mm", 0.014, 0, 0.2, now.length())));
        return Assessor.full(sheet, Progress.NONE).finding("shot.picture").cures();
    }

    /** What a cure spoils is told in its own words. */
    @Test
    void whatACureSpoilsIsTold() {
        Assessment full = Assessor.full(Demo.with("perch.box.corners.out", 0.24), Progress.NONE);
        assertThat(full.findings().stream().flatMap(f -> f.cures().stream()).flatMap(c -> c.worsens().stream()))
                .allSatisfy(words -> assertThat(words).isNotBlank().doesNotContain("?"));
    }

    /** A clearance of nothing cannot be made. */
    @Test
    void noClearanceBecomesNothing() {
        for (Project sample : Samples.all()) {
            for (Changes.Change change : Changes.of(Situation.of(sample))) {
                change.doses().forEach(dose -> dose.get().ifPresent(d -> assertThat(d.what()).as(sample.name())
                        .doesNotMatch("(?i).*(clearance|play).*→ 0(\\.0+)? mm.*")));
            }
        }
    }
}
