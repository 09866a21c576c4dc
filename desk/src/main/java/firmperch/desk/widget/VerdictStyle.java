package firmperch.desk.widget;

import firmperch.check.Verdict;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.paint.Color;

/** Colours a node by a verdict, through a pseudo-class. */
public final class VerdictStyle {
    private VerdictStyle() {
    }

    /** The verdict's colour, for use without a style sheet. */
    public static Color light(Verdict verdict) {
        return switch (verdict) {
            case HOLDS -> Color.web("#1f6b47");
            case NEAR -> Color.web("#8f4a05");
            case GIVES -> Color.web("#a32318");
        };
    }

    /**
     * Sets the pseudo-class of a verdict and clears the others; null clears all. A pseudo-class rather than a style
     * class, because changing style classes makes the toolkit match every rule again.
     */
    public static void set(Node node, Verdict verdict) {
        for (Verdict each : Verdict.values()) {
            node.pseudoClassStateChanged(PseudoClass.getPseudoClass(each.word()), each == verdict);
        }
    }
}
