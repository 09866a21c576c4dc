package firmperch.desk.draw;

import firmperch.draw.Drawing;
import firmperch.draw.Ink;
import firmperch.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.TextField;
import javafx.scene.layout.Pane;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

/** A canvas that shows a drawing as large as it fits, true to scale, with a title. */
public final class DrawingPane extends Pane {
    private static final Font TITLE = Font.font("IBM Plex Sans SemiBold", 13);

    private final Canvas canvas = new Canvas();
    private final String name;
    private final double margin;
    private Drawing drawing;
    private Viewport viewport = new Viewport(100, 0, 0);
    private Palette palette = Palette.LIGHT;
    private boolean held;
    private Painted painted;
    private String unit = "";
    private List<FxPainter.Spot> spots = List.of();

    /** What decides every pixel. */
    private record Painted(Drawing drawing, Viewport viewport, Palette palette, double width, double height,
            String unit, boolean focused) {}

    /** A pane named for assistive technology and, unless the name is empty, in its corner. */
    public DrawingPane(String name, double margin) {
        this.name = name;
        this.margin = margin;
        getChildren().add(canvas);
        getStyleClass().add("drawing");
        setMinSize(80, 80);
        setFocusTraversable(false);
        focusVisibleProperty().addListener((o, was, is) -> paint());
    }

    /** Says in its corner what its lengths are in, as they stand there without it. */
    public void lengthsIn(UnitSystem units) {
        unit = ", " + units.label();
    }

    /** Shows another drawing. */
    public void show(Drawing next, Palette colours) {
        drawing = next;
        palette = colours;
        paint();
    }

    /** Keeps the scale as it is while something is dragged, so that the ground does not move under the hand. */
    public void hold(boolean hold) {
        held = hold;
        paint();
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            paint();
        }
    }

    private void paint() {
        if (drawing == null || canvas.getWidth() < 2 || canvas.getHeight() < 2) {
            return;
        }
        if (!held) {
            viewport = Viewport.fit(drawing, canvas.getWidth(), canvas.getHeight(), margin);
        }
        Painted now = new Painted(drawing, viewport, palette, canvas.getWidth(), canvas.getHeight(), unit,
                isFocusVisible());
        if (now.equals(painted)) {
            // A search that goes on changes nothing here, and painting takes longer than to see that.
            return;
        }
        painted = now;
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setFill(palette.ground());
        g.fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
        FxPainter painter = new FxPainter(g, viewport, palette);
        painter.paint(drawing);
        spots = painter.spots();
        // A pixel of the reference density is 1/96 inch; the scale is what a ruler on the screen would find there.
        if (!name.isEmpty()) {
            String title = name + "   1 : " + Math.round(96 / 0.0254 / viewport.scale()) + unit;
            Text measure = new Text(title);
            measure.setFont(TITLE);
            g.setFill(palette.ground());
            g.fillRect(0, 6, 14 + Math.ceil(measure.getLayoutBounds().getWidth()) + 6, 20);
            g.setFont(TITLE);
            g.setTextAlign(TextAlignment.LEFT);
            g.setTextBaseline(VPos.TOP);
            g.setFill(palette.text());
            g.fillText(title, 14, 8);
        }
        if (isFocusVisible()) {
            // A border would lie under the canvas.
            g.setStroke(palette.stroke(Ink.CHOSEN));
            g.setLineWidth(2);
            g.setLineDashes();
            g.strokeRect(1, 1, canvas.getWidth() - 2, canvas.getHeight() - 2);
        }
    }

    /** The project's value that stands at a pixel and can be edited there, by its path; nothing if none does. */
    public Optional<String> valueAt(double x, double y) {
        return spots.stream().filter(s -> s.holds(x, y)).map(FxPainter.Spot::path).findFirst();
    }

    /** Puts an editor where the value of that path stands. */
    public void edit(String path, TextField editor) {
        spots.stream().filter(s -> s.path().equals(path)).findFirst().ifPresent(spot -> {
            editor.setManaged(false);
            getChildren().removeIf(n -> n instanceof TextField);
            getChildren().add(editor);
            double width = Math.max(110, spot.width());
            editor.resizeRelocate(
                    Math.clamp(spot.x() + spot.width() / 2 - width / 2, 2, Math.max(2, getWidth() - width - 2)),
                    spot.y() - 4, width, 28);
        });
    }

    /** Takes an editor away again. */
    public void done(TextField editor) {
        getChildren().remove(editor);
    }

    /** Metres to the right of the drawing's origin at a pixel. */
    public double metresX(double pixel) {
        return viewport.metresX(pixel);
    }

    /** Metres above the drawing's origin at a pixel. */
    public double metresY(double pixel) {
        return viewport.metresY(pixel);
    }

    /** Pixel column of a place in the drawing. */
    public double pixelX(double metres) {
        return viewport.x(metres);
    }

    /** Pixel row of a place in the drawing. */
    public double pixelY(double metres) {
        return viewport.y(metres);
    }

    /** Pixels in a metre. */
    public double scale() {
        return viewport.scale();
    }
}
