package firmperch.place;

import firmperch.body.Vec3;
import firmperch.param.Params;
import java.util.List;

/** Where whoever works there stands or sits; not turned they look at the wall. How tall they are is told with the bench, whether they sit with the set-up. */
public record Worker(String name, Spot spot) implements Thing {
    static final Params<Worker> PARAMS = Thing.described(Worker.class).done();
    /** Shoulders and chest with the arms at the side, m: common practice, no source. */
    private static final double WIDE = 0.5;
    private static final double DEEP = 0.3;

    public Worker {
        PARAMS.check(name, spot);
    }

    @Override
    public Params<Worker> params() {
        return PARAMS;
    }

    /** The room that a body takes up from the floor to a height, m: a column as deep and wide as chest and shoulders. */
    public Block body(double height) {
        return Block.around(spot, DEEP, WIDE, 0, height);
    }

    @Override
    public Sides sides() {
        return new Sides(DEEP, WIDE);
    }

    /** The way they look. */
    @Override
    public List<List<Vec3>> lines() {
        return List.of(List.of(spot.point(-DEEP, 0, 0), spot.point(-DEEP / 2, 0, 0)),
                List.of(spot.point(-DEEP * 0.8, DEEP * 0.2, 0), spot.point(-DEEP, 0, 0),
                        spot.point(-DEEP * 0.8, -DEEP * 0.2, 0)));
    }

    @Override
    public List<Block> solid(Room room) {
        return List.of();
    }
}
