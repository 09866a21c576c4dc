package firmperch.shot;

import java.util.List;

/** What is often filmed, and with what: to start from. Sheets are ISO 216; cameras and lenses are typical, common practice, no source. */
public final class Usual {
    /**
     * Something to have in the picture.
     *
     * @param width its long side, m
     * @param depth its short side, m
     */
    public record Area(String label, double width, double depth) {}

    /** A camera with a lens on it. */
    public record Kit(String label, Camera camera, Lens lens) {}

    /** Areas, the largest first. */
    public static final List<Area> AREAS = List.of(area("a whole bench, 900 × 500", 900, 500),
            area("an A2 sheet, 594 × 420", 594, 420), area("a cutting mat, 450 × 300", 450, 300),
            area("an A3 sheet, 420 × 297", 420, 297), area("two hands at work, 300 × 200", 300, 200),
            area("an A4 sheet, 297 × 210", 297, 210), area("a close-up, 150 × 85", 150, 85),
            area("fine work, 80 × 45", 80, 45));

    /** Cameras with a lens: yours may differ, so look at what is engraved on it. */
    public static final List<Kit> KITS = List.of(
            kit("a phone, main camera", "phone", 0.026, 0.15, 0.01, 0.012),
            kit("a phone, wide camera", "phone-small", 0.014, 0.03, 0.01, 0.012),
            kit("a small camera, 24 mm", "aps-c", 0.024, 0.25, 0.11, 0.03),
            kit("a small camera, 35 mm", "aps-c", 0.035, 0.3, 0.1, 0.03),
            kit("a small camera, 60 mm for close-ups", "aps-c", 0.06, 0.19, 0.13, 0.03),
            kit("a four thirds camera, 25 mm", "four-thirds", 0.025, 0.25, 0.09, 0.03),
            kit("a full frame camera, 35 mm", "full-frame", 0.035, 0.3, 0.13, 0.035),
            kit("a full frame camera, 50 mm", "full-frame", 0.05, 0.45, 0.12, 0.035));

    private Usual() {
    }

    private static Area area(String label, double width, double depth) {
        return new Area(label, width / 1000, depth / 1000);
    }

    private static Kit kit(String label, String format, double focalLength, double nearest, double length,
            double below) {
        String name = Math.round(focalLength * 1000) + " mm";
        return new Kit(label, new Camera(SensorFormat.ALL.get(format), new Pixels(3840, 2160), below),
                new Lens(name, focalLength, 0, nearest, length));
    }
}
