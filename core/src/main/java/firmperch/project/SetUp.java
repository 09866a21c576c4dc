package firmperch.project;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.part.Gear;
import firmperch.shot.Recording;
import firmperch.shot.Wanted;
import firmperch.units.Quantity;

/**
 * A view that the rig must give: what is to be in the picture, how it is filmed, and how the rig is set for it.
 *
 * @param name in the maker's words
 * @param wanted the rectangle
 * @param handsRoom wanted between the filmed plane and the lens front, m
 * @param camera which of what films on the head, 0 the one on its screw
 * @param lens which of that camera's, the first is 0
 * @param zoom share of that lens's range, 0 widest, 1 longest
 * @param crop what part of the sensor's width the picture uses, as crop factor from 1 up
 * @param aperture the number after f/
 * @param recording who presses record
 * @param stance where the rig stands and how its joints are set
 */
public record SetUp(String name, Wanted wanted, double handsRoom, int camera, int lens, double zoom, double crop,
        double aperture,
        Recording recording, Stance stance) implements Described {
    static final Params<SetUp> PARAMS = Params.of(SetUp.class).name("name", "Set-up")
            .group("wanted", "The picture", Wanted.PARAMS).length("handsRoom", "Room for hands", 0, 1.5)
            .whole("camera", "Which camera", 0, Gear.MOST).orElse(0).whole("lens", "Which lens", 0, 19)
            .measure("zoom", "Zoom, 0 wide to 1 long", Quantity.NUMBER, 0, 1)
            .measure("crop", "Crop factor", Quantity.NUMBER, 1, 8)
            .measure("aperture", "Aperture f/", Quantity.NUMBER, 0.7, 64)
            .oneOf("recording", "Record is pressed by", Recording.class)
            .group("stance", "Where the perch stands or hangs", Stance.PARAMS).done();

    public SetUp {
        PARAMS.check(name, wanted, handsRoom, camera, lens, zoom, crop, aperture, recording, stance);
    }

    @Override
    public Params<SetUp> params() {
        return PARAMS;
    }

    /** The same view from a rig that is set otherwise. */
    public SetUp with(Stance changed) {
        return new SetUp(name, wanted, handsRoom, camera, lens, zoom, crop, aperture, recording, changed);
    }

    /** The same view by another of the gear's cameras, through another of its lenses. */
    public SetUp by(int other, int through) {
        return new SetUp(name, wanted, handsRoom, other, through, zoom, crop, aperture, recording, stance);
    }

    /** The same under another name. */
    public SetUp named(String other) {
        return new SetUp(other, wanted, handsRoom, camera, lens, zoom, crop, aperture, recording, stance);
    }
}
