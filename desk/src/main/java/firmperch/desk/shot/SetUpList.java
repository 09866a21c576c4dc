package firmperch.desk.shot;

import firmperch.check.Finding;
import firmperch.desk.document.Document;
import firmperch.desk.draw.DrawingPane;
import firmperch.desk.draw.Palette;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.OneOf;
import firmperch.desk.widget.OverFrames;
import firmperch.desk.widget.StatusMark;
import firmperch.desk.widget.Words;
import firmperch.draw.LensView;
import firmperch.project.Project;
import firmperch.project.SetUp;
import firmperch.project.SetUps;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.ChangeOver;
import firmperch.study.Situation;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Every view that the rig must give, as the camera sees each, with what one touches from one to the next. */
public final class SetUpList extends VBox {
    private static final double WIDE = 92;
    private static final double HIGH = 54;
    private static final double ROW = 72;

    private final Document document;
    private final VBox list = new VBox(2);
    private final List<Row> rows = new ArrayList<>();
    private final OneOf chosen = new OneOf();
    private final Button another = button("setup-add", "Another set-up", SetUps::copied);
    private final Button up = button("setup-up", "Earlier", p -> SetUps.moved(p, -1));
    private final Button down = button("setup-down", "Later", p -> SetUps.moved(p, 1));
    private final Button delete = button("setup-delete", "Delete", SetUps::removed);
    private final CheckBox ghosts = new CheckBox("Show the others as ghosts");
    private final OverFrames following = new OverFrames();
    private Palette palette = Palette.LIGHT;

    /** @param redraw asked for when the ghosts are wanted or not wanted any more */
    public SetUpList(Document document, Runnable redraw) {
        this.document = document;
        getStyleClass().addAll("load-path", "set-ups");
        ghosts.setId("setup-ghosts");
        ghosts.setOnAction(e -> redraw.run());
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("list-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(Words.heading("Set-ups"), scroll, new FlowPane(6, 6, another, up, down, delete), ghosts,
                Words.of("hint", "A rig has to reach them all. From one to the next every joint you touch counts."));
    }

    private Button button(String id, String words, UnaryOperator<Project> does) {
        Button button = new Button(words);
        button.setId(id);
        button.setOnAction(e -> document.edit(does.apply(document.project())));
        return button;
    }

    /** Whether the set-ups that are not shown are to be drawn faintly beside the one that is. */
    public boolean ghosts() {
        return ghosts.isSelected();
    }

    /** Light or dark. */
    public void palette(Palette colours) {
        palette = colours;
    }

    /** Shows every set-up; the small pictures follow, one in a frame. */
    public void show(Assessment assessment) {
        Project project = assessment.project();
        int count = project.setUps().size();
        while (rows.size() > count) {
            Row gone = rows.removeLast();
            chosen.remove(gone.choose);
            list.getChildren().remove(gone);
        }
        while (rows.size() < count) {
            Row row = new Row(rows.size());
            rows.add(row);
            list.getChildren().add(row);
        }
        for (Row row : rows) {
            row.name(project);
        }
        another.setDisable(count >= Project.MOST_SETUPS);
        up.setDisable(project.shown() == 0);
        down.setDisable(project.shown() == count - 1);
        delete.setDisable(count == 1);
        ghosts.setDisable(count == 1);
        following.begin(rows.stream().<Runnable>map(row -> () -> row.follow(assessment)).toList());
    }

    /** True while something of it does not show yet what it should. */
    public boolean busy() {
        return following.going();
    }

    private final class Row extends CachedVBox {
        private final int number;
        private final DrawingPane picture = new DrawingPane("", 1);
        private final StatusMark mark = new StatusMark(15);
        private final Label name = new Label();
        private final Label what = Words.of("hint", "");
        private final Label change = Words.of("hint", "");
        private final ToggleButton choose = new ToggleButton();
        private List<Object> known = List.of();

        Row(int number) {
            this.number = number;
            picture.setMinSize(WIDE, HIGH);
            picture.setPrefSize(WIDE, HIGH);
            picture.setMaxSize(WIDE, HIGH);
            picture.setMouseTransparent(true);
            name.getStyleClass().add("station");
            name.setWrapText(true);
            HBox title = new HBox(6, mark, name);
            title.setAlignment(Pos.CENTER_LEFT);
            VBox words = new VBox(2, title, what);
            HBox.setHgrow(words, Priority.ALWAYS);
            HBox box = new HBox(10, picture, words);
            box.setAlignment(Pos.CENTER_LEFT);
            choose.setGraphic(box);
            choose.getStyleClass().setAll("station-row");
            choose.setMaxWidth(Double.MAX_VALUE);
            choose.setPrefHeight(ROW);
            box.prefWidthProperty().bind(choose.widthProperty().subtract(20));
            choose.setId("setup-" + number);
            chosen.add(choose, () -> document.showSetUp(number));
            change.setManaged(false);
            change.setVisible(false);
            change.getStyleClass().add("change-over");
            getChildren().addAll(change, choose);
        }

        /** All that decides what it shows: a drag changes one row and what is touched from it to the next. */
        private List<Object> what(Project p) {
            return List.of(p.setUps().get(number), p.setUps().get(Math.max(0, number - 1)), p.gear(), p.place(),
                    p.perch(), p.policy(), p.units(), palette);
        }

        void name(Project project) {
            SetUp setUp = project.setUps().get(number);
            name.setText(setUp.name());
            what.setText(Words.unbroken(setUp.wanted().words(project.units()) + ", "
                    + project.gear().lenses(setUp.camera()).get(setUp.lens()).name()
                    + (setUp.camera() > 0 ? " of “" + project.gear().cameras().get(setUp.camera()) + "”" : "")));
            if (number == project.shown()) {
                chosen.show(choose);
            }
        }

        void follow(Assessment assessment) {
            if (number >= assessment.project().setUps().size()) {
                return;
            }
            List<Object> now = what(assessment.project());
            if (now.equals(known)) {
                return;
            }
            known = now;
            Situation s = assessment.study().in(number);
            picture.show(LensView.small(s), palette);
            Finding weakest = Assessor.weakestIn(assessment.study(), number);
            mark.show(weakest.verdict());
            if (number > 0) {
                ChangeOver over = ChangeOver.of(assessment.study(), number - 1, number);
                change.setText(Words.unbroken("↓ " + over.words()
                        + (over.inTheWay().isEmpty() ? "" : "; on the way " + over.inTheWay())));
            }
            boolean told = number > 0 && !assessment.project().perch().none();
            change.setManaged(told);
            change.setVisible(told);
            choose.setAccessibleText(name.getText() + ", " + what.getText() + ", " + weakest.verdict().word());
        }
    }
}
