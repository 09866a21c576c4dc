package firmperch.project;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.part.Perch;
import firmperch.units.InvalidValue;
import java.util.List;

/**
 * Another rig for the same set-ups that is kept beside the one that is worked on.
 *
 * @param name in the maker's words
 * @param perch composed like that
 * @param stances how it stands and is set in each set-up, in their order; in set-ups that came later it stands as in the last of these
 */
public record Variant(String name, Perch perch, List<Stance> stances) implements Described {
    public static final Params<Variant> PARAMS = Params.of(Variant.class).name("name", "Variant")
            .other("perch", "Perch", Perch.class)
            .many("stances", "How it is set", Stance.PARAMS, Project.MOST_SETUPS).done();

    public Variant {
        stances = List.copyOf(stances);
        PARAMS.check(name, perch, stances);
        if (stances.isEmpty()) {
            throw new InvalidValue("How “" + name + "” is set", "nothing", "a setting for each set-up");
        }
    }

    @Override
    public Params<Variant> params() {
        return PARAMS;
    }
}
