package firmperch.body;

import firmperch.stock.Fitting;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Collects what parts contribute and makes an {@link Assembly} of it. Names that a part gives are put behind the part's
 * own: "lift" of the part "arm" becomes "arm.lift".
 */
public final class Builder {
    private final List<Body> bodies = new ArrayList<>();
    private final List<Piece> pieces = new ArrayList<>();
    private final List<Freedom> freedoms = new ArrayList<>();
    private final List<Joint> joints = new ArrayList<>();
    private final List<Fastening> fastenings = new ArrayList<>();
    private final List<Contact> contacts = new ArrayList<>();
    private final List<Tie> ties = new ArrayList<>();
    private final List<Station> stations = new ArrayList<>();
    private final List<Purchase> purchases = new ArrayList<>();
    private final List<Work> works = new ArrayList<>();
    private final Map<String, Port> ports = new LinkedHashMap<>();
    private final List<Assembly.Measure> measures = new ArrayList<>();
    private final List<Bends> bending = new ArrayList<>();
    private final List<Assembly.Nesting> nestings = new ArrayList<>();
    private final List<Around> arounds = new ArrayList<>();
    private final Map<String, List<Solid.Filling.Placed>> standing = new LinkedHashMap<>();
    private final UnitSystem units;
    private String part = "";
    private String called = "";
    private Station station;
    private Mount mount;
    private Station holds;

    /** A piece that leaves room for whatever stands in the port of that name. */
    private record Around(Piece piece, String port) {}

    /** What is told in words has its lengths in these units. */
    public Builder(UnitSystem units) {
        this.units = units;
    }

    /** A value in the person's units. */
    public String show(Quantity quantity, double value) {
        return quantity.show(value, units);
    }

    /** A length in the person's units, m. */
    public String length(double value) {
        return show(Quantity.LENGTH, value);
    }

    /** A length for a name, in the person's units: millimetres without their sign, inches with a mark. */
    public String bare(double value) {
        return Quantity.LENGTH.bare(value, units) + (units == UnitSystem.METRIC ? "" : "\"");
    }

    /** What comes now belongs to the part of that name. */
    public void part(String name) {
        part(name, "");
    }

    /** The same of one that its maker calls otherwise than usual; empty if as usual. */
    public void part(String name, String words) {
        part = name;
        called = words;
    }

    /** The name of the part that contributes now. */
    public String part() {
        return part;
    }

    private String own(String name) {
        return part + "." + name;
    }

    /** Opens a line of the load path; what comes after belongs to it. Its id is the part's name, or that and more. */
    public Station station(String more, String label, Body body, Vec3 seat, Station... on) {
        List<Station> below = new ArrayList<>();
        for (Station one : on) {
            if (one != null) {
                below.add(one);
            }
        }
        station = new Station(more.isEmpty() ? part : own(more), more.isEmpty() && !called.isEmpty() ? called : label,
                part, body, seat, below);
        stations.add(station);
        return station;
    }

    /** What comes after belongs to that station again. */
    public void back(Station to) {
        station = to;
    }

    /** A body that moves against another; the first has no parent. */
    public Body body(String name, Body parent, Placement at, Motion motion) {
        Body body = new Body(bodies.size(), own(name), parent, at, motion);
        bodies.add(body);
        Freedom freedom = motion.freedom();
        if (freedom != null && !freedoms.contains(freedom)) {
            freedoms.add(freedom);
        }
        return body;
    }

    /** A freedom of this part. */
    public Freedom freedom(String name, String label, Freedom.Kind kind, double from, double to) {
        return new Freedom(own(name), label, kind, from, to);
    }

    /**
     * A freedom of this part about an upright axis.
     *
     * @param sweep how far it swings to either side, rad: π for all the way round
     */
    public Freedom swing(String name, String label, double sweep) {
        return sweep < Math.PI - 1e-9
                ? freedom(name, label, Freedom.Kind.HINGE, -sweep, sweep)
                : freedom(name, label, Freedom.Kind.SWING, -Math.PI, Math.PI);
    }

    /** Adds a piece to a body, in the station open now. */
    public Piece add(Body body, Piece piece) {
        Piece added = piece.in(body, station);
        pieces.add(added);
        return added;
    }

    /** Pieces of a body that have been added so far. */
    public List<Piece> pieces(Body body) {
        return pieces.stream().filter(p -> p.body().equals(body)).toList();
    }

    /** Adds a joint of one thing, such as a fork. */
    public Joint joint(String name, String label, Joint.Side inner, Joint.Side outer, Freedom freedom, Vec3 axis,
            Hold hold, JointStiffness stiffness) {
        return joint(name, Noun.one(label), inner, outer, freedom, axis, hold, stiffness);
    }

    /** Adds a joint. */
    public Joint joint(String name, Noun label, Joint.Side inner, Joint.Side outer, Freedom freedom, Vec3 axis,
            Hold hold, JointStiffness stiffness) {
        Joint joint = new Joint(own(name), label, station, inner, outer, freedom, axis, hold, stiffness);
        joints.add(joint);
        return joint;
    }

    /**
     * Fixes a body for good to a bar that bends, as a plate on its end: where that place of the bar goes, the body goes.
     *
     * @param at along the bar, m
     * @param body fixed to the bar's body; it must not hang on anything else
     */
    public Joint clamped(String name, String label, Piece bar, double at, Body body) {
        Vec3 point = bar.at().point(new Vec3(at, 0, 0));
        Vec3 own = body.home().inside(bar.body().home().point(point));
        return joint(name, label, new Joint.Side(bar.body(), point, List.of(bar)), Joint.Side.of(body, own), null,
                Vec3.UP, new Hold.Fixed(), JointStiffness.RIGID);
    }

    /** Holds a bar's foot for good, from one place along the bar to another, m: how firmly is checked. */
    public void fasten(String name, String label, Piece bar, Body into, double from, double to, Fastening.Grip grip) {
        fastenings.add(new Fastening(own(name), label, station, bar, into, from, to, grip));
    }

    /** Says that a sheet, of its own body alone, bends between what holds on to it. */
    public void bends(Piece sheet, boolean round) {
        bending.add(new Bends(sheet, round, new ArrayList<>()));
    }

    /**
     * Says how something holds on to a sheet that bends; nothing where that body's does not.
     *
     * @param at in the body's axes, m
     */
    public void grips(Body body, Vec3 at, double halfX, double halfY, Bending.How how) {
        bending.stream().filter(b -> b.sheet.body().equals(body))
                .forEach(b -> b.grips.add(new Bending.Grip(at, halfX, halfY, how)));
    }

    /** A sheet that bends, while more may come to hold on to it. */
    private record Bends(Piece sheet, boolean round, List<Bending.Grip> grips) {}

    /** Adds a contact with the place. */
    public void contact(Contact contact) {
        contacts.add(contact);
    }

    /** An id of this part, for a tie. */
    public String id(String name) {
        return own(name);
    }

    /** Where this part touches a surface, with the station open now; the point in the body's axes, m. */
    public Contact.Spot spot(String name, Body body, Vec3 at, Surface surface) {
        return new Contact.Spot(own(name), station, body, null, at, surface);
    }

    /** The same of a bar that bends. */
    public Contact.Spot spot(String name, Piece bar, Vec3 at, Surface surface) {
        return new Contact.Spot(own(name), station, bar.body(), bar, at, surface);
    }

    /** Adds a tie. */
    public void tie(Tie tie) {
        ties.add(tie);
    }

    /** A length between two points of bodies that is set by the value of that path in this part. */
    public void measure(String path, Body from, Vec3 fromAt, Body to, Vec3 toAt) {
        measures.add(new Assembly.Measure(part, path, new Tie.Hook(from, fromAt), new Tie.Hook(to, toAt)));
    }

    /** A length between two points of bodies that follows from others, and is shown but not set. */
    public void measured(Body from, Vec3 fromAt, Body to, Vec3 toAt) {
        measure("", from, fromAt, to, toAt);
    }

    /** The station open now. */
    public Station station() {
        return station;
    }

    /**
     * Adds so many small things bought ready-made, which take up no room and weigh at a point of a body's stiff part.
     *
     * @param body one that has such a part: a piece that is no bar, or a joint on itself
     * @param at in its axes, m
     */
    public void fit(Body body, Vec3 at, int count, Fitting what, String use) {
        if (count > 0) {
            add(body, Piece.fittings(what, count, use).at(Placement.at(at)));
        }
    }

    /**
     * The same on a bar that bends.
     *
     * @param along the bar, m
     */
    public void fit(Piece bar, double along, int count, Fitting what, String use) {
        if (count > 0) {
            nested(add(bar.body(), Piece.fittings(what, count, use)
                    .at(Placement.at(bar.at().point(new Vec3(along, 0, 0))))), bar);
        }
    }

    /** Something to buy that is used up in the making and weighs next to nothing in the rig: glue, tape, film. */
    public void usedUp(String item, int count, double price, String use) {
        purchases.add(new Purchase(item, count, price, use, 0));
    }

    /** Something to buy that is kept beside the rig, as weights to trim with. */
    public void keptBy(Fitting what, int count, String use) {
        if (count > 0) {
            purchases.add(new Purchase(what.item(), count, what.price(), use, what.mass()));
        }
    }

    /** Something to be done; what several parts ask for in the same words is done once. */
    public void work(String id, String what, List<String> after, String pause, String caution) {
        Work work = new Work(id, what, after, pause, caution);
        if (!works.contains(work)) {
            works.add(work);
        }
    }

    /** Offers a place to put another part on. */
    public Port offer(String name, Port.Fit fit, Body body, Placement at, Piece piece) {
        Port port = new Port(own(name), fit, body, at, piece, station);
        ports.put(port.name(), port);
        return port;
    }

    /**
     * Adds a piece that goes around whatever will stand in a port of this part.
     *
     * @return a stand-in, by which the piece can be named to {@link #nested} until it has its shape
     */
    public Piece around(Body body, Piece piece, String port) {
        Piece standIn = piece.in(body, station);
        arounds.add(new Around(standIn, own(port)));
        return standIn;
    }

    /**
     * Says that these pieces are made to lie in, on or through those, however the joints between them are set, so that they are not
     * asked to clear each other: a bolt in what it goes through, a wheel in its rail, a stick against its plate. Of pieces that no
     * joint moves against each other it need not be said. What lies in an inner one lies in the outer ones too.
     */
    public void nested(List<Piece> inner, List<Piece> outer) {
        for (Piece in : inner) {
            outer.forEach(out -> nested(in, out));
        }
    }

    /** The same of two; nothing where one of them is none, as the piece of a port may be. */
    public void nested(Piece inner, Piece outer) {
        if (inner != null && outer != null) {
            nestings.add(new Assembly.Nesting(inner, outer));
        }
    }

    /** Stands a shape in a port, in its body's axes, so that a filling goes around it. */
    public void stands(Port in, Solid shape, Placement at) {
        standing.computeIfAbsent(in.name(), name -> new ArrayList<>()).add(new Solid.Filling.Placed(shape, at));
    }

    /** Names of all ports so far. */
    public List<String> offered() {
        return List.copyOf(ports.keySet());
    }

    /** The port of that name. */
    public Port port(String who, String name) {
        Port port = ports.get(name);
        if (port == null) {
            throw new InvalidValue("What “" + who + "” stands on", "“" + name + "”",
                    "what the place or a part before it offers: "
                            + String.join(", ", ports.values().stream().map(p -> p.fit().words()).distinct().toList()));
        }
        return port;
    }

    /** A camera sits there, screwed on that piece; null if only on something stiff. */
    public void mount(Body body, Vec3 at, Piece under) {
        mount = new Mount(body, at, under == null ? List.of() : List.of(under));
        holds = station;
    }

    /** A camera sits there, on something stiff. */
    public void mount(Body body, Vec3 at) {
        mount(body, at, null);
    }

    public Mount mount() {
        return mount;
    }

    /** The station that holds the camera; null if it is held in the air. */
    public Station holds() {
        return holds;
    }

    /** The assembly of all that was contributed. */
    public Assembly build() {
        Map<Piece, Piece> shaped = new IdentityHashMap<>();
        for (Around one : arounds) {
            Placement back = one.piece.at().inverse();
            List<Solid.Filling.Placed> inside = standing.getOrDefault(one.port, List.of()).stream()
                    .map(p -> new Solid.Filling.Placed(p.solid(), back.of(p.at()))).toList();
            Piece piece = one.piece.shaped(new Solid.Filling(one.piece.solid(), inside));
            shaped.put(one.piece, piece);
            pieces.add(piece);
        }
        List<Assembly.Nesting> named = nestings.stream().map(n -> new Assembly.Nesting(
                shaped.getOrDefault(n.inner(), n.inner()), shaped.getOrDefault(n.outer(), n.outer()))).toList();
        return new Assembly(bodies, pieces, freedoms, joints, fastenings, contacts, ties, stations,
                bending.stream().map(b -> new Bending(b.sheet, b.round, b.grips)).toList(), named,
                new Assembly.Making(purchases, works), measures, mount);
    }
}
