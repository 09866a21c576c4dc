package firmperch.make;

import firmperch.body.Assembly;
import firmperch.cost.Bill;
import firmperch.cost.Shopping;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.units.Quantity;
import java.util.List;

/** What it takes to make an assessed project: lists that follow from its assembly. */
public record MakingPlan(Project project, List<CutPiece> cuts, List<HardwareItem> hardware, List<Pour> pours,
        List<WorkStep> order, Bill bill, Shopping shopping) {
    /** Width of a saw cut, m: common practice, no source. */
    public static final double KERF = 0.003;

    /** The plan of an assessed project. */
    public static MakingPlan of(Assessment assessment) {
        Project project = assessment.project();
        Assembly assembly = assessment.study().assembly();
        return new MakingPlan(project, CutList.of(assembly), Hardware.of(assembly),
                Pour.of(assembly, project.units()), OrderOfWork.of(assessment), Bill.of(assembly, project.units()),
                Shopping.of(assembly, project.units()));
    }

    /** What all of it costs, in the maker's money, tax and all. */
    public double price() {
        return project.purse().here(shopping.price());
    }

    /** In words: "All of it together costs about €312 and weighs 84 kg; €40 of that is there already." */
    public String totals() {
        double there = price() - shopping.toPay(project.purse());
        String own = there > 0.005 ? "; " + project.purse().words(there) + " of that is there already" : "";
        return "All of it together costs about " + project.purse().words(price()) + " and weighs "
                + Quantity.MASS.show(bill.mass(), project.units()) + own + ".";
    }

    /** What to bear in mind throughout. */
    public static List<String> cautions() {
        return List.of(
                "This is a calculation for a home-made camera stand, not a proof for anything that carries people.",
                "Whatever hangs over people or work gets a tether or a second lock that holds by itself.",
                "Fixing to a building and mains wiring follow local codes and belong to licensed trades.",
                "Prove it with bags, not with the camera; move it by pushing low, arm turned in, carriage down.");
    }
}
