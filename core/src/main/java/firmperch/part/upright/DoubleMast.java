package firmperch.part.upright;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Bending;
import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Fastening;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Station;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Bolt;
import firmperch.stock.Fitting;
import firmperch.stock.HexBolt;
import firmperch.stock.PostStock;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.List;

/**
 * A mast of two tubes bolted on a board, with 45° braces to the back and to both sides and a pulley on its top.
 *
 * @param height of the mast, m
 * @param brace how high the braces reach, and how far out their feet stand, m
 * @param strut what the braces are of
 */
public record DoubleMast(DoubleTube tubes, double height, double brace, PostStock strut,
        double pulley) implements Part {
    public static final Params<DoubleMast> PARAMS = Params.of(DoubleMast.class)
            .group("tubes", "Mast", DoubleTube.PARAMS)
            .length("height", "Height of the mast", 0.5, 3).varied(0.05).length("brace", "Braces up to", 0.1, 1.5)
            .varied(0.05).choice("strut", "Braces of", PostStock.SQUARES).varied()
            .length("pulley", "Radius of the pulley", 0.015, 0.15).done();

    private static final Vec3 UPWARD = Vec3.UP;
    private static final int BOLTS = 4;
    private static final double LONG = 0.06;
    /** Ring of the bolts of a foot, and between those of a brace's bracket, m. */
    private static final double CIRCLE = 0.10;
    private static final double BRACKET = 0.04;
    /** A steel foot plate 120 × 100 × 5 with its socket, kg: by volume. */
    private static final double FOOT = 0.6;

    public DoubleMast {
        PARAMS.check(tubes, height, brace, strut, pulley);
        Require.that(brace < height - 0.2, "Braces up to", brace, LENGTH,
                "at least 200 mm less than the mast, " + LENGTH.show(height, UnitSystem.METRIC));
    }

    @Override
    public Params<DoubleMast> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port deck = on.getFirst();
        Port.Deck board = deck.fitting("Mast", Port.Deck.class, "a board to bolt it on");
        Body body = deck.body();
        Station station = out.station("", "Mast " + out.bare(height), body, deck.at().origin(), deck.station());
        Placement line = deck.at().of(Placement.along(Vec3.ZERO, UPWARD, Vec3.X));
        List<Piece> bars = tubes.tubes(out, body, "Mast tube", line, height, "mast");
        Bolt bolt = Bolt.ALL.get("m8");
        for (int i = 0; i < bars.size(); i++) {
            out.fasten("foot-" + (i + 1), "mast's foot", bars.get(i), body, 0, 0,
                    new Fastening.Grip.Bolted(bolt, BOLTS, CIRCLE, board.material(), board.thickness()));
            out.grips(body, bars.get(i).at().origin(), CIRCLE / 2, CIRCLE / 2, Bending.How.STIFF);
        }
        brace(out, deck, board, "back", Vec3.X.negated(), bars.get(1));
        brace(out, deck, board, "left", Vec3.Y, bars.get(0));
        brace(out, deck, board, "right", Vec3.Y.negated(), bars.get(1));
        Body head = out.body("head", body, deck.at().of(Placement.at(0, 0, height)), new Motion.Fixed());
        for (int i = 0; i < bars.size(); i++) {
            out.clamped("head-" + (i + 1), "mast's head", bars.get(i), height - 0.01, head);
        }
        double axle = pulley + 0.01;
        double wide = 2 * pulley;
        out.add(head, Piece
                .ready("Pulley", new Solid.Bought(Solid.Round.cylinder(wide, 0, 0.012), 1500 * wide * wide * 0.03),
                        new Supply.Ready("Pulley Ø " + out.length(wide) + " on a bearing, with bracket", 9,
                                "top of the mast"))
                .at(Placement.along(new Vec3(-tubes.reach() - Runners.ROPE - pulley, 0.006, axle), Vec3.X,
                        Vec3.Y.negated())));
        out.back(station);
        out.offer("mast", new Port.Track(bars, brace + 0.08, height - 0.02, 0), body, line, bars.getFirst());
        out.offer("top", new Port.Pulley(pulley), head, Placement.at(-tubes.reach() - Runners.ROPE - pulley, 0, axle),
                null);
        out.measure("height", body, deck.at().origin(), body, deck.at().point(new Vec3(0, 0, height)));
        out.measure("brace", body, deck.at().point(new Vec3(-brace, 0, 0)), body, deck.at().origin());
        tubes.making(out, bars, "mast");
        out.fit(body, deck.at().origin(), 2, new Fitting("Foot plate for " + tubes.tube().label(), FOOT, 4),
                "mast on its board");
        out.fit(body, deck.at().origin(), BOLTS * 2, bolts(out), "mast's feet and braces");
        out.work("mast",
                "Bolt the two tubes together through their spacers, bolt them on the board, plumb, then the braces.",
                List.of("cut", "board"), "", "");
    }

    private static Fitting bolts(Builder out) {
        return new Fitting("Bolt M8 × " + out.length(LONG) + " with two wide washers and lock nut",
                HexBolt.ALL.get("m8").set(LONG, 2), 0.9);
    }

    /** From the board up at 45°, its foot bolted, its head on a bolt through a tube. */
    private void brace(Builder out, Port deck, Port.Deck board, String name, Vec3 way, Piece tube) {
        Body body = deck.body();
        double foot = strut.section().depth() / 2;
        Vec3 low = deck.at().point(way.times(brace).plus(new Vec3(0, 0, foot)));
        Vec3 high = deck.at().point(new Vec3(0, 0, brace + foot));
        Vec3 along = high.minus(low);
        Vec3 axle = deck.at().direction(way.cross(UPWARD)).unit();
        Piece bar = out.add(body, Piece.cut("Brace", new Solid.Bar(strut.section(), along.length()), strut.material())
                .from(new Supply.Cut(strut.pricePerMetre(), "both ends at 45° in brackets"))
                .at(Placement.along(low, along, axle.cross(along.unit()))));
        out.fasten("brace-" + name, name + " brace", bar, body, 0, 0,
                new Fastening.Grip.Bolted(Bolt.ALL.get("m8"), 2, BRACKET, board.material(), board.thickness()));
        out.grips(body, low, BRACKET, BRACKET, Bending.How.STIFF);
        out.fit(body, low, 2, bolts(out), "mast's feet and braces");
        out.fit(body, high, 1, bolts(out), "mast's feet and braces");
        out.joint("brace-" + name, name + " brace", new Joint.Side(body, high, List.of(tube)),
                new Joint.Side(body, high, List.of(bar)), null, axle, new Hold.Free(), JointStiffness.PINNED);
    }
}
