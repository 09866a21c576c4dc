package firmperch.cost;

import firmperch.body.Assembly;
import firmperch.body.Piece;
import firmperch.body.Purchase;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.project.Purse;
import firmperch.stock.PremixBag;
import firmperch.stock.Section;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * All that is bought for a rig, each thing once, with its rough price before tax: bars by their length, boards by their area, concrete in whole bags,
 * all else by the piece. What is cut off and thrown away is not in it, some tenth of wood and tube: common practice, no source.
 *
 * @param lines from the camera down, bars and boards first
 */
public record Shopping(List<Line> lines) {
    public Shopping {
        lines = List.copyOf(lines);
    }

    /** Of what sort a thing is, and so how it is counted. */
    public enum Sort {
        BAR(Quantity.LENGTH), BOARD(Quantity.AREA), PIECE(Quantity.COUNT), BAG(Quantity.COUNT);

        private final Quantity unit;

        Sort(Quantity unit) {
            this.unit = unit;
        }
    }

    /**
     * A thing to buy.
     *
     * @param item as one asks for it
     * @param amount how long (m), how large (m²) or how many
     * @param price of all of it, in the tables' money
     */
    public record Line(Sort sort, String item, double amount, double price) {
        private Line plus(Line other) {
            return new Line(sort, item, amount + other.amount, price + other.price);
        }

        /** How much of it, in words: "2.35 m", "3". */
        public String much(UnitSystem units) {
            return sort == Sort.BAR && units == UnitSystem.METRIC
                    ? Quantity.NUMBER.show(amount, units) + " m"
                    : sort.unit.show(amount, units);
        }

        /** True if all of it is there already. */
        public boolean there(Purse purse) {
            return purse.has(item) >= amount - 1e-6;
        }

        /** What of its price is still to be paid where some of it is there already. */
        public double toPay(Purse purse) {
            double missing = amount <= 0 ? 0 : Math.max(0, 1 - purse.has(item) / amount);
            return price * missing;
        }
    }

    /** The list for a rig. */
    public static Shopping of(Assembly assembly, UnitSystem units) {
        Map<String, Line> all = new LinkedHashMap<>();
        PremixBag bag = bag(units);
        int bags = 0;
        for (Sort sort : List.of(Sort.BAR, Sort.BOARD, Sort.PIECE)) {
            for (Piece piece : assembly.pieces().reversed()) {
                Line line = line(piece, units);
                if (line != null && line.sort == sort) {
                    all.merge(line.item, line, Line::plus);
                }
            }
        }
        for (Purchase p : assembly.making().purchases().reversed()) {
            all.merge(p.item(), new Line(Sort.PIECE, p.item(), p.count(), p.count() * p.price()), Line::plus);
        }
        for (Piece piece : assembly.pieces()) {
            if (piece.supply() instanceof Supply.Poured) {
                bags += bag.whole(piece.solid().massAt(1).mass());
            }
        }
        List<Line> lines = new ArrayList<>(all.values());
        if (bags > 0) {
            lines.add(new Line(Sort.BAG, concrete(units), bags, bags * bag.price()));
        }
        return new Shopping(lines);
    }

    private static PremixBag bag(UnitSystem units) {
        return PremixBag.ALL.get(units == UnitSystem.IMPERIAL ? "bag-80lb" : "bag-25kg");
    }

    /** What concrete is called. */
    static String concrete(UnitSystem units) {
        return "Concrete mix, " + bag(units).label();
    }

    /** What a piece is called, if it is bought or cut. */
    static Optional<String> item(Piece piece, UnitSystem units) {
        return Optional.ofNullable(line(piece, units)).map(Line::item);
    }

    private static Line line(Piece piece, UnitSystem units) {
        return switch (piece.supply()) {
            case Supply.Ready ready -> new Line(Sort.PIECE, ready.item(), ready.count(), piece.price());
            case Supply.Cut _ -> cut(piece, units);
            case Supply.Poured _,Supply.Owned _ -> null;
        };
    }

    private static Line cut(Piece piece, UnitSystem units) {
        String material = piece.material().label();
        return switch (piece.solid()) {
            case Solid.Bar bar -> new Line(Sort.BAR, material + " " + across(bar.section(), units), bar.length(),
                    piece.price());
            case Solid.Sheet sheet -> new Line(Sort.BOARD,
                    material + ", " + Quantity.LENGTH.show(sheet.thickness(), units) + " thick",
                    sheet.massAt(1).mass() / sheet.thickness(), piece.price());
            default -> new Line(Sort.PIECE, piece.name() + " of " + material, 1, piece.price());
        };
    }

    private static String across(Section section, UnitSystem units) {
        String wide = Quantity.LENGTH.bare(section.depth(), units);
        return switch (section) {
            case Section.Rectangle r -> wide + " × " + Quantity.LENGTH.show(r.breadth(), units);
            case Section.RoundTube t -> "tube Ø " + wide + " × " + Quantity.LENGTH.show(t.wall(), units);
            case Section.SquareTube t ->
                "square tube " + wide + " × " + Quantity.LENGTH.show(t.wall(), units);
            case Section.SlottedTube t -> "rail " + wide + " × " + Quantity.LENGTH.show(t.wall(), units);
        };
    }

    /** Price of all of it, in the tables' money. */
    public double price() {
        return lines.stream().mapToDouble(Line::price).sum();
    }

    /** What is to be paid for what is not there yet, in the maker's money, tax and all. */
    public double toPay(Purse purse) {
        return purse.here(lines.stream().mapToDouble(line -> line.toPay(purse)).sum());
    }
}
