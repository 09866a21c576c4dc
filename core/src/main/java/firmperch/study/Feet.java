package firmperch.study;

import firmperch.body.Body;
import firmperch.body.Contact;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.place.Room;
import firmperch.pose.CellBounds;
import firmperch.pose.Posed;
import firmperch.stability.Footing;
import firmperch.stability.Slope;
import firmperch.stability.SupportPolygon;
import java.util.ArrayList;
import java.util.List;

/** Where a posed rig touches what it stands on; in a cell of poses only what touches in every one of them. */
public final class Feet {
    private final Study study;
    private final Posed posed;
    private final CellBounds cell;
    private double ground = Double.NaN;

    /** @param cell of poses around it; null for the one */
    Feet(Study study, Posed posed, CellBounds cell) {
        this.study = study;
        this.posed = posed;
        this.cell = cell;
    }

    /**
     * All that touch.
     *
     * @param rolling true with all brakes off, false as they are set
     */
    public List<Footing> all(boolean rolling) {
        List<Footing> list = new ArrayList<>();
        for (Contact contact : study.assembly().contacts()) {
            if (contact.pushesOnly() && contact.surface().carries() && bears(contact)) {
                Contact c = rolling && contact instanceof Contact.Caster caster ? caster.rolling() : contact;
                list.add(new Footing(floor(posed.pivot(c)), floor(posed.at(c)), c.roam(), c.stiffness(), c.rating()));
            }
        }
        return list;
    }

    private boolean bears(Contact contact) {
        if (study.feetStay()) {
            return posed.bears(contact);
        }
        // What is lifted is measured from the lowest foot, which may sink as this one rises.
        double sinks = study.assembly().contacts().stream().mapToDouble(c -> rise(c.body())).max().orElse(0);
        return posed.lifted(contact) + rise(contact.body()) + sinks <= Posed.LIFTED;
    }

    private double rise(Body body) {
        return cell == null || study.feetStay() ? 0 : cell.rise(body);
    }

    /** Height of the lowest surface that it stands on, m; 0 where it stands on none. */
    public synchronized double ground() {
        if (Double.isNaN(ground)) {
            ground = study.feetStay() ? study.ground() : groundNow();
        }
        return ground;
    }

    double groundNow() {
        double least = Double.POSITIVE_INFINITY;
        for (Contact contact : study.assembly().contacts()) {
            if (contact.surface().carries()) {
                least = Math.min(least, posed.at(contact).z() - rise(contact.body()));
            }
        }
        return Double.isInfinite(least) ? 0 : least;
    }

    /** A point with its height measured from {@link #ground}. */
    public Vec3 aboveGround(Vec3 point) {
        return new Vec3(point.x(), point.y(), point.z() - ground());
    }

    /** How the floor tilts it: what rolls may be turned, so for that whichever way is worst; nothing else is tilted. */
    Slope slope(SupportPolygon support) {
        if (study.fixedTo(Surface.FLOOR).isEmpty()) {
            return Slope.anyWay(0);
        }
        Room room = study.project().place().room();
        double uneven = room.ground().uneven();
        double rocks = uneven > 0 && support.narrowest() > 0 ? Math.atan2(uneven, support.narrowest()) : 0;
        return new Slope(room.slope(), study.rolls() || !room.ground().falls().known()
                ? Vec3.ZERO
                : Vec3.X.turned(room.ground().falls().direction() - study.project().stance().heading()), rocks);
    }

    private static Vec3 floor(Vec3 p) {
        return new Vec3(p.x(), p.y(), 0);
    }

    /** How far a joint can move any foot in a cell of poses, m; 0 in one pose. */
    public double move() {
        double most = 0;
        if (cell != null && !study.feetStay()) {
            for (Contact contact : study.assembly().contacts()) {
                most = Math.max(most, cell.of(contact.body()));
            }
        }
        return most;
    }
}
