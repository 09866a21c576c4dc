package firmperch.shot;

import firmperch.stock.Catalogue;
import java.util.List;

/**
 * A sensor format.
 *
 * @param width of the whole sensor, m
 * @param height of the whole sensor, m
 * @param equivalent true if focal lengths are told as what would see as much on 36 × 24, as for phones
 */
public record SensorFormat(String id, String label, double width, double height, boolean equivalent, String source)
        implements
            Catalogue.Row {
    /** The diagonal that equivalent focal lengths refer to, m. */
    private static final double FULL = Math.hypot(0.036, 0.024);
    private static final String SOURCE = "usual dimensions of the format, common practice, no source";

    /** Every format known; a new one is a new row. */
    public static final Catalogue<SensorFormat> ALL = new Catalogue<>("sensor format",
            List.of(camera("full-frame", "full frame 36 × 24", 0.036, 0.024),
                    camera("aps-c", "APS-C 23.5 × 15.6", 0.0235, 0.0156),
                    camera("four-thirds", "four thirds 17.3 × 13", 0.0173, 0.013),
                    camera("one-inch", "1 inch 13.2 × 8.8", 0.0132, 0.0088),
                    phone("phone", "phone, middling sensor 7.0 × 5.3", 0.0070, 0.00525),
                    phone("phone-small", "phone, small sensor 5.6 × 4.2", 0.0056, 0.0042),
                    phone("phone-large", "phone, large sensor 9.8 × 7.3", 0.0098, 0.00735)));

    private static SensorFormat camera(String id, String label, double width, double height) {
        return new SensorFormat(id, label, width, height, false, SOURCE);
    }

    private static SensorFormat phone(String id, String label, double width, double height) {
        return new SensorFormat(id, label + ", by its equivalent focal length", width, height, true, SOURCE);
    }

    /**
     * The lens's own focal length, m: of a phone its equivalent times its sensor's diagonal over that of 36 × 24 (CIPA DCG-001, from
     * memory).
     *
     * @param told as it is told for this format, m
     */
    public double focalLength(double told) {
        return equivalent ? told * Math.hypot(width, height) / FULL : told;
    }
}
