package firmperch.check;

import firmperch.frame.FrameSolution;
import firmperch.frame.FrameSolver;
import firmperch.frame.Vec3;
import firmperch.pose.Pose;
import firmperch.pose.PosedRig;
import firmperch.project.Project;
import firmperch.rig.Rig;
import firmperch.units.Quantity;
import java.util.Optional;
import java.util.function.Function;
import org.locationtech.jts.geom.Geometry;

/** One pose of a project, with what the checks share: the posed rig, the support and the solved frame. Not thread-safe. */
public final class Situation {
    private final Project project;
    private final PosedRig posed;
    private final SupportPolygon support;
    private Optional<FrameSolution> frame;
    private Geometry footprint;

    private Situation(Project project, PosedRig posed, SupportPolygon support) {
        this.project = project;
        this.posed = posed;
        this.support = support;
    }

    /** A project in a pose. */
    public static Situation of(Project project, Rig rig, Pose pose) {
        PosedRig posed = PosedRig.of(rig, pose);
        return new Situation(project, posed, SupportPolygon.of(posed.contacts()));
    }

    /** A project as its joints are set. */
    public static Situation of(Project project) {
        Rig rig = Rig.of(project.perch(), project.gear(), project.shot());
        return of(project, rig, Pose.of(rig, project.stance().joints()));
    }

    /** The same project in another pose; the support stays, as no joint moves the feet. */
    public Situation in(Pose pose) {
        return new Situation(project, PosedRig.of(posed.rig(), pose), support);
    }

    public Project project() {
        return project;
    }

    public PosedRig posed() {
        return posed;
    }

    public SupportPolygon support() {
        return support;
    }

    /** The loaded frame, or nothing if it tips over or falls apart. */
    public Optional<FrameSolution> frame() {
        if (frame == null) {
            frame = FrameSolver.solve(posed.frameModel());
        }
        return frame;
    }

    /** What stands on the floor, wheels turned at their widest, in the room's axes. */
    public Geometry footprint() {
        if (footprint == null) {
            footprint = Footprint.of(this);
        }
        return footprint;
    }

    /** A reading taken from the loaded frame; nothing available where the perch does not stand in this pose. */
    Reading loaded(double asked, Function<FrameSolution, Reading> reading) {
        return frame().map(reading)
                .orElseGet(() -> new Reading(asked, 0, () -> "the perch does not stand in this pose"));
    }

    /** Weight of everything, N. */
    public double weight() {
        return posed.mass() * FrameSolver.GRAVITY;
    }

    /** What it takes to tip it. */
    public Tipping tipping() {
        return new Tipping(posed.mass(), posed.centre(), support);
    }

    /** Lean in the weakest direction before it goes, rad; negative if it does not stand. */
    public double leastLean() {
        return tipping().leastLean();
    }

    /** Lean in that direction of the perch's own axes before it goes, rad. */
    public double lean(double direction) {
        return tipping().lean(direction);
    }

    /** Height at which it is pushed, m: its top, but no higher than the policy says. */
    public double pushHeight() {
        return Math.min(posed.top(), project.policy().pushHeight());
    }

    /** Push at that height that the policy asks for, N. */
    public double pushAsked() {
        return Math.min(project.policy().pushShare() * weight(), project.policy().pushMost());
    }

    /** Push at that height that starts it tipping in the weakest direction, N. */
    public double pushAvailable() {
        return tipping().push(pushHeight());
    }

    /** Mass that tips it when put on a point, kg; infinite where the point lies over the support. */
    public double tippingMass(Vec3 point) {
        return tipping().tippingMass(point);
    }

    /** A point of the perch's axes in the room's. */
    public Vec3 inRoom(Vec3 point) {
        return point.turned(project.stance().heading())
                .plus(new Vec3(project.stance().x(), project.stance().y(), 0));
    }

    /** Middle of the shot on the filmed plane, in the room, m. */
    public Vec3 shotCentre() {
        return new Vec3(project.place().benchFrom() + project.shot().fromEdge(), project.shot().aside(),
                project.place().benchHeight() + project.shot().height());
    }

    /** Height above the floor at which the sensor sees just the wanted rectangle, m. */
    public double sensorHeightWanted() {
        return shotCentre().z() + project.shot().sensorDistance();
    }

    /** Sensor plane to filmed plane as the joints are set, m; negative if the camera is below the work. */
    public double sensorDistance() {
        return posed.sensor().z() - shotCentre().z();
    }

    /** Sensor to the middle of the shot, seen from above, m. */
    public double offCentre() {
        return inRoom(posed.sensor()).minus(shotCentre()).radius();
    }

    /** A value in the project's units. */
    public String show(Quantity quantity, double value) {
        return quantity.show(value, project.units());
    }
}
