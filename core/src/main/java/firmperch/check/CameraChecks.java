package firmperch.check;

import firmperch.body.Body;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.Piece;
import firmperch.body.Station;
import firmperch.body.Supply;
import firmperch.body.Tie;
import firmperch.check.About.Scope;
import firmperch.project.Policy;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;

/** How far the camera sinks, tilts and sways, and how heavy the pieces are to lift. */
public final class CameraChecks {
    /** Force of a finger letting go, N. */
    static final double TOUCH = 5;
    /** The same in every pose. */
    private static final Study.Derived<List<Double>> LOTS = new Study.Derived<>(CameraChecks::lots);

    private CameraChecks() {
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(sag(), tilt(), sway(), lift());
    }

    private static FunctionCheck<Void> whole(About about, BiFunction<Void, Situation, Reading> answer) {
        return new FunctionCheck<>(about, study -> {
            // Told at the station that carries the camera out, two below the gear.
            int stations = study.assembly().stations().size();
            return List.of(Subject.whole(study.assembly().stations().get(Math.max(0, stations - 3))));
        }, answer, Check.Certainty.SAMPLED);
    }

    private static FunctionCheck<Void> sag() {
        return whole(new About("sag", Topic.GIVES, "Does the camera sag?", Quantity.LENGTH, Scope.EVERY_POSE, false,
                "the camera sags", Settled.FORMULA, Settled.SOURCE + "; 3 mm: our own judgement")
                .where(Settled.LETTERS),
                (none, s) -> Reading.loaded(s, s.policy().movement().sag(), frame -> {
                    Settled settled = Settled.of(s, frame);
                    return new Reading(settled.drop(), s.policy().movement().sag(), () -> String.format(Locale.ROOT,
                            "bends %.2f mm, bolts press in %.2f mm, play %.2f mm; the feet's even sink of %.2f mm left out",
                            settled.bends().drop() * 1e3, settled.presses().drop() * 1e3, settled.plays().drop() * 1e3,
                            Settled.sink(s) * 1e3) + settled.otherwise(s, Quantity.LENGTH, Settled::drop))
                            .saying(() -> "the camera sinks " + s.length(settled.drop()) + " under its own weight, "
                                    + s.length(s.policy().movement().sag()) + " are allowed")
                            .unless(settled.doubt(s, Settled::drop));
                }));
    }

    private static FunctionCheck<Void> tilt() {
        return whole(new About("tilt", Topic.GIVES, "Does the camera stay level?", Quantity.ANGLE, Scope.EVERY_POSE,
                false, "the camera tilts", Settled.FORMULA, Settled.SOURCE + "; 1°: our own judgement")
                .where(Settled.LETTERS),
                (none, s) -> Reading.loaded(s, s.policy().movement().tilt(), frame -> {
                    Settled settled = Settled.of(s, frame);
                    return new Reading(settled.tilt(), s.policy().movement().tilt(),
                            () -> String.format(Locale.ROOT, "bends %.2f°, bolts press in %.2f°, play %.2f°",
                                    Math.toDegrees(settled.bends().tilt()), Math.toDegrees(settled.presses().tilt()),
                                    Math.toDegrees(settled.plays().tilt()))
                                    + settled.otherwise(s, Quantity.ANGLE, Settled::tilt))
                            .saying(() -> "the camera tilts " + s.show(Quantity.ANGLE, settled.tilt()) + ", "
                                    + s.show(Quantity.ANGLE, s.policy().movement().tilt()) + " are allowed")
                            .unless(settled.doubt(s, Settled::tilt));
                }));
    }

    /**
     * How far a touch moves the camera. Asked where several supports share the load or the whole rig hangs: a frame
     * without braces, or a long chain of arms, gives sideways first.
     */
    private static FunctionCheck<Void> sway() {
        return new FunctionCheck<>(new About("sway", Topic.GIVES, "Does it sway when it is touched?", Quantity.LENGTH,
                Scope.EVERY_POSE, false, "it sways", "K · u = f, 5 N sideways at the camera",
                "space frame, direct stiffness (Przemieniecki); a touch of 5 N: our own judgement")
                .where("K stiffness of the frame, u how far it moves, f the touch"),
                CameraChecks::swaying,
                (none, s) -> Reading.loaded(s, s.policy().movement().sag(), frame -> {
                    double sway = sway(s);
                    return new Reading(sway, s.policy().movement().sag(), () -> String.format(Locale.ROOT,
                            "%.2f mm for a touch of %.0f N", sway * 1e3, TOUCH))
                            .saying(() -> "a touch moves the camera " + s.length(sway) + " sideways, "
                                    + s.length(s.policy().movement().sag()) + " are allowed");
                }), Check.Certainty.SAMPLED);
    }

    /** How far a touch of 5 N moves the camera sideways at most, m; ∞ where the frame does not hold. */
    public static double sway(Situation s) {
        return s.frame().isEmpty() ? Double.POSITIVE_INFINITY : TOUCH * s.unitLoads().sideways(s.level(TOUCH));
    }

    private static List<Subject<Void>> swaying(Study study) {
        List<Station> stations = study.assembly().stations();
        Station carriesOut = stations.get(Math.max(0, stations.size() - 3));
        return stations.stream().filter(st -> st.on().size() > 1).findFirst()
                .or(() -> study.set().stands() ? Optional.empty() : Optional.of(carriesOut))
                .map(st -> List.of(Subject.whole(st))).orElse(List.of());
    }

    /** The heaviest part that one person has to lift: what comes off at a joint, or the rest before it is filled. */
    private static FunctionCheck<Void> lift() {
        return new FunctionCheck<>(
                new About("lift", Topic.HANDLING, "Can one person lift the heaviest piece?", Quantity.MASS,
                        Scope.NO_POSE, false, "the heaviest piece is too much for one person",
                        "sum of the pieces lifted together, before anything is poured", Policy.SOURCE_LIFT),
                study -> List.of(Subject.whole(study.assembly().stations().stream()
                        .filter(st -> study.assembly().joints().stream()
                                .anyMatch(j -> liftedOff(j) && j.station().equals(st)))
                        .findFirst().orElse(study.assembly().stations().getFirst()))),
                (none, s) -> {
                    List<Double> lots = s.study().get(LOTS);
                    double heaviest = lots.stream().mapToDouble(l -> l).max().orElse(0);
                    return new Reading(heaviest, s.policy().loads().lift(), () -> String.join("; ",
                            lots.stream().map(l -> s.show(Quantity.MASS, l)).toList())
                            + " at a time, before it is filled")
                            .saying(() -> "the heaviest piece weighs " + s.show(Quantity.MASS, heaviest)
                                    + "; one person should lift " + s.show(Quantity.MASS, s.policy().loads().lift())
                                    + " at most");
                }, Check.Certainty.PROVEN);
    }

    /** Parts that rest on a pin, lie on something or hang in rails are lifted by themselves. */
    private static boolean liftedOff(Joint joint) {
        return joint.hold() instanceof Hold.Rests || joint.hold() instanceof Hold.Bearings
                || joint.hold() instanceof Hold.Lies;
    }

    private static List<Double> lots(Study study) {
        List<Body> roots = new ArrayList<>(
                study.assembly().bodies().stream().filter(b -> b.parent() == null).toList());
        study.assembly().joints().stream().filter(CameraChecks::liftedOff)
                .forEach(j -> roots.add(j.outer().body()));
        // The weight on a rope is hung on last, by itself.
        study.assembly().ties().stream().filter(Tie.Rope.class::isInstance).forEach(r -> roots.add(r.to().body()));
        double[] sums = new double[roots.size()];
        for (int i = 0; i < study.assembly().pieces().size(); i++) {
            Piece piece = study.assembly().pieces().get(i);
            if (piece.supply() instanceof Supply.Poured) {
                continue;
            }
            Body at = piece.body();
            while (!roots.contains(at)) {
                at = at.parent();
            }
            sums[roots.indexOf(at)] += study.rig().mass(i).mass();
        }
        List<Double> lots = new ArrayList<>();
        for (double sum : sums) {
            lots.add(sum);
        }
        return lots;
    }
}
