package firmperch.search;

import firmperch.check.Finding.Cure;

/**
 * A cure, and the project with it.
 *
 * @param after every question over every pose, sampled; the one that is cured proven
 */
public record Cured(Cure cure, Assessment after) {}
