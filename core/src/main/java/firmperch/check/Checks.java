package firmperch.check;

import java.util.List;

/** Every check there is, in the order of the work and then down the load path. */
public final class Checks {
    /** The list; a new check is a new row. */
    public static final List<Check> ALL = List.of(new PictureCheck(), new FocusCheck(), new HandsRoomCheck(),
            new LensHeightCheck(),
            new ScaleCheck(), new OverTheWorkCheck(), new WalkwayCheck(), new CeilingCheck(), new BenchCheck(),
            new HeadHoldCheck(), new PivotHoldCheck(), new StickEndCheck(), new EndDistanceCheck(), new FoldCheck(),
            new StickBendingCheck(), new SagCheck(), new TiltCheck(), new CarriageRockCheck(), new PinCheck(),
            new LiftCheck(), new PostBendingCheck(), new LeanCheck(), new PushCheck(), new SlopeCheck(),
            new ProofLoadCheck(), new PersonTipCheck(), new CasterLoadCheck(), new ThreeCarryAllCheck(),
            new PersonLoadCheck());

    private Checks() {
    }

    /** The check of that id. */
    public static Check get(String id) {
        return ALL.stream().filter(c -> c.about().id().equals(id)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no check " + id));
    }
}
