package firmperch.desk.ballast;

import firmperch.desk.Background;
import firmperch.desk.Document;
import firmperch.desk.Panel;
import firmperch.desk.ReasonList;
import firmperch.desk.form.Fields;
import firmperch.desk.form.Form;
import firmperch.desk.Words;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.BallastSizing;
import firmperch.stock.PremixBag;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** How much concrete the policy needs, how high it fills the box, in how many bags. */
public final class BallastPanel implements Panel {
    private final Document document;
    private final Background background = new Background("ballast");
    private final VBox box = new VBox();
    private final Label answer = new Label();
    private final Label bags = new Label();
    private final Button apply = new Button("Pour that much");
    private final Form form;
    private final ReasonList reasons;
    private Project sizedFor;
    private BallastSizing sizing;
    private boolean failed;

    public BallastPanel(Document document, ReasonList.Actions actions) {
        this.document = document;
        answer.setWrapText(true);
        answer.getStyleClass().add("answer");
        answer.setId("ballast-answer");
        bags.setWrapText(true);
        bags.setId("ballast-bags");
        apply.setId("ballast-apply");
        apply.setOnAction(e -> pour());
        form = Form.of(document, "The box", Fields.BALLAST);
        reasons = new ReasonList(actions, f -> f.about().id().startsWith("tip."), true);
        Label why = Words.heading("Reasons");
        Label caution = Words.of("caution",
                "Wet cement burns skin and eyes: gloves, goggles, water at hand. A bag is heavier than "
                        + "one person should lift: share it or halve it.");
        box.getChildren().addAll(answer, apply, bags, caution, form, why, reasons);
        box.getStyleClass().add("panel");
    }

    private void pour() {
        try {
            document.edit(sizing.applied(document.project()));
        } catch (InvalidValue e) {
            answer.setText(e.getMessage());
        }
    }

    @Override
    public Node side() {
        return box;
    }

    @Override
    public boolean busy() {
        return !failed && (sizing == null || apply.isDisabled() && !Double.isNaN(sizing.needed()));
    }

    @Override
    public void show(Assessment assessment) {
        form.refresh(assessment.project());
        reasons.show(assessment);
        Project project = assessment.project();
        boolean onlyMoved = sizedFor != null && project.with(sizedFor.stance()).equals(sizedFor);
        if (onlyMoved || box.getScene() == null) {
            return;
        }
        sizedFor = project;
        failed = false;
        apply.setDisable(true);
        answer.setText("Working out how much concrete the policy needs …");
        background.run(progress -> BallastSizing.of(project, progress), found -> {
            sizing = found;
            say(project);
        }, why -> {
            failed = true;
            answer.setText("The ballast could not be sized: " + why);
            bags.setText("");
        });
    }

    private void say(Project project) {
        UnitSystem system = project.units();
        apply.setDisable(Double.isNaN(sizing.needed()));
        String poured = "As drawn there are " + Quantity.MASS.show(sizing.poured(), system) + ".";
        if (Double.isNaN(sizing.needed())) {
            answer.setText("No box on this board holds enough concrete: set the casters further out. " + poured);
            bags.setText("");
            return;
        }
        String fill = Quantity.LENGTH.show(sizing.fill(), system);
        answer.setText("The policy needs " + Quantity.MASS.show(sizing.needed(), system) + " of concrete, "
                + (sizing.fits()
                        ? fill + " high in this box. "
                        : "more than this box holds: make it " + Quantity.LENGTH.show(sizing.side(), system)
                                + " wide and fill it to " + fill + ". ")
                + poured);
        StringBuilder text = new StringBuilder(Quantity.VOLUME.show(sizing.volume(), system) + ", as one of:\n");
        for (PremixBag bag : PremixBag.ALL.rows()) {
            int count = BallastSizing.bags(sizing.volume(), bag);
            text.append(count).append(" × ").append(bag.label()).append(" with ")
                    .append(Quantity.VOLUME.show(count * bag.water(), system)).append(" of water\n");
        }
        bags.setText(text.toString().strip());
    }
}
