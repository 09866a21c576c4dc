package firmperch.draw;

import firmperch.body.Body;
import firmperch.body.Contact;
import firmperch.body.Freedom;
import firmperch.body.Joint;
import firmperch.body.Piece;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.check.RaisedQuestions;
import firmperch.draw.Shape.Anchor;
import firmperch.draw.Shape.Point;
import firmperch.draw.Shape.Side;
import firmperch.place.Bench;
import firmperch.place.Room;
import firmperch.study.Sight;
import firmperch.study.Situation;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Set;

/** The room and the rig from above: room x to the right, room y (left of the bench) up. */
public final class PlanView {
    /** A fixing as it is drawn, m. */
    private static final double SCREW = 0.02;

    private final Scene scene;
    private final Situation s;
    private final Drawing.Builder out = new Drawing.Builder();

    private PlanView(Scene scene) {
        this.scene = scene;
        this.s = scene.situation();
    }

    /** Draws it. */
    public static Drawing of(Scene scene) {
        PlanView view = new PlanView(scene);
        Situation s = scene.situation();
        Bench bench = s.project().place().bench();
        double reach = s.posed().mount().radius() + 0.05;
        double y = s.project().stance().y();
        double high = Math.max(bench.width() / 2, Math.max(y + reach, view.furthest(Vec3.Y))) + 0.05;
        double low = Math.min(-bench.width() / 2, Math.min(y - reach, -view.furthest(Vec3.Y.negated()))) - 0.05;
        double right = Math.max(bench.from() + bench.depth(),
                Math.max(s.project().stance().x() + reach, view.furthest(Vec3.X)));
        double seen = Math.min(right + 0.05, s.project().place().room().depth());
        view.room(low, high, seen);
        scene.ghosts().forEach(view::ghost);
        new Projection(s, View.ABOVE).draw(view.out);
        view.overlay();
        if (!s.project().perch().none()) {
            view.out.balance(view.at(s.posed().centre()));
        }
        Measures.draw(view.out, scene, View.ABOVE);
        // Room at the left for the view's own title.
        return view.out.build(-0.55, low, seen, high);
    }

    /** How far anything of it reaches in a direction of the room, m. */
    private double furthest(Vec3 direction) {
        Vec3 own = s.turnedBack(direction);
        return s.study().assembly().pieces().stream().filter(Piece::takesRoom)
                .mapToDouble(p -> s.inRoom(s.posed().furthest(p, own)).dot(direction)).max().orElse(0);
    }

    private Point at(Vec3 inPerch) {
        return View.ABOVE.at(s.inRoom(inPerch));
    }

    private void room(double low, double high, double right) {
        Room room = s.project().place().room();
        Bench bench = s.project().place().bench();
        out.box(Ink.WALKWAY, 0, low, room.walkway(), high);
        out.box(Ink.ROOM, -0.05, low, 0, high);
        double y = bench.width() / 2;
        out.box(Ink.BENCH, bench.from(), -y, bench.from() + bench.depth(), y);
        out.label(Ink.HINT, new Point(bench.from() + bench.depth() / 2, -y), Anchor.ABOVE, "bench");
        ThingShapes.above(out, s.project().place(), new Point(0, low), new Point(right, high));
        out.area(Ink.WANTED, Sight.of(s).wanted().stream().map(View.ABOVE::at).toList());
        List<Vec3> covered = Sight.of(s).covered();
        if (!covered.isEmpty()) {
            out.area(Ink.SIGHT, covered.stream().map(View.ABOVE::at).toList());
        }
    }

    private void overlay() {
        for (Contact contact : s.study().assembly().contacts()) {
            switch (contact) {
                case Contact.Caster caster -> out.disc(Ink.SWING, at(s.posed().pivot(caster)), caster.trail());
                case Contact.Anchor anchor -> out.disc(Ink.SUPPORT, at(s.posed().at(anchor)), SCREW);
                case Contact.Foot _ -> {
                    // The support's own corners show where it stands.
                }
            }
        }
        List<Point> support = s.support().corners().stream().map(this::at).toList();
        if (support.size() > 2) {
            out.area(Ink.SUPPORT, support);
        }
        swing();
        walkway();
    }

    /** The circle that the camera goes round where something turns about an upright axis. */
    private void swing() {
        for (Joint joint : s.study().assembly().joints()) {
            boolean turns = joint.freedom() != null && (joint.freedom().kind() == Freedom.Kind.SWING
                    || joint.freedom().kind() == Freedom.Kind.HINGE);
            boolean upright = turns && Math.abs(s.posed().axis(joint).z()) > 0.999;
            Vec3 axis = s.posed().at(joint);
            double reach = s.posed().mount().minus(axis).radius();
            if (upright && reach > 0.1) {
                out.disc(Ink.SWING, at(axis), reach);
            }
        }
    }

    private void walkway() {
        RaisedQuestions.of(s.study(), "place.walkway").ifPresent(question -> {
            double open = question.at(s).available();
            boolean stays = open >= s.project().place().room().walkway();
            Set<Body> standing = s.study().fixedTo(Surface.FLOOR);
            double y = s.study().assembly().pieces().stream().filter(p -> standing.contains(p.body()))
                    .mapToDouble(p -> at(s.posed().furthest(p, Vec3.Y.negated())).y()).min().orElse(0) - 0.12;
            out.dimension(new Point(0, y), new Point(open, y), Side.ON,
                    Quantity.LENGTH.bare(open, s.project().units()));
            out.label(stays ? Ink.LEAN_GOOD : Ink.LEAN_SHORT, new Point(0.02, y - 0.09), Anchor.RIGHT,
                    stays ? "walkway stays open" : "walkway closes");
        });
    }

    private void ghost(Ghost ghost) {
        Situation other = ghost.situation();
        new Projection(other, View.ABOVE).ghost(out, s, ghost.ink());
    }
}
