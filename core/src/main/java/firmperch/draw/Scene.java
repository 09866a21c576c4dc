package firmperch.draw;

import firmperch.body.Station;
import firmperch.search.Coverage;
import firmperch.study.Situation;
import java.util.List;
import java.util.Optional;

/**
 * What is to be drawn.
 *
 * @param ghosts other poses to show faintly beside the set one
 * @param chosen station whose part shows its measures; nothing for none
 * @param wholeRoom true to show all of the room up to its ceiling, false to come closer to the perch
 * @param reach where on the bench the camera comes, shown in the plan; nothing to leave it out
 * @param person true to show who works at the bench beside it
 */
public record Scene(Situation situation, List<Ghost> ghosts, Optional<Station> chosen, boolean wholeRoom,
        Optional<Coverage> reach, boolean person) {
    public Scene {
        ghosts = List.copyOf(ghosts);
    }

    /** The set pose alone. */
    public static Scene of(Situation situation) {
        return new Scene(situation, List.of(), Optional.empty(), false, Optional.empty(), false);
    }
}
