package firmperch.body;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The faces of a solid by the numbers of their corners, each corner once: what drawing it from anywhere needs, made once.
 *
 * @param corners in the solid's own axes, m
 */
public record Facets(List<Vec3> corners, List<Facet> faces) {
    /**
     * A face.
     *
     * @param normal which way it looks; of length 1
     * @param corners their numbers, counter-clockwise seen from outside
     * @param seams true if its edges are edges of the thing, false if it is a strip of something round
     */
    public record Facet(Vec3 normal, List<Integer> corners, boolean seams) {
        public Facet {
            corners = List.copyOf(corners);
        }
    }

    public Facets {
        corners = List.copyOf(corners);
        faces = List.copyOf(faces);
    }

    /** Those of a solid. */
    public static Facets of(Solid solid) {
        List<Vec3> corners = new ArrayList<>();
        Map<List<Long>, Integer> known = new HashMap<>();
        List<Facet> faces = new ArrayList<>();
        for (Solid.Face face : solid.faces()) {
            List<Integer> numbers = new ArrayList<>();
            for (Vec3 corner : face.corners()) {
                numbers.add(known.computeIfAbsent(place(corner), c -> {
                    corners.add(corner);
                    return corners.size() - 1;
                }));
            }
            faces.add(new Facet(face.normal(), numbers, face.seams()));
        }
        return new Facets(corners, faces);
    }

    /** Where a corner lies, in nanometres: once round a circle is where it began. */
    private static List<Long> place(Vec3 corner) {
        return List.of(Math.round(corner.x() * 1e9), Math.round(corner.y() * 1e9), Math.round(corner.z() * 1e9));
    }
}
