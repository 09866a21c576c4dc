package firmperch.desk.shot;

import firmperch.check.Topic;
import firmperch.check.Verdict;
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
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.OtherWay;
import firmperch.study.Sight;
import firmperch.study.Situation;
import firmperch.study.Taped;
import firmperch.units.Quantity;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;

/** What has to be in the picture, through which lens, and from where that is seen. */
public final class ShotPanel extends ReasonedPanel {
    private final Label answer = Words.of("answer", "");
    private final Label tape = Words.of("hint", "");
    private final CachedVBox others = new CachedVBox(4);
    private final Button look = new Button("What else would do …");
    private final OverFrames looking = new OverFrames();
    private final Document document;
    private Project looked;

    /**
     * A panel with a button for the mat.
     *
     * @param export writes it
     */
    public ShotPanel(Document document, ReasonList.Actions actions, Consumer<Exporter> export) {
        super(new ReasonList(actions, (a, f) -> f.about().topic() == Topic.PICTURE, false),
                Form.of(document, Field.sections("Under the lens", document.project().shot(), Path.of("shot"))));
        Button mat = new Button("Print a mat of this …");
        mat.setId("print-mat");
        mat.setOnAction(e -> export.accept(Exporters.MAT));
        this.document = document;
        look.setId("other-ways");
        look.setOnAction(e -> look());
        stack(answer, look, others, form(0), Words.heading("On the bench"), tape, mat, Words.heading("Reasons"),
                reasons());
    }

    @Override
    public void show(Assessment assessment) {
        super.show(assessment);
        Situation s = assessment.situation();
        if (assessment.project() != looked) {
            // What was looked at was another project.
            others.getChildren().clear();
        }
        answer.setText(Words.unbroken("The rectangle fills the picture with the sensor "
                + s.length(assessment.project().shot().sensorDistance()) + " above the work, "
                + s.length(s.sensorHeightWanted()) + " above the floor. It is at " + s.length(s.sensor().z()) + " now."
                + seen(s)
                + (assessment.finding("shot.ceiling").verdict() == Verdict.GIVES
                        ? " That is too near the ceiling of " + s.length(assessment.project().place().room().ceiling())
                                + " or above it: take a shorter lens."
                        : "")));
        tape.setText(Words.unbroken(taped(s)));
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
        return super.busy() || looking.going();
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
