package firmperch.pose;

import firmperch.body.Body;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.units.Gravity;
import java.util.List;

/** Springs, ropes, cords and tethers as they run in a pose: their paths, pulls and what they catch. */
public final class Ties {
    private final Posed posed;

    Ties(Posed posed) {
        this.posed = posed;
    }

    /** The points that a tie runs through. */
    public List<Vec3> path(Tie tie) {
        return tie.path().stream().map(h -> posed.point(h.body(), h.at())).toList();
    }

    /** Length of a tie from its first hook to its last, m. */
    public double length(Tie tie) {
        List<Vec3> path = path(tie);
        double sum = 0;
        for (int i = 1; i < path.size(); i++) {
            sum += path.get(i).minus(path.get(i - 1)).length();
        }
        return sum;
    }

    /** How fast the stretch of a tie before a hook lengthens with a freedom, m per unit. */
    double stretch(Tie tie, int hook, int freedom) {
        Tie.Hook a = tie.path().get(hook - 1);
        Tie.Hook b = tie.path().get(hook);
        Vec3 from = posed.point(a.body(), a.at());
        Vec3 to = posed.point(b.body(), b.at());
        return posed.velocity(b.body(), to, freedom).minus(posed.velocity(a.body(), from, freedom))
                .dot(from.toward(to));
    }

    /** Pull of a tie, N: a spring by its stretch, a rope by the load on its end, a slack cord 0. */
    public double pull(Tie tie) {
        return switch (tie) {
            case Tie.Spring spring -> spring.pull(length(spring));
            case Tie.Rope rope -> hanging(rope);
            case Tie.Cord _,Tie.Tether _ -> 0;
        };
    }

    /**
     * Pull of a rope by virtual work, T = −Σ m·g·v_z / ℓ′: what hangs on its last hook sinks as its last stretch pays
     * out. Uses the freedom that pays out fastest; all agree unless something else carries part of the load.
     */
    private double hanging(Tie.Rope rope) {
        double pays = 0;
        int by = -1;
        for (int f = 0; f < posed.rig().assembly().freedoms().size(); f++) {
            double rate = stretch(rope, rope.path().size() - 1, f);
            if (Math.abs(rate) > Math.abs(pays) + 1e-9) {
                pays = rate;
                by = f;
            }
        }
        if (by < 0) {
            return 0;
        }
        double work = 0;
        for (Rig.StationMass part : posed.rig().masses()) {
            if (posed.rig().isOn(part.body(), rope.to().body().index())) {
                Body body = posed.rig().assembly().bodies().get(part.body());
                work -= part.mass() * Gravity.STANDARD
                        * posed.velocity(body, posed.place(body).point(part.centre()), by).z();
            }
        }
        return Math.max(0, work / pays);
    }

    /** What a tether catches: everything on the body of its last hook. */
    public Carried caught(Tie.Tether tether) {
        return posed.on(tether.to().body(), posed.point(tether.to().body(), tether.to().at()));
    }

    /** How far the load falls before a tether is taut, m: straight down from the height of its first hook. */
    public double fall(Tie.Tether tether) {
        Vec3 apart = posed.point(tether.to().body(), tether.to().at())
                .minus(posed.point(tether.from().body(), tether.from().at()));
        double aside = apart.radius();
        double taut = Math.sqrt(Math.max(0, tether.length() * tether.length() - aside * aside));
        return Math.max(0, taut + apart.z());
    }

    /** Direction of a tie's pull at a point of its path: the sum of the unit vectors to the points beside it. */
    static Vec3 along(List<Vec3> path, int i) {
        Vec3 sum = Vec3.ZERO;
        if (i > 0) {
            sum = sum.plus(path.get(i).toward(path.get(i - 1)));
        }
        if (i + 1 < path.size()) {
            sum = sum.plus(path.get(i).toward(path.get(i + 1)));
        }
        return sum;
    }
}
