package firmperch.desk.frame;

import firmperch.body.Station;
import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.desk.ballast.BallastPanel;
import firmperch.desk.document.Document;
import firmperch.desk.draw.Palette;
import firmperch.desk.gear.GearPanel;
import firmperch.desk.make.MakePanel;
import firmperch.desk.panel.Panel;
import firmperch.desk.panel.ReasonList;
import firmperch.desk.perch.PerchPanel;
import firmperch.desk.place.PlacePanel;
import firmperch.desk.prove.ProvePanel;
import firmperch.desk.shot.ShotPanel;
import firmperch.desk.steady.SteadyPanel;
import firmperch.desk.widget.Island;
import firmperch.desk.widget.OverFrames;
import firmperch.desk.widget.StatusMark;
import firmperch.draw.Ghost;
import firmperch.draw.Scene;
import firmperch.search.Assessment;
import firmperch.units.UnitSystem;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The desk: the steps above, the load path at the left, verdict and drawing in the middle, the step's panel at the right. */
public final class DeskView extends BorderPane {
    /** Where its style sheet is. */
    public static final String STYLE = DeskView.class.getResource("/firmperch/desk/desk.css").toExternalForm();

    /** The style class of what is dark. */
    public static final String DARK = "dark";

    private final Document document;
    private final Map<Step, Panel> panels = new EnumMap<>(Step.class);
    private final Map<Step, ScrollPane> scrolls = new EnumMap<>(Step.class);
    private final Map<Step, Supplier<Panel>> makers;
    private final Map<Step, ToggleButton> steps = new EnumMap<>(Step.class);
    private final Map<Step, StatusMark> stepMarks = new EnumMap<>(Step.class);
    private final Host host;
    private final LoadPath loadPath;
    private final Views views;
    private final StatusMark mark = new StatusMark(38);
    private final Label sentence = new Label();
    private final Label cure = new Label();
    private final Button apply = new Button("Apply");
    private final Label working = new Label();
    private final Button stop = new Button("Stop");
    private final Label notice = new Label();
    private final Button noticeAction = new Button();
    private final Label name = new Label();
    private final Label studio = new Label();
    private final StatusMark logo = new StatusMark(26);
    private final ToggleButton units = new ToggleButton();
    private final Button undo = new Button();
    private final Button redo = new Button();
    private final StackPane middle = new StackPane();
    /** The steps' panels, all of them that were shown once: what left the window would have to be styled anew. */
    private final StackPane sides = new StackPane();
    /** The parts of the desk that have their colours each for itself. */
    private final List<Node> coloured = new ArrayList<>();
    private final OverFrames colouring = new OverFrames();
    private boolean dark;
    private Step step = Step.PERCH;
    private Station station;
    private Finding ghostOf;

    /** What the desk asks of the application around it. */
    public interface Host {
        /** The items of the file menu. */
        void fillFileMenu(MenuButton menu);

        /** Exports the build pack. */
        void exportPack();

        /** Exports the lists. */
        void exportLists();

        /** Light or dark. */
        void switchTheme();
    }

    public DeskView(Document document, Host host) {
        this.document = document;
        this.host = host;
        getStyleClass().add("desk");
        ReasonList.Actions actions = new Actions();
        // A panel is made when its step is first shown: most of them never are in a session.
        makers = Map.of(Step.SHOT, () -> new ShotPanel(document, actions), Step.GEAR,
                () -> new GearPanel(document, actions), Step.PLACE, () -> new PlacePanel(document, actions), Step.PERCH,
                () -> new PerchPanel(document, actions), Step.STEADY, () -> new SteadyPanel(document, actions),
                Step.BALLAST, () -> new BallastPanel(document, actions), Step.MAKE,
                () -> new MakePanel(host::exportPack, host::exportLists), Step.PROVE, () -> new ProvePanel(document));
        loadPath = new LoadPath(this::choose);
        views = new Views(document, this::choose, this::say);
        Node header = header();
        Node bar = verdictBar();
        coloured.addAll(List.of(header, bar, views, loadPath));
        setTop(header);
        setLeft(new Island(loadPath));
        VBox centre = new VBox(bar, middle);
        VBox.setVgrow(middle, Priority.ALWAYS);
        setCenter(centre);
        setRight(new Island(sides));
        document.assessment().addListener((o, was, is) -> refresh());
        document.working().addListener((o, was, is) -> showWorking());
        document.file().addListener((o, was, is) -> showName());
        middle.getChildren().setAll(views);
        document.notice().addListener((o, was, is) -> say(is));
        document.failure().addListener((o, was, is) -> showWorking());
        choose(chosenAtFirst(document));
    }

    /** The station whose part is open at the start: what carries the camera out, as most goes wrong there. */
    public static Station chosenAtFirst(Document document) {
        List<Station> path = document.assessment().get().study().assembly().stations();
        return path.get(Math.max(0, path.size() - 3));
    }

    /** Never narrower than its words: where room is scarce, the project's name gives way. */
    private static Region whole(Region words) {
        words.setMinWidth(Region.USE_PREF_SIZE);
        return words;
    }

    private static void icon(Button button, Feather icon, String what) {
        button.setGraphic(new FontIcon(icon));
        button.setAccessibleText(what);
        button.getStyleClass().add("quiet");
    }

    private Node header() {
        logo.show(Verdict.HOLDS);
        name.getStyleClass().add("project-name");
        studio.getStyleClass().add("hint");
        VBox names = new VBox(name, studio);
        HBox title = new HBox(10, logo, names);
        title.getStyleClass().add("title-block");
        HBox header = new HBox(title, LoadPath.spacer(), whole(steps()), LoadPath.spacer(), whole(tools()));
        header.getStyleClass().add("header");
        return header;
    }

    private Region steps() {
        ToggleGroup group = new ToggleGroup();
        HBox nav = new HBox();
        nav.getStyleClass().add("steps");
        for (Step each : Step.values()) {
            StatusMark sign = new StatusMark(14);
            ToggleButton button = new ToggleButton(each.label(), sign);
            button.getStyleClass().setAll("step-button");
            button.setToggleGroup(group);
            button.setId("step-" + each.name().toLowerCase());
            button.setOnAction(e -> {
                button.setSelected(true);
                go(each);
            });
            steps.put(each, button);
            stepMarks.put(each, sign);
            nav.getChildren().add(button);
        }
        return nav;
    }

    private Region tools() {
        MenuButton file = new MenuButton("File");
        file.setId("file-menu");
        file.getStyleClass().add("quiet");
        host.fillFileMenu(file);
        units.setId("units");
        units.getStyleClass().add("quiet");
        units.setOnAction(e -> document.edit("units",
                document.project().units() == UnitSystem.METRIC ? UnitSystem.IMPERIAL : UnitSystem.METRIC));
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
        pack.setOnAction(e -> host.exportPack());
        HBox tools = new HBox(2, file, units, undo, redo, theme, pack);
        tools.getStyleClass().add("tools");
        return tools;
    }

    private Node verdictBar() {
        sentence.getStyleClass().add("sentence");
        sentence.setWrapText(true);
        sentence.setId("sentence");
        cure.getStyleClass().add("cure-sentence");
        cure.setWrapText(true);
        cure.setId("cure-sentence");
        apply.setId("apply-cure");
        apply.getStyleClass().add("link");
        apply.setOnAction(e -> document.assessment().get().cheapestCure().ifPresent(this::make));
        working.getStyleClass().add("hint");
        working.setId("working");
        stop.getStyleClass().addAll("link");
        stop.setId("stop");
        stop.setOnAction(e -> {
            if (document.working().get().isEmpty()) {
                document.resume();
            } else {
                document.stop();
            }
        });
        notice.getStyleClass().add("notice");
        notice.setWrapText(true);
        notice.setId("notice");
        noticeAction.setId("notice-action");
        noticeAction.getStyleClass().add("link");
        HBox told = new HBox(10, notice, whole(noticeAction));
        told.managedProperty().bind(notice.textProperty().isNotEmpty());
        noticeAction.setVisible(false);
        VBox words = new VBox(2, sentence, new HBox(10, cure, whole(apply)), new HBox(8, working, whole(stop)), told);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox bar = new HBox(14, mark, words);
        // The drawing gives way to the words, not they to it.
        bar.setMinHeight(Region.USE_PREF_SIZE);
        // But not while the hand has hold of something: the drawing would move under it.
        views.dragging().addListener((o, was, is) -> {
            bar.setMinHeight(is ? bar.getHeight() : Region.USE_PREF_SIZE);
            bar.setMaxHeight(is ? bar.getHeight() : Region.USE_COMPUTED_SIZE);
        });
        bar.getStyleClass().add("verdict-bar");
        return bar;
    }

    private Panel panel(Step of) {
        return panels.computeIfAbsent(of, each -> {
            Panel made = makers.get(each).get();
            ScrollPane scroll = new ScrollPane(made.side());
            scroll.setFitToWidth(true);
            scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
            scroll.getStyleClass().add("panel-scroll");
            scrolls.put(each, scroll);
            sides.getChildren().add(scroll);
            colour(scroll);
            coloured.add(scroll);
            if (made.middle() != null) {
                middle.getChildren().add(made.middle());
                colour(made.middle());
                coloured.add(made.middle());
            }
            made.choose(station);
            return made;
        });
    }

    /** Of what is stacked only that one is seen, laid out and walked through with the keyboard. */
    private static void only(StackPane stack, Node seen) {
        for (Node each : stack.getChildren()) {
            each.setVisible(each == seen);
            each.setManaged(each == seen);
        }
    }

    /** Shows another step of the work. */
    public void go(Step next) {
        step = next;
        steps.get(next).setSelected(true);
        Panel panel = panel(next);
        only(sides, scrolls.get(next));
        scrolls.get(next).setVvalue(0);
        only(middle, panel.middle() == null ? views : panel.middle());
        refresh();
    }

    /** Chooses a station of the load path and opens its parts. */
    public void choose(Station chosen) {
        station = chosen;
        ghostOf = null;
        loadPath.select(chosen);
        panels.values().forEach(panel -> panel.choose(chosen));
        go(Step.PERCH);
    }

    private void refresh() {
        Assessment assessment = document.assessment().get();
        if (station != null && assessment.study().assembly().stations().stream().noneMatch(station::equals)
                && assessment.study().assembly().stations().stream().noneMatch(s -> s.id().equals(station.id()))) {
            // Another kind of rig has no such station.
            station = chosenAtFirst(document);
            ghostOf = null;
            loadPath.select(station);
            panels.values().forEach(panel -> panel.choose(station));
        }
        mark.show(assessment.verdict());
        sentence.setText(assessment.sentence());
        String better = assessment.cureSentence();
        cure.setText(better.isEmpty() ? firmest(assessment) : "Cheapest cure: " + lower(better));
        apply.setVisible(!better.isEmpty());
        loadPath.show(assessment);
        show(assessment);
        if (panels.containsKey(step)) {
            panels.get(step).show(assessment);
        }
        stepMarks.forEach((each, sign) -> {
            sign.show(each.verdict(assessment));
            steps.get(each).setVisible(each.applies(assessment));
            steps.get(each).setManaged(each.applies(assessment));
        });
        if (!step.applies(assessment)) {
            Platform.runLater(() -> go(Step.PERCH));
        }
        named(undo, "Undo", document.undoes(), document.canUndo());
        named(redo, "Redo", document.redoes(), document.canRedo());
        UnitSystem system = document.project().units();
        units.setText(system.label());
        units.setSelected(system == UnitSystem.IMPERIAL);
        units.setAccessibleText("Units: " + system.label());
        showName();
        showWorking();
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

    private void show(Assessment assessment) {
        views.rose(step == Step.STEADY || step == Step.BALLAST);
        Optional<Station> measured = step == Step.PERCH ? Optional.ofNullable(station) : Optional.empty();
        views.show(assessment, new Scene(assessment.situation(), ghost(assessment), measured, step == Step.PLACE,
                step == Step.PLACE ? assessment.coverage() : Optional.empty()));
    }

    /** Where nothing needs curing: what is weakest all the same; where nothing cures, that. */
    private static String firmest(Assessment assessment) {
        Finding weakest = assessment.weakest();
        if (weakest.verdict() != Verdict.HOLDS && weakest.sought()) {
            return Finding.NONE_FOUND;
        }
        return assessment.verdict() == Verdict.HOLDS
                ? "Closest to what is asked: " + lower(weakest.question().words()) + " " + weakest.marginText()
                : "";
    }

    private static String lower(String text) {
        return text.isEmpty() ? text : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    private Optional<Ghost> ghost(Assessment assessment) {
        Finding shown = ghostOf != null
                ? assessment.find(ghostOf.id()).orElse(null)
                : assessment.weakest(station).orElse(null);
        if (shown == null || step == Step.SHOT || step == Step.GEAR || step == Step.PLACE) {
            return Optional.empty();
        }
        return Assessment.worstPose(shown).map(pose -> new Ghost(assessment.situation().in(pose),
                "worst: " + shown.question().weakness()));
    }

    /** True while anything shown is still being worked out. */
    public boolean busy() {
        return !document.working().get().isEmpty() || filling();
    }

    /** True while the step's panel is still being filled, or works something out of its own. */
    public boolean filling() {
        return panels.containsKey(step) && panels.get(step).busy();
    }

    private void showName() {
        name.setText(document.project().name());
        studio.setText(whereKept(document));
    }

    /** The studio, and where its project is kept. */
    public static String whereKept(Document document) {
        Path file = document.file().get();
        return document.project().studio() + " · " + (document.unsaved()
                ? "not saved"
                : file == null ? "sample" : "saved in " + file.getFileName());
    }

    private void showWorking() {
        String what = document.working().get();
        boolean complete = document.assessment().get().complete();
        String failed = document.failure().get();
        working.setText(!failed.isEmpty()
                ? failed
                : what.isEmpty() ? complete ? "" : "Only this pose has been looked at." : what);
        stop.setVisible(!what.isEmpty() || !complete);
        stop.setText(what.isEmpty() ? "Look at every pose" : "Stop");
    }

    /** Says something that went well or wrong; an empty text takes it away. */
    public void say(String text) {
        notice.setText(text);
        notice.setVisible(!text.isEmpty());
        noticeAction.setVisible(false);
    }

    /** The same, with something that can be done about it. */
    public void say(String text, String action, Runnable what) {
        say(text);
        noticeAction.setText(action);
        noticeAction.setOnAction(e -> what.run());
        noticeAction.setVisible(true);
    }

    /** Light or dark, one part of the desk after the other: to style all of it at once takes too long for a frame. */
    public void dark(boolean wanted) {
        dark = wanted;
        views.palette(dark ? Palette.DARK : Palette.LIGHT);
        show(document.assessment().get());
        colouring.begin(coloured.stream().<Runnable>map(part -> () -> colour(part)).toList());
    }

    /** Whether it is dark. */
    public boolean dark() {
        return dark;
    }

    private void colour(Node part) {
        if (part.getStyleClass().contains(DARK) != dark) {
            if (dark) {
                part.getStyleClass().add(DARK);
            } else {
                part.getStyleClass().remove(DARK);
            }
            part.applyCss();
        }
    }

    private void make(Finding.Cure chosen) {
        // A cure was tried where the perch stood then; unless it moves the perch itself, it stays where it is now.
        document.edit(chosen.moves() ? chosen.changed() : chosen.changed().with(document.project().stance()));
        say("");
    }

    private final class Actions implements ReasonList.Actions {
        @Override
        public void show(Finding finding) {
            ghostOf = finding;
            DeskView.this.show(document.assessment().get());
        }

        @Override
        public void goTo(Finding finding) {
            document.edit(document.project().with(document.project().stance()
                    .with(finding.pose().joints(document.assessment().get().study().assembly()))));
        }

        @Override
        public void seek(Finding finding) {
            document.seekCures(finding);
        }

        @Override
        public void apply(Finding.Cure cure) {
            make(cure);
        }
    }
}
