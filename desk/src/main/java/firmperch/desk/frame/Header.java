package firmperch.desk.frame;

import firmperch.check.Verdict;
import firmperch.cost.OtherUnits;
import firmperch.desk.document.Document;
import firmperch.desk.widget.OneOf;
import firmperch.desk.widget.Spacer;
import firmperch.desk.widget.StatusMark;
import firmperch.make.Exporters;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.units.InvalidValue;
import firmperch.units.UnitSystem;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The top of the desk: what project it is, the steps of the work with how each stands, and the tools. */
final class Header extends HBox {
    private final Document document;
    private final Map<Step, ToggleButton> steps = new EnumMap<>(Step.class);
    private final Map<Step, StatusMark> marks = new EnumMap<>(Step.class);
    private static final double TITLE = 252;

    private final Label name = new Label();
    private final Label studio = new Label();
    private final VBox names = new VBox(name, studio);
    private final ToggleButton units = new ToggleButton();
    private final OneOf chosen = new OneOf();
    private final HBox nav = new HBox();
    private final Button undo = new Button();
    private final Button redo = new Button();

    /** @param go told the step that is chosen */
    Header(Document document, DeskView.Host host, Consumer<Step> go) {
        this.document = document;
        StatusMark logo = new StatusMark(26);
        logo.show(Verdict.HOLDS);
        name.getStyleClass().add("project-name");
        studio.getStyleClass().add("hint");
        named(name, "name", "Name of the project", Project::name);
        named(studio, "studio", "Name of the studio", Project::studio);
        HBox title = new HBox(10, logo, names);
        title.getStyleClass().add("title-block");
        // As wide whatever the project is called, so that the steps stay where they are; where room is scarce it gives way.
        title.setMinWidth(0);
        title.setPrefWidth(TITLE);
        title.setMaxWidth(TITLE);
        getStyleClass().add("header");
        getChildren().addAll(title, VerdictBar.whole(steps(go)), Spacer.wide(),
                VerdictBar.whole(tools(host)));
        document.file().addListener((o, was, is) -> showName());
    }

    /** A name that is typed where it stands: clicked, or with Enter while it has the focus. */
    private void named(Label label, String path, String what, Function<Project, String> value) {
        label.setId("project-" + path);
        label.setAccessibleRole(AccessibleRole.BUTTON);
        label.setAccessibleHelp(what + ": press Enter to change it.");
        label.setTooltip(new Tooltip(what + ": click to change it"));
        label.setFocusTraversable(true);
        label.setCursor(Cursor.TEXT);
        label.setOnMouseClicked(e -> rename(label, path, what, value));
        label.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                rename(label, path, what, value);
                e.consume();
            }
        });
    }

    private void rename(Label label, String path, String what, Function<Project, String> value) {
        TextField field = new TextField(value.apply(document.project()));
        field.setId("rename-" + path);
        field.setAccessibleText(what);
        field.setPrefColumnCount(14);
        int at = names.getChildren().indexOf(label);
        names.getChildren().set(at, field);
        Runnable done = () -> {
            if (names.getChildren().get(at) == field) {
                names.getChildren().set(at, label);
            }
        };
        field.setOnAction(e -> {
            try {
                document.edit(path, field.getText().strip());
                done.run();
                label.requestFocus();
            } catch (InvalidValue refused) {
                document.refused(refused.getMessage());
            }
        });
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                done.run();
                label.requestFocus();
                e.consume();
            }
        });
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                done.run();
            }
        });
        field.requestFocus();
        field.selectAll();
    }

    private Region steps(Consumer<Step> go) {
        nav.getStyleClass().add("steps");
        for (Step each : Step.values()) {
            StatusMark sign = new StatusMark(14);
            ToggleButton button = new ToggleButton(each.label(), sign);
            button.getStyleClass().setAll("step-button");
            button.setId("step-" + each.name().toLowerCase());
            chosen.add(button, () -> go.accept(each));
            steps.put(each, button);
            marks.put(each, sign);
            nav.getChildren().add(button);
        }
        return nav;
    }

    private static void icon(Button button, Feather icon, String what) {
        button.setGraphic(new FontIcon(icon));
        button.setAccessibleText(what);
        button.getStyleClass().add("quiet");
    }

    private Region tools(DeskView.Host host) {
        MenuButton file = new MenuButton("File");
        file.setId("file-menu");
        file.getStyleClass().add("quiet");
        host.fillFileMenu(file);
        units.setId("units");
        units.getStyleClass().add("quiet");
        units.setOnAction(e -> document.edit(OtherUnits.of(document.project(),
                document.project().units() == UnitSystem.METRIC ? UnitSystem.IMPERIAL : UnitSystem.METRIC)));
        icon(undo, Feather.CORNER_UP_LEFT, "Undo");
        icon(redo, Feather.CORNER_UP_RIGHT, "Redo");
        undo.setId("undo");
        undo.setOnAction(e -> document.undo());
        redo.setId("redo");
        redo.setOnAction(e -> document.redo());
        Button theme = new Button();
        icon(theme, Feather.MOON, "Light or dark");
        theme.setOnAction(e -> host.switchTheme());
        Button pack = new Button("Build pack");
        pack.setId("build-pack");
        pack.getStyleClass().add("strong");
        pack.setOnAction(e -> host.export(Exporters.PACK));
        HBox tools = new HBox(2, file, units, undo, redo, theme, pack);
        tools.getStyleClass().add("tools");
        return tools;
    }

    /** Where the steps are. */
    Parent steps() {
        return nav;
    }

    /** Marks the step that is shown. */
    void select(Step step) {
        chosen.show(steps.get(step));
    }

    /** Shows how each step stands, and what can be taken back. */
    void show(Assessment assessment) {
        marks.forEach((each, sign) -> {
            sign.show(each.verdict(assessment));
            steps.get(each).setVisible(each.applies(assessment));
            steps.get(each).setManaged(each.applies(assessment));
            // Arrows pass over what cannot be used, but not over what is not seen.
            steps.get(each).setDisable(!each.applies(assessment));
        });
        named(undo, "Undo", document.undoes(), document.canUndo());
        named(redo, "Redo", document.redoes(), document.canRedo());
        UnitSystem system = document.project().units();
        units.setText(system.label());
        units.setSelected(system == UnitSystem.IMPERIAL);
        units.setAccessibleText("Units: " + system.label());
        showName();
    }

    /** A button that says what it takes back or brings again. */
    private static void named(Button button, String does, String what, boolean can) {
        String words = can ? does + ": " + what : does;
        button.setDisable(!can);
        button.setAccessibleText(words);
        if (button.getTooltip() == null) {
            button.setTooltip(new Tooltip());
        }
        button.getTooltip().setText(words);
    }

    private void showName() {
        name.setText(document.project().name());
        studio.setText(document.whereKept());
    }
}
