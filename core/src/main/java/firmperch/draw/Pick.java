package firmperch.draw;

import firmperch.body.Piece;
import firmperch.draw.Shape.Point;
import firmperch.study.Situation;
import java.util.Optional;

/** What of a drawing lies under the hand. */
public final class Pick {
    private Pick() {
    }

    /** The piece that is seen at a point of a drawing in that view. */
    public static Optional<Piece> piece(Situation situation, View view, double x, double y) {
        return new Projection(situation, view).at(new Point(x, y));
    }
}
