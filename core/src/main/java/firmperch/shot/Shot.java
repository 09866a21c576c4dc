package firmperch.shot;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.Quantity;

/**
 * A picture wanted and what it is filmed with.
 *
 * @param wanted the rectangle
 * @param handsRoom wanted between the filmed plane and the lens front, m
 * @param zoom share of the lens's range, 0 widest, 1 longest; nothing to one that does not zoom
 * @param crop what part of the sensor's width the picture uses, as crop factor from 1 up
 * @param aperture the number after f/
 * @param lens through which
 * @param camera behind it
 */
public record Shot(Wanted wanted, double handsRoom, double zoom, double crop, double aperture, Lens lens,
        Camera camera) implements Described {
    /** Circles of confusion in the diagonal of a picture: common practice, no source. */
    private static final double CIRCLES = 1500;

    private static final Params<Shot> PARAMS = Params.of(Shot.class).group("wanted", "The picture", Wanted.PARAMS)
            .length("handsRoom", "Room for hands", 0, 1.5)
            .measure("zoom", "Zoom, 0 wide to 1 long", Quantity.NUMBER, 0, 1)
            .measure("crop", "Crop factor", Quantity.NUMBER, 1, 8)
            .measure("aperture", "Aperture f/", Quantity.NUMBER, 0.7, 64).varied(1).group("lens", "Lens", Lens.PARAMS)
            .group("camera", "Camera", Camera.PARAMS).done();

    public Shot {
        PARAMS.check(wanted, handsRoom, zoom, crop, aperture, lens, camera);
    }

    @Override
    public Params<Shot> params() {
        return PARAMS;
    }

    /** As it is told for this format and set on the lens, m. */
    public double focalLength() {
        return lens.zoomed(zoom);
    }

    /** What looks sharp through this lens; nothing smaller than a pixel is told apart. */
    public DepthOfField depthOfField() {
        Framing framing = framing();
        double circle = Math.max(Math.hypot(framing.sensorWidth(), framing.sensorHeight()) / CIRCLES,
                framing.sensorWidth() / camera.pixels().wide());
        return new DepthOfField(framing.focalLength(), aperture, circle);
    }

    /** How this lens and format see. */
    public Framing framing() {
        return Framing.cropped(camera.format(), crop, (double) camera.pixels().wide() / camera.pixels().high(),
                focalLength());
    }
}
