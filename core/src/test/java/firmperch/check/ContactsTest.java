package firmperch.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Contact;
import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.frame.FrameModel;
import firmperch.frame.FrameSolution;
import firmperch.part.Mounted;
import firmperch.part.Perch;
import firmperch.pose.Pose;
import firmperch.pose.Rig;
import firmperch.project.Project;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import firmperch.units.UnitSystem;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Standing on a bench, hanging from the ceiling, and feet that a joint lifts. */
class ContactsTest {
    private static Project on(String kind, String port) {
        Project project = Demo.of(Demo.kind(kind));
        List<Mounted> parts = project.perch().parts();
        Mounted first = parts.getFirst();
        return project.with(new Perch(Stream.concat(Stream.of(new Mounted(first.name(), first.part(), List.of(port))),
                parts.stream().skip(1)).toList()));
    }

    private static Reading reading(Study study, String id) {
        return RaisedQuestions.of(study, id).orElseThrow().at(study.set());
    }

    /** It stands on a bench as firmly as on a level floor: statics does not know how high the bench is. */
    @Test
    void onABenchItStandsAsOnALevelFloor() {
        Study bench = Study.of(Demo.with(on("alien", "place.bench"), "place.room.ceiling", 4.0));
        Study floor = Study.of(Demo.with(Demo.of(Demo.kind("alien")), "place.room.slope", 0.0));
        double height = bench.project().place().bench().height();
        assertThat(bench.set().posed().centre().z() - height).isCloseTo(floor.set().posed().centre().z(),
                within(1e-9));
        for (String id : List.of("tip.stands", "tip.lean", "tip.push", "feet.share")) {
            assertThat(reading(bench, id).available()).as(id).isCloseTo(reading(floor, id).available(), within(1e-9));
        }
        assertThat(RaisedQuestions.of(bench, "place.walkway")).as("it stands in nobody's way").isEmpty();
        assertThat(RaisedQuestions.of(floor, "place.walkway")).isPresent();
    }

    /** What stands on the bench touches it; what swings over it must not. */
    @Test
    void onlyWhatDoesNotStandOnTheBenchMustKeepClearOfIt() {
        Project project = Demo.with(on("alien", "place.bench"), "stance.x", 1.6);
        Study study = Study.of(project);
        Situation s = study.set();
        assertThat(reading(study, "clear.bench").available())
                .isCloseTo(s.lensFront().z() - project.place().bench().height(), within(1e-6));
    }

    @Test
    void whatDoesNotFitASurfaceIsRefusedInWords() {
        assertThatThrownBy(() -> on("cast-box-post", "place.ceiling")).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Cast box").hasMessageContaining("the ceiling").hasMessageContaining("floor");
        assertThatThrownBy(() -> on("alien-hanger", "place.floor")).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Hanger").hasMessageContaining("a ceiling");
        assertThatThrownBy(() -> on("alien", "place.wall")).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("the wall");
    }

    /**
     * A stiff plate on four equal fixings: N = W/4 + M_x·y/Σy² + M_y·x/Σx² (Roark; rigid plate on equal springs). All of it pulls
     * down, none of it may be lost where a fixing is pressed rather than pulled.
     */
    @ParameterizedTest
    @ValueSource(doubles = {-0.9, 0, 0.6})
    void fixingsShareTheWeightAsStaticsSays(double turn) {
        Study study = Study.of(Demo.of(Demo.kind("alien-hanger")));
        Situation s = study.in(Pose.of(0.7, turn));
        FrameSolution frame = s.frame().orElseThrow();
        double weight = s.weight();
        Vec3 centre = s.posed().centre();
        double squares = 4 * 0.12 * 0.12;
        for (int i = 0; i < 4; i++) {
            FrameModel.Support support = frame.model().supports().get(i);
            Vec3 at = frame.model().nodes().get(support.node()).plus(support.offset());
            double share = weight / 4 + weight * (centre.x() * at.x() + centre.y() * at.y()) / squares;
            assertThat(frame.force(i).z()).isCloseTo(share, within(1e-6 * weight));
        }
        assertThat(RaisedQuestions.of(s.study(), "tip.lean")).as("what hangs does not tip").isEmpty();
    }

    @Test
    void aFixingThatBearsTooLittleIsNamed() {
        Study study = Study.of(Demo.with(Demo.of(Demo.kind("alien-hanger")), "gear.spare", 15.0));
        Reading heavy = RaisedQuestions.of(study).stream().filter(q -> q.about().id().equals("anchor"))
                .map(q -> q.at(study.set())).min(Comparator.comparingDouble(Reading::margin)).orElseThrow();
        assertThat(heavy.margin()).isLessThan(1);
        assertThat(heavy.said().get()).contains("fixing to the ceiling");
    }

    /**
     * A bar that stands on its own two ends, a load on its middle: P·L³/48EI and 5wL⁴/384EI (Roark, table 8.1), P 50 kg, L 1 m, square
     * tube 40 × 40 × 3 of E 210 GPa. Shear makes it a little more.
     */
    @Test
    void aBarStandsOnItsOwnEnds() {
        Builder out = new Builder(UnitSystem.METRIC);
        out.part("beam");
        Body base = out.body("base", null, Placement.HERE, new Motion.Fixed());
        out.station("", "Bar", base, Vec3.ZERO);
        Piece bar = out.add(base, Piece.cut("Bar", new Solid.Bar(new Section.SquareTube(0.04, 0.003), 1),
                Material.ALL.get("steel-s235")));
        for (int i = 0; i < 4; i++) {
            out.contact(new Contact.Foot(out.spot("foot " + i, bar,
                    new Vec3(i < 2 ? 0 : 1, i % 2 == 0 ? 0.1 : -0.1, 0), Surface.BENCH),
                    new Contact.Bearing(1e10, 100)));
        }
        Vec3 middle = new Vec3(0.5, 0, 0);
        Body load = out.body("load", base, Placement.at(middle), new Motion.Fixed());
        out.station("load", "Load", load, Vec3.ZERO, out.station());
        out.add(load, Piece.owned("Load", Solid.Bought.box(0.1, 0.1, 0.1, 50)));
        out.joint("clamp", "clamp", new Joint.Side(base, middle, List.of(bar)), Joint.Side.of(load, Vec3.ZERO), null,
                Vec3.Y, new Hold.Free(), JointStiffness.RIGID);
        out.mount(load, Vec3.ZERO);
        Situation s = Study.of(Demo.project(), Rig.of(out.build(), 0)).set();
        double i = (Math.pow(40e-3, 4) - Math.pow(34e-3, 4)) / 12;
        double w = (40e-3 * 40e-3 - 34e-3 * 34e-3) * 7850 * 9.80665;
        double byHand = 50 * 9.80665 / (48 * 210e9 * i) + 5 * w / (384 * 210e9 * i);
        double sag = -s.frame().orElseThrow().movement(s.framed().camera(), s.framed().cameraOffset()).z();
        assertThat(sag).isBetween(byHand, 1.03 * byHand);
        assertThat(s.framed().feet()).hasSize(4);
    }

    /** A plate on three feet with a leg that folds up about a level hinge; its foot reaches to 0.6 m. */
    private static Study outrigger() {
        Builder out = new Builder(UnitSystem.METRIC);
        out.part("leg");
        Body base = out.body("base", null, Placement.HERE, new Motion.Fixed());
        out.station("", "Plate", base, Vec3.ZERO);
        out.add(base, Piece.owned("Plate", Solid.Bought.box(0.5, 0.5, 0.1, 30)).at(Placement.at(0, 0, 0.3)));
        Contact.Bearing bearing = new Contact.Bearing(1e6, 100);
        for (int i = 0; i < 3; i++) {
            out.contact(new Contact.Foot(out.spot("foot " + i, base,
                    new Vec3(0.3, 0, 0).turned(Math.PI / 3 + 2 * Math.PI * i / 3), Surface.FLOOR), bearing));
        }
        Freedom fold = out.freedom("fold", "Leg", Freedom.Kind.HINGE, -0.02, 1.2);
        Body leg = out.body("leg", base, Placement.at(0.2, 0, 0), new Motion.Turn(fold, Vec3.Y.negated()));
        out.add(leg, Piece.owned("Leg", Solid.Bought.box(0.4, 0.04, 0.04, 1)).at(Placement.at(0.2, 0, 0.05)));
        out.joint("fold", "hinge", Joint.Side.of(base, new Vec3(0.2, 0, 0)), Joint.Side.of(leg, Vec3.ZERO), fold,
                Vec3.Y.negated(), new Hold.Free(), JointStiffness.RIGID);
        out.contact(new Contact.Foot(out.spot("tip", leg, new Vec3(0.4, 0, 0), Surface.FLOOR), bearing));
        out.station("top", "Top", base, Vec3.ZERO, out.station());
        out.mount(base, new Vec3(0, 0, 0.3));
        return Study.of(Demo.project(), Rig.of(out.build(), 0));
    }

    /** Down, the leg's foot carries and reaches out; folded up it stands on the three others (statics of a support polygon). */
    @Test
    void aFootThatIsFoldedUpDoesNotCarry() {
        Study study = outrigger();
        Situation down = study.in(Pose.of(0));
        assertThat(down.support().corners()).hasSize(4).anySatisfy(c -> assertThat(c.x()).isCloseTo(0.6, within(1e-9)));
        assertThat(down.framed().feet()).hasSize(4);
        Situation hardly = study.in(Pose.of(0.005));
        assertThat(hardly.support().corners()).as("2 mm up the floor finds it still").hasSize(4);
        Situation up = study.in(Pose.of(0.5));
        assertThat(up.support().corners()).hasSize(3);
        assertThat(up.framed().feet()).hasSize(3);
        assertThat(up.tipping().clearance()).isLessThan(0.16);
        Situation pressed = study.in(Pose.of(-0.02));
        assertThat(pressed.support().corners()).as("8 mm down it lifts the others off").isEmpty();
        assertThat(pressed.tipping().clearance()).isNegative();
    }

    /** What is said of a cell of poses in which the leg leaves the floor holds in each of them. */
    @Test
    void aCellInWhichAFootIsLiftedCountsIfAsLifted() {
        Study study = outrigger();
        for (double middle : new double[]{0, 0.004, 0.01, 0.05, 0.4}) {
            for (double width : new double[]{0.001, 0.01, 0.2}) {
                double sure = study.in(Pose.of(middle)).loosened(new double[]{width}).tipping().clearance();
                for (double share = -1; share <= 1; share += 0.1) {
                    assertThat(study.in(Pose.of(middle + share * width)).tipping().clearance())
                            .isGreaterThanOrEqualTo(sure - 1e-12);
                }
            }
        }
    }
}
