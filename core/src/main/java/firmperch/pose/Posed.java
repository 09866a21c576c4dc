package firmperch.pose;

import firmperch.body.Body;
import firmperch.body.Contact;
import firmperch.body.Freedom;
import firmperch.body.Joint;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Station;
import firmperch.body.Stiffness;
import firmperch.body.Surface;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.units.Gravity;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;

/**
 * A rig in a pose: where everything is, what it weighs, and how it would move. All in the rig's own axes: origin in
 * the place, x forward, y left, z up.
 */
public final class Posed {
    /**
     * A foot may be this much above the lowest one and still find the floor as the rig settles, m: our own judgement.
     */
    public static final double LIFTED = 0.003;

    private final Rig rig;
    private final Pose pose;
    private final Placement[] places;
    private final Placement[] homes;
    private final Motion.Rate[] rates;
    private final Ties ties = new Ties(this);
    private Carried everything;
    /** What moves with each body; null until it is asked for. */
    private final Carried[] carried;
    /** What rests on each station; null until it is asked for. */
    private final Carried[] resting;
    private final double[] slopes;
    private double top = Double.NaN;
    private double[] lowest;

    private Posed(Rig rig, Pose pose) {
        this.rig = rig;
        this.pose = pose;
        places = new Placement[rig.assembly().bodies().size()];
        homes = new Placement[places.length];
        rates = new Motion.Rate[places.length];
        carried = new Carried[places.length];
        resting = new Carried[rig.assembly().stations().size()];
        slopes = new double[rig.assembly().freedoms().size()];
        Arrays.fill(slopes, Double.NaN);
    }

    /** Where the body of that number is, worked out when it is first asked for: what seeks a pose asks for few. Safe without a lock, as two threads get the same result. */
    private Placement place(int i) {
        Placement place = places[i];
        if (place == null) {
            Motion motion = rig.assembly().bodies().get(i).motion();
            place = motion instanceof Motion.Fixed ? home(i) : home(i).of(motion.at(pose.get(rig.freedom(i))));
            places[i] = place;
        }
        return place;
    }

    /** Where it would be unmoved. */
    private Placement home(int i) {
        Placement home = homes[i];
        if (home == null) {
            Placement at = rig.assembly().bodies().get(i).at();
            home = rig.parent(i) < 0 ? at : place(rig.parent(i)).of(at);
            homes[i] = home;
        }
        return home;
    }

    /** Puts a rig into a pose. */
    public static Posed of(Rig rig, Pose pose) {
        return new Posed(rig, pose);
    }

    /** Safe without a lock: two threads may sum it up at the same time and get the same result. */
    private Carried everything() {
        if (everything == null) {
            everything = sum(part -> true);
        }
        return everything;
    }

    private Carried sum(Predicate<Rig.StationMass> which) {
        double mass = 0;
        double x = 0;
        double y = 0;
        double z = 0;
        for (Rig.StationMass part : rig.masses()) {
            if (which.test(part)) {
                Vec3 at = place(part.body()).point(part.centre());
                mass += part.mass();
                x += part.mass() * at.x();
                y += part.mass() * at.y();
                z += part.mass() * at.z();
            }
        }
        return new Carried(mass, mass > 0 ? new Vec3(x / mass, y / mass, z / mass) : Vec3.ZERO);
    }

    public Rig rig() {
        return rig;
    }

    public Pose pose() {
        return pose;
    }

    /** Where a body is. */
    public Placement place(Body body) {
        return place(body.index());
    }

    /** Where a piece is. */
    public Placement place(Piece piece) {
        return place(piece.body().index()).of(piece.at());
    }

    /** A point of a body. */
    public Vec3 point(Body body, Vec3 at) {
        return body == null ? at : place(body.index()).point(at);
    }

    /** The place of a joint: where its outer side takes hold or, for a bar sliding in a sleeve, its inner side. */
    public Vec3 at(Joint joint) {
        Joint.Side side = joint.sleeve() ? joint.inner() : joint.outer();
        return point(side.body(), side.at());
    }

    /** The way a joint's axis points. */
    public Vec3 axis(Joint joint) {
        return place(joint.inner().body().index()).direction(joint.axis());
    }

    /** Where a contact stands. */
    public Vec3 at(Contact contact) {
        return point(contact.body(), contact.point());
    }

    /** The point about which a contact swivels. */
    public Vec3 pivot(Contact contact) {
        return point(contact.body(), contact.pivot());
    }

    /**
     * True if a contact bears in this pose. A contact that only pushes may have been lifted off its surface by a
     * joint.
     */
    public boolean bears(Contact contact) {
        return !contact.pushesOnly() || lifted(contact) <= LIFTED;
    }

    /** Height of a contact above its surface, m. The surface is taken to be where the lowest contact on it is. */
    public double lifted(Contact contact) {
        if (lowest == null) {
            double[] least = new double[Surface.values().length];
            Arrays.fill(least, Double.POSITIVE_INFINITY);
            for (Contact other : rig.assembly().contacts()) {
                int surface = other.surface().ordinal();
                least[surface] = Math.min(least[surface], at(other).dot(other.surface().normal()));
            }
            lowest = least;
        }
        return at(contact).dot(contact.surface().normal()) - lowest[contact.surface().ordinal()];
    }

    /** The camera's mounting face. */
    public Vec3 mount() {
        return point(rig.assembly().mount().body(), rig.assembly().mount().at());
    }

    /** The camera's own axes: x forward, z up, origin on its mounting face. */
    public Placement camera() {
        return place(rig.assembly().mount().body().index()).of(Placement.at(rig.assembly().mount().at()));
    }

    /** The ties as they run in this pose. */
    public Ties ties() {
        return ties;
    }

    /** Mass of everything, the spare included, kg. */
    public double mass() {
        return rig.mass();
    }

    /** Weight of everything, N. */
    public double weight() {
        return rig.mass() * Gravity.STANDARD;
    }

    /** Centre of mass of everything, m. */
    public Vec3 centre() {
        return everything().centre();
    }

    /** Mass of a station and everything that rests on it, spare included, kg. */
    public double massFrom(Station station) {
        return rig.massFrom(station);
    }

    private Carried from(Station station) {
        int low = rig.indexOf(station);
        if (resting[low] == null) {
            resting[low] = sum(part -> rig.carries(low, part.station()));
        }
        return resting[low];
    }

    /** Centre of mass of a station and everything that rests on it, m; the station's seat if nothing has mass. */
    public Vec3 centreFrom(Station station) {
        return from(station).mass() > 0 ? from(station).centre() : seat(station);
    }

    /** The point where a station passes on its load. */
    public Vec3 seat(Station station) {
        return point(station.body(), station.seat());
    }

    /** Gravity's moment at a station's seat from the station and everything that rests on it, N·m. */
    public double momentAt(Station station) {
        return massFrom(station) * Gravity.STANDARD * centreFrom(station).minus(seat(station)).radius();
    }

    /**
     * Mass and centre of everything beyond a joint: its outer body and all that moves with it. The joint must be the
     * only connection.
     */
    public Carried beyond(Joint joint) {
        return on(joint.outer().body(), at(joint));
    }

    /** Mass and centre of a body and everything that moves with it; the given centre if nothing has mass. */
    Carried on(Body body, Vec3 nothing) {
        int outer = body.index();
        if (carried[outer] == null) {
            carried[outer] = sum(part -> rig.isOn(part.body(), outer));
        }
        return carried[outer].mass() > 0 ? carried[outer] : new Carried(0, nothing);
    }

    /**
     * Force and moment, about the joint, from everything beyond it: weight and the pull of ties. The joint must be
     * the only connection.
     */
    public Wrench onto(Joint joint) {
        Vec3 at = at(joint);
        Carried held = beyond(joint);
        Vec3 weight = new Vec3(0, 0, -held.weight());
        Wrench sum = new Wrench(weight, held.centre().minus(at).cross(weight));
        int outer = joint.outer().body().index();
        for (Tie tie : rig.assembly().ties()) {
            double pull = ties.pull(tie);
            List<Vec3> path = pull == 0 ? List.of() : ties.path(tie);
            for (int i = 0; i < path.size(); i++) {
                Body body = tie.path().get(i).body();
                if (body != null && rig.isOn(body.index(), outer)) {
                    Vec3 force = Ties.along(path, i).times(pull);
                    sum = sum.plus(new Wrench(force, path.get(i).minus(at).cross(force)));
                }
            }
        }
        return sum;
    }

    /** How fast the body of that number moves with its own freedom, in the rig's axes. */
    private Motion.Rate rate(int i) {
        Motion.Rate rate = rates[i];
        if (rate == null) {
            Motion.Rate own = rig.assembly().bodies().get(i).motion().rate(pose.get(rig.freedom(i)));
            rate = new Motion.Rate(home(i).direction(own.turn()), home(i).direction(own.shift()));
            rates[i] = rate;
        }
        return rate;
    }

    /** Velocity of a point fixed to a body for each unit of a freedom, m; zero for steps. */
    public Vec3 velocity(Body body, Vec3 at, int freedom) {
        Vec3 sum = Vec3.ZERO;
        for (int i = body == null ? -1 : body.index(); i >= 0; i = rig.parent(i)) {
            if (rig.freedom(i) == freedom) {
                sum = sum.plus(rate(i).shift()).plus(rate(i).turn().cross(at.minus(place(i).origin())));
            }
        }
        return sum;
    }

    /** Turning rate of a body for each unit of a freedom, rad. */
    public Vec3 turning(Body body, int freedom) {
        Vec3 sum = Vec3.ZERO;
        for (int i = body.index(); i >= 0; i = rig.parent(i)) {
            if (rig.freedom(i) == freedom) {
                sum = sum.plus(rate(i).turn());
            }
        }
        return sum;
    }

    /** Turn of a joint about its axis for each unit of a freedom, rad. */
    public double turning(Joint joint, int freedom) {
        return turning(joint.outer().body(), freedom).minus(turning(joint.inner().body(), freedom)).dot(axis(joint));
    }

    /** ∂V/∂q: change of the potential of all masses and springs with a freedom, N·m/rad or N. */
    public double potentialSlope(int freedom) {
        if (Double.isNaN(slopes[freedom])) {
            slopes[freedom] = slope(freedom);
        }
        return slopes[freedom];
    }

    private double slope(int freedom) {
        double slope = 0;
        for (Rig.StationMass part : rig.masses()) {
            Body body = rig.assembly().bodies().get(part.body());
            if (rig.moves(freedom, body)) {
                slope += part.mass() * Gravity.STANDARD
                        * velocity(body, place(part.body()).point(part.centre()), freedom).z();
            }
        }
        for (Tie tie : rig.assembly().ties()) {
            // A rope keeps its length, so its pull does no work; a slack cord does not pull.
            if (tie instanceof Tie.Spring) {
                double pull = ties.pull(tie);
                slope += pull == 0 ? 0 : pull * ties.stretch(tie, 1, freedom);
            }
        }
        return slope;
    }

    /** Σ m·v² of all masses for each unit of a freedom, kg·m² or kg: twice the energy of moving at 1; each taken as a point. */
    public double inertia(int freedom) {
        double sum = 0;
        for (Rig.StationMass part : rig.masses()) {
            Body body = rig.assembly().bodies().get(part.body());
            if (rig.moves(freedom, body)) {
                double speed = velocity(body, place(part.body()).point(part.centre()), freedom).length();
                sum += part.mass() * speed * speed;
            }
        }
        return sum;
    }

    /** Velocity of the whole centre of mass for each unit of a freedom, m. */
    public Vec3 centreVelocity(int freedom) {
        Vec3 sum = Vec3.ZERO;
        for (Rig.StationMass part : rig.masses()) {
            Body body = rig.assembly().bodies().get(part.body());
            if (rig.moves(freedom, body)) {
                sum = sum.plus(velocity(body, place(part.body()).point(part.centre()), freedom).times(part.mass()));
            }
        }
        return sum.times(1 / mass());
    }

    /** Highest point of all pieces, m. */
    public double top() {
        if (Double.isNaN(top)) {
            double most = Double.NEGATIVE_INFINITY;
            for (Piece piece : rig.assembly().pieces()) {
                most = Math.max(most, reach(piece, Vec3.UP));
            }
            top = most;
        }
        return top;
    }

    /** How far a piece reaches in a direction, m from the origin. */
    public double reach(Piece piece, Vec3 direction) {
        Placement body = place(piece.body().index());
        Vec3 inBody = body.inward(direction);
        return body.origin().dot(direction) + piece.at().origin().dot(inBody)
                + piece.solid().reach(piece.at().inward(inBody));
    }

    /** Point of a piece that lies furthest in a direction. */
    public Vec3 furthest(Piece piece, Vec3 direction) {
        Placement body = place(piece.body().index());
        Vec3 inBody = body.inward(direction);
        return body.point(piece.at().point(piece.solid().furthest(piece.at().inward(inBody))));
    }

    /** The setting of that freedom. */
    public double get(Freedom freedom) {
        return pose.get(rig.assembly().freedoms().indexOf(freedom));
    }

    /** The space frame of this pose, its joints as stiff as that end of what is known of them. */
    public Framed framed(Stiffness.End end) {
        return rig.skeleton(end).framed(this);
    }
}
