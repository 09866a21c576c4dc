package firmperch.desk.frame;

import firmperch.body.Body;
import firmperch.body.Freedom;
import firmperch.body.Piece;
import firmperch.body.Station;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.desk.document.Document;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.draw.Palette;
import firmperch.desk.form.DimensionField;
import firmperch.draw.AngleView;
import firmperch.draw.LeanRose;
import firmperch.draw.LensView;
import firmperch.draw.Pick;
import firmperch.draw.PlanView;
import firmperch.draw.Scene;
import firmperch.draw.Shape;
import firmperch.draw.SideView;
import firmperch.draw.View;
import firmperch.pose.Pose;
import firmperch.pose.Reach;
import firmperch.pose.Rig;
import firmperch.project.Stance;
import firmperch.search.Assessment;
import firmperch.search.DragSolver;
import firmperch.study.Sight;
import firmperch.study.Situation;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * Side view, plan, and a view at an angle or the rose of leans. Whatever moves is dragged by the point it is taken at; a piece
 * that is clicked opens its part; a dimension that is clicked can be typed; the view at an angle is turned by dragging.
 */
public final class Views extends VBox {
    private static final double GRAB = 34;
    private static final double CLICK = 3;
    private static final double DEGREE = Math.toRadians(1);
    private static final double SLIDE = 0.01;
    /** A pin stays in its hole while the rest comes this near to the hand, m. */
    private static final double NEAR = 0.04;

    /** What the hand has hold of. */
    private sealed interface Held {
    }

    private record Nothing() implements Held {}

    /** A point of the rig, to be brought where the hand goes; off is from the hand to it, in the drawing. */
    private record Point(DragSolver hand, double offX, double offY) implements Held {}

    /** The whole rig. */
    private record Base(double offX, double offY) implements Held {}

    private final Document document;
    private final Consumer<Station> chosen;
    private final Consumer<String> told;
    private final DrawingPane side = new DrawingPane("Side", 26);
    private final DrawingPane plan = new DrawingPane("Above", 14);
    private final DrawingPane angle = new DrawingPane("At an angle", 18);
    private final DrawingPane rose = new DrawingPane("", 10);
    private final DrawingPane lens = new DrawingPane("What the camera sees", 30);
    private final HBox below;
    private Held held = new Nothing();
    private Object gesture;
    private double pressedX;
    private double pressedY;
    private double turn = Math.toRadians(-35);
    private double height = Math.toRadians(28);
    private Palette palette = Palette.LIGHT;
    private String inTheWay = "";
    private Scene shown;
    private boolean wantsRose;
    private boolean wantsLens;

    /**
     * Views of a document.
     *
     * @param chosen told the station of a piece that is clicked
     * @param told what stood in the way of a drag, once it has ended; empty if nothing did
     */
    public Views(Document document, Consumer<Station> chosen, Consumer<String> told) {
        this.document = document;
        this.chosen = chosen;
        this.told = told;
        side.setId("side-view");
        plan.setId("plan-view");
        angle.setId("angle-view");
        rose.setId("rose");
        lens.setId("lens-view");
        for (DrawingPane pane : new DrawingPane[]{side, plan, angle, rose, lens}) {
            pane.setAccessibleRole(AccessibleRole.IMAGE_VIEW);
            pane.setFocusTraversable(pane != rose && pane != lens);
        }
        side.setAccessibleHelp("Up and down lift, page up and page down step, left and right swing.");
        plan.setAccessibleHelp(side.getAccessibleHelp());
        angle.setAccessibleHelp("Left, right, up and down turn the view.");
        below = new HBox(plan, angle);
        for (DrawingPane right : new DrawingPane[]{angle, rose}) {
            right.prefWidthProperty().bind(widthProperty().multiply(0.40));
            right.setMinWidth(195);
        }
        below.getStyleClass().add("below");
        // The side view carries the heights and gets the larger share; on Shot what the camera sees does.
        for (DrawingPane large : new DrawingPane[]{side, lens}) {
            large.prefHeightProperty().bind(heightProperty().multiply(0.58));
            VBox.setVgrow(large, Priority.ALWAYS);
        }
        below.prefHeightProperty().bind(heightProperty().multiply(0.42));
        // Side by side they share the width.
        for (DrawingPane shared : new DrawingPane[]{side, plan}) {
            shared.prefWidthProperty().bind(widthProperty().multiply(0.5));
            HBox.setHgrow(shared, Priority.ALWAYS);
        }
        getChildren().addAll(side, below);
        hand(side, View.SIDE);
        hand(plan, View.ABOVE);
        turning();
    }

    private void hand(DrawingPane pane, View view) {
        pane.setOnMousePressed(e -> press(pane, view, e));
        pane.setOnMouseDragged(e -> drag(pane, view, e));
        pane.setOnMouseReleased(e -> release(pane, view, e));
        pane.setOnMouseMoved(e -> pane.setCursor(pane.valueAt(e.getX(), e.getY()).isPresent()
                ? Cursor.TEXT
                : at(pane, view, e) instanceof Nothing ? Cursor.DEFAULT : Cursor.OPEN_HAND));
        pane.setOnKeyPressed(this::key);
    }

    private Situation now() {
        return document.assessment().get().situation();
    }

    private Held at(DrawingPane pane, View view, MouseEvent e) {
        Situation s = now();
        double x = pane.metresX(e.getX());
        double y = pane.metresY(e.getY());
        Shape.Point camera = view.at(s.inRoom(s.sensor()));
        if (Math.hypot(pane.pixelX(camera.x()) - e.getX(), pane.pixelY(camera.y()) - e.getY()) < GRAB) {
            return new Point(new DragSolver(s, s.sensorHook()), camera.x() - x, camera.y() - y);
        }
        Optional<Piece> piece = Pick.piece(s, view, x, y);
        if (piece.isEmpty()) {
            return new Nothing();
        }
        Body body = piece.get().body();
        if (moves(body)) {
            return new Point(new DragSolver(s, grip(s, body, view, x, y)), 0, 0);
        }
        Stance stance = document.project().stance();
        return view == View.ABOVE ? new Base(stance.x() - x, stance.y() - y) : new Nothing();
    }

    private boolean moves(Body body) {
        Rig rig = now().study().rig();
        for (int f = 0; f < rig.assembly().freedoms().size(); f++) {
            if (rig.moves(f, body)) {
                return true;
            }
        }
        return false;
    }

    /** The point of a body that the hand took hold of: under it in the drawing, as deep as the body's own origin. */
    private static Tie.Hook grip(Situation s, Body body, View view, double x, double y) {
        Vec3 origin = s.inRoom(s.posed().place(body).origin());
        Vec3 room = view.right().times(x).plus(view.up().times(y))
                .plus(view.toward().times(view.depth(origin)));
        return new Tie.Hook(body, s.posed().place(body).inside(s.inPerch(room)));
    }

    private void press(DrawingPane pane, View view, MouseEvent e) {
        pane.requestFocus();
        pressedX = e.getX();
        pressedY = e.getY();
        held = at(pane, view, e);
        inTheWay = "";
        gesture = new Object();
        boolean dragging = !(held instanceof Nothing);
        side.hold(dragging);
        plan.hold(dragging);
    }

    private void drag(DrawingPane pane, View view, MouseEvent e) {
        double x = pane.metresX(e.getX());
        double y = pane.metresY(e.getY());
        switch (held) {
            case Nothing _ -> {
            }
            case Point p -> {
                Situation s = now();
                Vec3 room = view.right().times(x + p.offX).plus(view.up().times(y + p.offY));
                Reach.Goal wanted = new Reach.Goal(s.inPerch(room),
                        List.of(s.turnedBack(view.right()), s.turnedBack(view.up())), NEAR);
                // From where it was taken up, so that only where the hand is now counts, not how it came there.
                DragSolver.Brought brought = p.hand.to(wanted);
                inTheWay = brought.inTheWay();
                pose(_ -> brought.pose());
            }
            case Base b -> move(x + b.offX, y + b.offY);
        }
    }

    private void release(DrawingPane pane, View view, MouseEvent e) {
        held = new Nothing();
        side.hold(false);
        plan.hold(false);
        if (Math.hypot(e.getX() - pressedX, e.getY() - pressedY) > CLICK) {
            told.accept(inTheWay);
            return;
        }
        Optional<String> value = pane.valueAt(e.getX(), e.getY());
        if (value.isPresent()) {
            DimensionField.open(document, pane, value.get());
        } else {
            Pick.piece(now(), view, pane.metresX(e.getX()), pane.metresY(e.getY()))
                    .ifPresent(piece -> chosen.accept(piece.station()));
        }
    }

    private void key(KeyEvent e) {
        switch (e.getCode()) {
            case UP -> step(1, Way.LIFTS);
            case DOWN -> step(-1, Way.LIFTS);
            case LEFT -> step(2, Way.SWINGS);
            case RIGHT -> step(-2, Way.SWINGS);
            case PAGE_UP -> step(1, Way.STEPS);
            case PAGE_DOWN -> step(-1, Way.STEPS);
            default -> {
                return;
            }
        }
        e.consume();
    }

    /** What a key moves: about an upright axis, whether all the way round or not; by steps; else up and down or in and out. */
    private enum Way {
        LIFTS, SWINGS, STEPS
    }

    private Way way(int freedom) {
        return switch (now().study().assembly().freedoms().get(freedom).kind()) {
            case SWING -> Way.SWINGS;
            case HINGE -> now().study().rig().lifts(freedom) ? Way.LIFTS : Way.SWINGS;
            case SLIDE -> Way.LIFTS;
            case STEP -> Way.STEPS;
        };
    }

    /** Moves the outermost freedom that goes that way. */
    private void step(int by, Way way) {
        List<Freedom> freedoms = now().study().assembly().freedoms();
        for (int f = freedoms.size() - 1; f >= 0; f--) {
            if (way(f) == way) {
                int freedom = f;
                double size = switch (freedoms.get(f).kind()) {
                    case SWING, HINGE -> DEGREE;
                    case SLIDE -> SLIDE;
                    case STEP -> 1;
                };
                gesture = freedoms.get(f).id();
                pose(p -> p.with(now().study().assembly(), freedom, p.get(freedom) + by * size));
                return;
            }
        }
    }

    private void pose(UnaryOperator<Pose> change) {
        Pose changed = change.apply(now().posed().pose());
        edit(document.project().stance().with(changed.joints(now().study().assembly())));
    }

    private void move(double x, double y) {
        double room = document.project().place().room().depth();
        edit(document.project().stance().at(Math.clamp(x, 0, room), Math.clamp(y, -10, 10)));
    }

    private void edit(Stance stance) {
        try {
            document.edit(document.project().with(stance), gesture);
        } catch (InvalidValue e) {
            // The hand has gone where the rig cannot: it stays where it was.
        }
    }

    private void turning() {
        angle.setOnMousePressed(e -> {
            angle.requestFocus();
            pressedX = e.getX();
            pressedY = e.getY();
        });
        angle.setOnMouseDragged(e -> {
            turn(e.getX() - pressedX, e.getY() - pressedY);
            pressedX = e.getX();
            pressedY = e.getY();
        });
        angle.setOnKeyPressed(e -> {
            switch (e.getCode()) {
                case LEFT -> turn(-12, 0);
                case RIGHT -> turn(12, 0);
                case UP -> turn(0, -8);
                case DOWN -> turn(0, 8);
                default -> {
                    return;
                }
            }
            e.consume();
        });
        angle.setCursor(Cursor.MOVE);
    }

    private void turn(double across, double down) {
        turn -= Math.toRadians(across / 2);
        height = Math.clamp(height + Math.toRadians(down / 2), Math.toRadians(2), Math.toRadians(88));
        if (shown != null) {
            angle.show(AngleView.of(shown.situation(), View.at(turn, height), shown.person(), false), palette);
        }
    }

    /** Light or dark. */
    public void palette(Palette colours) {
        palette = colours;
    }

    /** Whether the rose of leans is wanted beside the plan; what hangs has none, and is shown at an angle. */
    public void rose(boolean wanted) {
        wantsRose = wanted;
    }

    /** Whether what the camera sees is wanted, over the side view and the plan. */
    public void lens(boolean wanted) {
        wantsLens = wanted;
    }

    /** The large view above, two smaller ones below. */
    private void arrange(Situation s) {
        List<DrawingPane> smaller = wantsLens
                ? List.of(side, plan)
                : List.of(plan, wantsRose && s.stands() ? rose : angle);
        if (!below.getChildren().equals(smaller)) {
            getChildren().clear();
            below.getChildren().clear();
            below.getChildren().addAll(smaller);
            getChildren().addAll(wantsLens ? lens : side, below);
        }
    }

    /** Shows an assessment's scene. */
    public void show(Assessment assessment, Scene scene) {
        shown = scene;
        Situation s = scene.situation();
        arrange(s);
        if (wantsLens) {
            lens.show(LensView.of(s), palette);
        }
        side.lengthsIn(scene.situation().project().units());
        plan.lengthsIn(scene.situation().project().units());
        side.show(SideView.of(scene), palette);
        plan.show(PlanView.of(scene), palette);
        if (below.getChildren().contains(rose)) {
            rose.show(LeanRose.of(s), palette);
            rose.setAccessibleText("Lean before it goes, by direction; least "
                    + s.show(Quantity.ANGLE, s.tipping().leastLean()));
        } else if (below.getChildren().contains(angle)) {
            angle.show(AngleView.of(s, View.at(turn, height), scene.person(), false), palette);
        }
        lens.setAccessibleText("What the camera sees: " + s.length(Sight.of(s).wide()) + " by "
                + s.length(Sight.of(s).deep()));
        side.setAccessibleText("Side view. " + assessment.sentence());
        plan.setAccessibleText("Plan view.");
        angle.setAccessibleText("View at an angle.");
    }
}
