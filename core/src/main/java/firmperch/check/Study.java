package firmperch.check;

import firmperch.body.Assembly;
import firmperch.body.Body;
import firmperch.body.Piece;
import firmperch.body.Surface;
import firmperch.pose.Pose;
import firmperch.pose.Rig;
import firmperch.project.Project;
import java.util.Collections;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A project made ready for its questions: its rig, and every check asked of every subject it has. Made once an edit; safe to
 * share between threads.
 */
public final class Study {
    private final Project project;
    private final Rig rig;
    private final Lazy<List<Question<?>>> questions;
    private final Lazy<List<Piece>> bars;
    private final Lazy<List<Near.Ball>> balls;
    private final Lazy<List<Near.Group>> nearby;
    private final Lazy<SupportPolygon> locked;
    private final Lazy<SupportPolygon> rolling;
    private final boolean stays;
    private final Map<Surface, Lazy<Set<Body>>> fixed;

    /** The same questions of the same rig, standing otherwise or with another mass hung on. */
    private Study(Study same, Project project, Rig rig) {
        this.project = project;
        this.rig = rig;
        questions = same.questions;
        bars = same.bars;
        balls = same.balls;
        nearby = same.nearby;
        locked = same.locked;
        rolling = same.rolling;
        stays = same.stays;
        fixed = same.fixed;
    }

    private Study(Project project, Rig rig) {
        this.project = project;
        this.rig = rig;
        questions = new Lazy<>(() -> Checks.ALL.stream().<Question<?>>flatMap(check -> asked(check).stream()).toList());
        bars = new Lazy<>(() -> {
            Set<Piece> bending = Collections.newSetFromMap(new IdentityHashMap<>());
            return set().framed().bars().stream().filter(bending::add).toList();
        });
        balls = new Lazy<>(() -> rig.assembly().pieces().stream().map(Near.Ball::around).toList());
        nearby = new Lazy<>(() -> Near.groups(rig, balls()));
        locked = new Lazy<>(() -> SupportPolygon.of(set().footings(false)));
        rolling = new Lazy<>(() -> SupportPolygon.of(set().footings(true)));
        int freedoms = rig.assembly().freedoms().size();
        stays = rig.assembly().contacts().stream()
                .noneMatch(c -> IntStream.range(0, freedoms).anyMatch(f -> rig.moves(f, c.body())));
        fixed = new EnumMap<>(Surface.class);
        for (Surface surface : Surface.values()) {
            fixed.put(surface, new Lazy<>(() -> found(surface)));
        }
    }

    private Set<Body> found(Surface surface) {
        Set<Body> stiff = rig.assembly().contacts().stream().filter(c -> c.surface() == surface)
                .map(c -> c.body().stiffTo()).collect(Collectors.toSet());
        return rig.assembly().bodies().stream().filter(b -> stiff.contains(b.stiffTo()))
                .collect(Collectors.toUnmodifiableSet());
    }

    /** True if no joint moves what it stands on. */
    boolean feetStay() {
        return stays;
    }

    /** Bodies that stand on a surface or are fixed to it, with all that cannot move against them. */
    public Set<Body> fixedTo(Surface surface) {
        return fixed.get(surface).get();
    }

    private <T> List<Question<T>> asked(Check<T> check) {
        return check.subjects(this).stream().map(subject -> new Question<>(check, subject)).toList();
    }

    /** A project made ready. */
    public static Study of(Project project) {
        Assembly assembly = project.perch().assembly(project.gear(), project.shot(),
                project.place().surroundings(), project.units());
        return of(project, Rig.of(assembly, project.gear().spare()));
    }

    /** A rig that is not of the project's own parts, in its place. */
    static Study of(Project project, Rig rig) {
        return new Study(project, rig);
    }

    /** The same rig, the project standing or set otherwise. */
    public Study moved(Project other) {
        return new Study(this, other, rig);
    }

    /** The same rig with that mass beyond the gear's own, kg. */
    public Study carrying(double more) {
        return new Study(this, project, rig.carrying(more));
    }

    public Project project() {
        return project;
    }

    public Rig rig() {
        return rig;
    }

    public Assembly assembly() {
        return rig.assembly();
    }

    /** Every question that this rig raises, in the checks' order. */
    public List<Question<?>> questions() {
        return questions.get();
    }

    /** Bars that bend. */
    List<Piece> bars() {
        return bars.get();
    }

    /** A ball around each piece, in their order. */
    List<Near.Ball> balls() {
        return balls.get();
    }

    /** Pieces that may run into each other. */
    List<Near.Group> nearby() {
        return nearby.get();
    }

    /** The support, brakes on or off, where no joint moves the feet; null where one does. */
    SupportPolygon support(boolean rolls) {
        return !stays ? null : rolls ? rolling.get() : locked.get();
    }

    /** The question of that id, if this rig raises it. */
    public Optional<Question<?>> question(String id) {
        return questions().stream().filter(q -> q.id().equals(id)).findFirst();
    }

    /** The same question asked of this rig, if it raises it. */
    public Optional<? extends Question<?>> same(Question<?> question) {
        return asked(question.check()).stream().filter(q -> q.id().equals(question.id())).findFirst();
    }

    /** The project as its joints are set. */
    public Situation set() {
        return new Situation(this, Pose.of(rig.assembly(), project.stance().joints()));
    }

    /** The project in a pose. */
    public Situation in(Pose pose) {
        return new Situation(this, pose);
    }
}
