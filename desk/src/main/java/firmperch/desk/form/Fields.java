package firmperch.desk.form;

import static firmperch.desk.form.Field.chosen;
import static firmperch.desk.form.Field.length;
import static firmperch.units.Quantity.ANGLE;
import static firmperch.units.Quantity.COUNT;
import static firmperch.units.Quantity.DENSITY;
import static firmperch.units.Quantity.FORCE;
import static firmperch.units.Quantity.MASS;
import static firmperch.units.Quantity.NUMBER;
import static firmperch.units.Quantity.PICTURE_SCALE;
import static firmperch.units.Quantity.ROTATIONAL_STIFFNESS;
import static firmperch.units.Quantity.TORQUE;

import firmperch.rig.Station;
import firmperch.shot.SensorFormat;
import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.Material;
import firmperch.stock.PostStock;
import firmperch.stock.Tyre;
import firmperch.units.Quantity;
import java.util.List;

/** Every value that can be edited, by where it is edited; a new one is a new row. */
public final class Fields {
    public static final List<Field> NAMES = List.of(new Field("Name of the project", "name", new Field.Words()),
            new Field("Name of the studio", "studio", new Field.Words()));

    public static final List<Field> SHOT = List.of(length("Long side of the picture", "shot.width"),
            length("Short side of the picture", "shot.depth"),
            new Field("Long side lies", "shot.alongArm", new Field.Either("along the arm", "across the arm")),
            length("Height of the work", "shot.height"), length("Centre from the bench edge", "shot.fromEdge"),
            length("Centre to the left", "shot.aside"), length("Room for hands", "shot.handsRoom"));

    public static final List<Field> CAMERA = List.of(chosen("Sensor format", "shot.format", SensorFormat.ALL),
            of("Crop factor", "shot.crop", NUMBER), length("Focal length", "shot.focalLength"),
            length("Nearest focus", "shot.nearestFocus"), of("Pixels, long side", "shot.pixelsWide", COUNT),
            of("Pixels, short side", "shot.pixelsHigh", COUNT), length("Sensor to lens front", "shot.lensLength"),
            length("Mount to sensor", "shot.sensorBelow"));

    public static final List<Field> PLACE = List.of(length("Depth of the room", "place.roomDepth"),
            length("Ceiling", "place.ceiling"), length("Wall to bench", "place.benchFrom"),
            length("Depth of the bench", "place.benchDepth"), length("Width of the bench", "place.benchWidth"),
            length("Height of the bench", "place.benchHeight"), length("Thickness of the bench top", "place.benchTop"),
            length("Walkway", "place.walkway"), of("Slope of the floor", "place.slope", ANGLE));

    public static final List<Field> STAND = List.of(length("Wall to the perch", "stance.x"),
            length("Perch to the left", "stance.y"), of("Turn of the base", "stance.heading", ANGLE));

    public static final List<Field> JOINTS = List.of(of("Pin hole, 0 lowest", "stance.joints.pin", COUNT),
            of("Swing", "stance.joints.swing", ANGLE), of("Arm angle", "stance.joints.lift", ANGLE));

    private static final List<Field> HEAD = List.of(of("Mass of the head", "perch.head.mass", MASS),
            length("Height of the head", "perch.head.drop"),
            of("Holding torque of the head", "perch.head.holdingTorque", TORQUE));

    private static final List<Field> ARM = List.of(length("Link length", "perch.arm.linkLength"),
            length("Hole spacing on the plates", "perch.arm.plateSpacing"),
            chosen("Sticks of", "perch.arm.sticks", Material.ALL),
            length("Depth of the sticks", "perch.arm.stickDepth"),
            length("Thickness of the sticks", "perch.arm.stickThickness"),
            of("Sticks in a link", "perch.arm.sticksPerLink", COUNT),
            length("Hole to end of the stick", "perch.arm.endDistance"),
            chosen("Pivot bolts", "perch.arm.bolt", Bolt.ALL),
            of("Rubbing faces in a pivot", "perch.arm.facesPerPivot", COUNT),
            chosen("Faces", "perch.arm.faces", FacePair.ALL), chosen("Closed by", "perch.arm.closure", Closure.ALL),
            of("Hand torque", "perch.arm.handTorque", TORQUE), of("Tightened pivots", "perch.arm.tightened", COUNT),
            of("Lowest arm angle", "perch.arm.lowStop", ANGLE), of("Highest arm angle", "perch.arm.highStop", ANGLE),
            length("Thickness of the plates", "perch.arm.plateThickness"),
            length("End pivots to head", "perch.arm.overhang"),
            of("Stiffness of a tightened pivot", "perch.arm.pivotStiffness", ROTATIONAL_STIFFNESS));

    private static final List<Field> CARRIAGE = List.of(length("Height of the carriage", "perch.carriage.height"),
            length("Width of the carriage", "perch.carriage.width"),
            chosen("Carriage of", "perch.carriage.material", Material.ALL),
            length("Clearance on the post", "perch.carriage.clearance"),
            length("Post to inner pivots", "perch.carriage.forward"));

    private static final List<Field> POST = List.of(chosen("Post of", "perch.upright.stock", PostStock.ALL),
            length("Length of the post", "perch.upright.length"),
            length("Foot to the lowest hole", "perch.upright.firstHole"),
            length("Hole to hole on the post", "perch.upright.pitch"), of("Pin holes", "perch.upright.holes", COUNT),
            length("Pin", "perch.upright.pin"), of("Cross-bars in the foot", "perch.upright.anchors", COUNT));

    private static final List<Field> BASE = List.of(length("Side of the box", "perch.base.side"),
            length("Height of the box", "perch.base.height"), length("Wall of the box", "perch.base.wall"),
            length("Height of the concrete", "perch.base.fill"),
            of("Density of the concrete", "perch.base.concreteDensity", DENSITY),
            length("Thickness of the board", "perch.base.board"));

    private static final List<Field> FEET = List.of(length("Middle to caster", "perch.base.casterOut"),
            length("Wheel of a caster", "perch.base.casterDiameter"),
            length("Height of a caster", "perch.base.casterHeight"),
            length("Plate of a caster", "perch.base.casterPlate"),
            length("Trail of a caster", "perch.base.casterTrail"),
            of("Rating of a caster", "perch.base.casterRating", MASS),
            of("Mass of a caster", "perch.base.casterMass", MASS),
            chosen("Tyre", "perch.base.tyre", Tyre.ALL),
            new Field("Casters are", "perch.base.locked", new Field.Either("locked", "free to swivel")),
            of("Locked wheel points", "perch.base.trailHeading", ANGLE));

    public static final List<Field> BALLAST = List.of(length("Side of the box", "perch.base.side"),
            length("Height of the box", "perch.base.height"), length("Height of the concrete", "perch.base.fill"),
            of("Density of the concrete", "perch.base.concreteDensity", DENSITY));

    public static final List<Field> POLICY = List.of(of("Lean wanted", "policy.lean", ANGLE),
            of("Push wanted, of the weight", "policy.pushShare", NUMBER),
            of("Push wanted, at most", "policy.pushMost", FORCE),
            length("Push height, at most", "policy.pushHeight"),
            of("Slope of an ordinary floor", "policy.slope", ANGLE),
            of("Times the gear hung on", "policy.proof", NUMBER),
            of("Times the load before slip", "policy.slip", NUMBER), length("Sag allowed", "policy.sag"),
            of("Tilt allowed", "policy.tilt", ANGLE), of("Rock allowed", "policy.rock", ANGLE),
            of("Kept from folding", "policy.fold", ANGLE), of("Person on a corner", "policy.person", MASS),
            of("Lift of one person", "policy.lift", MASS),
            of("Picture scale wanted", "policy.scale", PICTURE_SCALE),
            length("Off the middle, at most", "policy.overshoot"), length("Gap to ceiling and bench", "policy.gap"),
            of("Called near under", "policy.near", NUMBER));

    private Fields() {
    }

    /** What is edited at a station of the load path. */
    public static List<Field> of(Station station) {
        return switch (station) {
            case GEAR -> CAMERA;
            case HEAD -> HEAD;
            case ARM -> ARM;
            case CARRIAGE -> CARRIAGE;
            case UPRIGHT -> POST;
            case BASE -> BASE;
            case FEET -> FEET;
            case PLACE -> PLACE;
        };
    }

    private static Field of(String label, String path, Quantity quantity) {
        return Field.of(label, path, quantity);
    }
}
