package firmperch.make;

import firmperch.body.Assembly;
import firmperch.body.Piece;
import firmperch.body.Solid;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.stock.Section;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Every piece to cut, from the camera down; pieces of one name, shape, material and holes are alike. */
public final class CutList {
    private CutList() {
    }

    /** The list of an assembly, what is told in words in those units. */
    public static List<CutPiece> of(Assembly assembly, UnitSystem units) {
        Map<Object, CutPiece> list = new LinkedHashMap<>();
        for (Piece piece : assembly.pieces().reversed()) {
            if (piece.supply() instanceof Supply.Cut cut) {
                CutPiece one = one(piece, cut, units);
                Object key = List.of(one.part(), one.material(), one.length(), one.width(), one.thickness(),
                        one.holes());
                list.merge(key, one,
                        (a, b) -> new CutPiece(a.part(), a.count() + 1, a.material(), a.length(), a.width(),
                                a.thickness(), a.holes(), a.mass()));
            }
        }
        return new ArrayList<>(list.values());
    }

    /** The longest first. */
    private static Vec3 sorted(Vec3 size) {
        double[] sides = {size.x(), size.y(), size.z()};
        Arrays.sort(sides);
        return new Vec3(sides[2], sides[1], sides[0]);
    }

    private static CutPiece one(Piece piece, Supply.Cut cut, UnitSystem units) {
        Vec3 size = sorted(piece.solid().size());
        String holes = HolePlan.of(piece, units);
        String note = holes.isEmpty() || cut.note().isEmpty() ? holes + cut.note() : holes + "; " + cut.note();
        double thickness = piece.solid() instanceof Solid.Bar bar && !(bar.section() instanceof Section.Rectangle)
                ? bar.section().wall()
                : size.z();
        return new CutPiece(piece.name(), 1, piece.material().label(), size.x(), size.y(), thickness, note,
                piece.own().mass());
    }
}
