package firmperch.shot;

import firmperch.param.Described;
import firmperch.param.Params;

/**
 * The picture wanted and what it is filmed with.
 *
 * @param wanted the rectangle
 * @param camera sensor, lens and picture
 * @param handsRoom wanted between the filmed plane and the lens front, m
 */
public record Shot(Wanted wanted, Camera camera, double handsRoom) implements Described {
    public static final Params<Shot> PARAMS = Params.of(Shot.class).group("wanted", "The picture", Wanted.PARAMS)
            .group("camera", "Camera and lens", Camera.PARAMS).length("handsRoom", "Room for hands", 0, 1.5).done();

    public Shot {
        PARAMS.check(wanted, camera, handsRoom);
    }

    @Override
    public Params<Shot> params() {
        return PARAMS;
    }

    /** Circles of confusion in the diagonal of a picture: common practice, no source. */
    private static final double CIRCLES = 1500;

    /** What looks sharp through this lens; nothing smaller than a pixel is told apart. */
    public DepthOfField depthOfField() {
        Framing framing = framing();
        double circle = Math.max(Math.hypot(framing.sensorWidth(), framing.sensorHeight()) / CIRCLES,
                framing.sensorWidth() / camera.pixels().wide());
        return new DepthOfField(framing.focalLength(), camera.aperture(), circle);
    }

    /** How this lens and format see. */
    public Framing framing() {
        return Framing.cropped(camera.format(), camera.crop(), (double) camera.pixels().wide() / camera.pixels().high(),
                camera.focalLength());
    }

    /** Sensor plane to filmed plane for the wanted rectangle to just fill the picture, m. */
    public double sensorDistance() {
        Framing framing = framing();
        return framing.sensorDistance(framing.magnificationFor(wanted.width(), wanted.depth()));
    }
}
