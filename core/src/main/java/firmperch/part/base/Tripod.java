package firmperch.part.base;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Contact;
import firmperch.body.Fastening;
import firmperch.body.Freedom;
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
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Bolt;
import firmperch.stock.FacePair;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;

/**
 * Three spread legs under a hub, with a column that slides in it. Bought, so its measures are told, not made.
 *
 * @param column how it is held, and how far it comes out
 * @param mass of the whole tripod but its tubes, kg
 */
public record Tripod(Legs legs, CentreColumn column, double mass) implements Part {
    public static final Params<Tripod> PARAMS = Params.of(Tripod.class).group("legs", "Legs", Legs.PARAMS)
            .group("column", "Centre column", CentreColumn.PARAMS).mass("mass", "Hub, locks and feet", 0.1, 20).done();

    /** Hub's outer radius beyond the column, and its height, m. */
    private static final double HUB = 0.03;
    private static final double HUB_HEIGHT = 0.10;
    private static final int LEGS = 3;

    public Tripod {
        PARAMS.check(legs, column, mass);
    }

    @Override
    public Params<Tripod> params() {
        return PARAMS;
    }

    /** Height of the hub's underside, where the legs meet it, m. */
    private double hub() {
        return legs.length() * Math.cos(legs.spread());
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Surface surface = on.getFirst().standing("Tripod");
        Body hub = out.body("hub", null, on.getFirst().at(), new Motion.Fixed());
        Station feet = out.station("", "Tripod, legs spread " + out.show(Quantity.ANGLE, legs.spread()), hub,
                new Vec3(0, 0, hub()));
        Vec3 top = new Vec3(0, 0, hub());
        List<Piece> around = new ArrayList<>();
        for (int i = 0; i < LEGS; i++) {
            double heading = legs.first() + 2 * Math.PI * i / LEGS;
            Vec3 away = new Vec3(Math.cos(heading), Math.sin(heading), 0);
            Vec3 joint = top.plus(away.times(HUB));
            Vec3 foot = joint.plus(away.times(legs.length() * Math.sin(legs.spread()))).minus(top);
            Vec3 way = foot.minus(joint);
            Piece leg = out.add(hub, Piece.cut("Tripod leg", new Solid.Bar(legs.tube().section(), way.length()),
                    legs.tube().material()).from(new Supply.Owned())
                    .at(Placement.along(joint, way, Vec3.UP)));
            around.add(leg);
            out.fasten("leg-" + (i + 1), "leg on its hub", leg, hub, 0, 0, new Fastening.Grip.Fitted());
            out.contact(new Contact.Foot(out.spot("foot " + (i + 1), leg, foot, surface),
                    new Contact.Bearing(legs.tip(), legs.rating())));
        }
        double across = 2 * HUB + column.tube().section().depth();
        Piece middle = out.add(hub, Piece
                .ready("Tripod hub", new Solid.Bought(Solid.Round.cylinder(across, 0, HUB_HEIGHT), mass),
                        new Supply.Ready("Tripod, legs of " + out.length(legs.length()) + ", column of "
                                + out.length(column.travel()), 60, "stand"))
                .at(Placement.at(0, 0, hub() - HUB_HEIGHT / 3)));
        around.add(middle);
        column(out, hub, around);
        Vec3 way = new Vec3(Math.cos(legs.first()), Math.sin(legs.first()), 0);
        out.measure("legs.length", hub, top.plus(way.times(HUB)), hub,
                way.times(HUB + legs.length() * Math.sin(legs.spread())));
        out.work("tripod", "Open the tripod to its stops and turn a leg under the load: leg 1 points "
                + out.show(Quantity.ANGLE, legs.first()) + " from forward.", List.of(), "",
                "Never leave it standing on pinched legs: spread them to their stops and lock every one.");
        out.back(feet);
    }

    /** It runs in the hub, down between the legs. */
    private void column(Builder out, Body hub, List<Piece> around) {
        Freedom lift = out.freedom("column", "Centre column", Freedom.Kind.SLIDE, 0, column.travel());
        double length = column.travel() + HUB_HEIGHT + 0.05;
        double top = hub() + HUB_HEIGHT;
        Body tube = out.body("column", hub, Placement.at(0, 0, top), new Motion.Slide(lift, Vec3.UP, 1));
        out.station("column", "Centre column", tube, new Vec3(0, 0, 0.02), out.station());
        Piece bar = out.add(tube, Piece.cut("Centre column", new Solid.Bar(column.tube().section(), length),
                column.tube().material()).from(new Supply.Owned())
                .at(Placement.along(new Vec3(0, 0, 0.02 - length), Vec3.UP, Vec3.X.negated())));
        out.nested(List.of(bar), around);
        Bolt bolt = Bolt.ALL.get("m6");
        double d = column.tube().section().depth();
        out.joint("column", "column lock", Joint.Side.of(hub, new Vec3(0, 0, hub() + HUB_HEIGHT / 2)),
                new Joint.Side(tube, new Vec3(0, 0, -HUB_HEIGHT / 2), List.of(bar)), lift, Vec3.UP,
                new Hold.Friction(2, FacePair.ALL.get("steel-steel"), d, d, bolt, column.closure(), column.torque(),
                        null),
                new JointStiffness(Double.POSITIVE_INFINITY,
                        new JointStiffness.Slack.Guide(column.clearance(), HUB_HEIGHT)));
        out.offer("hook", new Port.Eye(), tube, Placement.at(0, 0, 0.02 - length), bar);
        Body cap = out.body("cap", tube, Placement.at(0, 0, 0.02), new Motion.Fixed());
        out.clamped("cap", "plate on the column", bar, length, cap);
        Piece plate = out.add(cap, Piece.owned("column's plate", Solid.Bought.box(0.05, 0.05, 0.006, 0))
                .at(Placement.at(0, 0, 0.003)));
        out.offer("top", new Port.Stud(), cap, Placement.at(0, 0, 0.006), plate);
    }
}
