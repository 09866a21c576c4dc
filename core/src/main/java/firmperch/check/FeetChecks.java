package firmperch.check;

import firmperch.body.Contact;
import firmperch.body.Vec3;
import firmperch.check.About.Scope;
import firmperch.stability.CasterShares;
import firmperch.stability.Footing;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Quantity;
import java.util.List;
import java.util.function.Function;

/** Load on the feet: the busiest foot in each pose, brakes off, as it is rolled before it is locked. */
final class FeetChecks {
    private static final String LETTERS = "N load of a foot at x, y; a, b, c so that all feet together carry the weight where it is";

    private FeetChecks() {
    }

    private static FunctionCheck<Void> feet(About about, boolean steppedOn, Function<Situation, Reading> answer) {
        return FunctionCheck.whole(about,
                study -> feet(study).size() >= 3 && !(steppedOn && StandingChecks.corners(study.set()).isEmpty()),
                study -> feet(study).getFirst().station(), answer, Check.Certainty.SAMPLED);
    }

    private static List<Contact> feet(Study study) {
        return study.assembly().contacts().stream().filter(c -> c.pushesOnly() && c.surface().carries()).toList();
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(feet(new About("feet.share", Topic.HANDLING, "Does the busiest foot carry its share?",
                Quantity.MASS, Scope.EVERY_POSE, true, "a foot is overloaded",
                "N = a + b·x + c·y over the feet in contact, swivels at their worst",
                "rigid base on equal springs (Roark); the maker's rating")
                .where(LETTERS),
                false, FeetChecks::share),
                feet(new About("feet.three", Topic.HANDLING, "Do three feet carry it all?", Quantity.MASS,
                        Scope.EVERY_POSE, true, "three feet are not enough",
                        "statics on each three, swivels at their worst",
                        "rigid statics: on an uneven floor the fourth hangs in the air"), false, FeetChecks::three),
                feet(new About("feet.person", Topic.HANDLING, "Does a foot carry a person on its corner?",
                        Quantity.MASS, Scope.EVERY_POSE, false, "a person on a corner overloads a foot",
                        "N = a + b·x + c·y with the person on it",
                        "rigid base on equal springs (Roark); a person of 100 kg: common practice, no source")
                        .where(LETTERS),
                        true, FeetChecks::person));
    }

    private static double rating(List<Footing> feet) {
        return feet.stream().mapToDouble(Footing::rating).min().orElse(0);
    }

    private static Reading share(Situation s) {
        List<Footing> feet = s.feet().all(true);
        double share = CasterShares.largest(feet, s.posed().mass(), s.posed().centre());
        return new Reading(share, rating(feet), () -> s.show(Quantity.MASS, share) + " of "
                + s.show(Quantity.MASS, s.posed().mass()) + " on one foot");
    }

    private static Reading three(Situation s) {
        List<Footing> feet = s.feet().all(true);
        double share = CasterShares.largestOfThree(feet, s.posed().mass(), s.posed().centre());
        return new Reading(share, rating(feet), () -> s.show(Quantity.MASS, share) + " of "
                + s.show(Quantity.MASS, s.posed().mass()) + " on one of three feet");
    }

    private static Reading person(Situation s) {
        double person = s.policy().standing().person();
        List<Footing> feet = s.feet().all(true);
        double total = s.posed().mass() + person;
        double worst = 0;
        for (Vec3 corner : StandingChecks.outermost(s)) {
            Vec3 centre = s.posed().centre().times(s.posed().mass() / total).plus(corner.times(person / total));
            worst = Math.max(worst, CasterShares.largest(feet, total, centre));
        }
        double load = worst;
        return new Reading(load, rating(feet), () -> s.show(Quantity.MASS, load) + " on one foot with "
                + s.show(Quantity.MASS, person) + " on its corner");
    }
}
