package firmperch.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Vec3;
import firmperch.file.Samples;
import firmperch.project.Project;
import firmperch.units.InvalidValue;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** What is done with a room by hand, and what of it cannot be. */
class RoomEditsTest {
    /** 3.4 m deep, walls 2.1 m at the left and 1.6 m at the right; the bench 1.42 to 2.22 m from the wall, 1.5 m wide. */
    private static final Place ROOM = Samples.wedgingBench().place().with(List.of());

    private static Thing table() {
        return new Table("Table", new Spot(1, 1, 0), new Size(0.6, 1.2, 0.75), 0.04, 0, true);
    }

    /** A hand comes near a line and it rests there; elsewhere at whole centimetres. */
    @Test
    void comesToRestAtEdgesMiddlesAndWholeCentimetres() {
        Spot wall = RoomEdits.snapped(ROOM, table(), 0.32, 1.2345, 0.05);
        assertThat(wall.x()).as("its back at the wall").isCloseTo(0.3, within(1e-12));
        assertThat(wall.y()).isCloseTo(1.23, within(1e-12));
        Spot edge = RoomEdits.snapped(ROOM, table(), 2.53, 0.02, 0.05);
        assertThat(edge.x()).as("edge to edge with the bench").isCloseTo(2.22 + 0.3, within(1e-12));
        assertThat(edge.y()).as("middle to middle").isCloseTo(0, within(1e-12));
        assertThat(RoomEdits.snapped(ROOM, table(), 0.7, 0.51, 0.001).x()).isCloseTo(0.7, within(1e-12));
    }

    /** A door is in a wall wherever it is put, and opens into the room. */
    @Test
    void doorsAreInTheNearestWall() {
        Door door = new Door("Door", new Spot(1, 0, 0), 0.8, 2, true, true);
        for (double[] to : new double[][]{{0.1, 0.5}, {3.3, 0.5}, {1.5, 2.0}, {1.5, -1.5}}) {
            Door there = (Door) door.at(RoomEdits.snapped(ROOM, door, to[0], to[1], 0));
            Block swing = there.free(ROOM.room()).getFirst();
            Vec3 middle = swing.least().plus(swing.most()).times(0.5);
            assertThat(middle.x()).isBetween(0.0, 3.4);
            assertThat(middle.y()).isBetween(-1.6, 2.1);
            double out = Math.min(Math.min(swing.least().x(), 3.4 - swing.most().x()),
                    Math.min(swing.least().y() + 1.6, 2.1 - swing.most().y()));
            assertThat(out).as("its swing begins at the wall").isCloseTo(0, within(1e-9));
        }
    }

    /** A corner that is pulled goes with the hand, and the one opposite stays. */
    @Test
    void aCornerIsPulledAndTheOppositeStays() {
        Random random = new Random(2);
        for (int i = 0; i < 100; i++) {
            double turn = Math.PI * (random.nextDouble() - 0.5);
            Place before = ROOM.with(List.of(table().at(new Spot(1, 1, turn))));
            int corner = random.nextInt(4);
            Vec3 fixed = before.things().getFirst().outline().get((corner + 2) % 4);
            Vec3 at = before.things().getFirst().outline().get(corner);
            Vec3 away = at.minus(fixed).times(1 + random.nextDouble());
            Thing pulled = RoomEdits.cornered(before, 0, corner, fixed.plus(away)).things().getFirst();
            assertThat(pulled.outline()).anyMatch(c -> c.minus(fixed).length() < 1e-9);
            assertThat(pulled.outline()).as("to a centimetre")
                    .anyMatch(c -> c.minus(fixed.plus(away)).length() < 0.0075);
        }
    }

    /** What is put in, of whichever sort and however many, is in nothing else while there is room. */
    @Test
    void whatIsPutInFindsRoom() {
        Place place = ROOM;
        for (Things.Sort sort : Things.ALL) {
            place = RoomEdits.put(place, sort);
            assertThat(Muddle.of(place, UnitSystem.METRIC)).as(sort.label()).isEmpty();
        }
        assertThat(RoomEdits.put(place, Things.ALL.getFirst()).things()).last().extracting(Thing::name)
                .isEqualTo("Bench or table 2");
        assertThat(RoomEdits.copied(place, 0).things().get(1).name()).isEqualTo("Bench or table 2");
    }

    /** Moved sideways, the bench leaves everything else where it is in the room, a rig on the floor too; measured from the right wall. */
    @Test
    void movingTheBenchMovesNothingElse() {
        Project before = Samples.wedgingBench();
        Project after = before.withBenchAt(1.2, 0.4);
        assertThat(after.place().bench().from()).isEqualTo(1.2);
        double was = before.place().room().walls().right();
        double is = after.place().room().walls().right();
        assertThat(is - was).isCloseTo(0.4, within(1e-12));
        assertThat(after.place().room().walls().left() + is).isCloseTo(was + before.place().room().walls().left(),
                within(1e-12));
        for (int i = 0; i < before.place().things().size(); i++) {
            assertThat(after.place().things().get(i).spot().y() + is)
                    .isCloseTo(before.place().things().get(i).spot().y() + was, within(1e-12));
        }
        assertThat(after.stance().y() + is).isCloseTo(before.stance().y() + was, within(1e-12));
        Project onBench = Samples.all().getLast();
        assertThat(onBench.withBenchAt(onBench.place().bench().from() + 0.1, 0.1).stance().y())
                .as("what stands on the bench goes with it").isEqualTo(onBench.stance().y());
    }

    /** Two things in one place are told exactly where JTS finds that their plans overlap and their heights do. */
    @Test
    void twoInOnePlaceAgainstJts() {
        GeometryFactory jts = new GeometryFactory();
        Random random = new Random(9);
        int met = 0;
        for (int i = 0; i < 120; i++) {
            List<Block> blocks = new ArrayList<>();
            Rooms.random(random, 12).forEach(t -> blocks.addAll(t.solid(ROOM.room())));
            for (Block a : blocks) {
                for (Block b : blocks) {
                    Geometry both = polygon(jts, a).intersection(polygon(jts, b));
                    boolean high = Math.min(a.high(), b.high()) - Math.max(a.low(), b.low()) > 0.006;
                    // An overlap of a touch, 5 mm, is none.
                    if (high && !both.buffer(-0.0026).isEmpty()) {
                        assertThat(Muddle.meet(a, b)).as("%s and %s over %s", a, b, both).isTrue();
                        met += a == b ? 0 : 1;
                    } else if (!high || both.isEmpty()) {
                        assertThat(Muddle.meet(a, b)).as("%s and %s", a, b).isFalse();
                    }
                }
            }
        }
        assertThat(met).isGreaterThan(100);
    }

    private static Geometry polygon(GeometryFactory jts, Block block) {
        List<Vec3> plan = new ArrayList<>(block.plan());
        plan.add(plan.getFirst());
        return jts.createPolygon(plan.stream().map(c -> new Coordinate(c.x(), c.y())).toArray(Coordinate[]::new));
    }

    @Test
    void whatCannotBeIsToldInASentence() {
        Place muddled = ROOM.with(List.of(table(), table().named("Shelf"),
                new Door("Door", new Spot(1.2, -1.6, Math.PI / 2), 0.9, 2, true, true),
                new Lamp("Lamp", new Spot(9, 0, 0), 0.3, 1.8, 0.2),
                new Worker("Me", new Spot(2.6, 0.9, 0)), new Worker("Her", new Spot(2.0, 0.5, 0)),
                new Cupboard("Chest", new Spot(1.8, 0, 0), new Size(0.4, 0.4, 1), 0.2)));
        assertThat(Muddle.of(muddled, UnitSystem.METRIC)).containsExactly("“Table” and “Shelf” are in one place.",
                "“Door” opens into the bench.", "“Lamp” is outside of the room.",
                "“Her” stands in the bench; there is room from 2370 mm from the wall on.",
                "“Chest” and the bench are in one place.");
    }

    @Test
    void aJoistOutsideOfTheRoomAndTwoOfOneNameAreRefused() {
        assertThatThrownBy(() -> Demo.with("place.room.joists",
                new Joists(Joists.Made.OPEN, Joists.Run.AWAY, 3, 0.4, 0.06, 0.16))).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Middle of one of the joists: 3000 mm").hasMessageContaining("inside the room");
        assertThatThrownBy(() -> ROOM.with(List.of(table(), table()))).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("a name of its own for each");
    }

    /** By hand: joists every 400 mm with one at 100 mm; a bench of 1.5 m from −0.75 to 0.75 m is crossed at −0.7, −0.3, 0.1 and 0.5. */
    @Test
    void whatMayCarryAPerch() {
        assertThat(ROOM.room().joists().between(-0.75, 0.75))
                .usingElementComparator((a, b) -> Math.abs(a - b) < 1e-9 ? 0 : 1)
                .containsExactly(-0.7, -0.3, 0.1, 0.5);
        List<Carrier> all = Carrier.of(ROOM.with(List.of(new Post("Pole", new Spot(0.5, 0.5, 0), 0.1, 0, 2.3))),
                UnitSystem.METRIC);
        assertThat(all).contains(new Carrier("joists above", Carrier.May.YES, "4 cross the bench, every 400 mm"),
                new Carrier("its edge", Carrier.May.NO, "120 mm with rails; clamps open to 70 mm"),
                new Carrier("“Pole”", Carrier.May.YES, "100 mm across, floor to ceiling"));
    }

    /** A room of 3.4 × 3.7 m less the walkway, with the bench in it, by hand: within a metre of the bench 0.55 to 3.22 by −1.6 to 1.75 m. */
    @Test
    void freeFloorByHand() {
        double all = (3.22 - 0.55) * (1.6 + 1.75) - 0.8 * 1.5;
        assertThat(Carrier.freeFloor(ROOM)).isCloseTo(all, within(0.25));
        double less = Carrier.freeFloor(ROOM.with(List.of(new Way("Way", new Spot(2.8, 0, 0), 0.6, 2))));
        assertThat(Carrier.freeFloor(ROOM) - less).isCloseTo(1.2, within(0.1));
    }

    /** An edge takes a clamp where it is thin enough, stands out far enough and is of something that bears it; a table's legs stand in by as much. */
    @Test
    void whatAnEdgeIsOfAndHowFarItStandsOutCounts() {
        assertThat(edge(0.04, TopOf.WOOD, 0.05).may()).isEqualTo(Carrier.May.YES);
        assertThat(edge(0.12, TopOf.WOOD, 0.05).why()).isEqualTo("120 mm with rails; clamps open to 70 mm");
        assertThat(edge(0.04, TopOf.WOOD, 0.02).why()).isEqualTo("stands out by 20 mm; a clamp's jaw takes 40 mm");
        assertThat(edge(0.04, TopOf.CHIPBOARD, 0.05).may()).isEqualTo(Carrier.May.PERHAPS);
        assertThat(edge(0.01, TopOf.GLASS, 0.2).may()).isEqualTo(Carrier.May.NO);
        assertThat(Carrier.of(place(0.04, TopOf.WOOD, 0.05), UnitSystem.METRIC))
                .filteredOn(c -> c.what().equals("the bench top")).extracting(Carrier::why)
                .containsExactly("is rickety");
        Place drawers = place(0.04, TopOf.WOOD, 0.05);
        assertThat(drawers.benchTop().low()).isCloseTo(drawers.bench().height() - 0.24, within(1e-9));
        Table table = new Table("Side table", new Spot(1, 0, 0), new Size(0.8, 1.2, 0.7), 0.04, 0, true, false,
                TopOf.STONE, 0.1);
        assertThat(Carrier.of(ROOM.with(List.of(table)), UnitSystem.METRIC)).extracting(Carrier::what, Carrier::may)
                .contains(tuple("“Side table”", Carrier.May.YES),
                        tuple("the edge of “Side table”", Carrier.May.PERHAPS));
        assertThat(table.solid(ROOM.room()).subList(1, 5)).allSatisfy(leg -> {
            assertThat(leg.least().x()).isGreaterThanOrEqualTo(0.7 - 1e-9);
            assertThat(leg.most().x()).isLessThanOrEqualTo(1.3 + 1e-9);
        });
    }

    private static Place place(double top, TopOf of, double overhang) {
        Bench b = ROOM.bench();
        return new Place(ROOM.room(), new Bench(b.from(), b.depth(), b.width(), b.height(), top, b.worker(), of,
                overhang, 0.2, false), List.of());
    }

    private static Carrier edge(double top, TopOf of, double overhang) {
        return Carrier.of(place(top, of, overhang), UnitSystem.METRIC).stream()
                .filter(c -> c.what().equals("its edge")).findFirst().orElseThrow();
    }
}
