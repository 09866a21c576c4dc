package firmperch.part.portal;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Contact;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Station;
import firmperch.body.Supply;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Fitting;
import firmperch.stock.ThreadedPipe;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/**
 * Two feet of threaded pipe, alike: each a leg to the front and one to the back in a tee, a riser, and an elbow that looks at
 * the other. Caps on the legs are as thick as the tee; without them it rocks on its tees. Lengths between the middles of
 * fittings, m.
 *
 * @param span from one foot to the other
 * @param front tee to the end of the leg that points forward
 * @param back tee to the end of the leg that points back
 * @param riser tee to elbow
 */
public record PipeFeet(ThreadedPipe pipe, double span, double front, double back, double riser, boolean capped)
        implements
            Part {
    public static final Params<PipeFeet> PARAMS = Params.of(PipeFeet.class).choice("pipe", "Pipe", ThreadedPipe.ALL)
            .varied()
            .length("span", "Foot to foot", 0.2, 2.5).varied(0.05).length("front", "Leg to the front", 0.1, 1)
            .varied(0.02).length("back", "Leg to the back", 0.1, 1).varied(0.02)
            .length("riser", "Height of the riser", 0.2, 2).varied(0.02)
            .either("capped", "Ends of the legs", "with caps", "open").varied().done();

    /** A cap's own bottom beyond the end of the pipe, m: common practice, no source. */
    private static final double CAP = 0.004;
    /** Middle of a cap's rim from its end, m. */
    private static final double RIM = 0.012;
    /** A plastic plug, kg: common practice, no source. */
    private static final double PLUG = 0.005;
    /** A steel rim on a wooden top, N/m, and what one bears there, kg: common practice, no source. */
    private static final Contact.Bearing BEARING = new Contact.Bearing(1.5e6, 120);
    private static final Vec3 FORWARD = Vec3.X;

    public PipeFeet {
        PARAMS.check(pipe, span, front, back, riser, capped);
        Require.that(Math.min(front, back) > 2 * pipe.centre(), "Leg", Math.min(front, back), LENGTH,
                "more than the tee, " + LENGTH.show(2 * pipe.centre(), UnitSystem.METRIC));
        Require.that(Math.min(riser, span) > 3 * pipe.centre(), "Riser", Math.min(riser, span), LENGTH,
                "more than its fittings, " + LENGTH.show(3 * pipe.centre(), UnitSystem.METRIC));
    }

    @Override
    public Params<PipeFeet> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Surface surface = on.getFirst().standing("Pipe feet");
        for (int side = 1; side >= -1; side -= 2) {
            foot(out, on.getFirst(), surface, side);
        }
        making(out);
    }

    private void foot(Builder out, Port place, Surface surface, int side) {
        String name = side > 0 ? "left" : "right";
        Body tee = out.body(name + "-tee", null,
                place.at().of(Placement.at(0, side * span / 2, pipe.band() / 2)), new Motion.Fixed());
        Station station = out.station(name, (side > 0 ? "Left" : "Right") + " foot", tee, Vec3.ZERO);
        out.add(tee, fitting("Tee", tee(), pipe.masses().tee())
                .at(Placement.along(Vec3.ZERO, FORWARD, Vec3.Y.negated())));
        leg(out, tee, name, 1, surface);
        leg(out, tee, name, -1, surface);
        if (!capped) {
            for (int end = -1; end <= 1; end += 2) {
                out.contact(new Contact.Foot(out.spot(name + " tee " + (end > 0 ? "front" : "back"), tee,
                        new Vec3(end * (pipe.centre() - RIM / 2), 0, -pipe.band() / 2), surface), BEARING));
            }
        }
        Piece riser = pipe(out, "Riser", tee, this.riser - 2 * pipe.takeUp(),
                Placement.along(new Vec3(0, 0, pipe.takeUp()), Vec3.UP, FORWARD.times(-1)));
        out.offer(name + "-riser", new Port.Pipe(), tee, riser.at(), riser);
        screwed(out, name + "-riser-foot", Joint.Side.of(tee, new Vec3(0, 0, pipe.centre())),
                new Joint.Side(tee, new Vec3(0, 0, pipe.centre()), List.of(riser)));
        Body elbow = out.body(name + "-elbow", tee, Placement.at(0, 0, this.riser), new Motion.Fixed());
        Vec3 under = new Vec3(0, 0, -pipe.centre());
        screwed(out, name + "-riser-top",
                new Joint.Side(tee, new Vec3(0, 0, this.riser - pipe.centre()), List.of(riser)),
                Joint.Side.of(elbow, under));
        Vec3 inward = new Vec3(0, -side, 0);
        out.add(elbow, fitting("Elbow", elbow(), pipe.masses().elbow())
                .at(Placement.along(Vec3.ZERO, inward, FORWARD.times(side))));
        out.offer(name, new Port.Thread(pipe), elbow, Placement.along(Vec3.ZERO, inward, Vec3.UP), null);
        out.measure("riser", tee, Vec3.ZERO, tee, new Vec3(0, 0, this.riser));
        out.measure("front", tee, Vec3.ZERO, tee, new Vec3(front, 0, 0));
        out.measure("back", tee, Vec3.ZERO, tee, new Vec3(-back, 0, 0));
        if (side > 0) {
            out.measure("span", tee, Vec3.ZERO, tee, new Vec3(0, -span, 0));
        }
        out.back(station);
    }

    private void leg(Builder out, Body tee, String foot, int way, Surface surface) {
        double reach = way > 0 ? front : back;
        String name = foot + "-" + (way > 0 ? "front" : "back");
        Vec3 along = FORWARD.times(way);
        Piece leg = pipe(out, way > 0 ? "Leg to the front" : "Leg to the back", tee, reach - pipe.takeUp() - CAP,
                Placement.along(along.times(pipe.takeUp()), along, Vec3.UP));
        out.offer(name + "-pipe", new Port.Pipe(), tee, leg.at(), leg);
        screwed(out, name, Joint.Side.of(tee, along.times(pipe.centre())),
                new Joint.Side(tee, along.times(pipe.centre()), List.of(leg)));
        if (!capped) {
            out.fit(tee, along.times(reach), 1, new Fitting("Plastic plug for " + pipe.label(), PLUG, 0.2),
                    "open ends of the legs");
            return;
        }
        Body cap = out.body(name + "-cap", tee, Placement.at(along.times(reach)), new Motion.Fixed());
        Vec3 mouth = along.times(-CAP - pipe.thread().engagement());
        screwed(out, name + "-cap", new Joint.Side(tee, along.times(reach).plus(mouth), List.of(leg)),
                Joint.Side.of(cap, mouth));
        out.add(cap, fitting("Cap", Solid.Round.cylinder(pipe.band(), 0, 2 * RIM), pipe.masses().cap())
                .at(new Placement(along.times(-2 * RIM), Vec3.UP, along.cross(Vec3.UP), along)));
        out.contact(new Contact.Foot(out.spot(name.replace('-', ' ') + " cap", cap,
                along.times(-RIM).plus(new Vec3(0, 0, -pipe.band() / 2)), surface), BEARING));
    }

    private Piece pipe(Builder out, String name, Body body, double length, Placement at) {
        return out.add(body, cut(name, pipe, length).at(at));
    }

    /** A length of pipe with a thread at each end. */
    public static Piece cut(String name, ThreadedPipe pipe, double length) {
        return Piece.cut(name, new Solid.Bar(pipe.section(), length), pipe.material())
                .from(new Supply.Cut(pipe.pricePerMetre(), "thread both ends"));
    }

    private void screwed(Builder out, String name, Joint.Side inner, Joint.Side outer) {
        out.joint(name, name.replace('-', ' ') + " thread", inner, outer, null, Vec3.UP, new Hold.Threaded(pipe.root()),
                JointStiffness.RIGID);
    }

    private Piece fitting(String name, Solid shape, double mass) {
        return Piece.ready(name, new Solid.Bought(shape, mass),
                new Supply.Ready(name + " for " + pipe.label(), pipe.price(), "frame of pipe"));
    }

    /** In the plane of its three mouths: x along the legs, y up. */
    private Solid tee() {
        double c = pipe.centre();
        double h = pipe.band() / 2;
        return new Solid.Sheet(Outline.of(Outline.polygon(new Outline.Point(-c, -h), new Outline.Point(c, -h),
                new Outline.Point(c, h), new Outline.Point(h, h), new Outline.Point(h, c), new Outline.Point(-h, c),
                new Outline.Point(-h, h), new Outline.Point(-c, h))), pipe.band());
    }

    /** In the plane of its two mouths: x inward, y down. */
    private Solid elbow() {
        double c = pipe.centre();
        double h = pipe.band() / 2;
        return new Solid.Sheet(Outline.of(Outline.polygon(new Outline.Point(-h, -h), new Outline.Point(c, -h),
                new Outline.Point(c, h), new Outline.Point(h, h), new Outline.Point(h, c), new Outline.Point(-h, c))),
                pipe.band());
    }

    private void making(Builder out) {
        out.usedUp("Thread sealing tape, roll", 1, 1, "every thread: it lets them be turned home without seizing");
        List<String> after = new ArrayList<>(List.of("pipes"));
        out.work("pipes", "Cut the pipes and have them threaded at both ends, or buy them threaded to length.",
                List.of(),
                "",
                "Wear gloves: cut and threaded ends are sharp; cutting oil off before it stands on a bench. Never weld "
                        + "zinc-coated pipe: its fumes are toxic.");
        out.work("feet",
                "Screw each foot together: legs" + (capped ? ", caps" : "") + ", riser, elbow. Lay it on a flat top "
                        + "and turn the tee until both ends lie.",
                after, "", "");
    }
}
