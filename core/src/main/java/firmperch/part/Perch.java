package firmperch.part;

import firmperch.body.Assembly;
import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Freedom;
import firmperch.body.Motion;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Surface;
import firmperch.body.Surroundings;
import firmperch.body.Vec3;
import firmperch.param.Branching;
import firmperch.shot.CameraRoom;
import firmperch.units.InvalidValue;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/**
 * A composition: parts, each standing on ports of earlier ones or of the place. A part's branch is found by its name. Without parts there is no
 * rig yet, and the camera is held in the air where it is wanted.
 *
 * @param parts from the place to the camera; none while there is no rig
 */
public record Perch(List<Mounted> parts) implements Branching {
    /** The place's own port that most kinds start from: the floor under the rig. */
    public static final String FLOOR = "place.floor";
    /** The port on the top of the bench that is filmed on. */
    public static final String BENCH = "place.bench";
    /** The port on the table or shelf of the room that is to carry the rig. */
    public static final String TABLE = "place.table";
    /** The port at the post of the room that the rig is to be clamped round. */
    public static final String POST = "place.post";
    /** Parts at most: three times as many as the largest kind has, and no more than can be assessed in a time one waits. */
    public static final int MOST = 24;
    /** No rig yet. */
    public static final Perch NONE = new Perch(List.of());
    /** As high as a camera is held while there is no rig, m. */
    private static final double HELD = 6;
    /** As far as it is tilted from straight down, rad. */
    private static final double TILTED = Math.toRadians(120);

    public Perch {
        parts = List.copyOf(parts);
        if (parts.size() > MOST) {
            throw new InvalidValue("Parts of the perch", parts.size() + " of them", "at most " + MOST);
        }
        List<String> names = parts.stream().map(Mounted::name).toList();
        if (names.stream().distinct().count() < names.size()) {
            throw new InvalidValue("Parts of the perch", "two of one name", "a name of its own for each");
        }
        assembled(parts, null, null, Surroundings.ANY, UnitSystem.METRIC);
    }

    /** The same rig where the camera is to look up by that angle from straight down, rad. */
    public Perch tilting(double angle) {
        List<Mounted> tilting = parts.stream().map(p -> p.with(p.part().tilting(angle))).toList();
        return tilting.equals(parts) ? this : new Perch(tilting);
    }

    /** The place's port on that surface. */
    public static String port(Surface surface) {
        return "place." + surface.id();
    }

    /** True if one of its parts stands on that port. */
    public boolean on(String port) {
        return parts.stream().anyMatch(p -> p.on().contains(port));
    }

    /** True while there is no rig. */
    public boolean none() {
        return parts.isEmpty();
    }

    /** The part of that name. */
    @Override
    public Object branch(String name) {
        return parts.stream().filter(p -> p.name().equals(name)).map(Mounted::part).findFirst().orElse(null);
    }

    @Override
    public Object withBranch(String name, Object value) {
        return new Perch(parts.stream()
                .map(p -> p.name().equals(name) ? p.with((Part) value) : p).toList());
    }

    /** What the part of that name is called by its maker; empty where it is called as usual, or is none. */
    public String called(String name) {
        return parts.stream().filter(p -> p.name().equals(name)).map(Mounted::called).findFirst().orElse("");
    }

    /** The same with the part of that name called otherwise; as usual where that is empty. */
    public Perch calling(String name, String words) {
        return new Perch(parts.stream().map(p -> p.name().equals(name) ? p.called(words) : p).toList());
    }

    /** The rig that it makes in a place with that gear on it, its camera taking that room. */
    public Assembly assembly(Gear gear, CameraRoom room, Surroundings around, UnitSystem units) {
        return assembled(parts, gear, room, around, units);
    }

    /** A mount in the air, to be raised, turned and tilted. */
    private static void held(Builder out) {
        out.part("held");
        Freedom height = out.freedom("height", "Camera's height", Freedom.Kind.SLIDE, 0, HELD);
        Freedom turn = out.freedom("turn", "Camera's turn", Freedom.Kind.SWING, -Math.PI, Math.PI);
        Freedom tilt = out.freedom("tilt", "Camera's tilt", Freedom.Kind.HINGE, -TILTED, TILTED);
        Body ground = out.body("ground", null, Placement.HERE, new Motion.Fixed());
        Body up = out.body("up", ground, Placement.HERE, new Motion.Slide(height, Vec3.UP, 1));
        Body turned = out.body("turned", up, Placement.HERE, new Motion.Turn(turn, Vec3.UP));
        out.mount(out.body("camera", turned, Placement.HERE, new Motion.Turn(tilt, Vec3.Y.negated())), Vec3.ZERO);
    }

    /**
     * The ports that parts offer which need not yet carry a camera, and those of the place.
     *
     * @throws InvalidValue if one of them does not fit where it is put
     */
    public static List<String> ports(List<Mounted> parts) {
        return laid(parts, Surroundings.ANY, UnitSystem.METRIC).offered();
    }

    /** Those of them that take one more part: that carry none, or as many as there is room for. */
    public static List<Port> open(List<Mounted> parts) {
        Builder laid = laid(parts, Surroundings.ANY, UnitSystem.METRIC);
        return laid.offered().stream().map(name -> laid.port("", name)).filter(port -> port.fit().shared()
                || parts.stream().noneMatch(m -> m.on().contains(port.name()))).toList();
    }

    private static Assembly assembled(List<Mounted> parts, Gear gear, CameraRoom room, Surroundings around,
            UnitSystem units) {
        Builder out = laid(parts, around, units);
        if (parts.isEmpty()) {
            held(out);
        }
        if (out.mount() == null) {
            throw new InvalidValue("Perch", "nothing that a camera can be screwed on", "a head at its end");
        }
        if (gear != null) {
            out.part("gear");
            gear.build(out, room);
        }
        return out.build();
    }

    /** Parts put one on the other. */
    private static Builder laid(List<Mounted> parts, Surroundings around, UnitSystem units) {
        Builder out = new Builder(units);
        out.part("place");
        for (Surface surface : Surface.values()) {
            if (around.has(surface)) {
                out.offer(surface.id(), new Port.Ground(surface, around.thick(surface)), null, around.on(surface),
                        null);
            }
        }
        for (Mounted mounted : parts) {
            List<Port> on = new ArrayList<>();
            mounted.on().forEach(port -> on.add(out.port(mounted.name(), port)));
            out.part(mounted.name(), mounted.called());
            mounted.part().build(out, on);
        }
        return out;
    }
}
