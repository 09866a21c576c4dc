package firmperch.check;

import firmperch.frame.Vec3;
import firmperch.pose.Contact;
import firmperch.project.Place;
import firmperch.rig.CastBox;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.util.GeometricShapeFactory;

/** What stands on the floor, seen from above, in the room's axes, m. */
final class Footprint {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Corners of a round outline; a multiple of four, so that it reaches its full radius along each axis. */
    private static final int ROUND = 32;

    private Footprint() {
    }

    /** Hull of the board and of every place a wheel can turn to. */
    static Geometry of(Situation s) {
        List<Geometry> parts = new ArrayList<>();
        CastBox box = s.posed().box();
        for (Vec3 corner : boardCorners(box)) {
            parts.add(point(s.inRoom(corner)));
        }
        double wheel = box.casterTrail() + box.casterDiameter() / 2;
        for (Contact contact : s.posed().contacts()) {
            parts.add(circle(s.inRoom(contact.pivot()), wheel));
        }
        return GEOMETRY.buildGeometry(parts).convexHull();
    }

    /** The bench top. */
    static Geometry bench(Place place) {
        double x = place.benchFrom();
        double y = place.benchWidth() / 2;
        return GEOMETRY
                .createPolygon(new Coordinate[]{new Coordinate(x, -y), new Coordinate(x + place.benchDepth(), -y),
                        new Coordinate(x + place.benchDepth(), y), new Coordinate(x, y), new Coordinate(x, -y)});
    }

    /** The post's round outline. */
    static Geometry post(Situation s) {
        return circle(s.inRoom(Vec3.ZERO), s.posed().post().postStock().section().depth() / 2);
    }

    /** Corners of the board in the perch's own axes, m. */
    static List<Vec3> boardCorners(CastBox box) {
        double h = box.boardSide() / 2;
        return List.of(new Vec3(h, h, 0), new Vec3(-h, h, 0), new Vec3(-h, -h, 0), new Vec3(h, -h, 0));
    }

    private static Geometry circle(Vec3 middle, double radius) {
        GeometricShapeFactory shapes = new GeometricShapeFactory(GEOMETRY);
        shapes.setCentre(new Coordinate(middle.x(), middle.y()));
        shapes.setSize(2 * radius);
        shapes.setNumPoints(ROUND);
        return shapes.createCircle();
    }

    private static Geometry point(Vec3 at) {
        return GEOMETRY.createPoint(new Coordinate(at.x(), at.y()));
    }
}
