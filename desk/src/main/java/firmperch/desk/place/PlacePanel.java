package firmperch.desk.place;

import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.desk.document.Document;
import firmperch.desk.draw.Palette;
import firmperch.desk.form.Field;
import firmperch.desk.form.Form;
import firmperch.desk.panel.Choice;
import firmperch.desk.panel.ReasonList;
import firmperch.desk.panel.ReasonedPanel;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.StatusMark;
import firmperch.desk.widget.Words;
import firmperch.param.Path;
import firmperch.place.Carrier;
import firmperch.place.Muddle;
import firmperch.place.Place;
import firmperch.place.Thing;
import firmperch.place.Things;
import firmperch.search.Assessment;
import firmperch.study.Taped;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The room: what is chosen in it is edited here; below, what may carry a rig, how far the camera reaches, and what is in the way. */
public final class PlacePanel extends ReasonedPanel {
    private final Document document;
    private final Choice choice;
    private final RoomList list;
    private final RoomView view;
    private final Form thing;
    private final Label title = Words.heading("");
    private final Label muddle = new Label();
    private final Label reach = Words.of("hint", "");
    private final Label foot = Words.of("hint", "");
    private final VBox carriers = new VBox(6);
    private Assessment shown;
    private String edited = "";

    public PlacePanel(Document document, ReasonList.Actions actions) {
        super(new ReasonList(actions, (a, f) -> f.about().topic() == Topic.HITS || f.about().topic() == Topic.WAY,
                false),
                Form.of(document, Field.sections("", document.project().place(), Path.of("place"))),
                Form.of(document,
                        Field.sections("Where the perch stands or hangs", document.project().stance(),
                                Path.of("stance"))),
                Form.of(document, "Names", List.of(Field.at(document.project(), "name"),
                        Field.at(document.project(), "studio"))));
        this.document = document;
        choice = new Choice(() -> show(document.assessment().get()));
        list = new RoomList(document, choice);
        view = new RoomView(document, choice, list);
        thing = new Form(document);
        reach.setId("reach");
        foot.setId("foot");
        title.setId("room-chosen");
        muddle.setId("muddle");
        muddle.getStyleClass().add("field-error");
        muddle.setWrapText(true);
        stack(title, muddle, thing, form(0), Words.heading("What may carry a perch here"), carriers,
                Words.heading("How far it reaches"), reach, form(1), foot, Words.heading("Reasons"), reasons(),
                form(2));
    }

    @Override
    public Parent middle() {
        return view;
    }

    @Override
    public Parent left() {
        return list;
    }

    @Override
    public void palette(Palette colours) {
        view.palette(colours);
        if (shown != null) {
            view.show(shown);
        }
    }

    @Override
    public boolean busy() {
        return super.busy() || thing.filling();
    }

    @Override
    public void show(Assessment assessment) {
        super.show(assessment);
        shown = assessment;
        Place place = assessment.project().place();
        choice.follow(place.names());
        list.show(place);
        view.show(assessment);
        chosen(place);
        thing.refresh(assessment.project());
        List<String> wrong = Muddle.of(place, assessment.project().units());
        muddle.setText(String.join(" ", wrong));
        only(muddle, !wrong.isEmpty());
        carriers(assessment);
        String stands = Taped.foot(assessment.situation());
        foot.setText(stands.isEmpty() ? "" : Words.unbroken("Marked with tape on the floor it stands " + stands + "."));
        only(foot, !stands.isEmpty());
        boolean rig = !assessment.project().perch().none();
        only(form(1), rig);
        reach.setText(!rig
                ? "There is no rig yet that could reach."
                : assessment.coverage().map(c -> "As it stands " + c.words()
                        + (c.kept().isEmpty() ? "" : "; elsewhere " + c.kept()) + "; "
                        + c.heights(assessment.project().units()) + ".")
                        .orElse("Not looked at yet: it follows the search over every pose."));
    }

    /** The fields of the thing chosen, or those of the room. */
    private void chosen(Place place) {
        int number = choice.number();
        Thing now = number < 0 ? null : place.things().get(number);
        title.setText(now == null ? "Room and bench" : now.name());
        only(form(0), now == null);
        only(thing, now != null);
        String key = now == null ? "" : number + Things.of(now).variant().id();
        if (!key.equals(edited)) {
            edited = key;
            thing.show(now == null
                    ? List.of()
                    : Field.sections("", now, Path.of("place.things." + number)));
        }
    }

    private void carriers(Assessment assessment) {
        List<Carrier> all = Carrier.of(assessment.project().place(), assessment.project().units());
        if (all.equals(carriers.getUserData())) {
            return;
        }
        carriers.setUserData(all);
        carriers.getChildren().setAll(all.stream().map(PlacePanel::row).toList());
    }

    private static Node row(Carrier carrier) {
        StatusMark mark = new StatusMark(15);
        mark.show(switch (carrier.may()) {
            case YES -> Verdict.HOLDS;
            case PERHAPS -> Verdict.NEAR;
            case NO -> Verdict.GIVES;
        });
        Label what = new Label(carrier.what());
        what.getStyleClass().add("station");
        VBox words = new CachedVBox(what, Words.of("hint", carrier.why()));
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(8, mark, words);
        row.setAccessibleText(carrier.what() + ": " + carrier.why());
        return row;
    }
}
