package firmperch.desk.place;

import firmperch.desk.document.Background;
import firmperch.desk.document.Document;
import firmperch.desk.document.Shelf;
import firmperch.desk.panel.Choice;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.OneOf;
import firmperch.desk.widget.Words;
import firmperch.file.KeptFile;
import firmperch.file.Samples;
import firmperch.place.Place;
import firmperch.place.RoomEdits;
import firmperch.place.Thing;
import firmperch.place.Things;
import firmperch.project.Project;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What is in the room, to choose from, and what can be put there. */
final class RoomList extends VBox {
    private static final double ROW = 46;

    private final Document document;
    private final Choice choice;
    private final VBox list = new VBox(2);
    private final List<ToggleButton> rows = new ArrayList<>();
    private final OneOf chosen = new OneOf();
    private final Shelf<Place> shelf = new Shelf<>(KeptFile.ROOM, "rooms");
    private final Background keeping = new Background("rooms");
    private final MenuButton rooms = new MenuButton("Another room …");
    private Place shown;
    private final Button copy = new Button("Copy");
    private final Button delete = new Button("Take out");

    RoomList(Document document, Choice choice) {
        this.document = document;
        this.choice = choice;
        getStyleClass().addAll("load-path", "set-ups");
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("list-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        copy.setId("room-copy");
        copy.setTooltip(new Tooltip("Ctrl+C in the plan"));
        copy.setOnAction(e -> copy());
        delete.setId("room-delete");
        delete.setTooltip(new Tooltip("Delete in the plan"));
        delete.setOnAction(e -> delete());
        rooms.setId("rooms");
        rooms.setOnShowing(e -> offer());
        offer(List.of());
        Button keep = new Button("Keep this room");
        keep.setId("room-keep");
        keep.setTooltip(new Tooltip("For other projects, under this project's name"));
        keep.setOnAction(e -> keep());
        FlowPane put = new FlowPane(6, 6);
        for (Things.Sort sort : Things.ALL) {
            Button button = new Button(sort.label());
            button.setId("put-" + sort.variant().id());
            button.setTooltip(new Tooltip(sort.hint()));
            button.setAccessibleText("Put into the room: " + sort.label() + ", " + sort.hint());
            button.setOnAction(e -> put(sort));
            put.getChildren().add(button);
        }
        getChildren().addAll(Words.heading("In the room"), scroll, new FlowPane(6, 6, copy, delete, rooms, keep),
                Words.heading("Put into the room"), put);
    }

    private Place place() {
        return document.project().place();
    }

    /** The rooms that come with the program, then those that are kept, as soon as they are read. */
    private void offer() {
        keeping.run(progress -> shelf.all(), this::offer, document::refused);
    }

    private void offer(List<KeptFile.Kept<Place>> kept) {
        rooms.getItems().setAll(Stream.concat(Samples.rooms().stream(), kept.stream()).map(room -> {
            MenuItem item = new MenuItem(room.name());
            item.setOnAction(e -> {
                choice.choose(place().names(), -1);
                document.edit(document.project().movedInto(room.thing()));
            });
            return item;
        }).toList());
    }

    private void keep() {
        KeptFile.Kept<Place> kept = new KeptFile.Kept<>(document.project().name(), place());
        keeping.run(progress -> {
            shelf.keep(kept);
            return kept.name();
        }, name -> document.refused("The room is kept as “" + name + "” for other projects."), document::refused);
    }

    private void put(Things.Sort sort) {
        Place changed = RoomEdits.put(place(), sort);
        if (!changed.equals(place())) {
            document.edit(document.project().with(changed));
            choice.choose(changed.names(), changed.things().size() - 1);
        }
    }

    /** Another one like the one chosen. */
    void copy() {
        int number = choice.number();
        if (number >= 0 && place().equals(shown)) {
            Place changed = RoomEdits.copied(place(), number);
            document.edit(document.project().with(changed));
            choice.choose(changed.names(),
                    changed.equals(place()) && changed.things().size() > number + 1 ? number + 1 : number);
        }
    }

    /** Takes the one chosen out of the room. */
    void delete() {
        int number = choice.number();
        // Not in the moment before the list follows another project.
        if (number >= 0 && place().equals(shown)) {
            try {
                Project without = document.project().with(RoomEdits.removed(place(), number));
                choice.choose(place().names(), -1);
                document.edit(without);
            } catch (InvalidValue carries) {
                document.refused(carries.getMessage());
            }
        }
    }

    private ToggleButton row(String id) {
        ToggleButton row = new ToggleButton();
        row.setId(id);
        row.getStyleClass().setAll("station-row");
        row.setMaxWidth(Double.MAX_VALUE);
        row.setPrefHeight(ROW);
        row.setMinHeight(ROW);
        int number = rows.size() - 1;
        chosen.add(row, () -> choice.choose(place().names(), number));
        return row;
    }

    private static void say(ToggleButton row, String name, String what) {
        Label title = new Label(name);
        title.getStyleClass().add("station");
        title.setWrapText(true);
        row.setGraphic(new CachedVBox(title, Words.of("hint", what)));
        row.setAccessibleText(name + ", " + what);
    }

    /** Shows what there is now. */
    void show(Place place) {
        shown = place;
        int wanted = place.things().size() + 1;
        while (rows.size() > wanted) {
            ToggleButton gone = rows.removeLast();
            chosen.remove(gone);
            list.getChildren().remove(gone);
        }
        while (rows.size() < wanted) {
            ToggleButton row = row("room-" + (rows.size() - 1));
            rows.add(row);
            list.getChildren().add(row);
        }
        for (int i = -1; i < place.things().size(); i++) {
            ToggleButton row = rows.get(i + 1);
            String name = i < 0 ? "Room and bench" : place.things().get(i).name();
            String what = i < 0 ? "where the filmed bench stands" : what(place.things().get(i));
            if (!List.of(name, what).equals(row.getUserData())) {
                row.setUserData(List.of(name, what));
                say(row, name, what);
            }
        }
        chosen.show(rows.get(choice.number() + 1));
        copy.setDisable(choice.number() < 0);
        delete.setDisable(choice.number() < 0);
    }

    private static String what(Thing thing) {
        Things.Sort sort = Things.of(thing);
        return thing.name().startsWith(sort.label()) ? sort.hint() : sort.label();
    }
}
