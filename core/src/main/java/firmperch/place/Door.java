package firmperch.place;

import firmperch.body.Vec3;
import firmperch.param.Params;
import java.util.List;

/**
 * A door in a wall, its spot the middle of its opening. Not turned it is in the wall at which measuring begins and opens into the room.
 *
 * @param width of its leaf, m
 * @param height m
 * @param left true if its hinges are at the left as one stands before it in the room
 * @param inward true if it opens into the room
 */
public record Door(String name, Spot spot, double width, double height, boolean left, boolean inward)
        implements
            Thing {
    static final Params<Door> PARAMS = Thing.described(Door.class).length("width", "Width of its leaf", 0.3, 3)
            .length("height", "Height", 0.5, 4).either("left", "Its hinges are", "at the left", "at the right")
            .either("inward", "It opens", "into the room", "outward").done();
    private static final double FRAME = 0.06;

    public Door {
        PARAMS.check(name, spot, width, height, left, inward);
    }

    @Override
    public Params<Door> params() {
        return PARAMS;
    }

    @Override
    public Sides sides() {
        return new Sides(FRAME, width);
    }

    @Override
    public Thing sized(Sides other) {
        return new Door(name, spot, other.width(), height, left, inward);
    }

    @Override
    public List<Block> solid(Room room) {
        return List.of();
    }

    private Vec3 hinge() {
        // Who stands in the room and looks at the wall has its left where y is less.
        return spot.point(0, (left ? -1 : 1) * width / 2, 0);
    }

    /** Where its leaf goes: a quarter of a circle about its hinges. */
    private Block swing() {
        double closed = spot.turn() + (left ? 1 : -1) * Math.PI / 2;
        double open = spot.turn() + (inward ? 0 : Math.PI);
        boolean onward = Math.sin(open - closed) > 0;
        return Block.round(hinge(), width, onward ? closed : open, Math.PI / 2, 0, height);
    }

    @Override
    public List<Block> free(Room room) {
        return inward ? List.of(swing()) : List.of();
    }

    /** The leaf, open, and the way that its edge goes. */
    @Override
    public List<List<Vec3>> lines() {
        List<Vec3> arc = swing().plan().subList(1, swing().plan().size());
        Vec3 leaf = hinge().plus(Vec3.X.turned(spot.turn() + (inward ? 0 : Math.PI)).times(width));
        return List.of(List.of(hinge(), leaf), arc);
    }

    @Override
    public boolean onWall() {
        return true;
    }
}
