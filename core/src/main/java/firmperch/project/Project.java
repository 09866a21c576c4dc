package firmperch.project;

import static firmperch.units.Quantity.LENGTH;

import firmperch.log.Measurement;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.part.Gear;
import firmperch.part.Perch;
import firmperch.shot.Shot;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.List;

/** Everything the user decided; nothing that can be derived from it. */
public record Project(String name, String studio, UnitSystem units, Shot shot, Gear gear, Place place, Perch perch,
        Stance stance, Policy policy, List<Measurement> log) implements Described {
    public static final Params<Project> PARAMS = Params.of(Project.class).name("name", "Name of the project")
            .name("studio", "Name of the studio").oneOf("units", "Units", UnitSystem.class)
            .group("shot", "Shot", Shot.PARAMS).group("gear", "Gear", Gear.PARAMS).group("place", "Place", Place.PARAMS)
            .other("perch", "Perch", Perch.class).group("stance", "Where the perch stands", Stance.PARAMS)
            .group("policy", "What is asked", Policy.PARAMS).many("log", "Measurements", Measurement.PARAMS, 1000)
            .done();

    public Project {
        log = List.copyOf(log);
        PARAMS.check(name, studio, units, shot, gear, place, perch, stance, policy, log);
        Require.that(stance.x() <= place.room().depth(), "Wall to the perch", stance.x(), LENGTH,
                "at most the depth of the room, " + LENGTH.show(place.room().depth(), UnitSystem.METRIC));
    }

    @Override
    public Params<Project> params() {
        return PARAMS;
    }

    /** The same project standing otherwise. */
    public Project with(Stance changed) {
        return new Project(name, studio, units, shot, gear, place, perch, changed, policy, log);
    }

    /** The same project with another perch. */
    public Project with(Perch changed) {
        return new Project(name, studio, units, shot, gear, place, changed, stance, policy, log);
    }

    /** The same project with another gear list. */
    public Project with(Gear changed) {
        return new Project(name, studio, units, shot, changed, place, perch, stance, policy, log);
    }

    /** The same project with another log. */
    public Project with(List<Measurement> changed) {
        return new Project(name, studio, units, shot, gear, place, perch, stance, policy, changed);
    }

    /** True if nothing but how it stands differs, if anything does. */
    public boolean onlyMovedFrom(Project other) {
        return name.equals(other.name) && studio.equals(other.studio) && units == other.units
                && shot.equals(other.shot) && gear.equals(other.gear) && place.equals(other.place)
                && perch.equals(other.perch) && policy.equals(other.policy) && log.equals(other.log);
    }
}
