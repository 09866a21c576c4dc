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
import firmperch.shot.Framing;
import firmperch.shot.Shot;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The room and the perch from above: room x to the right, room y (left of the bench) up. */
public final class PlanView {
    private final Situation s;
    private final PosedRig posed;
    private final Drawing.Builder out = new Drawing.Builder();

    private PlanView(Situation s) {
        this.s = s;
        this.posed = s.posed();
    }

    /**
     * Draws it.
     *
     * @param ghost another pose to show faintly behind, if any
     */
    public static Drawing of(Situation situation, Optional<Ghost> ghost) {
        PlanView view = new PlanView(situation);
        Place place = situation.project().place();
        view.room();
        view.base();
        ghost.ifPresent(view::ghost);
        view.arm();
        view.out.balance(view.at(situation.posed().centre()));
        double reach = situation.posed().carriage().forward() + situation.posed().arm().linkLength()
                + situation.posed().arm().overhang();
        double y = situation.project().stance().y();
        double high = Math.max(place.benchWidth() / 2, y + reach) + 0.05;
        double low = Math.min(-place.benchWidth() / 2, y - reach) - 0.05;
        double right = Math.max(place.benchFrom() + place.benchDepth(), situation.project().stance().x() + reach);
        // Room at the left for the view's own title.
        return view.out.build(-0.55, low, Math.min(right + 0.05, place.roomDepth()), high);
    }

    private Point at(Vec3 inPerch) {
        Vec3 room = s.inRoom(inPerch);
        return new Point(room.x(), room.y());
    }

    private void room() {
        Place place = s.project().place();
        double wide = Math.max(place.benchWidth() / 2, Math.abs(s.project().stance().y()) + 0.9);
        out.box(Ink.WALKWAY, 0, -wide, place.walkway(), wide);
        out.box(Ink.ROOM, -0.05, -wide, 0, wide);
        double y = place.benchWidth() / 2;
        out.box(Ink.BENCH, place.benchFrom(), -y, place.benchFrom() + place.benchDepth(), y);
        out.label(Ink.HINT, new Point(place.benchFrom() + place.benchDepth() / 2, -y), Anchor.ABOVE, "bench");
        Shot shot = s.project().shot();
        Vec3 centre = s.shotCentre();
        out.area(Ink.WANTED, rectangle(new Point(centre.x(), centre.y()), shot.width(), shot.depth(),
                direction() + (shot.alongArm() ? 0 : Math.PI / 2)));
    }

    private double direction() {
        return posed.swing() + s.project().stance().heading();
    }

    private static List<Point> rectangle(Point centre, double width, double depth, double direction) {
        return Stream.of(new Vec3(width / 2, depth / 2, 0), new Vec3(-width / 2, depth / 2, 0),
                new Vec3(-width / 2, -depth / 2, 0), new Vec3(width / 2, -depth / 2, 0)).map(v -> v.turned(direction))
                .map(v -> new Point(centre.x() + v.x(), centre.y() + v.y())).toList();
    }

    private void base() {
        CastBox box = posed.box();
        Point middle = at(Vec3.ZERO);
        double heading = s.project().stance().heading();
        out.area(Ink.BOARD, rectangle(middle, box.boardSide(), box.boardSide(), heading));
        out.area(Ink.BOX, rectangle(middle, box.side(), box.side(), heading));
        out.area(Ink.CONCRETE, rectangle(middle, box.innerSide(), box.innerSide(), heading));
        for (Contact contact : posed.contacts()) {
            out.disc(Ink.SWING, at(contact.pivot()), box.casterTrail());
            out.disc(Ink.WHEEL, at(contact.point()), 0.016);
        }
        List<Point> support = s.support().corners().stream().map(this::at).toList();
        if (support.size() > 2) {
            out.area(Ink.SUPPORT, support);
        }
        Place place = s.project().place();
        double open = s.footprint().getEnvelopeInternal().getMinX();
        double y = middle.y() - box.boardSide() / 2 - 0.12;
        out.dimension(new Point(0, y), new Point(open, y), Side.ON, Quantity.LENGTH.bare(open, s.project().units()));
        boolean stays = open >= place.walkway();
        out.label(stays ? Ink.LEAN_GOOD : Ink.LEAN_SHORT, new Point(0.02, y - 0.09), Anchor.RIGHT,
                stays ? "walkway stays open" : "walkway closes");
    }

    private void arm() {
        LevelArm arm = posed.arm();
        Point middle = at(Vec3.ZERO);
        out.disc(Ink.SWING, middle, posed.mount().radius());
        Framing framing = s.project().shot().framing();
        double distance = s.sensorDistance();
        Point sensor = at(posed.sensor());
        if (distance > 0) {
            out.area(Ink.SIGHT, rectangle(sensor, framing.widthAt(distance), framing.depthAt(distance),
                    direction() + (s.project().shot().alongArm() ? 0 : Math.PI / 2)));
        }
        double width = 2 * arm.stickAside() + arm.stickThickness();
        out.bar(Ink.STICK, at(posed.innerMiddle()), at(posed.outerMiddle()), Math.max(width, 0.03), arm.endDistance());
        out.bar(Ink.PLATE, at(posed.outerMiddle()), at(posed.mount()), arm.plateThickness(), 0.02);
        double w = posed.carriage().width();
        out.area(Ink.CARRIAGE, rectangle(middle, w, w, direction()));
        out.disc(Ink.POST, middle, posed.post().postStock().section().depth() / 2);
        out.area(Ink.CAMERA, rectangle(sensor, 0.13, 0.08, direction() + Math.PI / 2));
        out.disc(Ink.LENS, sensor, 0.028);
    }

    private void ghost(Ghost ghost) {
        Situation other = ghost.situation();
        PlanView view = new PlanView(other);
        out.path(Ink.GHOST, view.at(other.posed().innerMiddle()), view.at(other.posed().mount()));
        out.disc(Ink.GHOST, view.at(other.posed().mount()), 0.05);
    }
}
