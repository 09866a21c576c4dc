package firmperch.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.RandomRigs;
import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.FourBar;
import firmperch.body.Freedom;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Vec3;
import firmperch.check.Verdict;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.pose.Pose;
import firmperch.pose.Posed;
import firmperch.pose.Rig;
import firmperch.search.Assessor;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.UnitSystem;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Distances between a rig's own pieces: what is said of a cell of poses against poses of it, drawn at random. */
class CollisionPairTest {
    static Stream<Study> rigs() {
        return Stream.concat(Parts.kinds().stream().map(CollisionPairTest::study), Stream.of(unequal(), tower()));
    }

    private static Study study(Kind kind) {
        return Study.of(Demo.of(kind));
    }

    /** Bars of an unequal four-bar, whose coupler turns unevenly. */
    private static Study unequal() {
        Builder out = new Builder(UnitSystem.METRIC);
        out.part("u");
        Body base = out.body("base", null, Placement.HERE, new Motion.Fixed());
        out.station("", "Base", base, Vec3.ZERO);
        out.add(base, Piece.owned("Block", Solid.Bought.box(0.05, 0.05, 0.2, 1)).at(Placement.at(-0.06, 0, 0.05)));
        Freedom lift = out.freedom("lift", "Lift", Freedom.Kind.HINGE, -0.6, 0.6);
        FourBar law = new FourBar(0, 0.12, 0.6, 0.57, 0.01, 0.12);
        for (Motion.Bar bar : List.of(Motion.Bar.FIRST, Motion.Bar.SECOND)) {
            Body link = out.body(bar.name(), base, Placement.at(0, 0.03, 0), new Motion.Linked(lift, law, bar));
            out.add(link, Piece.cut("Link", new Solid.Bar(new Section.Rectangle(0.04, 0.02), 0.6),
                    Material.ALL.get("oak-d30")));
        }
        out.mount(base, Vec3.ZERO);
        return Study.of(Demo.project(), Rig.of(out.build(), 0));
    }

    /** A slide on a turn on a turn, beside a post of its own. */
    private static Study tower() {
        Builder out = new Builder(UnitSystem.METRIC);
        out.part("t");
        Body base = out.body("base", null, Placement.HERE, new Motion.Fixed());
        out.station("", "Base", base, Vec3.ZERO);
        out.add(base, Piece.owned("Post", new Solid.Bought(Solid.Round.cylinder(0.05, 0, 1), 2)));
        Body swing = out.body("swing", base, Placement.at(0, 0, 0.5),
                new Motion.Turn(out.freedom("swing", "Swing", Freedom.Kind.HINGE, -1.5, 1.5), Vec3.UP));
        Body lift = out.body("lift", swing, Placement.at(0.05, 0, 0),
                new Motion.Turn(out.freedom("lift", "Lift", Freedom.Kind.HINGE, -1, 1), Vec3.Y.negated()));
        Body slide = out.body("slide", lift, Placement.at(0.1, 0, 0),
                new Motion.Slide(out.freedom("out", "Out", Freedom.Kind.SLIDE, -0.05, 0.3), Vec3.X, 1));
        out.add(slide, Piece.owned("Box", Solid.Bought.box(0.06, 0.1, 0.08, 1)));
        out.mount(slide, Vec3.ZERO);
        return Study.of(Demo.project(), Rig.of(out.build(), 0));
    }

    @ParameterizedTest
    @MethodSource("rigs")
    void nothingInACellComesNearerThanIsSaid(Study study) {
        Random random = new Random(5);
        List<Freedom> freedoms = study.assembly().freedoms();
        assertThat(study.collisions()).isNotEmpty();
        for (int cell = 0; cell < 60; cell++) {
            double[] middle = new double[freedoms.size()];
            double[] half = new double[middle.length];
            double share = Math.pow(10, -3 * random.nextDouble());
            for (int f = 0; f < middle.length; f++) {
                Freedom freedom = freedoms.get(f);
                double span = freedom.to() - freedom.from();
                half[f] = freedom.continuous() ? span / 2 * share : 0;
                middle[f] = freedom.continuous()
                        ? freedom.from() + half[f] + (span - 2 * half[f]) * random.nextDouble()
                        : freedom.nearest(freedom.from() + span * random.nextDouble());
            }
            Situation sure = study.in(Pose.of(middle)).loosened(half);
            for (int sample = 0; sample < 30; sample++) {
                double[] at = middle.clone();
                for (int f = 0; f < at.length; f++) {
                    at[f] += half[f] * (sample < 8 ? (sample >> f & 1) * 2 - 1 : 2 * random.nextDouble() - 1);
                }
                Situation there = study.in(Pose.of(at));
                for (CollisionGroup group : study.collisions()) {
                    double said = sure.clearance().within(group);
                    // Beyond a centimetre a cell is only said to be further apart than that.
                    assertThat(there.clearance().within(group)).isGreaterThanOrEqualTo(Math.min(said, 0.01) - 1e-7);
                }
            }
        }
    }

    /** What moves in a layer of its own, beside or above another, stays as far from it: against the hulls' distance in poses drawn at random. */
    @ParameterizedTest
    @MethodSource("rigs")
    void whatIsAlwaysKeptIsKept(Study study) {
        Random random = new Random(11);
        List<CollisionPair> layered = study.collisions().stream().flatMap(g -> g.pairs().stream())
                .filter(pair -> pair.always() > -1).toList();
        for (int i = 0; i < 40; i++) {
            Posed posed = study.in(RandomRigs.pose(study, random)).posed();
            for (CollisionPair pair : layered) {
                Piece one = pair.a().piece();
                Piece other = pair.b().piece();
                assertThat(Gjk.distance(d -> posed.furthest(one, d), d -> posed.furthest(other, d), Vec3.UP, 10))
                        .as("%s and %s", one.name(), other.name()).isGreaterThanOrEqualTo(pair.always() - 1e-7);
            }
        }
    }

    /** What is a cylinder is asked by its axis, everything by its box first: against the hulls themselves, end on, askew or overlapping. */
    @ParameterizedTest
    @MethodSource("rigs")
    void aPairIsAsFarApartAsItsHulls(Study study) {
        Random random = new Random(17);
        List<CollisionPair> pairs = study.collisions().stream().flatMap(g -> g.pairs().stream()).toList();
        for (int i = 0; i < 25; i++) {
            Situation there = study.in(RandomRigs.pose(study, random));
            for (CollisionPair pair : pairs) {
                Piece one = pair.a().piece();
                Piece other = pair.b().piece();
                assertThat(pair.distance(there.clearance(), null, 10)).as("%s and %s", one.name(), other.name())
                        .isCloseTo(Gjk.distance(d -> there.posed().furthest(one, d),
                                d -> there.posed().furthest(other, d), Vec3.UP, 10), within(2e-7));
            }
        }
    }

    /** How far all of it reaches, bodies that cannot matter left out, is how far its furthest piece does: along the room's axes and askew. */
    @ParameterizedTest
    @MethodSource("rigs")
    void itReachesAsFarAsItsFurthestPiece(Study study) {
        Random random = new Random(19);
        List<Piece> counted = study.assembly().pieces().stream().filter(p -> BoundingBox.of(p).counts()).toList();
        for (int i = 0; i < 25; i++) {
            Situation there = study.in(RandomRigs.pose(study, random));
            Vec3 askew = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).unit();
            for (Vec3 way : List.of(Vec3.X, Vec3.X.negated(), Vec3.Y, Vec3.Y.negated(), Vec3.UP, Vec3.DOWN, askew)) {
                double furthest = counted.stream().mapToDouble(p -> there.posed().reach(p, there.turnedBack(way)))
                        .max().orElseThrow() + there.inRoom(Vec3.ZERO).dot(way);
                assertThat(there.clearance().furthest(way, body -> true)).isCloseTo(furthest, within(1e-9));
            }
        }
    }

    /** By hand: a table that turns under a trolley, 14 mm of bearing between them, and sticks 18 mm beside each other. */
    @Test
    void whatTurnsUnderATrolleyNeverComesNearer() {
        Study study = study(Demo.kind("ceiling-arm"));
        assertThat(study.collisions().stream().flatMap(g -> g.pairs().stream())
                .filter(p -> p.a().piece().name().equals("Trolley plate")
                        && p.b().piece().name().equals("Turntable board")))
                .isNotEmpty().allSatisfy(p -> assertThat(p.always()).isCloseTo(0.014, within(1e-9)));
    }

    /** What a group is said not to feel makes no difference to its distances. */
    @ParameterizedTest
    @MethodSource("rigs")
    void otherFreedomsMakeNoDifference(Study study) {
        Random random = new Random(9);
        List<Freedom> freedoms = study.assembly().freedoms();
        for (CollisionGroup group : study.collisions()) {
            for (int i = 0; i < 20; i++) {
                double[] at = new double[freedoms.size()];
                double[] other = new double[at.length];
                for (int f = 0; f < at.length; f++) {
                    Freedom freedom = freedoms.get(f);
                    double span = freedom.to() - freedom.from();
                    at[f] = freedom.nearest(freedom.from() + span * random.nextDouble());
                    other[f] = group.feels(study.rig(), f)
                            ? at[f]
                            : freedom.nearest(freedom.from() + span * random.nextDouble());
                }
                assertThat(study.in(Pose.of(at)).clearance().within(group))
                        .isCloseTo(study.in(Pose.of(other)).clearance().within(group), within(1e-6));
            }
        }
    }

    /** A stick swung around a round post keeps its distance from it; one swung around a square column does not. */
    @Test
    void aTurnAboutARoundPostIsNotFelt() {
        List<String> round = study(Demo.kind("cast-box-post")).collisions().stream()
                .filter(g -> g.pairs().stream().anyMatch(p -> p.a().piece().name().equals("Post")))
                .flatMap(g -> g.freedoms().stream()).map(Freedom::id).toList();
        assertThat(round).contains("carriage.pin", "arm.lift").doesNotContain("carriage.swing");
        List<String> square = study(Demo.kind("alien")).collisions().stream()
                .filter(g -> g.pairs().stream().anyMatch(p -> p.a().piece().name().equals("Column")))
                .flatMap(g -> g.freedoms().stream()).map(Freedom::id).toList();
        assertThat(square).contains("beam.turn");
    }

    /** The sticks pass the post by a few millimetres: by speed alone, 0.65 m/rad, three thousandths of a radian would lose two of them. */
    @Test
    void whatPassesCloselyIsProvenClose() {
        Study study = Study.of(Demo.with("perch.carriage.forward", 0.078));
        CollisionGroup sticks = study.collisions().stream()
                .filter(g -> g.pairs().stream()
                        .anyMatch(p -> p.a().piece().name().equals("Post") && p.b().piece().name().equals("Stick")))
                .findFirst()
                .orElseThrow();
        double gap = study.set().clearance().within(sticks);
        double[] half = {0, 0.3, 0.003};
        assertThat(gap).isLessThan(0.008);
        assertThat(study.set().loosened(half).clearance().within(sticks)).isGreaterThan(0.99 * gap)
                .isLessThanOrEqualTo(gap);
    }

    /**
     * What is screwed to an end plate may run into the sticks that end there, and sticks into the block that they are pinned to,
     * though plate and sticks are made to pass each other: head 35 mm wide, stick's end 45 mm beyond its hole (geometry by hand).
     */
    @Test
    void aHeadMayHitTheArmThatItHangsOn() {
        double[] overhangs = {0.045 + 0.0175 - 0.005, 0.045 + 0.0175 + 0.006};
        assertThat(Assessor.now(Demo.with("perch.arm.plates.overhang", overhangs[0], "stance.joints.arm.lift", 0.0))
                .finding("clear.self@arm.lift").verdict()).isEqualTo(Verdict.GIVES);
        assertThat(Assessor.now(Demo.with("perch.arm.plates.overhang", overhangs[1], "stance.joints.arm.lift", 0.0))
                .finding("clear.self@arm.lift").verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(Assessor.now(Demo.with("perch.carriage.forward", 0.05 + 0.045 - 0.002))
                .finding("clear.self@arm.lift").verdict()).as("ends in the block").isEqualTo(Verdict.GIVES);
    }
}
