package firmperch.project;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** What can be done with a project's list of set-ups. Each shows the one that it was done with. */
public final class SetUps {
    private SetUps() {
    }

    /** Another one after the one shown and like it, under a name of its own; the same project if there are as many as there may be. */
    public static Project copied(Project project) {
        if (project.setUps().size() >= Project.MOST_SETUPS) {
            return project;
        }
        List<SetUp> all = new ArrayList<>(project.setUps());
        all.add(project.shown() + 1, project.setUp().named(free(project)));
        return project.with(all, project.shown() + 1);
    }

    /** Without the one shown; the same project if it is the only one. */
    public static Project removed(Project project) {
        if (project.setUps().size() == 1) {
            return project;
        }
        List<SetUp> all = new ArrayList<>(project.setUps());
        all.remove(project.shown());
        return project.with(all, Math.min(project.shown(), all.size() - 1));
    }

    /** With the one shown so many places later in the list, as far as that goes. */
    public static Project moved(Project project, int later) {
        int to = Math.clamp(project.shown() + later, 0, project.setUps().size() - 1);
        List<SetUp> all = new ArrayList<>(project.setUps());
        Collections.rotate(all.subList(Math.min(project.shown(), to), Math.max(project.shown(), to) + 1),
                to > project.shown() ? -1 : 1);
        return to == project.shown() ? project : project.with(all, to);
    }

    private static String free(Project project) {
        List<String> names = project.setUps().stream().map(SetUp::name).toList();
        int number = names.size() + 1;
        while (names.contains("Set-up " + number)) {
            number++;
        }
        return "Set-up " + number;
    }
}
