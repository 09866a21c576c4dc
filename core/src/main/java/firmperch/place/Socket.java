package firmperch.place;

import firmperch.param.Params;
import java.util.List;

/**
 * A socket for cables.
 *
 * @param height above the floor, m
 */
public record Socket(String name, Spot spot, double height) implements Thing {
    static final Params<Socket> PARAMS = Thing.described(Socket.class).length("height", "Above the floor", 0, 20)
            .done();
    private static final double PLATE = 0.08;

    public Socket {
        PARAMS.check(name, spot, height);
    }

    @Override
    public Params<Socket> params() {
        return PARAMS;
    }

    @Override
    public Sides sides() {
        return new Sides(PLATE / 2, PLATE);
    }

    @Override
    public List<Block> solid(Room room) {
        return List.of();
    }

    @Override
    public boolean onWall() {
        return true;
    }
}
