package firmperch.part;

import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.Material;
import firmperch.stock.PostStock;
import firmperch.stock.Tyre;
import java.util.List;
import java.util.Map;

/** The parts and kinds that the program ships with; a new one is a new row here. */
public final class StandardParts implements PartLibrary {
    @Override
    public List<PartType<?>> parts() {
        return List.of(new PartType<>("cast-box", "Cast box on casters", CastBox.PARAMS),
                new PartType<>("pinned-post", "Post with pin holes", PinnedPost.PARAMS),
                new PartType<>("drop-on-block", "Drop-on block", DropOnBlock.PARAMS),
                new PartType<>("level-arm", "Level-keeping arm", LevelArm.PARAMS),
                new PartType<>("tilt-head", "Tilting head", TiltHead.PARAMS));
    }

    @Override
    public List<Kind> kinds() {
        return List.of(new Kind("cast-box-post", "Cast-box rolling post with a level-keeping arm",
                StandardParts::castBoxPost, Map.of("carriage.pin", 5.0, "carriage.swing", 0.0, "arm.lift", 0.168)));
    }

    private static Perch castBoxPost() {
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
}
