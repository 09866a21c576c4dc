package firmperch.draw;

import firmperch.check.Situation;
import firmperch.draw.Shape.Anchor;
import firmperch.draw.Shape.Point;
import firmperch.draw.Shape.Side;
import firmperch.frame.Vec3;
import firmperch.pose.Contact;
import firmperch.pose.PosedRig;
import firmperch.project.Place;
import firmperch.rig.CastBox;
import firmperch.rig.LevelArm;
import firmperch.rig.PinnedPost;
import firmperch.shot.Framing;
import firmperch.shot.Shot;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.Optional;

/** The room and the perch seen from the right-hand side of the bench: room x to the right, height up. */
public final class SideView {
    private final Situation s;
    private final PosedRig posed;
    private final Drawing.Builder out = new Drawing.Builder();

    private SideView(Situation s) {
        this.s = s;
        this.posed = s.posed();
    }

    /**
     * Draws it.
     *
     * @param ghost another pose to show faintly behind, if any
     * @param wholeRoom true to show all of the room up to its ceiling, false to come closer to the perch
     */
    public static Drawing of(Situation situation, Optional<Ghost> ghost, boolean wholeRoom) {
        SideView view = new SideView(situation);
        Place place = situation.project().place();
        double right = wholeRoom
                ? place.roomDepth()
                : Math.min(place.roomDepth(), Math.max(place.benchFrom() + place.benchDepth() + 0.15,
                        view.at(situation.posed().mount()).x() + 0.3));
        double top = wholeRoom ? place.ceiling() + 0.06 : Math.max(situation.posed().top() + 0.12, 1.2);
        view.room(right, top);
        ghost.ifPresent(view::ghost);
        view.base();
        view.post();
        view.arm();
        view.camera();
        view.tipLine();
        view.dimensions();
        return view.out.build(-0.18, -0.10, right, top);
    }

    private Point at(Vec3 inPerch) {
        Vec3 room = s.inRoom(inPerch);
        return new Point(room.x(), room.z());
    }

    private static Point up(Point p, double dz) {
        return new Point(p.x(), p.y() + dz);
    }

    private String length(double metres) {
        return s.show(Quantity.LENGTH, metres);
    }

    private void room(double right, double top) {
        Place place = s.project().place();
        // Half metres, or every two feet.
        double step = s.project().units() == UnitSystem.METRIC ? 0.5 : 24 * 0.0254;
        for (double z = step; z < Math.min(top, place.ceiling()); z += step) {
            out.path(Ink.GRID, new Point(0, z), new Point(right, z));
            out.label(Ink.HINT, new Point(0.01, z + 0.035), Anchor.RIGHT,
                    Quantity.LENGTH.bare(z, s.project().units()));
        }
        out.box(Ink.ROOM, -0.03, 0, 0, top);
        out.box(Ink.ROOM, -0.03, -0.02, right, 0);
        if (place.ceiling() <= top) {
            out.box(Ink.ROOM, -0.03, place.ceiling(), right, place.ceiling() + 0.02);
            out.label(Ink.HINT, new Point(0.01, place.ceiling() - 0.06), Anchor.RIGHT,
                    "ceiling " + length(place.ceiling()));
            out.box(Ink.WALKWAY, 0, 0, place.walkway(), place.ceiling());
            out.label(Ink.HINT, new Point(right, place.ceiling() - 0.06), Anchor.LEFT,
                    "walkway " + length(place.walkway()) + ", floor slopes " + s.show(Quantity.ANGLE, place.slope()));
        }
        double x0 = place.benchFrom();
        double x1 = x0 + place.benchDepth();
        double under = place.benchHeight() - place.benchTop();
        out.box(Ink.BENCH, x0 + 0.06, 0, x0 + 0.12, under);
        out.box(Ink.BENCH, x1 - 0.12, 0, x1 - 0.06, under);
        out.box(Ink.BENCH, x0, under, x1, place.benchHeight());
        Shot shot = s.project().shot();
        if (shot.height() > 0) {
            Vec3 centre = s.shotCentre();
            out.box(Ink.WORK, centre.x() - 0.11, place.benchHeight(), centre.x() + 0.11, centre.z());
        }
    }

    private void base() {
        CastBox box = posed.box();
        double mid = at(Vec3.ZERO).x();
        double turned = Math.abs(Math.cos(s.project().stance().heading()))
                + Math.abs(Math.sin(s.project().stance().heading()));
        for (Contact contact : posed.contacts()) {
            Point foot = at(contact.point());
            out.bar(Ink.POST, new Point(at(contact.pivot()).x(), box.casterHeight()),
                    up(foot, box.casterDiameter() / 2), 0.016, 0);
            out.disc(Ink.WHEEL, up(foot, box.casterDiameter() / 2), box.casterDiameter() / 2);
        }
        double board = box.boardSide() / 2 * turned;
        double side = box.side() / 2 * turned;
        double floor = box.casterHeight() + box.board();
        out.box(Ink.BOARD, mid - board, box.casterHeight(), mid + board, floor);
        out.box(Ink.BOX, mid - side, floor, mid + side, box.topHeight());
        if (box.fill() > 0) {
            out.box(Ink.CONCRETE, mid - side + box.wall(), box.footHeight(), mid + side - box.wall(),
                    box.footHeight() + box.fill());
        }
    }

    private void post() {
        PinnedPost post = posed.post();
        Point foot = at(posed.foot());
        double half = post.postStock().section().depth() / 2;
        out.box(Ink.POST, foot.x() - half, foot.y(), foot.x() + half, foot.y() + post.length());
        for (int i = 0; i < post.holes(); i++) {
            out.disc(Ink.HOLE, up(foot, post.holeHeight(i)), post.pin() / 2 + 0.002);
        }
    }

    private void arm() {
        LevelArm arm = posed.arm();
        Point inner = at(posed.innerMiddle());
        Point outer = at(posed.outerMiddle());
        Point seat = at(posed.seat());
        double half = posed.carriage().width() / 2;
        double plate = arm.plateHeight() / 2;
        double forward = Math.signum(at(posed.mount()).x() - seat.x());
        double end = Math.abs(at(posed.mount()).x() - outer.x());
        double shown = Math.max(0.03, Math.min(1, end / Math.max(arm.overhang(), 1e-6)) * arm.stickDepth());
        out.box(Ink.PLATE, Math.min(seat.x(), inner.x()) - 0.01, inner.y() - plate,
                Math.max(seat.x(), inner.x()) + 0.025, inner.y() + plate);
        double a = arm.plateSpacing() / 2;
        double past = Math.min(arm.endDistance(), 0.06);
        out.bar(Ink.STICK, up(inner, a), up(outer, a), arm.stickDepth(), past);
        out.bar(Ink.STICK, up(inner, -a), up(outer, -a), arm.stickDepth(), past);
        Point head = at(posed.mount());
        out.box(Ink.PLATE, Math.min(outer.x() - forward * shown, head.x() + forward * shown), outer.y() - plate,
                Math.max(outer.x() - forward * shown, head.x() + forward * shown), outer.y() + plate);
        out.box(Ink.CARRIAGE, seat.x() - half, seat.y(), seat.x() + half, seat.y() + posed.carriage().height());
        for (double side : new double[]{-a, a}) {
            out.disc(Ink.PIVOT, up(inner, side), arm.boltSize().diameter());
            out.disc(Ink.PIVOT, up(outer, side), arm.boltSize().diameter());
        }
        out.bar(Ink.HOLE, new Point(seat.x() - half - 0.02, seat.y()), new Point(seat.x() + half + 0.02, seat.y()),
                posed.post().pin(), 0);
    }

    private void camera() {
        Shot shot = s.project().shot();
        Point mount = at(posed.mount());
        Point sensor = at(posed.sensor());
        double hang = mount.y() + s.project().perch().head().drop();
        out.bar(Ink.HEAD, new Point(mount.x(), hang), mount, 0.035, 0);
        Framing framing = shot.framing();
        double work = s.shotCentre().z();
        double distance = s.sensorDistance();
        if (distance > shot.lensLength()) {
            double seen = seen();
            Point front = up(sensor, -shot.lensLength());
            out.area(Ink.SIGHT, front, new Point(front.x() - seen / 2, work), new Point(front.x() + seen / 2, work));
            out.path(Ink.SIGHT_EDGE, new Point(front.x() - seen / 2, work), new Point(front.x() + seen / 2, work));
            out.label(Ink.SIGHT_EDGE, new Point(front.x() + seen / 2, work), Anchor.RIGHT,
                    "sees " + Quantity.LENGTH.bare(framing.widthAt(distance), s.project().units()) + " × "
                            + length(framing.depthAt(distance)));
        }
        out.box(Ink.CAMERA, sensor.x() - 0.065, sensor.y() - 0.03, sensor.x() + 0.065,
                Math.max(mount.y(), sensor.y() + 0.02));
        out.box(Ink.LENS, sensor.x() - 0.032, sensor.y() - shot.lensLength(), sensor.x() + 0.032, sensor.y() - 0.03);
    }

    private void ghost(Ghost ghost) {
        Situation other = ghost.situation();
        SideView view = new SideView(other);
        LevelArm arm = other.posed().arm();
        Point inner = view.at(other.posed().innerMiddle());
        Point outer = view.at(other.posed().outerMiddle());
        Point mount = view.at(other.posed().mount());
        double a = arm.plateSpacing() / 2;
        out.path(Ink.GHOST, up(inner, a), up(outer, a), up(outer, -a), up(inner, -a), up(inner, a));
        out.path(Ink.GHOST, outer, new Point(mount.x(), outer.y()), mount);
        out.disc(Ink.GHOST, mount, 0.05);
        out.label(Ink.GHOST, new Point(mount.x() + 0.05, mount.y()), Anchor.RIGHT, ghost.why());
    }

    /** Width of what the camera sees, as it appears from the side, m. */
    private double seen() {
        Shot shot = s.project().shot();
        Framing framing = shot.framing();
        double distance = s.sensorDistance();
        double across = shot.alongArm() ? framing.widthAt(distance) : framing.depthAt(distance);
        double other = shot.alongArm() ? framing.depthAt(distance) : framing.widthAt(distance);
        double direction = posed.swing() + s.project().stance().heading();
        return Math.abs(Math.cos(direction)) * across + Math.abs(Math.sin(direction)) * other;
    }

    /** From the centre of mass to the edge it would go over, on the side the arm points to. */
    private void tipLine() {
        Vec3 centre = posed.centre();
        boolean right = at(posed.mount()).x() >= at(Vec3.ZERO).x();
        double direction = (right ? 0 : Math.PI) - s.project().stance().heading();
        double reach = s.support().along(centre, direction);
        Point mass = at(centre);
        if (reach > 0 && reach < 10) {
            Point edge = new Point(mass.x() + (right ? reach : -reach), 0);
            boolean good = s.lean(direction) - s.project().place().slope() >= s.project().policy().lean();
            Ink ink = good ? Ink.LEAN_GOOD : Ink.LEAN_SHORT;
            out.path(Ink.SUPPORT, edge, new Point(edge.x(), mass.y() + 0.12));
            out.path(ink, mass, edge);
            out.label(ink, new Point(edge.x(), mass.y() + 0.12), Anchor.RIGHT,
                    s.show(Quantity.ANGLE, s.lean(direction)));
        }
        out.balance(mass);
    }

    private void dimensions() {
        Point mount = at(posed.mount());
        Point axis = at(posed.seat());
        double high = Math.max(posed.innerMiddle().z(), posed.outerMiddle().z()) + posed.arm().plateHeight() / 2;
        out.dimension(new Point(axis.x(), high), new Point(mount.x(), high), Side.ABOVE,
                Quantity.LENGTH.bare(Math.abs(mount.x() - axis.x()), s.project().units()));
        double top = posed.foot().z() + posed.post().length();
        double left = at(Vec3.ZERO).x() - posed.box().boardSide() / 2;
        out.dimension(new Point(left, 0), new Point(left, top), Side.LEFT,
                Quantity.LENGTH.bare(top, s.project().units()));
        double front = posed.sensor().z() - s.project().shot().lensLength();
        double work = s.shotCentre().z();
        if (front > work) {
            double x = at(posed.sensor()).x() - seen() / 2 - 0.06;
            out.dimension(new Point(x, work), new Point(x, front), Side.ON,
                    Quantity.LENGTH.bare(front - work, s.project().units()));
        }
    }
}
