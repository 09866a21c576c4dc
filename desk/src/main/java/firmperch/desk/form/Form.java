package firmperch.desk.form;

import firmperch.desk.document.Document;
import firmperch.project.Project;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Fields under each other, edited in place. */
public final class Form extends VBox {
    /** True while something has been typed in a field that is not taken yet: then undo is the field's own. */
    public static boolean untaken(javafx.scene.control.TextInputControl field) {
        return field.getProperties().containsKey(FieldRow.UNTAKEN)
                ? Boolean.TRUE.equals(field.getProperties().get(FieldRow.UNTAKEN))
                : !field.getText().isEmpty();
    }

    private final List<FieldRow> rows = new ArrayList<>();
    private final Document document;

    public Form(Document document) {
        this.document = document;
        getStyleClass().add("form");
    }

    /** A form of those fields under a heading; no heading if it is empty. */
    public static Form of(Document document, String heading, List<Field> fields) {
        return of(document, List.of(new Field.Section(heading, fields)));
    }

    /** A form of those sections. */
    public static Form of(Document document, List<Field.Section> sections) {
        Form form = new Form(document);
        form.show(sections);
        return form;
    }

    /** Replaces the fields. */
    public void show(List<Field.Section> sections) {
        rows.clear();
        getChildren().clear();
        for (Field.Section section : sections) {
            if (!section.heading().isEmpty()) {
                Label label = new Label(section.heading());
                label.getStyleClass().add("section");
                getChildren().add(label);
            }
            for (Field field : section.fields()) {
                FieldRow row = new FieldRow(field, document);
                rows.add(row);
                getChildren().add(row);
            }
        }
    }

    /** Shows the project's values. */
    public void refresh(Project project) {
        rows.forEach(row -> row.show(project));
    }
}
