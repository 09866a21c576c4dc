package firmperch.desk.panel;

import java.util.List;

/** Which thing of a list is being edited: told by its name, as its place in the list changes; or none. */
public final class Choice {
    private final Runnable changed;
    private String name = "";
    private int number = -1;

    /** @param changed told after another one has been chosen */
    public Choice(Runnable changed) {
        this.changed = changed;
    }

    /** Its number in the list; −1 for none. */
    public int number() {
        return number;
    }

    /** Chooses one by its number in a list of names, or none by −1. */
    public void choose(List<String> names, int other) {
        // A row of the project before may be pressed before the list has followed: then it is none.
        number = other < names.size() ? other : -1;
        name = number < 0 ? "" : names.get(number);
        changed.run();
    }

    /** Finds it again in the list as it is now: one renamed where it was, one that is gone nowhere. */
    public void follow(List<String> names) {
        if (number >= 0 && number < names.size() && names.get(number).equals(name)) {
            return;
        }
        int found = names.indexOf(name);
        if (number >= 0 && found < 0 && number < names.size()) {
            name = names.get(number);
        } else {
            number = found;
            name = number < 0 ? "" : name;
        }
    }
}
