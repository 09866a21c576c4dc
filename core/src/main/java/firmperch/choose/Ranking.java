package firmperch.choose;

import firmperch.body.Contact;
import firmperch.body.Surface;
import firmperch.check.Verdict;
import firmperch.project.Tools;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * Cards in the order of what matters to a maker: what holds before what gives, and that before what cannot be put up; among those by their figures, each
 * trait counting half as much as the one before it.
 */
public final class Ranking {
    /** What one may want to see alone. */
    public enum Only {
        /** What does not give. */
        HOLDING("only what holds") {
            @Override
            boolean keeps(Card card, Tools tools) {
                return card.verdict().map(v -> v != Verdict.GIVES).orElse(false);
            }
        },
        /** Nothing screwed into ceiling or wall. */
        NO_DRILLING("nothing screwed to ceiling or wall") {
            @Override
            boolean keeps(Card card, Tools tools) {
                return card.assessed()
                        .map(a -> a.study().assembly().contacts().stream().noneMatch(Ranking::drilled)).orElse(false);
            }
        },
        /** Nothing that is not there already. */
        NOTHING_TO_BUY("nothing to buy") {
            @Override
            boolean keeps(Card card, Tools tools) {
                return card.figure(Trait.TO_PAY).orElse(1) < CENT;
            }
        },
        /** Nothing on the floor. */
        NO_FLOOR("nothing on the floor") {
            @Override
            boolean keeps(Card card, Tools tools) {
                return card.assessed().isPresent() && card.figure(Trait.FOOTPRINT).isEmpty();
            }
        },
        /** Nothing that asks for a tool that is not there. */
        WITH_MY_TOOLS("made with the tools ticked below") {
            @Override
            boolean keeps(Card card, Tools tools) {
                return card.assessed().map(a -> Demands.needed(a).stream().allMatch(t -> t.in(tools))).orElse(false);
            }
        };

        private final String words;

        Only(String words) {
            this.words = words;
        }

        /** In a maker's words. */
        public String words() {
            return words;
        }

        abstract boolean keeps(Card card, Tools tools);
    }

    private static final double NEXT = 0.5;
    private static final double CENT = 0.01;

    private Ranking() {
    }

    private static boolean drilled(Contact contact) {
        return contact.surface() == Surface.CEILING || contact.surface() == Surface.WALL;
    }

    /**
     * The cards that are wanted, the best first.
     *
     * @param matters what matters, most first
     * @param only what alone is wanted
     * @param money that it may cost at most
     * @param tools that are there
     */
    public static List<Card> of(List<Card> cards, List<Trait> matters, List<Only> only, double money,
            Tools tools) {
        List<Card> kept = cards.stream().filter(card -> only.stream().allMatch(o -> o.keeps(card, tools)))
                .filter(card -> card.figure(Trait.COST).orElse(0) <= money).toList();
        // By themselves: what they are equal by goes through all that was found.
        Map<Card, Double> scores = new IdentityHashMap<>();
        double weight = 1;
        for (Trait trait : matters) {
            DoubleSummaryStatistics all = kept.stream().filter(c -> c.assessed().isPresent()).map(c -> c.figure(trait))
                    .filter(OptionalDouble::isPresent).mapToDouble(OptionalDouble::getAsDouble).summaryStatistics();
            for (Card card : kept) {
                scores.merge(card, weight * share(trait, card.figure(trait), all), Double::sum);
            }
            weight *= NEXT;
        }
        List<Card> sorted = new ArrayList<>(kept);
        sorted.sort(Comparator.comparingInt(Ranking::standing).thenComparing(card -> scores.getOrDefault(card, 0.0)));
        return sorted;
    }

    /** Where it lies between the best and the worst, 0 to 1; what there is none of is best. */
    private static double share(Trait trait, OptionalDouble figure, DoubleSummaryStatistics all) {
        double range = all.getMax() - all.getMin();
        if (figure.isEmpty() || !(range > 0)) {
            return 0;
        }
        double share = (figure.getAsDouble() - all.getMin()) / range;
        return trait.less() ? share : 1 - share;
    }

    private static int standing(Card card) {
        return card.verdict().map(v -> v == Verdict.GIVES ? 1 : 0).orElse(2);
    }
}
