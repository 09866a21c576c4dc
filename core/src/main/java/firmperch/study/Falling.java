package firmperch.study;

import firmperch.body.Freedom;
import firmperch.pose.Pose;
import firmperch.units.Quantity;
import java.util.Locale;
import java.util.Optional;

/**
 * What happens where a joint is opened and let go: it runs to its stop, or until something is hit.
 *
 * @param height how far the camera comes down (or goes up, negative) till then, m
 * @param speed of the camera then, m/s: all of the energy that is let go moves what moves
 * @param ends where that ends, in words: "onto the bench"
 */
public record Falling(double height, double speed, String ends) {
    private static final int STEPS = 24;
    /** Less than this drives nothing, N·m or N. */
    private static final double NOTHING = 1e-3;
    /** Less than this is no fall, m. */
    private static final double LITTLE = 0.005;

    /** Whether something is in the way of the rig in a pose. */
    @FunctionalInterface
    public interface InTheWay {
        /** What is hit, in words; nothing while the way is clear. */
        Optional<String> at(Situation there);
    }

    /**
     * From the pose of a situation, along one freedom, all others kept. Friction is left out but for what the freedom holds when it is open.
     *
     * @param open what it holds for certain when it is open, N·m or N
     * @return nothing where it stays, or has nowhere to go
     */
    public static Optional<Falling> of(Situation s, int freedom, Loading loading, double open, InTheWay way) {
        Freedom f = s.study().assembly().freedoms().get(freedom);
        double from = s.posed().get(f);
        double slope = s.loads().slope(freedom, loading);
        if (Math.abs(slope) <= open + NOTHING || f.kind() == Freedom.Kind.SWING || !f.continuous()) {
            return Optional.empty();
        }
        double to = slope > 0 ? f.from() : f.to();
        double energy = 0;
        double before = Math.abs(slope) - open;
        Situation there = s;
        String ends = "to its stop";
        for (int i = 1; i <= STEPS; i++) {
            Situation next = s.in(with(s.posed().pose(), freedom, from + (to - from) * i / STEPS));
            double drives = (slope > 0 ? 1 : -1) * next.loads().slope(freedom, loading) - open;
            double gained = energy + (before + drives) / 2 * Math.abs(to - from) / STEPS;
            if (gained <= 0) {
                ends = "to where it comes to rest";
                break;
            }
            energy = gained;
            before = drives;
            there = next;
            Optional<String> hit = way.at(next);
            if (hit.isPresent()) {
                ends = "onto " + hit.get();
                break;
            }
        }
        double height = s.posed().mount().z() - there.posed().mount().z();
        if (Math.abs(height) < LITTLE) {
            return Optional.empty();
        }
        double rate = Math.sqrt(2 * energy / there.loads().inertia(freedom, loading));
        double speed = there.posed().velocity(s.study().assembly().mount().body(), there.posed().mount(), freedom)
                .length()
                * rate;
        return Optional.of(new Falling(height, speed, ends));
    }

    private static Pose with(Pose pose, int freedom, double setting) {
        double[] at = new double[pose.size()];
        for (int i = 0; i < at.length; i++) {
            at[i] = i == freedom ? setting : pose.get(i);
        }
        return Pose.of(at);
    }

    /** "falls 430 mm onto the bench, at 2.6 m/s". */
    public String words(Situation s) {
        return (height > 0 ? "falls " : "rises ") + s.show(Quantity.LENGTH, Math.abs(height)) + " " + ends
                + ", at "
                + String.format(Locale.ROOT, "%.1f m/s", speed);
    }
}
