package firmperch.desk.make;

import firmperch.desk.panel.Panel;
import firmperch.desk.widget.Grid;
import firmperch.desk.widget.Words;
import firmperch.make.CutPiece;
import firmperch.make.HardwareItem;
import firmperch.make.MakingPlan;
import firmperch.make.Pour;
import firmperch.make.Printable;
import firmperch.make.WorkStep;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;

/** What to cut, buy, pour and do; the way to the build pack and the lists as files. */
public final class MakePanel implements Panel {
    private final VBox side = new VBox();
    private final VBox lists = new VBox();
    private final ScrollPane scroll = new ScrollPane(lists);
    private final VBox order = new VBox();
    private final Label unprintable = Words.of("caution", "");
    private Assessment shown;

    public MakePanel(Runnable exportPack, Runnable exportLists) {
        lists.getStyleClass().add("page");
        // Narrower, the words of a table would break; the page is scrolled sideways instead.
        lists.setMinWidth(620);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("page-scroll");
        Button pack = new Button("Build pack as PDF …");
        pack.setId("export-pdf");
        pack.setOnAction(e -> exportPack.run());
        Button csv = new Button("Lists as CSV …");
        csv.setId("export-csv");
        csv.setOnAction(e -> exportLists.run());
        Label heading = Words.heading("Order of work");
        Label cautions = Words.of("caution", String.join("\n", MakingPlan.cautions()));
        VBox buttons = new VBox(8, pack, csv);
        pack.setMaxWidth(Double.MAX_VALUE);
        csv.setMaxWidth(Double.MAX_VALUE);
        pack.getStyleClass().add("strong");
        side.getChildren().addAll(buttons, unprintable, heading, order, cautions);
        side.getStyleClass().add("panel");
        order.setSpacing(8);
    }

    @Override
    public Node side() {
        return side;
    }

    @Override
    public Node middle() {
        return scroll;
    }

    @Override
    public void show(Assessment assessment) {
        Project project = assessment.project();
        if (shown != null && project.onlyMovedFrom(shown.project()) && shown.complete() == assessment.complete()) {
            return;
        }
        shown = assessment;
        String missing = Printable.missing(project);
        unprintable.setText(missing);
        unprintable.setVisible(!missing.isEmpty());
        unprintable.setManaged(!missing.isEmpty());
        MakingPlan plan = MakingPlan.of(assessment);
        UnitSystem system = project.units();
        lists.getChildren().setAll(Words.heading("Cut list, in " + system.label()), cuts(plan, system),
                Words.heading("Hardware"), hardware(plan));
        for (Pour pour : plan.pours()) {
            lists.getChildren().addAll(Words.heading(pour.name()), pour(pour, system));
        }
        lists.getChildren().add(Words.of("numbers",
                String.format(Locale.ROOT, "All of it together costs about %.0f and weighs %s.", plan.bill().price(),
                        Quantity.MASS.show(plan.bill().mass(), system))));
        order.getChildren().clear();
        for (WorkStep step : plan.order()) {
            add(step.number() + ". " + step.what(), "step");
            if (!step.pause().isEmpty()) {
                add("Wait – " + step.pause(), "hint");
            }
            if (!step.caution().isEmpty()) {
                add(step.caution(), "caution");
            }
        }
    }

    private void add(String text, String style) {
        order.getChildren().add(Words.of(style, text));
    }

    private static Grid cuts(MakingPlan plan, UnitSystem system) {
        Grid grid = new Grid(new double[]{16, 5, 17, 9, 9, 9, 35}, "Part", "No.", "Material", "Length", "Width",
                "Thick", "Holes");
        for (CutPiece piece : plan.cuts()) {
            grid.row(piece.part(), "" + piece.count(), piece.material(), Quantity.LENGTH.bare(piece.length(), system),
                    Quantity.LENGTH.bare(piece.width(), system), Quantity.LENGTH.bare(piece.thickness(), system),
                    Words.unbroken(piece.holes()));
        }
        return grid;
    }

    private static Grid hardware(MakingPlan plan) {
        Grid grid = new Grid(new double[]{52, 6, 10, 32}, "Item", "No.", "Price", "For");
        for (HardwareItem item : plan.hardware()) {
            grid.row(item.item(), "" + item.count(), String.format(Locale.ROOT, "%.2f", item.price()), item.use());
        }
        return grid;
    }

    private static Label pour(Pour p, UnitSystem system) {
        return Words.of("numbers", Quantity.MASS.show(p.mass(), system) + ", "
                + Quantity.VOLUME.show(p.volume(), system) + ": " + p.bags() + " × " + p.bag().label() + " with "
                + Quantity.VOLUME.show(p.water(), system) + " of water.");
    }
}
