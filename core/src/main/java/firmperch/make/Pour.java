package firmperch.make;

import firmperch.body.Assembly;
import firmperch.body.Piece;
import firmperch.body.Supply;
import firmperch.stock.PremixBag;
import firmperch.units.UnitSystem;
import java.util.List;

/**
 * Something to be poured, as drawn.
 *
 * @param mass kg
 * @param volume m³
 * @param bag the mix it is bought as
 * @param bags whole bags to buy
 * @param water for those bags, m³
 */
public record Pour(String name, double mass, double volume, PremixBag bag, int bags, double water) {
    /** What is to be poured of an assembly, in bags as they are sold where those units are used. */
    public static List<Pour> of(Assembly assembly, UnitSystem units) {
        PremixBag bag = PremixBag.ALL.get(units == UnitSystem.IMPERIAL ? "bag-80lb" : "bag-25kg");
        return assembly.pieces().stream().filter(p -> p.supply() instanceof Supply.Poured).map(p -> of(p, bag))
                .toList();
    }

    private static Pour of(Piece piece, PremixBag bag) {
        double volume = piece.solid().massAt(1).mass();
        int bags = bag.whole(volume);
        return new Pour(piece.name(), piece.own().mass(), volume, bag, bags, bags * bag.water());
    }
}
