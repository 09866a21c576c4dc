package firmperch.search;

import firmperch.body.Assembly;
import firmperch.body.Piece;
import firmperch.body.Purchase;
import firmperch.body.Supply;
import firmperch.stock.PremixBag;

/**
 * What a rig costs and weighs, added up from its pieces and purchases.
 *
 * @param price of all that is made or bought, what is used up or kept beside it too; rough, units of money
 * @param mass of the rig without the gear, kg: not of what is used up or kept beside it
 */
public record Bill(double price, double mass) {
    /** The bill of an assembly; concrete by bags and parts of bags. */
    public static Bill of(Assembly assembly) {
        double price = 0;
        double mass = 0;
        PremixBag bag = PremixBag.ALL.rows().getFirst();
        for (Piece piece : assembly.pieces()) {
            boolean gear = piece.station().equals(assembly.payload());
            mass += gear ? 0 : piece.own().mass();
            price += piece.supply() instanceof Supply.Poured
                    ? piece.solid().massAt(1).mass() / bag.yield() * bag.price()
                    : piece.price();
        }
        for (Purchase purchase : assembly.making().purchases()) {
            price += purchase.count() * purchase.price();
        }
        return new Bill(price, mass);
    }
}
