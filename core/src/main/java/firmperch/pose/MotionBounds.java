package firmperch.pose;

import firmperch.body.Body;
import firmperch.body.Contact;
import firmperch.body.Joint;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Station;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Greatest speeds, and greatest changes of speed, with which a rig's freedoms can move its bodies in any pose.
 * Derived from lengths alone, once an edit.
 *
 * <p>A body i moved by a freedom turns by at most ω_i and shifts its origin by at most v_i for each unit ({@link
 * Motion#most}). A point at most r from that origin moves by at most v_i + ω_i·r. Second derivatives: ω_i²·r for the
 * motion itself plus the curvature of its origin's path; for two motions, i below j, ∂²p/∂q_i∂q_j = ω_i × ∂p/∂q_j.
 * Where one freedom moves several bodies of a chain, the contributions add up.
 */
final class MotionBounds {
    private static final double SAME = 1e-9;

    private final Rig rig;
    private final int freedoms;
    private final double[] extents;
    private final double[][] speed;
    private final double[][][] bend;
    private final boolean[] even;
    private final boolean[] level;
    private final double[] massSpeed;
    private final double[][] massBend;
    private final Map<String, RelativeMotionBounds> between = new ConcurrentHashMap<>();

    MotionBounds(Rig rig) {
        this.rig = rig;
        List<Body> bodies = rig.assembly().bodies();
        freedoms = rig.assembly().freedoms().size();
        speed = new double[bodies.size()][];
        bend = new double[bodies.size()][][];
        even = new boolean[freedoms];
        level = new boolean[freedoms];
        massSpeed = new double[freedoms];
        massBend = new double[freedoms][freedoms];
        extents = extents();
        for (Body body : bodies) {
            ChainBounds chain = new ChainBounds(rig, body, ChainBounds.PLACE, extents[body.index()]);
            speed[body.index()] = chain.speed;
            bend[body.index()] = chain.bend;
        }
        for (Rig.StationMass part : rig.masses()) {
            for (int f = 0; f < freedoms; f++) {
                massSpeed[f] += part.mass() * speed[part.body()][f];
                for (int g = 0; g < freedoms; g++) {
                    massBend[f][g] += part.mass() * bend[part.body()][f][g];
                }
            }
        }
        flat(bodies);
    }

    /**
     * Greatest distance of anything of a body from its origin, m: its pieces and the points where joints, ties and
     * contacts take hold.
     */
    private double[] extents() {
        double[] most = new double[rig.assembly().bodies().size()];
        for (Piece piece : rig.assembly().pieces()) {
            reaches(most, piece.body(), piece.at().origin().length() + size(piece));
        }
        for (Contact contact : rig.assembly().contacts()) {
            reaches(most, contact.body(), contact.pivot().length() + contact.roam());
        }
        for (Joint joint : rig.assembly().joints()) {
            reaches(most, joint.inner().body(), joint.inner().at().length());
            reaches(most, joint.outer().body(), joint.outer().at().length());
        }
        for (Station station : rig.assembly().stations()) {
            reaches(most, station.body(), station.seat().length());
        }
        for (Tie tie : rig.assembly().ties()) {
            tie.path().forEach(h -> reaches(most, h.body(), h.at().length()));
        }
        reaches(most, rig.assembly().mount().body(), rig.assembly().mount().at().length());
        return most;
    }

    private static void reaches(double[] most, Body body, double distance) {
        if (body != null) {
            most[body.index()] = Math.max(most[body.index()], distance);
        }
    }

    private static double size(Piece piece) {
        double sum = 0;
        for (Vec3 axis : new Vec3[]{Vec3.X, Vec3.Y, Vec3.UP}) {
            double reach = Math.max(Math.abs(piece.solid().reach(axis)), Math.abs(piece.solid().reach(axis.times(-1))));
            sum += reach * reach;
        }
        return Math.sqrt(sum);
    }

    /**
     * Finds the freedoms that change no height in any pose, because they turn about an upright axis or slide level.
     */
    private void flat(List<Body> bodies) {
        Vec3[] up = new Vec3[bodies.size()];
        Arrays.fill(even, true);
        Arrays.fill(level, true);
        for (Body body : bodies) {
            Vec3 before = body.parent() == null ? Vec3.UP : up[body.parent().index()];
            Vec3 home = before == null ? null : body.at().inward(before);
            int f = rig.freedom(body.index());
            boolean keeps = switch (body.motion()) {
                case Motion.Fixed _,Motion.Slide _,Motion.Step _ -> true;
                case Motion.Turn turn -> home != null && along(turn.axis(), home);
                case Motion.Linked linked -> linked.bar() == Motion.Bar.COUPLER && linked.law().level();
            };
            up[body.index()] = keeps ? home : null;
            if (f >= 0) {
                even[f] &= body.motion().most().even();
                level[f] &= home != null && switch (body.motion()) {
                    case Motion.Turn turn -> along(turn.axis(), home);
                    case Motion.Slide slide -> Math.abs(slide.along().dot(home)) < SAME;
                    case Motion.Step step -> Math.abs(step.along().dot(home)) < SAME;
                    case Motion.Linked _,Motion.Fixed _ -> false;
                };
            }
        }
    }

    private static boolean along(Vec3 axis, Vec3 up) {
        return Math.abs(Math.abs(axis.dot(up)) - 1) < SAME;
    }

    /** How the bodies at the two ends of a tie move against each other. */
    RelativeMotionBounds between(Tie tie) {
        return between.computeIfAbsent(tie.id(),
                id -> RelativeMotionBounds.of(rig, tie.from().body(), tie.to().body()));
    }

    /** Greatest distance of anything of a body from its origin, m. */
    double extent(Body body) {
        return extents[body.index()];
    }

    /** Greatest speed of any point of a body with a freedom, m per unit. */
    double speed(Body body, int freedom) {
        return body == null ? 0 : speed[body.index()][freedom];
    }

    /** Greatest change of that speed with another freedom, m per unit of both; infinite if no bound is derived. */
    double bend(Body body, int freedom, int other) {
        return body == null ? 0 : bend[body.index()][freedom][other];
    }

    /** Mass times speed, summed, kg·m for each unit. */
    double massSpeed(int freedom) {
        return massSpeed[freedom];
    }

    /** Mass times bend, summed, kg·m for each unit of both. */
    double massBend(int freedom, int other) {
        return massBend[freedom][other];
    }

    /** True if it turns what it moves at a constant rate, so that second derivatives are bounded. */
    boolean even(int freedom) {
        return even[freedom];
    }

    /** True if it changes no height in any pose. */
    boolean level(int freedom) {
        return level[freedom];
    }

    /**
     * True if a freedom does not affect how fast the other moves anything. Below the other it only shifts what the
     * other moves; above, it moves only what the other shifts, as at the end of a level-keeping arm.
     */
    boolean shifts(int freedom, int other) {
        for (Body body : rig.assembly().bodies()) {
            for (Body p = body; p != null; p = p.parent()) {
                for (Body q = body; rig.freedom(p.index()) == other && q != null; q = q.parent()) {
                    Body below = rig.isOn(p.index(), q.index()) ? q : p;
                    if (rig.freedom(q.index()) == freedom && below.motion().most().turn() > 0) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    /**
     * True if a freedom can make a difference to gravity's moment at a station's seat. One that turns about an upright axis
     * cannot, if all that is carried and does not turn with it lies on that axis, and the seat too.
     */
    boolean feltAt(Station station, int freedom) {
        if (!level[freedom]) {
            return true;
        }
        List<Body> turning = rig.assembly().bodies().stream().filter(b -> rig.freedom(b.index()) == freedom).toList();
        if (turning.size() != 1 || !(turning.getFirst().motion() instanceof Motion.Turn)) {
            return true;
        }
        Vec3 axis = still(turning.getFirst().parent(), turning.getFirst().at().origin());
        if (axis == null || !rig.moves(freedom, station.body()) && off(axis, still(station.body(), station.seat()))) {
            return true;
        }
        int low = rig.indexOf(station);
        boolean seatTurns = rig.moves(freedom, station.body());
        for (Rig.StationMass part : rig.masses()) {
            Body body = rig.assembly().bodies().get(part.body());
            if (rig.carries(low, part.station()) && !rig.moves(freedom, body)
                    && (seatTurns || off(axis, still(body, part.centre())))) {
                return true;
            }
        }
        return false;
    }

    private static boolean off(Vec3 axis, Vec3 point) {
        return point == null || Math.hypot(point.x() - axis.x(), point.y() - axis.y()) > SAME;
    }

    /** A point of a body seen from above if no freedom moves it there; otherwise null. */
    private Vec3 still(Body body, Vec3 at) {
        Vec3 point = at;
        for (Body b = body; b != null; b = b.parent()) {
            boolean stays = switch (b.motion()) {
                case Motion.Fixed _ -> true;
                case Motion.Slide slide -> upright(b, slide.along());
                case Motion.Step step -> upright(b, step.along());
                case Motion.Turn _,Motion.Linked _ -> false;
            };
            if (!stays) {
                return null;
            }
            point = b.at().point(point);
        }
        return point;
    }

    private static boolean upright(Body body, Vec3 along) {
        return along(body.home().direction(along), Vec3.UP);
    }
}
