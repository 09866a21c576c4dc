package firmperch.make;

import firmperch.body.Assembly;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Bill;
import java.util.List;

/** What it takes to make an assessed project: lists that follow from its assembly. */
public record MakingPlan(Project project, List<CutPiece> cuts, List<HardwareItem> hardware, List<Pour> pours,
        List<WorkStep> order, Bill bill) {
    /** Width of a saw cut, m: common practice, no source. */
    public static final double KERF = 0.003;

    /** The plan of an assessed project. */
    public static MakingPlan of(Assessment assessment) {
        Project project = assessment.project();
        Assembly assembly = assessment.study().assembly();
        return new MakingPlan(project, CutList.of(assembly), Hardware.of(assembly),
                Pour.of(assembly, project.units()), OrderOfWork.of(assessment), Bill.of(assembly));
    }

    /** Rough price of hardware and pours in whole bags, wood and tube not counted, units of money. */
    public double price() {
        return hardware.stream().mapToDouble(HardwareItem::price).sum() + pours.stream().mapToDouble(Pour::price).sum();
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
