package firmperch.choose;

import firmperch.check.Check;
import firmperch.check.Verdict;
import firmperch.project.Project;
import firmperch.project.Purse;
import firmperch.search.Assessment;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One kind as it would be built here.
 *
 * @param id of the kind; {@link #NOW} for the rig that the project has
 * @param label in a maker's words
 * @param assessed of what would be built; nothing if it cannot be built here
 * @param why it cannot, in a sentence; empty if it can
 * @param figures of it that there are: worked out once, as some take as long as a frame
 */
public record Card(String id, String label, Optional<Assessment> assessed, String why, Map<Trait, Double> figures) {
    /** The rig that the project has. */
    public static final String NOW = "now";

    /** A kind that cannot be put up in this place. */
    public static Card cannot(String id, String label, String why) {
        return new Card(id, label, Optional.empty(), why, Map.of());
    }

    /** One that has been asked. */
    public static Card of(String id, String label, Assessment assessed) {
        Map<Trait, Double> figures = new EnumMap<>(Trait.class);
        for (Trait trait : Trait.values()) {
            trait.of(assessed).ifPresent(value -> figures.put(trait, value));
        }
        return new Card(id, label, Optional.of(assessed), "", Collections.unmodifiableMap(figures));
    }

    /** The rig that a project has, as it has been asked. */
    public static Card now(Assessment assessed) {
        return of(NOW, "What stands there now", assessed);
    }

    /** The same, paid from another purse. */
    public Card paidFrom(Purse purse) {
        return assessed.map(a -> {
            Map<Trait, Double> others = new EnumMap<>(figures);
            others.put(Trait.COST, Trait.price(a, purse));
            others.put(Trait.TO_PAY, Trait.toPay(a, purse));
            return new Card(id, label, assessed, why, Collections.unmodifiableMap(others));
        }).orElse(this);
    }

    /** The same under another id and name. */
    public Card as(String otherId, String otherLabel) {
        return new Card(otherId, otherLabel, assessed, why, figures);
    }

    /** True if every pose has been asked; else only those that are set. */
    public boolean proven() {
        return assessed.map(Assessment::complete).orElse(true);
    }

    /** True if something that could be proven has only been sampled. */
    public boolean sampled() {
        return assessed.map(a -> !a.complete() || a.findings().stream()
                .anyMatch(f -> f.question().check().certainty() == Check.Certainty.PROVEN && f.search() != null
                        && !f.search().proven()))
                .orElse(false);
    }

    /** The verdict; nothing if it cannot be put up. */
    public Optional<Verdict> verdict() {
        return assessed.map(Assessment::verdict);
    }

    /** What is to be said of it first. */
    public String sentence() {
        return assessed.map(Assessment::sentence).orElse("Cannot work here: " + why + ".");
    }

    /** The same in a few words. */
    public String trouble() {
        return assessed.map(Assessment::trouble)
                .orElse(why.isEmpty() ? "" : Character.toUpperCase(why.charAt(0)) + why.substring(1) + ".");
    }

    /** What would be built; nothing if it cannot be. */
    public Optional<Project> built() {
        return assessed.map(Assessment::project);
    }

    /**
     * A project with this built in it: what else it says of itself stays.
     *
     * @param now with the set-ups that this was worked out for
     */
    public Project in(Project now) {
        return built().map(b -> now.with(b.perch()).standingAs(b)).orElse(now);
    }

    /** A figure of it; nothing where it has none. */
    public OptionalDouble figure(Trait trait) {
        return figures.containsKey(trait) ? OptionalDouble.of(figures.get(trait)) : OptionalDouble.empty();
    }

    /** What it asks for, in words; empty if it cannot be put up. */
    public String demand(Demands demands) {
        return assessed.map(demands::of).orElse("");
    }

    /**
     * Its figures, each in words.
     *
     * @param project whose units and money they are told in
     */
    public Map<Trait, String> told(Project project) {
        Map<Trait, String> all = new EnumMap<>(Trait.class);
        for (Trait trait : Trait.values()) {
            all.put(trait, assessed.isPresent() ? trait.words(figure(trait), project) : "");
        }
        return all;
    }
}
