package firmperch.desk.form;

import firmperch.choose.Options;
import firmperch.desk.document.Document;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.FieldLine;
import firmperch.param.Param;
import firmperch.param.Path;
import firmperch.project.Project;
import firmperch.stock.Catalogue;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;

/**
 * A label, an editor and, where the last entry was refused, a sentence that says why; the project keeps its last good
 * value until then.
 */
final class FieldRow extends CachedVBox {
    /** A field's property: true while something has been typed in it that is not taken yet. */
    static final String UNTAKEN = "untaken";

    /** What paths into the rig begin with: what is chosen there is paid for and carried. */
    private static final String RIG = "perch.";
    /** What paths to settings of joints begin with. */
    private static final String JOINTS = "stance.joints.";
    /** A stop is told rounded: m or rad. */
    private static final double ROUNDED = 1e-3;

    private final Field field;
    private final Document document;
    private final Path path;
    private final Label error = new Label();
    private final Control editor;
    private boolean showing;
    private boolean typing;
    private Object known;
    private UnitSystem knownIn;

    FieldRow(Field field, Document document) {
        this.field = field;
        this.document = document;
        this.path = field.path();
        editor = switch (field.param().kind()) {
            case Param.Measure measure -> typed(measure.quantity());
            case Param.Whole _ -> typed(Quantity.COUNT);
            case Param.Choice chosen -> chosen(chosen.catalogue());
            case Param.Either either -> either(either);
            case Param.OneOf one -> oneOf(one);
            default -> typed(null);
        };
        editor.setId(path.toString());
        editor.setAccessibleText(field.param().label());
        if (!field.param().help().isEmpty()) {
            editor.setTooltip(new Tooltip(field.param().help()));
        }
        editor.setMaxWidth(Double.MAX_VALUE);
        error.getStyleClass().add("field-error");
        error.setWrapText(true);
        error.setManaged(false);
        error.setVisible(false);
        getChildren().addAll(new FieldLine(new Label(field.param().label()), editor), error);
        show(document.project());
    }

    private TextField typed(Quantity quantity) {
        TextField text = new TextField();
        text.getStyleClass().add(quantity == null ? "words" : "value");
        text.setOnAction(e -> commit(text, quantity));
        text.textProperty().addListener((o, was, is) -> {
            typing |= !showing;
            text.getProperties().put(UNTAKEN, typing);
        });
        text.focusedProperty().addListener((o, was, is) -> {
            if (was && !is) {
                commit(text, quantity);
            } else if (is) {
                Platform.runLater(text::selectAll);
            }
        });
        text.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                typing = false;
                text.getProperties().put(UNTAKEN, false);
                refuse(null);
                show(document.project());
                e.consume();
            }
        });
        return text;
    }

    private void commit(TextField text, Quantity quantity) {
        // What was only looked at is not read back: it was rounded to be shown.
        if (typing && exists()) {
            typing = false;
            text.getProperties().put(UNTAKEN, false);
            known = null;
            if (text.getText().equals(shown(quantity))) {
                refuse(null);
            } else {
                attempt(() -> quantity == null ? text.getText().strip() : read(text.getText(), quantity));
            }
        }
    }

    /** False once the thing that this row edits has been removed, such as an item of the gear. */
    private boolean exists() {
        return path.get(document.project()) != null || field.param().kind() instanceof Param.Measure;
    }

    private Object read(String text, Quantity quantity) {
        double value = quantity.parse(field.param().label(), text, document.project().units());
        if (quantity == Quantity.COUNT && value != Math.rint(value)) {
            throw new InvalidValue(field.param().label(), "“" + text.strip() + "”", "a whole number");
        }
        if (path.toString().startsWith(JOINTS)) {
            withinStops(value, quantity);
        }
        return value;
    }

    /** A joint is not set beyond its stops: they are told. */
    private void withinStops(double value, Quantity quantity) {
        double least = field.param().kind() instanceof Param.Measure m
                ? m.least()
                : ((Param.Whole) field.param()
                        .kind()).least();
        double most = field.param().kind() instanceof Param.Measure m
                ? m.most()
                : ((Param.Whole) field.param()
                        .kind()).most();
        if (value < least - ROUNDED || value > most + ROUNDED) {
            UnitSystem units = document.project().units();
            throw new InvalidValue(field.param().label(), quantity.show(value, units),
                    quantity.show(least, units) + " to " + quantity.show(most, units) + ", where its stops are");
        }
    }

    private void attempt(Supplier<Object> value) {
        if (!path.leads(document.project())) {
            return;
        }
        try {
            Project changed = path.with(document.project(), value.get());
            refuse(null);
            document.edit(changed);
        } catch (InvalidValue e) {
            refuse(e.getMessage());
        }
    }

    private void refuse(String why) {
        known = null;
        error.setText(why);
        error.setManaged(why != null);
        error.setVisible(why != null);
        editor.pseudoClassStateChanged(PseudoClass.getPseudoClass("refused"), why != null);
        editor.setAccessibleHelp(why);
    }

    private ComboBox<Catalogue.Row> chosen(Catalogue<?> catalogue) {
        ComboBox<Catalogue.Row> choice = new ComboBox<>();
        choice.getItems().setAll(catalogue.rows());
        Map<Catalogue.Row, String> more = new HashMap<>();
        choice.setCellFactory(list -> new RowCell(more));
        choice.setButtonCell(new RowCell(Map.of()));
        choice.setOnShowing(e -> {
            // Worked out as it is opened: a millisecond or two for each.
            if (path.toString().startsWith(RIG) && exists()) {
                more.putAll(Options.of(document.project(), path, catalogue.rows()));
            }
        });
        choice.setOnHidden(e -> more.clear());
        choice.valueProperty().addListener((o, was, is) -> {
            if (!showing && is != null) {
                attempt(() -> is);
            }
        });
        choice.getStyleClass().add("choice");
        return choice;
    }

    /** A row by its name, and what it would cost more beside the one that is chosen. */
    private static final class RowCell extends ListCell<Catalogue.Row> {
        private final Map<Catalogue.Row, String> more;

        RowCell(Map<Catalogue.Row, String> more) {
            this.more = more;
        }

        @Override
        protected void updateItem(Catalogue.Row row, boolean empty) {
            super.updateItem(row, empty);
            setText(empty || row == null ? "" : row.label());
            String words = row == null ? null : more.get(row);
            Label price = new Label(words);
            price.getStyleClass().add("hint");
            setContentDisplay(ContentDisplay.RIGHT);
            setGraphic(words == null ? null : price);
        }
    }

    private ComboBox<Object> oneOf(Param.OneOf one) {
        ComboBox<Object> choice = new ComboBox<>();
        choice.getItems().setAll((Object[]) one.type().getEnumConstants());
        choice.valueProperty().addListener((o, was, is) -> {
            if (!showing && is != null) {
                attempt(() -> is);
            }
        });
        choice.getStyleClass().add("choice");
        return choice;
    }

    private ComboBox<String> either(Param.Either either) {
        ComboBox<String> choice = new ComboBox<>();
        choice.getItems().setAll(either.yes(), either.no());
        choice.valueProperty().addListener((o, was, is) -> {
            if (!showing && is != null) {
                attempt(() -> is.equals(either.yes()));
            }
        });
        choice.getStyleClass().add("choice");
        return choice;
    }

    private String shown(Quantity quantity) {
        Object value = path.get(document.project());
        if (quantity == null) {
            return (String) value;
        }
        return value == null ? "" : quantity.show(((Number) value).doubleValue(), document.project().units());
    }

    /** Shows the project's value, unless the person is just typing another or was just refused. */
    @SuppressWarnings("unchecked")
    void show(Project project) {
        if (!path.leads(project)) {
            // A part of another kind of rig, which its row outlives by a moment.
            return;
        }
        Object value = path.get(project);
        if (value != null && value.equals(known) && project.units() == knownIn) {
            return;
        }
        known = value;
        knownIn = project.units();
        showing = true;
        switch (field.param().kind()) {
            case Param.Measure measure -> showText(shown(measure.quantity()));
            case Param.Whole _ -> showText(shown(Quantity.COUNT));
            case Param.Choice _ -> {
                Catalogue.Row row = (Catalogue.Row) value;
                ((ComboBox<Catalogue.Row>) editor).setValue(row);
                // Some are named at greater length than there is room for.
                editor.setTooltip(new Tooltip(Stream.of(row.label(), field.param().help())
                        .filter(words -> !words.isEmpty()).collect(Collectors.joining(". "))));
            }
            case Param.OneOf _ -> ((ComboBox<Object>) editor).setValue(value);
            case Param.Either either -> ((ComboBox<String>) editor)
                    .setValue((boolean) value ? either.yes() : either.no());
            default -> showText(shown(null));
        }
        showing = false;
    }

    private void showText(String text) {
        if (!error.isVisible() && !typing && !((TextField) editor).getText().equals(text)) {
            ((TextField) editor).setText(text);
        }
    }
}
