package firmperch.body;

import firmperch.stock.Section;
import java.util.ArrayList;
import java.util.List;

/**
 * A shape that pieces are made of, in its own axes. What follows from a shape (mass, extent, faces to draw) is told by
 * the shape alone.
 */
public sealed interface Solid {
    /** Its mass, centre and inertia if it weighed that much in every m³. */
    MassProperties massAt(double density);

    /** Its point that lies furthest in a direction of its own axes. */
    Vec3 furthest(Vec3 direction);

    /** Furthest that it reaches in a direction of its own axes, m. */
    default double reach(Vec3 direction) {
        return furthest(direction).dot(direction);
    }

    /** The faces around it, corners counter-clockwise seen from outside; round ones in strips. */
    List<Face> faces();

    /** The direction of the line through its origin that it is round about; null if it is not round. */
    default Vec3 roundAbout() {
        return switch (this) {
            case Round _ -> Vec3.UP;
            case Bought bought -> bought.shape.roundAbout();
            case Bar bar -> bar.section instanceof Section.RoundTube && bar.start.equals(End.SQUARE)
                    && bar.finish.equals(End.SQUARE) ? Vec3.X : null;
            case Sheet _,Filling _,Point _ -> null;
        };
    }

    /** The axis of a plain cylinder, square at both ends, and its radius; null for any other shape. */
    default Axle axle() {
        return switch (this) {
            case Bought bought -> bought.shape.axle();
            case Bar bar -> bar.section instanceof Section.RoundTube tube && bar.start.equals(End.SQUARE)
                    && bar.finish.equals(End.SQUARE)
                            ? new Axle(Vec3.ZERO, new Vec3(bar.length, 0, 0), tube.diameter() / 2)
                            : null;
            case Round round -> round.cylinder();
            case Sheet _,Filling _,Point _ -> null;
        };
    }

    /**
     * The straight line from end to end in the middle of a cylinder.
     *
     * @param radius of the cylinder, m
     */
    record Axle(Vec3 from, Vec3 to, double radius) {
        /** Its end that lies furthest in a direction. */
        public Vec3 furthest(Vec3 direction) {
            return direction.dot(to.minus(from)) > 0 ? to : from;
        }
    }

    /** Length, width and thickness as one writes them on a list, m. */
    Vec3 size();

    /**
     * A face of a solid.
     *
     * @param corners counter-clockwise seen from outside
     * @param seams true if its edges are edges of the thing, false if it is a strip of something round
     */
    record Face(List<Vec3> corners, boolean seams) {
        public Face {
            corners = List.copyOf(corners);
        }

        /** Which way it looks; of length 1. */
        public Vec3 normal() {
            Vec3 sum = Vec3.ZERO;
            for (int i = 0; i < corners.size(); i++) {
                sum = sum.plus(corners.get(i).cross(corners.get((i + 1) % corners.size())));
            }
            return sum.unit();
        }
    }

    /** How a bar ends. */
    sealed interface End {
        /** Sawn square. */
        End SQUARE = new Mitre(0);
        /** Rounded over in the bar's upright plane, the round reaching its length. */
        End ROUND = new Rounded();
    }

    /** Sawn at a slant: the end's plane leans by that angle (rad), so that the bar is longer where z is high. */
    record Mitre(double slant) implements End {}

    /** Rounded over in the upright plane. */
    record Rounded() implements End {}

    /**
     * A bar along x from 0 to its length, measured on its axis; the section's depth is along z, its breadth along y.
     *
     * @param length on the axis, m
     */
    record Bar(Section section, double length, End start, End finish) implements Solid {
        /** Sawn square at both ends. */
        public Bar(Section section, double length) {
            this(section, length, End.SQUARE, End.SQUARE);
        }

        /** Seen from its side, in x and z. */
        public Outline side() {
            double h = section.depth() / 2;
            List<Outline.Edge> edges = new ArrayList<>();
            double x0 = start instanceof Rounded ? h : 0;
            double x1 = finish instanceof Rounded ? length - h : length;
            double s0 = start instanceof Mitre m ? Math.tan(m.slant) * h : 0;
            double s1 = finish instanceof Mitre m ? Math.tan(m.slant) * h : 0;
            edges.add(new Outline.Line(new Outline.Point(x0 + s0, -h), new Outline.Point(x1 - s1, -h)));
            edges.add(finish instanceof Rounded
                    ? new Outline.Arc(new Outline.Point(x1, 0), h, -Math.PI / 2, Math.PI)
                    : new Outline.Line(new Outline.Point(x1 - s1, -h), new Outline.Point(x1 + s1, h)));
            edges.add(new Outline.Line(new Outline.Point(x1 + s1, h), new Outline.Point(x0 - s0, h)));
            edges.add(start instanceof Rounded
                    ? new Outline.Arc(new Outline.Point(x0, 0), h, Math.PI / 2, Math.PI)
                    : new Outline.Line(new Outline.Point(x0 - s0, h), new Outline.Point(x0 + s0, -h)));
            return Outline.of(edges);
        }

        /**
         * {@inheritDoc} Exact for square ends of any section and for solid rectangles however they end; for slanted ends
         * of other sections mass and centre are exact and the inertia leaves out what the slant adds.
         */
        @Override
        public MassProperties massAt(double density) {
            if (section instanceof Section.Rectangle r) {
                // As a sheet of that outline, its thickness across.
                MassProperties flat = Solids.extruded(side().moments(), r.breadth(), density);
                return flat.placed(
                        new Placement(Vec3.ZERO, Vec3.X, Vec3.UP, Vec3.Y.negated()));
            }
            double mass = density * section.area() * length;
            double iy = section.secondMomentY();
            double t0 = start instanceof Mitre m ? Math.tan(m.slant) : 0;
            double t1 = finish instanceof Mitre m ? Math.tan(m.slant) : 0;
            Vec3 centre = new Vec3(length / 2 + (t1 * t1 - t0 * t0) * iy / (2 * section.area() * length), 0,
                    (t0 + t1) * iy / (section.area() * length));
            double line = mass / length;
            double along = line * length * length * length / 12;
            return MassProperties.ofMoments(mass, centre, along, density * length * section.secondMomentZ(),
                    density * length * iy, 0, 0, 0);
        }

        @Override
        public Vec3 furthest(Vec3 d) {
            if (section instanceof Section.RoundTube tube) {
                double aside = Vec3.across(d.y(), d.z());
                double k = aside > 0 ? tube.diameter() / 2 / aside : 0;
                return new Vec3(d.x() > 0 ? length : 0, k * d.y(), k * d.z());
            }
            double y = Math.copySign(section.breadth() / 2, d.y());
            if (start == End.SQUARE && finish == End.SQUARE) {
                return new Vec3(d.x() > 0 ? length : 0, y, Math.copySign(section.depth() / 2, d.z()));
            }
            Vec3 near = corner(start, 0, -1, y, d);
            Vec3 far = corner(finish, length, 1, y, d);
            return near.dot(d) > far.dot(d) ? near : far;
        }

        /** Of an end at x, outward along x or against it, the point furthest in a direction. */
        private Vec3 corner(End end, double x, int outward, double y, Vec3 d) {
            double h = section.depth() / 2;
            double aside = Vec3.across(d.x(), d.z());
            if (end instanceof Rounded && aside > 0) {
                return new Vec3(x - outward * h + h * d.x() / aside, y, h * d.z() / aside);
            }
            // How far out its upper edge lies beyond its middle.
            double out = end instanceof Mitre m ? outward * Math.tan(m.slant) * h : 0;
            double z = Math.copySign(h, d.z() * h + d.x() * out);
            return new Vec3(x + out * z / h, y, z);
        }

        @Override
        public List<Face> faces() {
            return section instanceof Section.RoundTube tube
                    ? Solids.roundFaces(List.of(new Outline.Point(0, 0), new Outline.Point(tube.diameter() / 2, 0),
                            new Outline.Point(tube.diameter() / 2, length), new Outline.Point(0, length)),
                            p -> new Vec3(p.z(), p.x(), p.y()))
                    : Solids.extrudedFaces(side(), section.breadth(), p -> new Vec3(p.x(), -p.z(), p.y()));
        }

        @Override
        public Vec3 size() {
            return new Vec3(length, section.depth(),
                    section instanceof Section.Rectangle ? section.breadth() : section.wall());
        }
    }

    /** A sheet: its outline in x and y, its thickness along z from −½ to +½ of it. */
    record Sheet(Outline outline, double thickness) implements Solid {
        @Override
        public MassProperties massAt(double density) {
            return Solids.extruded(outline.moments(), thickness, density);
        }

        @Override
        public Vec3 furthest(Vec3 d) {
            Outline.Point p = outline.furthest(d.x(), d.y());
            return new Vec3(p.x(), p.y(), Math.copySign(thickness / 2, d.z()));
        }

        @Override
        public List<Face> faces() {
            return Solids.extrudedFaces(outline, thickness, p -> p);
        }

        @Override
        public Vec3 size() {
            double w = outline.width();
            double h = outline.height();
            return new Vec3(Math.max(w, h), Math.min(w, h), thickness);
        }
    }

    /**
     * A profile turned about z.
     *
     * @param profile corners in radius (x) and height (y), counter-clockwise with the radius to the right; the axis itself
     *     need not be named
     */
    record Round(List<Outline.Point> profile) implements Solid {
        public Round {
            profile = List.copyOf(profile);
        }

        /** A plain cylinder, or a ring where the bore is more than 0, from z = 0 up. */
        public static Round cylinder(double diameter, double bore, double height) {
            return new Round(List.of(new Outline.Point(bore / 2, 0), new Outline.Point(diameter / 2, 0),
                    new Outline.Point(diameter / 2, height), new Outline.Point(bore / 2, height)));
        }

        @Override
        public MassProperties massAt(double density) {
            return Solids.turned(profile, density);
        }

        @Override
        public Vec3 furthest(Vec3 d) {
            double aside = Vec3.across(d.x(), d.y());
            Outline.Point best = profile.getFirst();
            for (Outline.Point p : profile) {
                if (p.x() * aside + p.y() * d.z() > best.x() * aside + best.y() * d.z()) {
                    best = p;
                }
            }
            double k = aside > 0 ? best.x() / aside : 0;
            return new Vec3(k * d.x(), k * d.y(), best.y());
        }

        /** What it is where its widest reaches from its lowest to its highest, whatever is bored out of it; null else. */
        private Axle cylinder() {
            double wide = profile.stream().mapToDouble(Outline.Point::x).max().orElse(0);
            double low = profile.stream().mapToDouble(Outline.Point::y).min().orElse(0);
            double high = profile.stream().mapToDouble(Outline.Point::y).max().orElse(0);
            return profile.contains(new Outline.Point(wide, low)) && profile.contains(new Outline.Point(wide, high))
                    ? new Axle(new Vec3(0, 0, low), new Vec3(0, 0, high), wide)
                    : null;
        }

        @Override
        public List<Face> faces() {
            return Solids.roundFaces(profile, p -> p);
        }

        @Override
        public Vec3 size() {
            double high = profile.stream().mapToDouble(Outline.Point::y).max().orElse(0);
            double low = profile.stream().mapToDouble(Outline.Point::y).min().orElse(0);
            double d = 2 * profile.stream().mapToDouble(Outline.Point::x).max().orElse(0);
            return high - low > d ? new Vec3(high - low, d, d) : new Vec3(d, d, high - low);
        }
    }

    /**
     * What is poured into a hollow, less what stands in it.
     *
     * @param hollow the room filled, as high as it is filled
     * @param standing what takes up room in it: outer shapes, no higher than the filling
     */
    record Filling(Solid hollow, List<Placed> standing) implements Solid {
        /** A shape somewhere in the filling's axes. */
        public record Placed(Solid solid, Placement at) {}

        public Filling {
            standing = List.copyOf(standing);
        }

        @Override
        public MassProperties massAt(double density) {
            MassProperties sum = hollow.massAt(density);
            for (Placed thing : standing) {
                sum = sum.plus(thing.solid.massAt(density).times(-1).placed(thing.at));
            }
            return sum;
        }

        /** What is filled in, m³. */
        public double volume() {
            return massAt(1).mass();
        }

        @Override
        public Vec3 furthest(Vec3 direction) {
            return hollow.furthest(direction);
        }

        @Override
        public List<Face> faces() {
            return hollow.faces();
        }

        @Override
        public Vec3 size() {
            return hollow.size();
        }
    }

    /** No more than a point: what weighs something and takes up no room worth telling. */
    record Point() implements Solid {
        /** {@inheritDoc} Nothing, as it has no volume. */
        @Override
        public MassProperties massAt(double density) {
            return MassProperties.NONE;
        }

        @Override
        public Vec3 furthest(Vec3 direction) {
            return Vec3.ZERO;
        }

        @Override
        public List<Face> faces() {
            return List.of();
        }

        @Override
        public Vec3 size() {
            return Vec3.ZERO;
        }
    }

    /**
     * A bought thing of known mass that fills its shape evenly; a mass of 0 is something that only takes up room.
     *
     * @param mass kg
     */
    record Bought(Solid shape, double mass) implements Solid {
        /** So small that it takes up no room worth telling. */
        public static Bought point(double mass) {
            return new Bought(new Point(), mass);
        }

        /** A box about the origin. */
        public static Bought box(double x, double y, double z, double mass) {
            return new Bought(new Sheet(Outline.rectangle(-x / 2, -y / 2, x / 2, y / 2), z), mass);
        }

        /** {@inheritDoc} The density asked for makes no difference: the mass is known. */
        @Override
        public MassProperties massAt(double density) {
            MassProperties unit = shape.massAt(1);
            return unit.mass() > 0 ? unit.times(mass / unit.mass()) : MassProperties.point(mass, unit.centre());
        }

        @Override
        public Vec3 furthest(Vec3 direction) {
            return shape.furthest(direction);
        }

        @Override
        public List<Face> faces() {
            return shape.faces();
        }

        @Override
        public Vec3 size() {
            return shape.size();
        }
    }
}
