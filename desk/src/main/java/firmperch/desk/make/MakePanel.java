package firmperch.desk.make;

import firmperch.cost.Shopping;
import firmperch.desk.document.Background;
import firmperch.desk.document.Document;
import firmperch.desk.form.Field;
import firmperch.desk.form.Form;
import firmperch.desk.panel.Panel;
import firmperch.desk.widget.CachedVBox;
import firmperch.desk.widget.IncrementalColumn;
import firmperch.desk.widget.TableRow;
import firmperch.desk.widget.Words;
import firmperch.make.CutPiece;
import firmperch.make.Exporter;
import firmperch.make.Exporters;
import firmperch.make.HardwareItem;
import firmperch.make.MakingPlan;
import firmperch.make.Pour;
import firmperch.make.Printable;
import firmperch.make.WorkStep;
import firmperch.project.Project;
import firmperch.project.Purse;
import firmperch.search.Assessment;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;

/** What to cut, buy, pour and do; the way to the build pack and the lists as files. */
public final class MakePanel implements Panel {
    /** Widths of the columns, per cent. */
    private static final double[] CUTS = {16, 5, 17, 9, 9, 9, 35};
    private static final double[] FITTED = {58, 6, 36};
    private static final double[] BOUGHT = {52, 14, 14, 20};

    private final CachedVBox side = new CachedVBox();
    private final IncrementalColumn lists = new IncrementalColumn();
    private final ScrollPane scroll = new ScrollPane(lists);
    private final IncrementalColumn order = new IncrementalColumn();
    private final Document document;
    private final Form money;
    private final Label unprintable = Words.of("caution", "");
    private final Background printing = new Background("printable");
    private Assessment shown;
    private boolean looking;
    private List<Object> filledWith = List.of();

    /**
     * A panel with a button for each thing that can be written.
     *
     * @param document whose money it is
     * @param export writes one of them
     * @param exportAll writes all of them
     */
    public MakePanel(Document document, Consumer<Exporter> export, Runnable exportAll) {
        this.document = document;
        money = Form.of(document, "Money", Stream.of("currency", "level", "tax")
                .map(path -> Field.at(document.project(), "purse." + path)).toList());
        lists.getStyleClass().add("page");
        // Narrower, the words of a table would break; the page is scrolled sideways instead.
        lists.setMinWidth(620);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("page-scroll");
        CachedVBox buttons = new CachedVBox(8);
        for (Exporter exporter : Exporters.ALL) {
            buttons.getChildren().add(button(exporter.id(), exporter.label() + " …", () -> export.accept(exporter)));
        }
        buttons.getChildren().getFirst().getStyleClass().add("strong");
        buttons.getChildren().add(button("all", "All of these into a folder …", exportAll));
        Label heading = Words.heading("Order of work");
        Label cautions = Words.of("caution", String.join("\n", MakingPlan.cautions()));
        side.getChildren().addAll(buttons, unprintable, money, heading, order, cautions);
        side.getStyleClass().add("panel");
        order.setSpacing(8);
    }

    private static Button button(String id, String label, Runnable action) {
        Button button = new Button(label);
        button.setId("export-" + id);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setOnAction(e -> action.run());
        return button;
    }

    @Override
    public Node side() {
        return side;
    }

    @Override
    public Parent middle() {
        return scroll;
    }

    @Override
    public void show(Assessment assessment) {
        Project project = assessment.project();
        if (shown != null && project.onlyMovedFrom(shown.project()) && shown.complete() == assessment.complete()) {
            return;
        }
        shown = assessment;
        money.refresh(project);
        // The typeface is read for it.
        looking = true;
        printing.run(progress -> Printable.missing(project), this::warn, this::warn);
        MakingPlan plan = MakingPlan.of(assessment);
        UnitSystem system = project.units();
        List<Object> told = List.of(plan.cuts(), plan.hardware(), plan.pours(), plan.order(), plan.shopping(),
                project.purse(),
                system);
        if (!told.equals(filledWith)) {
            filledWith = told;
            lists.fill(page(plan, system));
            order.fill(plan.order().stream().flatMap(MakePanel::step).toList());
        }
    }

    private void warn(String missing) {
        looking = false;
        unprintable.setText(missing);
        unprintable.setVisible(!missing.isEmpty());
        unprintable.setManaged(!missing.isEmpty());
    }

    @Override
    public boolean busy() {
        return looking || lists.filling() || order.filling();
    }

    private List<Supplier<Node>> page(MakingPlan plan, UnitSystem system) {
        List<Supplier<Node>> rows = new ArrayList<>();
        rows.add(() -> Words.heading("Cut list, in " + system.label()));
        rows.add(() -> TableRow.head(CUTS, "Part", "No.", "Material", "Length", "Width", "Thick", "Holes and shape"));
        for (CutPiece piece : plan.cuts()) {
            rows.add(() -> TableRow.of(CUTS, piece.part(), "" + piece.count(), piece.material().label(),
                    Quantity.LENGTH.bare(piece.length(), system), Quantity.LENGTH.bare(piece.width(), system),
                    Quantity.LENGTH.bare(piece.thickness(), system), Words.unbroken(piece.notes(system))));
        }
        rows.add(() -> Words.heading("Shopping list"));
        rows.add(() -> TableRow.head(BOUGHT, "Item", "How much", "Price", "Is there already"));
        for (Shopping.Line line : plan.shopping().lines()) {
            rows.add(() -> bought(line, plan.project()));
        }
        rows.add(() -> Words.of("numbers", plan.totals()));
        rows.add(() -> Words.heading("Hardware"));
        rows.add(() -> TableRow.head(FITTED, "Item", "No.", "For"));
        for (HardwareItem item : plan.hardware()) {
            rows.add(() -> TableRow.of(FITTED, item.item(), "" + item.count(), item.use()));
        }
        for (Pour pour : plan.pours()) {
            rows.add(() -> Words.heading(pour.name()));
            rows.add(() -> pour(pour, system));
        }
        return rows;
    }

    /** A thing to buy, and whether it is there already: then it is kept on the list of what the maker has, for other projects too. */
    private Node bought(Shopping.Line line, Project project) {
        Purse purse = project.purse();
        CheckBox there = new CheckBox();
        there.setSelected(line.there(purse));
        there.setAccessibleText(line.item() + " is there already");
        there.setOnAction(e -> {
            try {
                document.edit(document.project().with(
                        document.project().purse().having(line.item(), there.isSelected() ? line.amount() : 0)));
            } catch (InvalidValue tooMany) {
                document.refused(tooMany.getMessage());
            }
        });
        return TableRow.of(BOUGHT, there, line.item(), line.much(project.units()),
                purse.words(purse.here(line.price())));
    }

    private static Stream<Supplier<Node>> step(WorkStep step) {
        return Stream.of(new String[]{"step", step.number() + ". " + step.what()},
                new String[]{"hint", step.pause().isEmpty() ? "" : "Wait – " + step.pause()},
                new String[]{"caution", step.caution()})
                .filter(line -> !line[1].isEmpty()).map(line -> () -> Words.of(line[0], line[1]));
    }

    private static Label pour(Pour p, UnitSystem system) {
        return Words.of("numbers", Quantity.MASS.show(p.mass(), system) + ", "
                + Quantity.VOLUME.show(p.volume(), system) + ": " + p.bag().many(p.bags()) + " with "
                + Quantity.VOLUME.show(p.water(), system) + " of water.");
    }
}
