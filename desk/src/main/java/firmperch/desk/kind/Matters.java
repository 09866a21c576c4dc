package firmperch.desk.kind;

import firmperch.choose.Ranking;
import firmperch.choose.Trait;
import firmperch.desk.widget.Words;
import firmperch.project.Tools;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.BiConsumer;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What matters to the maker, put in order by dragging or with Ctrl and the arrow keys, and what alone they want to see. */
final class Matters extends VBox {
    private final List<Trait> order = new ArrayList<>(List.of(Trait.HOLDS, Trait.FOOTPRINT, Trait.COST, Trait.TOUCHES,
            Trait.WALKWAY, Trait.HEAVIEST, Trait.HOURS, Trait.SAG, Trait.PUSH, Trait.LEAN, Trait.MASS, Trait.PACKED,
            Trait.TO_PAY, Trait.REACH, Trait.SWAY, Trait.BULK));
    private final VBox rows = new VBox(2);
    private final List<CheckBox> only = new ArrayList<>();
    private final TextField money = new TextField();
    private final Label refused = Words.of("field-error", "");
    private final Map<Tools.Tool, CheckBox> tools = new EnumMap<>(Tools.Tool.class);
    private final Runnable changed;

    /**
     * @param changed is told when anything of it is
     * @param tool is told of a tool that a hand ticks or unticks
     */
    Matters(Runnable changed, BiConsumer<Tools.Tool, Boolean> tool) {
        super(4);
        this.changed = changed;
        for (Trait trait : order) {
            rows.getChildren().add(row(trait));
        }
        getChildren().add(Words.heading("Only"));
        for (Ranking.Only each : Ranking.Only.values()) {
            CheckBox box = new CheckBox(each.words());
            box.setId("only-" + each.name().toLowerCase(Locale.ROOT));
            box.setOnAction(e -> changed.run());
            only.add(box);
            getChildren().add(box);
        }
        FlowPane have = new FlowPane(10, 2);
        have.getStyleClass().add("indented");
        for (Tools.Tool each : Tools.Tool.values()) {
            CheckBox box = new CheckBox(each.words());
            box.setId("tool-" + each.words());
            box.setTooltip(new Tooltip("Tick what you have or can borrow"));
            box.setOnAction(e -> tool.accept(each, box.isSelected()));
            tools.put(each, box);
            have.getChildren().add(box);
        }
        getChildren().add(have);
        money.setId("only-money");
        money.setPromptText("no limit");
        money.setPrefColumnCount(5);
        money.setAccessibleText("What it may cost at most");
        money.textProperty().addListener((o, was, is) -> {
            boolean number = is.isBlank() || !Double.isInfinite(money());
            refused.setText(number ? "" : "“" + is.strip() + "” is no sum of money; expected is a number such as 150.");
            changed.run();
        });
        Label at = new Label("costs at most");
        at.setLabelFor(money);
        HBox line = new HBox(6, at, money);
        line.getStyleClass().add("field-line");
        getChildren().addAll(line, refused, Words.heading("What matters, most first"), rows);
    }

    private Label row(Trait trait) {
        Label row = new Label("⠿  " + trait.matters());
        row.setId("matters-" + trait.name().toLowerCase(Locale.ROOT));
        row.setUserData(trait);
        row.getStyleClass().add("matters");
        row.setMaxWidth(Double.MAX_VALUE);
        row.setFocusTraversable(true);
        row.setTooltip(new Tooltip("Drag it, or press Ctrl and an arrow key"));
        row.setOnMousePressed(e -> row.requestFocus());
        row.setOnMouseDragged(e -> {
            double y = rows.sceneToLocal(e.getSceneX(), e.getSceneY()).getY();
            int to = (int) Math.clamp(y / Math.max(1, rows.getHeight()) * order.size(), 0, order.size() - 1);
            move(trait, to);
        });
        row.setOnKeyPressed(e -> {
            boolean up = e.getCode() == KeyCode.UP;
            if (e.isControlDown() && (up || e.getCode() == KeyCode.DOWN)) {
                move(trait, Math.clamp(order.indexOf(trait) + (up ? -1 : 1), 0, order.size() - 1));
                e.consume();
            }
        });
        return row;
    }

    private void move(Trait trait, int to) {
        int from = order.indexOf(trait);
        if (from == to) {
            return;
        }
        Collections.rotate(order.subList(Math.min(from, to), Math.max(from, to) + 1), to > from ? -1 : 1);
        var row = rows.getChildren().remove(from);
        rows.getChildren().add(to, row);
        row.requestFocus();
        changed.run();
    }

    /** What is there, as the project says. */
    void show(Tools there) {
        tools.forEach((tool, box) -> box.setSelected(tool.in(there)));
    }

    /** Most first. */
    List<Trait> order() {
        return List.copyOf(order);
    }

    /** What alone is wanted. */
    List<Ranking.Only> only() {
        List<Ranking.Only> wanted = new ArrayList<>();
        for (int i = 0; i < only.size(); i++) {
            if (only.get(i).isSelected()) {
                wanted.add(Ranking.Only.values()[i]);
            }
        }
        return wanted;
    }

    /** What it may cost at most; without a limit where none is typed. */
    double money() {
        try {
            return money.getText().isBlank() ? Double.POSITIVE_INFINITY : Double.parseDouble(money.getText().strip());
        } catch (NumberFormatException notANumber) {
            return Double.POSITIVE_INFINITY;
        }
    }
}
