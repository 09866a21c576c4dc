package firmperch.check;

import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.Piece;
import firmperch.check.About.Scope;
import firmperch.check.Check.Certainty;
import firmperch.pose.Framed;
import firmperch.stock.Section;
import firmperch.strength.HandledForces;
import firmperch.strength.SumOfSizes;
import firmperch.strength.SumOfSizes.Term;
import firmperch.study.Situation;
import firmperch.units.Quantity;
import java.util.List;

/** Threaded pipe ends: the section left under the thread bends and pulls apart first. */
final class ThreadChecks {
    private ThreadChecks() {
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(new FunctionCheck<List<Joint>>(new About("thread", Topic.BREAKS,
                "Could a pipe break at its thread (%s)?",
                Quantity.STRESS, Scope.EVERY_POSE, true, "a pipe breaks at its thread (%s)",
                "σ = N/A_root + M/S_root, √(σ² + 3·τ²) ≤ f_y/1.5",
                "space frame, handled; minor diameter of ISO 7-1; von Mises. How well a thread is cut is not known: a crack is "
                        + "looked for by hand")
                .where("N pull, M bending at the thread, A and S area and section modulus at its root, σ and τ stress "
                        + "along and shear, f_y yield"),
                study -> JointChecks.together(study, j -> j.hold() instanceof Hold.Threaded),
                (threads, s) -> Reading.loaded(s, 1, frame -> reading(threads, s)),
                Certainty.SAMPLED));
    }

    private static Reading reading(List<Joint> threads, Situation s) {
        double worst = 0;
        double holds = Double.POSITIVE_INFINITY;
        String where = "";
        for (Framed.End end : s.framed().ends()) {
            if (!(end.joint().hold() instanceof Hold.Threaded thread) || !threads.contains(end.joint())) {
                continue;
            }
            Piece pipe = s.framed().bars().get(end.member());
            double stress = stress(thread.root(), s.unitLoads().atEnd(end.member(), end.far()));
            holds = pipe.material().allowedBending();
            if (stress > worst) {
                worst = stress;
                where = end.joint().name().text();
            }
        }
        double asked = worst;
        String thread = where;
        return new Reading(asked, Double.isInfinite(holds) ? 1 : holds,
                () -> s.show(Quantity.STRESS, asked) + " at the " + thread + ", as it is handled");
    }

    private static double stress(Section root, HandledForces f) {
        return f.most(SumOfSizes.of(new Term(1 / root.area(), 0), new Term(1 / root.modulusY(), 4, 5)),
                SumOfSizes.of(new Term(2 / root.area(), 1, 2), new Term(1 / (2 * root.modulusY()), 3)));
    }
}
