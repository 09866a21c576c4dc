package firmperch.search;

import firmperch.body.Freedom;
import firmperch.body.Vec3;
import firmperch.part.Kind;
import firmperch.part.Perch;
import firmperch.pose.Pose;
import firmperch.pose.Reach;
import firmperch.project.Project;
import firmperch.project.Stance;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.study.Target;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Puts another kind of rig into a project, with the camera as near over the work as that kind can bring it. */
public final class Choosing {
    /** A head is made to tilt that much further than it must, rad; less than that is none. */
    private static final double SLIGHT = Math.toRadians(5);

    /** Where in their travel joints that lift are tried, and how many of them. */
    private static final double[] SHARES = {0.15, 0.5, 0.85};
    private static final int LIFTING = 3;

    private Choosing() {
    }

    /**
     * The project with that kind at its starting values. In the first set-up the rig is placed so that the camera is over the middle of the
     * work and sees the wanted rectangle; from there it is brought to each other one with as few joints as will do.
     */
    public static Project of(Project project, Kind kind) {
        return of(project, kind.start().get(), kind.joints());
    }

    /** The same with a composition of that kind whose values may be others. */
    public static Project of(Project project, Perch perch, Map<String, Double> joints) {
        return study(project, perch, joints).project();
    }

    /** The same, put up. */
    public static Study study(Project project, Perch perch, Map<String, Double> joints) {
        Project first = project.with(project.setUps().stream()
                .map(s -> s.with(new Stance(project.setUps().getFirst().stance().x(),
                        project.setUps().getFirst().stance().y(), 0, Map.of())))
                .toList(), 0).with(tilting(project, perch));
        // Only stance and joints change from here on: the rig is put up once.
        Study study = Study.of(first.with(first.stance().with(joints)));
        study = study.moved(placed(study));
        if (perch.on(Perch.POST)) {
            // It stands where the post does, so its joints alone bring the camera over the work.
            study = Aim.of(study);
        }
        for (int i = 1; i < project.setUps().size(); i++) {
            Project placed = study.project();
            study = Aim.of(study.moved(placed.showing(i).with(placed.setUps().get(i - 1).stance())));
        }
        return study.moved(study.project().showing(project.shown()));
    }

    /** The composition with a head that tilts as far as the project's set-ups need. */
    public static Perch tilting(Project project, Perch perch) {
        return perch.tilting(tilt(project));
    }

    /** How far from straight down the camera is to look in whichever set-up, rad, and a little more; 0 if straight down in all. */
    private static double tilt(Project project) {
        double most = project.inEach().stream()
                .mapToDouble(p -> Math.acos(Math.clamp(-Target.of(p).ahead().z(), -1, 1))).max().orElse(0);
        return most < SLIGHT ? 0 : most + SLIGHT;
    }

    private static Project placed(Study study) {
        Project started = study.project();
        Situation shown = study.shown();
        Situation s = shown.in(Orientation.toward(shown));
        Vec3 over = s.sensorWanted(s.distanceWanted() + Aim.MORE);
        Hits hits = new Hits(s.study());
        Project first = null;
        for (Pose start : starts(s)) {
            Project there = placed(started, s, start, over);
            if (hits.clear(s.study().moved(there).set())) {
                return there;
            }
            first = first == null ? there : first;
        }
        return first;
    }

    /** As it is set, then with those of its joints that lift it elsewhere in their travel: one of these ways it may hit nothing. */
    private static List<Pose> starts(Situation s) {
        List<Pose> starts = new ArrayList<>(List.of(s.posed().pose()));
        List<Freedom> freedoms = s.study().assembly().freedoms();
        boolean[] heads = Orientation.heads(s.study());
        for (int f = 0, lifting = 0; f < freedoms.size() && lifting < LIFTING; f++) {
            if (!heads[f] && freedoms.get(f).continuous() && s.study().rig().lifts(f)) {
                lifting++;
                Freedom freedom = freedoms.get(f);
                for (Pose pose : List.copyOf(starts)) {
                    for (double share : SHARES) {
                        starts.add(pose.with(s.study().assembly(), f,
                                freedom.from() + share * (freedom.to() - freedom.from())));
                    }
                }
            }
        }
        return starts;
    }

    /** Brought to the height from there, then moved so that it is over the place. */
    private static Project placed(Project started, Situation s, Pose start, Vec3 over) {
        boolean[] heads = Orientation.heads(s.study());
        Pose pose = Reach.to(s.study().rig(), start, s.sensorHook(), Reach.Goal.height(over.z()), f -> !heads[f]);
        Stance stance = started.stance().with(pose.joints(s.study().assembly()));
        Vec3 off = s.inRoom(s.in(pose).sensor()).minus(over);
        double depth = started.place().room().depth();
        try {
            return started.with(stance.at(Math.clamp(stance.x() - off.x(), 0, depth), stance.y() - off.y()));
        } catch (InvalidValue outside) {
            // It cannot stand where the camera would be over the work, so it takes the place of the rig before it.
            return started.with(stance);
        }
    }
}
