package firmperch.log;

import firmperch.units.UnitSystem;

/**
 * A measured value beside the predicted one.
 *
 * @param predicted SI; NaN if nothing can be predicted in that pose
 */
public record Comparison(Measurement measured, double predicted) {
    /** Below this share of the prediction a difference is put down to measuring: common practice, no source. */
    private static final double MEASURING = 0.10;

    /** Measured over predicted, less one; NaN where nothing was predicted. */
    public double difference() {
        return measured.value() / predicted - 1;
    }

    /** The difference as a person would say it, and what it means. */
    public String inWords(UnitSystem system) {
        if (Double.isNaN(predicted) || predicted <= 0) {
            return "Nothing is predicted for the pose it was measured in.";
        }
        double off = difference();
        String size = Math.round(Math.abs(off) * 100) + " %";
        String apart = measured.kind().quantity().show(Math.abs(measured.value() - predicted), system);
        if (Math.abs(off) <= MEASURING) {
            return "Agrees with the prediction within " + Math.max(1, Math.round(Math.abs(off) * 100))
                    + " %: about as well as a hand can measure it.";
        }
        return switch (measured.kind()) {
            case PUSH, LEAN -> off < 0
                    ? size + " (" + apart + ") less than predicted: it tips sooner than the figures say. "
                            + "Weigh the ballast and measure the wheels' spread, then correct them here."
                    : size + " (" + apart + ") more than predicted: it stands better than the figures say.";
            case SAG -> off > 0
                    ? size + " (" + apart + ") more than predicted: a joint gives or the wood is softer. "
                            + "Tighten the pivots, look at the carriage's fit, and measure again."
                    : size + " (" + apart + ") less than predicted: it is stiffer than the figures say.";
        };
    }
}
