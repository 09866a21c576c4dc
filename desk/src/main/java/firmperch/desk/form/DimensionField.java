package firmperch.desk.form;

import firmperch.desk.document.Document;
import firmperch.desk.draw.DrawingPane;
import firmperch.param.Param;
import firmperch.param.Path;
import firmperch.project.Project;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;

/** A dimension of a drawing that is typed where it stands: Enter takes it, Escape or another place leaves it. */
public final class DimensionField extends TextField {
    private DimensionField() {
    }

    /**
     * Opens it over its dimension.
     *
     * @param path of the value in the project
     */
    public static void open(Document document, DrawingPane pane, String path) {
        Path at = Path.of(path);
        Param param = at.param(document.project());
        Quantity quantity = ((Param.Measure) param.kind()).quantity();
        DimensionField field = new DimensionField();
        field.setText(quantity.show(at.number(document.project()), document.project().units()));
        field.setId("dimension-" + path);
        field.setAccessibleText(param.label());
        field.getStyleClass().add("dimension");
        field.setOnAction(e -> {
            try {
                double value = quantity.parse(param.label(), field.getText(), document.project().units());
                Project changed = at.with(document.project(), value);
                pane.done(field);
                document.edit(changed);
                pane.requestFocus();
            } catch (InvalidValue refused) {
                field.setAccessibleHelp(refused.getMessage());
                document.refused(refused.getMessage());
            }
        });
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                pane.done(field);
                pane.requestFocus();
                e.consume();
            }
        });
        pane.edit(path, field);
        field.requestFocus();
        field.selectAll();
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                pane.done(field);
            }
        });
    }
}
