package firmperch.desk.app;

import atlantafx.base.theme.PrimerLight;
import firmperch.desk.app.Shortcuts.Key;
import firmperch.desk.document.Copies;
import firmperch.desk.document.Document;
import firmperch.desk.document.RecentFiles;
import firmperch.desk.document.Settings;
import firmperch.desk.document.UserData;
import firmperch.desk.draw.TextShaper;
import firmperch.desk.frame.DeskView;
import firmperch.desk.frame.Step;
import firmperch.file.Samples;
import firmperch.make.Exporter;
import firmperch.make.Exporters;
import firmperch.project.Project;
import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.MenuButton;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.text.Font;
import javafx.stage.Stage;
import javafx.util.Duration;

/** The window around the {@link DeskView}: what is opened in it, its menu, its keys, and how it ends. */
public final class DeskApp extends Application implements DeskView.Host {
    /** What the first picture is written in, and what the desk needs besides. */
    private static final List<String> FIRST_FONTS = List.of("IBMPlexSans_400Regular.ttf",
            "IBMPlexSans_600SemiBold.ttf");
    /** So long nobody wonders what is being done. */
    private static final Duration PATIENCE = Duration.seconds(5);
    /** Set where another Java waits for this one. */
    public static final String WAITED = "firmperch.waited";
    private static final List<String> OTHER_FONTS = List.of("IBMPlexSans_500Medium.ttf");

    private final RecentFiles recent = new RecentFiles(UserData.folder());
    private final Settings settings = new Settings(UserData.folder());
    private final Copies copies = new Copies(UserData.folder(), why -> Platform.runLater(() -> say(why)));
    private Stage stage;
    private Document document;
    private DeskView desk;
    private Sheets sheets;
    private AutoSave keeping;
    private FileDesk files;
    private Exports exports;
    private Shortcuts shortcuts;
    private CompletableFuture<List<Project>> samples;
    private Questions questions;
    private String trouble = "";

    @Override
    public void start(Stage primary) {
        List<String> arguments = getParameters() == null ? List.of() : getParameters().getRaw();
        prepare(primary);
        Opening.ahead().thenAccept(opening -> Platform.runLater(() -> open(primary, opening, arguments)));
        if (System.getProperty(WAITED) != null) {
            ProcessHandle.current().parent().ifPresent(first -> first.onExit().thenRun(this::endFromOutside));
        }
        Signals.heed(this::endFromOutside, this::keepAtLast);
        PauseTransition patience = new PauseTransition(PATIENCE);
        patience.setOnFinished(e -> {
            if (document == null) {
                ((FirstPicture) stage.getScene().getRoot()).waiting(
                        "Opening " + Opening.what() + " takes long. Stop it, and the sample opens instead.",
                        Opening::giveUp);
            }
        });
        patience.play();
    }

    private void open(Stage primary, Opening opening, List<String> arguments) {
        open(primary, opening, () -> {
            if (arguments.contains("--time")) {
                System.out.println("first picture after " + FirstFrame.sinceStart() + " ms");
                quit();
                return;
            }
            begin();
            boolean tour = arguments.stream().anyMatch(a -> a.startsWith("--tour="));
            if (!tour && !arguments.contains("--demo")) {
                files.offerLeft();
                copies.begin();
            }
            arguments.stream().filter(a -> a.startsWith("--tour=")).findFirst()
                    .ifPresent(a -> new Tour(this, Path.of(a.substring("--tour=".length()))).start());
        });
    }

    /**
     * Opens the window and shows its first picture.
     *
     * @param painted what to do when that has been painted
     */
    void open(Stage primary, Opening opening, Runnable painted) {
        if (stage == null) {
            prepare(primary);
        }
        trouble = opening.trouble();
        document = new Document(opening.assessment(), opening.file(), opening.stamp());
        stage.getScene().setRoot(new FirstPicture(document));
        stage.setOnCloseRequest(e -> {
            if (sheets != null && sheets.showing()) {
                // What is asked is answered first.
                e.consume();
            } else if (files == null || !document.unsaved()) {
                end();
            } else {
                // Saving takes a while: the window goes when it is done.
                e.consume();
                files.leaving(this::close);
            }
        });
        document.assessment().addListener((o, was, is) -> title());
        document.file().addListener((o, was, is) -> title());
        title();
        new FirstFrame(painted).start();
    }

    /** Shows the window as long as there is nothing to show in it. */
    private void prepare(Stage primary) {
        TextShaper.lendOut();
        stage = primary;
        if (questions == null) {
            questions = new Dialogs(stage);
        }
        load(FIRST_FONTS);
        stage.setScene(new Scene(new FirstPicture(), 1280, 800));
        stage.setMinWidth(1100);
        stage.setMinHeight(640);
        stage.setTitle("Firm Perch");
        stage.show();
    }

    private static void load(List<String> fonts) {
        fonts.forEach(font -> Font.loadFont(DeskApp.class.getResourceAsStream("/firmperch/fonts/" + font), 12));
    }

    /** The verdict is on the screen: now the desk around it, and the search for what is worse than this pose. */
    void begin() {
        Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
        load(OTHER_FONTS);
        keeping = new AutoSave(document, copies, () -> desk != null && desk.busy());
        files = new FileDesk(document, recent, settings, copies, keeping, questions, this::say);
        exports = new Exports(document, settings, questions, this::say);
        shortcuts = new Shortcuts(keys());
        desk = new DeskView(document, this);
        Scene scene = stage.getScene();
        sheets = new Sheets(desk);
        scene.setRoot(sheets);
        stage.setOnHidden(e -> sheets.cancelAll());
        scene.getStylesheets().add(DeskView.STYLE);
        shortcuts.install(scene);
        scene.setOnDragOver(this::over);
        scene.setOnDragDropped(this::dropped);
        desk.say(trouble);
        if (document.file().get() != null) {
            Path file = document.file().get();
            Thread.ofPlatform().daemon().name("recent").start(() -> recent.add(file));
        }
        // No button has the focus at first, so that Enter or Space press none by accident.
        desk.requestFocus();
        document.startSearching();
        samples = CompletableFuture.supplyAsync(Samples::all);
    }

    private void title() {
        stage.setTitle((document.unsaved() ? "• " : "") + document.project().name() + " – Firm Perch");
    }

    /** Says something, with what can be done about an export beside it. */
    private void say(String text) {
        if (desk == null) {
            trouble = text;
        } else if (exports.writing().get() != null && text.startsWith("Writing")) {
            desk.say(text, "Stop", exports::stop);
        } else if (text.startsWith("Written")) {
            Path folder = exports.written().get().toAbsolutePath().getParent();
            desk.say(text, "Show in folder", () -> show(folder));
        } else {
            desk.say(text);
        }
    }

    private void show(Path folder) {
        try {
            getHostServices().showDocument(folder.toUri().toString());
        } catch (RuntimeException e) {
            desk.say("It is in " + folder + ".");
        }
    }

    private List<Key> keys() {
        List<Key> keys = new ArrayList<>(List.of(new Key("Shortcut+N", "New", this::startNew),
                new Key("Shortcut+O", "Open …", files::chooseAndOpen), new Key("Shortcut+S", "Save", this::save),
                new Key("Shortcut+Shift+S", "Save as …", this::saveAs),
                new Key("Shortcut+E", Exporters.PACK.label() + " …", () -> export(Exporters.PACK)),
                new Key("Shortcut+L", "Build pack and lists into a folder …", this::exportAll),
                new Key("Shortcut+Z", "Undo", document::undo), new Key("Shortcut+Y", "Redo", document::redo),
                new Key("Shortcut+Shift+Z", "Redo, too", document::redo),
                new Key("F6", "To the next part of the window: steps, list, drawing, panel", () -> around(1)),
                new Key("Shift+F6", "To the part before", () -> around(-1)),
                new Key("Shortcut+D", "Light or dark", this::switchTheme),
                new Key("F1", Shortcuts.TITLE, this::showShortcuts)));
        for (Step step : Step.values()) {
            keys.add(new Key("Shortcut+" + (step.ordinal() + 1), step.label(), () -> desk.go(step)));
        }
        return keys;
    }

    private void around(int way) {
        if (!sheets.showing()) {
            desk.around(way);
        }
    }

    void showShortcuts() {
        sheets.show(shortcuts.sheet());
    }

    // Files.

    private void over(DragEvent e) {
        if (e.getDragboard().hasFiles() && !sheets.showing()) {
            e.acceptTransferModes(TransferMode.COPY);
        }
        e.consume();
    }

    private void dropped(DragEvent e) {
        e.setDropCompleted(open(e.getDragboard().getFiles()));
        e.consume();
    }

    /** What is filmed comes first. */
    void startNew() {
        files.startNew(() -> desk.go(Step.SHOT));
    }

    /** Opens the first of the files that were dropped; false if none were. */
    boolean open(List<File> dropped) {
        if (dropped == null || dropped.isEmpty()) {
            return false;
        }
        files.openFile(dropped.getFirst().toPath());
        return true;
    }

    @Override
    public void fillFileMenu(MenuButton menu) {
        new FileMenu(this, files, shortcuts, () -> samples.getNow(List.of())).fill(menu);
    }

    void openFile(Path file) {
        files.openFile(file);
    }

    void save() {
        desk.requestFocus();
        files.save(() -> {
        });
    }

    void saveAs() {
        desk.requestFocus();
        files.saveAs(() -> {
        });
    }

    @Override
    public void export(Exporter exporter) {
        exports.write(exporter);
    }

    @Override
    public void exportAll() {
        exports.writeAll();
    }

    @Override
    public void switchTheme() {
        desk.dark(!desk.dark());
    }

    DeskView desk() {
        return desk;
    }

    Document document() {
        return document;
    }

    Sheets sheets() {
        return sheets;
    }

    Stage stage() {
        return stage;
    }

    /** Lets something else answer the questions. */
    void ask(Questions other) {
        questions = other;
        if (files != null) {
            files.ask(other);
            exports.ask(other);
        }
    }

    void close() {
        end();
        stage.close();
    }

    /** Ends what runs behind the window: a save on its way to the disk gets there, an export is given up. */
    void end() {
        endWork();
        copies.giveUp();
        copies.close();
    }

    /** Ends because of something outside; from any thread. */
    private CompletableFuture<Void> endFromOutside() {
        CompletableFuture<Void> ended = new CompletableFuture<>();
        Platform.runLater(() -> {
            endUnasked();
            ended.complete(null);
            Platform.exit();
        });
        return ended;
    }

    /** Keeps what is unsaved where nothing else can be done any more. */
    private void keepAtLast() {
        if (keeping != null) {
            keeping.keep();
        }
        copies.close();
    }

    /**
     * Ends because of something outside: a signal, or its terminal was closed. Nobody can be asked then; unsaved work is kept and
     * offered at the next start.
     */
    void endUnasked() {
        if (keeping != null && !document.closed()) {
            keeping.keep();
        }
        endWork();
        copies.close();
    }

    /** Ends what runs behind the window, whatever becomes of unsaved work. */
    private void endWork() {
        if (keeping != null) {
            exports.stop();
            keeping.stop();
            files.close();
        }
        if (document != null) {
            document.close();
        }
    }

    /** Closes the window without asking. */
    void quit() {
        end();
        Platform.exit();
    }
}
