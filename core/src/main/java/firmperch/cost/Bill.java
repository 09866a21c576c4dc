package firmperch.cost;

import firmperch.body.Assembly;
import firmperch.body.Piece;
import firmperch.units.UnitSystem;

/**
 * What a rig costs and weighs.
 *
 * @param price of all that is bought, what is used up or kept beside it too; rough, in the tables' money before tax
 * @param mass of the rig without the gear, kg: not of what is used up or kept beside it
 */
public record Bill(double price, double mass) {
    /** The bill of an assembly: the sum of its shopping list. */
    public static Bill of(Assembly assembly, UnitSystem units) {
        double mass = 0;
        for (Piece piece : assembly.pieces()) {
            mass += piece.station().equals(assembly.payload()) ? 0 : piece.own().mass();
        }
        return new Bill(Shopping.of(assembly, units).price(), mass);
    }
}
