package firmperch.desk.widget;

import firmperch.check.Verdict;
import javafx.scene.Group;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.StrokeLineCap;

/** The mark of a verdict: a ball resting on a level perch, rolling on a tilted one, or fallen off. */
public final class StatusMark extends StackPane {
    private final double size;
    private Verdict shown;

    /** A mark of that width, px. */
    public StatusMark(double size) {
        this.size = size;
        setMinSize(size, size * 0.8);
        setPrefSize(size, size * 0.8);
        setMaxSize(size, size * 0.8);
        getStyleClass().add("mark");
    }

    /** Shows a verdict; null shows an open ring. */
    public void show(Verdict verdict) {
        if (verdict == shown && !getChildren().isEmpty()) {
            return;
        }
        shown = verdict;
        setAccessibleText(verdict == null ? "nothing to check" : verdict.word());
        VerdictStyle.set(this, verdict);
        double u = size / 16;
        // The mark keeps its size whatever it shows, so that marks in a column line up.
        Line box = new Line(0, 0, 16 * u, 12.8 * u);
        box.setOpacity(0);
        if (verdict == null) {
            Circle ring = new Circle(8 * u, 6.4 * u, 3.2 * u);
            ring.getStyleClass().add("mark-ring");
            getChildren().setAll(new Group(box, ring));
            return;
        }
        double tilt = verdict == Verdict.HOLDS ? 0 : verdict == Verdict.NEAR ? 1.8 : 3.2;
        Line bar = new Line(1.5 * u, (9.2 + tilt / 2) * u - tilt * u, 14.5 * u, (9.2 + tilt / 2) * u);
        bar.setStrokeWidth(2.2 * u);
        bar.setStrokeLineCap(StrokeLineCap.ROUND);
        bar.setStroke(VerdictStyle.light(verdict));
        bar.getStyleClass().add("mark-bar");
        Circle ball = switch (verdict) {
            case HOLDS -> new Circle(8 * u, 4.7 * u, 3 * u);
            case NEAR -> new Circle(10.2 * u, 4.6 * u, 3 * u);
            case GIVES -> new Circle(4.2 * u, 10 * u, 2.6 * u);
        };
        ball.setFill(VerdictStyle.light(verdict));
        ball.getStyleClass().add("mark-ball");
        getChildren().setAll(new Group(box, bar, ball));
    }
}
