package firmperch.body;

/** Where a rig touches the place. */
public sealed interface Contact {
    /** What of the rig touches what of the place. */
    Spot spot();

    /** How it bears. */
    Bearing bearing();

    /**
     * Where a rig touches a surface.
     *
     * @param bar that it is at the end of or clamped on; null if it sits on its body's stiff part
     * @param at in its body's axes: where it stands, or the surface's point under the axis it swivels about, m
     */
    record Spot(String id, Station station, Body body, Piece bar, Vec3 at, Surface surface) {}

    /**
     * How something bears.
     *
     * @param stiffness how hard it pushes back for each metre it is pressed, N/m
     * @param rating what one may carry, kg
     */
    record Bearing(double stiffness, double rating) {}

    default String id() {
        return spot().id();
    }

    default Station station() {
        return spot().station();
    }

    default Body body() {
        return spot().body();
    }

    default Surface surface() {
        return spot().surface();
    }

    /** What one of them may carry, kg. */
    default double rating() {
        return bearing().rating();
    }

    /** How hard it pushes back for each metre it is pressed, N/m. */
    default double stiffness() {
        return bearing().stiffness();
    }

    /** The point about which it swivels, or where it stands, in its body's axes. */
    default Vec3 pivot() {
        return spot().at();
    }

    /** Radius of the circle about the pivot on which it may stand, m; 0 if it stays. */
    default double roam() {
        return 0;
    }

    /** Where it stands as it is left, in its body's axes. */
    default Vec3 point() {
        return pivot();
    }

    /** True if it can push but not pull. */
    default boolean pushesOnly() {
        return !(this instanceof Anchor);
    }

    /**
     * What a caster's swivel does. Locked where rolling left it, all trail one way, whichever that was: against an edge of the base
     * that is no better than swivels that turn as they like, as all may trail straight away from it.
     */
    enum Swivel {
        FREE, LOCKED_AS_ROLLED, LOCKED_OUTWARD;

        /** Whether a brake holds wheel and swivel. */
        public boolean locked() {
            return this != FREE;
        }
    }

    /**
     * A wheel that swivels; its pivot is the floor's point under the swivel axis.
     *
     * @param trail swivel axis to wheel axle, seen from above, m
     * @param outward the way straight out from the base's middle, rad
     * @param diameter of the wheel, m
     */
    record Caster(Spot spot, Bearing bearing, double trail, double outward, Swivel swivel, double diameter)
            implements
                Contact {
        @Override
        public double roam() {
            return swivel == Swivel.LOCKED_OUTWARD ? 0 : trail;
        }

        @Override
        public Vec3 point() {
            return swivel == Swivel.LOCKED_OUTWARD
                    ? pivot().plus(new Vec3(trail * Math.cos(outward), trail * Math.sin(outward), 0))
                    : pivot();
        }

        /** The same caster with its brakes off. */
        public Caster rolling() {
            return new Caster(spot, bearing, trail, outward, Swivel.FREE, diameter);
        }
    }

    /** A glide, a cap or a tip that stands where it is. */
    record Foot(Spot spot, Bearing bearing) implements Contact {}

    /**
     * Screwed or hung: it pulls as well as it pushes.
     *
     * @param beam true if it hangs from a beam along which its neighbours hang too, false if it is in a joist, or in the surface
     *     itself
     */
    record Anchor(Spot spot, Bearing bearing, boolean beam) implements Contact {
        /** In a joist, or in the surface itself. */
        public Anchor(Spot spot, Bearing bearing) {
            this(spot, bearing, false);
        }
    }
}
