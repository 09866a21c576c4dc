package firmperch.part;

import firmperch.body.Placement;
import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.shot.Camera;
import firmperch.shot.Lens;
import firmperch.shot.Usual;
import firmperch.units.InvalidValue;
import java.util.List;

/**
 * What one more thing on the head films with: a second camera on an offset bar, a phone on an arm. Its mounting face is its top.
 *
 * @param camera in it
 * @param lenses that there are for it, 1 to 20
 * @param pan how far it is turned to the left of the first camera, rad
 * @param tilt how far it is tilted from the way the first one looks, up in front, rad
 */
public record Filming(Camera camera, List<Lens> lenses, double pan, double tilt) implements Described {
    static final Params<Filming> PARAMS = Params.of(Filming.class).group("camera", "Camera", Camera.PARAMS)
            .many("lenses", "Lenses", Lens.PARAMS, 20).angle("pan", "Turned to the left by", -180, 180)
            .angle("tilt", "Tilted up in front by", -120, 120).done();

    /** As a usual phone does. */
    public static final Filming PHONE = of(Usual.KITS.getFirst());

    public Filming {
        lenses = List.copyOf(lenses);
        PARAMS.check(camera, lenses, pan, tilt);
        if (lenses.isEmpty()) {
            throw new InvalidValue("Lenses", "none", "at least one");
        }
    }

    @Override
    public Params<Filming> params() {
        return PARAMS;
    }

    /** With a usual camera, looking the way that the first one does. */
    static Filming of(Usual.Kit kit) {
        return new Filming(kit.camera(), List.of(kit.lens()), 0, 0);
    }

    /** The same way, with another camera and other lenses. */
    Filming with(Camera other, List<Lens> others) {
        return new Filming(other, others, pan, tilt);
    }

    /** The way it looks, from the head's axes; of length 1. */
    public Vec3 ahead() {
        return at(Vec3.ZERO).z().negated();
    }

    /** Its axes where its mounting face has its middle there: it looks along −z, x is forward in its picture. */
    Placement at(Vec3 face) {
        return Placement.at(face).of(Placement.turned(Vec3.UP, pan)).of(Placement.turned(Vec3.Y.negated(), tilt));
    }
}
