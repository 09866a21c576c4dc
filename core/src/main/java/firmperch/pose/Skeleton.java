package firmperch.pose;

import firmperch.body.Assembly;
import firmperch.body.Body;
import firmperch.body.Contact;
import firmperch.body.Fastening;
import firmperch.body.Joint;
import firmperch.body.MassProperties;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.frame.EndFixity;
import firmperch.frame.EnvelopePattern;
import firmperch.frame.FrameModel;
import firmperch.frame.FrameModel.LumpedMass;
import firmperch.frame.FrameModel.Member;
import firmperch.frame.FrameModel.Support;
import firmperch.stock.Section;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * The pattern of a rig's space frame, the same in every pose. Bars that something takes hold of can bend and become
 * members, split where they are held. Everything else of a body is stiff and becomes one node with rigid offsets.
 * Bodies connected by joints that do not give are stiff together. A joint that gives is a hinge or a spring at the
 * end of a member, or a spring between two nodes.
 */
final class Skeleton {
    /** Sideways stiffness of a foot as a share of its upright stiffness; gravity alone hardly uses it. */
    private static final double SIDEWAYS = 0.5;

    /**
     * A place where a joint or a fastening takes hold of a bar.
     *
     * @param at along the bar, m; NaN where it depends on the pose
     * @param joint what takes hold; null for a fastening
     * @param stiffness against turning about the joint's axis, N·m/rad
     * @param by the fastening; null for a joint
     */
    private record Attachment(double at, int group, Joint joint, double stiffness, Fastening by) {
        Attachment(double at, int group, Joint joint, double stiffness) {
            this(at, group, joint, stiffness, null);
        }
    }

    /** The stiff pieces of a body as one mass, and the node that carries it. */
    private record RigidMass(Body body, MassProperties properties, int node, boolean gear) {}

    /** A small thing on a bar, carried by the nearest attachment of the bar. */
    private record OnBar(Piece bar, double at, MassProperties properties) {}

    private record Link(int inner, int outer, Joint joint) {}

    private record Foot(Contact contact, int group) {}

    /**
     * Attachments of a bar nearer to each other than this count as one, m. Smaller than anything that takes hold, and
     * large enough that the short member between stays well conditioned (its stiffness grows with 1/ℓ³).
     */
    private static final double SAME = 2e-3;
    /** Stands for the place instead of a node. */
    private static final int GROUND = -1;

    /** The place of a node: a point of a body. */
    private record Spot(Body body, Vec3 at) {}

    private final Rig rig;
    private final Map<Piece, List<Attachment>> bars = new IdentityHashMap<>();
    private final List<Piece> order = new ArrayList<>();
    private final List<RigidMass> masses = new ArrayList<>();
    private final List<OnBar> onBars = new ArrayList<>();
    private final List<Link> links = new ArrayList<>();
    private final List<Foot> feet = new ArrayList<>();
    private final List<List<Integer>> hooks = new ArrayList<>();
    private final List<Spot> nodes = new ArrayList<>();
    private final List<Integer> merged = new ArrayList<>();
    private final Map<Integer, Integer> nodeOf = new HashMap<>();
    private final EnvelopePattern.Cache patterns = new EnvelopePattern.Cache();
    private int camera;

    private Skeleton(Rig rig) {
        this.rig = rig;
    }

    static Skeleton of(Rig rig) {
        Skeleton skeleton = new Skeleton(rig);
        skeleton.merge();
        skeleton.hold();
        skeleton.weigh();
        return skeleton;
    }

    private Assembly assembly() {
        return rig.assembly();
    }

    private int find(int group) {
        int at = group;
        while (merged.get(at) != at) {
            at = merged.get(at);
        }
        return at;
    }

    private int group(Body body) {
        return find(body.index());
    }

    /** Joins bodies that cannot move against each other without sliding or slipping. */
    private void merge() {
        for (int i = 0; i < assembly().bodies().size(); i++) {
            merged.add(i);
        }
        for (Body body : assembly().bodies()) {
            boolean fast = body.motion() instanceof Motion.Fixed && body.parent() != null
                    && assembly().joints().stream().noneMatch(j -> j.outer().body().equals(body));
            if (fast) {
                merged.set(find(body.index()), find(body.parent().index()));
            }
        }
        for (Joint joint : assembly().joints()) {
            boolean stiff = Double.isInfinite(joint.stiffness().rotational());
            if (stiff && joint.inner().through().isEmpty() && joint.outer().through().isEmpty()) {
                merged.set(group(joint.outer().body()), group(joint.inner().body()));
            }
        }
    }

    private void hold() {
        for (Fastening f : assembly().fastenings()) {
            int group = node(group(f.into()), f.bar().body(), f.bar().at().point(new Vec3(f.to(), 0, 0)));
            holds(f.bar()).add(new Attachment(f.to(), group, null, Double.POSITIVE_INFINITY, f));
            if (f.to() > f.from()) {
                holds(f.bar()).add(new Attachment(f.from(), group, null, Double.POSITIVE_INFINITY));
            }
        }
        for (Joint joint : assembly().joints()) {
            hold(joint);
        }
        for (Contact contact : assembly().contacts()) {
            feet.add(new Foot(contact, attach(contact.body(), contact.spot().bar(), contact.point())));
        }
        for (Tie tie : assembly().ties()) {
            hooks.add(tie instanceof Tie.Cord || tie instanceof Tie.Tether
                    ? List.of()
                    : tie.path().stream().map(h -> attach(h.body(), h.bar(), h.at())).toList());
        }
        camera = node(group(assembly().mount().body()), assembly().mount().body(), assembly().mount().at());
    }

    private void hold(Joint joint) {
        List<Piece> inner = joint.inner().through();
        List<Piece> outer = joint.outer().through();
        double k = joint.stiffness().rotational();
        Body body = joint.outer().body();
        if (inner.isEmpty() && outer.isEmpty()) {
            if (!Double.isInfinite(k)) {
                links.add(new Link(node(group(joint.inner().body()), body, joint.outer().at()),
                        node(group(body), body, joint.outer().at()), joint));
            }
            return;
        }
        int group;
        if (inner.isEmpty()) {
            group = group(joint.inner().body());
        } else if (outer.isEmpty()) {
            group = group(body);
        } else {
            // Bars of both sides on one bolt: the bolt gets a node of its own.
            group = merged.size();
            merged.add(group);
        }
        int node = joint.sleeve()
                ? node(group, joint.inner().body(), joint.inner().at())
                : node(group, body, joint.outer().at());
        boolean moves = joint.slides() || joint.freedom() != null && !joint.freedom().continuous();
        for (Piece bar : inner) {
            holds(bar).add(new Attachment(moves ? Double.NaN : along(bar, joint.inner()), node, joint,
                    outer.isEmpty() ? k / inner.size() : Double.POSITIVE_INFINITY));
        }
        for (Piece bar : outer) {
            holds(bar).add(new Attachment(joint.sleeve() ? Double.NaN : along(bar, joint.outer()), node, joint,
                    k / outer.size()));
        }
    }

    /** The node of an attachment: that of the body's stiff part, or one on a bar. */
    private int attach(Body body, Piece bar, Vec3 at) {
        if (body == null) {
            return GROUND;
        }
        if (bar == null) {
            return node(group(body), body, at);
        }
        double along = bar.at().inside(at).x();
        for (Attachment other : holds(bar)) {
            if (Math.abs(other.at - along) < SAME && other.stiffness == Double.POSITIVE_INFINITY) {
                return other.group;
            }
        }
        int group = merged.size();
        merged.add(group);
        int node = node(group, body, at);
        holds(bar).add(new Attachment(along, node, null, Double.POSITIVE_INFINITY));
        return node;
    }

    private static double along(Piece bar, Joint.Side side) {
        return bar.at().inside(side.at()).x();
    }

    private List<Attachment> holds(Piece bar) {
        return bars.computeIfAbsent(bar, b -> {
            order.add(b);
            return new ArrayList<>();
        });
    }

    private int node(int group, Body body, Vec3 at) {
        return nodeOf.computeIfAbsent(find(group), g -> {
            nodes.add(new Spot(body, at));
            return nodes.size() - 1;
        });
    }

    private void weigh() {
        Map<Piece, Piece> carriers = new IdentityHashMap<>();
        assembly().nestings().stream().filter(n -> !n.inner().takesRoom() && bars.containsKey(n.outer()))
                .forEach(n -> carriers.put(n.inner(), n.outer()));
        for (Body body : assembly().bodies()) {
            MassProperties[] sums = {MassProperties.NONE, MassProperties.NONE};
            for (int i = 0; i < assembly().pieces().size(); i++) {
                Piece piece = assembly().pieces().get(i);
                Piece bar = carriers.get(piece);
                if (!piece.body().equals(body) || bars.containsKey(piece)) {
                    continue;
                }
                if (bar != null) {
                    onBars.add(new OnBar(bar, bar.at().inside(rig.mass(i).centre()).x(), rig.mass(i)));
                } else {
                    int gear = piece.station().equals(assembly().payload()) ? 1 : 0;
                    sums[gear] = sums[gear].plus(rig.mass(i));
                }
            }
            for (int gear = 0; gear < 2; gear++) {
                if (sums[gear].mass() > 0) {
                    masses.add(
                            new RigidMass(body, sums[gear], node(group(body), body, sums[gear].centre()), gear == 1));
                }
            }
        }
    }

    /** The frame in a pose. */
    Framed framed(Posed posed) {
        FrameModel.Builder frame = new FrameModel.Builder();
        for (Spot spot : nodes) {
            frame.node(posed.point(spot.body, spot.at));
        }
        List<Piece> pieces = new ArrayList<>();
        List<Framed.End> ends = new ArrayList<>();
        List<Framed.Held> held = new ArrayList<>();
        for (Piece bar : order) {
            addBar(frame, posed, bar, bars.get(bar), pieces, ends, held);
        }
        for (Link link : links) {
            Vec3 at = posed.at(link.joint);
            frame.spring(new FrameModel.Spring(link.inner, link.outer, at.minus(frame.at(link.inner)),
                    at.minus(frame.at(link.outer)), posed.axis(link.joint), link.joint.stiffness().rotational()));
        }
        List<Contact> bearing = new ArrayList<>();
        for (Foot foot : feet) {
            double k = foot.contact.stiffness();
            if (posed.bears(foot.contact)) {
                frame.support(new Support(foot.group, posed.at(foot.contact).minus(frame.at(foot.group)),
                        foot.contact.surface().normal(), k, SIDEWAYS * k, foot.contact.pushesOnly()));
                bearing.add(foot.contact);
            }
        }
        for (int i = 0; i < hooks.size(); i++) {
            pull(frame, posed, assembly().ties().get(i), hooks.get(i));
        }
        List<LumpedMass> gear = new ArrayList<>();
        for (RigidMass mass : masses) {
            add(frame, posed, mass, gear);
        }
        posed.rig().spareMass()
                .ifPresent(spare -> add(frame, posed, new RigidMass(assembly().bodies().get(spare.body()),
                        spare.properties(), camera, true), gear));
        return new Framed(frame.build(patterns), pieces, ends, camera, posed.mount().minus(frame.at(camera)), gear,
                bearing, held);
    }

    private static void add(FrameModel.Builder frame, Posed posed, RigidMass mass, List<LumpedMass> gear) {
        MassProperties placed = mass.properties.placed(posed.place(mass.body));
        frame.mass(mass.node, placed);
        if (mass.gear) {
            gear.add(new LumpedMass(mass.node, placed.seenFrom(frame.at(mass.node))));
        }
    }

    /** A tie pulls along its stretches on everything it is hooked to or runs over. */
    private static void pull(FrameModel.Builder frame, Posed posed, Tie tie, List<Integer> nodes) {
        double pull = posed.ties().pull(tie);
        if (pull == 0) {
            return;
        }
        List<Vec3> path = posed.ties().path(tie);
        for (int i = 0; i < path.size(); i++) {
            if (nodes.get(i) != GROUND) {
                frame.force(nodes.get(i), path.get(i), Ties.along(path, i).times(pull));
            }
        }
    }

    private void addBar(FrameModel.Builder frame, Posed posed, Piece bar, List<Attachment> holds, List<Piece> pieces,
            List<Framed.End> ends, List<Framed.Held> held) {
        Placement place = posed.place(bar);
        Solid.Bar solid = (Solid.Bar) bar.solid();
        List<Attachment> along = new ArrayList<>(holds.size());
        for (Attachment hold : holds) {
            along.add(Double.isNaN(hold.at)
                    ? new Attachment(place.inside(posed.at(hold.joint)).x(), hold.group, hold.joint, hold.stiffness,
                            null)
                    : hold);
        }
        along.sort(Comparator.comparingDouble(Attachment::at));
        for (OnBar thing : onBars) {
            if (thing.bar == bar) {
                frame.mass(nearest(along, thing.at).group, thing.properties.placed(posed.place(bar.body())));
            }
        }
        rest(frame, place, bar, along.getFirst().group, 0, along.getFirst().at);
        for (int i = 0; i + 1 < along.size(); i++) {
            Attachment a = along.get(i);
            Attachment b = along.get(i + 1);
            if (a.group != b.group && b.at - a.at < SAME) {
                link(frame, posed, place.point(new Vec3(a.at, 0, 0)), a, b);
                rest(frame, place, bar, a.group, a.at, b.at);
                continue;
            }
            if (a.group == b.group) {
                rest(frame, place, bar, a.group, a.at, b.at);
                continue;
            }
            Vec3 from = place.point(new Vec3(a.at, 0, 0));
            Vec3 to = place.point(new Vec3(b.at, 0, 0));
            int member = pieces.size();
            frame.member(new Member(bar.station().id() + "/" + bar.name() + " " + member, a.group, b.group,
                    from.minus(frame.at(a.group)), to.minus(frame.at(b.group)), solid.section(), bar.material(),
                    place.z(), i == 0 ? fixity(posed, place, a) : EndFixity.RIGID,
                    i + 2 == along.size() ? fixity(posed, place, b) : EndFixity.RIGID));
            pieces.add(bar);
            if (a.by != null) {
                held.add(new Framed.Held(a.by, member, false));
            }
            if (b.by != null) {
                held.add(new Framed.Held(b.by, member, true));
            }
            if (a.joint != null) {
                ends.add(new Framed.End(a.joint, member, false, a.at));
            }
            if (b.joint != null) {
                ends.add(new Framed.End(b.joint, member, true, b.at));
            }
        }
        rest(frame, place, bar, along.getLast().group, along.getLast().at, solid.length());
    }

    private static Attachment nearest(List<Attachment> along, double at) {
        Attachment nearest = along.getFirst();
        for (Attachment other : along) {
            nearest = Math.abs(other.at - at) < Math.abs(nearest.at - at) ? other : nearest;
        }
        return nearest;
    }

    /** Two attachments at one place of a bar, as where a carriage passes a pulley, hold each other there. */
    private static void link(FrameModel.Builder frame, Posed posed, Vec3 at, Attachment a, Attachment b) {
        Attachment gives = a.stiffness < b.stiffness ? a : b;
        Vec3 axis = gives.joint == null ? Vec3.UP : posed.axis(gives.joint);
        frame.spring(new FrameModel.Spring(a.group, b.group, at.minus(frame.at(a.group)), at.minus(frame.at(b.group)),
                axis, gives.stiffness));
    }

    /** The end of a bar that carries nothing hangs on as a stiff mass. */
    private static void rest(FrameModel.Builder frame, Placement place, Piece bar, int group, double from, double to) {
        double length = to - from;
        if (length > 1e-9) {
            Section section = ((Solid.Bar) bar.solid()).section();
            double density = bar.material().density();
            double mass = section.lineMass(bar.material()) * length;
            frame.mass(group, MassProperties.principal(mass, place.point(new Vec3((from + to) / 2, 0, 0)), place,
                    mass * length * length / 12, density * length * section.secondMomentZ(),
                    density * length * section.secondMomentY()));
        }
    }

    private static EndFixity fixity(Posed posed, Placement bar, Attachment hold) {
        if (Double.isInfinite(hold.stiffness)) {
            return EndFixity.RIGID;
        }
        Vec3 axis = posed.axis(hold.joint);
        double inf = Double.POSITIVE_INFINITY;
        double x = Math.abs(axis.dot(bar.x()));
        double y = Math.abs(axis.dot(bar.y()));
        double z = Math.abs(axis.dot(bar.z()));
        return y >= x && y >= z
                ? new EndFixity(inf, hold.stiffness, inf)
                : z >= x ? new EndFixity(inf, inf, hold.stiffness) : new EndFixity(hold.stiffness, inf, inf);
    }
}
