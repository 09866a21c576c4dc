package firmperch.body;

import java.util.List;

/** How a body moves against its parent, driven by one freedom or by none. */
public sealed interface Motion {
    /** What drives it; null if nothing does. */
    Freedom freedom();

    /** Where the body's axes lie, from where they lie unmoved. */
    Placement at(double setting);

    /**
     * How fast it moves with its freedom there: the turn of its axes (rad for each unit) and the shift of their origin, both
     * in the unmoved axes. Nothing for steps.
     */
    Rate rate(double setting);

    /**
     * A small motion.
     *
     * @param turn about an axis through the origin, rad
     * @param shift of the origin, m
     */
    record Rate(Vec3 turn, Vec3 shift) {
        static final Rate NONE = new Rate(Vec3.ZERO, Vec3.ZERO);
    }

    /** Bounds on how it moves anywhere in its freedom's travel. */
    Most most();

    /**
     * Bounds on a motion.
     *
     * @param turn how fast its axes turn at most, rad for each unit of its freedom
     * @param shift how fast their origin shifts at most, m for each unit
     * @param bend how fast that changes at most, m for each unit squared
     * @param even true if its axes turn at the same rate everywhere
     * @param travel how far the origin comes from where it lies unmoved at most, m
     */
    record Most(double turn, double shift, double bend, boolean even, double travel) {
        static final Most NONE = new Most(0, 0, 0, true, 0);
        static final Most TURN = new Most(1, 0, 0, true, 0);
    }

    /** Fast to its parent. */
    record Fixed() implements Motion {
        @Override
        public Freedom freedom() {
            return null;
        }

        @Override
        public Placement at(double setting) {
            return Placement.HERE;
        }

        @Override
        public Rate rate(double setting) {
            return Rate.NONE;
        }

        @Override
        public Most most() {
            return Most.NONE;
        }
    }

    /** Turns about an axis of length 1 through its origin. */
    record Turn(Freedom freedom, Vec3 axis) implements Motion {
        @Override
        public Placement at(double setting) {
            return Placement.turned(axis, setting);
        }

        @Override
        public Rate rate(double setting) {
            return new Rate(axis, Vec3.ZERO);
        }

        @Override
        public Most most() {
            return Most.TURN;
        }
    }

    /**
     * Slides along a direction of length 1.
     *
     * @param ratio how far for each unit of its freedom: −1 for a weight on a rope that goes down as the other comes up
     */
    record Slide(Freedom freedom, Vec3 along, double ratio) implements Motion {
        @Override
        public Placement at(double setting) {
            return Placement.at(along.times(setting * ratio));
        }

        @Override
        public Rate rate(double setting) {
            return new Rate(Vec3.ZERO, along.times(ratio));
        }

        @Override
        public Most most() {
            return new Most(0, Math.abs(ratio), 0, true,
                    Math.abs(ratio) * Math.max(Math.abs(freedom.from()), Math.abs(freedom.to())));
        }
    }

    /** Sits at one of a row of places along a direction of length 1, m. */
    record Step(Freedom freedom, Vec3 along, List<Double> seats) implements Motion {
        public Step {
            seats = List.copyOf(seats);
        }

        @Override
        public Placement at(double setting) {
            return Placement.at(along.times(seats.get((int) setting)));
        }

        @Override
        public Rate rate(double setting) {
            return Rate.NONE;
        }

        @Override
        public Most most() {
            return new Most(0, 0, 0, true, seats.stream().mapToDouble(Math::abs).max().orElse(0));
        }
    }

    /** Which bar of a four-bar. */
    enum Bar {
        FIRST, SECOND, COUPLER
    }

    /** A bar of a four-bar that lies in the x-z plane; its freedom is the first link's angle above level. */
    record Linked(Freedom freedom, FourBar law, Bar bar) implements Motion {
        private static final Vec3 UPWARD = Vec3.Y.negated();

        @Override
        public Placement at(double setting) {
            FourBar.State state = law.at(setting);
            return switch (bar) {
                case FIRST -> Placement.turned(UPWARD, setting);
                case SECOND -> moved(law.groundX(), law.groundZ(), state.second());
                case COUPLER -> moved(law.first() * Math.cos(setting), law.first() * Math.sin(setting),
                        state.coupler());
            };
        }

        private static Placement moved(double x, double z, double angle) {
            return Placement.at(x, 0, z).of(Placement.turned(UPWARD, angle));
        }

        @Override
        public Rate rate(double setting) {
            FourBar.State state = law.at(setting);
            return switch (bar) {
                case FIRST -> new Rate(UPWARD, Vec3.ZERO);
                case SECOND -> new Rate(UPWARD.times(state.secondRate()), Vec3.ZERO);
                case COUPLER -> new Rate(UPWARD.times(state.couplerRate()), new Vec3(
                        -law.first() * Math.sin(setting), 0, law.first() * Math.cos(setting)));
            };
        }

        @Override
        public Most most() {
            return switch (bar) {
                case FIRST -> Most.TURN;
                case SECOND -> new Most(law.mostSecondRate(freedom.from(), freedom.to()), 0, 0, law.level(),
                        Math.hypot(law.groundX(), law.groundZ()));
                case COUPLER -> new Most(law.mostCouplerRate(freedom.from(), freedom.to()), law.first(), law.first(),
                        law.level(), law.first());
            };
        }
    }
}
