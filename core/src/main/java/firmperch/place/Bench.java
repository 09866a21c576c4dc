package firmperch.place;

import static firmperch.units.Quantity.LENGTH;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.Require;

/**
 * What is filmed on. Lengths in m.
 *
 * @param from wall to its near edge
 * @param depth away from the wall
 * @param width along the wall
 * @param height floor to its top
 * @param top thickness of its top with rails
 * @param worker how tall they are who work at it: only drawn, for the size of things
 * @param of what its top is of
 * @param overhang how far its top stands out over its legs and rails
 * @param drawers how far drawers or boards reach down under the top
 * @param firm true if it stands firmly
 */
public record Bench(double from, double depth, double width, double height, double top,
        double worker, TopOf of, double overhang,
        double drawers, boolean firm) implements Described {
    /** Where nobody has said, a top stands out so far, m: our own judgement. */
    static final double OVERHANG = 0.05;
    static final Params<Bench> PARAMS = Params.of(Bench.class).length("from", "Wall to bench", 0, 50)
            .length("depth", "Depth of the bench", 0.1, 10).length("width", "Width of the bench", 0.1, 10)
            .length("height", "Height of the bench", 0.05, 2).length("top", "Thickness of the bench top", 0.005, 1)
            .length("worker", "How tall you are", 0.8, 2.3).orElse(1.7)
            .help("Drawn beside the bench, for the size of things.")
            .oneOf("of", "Its top is of", TopOf.class).orElse(TopOf.UNKNOWN)
            .length("overhang", "Its top stands out by", 0, 1).orElse(OVERHANG)
            .length("drawers", "Drawers below it, down by", 0, 2).orElse(0.0)
            .either("firm", "Stands", "firmly", "rickety").orElse(true).done();

    public Bench {
        PARAMS.check(from, depth, width, height, top, worker, of, overhang, drawers, firm);
        Require.that(top + drawers <= height, "Thickness of the bench top and drawers", top + drawers, LENGTH,
                "at most the height of the bench");
    }

    /** One of whose top no more is said. */
    public Bench(double from, double depth, double width, double height, double top, double worker) {
        this(from, depth, width, height, top, worker, TopOf.UNKNOWN, OVERHANG, 0, true);
    }

    @Override
    public Params<Bench> params() {
        return PARAMS;
    }

    /** Clear height under its top and what is below that, m. */
    public double under() {
        return height - top - drawers;
    }
}
