package firmperch.kind;

import static firmperch.part.Kind.size;

import firmperch.part.Kind;
import firmperch.part.PartLibrary;
import firmperch.part.PartType;
import firmperch.part.arm.BentPlateArm;
import firmperch.part.arm.LevelArm;
import firmperch.part.arm.SlidingBeam;
import firmperch.part.balance.BalanceBar;
import firmperch.part.balance.HungBag;
import firmperch.part.balance.LiftSprings;
import firmperch.part.balance.RopeWeight;
import firmperch.part.balance.SafetyTether;
import firmperch.part.balance.TailBar;
import firmperch.part.base.CastBox;
import firmperch.part.base.Tripod;
import firmperch.part.base.WheelBoard;
import firmperch.part.head.CameraScrew;
import firmperch.part.head.PanTiltHead;
import firmperch.part.head.TiltHead;
import firmperch.part.overhead.BeamRails;
import firmperch.part.overhead.CeilingRails;
import firmperch.part.overhead.RailBridge;
import firmperch.part.overhead.TrolleyPlate;
import firmperch.part.overhead.Turntable;
import firmperch.part.portal.BarClamp;
import firmperch.part.portal.Crossbar;
import firmperch.part.portal.PipeBrace;
import firmperch.part.portal.PipeFeet;
import firmperch.part.upright.DoubleMast;
import firmperch.part.upright.DropOnBlock;
import firmperch.part.upright.MastCarriage;
import firmperch.part.upright.PinnedPost;
import firmperch.stock.PostStock;
import firmperch.stock.TetherCord;
import firmperch.stock.ThreadedPipe;
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
                new PartType<>("tilt-head", "Tilting head", TiltHead.PARAMS),
                new PartType<>("pipe-feet", "Feet of threaded pipe", PipeFeet.PARAMS),
                new PartType<>("crossbar", "Crossbar of threaded pipe", Crossbar.PARAMS),
                new PartType<>("bar-clamp", "Bar clamp with latch", BarClamp.PARAMS),
                new PartType<>("tripod", "Tripod", Tripod.PARAMS),
                new PartType<>("pan-tilt-head", "Pan and tilt head", PanTiltHead.PARAMS),
                new PartType<>("balance-bar", "Balanced bar", BalanceBar.PARAMS),
                new PartType<>("camera-screw", "Camera screw", CameraScrew.PARAMS),
                new PartType<>("ceiling-rails", "Rails under joists", CeilingRails.PARAMS),
                new PartType<>("beam-rails", "Rails under a beam", BeamRails.PARAMS),
                new PartType<>("rail-bridge", "Cross rails on hangers", RailBridge.PARAMS),
                new PartType<>("trolley-plate", "Trolley plate", TrolleyPlate.PARAMS),
                new PartType<>("turntable", "Turntable with a hanging plate", Turntable.PARAMS),
                new PartType<>("bent-plate-arm", "Level-keeping arm with a bent plate", BentPlateArm.PARAMS),
                new PartType<>("wheel-board", "Board on casters with a slab", WheelBoard.PARAMS),
                new PartType<>("double-mast", "Braced mast of two tubes", DoubleMast.PARAMS),
                new PartType<>("mast-carriage", "Carriage on a mast", MastCarriage.PARAMS),
                new PartType<>("sliding-beam", "Sliding beam of two tubes", SlidingBeam.PARAMS),
                new PartType<>("rope-weight", "Weight on a rope", RopeWeight.PARAMS),
                new PartType<>("tail-bar", "Tail for a counterweight", TailBar.PARAMS,
                        new TailBar(PostStock.TUBES.get("tube-40x2"), 0.5)),
                new PartType<>("lift-springs", "Springs along an arm", LiftSprings.PARAMS,
                        new LiftSprings(300, 0.3, 0, 0.8), 2),
                new PartType<>("safety-tether", "Tether along an arm", SafetyTether.PARAMS,
                        new SafetyTether(TetherCord.ALL.get("webbing"), 0.02), 2),
                new PartType<>("pipe-brace", "Brace of pipe in clamps", PipeBrace.PARAMS,
                        new PipeBrace(ThreadedPipe.ALL.get("half"), 0.2, 8), 2),
                new PartType<>("hung-bag", "Bag of sand on a hook", HungBag.PARAMS, new HungBag(5, 0.1)));
    }

    @Override
    public List<Kind> kinds() {
        List<Kind.Size> arms = List.of(
                size(0.15, 0.30, 0.05, "arm-1.links.length", "arm-2.links.length", "arm-3.links.length"));
        Map<String, Double> folded = Map.of("arm-1.lift", -0.2, "arm-2.lift", -0.2, "arm-3.lift", -0.2);
        return List.of(
                new Kind("cast-box-post", "Cast-box rolling post with a level-keeping arm", Starts::castBoxPost,
                        Map.of("carriage.pin", 5.0, "carriage.swing", 0.0, "arm.lift", 0.168),
                        List.of(size(0.45, 0.60, 0.15, "post.length", "post.row.first"),
                                size(0.20, 0.40, 0.05, "arm.links.length"))),
                new Kind("sliding-mast", "Sliding mast with a weight on a rope", Starts::slidingMast,
                        Map.of("carriage.rise", 1.2, "beam.reach", 0.6),
                        List.of(size(0.40, 0.40, 0.10, "mast.height"),
                                size(0.20, 0.60, 0.10, "beam.length", "beam.out"),
                                size(3, 9, 0.5, "weight.weight"))),
                new Kind("pipe-goalpost", "Threaded-pipe goalpost on the bench", Starts::pipeGoalpost, Map.of(),
                        List.of(size(0.40, 0.60, 0.10, "feet.riser"), size(0.30, 0.60, 0.10, "feet.span"))),
                new Kind("balanced-bar", "Balanced bar on a tripod", Starts::balancedBar, Map.of(),
                        List.of(size(0.30, 0.40, 0.10, "tripod.legs.length"),
                                size(0.30, 0.60, 0.10, "bar.length"))),
                new Kind("plain-tripod", "Plain tripod", Starts::plainTripod, Map.of(),
                        List.of(size(0.30, 0.40, 0.10, "tripod.legs.length"))),
                new Kind("beam-arm", "Three arms on rails under a beam", Starts::beamArm, folded, arms),
                new Kind("ceiling-arm", "Three arms on rails under joists", Starts::ceilingArm,
                        folded,
                        arms));
    }
}
