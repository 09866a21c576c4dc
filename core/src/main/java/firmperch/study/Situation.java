package firmperch.study;

import firmperch.body.Body;
import firmperch.body.Contact;
import firmperch.body.Mount;
import firmperch.body.Placement;
import firmperch.body.Station;
import firmperch.body.Stiffness;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.clearance.Clearance;
import firmperch.frame.FrameSolution;
import firmperch.frame.FrameSolver;
import firmperch.pose.CellBounds;
import firmperch.pose.Framed;
import firmperch.pose.Pose;
import firmperch.pose.Posed;
import firmperch.project.Policy;
import firmperch.project.Project;
import firmperch.shot.Shot;
import firmperch.stability.Slope;
import firmperch.stability.SupportPolygon;
import firmperch.stability.Tipping;
import firmperch.units.Gravity;
import firmperch.units.Lazy;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Optional;

/**
 * One pose of a project, with what the checks share: the posed rig, the support polygon, the solved frame and the clearances. Each
 * is computed when it is first asked for and kept.
 *
 * <p>A situation can also stand for a whole cell of poses around one ({@link #loosened}). Then every rigid figure is a bound that
 * holds in all of them. The frame is not: it is that of the middle pose, so checks of forces and deflections are sampled.
 */
public final class Situation {
    private final Study study;
    private final Posed posed;
    private final CellBounds cell;
    private final Stiffness.End end;
    private final Feet feet;
    private final Lazy<Framed> framed;
    private final Lazy<Optional<FrameSolution>> frame;
    private final Lazy<UnitLoads> unitLoads;
    private final Lazy<Clearance> clearance;
    private final Lazy<Sight> sight;
    private double pushHeight = Double.NaN;
    private final Tipping[] tipping = new Tipping[2 * Loading.values().length];

    Situation(Study study, Pose pose) {
        this(study, Posed.of(study.rig(), pose), null, Stiffness.End.LOW);
    }

    private Situation(Study study, Posed posed, CellBounds cell, Stiffness.End end) {
        this.study = study;
        this.posed = posed;
        this.cell = cell;
        this.end = end;
        feet = new Feet(study, posed, cell);
        framed = new Lazy<>(() -> posed.framed(end));
        frame = new Lazy<>(() -> FrameSolver.solve(framed().model()));
        unitLoads = new Lazy<>(() -> new UnitLoads(this));
        clearance = new Lazy<>(() -> new Clearance(posed, cell, study.room(), study.boxes()));
        sight = new Lazy<>(() -> new Sight(this));
    }

    /** A project as its joints are set. */
    public static Situation of(Project project) {
        return Study.of(project).set();
    }

    /** The same project in another pose. */
    public Situation in(Pose pose) {
        return study.in(pose);
    }

    /**
     * The cell of poses around this one. Distances are shorter there, moments larger and centres of mass nearer the edge by what
     * {@link CellBounds} derives from lengths and masses, so that no pose of the cell is worse.
     *
     * @param widths how far each freedom may be from here, rad, m or steps
     */
    public Situation loosened(double[] widths) {
        return new Situation(study, posed, CellBounds.of(posed, widths), end);
    }

    /** The same with its joints as stiff as that end of what is known of them; the low end unless it is asked for otherwise. */
    public Situation with(Stiffness.End other) {
        return new Situation(study, posed, cell, other);
    }

    /** Which end of what is known of its joints' stiffness its frame is made with. */
    public Stiffness.End end() {
        return end;
    }

    public Study study() {
        return study;
    }

    public Project project() {
        return study.project();
    }

    /** The picture wanted and what it is filmed with. */
    public Shot shot() {
        return study.shot();
    }

    public Policy policy() {
        return study.project().policy();
    }

    public Posed posed() {
        return posed;
    }

    /** The frame's members, springs and masses in this pose. */
    public Framed framed() {
        return framed.get();
    }

    /** The frame solved under its own weight and the gear's; empty if it tips over or is a mechanism. */
    public Optional<FrameSolution> frame() {
        return frame.get();
    }

    /**
     * What its frame does as it is handled.
     *
     * @throws java.util.NoSuchElementException where {@link #frame} is empty
     */
    public UnitLoads unitLoads() {
        return unitLoads.get();
    }

    /** Level directions at right angles in which a push of that many newtons at the camera is resisted. */
    public List<Vec3> level(double push) {
        return Resisted.among(List.of(Vec3.X, Vec3.Y), posed, push);
    }

    /**
     * A hand's push of 1 along three directions at right angles, each as long as the share of it that bends and shears the rig: 1 where it
     * is resisted, less where it moves the rig instead.
     */
    public List<Vec3> hand() {
        return Resisted.hand(posed, policy().loads().hand());
    }

    // Standing.

    /** True if its weight is carried by what it stands on, not by what it hangs from or is fixed to. */
    public boolean stands() {
        List<Contact> contacts = study.assembly().contacts();
        return !contacts.isEmpty() && contacts.stream().allMatch(c -> c.pushesOnly() && c.surface().carries());
    }

    /**
     * What a station carries, itself included, kg. Where several stations stand on the ground side by side, the frame tells how they
     * share the weight; elsewhere it is the mass of all that rests on the station.
     */
    public double carried(Station station) {
        List<Station> roots = study.assembly().stations().stream().filter(st -> st.on().isEmpty()).toList();
        if (roots.size() < 2 || !roots.contains(station) || frame().isEmpty()) {
            return posed.massFrom(station);
        }
        double sum = 0;
        for (int i = 0; i < framed().feet().size(); i++) {
            Contact foot = framed().feet().get(i);
            sum += foot.station().equals(station) ? frame().get().force(i).z() : 0;
        }
        return sum / Gravity.STANDARD;
    }

    /** Where it touches what it stands on. */
    public Feet feet() {
        return feet;
    }

    /**
     * Where the centre of mass may stand.
     *
     * @param rolling true with all brakes off, false as they are set
     */
    public SupportPolygon support(boolean rolling) {
        SupportPolygon known = study.support(rolling);
        return known != null ? known : SupportPolygon.of(feet.all(rolling));
    }

    /** Where the centre of mass may stand, brakes as they are set. */
    public SupportPolygon support() {
        return support(false);
    }

    /** What it takes to tip it on this floor, with all that can hang at the camera. */
    public Tipping tipping() {
        return tipping(false, Loading.SPARE);
    }

    /** The same with its brakes off. */
    public Tipping rolling() {
        return tipping(true, Loading.SPARE);
    }

    /**
     * What it takes to tip it on this floor.
     *
     * @param rolling true with its brakes off
     */
    public synchronized Tipping tipping(boolean rolling, Loading loading) {
        int known = (rolling ? Loading.values().length : 0) + loading.ordinal();
        if (tipping[known] == null) {
            tipping[known] = tipping(support(rolling), loads().off(loading));
        }
        return tipping[known];
    }

    private Tipping tipping(SupportPolygon support, double off) {
        Slope slope = feet.slope(support);
        double mass = posed.mass() - off;
        Vec3 centre = feet.aboveGround(off > 0
                ? posed.centre().times(posed.mass()).minus(loads().hangs().times(off)).times(1 / mass)
                : posed.centre());
        if (cell == null) {
            return new Tipping(mass, centre, support, slope);
        }
        // What is taken off may move as far as its body does.
        double all = posed.mass() / mass;
        double less = off > 0 ? off / mass * cell.of(study.assembly().payload().body()) : 0;
        Vec3 high = centre.plus(new Vec3(0, 0, all * cell.centreAlong(Vec3.UP) + less));
        double moves = feet.move();
        if (moves == 0) {
            return new Tipping(mass, high, support, slope,
                    edge -> all * cell.centreAlong(new Vec3(edge.nx(), edge.ny(), 0)) + less);
        }
        // Feet that move turn the edges too: the centre then may come nearer in whichever direction.
        double nearer = moves + all * Math.hypot(cell.centreAlong(Vec3.X), cell.centreAlong(Vec3.Y)) + less;
        return new Tipping(mass, high, support, slope, edge -> nearer);
    }

    /** How far anything of a body can rise or sink in a cell of poses, m; 0 in one pose. */
    public double rise(Body body) {
        return cell == null ? 0 : cell.rise(body);
    }

    /** Weight of everything, N. */
    public double weight() {
        return posed.weight();
    }

    /** How near its pieces are to the room and to each other. */
    public Clearance clearance() {
        return clearance.get();
    }

    /** What the lens sees. */
    Sight sight() {
        return sight.get();
    }

    /** Height above what it stands on at which it is pushed, m: its top, but no higher than the policy says. */
    public synchronized double pushHeight() {
        if (Double.isNaN(pushHeight)) {
            double most = policy().standing().pushHeight();
            double ground = feet.ground();
            pushHeight = study.highestFixed() >= ground + most
                    ? most
                    : Math.min(clearance().furthest(Vec3.UP, body -> true, ground + most) - ground, most);
        }
        return pushHeight;
    }

    /** Push at that height that the policy asks for, N. */
    public double pushAsked() {
        return pushAsked(posed.mass());
    }

    /** The same of a rig of that mass, kg. */
    public double pushAsked(double mass) {
        return Math.min(policy().standing().pushShare() * mass * Gravity.STANDARD, policy().standing().pushMost());
    }

    /** What its freedoms feel with the camera on, off, and with the spare. */
    public Loads loads() {
        return new Loads(posed, cell);
    }

    /** Gravity's moment at the seat of a station of everything that rests on it, N·m. */
    public double momentAt(Station station) {
        return posed.momentAt(station)
                + (cell == null ? 0 : posed.massFrom(station) * Gravity.STANDARD * cell.lever(station));
    }

    /** Length of a tie from its first hook to its last, m. */
    public double tieLength(Tie tie) {
        return posed.ties().length(tie) + (cell == null ? 0 : cell.lengthens(tie));
    }

    // In the room.

    /** A point of the perch's axes in the room's. */
    public Vec3 inRoom(Vec3 point) {
        return study.room().point(point);
    }

    /** A point of the room in the perch's axes: {@link #inRoom} undone. */
    public Vec3 inPerch(Vec3 room) {
        return study.room().inside(room);
    }

    /** A direction of the room in the perch's axes. */
    public Vec3 turnedBack(Vec3 direction) {
        return study.room().inward(direction);
    }

    /** What must be in the picture, as it lies in the room. */
    public Target target() {
        return study.target();
    }

    /** Middle of the shot on the filmed plane, in the room, m. */
    public Vec3 shotCentre() {
        return target().centre();
    }

    /** How far from it the sensor must be for all that is wanted to just be in the picture, m. */
    public double distanceWanted() {
        return target().distance(shot().framing());
    }

    /** Where the sensor then is, looking the way that is wanted; in the room, m. */
    public Vec3 sensorWanted() {
        return sensorWanted(distanceWanted());
    }

    /** Where the sensor is that far from the middle of the shot, looking the way that is wanted; in the room, m. */
    public Vec3 sensorWanted(double distance) {
        return shotCentre().minus(target().ahead().times(distance));
    }

    /** Where what films in this set-up is screwed on, from the head's mounting face. */
    private Placement face() {
        return project().gear().face(project().setUp().camera());
    }

    /** The axes of what films in this set-up, in the perch's: x forward, z up, origin on its mounting face. */
    public Placement camera() {
        return posed.camera().of(face());
    }

    /** The middle of the sensor, in the perch's axes, m. */
    public Vec3 sensor() {
        return camera().point(new Vec3(0, 0, -shot().camera().sensorBelow()));
    }

    /** The middle of the sensor as a point of its body. */
    public Tie.Hook sensorHook() {
        Mount mount = study.assembly().mount();
        return new Tie.Hook(mount.body(),
                mount.at().plus(face().point(new Vec3(0, 0, -shot().camera().sensorBelow()))));
    }

    /** The middle of the lens's front, in the perch's axes, m. */
    public Vec3 lensFront() {
        return camera().point(new Vec3(0, 0,
                -shot().camera().sensorBelow() - shot().lens().length()));
    }

    /** Sensor plane to filmed plane as the joints are set, m; negative if the camera is below the work. */
    public double sensorDistance() {
        return sensor().z() - shotCentre().z();
    }

    /** The sensor from where it is wanted, in the room and seen from above, m. */
    public Vec3 offCentre() {
        Vec3 off = inRoom(sensor()).minus(sensorWanted());
        return new Vec3(off.x(), off.y(), 0);
    }

    /** A value in the project's units. */
    public String show(Quantity quantity, double value) {
        return quantity.show(value, project().units());
    }

    /** A length in the project's units, m. */
    public String length(double value) {
        return show(Quantity.LENGTH, value);
    }
}
