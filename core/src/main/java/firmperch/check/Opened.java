package firmperch.check;

import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.Surface;
import firmperch.study.Falling;
import firmperch.study.Loading;
import firmperch.study.Situation;
import java.util.Optional;

/** What happens where what holds a freedom is opened and nobody holds the camera. */
public final class Opened {
    private Opened() {
    }

    /** From the pose that a situation has; nothing where it stays by its own friction, or has nowhere to go. */
    public static Optional<Falling> of(Situation s, int freedom, Loading loading) {
        return Falling.of(s, freedom, loading, open(s, freedom), Opened::benchInTheWay);
    }

    /** The same for the end of a line of numbers. */
    static String words(Situation s, int freedom) {
        return of(s, freedom, Loading.GEAR).map(f -> "; opened and let go, the camera " + f.words(s)).orElse("");
    }

    /** What a freedom holds for certain while its lock is open. */
    private static double open(Situation s, int freedom) {
        Freedom f = s.study().assembly().freedoms().get(freedom);
        double sum = 0;
        for (Joint joint : s.study().assembly().joints()) {
            if (f.equals(joint.freedom())) {
                sum += switch (joint.hold()) {
                    case Hold.Rated rated -> rated.open();
                    case Hold.Bearings _ -> BearingChecks.rolling(joint, s);
                    case Hold.Free _,Hold.Brake _,Hold.Rubs _,Hold.Fixed _,Hold.Rests _,Hold.Pin _,Hold.Lies _,Hold.Threaded _,Hold.Friction _ ->
                        0;
                };
            }
        }
        return sum;
    }

    private static Optional<String> benchInTheWay(Situation s) {
        double gap = s.clearance().from(s.project().place().benchTop(), s.study().apartFrom(Surface.BENCH), 0.01);
        return gap <= 0 ? Optional.of("the bench") : Optional.empty();
    }
}
