package firmperch.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.body.Assembly;
import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Grain;
import firmperch.body.Hole;
import firmperch.body.Motion;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Pieces that are alike are one line, whatever they look like on paper; by hand. */
class CutListTest {
    private static final Material PLYWOOD = Material.ALL.get("birch-plywood");

    private static List<CutPiece> cuts(Piece... pieces) {
        return CutList.of(assembly(pieces));
    }

    private static Assembly assembly(Piece... pieces) {
        Builder out = new Builder(UnitSystem.METRIC);
        out.part("p");
        Body body = out.body("body", null, Placement.HERE, new Motion.Fixed());
        out.station("", "Body", body, Vec3.ZERO);
        for (Piece piece : pieces) {
            out.add(body, piece);
        }
        return out.build();
    }

    private static Piece sheet(Outline outline) {
        return Piece.cut("Plate", new Solid.Sheet(outline, 0.018), PLYWOOD);
    }

    private static Outline outline(double... xy) {
        Outline.Point[] corners = new Outline.Point[xy.length / 2];
        for (int i = 0; i < corners.length; i++) {
            corners[i] = new Outline.Point(xy[2 * i], xy[2 * i + 1]);
        }
        return Outline.of(Outline.polygon(corners));
    }

    private static Hole hole(double x, double y) {
        return new Hole(new Vec3(x, y, -0.009), Vec3.UP, 0.008, "bolt");
    }

    /** A square, a disc and a triangle of one name, all 200 by 200: π/4 and a half of the square's 0.490 kg. */
    @Test
    void threeShapesOfOneNameAreThreeLines() {
        List<CutPiece> cuts = cuts(sheet(Outline.rectangle(-0.1, -0.1, 0.1, 0.1)),
                sheet(Outline.of(Outline.circle(0, 0, 0.1))), sheet(outline(-0.1, -0.1, 0.1, -0.1, 0, 0.1)));
        assertThat(cuts).hasSize(3).allSatisfy(c -> {
            assertThat(c.count()).isEqualTo(1);
            assertThat(c.length()).isCloseTo(0.2, within(1e-9));
            assertThat(c.width()).isCloseTo(0.2, within(1e-9));
        });
        assertThat(cuts.stream().mapToDouble(c -> c.count() * c.mass()).sum())
                .isCloseTo(680 * 0.018 * 0.04 * (1 + Math.PI / 4 + 0.5), within(1e-9));
        assertThat(cuts.stream().map(c -> c.notes(UnitSystem.METRIC))).containsExactlyInAnyOrder("",
                "round, Ø 200 mm", "cut to an outline of 3 edges, 50 % of its rectangle");
    }

    @Test
    void theSamePieceTurnedOrDrilledInAnotherOrderIsOneLine() {
        Piece one = sheet(Outline.rectangle(0, 0, 0.3, 0.1)).drilled(List.of(hole(0.02, 0.03), hole(0.25, 0.05)));
        Piece elsewhere = sheet(Outline.rectangle(-0.1, -0.2, 0, 0.1))
                .drilled(List.of(hole(-0.05, 0.05), hole(-0.07, -0.18)));
        assertThat(cuts(one, elsewhere)).singleElement().satisfies(c -> {
            assertThat(c.count()).isEqualTo(2);
            assertThat(c.mirrored()).isEmpty();
        });
        Piece other = sheet(Outline.rectangle(0, 0, 0.3, 0.1)).drilled(List.of(hole(0.02, 0.03), hole(0.25, 0.055)));
        assertThat(cuts(one, other)).hasSize(2);
    }

    /** Holes go straight through: a sheet with its holes on the other side is the same sheet turned over. */
    @Test
    void aSheetTurnedOverIsTheSame() {
        Piece left = sheet(outline(0, 0, 0.3, 0, 0.3, 0.1, 0, 0.2)).drilled(List.of(hole(0.02, 0.03)));
        Piece right = sheet(outline(0, 0, 0, 0.2, -0.3, 0.1, -0.3, 0)).drilled(List.of(hole(-0.02, 0.03)));
        assertThat(cuts(left, right)).singleElement().satisfies(c -> assertThat(c.mirrored()).isEmpty());
    }

    /** A brace sawn at a slant and drilled from its face, off its middle: a left one is no right one, however it is turned. */
    @Test
    void aLeftAndARightOneAreToldAsAPair() {
        Solid slanted = new Solid.Bar(new Section.Rectangle(0.05, 0.03), 0.4, new Solid.Mitre(0.4), Solid.End.SQUARE);
        List<Piece> braces = new ArrayList<>();
        for (int side = 1; side >= -1; side -= 2) {
            braces.add(Piece.cut("Brace", slanted, Material.ALL.get("spruce-c24"))
                    .drilled(List.of(new Hole(new Vec3(0.1, side * 0.006, -0.025), Vec3.UP, 0.006, "screw"))));
        }
        assertThat(cuts(braces.toArray(Piece[]::new))).singleElement().satisfies(c -> {
            assertThat(c.count()).isEqualTo(2);
            assertThat(c.mirrored()).hasSize(1);
            assertThat(c.notes(UnitSystem.METRIC)).endsWith("1 as told here and 1 as its mirror image");
        });
    }

    /** A square and an oblong plate: only the oblong one says which way its grain runs, and another way is another line. */
    @Test
    void grainIsToldWhereItMatters() {
        Piece oblong = sheet(Outline.rectangle(0, 0, 0.3, 0.1));
        Piece across = oblong.from(new Supply.Cut(0, "", Grain.CROSSWISE, false));
        assertThat(cuts(oblong, across)).extracting(c -> c.notes(UnitSystem.METRIC))
                .containsExactlyInAnyOrder("grain along its length", "grain across its length");
        assertThat(sheet(Outline.rectangle(0, 0, 0.1, 0.1)).grain()).isEqualTo(Grain.ANY);
        assertThat(Piece.cut("Plate", new Solid.Sheet(Outline.rectangle(0, 0, 0.3, 0.1), 0.01),
                Material.ALL.get("steel-s235")).grain()).isEqualTo(Grain.ANY);
    }

    @Test
    void anotherMaterialNameOrWorkIsAnotherLine() {
        Piece one = sheet(Outline.rectangle(0, 0, 0.3, 0.1));
        Piece named = Piece.cut("Other", one.solid(), PLYWOOD);
        Piece oak = Piece.cut("Plate", one.solid(), Material.ALL.get("oak-d30"));
        Piece worked = one.from(new Supply.Cut(0, "round the edges"));
        assertThat(cuts(one, named, oak, worked)).hasSize(4);
    }
}
