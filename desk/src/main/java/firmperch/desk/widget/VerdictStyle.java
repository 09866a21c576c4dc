package firmperch.desk.widget;

import firmperch.check.Verdict;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.paint.Color;

/** Colours a node by a verdict through its state. */
public final class VerdictStyle {
    private VerdictStyle() {
    }

    /** The verdict's colour where no style sheet is there to give it. */
    public static Color light(Verdict verdict) {
        return switch (verdict) {
            case HOLDS -> Color.web("#1f6b47");
            case NEAR -> Color.web("#8f4a05");
            case GIVES -> Color.web("#a32318");
        };
    }

    /**
     * Puts a node into the state of that verdict's word, and of none other; null takes it out of them all. A state, not a style class:
     * for another class all the rules would be weighed anew.
     */
    public static void set(Node node, Verdict verdict) {
        for (Verdict each : Verdict.values()) {
            node.pseudoClassStateChanged(PseudoClass.getPseudoClass(each.word()), each == verdict);
        }
    }
}
