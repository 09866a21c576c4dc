package firmperch.desk.perch;

import firmperch.choose.Compose;
import firmperch.desk.document.Background;
import firmperch.desk.document.Document;
import firmperch.desk.widget.FieldLine;
import firmperch.desk.widget.Words;
import firmperch.part.Perch;
import firmperch.project.Project;
import firmperch.search.Assessor;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** What may be composed otherwise at a part: another in its place, one more above it or hung on it, none. What does not fit is told with the reason. */
final class ComposeMenus extends VBox {
    private static final int LONGEST = 90;

    private final Document document;
    private final Background looking = new Background("composing");
    private final Background applying = new Background("composed");
    private final TextField called = new TextField();
    private String part = "";

    ComposeMenus(Document document) {
        super(4);
        this.document = document;
        MenuButton swap = menu("compose-swap", "Swap it for …", Compose::swaps);
        MenuButton insert = menu("compose-insert", "Put above it …", Compose::insertions);
        MenuButton hang = menu("compose-hang", "Hang on it …", Compose::hangings);
        Button out = new Button("Take it out");
        out.setId("compose-out");
        out.setOnAction(e -> {
            Compose.Change without = Compose.without(document.project(), part);
            without.perch().ifPresentOrElse(this::apply,
                    () -> document.refused("It cannot be taken out: " + without.why()));
        });
        called.setId("compose-called");
        called.setPromptText("as usual");
        called.setAccessibleText("What you call this part");
        called.setOnAction(e -> rename());
        called.focusedProperty().addListener((o, was, is) -> {
            if (was) {
                rename();
            }
        });
        called.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                called.setText(document.project().perch().called(part));
                e.consume();
            }
        });
        getChildren().addAll(Words.heading("Compose"), new FieldLine(new Label("You call it"), called),
                new FlowPane(6, 6, swap, insert, hang, out));
    }

    /** About that part; it takes no room where there is none. */
    void choose(Project project, String name) {
        boolean there = project.perch().parts().stream().anyMatch(p -> p.name().equals(name));
        if (!name.equals(part) || !called.isFocused()) {
            called.setText(project.perch().called(name));
        }
        part = there ? name : "";
        setVisible(there);
        setManaged(there);
    }

    private void rename() {
        try {
            Project now = document.project();
            if (!now.perch().called(part).equals(called.getText().strip())) {
                document.edit(now.with(now.perch().calling(part, called.getText())));
            }
        } catch (InvalidValue refused) {
            document.refused(refused.getMessage());
        }
    }

    /** Whether something of it is still worked out is nothing that is shown. */
    private MenuButton menu(String id, String words, BiFunction<Project, String, List<Compose.Change>> of) {
        MenuButton menu = new MenuButton(words);
        menu.setId(id);
        menu.getItems().setAll(told("looking …"));
        menu.setOnShowing(e -> {
            Project project = document.project();
            String at = part;
            looking.run(progress -> of.apply(project, at), changes -> fill(menu, changes), document::refused);
        });
        return menu;
    }

    private static MenuItem told(String words) {
        MenuItem item = new MenuItem(words.length() > LONGEST ? words.substring(0, LONGEST) + " …" : words);
        item.setDisable(true);
        return item;
    }

    private void fill(MenuButton menu, List<Compose.Change> changes) {
        List<MenuItem> fits = new ArrayList<>();
        Menu not = new Menu("What does not fit");
        for (Compose.Change change : changes) {
            if (change.perch().isPresent()) {
                MenuItem item = new MenuItem(change.label() + "   " + more(change));
                item.setOnAction(e -> apply(change.perch().get()));
                fits.add(item);
            } else {
                not.getItems().add(told(change.label() + ": " + change.why()));
            }
        }
        if (fits.isEmpty()) {
            fits.add(told("Nothing else fits here."));
        }
        fits.add(not);
        menu.getItems().setAll(fits);
    }

    private String more(Compose.Change change) {
        String mass = Quantity.MASS.show(Math.abs(change.mass()), document.project().units());
        String money = document.project().purse().more(change.price());
        return (money.isEmpty() ? "costs the same" : money) + ", " + (change.mass() < 0 ? "−" : "+") + mass;
    }

    /** The camera is brought to every set-up again, which takes a moment. */
    private void apply(Perch changed) {
        Project was = document.project();
        applying.run(progress -> Assessor.now(Compose.applied(was, changed)), composed -> {
            if (document.project() == was) {
                document.edit(composed);
            }
        }, document::refused);
    }
}
