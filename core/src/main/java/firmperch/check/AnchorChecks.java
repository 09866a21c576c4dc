package firmperch.check;

import firmperch.body.Contact;
import firmperch.check.About.Scope;
import firmperch.check.Check.Certainty;
import firmperch.check.JointChecks.Asked;
import firmperch.frame.FrameSolver;
import firmperch.units.Quantity;
import java.util.List;

/** What hangs on screws and hooks in the place: each of them as the rig is handled. */
final class AnchorChecks {
    private AnchorChecks() {
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(new Asked<Contact.Anchor>(new About("anchor", Topic.FALLS, "Does the %s hold?", Quantity.FORCE,
                Scope.EVERY_POSE, true, "the %s comes out", "|R| ≤ m·g, R = −k·u at each anchor",
                "space frame, direct stiffness (Przemieniecki); gear and hand as the policy asks: common practice and our own "
                        + "judgement; what one bears: its maker, or a fifth of the ultimate (Wood Handbook, ch. 8). "
                        + "Above people's heads have a licensed person look at it; local codes rule"),
                study -> study.assembly().contacts().stream().filter(Contact.Anchor.class::isInstance)
                        .map(Contact.Anchor.class::cast)
                        .map(a -> new Subject<>(a.id(), "fixing to " + a.surface().words(), a.station(), a)).toList(),
                AnchorChecks::reading, Certainty.SAMPLED));
    }

    private static Reading reading(Contact.Anchor anchor, Situation s) {
        double holds = anchor.rating() * FrameSolver.GRAVITY;
        return s.loaded(holds, frame -> {
            int support = s.framed().feet().indexOf(anchor);
            double force = s.responses().onSupport(support);
            return new Reading(force, holds, () -> s.show(Quantity.FORCE, force) + " as the rig is handled, "
                    + s.show(Quantity.FORCE, Math.abs(frame.reaction(support))) + (frame.reaction(support) < 0
                            ? " of pull"
                            : " of pressure")
                    + " at rest")
                    .saying(() -> "a fixing to " + anchor.surface().words() + " feels " + s.show(Quantity.FORCE, force)
                            + " as the rig is handled and bears " + s.show(Quantity.FORCE, holds));
        });
    }
}
