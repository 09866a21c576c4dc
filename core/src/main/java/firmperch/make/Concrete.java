package firmperch.make;

import firmperch.stock.PremixBag;
import firmperch.search.BallastSizing;

/**
 * The concrete as drawn.
 *
 * @param mass kg
 * @param volume m³
 * @param bag the mix it is bought as
 * @param bags whole bags to buy
 * @param water for those bags, m³
 */
public record Concrete(double mass, double volume, PremixBag bag, int bags, double water) {
    static Concrete of(double mass, double density, PremixBag bag) {
        double volume = mass / density;
        int bags = BallastSizing.bags(volume, bag);
        return new Concrete(mass, volume, bag, bags, bags * bag.water());
    }
}
