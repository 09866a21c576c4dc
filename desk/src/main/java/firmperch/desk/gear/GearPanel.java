package firmperch.desk.gear;

import firmperch.body.Station;
import firmperch.check.Finding;
import firmperch.check.Topic;
import firmperch.desk.document.Document;
import firmperch.desk.form.Field;
import firmperch.desk.form.Form;
import firmperch.desk.panel.ReasonList;
import firmperch.desk.panel.ReasonedPanel;
import firmperch.desk.widget.Card;
import firmperch.desk.widget.IncrementalColumn;
import firmperch.desk.widget.Words;
import firmperch.param.Path;
import firmperch.part.Gear;
import firmperch.part.GearItem;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TitledPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** Everything that hangs on the head, each with its mass and where its weight sits. */
public final class GearPanel extends ReasonedPanel {
    private static final int MOST = 50;

    private final Document document;
    private final IncrementalColumn items = new IncrementalColumn();
    private final Label total = new Label();
    private final Label refused = new Label();
    /** What is shown of each item; which item's it is is told by its place in the list. */
    private final List<Item> cards = new ArrayList<>();

    private Gear shown;

    private record Item(Card card, List<Form> forms) {}

    public GearPanel(Document document, ReasonList.Actions actions) {
        super(new ReasonList(actions, GearPanel::gear, false),
                Form.of(document, "", List.of(Field.at(document.project(), "gear.spare"))));
        this.document = document;
        Label heading = Words.heading("What hangs on the head");
        Button add = new Button("Add an item");
        add.setId("gear-add");
        add.setOnAction(e -> add());
        items.getStyleClass().add("items");
        total.getStyleClass().add("answer");
        total.setWrapText(true);
        refused.getStyleClass().add("field-error");
        refused.setManaged(false);
        Label why = Words.heading("Reasons");
        Label where = Words.of("hint",
                "Forward, left and up are from the head's mounting face to the item's own middle.");
        stack(total, heading, where, items, add, refused, form(0), why, reasons());
    }

    private void add() {
        List<GearItem> list = new ArrayList<>(document.project().gear().items());
        if (list.size() >= MOST) {
            return;
        }
        list.add(new GearItem("Item " + (list.size() + 1), 0.1, 0, 0, 0, GearItem.Size.POINT));
        edit(list);
    }

    /** Takes the item off that its card shows; not in the moment before the cards follow another list. */
    private void remove(int index) {
        if (!document.project().gear().equals(shown)) {
            return;
        }
        List<GearItem> list = new ArrayList<>(document.project().gear().items());
        list.remove(index);
        edit(list);
    }

    private void edit(List<GearItem> list) {
        try {
            document.edit(document.project().with(document.project().gear().with(list)));
        } catch (InvalidValue e) {
            refused.setText(e.getMessage());
            refused.setManaged(true);
        }
    }

    /** What hangs at the camera, and what it is screwed on. */
    private static boolean gear(Assessment a, Finding f) {
        Station payload = a.study().assembly().payload();
        return f.station() != null && f.about().topic() != Topic.PICTURE
                && (payload.equals(f.station()) || payload.on().contains(f.station()));
    }

    private Form form(Project project, String path, String... names) {
        return Form.of(document, "", Stream.of(names).map(name -> Field.at(project, path + name)).toList());
    }

    /** As many cards as there are items: each shows what stands in its place of the list. */
    private void cards(Project project) {
        int wanted = project.gear().items().size();
        while (cards.size() > wanted) {
            items.drop(cards.removeLast().card());
        }
        items.add(IntStream.range(cards.size(), wanted)
                .<Supplier<Node>>mapToObj(i -> () -> card(project, i)).toList());
    }

    /** Of the project that it was wanted for: when its turn comes, the item may be off the list again. */
    private Card card(Project project, int index) {
        String path = "gear.items." + index + ".";
        Form name = form(project, path, "name");
        Form first = form(project, path, "mass", "left");
        Form second = form(project, path, "forward", "up");
        Form size = Form.of(document,
                Field.sections("", project.gear().items().get(index).size(), Path.of(path + "size")));
        HBox.setHgrow(first, Priority.ALWAYS);
        HBox.setHgrow(second, Priority.ALWAYS);
        HBox pairs = new HBox(10, first, second);
        pairs.getStyleClass().add("compact");
        TitledPane more = new TitledPane("Size", size);
        more.setExpanded(false);
        Card card = new Card("item " + (index + 1), () -> remove(index), name, pairs, more);
        cards.add(new Item(card, List.of(name, first, second, size)));
        return card;
    }

    @Override
    public boolean busy() {
        return items.filling() || super.busy()
                || cards.stream().map(Item::forms).flatMap(List::stream).anyMatch(Form::filling);
    }

    @Override
    public void show(Assessment assessment) {
        Project project = assessment.project();
        shown = project.gear();
        cards(project);
        cards.forEach(item -> item.forms().forEach(form -> form.refresh(project)));
        super.show(assessment);
        total.setText(Words.unbroken(project.gear().items().size() + " items, "
                + Quantity.MASS.show(project.gear().mass(), project.units()) + " together; with the spare "
                + Quantity.MASS.show(project.gear().mass() + project.gear().spare(), project.units()) + "."));
    }
}
