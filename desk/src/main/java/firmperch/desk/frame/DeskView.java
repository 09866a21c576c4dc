package firmperch.desk.frame;

import firmperch.body.Station;
import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.desk.ballast.BallastPanel;
import firmperch.desk.document.Document;
import firmperch.desk.draw.Palette;
import firmperch.desk.gear.GearPanel;
import firmperch.desk.kind.Choice;
import firmperch.desk.kind.KindPanel;
import firmperch.desk.make.MakePanel;
import firmperch.desk.panel.Panel;
import firmperch.desk.panel.ReasonList;
import firmperch.desk.perch.NoRigPanel;
import firmperch.desk.perch.PerchPanel;
import firmperch.desk.place.PlacePanel;
import firmperch.desk.prove.ProvePanel;
import firmperch.desk.shot.SetUpList;
import firmperch.desk.shot.ShotPanel;
import firmperch.desk.steady.SteadyPanel;
import firmperch.desk.widget.IncrementalColumn;
import firmperch.desk.widget.LayoutIsland;
import firmperch.desk.widget.OverFrames;
import firmperch.draw.Ghost;
import firmperch.draw.Ink;
import firmperch.draw.Scene;
import firmperch.make.Exporter;
import firmperch.project.Project;
import firmperch.search.Assessment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Toggle;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The desk: the steps above, the load path at the left, verdict and drawing in the middle, the step's panel at the right. */
public final class DeskView extends BorderPane {
    /** Where its style sheet is. */
    public static final String STYLE = DeskView.class.getResource("/firmperch/desk/desk.css").toExternalForm();

    /** The style class of what is dark. */
    public static final String DARK = "dark";

    private final Document document;
    private final Choice choice;
    private final Map<Step, Panel> panels = new EnumMap<>(Step.class);
    private final Map<Step, ScrollPane> scrolls = new EnumMap<>(Step.class);
    private final Map<Step, Supplier<Panel>> makers;
    private final LoadPath loadPath;
    private final SetUpList setUps;
    /** What serves the step at the left. */
    private final StackPane left = new StackPane();
    private final Views views;
    private final Header header;
    private final VerdictBar bar;
    private final StackPane middle = new StackPane();
    /** The steps' panels, all of them that were shown once: what left the window would have to be styled anew. */
    private final StackPane sides = new StackPane();
    /** The parts of the desk that have their colours each for itself. */
    private final List<Parent> coloured = new ArrayList<>();
    private final OverFrames colouring = new OverFrames();
    private final OverFrames following = new OverFrames();
    private boolean dark;
    private Step step = Step.PERCH;
    private Panel shownPanel;
    private Panel noRig;
    private ScrollPane noRigScroll;
    private Station station;
    private Finding ghostOf;

    /** What the desk asks of the application around it. */
    public interface Host {
        /** The items of the file menu. */
        void fillFileMenu(MenuButton menu);

        /** Writes something of the project into a file that is asked for. */
        void export(Exporter exporter);

        /** Writes all that can be written into a folder that is asked for. */
        void exportAll();

        /** Light or dark. */
        void switchTheme();
    }

    public DeskView(Document document, Host host) {
        this.document = document;
        choice = new Choice(document);
        getStyleClass().add("desk");
        ReasonList.Actions actions = new Actions();
        // A panel is made when its step is first shown: most of them never are in a session.
        makers = Map.of(Step.SHOT, () -> new ShotPanel(document, actions, host::export), Step.GEAR,
                () -> new GearPanel(document, actions), Step.PLACE, () -> new PlacePanel(document, actions), Step.KIND,
                () -> new KindPanel(document, choice), Step.PERCH,
                () -> new PerchPanel(document, actions), Step.STEADY, () -> new SteadyPanel(document, actions),
                Step.BALLAST, () -> new BallastPanel(document, actions), Step.MAKE,
                () -> new MakePanel(document, host::export, host::exportAll), Step.PROVE,
                () -> new ProvePanel(document));
        loadPath = new LoadPath(this::choose);
        views = new Views(document, this::choose, this::say);
        header = new Header(document, host, this::go);
        bar = new VerdictBar(document, this::make);
        setUps = new SetUpList(document, () -> show(document.assessment().get()));
        coloured.addAll(List.of(header, bar, bar.foot(), views, loadPath, setUps));
        setTop(header);
        left.getChildren().addAll(loadPath, setUps);
        setLeft(new LayoutIsland(left));
        StackPane over = new StackPane(middle, bar.foot());
        StackPane.setAlignment(bar.foot(), Pos.BOTTOM_LEFT);
        VBox centre = new VBox(bar, over);
        VBox.setVgrow(over, Priority.ALWAYS);
        setCenter(centre);
        setRight(new LayoutIsland(sides));
        document.assessment().addListener((o, was, is) -> {
            // What was said is of the project as it was.
            if (was.project() != is.project() && !was.project().equals(is.project())) {
                say("");
            }
            refresh();
        });
        middle.getChildren().setAll(views);
        choose(chosenAtFirst(document));
        refresh();
    }

    /** The station whose part is open at the start: what carries the camera out, as most goes wrong there. */
    public static Station chosenAtFirst(Document document) {
        List<Station> path = document.assessment().get().study().assembly().stations();
        return path.get(Math.max(0, path.size() - 3));
    }

    /** The panel of a step, or what stands in its place while there is no rig. */
    private Panel panel(Step of) {
        if (of.aboutRig() && document.project().perch().none()) {
            if (noRig == null) {
                noRig = new NoRigPanel(document);
                noRigScroll = add(noRig);
            }
            return noRig;
        }
        return panels.computeIfAbsent(of, each -> {
            Panel made = makers.get(each).get();
            scrolls.put(each, add(made));
            if (made.middle() != null) {
                middle.getChildren().add(made.middle());
                colour(made.middle());
                coloured.add(made.middle());
            }
            if (made.left() != null) {
                left.getChildren().add(made.left());
                colour(made.left());
                coloured.add(made.left());
            }
            made.palette(dark ? Palette.DARK : Palette.LIGHT);
            made.choose(station);
            made.show(document.assessment().get());
            return made;
        });
    }

    private ScrollPane add(Panel made) {
        ScrollPane scroll = new ScrollPane(made.side());
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("panel-scroll");
        sides.getChildren().add(scroll);
        colour(scroll);
        coloured.add(scroll);
        return scroll;
    }

    /** Of what is stacked only that one is seen, laid out and walked through with the keyboard. */
    private static void only(StackPane stack, Node seen) {
        for (Node each : stack.getChildren()) {
            each.setVisible(each == seen);
            each.setManaged(each == seen);
        }
    }

    /**
     * Takes the keyboard to another part of the desk: steps, list, verdict and drawings, panel.
     *
     * @param way 1 for the next, −1 for the one before
     */
    public void around(int way) {
        rounds().go(getScene().getFocusOwner(), way);
    }

    private Rounds rounds() {
        return new Rounds(List.of(header.steps(), left, (Parent) getCenter(), sides));
    }

    /** Shows another step of the work. */
    public void go(Step next) {
        Node owner = getScene() == null ? null : getScene().getFocusOwner();
        boolean within = rounds().within(owner);
        step = next;
        header.select(next);
        Panel panel = panel(next);
        ScrollPane scroll = panel == noRig ? noRigScroll : scrolls.get(next);
        only(sides, scroll);
        scroll.setVvalue(0);
        shownPanel = panel;
        only(middle, panel.middle() == null ? views : panel.middle());
        only(left, next == Step.SHOT ? setUps : panel.left() == null ? loadPath : panel.left());
        show(document.assessment().get());
        follow();
        if (within && (!Rounds.seen(owner) || owner instanceof Toggle one && !one.isSelected())) {
            // What had the keyboard is gone with its step, or is another step: on from this one, not from the window's first corner.
            rounds().go(null, 1);
        }
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
        bar.show(assessment);
        header.show(assessment);
        loadPath.show(assessment);
        show(assessment);
        follow();
        if (!step.applies(assessment)) {
            Platform.runLater(() -> go(Step.PERCH));
        } else if (panel(step) != shownPanel) {
            // A rig has come, or gone.
            go(step);
        }
    }

    /** Verdict and drawing answer at once, the step's panel in the next frame. */
    private void follow() {
        following.begin(List.of(() -> {
            panel(step).show(document.assessment().get());
            if (step == Step.SHOT) {
                setUps.show(document.assessment().get());
            }
        }));
    }

    private void show(Assessment assessment) {
        views.lens(step == Step.SHOT);
        views.rose(step == Step.STEADY || step == Step.BALLAST);
        Optional<Station> measured = step == Step.PERCH ? Optional.ofNullable(station) : Optional.empty();
        views.show(assessment, new Scene(assessment.situation(), ghosts(assessment), measured, step == Step.PLACE,
                step == Step.PLACE || step == Step.SHOT));
    }

    /** The other set-ups where they are wanted, else the worst pose. */
    private List<Ghost> ghosts(Assessment assessment) {
        if (step != Step.SHOT || !setUps.ghosts()) {
            return ghost(assessment).stream().toList();
        }
        Project project = assessment.project();
        return IntStream.range(0, project.setUps().size()).filter(i -> i != project.shown())
                .mapToObj(i -> new Ghost(assessment.study().in(i), project.setUps().get(i).name(), Ink.OTHER)).toList();
    }

    private Optional<Ghost> ghost(Assessment assessment) {
        Finding shown = ghostOf != null
                ? assessment.find(ghostOf.id()).orElse(null)
                : assessment.weakest(station).orElse(null);
        if (shown == null || step == Step.SHOT || step == Step.GEAR || step == Step.PLACE) {
            return Optional.empty();
        }
        return Assessment.worstPose(shown).map(pose -> new Ghost(assessment.situation().in(pose),
                // What holds is not said to break.
                shown.verdict() == Verdict.HOLDS
                        ? "asks most: " + shown.leftText()
                        : "worst: " + shown.question().weakness(),
                shown.verdict() == Verdict.HOLDS ? Ink.OTHER : Ink.GHOST));
    }

    /** True while anything shown is still being worked out. */
    public boolean busy() {
        return !document.working().get().isEmpty() || panel(step).working() || filling();
    }

    /** The kinds' cards, whether they are shown or not. */
    public Choice choice() {
        return choice;
    }

    /** True while the step's panel is still being filled or works something out of its own, or the colours change. */
    public boolean filling() {
        return colouring.going() || following.going() || panel(step).busy() || setUps.busy();
    }

    /** Says something that went well or wrong; an empty text takes it away. */
    public void say(String text) {
        bar.say(text);
    }

    /** The same, with something that can be done about it. */
    public void say(String text, String action, Runnable what) {
        bar.say(text, action, what);
    }

    /** Light or dark, one part of the desk after the other, what is seen first: all of it at once takes too long for a frame. */
    public void dark(boolean wanted) {
        dark = wanted;
        views.palette(dark ? Palette.DARK : Palette.LIGHT);
        setUps.palette(dark ? Palette.DARK : Palette.LIGHT);
        panels.values().forEach(panel -> panel.palette(dark ? Palette.DARK : Palette.LIGHT));
        show(document.assessment().get());
        colouring.begin(coloured.stream().sorted(Comparator.comparing(part -> !part.isVisible()))
                .<Runnable>map(part -> () -> colour(part)).toList());
        follow();
    }

    /** Whether it is dark. */
    public boolean dark() {
        return dark;
    }

    private void colour(Parent part) {
        if (part.getStyleClass().contains(DARK) != dark) {
            IncrementalColumn.without(part, () -> {
                if (dark) {
                    part.getStyleClass().add(DARK);
                } else {
                    part.getStyleClass().remove(DARK);
                }
                part.applyCss();
            });
        }
    }

    private void make(Finding.Cure chosen) {
        // A cure was tried where the perch stood then; unless it moves the perch itself, it stays where it is now.
        document.edit(chosen.moves() ? chosen.changed() : chosen.changed().standingAs(document.project()));
        say("");
    }

    /** A row follows a few frames late: what is asked of it is asked of the project as it is now. */
    private final class Actions implements ReasonList.Actions {
        @Override
        public void show(Finding finding) {
            ghostOf = finding;
            DeskView.this.show(document.assessment().get());
        }

        @Override
        public void goTo(Finding finding) {
            now(finding).ifPresent(f -> document.edit(document.project().with(document.project().stance()
                    .with(f.pose().joints(document.assessment().get().study().assembly())))));
        }

        @Override
        public void seek(Finding finding) {
            now(finding).ifPresent(document::seekCures);
        }

        @Override
        public void apply(Finding.Cure cure) {
            if (document.assessment().get().findings().stream().anyMatch(f -> f.cures().contains(cure))) {
                make(cure);
            } else {
                say("That would have cured the perch as it was before.");
            }
        }

        private Optional<Finding> now(Finding finding) {
            return document.assessment().get().findings().stream().filter(f -> f.id().equals(finding.id()))
                    .findFirst();
        }
    }
}
