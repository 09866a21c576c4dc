package firmperch.rig;

import static firmperch.units.Require.between;

import firmperch.units.Quantity;
import firmperch.units.Require;
import java.util.List;

/**
 * Everything that hangs on the head.
 *
 * @param items at most 50 of them
 * @param spare mass that may come on later, kg
 */
public record Gear(List<GearItem> items, double spare) {
    public Gear {
        items = List.copyOf(items);
        Require.that(items.size() <= 50, "Gear", items.size(), Quantity.COUNT, "at most 50 items");
        between("Spare capacity", spare, 0, 50, Quantity.MASS);
    }

    /** Mass of everything listed, kg. */
    public double mass() {
        return items.stream().mapToDouble(GearItem::mass).sum();
    }
}
