package firmperch.part.upright;

import static firmperch.units.Quantity.LENGTH;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.Require;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A row of cross holes in a post. Lengths in m.
 *
 * @param first foot to the lowest hole
 * @param pitch hole to hole
 * @param count how many
 * @param pin diameter of the pin
 */
public record PinRow(double first, double pitch, int count, double pin) implements Described {
    public static final Params<PinRow> PARAMS = Params.of(PinRow.class)
            .length("first", "Foot to the lowest hole", 0.02, 4)
            .varied(0.05).length("pitch", "Hole to hole on the post", 0.02, 1).whole("count", "Pin holes", 1, 60)
            .varied()
            .length("pin", "Pin", 0.004, 0.02).varied(0.002).done();

    public PinRow {
        PARAMS.check(first, pitch, count, pin);
        Require.that(pitch > 2 * pin, "Hole to hole on the post", pitch, LENGTH, "more than two pins");
    }

    @Override
    public Params<PinRow> params() {
        return PARAMS;
    }

    /** Height of a hole above the post's foot, m; holes count from 0 at the bottom. */
    public double height(int index) {
        return first + index * pitch;
    }

    /** Height of every hole, the lowest first, m. */
    public List<Double> heights() {
        return IntStream.range(0, count).mapToObj(this::height).toList();
    }
}
