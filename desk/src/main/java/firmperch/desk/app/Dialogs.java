package firmperch.desk.app;

import firmperch.desk.document.Copies;
import firmperch.file.ProjectFile;
import java.io.File;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import javafx.stage.Stage;

/** The questions as dialogs of the window; closing one, or Esc, never loses anything. */
class Dialogs implements Questions {
    private static final DateTimeFormatter WHEN = DateTimeFormatter
            .ofLocalizedDateTime(FormatStyle.MEDIUM, FormatStyle.SHORT).withLocale(Locale.UK)
            .withZone(ZoneId.systemDefault());

    private final Stage stage;

    Dialogs(Stage stage) {
        this.stage = stage;
    }

    private Optional<ButtonType> ask(String header, String text, ButtonType... answers) {
        Alert alert = new Alert(Alert.AlertType.CONFIRMATION, text, answers);
        alert.setHeaderText(header);
        Look.give(alert, stage);
        return alert.showAndWait();
    }

    @Override
    public Optional<Boolean> saveFirst(String name) {
        ButtonType save = new ButtonType("Save", ButtonData.YES);
        ButtonType leave = new ButtonType("Do not save", ButtonData.NO);
        ButtonType answer = ask("Save first?",
                "“" + name + "” has changes that no file holds. If you do not save, a copy is "
                        + "kept for a while under File, Earlier copies.",
                save, leave, ButtonType.CANCEL).orElse(ButtonType.CANCEL);
        return answer == save ? Optional.of(true) : answer == leave ? Optional.of(false) : Optional.empty();
    }

    @Override
    public Left takeUp(String name, String from) {
        ButtonType yes = new ButtonType("Take it up", ButtonData.YES);
        ButtonType aside = new ButtonType("Put it aside", ButtonData.NO);
        ButtonType later = new ButtonType("Later", ButtonData.CANCEL_CLOSE);
        ButtonType answer = ask("Take up the unsaved work?",
                "The program ended before “" + name + "” was saved (" + from
                        + "). Put aside, it stays for a while under File, Earlier copies.",
                yes, aside, later).orElse(later);
        return answer == yes ? Left.TAKE_UP : answer == aside ? Left.PUT_ASIDE : Left.LATER;
    }

    @Override
    public Changed changedOutside(String file) {
        ButtonType other = new ButtonType("Save elsewhere …", ButtonData.YES);
        ButtonType here = new ButtonType("Save here all the same", ButtonData.NO);
        ButtonType answer = ask("Changed by another window or program",
                file + " is not what was opened here any more. Saved elsewhere, both stay; saved here, what is there now is "
                        + "kept beside it as " + file + "~.",
                other, here, ButtonType.CANCEL).orElse(ButtonType.CANCEL);
        return answer == other ? Changed.ELSEWHERE : answer == here ? Changed.HERE : Changed.NOT_NOW;
    }

    @Override
    public boolean overwrite(String file) {
        ButtonType yes = new ButtonType("Write over it", ButtonData.YES);
        return ask("Write over it?", "There is a file " + file + " already.", yes, ButtonType.CANCEL)
                .orElse(null) == yes;
    }

    static String when(Copies.Copy copy) {
        return WHEN.format(copy.work().at());
    }

    @Override
    public Optional<Copies.Copy> earlier(List<Copies.Copy> copies) {
        ListView<Copies.Copy> list = new ListView<>();
        list.setId("earlier-copies");
        list.getItems().addAll(copies);
        list.getSelectionModel().selectFirst();
        list.setCellFactory(view -> new ListCell<>() {
            @Override
            protected void updateItem(Copies.Copy copy, boolean empty) {
                super.updateItem(copy, empty);
                setText(empty || copy == null
                        ? ""
                        : when(copy) + "   " + copy.work().project().name() + ", " + copy.work().project().studio()
                                + (copy.work().from() == null ? "" : "   (" + copy.work().from() + ")"));
            }
        });
        list.setPrefSize(620, 260);
        Dialog<Copies.Copy> dialog = new Dialog<>();
        dialog.setHeaderText("Earlier copies");
        Look.give(dialog, stage);
        ButtonType open = new ButtonType("Open the copy", ButtonData.OK_DONE);
        dialog.getDialogPane().getButtonTypes().addAll(open, ButtonType.CANCEL);
        Label hint = new Label(copies.isEmpty()
                ? "There are none: work that is given up or left behind by a crash is kept here for 30 days."
                : "Work that was given up or left behind, kept for 30 days. Opened, it belongs to no file until you save it.");
        hint.setWrapText(true);
        dialog.getDialogPane().setContent(new VBox(8, hint, list));
        dialog.getDialogPane().lookupButton(open).setDisable(copies.isEmpty());
        dialog.setResultConverter(b -> b == open ? list.getSelectionModel().getSelectedItem() : null);
        return dialog.showAndWait();
    }

    private static FileChooser chooser(String title, Path folder) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        if (folder != null) {
            chooser.setInitialDirectory(folder.toFile());
        }
        return chooser;
    }

    @Override
    public File fileToOpen(Path folder) {
        FileChooser chooser = chooser("Open a project", folder);
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter("Firm Perch project", "*" + ProjectFile.EXTENSION, "*.json"));
        return chooser.showOpenDialog(stage);
    }

    @Override
    public File fileToWrite(String title, String suggested, String extension, Path folder) {
        FileChooser chooser = chooser(title, folder);
        chooser.setInitialFileName(suggested);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(extension, extension));
        return chooser.showSaveDialog(stage);
    }
}
