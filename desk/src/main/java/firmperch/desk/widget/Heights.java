package firmperch.desk.widget;

import java.util.HashMap;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;

/**
 * How high a box wants to be, by its width, until something in it changes. Words that wrap are measured line by line; without
 * this each box would ask for it several times, and each box around it several times again.
 */
final class Heights {
    private final Map<Double, Double> known = new HashMap<>();

    /** The height for a width, worked out if it is not known. */
    double at(double width, DoubleUnaryOperator compute) {
        Double height = known.get(width);
        if (height == null) {
            height = compute.applyAsDouble(width);
            known.put(width, height);
        }
        return height;
    }

    /** Something has changed. */
    void forget() {
        known.clear();
    }
}
