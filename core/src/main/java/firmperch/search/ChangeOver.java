package firmperch.search;

import firmperch.body.Freedom;
import firmperch.check.Question;
import firmperch.check.RaisedQuestions;
import firmperch.check.Reading;
import firmperch.check.Verdict;
import firmperch.pose.Pose;
import firmperch.project.Project;
import firmperch.project.SetUp;
import firmperch.project.Stance;
import firmperch.shot.Lens;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * From one set-up to the next: what one touches, and whether the way between is clear. The way is sampled: all joints and the base move
 * evenly together, and where that hits something, one joint after the other, in this order and in the reverse one.
 *
 * @param touches each in words; one is one movement of a hand
 * @param inTheWay what is hit on the way, in words; empty if one of the ways is clear
 */
public record ChangeOver(List<String> touches, String inTheWay) {
    /** Settings nearer to each other than that are one, rad and m. */
    private static final double SAME = 0.5e-3;
    private static final int SAMPLES = 24;
    /** More joints than that are only moved together: nobody plans the order of as many, and the window waits for this. */
    private static final int MANY = 8;

    public ChangeOver {
        touches = List.copyOf(touches);
    }

    /** From one of a project's set-ups to another. */
    public static ChangeOver of(Study study, int from, int to) {
        Situation a = study.in(from);
        Situation b = study.in(to);
        List<String> touches = new ArrayList<>();
        Stance was = a.project().stance();
        Stance is = b.project().stance();
        double moved = Math.hypot(is.x() - was.x(), is.y() - was.y());
        if (moved > SAME) {
            touches.add("move it " + a.length(moved));
        }
        if (Math.abs(is.heading() - was.heading()) > SAME) {
            touches.add("turn its base by " + a.show(Quantity.ANGLE, Math.abs(is.heading() - was.heading())));
        }
        List<Integer> joints = new ArrayList<>();
        List<Freedom> freedoms = study.assembly().freedoms();
        for (int f = 0; f < freedoms.size(); f++) {
            double there = b.posed().pose().get(f);
            if (Math.abs(there - a.posed().pose().get(f)) > SAME) {
                joints.add(f);
                touches.add(study.named(freedoms.get(f)) + " to " + a.show(freedoms.get(f).kind().quantity(), there));
            }
        }
        hung(a.project().setUp(), b.project().setUp(), a.project(), touches);
        return new ChangeOver(touches, joints.isEmpty() && moved <= SAME ? "" : way(a, b, joints));
    }

    /** What is changed at the camera. */
    private static void hung(SetUp from, SetUp to, Project project, List<String> touches) {
        if (from.camera() != to.camera()) {
            // Each camera keeps its lens, its crop and how it is turned: to press record on the other is no touch of the rig.
            return;
        }
        Lens lens = project.gear().lenses(to.camera()).get(to.lens());
        if (from.lens() != to.lens()) {
            touches.add("put on “" + lens.name() + "”");
        } else if (lens.zooms() && Math.abs(from.zoom() - to.zoom()) > 1e-6) {
            touches.add("zoom");
        }
        if (from.wanted().along() != to.wanted().along()) {
            touches.add("turn the camera upright or across");
        }
        if (from.crop() != to.crop()) {
            touches.add("crop " + Quantity.NUMBER.show(to.crop(), project.units()));
        }
        if (from.aperture() != to.aperture()) {
            touches.add("f/" + Quantity.NUMBER.show(to.aperture(), project.units()));
        }
    }

    /** In words: "2 touches: arm angle to 20°, height to 1.1 m". */
    public String words() {
        return touches.isEmpty()
                ? "nothing to touch"
                : (touches.size() == 1 ? "1 touch: " : touches.size() + " touches: ") + String.join(", ", touches);
    }

    private static String way(Situation a, Situation b, List<Integer> joints) {
        // The room that the camera takes in both, as the lens may be changed at either end.
        Study study = a.study().whole();
        List<Question<?>> hits = Hits.asked(study);
        Predicate<Question<?>> both = q -> gives(q, a) || gives(q, b);
        List<Question<?>> asked = hits.stream().filter(both.negate()).toList();
        List<List<Integer>> orders = joints.size() > MANY
                ? List.of(List.of())
                : List.of(List.of(), joints, joints.reversed());
        String first = "";
        for (List<Integer> order : orders) {
            Optional<String> met = met(study, a, b, order, asked);
            if (met.isEmpty()) {
                return "";
            }
            first = first.isEmpty() ? met.get() : first;
        }
        return first;
    }

    private static boolean gives(Question<?> question, Situation s) {
        Optional<Question<?>> own = RaisedQuestions.of(s.study(), question.id());
        return own.isPresent() && gives(own.get().at(s), own.get(), s);
    }

    private static boolean gives(Reading reading, Question<?> question, Situation s) {
        return reading.verdict(question.about().reserve(), s.policy().near()) == Verdict.GIVES;
    }

    /** What is met on the way with the joints moved in an order, or all together if it is empty; the base moves first. */
    private static Optional<String> met(Study study, Situation a, Situation b, List<Integer> order,
            List<Question<?>> hits) {
        int legs = Math.max(1, order.size());
        return IntStream.range(1, SAMPLES * legs).mapToObj(i -> {
            double t = i / (double) SAMPLES;
            Pose pose = a.posed().pose();
            for (int f = 0; f < pose.size(); f++) {
                double share = order.isEmpty() ? t : Math.clamp(t - order.indexOf(f), 0.0, 1.0);
                share = !order.isEmpty() && !order.contains(f) ? 0 : share;
                double setting = pose.get(f) + share * (b.posed().pose().get(f) - pose.get(f));
                pose = pose.with(study.assembly(), f, setting);
            }
            Project there = a.project().with(between(a.project().stance(), b.project().stance(), Math.min(1, t)));
            return met(study.moved(there).in(pose), hits);
        }).flatMap(Optional::stream).findFirst();
    }

    private static Stance between(Stance a, Stance b, double t) {
        return new Stance(a.x() + t * (b.x() - a.x()), a.y() + t * (b.y() - a.y()),
                a.heading() + t * (b.heading() - a.heading()), a.joints());
    }

    private static Optional<String> met(Situation s, List<Question<?>> hits) {
        return hits.stream().filter(q -> gives(q.at(s), q, s)).findFirst()
                .map(q -> {
                    Reading reading = q.at(s);
                    return reading.said() != null ? reading.said().get() : q.weakness();
                });
    }
}
