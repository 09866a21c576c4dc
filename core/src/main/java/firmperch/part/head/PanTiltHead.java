package firmperch.part.head;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.units.Quantity;
import java.util.List;

/**
 * A head on a stud: it pans all round and tilts between stops; rated by its maker. It carries a bar on top, or a camera tipped
 * down in front.
 *
 * @param height stud to the tilt's axis, m
 * @param forward tilt's axis to the plate in front, m
 * @param torque that its tilt holds, N·m
 * @param pan that its pan holds, N·m
 * @param stop how far it tilts either way, rad
 * @param sweep how far it is ever panned to either side, rad: π for all the way round
 */
public record PanTiltHead(double mass, double height, double forward, double torque, double pan, double stop,
        double sweep)
        implements
            Part {
    public static final Params<PanTiltHead> PARAMS = Params.of(PanTiltHead.class)
            .mass("mass", "Mass of the head", 0.05, 20)
            .length("height", "Stud to the tilt's axis", 0.02, 0.4)
            .length("forward", "Tilt's axis to the plate in front", 0.02, 0.3)
            .measure("torque", "Holding torque of the tilt", Quantity.TORQUE, 0.1, 500).varied(2)
            .measure("pan", "Holding torque of the pan", Quantity.TORQUE, 0.1, 500)
            .angle("stop", "Tilts either way", 1, 60)
            .angle("sweep", "Panned to either side, at most", 5, 180).orElse(Math.PI)
            .help("180° for all the way round. Panned less far, a leg can stand under the load.")
            .done();

    private static final double WIDE = 0.06;
    private static final double PLATE = 0.015;
    private static final Vec3 ACROSS = Vec3.Y.negated();

    public PanTiltHead {
        PARAMS.check(mass, height, forward, torque, pan, stop, sweep);
    }

    @Override
    public Params<PanTiltHead> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port stud = on.getFirst();
        stud.fitting("Pan and tilt head", Port.Stud.class, "a stud that looks up");
        Freedom turn = out.swing("pan", "Pan", sweep);
        Freedom tip = out.freedom("tilt", "Tilt", Freedom.Kind.HINGE, -stop, stop);
        Body base = out.body("base", stud.body(), stud.at(), new Motion.Turn(turn, Vec3.UP));
        out.station("", "Pan and tilt head", base, new Vec3(0, 0, height), stud.station());
        out.joint("pan", "pan", Joint.Side.of(stud.body(), stud.at().origin()), Joint.Side.of(base, Vec3.ZERO), turn,
                Vec3.UP, new Hold.Rated(pan), JointStiffness.RIGID);
        // A head that holds more costs more: common practice, no source.
        Piece yoke = out.add(base, Piece.ready("Pan and tilt head", new Solid.Bought(yoke(), mass * 0.7),
                new Supply.Ready("Pan and tilt head, holds " + out.show(Quantity.TORQUE, torque), 15 + 1.5 * torque,
                        "on the stand"))
                .at(Placement.HERE));
        out.nested(yoke, stud.piece());
        Motion.Turn motion = new Motion.Turn(tip, ACROSS);
        Body tilt = out.body("tilt", base, Placement.at(0, 0, height), motion);
        out.joint("tilt", "tilt", Joint.Side.of(base, new Vec3(0, 0, height)), Joint.Side.of(tilt, Vec3.ZERO), tip,
                ACROSS,
                new Hold.Rated(torque), HeadStiffness.of(torque));
        Piece plate = out.add(tilt,
                Piece.owned("head's plate", Solid.Bought.box(2 * forward, 0.8 * WIDE, PLATE, mass * 0.3)));
        out.nested(plate, yoke);
        out.offer("top", new Port.Stud(), tilt, Placement.at(0, 0, PLATE / 2), plate);
        out.offer("front", new Port.Plate(PLATE, motion), tilt, Placement.at(forward, 0, -PLATE / 2), plate);
        out.work("head", "Screw the head on its stud; try both locks with the load on before you let go.",
                List.of("tripod"),
                "",
                "");
    }

    /** Round, and up to the tilt's axis sloped off by as much as what lies on the plate is tilted over it. */
    private Solid yoke() {
        double slope = Math.tan(stop);
        double shoulder = Math.min(WIDE / 2, height / slope);
        return new Solid.Round(List.of(new Outline.Point(0, 0), new Outline.Point(shoulder, 0),
                new Outline.Point(shoulder, height - shoulder * slope), new Outline.Point(0, height)));
    }
}
