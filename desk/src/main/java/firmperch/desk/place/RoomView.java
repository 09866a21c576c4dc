package firmperch.desk.place;

import firmperch.body.Vec3;
import firmperch.desk.document.Document;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.draw.Palette;
import firmperch.desk.form.DimensionField;
import firmperch.desk.panel.Choice;
import firmperch.draw.AngleView;
import firmperch.draw.Pick;
import firmperch.draw.RoomPlan;
import firmperch.draw.Scene;
import firmperch.draw.SideView;
import firmperch.draw.View;
import firmperch.place.Block;
import firmperch.place.Place;
import firmperch.place.RoomEdits;
import firmperch.place.Spot;
import firmperch.place.Thing;
import firmperch.project.Project;
import firmperch.project.Stance;
import firmperch.search.Assessment;
import firmperch.study.Situation;
import firmperch.units.InvalidValue;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The room from above, edited there: things, bench and rig are dragged, corners pulled, distances typed; beside it the same room from the side and at an angle. */
final class RoomView extends HBox {
    /** A corner is taken hold of from so far, px. */
    private static final double CORNER = 11;
    /** So near to another line what is dragged comes to rest on it, px. */
    private static final double SNAP = 8;
    private static final double CLICK = 3;
    private static final double STEP = 0.01;
    private static final double TURN = Math.toRadians(15);
    private static final View ANGLE = View.at(Math.toRadians(-35), Math.toRadians(38));

    /** What the hand has hold of. */
    private sealed interface Held {
    }

    private record Nothing() implements Held {}

    private record Whole(int number, double offX, double offY) implements Held {}

    private record Corner(int number, int corner) implements Held {}

    private record Bench(double offX, double y, Project from) implements Held {}

    private record Rig(double offX, double offY) implements Held {}

    private final Document document;
    private final Choice choice;
    private final RoomList list;
    private final DrawingPane plan = new DrawingPane("The room from above", 24);
    private final DrawingPane side = new DrawingPane("Side", 20);
    private final DrawingPane angle = new DrawingPane("At an angle", 16);
    private Palette palette = Palette.LIGHT;
    private Held held = new Nothing();
    private Object gesture = new Object();
    private double pressedX;
    private double pressedY;

    RoomView(Document document, Choice choice, RoomList list) {
        this.document = document;
        this.choice = choice;
        this.list = list;
        plan.setId("room-plan");
        side.setId("room-side");
        angle.setId("room-angle");
        for (DrawingPane pane : List.of(plan, side, angle)) {
            pane.setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        }
        plan.setFocusTraversable(true);
        plan.setAccessibleHelp(
                "Arrow keys move what is chosen by 10 mm, with Shift by 100; page up and page down turn it; "
                        + "Delete takes it out, Ctrl+C copies it.");
        VBox right = new VBox(side, angle);
        VBox.setVgrow(side, Priority.ALWAYS);
        VBox.setVgrow(angle, Priority.ALWAYS);
        right.prefWidthProperty().bind(widthProperty().multiply(0.33));
        right.setMinWidth(195);
        plan.prefWidthProperty().bind(widthProperty().multiply(0.67));
        side.prefHeightProperty().bind(heightProperty().multiply(0.5));
        angle.prefHeightProperty().bind(heightProperty().multiply(0.5));
        HBox.setHgrow(plan, Priority.ALWAYS);
        getStyleClass().add("room-view");
        getChildren().addAll(plan, right);
        plan.setOnMousePressed(this::press);
        plan.setOnMouseDragged(this::drag);
        plan.setOnMouseReleased(this::release);
        plan.setOnMouseMoved(e -> plan.setCursor(plan.valueAt(e.getX(), e.getY()).isPresent()
                ? Cursor.TEXT
                : switch (at(e)) {
                    case Nothing _ -> Cursor.DEFAULT;
                    case Corner _ -> Cursor.CROSSHAIR;
                    case Whole _,Bench _,Rig _ -> Cursor.OPEN_HAND;
                }));
        plan.setOnKeyPressed(this::key);
    }

    void palette(Palette colours) {
        palette = colours;
    }

    private Place place() {
        return document.project().place();
    }

    /** The number of the thing chosen; −1 for none, as where it is gone and the list has not followed yet. */
    private int chosen() {
        return choice.number() < place().things().size() ? choice.number() : -1;
    }

    private Situation now() {
        return document.assessment().get().situation();
    }

    private Held at(MouseEvent e) {
        double x = plan.metresX(e.getX());
        double y = plan.metresY(e.getY());
        Place place = place();
        int chosen = chosen();
        if (chosen >= 0) {
            List<Vec3> corners = place.things().get(chosen).outline();
            for (int i = 0; i < corners.size(); i++) {
                if (Math.hypot(plan.pixelX(corners.get(i).x()) - e.getX(),
                        plan.pixelY(corners.get(i).y()) - e.getY()) < CORNER) {
                    return new Corner(chosen, i);
                }
            }
        }
        OptionalInt thing = thing(place, x, y);
        if (thing.isPresent()) {
            Spot spot = place.things().get(thing.getAsInt()).spot();
            return new Whole(thing.getAsInt(), spot.x() - x, spot.y() - y);
        }
        if (!document.project().perch().none() && Pick.piece(now(), View.ABOVE, x, y).isPresent()) {
            Stance stance = document.project().stance();
            return new Rig(stance.x() - x, stance.y() - y);
        }
        return place.benchTop().covers(x, y)
                ? new Bench(place.bench().from() - x, y, document.project())
                : new Nothing();
    }

    /** The smallest thing under a point: a lamp over a table is taken before the table. */
    private static OptionalInt thing(Place place, double x, double y) {
        return IntStream.range(0, place.things().size()).filter(i -> {
            Thing t = place.things().get(i);
            return new Block(t.outline(), 0, 1).covers(x, y)
                    || t.solid(place.room()).stream().anyMatch(b -> b.covers(x, y));
        }).boxed().min(Comparator.comparingDouble(i -> {
            Thing.Sides sides = place.things().get(i).sides();
            return sides.depth() * sides.width();
        })).map(OptionalInt::of).orElse(OptionalInt.empty());
    }

    private void press(MouseEvent e) {
        plan.requestFocus();
        pressedX = e.getX();
        pressedY = e.getY();
        held = at(e);
        gesture = new Object();
        switch (held) {
            case Whole whole -> choice.choose(place().names(), whole.number());
            case Bench _,Nothing _ -> choice.choose(place().names(), -1);
            case Corner _,Rig _ -> {
            }
        }
        plan.hold(true);
    }

    private void drag(MouseEvent e) {
        if (Math.hypot(e.getX() - pressedX, e.getY() - pressedY) <= CLICK) {
            return;
        }
        double x = plan.metresX(e.getX());
        double y = plan.metresY(e.getY());
        switch (held) {
            case Nothing _ -> {
            }
            case Whole w when w.number() >= place().things().size() -> held = new Nothing();
            case Corner c when c.number() >= place().things().size() -> held = new Nothing();
            case Whole w -> {
                Thing thing = place().things().get(w.number());
                Spot to = RoomEdits.snapped(place(), thing, x + w.offX(), y + w.offY(), SNAP / plan.scale());
                edit(() -> RoomEdits.changed(place(), w.number(), thing.at(to)));
            }
            case Corner c -> edit(() -> RoomEdits.cornered(place(), c.number(), c.corner(),
                    new Vec3(x, y, 0)));
            case Bench b -> attempt(() -> b.from().withBenchAt(step(x + b.offX()), step(y - b.y())));
            case Rig r -> {
                Stance stance = document.project().stance();
                double depth = place().room().depth();
                attempt(() -> document.project().with(
                        stance.at(Math.clamp(x + r.offX(), 0, depth), Math.clamp(y + r.offY(), -10, 10))));
            }
        }
    }

    private static double step(double length) {
        return Math.rint(length / STEP) * STEP;
    }

    private void release(MouseEvent e) {
        plan.hold(false);
        held = new Nothing();
        Optional<String> value = plan.valueAt(e.getX(), e.getY());
        if (Math.hypot(e.getX() - pressedX, e.getY() - pressedY) <= CLICK && value.isPresent()) {
            DimensionField.open(document, plan, value.get());
        }
    }

    private interface Change<T> {
        T made();
    }

    private void edit(Change<Place> change) {
        attempt(() -> document.project().with(change.made()));
    }

    private void attempt(Change<Project> change) {
        try {
            document.edit(change.made(), gesture);
        } catch (InvalidValue e) {
            // The hand has gone where it cannot be: it stays where it was.
        }
    }

    private void key(KeyEvent e) {
        double far = e.isShiftDown() ? 10 * STEP : STEP;
        switch (e.getCode()) {
            case LEFT -> move(-far, 0, 0);
            case RIGHT -> move(far, 0, 0);
            case UP -> move(0, far, 0);
            case DOWN -> move(0, -far, 0);
            case PAGE_UP -> move(0, 0, TURN);
            case PAGE_DOWN -> move(0, 0, -TURN);
            case DELETE -> list.delete();
            case C -> {
                if (!e.isShortcutDown()) {
                    return;
                }
                list.copy();
            }
            default -> {
                return;
            }
        }
        e.consume();
    }

    private void move(double away, double left, double turn) {
        int number = chosen();
        gesture = "room key " + number;
        if (number < 0) {
            attempt(() -> document.project().withBenchAt(place().bench().from() + away, left));
            return;
        }
        Thing thing = place().things().get(number);
        Spot s = thing.spot();
        double turned = Math.IEEEremainder(s.turn() + turn, 2 * Math.PI);
        edit(() -> RoomEdits.changed(place(), number,
                thing.at(new Spot(s.x() + away, s.y() + left, Math.clamp(turned, -Math.PI, Math.PI)))));
    }

    void show(Assessment assessment) {
        Situation s = assessment.situation();
        plan.lengthsIn(s.project().units());
        plan.show(RoomPlan.of(s, choice.number(),
                s.project().perch().none() ? Optional.empty() : assessment.coverage()), palette);
        side.show(SideView.of(Scene.small(s)), palette);
        angle.show(AngleView.of(s, ANGLE, true, true), palette);
        plan.setAccessibleText("The room from above with " + s.project().place().things().size() + " things.");
        side.setAccessibleText("The room from the side.");
        angle.setAccessibleText("The room at an angle.");
    }
}
