package firmperch.place;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.units.Require;
import java.util.List;

/**
 * A post or tube that is there, upright.
 *
 * @param diameter m
 * @param low where it begins above the floor, m
 * @param high where it ends, m
 * @param perch true if the rig is to be clamped round it
 */
public record Post(String name, Spot spot, double diameter, double low, double high, boolean perch) implements Bearer {
    static final Params<Post> PARAMS = Thing.described(Post.class).length("diameter", "Diameter", 0.01, 1)
            .length("low", "Begins above the floor", 0, 20).length("high", "Ends above the floor", 0.05, 20)
            .either("perch", "The perch", "is clamped round it", "is not clamped to it").orElse(false).done();

    public Post {
        PARAMS.check(name, spot, diameter, low, high, perch);
        Require.that(low < high, "Begins above the floor", low, LENGTH, "less than where it ends");
    }

    /** One that carries no rig. */
    public Post(String name, Spot spot, double diameter, double low, double high) {
        this(name, spot, diameter, low, high, false);
    }

    @Override
    public Surface surface() {
        return Surface.POST;
    }

    @Override
    public double measure() {
        return diameter;
    }

    @Override
    public Params<Post> params() {
        return PARAMS;
    }

    @Override
    public Sides sides() {
        return new Sides(diameter, diameter);
    }

    @Override
    public Thing sized(Sides other) {
        return new Post(name, spot, Math.max(other.depth(), other.width()), low, high, perch);
    }

    @Override
    public List<Block> solid(Room room) {
        Vec3 middle = spot.point(0, 0, 0);
        return List.of(Block.round(middle, diameter / 2, 0, 2 * Math.PI, low, high));
    }
}
