package firmperch.desk.widget;

import firmperch.check.Verdict;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.paint.Color;

/** Colours a node by a verdict through its style classes, and leaves them alone while the verdict stays. */
public final class VerdictStyle {
    private static final List<String> WORDS = List.of(Verdict.HOLDS.word(), Verdict.NEAR.word(), Verdict.GIVES.word());

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

    /** Gives a node the style class of that verdict's word, and of none other; null takes them all away. */
    public static void set(Node node, Verdict verdict) {
        String word = verdict == null ? null : verdict.word();
        if (word != null && node.getStyleClass().contains(word)) {
            return;
        }
        node.getStyleClass().removeAll(WORDS);
        if (word != null) {
            node.getStyleClass().add(word);
        }
    }
}
