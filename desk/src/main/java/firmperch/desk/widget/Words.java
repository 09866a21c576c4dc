package firmperch.desk.widget;

import javafx.scene.control.Label;

/** Labels of the desk, by what their words are. */
public final class Words {
    private Words() {
    }

    /** A heading within a panel. */
    public static Label heading(String text) {
        return of("section", text);
    }

    /** Running text in which no line ends between a number and its unit. */
    public static String unbroken(String text) {
        return text.replaceAll("(?<=\\d) (?=[\\p{L}°%])", "\u00a0");
    }

    /** Words that wrap, in the style of that class. */
    public static Label of(String style, String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.getStyleClass().add(style);
        return label;
    }
}
