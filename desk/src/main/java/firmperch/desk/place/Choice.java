package firmperch.desk.place;

import firmperch.place.Place;
import firmperch.place.Thing;
import java.util.List;

/** Which thing of the room is being edited: told by its name, as its place in the list changes; none is the room with its bench. */
final class Choice {
    private String name = "";
    private int number = -1;
    private final Runnable changed;

    /** @param changed told after another one has been chosen */
    Choice(Runnable changed) {
        this.changed = changed;
    }

    /** Its number in the place's list; −1 for none. */
    int number() {
        return number;
    }

    /** Chooses one by its number, or none by −1. */
    void choose(Place place, int other) {
        number = other;
        name = other < 0 ? "" : place.things().get(other).name();
        changed.run();
    }

    /** Finds it again in the place as it is now: one renamed where it was, one that is gone nowhere. */
    void follow(Place place) {
        List<String> names = place.things().stream().map(Thing::name).toList();
        int found = names.indexOf(name);
        if (number >= 0 && found < 0 && number < names.size() && !name.isEmpty()) {
            name = names.get(number);
        } else {
            number = name.isEmpty() ? -1 : found;
            name = number < 0 ? "" : name;
        }
    }
}
