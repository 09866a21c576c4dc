package firmperch.draw;

import firmperch.body.Vec3;
import firmperch.draw.Shape.Anchor;
import firmperch.draw.Shape.Point;
import firmperch.place.Bench;
import firmperch.place.Block;
import firmperch.study.InPicture;
import firmperch.study.Shadow;
import firmperch.study.Sight;
import firmperch.study.Situation;
import firmperch.study.Target;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What the camera sees: bench, work, a hand and the rig's own pieces in central projection, in metres as they are on the filmed plane at the
 * middle of the picture.
 */
public final class LensView {
    /** The work as it is drawn, m: as wide as in the view from the side. */
    private static final double WORK = 0.11;
    /** Steps of the scale at the edge, m: metric, and by the inch. */
    private static final double[] METRIC = {0.001, 0.002, 0.005, 0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1};
    private static final double[] INCHES = {0.00635, 0.0127, 0.0254, 0.0508, 0.1524, 0.3048, 0.6096, 1.2192};
    private static final int MOST_STEPS = 9;
    private static final double MAT_WIDE = 0.45;
    private static final double MAT_DEEP = 0.30;
    /** So far from straight down whoever works there comes into the picture, rad. */
    private static final double LEVELISH = Math.toRadians(25);
    private static final int ROUND = 20;
    /** Height of the scale at the upper edge and length of its ticks, as shares of the picture's height. */
    private static final double SCALE = 0.075;
    private static final double TICK = 0.025;

    private final Situation s;
    private final Sight sight;
    private final double wide;
    private final double deep;
    private boolean words;
    private final Drawing.Builder out = new Drawing.Builder();

    private LensView(Situation s) {
        this.s = s;
        sight = Sight.of(s);
        wide = sight.sees() ? sight.wide() : s.target().width();
        deep = sight.sees() ? sight.deep() : s.target().height();
    }

    /** Draws it. */
    public static Drawing of(Situation s) {
        return of(s, true);
    }

    /** Draws it as small as a stamp: without words and scale. */
    public static Drawing small(Situation s) {
        return of(s, false);
    }

    private static Drawing of(Situation s, boolean words) {
        LensView view = new LensView(s);
        view.words = words;
        view.out.box(Ink.FLOOR, -view.wide / 2, -view.deep / 2, view.wide / 2, view.deep / 2);
        if (view.sight.sees()) {
            view.things();
            if (words) {
                view.scale();
            }
        } else if (words) {
            view.out.label(Ink.HINT, new Point(0, 0), Anchor.ABOVE, "the camera does not look at the work");
        }
        view.frame();
        double top = view.deep * (0.5 + (words ? SCALE : 0));
        return view.out.build(-view.wide / 2, -view.deep / 2, view.wide / 2, top);
    }

    private Point at(Sight.Seen place) {
        return new Point(place.x() * wide / 2, place.y() * deep / 2);
    }

    private void face(Ink ink, Vec3... corners) {
        face(ink, List.of(corners));
    }

    private void face(Ink ink, List<Vec3> corners) {
        List<Sight.Seen> seen = sight.clipped(corners, 0.001, Sight.Before.ANY);
        if (seen.size() > 2) {
            out.area(ink, seen.stream().map(this::at).toList());
        }
    }

    private void things() {
        Bench bench = s.project().place().bench();
        // What stands beside the bench and below it first: its top hides the rest.
        pieces(InPicture.of(s, sight, Sight.Before.ANY));
        double y = bench.width() / 2;
        boolean ahead = sight.slant() > LEVELISH;
        blocks();
        if (ahead) {
            person();
        }
        level(Ink.BENCH, bench.from(), -y, bench.from() + bench.depth(), y, bench.height());
        mat(bench);
        work(bench.height());
        tool(bench.height());
        Shadow.of(s).forEach(shadow -> shadow.outlines().forEach(part -> face(Ink.SHADOW, part)));
        wanted();
        hand();
        pieces(InPicture.of(s, sight, Sight.Before.above(bench.height())));
    }

    /** What else is in the room, the farthest first. */
    private void blocks() {
        ThingShapes.blocks(s.project().place())
                .sorted(Comparator.comparingDouble((Block b) -> -sight.depth(b.least().plus(b.most()).times(0.5))))
                .forEach(block -> block.faces().stream()
                        .filter(f -> sight.eye().minus(f.getFirst()).dot(Block.normal(f)) > 0)
                        .forEach(f -> face(Ink.THING, f)));
    }

    private void level(Ink ink, double x0, double y0, double x1, double y1, double z) {
        face(ink, new Vec3(x0, y0, z), new Vec3(x1, y0, z), new Vec3(x1, y1, z), new Vec3(x0, y1, z));
    }

    /** A cutting mat of 450 × 300 mm under the work, as far as the bench goes: a common size, no source. */
    private void mat(Bench bench) {
        Vec3 c = Target.work(s.project());
        double x0 = Math.max(bench.from(), c.x() - MAT_DEEP / 2);
        double x1 = Math.min(bench.from() + bench.depth(), c.x() + MAT_DEEP / 2);
        double y0 = Math.max(-bench.width() / 2, c.y() - MAT_WIDE / 2);
        double y1 = Math.min(bench.width() / 2, c.y() + MAT_WIDE / 2);
        if (x0 < x1 && y0 < y1) {
            level(Ink.WALKWAY, x0, y0, x1, y1, bench.height());
        }
    }

    /** A knife of 160 mm that lies beside the work. */
    private void tool(double bench) {
        Vec3 end = Target.work(s.project()).plus(new Vec3(-WORK - 0.055, -0.08, 0));
        Vec3 along = new Vec3(0.2, 1, 0).times(1 / Math.hypot(1, 0.2));
        Vec3 aside = Vec3.UP.cross(along);
        Vec3 at = new Vec3(end.x(), end.y(), bench + 0.005);
        Vec3 neck = at.plus(along.times(0.105));
        Vec3 handle = aside.times(0.009);
        Vec3 blade = aside.times(0.005);
        face(Ink.STICK, at.plus(handle), at.minus(handle), neck.minus(handle), neck.plus(handle));
        face(Ink.PLATE, neck.plus(blade), neck.minus(blade), neck.plus(along.times(0.055)).minus(blade),
                neck.plus(along.times(0.04)).plus(blade));
    }

    private void work(double bench) {
        Vec3 c = Target.work(s.project());
        if (c.z() <= bench) {
            return;
        }
        for (Vec3 n : List.of(Vec3.X, Vec3.Y, Vec3.X.negated(), Vec3.Y.negated())) {
            Vec3 middle = new Vec3(c.x(), c.y(), 0).plus(n.times(WORK));
            Vec3 aside = Vec3.UP.cross(n).times(WORK);
            Vec3 low = middle.plus(Vec3.UP.times(bench));
            if (sight.eye().minus(low).dot(n) > 0) {
                Vec3 rise = Vec3.UP.times(c.z() - bench);
                face(Ink.WORK, low.plus(aside), low.minus(aside), low.minus(aside).plus(rise),
                        low.plus(aside).plus(rise));
            }
        }
        level(Ink.WORK, c.x() - WORK, c.y() - WORK, c.x() + WORK, c.y() + WORK, c.z());
    }

    /** What must be in the picture, and where it is cut off. */
    private void wanted() {
        List<Sight.Seen> seen = sight.clipped(sight.wanted(), 0.001, Sight.Before.ANY);
        if (seen.size() > 2) {
            List<Point> round = new ArrayList<>(seen.stream().map(this::at).toList());
            round.add(round.getFirst());
            out.path(Ink.WANTED, round.toArray(Point[]::new));
        }
        sight.furthest().filter(corner -> words && corner.out() > 1.0005).ifPresent(corner -> {
            boolean aside = Math.abs(corner.x()) >= Math.abs(corner.y());
            double off = (corner.out() - 1) * (aside ? wide : deep) / 2;
            out.label(Ink.LIMIT, at(new Sight.Seen(Math.clamp(corner.x(), -0.97, 0.97),
                    Math.clamp(corner.y(), -0.93, 0.93))),
                    corner.x() > 0 ? Anchor.LEFT : Anchor.RIGHT, s.length(off) + " cut off here");
        });
    }

    private void pieces(List<InPicture> shown) {
        for (InPicture piece : shown) {
            List<Point> round = piece.round().stream().flatMap(List::stream).map(this::at).toList();
            if (round.size() > 2) {
                out.area(Projection.ink(piece.piece()), Projection.hull(round));
            }
            for (List<Sight.Seen> face : piece.faces()) {
                out.area(Projection.ink(piece.piece()), face.stream().map(this::at).toList());
            }
        }
    }

    /** Who works there, as flat limbs that face the lens, the farthest first. */
    private void person() {
        for (Person.Limb limb : Person.limbs(s, sight.eye())) {
            Vec3 toward = sight.eye().minus(limb.middle());
            Vec3 along = limb.to().minus(limb.from());
            Vec3 aside = along.cross(toward);
            if (aside.length() > 1e-9) {
                Vec3 half = aside.times(limb.width() / 2 / aside.length());
                face(Ink.PERSON, limb.from().plus(half), limb.from().minus(half), limb.to().minus(half),
                        limb.to().plus(half));
            }
        }
        Vec3 head = Person.head(s);
        Vec3 right = sight.eye().minus(head).cross(Vec3.UP);
        Vec3 across = right.times(1 / Math.max(1e-9, right.length()));
        List<Vec3> round = new ArrayList<>();
        for (int i = 0; i < ROUND; i++) {
            double angle = 2 * Math.PI * i / ROUND;
            round.add(head.plus(across.times(Person.FACE * Math.cos(angle)))
                    .plus(Vec3.UP.times(Person.HEAD / 2 * s.project().place().bench().worker() * Math.sin(angle))));
        }
        face(Ink.HAND, round);
    }

    /**
     * The right hand of who works there ({@link Person}), 190 mm long and 85 mm wide (DIN 33402-2, from memory), flat a little above the
     * filmed plane.
     */
    private void hand() {
        Vec3 ahead = Vec3.X.negated().turned(Math.toRadians(28));
        Vec3 aside = Vec3.UP.cross(ahead);
        Vec3 tip = Target.work(s.project()).plus(new Vec3(0, 0.05, 0.02));
        Hand hand = new Hand(tip.minus(ahead.times(0.19)), ahead, aside);
        face(Ink.HAND, hand.finger(0, -0.45, 0, 0.02, 0.065));
        face(Ink.HAND, hand.finger(0.034, 0.045, 0.062, 0.095, 0.02));
        double[][] fingers = {{-0.031, 0.09, -0.036, 0.15, 0.016}, {-0.011, 0.095, -0.012, 0.177, 0.018},
                {0.010, 0.095, 0.012, 0.181, 0.018}, {0.030, 0.09, 0.034, 0.166, 0.018}};
        for (double[] f : fingers) {
            face(Ink.HAND, hand.finger(f[0], f[1], f[2], f[3], f[4]));
        }
        face(Ink.HAND, hand.at(-0.036, 0), hand.at(0.036, 0), hand.at(0.0425, 0.06), hand.at(0.040, 0.1),
                hand.at(-0.0405, 0.1), hand.at(-0.0425, 0.06));
    }

    /** A hand that lies flat: from the wrist ahead to the fingers' tips, and aside. */
    private record Hand(Vec3 wrist, Vec3 ahead, Vec3 aside) {
        private static final int ROUND = 5;

        Vec3 at(double x, double y) {
            return wrist.plus(aside.times(x)).plus(ahead.times(y));
        }

        /** A finger from here to there, rounded at its end. */
        List<Vec3> finger(double x0, double y0, double x1, double y1, double width) {
            double long0 = Math.hypot(x1 - x0, y1 - y0);
            double ux = (x1 - x0) / long0;
            double uy = (y1 - y0) / long0;
            double r = width / 2;
            List<Vec3> round = new ArrayList<>(List.of(at(x0 - uy * r, y0 + ux * r), at(x0 + uy * r, y0 - ux * r)));
            for (int i = 0; i <= ROUND; i++) {
                double angle = Math.PI * i / ROUND - Math.PI / 2;
                double along = (Math.cos(angle) - 1) * r;
                double across = Math.sin(angle) * r;
                round.add(at(x1 + ux * along - uy * across, y1 + uy * along + ux * across));
            }
            return round;
        }
    }

    /** A scale at the upper edge, true at the middle of the picture. */
    private void scale() {
        double[] steps = s.project().units() == UnitSystem.METRIC ? METRIC : INCHES;
        double step = steps[steps.length - 1];
        for (int i = steps.length - 1; i >= 0; i--) {
            step = wide / steps[i] <= MOST_STEPS ? steps[i] : step;
        }
        double top = deep / 2;
        for (int i = 0; i * step <= wide + 1e-9; i++) {
            double x = -wide / 2 + i * step;
            out.path(Ink.DIMENSION, new Point(x, top), new Point(x, top + deep * TICK));
            if (i * step < wide - step / 3) {
                out.label(Ink.HINT, new Point(x, top + deep * (TICK + SCALE) / 2), Anchor.RIGHT,
                        i == 0 ? s.length(0) : Quantity.LENGTH.bare(i * step, s.project().units()));
            }
        }
    }

    private void frame() {
        double x = wide / 2;
        double y = deep / 2;
        out.path(Ink.DIMENSION, new Point(-x, -y), new Point(x, -y), new Point(x, y), new Point(-x, y),
                new Point(-x, -y));
    }
}
