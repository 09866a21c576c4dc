package firmperch.search;

import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Param;
import firmperch.param.Path;
import firmperch.part.Mounted;
import firmperch.project.Project;
import firmperch.shot.Lens;
import firmperch.shot.Recording;
import firmperch.stock.Catalogue;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import firmperch.units.Lazy;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * Everything that could be changed about a project: each value marked as variable, in its own steps and stock sizes,
 * and other places and joint settings for the rig.
 */
final class Changes {
    private static final int MOST_STEPS = 40;
    private static final int MOST_COUNT = 6;
    /** What is set in steps so fine is a clearance, m. */
    private static final double FINE = 5e-4;
    /** The camera stays where it is if it moves by less than this for each metre of a length. */
    private static final double STAYS = 1e-6;

    private final Project project;
    private final List<Change> all = new ArrayList<>();

    /**
     * One way to change a project, in growing doses.
     *
     * @param path of the value that it sets; null if it sets none, or several
     * @param doses made when they are tried; nothing where the geometry does not allow one
     * @param moves true if it leaves the rig as it is and moves it
     * @param givesUp true if it changes what the maker wished for
     */
    record Change(Path path, List<Supplier<Optional<Dose>>> doses, boolean moves, boolean givesUp) {
        /** One of a value of the rig or of its gear. */
        private static Change setting(Path path, List<Supplier<Optional<Dose>>> doses) {
            return new Change(path, doses, false, false);
        }

        /** One that leaves the rig as it is. */
        private static Change moving(List<Supplier<Optional<Dose>>> doses) {
            return new Change(null, doses, true, false);
        }

        Change givingUp() {
            return new Change(path, doses, moves, true);
        }
    }

    /**
     * One dose of a change, with the project that results from it.
     *
     * @param path of the value that it sets; null for a move
     */
    record Dose(String what, Project changed, Path path, Object value) {
        /** This dose applied on top of another; nothing if the two do not go together. */
        Optional<Dose> after(Dose other) {
            try {
                return Optional.of(new Dose(other.what + "; " + what, path.with(other.changed, value), null, null));
            } catch (InvalidValue impossible) {
                return Optional.empty();
            }
        }
    }

    private Changes(Project project) {
        this.project = project;
    }

    /** All ways to change a project, as it is set. */
    static List<Change> of(Situation set) {
        Changes changes = new Changes(set.project());
        for (Mounted mounted : set.project().perch().parts()) {
            changes.vary(mounted.part(), Path.of("perch").then(mounted.name()));
            changes.leaveTheCamera(mounted.part(), Path.of("perch").then(mounted.name()), set);
        }
        int kept = changes.all.size();
        changes.vary(set.shot(), Path.of("shot"));
        changes.otherLenses();
        // What is filmed and through what is the maker's own choice.
        changes.all.subList(kept, changes.all.size()).replaceAll(Change::givingUp);
        changes.vary(set.project().gear().mounting(), Path.of("gear.mounting"));
        for (int i = 0; i < set.project().gear().cables().size(); i++) {
            changes.vary(set.project().gear().cables().get(i), Path.of("gear.cables").then(Integer.toString(i)));
        }
        changes.notTouched();
        changes.all.addAll(changes.moves(set));
        return List.copyOf(changes.all);
    }

    /** Record pressed from afar. */
    private void notTouched() {
        if (project.setUp().recording().touches()) {
            all.add(Change.moving(List.of(dose(() -> "press record with a remote, or set a timer",
                    () -> Path.of("setUp.recording").with(project, Recording.REMOTE), null, null))));
        }
    }

    /** Another lens that is there: of this set-up alone, and for nothing. */
    private void otherLenses() {
        List<Lens> lenses = project.gear().lenses(project.setUp().camera());
        for (int i = 0; i < lenses.size(); i++) {
            int lens = i;
            if (i != project.setUp().lens()) {
                all.add(Change.moving(List.of(dose(() -> "film it through “" + lenses.get(lens).name() + "”",
                        () -> Path.of("setUp.lens").with(project, lens), null, null))));
            }
        }
    }

    private void vary(Described record, Path path) {
        for (Param param : record.params().all()) {
            Object value = record.params().value((Record) record, param.name());
            Path at = path.then(param.name());
            if (param.kind() instanceof Param.Group) {
                vary((Described) value, at);
            } else if (param.varied()) {
                vary(param, at, value);
            }
        }
    }

    private void vary(Param param, Path path, Object value) {
        switch (param.kind()) {
            case Param.Measure m -> {
                for (int side : new int[]{1, -1}) {
                    List<Supplier<Optional<Dose>>> doses = new ArrayList<>();
                    boolean ends = false;
                    for (int step = 1; step <= MOST_STEPS && !ends; step++) {
                        double changed = round((double) value + side * step * m.step(), m.step());
                        double least = least(m);
                        ends = changed <= least || changed >= m.most();
                        if (Math.min((double) value, changed) >= least || changed > (double) value) {
                            add(doses, param, path, value, Math.clamp(changed, least, m.most()));
                        }
                    }
                    all.add(Change.setting(path, doses));
                }
            }
            case Param.Whole w -> {
                for (int side : new int[]{1, -1}) {
                    List<Supplier<Optional<Dose>>> doses = new ArrayList<>();
                    for (int step = 1; step <= MOST_COUNT; step++) {
                        int changed = (int) value + side * step;
                        if (changed >= w.least() && changed <= w.most()) {
                            add(doses, param, path, value, changed);
                        }
                    }
                    all.add(Change.setting(path, doses));
                }
            }
            case Param.Choice c -> {
                for (Catalogue.Row row : c.catalogue().rows()) {
                    List<Supplier<Optional<Dose>>> doses = new ArrayList<>();
                    add(doses, param, path, value, row);
                    all.add(Change.setting(path, doses));
                }
            }
            case Param.Either _ -> {
                List<Supplier<Optional<Dose>>> doses = new ArrayList<>();
                add(doses, param, path, value, !(boolean) value);
                all.add(Change.setting(path, doses));
            }
            default -> {
            }
        }
    }

    /** As little as can be made: a clearance of nothing cannot, it is a step at least. */
    private static double least(Param.Measure m) {
        return m.quantity() == Quantity.LENGTH && m.least() == 0 && m.step() <= FINE ? m.step() : m.least();
    }

    /** A length of a part, and how far the camera moves for each metre of it. */
    private record Length(Param param, Path path, double value, double step, Vec3 moves) {}

    /**
     * Two lengths of a part changed together by as much, so that the camera stays where it is: a pivot nearer to it, and the bar longer
     * behind.
     */
    private void leaveTheCamera(Described part, Path path, Situation set) {
        List<Length> lengths = new ArrayList<>();
        for (Param param : part.params().all()) {
            if (param.varied() && param.kind() instanceof Param.Measure m && m.quantity() == Quantity.LENGTH) {
                Path at = path.then(param.name());
                double value = (double) part.params().value((Record) part, param.name());
                moves(at, value, m.step(), set).filter(moves -> moves.length() > STAYS)
                        .ifPresent(moves -> lengths.add(new Length(param, at, value, m.step(), moves)));
            }
        }
        for (int i = 0; i < lengths.size(); i++) {
            for (int j = 0; j < i; j++) {
                Length one = lengths.get(i);
                Length other = lengths.get(j);
                if (one.moves.plus(other.moves).length() < STAYS) {
                    together(one, other);
                }
            }
        }
    }

    /** How far the camera moves for each metre of a length; nothing where it cannot be changed a little. */
    private Optional<Vec3> moves(Path at, double value, double step, Situation set) {
        for (double change : new double[]{step, -step}) {
            try {
                Vec3 there = Study.of(at.with(project, value + change)).set().posed().mount();
                return Optional.of(there.minus(set.posed().mount()).times(1 / change));
            } catch (InvalidValue impossible) {
                // Then the other way, if there is room.
            }
        }
        return Optional.empty();
    }

    private void together(Length one, Length other) {
        double step = Math.max(one.step, other.step);
        for (int side : new int[]{1, -1}) {
            List<Supplier<Optional<Dose>>> doses = new ArrayList<>();
            for (int number = 1; number <= MOST_STEPS; number++) {
                double by = side * number * step;
                doses.add(dose(() -> words(one.param, one.value, one.value + by) + " and "
                        + words(other.param, other.value, other.value + by),
                        () -> one.path.with(other.path.with(project, other.value + by), one.value + by), null, null));
            }
            all.add(Change.setting(null, doses));
        }
    }

    /** Rounds to a whole number of steps if the value is one already, so that stock sizes stay stock sizes. */
    private static double round(double value, double step) {
        double whole = Math.rint(value / step * 2) / 2 * step;
        return Math.abs(whole - value) < step * 0.26 ? Math.rint(value * 1e6) / 1e6 : value;
    }

    private void add(List<Supplier<Optional<Dose>>> doses, Param param, Path path, Object value, Object changed) {
        if (!changed.equals(value)) {
            doses.add(dose(() -> words(param, value, changed), () -> path.with(project, changed), path, changed));
        }
    }

    private static Supplier<Optional<Dose>> dose(Supplier<String> what, Supplier<Project> changed, Path path,
            Object value) {
        return () -> {
            try {
                return Optional.of(new Dose(what.get(), changed.get(), path, value));
            } catch (InvalidValue impossible) {
                // The geometry does not allow this dose; larger or smaller ones may still work.
                return Optional.empty();
            }
        };
    }

    private String words(Param param, Object value, Object changed) {
        String label = Character.toLowerCase(param.label().charAt(0)) + param.label().substring(1);
        return switch (param.kind()) {
            case Param.Measure m -> label + " " + m.quantity().show((double) value, project.units()) + " → "
                    + m.quantity().show((double) changed, project.units());
            case Param.Choice _ -> label + " " + ((Catalogue.Row) changed).label() + " instead of "
                    + ((Catalogue.Row) value).label();
            case Param.Either e -> label + " " + ((boolean) changed ? e.yes() : e.no());
            default -> label + " " + value + " → " + changed;
        };
    }

    // Changes that move the rig: other places to stand and other joint settings.

    private List<Change> moves(Situation set) {
        List<Change> moves = new ArrayList<>();
        moves.add(aimed());
        Vec3 off = set.offCentre().times(-1);
        moves.add(moved("move it " + set.length(off.length()), project.stance().x() + off.x(),
                project.stance().y() + off.y(), off.length() > 1e-4));
        for (int side : new int[]{1, -1}) {
            List<Supplier<Optional<Dose>>> doses = new ArrayList<>();
            for (int step = 1; step <= MOST_STEPS; step++) {
                doses.addAll(moved("stand " + set.length(0.02 * step) + (side > 0 ? " further from" : " nearer")
                        + " the wall", project.stance().x() + side * 0.02 * step, project.stance().y(), true).doses());
            }
            moves.add(Change.moving(doses));
        }
        double needed = Math.max(Math.max(project.shot().lens().nearestFocus(),
                project.shot().framing().nearestPossible()),
                project.shot().handsRoom() + project.shot().lens().length()) + 0.01;
        moves.add(toHeight(set, set.sensorWanted().z()));
        moves.add(toHeight(set, set.shotCentre().z() + needed));
        moves.add(pixels());
        return moves;
    }

    /** Set for its view by its joints, or moved for it, as <i>Set the rig for this</i> does. */
    private Change aimed() {
        Lazy<Optional<Dose>> aimed = new Lazy<>(() -> {
            Project set = Aim.of(project);
            return set.equals(project)
                    ? Optional.empty()
                    : Optional.of(new Dose("set the rig for “" + project.setUp().name() + "”", set, null, null));
        });
        return Change.moving(List.of(aimed::get));
    }

    private Change moved(String what, double x, double y, boolean worth) {
        return Change.moving(worth
                ? List.of(dose(() -> what, () -> project.with(project.stance().at(x, y)), null, null))
                : List.of());
    }

    private Change toHeight(Situation set, double height) {
        AtHeight at = AtHeight.of(set, height);
        String what = "camera to " + set.length(at.there().sensor().z()) + " above the floor";
        // Over the same spot, if it can stand there.
        Supplier<Optional<Dose>> rolled = dose(() -> what, at::rolled, null, null);
        Supplier<Optional<Dose>> standing = dose(() -> what, at::standing, null, null);
        return Change.moving(List.of(() -> rolled.get().or(standing)));
    }

    /** More pixels in both directions, because the picture keeps its shape. */
    private Change pixels() {
        List<Supplier<Optional<Dose>>> doses = new ArrayList<>();
        int now = project.shot().camera().pixels().wide();
        for (int wide : new int[]{1920, 3840, 5760, 7680}) {
            if (wide > now) {
                int high = Math.round((float) wide * project.shot().camera().pixels().high() / now);
                doses.add(dose(() -> "film " + wide + " × " + high + " pixels", () -> Path.of("shot.camera.pixels.wide")
                        .with(Path.of("shot.camera.pixels.high").with(project, high), wide), null, null));
            }
        }
        return Change.setting(null, doses);
    }
}
