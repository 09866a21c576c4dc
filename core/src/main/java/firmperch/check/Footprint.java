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

/** What stands on the floor, seen from above, in the room's axes, m. */
final class Footprint {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final int ROUND = 8;

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
            parts.add(point(s.inRoom(contact.pivot())).buffer(wheel, ROUND));
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
        return point(s.inRoom(Vec3.ZERO)).buffer(s.posed().post().postStock().section().depth() / 2, ROUND);
    }

    /** Corners of the board in the perch's own axes, m. */
    static List<Vec3> boardCorners(CastBox box) {
        double h = box.boardSide() / 2;
        return List.of(new Vec3(h, h, 0), new Vec3(-h, h, 0), new Vec3(-h, -h, 0), new Vec3(h, -h, 0));
    }

    private static Geometry point(Vec3 at) {
        return GEOMETRY.createPoint(new Coordinate(at.x(), at.y()));
    }
}
