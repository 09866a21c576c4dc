package firmperch.part.portal;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Body;
import firmperch.body.Builder;
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
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.ThreadedPipe;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.List;
import java.util.Locale;

/**
 * A pipe across the corner of two others, in a swivel clamp on each: it turns the sway of a corner into push and pull along itself.
 * It lies beside them, so that nothing is cut, and the clamps turn freely about the bolt between their halves.
 *
 * <p>Left out: what the clamps give before they slip. EN 74-1 allows couplers 7 mm at 10 kN (from memory), in proportion 0.013 mm each under the
 * 19 N that a touch of 5 N makes of a brace 200 mm from its corner: that turns by 0.19 mrad, and a camera 0.7 m above the feet sways 0.13 mm more,
 * of 3 mm that are allowed. It grows with the square of what the brace is nearer to its corner, so that none goes nearer than 180 mm (5 %).
 *
 * @param pipe it is of
 * @param reach from the corner, where the middles of the two meet, to the clamp on each, m
 * @param torque that the clamps' bolts are tightened with, N·m
 */
public record PipeBrace(ThreadedPipe pipe, double reach, double torque) implements Part {
    private static final Bolt BOLT = Bolt.ALL.get("m8");
    public static final Params<PipeBrace> PARAMS = Params.of(PipeBrace.class).choice("pipe", "Pipe", ThreadedPipe.ALL)
            .varied().length("reach", "From the corner to each clamp", 0.18, 1.5).varied(0.02)
            .measure("torque", "Clamps tightened with", Quantity.TORQUE, 1, Hold.Friction.tightest(BOLT)).judged()
            .done();

    private static final String WHO = "Brace";
    private static final int JAWS = 2;
    /** A swivel clamp: along the pipe, its shell, and between the two pipes' surfaces, m. */
    private static final double WIDTH = 0.04;
    private static final double SHELL = 0.004;
    private static final double BETWEEN = 0.014;
    /** Its mass, kg, and its price: common practice, no source. */
    private static final double CLAMP = 0.32;
    private static final double PRICE = 4;
    /** The brace sticks out of its clamps by that much, m. */
    private static final double OUT = 0.03;
    /** Pipes whose middles pass each other by more do not meet, m. */
    private static final double MEET = 1e-3;
    /** Sine of the least angle of a corner that a brace goes across: 30°. */
    private static final double CORNER = 0.5;
    private static final FacePair STEEL = FacePair.ALL.get("steel-steel");

    public PipeBrace {
        PARAMS.check(pipe, reach, torque);
    }

    @Override
    public Params<PipeBrace> params() {
        return PARAMS;
    }

    /** One of the pipes, where it lies in the rig before anything has moved. */
    private record Line(Port port, Placement at, double length, double radius) {
        static Line of(Port port) {
            port.fitting(WHO, Port.Pipe.class, "pipes");
            Solid.Bar bar = (Solid.Bar) port.piece().solid();
            return new Line(port, port.body().home().of(port.piece().at()), bar.length(), bar.section().depth() / 2);
        }

        Vec3 origin() {
            return at.origin();
        }

        /** From a corner toward its middle. */
        Vec3 away(Vec3 corner) {
            double way = at.point(new Vec3(length / 2, 0, 0)).minus(corner).dot(at.x());
            return at.x().times(Math.copySign(1, way));
        }

        Body body() {
            return port.body();
        }

        String name() {
            return port.piece().name().toLowerCase(Locale.ROOT);
        }
    }

    @Override
    public void build(Builder out, List<Port> on) {
        if (on.size() != 2) {
            throw new InvalidValue(WHO, "on " + on.size() + " pipes", "two that meet in a corner");
        }
        Line one = Line.of(on.getFirst());
        Line other = Line.of(on.getLast());
        if (!stiffTogether(one.body(), other.body())) {
            throw new InvalidValue(WHO, "between pipes that move against each other", "two that nothing moves");
        }
        Vec3 normal = one.at.x().cross(other.at.x());
        if (normal.length() < CORNER) {
            throw new InvalidValue(WHO, "between pipes side by side", "two that meet in a corner");
        }
        normal = normal.unit();
        Vec3 between = other.origin().minus(one.origin());
        if (Math.abs(between.dot(normal)) > MEET) {
            throw new InvalidValue(WHO, "between pipes that pass each other", "two whose middles meet in a corner");
        }
        // Where they meet: as far along the one as takes it onto the other.
        Vec3 across = other.at.x().cross(normal);
        Vec3 corner = one.at.point(new Vec3(between.dot(across) / one.at.x().dot(across), 0, 0));
        Vec3 beside = normal.times(outside(normal, corner)
                * (Math.max(one.radius, other.radius) + BETWEEN + pipe.section().depth() / 2));
        Vec3 from = place(one, corner);
        Vec3 to = place(other, corner);
        double span = to.minus(from).length();
        out.station("", "Brace " + out.bare(span), one.body(), one.body().home().inside(from), one.port.station(),
                other.port.station());
        Body first = clamp(out, "first", one, from, beside);
        Body second = clamp(out, "second", other, to, beside);
        Placement line = first.home().inverse()
                .of(Placement.along(from.plus(beside), to.minus(from), beside));
        Body brace = out.body("brace", first, line, new Motion.Fixed());
        Piece bar = out.add(brace, Piece
                .cut("Brace", new Solid.Bar(pipe.section(), span + 2 * OUT), pipe.material())
                .from(new Supply.Cut(pipe.pricePerMetre(), "square at both ends, no thread"))
                .at(Placement.at(-OUT, 0, 0)));
        swivel(out, "first", first, brace, bar, 0);
        swivel(out, "second", second, brace, bar, span);
        out.nested(List.of(bar), out.pieces(first));
        out.nested(List.of(bar), out.pieces(second));
        out.measure("reach", one.body(), one.body().home().inside(corner), one.body(), one.body().home().inside(from));
        out.measured(brace, Vec3.ZERO, brace, new Vec3(span, 0, 0));
        out.work("brace " + out.part(),
                "Square the corner, then put the brace across it: clamps " + out.length(reach)
                        + " from where the middles of the pipes meet, their bolts to "
                        + out.show(Quantity.TORQUE, torque) + ".",
                List.of("feet"), "",
                "Mark both clamps' places on the pipes: a mark that has moved tells that one slips.");
    }

    private static boolean stiffTogether(Body one, Body other) {
        return one.stiffTo().equals(other.stiffTo()) || stands(one) && stands(other);
    }

    private static boolean stands(Body body) {
        return body.stiffTo().parent() == null && body.stiffTo().motion() instanceof Motion.Fixed;
    }

    /** The side on which it is in nobody's way: behind a frame that faces forward, outside one that faces sideways. */
    private static double outside(Vec3 normal, Vec3 corner) {
        double way = Math.abs(normal.x()) > CORNER ? -normal.x() : normal.y() * corner.y();
        return way < 0 ? -1 : 1;
    }

    /** Where its clamp grips a pipe. */
    private Vec3 place(Line pipe, Vec3 corner) {
        Vec3 away = pipe.away(corner);
        double from = pipe.at.inside(corner).x();
        double rest = away.dot(pipe.at.x()) > 0 ? pipe.length - from : from;
        Require.that(reach > rest - pipe.length + OUT && reach < rest - OUT, "From the corner to each clamp", reach,
                LENGTH,
                "so far that both clamps lie on their pipes: "
                        + LENGTH.show(rest - pipe.length + OUT, UnitSystem.METRIC) + " to "
                        + LENGTH.show(rest - OUT, UnitSystem.METRIC) + " on the " + pipe.name());
        return corner.plus(away.times(reach));
    }

    /** A clamp on one of the pipes, the beginning of its axes on that pipe's middle. */
    private Body clamp(Builder out, String name, Line on, Vec3 at, Vec3 beside) {
        Placement home = Placement.along(at, beside, on.at.x());
        Body clamp = out.body(name, on.body(), on.body().home().inverse().of(home), new Motion.Fixed());
        double far = beside.length() + pipe.section().depth() / 2 + SHELL;
        double wide = Math.max(on.radius, pipe.section().depth() / 2) + SHELL;
        Outline shell = Outline.rectangle(-on.radius - SHELL, -wide, far, wide).less(Outline.circle(0, 0, on.radius));
        Piece shut = out.add(clamp, Piece.ready("Swivel clamp", new Solid.Bought(new Solid.Sheet(shell, WIDTH), CLAMP),
                new Supply.Ready(
                        "Swivel clamp Ø " + out.bare(2 * on.radius) + " on Ø " + out.bare(pipe.section().depth())
                                + ", two M8 bolts",
                        PRICE, "brace")));
        out.nested(on.port.piece(), shut);
        out.joint(name + "-pipe", Noun.one(name + " clamp, on the " + on.name()),
                new Joint.Side(on.body(), on.body().home().inside(at), List.of(on.port.piece())),
                Joint.Side.of(clamp, Vec3.ZERO), null, on.body().home().inward(on.at.x()), jaws(2 * on.radius),
                JointStiffness.RIGID);
        return clamp;
    }

    /** Its other half, which turns on the bolt between them. */
    private void swivel(Builder out, String name, Body clamp, Body brace, Piece bar, double along) {
        Vec3 at = new Vec3(along, 0, 0);
        out.joint(name + "-brace", Noun.one(name + " clamp, on the brace"),
                Joint.Side.of(clamp, clamp.home().inside(brace.home().point(at))),
                new Joint.Side(brace, at, List.of(bar)), null, Vec3.X, jaws(pipe.section().depth()),
                JointStiffness.PINNED);
    }

    private Hold jaws(double diameter) {
        return new Hold.Friction(JAWS, STEEL, diameter, diameter, BOLT, Closure.ALL.get("wrench"), torque, null);
    }
}
