package firmperch.part;

import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * A composition to start from, and how it is sized for what is to be filmed.
 *
 * @param start makes it with sensible values
 * @param joints how it is set at first, by the freedoms' ids
 * @param sizes what of it is made as long as is needed, in the order in which it is sized
 */
public record Kind(String id, String label, Supplier<Perch> start, Map<String, Double> joints, List<Size> sizes) {
    public Kind {
        sizes = List.copyOf(sizes);
    }

    /** One that is built as it starts. */
    public Kind(String id, String label, Supplier<Perch> start, Map<String, Double> joints) {
        this(id, label, start, joints, List.of());
    }

    /**
     * A measure that is sized, in steps as it is bought or cut.
     *
     * @param paths to the lengths, or the weights, that change together by as much, from the perch: "arm.links.length"
     * @param less by how much it may be less than at the start, m or kg
     * @param more by how much it may be more
     * @param step of it
     */
    public record Size(List<String> paths, double less, double more, double step) {
        public Size {
            paths = List.copyOf(paths);
        }

        /** By how much it may be changed, the least first. */
        public List<Double> changes() {
            int from = (int) Math.round(-less / step);
            int to = (int) Math.round(more / step);
            return IntStream.rangeClosed(from, to).mapToObj(i -> i * step).toList();
        }
    }

    /** A measure of one length or weight, or of several that change together. */
    public static Size size(double less, double more, double step, String... paths) {
        return new Size(List.of(paths), less, more, step);
    }
}
