package firmperch.desk.gear;

import firmperch.body.Station;
import firmperch.check.Finding;
import firmperch.check.Topic;
import firmperch.desk.document.Document;
import firmperch.desk.draw.Palette;
import firmperch.desk.form.Field;
import firmperch.desk.form.Form;
import firmperch.desk.panel.Choice;
import firmperch.desk.panel.ReasonList;
import firmperch.desk.panel.ReasonedPanel;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.Card;
import firmperch.desk.widget.Words;
import firmperch.param.Path;
import firmperch.part.Gear;
import firmperch.part.GearEdits;
import firmperch.part.GearItem;
import firmperch.search.Assessment;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The head close up: what is chosen there is edited here; else the screw, the power and the cables. */
public final class GearPanel extends ReasonedPanel {
    private final Document document;
    private final Choice choice;
    private final GearList list;
    private final HeadViews views;
    private final HeadBars bars;
    private final VBox middle;
    private final Label title = Words.heading("");
    private final Label loose = Words.of("field-error", "");
    private final Form thing;
    private final Button films = new Button();
    private final CachedVBox rest = new CachedVBox(8);
    private final CachedVBox cables = new CachedVBox(8);
    private final List<Form> cableForms = new ArrayList<>();
    private Assessment shown;
    private String edited = "none yet";

    public GearPanel(Document document, ReasonList.Actions actions) {
        super(new ReasonList(actions, GearPanel::gear, false),
                Form.of(document, "", List.of(Field.at(document.project(), "gear.spare"))),
                Form.of(document, Field.sections("How the camera is screwed on", document.project().gear().mounting(),
                        Path.of("gear.mounting"))),
                Form.of(document, Field.sections("Power", document.project().gear().supply(), Path.of("gear.supply"))));
        this.document = document;
        choice = new Choice(() -> show(document.assessment().get()));
        list = new GearList(document, choice);
        views = new HeadViews(document, choice, list);
        bars = new HeadBars();
        middle = new VBox(views, bars);
        middle.getStyleClass().add("head-views");
        VBox.setVgrow(views, Priority.ALWAYS);
        thing = new Form(document);
        title.setId("gear-chosen");
        Button add = new Button("Add a cable");
        add.setId("cable-add");
        add.setOnAction(e -> document.edit(document.project().with(GearEdits.wired(document.project().gear()))));
        rest.getChildren().setAll(form(0), form(1), form(2), Words.heading("Cables along the rig"), cables, add);
        loose.setId("gear-loose");
        films.setId("gear-films");
        films.setOnAction(e -> list.filmOrNot());
        stack(title, loose, thing, films, rest, Words.heading("Reasons"), reasons());
    }

    private void removeCable(int number) {
        Gear gear = document.project().gear();
        // Not in the moment before the cards follow another project.
        if (shown != null && gear.equals(shown.project().gear())) {
            document.edit(document.project().with(GearEdits.unwired(gear, number)));
        }
    }

    /** What hangs at the camera, and what it is screwed on. */
    private static boolean gear(Assessment a, Finding f) {
        Station payload = a.study().assembly().payload();
        return f.station() != null && f.about().topic() != Topic.PICTURE
                && (payload.equals(f.station()) || payload.on().contains(f.station()));
    }

    @Override
    public Parent middle() {
        return middle;
    }

    @Override
    public Parent left() {
        return list;
    }

    @Override
    public void palette(Palette colours) {
        views.palette(colours);
        if (shown != null) {
            views.show(shown);
        }
    }

    @Override
    public boolean busy() {
        return super.busy() || thing.filling() || cableForms.stream().anyMatch(Form::filling);
    }

    @Override
    public void show(Assessment assessment) {
        super.show(assessment);
        shown = assessment;
        Gear gear = assessment.project().gear();
        choice.follow(gear.names());
        list.show(assessment.project());
        views.show(assessment);
        bars.show(assessment, GearPanel::gear);
        chosen(gear);
        List<GearItem> nothing = gear.loose(assessment.project().cameraRoom());
        loose.setText(nothing.stream().map(item -> "“" + item.name()
                + "” hangs on nothing: bring it nearer, or say what holds it.").collect(Collectors.joining(" ")));
        only(loose, !nothing.isEmpty());
        thing.refresh(assessment.project());
        cables(gear);
        cableForms.forEach(form -> form.refresh(assessment.project()));
    }

    private void chosen(Gear gear) {
        int number = choice.number();
        GearItem now = number < 0 ? null : gear.items().get(number);
        title.setText(now == null ? "Screw, power, cables" : now.name());
        only(rest, now == null);
        only(thing, now != null);
        only(films, now != null);
        boolean camera = now != null && !now.films().isEmpty();
        films.setText(camera ? "It does not film" : "It films too");
        String key = now == null ? "" : number + (camera ? " films" : "");
        if (!key.equals(edited)) {
            edited = key;
            thing.show(now == null ? List.of() : fields(now, Path.of("gear.items." + number)));
        }
    }

    private static List<Field.Section> fields(GearItem item, Path at) {
        List<Field.Section> all = new ArrayList<>(Field.sections("", item, at));
        item.films()
                .forEach(
                        camera -> all.addAll(Field.sections("What it films with", camera, at.then("films").then("0"))));
        return all;
    }

    private void cables(Gear gear) {
        if (cableForms.size() != gear.cables().size()) {
            cableForms.clear();
            cables.getChildren().setAll(IntStream.range(0, gear.cables().size()).mapToObj(i -> {
                Form form = Form.of(document,
                        Field.sections("", gear.cables().get(i), Path.of("gear.cables." + i)));
                cableForms.add(form);
                return (Node) new Card("cable " + (i + 1), () -> removeCable(i), form);
            }).toList());
        }
    }
}
