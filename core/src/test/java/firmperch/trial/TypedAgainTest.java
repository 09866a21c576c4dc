package firmperch.trial;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Values shown and typed again, of every quantity in both systems of units. */
class TypedAgainTest {
    @Test
    void nothingChanges() {
        Random random = new Random(5);
        int times = Trial.times("typed", 40_000, 1_000_000);
        int changed = 0;
        String first = "";
        for (int i = 0; i < times; i++) {
            Quantity quantity = Quantity.values()[random.nextInt(Quantity.values().length)];
            UnitSystem system = UnitSystem.values()[random.nextInt(2)];
            double size = quantity.size(system);
            double value = random.nextInt(4) == 0
                    ? Math.rint(Math.pow(10, random.nextDouble() * 5) * 16) / 16 * size
                            + random.nextGaussian() * 1e-4 * size
                    : Math.pow(10, random.nextDouble() * 9 - 5) * (random.nextInt(6) == 0 ? -1 : 1) * size;
            String shown = quantity.show(value, system);
            String again = quantity.show(quantity.parse("Value", shown, system), system);
            if (!again.equals(shown)) {
                changed++;
                first = first.isEmpty() ? quantity + " " + value + ": " + shown + ", then " + again : first;
            }
        }
        assertThat(changed).as(first).isZero();
    }
}
