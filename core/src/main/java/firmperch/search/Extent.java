package firmperch.search;

import firmperch.body.Body;
import firmperch.body.Freedom;
import firmperch.body.Motion;
import firmperch.body.Placement;
import firmperch.body.Vec3;
import firmperch.place.Bench;
import firmperch.study.Situation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * Where over the bench the lengths and stops of a chain let the camera be, at a height that serves, what turns its view aside kept as it is; what it might
 * hit is not asked. In closed form where the chain is simple enough: slides and steps that are level or upright, one link that keeps level, swings about
 * upright axes of which all but the one nearest to the camera turn all the way round. Arcs are chords that lie within a tenth of a millimetre of
 * them. Chains that lift twice or tip the camera have none.
 *
 * @param outlines of it on the bench, in the room, m: each closed; those of holes too
 * @param share of the bench, 0 to 1
 */
public record Extent(List<List<Vec3>> outlines, double share) {
    /** How far a chord may lie from its arc, m. */
    private static final double CHORD = 1e-4;
    private static final double SAME = 1e-9;
    /** Sides of a quarter circle around what is reached, so fine that its chords lie within a hundredth of a millimetre. */
    private static final int ROUND = 32;
    private static final GeometryFactory PLANE = new GeometryFactory();

    public Extent {
        outlines = List.copyOf(outlines);
    }

    /** A range, m. */
    private record Range(double from, double to) {
        private static final Range NONE = new Range(0, 0);

        Range plus(double low, double high) {
            return new Range(from + Math.min(low, high), to + Math.max(low, high));
        }
    }

    /** A link that keeps level: where its end goes as it is lifted. */
    private record Link(Vec3 forward, double length, double from, double to, double now) {
        /** How far forward it brings the camera while that comes up by an amount within the range; nothing if it cannot. */
        Optional<Range> forward(Range up) {
            double low = Math.max(from, asin(up.from / length + Math.sin(now)));
            double high = Math.min(to, asin(up.to / length + Math.sin(now)));
            if (low > high) {
                return Optional.empty();
            }
            double most = low <= 0 && high >= 0 ? 1 : Math.max(Math.cos(low), Math.cos(high));
            double least = Math.min(Math.cos(low), Math.cos(high));
            return Optional.of(new Range(length * (least - Math.cos(now)), length * (most - Math.cos(now))));
        }

        private static double asin(double sine) {
            return Math.asin(Math.clamp(sine, -1, 1)) + (sine > 1 ? 1 : sine < -1 ? -1 : 0);
        }
    }

    /** What moves the camera along or around in the plan, the one nearest to it first. */
    private sealed interface Across {
    }

    private record Slid(Vec3 way, Range by) implements Across {}

    private record Swung(Vec3 about, Range by) implements Across {
        /** True if it turns all the way round. */
        boolean round() {
            return by.to - by.from > 2 * Math.PI - SAME;
        }
    }

    private record Lifted() implements Across {}

    /** A chain from the camera down to the place, taken apart; {@link #simple} only as long as it has a closed form. */
    private static final class Chain {
        private final Situation s;
        private final List<Across> across = new ArrayList<>();
        private List<Double> steps = List.of(0.0);
        private Range up = Range.NONE;
        private Link link;
        private boolean swings;
        private boolean simple = true;

        Chain(Situation s) {
            this.s = s;
            boolean[] kept = Orientation.keeps(s.study());
            Set<Freedom> met = new HashSet<>();
            for (Body at = s.study().assembly().mount().body(); at != null; at = at.parent()) {
                Freedom freedom = at.motion().freedom();
                if (freedom != null && !kept[s.study().assembly().freedoms().indexOf(freedom)]
                        && freedom.from() < freedom.to()) {
                    simple &= met.add(freedom) && takes(at, s.posed().get(freedom));
                }
            }
        }

        /** Takes a body's motion into account; false if that has no closed form. */
        private boolean takes(Body body, double now) {
            Placement frame = body.parent() == null ? body.at() : s.posed().place(body.parent()).of(body.at());
            return switch (body.motion()) {
                case Motion.Fixed _ -> true;
                case Motion.Turn turn -> swung(frame, turn, now);
                case Motion.Slide slide -> slid(room(frame.direction(slide.along())),
                        new Range((slide.freedom().from() - now) * slide.ratio(),
                                (slide.freedom().to() - now) * slide.ratio()));
                case Motion.Step step -> stepped(frame, step, now);
                case Motion.Linked linked -> lifted(frame, linked, now);
            };
        }

        private Vec3 room(Vec3 direction) {
            return direction.turned(s.project().stance().heading());
        }

        private boolean swung(Placement frame, Motion.Turn turn, double now) {
            double upright = frame.direction(turn.axis()).z();
            double way = Math.signum(upright);
            Swung swung = new Swung(s.inRoom(frame.origin()),
                    Range.NONE.plus(way * (turn.freedom().from() - now), way * (turn.freedom().to() - now)));
            across.add(swung);
            boolean closed = Math.abs(upright) > 1 - SAME && (!swings || swung.round());
            swings = true;
            return closed;
        }

        private boolean slid(Vec3 way, Range by) {
            if (Math.abs(way.z()) > 1 - SAME) {
                up = up.plus(by.from * way.z(), by.to * way.z());
                return true;
            }
            across.add(new Slid(way, by));
            return Math.abs(way.z()) < SAME;
        }

        private boolean stepped(Placement frame, Motion.Step step, double now) {
            double upright = frame.direction(step.along()).z();
            double here = step.seats().get((int) now);
            List<Double> more = new ArrayList<>();
            for (double before : steps) {
                step.seats().forEach(seat -> more.add(before + upright * (seat - here)));
            }
            steps = more;
            return Math.abs(upright) > 1 - SAME;
        }

        private boolean lifted(Placement frame, Motion.Linked linked, double now) {
            boolean upright = frame.z().z() > 1 - SAME;
            boolean within = Math.max(Math.abs(linked.freedom().from()), Math.abs(linked.freedom().to())) < Math.PI / 2;
            if (link != null || !upright || !within || linked.bar() != Motion.Bar.COUPLER || !linked.law().level()) {
                return false;
            }
            link = new Link(room(frame.x()), linked.law().first(), linked.freedom().from(), linked.freedom().to(), now);
            across.add(new Lifted());
            return true;
        }

        /** The plan of all places at which the camera is between two heights, in the room. */
        Geometry between(double low, double high) {
            Vec3 now = s.inRoom(s.sensor());
            List<Geometry> all = new ArrayList<>();
            for (double step : steps) {
                // What link or nothing has to add so that steps and upright slides do the rest.
                Range rest = new Range(low - now.z() - step - up.to, high - now.z() - step - up.from);
                Optional<Range> forward = link != null
                        ? link.forward(rest)
                        : Optional.of(Range.NONE).filter(none -> rest.from <= 0 && rest.to >= 0);
                forward.ifPresent(by -> all.add(moved(point(now), by)));
            }
            return all.isEmpty() ? PLANE.createPolygon() : UnaryUnionOp.union(all);
        }

        /** All that a place becomes as what is between it and the ground moves. */
        private Geometry moved(Geometry from, Range forward) {
            List<Geometry> pieces = List.of(from);
            for (Across one : across) {
                pieces = switch (one) {
                    case Slid slid -> pieces.stream().map(p -> slid(p, slid.way, slid.by)).toList();
                    case Lifted _ -> pieces.stream().map(p -> slid(p, link.forward, forward)).toList();
                    case Swung swung when swung.round() -> List.of(ring(UnaryUnionOp.union(pieces), swung.about));
                    case Swung swung -> pieces.stream().flatMap(p -> swung(p, swung).stream()).toList();
                };
            }
            return UnaryUnionOp.union(pieces);
        }

        /** What is turned all the way round covers all that lies as far out as its nearest point to its furthest. */
        private static Geometry ring(Geometry area, Vec3 about) {
            double most = furthest(area, about);
            if (most < SAME) {
                return point(about);
            }
            int number = (int) Math.ceil(2 * Math.PI / narrow(most));
            LinearRing outside = circle(about, most, number);
            double least = area.distance(point(about));
            return least < SAME
                    ? PLANE.createPolygon(outside)
                    : PLANE.createPolygon(outside, new LinearRing[]{circle(about, least, number)});
        }

        private static LinearRing circle(Vec3 about, double radius, int number) {
            Coordinate[] at = new Coordinate[number + 1];
            Arrays.setAll(at, i -> new Coordinate(about.x() + radius * Math.cos(2 * Math.PI * i / number),
                    about.y() + radius * Math.sin(2 * Math.PI * i / number)));
            at[number] = at[0];
            return PLANE.createLinearRing(at);
        }

        /** The turn whose chord keeps to the arc, so far out, rad. */
        private static double narrow(double radius) {
            return radius < 4 * CHORD ? Math.PI / 2 : 2 * Math.acos(1 - CHORD / radius);
        }

        private static double furthest(Geometry area, Vec3 from) {
            return Arrays.stream(area.getCoordinates()).mapToDouble(c -> Math.hypot(c.x - from.x(), c.y - from.y()))
                    .max().orElse(0);
        }

        private static Geometry slid(Geometry piece, Vec3 way, Range by) {
            return hull(shifted(piece, way.times(by.from)), shifted(piece, way.times(by.to)));
        }

        private static Geometry shifted(Geometry piece, Vec3 by) {
            return AffineTransformation.translationInstance(by.x(), by.y()).transform(piece);
        }

        /** Convex pieces that lie side by side, so narrow that their chords keep to the arcs. */
        private static List<Geometry> swung(Geometry piece, Swung swung) {
            double travel = Math.min(swung.by.to - swung.by.from, 2 * Math.PI);
            int number = Math.max(1, (int) Math.ceil(travel / narrow(furthest(piece, swung.about))));
            List<Geometry> all = new ArrayList<>();
            Geometry last = turned(piece, swung.about, swung.by.from);
            for (int i = 1; i <= number; i++) {
                Geometry next = turned(piece, swung.about, swung.by.from + travel * i / number);
                all.add(hull(last, next));
                last = next;
            }
            return all;
        }

        private static Geometry turned(Geometry piece, Vec3 about, double angle) {
            return AffineTransformation.rotationInstance(angle, about.x(), about.y()).transform(piece);
        }

        private static Geometry hull(Geometry one, Geometry other) {
            return PLANE.createGeometryCollection(new Geometry[]{one, other}).convexHull();
        }
    }

    /**
     * The part of the bench over which the joints let the camera be.
     *
     * @param low least height above the floor that serves, m
     * @param high greatest, m
     * @param near how far beside a place counts as over it, m
     * @return nothing if the chain has no closed form
     */
    static Optional<Extent> of(Situation s, double low, double high, double near) {
        Chain chain = new Chain(s);
        if (!chain.simple) {
            return Optional.empty();
        }
        Bench bench = s.project().place().bench();
        double half = bench.width() / 2;
        Geometry top = PLANE.toGeometry(new Envelope(bench.from(), bench.from() + bench.depth(), -half, half));
        Geometry over = chain.between(low, high).buffer(near, ROUND).intersection(top);
        List<List<Vec3>> outlines = new ArrayList<>();
        for (int i = 0; i < over.getNumGeometries(); i++) {
            if (over.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                outlines.add(points(polygon.getExteriorRing()));
                for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
                    outlines.add(points(polygon.getInteriorRingN(hole)));
                }
            }
        }
        return Optional.of(new Extent(outlines, over.getArea() / top.getArea()));
    }

    private static Point point(Vec3 at) {
        return PLANE.createPoint(new Coordinate(at.x(), at.y()));
    }

    private static List<Vec3> points(LineString ring) {
        return Arrays.stream(ring.getCoordinates()).map(c -> new Vec3(c.x, c.y, 0)).toList();
    }
}
