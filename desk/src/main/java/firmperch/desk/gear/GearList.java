package firmperch.desk.gear;

import firmperch.desk.document.Background;
import firmperch.desk.document.Document;
import firmperch.desk.document.Shelf;
import firmperch.desk.panel.Choice;
import firmperch.desk.widget.OneOf;
import firmperch.desk.widget.Spacer;
import firmperch.desk.widget.Words;
import firmperch.file.KeptFile;
import firmperch.part.Gear;
import firmperch.part.GearEdits;
import firmperch.part.GearItem;
import firmperch.part.UsualGear;
import firmperch.project.Project;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/** What hangs on the head, with its mass, to choose from; and what can be put there. */
final class GearList extends VBox {
    private static final Font NAME = Font.font("IBM Plex Sans Medium", 13.5);
    /** Room for a name beside its mass, px, and how high a row with two lines is. */
    private static final double ONE_LINE = 192;
    private static final double TWO_LINES = 50;
    private static final double ROW = 34;

    private final Document document;
    private final Choice choice;
    private final VBox list = new VBox(1);
    private final List<ToggleButton> rows = new ArrayList<>();
    private final OneOf chosen = new OneOf();
    private final Label total = new Label();
    private final Label power = Words.of("hint", "");
    private final Label refused = Words.of("field-error", "");
    private final TextField all = new TextField();
    private final Shelf<GearItem> shelf = new Shelf<>(KeptFile.GEAR, "gear");
    private final Background keeping = new Background("gear");
    private final MenuButton put = new MenuButton("Put something on …");
    private final Menu own = new Menu("Your own");
    private Gear shown;
    private final Button off = new Button("Take it off");
    private final Button keep = new Button("Keep it for others");

    GearList(Document document, Choice choice) {
        this.document = document;
        this.choice = choice;
        getStyleClass().addAll("load-path", "set-ups");
        total.getStyleClass().add("left-over");
        total.setId("gear-total");
        HBox head = new HBox(Words.heading("What hangs there"), Spacer.wide(), total);
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("list-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        put.setId("gear-add");
        UsualGear.groups().forEach(name -> {
            Menu menu = new Menu(name);
            UsualGear.ALL.stream().filter(row -> row.group().equals(name))
                    .forEach(row -> menu.getItems().add(offer(row.item())));
            put.getItems().add(menu);
        });
        put.getItems().add(own);
        MenuItem plain = new MenuItem("Something else");
        plain.setOnAction(e -> put(new GearItem("Something", 0.1, 0, 0, 0, GearItem.Size.POINT)));
        put.getItems().add(plain);
        put.setOnShowing(e -> keeping.run(progress -> shelf.all(), this::own, document::refused));
        off.setId("gear-off");
        off.setTooltip(new Tooltip("Delete in the drawing"));
        off.setOnAction(e -> takeOff());
        keep.setId("gear-keep");
        keep.setTooltip(new Tooltip("For other projects, under its name"));
        keep.setOnAction(e -> keep());
        all.setId("gear-in-all");
        all.setPromptText("or just say: 900 g in all");
        all.setAccessibleText("Mass of everything together");
        all.setOnAction(e -> inAll());
        power.setId("gear-power");
        refused.setManaged(false);
        getChildren().addAll(head, scroll, new FlowPane(6, 6, put, off, keep), all, refused,
                Words.of("hint", "Masses of the list are typical: weigh yours. A guess counts a quarter more."), power);
    }

    private Gear gear() {
        return document.project().gear();
    }

    private MenuItem offer(GearItem item) {
        MenuItem menu = new MenuItem(
                item.name() + "   " + Quantity.MASS.show(item.mass(), document.project().units()));
        menu.setOnAction(e -> put(item));
        return menu;
    }

    private void own(List<KeptFile.Kept<GearItem>> kept) {
        own.getItems().setAll(kept.stream().map(k -> offer(k.thing())).toList());
        own.setDisable(kept.isEmpty());
    }

    private void put(GearItem item) {
        if (edit(() -> GearEdits.put(gear(), item))) {
            choice.choose(gear().names(), gear().items().size() - 1);
        }
    }

    /** Takes off the one that is chosen. */
    void takeOff() {
        int number = choice.number();
        // Not in the moment before the list follows another project.
        if (number >= 0 && gear().equals(shown)) {
            if (edit(() -> GearEdits.removed(gear(), number))) {
                choice.choose(gear().names(), -1);
            }
        }
    }

    /** Has the one that is chosen film too, or film no more. */
    void filmOrNot() {
        int number = choice.number();
        if (number >= 0 && gear().equals(shown)) {
            edit(() -> GearEdits.filmingOrNot(gear(), number));
        }
    }

    private void inAll() {
        if (edit(() -> GearEdits.together(gear(),
                Quantity.MASS.parse("Mass of everything", all.getText(), document.project().units())))) {
            all.clear();
            choice.choose(gear().names(), 0);
        }
    }

    private void keep() {
        int number = choice.number();
        if (number >= 0 && gear().equals(shown)) {
            GearItem item = gear().items().get(number);
            keeping.run(progress -> {
                shelf.keep(new KeptFile.Kept<>(item.name(), item));
                return item.name();
            }, name -> document.refused("“" + name + "” is kept for other projects."), document::refused);
        }
    }

    private boolean edit(Supplier<Gear> changed) {
        try {
            document.edit(document.project().with(changed.get()));
            say("");
            return true;
        } catch (InvalidValue e) {
            say(e.getMessage());
            return false;
        }
    }

    private void say(String why) {
        refused.setText(why);
        refused.setManaged(!why.isEmpty());
        refused.setVisible(!why.isEmpty());
    }

    private ToggleButton row(int number) {
        ToggleButton row = new ToggleButton();
        row.setId(number < 0 ? "gear-head" : "gear-" + number);
        row.getStyleClass().setAll("station-row");
        row.setMaxWidth(Double.MAX_VALUE);
        chosen.add(row, () -> choice.choose(gear().names(), number));
        return row;
    }

    private static void say(ToggleButton row, String name, String mass) {
        Label title = new Label(name);
        title.getStyleClass().add("station");
        Label weighs = new Label(mass);
        weighs.getStyleClass().add("hint");
        weighs.setMinWidth(Region.USE_PREF_SIZE);
        title.setWrapText(true);
        title.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(title, Priority.ALWAYS);
        HBox line = new HBox(6, title, weighs);
        // A name that is too long for one line takes two: a button does not ask its words how high they are at that width.
        Text words = new Text(name);
        words.setFont(NAME);
        double high = words.getLayoutBounds().getWidth() > ONE_LINE ? TWO_LINES : ROW;
        row.setMinHeight(high);
        row.setPrefHeight(high);
        line.prefWidthProperty().bind(row.widthProperty().subtract(22));
        row.setGraphic(line);
        row.setAccessibleText(name + ", " + mass);
    }

    /** Shows what there is now. */
    void show(Project project) {
        Gear gear = project.gear();
        shown = gear;
        int wanted = gear.items().size() + 1;
        while (rows.size() > wanted) {
            ToggleButton gone = rows.removeLast();
            chosen.remove(gone);
            list.getChildren().remove(gone);
        }
        while (rows.size() < wanted) {
            ToggleButton row = row(rows.size() - 1);
            rows.add(row);
            list.getChildren().add(row);
        }
        for (int i = -1; i < gear.items().size(); i++) {
            ToggleButton row = rows.get(i + 1);
            String name = i < 0 ? "Screw, power, cables" : gear.items().get(i).name();
            String mass = i < 0 ? "" : mass(gear.items().get(i), project);
            if (!List.of(name, mass).equals(row.getUserData())) {
                row.setUserData(List.of(name, mass));
                say(row, name, mass);
            }
        }
        chosen.show(rows.get(choice.number() + 1));
        off.setDisable(choice.number() < 0);
        keep.setDisable(choice.number() < 0);
        total.setText(Quantity.MASS.show(gear.mass(), project.units()));
        power.setText(gear.drawn() == 0 ? "" : Words.unbroken("Power: " + gear.drawnWords() + "."));
    }

    private static String mass(GearItem item, Project project) {
        return (item.facts().weighed() ? "" : "≈ ") + Quantity.MASS.show(item.mass(), project.units());
    }
}
