package firmperch.check;

import firmperch.body.Contact;
import firmperch.check.About.Scope;
import firmperch.check.Check.Certainty;
import firmperch.frame.FrameSolution;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Gravity;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Screws and hooks in the building: the pull on each while the rig is handled. */
final class AnchorChecks {
    private AnchorChecks() {
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(new FunctionCheck<Fixings>(new About("anchor", Topic.FALLS, "Do the fixings to %s hold?",
                Quantity.FORCE,
                Scope.EVERY_POSE, true, "a fixing to %s comes out", "|R| ≤ m·g, R = −k·u at each anchor",
                "space frame, direct stiffness (Przemieniecki); gear and hand as the policy asks: common practice and our own "
                        + "judgement; what one bears: its maker, or a fifth of the ultimate (Wood Handbook, ch. 8). "
                        + "Above people's heads have a licensed person look at it; local codes rule")
                .where("R pull on one fixing, u how far it moves, k how stiff it is"),
                AnchorChecks::fixings, AnchorChecks::reading, Certainty.SAMPLED));
    }

    /** The fixings of a station to one surface. */
    private record Fixings(List<Contact.Anchor> anchors) {}

    private static List<Subject<Fixings>> fixings(Study study) {
        Map<String, List<Contact.Anchor>> by = new LinkedHashMap<>();
        study.assembly().contacts().stream().filter(Contact.Anchor.class::isInstance).map(Contact.Anchor.class::cast)
                .forEach(a -> by.computeIfAbsent(a.station().id() + "." + a.surface().id(), k -> new ArrayList<>())
                        .add(a));
        return by.entrySet().stream().map(e -> {
            Contact.Anchor first = e.getValue().getFirst();
            return new Subject<>(e.getKey(), first.surface().words(), first.station(), new Fixings(e.getValue()));
        }).toList();
    }

    /** The fixing with the largest load: the one furthest from where the load hangs, where it tips. */
    private static Reading reading(Fixings fixings, Situation s) {
        Contact.Anchor weakest = fixings.anchors.getFirst();
        return Reading.loaded(s, weakest.rating() * Gravity.STANDARD, frame -> {
            Reading worst = null;
            for (Contact.Anchor anchor : fixings.anchors) {
                int support = s.framed().feet().indexOf(anchor);
                double holds = anchor.rating() * Gravity.STANDARD;
                // Only what could be worse is worked out.
                double couldBe = s.unitLoads().noMoreOnSupport(support);
                if (worst == null || couldBe > worst.used() * holds) {
                    Reading reading = reading(anchor, support, frame, s);
                    worst = worst == null || reading.used() > worst.used() ? reading : worst;
                }
            }
            return worst;
        });
    }

    private static Reading reading(Contact.Anchor anchor, int support, FrameSolution frame, Situation s) {
        double holds = anchor.rating() * Gravity.STANDARD;
        double force = s.unitLoads().onSupport(support);
        return new Reading(force, holds, () -> anchor.id() + ": " + s.show(Quantity.FORCE, force)
                + " as the rig is handled, " + s.show(Quantity.FORCE, Math.abs(frame.reaction(support)))
                + (frame.reaction(support) < 0 ? " of pull" : " of pressure") + " at rest")
                .saying(() -> "a fixing to " + anchor.surface().words() + " (" + anchor.id() + ") feels "
                        + s.show(Quantity.FORCE, force) + " as the rig is handled and "
                        + (holds > 0
                                ? "bears " + s.show(Quantity.FORCE, holds)
                                : "is in nothing that holds: beside what it should be in, too near its edge or too short"));
    }
}
