package firmperch.part.base;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Body;
import firmperch.body.Builder;
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
import firmperch.stock.Fitting;
import firmperch.stock.HexBolt;
import firmperch.stock.Material;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.List;

/**
 * A square plywood box to be filled with concrete, on a square board with a caster under each corner, outside the weight.
 *
 * @param board thickness of the board under the box, m
 */
public record CastBox(Shell shell, Concrete concrete, double board, Caster caster, Corners corners) implements Part {
    public static final Params<CastBox> PARAMS = Params.of(CastBox.class).group("shell", "Box", Shell.PARAMS)
            .group("concrete", "Concrete", Concrete.PARAMS).length("board", "Thickness of the board", 0.009, 0.06)
            .varied(0.003).group("caster", "Caster", Caster.PARAMS).group("corners", "Corners", Corners.PARAMS).done();

    /** A metre of wood screw Ø 4.5, head and thread counted, kg: common practice, no source. */
    private static final double SCREW = 0.075;

    public CastBox {
        PARAMS.check(shell, concrete, board, caster, corners);
        Require.that(concrete.height() <= shell.depth() + 1e-9, "Height of the concrete", concrete.height(), LENGTH,
                "at most what the box holds, " + LENGTH.show(shell.depth(), UnitSystem.METRIC));
        Require.that(shell.side() <= 2 * corners.out() + caster.plate() + 1e-9, "Side of the box", shell.side(), LENGTH,
                "at most the board under it, " + LENGTH.show(2 * corners.out() + caster.plate(), UnitSystem.METRIC));
    }

    @Override
    public Params<CastBox> params() {
        return PARAMS;
    }

    @Override
    public List<String> ballast() {
        return List.of("concrete.height", "shell.side");
    }

    /** Side of the board, m: out to the edge of the casters' plates. */
    private double boardSide() {
        return 2 * corners.out() + caster.plate();
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Surface surface = on.getFirst().standing("Cast box");
        Body body = out.body("base", null, on.getFirst().at(), new Motion.Fixed());
        Station feet = out.station("feet",
                "Casters " + out.bare(caster.diameter()) + Caster.words(corners.locked(), corners.outward()), body,
                Vec3.ZERO);
        for (int i = 0; i < Corners.COUNT; i++) {
            caster.add(out, body,
                    new Caster.Corner(i, corners.out(), corners.out(),
                            Caster.swivel(corners.locked(), corners.outward())),
                    surface);
        }
        Station base = out.station("", concrete.height() > 0 ? "Box with concrete" : "Box", body,
                new Vec3(0, 0, caster.height()), feet);
        panels(out, body);
        double floor = caster.height() + board + shell.wall();
        out.offer("hollow", new Port.Hollow(concrete.height(), shell.depth(), shell.inner(), concrete.material(),
                panel(), shell.wall()), body, Placement.at(0, 0, floor), null);
        if (concrete.height() > 0) {
            out.around(body, Piece
                    .poured("Concrete", new Solid.Sheet(square(shell.inner()), concrete.height()), concrete.material())
                    .at(Placement.at(0, 0, floor + concrete.height() / 2)), "hollow");
        }
        out.back(base);
        Vec3 corner = new Vec3(-shell.side() / 2, 0, caster.height() + board);
        out.measure("shell.side", body, corner, body, corner.plus(new Vec3(shell.side(), 0, 0)));
        out.measure("shell.height", body, corner, body, corner.plus(new Vec3(0, 0, shell.height())));
        out.measure("corners.out", body, Vec3.ZERO, body, new Vec3(corners.out(), 0, 0));
        making(out, body);
    }

    private static Material panel() {
        return Material.ALL.get("birch-plywood");
    }

    private static Outline square(double side) {
        return Outline.rectangle(-side / 2, -side / 2, side / 2, side / 2);
    }

    private void panels(Builder out, Body body) {
        double low = caster.height() + board;
        double middle = low + shell.height() / 2;
        double offset = (shell.side() - shell.wall()) / 2;
        out.add(body, Piece.cut("Board", new Solid.Sheet(square(boardSide()), board), panel())
                .from(new Supply.Cut(0, "casters' swivel axes " + out.length(caster.plate() / 2)
                        + " from the edges at each corner; holes from the caster's own plate"))
                .at(Placement.at(0, 0, caster.height() + board / 2)));
        out.add(body, Piece.cut("Box floor", new Solid.Sheet(square(shell.inner()), shell.wall()), panel())
                .from(new Supply.Cut(0, "mark the middle for the post"))
                .at(Placement.at(0, 0, low + shell.wall() / 2)));
        for (int side = -1; side <= 1; side += 2) {
            out.add(body, Piece.cut("Box side, long", new Solid.Sheet(Outline.rectangle(-shell.side() / 2,
                    -shell.height() / 2, shell.side() / 2, shell.height() / 2), shell.wall()), panel())
                    .at(Placement.along(new Vec3(0, side * offset, middle), Vec3.X, Vec3.Y.negated())));
            out.add(body, Piece.cut("Box side, short", new Solid.Sheet(Outline.rectangle(-shell.inner() / 2,
                    -shell.height() / 2, shell.inner() / 2, shell.height() / 2), shell.wall()), panel())
                    .at(Placement.along(new Vec3(side * offset, 0, middle), Vec3.Y, Vec3.X)));
        }
    }

    private void making(Builder out, Body body) {
        Caster.bolts(out, body, corners.out(), corners.out(), caster.height() + board / 2, board + 0.022);
        double through = Math.ceil((board + shell.wall() + 0.022) * 200) / 200;
        Vec3 floor = new Vec3(0, 0, caster.height() + board);
        out.fit(body, floor, 4, new Fitting("Bolt M8 × " + out.length(through) + ", countersunk, with washers and nut",
                HexBolt.ALL.get("m8").set(through, 2), 0.7), "box floor to board, before the pour");
        double screw = Math.ceil(shell.wall() * 2.6 * 1000 / 5) * 0.005;
        int corner = 4 * (int) Math.ceil(shell.height() / 0.06);
        int under = 4 * (int) Math.ceil(shell.inner() / 0.10);
        Fitting screws = new Fitting("Wood screw 4.5 × " + out.length(screw), SCREW * screw, 0.06);
        out.fit(body, floor.plus(new Vec3(0, 0, shell.height() / 2)), corner, screws, "box corners and floor");
        out.fit(body, floor, under, screws, "box corners and floor");
        out.usedUp("Water-resistant wood glue, bottle", 1, 5, "box and block");
        out.work("box", "Glue up and screw the box.", List.of("cut"), "glue: overnight", "");
        out.work("casters",
                "Bolt the casters to the board, then the box to the board: their nuts are out of reach once "
                        + "the concrete is in.",
                List.of("box"), "", "");
    }
}
