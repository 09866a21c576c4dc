package firmperch.part;

import java.util.Map;
import java.util.function.Supplier;

/**
 * A composition to start from.
 *
 * @param start makes it with sensible values
 * @param joints how it is set at first, by the freedoms' ids
 */
public record Kind(String id, String label, Supplier<Perch> start, Map<String, Double> joints) {}
