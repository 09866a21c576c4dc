package firmperch.desk.shot;

import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.desk.document.Background;
import firmperch.desk.document.Document;
import firmperch.desk.form.Field;
import firmperch.desk.form.Form;
import firmperch.desk.panel.ReasonList;
import firmperch.desk.panel.ReasonedPanel;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.OverFrames;
import firmperch.desk.widget.VerdictStyle;
import firmperch.desk.widget.WideButton;
import firmperch.desk.widget.Words;
import firmperch.make.Exporter;
import firmperch.make.Exporters;
import firmperch.param.Path;
import firmperch.part.Gear;
import firmperch.part.GearEdits;
import firmperch.project.Project;
import firmperch.search.Aim;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.OtherWay;
import firmperch.shot.Lens;
import firmperch.shot.Shot;
import firmperch.shot.Usual;
import firmperch.shot.Wanted;
import firmperch.study.Shadow;
import firmperch.study.Sight;
import firmperch.study.Situation;
import firmperch.study.Taped;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;

/** What has to be in the picture, through which lens, and from where that is seen. */
public final class ShotPanel extends ReasonedPanel {
    /** Which of the forms is about an area, one that lies flat, a person, a lens that zooms. */
    private static final int AREA = 1;
    private static final int FLAT = 2;
    private static final int PERSON = 3;
    private static final int ZOOM = 5;

    private final Label answer = Words.of("answer", "");
    private final Label tape = Words.of("hint", "");
    private final Label shadow = Words.of("hint", "");
    private final CachedVBox others = new CachedVBox(4);
    private final Button look = new Button("What else would do …");
    private final OverFrames looking = new OverFrames();
    private final Document document;
    private final Label ask = Words.of("answer",
            "What do you film, and with what? Pick a usual size and a usual camera, or say it in the fields.");
    private final LensChoice lens;
    private final Button aim = new Button("Set the rig for this");
    private final MenuButton areas = new MenuButton("A usual size …");
    private final MenuButton kits = new MenuButton("A usual camera …");
    private final Background aiming = new Background("aiming");
    private boolean aims;
    private Project looked;

    /**
     * A panel with a button for the mat.
     *
     * @param export writes it
     */
    public ShotPanel(Document document, ReasonList.Actions actions, Consumer<Exporter> export) {
        super(new ReasonList(actions, (a, f) -> f.about().topic() == Topic.PICTURE, false),
                Form.of(document, "What must be in it", fields(document, "setUp.name", "shot.wanted.filmed")),
                Form.of(document, "", fields(document, "shot.wanted.width", "shot.wanted.depth",
                        "shot.wanted.tilt")),
                Form.of(document, "", fields(document, "shot.wanted.alongArm")),
                Form.of(document, "", fields(document, "shot.wanted.seated")),
                Form.of(document, "", fields(document, "shot.wanted.height", "shot.wanted.fromEdge",
                        "shot.wanted.aside", "shot.wanted.turn", "shot.wanted.lean", "shot.handsRoom")),
                Form.of(document, "", fields(document, "shot.zoom")),
                Form.of(document, "", fields(document, "shot.crop", "shot.aperture", "setUp.recording")),
                Form.of(document, Stream
                        .concat(Field.sections("This lens", document.project().shot().lens(), Path.of("shot.lens"))
                                .stream(),
                                Field.sections("The camera, for all set-ups that it films",
                                        document.project().shot().camera(),
                                        Path.of("shot.camera")).stream())
                        .toList()));
        Button mat = new Button("Print a mat of this …");
        shadow.setId("shadow");
        mat.setId("print-mat");
        mat.setOnAction(e -> export.accept(Exporters.MAT));
        this.document = document;
        look.setId("other-ways");
        look.setOnAction(e -> look());
        lens = new LensChoice(document);
        aim.setId("aim");
        aim.setOnAction(e -> aim());
        areas.setId("usual-areas");
        Usual.AREAS.forEach(a -> areas.getItems().add(item(a.label(), () -> document.edit(sized(a)))));
        kits.setId("usual-kits");
        Usual.KITS.forEach(k -> kits.getItems().add(item(k.label(), () -> film(k))));
        stack(answer, new FlowPane(6, 6, aim, look), others, ask, areas, form(0), form(AREA), form(FLAT), form(PERSON),
                form(4),
                Words.heading("With what"), kits, lens, form(ZOOM), form(6), form(7), Words.heading("On the bench"),
                tape, shadow, mat, Words.heading("Reasons"), reasons());
    }

    private static List<Field> fields(Document document, String... paths) {
        return Stream.of(paths).map(path -> Field.at(document.project(), path)).toList();
    }

    private static MenuItem item(String words, Runnable does) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> does.run());
        return item;
    }

    /** The shown set-up wants that instead. */
    private Project sized(Usual.Area area) {
        Project project = document.project();
        Wanted w = project.setUp().wanted();
        return Path.of("setUp.wanted").with(project, w.sized(area.width(), area.depth()));
    }

    private void film(Usual.Kit kit) {
        List<String> before = document.project().gear().names();
        document.edit(filmedWith(kit));
        List<String> there = document.project().gear().names();
        String away = before.stream().filter(n -> !there.contains(n)).map(n -> "“" + n + "”")
                .collect(Collectors.joining(", "));
        if (!away.isEmpty()) {
            document.refused("Put away, as a phone has none of it: " + away + ". Look at Gear; Undo brings it back.");
        }
    }

    /** What films the shown set-up is that camera, and the shown set-up is filmed through its lens, which is there from then on. */
    private Project filmedWith(Usual.Kit kit) {
        Project project = document.project();
        int camera = project.setUp().camera();
        List<Lens> lenses = new ArrayList<>(project.gear().lenses(camera));
        int number = lenses.stream().map(Lens::name).toList().indexOf(kit.lens().name());
        if (number < 0) {
            number = project.setUps().size() == 1 && lenses.size() == 1 ? 0 : lenses.size();
            if (number < lenses.size()) {
                lenses.set(number, kit.lens());
            } else {
                lenses.add(kit.lens());
            }
        } else {
            lenses.set(number, kit.lens());
        }
        Gear gear = project.gear();
        if (camera == 0 && kit.camera().format().equivalent() && !gear.camera().format().equivalent()) {
            gear = GearEdits.phone(gear);
        }
        return Path.of("setUp.lens").with(project.with(gear.with(camera, kit.camera(), lenses)), number);
    }

    /** Reach takes a moment, and the window does not wait for it. */
    private void aim() {
        Project was = document.project();
        aims = true;
        aiming.run(progress -> Assessor.now(Aim.of(was)), aimed -> {
            aims = false;
            if (document.project() == was) {
                document.edit(aimed);
                document.refused(Aim.lacking(document.project()));
            }
        }, why -> {
            aims = false;
            document.refused(why);
        });
    }

    @Override
    public void show(Assessment assessment) {
        super.show(assessment);
        lens.show(assessment.project());
        Shot shot = assessment.project().shot();
        only(form(ZOOM), shot.lens().zooms());
        only(form(AREA), !shot.wanted().filmed().person());
        only(form(FLAT), shot.wanted().flat());
        only(form(PERSON), shot.wanted().filmed().person());
        only(ask, assessment.project().perch().none());
        only(aim, !assessment.project().perch().none());
        Situation s = assessment.situation();
        if (assessment.project() != looked) {
            // What was looked at was another project.
            others.getChildren().clear();
        }
        answer.setText(Words.unbroken("The rectangle fills the picture with the sensor "
                + s.length(s.distanceWanted()) + " from the work, "
                + s.length(s.sensorWanted().z()) + " above the floor. It is at " + s.length(s.sensor().z()) + " now."
                + seen(s)
                + (assessment.finding("shot.ceiling").verdict() == Verdict.GIVES
                        ? " That is too near the ceiling of "
                                + assessment.project().place().room().ceilingWords(assessment.project().units())
                                + " or above it: take a shorter lens."
                        : "")));
        tape.setText(Words.unbroken(taped(s)));
        String shade = Shadow.words(s);
        shadow.setText(Words.unbroken(shade));
        only(shadow, !shade.isEmpty());
    }

    /** One way in a frame, as each rig is put up anew. */
    private void look() {
        looked = document.project();
        others.getChildren().clear();
        looking.begin(OtherWay.of(document.assessment().get().situation()).stream().<Runnable>map(way -> () -> {
            if (looked == document.project()) {
                way.get().map(this::button).ifPresent(others.getChildren()::add);
            }
        }).toList());
    }

    private WideButton button(OtherWay way) {
        Label what = Words.of("cure-what", way.what());
        Label leads = Words.of("cure-effect", Words.unbroken(way.leads()));
        VerdictStyle.set(leads, way.does() ? Verdict.HOLDS : Verdict.GIVES);
        WideButton button = new WideButton(new CachedVBox(what, leads), "cure");
        button.setAccessibleText("Apply: " + way.what() + ", " + way.leads());
        button.setOnAction(e -> {
            button.setSelected(false);
            document.edit(way.changed());
        });
        return button;
    }

    @Override
    public boolean busy() {
        return super.busy() || looking.going() || aims;
    }

    /** Where what it sees ends on the bench. */
    private static String taped(Situation s) {
        return Taped.of(s).map(t -> "Marked with tape, its picture on the bench's top ends " + t.words(s) + ".")
                .orElse("Its picture does not end on the bench.");
    }

    /** What it sees from where it is: how fine, and how deep it is sharp. */
    private static String seen(Situation s) {
        Sight sight = Sight.of(s);
        if (!sight.sees()) {
            return " From there it does not see the work.";
        }
        return " From there it sees " + s.length(sight.wide()) + " × " + s.length(sight.deep()) + ", "
                + s.show(Quantity.PICTURE_SCALE, sight.worstScale()) + " at the worst corner; sharp from "
                + s.length(sight.sharpBefore()) + " before the work to "
                + (sight.sharpBehind() < Sight.FAR ? s.length(sight.sharpBehind()) + " behind it." : "all behind it.");
    }
}
