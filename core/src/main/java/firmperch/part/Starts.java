package firmperch.part;

import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.Material;
import firmperch.stock.PostStock;
import firmperch.stock.ThreadedPipe;
import firmperch.stock.Tyre;
import java.util.List;

/** What each kind starts from, with sensible values. */
final class Starts {
    private Starts() {
    }

    /** Square box of concrete on casters, post with pin holes, level-keeping arm. */
    static Perch castBoxPost() {
        LevelArm arm = new LevelArm(new Links(0.60, 0.11, Material.ALL.get("beech-d40"), 0.045, 0.020, 2, 0.060),
                new Pivots(Bolt.ALL.get("m8"), 2, FacePair.ALL.get("wood-wood"), Closure.ALL.get("knob-60"), 5, 4,
                        5000),
                new Stops(Math.toRadians(-40), Math.toRadians(50)), new Plates(0.018, 0.06));
        return new Perch(List.of(
                new Mounted("box", new CastBox(new Shell(0.44, 0.24, 0.018), new Concrete(0.18, 2350), 0.021,
                        new Caster(0.075, 0.108, 0.080, 0.032, 150, 0.62, Tyre.ALL.get("rubber")),
                        new Corners(0.30, true, 0)), List.of(Perch.FLOOR)),
                new Mounted("post", new PinnedPost(PostStock.ALL.get("pipe-48.3x3.2"), 1.60,
                        new PinRow(0.75, 0.10, 6, 0.010), 2), List.of("box.hollow")),
                new Mounted("carriage", new DropOnBlock(0.20, 0.10, Material.ALL.get("birch-plywood"), 0.0008, 0.09),
                        List.of("post.round")),
                new Mounted("arm", arm, List.of("carriage.face")),
                new Mounted("head", new TiltHead(0.38, 0.10, 10), List.of("arm.end"))));
    }

    /** Two feet of threaded pipe on the bench, a crossbar between them, a clamp that slides and rolls on it. */
    static Perch pipeGoalpost() {
        return new Perch(List.of(
                new Mounted("feet", new PipeFeet(ThreadedPipe.ALL.get("three-quarter"), 0.95, 0.30, 0.30, 0.72, true),
                        List.of("place.bench")),
                new Mounted("bar", new Crossbar(), List.of("feet.left", "feet.right")),
                new Mounted("clamp", new BarClamp(0.04, 0.045, 0.12, 0.35, FacePair.ALL.get("steel-steel"),
                        Closure.ALL.get("knob-60"), 5), List.of("bar.bar")),
                new Mounted("head", new TiltHead(0.25, 0.08, 8), List.of("clamp.plate"))));
    }
}
