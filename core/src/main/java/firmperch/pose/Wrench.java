package firmperch.pose;

import firmperch.body.Vec3;

/** A force, N, and a moment, N·m. */
public record Wrench(Vec3 force, Vec3 moment) {
    /** Both together. */
    public Wrench plus(Wrench other) {
        return new Wrench(force.plus(other.force), moment.plus(other.moment));
    }
}
