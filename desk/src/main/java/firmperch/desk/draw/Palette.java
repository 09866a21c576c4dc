package firmperch.desk.draw;

import firmperch.draw.Ink;
import java.util.EnumMap;
import java.util.Map;
import javafx.scene.paint.Color;

/** The drawing's colours on the screen, light and dark; everything else takes its colours from the style sheet. */
public enum Palette {
    LIGHT(true), DARK(false);

    private final boolean light;
    // Mixed once: a drawing asks for them hundreds of times a frame.
    private final Map<Ink, Color> fills = new EnumMap<>(Ink.class);
    private final Map<Ink, Color> strokes = new EnumMap<>(Ink.class);
    private final Color ground;
    private final Color text;

    Palette(boolean light) {
        this.light = light;
        ground = pick("#ffffff", "#171c1f");
        text = pick("#222b30", "#e6e9ea");
        for (Ink ink : Ink.values()) {
            fills.put(ink, mixFill(ink));
            strokes.put(ink, mixStroke(ink));
        }
    }

    private Color pick(String inLight, String inDark) {
        return Color.web(light ? inLight : inDark);
    }

    /** Behind the drawing. */
    Color ground() {
        return ground;
    }

    /** Words and dimensions. */
    Color text() {
        return text;
    }

    /** What an area or disc is filled with; transparent if it is only outlined. */
    Color fill(Ink ink) {
        return fills.get(ink);
    }

    /** What lines and outlines are drawn with. */
    Color stroke(Ink ink) {
        return strokes.get(ink);
    }

    private Color mixFill(Ink ink) {
        return switch (ink) {
            case STICK -> pick("#dcb67c", "#a97f45");
            case PLATE -> pick("#ecd3a6", "#8f7345");
            case CONCRETE -> pick("#cfd3d3", "#5b6264");
            case POST -> pick("#a9bac2", "#78909c");
            case BENCH -> pick("#f1e5d4", "#332c23");
            case WORK -> pick("#cdbba6", "#5d5043");
            case ROOM -> pick("#4b555b", "#7d888e");
            case WHEEL, DARK -> pick("#263238", "#cfd8dc");
            case HOLE -> pick("#3c474d", "#0f1416");
            case SIGHT -> pick("#0b6e8822", "#4fc3dc26");
            case WALKWAY -> pick("#2e7d5714", "#66bb6a1c");
            case FLOOR -> pick("#d9d6cf", "#22282b");
            case HAND -> pick("#e2b391", "#b98763");
            case PERSON -> pick("#c9d3d8", "#4a565c");
            case THING -> pick("#ecebe6", "#2f3639");
            case JOIST -> pick("#f3ecdf", "#272420");
            case GEAR -> pick("#46555dee", "#b9c4c9ee");
            case SHADOW -> pick("#20282c24", "#00000055");
            case REACHED -> pick("#0b6e8826", "#4fc3dc2e");
            case LEAN_GOOD -> pick("#8ab79f", "#3f7f63");
            case LEAN_SHORT -> pick("#dd9a6c", "#a8602f");
            default -> Color.TRANSPARENT;
        };
    }

    private Color mixStroke(Ink ink) {
        return switch (ink) {
            case GRID -> pick("#e6e7e3", "#2a3135");
            case STICK, PLATE, BENCH -> pick("#8a6a36", "#c7a566");
            case WORK -> pick("#7c6852", "#a08c78");
            case FLOOR, HAND, PERSON, SHADOW, REACHED -> Color.TRANSPARENT;
            case GEAR -> pick("#e8eef0", "#1c2529");
            case THING, OVERHEAD -> pick("#7f8a8f", "#8b969b");
            case JOIST -> pick("#dccfb8", "#4b4335");
            case SIGHT, SIGHT_EDGE, WANTED, CHOSEN, EXTENT -> pick("#0b5f78", "#6fd0e6");
            case GHOST -> pick("#94500a", "#e6a45c");
            case HINT, OTHER -> pick("#5f6a70", "#a7b1b6");
            case LEAN_GOOD, SUPPORT -> pick("#1f6b47", "#7fd1a8");
            case LEAN_SHORT -> pick("#94420a", "#f0a070");
            case SWING -> pick("#9aa5aa", "#58646a");
            case WALKWAY -> Color.TRANSPARENT;
            default -> pick("#333d42", "#d5dadc");
        };
    }
}
