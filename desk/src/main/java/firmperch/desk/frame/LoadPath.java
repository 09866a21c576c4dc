package firmperch.desk.frame;

import firmperch.body.Contact;
import firmperch.body.Station;
import firmperch.check.Finding;
import firmperch.check.Verdict;
import firmperch.desk.widget.OneOf;
import firmperch.desk.widget.Spacer;
import firmperch.desk.widget.StatusMark;
import firmperch.desk.widget.VerdictStyle;
import firmperch.desk.widget.Words;
import firmperch.place.Place;
import firmperch.pose.Posed;
import firmperch.search.Assessment;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polygon;
import javafx.util.Duration;

/**
 * The spine of the desk: every station from the camera down to what it stands on, what it carries and what is left. Where
 * supports share, it forks; where all hangs, the camera is at the bottom.
 */
public final class LoadPath extends VBox {
    private static final double MARK_X = 27;
    /** What one branch of a fork stands beside the other. */
    private static final double BESIDE = 20;
    /** A row with a name and what it carries, and one in which the name takes two lines, px. */
    private static final double TWO_LINES = 42;
    private static final double THREE_LINES = 66;

    private final List<Row> rows = new ArrayList<>();
    private final OneOf one = new OneOf();
    private final VBox list = new VBox();
    private final Consumer<Station> choose;
    private final Label floor = new Label();
    private final Tooltip leftTip = new Tooltip();
    private final Pane line = new Pane();
    private final StackPane stack;
    private final Label nothing = Words.of("answer",
            "No rig yet. Choose one under Kind: what carries the camera then stands here, from the camera down.");
    private final HBox head;
    private boolean hangs;
    private Assessment shown;
    private Station chosen;

    LoadPath(Consumer<Station> choose) {
        this.choose = choose;
        getStyleClass().add("load-path");
        nothing.setMinHeight(USE_PREF_SIZE);
        Label title = Words.heading("Load path");
        Label left = new Label("left over");
        left.getStyleClass().add("hint");
        leftTip.setShowDelay(Duration.millis(300));
        leftTip.setWrapText(true);
        leftTip.setPrefWidth(340);
        Tooltip.install(left, leftTip);
        head = new HBox(title, Spacer.wide(), left);
        head.getStyleClass().add("load-path-head");
        list.setFillWidth(true);
        line.setMouseTransparent(true);
        stack = new StackPane(line, list);
        VBox.setVgrow(stack, Priority.ALWAYS);
        stack.layoutBoundsProperty().addListener((o, was, is) -> Platform.runLater(this::drawFlow));
        floor.getStyleClass().add("floor-label");
        getChildren().addAll(head, nothing, stack, floor);
    }

    void select(Station station) {
        chosen = station;
        mark();
    }

    private void mark() {
        one.show(rows.stream().filter(row -> row.station.equals(chosen)).findFirst().orElse(null));
    }

    void show(Assessment assessment) {
        shown = assessment;
        boolean none = assessment.project().perch().none();
        nothing.setVisible(none);
        nothing.setManaged(none);
        stack.setVisible(!none);
        floor.setVisible(!none);
        if (none) {
            rows(List.of());
            return;
        }
        boolean above = !assessment.situation().stands();
        List<Station> stations = assessment.study().assembly().stations();
        List<Station> path = above ? stations : stations.reversed();
        if (above != hangs) {
            hangs = above;
            floor.getStyleClass().remove("ceiling-label");
            if (hangs) {
                floor.getStyleClass().add("ceiling-label");
                getChildren().setAll(head, nothing, floor, stack);
            } else {
                getChildren().setAll(head, nothing, stack, floor);
            }
        }
        leftTip.setText(scale(assessment.project().policy().near()));
        rows(path);
        rows.forEach(row -> row.show(assessment));
        floor.setText(ground(assessment));
        drawFlow();
    }

    /** The one scale of all that is asked, in words. */
    private static String scale(double near) {
        return String.format(Locale.ROOT,
                "What is left over beyond what you want, the reserve included where one is wanted (%.0f %% where things slip, bend or break). "
                        + "From ×1.0 up it holds, from ×%.2f up it is near, below that it gives: less is always worse.",
                (near - 1) * 100, 1 / near);
    }

    /** What carries it all, in words. */
    private static String ground(Assessment assessment) {
        Place place = assessment.project().place();
        UnitSystem system = assessment.project().units();
        return assessment.study().assembly().contacts().stream().map(Contact::surface).distinct()
                .map(surface -> switch (surface) {
                    case FLOOR -> "floor, sloping " + Quantity.ANGLE.show(place.room().slope(), system);
                    case BENCH -> "bench, " + Quantity.LENGTH.show(place.bench().height(), system) + " high";
                    case TABLE -> place.carrier(surface)
                            .map(t -> "“" + t.name() + "”, " + Quantity.LENGTH.show(t.measure(), system) + " high")
                            .orElse("");
                    case POST -> place.carrier(surface)
                            .map(t -> "“" + t.name() + "”, " + Quantity.LENGTH.show(t.measure(), system) + " thick")
                            .orElse("");
                    case CEILING -> "ceiling, " + Quantity.LENGTH.show(place.room().ceiling(), system) + " up";
                    case WALL -> "wall";
                }).collect(Collectors.joining(" and "));
    }

    /** A row for each station, from the camera down to the place. They stay and show what another rig has in their place. */
    private void rows(List<Station> path) {
        while (rows.size() > path.size()) {
            Row gone = rows.removeLast();
            one.remove(gone);
            list.getChildren().remove(gone);
        }
        while (rows.size() < path.size()) {
            Row row = new Row();
            one.add(row, () -> choose.accept(row.station));
            rows.add(row);
            VBox.setVgrow(row, Priority.ALWAYS);
            list.getChildren().add(row);
        }
        for (int i = 0; i < path.size(); i++) {
            rows.get(i).stand(path.get(i), column(path.get(i), path));
        }
        mark();
    }

    /** Which branch of a fork a station is, counted from 0; what hangs on beside the way from the camera down is in the second. */
    private int column(Station station, List<Station> path) {
        if (!shown.study().assembly().payload().rests(station)) {
            return 1;
        }
        return path.stream().filter(above -> above.on().size() > 1 && above.on().contains(station))
                .mapToInt(above -> above.on().indexOf(station)).findFirst().orElse(0);
    }

    /** Bands that grow with the mass that flows through them, from each station to what carries it. */
    private void drawFlow() {
        if (rows.isEmpty() || line.getHeight() < 10) {
            return;
        }
        double pitch = line.getHeight() / rows.size();
        List<List<Double>> bands = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            double x = MARK_X + row.column * BESIDE;
            double y = pitch * (i + 0.5);
            double own = half(row.station);
            if (row.station.on().isEmpty()) {
                bands.add(band(x, y, own, x, hangs ? 0 : line.getHeight(), own));
            }
            for (Station below : row.station.on()) {
                int at = row(below);
                double wide = half(below);
                bands.add(band(x, y, row.station.on().size() > 1 ? wide : own, MARK_X + rows.get(at).column * BESIDE,
                        pitch * (at + 0.5), wide));
            }
        }
        while (line.getChildren().size() > bands.size()) {
            line.getChildren().removeLast();
        }
        for (int i = 0; i < bands.size(); i++) {
            if (i == line.getChildren().size()) {
                Polygon flow = new Polygon();
                flow.getStyleClass().add("flow");
                line.getChildren().add(flow);
            }
            Polygon flow = (Polygon) line.getChildren().get(i);
            // A drag does not change what flows; then the band need not be painted again.
            if (!bands.get(i).equals(flow.getPoints())) {
                flow.getPoints().setAll(bands.get(i));
            }
        }
    }

    private int row(Station station) {
        return IntStream.range(0, rows.size()).filter(i -> rows.get(i).station.equals(station)).findFirst()
                .orElseThrow();
    }

    private static List<Double> band(double x0, double y0, double half0, double x1, double y1, double half1) {
        return List.of(x0 + half0, y0, x1 + half1, y1, x1 - half1, y1, x0 - half0, y0);
    }

    private double half(Station station) {
        return 0.75
                + 4.5 * Math.sqrt(Math.max(0, shown.situation().carried(station)) / shown.situation().posed().mass());
    }

    private static final class Row extends ToggleButton {
        private Station station;
        private int column;
        private final HBox box;
        private final StatusMark mark = new StatusMark(18);
        private final Label name = new Label();
        /** For a name that is longer than there is room for. */
        private final Tooltip whole = new Tooltip();
        private final Label carries = new Label();
        private final Label left = new Label();

        Row() {
            name.getStyleClass().add("station");
            // Where the rows are high enough a long name takes two lines; all rows are alike high whatever they are called.
            name.wrapTextProperty().bind(heightProperty().greaterThan(THREE_LINES));
            setPrefHeight(TWO_LINES);
            carries.getStyleClass().add("hint");
            left.getStyleClass().add("left-over");
            left.setMinWidth(USE_PREF_SIZE);
            VBox words = new VBox(name, carries);
            words.setAlignment(Pos.CENTER_LEFT);
            HBox.setHgrow(words, Priority.ALWAYS);
            StackPane ring = new StackPane(mark);
            ring.getStyleClass().add("ring");
            box = new HBox(10, ring, words, left);
            box.setAlignment(Pos.CENTER_LEFT);
            setGraphic(box);
            box.prefWidthProperty().bind(widthProperty().subtract(20));
            setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
            getStyleClass().setAll("station-row");
            setTooltip(whole);
        }

        void stand(Station at, int beside) {
            if (!at.equals(station)) {
                setId("station-" + at.id().replace('.', '-'));
            }
            station = at;
            column = beside;
            box.setPadding(new Insets(0, 0, 0, column * BESIDE));
        }

        void show(Assessment assessment) {
            Posed posed = assessment.situation().posed();
            UnitSystem system = assessment.project().units();
            Optional<Finding> weakest = assessment.weakest(station);
            mark.show(weakest.map(Finding::verdict).orElse(null));
            name.setText(station.label());
            whole.setText(station.label());
            double moment = posed.momentAt(station);
            double carried = assessment.situation().carried(station);
            double spare = assessment.study().assembly().payload().rests(station) ? posed.rig().spare() : 0;
            double without = 1 - posed.rig().spare() / posed.mass();
            String in = weakest.filter(f -> f.verdict() != Verdict.HOLDS).map(f -> f.in(assessment.project()))
                    .orElse("");
            String turns = moment > 0.05 && carried >= posed.massFrom(station)
                    ? " · " + Quantity.TORQUE.show(moment, system)
                    : "";
            carries.setText("carries " + Quantity.MASS.show(carried < posed.massFrom(station)
                    ? carried * without
                    : carried - spare, system) + (in.isEmpty() ? turns : " · " + in));
            left.setText(weakest.map(Finding::leftText).orElse("–"));
            VerdictStyle.set(left, weakest.map(Finding::verdict).orElse(null));
            setAccessibleText(name.getText() + ", " + carries.getText() + ", left over " + left.getText() + ", "
                    + weakest.map(f -> f.verdict().word()).orElse("nothing to check"));
        }
    }
}
