package firmperch.make;

import firmperch.body.Assembly;
import firmperch.body.Piece;
import firmperch.body.Supply;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Every piece to cut, from the camera down; those that are alike are one line of it. */
public final class CutList {
    private CutList() {
    }

    /** The list of an assembly. */
    public static List<CutPiece> of(Assembly assembly) {
        List<CutPiece> list = new ArrayList<>();
        for (Piece piece : assembly.pieces().reversed()) {
            if (piece.supply() instanceof Supply.Cut) {
                add(list, piece);
            }
        }
        return list;
    }

    private static void add(List<CutPiece> list, Piece piece) {
        for (int i = 0; i < list.size(); i++) {
            CutPiece line = list.get(i);
            if (!worked(line.piece(), piece)) {
                continue;
            }
            if (Congruence.same(line.piece(), piece)) {
                list.set(i, new CutPiece(with(line.alike(), piece), line.mirrored()));
                return;
            }
            if (Congruence.mirrored(line.piece(), piece)) {
                list.set(i, new CutPiece(line.alike(), with(line.mirrored(), piece)));
                return;
            }
        }
        list.add(new CutPiece(List.of(piece), List.of()));
    }

    private static List<Piece> with(List<Piece> pieces, Piece one) {
        return Stream.concat(pieces.stream(), Stream.of(one)).toList();
    }

    /** True if two are of one name and material and have the same done to them, whatever their shapes are. */
    private static boolean worked(Piece a, Piece b) {
        return a.name().equals(b.name()) && a.material().equals(b.material()) && a.grain() == b.grain()
                && a.supply().equals(b.supply());
    }
}
