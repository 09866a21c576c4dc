package firmperch.part.base;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Contact;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.Fitting;
import firmperch.stock.HexBolt;
import firmperch.stock.Look;
import firmperch.stock.Tyre;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;

/**
 * A swivel caster. Lengths in m, masses in kg.
 *
 * @param plate side of its mounting plate
 * @param height floor to the plate's upper face
 * @param diameter of the wheel
 * @param trail swivel axis to wheel axle, seen from above
 * @param rating what one may carry
 * @param mass of one
 * @param tyre what its wheel is shod with
 */
public record Caster(double plate, double height, double diameter, double trail, double rating, double mass, Tyre tyre)
        implements
            Described {
    public static final Params<Caster> PARAMS = Params.of(Caster.class).length("plate", "Plate of a caster", 0.03, 0.2)
            .length("height", "Height of a caster", 0.02, 0.4).length("diameter", "Wheel of a caster", 0.02, 0.35)
            .length("trail", "Trail of a caster", 0, 0.15).mass("rating", "Rating of a caster", 1, 2000).varied(25)
            .mass("mass", "Mass of a caster", 0, 20).choice("tyre", "Tyre", Tyre.ALL).varied().done();

    static final String TURNED = "turned outward";
    static final String LEFT = "as they rolled";

    private static final double WHEEL_WIDTH = 0.03;
    private static final double FORK = 0.016;
    private static final int BOLTS = 4;

    public Caster {
        PARAMS.check(plate, height, diameter, trail, rating, mass, tyre);
        Require.that(height >= diameter, "Height of a caster", height, LENGTH,
                "at least its wheel, " + LENGTH.show(diameter, UnitSystem.METRIC));
    }

    @Override
    public Params<Caster> params() {
        return PARAMS;
    }

    /**
     * Where a caster sits under a board with four.
     *
     * @param number of the corner, 0 to 3, counter-clockwise from the front left seen from above
     * @param x from the board's middle to its swivel axis, along, m
     * @param y the same across, m
     */
    record Corner(int number, double x, double y, Contact.Swivel swivel) {}

    /** How a caster's swivel is left by a maker who locks it or does not, and turns it outward before or does not. */
    static Contact.Swivel swivel(boolean locked, boolean outward) {
        return !locked
                ? Contact.Swivel.FREE
                : outward ? Contact.Swivel.LOCKED_OUTWARD : Contact.Swivel.LOCKED_AS_ROLLED;
    }

    /** The same in a word. */
    static String words(boolean locked, boolean outward) {
        return switch (swivel(locked, outward)) {
            case FREE -> ", free";
            case LOCKED_AS_ROLLED -> ", locked";
            case LOCKED_OUTWARD -> ", outward";
        };
    }

    /** Adds it to the body of a board. */
    void add(Builder out, Body body, Corner corner, Surface surface) {
        double sx = corner.number < 2 ? 1 : -1;
        double sy = corner.number == 0 || corner.number == 3 ? 1 : -1;
        Vec3 pivot = new Vec3(sx * corner.x, sy * corner.y, 0);
        double outward = Math.atan2(sy, sx);
        // Drawn as they lie: turned outward, or all trailing behind as it was rolled to the work.
        double heading = corner.swivel == Contact.Swivel.LOCKED_AS_ROLLED ? Math.PI : outward;
        out.contact(new Contact.Caster(out.spot("caster " + (corner.number + 1), body, pivot, surface),
                new Contact.Bearing(tyre.stiffness(), rating), trail, outward, corner.swivel, diameter));
        Vec3 way = new Vec3(Math.cos(heading), Math.sin(heading), 0);
        Vec3 axle = way.cross(Vec3.UP).times(-1);
        Vec3 hub = pivot.plus(way.times(trail)).plus(new Vec3(0, 0, diameter / 2));
        String item = "Caster Ø " + out.length(diameter) + ", " + tyre.label() + ", rated "
                + out.show(Quantity.MASS, rating) + (corner.swivel.locked() ? ", braked wheel and swivel" : "");
        // A stronger caster costs more: a tenth of a unit of money for each kg above 150, common practice, no source.
        double price = 9 + 0.1 * Math.max(0, rating - 150);
        out.add(body, Piece.ready("Caster", new Solid.Bought(Solid.Round.cylinder(diameter, 0, WHEEL_WIDTH), mass),
                new Supply.Ready(item, price, "corners of the board"))
                .at(new Placement(hub.minus(axle.times(WHEEL_WIDTH / 2)), way, axle.cross(way), axle))
                .looking(Look.WHEEL));
        double fork = height - diameter / 2;
        out.add(body, Piece.owned("caster's fork", Solid.Bought.box(FORK, FORK, fork, 0))
                .at(Placement.at(pivot.plus(way.times(trail / 2)).plus(new Vec3(0, 0, diameter / 2 + fork / 2))))
                .looking(Look.METAL));
    }

    /**
     * Four bolts M8 for each caster under a board with four.
     *
     * @param x from the board's middle to the swivel axes, along, m
     * @param y the same across, m
     * @param z where the bolts are, m
     * @param least how long a bolt is at least, m
     */
    static void bolts(Builder out, Body body, double x, double y, double z, double least) {
        double length = Math.ceil(least * 200) / 200;
        Fitting bolt = new Fitting("Bolt M8 × " + out.length(length) + " with washer and lock nut",
                HexBolt.ALL.get("m8").set(length, 1), 0.6);
        for (int i = 0; i < Corners.COUNT; i++) {
            out.fit(body, new Vec3(i < 2 ? x : -x, i % 2 == 0 ? y : -y, z), BOLTS, bolt, "casters to board");
        }
    }
}
