package firmperch.study;

import firmperch.body.Assembly;
import firmperch.body.Body;
import firmperch.body.Contact;
import firmperch.body.Freedom;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.clearance.Boxes;
import firmperch.clearance.CollisionGroup;
import firmperch.pose.Pose;
import firmperch.pose.Rig;
import firmperch.project.Project;
import firmperch.project.Stance;
import firmperch.shot.CameraRoom;
import firmperch.shot.Shot;
import firmperch.stability.SupportPolygon;
import firmperch.units.Lazy;
import java.util.Collections;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A project and the rig built from it, with everything that depends on the rig alone. Each such figure is computed when it is first
 * asked for and kept until the next edit, also for studies of the same rig standing or loaded otherwise. Safe to share between
 * threads.
 */
public final class Study {
    private final Project project;
    private final Shot shot;
    private final Target target;
    private final Placement room;
    private final Lazy<Pose> asSet;
    private final Rig rig;
    private final Study whole;
    private final Map<CameraRoom, Lazy<Study>> rooms;
    private final Map<Derived<?>, Lazy<?>> derived;
    private final Lazy<List<Piece>> bars;
    private final Lazy<Boxes> boxes;
    private final Lazy<List<CollisionGroup>> collisions;
    private final Lazy<SupportPolygon> locked;
    private final Lazy<SupportPolygon> rolling;
    private final Lazy<Double> highestFixed;
    private final Lazy<Double> ground;
    private final boolean stays;
    private final boolean rolls;
    private final Map<Surface, Lazy<Set<Body>>> fixed;
    private final Map<Surface, Lazy<Predicate<Body>>> apart;

    /** Shares what is known of the rig with a study of it that stands elsewhere or carries more. */
    private Study(Study same, Project project, Rig rig, Study whole) {
        this.project = project;
        this.shot = project.shot();
        target = Target.of(project);
        room = room(project.stance());
        this.rig = rig;
        asSet = new Lazy<>(() -> Pose.of(rig.assembly(), project.stance().joints()));
        this.whole = whole == null ? this : whole;
        rooms = same.rooms;
        derived = same.derived;
        bars = same.bars;
        boxes = same.boxes;
        collisions = same.collisions;
        locked = same.locked;
        rolling = same.rolling;
        highestFixed = same.highestFixed;
        ground = same.ground;
        stays = same.stays;
        rolls = same.rolls;
        fixed = same.fixed;
        apart = same.apart;
    }

    private Study(Project project, Rig rig) {
        this.project = project;
        this.shot = project.shot();
        target = Target.of(project);
        room = room(project.stance());
        this.rig = rig;
        asSet = new Lazy<>(() -> Pose.of(rig.assembly(), project.stance().joints()));
        whole = this;
        rooms = new ConcurrentHashMap<>();
        derived = new ConcurrentHashMap<>();
        bars = new Lazy<>(() -> {
            Set<Piece> bending = Collections.newSetFromMap(new IdentityHashMap<>());
            return set().framed().bars().stream().filter(bending::add).toList();
        });
        boxes = new Lazy<>(() -> Boxes.of(rig.assembly()));
        collisions = new Lazy<>(() -> CollisionGroup.of(rig, boxes().each(), set().posed()));
        locked = new Lazy<>(() -> SupportPolygon.of(set().feet().all(false)));
        rolling = new Lazy<>(() -> SupportPolygon.of(set().feet().all(true)));
        ground = new Lazy<>(() -> set().feet().groundNow());
        int freedoms = rig.assembly().freedoms().size();
        highestFixed = new Lazy<>(() -> rig.assembly().pieces().stream()
                .filter(p -> IntStream.range(0, freedoms).noneMatch(f -> rig.moves(f, p.body())))
                .mapToDouble(p -> set().posed().reach(p, Vec3.UP)).max().orElse(Double.NEGATIVE_INFINITY));
        stays = rig.assembly().contacts().stream()
                .noneMatch(c -> IntStream.range(0, freedoms).anyMatch(f -> rig.moves(f, c.body())));
        rolls = rig.assembly().contacts().stream().anyMatch(Contact.Caster.class::isInstance);
        fixed = new EnumMap<>(Surface.class);
        apart = new EnumMap<>(Surface.class);
        for (Surface surface : Surface.values()) {
            fixed.put(surface, new Lazy<>(() -> foundFixed(surface)));
            apart.put(surface, new Lazy<>(() -> foundApart(surface)));
        }
    }

    private static Placement room(Stance stance) {
        Placement turned = Placement.turned(Vec3.UP, stance.heading());
        return new Placement(new Vec3(stance.x(), stance.y(), 0), turned.x(), turned.y(), turned.z());
    }

    private Set<Body> foundFixed(Surface surface) {
        Set<Body> stiff = rig.assembly().contacts().stream().filter(c -> c.surface() == surface)
                .map(c -> c.body().stiffTo()).collect(Collectors.toSet());
        return rig.assembly().bodies().stream().filter(b -> stiff.contains(b.stiffTo()))
                .collect(Collectors.toUnmodifiableSet());
    }

    /** By the bodies' numbers, as it is asked for each piece in every pose. */
    private Predicate<Body> foundApart(Surface surface) {
        Set<Body> stiff = fixedTo(surface);
        boolean[] apart = new boolean[rig.assembly().bodies().size()];
        for (Body body : rig.assembly().bodies()) {
            Body on = body.stiffTo().parent();
            apart[body.index()] = !stiff.contains(body) && (on == null || !stiff.contains(on));
        }
        return body -> apart[body.index()];
    }

    /** True if no joint moves what it stands on. */
    public boolean feetStay() {
        return stays;
    }

    /** Where no joint moves the feet, the height of what it stands on, m: the same in every pose. */
    double ground() {
        return ground.get();
    }

    /** How high what no joint moves reaches, m; −∞ if there is nothing. */
    double highestFixed() {
        return highestFixed.get();
    }

    /** True if it stands on wheels, and so may be turned. */
    boolean rolls() {
        return rolls;
    }

    /** Bodies that stand on a surface or are fixed to it, with all that cannot move against them. */
    public Set<Body> fixedTo(Surface surface) {
        return fixed.get(surface).get();
    }

    /** Bodies that may run into a surface: not those that stand on it or are fixed to it, nor what runs along these. */
    public Predicate<Body> apartFrom(Surface surface) {
        return apart.get(surface).get();
    }

    /** A project made ready, its camera taking the room that it takes in whichever set-up. */
    public static Study of(Project project) {
        return of(project, project.cameraRoom());
    }

    private static Study of(Project project, CameraRoom room) {
        Assembly assembly = project.perch().assembly(project.gear(), room, project.place().surroundings(),
                project.units());
        return new Study(project, Rig.of(assembly, project.gear().spare()));
    }

    /** A rig that is not of the project's own parts, in its place, its joints set as near to zero as they go. */
    public static Study of(Project project, Rig rig) {
        return new Study(project.with(project.stance().with(Map.of())), rig);
    }

    /** The same rig, the project standing or set otherwise. */
    public Study moved(Project other) {
        return new Study(this, other, rig, null);
    }

    /** The same rig with that mass beyond the gear's own, kg. */
    public Study carrying(double more) {
        return new Study(this, project, rig.carrying(more), null);
    }

    public Project project() {
        return project;
    }

    /** The picture of the set-up that is shown. */
    Shot shot() {
        return shot;
    }

    /** What must be in the picture of the set-up that is shown. */
    Target target() {
        return target;
    }

    /** Where the rig's axes lie in the room. */
    Placement room() {
        return room;
    }

    /** The study of the same rig with the room that its camera takes in whichever set-up: what is asked over every pose is asked of that. */
    public Study whole() {
        return whole;
    }

    public Rig rig() {
        return rig;
    }

    public Assembly assembly() {
        return rig.assembly();
    }

    /**
     * A figure that depends on a rig alone and is computed by a package above this one, such as the list of questions. An instance is
     * the key under which a study keeps the figure.
     *
     * @param <T> the figure's type; safe to share between threads
     */
    public static final class Derived<T> {
        private final Function<Study, T> from;

        /** Worked out of any study of the rig. */
        public Derived(Function<Study, T> from) {
            this.from = from;
        }
    }

    /** The figure for this rig, computed once for all studies of it. */
    @SuppressWarnings("unchecked")
    public <T> T get(Derived<T> what) {
        Lazy<?> known = derived.get(what);
        return (T) (known != null ? known : derived.computeIfAbsent(what, w -> new Lazy<>(() -> what.from.apply(this))))
                .get();
    }

    /** Bars that bend. */
    public List<Piece> bars() {
        return bars.get();
    }

    /** Boxes around its pieces. */
    Boxes boxes() {
        return boxes.get();
    }

    /** A freedom in words, "arm angle"; those of one name are numbered from the base up. */
    public String named(Freedom freedom) {
        List<Freedom> same = assembly().freedoms().stream().filter(o -> o.label().equals(freedom.label())).toList();
        return freedom.label().toLowerCase(Locale.ROOT) + (same.size() == 1 ? "" : " " + (same.indexOf(freedom) + 1));
    }

    /** Pieces that may run into each other. */
    public List<CollisionGroup> collisions() {
        return collisions.get();
    }

    /** The support, brakes on or off, where no joint moves the feet; null where one does. */
    SupportPolygon support(boolean rolls) {
        return !stays ? null : rolls ? rolling.get() : locked.get();
    }

    /** The project as it is set in the set-up that is shown, its camera taking the room that it takes there. */
    public Situation shown() {
        return in(project.shown());
    }

    /** The project as it is set in each of its set-ups, in their order. */
    public List<Situation> inEach() {
        return IntStream.range(0, project.setUps().size()).mapToObj(this::in).toList();
    }

    /** The project as it is set in that set-up, its camera taking the room that it takes there. */
    public Situation in(int setUp) {
        Project there = project.showing(setUp);
        CameraRoom room = there.cameraRoomShown();
        if (project.setUps().size() == 1 || room.equals(project.cameraRoom())) {
            return whole.moved(there).set();
        }
        Study own = rooms.computeIfAbsent(room, r -> new Lazy<>(() -> of(there, r))).get();
        return new Study(own, there, own.rig, whole.moved(there)).set();
    }

    /** The project as its joints are set. */
    public Situation set() {
        return new Situation(this, asSet.get());
    }

    /** The project in a pose. */
    public Situation in(Pose pose) {
        return new Situation(this, pose);
    }
}
