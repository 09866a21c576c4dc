package firmperch.make;

import firmperch.check.Situation;
import firmperch.project.Project;
import firmperch.rig.CastBox;
import firmperch.rig.DropOnCarriage;
import firmperch.rig.LevelArm;
import firmperch.rig.PinnedPost;
import firmperch.stock.Closure;
import firmperch.stock.PremixBag;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/** Everything to cut, buy, pour and do for a perch, worked out from the project. */
public final class BuildPlan {
    /** Width of a saw cut, m: common practice, no source. */
    public static final double KERF = 0.003;

    private final Project project;
    private final LevelArm arm;
    private final DropOnCarriage carriage;
    private final PinnedPost post;
    private final CastBox box;
    private final Situation situation;

    private BuildPlan(Project project) {
        this.project = project;
        situation = Situation.of(project);
        arm = situation.posed().arm();
        carriage = situation.posed().carriage();
        post = situation.posed().post();
        box = situation.posed().box();
    }

    /** The plan of a project. */
    public static BuildPlan of(Project project) {
        return new BuildPlan(project);
    }

    private String length(double metres) {
        return Quantity.LENGTH.show(metres, project.units());
    }

    /** Every piece to cut, from the camera down. */
    public List<CutPiece> cuts() {
        List<CutPiece> cuts = new ArrayList<>();
        double hole = arm.boltSize().hole();
        double edge = arm.stickDepth();
        cuts.add(new CutPiece("End plate", 1, "birch plywood", arm.plateHeight(), arm.endPlateWidth(),
                arm.plateThickness(),
                "2 × Ø " + length(hole) + ", " + length(edge) + " from the inner edge, " + length(edge)
                        + " from top and bottom (" + length(arm.plateSpacing()) + " apart)"));
        cuts.add(new CutPiece("Stick", 2 * arm.sticksPerLink(), arm.stickMaterial().label(), arm.stickLength(),
                arm.stickDepth(), arm.stickThickness(),
                "2 × Ø " + length(hole) + " on the middle line, " + length(arm.endDistance()) + " and "
                        + length(arm.endDistance() + arm.linkLength())
                        + " from one end; drill all sticks clamped together"));
        cuts.add(new CutPiece("Inner plate", 1, "birch plywood", arm.plateHeight(),
                carriage.innerPlateWidth(arm) + carriage.width() / 2, arm.plateThickness(),
                "2 × Ø " + length(hole) + ", " + length(edge) + " from the outer edge, " + length(arm.plateSpacing())
                        + " apart; drill together with the end plate. Bore Ø " + length(bore()) + " goes through it"));
        cuts.add(new CutPiece("Carriage layer", carriageLayers(), "birch plywood", carriage.height(), carriage.width(),
                arm.plateThickness(), "glue up with the inner plate in the middle, bore Ø " + length(bore())
                        + " along the height, plane the sides to " + length(carriage.width())));
        cuts.add(new CutPiece("Post", 1, post.postStock().label(), post.length(), post.postStock().section().depth(),
                post.postStock().section().wall(),
                post.holes() + " × Ø " + length(post.pin() + 0.0005) + " straight through, "
                        + length(post.firstHole()) + " from the foot, then every " + length(post.pitch())
                        + anchorHoles()));
        cuts.add(new CutPiece("Box side, long", 2, "birch plywood", box.side(), box.height(), box.wall(), ""));
        cuts.add(new CutPiece("Box side, short", 2, "birch plywood", box.innerSide(), box.height(), box.wall(), ""));
        cuts.add(new CutPiece("Box floor", 1, "birch plywood", box.innerSide(), box.innerSide(), box.wall(),
                "mark the middle for the post"));
        cuts.add(new CutPiece("Board", 1, "birch plywood", box.boardSide(), box.boardSide(), box.board(),
                "casters' swivel axes " + length(box.casterPlate() / 2) + " from the edges at each corner; holes from "
                        + "the caster's own plate"));
        if (post.anchors() > 0) {
            cuts.add(new CutPiece("Cross-bar", post.anchors(), "threaded rod M8", anchorLength(), 0.008, 0.008,
                    "through the post's foot, a nut each side"));
        }
        return cuts;
    }

    private double bore() {
        return post.postStock().section().depth() + carriage.clearance();
    }

    private int carriageLayers() {
        return Math.max(2, (int) Math.ceil(carriage.width() / arm.plateThickness() - 1e-9) - 1);
    }

    private double anchorLength() {
        return Math.max(0.06, box.innerSide() - 0.06);
    }

    private String anchorHoles() {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < post.anchors(); i++) {
            double height = Math.max(0.02, box.fill()) * (i + 1) / (post.anchors() + 1);
            text.append(i == 0 ? "; cross-bars Ø " + length(0.0085) + " at " : i == 1 ? " and, square to it, " : ", ")
                    .append(length(height));
        }
        return text.toString();
    }

    /** Everything to buy ready-made; prices are rough. */
    public List<HardwareItem> hardware() {
        List<HardwareItem> list = new ArrayList<>();
        Closure closure = Closure.ALL.get(arm.closure());
        list.add(new HardwareItem("Screw 3/8-16 UNC × " + length(0.020), 1, 0.8, "head to its bracket"));
        list.add(new HardwareItem("Steel angle bracket " + length(0.04) + " with 2 bolts M6 and lock nuts", 1, 2.5,
                "under the end plate, carries the head"));
        list.add(new HardwareItem("Bolt " + arm.boltSize().label() + " × " + length(pivotBolt()), 4,
                4 * arm.boltSize().price(), "arm pivots"));
        list.add(new HardwareItem("Wide washer " + arm.boltSize().label() + ", Ø " + length(arm.boltSize().washer()),
                8, 1.2, "under each head and nut of the pivots"));
        list.add(new HardwareItem(closure.label() + " " + arm.boltSize().label(), arm.tightened(),
                arm.tightened() * closure.price(), "tightened pivots: inner ones first"));
        if (arm.tightened() < 4) {
            list.add(new HardwareItem("Lock nut " + arm.boltSize().label(), 4 - arm.tightened(),
                    0.2 * (4 - arm.tightened()), "free pivots: snug, then a quarter turn back"));
        }
        list.add(new HardwareItem("Stop bolt M6 × " + length(0.05) + " with nut", 2, 1.0,
                "arm stops at " + Quantity.ANGLE.show(arm.lowStop(), project.units()) + " and "
                        + Quantity.ANGLE.show(arm.highStop(), project.units())));
        list.add(new HardwareItem("Pin Ø " + length(post.pin()) + " × "
                + length(Math.ceil((carriage.width() + 0.04) * 200) / 200) + " with ring and cord", 1, 2.5,
                "carries the carriage"));
        list.add(new HardwareItem("Caster Ø " + length(box.casterDiameter()) + ", " + box.tyreRow().label() + ", rated "
                + Quantity.MASS.show(box.casterRating(), project.units())
                + (box.locked() ? ", braked wheel and swivel" : ""), CastBox.CASTERS, 9.0 * CastBox.CASTERS,
                "corners of the board"));
        list.add(new HardwareItem("Bolt M8 × " + length(Math.ceil((box.board() + 0.022) * 200) / 200)
                + " with washer and lock nut", 4 * CastBox.CASTERS, 0.6 * 4 * CastBox.CASTERS, "casters to board"));
        list.add(new HardwareItem("Bolt M8 × " + length(Math.ceil((box.board() + box.wall() + 0.022) * 200) / 200)
                + ", countersunk, with washers and nut", 4, 2.8, "box floor to board, before the pour"));
        int screws = 4 * (int) Math.ceil(box.height() / 0.06) + 4 * (int) Math.ceil(box.innerSide() / 0.10);
        list.add(new HardwareItem("Wood screw 4.5 × " + length(Math.ceil(box.wall() * 2.6 * 1000 / 5) * 0.005), screws,
                0.06 * screws, "box corners and floor"));
        if (post.anchors() > 0) {
            list.add(new HardwareItem("Nut M8 with washer", 2 * post.anchors(), 0.3 * post.anchors(), "cross-bars"));
        }
        list.add(new HardwareItem("Steel wire tether with two snap hooks, " + length(0.5), 1, 4.0,
                "camera to the end plate, always"));
        list.add(new HardwareItem("Water-resistant wood glue, bottle", 1, 5.0, "box and carriage"));
        return list;
    }

    private double pivotBolt() {
        return Math.ceil((arm.boltLength() + (arm.tightened() > 0 ? 0.004 : 0)) * 200) / 200;
    }

    /** The concrete as drawn, in 25 kg or 80 lb bags. */
    public Concrete concrete() {
        PremixBag bag = PremixBag.ALL.get(project.units() == UnitSystem.IMPERIAL ? "bag-80lb" : "bag-25kg");
        return Concrete.of(box.concreteMass(post.postStock().section()), box.concreteDensity(), bag);
    }

    /** Rough price of the hardware and the concrete, units of money. */
    public double price() {
        Concrete concrete = concrete();
        return hardware().stream().mapToDouble(HardwareItem::price).sum() + concrete.bags() * concrete.bag().price()
                + post.length() * post.postStock().pricePerMetre();
    }

    /** The order of work, with what must come before what, waits and cautions. */
    public List<WorkStep> order() {
        List<WorkStep> steps = new ArrayList<>();
        Concrete concrete = concrete();
        add(steps, "Cut all wood. Clamp the sticks and drill them together; likewise the two plates.", List.of(), "",
                "Saw and drill: eye and ear protection, dust mask, work clamped down.");
        add(steps, "Glue up carriage and box; screw the box.", List.of(1), "glue: overnight", "");
        add(steps, "Bolt the casters to the board, then the box to the board: their nuts are out of reach once the "
                + "concrete is in.", List.of(2), "", "");
        add(steps, "Cut and drill the post; put the cross-bars through its foot.", List.of(), "",
                "Deburr the holes. Never weld zinc-coated pipe: its fumes are toxic.");
        add(steps, "Line the box with film. Stand the post on the middle of its floor, plumb both ways, and brace it.",
                List.of(3, 4), "", "");
        add(steps, concrete.bags() == 0
                ? "No concrete is drawn: bolt the post to the box floor instead."
                : "Mix " + concrete.bags() + " × " + concrete.bag().label() + " with "
                        + Quantity.VOLUME.show(concrete.water(), project.units()) + " of water and pour to "
                        + length(box.fill()) + " above the box floor. Check the post for plumb again.",
                List.of(5), "concrete: two days before it is rolled, longer when cold; full strength in four weeks",
                "Wet cement burns skin and eyes: gloves, goggles, water at hand. Lift bags with help.");
        add(steps, "Bore the carriage, try it on the post, set the stops, bolt the arm together.", List.of(2, 4), "",
                "");
        add(steps, "Drop the carriage on its pin. Hang a bag of " + Quantity.MASS.show(
                project.policy().proof() * project.gear().mass(), project.units())
                + " where the camera goes and swing it all the way round.", List.of(6, 7), "overnight, loaded",
                "Keep feet and hands from under it; nobody near until it has held.");
        add(steps, "Push it at the top until a wheel lifts; note push and lean under Prove.", List.of(8), "",
                "A second person ready to catch it.");
        add(steps, "Hang the camera, tether first; note the sag under Prove.", List.of(9), "", "");
        return steps;
    }

    private static void add(List<WorkStep> steps, String what, List<Integer> after, String wait, String caution) {
        steps.add(new WorkStep(steps.size() + 1, what, after, wait, caution));
    }

    /** What to bear in mind throughout. */
    public static List<String> cautions() {
        return List.of(
                "This is a calculation for a home-made camera stand, not a proof for anything that carries people.",
                "Whatever hangs over people or work gets a tether or a second lock that holds by itself.",
                "Fixing to a building and mains wiring follow local codes and belong to licensed trades.",
                "Prove it with bags, not with the camera; move it by pushing low, arm turned in, carriage down.");
    }

    /** The project that the plan is of. */
    public Project project() {
        return project;
    }

    /** The project in its set pose. */
    Situation situation() {
        return situation;
    }
}
