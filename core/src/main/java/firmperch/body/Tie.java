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

    /** A tension spring: its rate N/m, its length unloaded m. */
    record Spring(String id, Hook from, Hook to, double rate, double free) implements Tie {
        @Override
        public double pull(double length) {
            return rate * Math.max(0, length - free);
        }
    }
}
