package firmperch.part.portal;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.ThreadedPipe;
import firmperch.units.InvalidValue;
import java.util.List;

/** A pipe from one elbow to another, of the same thread: how long it is cut follows from how far they are apart. */
public record Crossbar() implements Part {
    public static final Params<Crossbar> PARAMS = Params.of(Crossbar.class).done();

    private static final double STRAIGHT = 1e-6;

    @Override
    public Params<Crossbar> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        if (on.size() != 2) {
            throw new InvalidValue("Crossbar", "on " + on.size() + " fittings", "two fittings that look at each other");
        }
        Port left = on.get(0);
        Port right = on.get(1);
        ThreadedPipe pipe = left.fitting("Crossbar", Port.Thread.class, "a threaded fitting").pipe();
        if (!right.fitting("Crossbar", Port.Thread.class, "a threaded fitting").pipe().equals(pipe)) {
            throw new InvalidValue("Crossbar", "between two sizes of thread", "the same thread at both ends");
        }
        // Both stand in the place by bodies that nothing moves, so that where they lie is known.
        Placement from = standing(left);
        Placement to = standing(right);
        Vec3 apart = to.origin().minus(from.origin());
        double span = apart.length();
        if (apart.minus(from.x().times(span)).length() > STRAIGHT || from.x().plus(to.x()).length() > STRAIGHT) {
            throw new InvalidValue("Crossbar", "between fittings that do not look at each other",
                    "two that face each other on one line");
        }
        double length = span - 2 * pipe.takeUp();
        Body bar = out.body("bar", left.body(), left.at(), new Motion.Fixed());
        out.station("", "Crossbar " + out.bare(span), bar, new Vec3(span / 2, 0, 0), left.station(), right.station());
        Piece piece = out.add(bar, PipeFeet.cut("Crossbar", pipe, length).at(Placement.at(pipe.takeUp(), 0, 0)));
        Hold thread = new Hold.Threaded(pipe.root());
        Vec3 near = new Vec3(pipe.centre(), 0, 0);
        Vec3 far = new Vec3(span - pipe.centre(), 0, 0);
        out.joint("left", "left thread", Joint.Side.of(left.body(), left.at().point(near)),
                new Joint.Side(bar, near, List.of(piece)), null, Vec3.UP, thread, JointStiffness.RIGID);
        out.joint("right", "right thread", new Joint.Side(bar, far, List.of(piece)),
                Joint.Side.of(right.body(), right.at().point(near)), null, Vec3.UP, thread, JointStiffness.RIGID);
        out.measured(bar, Vec3.ZERO, bar, new Vec3(span, 0, 0));
        out.offer("bar", new Port.Track(List.of(piece), pipe.centre(), span - pipe.centre(), 0), bar, Placement.HERE,
                piece);
        out.offer("pipe", new Port.Pipe(), bar, piece.at(), piece);
        out.work("crossbar",
                "Screw the crossbar into one elbow, turn the other foot onto its end, and turn both feet until "
                        + "they stand flat: " + out.length(length) + " of pipe for "
                        + out.length(span) + " between the middles of the elbows.",
                List.of("feet"), "", "");
    }

    private static Placement standing(Port port) {
        if (port.body().stiffTo().parent() != null || !(port.body().stiffTo().motion() instanceof Motion.Fixed)) {
            throw new InvalidValue("Crossbar", "on a fitting that moves", "two that stand still");
        }
        return port.body().home().of(port.at());
    }
}
