package firmperch.search;

import firmperch.check.About;
import firmperch.check.Check;
import firmperch.check.Finding;
import firmperch.check.Question;
import firmperch.check.Reading;
import firmperch.check.Subject;
import firmperch.check.Topic;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Optional;

/**
 * What fails first as weight is added at the camera. For everything that can fall, slip or break, the least added
 * mass at which it fails in its worst pose is found, without the reserve that its check asks for. The smallest of
 * these is compared with the proof load of the order of work and with the spare.
 */
public final class FirstToGo {
    private static final int ROUNDS = 40;
    private static final double NEAR_ENOUGH = 1e-4;

    private FirstToGo() {
    }

    private static final Check<Void> CHECK = new Check<>() {
        private final About about = new About(ID, Topic.FIRMNESS, "How much more can hang at the camera?",
                Quantity.MASS, About.Scope.NO_POSE, false, "the proof load is more than it carries",
                "least mass at which anything falls, slips or breaks",
                "every check of what falls, slips or breaks, in its worst pose, without its reserve; hanging on four times the "
                        + "gear is common practice, no source");

        @Override
        public About about() {
            return about;
        }

        @Override
        public List<Subject<Void>> subjects(Study study) {
            return List.of(Subject.whole(study.assembly().payload()));
        }

        @Override
        public Reading at(Subject<Void> subject, Situation situation) {
            throw new IllegalStateException("answered from the findings of the others");
        }
    };

    /**
     * What goes first.
     *
     * @param mass beyond the gear's own, kg
     * @param what goes then, in words
     * @param id of the finding that goes; empty if none
     */
    public record First(double mass, String what, String id) {}

    /** Id of this finding. */
    static final String ID = "load.first";

    /** Mass that is to be hung on beyond the gear, kg. */
    static double asked(Study study) {
        double gear = study.project().gear().mass();
        return Math.max(study.project().gear().spare(), (study.project().policy().loads().proof() - 1) * gear);
    }

    /** So little, kg, is told as nothing. */
    private static final double NOTHING = 0.005;

    /** The finding, made from the others; nothing if nothing could fail. */
    static Optional<Finding> finding(List<Finding> findings, Study study) {
        double asked = asked(study);
        return first(findings, study, Math.max(2 * asked, 1)).map(first -> {
            Reading reading = new Reading(asked, first.mass, () -> first.what + " first, at "
                    + study.set().show(Quantity.MASS, first.mass) + " more than the gear")
                    .saying(() -> (first.mass > NOTHING
                            ? "with " + study.set().show(Quantity.MASS, first.mass) + " added to the gear "
                            : "with nothing added to the gear ") + first.what + "; it should bear "
                            + study.set().show(Quantity.MASS, asked));
            Question<Void> question = new Question<>(CHECK, CHECK.subjects(study).getFirst());
            return Finding.of(question, reading, false, study.project().policy().near(),
                    study.set().posed().pose(), Finding.NO_SETUP, null);
        });
    }

    /** What fails first up to a mass; the mass itself if nothing fails before it. */
    static Optional<First> first(List<Finding> findings, Study study, double most) {
        List<Finding> able = findings.stream()
                .filter(f -> f.question().check() != CHECK && !f.question().check().standby())
                .filter(f -> switch (f.about().topic()) {
                    case FALLS, SLIPS, BREAKS -> f.about().scope() != About.Scope.SET_POSE;
                    default -> false;
                }).toList();
        if (able.isEmpty()) {
            return Optional.empty();
        }
        // Demand grows almost linearly with the mass, so the finding with the smallest estimate is worked out exactly
        // first.
        Study heavy = study.carrying(most);
        First first = new First(most, "nothing goes", "");
        for (Finding finding : able) {
            double end = over(finding, heavy);
            if (end > 0) {
                double there = first.mass == most ? end : over(finding, study.carrying(first.mass));
                if (there > 0) {
                    first = new First(goesAt(finding, study, first.mass, there), finding.question().weakness(),
                            finding.id());
                }
            }
        }
        return Optional.of(first);
    }

    /**
     * The mass at which a finding fails, kg. Demand is nearly linear in the mass, so false position converges fast
     * (Illinois rule: an end that stays is halved).
     */
    private static double goesAt(Finding finding, Study study, double mass, double over) {
        double low = 0;
        double high = mass;
        double below = over(finding, study.carrying(0));
        double above = over;
        if (below > 0) {
            return 0;
        }
        int side = 0;
        for (int i = 0; i < ROUNDS && high - low > NEAR_ENOUGH; i++) {
            double middle = high - above * (high - low) / (above - below);
            double there = over(finding, study.carrying(middle));
            if (Math.abs(there) < 1e-6) {
                return middle;
            }
            if (there > 0) {
                high = middle;
                above = there;
                below = side > 0 ? below / 2 : below;
                side = 1;
            } else {
                low = middle;
                below = there;
                above = side < 0 ? above / 2 : above;
                side = -1;
            }
        }
        return low;
    }

    /** Demand over capacity minus one, without the reserve of its check; positive where it fails. */
    private static double over(Finding finding, Study heavier) {
        Reading reading = finding.question().at(heavier.in(finding.pose()));
        double asked = reading.asked() / reading.safety();
        return Math.min(Reading.PLENTY, reading.available() > 0 ? asked / reading.available() - 1 : asked);
    }
}
