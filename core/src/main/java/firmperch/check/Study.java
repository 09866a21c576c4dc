package firmperch.check;

import firmperch.body.Assembly;
import firmperch.body.Contact;
import firmperch.body.Freedom;
import firmperch.body.Piece;
import firmperch.pose.Pose;
import firmperch.pose.Rig;
import firmperch.project.Project;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A project made ready for its questions: its rig, and every check asked of every subject it has. Made once an edit; safe to
 * share between threads.
 */
public final class Study {
    private final Project project;
    private final Rig rig;
    private final List<Question<?>> questions = new ArrayList<>();
    private final List<Piece> bars = new ArrayList<>();
    private final Map<Piece, Double> masses;
    private final List<Near> nearby;
    private final List<Near.Ball> balls;
    private final SupportPolygon locked;
    private final SupportPolygon rolling;

    /** The same questions of the same rig, standing otherwise or with another mass hung on. */
    private Study(Study same, Project project, Rig rig) {
        this.project = project;
        this.rig = rig;
        bars.addAll(same.bars);
        masses = same.masses;
        nearby = same.nearby;
        balls = same.balls;
        locked = same.locked;
        rolling = same.rolling;
        questions.addAll(same.questions);
    }

    private Study(Project project, Rig rig) {
        this.project = project;
        this.rig = rig;
        balls = rig.assembly().pieces().stream().map(Near.Ball::around).toList();
        nearby = Near.pairs(rig, balls);
        masses = new IdentityHashMap<>();
        rig.assembly().pieces().forEach(p -> masses.put(p, p.own().mass()));
        Situation home = set();
        Set<Piece> bending = Collections.newSetFromMap(new IdentityHashMap<>());
        home.framed().bars().stream().filter(bending::add).forEach(bars::add);
        boolean still = rig.assembly().contacts().stream()
                .allMatch(c -> rig.assembly().freedoms().stream().noneMatch(f -> moves(c, f)));
        locked = still ? SupportPolygon.of(home.footings(false)) : null;
        rolling = still ? SupportPolygon.of(home.footings(true)) : null;
        for (Check<?> check : Checks.ALL) {
            ask(check);
        }
    }

    private boolean moves(Contact contact, Freedom freedom) {
        return rig.moves(rig.assembly().freedoms().indexOf(freedom), contact.body());
    }

    private <T> void ask(Check<T> check) {
        check.subjects(this).forEach(subject -> questions.add(new Question<>(check, subject)));
    }

    /** A project made ready. */
    public static Study of(Project project) {
        Assembly assembly = project.perch().assembly(project.gear(), project.shot(), project.units());
        return new Study(project, Rig.of(assembly, project.gear().spare()));
    }

    /** The same rig, the project standing or set otherwise. */
    public Study moved(Project other) {
        return new Study(this, other, rig);
    }

    /** The same rig with that mass beyond the gear's own, kg. */
    public Study carrying(double more) {
        return new Study(this, project, Rig.of(rig.assembly(), more));
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
        return questions;
    }

    /** Mass of a piece, kg: worked out once. */
    double mass(Piece piece) {
        return masses.get(piece);
    }

    /** Bars that bend. */
    List<Piece> bars() {
        return bars;
    }

    /** A ball around each piece, in their order. */
    List<Near.Ball> balls() {
        return balls;
    }

    /** Pieces that may run into each other. */
    List<Near> nearby() {
        return nearby;
    }

    /** The support, brakes on or off, where no joint moves the feet; null where one does. */
    SupportPolygon support(boolean rolls) {
        return rolls ? rolling : locked;
    }

    /** The question of that id, if this rig raises it. */
    public Optional<Question<?>> question(String id) {
        return questions.stream().filter(q -> q.id().equals(id)).findFirst();
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
