package firmperch.pose;

import firmperch.frame.FrameModel;
import firmperch.frame.FrameSolution;
import firmperch.frame.FrameSolver;
import firmperch.frame.Vec3;
import firmperch.rig.CastBox;
import firmperch.rig.DropOnCarriage;
import firmperch.rig.GearItem;
import firmperch.rig.LevelArm;
import firmperch.rig.PinnedPost;
import firmperch.rig.Rig;
import firmperch.rig.Station;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * A rig in a pose: where everything is and what it weighs, in the perch's own axes (origin on the floor under the middle
 * of the base, x forward, y to the left, z up).
 */
public final class PosedRig {
    private final Rig rig;
    private final Pose pose;
    private final List<Body> bodies = new ArrayList<>();
    private final Map<Station, Vec3> seats = new EnumMap<>(Station.class);
    private final List<Contact> contacts = new ArrayList<>();
    private final double swing;
    private final double lift;
    private Vec3 foot;
    private Vec3 seat;
    private Vec3 innerMiddle;
    private Vec3 outerMiddle;
    private Vec3 mount;
    private Vec3 sensor;
    private double mass;
    private Vec3 centre;
    private double top;

    private PosedRig(Rig rig, Pose pose) {
        this.rig = rig;
        this.pose = pose;
        swing = pose.get(rig, Rig.SWING);
        lift = pose.get(rig, Rig.LIFT);
    }

    /** Puts a rig into a pose. */
    public static PosedRig of(Rig rig, Pose pose) {
        PosedRig posed = new PosedRig(rig, pose);
        switch (rig.perch().base()) {
            case CastBox box -> posed.placeBox(box);
        }
        switch (rig.perch().upright()) {
            case PinnedPost post -> posed.placePost(post);
        }
        switch (rig.perch().carriage()) {
            case DropOnCarriage carriage -> posed.placeCarriage(carriage);
        }
        switch (rig.perch().arm()) {
            case LevelArm arm -> posed.placeArm(arm);
        }
        posed.placeHeadAndGear();
        posed.sum();
        return posed;
    }

    private void placeBox(CastBox box) {
        foot = new Vec3(0, 0, box.footHeight());
        double boxFloor = box.casterHeight() + box.board();
        add(Station.BASE, "board", box.boardMass(), new Vec3(0, 0, box.casterHeight() + box.board() / 2));
        add(Station.BASE, "box", box.boxMass(), new Vec3(0, 0, boxFloor + box.height() * 0.45));
        if (rig.perch().upright() instanceof PinnedPost post) {
            add(Station.BASE, "concrete", box.concreteMass(post.postStock().section()),
                    new Vec3(0, 0, box.footHeight() + box.fill() / 2));
        }
        for (int i = 0; i < CastBox.CASTERS; i++) {
            double sx = i < 2 ? 1 : -1;
            double sy = i == 0 || i == 3 ? 1 : -1;
            Vec3 pivot = new Vec3(sx * box.casterOut(), sy * box.casterOut(), 0);
            double outward = Math.atan2(sy, sx) + box.trailHeading();
            Vec3 trail = new Vec3(box.casterTrail() * Math.cos(outward), box.casterTrail() * Math.sin(outward), 0);
            contacts.add(new Contact(pivot, box.locked() ? pivot.plus(trail) : pivot,
                    box.locked() ? 0 : box.casterTrail(), box.tyreRow().stiffness(), box.casterRating()));
            add(Station.FEET, "caster", box.casterMass(), pivot.plus(new Vec3(0, 0, box.casterHeight() / 2)));
        }
        seats.put(Station.FEET, Vec3.ZERO);
        seats.put(Station.BASE, new Vec3(0, 0, box.casterHeight()));
        top = box.topHeight();
    }

    private void placePost(PinnedPost post) {
        add(Station.UPRIGHT, "post", post.mass(), foot.plus(new Vec3(0, 0, post.length() / 2)));
        seat = foot.plus(new Vec3(0, 0, post.holeHeight((int) pose.get(rig, Rig.PIN))));
        top = Math.max(top, foot.z() + post.length());
        seats.put(Station.UPRIGHT, new Vec3(0, 0, castHeight()));
    }

    private void placeCarriage(DropOnCarriage carriage) {
        LevelArm arm = arm();
        double postSize = post().postStock().section().depth();
        double mass = carriage.mass(arm, postSize);
        // The inner plate reaches out to the pivots, the block sits around the post.
        double plate = carriage.innerPlateWidth(arm) * arm.plateHeight() * arm.plateThickness() * 680;
        double out = mass > 0 ? Math.min(plate, mass) / mass * carriage.forward() / 2 : 0;
        Vec3 middle = seat.plus(new Vec3(0, 0, carriage.height() / 2));
        add(Station.CARRIAGE, "carriage", mass, middle.plus(outward(out)));
        innerMiddle = middle.plus(outward(carriage.forward()));
        seats.put(Station.CARRIAGE, middle);
        top = Math.max(top, seat.z() + carriage.height());
    }

    private void placeArm(LevelArm arm) {
        Vec3 along = outward(arm.linkLength() * Math.cos(lift))
                .plus(new Vec3(0, 0, arm.linkLength() * Math.sin(lift)));
        outerMiddle = innerMiddle.plus(along);
        Vec3 up = new Vec3(0, 0, arm.plateSpacing() / 2);
        Vec3 midLink = innerMiddle.plus(along.times(0.5));
        add(Station.ARM, "upper links", arm.linksMass() / 2, midLink.plus(up));
        add(Station.ARM, "lower links", arm.linksMass() / 2, midLink.minus(up));
        add(Station.ARM, "end plate", arm.endPlateMass(), outerMiddle.plus(outward(arm.overhang() / 2)));
        seats.put(Station.ARM, innerMiddle);
        top = Math.max(top, Math.max(innerMiddle.z(), outerMiddle.z()) + arm.plateHeight() / 2);
    }

    private void placeHeadAndGear() {
        Vec3 hang = outerMiddle.plus(outward(arm().overhang()));
        mount = hang.minus(new Vec3(0, 0, rig.perch().head().drop()));
        add(Station.HEAD, "head", rig.perch().head().mass(), hang.plus(mount).times(0.5));
        for (GearItem item : rig.gear().items()) {
            Vec3 at = mount.plus(new Vec3(item.forward(), item.left(), item.up()).turned(swing));
            add(Station.GEAR, item.name(), item.mass(), at);
            top = Math.max(top, at.z());
        }
        sensor = mount.minus(new Vec3(0, 0, rig.shot().sensorBelow()));
        seats.put(Station.HEAD, hang);
        seats.put(Station.GEAR, mount);
    }

    private void sum() {
        Vec3 moment = Vec3.ZERO;
        for (Body body : bodies) {
            mass += body.mass();
            moment = moment.plus(body.centre().times(body.mass()));
        }
        centre = moment.times(1 / mass);
    }

    private void add(Station station, String name, double bodyMass, Vec3 at) {
        if (bodyMass > 0) {
            bodies.add(new Body(station, name, bodyMass, at));
        }
    }

    /** A step away from the post in the arm's direction. */
    public Vec3 outward(double distance) {
        return new Vec3(distance * Math.cos(swing), distance * Math.sin(swing), 0);
    }

    public Rig rig() {
        return rig;
    }

    public Pose pose() {
        return pose;
    }

    /** Everything with weight. */
    public List<Body> bodies() {
        return List.copyOf(bodies);
    }

    /** Where the casters meet the floor, counter-clockwise not guaranteed. */
    public List<Contact> contacts() {
        return List.copyOf(contacts);
    }

    /** Mass of everything, kg. */
    public double mass() {
        return mass;
    }

    /** Centre of mass of everything, m. */
    public Vec3 centre() {
        return centre;
    }

    /** Highest point of the perch, m. */
    public double top() {
        return top;
    }

    /** Swing of the arm about the post, rad. */
    public double swing() {
        return swing;
    }

    /** Angle of the links above level, rad. */
    public double lift() {
        return lift;
    }

    /** The post's foot on the box floor. */
    public Vec3 foot() {
        return foot;
    }

    /** The pin, on the post's axis, where the carriage rests. */
    public Vec3 seat() {
        return seat;
    }

    /** Midway between the arm's two inner pivots. */
    public Vec3 innerMiddle() {
        return innerMiddle;
    }

    /** Midway between the arm's two outer pivots. */
    public Vec3 outerMiddle() {
        return outerMiddle;
    }

    /** The head's mounting face, on its axis. */
    public Vec3 mount() {
        return mount;
    }

    /** The middle of the sensor. */
    public Vec3 sensor() {
        return sensor;
    }

    /** Where the concrete, or the box floor if there is none, lets go of the post, m above the floor. */
    public double castHeight() {
        return switch (rig.perch().base()) {
            case CastBox box -> box.footHeight() + box.fill();
        };
    }

    public LevelArm arm() {
        return switch (rig.perch().arm()) {
            case LevelArm arm -> arm;
        };
    }

    public DropOnCarriage carriage() {
        return switch (rig.perch().carriage()) {
            case DropOnCarriage carriage -> carriage;
        };
    }

    public PinnedPost post() {
        return switch (rig.perch().upright()) {
            case PinnedPost post -> post;
        };
    }

    public CastBox box() {
        return switch (rig.perch().base()) {
            case CastBox box -> box;
        };
    }

    /** Mass of a station and of everything above it, kg. */
    public double massFrom(Station station) {
        double sum = 0;
        for (Body body : bodies) {
            if (body.station().compareTo(station) <= 0) {
                sum += body.mass();
            }
        }
        return sum;
    }

    /** Centre of mass of a station and everything above it, m. */
    public Vec3 centreFrom(Station station) {
        Vec3 moment = Vec3.ZERO;
        for (Body body : bodies) {
            if (body.station().compareTo(station) <= 0) {
                moment = moment.plus(body.centre().times(body.mass()));
            }
        }
        double carried = massFrom(station);
        return carried > 0 ? moment.times(1 / carried) : seats.get(station);
    }

    /** Gravity's moment at the seat of a station of it and everything above, N·m. */
    public double momentAt(Station station) {
        Vec3 lever = centreFrom(station).minus(seats.get(station));
        return massFrom(station) * FrameSolver.GRAVITY * lever.radius();
    }

    /** Mass that the arm's outer pivots carry: end plate, head and gear, kg. */
    public double endMass() {
        return arm().endPlateMass() + massFrom(Station.HEAD);
    }

    /** How far out from the line of the outer pivots that mass sits, m. */
    public double endLever() {
        double moment = 0;
        for (Body body : bodies) {
            if (body.station().compareTo(Station.HEAD) <= 0 || body.name().equals("end plate")) {
                Vec3 lever = body.centre().minus(outerMiddle);
                moment += body.mass() * (lever.x() * Math.cos(swing) + lever.y() * Math.sin(swing));
            }
        }
        return endMass() > 0 ? moment / endMass() : 0;
    }

    /** Torque that gravity puts on the arm's lift, N·m: (W + W_links/2)·L·cos θ, by virtual work. */
    public double liftTorque() {
        LevelArm arm = arm();
        return (endMass() + arm.linksMass() / 2) * FrameSolver.GRAVITY * arm.linkLength() * Math.cos(lift);
    }

    /** The space frame of this pose under its own weight and its gear's. */
    public FrameModel frameModel() {
        return RigFrame.of(this, true);
    }

    /** The space frame of this pose with its gear taken off. */
    public FrameModel frameModelWithoutGear() {
        return RigFrame.of(this, false);
    }

    /** How far the camera's mount moves in that solution, m. */
    public Vec3 mountMovement(FrameSolution solution) {
        return solution.movement(RigFrame.END, mount.minus(solution.model().nodes().get(RigFrame.END)));
    }

    /** How far the camera turns from level in that solution, rad. */
    public double mountTilt(FrameSolution solution) {
        return solution.rotation(RigFrame.END).radius();
    }
}
