package firmperch.part.overhead;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Contact;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Station;
import firmperch.body.Supply;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.stock.Fitting;
import firmperch.stock.PostStock;
import firmperch.units.Gravity;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;

/**
 * Two box rails overhead side by side, each fixed up in several places: what rails under joists and rails under a beam have in
 * common. Lengths in m.
 *
 * @param length of a rail
 * @param gauge between the middles of the rails
 * @param fixings how many to a rail
 * @param pitch from one to the next
 * @param holds what one of them bears for good, N
 * @param stiffness of one, N/m
 * @param fixing what one is called: "screw"
 * @param beam true if they hang from a beam along them, false from joists across
 */
record OverheadRails(PostStock rail, double length, double gauge, int fixings, double pitch, double holds,
        double stiffness, String fixing, boolean beam) {
    /** A rail's end to the nearest fixing at least, and to the hanger inside, m. */
    static final double END = 0.05;

    /** How many fixings a rail of that length takes. */
    static int fixings(double length, double pitch) {
        return (int) Math.floor((length - 2 * END) / pitch) + 1;
    }

    /** The ceiling that a part needs. */
    static Surface ceiling(Port port, String who, String wanted) {
        Surface surface = port.fitting(who, Port.Ground.class, "a ceiling").surface();
        if (surface != Surface.CEILING) {
            throw new InvalidValue(who, "on " + surface.words(), wanted);
        }
        return surface;
    }

    /** Mass of an end stop for a box rail, kg: common practice, no source. */
    static final double STOP = 0.06;

    /**
     * Adds them to a rig, with the port for what runs in them.
     *
     * @param fastener what each fixing is
     * @param use what it is for
     */
    void build(Builder out, Port place, Surface surface, String label, Fitting fastener, String use) {
        Body body = out.body("rails", null, place.at(), new Motion.Fixed());
        double side = rail.section().depth();
        Station station = out.station("", label, body, new Vec3(0, 0, side / 2));
        double first = -(fixings - 1) * pitch / 2;
        List<Piece> bars = new ArrayList<>();
        for (int number = 1; number >= -1; number -= 2) {
            // A box rail's slot looks down; these axes do too.
            Piece bar = out.add(body, Piece.cut("Rail", new Solid.Bar(rail.section(), length), rail.material())
                    .from(new Supply.Cut(rail.pricePerMetre(), fixings + " holes for a " + fixing + ", "
                            + out.length(pitch) + " apart, the outer ones " + out.length(length / 2 + first)
                            + " from the ends"))
                    .at(Placement.along(new Vec3(-length / 2, number * gauge / 2, side / 2), Vec3.X,
                            Vec3.DOWN)));
            bars.add(bar);
            for (int i = 0; i < fixings; i++) {
                String name = (number > 0 ? "left " : "right ") + fixing + " " + (i + 1);
                out.contact(new Contact.Anchor(out.spot(name, bar,
                        new Vec3(first + i * pitch, number * gauge / 2, 0), surface),
                        new Contact.Bearing(stiffness, holds / Gravity.STANDARD), beam));
            }
        }
        out.offer("rails", new Port.Track(bars, END, length - END, gauge), body, Placement.at(-length / 2, 0, side / 2),
                null);
        out.measure("length", body, new Vec3(-length / 2, 0, 0), body, new Vec3(length / 2, 0, 0));
        out.measure("gauge", body, new Vec3(0, -gauge / 2, 0), body, new Vec3(0, gauge / 2, 0));
        for (Piece bar : bars) {
            Fitting stop = new Fitting("End stop for a box rail", STOP, 1.2);
            out.fit(bar, 0, 1, stop, "ends of the rails");
            out.fit(bar, length, 1, stop, "ends of the rails");
            for (int i = 0; i < fixings; i++) {
                out.fit(bar, length / 2 + first + i * pitch, 1, fastener, use);
            }
        }
        out.back(station);
    }
}
