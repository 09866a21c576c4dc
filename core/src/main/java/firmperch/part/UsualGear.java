package firmperch.part;

import firmperch.part.GearFacts.Held;
import firmperch.shot.Usual;
import java.util.List;
import java.util.stream.Stream;

/**
 * Common things that hang on a head, to begin with. Masses and sizes are typical of their sort (common practice, no source), nobody's in particular: each
 * counts as guessed until its owner has weighed it.
 */
public final class UsualGear {
    /**
     * One of them.
     *
     * @param group it is found under
     * @param item as it is put on: where such a thing mostly sits
     */
    public record Row(String group, GearItem item) {}

    private static final String BODIES = "Cameras and phones";
    private static final String LENSES = "Lenses";
    private static final String POWER = "Power";
    private static final String SCREENS = "Screens";
    private static final String SOUND = "Sound";
    private static final String LIGHT = "Light";
    private static final String HOLDING = "Plates and cages";
    private static final String ARMS = "Arms and bars";
    private static final String CABLES = "Cables";

    /** All of them; a new one is a new line. Lenses have no size here: the room they take is that of the lens that is filmed through. Grams, millimetres (along, across, high; forward, left, up), watts. */
    public static final List<Row> ALL = List.of(
            row(BODIES, "Phone", 190, 75, 150, 8, 0, 0, -10, Held.CAMERA, 0),
            row(BODIES, "Large phone", 235, 80, 165, 9, 0, 0, -10, Held.CAMERA, 0),
            row(BODIES, "Action camera", 155, 45, 70, 50, 0, 0, -30, Held.CAMERA, 5),
            row(BODIES, "Pocket camera", 300, 60, 105, 45, 0, 0, -30, Held.CAMERA, 4),
            row(BODIES, "Small body without mirror", 380, 60, 115, 65, 0, 0, -40, Held.CAMERA, 5),
            row(BODIES, "Body without mirror", 510, 80, 130, 70, 0, 0, -40, Held.CAMERA, 6),
            row(BODIES, "Full-frame body without mirror", 680, 80, 135, 95, 0, 0, -50, Held.CAMERA, 8),
            row(BODIES, "Body with mirror", 780, 75, 145, 105, 0, 0, -55, Held.CAMERA, 5),
            row(BODIES, "Film camera, box shape", 1050, 110, 120, 110, 0, 0, -60, Held.CAMERA, 18),
            row(BODIES, "Camcorder", 400, 130, 70, 70, 0, 0, -40, Held.CAMERA, 6),
            row(BODIES, "Webcam", 110, 40, 90, 40, 0, 0, -25, Held.CAMERA, 2),
            row(LENSES, "Flat lens", 130, 0, 0, 0, 0, 0, -85, Held.CAMERA, 0),
            row(LENSES, "24 mm lens", 240, 0, 0, 0, 0, 0, -100, Held.CAMERA, 0),
            row(LENSES, "50 mm lens", 200, 0, 0, 0, 0, 0, -100, Held.CAMERA, 0),
            row(LENSES, "Macro lens 60 mm", 430, 0, 0, 0, 0, 0, -115, Held.CAMERA, 0),
            row(LENSES, "Macro lens 100 mm", 640, 0, 0, 0, 0, 0, -135, Held.CAMERA, 0),
            row(LENSES, "Kit zoom", 210, 0, 0, 0, 0, 0, -105, Held.CAMERA, 0),
            row(LENSES, "Bright zoom 24 to 70 mm", 880, 0, 0, 0, 0, 0, -135, Held.CAMERA, 0),
            row(LENSES, "Lens hood", 30, 75, 75, 40, 0, 0, -120, Held.CAMERA, 0),
            row(LENSES, "Close-up filter", 45, 60, 60, 10, 0, 0, -130, Held.CAMERA, 0),
            row(POWER, "Spare battery in the body", 80, 40, 55, 20, -20, 20, -40, Held.CAMERA, 0),
            row(POWER, "Mains adapter in the battery's place", 90, 50, 40, 20, 20, -30, -30, Held.CAMERA, 0),
            row(POWER, "Battery grip", 350, 75, 130, 60, 0, 0, -60, Held.CAMERA, 0),
            row(POWER, "Power bank 10 Ah", 230, 70, 145, 16, -60, 0, 10, Held.RIG, 0),
            row(POWER, "Flat film battery", 600, 55, 90, 110, -70, 0, 0, Held.ARM, 0),
            row(SCREENS, "Monitor 5 inches on an arm", 360, 30, 150, 100, -60, 110, 50, Held.ARM, 9),
            row(SCREENS, "Monitor 7 inches on an arm", 620, 35, 190, 125, -60, 150, 60, Held.ARM, 14),
            row(SCREENS, "Recorder with screen", 780, 45, 190, 125, -60, 150, 60, Held.ARM, 25),
            row(SCREENS, "Wireless sender for pictures", 190, 30, 80, 110, -50, -70, 20, Held.SHOE, 8),
            row(SOUND, "Small microphone in the shoe", 60, 90, 30, 30, 40, 0, 10, Held.SHOE, 0),
            row(SOUND, "Shotgun microphone", 140, 250, 25, 25, 60, 60, 0, Held.ARM, 0),
            row(SOUND, "Radio receiver", 45, 45, 45, 25, -30, -40, 10, Held.SHOE, 1),
            row(SOUND, "Sound recorder", 280, 80, 130, 40, -60, -80, 10, Held.ARM, 3),
            row(LIGHT, "Ring lamp around the lens", 200, 160, 160, 20, 0, 0, -125, Held.ARM, 10),
            row(LIGHT, "Small lamp on an arm", 180, 40, 110, 75, 60, -90, -60, Held.ARM, 8),
            row(LIGHT, "Lamp panel", 520, 40, 250, 190, 80, -160, -40, Held.ARM, 30),
            row(LIGHT, "Flash", 420, 105, 78, 145, 0, 0, 30, Held.SHOE, 0),
            row(HOLDING, "Quick plate", 80, 50, 50, 10, 0, 0, -5, Held.BETWEEN, 0),
            row(HOLDING, "Long quick plate", 140, 50, 120, 12, 0, 0, -6, Held.BETWEEN, 0),
            row(HOLDING, "Spacer board 18 mm", 50, 40, 60, 18, 0, 0, -9, Held.BETWEEN, 0),
            row(HOLDING, "Washer", 10, 30, 30, 2, 0, 0, -1, Held.BETWEEN, 0),
            row(HOLDING, "Phone clamp", 90, 40, 85, 60, 0, 0, -20, Held.BETWEEN, 0),
            row(HOLDING, "Half cage", 210, 60, 140, 90, 0, 0, -45, Held.CAMERA, 0),
            row(HOLDING, "Full cage with handle", 430, 70, 150, 130, 0, 0, -45, Held.CAMERA, 0),
            row(HOLDING, "L bracket", 160, 45, 140, 100, 0, 20, -50, Held.CAMERA, 0),
            row(ARMS, "Side arm 180 mm", 150, 25, 180, 25, 0, 100, 20, Held.ARM, 0),
            row(ARMS, "Double ball arm", 210, 40, 200, 40, 0, 110, 20, Held.ARM, 0),
            row(ARMS, "Offset bar 300 mm", 260, 30, 300, 12, 0, 0, -6, Held.BETWEEN, 0),
            films(row(ARMS, "Second phone on an offset bar", 420, 80, 165, 40, 0, -200, -20, Held.ARM, 0), 0),
            films(row(ARMS, "Second camera on an offset bar", 870, 80, 130, 95, 0, -220, -50, Held.ARM, 5), 3),
            row(CABLES, "Cable along the arm, camera's half", 120, 0, 0, 0, -50, 0, 20, Held.CAMERA, 0),
            row(CABLES, "Picture cable 2 m, camera's half", 70, 0, 0, 0, -50, 30, 0, Held.CAMERA, 0),
            row(CABLES, "Mains lead, camera's half", 90, 0, 0, 0, -50, -30, 0, Held.CAMERA, 0),
            row(CABLES, "Remote release", 40, 0, 0, 0, -40, 20, 0, Held.CAMERA, 0));

    /** The first of all: what films in place of a camera. */
    static final GearItem PHONE = ALL.getFirst().item();

    private UsualGear() {
    }

    private static Row row(String group, String name, double grams, double along, double across, double high,
            double forward, double left, double up, Held held, double watts) {
        boolean screen = group.equals(SCREENS) && name.contains("screen") || name.startsWith("Monitor");
        return new Row(group, new GearItem(name, grams / 1e3, forward / 1e3, left / 1e3, up / 1e3,
                new GearItem.Size(along / 1e3, across / 1e3, high / 1e3), new GearFacts(held, false, screen, watts)));
    }

    /** One that films as a usual camera does. */
    private static Row films(Row row, int kit) {
        return new Row(row.group, row.item.filming(List.of(Filming.of(Usual.KITS.get(kit)))));
    }

    /** Its groups, in their order. */
    public static Stream<String> groups() {
        return ALL.stream().map(Row::group).distinct();
    }
}
