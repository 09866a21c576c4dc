package firmperch.make;

import firmperch.body.Hole;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Solid;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Where the holes of a piece are drilled, in words, each from an edge of the piece. */
final class HolePlan {
    private static final double EVEN = 1e-6;

    private HolePlan() {
    }

    static String of(Piece piece, UnitSystem units) {
        Map<Object, List<Hole>> alike = new LinkedHashMap<>();
        piece.holes().forEach(h -> alike
                .computeIfAbsent(List.of(h.diameter(), h.purpose(), h.together()), k -> new ArrayList<>()).add(h));
        List<String> texts = new ArrayList<>();
        alike.values().forEach(holes -> texts.add(words(piece, holes, units)));
        return String.join("; ", texts);
    }

    private static String words(Piece piece, List<Hole> holes, UnitSystem units) {
        Hole first = holes.getFirst();
        String together = first.together().isEmpty() ? "" : "; drill " + first.together();
        String count = holes.size() + " × Ø " + length(first.diameter(), units) + " straight through for the "
                + first.purpose() + ", ";
        return count + (piece.solid() instanceof Solid.Bar ? along(holes, units) : across(piece, holes, units))
                + together;
    }

    private static String along(List<Hole> holes, UnitSystem units) {
        double from = holes.getFirst().at().x();
        double pitch = holes.size() > 1 ? holes.get(1).at().x() - from : 0;
        boolean row = holes.size() > 2;
        for (int i = 1; i < holes.size(); i++) {
            row &= Math.abs(holes.get(i).at().x() - holes.get(i - 1).at().x() - pitch) < EVEN;
        }
        if (row) {
            return length(from, units) + " from one end on the middle line, then every " + length(pitch, units);
        }
        return String.join(" and ", holes.stream().map(h -> length(h.at().x(), units)).toList())
                + " from one end on the middle line";
    }

    private static String across(Piece piece, List<Hole> holes, UnitSystem units) {
        Outline outline = ((Solid.Sheet) piece.solid()).outline();
        double left = -outline.reach(-1, 0);
        double low = -outline.reach(0, -1);
        return String.join("; ", holes.stream().map(h -> length(h.at().x() - left, units) + " from the left edge and "
                + length(h.at().y() - low, units) + " from the lower").toList());
    }

    private static String length(double value, UnitSystem units) {
        return Quantity.LENGTH.show(value, units);
    }
}
