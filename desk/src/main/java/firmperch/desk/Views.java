package firmperch.desk;

import firmperch.check.Situation;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.draw.Palette;
import firmperch.draw.Ghost;
import firmperch.draw.LeanRose;
import firmperch.draw.PlanView;
import firmperch.draw.SideView;
import firmperch.frame.Vec3;
import firmperch.pose.Pose;
import firmperch.pose.Reach;
import firmperch.project.Project;
import firmperch.project.Stance;
import firmperch.rig.Rig;
import firmperch.search.Assessment;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Side view, plan and rose of leans; camera, carriage and base are dragged in them, or moved by the arrow keys. */
final class Views extends VBox {
    private static final double GRAB = 34;
    private static final double DEGREE = Math.toRadians(1);

    /** What the hand has hold of. */
    private enum Held {
        NOTHING, CAMERA, CARRIAGE, BASE
    }

    private final Document document;
    private final DrawingPane side = new DrawingPane("Side", 26);
    private final DrawingPane plan = new DrawingPane("Above", 14);
    private final DrawingPane rose = new DrawingPane("", 10);
    private Held held = Held.NOTHING;
    private Object gesture;
    private double grabX;
    private double grabY;
    private Palette palette = Palette.LIGHT;

    Views(Document document) {
        this.document = document;
        side.setId("side-view");
        plan.setId("plan-view");
        rose.setId("rose");
        side.setFocusTraversable(true);
        plan.setFocusTraversable(true);
        for (DrawingPane pane : new DrawingPane[]{side, plan, rose}) {
            pane.setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        }
        side.setAccessibleHelp(
                "Up and down lift the arm, page up and page down change the pin hole, left and right swing it.");
        plan.setAccessibleHelp(side.getAccessibleHelp());
        HBox below = new HBox(plan, rose);
        HBox.setHgrow(plan, Priority.ALWAYS);
        rose.prefWidthProperty().bind(widthProperty().multiply(0.34));
        rose.setMinWidth(195);
        below.getStyleClass().add("below");
        // The side view carries the heights and gets the larger share.
        side.prefHeightProperty().bind(heightProperty().multiply(0.60));
        below.prefHeightProperty().bind(heightProperty().multiply(0.40));
        VBox.setVgrow(side, Priority.ALWAYS);
        getChildren().addAll(side, below);
        hand(side);
        hand(plan);
    }

    private void hand(DrawingPane pane) {
        pane.setOnMousePressed(e -> press(pane, e));
        pane.setOnMouseDragged(e -> drag(pane, e));
        pane.setOnMouseReleased(e -> release());
        pane.setOnMouseMoved(e -> pane.setCursor(at(pane, e) == Held.NOTHING ? Cursor.DEFAULT : Cursor.OPEN_HAND));
        pane.setOnKeyPressed(this::key);
    }

    private Situation now() {
        return document.assessment().get().situation();
    }

    private Held at(DrawingPane pane, MouseEvent e) {
        Situation s = now();
        Vec3 camera = s.inRoom(s.posed().sensor());
        Vec3 carriage = s.inRoom(s.posed().seat().plus(new Vec3(0, 0, s.posed().carriage().height() / 2)));
        Vec3 base = s.inRoom(Vec3.ZERO);
        if (pane == side) {
            if (near(pane, e, camera.x(), camera.z())) {
                return Held.CAMERA;
            }
            return near(pane, e, carriage.x(), carriage.z()) ? Held.CARRIAGE : Held.NOTHING;
        }
        if (near(pane, e, camera.x(), camera.y())) {
            return Held.CAMERA;
        }
        double half = s.posed().box().boardSide() / 2;
        boolean onBase = Math.abs(pane.metresX(e.getX()) - base.x()) < half
                && Math.abs(pane.metresY(e.getY()) - base.y()) < half;
        return onBase ? Held.BASE : Held.NOTHING;
    }

    private static boolean near(DrawingPane pane, MouseEvent e, double x, double y) {
        return Math.hypot(pane.pixelX(x) - e.getX(), pane.pixelY(y) - e.getY()) < GRAB;
    }

    private void press(DrawingPane pane, MouseEvent e) {
        pane.requestFocus();
        held = at(pane, e);
        if (held == Held.NOTHING) {
            return;
        }
        gesture = new Object();
        Situation s = now();
        Vec3 camera = s.inRoom(s.posed().sensor());
        Vec3 base = s.inRoom(Vec3.ZERO);
        double x = pane.metresX(e.getX());
        double y = pane.metresY(e.getY());
        switch (held) {
            case CAMERA -> {
                grabX = x - camera.x();
                grabY = y - (pane == side ? camera.z() : camera.y());
            }
            case CARRIAGE -> grabY = y - s.posed().seat().z();
            case BASE -> {
                grabX = x - base.x();
                grabY = y - base.y();
            }
            case NOTHING -> {
            }
        }
        side.hold(true);
        plan.hold(true);
    }

    private void drag(DrawingPane pane, MouseEvent e) {
        double x = pane.metresX(e.getX()) - grabX;
        double y = pane.metresY(e.getY()) - grabY;
        switch (held) {
            case NOTHING -> {
            }
            case CAMERA -> {
                if (pane == side) {
                    pose(p -> Reach.toHeight(rig(), p, y));
                } else {
                    Stance stance = document.project().stance();
                    Vec3 inPerch = new Vec3(x - stance.x(), y - stance.y(), 0).turned(-stance.heading());
                    pose(p -> Reach.toward(rig(), p, inPerch));
                }
            }
            case CARRIAGE -> pose(p -> p.with(rig(), Rig.PIN, pinAt(y)));
            case BASE -> move(x, y);
        }
    }

    private double pinAt(double height) {
        return (height - now().posed().foot().z() - now().posed().post().firstHole()) / now().posed().post().pitch();
    }

    private void release() {
        held = Held.NOTHING;
        side.hold(false);
        plan.hold(false);
    }

    private void key(KeyEvent e) {
        switch (e.getCode()) {
            case UP -> step(Rig.LIFT, DEGREE);
            case DOWN -> step(Rig.LIFT, -DEGREE);
            case LEFT -> step(Rig.SWING, 2 * DEGREE);
            case RIGHT -> step(Rig.SWING, -2 * DEGREE);
            case PAGE_UP -> step(Rig.PIN, 1);
            case PAGE_DOWN -> step(Rig.PIN, -1);
            default -> {
                return;
            }
        }
        e.consume();
    }

    private void step(String freedom, double by) {
        gesture = freedom;
        pose(p -> p.with(rig(), freedom, p.get(rig(), freedom) + by));
    }

    private Rig rig() {
        return now().posed().rig();
    }

    private void pose(UnaryOperator<Pose> change) {
        Stance stance = document.project().stance();
        Pose changed = change.apply(now().posed().pose());
        edit(new Stance(stance.x(), stance.y(), stance.heading(), changed.joints(rig())));
    }

    private void move(double x, double y) {
        Project project = document.project();
        double room = project.place().roomDepth();
        edit(new Stance(Math.clamp(x, 0, room), Math.clamp(y, -10, 10), project.stance().heading(),
                project.stance().joints()));
    }

    private void edit(Stance stance) {
        try {
            document.edit(document.project().with(stance), gesture);
        } catch (InvalidValue e) {
            // The hand has gone where the perch cannot: it stays where it was.
        }
    }

    void palette(Palette colours) {
        palette = colours;
    }

    /** Shows an assessment, with another pose as a ghost if there is one. */
    void show(Assessment assessment, Optional<Ghost> ghost, boolean wholeRoom) {
        Situation s = assessment.situation();
        side.show(SideView.of(s, ghost, wholeRoom), palette);
        plan.show(PlanView.of(s, ghost), palette);
        rose.show(LeanRose.of(s), palette);
        side.setAccessibleText("Side view. " + assessment.sentence());
        plan.setAccessibleText("Plan view.");
        rose.setAccessibleText("Lean before it goes, by direction; least " + s.show(Quantity.ANGLE,
                s.leastLean()));
    }
}
