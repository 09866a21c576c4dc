package firmperch.search;

import firmperch.check.Finding;
import firmperch.check.RaisedQuestions;
import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.param.Path;
import firmperch.part.Gear;
import firmperch.project.Project;
import firmperch.shot.Lens;
import firmperch.shot.Wanted;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/**
 * What else would do for a shot: another lens, or more or less in the picture, with the camera taken to the height that it then needs.
 *
 * @param what is changed
 * @param leads to where the camera then is, and what goes wrong there
 * @param does true if nothing does: all of it is in the picture, in reach and clear of things
 * @param changed the project with all of that
 */
public record OtherWay(String what, String leads, boolean does, Project changed) {
    /** Focal lengths that lenses usually have, m: common practice, no source. */
    private static final double[] LENSES = {0.008, 0.010, 0.012, 0.014, 0.016, 0.018, 0.020, 0.024, 0.028, 0.035, 0.040,
            0.050, 0.060, 0.085, 0.100, 0.135};
    /** Of these so many shorter and so many longer than the one there is are tried. */
    private static final int EACH_WAY = 2;
    private static final double[] SIZES = {1.1, 0.9};
    /** Nothing that takes the frame: it is asked of each way, while one waits. */
    private static final Set<Topic> MATTERS = EnumSet.of(Topic.PICTURE, Topic.HITS, Topic.WAY, Topic.FALLS);
    /** Higher than what is wanted needs, so that rounding does not cut it off, m. */
    private static final double SPARE = 0.002;

    /** All that are worth a look from where a rig is set, each worked out when it is asked for; nothing where it cannot be. */
    public static List<Supplier<Optional<OtherWay>>> of(Situation set) {
        List<Supplier<Optional<OtherWay>>> ways = new ArrayList<>();
        Gear gear = set.project().gear();
        List<Lens> there = gear.lenses(set.project().setUp().camera());
        for (int i = 0; i < there.size(); i++) {
            int lens = i;
            if (i != set.project().setUp().lens()) {
                ways.add(() -> way("your lens “" + there.get(lens).name() + "”",
                        () -> Path.of("setUp.lens").with(set.project(), lens)));
            }
        }
        double now = set.shot().focalLength();
        int longer = 0;
        while (longer < LENSES.length && LENSES[longer] <= now + 1e-9) {
            longer++;
        }
        int shorter = longer - 1;
        while (shorter >= 0 && LENSES[shorter] >= now - 1e-9) {
            shorter--;
        }
        for (int i = Math.max(0, shorter - EACH_WAY + 1); i < Math.min(LENSES.length, longer + EACH_WAY); i++) {
            if (i <= shorter || i >= longer) {
                double lens = LENSES[i];
                if (there.stream().noneMatch(l -> Math.abs(l.focalLength() - lens) < 1e-9)) {
                    ways.add(() -> way("a lens of " + set.length(lens), () -> through(set.project(), lens)));
                }
            }
        }
        Wanted wanted = set.shot().wanted();
        if (wanted.flat() && wanted.width() > wanted.depth()) {
            ways.add(() -> way("the long side " + (wanted.alongArm() ? "across" : "along") + " the arm",
                    () -> Path.of("shot.wanted.alongArm").with(set.project(), !wanted.alongArm())));
        }
        for (double size : SIZES) {
            double width = Math.rint(wanted.width() * size * 1e3) / 1e3;
            double depth = Math.rint(wanted.depth() * size * 1e3) / 1e3;
            ways.add(() -> way(Quantity.LENGTH.bare(width, set.project().units()) + " × " + set.length(depth)
                    + " in the picture", () -> sized(set.project(), width, depth)));
        }
        return ways;
    }

    /** Through one more lens of the gear's, else like the one there is. */
    private static Project through(Project project, double focalLength) {
        Lens like = project.shot().lens();
        int camera = project.setUp().camera();
        List<Lens> lenses = new ArrayList<>(project.gear().lenses(camera));
        lenses.add(new Lens(Quantity.LENGTH.show(focalLength, project.units()), focalLength, 0, like.nearestFocus(),
                like.length()));
        return Path.of("setUp.lens").with(project.with(project.gear().through(camera, lenses)), lenses.size() - 1);
    }

    /** The long side stays the longer one on the way. */
    private static Project sized(Project project, double width, double depth) {
        boolean grows = width > project.shot().wanted().width();
        Project one = Path.of(grows ? "shot.wanted.width" : "shot.wanted.depth").with(project, grows ? width : depth);
        return Path.of(grows ? "shot.wanted.depth" : "shot.wanted.width").with(one, grows ? depth : width);
    }

    private static Optional<OtherWay> way(String what, Supplier<Project> change) {
        try {
            Project changed = change.get();
            if (!changed.setUp().wanted().flat() || changed.perch().none()) {
                return Optional.of(looked(what, Aim.of(changed)));
            }
            Situation set = Study.of(changed).shown();
            AtHeight there = AtHeight.of(set, set.sensorWanted().z() + SPARE);
            return Optional.of(looked(what, moved(there)));
        } catch (InvalidValue impossible) {
            // A lens or a picture that there cannot be.
            return Optional.empty();
        }
    }

    private static Project moved(AtHeight there) {
        try {
            return there.rolled();
        } catch (InvalidValue beyondTheRoom) {
            return there.standing();
        }
    }

    private static OtherWay looked(String what, Project changed) {
        Situation s = Study.of(changed).shown();
        Optional<Finding> wrong = RaisedQuestions.of(s.study()).stream()
                .filter(q -> MATTERS.contains(q.about().topic())).map(q -> Assessor.answered(q, s, null))
                .filter(f -> f.verdict() == Verdict.GIVES).min(Assessment.WEAKEST_FIRST);
        String at = "sensor " + s.length(Math.max(0, s.sensorDistance())) + " above the work";
        return new OtherWay(what, wrong.map(f -> at + ", but " + said(f)).orElse(at), wrong.isEmpty(), changed);
    }

    private static String said(Finding f) {
        return f.reading().said() == null ? f.question().weakness() : f.reading().said().get();
    }
}
