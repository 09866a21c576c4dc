package firmperch.desk.widget;

import java.util.List;
import java.util.function.IntConsumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** A label and one of several to choose, told by its number. */
public final class LabelledChoice extends HBox {
    private static final double WIDEST = 226;

    private final ComboBox<String> choice = new ComboBox<>();
    private boolean showing;

    /**
     * One with nothing to choose yet.
     *
     * @param id by which it is found
     * @param words before it
     * @param accessible the same where it is read out
     * @param chosen is told the number of what a hand has chosen
     */
    public LabelledChoice(String id, String words, String accessible, IntConsumer chosen) {
        super(6);
        choice.setId(id);
        choice.setAccessibleText(accessible);
        choice.getStyleClass().add("choice");
        choice.setMaxWidth(WIDEST);
        choice.valueProperty().addListener((o, was, is) -> {
            if (!showing && is != null) {
                chosen.accept(choice.getItems().indexOf(is));
            }
        });
        Label label = new Label(words);
        label.setLabelFor(choice);
        label.getStyleClass().add("field-label");
        label.setMinWidth(USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.SOMETIMES);
        HBox.setHgrow(choice, Priority.ALWAYS);
        getStyleClass().add("field-line");
        getChildren().addAll(label, gap, choice);
    }

    /** Shows what there is to choose and what is chosen. */
    public void show(List<String> names, int number) {
        showing = true;
        if (!choice.getItems().equals(names)) {
            choice.getItems().setAll(names);
        }
        choice.getSelectionModel().select(number);
        showing = false;
    }
}
