package firmperch.search;

import firmperch.body.Contact;
import firmperch.body.Freedom;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import firmperch.pose.Pose;
import firmperch.pose.Reach;
import firmperch.project.Project;
import firmperch.project.Stance;
import firmperch.shot.Framing;
import firmperch.study.Sight;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.study.Target;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Sets a rig for the set-up that is shown: the camera over the middle of what is wanted, as high as its lens needs, nothing hit. Of all
 * ways to get there it takes one that touches as few joints as will do, and of those one that moves them least. Only where no joints do
 * it is the rig moved along the floor, if it can be.
 */
public final class Aim {
    /** Extra height of the camera, m, so that rounding does not crop the wanted rectangle. */
    static final double MORE = 0.003;
    private static final double CONTENT = 0.001;
    private static final int ROUNDS = 5;
    private static final List<Vec3> AXES = List.of(Vec3.X, Vec3.Y, Vec3.UP);
    /** Of more joints than that only single ones, pairs and all together are tried. */
    private static final int ALL_SETS = 6;

    private final Situation from;
    private final Tie.Hook grip;
    private final Hits hits;

    private Aim(Situation from) {
        this.from = from;
        grip = from.sensorHook();
        hits = new Hits(from.study());
    }

    /** The project so set; as near as it comes where it does not come there. */
    public static Project of(Project project) {
        return of(Study.of(project)).project();
    }

    /** The same, where its rig has been put up already. */
    static Study of(Study study) {
        Study set = study.moved(once(study));
        // A joint that brought the camera there may have turned it: then its head is turned back, and what that moved is made good.
        for (int round = 0; round < ROUNDS && turned(set); round++) {
            set = set.moved(once(set));
        }
        return set;
    }

    private static boolean turned(Study study) {
        Situation s = study.shown();
        return !Orientation.toward(s).equals(s.posed().pose());
    }

    private static Project once(Study study) {
        Situation set = study.shown();
        Situation from = set.in(Orientation.toward(set));
        Aim aim = new Aim(from);
        Vec3 over = from.sensorWanted(from.distanceWanted() + MORE);
        Reach.Goal there = new Reach.Goal(from.inPerch(over), AXES, CONTENT);
        Optional<Project> turned = aim.fewest(there).map(aim::posed);
        if (turned.isPresent()) {
            return turned.get();
        }
        Reach.Goal height = Reach.Goal.height(over.z());
        Optional<Pose> high = aim.fewest(height);
        Optional<Project> beside = from.target().square() ? high.flatMap(aim::beside) : Optional.empty();
        if (beside.isPresent()) {
            return beside.get();
        }
        return aim.rolls()
                ? aim.rolled(high.orElseGet(() -> aim.nearest(height)), over)
                : aim.posed(aim.nearest(there));
    }

    /**
     * As it stands, if it then looks so little past the middle that nobody minds: higher by as much as takes all into the picture. An arm that
     * is lifted looks past it by more again, so that is found in a few rounds.
     */
    private Optional<Project> beside(Pose high) {
        double most = from.policy().distances().overshoot();
        Pose pose = high;
        for (int round = 0; round < ROUNDS; round++) {
            double off = from.in(pose).offCentre().length();
            Optional<Pose> higher = off > most ? Optional.empty() : fewest(seeing(off + CONTENT));
            if (higher.isEmpty() || from.in(higher.get()).offCentre().length() <= off + CONTENT) {
                return higher.map(this::posed);
            }
            pose = higher.get();
        }
        return Optional.empty();
    }

    /** The height from which all that is wanted is in the picture though it looks so far past the middle, m. */
    private Reach.Goal seeing(double off) {
        Target t = from.target();
        Framing framing = from.shot().framing();
        double distance = framing.sensorDistance(framing.magnificationFor(t.width() + 2 * off, t.height() + 2 * off));
        return Reach.Goal.height(from.sensorWanted(distance + MORE).z());
    }

    /** What a rig that has been set for its view lacks to look the way that is wanted, in a sentence; empty if nothing. */
    public static String lacking(Project set) {
        Situation s = Study.of(set).shown();
        double needed = Math.acos(Math.clamp(-s.target().ahead().z(), -1, 1));
        return Sight.of(s).astray() < CONTENT || set.perch().tilting(needed).equals(set.perch())
                ? ""
                : "Its head does not tilt that far: let it tilt forward by " + s.show(Quantity.ANGLE, needed)
                        + " under Perch, Head, then set the rig once more.";
    }

    /** A project without a rig whose camera follows what was changed: held anew in each set-up that is seen otherwise than before. */
    public static Project held(Project before, Project changed) {
        if (!changed.perch().none() || changed.onlyMovedFrom(before)) {
            return changed;
        }
        Project now = changed;
        // Wherever in the list they stand now: one that is filmed and held as one was before stays so.
        boolean heldBefore = before.perch().none() && before.place().equals(changed.place());
        List<Project> was = before.inEach();
        for (int i = 0; i < changed.setUps().size(); i++) {
            Project there = changed.showing(i);
            boolean same = heldBefore && was.stream()
                    .anyMatch(p -> p.shot().equals(there.shot()) && p.stance().equals(there.stance()));
            now = same ? now : of(now.showing(i));
        }
        return now.showing(changed.shown());
    }

    /** True if it can be moved along the floor without tools. */
    private boolean rolls() {
        return from.study().assembly().contacts().stream().noneMatch(c -> c instanceof Contact.Anchor);
    }

    /** True for a joint that stays: the head is set already, and what would tip the camera is left alone. */
    private boolean kept(int freedom) {
        return Orientation.keeps(from.study())[freedom];
    }

    private Pose nearest(Reach.Goal goal) {
        return Reach.to(from.study().rig(), from.posed().pose(), grip, goal, f -> !kept(f));
    }

    /** The pose at the goal, clear of everything, that touches the fewest joints. */
    private Optional<Pose> fewest(Reach.Goal goal) {
        Pose best = null;
        double least = Double.POSITIVE_INFINITY;
        int fewest = Integer.MAX_VALUE;
        for (Set<Integer> set : sets()) {
            if (set.size() > fewest) {
                break;
            }
            Pose pose = Reach.to(from.study().rig(), from.posed().pose(), grip, goal, set::contains);
            if (Reach.miss(from.study().rig(), pose, grip, goal) <= goal.content() && travel(pose) < least
                    && hits.clear(from.in(pose))) {
                best = pose;
                least = travel(pose);
                fewest = set.size();
            }
        }
        return Optional.ofNullable(best);
    }

    /** The joints to try together, the fewest first: all sets of few joints; of many, as a composition may have, pairs at most and all of them. */
    private List<Set<Integer>> sets() {
        List<Integer> joints = IntStream.range(0, from.study().assembly().freedoms().size()).filter(f -> !kept(f))
                .boxed().toList();
        int largest = joints.size() <= ALL_SETS ? joints.size() : 2;
        List<Set<Integer>> all = new ArrayList<>(List.of(Set.of()));
        List<Set<Integer>> last = all;
        for (int size = 1; size <= largest; size++) {
            List<Set<Integer>> next = new ArrayList<>();
            for (Set<Integer> smaller : last) {
                int from = smaller.stream().mapToInt(f -> f).max().orElse(-1);
                joints.stream().filter(f -> f > from).forEach(f -> {
                    Set<Integer> one = new HashSet<>(smaller);
                    one.add(f);
                    next.add(one);
                });
            }
            all = Stream.concat(all.stream(), next.stream()).toList();
            last = next;
        }
        return largest == joints.size() ? all : Stream.concat(all.stream(), Stream.of(Set.copyOf(joints))).toList();
    }

    /** How far the joints move, each as a share of its travel. */
    private double travel(Pose pose) {
        double sum = 0;
        List<Freedom> freedoms = from.study().assembly().freedoms();
        for (int f = 0; f < freedoms.size(); f++) {
            Freedom freedom = freedoms.get(f);
            sum += Math.abs(pose.get(f) - from.posed().pose().get(f)) / Math.max(1e-9, freedom.to() - freedom.from());
        }
        return sum;
    }

    private Stance stance(Pose pose) {
        return from.project().stance().with(pose.joints(from.study().assembly()));
    }

    private Project posed(Pose pose) {
        return from.project().with(stance(pose));
    }

    /** Moved along the floor so that the camera comes over the middle; as it stands where it cannot stand there. */
    private Project rolled(Pose pose, Vec3 over) {
        Vec3 off = from.inRoom(from.in(pose).sensor()).minus(over);
        Stance set = stance(pose);
        double depth = from.project().place().room().depth();
        try {
            return from.project().with(set.at(Math.clamp(set.x() - off.x(), 0, depth), set.y() - off.y()));
        } catch (InvalidValue outside) {
            return from.project().with(set);
        }
    }
}
