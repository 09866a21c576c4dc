package firmperch.kind;

import firmperch.part.Mounted;
import firmperch.part.Perch;
import firmperch.part.arm.BentPlate;
import firmperch.part.arm.BentPlateArm;
import firmperch.part.arm.LevelArm;
import firmperch.part.arm.Links;
import firmperch.part.arm.Pivots;
import firmperch.part.arm.Plates;
import firmperch.part.arm.SlidingBeam;
import firmperch.part.arm.Stops;
import firmperch.part.balance.BalanceBar;
import firmperch.part.balance.RopeWeight;
import firmperch.part.base.CastBox;
import firmperch.part.base.Caster;
import firmperch.part.base.CentreColumn;
import firmperch.part.base.Concrete;
import firmperch.part.base.Corners;
import firmperch.part.base.Legs;
import firmperch.part.base.Shell;
import firmperch.part.base.Tripod;
import firmperch.part.base.WheelBoard;
import firmperch.part.head.CameraScrew;
import firmperch.part.head.PanTiltHead;
import firmperch.part.head.TiltHead;
import firmperch.part.overhead.BeamRails;
import firmperch.part.overhead.BeamRods;
import firmperch.part.overhead.CeilingRails;
import firmperch.part.overhead.Hangers;
import firmperch.part.overhead.JoistScrews;
import firmperch.part.overhead.RailBridge;
import firmperch.part.overhead.TrolleyPlate;
import firmperch.part.overhead.Turntable;
import firmperch.part.portal.BarClamp;
import firmperch.part.portal.Crossbar;
import firmperch.part.portal.PipeFeet;
import firmperch.part.upright.DoubleMast;
import firmperch.part.upright.DoubleTube;
import firmperch.part.upright.DropOnBlock;
import firmperch.part.upright.MastCarriage;
import firmperch.part.upright.PinRow;
import firmperch.part.upright.PinnedPost;
import firmperch.part.upright.Runners;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.LagScrew;
import firmperch.stock.Material;
import firmperch.stock.PostStock;
import firmperch.stock.ThreadedPipe;
import firmperch.stock.Tyre;
import firmperch.stock.Washer;
import java.util.List;

/** What each kind starts from, with sensible values. */
final class Starts {
    private Starts() {
    }

    /** Square box of concrete on casters, post with pin holes, level-keeping arm. */
    static Perch castBoxPost() {
        LevelArm arm = new LevelArm(new Links(0.60, 0.11, Material.ALL.get("beech-d40"), 0.045, 0.020, 2, 0.045),
                new Pivots(Bolt.ALL.get("m12"), 4, FacePair.ALL.get("wood-wood"), Closure.ALL.get("knob-60"), 5, 4, 0),
                new Stops(Math.toRadians(-40), Math.toRadians(50)), new Plates(0.018, 0.07));
        return new Perch(List.of(
                new Mounted("box", new CastBox(new Shell(0.44, 0.24, 0.018), new Concrete(0.18, 2350), 0.018,
                        new Caster(0.075, 0.108, 0.080, 0.032, 150, 0.62, Tyre.ALL.get("rubber")),
                        new Corners(0.33, true, true)), List.of(Perch.FLOOR)),
                new Mounted("post", new PinnedPost(PostStock.ALL.get("pipe-48.3x3.2"), 1.60,
                        new PinRow(0.75, 0.10, 6, 0.010), 2), List.of("box.hollow")),
                new Mounted("carriage",
                        new DropOnBlock(0.20, 0.10, Material.ALL.get("birch-plywood"), 0.0001, 0.105, 4, Math.PI),
                        List.of("post.round")),
                new Mounted("arm", arm, List.of("carriage.face")),
                new Mounted("head", new TiltHead(0.38, 0.12, 10, 0, 0, 0), List.of("arm.end"))));
    }

    /** Two feet of threaded pipe on the bench, a crossbar between them, a clamp that slides and rolls on it. */
    static Perch pipeGoalpost() {
        return new Perch(List.of(
                new Mounted("feet", new PipeFeet(ThreadedPipe.ALL.get("three-quarter"), 0.95, 0.30, 0.30, 0.72, true),
                        List.of(Perch.BENCH)),
                new Mounted("bar", new Crossbar(), List.of("feet.left", "feet.right")),
                new Mounted("clamp", new BarClamp(0.04, 0.045, 0.16, 0.35, FacePair.ALL.get("steel-steel"),
                        Closure.ALL.get("knob-60"), 5), List.of("bar.bar")),
                new Mounted("head", new TiltHead(0.25, 0.08, 8, 0, 0, 0), List.of("clamp.plate"))));
    }

    /** A tube across a tripod's head: camera at one end, washers at the other. */
    static Perch balancedBar() {
        return new Perch(List.of(new Mounted("tripod", tripod(0), List.of(Perch.FLOOR)),
                new Mounted("pan", new PanTiltHead(1.3, 0.10, 0.05, 30, 6, Math.toRadians(20), Math.PI),
                        List.of("tripod.top")),
                new Mounted("bar", new BalanceBar(PostStock.TUBES.get("tube-40x2"), 1.1, 0.375, 0.05,
                        Washer.ALL.get("disc-1"), 6), List.of("pan.top")),
                new Mounted("head", new TiltHead(0.25, 0.08, 8, 0, 0, 0), List.of("bar.nose"))));
    }

    /** A tripod with its camera tipped down in front: what one has already. */
    static Perch plainTripod() {
        return new Perch(List.of(new Mounted("tripod", tripod(0), List.of(Perch.FLOOR)),
                new Mounted("pan", new PanTiltHead(1.3, 0.10, 0.20, 30, 6, Math.toRadians(20), Math.PI),
                        List.of("tripod.top")),
                new Mounted("screw", new CameraScrew(0.002), List.of("pan.front"))));
    }

    private static Tripod tripod(double first) {
        return new Tripod(new Legs(PostStock.TUBES.get("tube-30x2"), 1.35, Math.toRadians(28), first, 4e5, 12),
                new CentreColumn(PostStock.TUBES.get("tube-40x2"), 0.30, 0.0001, Closure.ALL.get("knob-40"), 3), 0.9);
    }

    /** Rails both ways under the joists, a turntable, three arms one after another. */
    static Perch ceilingArm() {
        Hangers hangers = new Hangers(0.30, 60, 0.25, 15000, 0.0005, 20);
        PostStock rail = PostStock.RAILS.get("rail-35x2.5");
        return new Perch(List.of(
                new Mounted("rails", new CeilingRails(rail, 2.1, 0.70, new JoistScrews(LagScrew.ALL.get("lag-8x80"),
                        Material.ALL.get("spruce-c24"), 0.40, 0.06, 0.0125, 0.005)), List.of("place.ceiling")),
                new Mounted("bridge", new RailBridge(rail, 1.2, hangers), List.of("rails.rails")),
                new Mounted("trolley", new TrolleyPlate(Material.ALL.get("birch-plywood"), 0.018,
                        new Hangers(0.20, 60, 0.25, 12000, 0.0005, 20)), List.of("bridge.rails")),
                new Mounted("turntable", chainTable(0.30), List.of("trolley.deck")),
                new Mounted("arm-1", chained(4, -45, 0, 0.165, true), List.of("turntable.pair")),
                new Mounted("arm-2", chained(2, -45, -2, 0.165, true), List.of("arm-1.pair")),
                new Mounted("arm-3", chainEnd(), List.of("arm-2.pair")),
                new Mounted("head", new TiltHead(0.25, 0.08, 8, 0, 0, 0), List.of("arm-3.end"))));
    }

    /** The same chain on a trolley that runs along one beam. */
    static Perch beamArm() {
        return new Perch(List.of(
                new Mounted("rails", new BeamRails(PostStock.RAILS.get("rail-35x2.5"), 2.1, 0.12,
                        new BeamRods(Bolt.ALL.get("m10"), Material.ALL.get("spruce-c24"), 0.20, 0.24, 0.40, 0.05)),
                        List.of("place.ceiling")),
                new Mounted("trolley", new TrolleyPlate(Material.ALL.get("birch-plywood"), 0.018,
                        new Hangers(0.30, 120, 0.25, 20000, 0.0005, 20)), List.of("rails.rails")),
                new Mounted("turntable", chainTable(0.20), List.of("trolley.deck")),
                new Mounted("arm-1", chained(4, -45, 0, 0.165, true), List.of("turntable.pair")),
                new Mounted("arm-2", chained(2, -45, -2, 0.165, true), List.of("arm-1.pair")),
                new Mounted("arm-3", chainEnd(), List.of("arm-2.pair")),
                new Mounted("head", new TiltHead(0.25, 0.08, 8, 0, 0, 0), List.of("arm-3.end"))));
    }

    private static Turntable chainTable(double ring) {
        return new Turntable(new Turntable.Ring(ring, 1.6, 400, 300, 30000, true, 0.0002, 8), 0.018, 0.14, 0.07,
                Bolt.ALL.get("m8"));
    }

    private static LevelArm chainEnd() {
        return new LevelArm(chainLinks(), chainPivots(2), new Stops(Math.toRadians(-45), Math.toRadians(0)),
                new Plates(0.018, 0.065));
    }

    private static BentPlateArm chained(int faces, double low, double high, double below, boolean back) {
        return new BentPlateArm(chainLinks(), chainPivots(faces), new Stops(Math.toRadians(low), Math.toRadians(high)),
                new BentPlate(0.018, below, 0.07, 0, back));
    }

    private static Links chainLinks() {
        return new Links(0.42, 0.07, Material.ALL.get("beech-d40"), 0.045, 0.029, 2, 0.034);
    }

    private static Pivots chainPivots(int faces) {
        return new Pivots(Bolt.ALL.get("m10"), 2 * faces, FacePair.ALL.get("wood-cork"), Closure.ALL.get("lever-65"),
                5.5, 4, 0);
    }

    /** A mast of two tubes on a board, a beam that goes up and down and in and out, a weight on a rope. */
    static Perch slidingMast() {
        Caster caster = new Caster(0.075, 0.108, 0.080, 0.032, 150, 0.62, Tyre.ALL.get("polyurethane"));
        DoubleTube mast = new DoubleTube(PostStock.SQUARES.get("square-40x2-alu"), 0.004, 6, 4000);
        DoubleTube beam = new DoubleTube(PostStock.SQUARES.get("square-30x2-alu"), 0.004, 6, 4000);
        return new Perch(List.of(
                new Mounted("board", new WheelBoard(0.92, 0.84, 0.018, 0.08, 20, caster, true, true),
                        List.of(Perch.FLOOR)),
                new Mounted("mast", new DoubleMast(mast, 1.85, 0.35, PostStock.SQUARES.get("square-25x2-alu"), 0.03),
                        List.of("board.deck")),
                new Mounted("carriage", new MastCarriage(runners(0.26)), List.of("mast.mast")),
                new Mounted("beam", new SlidingBeam(beam, 1.0, 0.72, 0.40, runners(0.22)), List.of("carriage.beam")),
                new Mounted("weight", new RopeWeight(8, 1.35, 0.075, 800, 6000, 0.13),
                        List.of("mast.top", "carriage.eye")),
                new Mounted("head", new TiltHead(0.25, 0.08, 8, 0, 0, 0), List.of("beam.nose"))));
    }

    private static Runners runners(double apart) {
        return new Runners(apart, 0.006, 120, 0.0001, FacePair.ALL.get("steel-steel"), Closure.ALL.get("knob-40"), 3);
    }
}
