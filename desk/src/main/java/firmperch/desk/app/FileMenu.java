package firmperch.desk.app;

import firmperch.make.Exporter;
import firmperch.make.Exporters;
import firmperch.project.Project;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** The file menu: opening and saving, what can be written, and what the program says of itself. */
final class FileMenu {
    private final DeskApp app;
    private final FileDesk files;
    private final Shortcuts shortcuts;
    private final Supplier<List<Project>> samples;

    /** @param samples the corners of the sample studio, as far as they are read yet */
    FileMenu(DeskApp app, FileDesk files, Shortcuts shortcuts, Supplier<List<Project>> samples) {
        this.app = app;
        this.files = files;
        this.shortcuts = shortcuts;
        this.samples = samples;
    }

    void fill(MenuButton menu) {
        Menu recents = new Menu("Open recent");
        Menu studio = new Menu("Open a corner of the sample studio");
        menu.getItems().addAll(item("New", app::startNew), item("Open …", files::chooseAndOpen), recents, studio,
                new SeparatorMenuItem(), item("Save", app::save), item("Save as …", app::saveAs),
                item("Earlier copies …", files::earlier), new SeparatorMenuItem());
        for (Exporter exporter : Exporters.ALL) {
            menu.getItems().add(item(exporter.label() + " …", () -> app.export(exporter)));
        }
        menu.getItems().addAll(item("All of these into a folder …", app::exportAll), new SeparatorMenuItem(),
                item(Shortcuts.TITLE, app::showShortcuts),
                item("What it is made with", () -> app.sheets().show(Notices.sheet())),
                item("Quit", () -> files.leaving(app::close)));
        menu.setOnShowing(e -> follow(recents, studio));
    }

    private void follow(Menu recents, Menu studio) {
        if (studio.getItems().isEmpty()) {
            samples.get().forEach(s -> studio.getItems().add(item(s.name(), () -> files.open(() -> s))));
        }
        recents.getItems().clear();
        for (Path file : files.recent()) {
            boolean there = Files.exists(file);
            recents.getItems().add(there
                    ? item(file.toString(), () -> files.openFile(file))
                    : item(file + "   (not there now: take it off the list)", () -> files.forget(file)));
        }
        recents.setDisable(recents.getItems().isEmpty());
    }

    private MenuItem item(String text, Runnable what) {
        String keys = shortcuts.shown(text);
        MenuItem item = new MenuItem(keys.isEmpty() ? text : text + "    " + keys);
        item.setId("file-" + text.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-").replaceAll("-$", ""));
        // Text typed in a field but not taken over yet belongs to the project too: taking the focus away takes it
        // over.
        item.setOnAction(e -> what.run());
        return item;
    }
}
