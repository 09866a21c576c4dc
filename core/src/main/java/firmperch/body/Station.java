package firmperch.body;

import java.util.List;

/**
 * A line of the load path.
 *
 * @param id in files, such as "arm"
 * @param label on the screen
 * @param part name of the part whose it is
 * @param body and the point of it, m, at which what it carries is handed on
 * @param on what it stands on or hangs from; empty if the place
 */
public record Station(String id, String label, String part, Body body, Vec3 seat, List<Station> on) {
    public Station {
        on = List.copyOf(on);
    }

    /** True if this is that station or one that it rests on, however far down. */
    public boolean rests(Station other) {
        return equals(other) || on.stream().anyMatch(s -> s.rests(other));
    }

    /** Stations are told apart by their id. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Station station && station.id.equals(id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }
}
