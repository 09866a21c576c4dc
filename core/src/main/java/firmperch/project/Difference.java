package firmperch.project;

import firmperch.param.Described;
import firmperch.param.Param;
import firmperch.part.Mounted;
import firmperch.part.Perch;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;

/** What differs between two projects, in the window's words: what undoing one for the other undoes. */
public final class Difference {
    private static final String POSE = "the pose";
    private static final String SETUPS = "the set-ups";
    private static final String KIND = "the kind of rig";

    private Difference() {
    }

    /** One value by its label, else what they have in common. */
    public static String words(Project from, Project after) {
        if (from.setUps().size() != after.setUps().size()) {
            return SETUPS;
        }
        Project before = from.showing(after.shown());
        Set<String> found = new LinkedHashSet<>();
        Set<String> stance = new LinkedHashSet<>();
        described(before.stance(), after.stance(), stance);
        described(before.with(after.stance()), after, found);
        if (found.contains(KIND)) {
            return KIND;
        }
        if (found.isEmpty()) {
            return stance.size() > 1
                    ? "where the perch is"
                    : stance.isEmpty() ? "nothing" : stance.iterator().next();
        }
        return found.size() == 1 ? found.iterator().next() : "several values";
    }

    private static void described(Described before, Described after, Set<String> found) {
        Object[] was = before.params().values((Record) before);
        Object[] is = after.params().values((Record) after);
        for (int i = 0; i < was.length; i++) {
            if (!Objects.equals(was[i], is[i])) {
                value(before.params().all().get(i), was[i], is[i], found);
            }
        }
    }

    private static void value(Param param, Object was, Object is, Set<String> found) {
        switch (param.kind()) {
            case Param.Group _ -> described((Described) was, (Described) is, found);
            case Param.Settings _ -> found.add(POSE);
            case Param.Other _ -> perch((Perch) was, (Perch) is, found);
            case Param.Many _ -> {
                List<?> before = (List<?>) was;
                List<?> after = (List<?>) is;
                if (before.size() != after.size()) {
                    found.add(param.label());
                    return;
                }
                for (int i = 0; i < before.size(); i++) {
                    if (!before.get(i).equals(after.get(i))) {
                        described((Described) before.get(i), (Described) after.get(i), found);
                    }
                }
            }
            case Param.Mixed _ -> {
                List<?> before = (List<?>) was;
                List<?> after = (List<?>) is;
                if (before.size() != after.size()) {
                    found.add(param.label());
                    return;
                }
                for (int i = 0; i < before.size(); i++) {
                    if (!before.get(i).equals(after.get(i))) {
                        Described one = (Described) after.get(i);
                        found.add(String.valueOf(one.params().value((Record) one, "name")));
                    }
                }
            }
            default -> found.add(param.label());
        }
    }

    private static void perch(Perch before, Perch after, Set<String> found) {
        List<Mounted> was = before.parts();
        List<Mounted> is = after.parts();
        boolean alike = was.size() == is.size();
        for (int i = 0; alike && i < was.size(); i++) {
            alike = was.get(i).part().getClass() == is.get(i).part().getClass();
        }
        if (!alike) {
            found.add(KIND);
            return;
        }
        for (int i = 0; i < was.size(); i++) {
            if (!was.get(i).part().equals(is.get(i).part())) {
                described(was.get(i).part(), is.get(i).part(), found);
            }
            if (!was.get(i).called().equals(is.get(i).called())) {
                found.add("what a part is called");
            }
        }
    }
}
