package firmperch.desk.app;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import firmperch.desk.document.Background;
import firmperch.desk.document.Document;
import firmperch.desk.document.RecentFiles;
import firmperch.desk.document.Recovery;
import firmperch.desk.document.UserData;
import firmperch.desk.draw.Palette;
import firmperch.desk.frame.DeskView;
import firmperch.desk.frame.Step;
import firmperch.file.ProjectFile;
import firmperch.file.Samples;
import firmperch.file.UnusableFile;
import firmperch.make.BuildPack;
import firmperch.make.Lists;
import firmperch.make.MakingPlan;
import firmperch.part.Kind;
import firmperch.part.Parts;
import firmperch.project.Policy;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.Progress;
import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.text.Font;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import javafx.util.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The window: files, shortcuts, recovery and closing around the {@link DeskView}. */
public final class DeskApp extends Application implements DeskView.Host {
    private static final Logger LOG = LoggerFactory.getLogger(DeskApp.class);
    /** What the first picture is written in, and what the desk needs besides. */
    private static final List<String> FIRST_FONTS = List.of("IBMPlexSans_400Regular.ttf",
            "IBMPlexSans_600SemiBold.ttf");
    private static final List<String> OTHER_FONTS = List.of("IBMPlexSans_500Medium.ttf");

    /** So many looks at unsaved work, three seconds apart, without a change are a rest. */
    private static final int RESTS = 3;

    private final RecentFiles recent = new RecentFiles(UserData.folder());
    private final Recovery recovery = new Recovery(UserData.folder());
    private final Background exports = new Background("export");
    private final Timeline keeping = new Timeline();
    private Stage stage;
    private Document document;
    private DeskView desk;
    private boolean dark;
    private Project recovered;
    private String trouble = "";
    private Questions questions = new Dialogs();
    private Assessment rested;
    private int rests;

    /** What the person is asked; tests answer in their place. */
    interface Questions {
        /** Save before going on: yes, no, or not going on after all. */
        Optional<Boolean> saveFirst(String name);

        /** Take up work that was left behind. */
        boolean takeUp(String name);

        /** A file to open; null if none after all. */
        File fileToOpen();

        /** A file to write; null if none after all. */
        File fileToWrite(String title, String suggested, String extension);
    }

    @Override
    public void start(Stage primary) {
        List<String> arguments = getParameters() == null ? List.of() : getParameters().getRaw();
        prepare(primary);
        Opening.ahead().thenAccept(opening -> Platform.runLater(() -> open(primary, opening, arguments)));
    }

    private void open(Stage primary, Opening opening, List<String> arguments) {
        open(primary, opening, () -> {
            if (arguments.contains("--time")) {
                System.out.println("first picture after " + FirstFrame.sinceStart() + " ms");
                quit();
                return;
            }
            begin();
            if (opening.file() == null && !arguments.contains("--demo")) {
                takeUpLeftWork();
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
        if (opening.file() != null) {
            recent.add(opening.file());
        }
        document = new Document(opening.assessment(), opening.file());
        stage.getScene().setRoot(new FirstPicture(document));
        stage.setOnCloseRequest(e -> {
            if (!mayLeave()) {
                e.consume();
            } else {
                leave();
            }
        });
        document.assessment().addListener((o, was, is) -> title());
        document.file().addListener((o, was, is) -> title());
        title();
        new FirstFrame(painted).start();
    }

    /** Shows the window as long as there is nothing to show in it. */
    private void prepare(Stage primary) {
        stage = primary;
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
        desk = new DeskView(document, this);
        Scene scene = stage.getScene();
        scene.setRoot(desk);
        scene.getStylesheets().add(DeskApp.class.getResource("/firmperch/desk/desk.css").toExternalForm());
        shortcuts(scene);
        desk.say(trouble);
        // No button is about to be pressed yet.
        desk.requestFocus();
        keeping.getKeyFrames().setAll(new KeyFrame(Duration.seconds(Recovery.EVERY_SECONDS), e -> keep()));
        keeping.setCycleCount(Animation.INDEFINITE);
        keeping.play();
        document.startSearching();
    }

    private void title() {
        stage.setTitle((document.unsaved() ? "• " : "") + document.project().name() + " – Firm Perch");
    }

    /** Writes unsaved work where a crash cannot take it; off this thread, as a disk may be slow. */
    private void keep() {
        if (document.closed()) {
            keeping.stop();
            return;
        }
        tidy();
        if (!document.unsaved()) {
            recovery.clear();
        } else if (document.project() != recovered) {
            recovered = document.project();
            Path from = document.file().get();
            Project work = recovered;
            Thread.ofPlatform().daemon().name("recovery").start(() -> recovery.write(work, from));
        }
    }

    /** Once nothing has changed for a while, what the search needed is given back: nobody waits for the tenth of a second then. */
    private void tidy() {
        Assessment now = document.assessment().get();
        if (now != rested || desk.busy()) {
            rested = now;
            rests = 0;
        } else if (++rests == RESTS) {
            Thread.ofPlatform().daemon().name("tidy").start(System::gc);
        }
    }

    private void takeUpLeftWork() {
        recovery.left().ifPresent(left -> {
            if (questions.takeUp(left.project().name())) {
                document.recover(left.project(), left.file());
                desk.say("Unsaved work of an earlier session has been taken up; save it to keep it.");
                // Kept anew before the old copy goes, so that a crash in between loses nothing.
                recovered = left.project();
                recovery.write(recovered, left.file());
            }
            Recovery.delete(left.recovery());
        });
    }

    private void shortcuts(Scene scene) {
        shortcut(scene, KeyCode.Z, document::undo);
        shortcut(scene, KeyCode.Y, document::redo);
        shortcut(scene, KeyCode.N, this::startNew);
        shortcut(scene, KeyCode.O, this::chooseAndOpen);
        shortcut(scene, KeyCode.S, this::save);
        shortcut(scene, KeyCode.E, this::exportPack);
        shortcut(scene, KeyCode.D, this::switchTheme);
        KeyCode[] digits = {KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.DIGIT5,
                KeyCode.DIGIT6, KeyCode.DIGIT7, KeyCode.DIGIT8};
        for (Step step : Step.values()) {
            shortcut(scene, digits[step.ordinal()], () -> desk.go(step));
        }
        scene.getAccelerators().put(
                new KeyCodeCombination(KeyCode.S, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN),
                this::saveAs);
    }

    private static void shortcut(Scene scene, KeyCode key, Runnable what) {
        scene.getAccelerators().put(new KeyCodeCombination(key, KeyCombination.SHORTCUT_DOWN), what);
    }

    @Override
    public void fillFileMenu(MenuButton menu) {
        Menu recents = new Menu("Open recent");
        Menu samples = new Menu("Open a corner of the sample studio");
        menu.getItems().addAll(item("New", "Ctrl+N", this::startNew), item("Open …", "Ctrl+O", this::chooseAndOpen),
                recents, samples,
                new SeparatorMenuItem(), item("Save", "Ctrl+S", this::save),
                item("Save as …", "Ctrl+Shift+S", this::saveAs));
        menu.setOnShowing(e -> {
            if (samples.getItems().isEmpty()) {
                Samples.all().forEach(s -> samples.getItems().add(item(s.name(), "", () -> replace(s, null))));
            }
            recents.getItems().clear();
            for (Path file : recent.list()) {
                recents.getItems().add(item(file.toString(), "", () -> openFile(file)));
            }
            recents.setDisable(recents.getItems().isEmpty());
        });
    }

    private static MenuItem item(String text, String keys, Runnable what) {
        MenuItem item = new MenuItem(keys.isEmpty() ? text : text + "    " + keys);
        item.setOnAction(e -> what.run());
        return item;
    }

    private void startNew() {
        Project sample = Samples.wedgingBench();
        Kind kind = Parts.kinds().getFirst();
        replace(new Project("New perch", sample.studio(), document.project().units(), sample.shot(), sample.gear(),
                sample.place(), kind.start().get(), sample.stance().with(kind.joints()), Policy.STANDARD, List.of()),
                null);
    }

    private void chooseAndOpen() {
        File chosen = questions.fileToOpen();
        if (chosen != null) {
            openFile(chosen.toPath());
        }
    }

    /** Opens a file in this window; what is open stays if it cannot be read. Reading is off this thread: the first takes a while. */
    void openFile(Path file) {
        desk.say("Opening " + file + " …");
        Thread.ofPlatform().daemon().name("reading").start(() -> {
            try {
                Project project = ProjectFile.read(file);
                Platform.runLater(() -> replace(project, file));
            } catch (UnusableFile e) {
                Platform.runLater(() -> desk.say(e.getMessage()));
            }
        });
    }

    private void replace(Project project, Path file) {
        if (mayLeave()) {
            document.open(project, file);
            if (file != null) {
                recent.add(file);
            }
            recovery.clear();
        }
        desk.say("");
    }

    private boolean mayLeave() {
        if (!document.unsaved()) {
            return true;
        }
        Optional<Boolean> first = questions.saveFirst(document.project().name());
        return first.isPresent() && (!first.get() || save());
    }

    private void leave() {
        recovery.clear();
        document.close();
    }

    /** Saves in the project's file, or asks for one; true if it is saved. */
    boolean save() {
        return document.file().get() == null ? saveAs() : saveTo(document.file().get());
    }

    private boolean saveAs() {
        File chosen = questions.fileToWrite("Save the project", fileName() + ProjectFile.EXTENSION,
                "*" + ProjectFile.EXTENSION);
        if (chosen == null) {
            return false;
        }
        String name = chosen.getPath();
        return saveTo(Path.of(name.endsWith(".json") ? name : name + ProjectFile.EXTENSION));
    }

    private boolean saveTo(Path file) {
        try {
            document.save(file);
            recent.add(file);
            recovery.clear();
            title();
            desk.say("Saved in " + file + ".");
            return true;
        } catch (IOException e) {
            LOG.warn("not saved", e);
            desk.say("Not saved: " + file + " cannot be written (" + e.getMessage() + "). Choose another place.");
            return false;
        }
    }

    private String fileName() {
        return document.project().name().toLowerCase().replaceAll("[^\\p{L}\\p{N}]+", "-");
    }

    @Override
    public void exportPack() {
        File chosen = questions.fileToWrite("Build pack", fileName() + ".pdf", "*.pdf");
        if (chosen != null) {
            Assessment shown = document.assessment().get();
            boolean settled = document.settled();
            write(chosen.toPath(), (file, progress) -> BuildPack
                    .write(settled ? shown : Assessor.told(shown.project(), progress), file));
        }
    }

    @Override
    public void exportLists() {
        String name = fileName();
        File chosen = questions.fileToWrite("Cut list; the hardware list goes beside it", name + "-cuts.csv", "*.csv");
        if (chosen != null) {
            Assessment shown = document.assessment().get();
            boolean settled = document.settled();
            write(chosen.toPath(), (file, progress) -> {
                MakingPlan plan = MakingPlan.of(settled ? shown : Assessor.everyPose(shown.project(), progress));
                Lists.writeCuts(plan, file);
                Lists.writeHardware(plan, file.resolveSibling(name + "-hardware.csv"));
            });
        }
    }

    /** Something that writes a file. */
    private interface Writing {
        void run(Path file, Progress progress) throws IOException;
    }

    /** Writes off this thread what stands in the project now, whatever is edited meanwhile. */
    private void write(Path file, Writing writing) {
        desk.say("Writing " + file + " …");
        exports.run(progress -> {
            writing.run(file, progress);
            return file;
        }, (share, what) -> desk.say("Writing " + file + ": " + Math.round(share * 100) + " % · " + what),
                done -> desk.say("Written: " + done + "."),
                why -> desk.say("Not written: " + file + " (" + why + "). Choose another place."));
    }

    @Override
    public void switchTheme() {
        dark = !dark;
        Application.setUserAgentStylesheet(
                dark ? new PrimerDark().getUserAgentStylesheet() : new PrimerLight().getUserAgentStylesheet());
        desk.getStyleClass().remove("dark");
        if (dark) {
            desk.getStyleClass().add("dark");
        }
        desk.palette(dark ? Palette.DARK : Palette.LIGHT);
    }

    DeskView desk() {
        return desk;
    }

    Document document() {
        return document;
    }

    Stage stage() {
        return stage;
    }

    /** Lets something else answer the questions. */
    void ask(Questions other) {
        questions = other;
    }

    /** Closes the window without asking. */
    void quit() {
        leave();
        Platform.exit();
    }

    private final class Dialogs implements Questions {
        @Override
        public Optional<Boolean> saveFirst(String name) {
            ButtonType save = new ButtonType("Save", ButtonData.YES);
            ButtonType leave = new ButtonType("Do not save", ButtonData.NO);
            Alert alert = new Alert(Alert.AlertType.CONFIRMATION, "“" + name + "” has changes that no file holds.",
                    save,
                    leave, ButtonType.CANCEL);
            alert.setHeaderText("Save first?");
            alert.initOwner(stage);
            ButtonType answer = alert.showAndWait().orElse(ButtonType.CANCEL);
            return answer == ButtonType.CANCEL ? Optional.empty() : Optional.of(answer == save);
        }

        @Override
        public boolean takeUp(String name) {
            ButtonType yes = new ButtonType("Take it up", ButtonData.YES);
            Alert alert = new Alert(Alert.AlertType.CONFIRMATION,
                    "The program ended before “" + name + "” was saved.", yes,
                    new ButtonType("Throw it away", ButtonData.NO));
            alert.setHeaderText("Take up the unsaved work?");
            alert.initOwner(stage);
            return alert.showAndWait().orElse(null) == yes;
        }

        @Override
        public File fileToOpen() {
            FileChooser chooser = new FileChooser();
            chooser.setTitle("Open a project");
            chooser.getExtensionFilters().add(
                    new FileChooser.ExtensionFilter("Firm Perch project", "*" + ProjectFile.EXTENSION, "*.json"));
            return chooser.showOpenDialog(stage);
        }

        @Override
        public File fileToWrite(String title, String suggested, String extension) {
            FileChooser chooser = new FileChooser();
            chooser.setTitle(title);
            chooser.setInitialFileName(suggested);
            chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(extension, extension));
            return chooser.showSaveDialog(stage);
        }
    }
}
