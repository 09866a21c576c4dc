package firmperch.part.upright;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Noun;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.List;

/** A carriage on bearings that runs up and down a mast, with a brake, an eye for a rope, and a way through it for a beam. */
public record MastCarriage(Runners runners) implements Part {
    public static final Params<MastCarriage> PARAMS = Params.of(MastCarriage.class)
            .group("runners", "Bearings and brake", Runners.PARAMS).done();

    public MastCarriage {
        PARAMS.check(runners);
    }

    @Override
    public Params<MastCarriage> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port mast = on.getFirst();
        Port.Track track = mast.fitting("Mast carriage", Port.Track.class, "a mast of two tubes");
        double half = runners.apart() / 2;
        double from = track.from() + half;
        double to = track.to() - half;
        Require.that(to - from > 0.05, "Between the bearings", runners.apart(), LENGTH,
                "so little that the carriage can run, less than "
                        + LENGTH.show(track.to() - track.from(), UnitSystem.METRIC));
        Freedom rise = out.freedom("rise", "Height of the carriage", Freedom.Kind.SLIDE, from, to);
        // Its axes: x forward, z up, where the mast's own x points up and z forward.
        Placement upright = new Placement(Vec3.ZERO, Vec3.UP, Vec3.Y.negated(), Vec3.X);
        Body body = out.body("carriage", mast.body(), mast.at().of(upright), new Motion.Slide(rise, Vec3.UP, 1));
        out.station("", "Carriage on the mast", body, Vec3.ZERO, mast.station());
        Joint.Side on1 = new Joint.Side(mast.body(), mast.at().origin(), track.bars());
        Vec3 along = mast.at().direction(Vec3.X);
        double out1 = Runners.reach(track) + 0.011;
        out.joint("bearings", Noun.many("bearings of the carriage"), on1, Joint.Side.of(body, Vec3.ZERO), rise, along,
                new Hold.Bearings(runners.rollers(Vec3.UP, out1)), runners.stiffness());
        out.joint("brake", "brake of the carriage", on1, Joint.Side.of(body, Vec3.ZERO), rise, along, runners.brake(),
                JointStiffness.RIGID);
        double plate = runners.plate();
        double reach = out1 + 0.012;
        for (int side = 1; side >= -1; side -= 2) {
            out.add(body, Piece.cut("Carriage plate", new Solid.Sheet(Outline.rectangle(-reach, -half - 0.02, reach,
                    half + 0.02), plate), runners.material()).drilled(runners.plateHoles(true, out1))
                    .at(Placement.onEdge(new Vec3(0, side * (reach + plate / 2), 0))));
        }
        runners.making(out, body, Vec3.UP, out1, track.bars(), "carriage on the mast");
        double beside = reach + plate;
        out.offer("beam", new Port.Guide(2 * beside, runners.apart()), body, Placement.at(0, beside, 0), null);
        out.offer("eye", new Port.Eye(), body, Placement.at(-Runners.reach(track) - Runners.ROPE, 0, half), null);
        out.measure("runners.apart", body, new Vec3(0, 0, -half), body, new Vec3(0, 0, half));
        out.work("carriage",
                "Bolt the carriage around the mast; turn its eccentric bearings in until nothing rocks and it "
                        + "still runs by a finger.",
                List.of("cut", "mast"), "", "Fingers out of the way of the carriage.");
    }
}
