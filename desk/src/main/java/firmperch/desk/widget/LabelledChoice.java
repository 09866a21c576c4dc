package firmperch.desk.widget;

import java.util.List;
import java.util.function.IntConsumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;

/** A label and one of several to choose, told by its number. */
public final class LabelledChoice extends CachedVBox {
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
        choice.setId(id);
        choice.setAccessibleText(accessible);
        choice.getStyleClass().add("choice");
        choice.setMaxWidth(Double.MAX_VALUE);
        choice.valueProperty().addListener((o, was, is) -> {
            if (!showing && is != null) {
                chosen.accept(choice.getItems().indexOf(is));
            }
        });
        getChildren().add(new FieldLine(new Label(words), choice));
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
