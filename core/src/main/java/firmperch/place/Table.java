package firmperch.place;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Surface;
import firmperch.param.Params;
import firmperch.units.Require;
import java.util.ArrayList;
import java.util.List;

/**
 * A bench or table beside the one that is filmed on. Lengths in m.
 *
 * @param top thickness of its top with rails
 * @param drawers how far drawers or boards reach down under the top
 * @param firm true if it stands firmly
 * @param perch true if the rig is to stand on it
 * @param of what its top is of
 * @param overhang how far its top stands out over its legs
 */
public record Table(String name, Spot spot, Size size, double top, double drawers, boolean firm, boolean perch,
        TopOf of, double overhang)
        implements
            Bearer {
    static final Params<Table> PARAMS = Thing.described(Table.class).group("size", "How large it is", Size.PARAMS)
            .length("top", "Thickness of its top", 0.005, 1).length("drawers", "Drawers below it, down by", 0, 2)
            .either("firm", "Stands", "firmly", "rickety")
            .either("perch", "The perch", "stands on it", "does not stand on it").orElse(false)
            .oneOf("of", "Its top is of", TopOf.class).orElse(TopOf.UNKNOWN)
            .length("overhang", "Its top stands out by", 0, 1).orElse(Bench.OVERHANG).done();
    private static final double LEG = 0.06;

    public Table {
        PARAMS.check(name, spot, size, top, drawers, firm, perch, of, overhang);
        Require.that(top + drawers <= size.height(), "Thickness of its top and drawers", top + drawers, LENGTH,
                "at most its height");
    }

    /** One that carries no rig. */
    public Table(String name, Spot spot, Size size, double top, double drawers, boolean firm) {
        this(name, spot, size, top, drawers, firm, false, TopOf.UNKNOWN, Bench.OVERHANG);
    }

    @Override
    public Params<Table> params() {
        return PARAMS;
    }

    @Override
    public Sides sides() {
        return size.sides();
    }

    @Override
    public Thing sized(Sides other) {
        return new Table(name, spot, size.with(other), top, drawers, firm, perch, of, overhang);
    }

    @Override
    public Surface surface() {
        return Surface.TABLE;
    }

    @Override
    public double measure() {
        return size.height();
    }

    @Override
    public List<Block> solid(Room room) {
        double x = size.depth() / 2;
        double y = size.width() / 2;
        double under = size.height() - top - drawers;
        List<Block> blocks = new ArrayList<>();
        blocks.add(Block.around(spot, size.depth(), size.width(), under, size.height()));
        double legX = x - overhang;
        double legY = y - overhang;
        if (under > 0 && legX > LEG && legY > LEG) {
            blocks.add(Block.of(spot, -legX, -legX + LEG, -legY, -legY + LEG, 0, under));
            blocks.add(Block.of(spot, legX - LEG, legX, -legY, -legY + LEG, 0, under));
            blocks.add(Block.of(spot, -legX, -legX + LEG, legY - LEG, legY, 0, under));
            blocks.add(Block.of(spot, legX - LEG, legX, legY - LEG, legY, 0, under));
        }
        return blocks;
    }
}
