package firmperch.check;

import firmperch.project.Project;
import firmperch.project.RecordPath;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;

/**
 * One way to better a check, in growing doses: the smallest dose that cures is the one to offer.
 *
 * @param doses from the smallest change to the largest; none that the project refuses
 */
public record Remedy(List<Dose> doses) {
    /**
     * A change that could be made.
     *
     * @param what the change in words, "90 mm lever"
     * @param price what it costs, in words; may be empty
     */
    public record Dose(String what, String price, Project changed) {}

    public Remedy {
        doses = List.copyOf(doses);
    }

    /** One change of one value. */
    public static Remedy set(Project project, String what, String price, String path, Object value) {
        List<Dose> doses = new ArrayList<>();
        add(doses, what, price, project, path, value);
        return new Remedy(doses);
    }

    /** One value set to each of these in turn. */
    public static Remedy grow(Project project, String path, double[] values, DoubleFunction<String> what,
            DoubleFunction<String> price) {
        List<Dose> doses = new ArrayList<>();
        for (double value : values) {
            add(doses, what.apply(value), price.apply(value), project, path, value);
        }
        return new Remedy(doses);
    }

    private static void add(List<Dose> doses, String what, String price, Project project, String path, Object value) {
        try {
            doses.add(new Dose(what, price, RecordPath.of(path).with(project, value)));
        } catch (InvalidValue impossible) {
            // The geometry does not allow this dose; the others may still do.
        }
    }
}
