package firmperch.desk.form;

import firmperch.desk.document.Document;
import firmperch.desk.widget.IncrementalColumn;
import firmperch.desk.widget.Words;
import firmperch.project.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;

/** Fields under each other, edited in place. */
public final class Form extends IncrementalColumn {
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

    /** Replaces the fields; they come over several frames. */
    public void show(List<Field.Section> sections) {
        rows.clear();
        List<Supplier<Node>> makers = new ArrayList<>();
        for (Field.Section section : sections) {
            if (!section.heading().isEmpty()) {
                makers.add(() -> Words.heading(section.heading()));
            }
            for (Field field : section.fields()) {
                makers.add(() -> {
                    FieldRow row = new FieldRow(field, document);
                    rows.add(row);
                    return row;
                });
            }
        }
        fill(makers);
    }

    /** Shows the project's values. */
    public void refresh(Project project) {
        rows.forEach(row -> row.show(project));
    }
}
