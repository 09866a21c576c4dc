package firmperch.make;

import firmperch.body.Grain;
import firmperch.body.Piece;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.units.UnitSystem;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A piece to cut, and how often: what is the same in solid, material, grain, holes and what else is done to it, and pieces that are
 * its mirror image, as a left and a right one are. What is told of it in words is made from these.
 *
 * @param alike at least one
 * @param mirrored pieces that no turning makes the same, but a mirror does; mostly none
 */
public record CutPiece(List<Piece> alike, List<Piece> mirrored) {
    public CutPiece {
        alike = List.copyOf(alike);
        mirrored = List.copyOf(mirrored);
    }

    /** The first of them; all that is asked of its own is the same of the others. */
    public Piece piece() {
        return alike.getFirst();
    }

    /** The name on the list. */
    public String part() {
        return piece().name();
    }

    /** How many to cut. */
    public int count() {
        return alike.size() + mirrored.size();
    }

    public Material material() {
        return piece().material();
    }

    /** Longest side of the box around it, m. */
    public double length() {
        return sides()[2];
    }

    /** Middle side of the box around it, m; of a tube its outer size. */
    public double width() {
        return sides()[1];
    }

    /** Shortest side of the box around it, m; of a tube its wall. */
    public double thickness() {
        return piece().solid() instanceof Solid.Bar bar && !(bar.section() instanceof Section.Rectangle)
                ? bar.section().wall()
                : sides()[0];
    }

    private double[] sides() {
        Vec3 size = piece().solid().size();
        double[] sides = {size.x(), size.y(), size.z()};
        Arrays.sort(sides);
        return sides;
    }

    /** Mass of one, kg. */
    public double mass() {
        return piece().own().mass();
    }

    /** What its shape is beside its three sides, what to drill with its datum, and what else is done to it; empty if nothing. */
    public String notes(UnitSystem units) {
        String note = piece().supply() instanceof Supply.Cut cut ? cut.note() : "";
        String pair = mirrored.isEmpty()
                ? ""
                : alike.size() + " as told here and " + mirrored.size() + " as its mirror image";
        boolean sheet = !(piece().solid() instanceof Solid.Bar) && piece().grain() != Grain.ANY;
        String grain = sheet ? "grain " + piece().grain().words() : "";
        return Stream.of(OutlineWords.of(piece(), units), HolePlan.of(piece(), units), note, pair, grain)
                .filter(words -> !words.isEmpty()).collect(Collectors.joining("; "));
    }
}
