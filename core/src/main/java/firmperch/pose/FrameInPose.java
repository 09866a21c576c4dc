package firmperch.pose;

import firmperch.body.Contact;
import firmperch.body.MassProperties;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.frame.EndFixity;
import firmperch.frame.FrameModel;
import firmperch.frame.FrameModel.LumpedMass;
import firmperch.frame.FrameModel.Member;
import firmperch.frame.FrameModel.Support;
import firmperch.pose.Skeleton.Attachment;
import firmperch.pose.Skeleton.RigidMass;
import firmperch.stock.Section;
import java.util.ArrayList;
import java.util.List;

/** Makes the space frame of one pose from a rig's {@link Skeleton}. */
final class FrameInPose {
    /** Sideways stiffness of a foot as a share of its upright stiffness; gravity alone hardly uses it. */
    private static final double SIDEWAYS = 0.5;

    private final Skeleton skeleton;
    private final Posed posed;
    private final FrameModel.Builder frame = new FrameModel.Builder();
    private final List<Piece> pieces = new ArrayList<>();
    private final List<Framed.End> ends = new ArrayList<>();
    private final List<Framed.Held> held = new ArrayList<>();

    FrameInPose(Skeleton skeleton, Posed posed) {
        this.skeleton = skeleton;
        this.posed = posed;
    }

    /** The whole of it; to be asked for once. */
    Framed framed() {
        skeleton.nodes().forEach(spot -> frame.node(posed.point(spot.body(), spot.at())));
        skeleton.bars().forEach(this::bar);
        for (Skeleton.Link link : skeleton.links()) {
            Vec3 at = posed.at(link.joint());
            frame.spring(new FrameModel.Spring(link.inner(), link.outer(), at.minus(frame.at(link.inner())),
                    at.minus(frame.at(link.outer())), posed.axis(link.joint()), link.stiffness(), link.along()));
        }
        skeleton.sheets().forEach(sheet -> sheet.addTo(frame, posed));
        List<Contact> bearing = new ArrayList<>();
        for (Skeleton.Foot foot : skeleton.feet()) {
            Contact contact = foot.contact();
            double k = contact.stiffness();
            if (posed.bears(contact)) {
                frame.support(new Support(foot.group(), posed.at(contact).minus(frame.at(foot.group())),
                        contact.surface().normal(), k, SIDEWAYS * k, contact.pushesOnly()));
                bearing.add(contact);
            }
        }
        for (int i = 0; i < skeleton.hooks().size(); i++) {
            pull(skeleton.rig().assembly().ties().get(i), skeleton.hooks().get(i));
        }
        List<LumpedMass> gear = new ArrayList<>();
        skeleton.masses().forEach(mass -> add(mass, gear));
        int camera = skeleton.camera();
        // The spare belongs to the rig that is posed, which may carry more than the one that the skeleton was made of.
        posed.rig().spareMass().ifPresent(spare -> add(
                new RigidMass(skeleton.rig().assembly().bodies().get(spare.body()), spare.properties(), camera, true),
                gear));
        return new Framed(frame.build(skeleton.patterns()), pieces, ends, camera,
                posed.mount().minus(frame.at(camera)), gear, bearing, held, skeleton.nodesOfBodies());
    }

    private void add(RigidMass mass, List<LumpedMass> gear) {
        LumpedMass lump = frame.lump(mass.node(), mass.properties(), posed.place(mass.body()));
        frame.mass(lump);
        if (mass.gear()) {
            gear.add(lump);
        }
    }

    /** A tie pulls along its stretches on everything it is hooked to or runs over. */
    private void pull(Tie tie, List<Integer> nodes) {
        double pull = posed.ties().pull(tie);
        if (pull == 0) {
            return;
        }
        List<Vec3> path = posed.ties().path(tie);
        for (int i = 0; i < path.size(); i++) {
            if (nodes.get(i) != Skeleton.GROUND) {
                frame.force(nodes.get(i), path.get(i), Ties.along(path, i).times(pull));
            }
        }
    }

    /** A member for each stretch of a bar between two attachments; what sticks out beyond them is a stiff mass. */
    private void bar(Piece bar) {
        Placement place = posed.place(bar);
        List<Attachment> along = along(bar, place);
        for (Skeleton.OnBar thing : skeleton.onBars()) {
            if (thing.bar() == bar) {
                frame.mass(frame.lump(nearest(along, thing.at()).group(), thing.properties(), posed.place(bar.body())));
            }
        }
        rest(place, bar, along.getFirst().group(), 0, along.getFirst().at());
        for (int i = 0; i + 1 < along.size(); i++) {
            Attachment a = along.get(i);
            Attachment b = along.get(i + 1);
            if (a.group() != b.group() && b.at() - a.at() >= Skeleton.SAME) {
                member(place, bar, a, b, i == 0, i + 2 == along.size());
                continue;
            }
            if (a.group() != b.group()) {
                link(place.point(new Vec3(a.at(), 0, 0)), a, b);
            }
            rest(place, bar, a.group(), a.at(), b.at());
        }
        rest(place, bar, along.getLast().group(), along.getLast().at(), ((Solid.Bar) bar.solid()).length());
    }

    /** The attachments of a bar from its start to its end. */
    private List<Attachment> along(Piece bar, Placement place) {
        List<Attachment> known = skeleton.attachments(bar);
        if (!Double.isNaN(known.getLast().at())) {
            return known;
        }
        List<Attachment> along = new ArrayList<>(known.size());
        for (Attachment hold : known) {
            along.add(Double.isNaN(hold.at())
                    ? new Attachment(place.inside(posed.at(hold.joint())).x(), hold.group(), hold.joint(),
                            hold.stiffness(), null)
                    : hold);
        }
        along.sort(Skeleton.FROM_START);
        return along;
    }

    /** A member between two attachments; only at the ends of the bar can it turn against what holds it. */
    private void member(Placement place, Piece bar, Attachment a, Attachment b, boolean first, boolean last) {
        Vec3 from = place.point(new Vec3(a.at(), 0, 0));
        Vec3 to = place.point(new Vec3(b.at(), 0, 0));
        int member = pieces.size();
        frame.member(new Member(bar.name(), a.group(), b.group(),
                from.minus(frame.at(a.group())), to.minus(frame.at(b.group())), ((Solid.Bar) bar.solid()).section(),
                bar.material(), place.z(), first ? fixity(place, a) : EndFixity.RIGID,
                last ? fixity(place, b) : EndFixity.RIGID));
        pieces.add(bar);
        end(a, member, false);
        end(b, member, true);
    }

    private void end(Attachment hold, int member, boolean far) {
        if (hold.by() != null) {
            held.add(new Framed.Held(hold.by(), member, far));
        }
        if (hold.joint() != null) {
            ends.add(new Framed.End(hold.joint(), member, far, hold.at()));
        }
    }

    private void spring(int from, int to, Vec3 at, Vec3 axis, double stiffness) {
        frame.spring(
                new FrameModel.Spring(from, to, at.minus(frame.at(from)), at.minus(frame.at(to)), axis, stiffness));
    }

    private static Attachment nearest(List<Attachment> along, double at) {
        Attachment nearest = along.getFirst();
        for (Attachment other : along) {
            nearest = Math.abs(other.at() - at) < Math.abs(nearest.at() - at) ? other : nearest;
        }
        return nearest;
    }

    /** Two attachments at one place of a bar, as where a carriage passes a pulley, hold each other there. */
    private void link(Vec3 at, Attachment a, Attachment b) {
        Attachment gives = a.stiffness() < b.stiffness() ? a : b;
        spring(a.group(), b.group(), at, gives.joint() == null ? Vec3.UP : posed.axis(gives.joint()),
                gives.stiffness());
    }

    /** The end of a bar that carries nothing hangs on as a stiff mass. */
    private void rest(Placement place, Piece bar, int group, double from, double to) {
        double length = to - from;
        if (length > 1e-9) {
            Section section = ((Solid.Bar) bar.solid()).section();
            double density = bar.material().density();
            double mass = section.lineMass(bar.material()) * length;
            frame.mass(frame.lump(group, MassProperties.principal(mass, new Vec3((from + to) / 2, 0, 0),
                    mass * length * length / 12, density * length * section.secondMomentZ(),
                    density * length * section.secondMomentY()), place));
        }
    }

    private EndFixity fixity(Placement bar, Attachment hold) {
        if (Double.isInfinite(hold.stiffness())) {
            return EndFixity.RIGID;
        }
        Vec3 axis = posed.axis(hold.joint());
        double inf = Double.POSITIVE_INFINITY;
        double x = Math.abs(axis.dot(bar.x()));
        double y = Math.abs(axis.dot(bar.y()));
        double z = Math.abs(axis.dot(bar.z()));
        return y >= x && y >= z
                ? new EndFixity(inf, hold.stiffness(), inf)
                : z >= x ? new EndFixity(inf, inf, hold.stiffness()) : new EndFixity(hold.stiffness(), inf, inf);
    }
}
