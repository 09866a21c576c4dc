package firmperch.body;

/** Where a rig touches the place. */
public sealed interface Contact {
    String id();

    Station station();

    Body body();

    /** What one of them may carry, kg. */
    double rating();

    /** How hard it pushes back for each metre it is pressed, N/m. */
    double stiffness();

    /** The point about which it swivels, or where it stands, in its body's axes. */
    default Vec3 pivot() {
        return point();
    }

    /** Radius of the circle about the pivot on which it may stand, m; 0 if it stays. */
    default double roam() {
        return 0;
    }

    /** Where it stands as it is left, in its body's axes. */
    Vec3 point();

    /** A wheel that swivels; its pivot is the floor's point under the swivel axis. */
    record Caster(String id, Station station, Body body, Vec3 pivot, double trail, double heading, boolean locked,
            double diameter, double stiffness, double rating) implements Contact {
        @Override
        public double roam() {
            return locked ? 0 : trail;
        }

        @Override
        public Vec3 point() {
            return locked
                    ? pivot.plus(new Vec3(trail * Math.cos(heading), trail * Math.sin(heading), 0))
                    : pivot;
        }

        /** The same caster with its brakes off. */
        public Caster rolling() {
            return new Caster(id, station, body, pivot, trail, heading, false, diameter, stiffness, rating);
        }
    }

    /** A glide, a cap or a tip that stands where it is. */
    record Foot(String id, Station station, Body body, Vec3 point, double stiffness, double rating)
            implements
                Contact {}

    /** Screwed or hung: it pulls as well as it pushes. */
    record Anchor(String id, Station station, Body body, Vec3 point, double stiffness, double rating)
            implements
                Contact {}

    /** True if it can push but not pull. */
    default boolean pushesOnly() {
        return !(this instanceof Anchor);
    }
}
