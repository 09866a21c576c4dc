package firmperch.pose;

import firmperch.body.Assembly;
import firmperch.body.Body;
import firmperch.body.Contact;
import firmperch.body.Fastening;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.MassProperties;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Stiffness;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.frame.BlockPattern;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * The pattern of a rig's space frame, the same in every pose; {@link FrameInPose} puts it where a pose has it. Bars that something takes hold of can bend and become
 * members, split where they are held. Everything else of a body is stiff and becomes one node with rigid offsets.
 * Bodies connected by joints that do not give are stiff together. A joint that gives is a hinge or a spring at the
 * end of a member, or a spring between two nodes.
 */
final class Skeleton {
    /**
     * A place where a joint or a fastening takes hold of a bar.
     *
     * @param at along the bar, m; NaN where it depends on the pose
     * @param joint what takes hold; null for a fastening
     * @param stiffness against turning about the joint's axis, N·m/rad
     * @param by the fastening; null for a joint
     */
    record Attachment(double at, int group, Joint joint, double stiffness, Fastening by) {
        Attachment(double at, int group, Joint joint, double stiffness) {
            this(at, group, joint, stiffness, null);
        }
    }

    /** The stiff pieces of a body as one mass, and the node that carries it. */
    record RigidMass(Body body, MassProperties properties, int node, boolean gear) {}

    /** From the start of a bar to its end; what depends on the pose comes last. */
    static final Comparator<Attachment> FROM_START = Comparator.comparingDouble(Attachment::at);

    /** A small thing on a bar, carried by the nearest attachment of the bar. */
    record OnBar(Piece bar, double at, MassProperties properties) {}

    /** A joint that gives between two nodes: on a spring about its axis, N·m/rad, and on one along it, N/m. */
    record Link(int inner, int outer, Joint joint, double stiffness, double along) {}

    /** A place where it stands or is fixed, and the node there; {@link #GROUND} where nothing of the rig is. */
    record Foot(Contact contact, int group) {}

    /**
     * Attachments of a bar nearer to each other than this count as one, m. Smaller than anything that takes hold, and
     * large enough that the short member between stays well conditioned (its stiffness grows with 1/ℓ³).
     */
    static final double SAME = 2e-3;
    /**
     * What keeps each of several wheels of what runs along a rail, N/m: soft beside a rail (some 10⁷ N/m), so that what hangs there does not
     * brace it, and stiff enough that a touch moves it by less than a tenth of a millimetre.
     */
    private static final double KEEPS = 2e4;
    /** Stands for the place instead of a node. */
    static final int GROUND = -1;

    /** The place of a node: a point of a body. */
    record Spot(Body body, Vec3 at) {}

    private final Rig rig;
    private final Stiffness.End end;
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
    private final List<BendingSheet> sheets = new ArrayList<>();
    private final BlockPattern.Cache patterns = new BlockPattern.Cache();
    private List<Integer> nodesOfBodies;
    private int camera;

    private Skeleton(Rig rig, Stiffness.End end) {
        this.rig = rig;
        this.end = end;
    }

    /** Of a rig whose joints are as stiff as that end of what is known of them. */
    static Skeleton of(Rig rig, Stiffness.End end) {
        Skeleton skeleton = new Skeleton(rig, end);
        rig.assembly().bending().forEach(b -> skeleton.sheets.add(new BendingSheet(b)));
        skeleton.merge();
        skeleton.hold();
        skeleton.weigh();
        skeleton.sheets.forEach(BendingSheet::found);
        skeleton.bars.values().forEach(holds -> holds.sort(FROM_START));
        skeleton.nodesOfBodies = rig.assembly().bodies().stream()
                .map(b -> skeleton.nodeOf.getOrDefault(skeleton.group(b), -1)).toList();
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
            boolean stiff = Double.isInfinite(joint.stiffness().rotational().typical());
            boolean bends = sheet(group(joint.inner().body())) != null || sheet(group(joint.outer().body())) != null;
            if (stiff && !bends && joint.inner().through().isEmpty() && joint.outer().through().isEmpty()) {
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
        double k = joint.stiffness().rotational().at(end);
        Body body = joint.outer().body();
        if (inner.isEmpty() && outer.isEmpty()) {
            link(joint, k);
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
        if (runs(joint)) {
            // Wheels hold it in the rail; what little keeps it along the rail must not brace the rail by what hangs on it.
            int free = merged.size();
            merged.add(free);
            int wheel = node(free, joint.outer().body(), joint.outer().at());
            links.add(new Link(wheel, node, joint, k, KEEPS));
            node = wheel;
        }
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

    /** True for one of several wheels of a freedom that run along level bars. */
    private boolean runs(Joint joint) {
        return joint.slides() && !rig.lifts(assembly().freedoms().indexOf(joint.freedom()))
                && !joint.inner().through().isEmpty() && joint.outer().through().isEmpty()
                && assembly().joints().stream().filter(j -> joint.freedom().equals(j.freedom())).allMatch(
                        j -> j.hold() instanceof Hold.Free || j.hold() instanceof Hold.Brake)
                && assembly().joints().stream().filter(j -> joint.freedom().equals(j.freedom())).count() > 1;
    }

    /** A joint between stiff parts that gives, or that holds on to a sheet that bends. */
    private void link(Joint joint, double k) {
        Body body = joint.outer().body();
        if (group(joint.inner().body()) == group(body)) {
            return;
        }
        int inner = node(group(joint.inner().body()), body, joint.outer().at());
        int outer = node(group(body), body, joint.outer().at());
        // Two joints in one place, as a bearing and its brake, hold as one.
        if (links.stream().noneMatch(l -> l.inner == inner && l.outer == outer)) {
            links.add(new Link(inner, outer, joint, k, Double.POSITIVE_INFINITY));
        }
    }

    /** The sheet that a group of bodies is, if it bends. */
    private BendingSheet sheet(int group) {
        for (BendingSheet sheet : sheets) {
            if (group(sheet.body()) == group) {
                return sheet;
            }
        }
        return null;
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
        BendingSheet sheet = sheet(find(group));
        if (sheet != null) {
            return sheet.node(new Spot(body, at), nodes);
        }
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
                    BendingSheet sheet = sheet(group(body));
                    masses.add(new RigidMass(body, sums[gear], sheet == null
                            ? node(group(body), body, sums[gear].centre())
                            : sheet.weight(nodes), gear == 1));
                }
            }
        }
    }

    /** The frame in a pose. */
    Framed framed(Posed posed) {
        return new FrameInPose(this, posed).framed();
    }

    Rig rig() {
        return rig;
    }

    /** Where its nodes are, in their order. */
    List<Spot> nodes() {
        return nodes;
    }

    /** Bars that become members, in the order in which something took hold of them. */
    List<Piece> bars() {
        return order;
    }

    /** Where something takes hold of a bar. */
    List<Attachment> attachments(Piece bar) {
        return bars.get(bar);
    }

    /** Small things carried by bars. */
    List<OnBar> onBars() {
        return onBars;
    }

    List<BendingSheet> sheets() {
        return sheets;
    }

    List<Link> links() {
        return links;
    }

    List<Foot> feet() {
        return feet;
    }

    /** The nodes that each tie pulls at, in the ties' order; none for a tie that is slack by its nature. */
    List<List<Integer>> hooks() {
        return hooks;
    }

    List<RigidMass> masses() {
        return masses;
    }

    /** For each body the node that its stiff part hangs on; −1 where it has none of its own. */
    List<Integer> nodesOfBodies() {
        return nodesOfBodies;
    }

    /** The node that carries the camera. */
    int camera() {
        return camera;
    }

    /** What is known of the matrices of its frames. */
    BlockPattern.Cache patterns() {
        return patterns;
    }
}
