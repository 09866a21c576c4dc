package firmperch.part.head;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Fitting;
import java.util.List;

/**
 * A camera screwed straight on a plate, with no head of its own.
 *
 * @param washers what lies between, m
 */
public record CameraScrew(double washers) implements Part {
    public static final Params<CameraScrew> PARAMS = Params.of(CameraScrew.class)
            .length("washers", "Washers under the camera", 0, 0.03)
            .help("They take up what the screw is too long for: 4.5 to 5.5 mm go into the camera (ISO 1222).").done();

    public CameraScrew {
        PARAMS.check(washers);
    }

    @Override
    public Params<CameraScrew> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port plate = on.getFirst();
        Motion.Turn tipped = plate.fitting("Camera screw", Port.Plate.class, "a plate").tipped();
        out.back(plate.station());
        Body screw = out.body("screw", plate.body(), plate.at().of(Placement.at(0, 0, -washers)), tipped == null
                ? new Motion.Fixed()
                : new Motion.Turn(tipped.freedom(), plate.at().inward(tipped.axis()).times(-1)));
        out.joint("screw", "camera screw", Joint.Side.of(plate.body(), plate.at().point(new Vec3(0, 0, -washers))),
                Joint.Side.of(screw, Vec3.ZERO), null, Vec3.UP, new Hold.Free(), JointStiffness.RIGID);
        out.mount(screw, Vec3.ZERO, plate.piece());
        out.fit(screw, Vec3.ZERO, 1, new Fitting("Screw 1/4-20 UNC × " + out.length(0.012), 0.006, 0.6),
                "camera to its plate");
        Tethers.add(out, "camera's screw", new Tie.Hook(plate.body(), plate.at().origin()),
                new Tie.Hook(screw, Vec3.ZERO), washers, "camera to what its screw is in, always");
    }
}
