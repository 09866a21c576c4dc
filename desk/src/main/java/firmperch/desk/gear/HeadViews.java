package firmperch.desk.gear;

import firmperch.body.Vec3;
import firmperch.desk.document.Document;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.draw.Palette;
import firmperch.desk.panel.Choice;
import firmperch.draw.HeadView.From;
import firmperch.draw.HeadView;
import firmperch.draw.Shape.Point;
import firmperch.part.Gear;
import firmperch.part.GearEdits;
import firmperch.part.GearItem;
import firmperch.search.Assessment;
import firmperch.units.InvalidValue;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** The head from the front and from the side; what hangs there is dragged. */
final class HeadViews extends HBox {
    /** So near to the axis or another thing's middle what is dragged comes to rest on it, px. */
    private static final double SNAP = 6;
    /** A thing without a size is taken hold of from so far, px. */
    private static final double GRAB = 12;

    private final Document document;
    private final Choice choice;
    private final GearList list;
    private final DrawingPane front = new DrawingPane("From the front", 22);
    private final DrawingPane side = new DrawingPane("From the side", 22);
    private Palette palette = Palette.LIGHT;
    private int held = -1;
    private double offX;
    private double offY;
    private Object gesture = new Object();

    HeadViews(Document document, Choice choice, GearList list) {
        this.document = document;
        this.choice = choice;
        this.list = list;
        front.setId("head-front");
        side.setId("head-side");
        hand(front, From.FRONT);
        hand(side, From.SIDE);
        for (DrawingPane pane : List.of(front, side)) {
            pane.setAccessibleRole(AccessibleRole.IMAGE_VIEW);
            pane.setAccessibleHelp("Arrow keys move what is chosen by 5 mm; Delete takes it off.");
            pane.setFocusTraversable(true);
            pane.prefWidthProperty().bind(widthProperty().multiply(0.5));
            HBox.setHgrow(pane, Priority.ALWAYS);
        }
        getChildren().addAll(front, side);
    }

    void palette(Palette colours) {
        palette = colours;
    }

    private Gear gear() {
        return document.project().gear();
    }

    private void hand(DrawingPane pane, From from) {
        pane.setOnMousePressed(e -> press(pane, from, e));
        pane.setOnMouseDragged(e -> drag(pane, from, e));
        pane.setOnMouseReleased(e -> {
            held = -1;
            front.hold(false);
            side.hold(false);
        });
        pane.setOnMouseMoved(e -> pane.setCursor(at(pane, from, e) < 0 ? Cursor.DEFAULT : Cursor.OPEN_HAND));
        pane.setOnKeyPressed(e -> key(from, e));
    }

    /** The smallest thing under the pointer; −1 for none. */
    private int at(DrawingPane pane, From from, MouseEvent e) {
        double x = pane.metresX(e.getX());
        double y = pane.metresY(e.getY());
        double near = GRAB / pane.scale();
        return IntStream.range(0, gear().items().size()).filter(i -> {
            GearItem item = gear().items().get(i);
            Point at = HeadView.at(item, from);
            return Math.abs(x - at.x()) <= Math.max(near, HeadView.half(item, from))
                    && Math.abs(y - at.y()) <= Math.max(near, item.size().high() / 2);
        }).boxed().min((a, b) -> Double.compare(area(a, from), area(b, from))).orElse(-1);
    }

    private double area(int number, From from) {
        GearItem item = gear().items().get(number);
        return HeadView.half(item, from) * item.size().high();
    }

    private void press(DrawingPane pane, From from, MouseEvent e) {
        pane.requestFocus();
        held = at(pane, from, e);
        gesture = new Object();
        choice.choose(gear().names(), held);
        if (held >= 0) {
            Point at = HeadView.at(gear().items().get(held), from);
            offX = at.x() - pane.metresX(e.getX());
            offY = at.y() - pane.metresY(e.getY());
            front.hold(true);
            side.hold(true);
        }
    }

    private void drag(DrawingPane pane, From from, MouseEvent e) {
        if (held >= 0 && held < gear().items().size()) {
            double near = SNAP / pane.scale();
            GearItem item = gear().items().get(held);
            double aside = snapped(pane.metresX(e.getX()) + offX, near, i -> HeadView.at(i, from).x());
            double up = snapped(pane.metresY(e.getY()) + offY, near, i -> HeadView.at(i, from).y());
            move(held, from == From.SIDE
                    ? new Vec3(aside, item.left(), up)
                    : new Vec3(item.forward(), aside, up));
        }
    }

    private double snapped(double to, double near, ToDoubleFunction<GearItem> along) {
        return GearEdits.snapped(gear(), held, to, near, along);
    }

    private void move(int number, Vec3 to) {
        try {
            document.edit(document.project().with(GearEdits.moved(gear(), number, to)), gesture);
        } catch (InvalidValue e) {
            // The hand has gone where it cannot hang: it stays where it was.
        }
    }

    private void key(From from, KeyEvent e) {
        // What is gone, and the list has not followed yet, is not moved.
        int number = choice.number() < gear().items().size() ? choice.number() : -1;
        Vec3 aside = from == From.SIDE ? Vec3.X : Vec3.Y;
        Vec3 by = switch (e.getCode()) {
            case LEFT -> aside.times(-GearEdits.STEP);
            case RIGHT -> aside.times(GearEdits.STEP);
            case UP -> Vec3.UP.times(GearEdits.STEP);
            case DOWN -> Vec3.DOWN.times(GearEdits.STEP);
            default -> null;
        };
        if (number >= 0 && by != null) {
            gesture = "gear key " + number;
            move(number, gear().items().get(number).at().plus(by));
            e.consume();
        } else if (number >= 0 && e.getCode() == KeyCode.DELETE) {
            list.takeOff();
            e.consume();
        }
    }

    void show(Assessment assessment) {
        front.lengthsIn(assessment.project().units());
        side.lengthsIn(assessment.project().units());
        front.show(HeadView.of(assessment.situation(), From.FRONT, choice.number()), palette);
        side.show(HeadView.of(assessment.situation(), From.SIDE, choice.number()), palette);
        front.setAccessibleText("The head from the front.");
        side.setAccessibleText("The head from the side.");
    }
}
