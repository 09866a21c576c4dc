package firmperch.desk.steady;

import firmperch.desk.document.Document;
import firmperch.desk.form.Field;
import firmperch.desk.form.Form;
import firmperch.desk.panel.OtherWays;
import firmperch.desk.panel.ReasonList;
import firmperch.desk.panel.ReasonedPanel;
import firmperch.desk.widget.Words;
import firmperch.param.Path;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.study.Situation;
import firmperch.units.Quantity;
import javafx.scene.control.Label;
import javafx.scene.control.TitledPane;

/** Every reason, the gravest first: a fall before a sag, and what is asked of a perch. */
public final class SteadyPanel extends ReasonedPanel {
    private final Label now = Words.of("answer", "");
    private final OtherWays others;
    private Project shown;

    public SteadyPanel(Document document, ReasonList.Actions actions) {
        super(new ReasonList(actions, (a, f) -> true, true),
                Form.of(document, Field.sections("", document.project().policy(), Path.of("policy"))));
        TitledPane asked = new TitledPane("What is asked", form(0));
        asked.setExpanded(false);
        asked.setId("policy");
        others = new OtherWays(document, "steady",
                "Springs along an arm in place of tight knobs: each worked out whole.");
        stack(now, asked, others, Words.heading("Reasons, the gravest first"), reasons());
    }

    @Override
    public boolean busy() {
        return others.busy() || super.busy();
    }

    @Override
    public void show(Assessment assessment) {
        super.show(assessment);
        now.setText(Words.unbroken(now(assessment.situation())));
        // What stands has them under Ballast, among others.
        only(others, !assessment.situation().stands());
        if (shown == null || !assessment.project().onlyMovedFrom(shown)) {
            shown = assessment.project();
            others.show(shown);
        }
    }

    private static String now(Situation s) {
        String weighs = s.show(Quantity.MASS, s.posed().mass()) + " with the spare.";
        if (!s.stands()) {
            return "It hangs and weighs " + weighs;
        }
        if (s.tipping().leastLean() <= 0) {
            return "In this pose it falls over by itself. It weighs " + weighs;
        }
        return "In this pose it leans " + s.show(Quantity.ANGLE, s.tipping().leastLean())
                + " before it goes, takes a push of " + s.show(Quantity.FORCE, s.tipping().push(s.pushHeight()))
                + " at "
                + s.length(s.pushHeight()) + ", and weighs " + weighs;
    }
}
