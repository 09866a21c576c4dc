package firmperch.check;

import firmperch.body.Noun;
import firmperch.body.Station;

/**
 * The thing that a check is asked of.
 *
 * @param id within its check: "arm.lift"; empty for the whole rig
 * @param name in the user's words
 * @param station of the load path; null for the place
 */
public record Subject<T>(String id, Noun name, Station station, T thing) {
    /** The whole rig, told at a station. */
    public static Subject<Void> whole(Station station) {
        return new Subject<>("", "it", station, null);
    }

    /** A subject of one thing, named in the singular. */
    public Subject(String id, String name, Station station, T thing) {
        this(id, Noun.one(name), station, thing);
    }
}
