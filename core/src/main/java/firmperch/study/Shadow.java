package firmperch.study;

import firmperch.body.Facets;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Vec3;
import firmperch.place.Lamp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Where a lamp's light throws a piece's shadow onto the filmed plane. The light comes from one point, so the shadow has a sharp edge; a real shade or window
 * makes that edge soft, by the size of the shade times the piece's height over the light's height above it. Each shadow is the outline around all of the piece's corners: a ring counts as full.
 *
 * @param lamp whose light is kept off
 * @param piece that keeps it off
 * @param outline on the filmed plane in the room, convex, m
 */
public record Shadow(Lamp lamp, Piece piece, List<Vec3> outline) {
    /** Nearer to the lamp's own height than that nothing throws a shadow that ends anywhere near, m. */
    private static final double BELOW = 0.01;
    /** A share of the picture that is not told. */
    private static final double NOTHING = 0.002;

    public Shadow {
        outline = List.copyOf(outline);
    }

    /** Every shadow that falls into the picture wanted. */
    public static List<Shadow> of(Situation s) {
        List<Shadow> all = new ArrayList<>();
        Target target = s.target();
        Vec3 normal = target.normal();
        for (Lamp lamp : s.project().place().lamps()) {
            double above = lamp.light().minus(target.centre()).dot(normal);
            for (int i = 0; above > BELOW && i < s.study().assembly().pieces().size(); i++) {
                Piece piece = s.study().assembly().pieces().get(i);
                if (piece.takesRoom()) {
                    of(s, target, lamp, i).ifPresent(all::add);
                }
            }
        }
        return all;
    }

    private static Optional<Shadow> of(Situation s, Target target, Lamp lamp, int number) {
        Piece piece = s.study().assembly().pieces().get(number);
        Facets facets = s.study().rig().facets(number);
        Placement place = s.posed().place(piece);
        Vec3 normal = target.normal();
        Vec3 light = lamp.light();
        double above = light.minus(target.centre()).dot(normal);
        List<Vec3> fallen = new ArrayList<>();
        for (Vec3 corner : facets.corners()) {
            Vec3 at = s.inRoom(place.point(corner));
            double height = at.minus(target.centre()).dot(normal);
            if (height > 0 && height < above - BELOW) {
                // Similar triangles: from the light through the corner as far as the plane.
                fallen.add(light.plus(at.minus(light).times(above / (above - height))));
            }
        }
        List<Vec3> outline = hull(fallen, target);
        return outline.size() > 2 && meets(outline, target)
                ? Optional.of(new Shadow(lamp, piece, outline))
                : Optional.empty();
    }

    private static double across(Vec3 p, Target t) {
        return p.minus(t.centre()).dot(t.right());
    }

    private static double along(Vec3 p, Target t) {
        return p.minus(t.centre()).dot(t.up());
    }

    /** The convex outline around points of the plane, counter-clockwise as the picture is seen (Andrew's monotone chain). */
    private static List<Vec3> hull(List<Vec3> points, Target t) {
        List<Vec3> sorted = points.stream().sorted(Comparator.comparingDouble((Vec3 p) -> across(p, t))
                .thenComparingDouble(p -> along(p, t))).toList();
        List<Vec3> hull = new ArrayList<>();
        for (int side = 0; side < 2; side++) {
            int begun = hull.size();
            for (Vec3 p : side == 0 ? sorted : sorted.reversed()) {
                while (hull.size() > begun + 1 && turn(hull.get(hull.size() - 2), hull.getLast(), p, t) <= 0) {
                    hull.removeLast();
                }
                hull.add(p);
            }
            if (!hull.isEmpty()) {
                hull.removeLast();
            }
        }
        return hull;
    }

    private static double turn(Vec3 a, Vec3 b, Vec3 c, Target t) {
        return (across(b, t) - across(a, t)) * (along(c, t) - along(a, t))
                - (along(b, t) - along(a, t)) * (across(c, t) - across(a, t));
    }

    /** True if no side of either separates them. */
    private static boolean meets(List<Vec3> outline, Target t) {
        List<Vec3> wanted = t.corners();
        return !apart(outline, wanted, t) && !apart(wanted, outline, t);
    }

    private static boolean apart(List<Vec3> sides, List<Vec3> other, Target t) {
        for (int i = 0; i < sides.size(); i++) {
            Vec3 a = sides.get(i);
            Vec3 b = sides.get((i + 1) % sides.size());
            if (other.stream().allMatch(c -> turn(a, b, c, t) <= 0)) {
                return true;
            }
        }
        return false;
    }

    /** Area of it that lies in the picture wanted, as a share of that; 0 to 1. */
    public double share(Target t) {
        List<Vec3> kept = outline;
        List<Vec3> wanted = t.corners();
        for (int k = 0; k < wanted.size() && !kept.isEmpty(); k++) {
            Vec3 a = wanted.get(k);
            Vec3 b = wanted.get((k + 1) % wanted.size());
            List<Vec3> left = new ArrayList<>();
            for (int i = 0; i < kept.size(); i++) {
                Vec3 p = kept.get(i);
                Vec3 q = kept.get((i + 1) % kept.size());
                double inP = turn(a, b, p, t);
                double inQ = turn(a, b, q, t);
                if (inP >= 0) {
                    left.add(p);
                }
                if (inP >= 0 != inQ >= 0) {
                    left.add(p.plus(q.minus(p).times(inP / (inP - inQ))));
                }
            }
            kept = left;
        }
        double twice = 0;
        for (int i = 0; i < kept.size(); i++) {
            Vec3 p = kept.get(i);
            Vec3 q = kept.get((i + 1) % kept.size());
            twice += across(p, t) * along(q, t) - across(q, t) * along(p, t);
        }
        return Math.abs(twice) / 2 / (t.width() * t.height());
    }

    /**
     * What falls on what is to be filmed, in a sentence for each lamp: "“Lamp” throws shadow on about 7 % of what you film, most of it the camera body's";
     * empty where nothing does. What two pieces shade counts twice.
     */
    public static String words(Situation s) {
        Target target = s.target();
        List<Shadow> all = of(s);
        return s.project().place().lamps().stream().flatMap(lamp -> {
            List<Shadow> its = all.stream().filter(shadow -> shadow.lamp.equals(lamp)).toList();
            double share = Math.min(1, its.stream().mapToDouble(shadow -> shadow.share(target)).sum());
            return share < NOTHING
                    ? Stream.empty()
                    : its.stream().max(Comparator.comparingDouble(shadow -> shadow.share(target)))
                            .map(most -> String.format(Locale.ROOT,
                                    "“%s” throws shadow on about %.0f %% of what you film, most of it from the %s.",
                                    lamp.name(), Math.max(1, share * 100), most.piece.name().toLowerCase(Locale.ROOT)))
                            .stream();
        }).collect(Collectors.joining(" "));
    }
}
