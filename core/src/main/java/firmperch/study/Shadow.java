package firmperch.study;

import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Vec3;
import firmperch.place.Lamp;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * Where the rig keeps a lamp's light off what is to be filmed. The light comes from one point, so that the shadow's edge is sharp; a real shade makes it soft, by
 * the size of the shade times the piece's height over the light's height above the piece. A piece throws the outline around all of its corners: a ring counts as full.
 *
 * @param lamp whose light is kept off
 * @param most the piece whose shadow is the largest there
 * @param share of what is wanted that lies in shadow, 0 to 1
 * @param outlines of what lies in shadow there, in the room, m
 */
public record Shadow(Lamp lamp, Piece most, double share, List<List<Vec3>> outlines) {
    /** Nearer to the lamp's own height than that nothing throws a shadow that ends anywhere near, m. */
    private static final double BELOW = 0.01;
    /** A share of the picture that is not told. */
    private static final double NOTHING = 0.002;
    private static final GeometryFactory PLANE = new GeometryFactory();

    public Shadow {
        outlines = List.copyOf(outlines);
    }

    /** The shadow of each lamp that throws one on what is wanted. */
    public static List<Shadow> of(Situation s) {
        Geometry wanted = polygon(s.target().corners().stream().map(c -> flat(c, s.target())).toList());
        return s.project().place().lamps().stream().flatMap(lamp -> of(s, lamp, wanted).stream()).toList();
    }

    private static List<Shadow> of(Situation s, Lamp lamp, Geometry wanted) {
        Piece most = null;
        double largest = 0;
        List<Geometry> all = new ArrayList<>();
        for (int i = 0; i < s.study().assembly().pieces().size(); i++) {
            Piece piece = s.study().assembly().pieces().get(i);
            if (piece.takesRoom()) {
                Geometry there = thrown(s, lamp, i).intersection(wanted);
                most = there.getArea() > largest ? piece : most;
                largest = Math.max(largest, there.getArea());
                all.add(there);
            }
        }
        if (most == null) {
            return List.of();
        }
        Geometry together = UnaryUnionOp.union(all);
        return List.of(new Shadow(lamp, most, together.getArea() / wanted.getArea(),
                IntStream.range(0, together.getNumGeometries()).mapToObj(together::getGeometryN)
                        .filter(Polygon.class::isInstance).map(part -> room((Polygon) part, s.target())).toList()));
    }

    /** What a piece throws onto the filmed plane: by similar triangles, from the light through each corner as far as the plane. */
    private static Geometry thrown(Situation s, Lamp lamp, int number) {
        Target target = s.target();
        Placement place = s.posed().place(s.study().assembly().pieces().get(number));
        Vec3 light = lamp.light();
        double above = light.minus(target.centre()).dot(target.normal());
        List<Coordinate> fallen = new ArrayList<>();
        for (Vec3 corner : s.study().rig().facets(number).corners()) {
            Vec3 at = s.inRoom(place.point(corner));
            double height = at.minus(target.centre()).dot(target.normal());
            if (height > 0 && height < above - BELOW) {
                fallen.add(flat(light.plus(at.minus(light).times(above / (above - height))), target));
            }
        }
        return PLANE.createMultiPointFromCoords(fallen.toArray(Coordinate[]::new)).convexHull();
    }

    /** A point of the filmed plane, from the middle of what is wanted: to the right and up in the picture. */
    private static Coordinate flat(Vec3 p, Target t) {
        Vec3 off = p.minus(t.centre());
        return new Coordinate(off.dot(t.right()), off.dot(t.up()));
    }

    private static Geometry polygon(List<Coordinate> corners) {
        List<Coordinate> ring = new ArrayList<>(corners);
        ring.add(corners.getFirst());
        return PLANE.createPolygon(ring.toArray(Coordinate[]::new));
    }

    private static List<Vec3> room(Polygon part, Target t) {
        return Arrays.stream(part.getExteriorRing().getCoordinates())
                .map(c -> t.centre().plus(t.right().times(c.x)).plus(t.up().times(c.y))).toList();
    }

    /** A sentence for each lamp: "“Lamp” throws shadow on 7 % of what you film, most of it from the camera body."; empty where none does. */
    public static String words(Situation s) {
        return of(s).stream().filter(shadow -> shadow.share >= NOTHING)
                .map(shadow -> String.format(Locale.ROOT,
                        "“%s” throws shadow on about %.0f %% of what you film, most of it from the %s.",
                        shadow.lamp.name(), Math.max(1, shadow.share * 100),
                        shadow.most.name().toLowerCase(Locale.ROOT)))
                .collect(Collectors.joining(" "));
    }
}
