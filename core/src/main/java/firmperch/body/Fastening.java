package firmperch.body;

import firmperch.stock.Bolt;
import firmperch.stock.Material;

/**
 * What joins a bar for good to what holds it.
 *
 * @param id such as "post.foot"
 * @param bar what is held
 * @param into the body that holds it, by its stiff part
 * @param from where along the bar it begins to be held, m
 * @param to where along the bar it comes free, m
 */
public record Fastening(String id, String name, Station station, Piece bar, Body into, double from, double to,
        Grip grip) {
    /** How it is held. */
    public sealed interface Grip {
        /** Stands in something that bears on it all round: concrete, a mortise. */
        record Cast(Material around) implements Grip {}

        /**
         * Bolted through a board at its end.
         *
         * @param bolts how many, spread around it
         * @param circle diameter of the ring that they sit on, m
         * @param into what their washers press on and their shanks bear in
         * @param thickness of that, m
         */
        record Bolted(Bolt bolt, int bolts, double circle, Material into, double thickness) implements Grip {}

        /** In a fitting made for it, as a tripod's leg in its hub: its maker answers for that. */
        record Fitted() implements Grip {}

        /**
         * Stands on a floor with nothing around it, held by screws.
         *
         * @param screws how many, spread around it
         * @param circle diameter of the ring that they sit on, m
         * @param diameter of a screw, m
         * @param depth that its thread has in the floor, m
         * @param floor what they are screwed into
         */
        record Screws(int screws, double circle, double diameter, double depth, Material floor) implements Grip {}
    }
}
