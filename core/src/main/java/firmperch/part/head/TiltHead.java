package firmperch.part.head;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Fitting;
import firmperch.units.Quantity;
import java.util.List;

/**
 * A tilting or ball head. Where it is tilted for some of the views, that is a joint of the rig's; else it looks straight down, and is set level
 * whenever what it hangs on is tipped.
 *
 * @param mass kg
 * @param drop its height, m
 * @param torque that it holds, rated or measured, N·m
 * @param forward how far it is ever tilted forward from straight down, rad; 0 if never
 * @param sweep how far it is ever panned to either side, rad: π for all the way round; 0 if never
 * @param roll how far it is ever rolled about the lens to either side, as a ball is, rad; 0 if never
 */
public record TiltHead(double mass, double drop, double torque, double forward, double sweep, double roll)
        implements
            Part {
    private static final double MOST = Math.toRadians(120);
    public static final Params<TiltHead> PARAMS = Params.of(TiltHead.class).mass("mass", "Mass of the head", 0, 20)
            .length("drop", "Height of the head", -0.5, 0.5)
            .measure("torque", "Holding torque of the head", Quantity.TORQUE, 0, 500).judged().varied(1)
            .angle("forward", "Tilted forward, at most", 0, Math.toDegrees(MOST)).orElse(0.0)
            .help("0° if it always looks straight down; 90° to film who works there.")
            .angle("sweep", "Panned to either side, at most", 0, 180).orElse(0.0)
            .help("0° if it always looks the way the arm does.")
            .angle("roll", "Rolled to either side, at most", 0, 180).orElse(0.0)
            .help("0° if it never is; a ball rolls about the lens, so that the picture stands upright.").done();

    private static final double WIDE = 0.035;
    private static final Vec3 FORWARD = Vec3.Y.negated();

    public TiltHead {
        PARAMS.check(mass, drop, torque, forward, sweep, roll);
    }

    @Override
    public Params<TiltHead> params() {
        return PARAMS;
    }

    @Override
    public TiltHead tilting(double angle) {
        return angle <= forward ? this : new TiltHead(mass, drop, torque, Math.min(angle, MOST), sweep, roll);
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port plate = on.getFirst();
        Motion.Turn tipped = plate.fitting("Head", Port.Plate.class, "a plate").tipped();
        Vec3 down = new Vec3(0, 0, -drop);
        out.station("", "Head", plate.body(), plate.at().origin(), plate.station());
        Piece head = out.add(plate.body(), Piece.owned("Head", Solid.Bought.box(WIDE, WIDE, Math.abs(drop), mass))
                .at(plate.at().of(Placement.at(down.times(0.5)))));
        // On what is tipped it is set level each time, and that is all it does.
        Freedom tip = forward > 0 && tipped == null
                ? out.freedom("tilt", "Tilt of the head", Freedom.Kind.HINGE, 0, forward)
                : null;
        Motion level = tipped == null
                ? new Motion.Fixed()
                : new Motion.Turn(tipped.freedom(), plate.at().inward(tipped.axis()).times(-1));
        Body carries = plate.body();
        Placement at = plate.at().of(Placement.at(down));
        if (sweep > 0 && tipped == null) {
            Freedom turn = out.swing("pan", "Pan of the head", sweep);
            Body panned = out.body("pan", carries, at, new Motion.Turn(turn, Vec3.UP));
            out.joint("pan", "pan", Joint.Side.of(carries, at.origin()), Joint.Side.of(panned, Vec3.ZERO), turn,
                    Vec3.UP, new Hold.Rated(torque), HeadStiffness.of(torque));
            carries = panned;
            at = Placement.HERE;
        }
        Body tilt = out.body("tilt", carries, at, tip == null ? level : new Motion.Turn(tip, FORWARD));
        out.joint("tilt", "tilt", Joint.Side.of(carries, at.origin()), Joint.Side.of(tilt, Vec3.ZERO), tip, FORWARD,
                new Hold.Rated(torque), HeadStiffness.of(torque));
        out.measure("drop", plate.body(), plate.at().origin(), tilt, Vec3.ZERO);
        Body holds = tilt;
        if (roll > 0 && tipped == null) {
            Freedom about = out.swing("roll", "Roll of the head", roll);
            holds = out.body("roll", tilt, Placement.HERE, new Motion.Turn(about, Vec3.UP));
            out.joint("roll", "roll", Joint.Side.of(tilt, Vec3.ZERO), Joint.Side.of(holds, Vec3.ZERO), about, Vec3.UP,
                    new Hold.Rated(torque), HeadStiffness.of(torque));
        }
        out.mount(holds, Vec3.ZERO, head);
        out.fit(plate.body(), plate.at().origin(), 1,
                new Fitting("Screw 3/8-16 UNC × " + out.length(0.020), 0.017, 0.8),
                "head to its bracket");
        Tethers.add(out, "camera's screw", new Tie.Hook(plate.body(), plate.at().origin()),
                new Tie.Hook(holds, Vec3.ZERO), Math.abs(drop), "camera to the plate that holds its head, always");
    }
}
