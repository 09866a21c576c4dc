package firmperch.place;

import static firmperch.units.Quantity.LENGTH;

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
 */
public record Post(String name, Spot spot, double diameter, double low, double high) implements Thing {
    static final Params<Post> PARAMS = Thing.described(Post.class).length("diameter", "Diameter", 0.01, 1)
            .length("low", "Begins above the floor", 0, 20).length("high", "Ends above the floor", 0.05, 20).done();

    public Post {
        PARAMS.check(name, spot, diameter, low, high);
        Require.that(low < high, "Begins above the floor", low, LENGTH, "less than where it ends");
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
        return new Post(name, spot, Math.max(other.depth(), other.width()), low, high);
    }

    @Override
    public List<Block> solid(Room room) {
        Vec3 middle = spot.point(0, 0, 0);
        return List.of(Block.round(middle, diameter / 2, 0, 2 * Math.PI, low, high));
    }
}
