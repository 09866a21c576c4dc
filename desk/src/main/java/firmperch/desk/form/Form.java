package firmperch.desk.form;

import firmperch.desk.Document;
import firmperch.project.Project;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Fields under each other, edited in place. */
public final class Form extends VBox {
    private final List<FieldRow> rows = new ArrayList<>();
    private final Document document;

    public Form(Document document) {
        this.document = document;
        getStyleClass().add("form");
    }

    /** A form of those fields under a heading; no heading if it is empty. */
    public static Form of(Document document, String heading, List<Field> fields) {
        Form form = new Form(document);
        form.show(heading, fields);
        return form;
    }

    /** Replaces the fields. */
    public void show(String heading, List<Field> fields) {
        rows.clear();
        getChildren().clear();
        if (!heading.isEmpty()) {
            Label label = new Label(heading);
            label.getStyleClass().add("section");
            getChildren().add(label);
        }
        for (Field field : fields) {
            rows.add(new FieldRow(field, document));
        }
        getChildren().addAll(rows);
    }

    /** Shows the project's values. */
    public void refresh(Project project) {
        rows.forEach(row -> row.show(project));
    }
}
