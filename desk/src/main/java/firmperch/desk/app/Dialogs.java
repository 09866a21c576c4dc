package firmperch.desk.app;

import firmperch.desk.document.Copies;
import firmperch.desk.widget.Words;
import firmperch.file.KeptFile;
import firmperch.file.ProjectFile;
import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Stage;

/** The questions as sheets over the desk; cancelling one, or Esc, never loses anything. */
class Dialogs implements Questions {
    /** In figures alone: to read the names of months takes longer than a frame. */
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm", Locale.ROOT)
            .withZone(ZoneId.systemDefault());
    private static final String CANCEL = "Cancel";

    private final Stage stage;

    Dialogs(Stage stage) {
        this.stage = stage;
    }

    private static <T> Sheet<T> question(String heading, String text) {
        return new Sheet<>(heading, Words.of("answer", text));
    }

    private <T> Optional<T> ask(Sheet<T> sheet) {
        return Sheets.of(stage.getScene()).ask(sheet);
    }

    @Override
    public Optional<Boolean> saveFirst(String name) {
        return ask(Dialogs.<Boolean>question("Save first?",
                "“" + name + "” has changes that no file holds. If you do not save, a copy is "
                        + "kept for a while under File, Earlier copies.")
                .answer("Save", ButtonData.YES, () -> true).answer("Do not save", ButtonData.NO, () -> false)
                .answer(CANCEL, ButtonData.CANCEL_CLOSE, () -> null));
    }

    @Override
    public Left takeUp(String name, String from) {
        return ask(Dialogs.<Left>question("Take up the unsaved work?",
                "The program ended before “" + name + "” was saved (" + from
                        + "). Put aside, it stays for a while under File, Earlier copies.")
                .answer("Take it up", ButtonData.YES, () -> Left.TAKE_UP)
                .answer("Put it aside", ButtonData.NO, () -> Left.PUT_ASIDE)
                .answer("Later", ButtonData.CANCEL_CLOSE, () -> Left.LATER)).orElse(Left.LATER);
    }

    @Override
    public Changed changedOutside(String file) {
        return ask(Dialogs.<Changed>question("Changed by another window or program",
                file + " is not what was opened here any more. Saved elsewhere, both stay; saved here, what is there now is "
                        + "kept beside it as " + file + "~.")
                .answer("Save elsewhere …", ButtonData.YES, () -> Changed.ELSEWHERE)
                .answer("Save here all the same", ButtonData.NO, () -> Changed.HERE)
                .answer(CANCEL, ButtonData.CANCEL_CLOSE, () -> Changed.NOT_NOW)).orElse(Changed.NOT_NOW);
    }

    @Override
    public boolean overwrite(String file) {
        return ask(Dialogs.<Boolean>question("Write over it?", "There is a file " + file + " already.")
                .answer("Write over it", ButtonData.YES, () -> true)
                .answer(CANCEL, ButtonData.CANCEL_CLOSE, () -> false)).orElse(false);
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
        Label hint = Words.of("hint", copies.isEmpty()
                ? "There are none: work that is given up or left behind by a crash is kept here for 30 days."
                : "Work that was given up or left behind, kept for 30 days. Opened, it belongs to no file until you save it.");
        return ask(new Sheet<Copies.Copy>("Earlier copies", new VBox(8, hint, list))
                .answer("Open the copy", ButtonData.OK_DONE, () -> list.getSelectionModel().getSelectedItem())
                .withoutFirst(copies.isEmpty()).answer(CANCEL, ButtonData.CANCEL_CLOSE, () -> null));
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
                .addAll(new FileChooser.ExtensionFilter("Firm Perch project", "*" + ProjectFile.EXTENSION, "*.json"),
                        new FileChooser.ExtensionFilter("A room, a thing or a list of gear",
                                "*" + KeptFile.ROOM.ending(),
                                "*" + KeptFile.GEAR.ending(), "*.csv"));
        return chooser.showOpenDialog(stage);
    }

    @Override
    public File fileToWrite(String title, String suggested, String extension, Path folder) {
        FileChooser chooser = chooser(title, folder);
        chooser.setInitialFileName(suggested);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(extension, extension));
        return chooser.showSaveDialog(stage);
    }

    @Override
    public File folderToWrite(String title, Path folder) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(title);
        if (folder != null && Files.isDirectory(folder)) {
            chooser.setInitialDirectory(folder.toFile());
        }
        return chooser.showDialog(stage);
    }
}
