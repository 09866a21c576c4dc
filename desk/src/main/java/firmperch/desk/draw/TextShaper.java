package firmperch.desk.draw;

import com.sun.javafx.text.GlyphLayoutManager;

/**
 * Keeps the window's thread and the painting thread apart while they lay out text.
 * <p>
 * The toolkit has one shaper of text that is handed from one to the other. JavaFX 26.0.1 hands it on before it has freed what the
 * first had it hold: where one thread shapes words of a script that needs it (a combining sign will do) while the other lays out the
 * words of a canvas, the memory is freed twice, and the whole program falls. Once the shared one is lent out for good, each thread
 * has one of its own.
 */
public final class TextShaper {
    private static boolean lent;

    private TextShaper() {
    }

    /** Lends the shared one out for good; before any text is laid out. */
    public static synchronized void lendOut() {
        if (!lent) {
            lent = true;
            // Never given back.
            GlyphLayoutManager.getInstance();
        }
    }
}
