package firmperch.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.body.Piece;
import firmperch.body.Vec3;
import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.study.Situation;
import firmperch.units.InvalidValue;
import firmperch.units.UnitSystem;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A room under a roof: heights by hand, clearance against every corner of every piece. */
class PitchTest {
    private static Room under(Pitch.Rises rises) {
        return new Room(4, 1.5, 0.6, 0, new Walls(2, 1, Walls.Made.BOARD), Joists.UNKNOWN, Ground.EVEN,
                new Pitch(rises, Math.toRadians(45), 2.5));
    }

    @ParameterizedTest
    @EnumSource(value = Pitch.Rises.class, names = {"AWAY", "TOWARD", "LEFT", "RIGHT"})
    void risesFromItsLowWall(Pitch.Rises rises) {
        Room room = under(rises);
        double half = switch (rises) {
            case AWAY -> room.ceilingAt(0.5, 0);
            case TOWARD -> room.ceilingAt(3.5, 0);
            case LEFT -> room.ceilingAt(1, -0.5);
            default -> room.ceilingAt(1, 1.5);
        };
        assertThat(half).isCloseTo(2, within(1e-9));
        double high = switch (rises) {
            case AWAY -> room.ceilingAt(2, 0);
            case TOWARD -> room.ceilingAt(2, 0);
            case LEFT -> room.ceilingAt(1, 0.5);
            default -> room.ceilingAt(1, 0);
        };
        assertThat(high).isCloseTo(2.5, within(1e-9));
        // Every place of the slant lies in its plane.
        assertThat(new Vec3(rises == Pitch.Rises.TOWARD ? 3.5 : rises == Pitch.Rises.AWAY ? 0.5 : 1,
                rises == Pitch.Rises.LEFT ? -0.5 : rises == Pitch.Rises.RIGHT ? 1.5 : 0, 2).dot(room.slanting()))
                .isCloseTo(room.slantingAt(), within(1e-9));
        assertThat(room.ceilingWords(UnitSystem.METRIC)).isEqualTo("1500 mm to 2500 mm");
        assertThat(room.section(0))
                .allSatisfy(c -> assertThat(c.z()).isCloseTo(room.ceilingAt(c.x(), 0), within(1e-9)));
    }

    /** The least distance from the slant, by all corners of all pieces in the set pose. */
    @Test
    void aRigClearsTheSlant() {
        Project level = Demo.project();
        assertThat(Assessor.now(level).findings()).extracting(f -> f.about().id()).doesNotContain("clear.slant");
        // It rises so gently that only the level part's wall side comes near the post.
        Room r = level.place().room();
        Room slanted = new Room(r.depth(), 1.2, r.walkway(), r.slope(), r.walls(), r.joists(), r.ground(),
                new Pitch(Pitch.Rises.AWAY, Math.toRadians(50), r.ceiling()));
        Project project = level.with(new Place(slanted, level.place().bench(), level.place().things()));
        Situation s = Situation.of(project);
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < s.study().assembly().pieces().size(); i++) {
            Piece piece = s.study().assembly().pieces().get(i);
            if (piece.takesRoom()) {
                for (Vec3 corner : s.study().rig().facets(i).corners()) {
                    Vec3 at = s.inRoom(s.posed().place(piece).point(corner));
                    least = Math.min(least, (1.2 + at.x() * Math.tan(Math.toRadians(50)) - at.z())
                            * Math.cos(Math.toRadians(50)));
                }
            }
        }
        Finding finding = Assessor.now(project).finding("clear.slant");
        assertThat(finding.reading().available()).isCloseTo(least, within(1e-3));
        assertThat(finding.reading().available()).isLessThanOrEqualTo(least + 1e-9);
        Room low = new Room(r.depth(), 1.0, r.walkway(), r.slope(), r.walls(), r.joists(), r.ground(),
                new Pitch(Pitch.Rises.AWAY, Math.toRadians(20), r.ceiling()));
        Finding hit = Assessor.now(level.with(new Place(low, level.place().bench(), level.place().things())))
                .finding("clear.slant");
        assertThat(hit.verdict()).isEqualTo(Verdict.GIVES);
    }

    @Test
    void aWallThatNobodyHasMeasured() {
        assertThatThrownBy(() -> new Room(4, 1.5, 0.6, 0, Walls.UNKNOWN, Joists.UNKNOWN, Ground.EVEN,
                new Pitch(Pitch.Rises.LEFT, 0.5, 2.5))).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("how far the walls beside the bench are");
    }

    @Test
    void whatIsToldOfIt() {
        Place place = new Place(under(Pitch.Rises.AWAY), new Bench(2.2, 0.8, 1.6, 0.9, 0.04, 1.75), List.of());
        assertThat(Carrier.of(place, UnitSystem.METRIC)).anySatisfy(c -> {
            assertThat(c.what()).isEqualTo("joists above");
            assertThat(c.may()).isEqualTo(Carrier.May.NO);
            assertThat(c.why()).contains("slopes");
        });
        Worker low = new Worker("You", new Spot(0.15, 0, 0));
        assertThat(Muddle.of(place.with(List.of(low)), UnitSystem.METRIC))
                .anySatisfy(m -> assertThat(m).contains("does not stand upright there: the ceiling is at 1650 mm"));
    }
}
