package firmperch.desk.ballast;

import firmperch.check.Topic;
import firmperch.desk.document.Background;
import firmperch.desk.document.Document;
import firmperch.desk.form.Field;
import firmperch.desk.form.Form;
import firmperch.desk.panel.OtherWays;
import firmperch.desk.panel.ReasonList;
import firmperch.desk.panel.ReasonedPanel;
import firmperch.desk.widget.Words;
import firmperch.part.Mounted;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.BallastSizing;
import firmperch.stock.PremixBag;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;

/** How much ballast the policy needs, in which mix, and what tipping asks. */
public final class BallastPanel extends ReasonedPanel {
    private final Document document;
    private final Background background = new Background("ballast");
    private final OtherWays others;
    private final Label answer = new Label();
    private final Label bags = new Label();
    private final Button apply = new Button("Pour that much");
    private final Label caution = Words.of("caution",
            "Wet cement burns skin and eyes: gloves, goggles, water at hand. A bag is heavier than "
                    + "one person should lift: share it or halve it.");
    private List<String> shownFields = List.of();
    private Project sizedFor;
    private BallastSizing sizing;
    private boolean working;

    public BallastPanel(Document document, ReasonList.Actions actions) {
        super(new ReasonList(actions,
                (a, f) -> f.about().topic() == Topic.FALLS || f.about().topic() == Topic.FIRMNESS, true),
                new Form(document));
        this.document = document;
        answer.setWrapText(true);
        answer.getStyleClass().add("answer");
        answer.setId("ballast-answer");
        bags.setWrapText(true);
        bags.setId("ballast-bags");
        apply.setId("ballast-apply");
        apply.setOnAction(e -> pour());
        others = new OtherWays(document, "ballast",
                "A counterweight in place of ballast, another base, springs along an arm: each worked out whole.");
        stack(answer, apply, bags, caution, form(0), others, Words.heading("Reasons"), reasons());
    }

    @Override
    public boolean busy() {
        return working || others.busy() || super.busy();
    }

    /** Makes it as it was sized, if it was sized for what is there now: the panel follows a frame later. */
    private void pour() {
        if (sizedFor != null && document.project().onlyMovedFrom(sizedFor)) {
            sizing.needed().ifPresent(needed -> document.edit(needed.standingAs(document.project())));
        }
    }

    /** The values by which the base is weighted. */
    private void fields(Project project) {
        List<String> paths = new ArrayList<>();
        for (Mounted mounted : project.perch().parts()) {
            Stream.concat(mounted.part().ballast().stream(), mounted.part().weights().stream())
                    .forEach(path -> paths.add("perch." + mounted.name() + "." + path));
        }
        if (!paths.equals(shownFields)) {
            shownFields = paths;
            form(0).show(List.of(new Field.Section("What it is weighted by",
                    paths.stream().map(path -> Field.at(project, path)).toList())));
        }
    }

    @Override
    public void show(Assessment assessment) {
        Project project = assessment.project();
        fields(project);
        super.show(assessment);
        boolean onlyMoved = sizedFor != null && project.onlyMovedFrom(sizedFor);
        if (onlyMoved) {
            return;
        }
        sizedFor = project;
        apply.setDisable(true);
        others.show(project);
        boolean applies = BallastSizing.applies(project);
        for (Node node : List.of(apply, bags, caution)) {
            node.setVisible(applies);
            node.setManaged(applies);
        }
        if (!BallastSizing.applies(project)) {
            boolean weighted = project.perch().parts().stream().anyMatch(p -> !p.part().weights().isEmpty());
            answer.setText(weighted
                    ? "Nothing of it is poured. Change what it is weighted by: what tipping then asks follows below."
                    : "Nothing of this perch takes ballast.");
            bags.setText("");
            return;
        }
        working = true;
        answer.setText("Working out how much ballast it needs for what you asked …");
        background.run(progress -> BallastSizing.of(project, progress), found -> {
            working = false;
            sizing = found;
            say(project);
        }, why -> {
            working = false;
            answer.setText("The ballast could not be sized: " + why);
            bags.setText("");
        });
    }

    private void say(Project project) {
        UnitSystem system = project.units();
        apply.setDisable(sizing.needed().isEmpty());
        String poured = "As drawn there are " + Quantity.MASS.show(sizing.poured(), system) + ".";
        if (sizing.needed().isEmpty()) {
            answer.setText(
                    "No filling stands as firmly as is asked, however much: set the feet further out. " + poured);
            bags.setText("");
            return;
        }
        answer.setText(Words.unbroken("For what you asked it needs " + Quantity.MASS.show(sizing.mass(), system)
                + (sizing.widened() ? ", more than it holds as drawn" : "")
                + (sizing.changes().isEmpty() ? ". " : ": " + String.join(", ", sizing.changes()) + ". ") + poured));
        StringBuilder text = new StringBuilder(Quantity.VOLUME.show(sizing.volume(), system) + ", as one of:\n");
        for (PremixBag bag : PremixBag.ALL.rows()) {
            int count = bag.whole(sizing.volume());
            text.append(bag.many(count)).append(" with ")
                    .append(Quantity.VOLUME.show(count * bag.water(), system)).append(" of water\n");
        }
        bags.setText(text.toString().strip());
    }
}
