package firmperch.part.arm;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Hole;
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
import firmperch.part.Brackets;
import firmperch.part.Part;
import firmperch.part.upright.DoubleTube;
import firmperch.part.upright.Runners;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/**
 * A beam of two tubes that runs in and out through a carriage on bearings, with a brake; the camera hangs under its nose.
 *
 * @param length of the beam, m
 * @param out how far its nose comes out at most, from the middle of the carriage, m
 * @param in how far it stays out at least, m
 */
public record SlidingBeam(DoubleTube tubes, double length, double out, double in, Runners runners) implements Part {
    public static final Params<SlidingBeam> PARAMS = Params.of(SlidingBeam.class)
            .group("tubes", "Beam", DoubleTube.PARAMS)
            .length("length", "Length of the beam", 0.4, 2.5).varied(0.05).length("out", "Nose comes out to", 0.2, 2.4)
            .varied(0.05).length("in", "Nose goes back to", 0.1, 2).varied(0.05)
            .group("runners", "Bearings and brake", Runners.PARAMS).done();

    private static final double NOSE = 0.03;
    private static final double BRACKET = 0.012;
    /** For M6. */
    private static final double BRACKET_HOLE = 0.0064;

    public SlidingBeam {
        PARAMS.check(tubes, length, out, in, runners);
        Require.that(out + runners.apart() / 2 + 0.01 <= length, "Nose comes out to", out, LENGTH,
                "so little that the beam stays in its bearings, with " + LENGTH.show(length, UnitSystem.METRIC)
                        + " of beam");
        Require.that(in < out - 0.05 && in > runners.apart() / 2 + NOSE, "Nose goes back to", in, LENGTH,
                "between the bearings and how far it comes out");
    }

    @Override
    public Params<SlidingBeam> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder builder, List<Port> on) {
        Port guide = on.getFirst();
        guide.fitting("Sliding beam", Port.Guide.class, "a carriage that a beam runs through");
        Freedom reach = builder.freedom("reach", "Beam comes out", Freedom.Kind.SLIDE, in, out);
        double half = runners.apart() / 2;
        double bears = tubes.reach() + 0.011;
        // The housing beside the carriage, then the beam in it: its nose at the origin when it is drawn in to nothing.
        Placement middle = guide.at().of(Placement.at(0, bears + 0.012, 0));
        Body beam = builder.body("beam", guide.body(), middle, new Motion.Slide(reach, Vec3.X, 1));
        builder.station("", "Beam " + builder.bare(length), guide.body(), middle.origin(), guide.station());
        List<Piece> bars = tubes.tubes(builder, beam, "Beam tube", Placement.at(-length, 0, 0), length, "beam");
        Joint.Side housing = Joint.Side.of(guide.body(), middle.origin());
        Joint.Side through = new Joint.Side(beam, Vec3.ZERO, bars);
        Vec3 along = guide.at().direction(Vec3.X);
        builder.joint("bearings", Noun.many("bearings of the beam"), housing, through, reach, along,
                new Hold.Bearings(runners.rollers(Vec3.X, bears).stream().map(r -> new Hold.Roller(
                        middle.point(r.at()), middle.direction(r.normal()), r.presses(), r.pulls())).toList()),
                runners.stiffness());
        builder.joint("brake", "brake of the beam", housing, through, reach, along, runners.brake(),
                JointStiffness.RIGID);
        double side = bears + 0.012;
        for (int low = 1; low >= -1; low -= 2) {
            builder.add(guide.body(),
                    Piece.cut("Beam housing plate", new Solid.Sheet(Outline.rectangle(-half - 0.02, -side,
                            half + 0.02, side), runners.plate()), runners.material())
                            .drilled(runners.plateHoles(false, bears))
                            .at(middle.of(Placement.at(0, 0, low * (side + runners.plate() / 2)))));
        }
        // Bearings sit on the housing, which goes with the carriage.
        Body fixed = builder.body("housing", guide.body(), middle, new Motion.Fixed());
        runners.making(builder, fixed, Vec3.X, bears, bars, "beam");
        Body nose = builder.body("nose", beam, Placement.HERE, new Motion.Fixed());
        for (int i = 0; i < bars.size(); i++) {
            builder.clamped("nose-" + (i + 1), "nose of the beam", bars.get(i), length - NOSE / 2, nose);
        }
        double wide = tubes.reach();
        builder.add(nose, Piece.cut("Nose plate", new Solid.Sheet(Outline.rectangle(-wide, -wide, wide, wide), 0.006),
                runners.material()).drilled(nosePlate(wide))
                .at(Placement.along(new Vec3(0.003, 0, 0), Vec3.Y, Vec3.X)));
        builder.offer("nose", new Port.Plate(0.006), nose, Placement.at(0.025, 0, -wide), null);
        builder.measure("length", beam, new Vec3(-length, 0, 0), beam, Vec3.ZERO);
        tubes.making(builder, bars, "beam");
        for (int corner = 0; corner < 4; corner++) {
            builder.fit(fixed, new Vec3(corner < 2 ? half : -half, -side, corner % 2 == 0 ? side : -side), 1,
                    Brackets.of(builder.length(Brackets.LEG), 4), "housing of the beam to the carriage");
        }
        builder.fit(nose, new Vec3(0.02, 0, -wide), 1, Brackets.of(builder.length(Brackets.LEG), 4),
                "under the nose, carries the head");
        builder.work("beam", "Bolt the beam together, run it through its bearings, stops on both ends.",
                List.of("cut", "carriage", "slab"), "", "A beam without stops runs out of its bearings.");
    }

    /** For the bracket that carries the head, low on the plate, and for the tubes' end caps. */
    private static List<Hole> nosePlate(double wide) {
        List<Hole> holes = new ArrayList<>();
        for (int side = -1; side <= 1; side += 2) {
            holes.add(new Hole(new Vec3(side * BRACKET, -wide + BRACKET, -0.003), Vec3.UP, BRACKET_HOLE,
                    "bracket under the nose"));
            holes.add(new Hole(new Vec3(side * wide / 2, side * wide / 2, -0.003), Vec3.UP, BRACKET_HOLE,
                    "bolt into a tube's end"));
        }
        return holes;
    }
}
