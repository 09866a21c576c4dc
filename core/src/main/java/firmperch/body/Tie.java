package firmperch.body;

import firmperch.stock.Bolt;
import firmperch.units.InvalidValue;
import java.util.List;

/** What pulls between bodies and never pushes. */
public sealed interface Tie {
    String id();

    /** In the user's words: "lift spring". */
    String name();

    /** Station of the load path that it is told with. */
    Station station();

    /** Where it is hooked on, runs over a pulley, and is hooked on again: two or more. */
    List<Hook> path();

    /** Its first hook. */
    default Hook from() {
        return path().getFirst();
    }

    /** Its last hook. */
    default Hook to() {
        return path().getLast();
    }

    /**
     * A point of a body, in its own axes.
     *
     * @param bar that it pulls at; null if the body's stiff part
     */
    record Hook(Body body, Vec3 at, Piece bar) {
        /** On a body's stiff part. */
        public Hook(Body body, Vec3 at) {
            this(body, at, null);
        }
    }

    /**
     * A tension spring.
     *
     * @param rate N/m
     * @param free its length unloaded, m
     * @param most how long it may be pulled, m
     * @param eyes what it is hooked on; null for what is made to hold it
     */
    record Spring(String id, String name, Station station, List<Hook> path, double rate, double free, double most,
            Eyes eyes)
            implements
                Tie {
        /**
         * Ends of bolts that its eyes turn on.
         *
         * @param count how many share its pull at either end
         * @param out from where the bolt is held to the middle of the eye, m
         */
        public record Eyes(Bolt bolt, int count, double out) {}

        /** One that is hooked on what is made to hold it. */
        public Spring(String id, String name, Station station, List<Hook> path, double rate, double free,
                double most) {
            this(id, name, station, path, rate, free, most, null);
        }

        public Spring {
            path = straight(name, path);
        }

        /** Pull with its ends that far apart, N. */
        public double pull(double length) {
            return rate * Math.max(0, length - free);
        }
    }

    /**
     * A rope over pulleys with something hanging on its last hook that nothing else carries: guided, and moved by the same
     * freedom as what it holds, so that the rope keeps its length. It weighs nothing, and its pulleys turn freely.
     *
     * @param limit pull that it may have, N
     * @param balance how its weight is trimmed and caught; null if it only hangs
     */
    record Rope(String id, String name, Station station, List<Hook> path, double limit, Balance balance)
            implements
                Tie {
        /**
         * A weight that balances what moves.
         *
         * @param trim mass that can be put on it or taken off it, kg
         * @param bag the least of that, kg
         * @param rate of the buffer at the end of its travel, N/m
         * @param give how far the buffer can be pressed in, m
         */
        public record Balance(double trim, double bag, double rate, double give) {}

        /** A rope with something that only hangs on it. */
        public Rope(String id, String name, Station station, List<Hook> path, double limit) {
            this(id, name, station, path, limit, null);
        }

        public Rope {
            path = List.copyOf(path);
            if (path.size() < 3) {
                throw new InvalidValue("Rope “" + name + "”", path.size() + " points",
                        "what it holds, at least one pulley, and what hangs on it");
            }
        }
    }

    /**
     * A cord that hangs slack: it catches what comes loose, and gets in the way of what moves further than it is long.
     *
     * @param length m
     */
    record Cord(String id, String name, Station station, List<Hook> path, double length) implements Tie {
        public Cord {
            path = straight(name, path);
        }
    }

    /**
     * A second, independent way for what hangs to be held, as short as it can be: what comes loose falls until it is taut.
     *
     * @param length m
     * @param breaks load at which it or its hooks break, N
     * @param stiffness of it, N/m
     */
    record Tether(String id, String name, Station station, List<Hook> path, double length, double breaks,
            double stiffness) implements Tie {
        public Tether {
            path = straight(name, path);
        }

        /** How it catches what falls through that, m. */
        public Hold.Catch caught(double fall) {
            return new Hold.Catch(breaks, fall, stiffness);
        }
    }

    private static List<Hook> straight(String name, List<Hook> path) {
        if (path.size() != 2) {
            throw new InvalidValue("“" + name + "”", path.size() + " hooks", "two");
        }
        return List.copyOf(path);
    }
}
