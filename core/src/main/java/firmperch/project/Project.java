package firmperch.project;

import static firmperch.units.Quantity.LENGTH;

import firmperch.log.Measurement;
import firmperch.rig.DropOnCarriage;
import firmperch.rig.Gear;
import firmperch.rig.LevelArm;
import firmperch.rig.Perch;
import firmperch.shot.Shot;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.List;

/** Everything the user decided; nothing that can be derived from it. */
public record Project(String name, String studio, UnitSystem units, Shot shot, Gear gear, Place place, Perch perch,
        Stance stance, Policy policy, List<Measurement> log) {
    public Project {
        Require.text("Name of the project", name);
        Require.text("Name of the studio", studio);
        log = List.copyOf(log);
        Require.that(log.size() <= 1000, "Measurements", log.size(), Quantity.COUNT, "at most 1000");
        Require.that(stance.x() <= place.roomDepth(), "Wall to the perch", stance.x(), LENGTH,
                "at most the depth of the room, " + LENGTH.show(place.roomDepth(), UnitSystem.METRIC));
        if (perch.arm() instanceof LevelArm arm && perch.carriage() instanceof DropOnCarriage carriage) {
            double reach = carriage.forward() + arm.linkLength() + arm.overhang();
            Require.that(reach < place.roomDepth(), "Link length", arm.linkLength(), LENGTH,
                    "so short that the arm's reach of " + LENGTH.show(reach, UnitSystem.METRIC)
                            + " stays under the depth of the room, "
                            + LENGTH.show(place.roomDepth(), UnitSystem.METRIC));
        }
    }

    /** The same project standing otherwise. */
    public Project with(Stance changed) {
        return new Project(name, studio, units, shot, gear, place, perch, changed, policy, log);
    }

    /** True if nothing but how it stands differs, if anything does. */
    public boolean onlyMovedFrom(Project other) {
        return allButStance().equals(other.allButStance());
    }

    private List<Object> allButStance() {
        return List.of(name, studio, units, shot, gear, place, perch, policy, log);
    }

    /** The same project with another gear list. */
    public Project with(Gear changed) {
        return new Project(name, studio, units, shot, changed, place, perch, stance, policy, log);
    }

    /** The same project with another log. */
    public Project with(List<Measurement> changed) {
        return new Project(name, studio, units, shot, gear, place, perch, stance, policy, changed);
    }
}
