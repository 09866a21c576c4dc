package firmperch.desk.frame;

import firmperch.body.Contact;
import firmperch.body.Station;
import firmperch.check.Finding;
import firmperch.desk.widget.StatusMark;
import firmperch.desk.widget.VerdictStyle;
import firmperch.desk.widget.Words;
import firmperch.pose.Posed;
import firmperch.project.Place;
import firmperch.search.Assessment;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Toggle;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polygon;

/** The spine of the desk: every station from the camera down to the floor, what it carries and what is left. */
public final class LoadPath extends VBox {
    private static final double MARK_X = 27;

    private final Map<Station, Row> rows = new LinkedHashMap<>();
    private final ToggleGroup group = new ToggleGroup();
    private final VBox list = new VBox();
    private final Consumer<Station> chosen;
    private final Label floor = new Label();
    private final Pane line = new Pane();
    private final Polygon flow = new Polygon();
    private Assessment shown;

    LoadPath(Consumer<Station> chosen) {
        this.chosen = chosen;
        getStyleClass().add("load-path");
        Label title = Words.heading("Load path");
        Label left = new Label("left over");
        left.getStyleClass().add("hint");
        HBox head = new HBox(title, spacer(), left);
        head.getStyleClass().add("load-path-head");
        list.setFillWidth(true);
        flow.getStyleClass().add("flow");
        line.getChildren().add(flow);
        line.setMouseTransparent(true);
        StackPane stack = new StackPane(line, list);
        VBox.setVgrow(stack, Priority.ALWAYS);
        stack.layoutBoundsProperty().addListener((o, was, is) -> Platform.runLater(this::drawFlow));
        floor.getStyleClass().add("floor-label");
        getChildren().addAll(head, stack, floor);
    }

    public static Region spacer() {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        return gap;
    }

    void select(Station station) {
        Row row = rows.get(station);
        if (row != null) {
            row.setSelected(true);
        } else {
            rows.values().forEach(r -> r.setSelected(false));
        }
    }

    void show(Assessment assessment) {
        shown = assessment;
        List<Station> path = assessment.study().assembly().stations().reversed();
        if (!List.copyOf(rows.keySet()).equals(path)) {
            build(path);
        }
        rows.values().forEach(row -> row.show(assessment));
        floor.setText(ground(assessment));
        drawFlow();
    }

    /** What carries it all, in words. */
    private static String ground(Assessment assessment) {
        Place place = assessment.project().place();
        UnitSystem system = assessment.project().units();
        return assessment.study().assembly().contacts().stream().map(Contact::surface).distinct()
                .map(surface -> switch (surface) {
                    case FLOOR -> "floor, sloping " + Quantity.ANGLE.show(place.room().slope(), system);
                    case BENCH -> "bench, " + Quantity.LENGTH.show(place.bench().height(), system) + " high";
                    case CEILING -> "ceiling, " + Quantity.LENGTH.show(place.room().ceiling(), system) + " up";
                    case WALL -> "wall";
                }).collect(Collectors.joining(" and "));
    }

    /** A row for each station, from the camera down to the place. */
    private void build(List<Station> path) {
        Toggle was = group.getSelectedToggle();
        rows.clear();
        list.getChildren().clear();
        for (Station station : path) {
            Row row = new Row(station);
            row.setToggleGroup(group);
            row.setOnAction(e -> {
                row.setSelected(true);
                chosen.accept(row.station);
            });
            row.setSelected(was instanceof Row old && old.station.equals(station));
            rows.put(station, row);
            VBox.setVgrow(row, Priority.ALWAYS);
            list.getChildren().add(row);
        }
    }

    /** A band that grows with the mass that flows through it. */
    private void drawFlow() {
        if (shown == null || line.getHeight() < 10) {
            return;
        }
        Posed posed = shown.situation().posed();
        int n = rows.size();
        double pitch = line.getHeight() / n;
        double full = Math.sqrt(posed.mass());
        List<Double> outline = new ArrayList<>();
        Station[] stations = shown.study().assembly().stations().reversed().toArray(Station[]::new);
        for (int i = 0; i < n; i++) {
            outline.addAll(List.of(MARK_X + half(posed, stations[i], full), pitch * (i + 0.5)));
        }
        double last = half(posed, stations[n - 1], full);
        outline.addAll(List.of(MARK_X + last, line.getHeight(), MARK_X - last, line.getHeight()));
        for (int i = n - 1; i >= 0; i--) {
            outline.addAll(List.of(MARK_X - half(posed, stations[i], full), pitch * (i + 0.5)));
        }
        // A drag does not change what flows; then the band need not be painted again.
        if (!outline.equals(flow.getPoints())) {
            flow.getPoints().setAll(outline);
        }
    }

    private static double half(Posed posed, Station station, double full) {
        return 0.75 + 4.5 * Math.sqrt(posed.massFrom(station)) / full;
    }

    private static final class Row extends ToggleButton {
        private Station station;
        private final StatusMark mark = new StatusMark(18);
        private final Label name = new Label();
        private final Label carries = new Label();
        private final Label left = new Label();

        Row(Station station) {
            this.station = station;
            name.getStyleClass().add("station");
            carries.getStyleClass().add("hint");
            left.getStyleClass().add("left-over");
            left.setMinWidth(USE_PREF_SIZE);
            VBox words = new VBox(name, carries);
            words.setAlignment(Pos.CENTER_LEFT);
            HBox.setHgrow(words, Priority.ALWAYS);
            StackPane ring = new StackPane(mark);
            ring.getStyleClass().add("ring");
            HBox box = new HBox(10, ring, words, left);
            box.setAlignment(Pos.CENTER_LEFT);
            setGraphic(box);
            box.prefWidthProperty().bind(widthProperty().subtract(20));
            setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
            setId("station-" + station.id().replace('.', '-'));
            getStyleClass().setAll("station-row");
        }

        void show(Assessment assessment) {
            Posed posed = assessment.situation().posed();
            UnitSystem system = assessment.project().units();
            Optional<Finding> weakest = assessment.weakest(station);
            mark.show(weakest.map(Finding::verdict).orElse(null));
            station = assessment.study().assembly().stations().stream().filter(station::equals).findFirst()
                    .orElseThrow();
            name.setText(station.label());
            double moment = posed.momentAt(station);
            carries.setText("carries " + Quantity.MASS.show(posed.massFrom(station) - posed.rig().spare(), system)
                    + (moment > 0.05 ? " · " + Quantity.TORQUE.show(moment, system) : ""));
            left.setText(weakest.map(Finding::marginText).orElse("–"));
            VerdictStyle.set(left, weakest.map(Finding::verdict).orElse(null));
            setAccessibleText(name.getText() + ", " + carries.getText() + ", left over " + left.getText() + ", "
                    + weakest.map(f -> f.verdict().word()).orElse("nothing to check"));
        }
    }
}
