package firmperch.rig;

import static firmperch.units.Quantity.LENGTH;
import static firmperch.units.Require.between;

import firmperch.stock.PostStock;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;

/**
 * A tube cast into the box, with a row of cross holes; the carriage rests on a pin through one of them. Lengths in m.
 *
 * @param stock id of a {@link PostStock}
 * @param length from the box floor to the top
 * @param firstHole foot to the lowest hole
 * @param pitch hole to hole
 * @param holes how many
 * @param pin diameter of the pin
 * @param anchors cross-bars through the foot, so that it cannot turn in the concrete
 */
public record PinnedPost(String stock, double length, double firstHole, double pitch, int holes, double pin,
        int anchors) implements Upright {
    public PinnedPost {
        PostStock row = PostStock.ALL.get(stock);
        between("Length of the post", length, 0.2, 4, LENGTH);
        between("Foot to the lowest hole", firstHole, 0.02, 4, LENGTH);
        between("Hole to hole on the post", pitch, 0.02, 1, LENGTH);
        between("Pin holes", holes, 1, 60);
        between("Pin", pin, 0.004, 0.02, LENGTH);
        between("Cross-bars in the foot", anchors, 0, 6);
        Require.that(pin < row.section().depth() / 2, "Pin", pin, LENGTH,
                "less than half the post, " + LENGTH.show(row.section().depth() / 2, UnitSystem.METRIC));
        Require.that(pitch > 2 * pin, "Hole to hole on the post", pitch, LENGTH, "more than two pins");
        Require.that(holeHeight(firstHole, pitch, holes - 1) <= length - 2 * pin, "Pin holes", holes,
                Quantity.COUNT, "so few that the highest hole, at "
                        + LENGTH.show(holeHeight(firstHole, pitch, holes - 1), UnitSystem.METRIC)
                        + ", lies in the post of " + LENGTH.show(length, UnitSystem.METRIC));
    }

    private static double holeHeight(double first, double pitch, int index) {
        return first + index * pitch;
    }

    /** Height of a hole above the post's foot, m; holes count from 0 at the bottom. */
    public double holeHeight(int index) {
        return holeHeight(firstHole, pitch, index);
    }

    public PostStock postStock() {
        return PostStock.ALL.get(stock);
    }

    /** Mass of the whole post, kg. */
    public double mass() {
        return length * postStock().section().lineMass(postStock().material());
    }
}
