package firmperch.draw;

import firmperch.body.Station;
import firmperch.search.Coverage;
import firmperch.study.Situation;
import java.util.Optional;

/**
 * What is to be drawn.
 *
 * @param ghost another pose to show faintly beside the set one
 * @param chosen station whose part shows its measures; nothing for none
 * @param wholeRoom true to show all of the room up to its ceiling, false to come closer to the perch
 * @param reach where on the bench the camera comes, shown in the plan; nothing to leave it out
 * @param person true to show who works at the bench beside it
 */
public record Scene(Situation situation, Optional<Ghost> ghost, Optional<Station> chosen, boolean wholeRoom,
        Optional<Coverage> reach, boolean person) {
    /** The set pose alone. */
    public static Scene of(Situation situation) {
        return new Scene(situation, Optional.empty(), Optional.empty(), false, Optional.empty(), false);
    }
}
