package firmperch.rig;

import static firmperch.units.Quantity.LENGTH;

import firmperch.units.Require;
import firmperch.units.UnitSystem;

/**
 * A composition, from the camera down: what holds it, what carries that, what keeps it on the floor. Every kind of
 * perch is such a composition; {@link Kind} lists the ones offered to start from.
 */
public record Perch(Head head, Arm arm, Carriage carriage, Upright upright, Base base) {
    public Perch {
        // The parts a composition can be made of today are all of one kind each; the next kind makes these switches.
        if (upright instanceof PinnedPost post && carriage instanceof DropOnCarriage sleeve) {
            Require.that(sleeve.height() < post.length() - post.firstHole(), "Height of the carriage", sleeve.height(),
                    LENGTH, "less than the post has above its lowest hole, "
                            + LENGTH.show(post.length() - post.firstHole(), UnitSystem.METRIC));
            Require.that(sleeve.width() > post.postStock().section().depth() + sleeve.clearance() + 0.012,
                    "Width of the carriage", sleeve.width(), LENGTH, "more than its bore and 6 mm of wood each side");
            if (base instanceof CastBox box) {
                Require.that(post.firstHole() >= box.innerHeight(), "Foot to the lowest hole", post.firstHole(),
                        LENGTH, "at least the inner height of the box, "
                                + LENGTH.show(box.innerHeight(), UnitSystem.METRIC)
                                + ", so that every hole stays above it");
            }
        }
    }
}
