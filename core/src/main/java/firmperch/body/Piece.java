package firmperch.body;

import firmperch.stock.Fitting;
import firmperch.stock.Look;
import firmperch.stock.Material;
import java.util.List;
import java.util.stream.Stream;

/**
 * What can be picked up: a shape of a material, or a bought thing, where it sits in its body, with its holes.
 *
 * @param body what it moves with; null until it is added to an assembly
 * @param station of the load path that it belongs to; null until it is added
 * @param name on lists; pieces of the same name, shape and holes are alike
 * @param solid its shape
 * @param material null for a bought or owned thing
 * @param at where it sits in its body
 * @param holes drilled through it, in its own axes
 */
public record Piece(Body body, Station station, String name, Solid solid, Material material, Placement at,
        List<Hole> holes, Supply supply, Look look) {
    public Piece {
        holes = List.copyOf(holes);
    }

    /** A piece cut from material sold by volume. */
    public static Piece cut(String name, Solid solid, Material material) {
        return new Piece(null, null, name, solid, material, Placement.HERE, List.of(), new Supply.Cut(0, ""),
                material.look());
    }

    /** A piece poured in place, that solid less what stands in it. */
    public static Piece poured(String name, Solid solid, Material material) {
        return new Piece(null, null, name, solid, material, Placement.HERE, List.of(), new Supply.Poured(),
                Look.CONCRETE);
    }

    /** A thing bought ready-made. */
    public static Piece ready(String name, Solid.Bought solid, Supply.Ready supply) {
        return new Piece(null, null, name, solid, null, Placement.HERE, List.of(), supply, Look.DARK);
    }

    /** So many small things bought ready-made, together at a point. */
    public static Piece fittings(Fitting what, int count, String use) {
        return ready(what.item(), Solid.Bought.point(count * what.mass()),
                new Supply.Ready(what.item(), count, what.price(), use, false));
    }

    /** A thing that is there already. */
    public static Piece owned(String name, Solid.Bought solid) {
        return new Piece(null, null, name, solid, null, Placement.HERE, List.of(), new Supply.Owned(), Look.DARK);
    }

    /** The same piece of another shape. */
    Piece shaped(Solid other) {
        return new Piece(body, station, name, other, material, at, holes, supply, look);
    }

    /** The same piece elsewhere in its body. */
    public Piece at(Placement place) {
        return new Piece(body, station, name, solid, material, place, holes, supply, look);
    }

    /** The same piece with more holes. */
    public Piece drilled(List<Hole> more) {
        List<Hole> all = Stream.concat(holes.stream(), more.stream()).toList();
        return new Piece(body, station, name, solid, material, at, all, supply, look);
    }

    /** The same piece come by otherwise. */
    public Piece from(Supply other) {
        return new Piece(body, station, name, solid, material, at, holes, other, look);
    }

    /** The same piece looking otherwise. */
    public Piece looking(Look other) {
        return new Piece(body, station, name, solid, material, at, holes, supply, other);
    }

    Piece in(Body owner, Station of) {
        return new Piece(owner, of, name, solid, material, at, holes, supply, look);
    }

    /**
     * Mass, centre and inertia in its own axes. What small holes take away is left in: bolts fill them again, and less
     * than a hundredth of a piece is meant.
     */
    public MassProperties own() {
        return solid.massAt(material == null ? 0 : material.density());
    }

    /** Mass, centre and inertia in its body's axes. */
    public MassProperties mass() {
        return own().placed(at);
    }

    /** True if it is there to weigh. */
    public boolean ballast() {
        return supply instanceof Supply.Poured || supply instanceof Supply.Ready ready && ready.ballast();
    }

    /** Rough price of what it is made of, units of money. */
    public double price() {
        return switch (supply) {
            case Supply.Cut cut -> cut.pricePerMetre() > 0
                    ? cut.pricePerMetre() * solid.size().x()
                    : solid.massAt(1).mass() * material.pricePerCubicMetre();
            case Supply.Ready ready -> ready.count() * ready.price();
            case Supply.Poured _,Supply.Owned _ -> 0;
        };
    }

    /** Which way its grain runs; either where its material has none, or where it has no longer side. */
    public Grain grain() {
        boolean grows = material != null
                && (material.family() == Material.Family.TIMBER || material.family() == Material.Family.BOARD);
        Vec3 size = solid.size();
        return grows && supply instanceof Supply.Cut cut && size.x() > size.y() + 1e-6 ? cut.grain() : Grain.ANY;
    }

    /** False if it only weighs something, as a small thing at a point. */
    public boolean takesRoom() {
        return solid.size().length() > 1e-6;
    }

    /** True if it is a bar that bends between what it is joined to; all else is stiff. */
    public boolean bends() {
        return solid instanceof Solid.Bar && material != null;
    }
}
