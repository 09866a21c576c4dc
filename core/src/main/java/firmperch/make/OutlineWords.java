package firmperch.make;

import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/** What a sheet is cut to where it is no plain rectangle, in words: three sides alone would not tell a disc from a square. */
final class OutlineWords {
    private static final double SAME = 1e-6;

    private OutlineWords() {
    }

    static String of(Piece piece, UnitSystem units) {
        Solid solid = piece.solid() instanceof Solid.Filling filling ? filling.hollow() : piece.solid();
        if (!(solid instanceof Solid.Sheet sheet)) {
            return "";
        }
        List<String> words = new ArrayList<>();
        Outline outline = sheet.outline();
        double box = outline.width() * outline.height();
        double area = Math.abs(new Outline(outline.loop(), List.of()).moments().area());
        if (round(outline.loop())) {
            words.add("round, Ø " + Quantity.LENGTH.show(outline.width(), units));
        } else if (area < box * (1 - SAME)) {
            words.add("cut to an outline of " + outline.loop().size() + " edges, "
                    + Math.round(100 * area / box) + " % of its rectangle");
        }
        boolean later = piece.supply() instanceof Supply.Cut cut && cut.whole();
        for (List<Outline.Edge> cutout : later ? List.<List<Outline.Edge>>of() : outline.cutouts()) {
            Outline hole = Outline.of(cutout);
            words.add(round(cutout)
                    ? "with a hole Ø " + Quantity.LENGTH.show(hole.width(), units)
                    : "with an opening of " + Quantity.LENGTH.show(hole.width(), units) + " × "
                            + Quantity.LENGTH.show(hole.height(), units));
        }
        return String.join(", ", words);
    }

    private static boolean round(List<Outline.Edge> loop) {
        return loop.stream().allMatch(e -> e instanceof Outline.Arc a && loop.getFirst() instanceof Outline.Arc first
                && a.centre().equals(first.centre())
                && Math.abs(a.radius() - first.radius()) < SAME);
    }
}
