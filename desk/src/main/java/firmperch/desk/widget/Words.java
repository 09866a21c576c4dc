package firmperch.desk.widget;

import javafx.scene.control.Label;

/** Labels by the role of their text. */
public final class Words {
    private Words() {
    }

    /** A heading within a panel. */
    public static Label heading(String text) {
        return of("section", text);
    }

    /** Text in which no line breaks between a number and its unit, nor within a number of inches. */
    public static String unbroken(String text) {
        return text.replaceAll("(?<=\\d) (?=[\\p{L}°%]|\\d+/\\d)", "\u00a0");
    }

    /** Wrapping text in a style class. */
    public static Label of(String style, String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.getStyleClass().add(style);
        return label;
    }
}
