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
    static final Params<Door> PARAMS = Params.of(Door.class).name("name", "Name")
            .group("spot", "Where it is", Spot.PARAMS).length("width", "Width of its leaf", 0.3, 3)
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
    public List<Block> solid(Room room) {
        return List.of();
    }

    @Override
    public List<Block> free(Room room) {
        if (!inward) {
            return List.of();
        }
        // Who stands in the room and looks at the wall has its left where y is less.
        double side = left ? -1 : 1;
        Vec3 hinge = spot.point(0, side * width / 2, 0);
        double from = spot.turn() + (left ? 0 : -Math.PI / 2);
        return List.of(Block.round(hinge, width, from, Math.PI / 2, 0, height));
    }

    @Override
    public boolean onWall() {
        return true;
    }
}
