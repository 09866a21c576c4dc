package firmperch.part.base;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Bending;
import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Station;
import firmperch.body.Supply;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Bolt;
import firmperch.stock.Fitting;
import firmperch.stock.Look;
import firmperch.stock.Material;
import firmperch.units.Quantity;
import firmperch.units.Require;
import java.util.List;

/**
 * A board on a caster at each corner, with a slab on its far edge. Lengths in m.
 *
 * @param length along the arm
 * @param width across it
 * @param mast from the board's middle to where a mast stands, toward the work
 * @param slab mass of the slab, kg
 * @param locked true if brakes hold the casters where they stand
 * @param outward true if every wheel is turned straight outward before it is locked; false if it stays where rolling left it
 */
public record WheelBoard(double length, double width, double thickness, double mast, double slab, Caster caster,
        boolean locked, boolean outward) implements Part {
    public static final Params<WheelBoard> PARAMS = Params.of(WheelBoard.class)
            .length("length", "Length of the board", 0.3, 2)
            .varied(0.05).length("width", "Width of the board", 0.25, 1.5).varied(0.05)
            .length("thickness", "Thickness of the board", 0.009, 0.06).varied(0.003)
            .length("mast", "Middle of the board to the mast", -0.8, 0.8).varied(0.05)
            .mass("slab", "Slab on the far edge", 0, 80).varied(2.5).group("caster", "Caster", Caster.PARAMS)
            .either("locked", "Casters are", "locked", "free to swivel").varied()
            .either("outward", "Wheels locked", Caster.TURNED, Caster.LEFT).orElse(false).varied().done();

    private static final double DENSITY = 2300;
    private static final double DEEP = 0.20;
    private static final double MARGIN = 0.02;
    /** A webbing strap of a metre and a half with its buckle, kg: common practice, no source. */
    private static final double STRAP = 0.12;

    public WheelBoard {
        PARAMS.check(length, width, thickness, mast, slab, caster, locked, outward);
        Require.that(Math.abs(mast) < length / 2 - 0.06, "Middle of the board to the mast", mast, LENGTH,
                "so little that it stands on the board");
        Require.that(Math.min(length, width) > 2 * caster.plate() + 2 * MARGIN, "Board", Math.min(length, width),
                LENGTH,
                "wide enough for two casters");
    }

    @Override
    public Params<WheelBoard> params() {
        return PARAMS;
    }

    @Override
    public List<String> weights() {
        return List.of("slab");
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Surface surface = on.getFirst().standing("Wheel board");
        Body body = out.body("board", null, on.getFirst().at(), new Motion.Fixed());
        Station feet = out.station("feet", "Casters " + out.bare(caster.diameter()) + Caster.words(locked, outward),
                body,
                Vec3.ZERO);
        double x = length / 2 - MARGIN - caster.plate() / 2;
        double y = width / 2 - MARGIN - caster.plate() / 2;
        for (int i = 0; i < Corners.COUNT; i++) {
            caster.add(out, body, new Caster.Corner(i, x, y, Caster.swivel(locked, outward)), surface);
        }
        Station station = out.station("", slab > 0 ? "Board with slab" : "Board", body, new Vec3(0, 0, caster.height()),
                feet);
        double top = caster.height() + thickness;
        Piece board = out.add(body,
                Piece.cut("Board", new Solid.Sheet(Outline.rectangle(-length / 2, -width / 2, length / 2, width / 2),
                        thickness), material()).from(new Supply.Cut(0,
                                "4 × Ø " + out.length(Bolt.ALL.get("m8").hole())
                                        + " at each corner from the caster's own plate, its middle " + out.length(
                                                MARGIN + caster.plate() / 2)
                                        + " from both edges; the mast's foot plates and the braces' brackets give their own holes, the mast's middle "
                                        + out.length(length / 2 + mast) + " from the end under the slab"))
                        .at(Placement.at(0, 0, caster.height() + thickness / 2)));
        out.bends(board, false);
        for (int i = 0; i < Corners.COUNT; i++) {
            out.grips(body, new Vec3(i % 2 == 0 ? x : -x, i < 2 ? y : -y, 0), caster.plate() / 2, caster.plate() / 2,
                    Bending.How.STIFF);
        }
        if (slab > 0) {
            double wide = width - 2 * MARGIN;
            double high = slab / (DENSITY * DEEP * wide);
            Body lies = out.body("slab", body, Placement.HERE, new Motion.Fixed());
            Vec3 under = new Vec3(-length / 2 + DEEP / 2 + 0.01, 0, top);
            out.joint("slab", "slab", Joint.Side.of(body, under), Joint.Side.of(lies, under), null, Vec3.UP,
                    new Hold.Lies(),
                    JointStiffness.RIGID);
            out.grips(body, under, DEEP / 2, wide / 2, Bending.How.SPREAD);
            out.add(lies, Piece.ready("Slab", Solid.Bought.box(DEEP, wide, high, slab), new Supply.Ready(
                    "Paving slabs, " + out.show(Quantity.MASS, slab) + " together, " + out.length(DEEP) + " × "
                            + out.length(wide),
                    0.25 * slab, "far edge of the board").weighing())
                    .at(Placement.at(under.plus(new Vec3(0, 0, high / 2))))
                    .looking(Look.CONCRETE));
        }
        out.back(station);
        out.offer("deck", new Port.Deck(thickness, material()), body, Placement.at(mast, 0, top), null);
        out.measure("length", body, new Vec3(-length / 2, 0, top), body, new Vec3(length / 2, 0, top));
        out.measure("mast", body, new Vec3(0, 0, caster.height()), body, new Vec3(mast, 0, caster.height()));
        Caster.bolts(out, body, x, y, caster.height() + thickness / 2, thickness + 0.022);
        out.fit(body, new Vec3(-length / 2 + DEEP / 2, 0, top), 1,
                new Fitting("Strap with buckle, " + out.length(1.5), STRAP, 3), "holds the slab on the board");
        out.work("board", "Cut the board, bolt a caster under each corner.", List.of("cut"), "", "");
        out.work("slab", "Lay the slab on the far edge and strap it down before the beam is ever run out.",
                List.of("board"), "", "Lift with help; it is what keeps the rig from falling forward.");
    }

    private static Material material() {
        return Material.ALL.get("birch-plywood");
    }
}
