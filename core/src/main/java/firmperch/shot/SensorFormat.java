package firmperch.shot;

import firmperch.stock.Catalogue;
import java.util.List;

/**
 * A sensor format.
 *
 * @param width of the whole sensor, m
 * @param height of the whole sensor, m
 */
public record SensorFormat(String id, String label, double width, double height, String source)
        implements
            Catalogue.Row {
    private static final String SOURCE = "usual dimensions of the format, common practice, no source";

    /** Every format known; a new one is a new row. */
    public static final Catalogue<SensorFormat> ALL = new Catalogue<>("sensor format",
            List.of(new SensorFormat("full-frame", "full frame 36 × 24", 0.036, 0.024, SOURCE),
                    new SensorFormat("aps-c", "APS-C 23.5 × 15.6", 0.0235, 0.0156, SOURCE),
                    new SensorFormat("four-thirds", "four thirds 17.3 × 13", 0.0173, 0.013, SOURCE),
                    new SensorFormat("one-inch", "1 inch 13.2 × 8.8", 0.0132, 0.0088, SOURCE),
                    new SensorFormat("phone", "phone, by its equivalent focal length", 0.034616, 0.025962,
                            "4:3 with the 43.27 mm diagonal of 36 × 24 that equivalent focal lengths refer to (CIPA DCG-001), from memory")));
}
