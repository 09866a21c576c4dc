package firmperch.body;

/** What pulls between two bodies. */
public sealed interface Tie {
    String id();

    /** Where it is hooked on. */
    Hook from();

    Hook to();

    /** A point of a body, in its own axes. */
    record Hook(Body body, Vec3 at) {}

    /** Pull with its ends that far apart, N. */
    double pull(double length);

    /** Energy in it with its ends that far apart, J. */
    double energy(double length);

    /** A tension spring: its rate N/m, its length unloaded m. */
    record Spring(String id, Hook from, Hook to, double rate, double free) implements Tie {
        @Override
        public double pull(double length) {
            return rate * Math.max(0, length - free);
        }

        @Override
        public double energy(double length) {
            double stretch = Math.max(0, length - free);
            return rate * stretch * stretch / 2;
        }
    }

    /** A cord that is slack until its length is used up; then it is as good as stiff. */
    record Cord(String id, Hook from, Hook to, double length) implements Tie {
        @Override
        public double pull(double apart) {
            return 0;
        }

        @Override
        public double energy(double apart) {
            return 0;
        }
    }

    /** A rope over a pulley: what hangs on its other end is a body that follows; the rope itself stores nothing. */
    record Rope(String id, Hook from, Hook to, Hook pulley) implements Tie {
        @Override
        public double pull(double length) {
            return 0;
        }

        @Override
        public double energy(double length) {
            return 0;
        }
    }
}
