package firmperch.body;

import firmperch.body.Solid.Face;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** What extruded and turned shapes have in common. */
final class Solids {
    private static final int STRIPS = 24;

    private Solids() {
    }

    /** An outline's area given a thickness about its plane. */
    static MassProperties extruded(Outline.Moments m, double thickness, double density) {
        double k = density * thickness;
        double mass = k * m.area();
        if (m.area() == 0) {
            return MassProperties.point(0, Vec3.ZERO);
        }
        double cx = m.x() / m.area();
        double cy = m.y() / m.area();
        return MassProperties.ofMoments(mass, new Vec3(cx, cy, 0), k * m.xx() - mass * cx * cx,
                k * m.yy() - mass * cy * cy, mass * thickness * thickness / 12, k * m.xy() - mass * cx * cy, 0, 0);
    }

    /**
     * A profile turned about z: ∫r dA, ∫r·z dA, ∫r·z² dA and ∫r³ dA of the profile (Pappus), each an exact polynomial
     * along straight edges.
     */
    static MassProperties turned(List<Outline.Point> profile, double density) {
        double v = 0;
        double vz = 0;
        double vzz = 0;
        double vrr = 0;
        for (int i = 0; i < profile.size(); i++) {
            Outline.Point a = profile.get(i);
            Outline.Point b = profile.get((i + 1) % profile.size());
            double dz = b.y() - a.y();
            double dr = b.x() - a.x();
            // ∮ r^(n+1)/(n+1)·z^k dz along the edge: polynomials of degree four at most, by Simpson's rule with Boole's weights.
            double[] weights = {7, 32, 12, 32, 7};
            for (int g = 0; g < 5; g++) {
                double w = weights[g] / 90 * dz;
                double r = a.x() + g / 4.0 * dr;
                double z = a.y() + g / 4.0 * dz;
                v += w * r * r / 2;
                vz += w * r * r / 2 * z;
                vzz += w * r * r / 2 * z * z;
                vrr += w * r * r * r * r / 4;
            }
        }
        double mass = 2 * Math.PI * v * density;
        if (v == 0) {
            return MassProperties.point(0, Vec3.ZERO);
        }
        double cz = vz / v;
        double zz = 2 * Math.PI * vzz * density - mass * cz * cz;
        double aside = Math.PI * vrr * density;
        return MassProperties.ofMoments(mass, new Vec3(0, 0, cz), aside, aside, zz, 0, 0, 0);
    }

    /** Faces of an outline given a thickness along z, brought into place by a turn of the axes. */
    static List<Face> extrudedFaces(Outline outline, double thickness, UnaryOperator<Vec3> place) {
        List<Face> faces = new ArrayList<>();
        double h = thickness / 2;
        List<Outline.Point> around = outline.points();
        faces.add(flat(around, h, place));
        faces.add(flat(around.reversed(), -h, place));
        for (Outline.Edge edge : outline.loop()) {
            List<Outline.Point> points = new ArrayList<>(Outline.points(List.of(edge)));
            points.add(edge.to());
            for (int i = 0; i + 1 < points.size(); i++) {
                Outline.Point a = points.get(i);
                Outline.Point b = points.get(i + 1);
                if (Math.hypot(b.x() - a.x(), b.y() - a.y()) > 1e-9) {
                    faces.add(new Face(List.of(place.apply(new Vec3(a.x(), a.y(), -h)),
                            place.apply(new Vec3(b.x(), b.y(), -h)), place.apply(new Vec3(b.x(), b.y(), h)),
                            place.apply(new Vec3(a.x(), a.y(), h))), edge instanceof Outline.Line));
                }
            }
        }
        return faces;
    }

    private static Face flat(List<Outline.Point> points, double z, UnaryOperator<Vec3> place) {
        return new Face(points.stream().map(p -> place.apply(new Vec3(p.x(), p.y(), z))).toList(), true);
    }

    /** Faces of a profile turned about z, brought into place by a turn of the axes. */
    static List<Face> roundFaces(List<Outline.Point> profile, UnaryOperator<Vec3> place) {
        List<Face> faces = new ArrayList<>();
        for (int i = 0; i < profile.size(); i++) {
            Outline.Point a = profile.get(i);
            Outline.Point b = profile.get((i + 1) % profile.size());
            boolean flat = Math.abs(a.y() - b.y()) < 1e-12;
            if (flat && Math.min(a.x(), b.x()) < 1e-12 && Math.max(a.x(), b.x()) > 1e-12) {
                faces.add(disc(Math.max(a.x(), b.x()), a.y(), b.x() > a.x(), place));
            } else if (Math.max(a.x(), b.x()) > 1e-12) {
                for (int k = 0; k < STRIPS; k++) {
                    strip(faces, a, b, k, place);
                }
            }
        }
        return faces;
    }

    private static Face disc(double radius, double z, boolean below, UnaryOperator<Vec3> place) {
        List<Vec3> corners = new ArrayList<>();
        for (int k = 0; k < STRIPS; k++) {
            corners.add(place.apply(polar(radius, z, below ? STRIPS - k : k)));
        }
        return new Face(corners, true);
    }

    private static void strip(List<Face> faces, Outline.Point a, Outline.Point b, int k, UnaryOperator<Vec3> place) {
        List<Vec3> corners = new ArrayList<>();
        if (a.x() > 1e-12) {
            corners.add(place.apply(polar(a.x(), a.y(), k)));
            corners.add(place.apply(polar(a.x(), a.y(), k + 1)));
        } else {
            corners.add(place.apply(polar(0, a.y(), 0)));
        }
        if (b.x() > 1e-12) {
            corners.add(place.apply(polar(b.x(), b.y(), k + 1)));
            corners.add(place.apply(polar(b.x(), b.y(), k)));
        } else {
            corners.add(place.apply(polar(0, b.y(), 0)));
        }
        faces.add(new Face(corners, false));
    }

    private static Vec3 polar(double radius, double z, int k) {
        // The last strip ends in the very corners that the first begins with.
        double angle = 2 * Math.PI * (k % STRIPS) / STRIPS;
        return new Vec3(radius * Math.cos(angle), radius * Math.sin(angle), z);
    }
}
