package firmperch.part.portal;

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
import firmperch.body.Supply;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.part.head.Tethers;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.Fitting;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.List;

/**
 * A jaw clamp with a safety latch that slides along a bar and rolls about it; a head is screwed under it. Lengths in m.
 *
 * @param width along the bar
 * @param drop from the bar's middle to the plate under it
 * @param kept the bar's fittings to the stop rings that it slides between
 * @param mass kg
 * @param torque what a hand gets onto its screw, N·m
 */
public record BarClamp(double width, double drop, double kept, double mass, FacePair pair, Closure closure,
        double torque)
        implements
            Part {
    public static final Params<BarClamp> PARAMS = Params.of(BarClamp.class)
            .length("width", "Width of the clamp", 0.01, 0.2)
            .length("drop", "Bar to the clamp's plate", 0.02, 0.3)
            .length("kept", "Stop rings from the fittings", 0, 1).varied(0.02)
            .mass("mass", "Mass of the clamp", 0.05, 5)
            .choice("pair", "Jaws on the bar", FacePair.ALL).varied().choice("closure", "Closed by", Closure.ALL)
            .varied()
            .bringing("torque", Closure.class, c -> Math.min(c.torque(), Hold.Friction.tightest(Bolt.ALL.get("m8"))))
            .measure("torque", "Hand torque", Quantity.TORQUE, 0.1, 60).judged().done();

    private static final int JAWS = 2;
    /** A steel stop ring with its screw, kg: common practice, no source. */
    private static final double RING = 0.05;
    /** How far it may be rolled either way, rad. */
    private static final double ROLL = Math.toRadians(60);

    public BarClamp {
        PARAMS.check(width, drop, kept, mass, pair, closure, torque);
    }

    @Override
    public Params<BarClamp> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port bar = on.getFirst();
        Port.Track track = bar.fitting("Bar clamp", Port.Track.class, "a bar");
        double around = track.section().depth() / 2;
        Require.that(drop > around + 0.005, "Bar to the clamp's plate", drop, LENGTH,
                "more than half the bar, " + LENGTH.show(around, UnitSystem.METRIC) + ", and 5 mm");
        double middle = (track.from() + track.to()) / 2;
        double half = (track.to() - track.from() - width) / 2 - kept;
        Require.that(half > 0.05, "Stop rings from the fittings", kept, LENGTH,
                "so little that it can slide between them");
        Freedom slide = out.freedom("slide", "Clamp along the bar", Freedom.Kind.SLIDE, -half, half);
        Freedom roll = out.freedom("roll", "Roll of the clamp", Freedom.Kind.HINGE, -ROLL, ROLL);
        Vec3 along = Vec3.X;
        Body slider = out.body("slider", bar.body(), bar.at().of(Placement.at(middle, 0, 0)),
                new Motion.Slide(slide, along, 1));
        // The camera's own axes: forward across the bar, up as it hangs.
        Body clamp = out.body("clamp", slider, Placement.along(Vec3.ZERO, Vec3.Y, Vec3.UP),
                new Motion.Turn(roll, Vec3.Y.negated()));
        out.station("", "Bar clamp", clamp, Vec3.ZERO, bar.station());
        Bolt bolt = Bolt.ALL.get("m8");
        Hold jaws = new Hold.Friction(JAWS, pair, track.section().depth(), track.section().depth(), bolt, closure,
                torque,
                null);
        out.joint("slide", Noun.many("jaws"),
                new Joint.Side(bar.body(), bar.at().point(new Vec3(middle, 0, 0)), track.bars()),
                Joint.Side.of(slider, Vec3.ZERO), slide, along, jaws, JointStiffness.RIGID);
        out.joint("roll", Noun.many("jaws"), Joint.Side.of(slider, Vec3.ZERO), Joint.Side.of(clamp, Vec3.ZERO), roll,
                along, jaws, JointStiffness.RIGID);
        double wall = 0.008;
        Outline jaw = Outline.rectangle(-around - wall, -drop, around + wall, around + wall)
                .less(Outline.circle(0, 0, around));
        Piece shut = out.add(clamp, Piece.ready("Bar clamp", new Solid.Bought(new Solid.Sheet(jaw, width), mass),
                new Supply.Ready("Bar clamp with safety latch for Ø " + out.length(2 * around) + ", "
                        + closure.label(), 9 + closure.price(), "on the crossbar"))
                .at(Placement.along(Vec3.ZERO, Vec3.X, Vec3.Y.negated())));
        out.nested(track.bars(), List.of(shut));
        out.offer("plate", new Port.Plate(wall), clamp, Placement.at(0, 0, -drop), shut);
        out.measure("drop", clamp, Vec3.ZERO, clamp, new Vec3(0, 0, -drop));
        for (double end : new double[]{track.from() + kept, track.to() - kept}) {
            Piece held = track.bars().getFirst();
            out.fit(held, held.at().inside(bar.at().point(new Vec3(end, 0, 0))).x(), 1,
                    new Fitting("Stop ring for Ø " + out.length(2 * around), RING, 1.5),
                    "ends of the clamp's travel, " + out.length(kept) + " from the fittings");
        }
        Tethers.add(out, "bar clamp", new Tie.Hook(slider, Vec3.ZERO), new Tie.Hook(clamp, Vec3.ZERO), 0,
                "clamp around the bar, always");
        out.work("clamp", "Hang the clamp on the bar, close its latch before you let go, then tighten its screw.",
                List.of("crossbar"), "",
                "It hangs over hands: latch closed and tether on before a camera is screwed to it.");
    }
}
