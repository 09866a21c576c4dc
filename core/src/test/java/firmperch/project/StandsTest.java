package firmperch.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.alien.AlienParts;
import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Contact;
import firmperch.body.Fastening;
import firmperch.body.Hold;
import firmperch.body.Motion;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.check.Verdict;
import firmperch.param.Params;
import firmperch.part.Mounted;
import firmperch.part.Part;
import firmperch.part.Perch;
import firmperch.place.Carrier;
import firmperch.place.Cupboard;
import firmperch.place.Post;
import firmperch.place.RoomEdits;
import firmperch.place.Size;
import firmperch.place.Spot;
import firmperch.place.Table;
import firmperch.place.Thing;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Choosing;
import firmperch.stock.Closure;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A rig on the floor, on the bench, on a table of the room: where its feet are is measured in the room. */
class StandsTest {
    private static final Table SIDE = new Table("Side table", new Spot(0.9, 1.6, 0), new Size(1.2, 1.2, 0.4), 0.04, 0,
            true);
    private static final Cupboard SHELF = new Cupboard("Low shelf", new Spot(2.6, -0.9, 0), new Size(0.9, 0.9, 0.5), 0);

    private static Project project() {
        Project demo = Demo.project();
        return demo.with(demo.place().with(List.of(SIDE, SHELF)));
    }

    private static Project on(Project project, String what) {
        return Stands.of(project, first(project)).stream().filter(s -> s.what().contains(what)).findFirst()
                .orElseThrow()
                .changed();
    }

    private static String first(Project project) {
        return project.perch().parts().getFirst().name();
    }

    @Test
    void everywhereThatItMayStandIsOffered() {
        assertThat(Stands.of(project(), first(project()))).extracting(Stands::what).containsExactly("the floor",
                "the bench", "“Side table”", "“Low shelf”");
        assertThat(Stands.of(project(), first(project()))).filteredOn(Stands::now).extracting(Stands::what)
                .containsExactly("the floor");
        assertThat(Stands.of(project(), project().perch().parts().getLast().name())).as("a head stands on its arm")
                .isEmpty();
    }

    @Test
    void itsFeetAreThere() {
        Project project = on(project(), "Side table");
        Assessment a = Assessor.now(project);
        assertThat(a.situation().feet().ground()).isCloseTo(0.4, within(1e-9));
        assertThat(a.situation().posed().top() - Study.of(project()).set().posed().top()).isCloseTo(0.4, within(1e-9));
        assertThat(project.stance().x()).isEqualTo(0.9);
        assertThat(a.finding("clear.thing@Side table").verdict()).isEqualTo(Verdict.HOLDS);
        // Its wheels stand so far inside the edge, by hand from where they are.
        double inside = a.study().assembly().contacts().stream()
                .map(c -> a.situation().inRoom(a.situation().posed().at(c)))
                .mapToDouble(at -> Math.min(0.6 - Math.abs(at.x() - 0.9), 0.6 - Math.abs(at.y() - 1.6))).min()
                .orElseThrow();
        assertThat(a.finding("tip.bench").reading().available()).isCloseTo(inside, within(1e-9));
        assertThat(on(project, "Low shelf").place().carrier(Surface.TABLE).map(Thing::name)).contains("Low shelf");
        assertThat(on(project, "the floor").perch()).isEqualTo(project().perch());
    }

    @Test
    void itGoesAlongWithWhatCarriesIt() {
        Project project = on(project(), "Side table");
        Thing moved = project.place().things().getFirst().at(new Spot(1.1, 1.3, 0));
        Project there = project.with(RoomEdits.changed(project.place(), 0, moved));
        assertThat(new Vec3(there.stance().x(), there.stance().y(), 0))
                .isEqualTo(new Vec3(project.stance().x() + 1.1 - 0.9, project.stance().y() + 1.3 - 1.6, 0));
    }

    @Test
    void whatCarriesItIsNotTakenOut() {
        Project project = on(project(), "Side table");
        assertThatThrownBy(() -> project.with(project.place().with(List.of(SHELF)))).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("a table or shelf that it stands on");
        assertThat(project.perch().on(Perch.TABLE)).isTrue();
    }

    /** Two halves round a post that is there, a stub of a column on them: what a kind that hangs from a post begins with. */
    private record Bracket(double height) implements Part {
        static final Params<Bracket> PARAMS = Params.of(Bracket.class).length("height", "Height of the bracket", 0.2, 2)
                .done();

        @Override
        public Params<Bracket> params() {
            return PARAMS;
        }

        @Override
        public void build(Builder out, List<Port> on) {
            Port post = on.getFirst();
            double thick = post.fitting("Bracket", Port.Ground.class, "a post").thick();
            Body halves = out.body("halves", null, post.at().of(Placement.along(new Vec3(-height, 0, 0), Vec3.UP,
                    Vec3.X.negated())), new Motion.Fixed());
            out.station("", "Bracket", halves, Vec3.ZERO);
            out.add(halves, Piece.cut("Halves", new Solid.Sheet(Outline.of(Outline.circle(0, 0, thick / 2 + 0.04))
                    .less(Outline.circle(0, 0, thick / 2)), 0.2), Material.ALL.get("birch-plywood"))
                    .at(Placement.HERE));
            for (double up : new double[]{-0.08, 0.08}) {
                for (double side : new double[]{-1, 1}) {
                    out.contact(new Contact.Anchor(out.spot("jaw " + up + ", " + side, halves,
                            new Vec3(0, side * thick / 2, up), Surface.POST), new Contact.Bearing(5e6, 300)));
                }
            }
            Section section = new Section.Rectangle(0.08, 0.08);
            Piece stub = out.add(halves, Piece.cut("Stub", new Solid.Bar(section, 0.9), Material.ALL.get("oak-d30"))
                    .at(Placement.along(new Vec3(thick / 2 + 0.1, 0, -0.1), Vec3.UP, Vec3.X.negated())));
            out.fasten("foot", "stub on its halves", stub, halves, 0, 0,
                    new Fastening.Grip.Screws(8, 0.06, 0.012, 0.05, Material.ALL.get("oak-d30")));
            out.offer("post", new Port.Post(section, List.of(0.9), 0.9, new Hold.Pin(0.01, 0.08,
                    Material.ALL.get("oak-d30"))), halves, Placement.at(thick / 2 + 0.1, 0, -0.1), stub);
        }
    }

    private static final Post PIPE = new Post("Steel pipe", new Spot(1.2, -0.9, 0), 0.089, 0, 2.3);
    private static final Post OTHER = new Post("Newel", new Spot(1.1, 0.8, 0), 0.08, 0, 1.2);

    private static Project clasped() {
        Project demo = Demo.project();
        Perch perch = new Perch(List.of(new Mounted("bracket", new Bracket(1.0), List.of(Perch.POST)),
                new Mounted("beam", new AlienParts.Beam(0.7, Closure.ALL.get("knob-60"), 5, false),
                        List.of("bracket.post")),
                new Mounted("head", demo.perch().parts().getLast().part(), List.of("beam.end"))));
        Project round = demo.with(demo.place().with(List.of(PIPE.carrying(true), OTHER)))
                .with(demo.stance().with(Map.of()));
        return round.with(perch).with(round.stance().with(Map.of("beam.slide", 0.6, "beam.turn", 0.2)));
    }

    /** What is clamped round a post of the room stands where that is, fits its thickness, may touch it, and nothing else may. */
    @Test
    void aPostIsAPort() {
        Project project = clasped();
        assertThat(project.stance().x()).isEqualTo(1.2);
        assertThat(project.stance().y()).isEqualTo(-0.9);
        Assessment a = Assessor.now(project);
        assertThat(a.finding("clear.thing@Steel pipe").verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(a.study().assembly().contacts()).allMatch(c -> c.surface() == Surface.POST);
        // Its jaws are half a post's thickness from the middle of the post.
        assertThat(a.study().assembly().contacts()).allSatisfy(c -> assertThat(
                a.situation().inRoom(a.situation().posed().at(c)).minus(new Vec3(1.2, -0.9, 0)).radius())
                .isCloseTo(0.0445, within(1e-9)));
        // A pipe that it is not clamped to is in its way.
        Thing near = new Post("Drain", new Spot(1.2, -0.8, 0), 0.05, 0, 2.3);
        assertThat(Assessor.now(project.with(project.place().with(List.of(PIPE.carrying(true), near))))
                .finding("clear.thing@Drain").verdict()).isEqualTo(Verdict.GIVES);
    }

    @Test
    void itIsClampedToAnotherPostAndGoesAlongWithIt() {
        Project project = clasped();
        assertThat(Stands.of(project, "bracket")).extracting(Stands::what).containsExactly("“Steel pipe”", "“Newel”");
        Project other = on(project, "Newel");
        assertThat(other.stance().x()).isEqualTo(1.1);
        assertThat(other.stance().y()).isEqualTo(0.8);
        Project moved = other.with(RoomEdits.changed(other.place(), 1, ((Post) other.place().things().get(1))
                .at(new Spot(1.4, 0.5, 0))));
        assertThat(moved.stance().x()).isEqualTo(1.4);
        assertThatThrownBy(() -> project.with(project.place().with(List.of()))).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("a post or tube that it is clamped round");
        assertThat(Carrier.against(Demo.project().place(), Surface.POST))
                .contains("no post or tube of the room is to carry it");
        assertThat(Carrier.against(project.place(), Surface.POST)).isEmpty();
    }

    /** A kind that begins round a post is brought there, and its joints bring the camera over the work as far as they can. */
    @Test
    void aKindThatHangsFromAPostIsPutThere() {
        Project project = clasped();
        Project chosen = Choosing.of(project.with(project.stance().at(0.5, 0)), project.perch(),
                Map.of("beam.slide", 0.6, "beam.turn", 0.0));
        assertThat(chosen.stance().x()).isEqualTo(1.2);
        double height = Study.of(chosen).set().sensorWanted().z();
        assertThat(Study.of(chosen).set().sensor().z()).isCloseTo(height, within(0.01));
    }
}
