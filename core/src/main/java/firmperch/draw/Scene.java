package firmperch.draw;

import firmperch.body.Station;
import firmperch.study.Situation;
import java.util.List;
import java.util.Optional;

/**
 * What is to be drawn.
 *
 * @param ghosts other poses to show faintly beside the set one
 * @param chosen station whose part shows its measures; nothing for none
 * @param wholeRoom true to show all of the room up to its ceiling, false to come closer to the perch
 * @param person true to show who works at the bench beside it
 * @param bare true for a small picture without words and dimensions
 */
public record Scene(Situation situation, List<Ghost> ghosts, Optional<Station> chosen, boolean wholeRoom,
        boolean person, boolean bare) {
    public Scene {
        ghosts = List.copyOf(ghosts);
    }

    /** With words and dimensions. */
    public Scene(Situation situation, List<Ghost> ghosts, Optional<Station> chosen, boolean wholeRoom, boolean person) {
        this(situation, ghosts, chosen, wholeRoom, person, false);
    }

    /** All of the room with the rig in it, small. */
    public static Scene small(Situation situation) {
        return new Scene(situation, List.of(), Optional.empty(), true, true, true);
    }

    /** The set pose alone. */
    public static Scene of(Situation situation) {
        return new Scene(situation, List.of(), Optional.empty(), false, false, false);
    }
}
