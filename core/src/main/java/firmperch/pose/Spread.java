package firmperch.pose;

import firmperch.body.Body;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Vec3;
import firmperch.frame.FrameSolver;

/**
 * How far things can be from where they are in the middle of a cell of poses, derived from lengths and masses alone.
 *
 * <p>A point moves with a turning joint by at most its distance from the axis, with a sliding one by what it slides; the same
 * distances bound its second derivatives, mixed ones by the inner joint's (∂²p/∂f∂g = ω_f × ∂p/∂g). So along a direction n
 * the centre of mass moves by at most Σ|n·∂c/∂q_f|·w_f + ½·ΣΣ B_fg·w_f·w_g, with B_fg the share of the mass that both move
 * times the smaller radius (Taylor, with the remainder's bound).
 */
public final class Spread {
    private final Posed posed;
    private final double[] widths;
    private final double[] radii;
    private final double[] masses;
    private final double rest;

    private Spread(Posed posed, double[] widths) {
        this.posed = posed;
        this.widths = widths;
        Rig rig = posed.rig();
        radii = rig.radii();
        masses = rig.moved();
        double sum = 0;
        for (int f = 0; f < widths.length; f++) {
            for (int g = 0; g < widths.length; g++) {
                sum += Math.min(masses[f], masses[g]) / posed.mass() * Math.min(bend(f), bend(g)) * widths[f]
                        * widths[g];
            }
        }
        rest = sum / 2;
    }

    /**
     * The cell around a pose.
     *
     * @param widths how far each freedom may be from there: rad or m; 0 for steps
     */
    public static Spread of(Posed posed, double[] widths) {
        return new Spread(posed, widths.clone());
    }

    /** Slides have no second derivative of their own, but carry on what turns; bounded as if they turned. */
    private double bend(int f) {
        return radii[f];
    }

    /** How far the centre of mass can move along a direction of length 1, m. */
    public double centreAlong(Vec3 n) {
        double sum = rest;
        for (int f = 0; f < widths.length; f++) {
            if (widths[f] > 0) {
                sum += Math.abs(n.dot(posed.centreVelocity(f))) * widths[f];
            }
        }
        return sum;
    }

    /** How far any point of a body can move, m. */
    public double of(Body body) {
        double sum = 0;
        for (int f = 0; f < widths.length; f++) {
            if (widths[f] > 0 && posed.rig().moves(f, body)) {
                sum += radii[f] * widths[f];
            }
        }
        return sum;
    }

    /** How much a freedom's width loosens, for choosing along which to halve a cell. */
    public double weight(int freedom) {
        return radii[freedom] * widths[freedom];
    }

    /** How far any point at all can move, m. */
    public double anything() {
        double sum = 0;
        for (int f = 0; f < widths.length; f++) {
            sum += radii[f] * widths[f];
        }
        return sum;
    }

    /** How much gravity's moment about a freedom can change, N·m or N. */
    public double slope(int freedom) {
        double sum = 0;
        for (int g = 0; g < widths.length; g++) {
            sum += Math.min(masses[freedom], masses[g]) * FrameSolver.GRAVITY * Math.min(radii[freedom], radii[g])
                    * widths[g];
        }
        return sum;
    }

    /** Radius of everything that each freedom moves, about its axis, m, in whatever pose; and 1 at least for what slides. */
    static double[] radii(Rig rig) {
        double[] radii = new double[rig.assembly().freedoms().size()];
        for (Body body : rig.assembly().bodies()) {
            int f = rig.freedom(body.index());
            if (f >= 0) {
                radii[f] = Math.max(radii[f], radius(rig, body));
            }
        }
        return radii;
    }

    private static double radius(Rig rig, Body body) {
        double extent = extent(rig, body);
        return switch (body.motion()) {
            case Motion.Linked linked when linked.bar() == Motion.Bar.COUPLER -> {
                double fastest = 0;
                for (int i = 0; i <= 20; i++) {
                    double at = linked.freedom().from() + (linked.freedom().to() - linked.freedom().from()) * i / 20;
                    fastest = Math.max(fastest, Math.abs(linked.law().at(at).couplerRate()));
                }
                yield linked.law().first() + 1.2 * fastest * extent;
            }
            case Motion.Linked _,Motion.Turn _ -> extent;
            case Motion.Slide slide -> Math.abs(slide.ratio());
            case Motion.Step _,Motion.Fixed _ -> 0;
        };
    }

    /** How far anything that moves with a body can be from the body's origin, m. */
    private static double extent(Rig rig, Body body) {
        double most = 0;
        for (Piece piece : rig.assembly().piecesOf(body)) {
            most = Math.max(most, piece.at().origin().length() + size(piece));
        }
        for (Body child : rig.assembly().bodies()) {
            if (body.equals(child.parent())) {
                most = Math.max(most, child.at().origin().length() + travel(child) + extent(rig, child));
            }
        }
        return most;
    }

    private static double size(Piece piece) {
        double sum = 0;
        for (Vec3 axis : new Vec3[]{new Vec3(1, 0, 0), new Vec3(0, 1, 0), Vec3.UP}) {
            double reach = Math.max(Math.abs(piece.solid().reach(axis)), Math.abs(piece.solid().reach(axis.times(-1))));
            sum += reach * reach;
        }
        return Math.sqrt(sum);
    }

    private static double travel(Body body) {
        return switch (body.motion()) {
            case Motion.Fixed _,Motion.Turn _ -> 0;
            case Motion.Slide s -> Math.abs(s.ratio())
                    * Math.max(Math.abs(s.freedom().from()), Math.abs(s.freedom().to()));
            case Motion.Step s -> s.seats().stream().mapToDouble(Math::abs).max().orElse(0);
            case Motion.Linked l -> l.bar() == Motion.Bar.FIRST
                    ? 0
                    : Math.max(l.law().first(), Math.hypot(l.law().groundX(), l.law().groundZ()));
        };
    }
}
