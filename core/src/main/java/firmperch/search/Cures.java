package firmperch.search;

import firmperch.body.Assembly;
import firmperch.body.Piece;
import firmperch.body.Surface;
import firmperch.body.Vec3;
import firmperch.check.About;
import firmperch.check.Finding;
import firmperch.check.Finding.Cure;
import firmperch.check.Reading;
import firmperch.check.Situation;
import firmperch.check.Study;
import firmperch.check.Verdict;
import firmperch.param.Described;
import firmperch.param.Param;
import firmperch.param.Path;
import firmperch.part.Mounted;
import firmperch.pose.Pose;
import firmperch.pose.Reach;
import firmperch.project.Project;
import firmperch.project.Stance;
import firmperch.stock.Catalogue;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * Looks for changes that better a finding: every value that may be varied, in its own steps and stock sizes, one at a time and
 * then in pairs, and other places and settings of the rig. Each is tried in the finding's worst pose first; what helps there
 * is run again over every pose with every question; its price is the difference of the bills. Cheapest first.
 */
final class Cures {
    /** Steps of a measure that are tried, up and down, the smallest first. */
    private static final int[] STEPS = {1, 2, 3, 5, 8, 12, 18};
    private static final int[] COUNTS = {1, 2, 3, 4, 6};
    /** A change that betters less than this is none. */
    private static final double WORTH = 1.005;
    private static final double HELPS = 1.1;
    private static final int MOST_SINGLES = 8;
    private static final int ENOUGH = 4;
    private static final int MOST_PAIRS = 4;

    private final Assessment before;
    private final Project project;
    private final Bill bill;
    private final List<Change> changes = new ArrayList<>();
    /** Mass beyond the gear's own that is hung on while trying, kg; 0 for the spare. */
    private double more;

    /**
     * One way to change a project, in growing doses.
     *
     * @param doses made when they are tried; nothing where the geometry does not allow one
     * @param moves true if it leaves the rig as it is and moves it
     */
    private record Change(List<Supplier<Optional<Dose>>> doses, boolean moves) {}

    /** A change that could be made. */
    private record Dose(String what, Project changed, Path path, Object value) {}

    /** A dose that helps in the finding's worst pose. */
    private record Tried(Dose dose, double ratio, Verdict verdict, boolean moves) {}

    Cures(Assessment before) {
        this.before = before;
        project = before.project();
        bill = Bill.of(before.study().assembly());
        for (Mounted mounted : project.perch().parts()) {
            vary(mounted.part(), Path.of("perch").then(mounted.name()));
        }
        vary(project.shot(), Path.of("shot"));
        changes.addAll(moves());
    }

    // What can be changed.

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
                    for (int step : STEPS) {
                        double changed = round((double) value + side * step * m.step(), m.step());
                        add(doses, param, path, value, Math.clamp(changed, m.least(), m.most()));
                    }
                    changes.add(new Change(doses, false));
                }
            }
            case Param.Whole w -> {
                for (int side : new int[]{1, -1}) {
                    List<Supplier<Optional<Dose>>> doses = new ArrayList<>();
                    for (int step : COUNTS) {
                        int changed = (int) value + side * step;
                        if (changed >= w.least() && changed <= w.most()) {
                            add(doses, param, path, value, changed);
                        }
                    }
                    changes.add(new Change(doses, false));
                }
            }
            case Param.Choice c -> {
                for (Catalogue.Row row : c.catalogue().rows()) {
                    List<Supplier<Optional<Dose>>> doses = new ArrayList<>();
                    add(doses, param, path, value, row);
                    changes.add(new Change(doses, false));
                }
            }
            case Param.Either _ -> {
                List<Supplier<Optional<Dose>>> doses = new ArrayList<>();
                add(doses, param, path, value, !(boolean) value);
                changes.add(new Change(doses, false));
            }
            default -> {
            }
        }
    }

    /** To a whole number of steps where the value is one already, so that stock sizes stay stock sizes. */
    private static double round(double value, double step) {
        double whole = Math.rint(value / step * 2) / 2 * step;
        return Math.abs(whole - value) < step * 0.26 ? Math.rint(value * 1e6) / 1e6 : value;
    }

    private void add(List<Supplier<Optional<Dose>>> doses, Param param, Path path, Object value, Object changed) {
        if (!changed.equals(value)) {
            doses.add(dose(words(param, value, changed), () -> path.with(project, changed), path, changed));
        }
    }

    private static Supplier<Optional<Dose>> dose(String what, Supplier<Project> changed, Path path, Object value) {
        return () -> {
            try {
                return Optional.of(new Dose(what, changed.get(), path, value));
            } catch (InvalidValue impossible) {
                // The geometry does not allow this dose; the others may still do.
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

    // Other places and settings.

    private List<Change> moves() {
        List<Change> moves = new ArrayList<>();
        Situation set = before.situation();
        Vec3 off = set.offCentre().times(-1);
        moves.add(moved("roll the perch by " + set.length(off.length()), project.stance().x() + off.x(),
                project.stance().y() + off.y(), off.length() > 1e-4));
        for (int side : new int[]{1, -1}) {
            List<Supplier<Optional<Dose>>> doses = new ArrayList<>();
            for (int step : STEPS) {
                doses.addAll(moved("stand " + set.length(0.02 * step) + (side > 0 ? " further from" : " nearer")
                        + " the wall", project.stance().x() + side * 0.02 * step, project.stance().y(), true).doses());
            }
            moves.add(new Change(doses, true));
        }
        double needed = Math.max(Math.max(project.shot().camera().nearestFocus(),
                project.shot().framing().nearestPossible()),
                project.shot().handsRoom() + project.shot().camera().lensLength()) + 0.01;
        moves.add(toHeight(set, set.sensorHeightWanted()));
        moves.add(toHeight(set, set.shotCentre().z() + needed));
        moves.add(pixels());
        return moves;
    }

    private Change moved(String what, double x, double y, boolean worth) {
        return new Change(worth
                ? List.of(dose(what, () -> project.with(project.stance().at(x, y)), null, null))
                : List.of(), true);
    }

    private Change toHeight(Situation set, double height) {
        Assembly assembly = set.study().assembly();
        Pose pose = Reach.to(set.study().rig(), set.posed().pose(), set.sensorHook(), Reach.Goal.height(height));
        Situation there = set.in(pose);
        Stance stance = project.stance().with(pose.joints(assembly));
        Vec3 back = set.inRoom(set.sensor()).minus(set.inRoom(there.sensor()));
        String what = "camera to " + set.length(there.sensor().z()) + " above the floor";
        // It stays over the same spot, rolled by as much as the arm's tip moved; if it cannot stand there, where it is.
        Supplier<Optional<Dose>> rolled = dose(what,
                () -> project.with(stance.at(stance.x() + back.x(), stance.y() + back.y())), null, null);
        Supplier<Optional<Dose>> standing = dose(what, () -> project.with(stance), null, null);
        return new Change(List.of(() -> rolled.get().or(standing)), true);
    }

    /** More pixels both ways, as the picture keeps its shape. */
    private Change pixels() {
        List<Supplier<Optional<Dose>>> doses = new ArrayList<>();
        int now = project.shot().camera().pixels().wide();
        for (int wide : new int[]{1920, 3840, 5760, 7680}) {
            if (wide > now) {
                int high = Math.round((float) wide * project.shot().camera().pixels().high() / now);
                doses.add(dose("film " + wide + " × " + high + " pixels", () -> Path.of("shot.camera.pixels.wide")
                        .with(Path.of("shot.camera.pixels.high").with(project, high), wide), null, null));
            }
        }
        return new Change(doses, false);
    }

    // Trying.

    /** Cures of a finding, the cheapest that cure it first. */
    List<Cure> of(Finding finding, Runnable tried) {
        if (finding.id().equals(FirstToGo.ID)) {
            return ofFirst(finding, tried);
        }
        return sought(finding, finding, tried);
    }

    /** Looks for what betters one finding, and tells it by what it does to another, which may be the same. */
    private List<Cure> sought(Finding finding, Finding told, Runnable tried) {
        List<Tried> singles = changes.parallelStream().flatMap(change -> {
            tried.run();
            return best(finding, change).stream();
        }).toList();
        List<Tried> good = singles.stream().filter(t -> t.verdict() == Verdict.HOLDS).toList();
        List<Cure> cures = new ArrayList<>();
        Map<Tried, Boolean> spoils = new IdentityHashMap<>();
        singles.forEach(t -> spoils.put(t, t.verdict() == Verdict.HOLDS && spoils(t)));
        Map<Tried, Double> guesses = new IdentityHashMap<>();
        singles.forEach(t -> guesses.put(t, guess(t)));
        List<Tried> offered = singles.stream()
                .sorted(Comparator.comparing((Tried t) -> t.verdict().ordinal()).thenComparing(spoils::get)
                        .thenComparingDouble(guesses::get))
                .limit(MOST_SINGLES).toList();
        for (Tried one : offered) {
            tried.run();
            proven(told, one).ifPresent(cures::add);
            if (cures.stream().filter(Cures::clean).count() == ENOUGH) {
                break;
            }
        }
        boolean cured = cures.stream().anyMatch(Cures::clean);
        if (!cured && good.isEmpty()) {
            for (Tried pair : pairs(finding, singles, tried)) {
                tried.run();
                proven(told, pair).ifPresent(cures::add);
            }
        }
        if (cures.stream().anyMatch(Cures::clean)) {
            // What only helps a little is noise beside what cures.
            cures.removeIf(c -> c.verdict() != Verdict.HOLDS && c.margin() < told.margin() * HELPS);
        }
        cures.sort(Comparator.comparingInt((Cure c) -> c.verdict().ordinal()).thenComparing(c -> !c.worsens().isEmpty())
                .thenComparingDouble(Cure::cost));
        return cures;
    }

    private static boolean clean(Cure cure) {
        return cure.verdict() == Verdict.HOLDS && cure.worsens().isEmpty();
    }

    /** What goes first as weight is added is bettered by what betters that; measured by how much more then hangs. */
    private List<Cure> ofFirst(Finding finding, Runnable tried) {
        return FirstToGo.first(before.findings(), before.study(), FirstToGo.asked(before.study()) + 1)
                .flatMap(first -> before.find(first.id())).map(goes -> {
                    Finding loaded = Assessor.answered(goes.question(), before.study()
                            .carrying(FirstToGo.asked(before.study())).in(goes.pose()), goes.search());
                    more = FirstToGo.asked(before.study());
                    try {
                        return sought(loaded, finding, tried);
                    } finally {
                        more = 0;
                    }
                }).orElse(List.of());
    }

    /** The smallest dose of a change that cures, else the one that helps most. */
    private Optional<Tried> best(Finding finding, Change change) {
        Tried best = null;
        double most = finding.reading().ratio() * WORTH;
        int worse = 0;
        for (Supplier<Optional<Dose>> made : change.doses) {
            Optional<Dose> allowed = made.get();
            if (allowed.isEmpty()) {
                continue;
            }
            Dose dose = allowed.get();
            Optional<Reading> reading = reading(finding, dose.changed);
            double ratio = reading.map(Reading::ratio).orElse(0.0);
            if (ratio > most) {
                most = ratio;
                best = new Tried(dose, ratio, reading.get().verdict(finding.about().reserve(),
                        project.policy().near()), change.moves);
                if (best.verdict == Verdict.HOLDS) {
                    break;
                }
            } else if (ratio == finding.reading().ratio() || ++worse == 2 && best == null) {
                // It makes no difference at all, or makes it worse.
                break;
            }
        }
        return Optional.ofNullable(best);
    }

    /** The finding's question asked of a changed project in the finding's worst pose; nothing if it is not asked any more. */
    private Optional<Reading> reading(Finding finding, Project changed) {
        Study study = Study.of(changed);
        return reading(finding, more > project.gear().spare() ? study.carrying(more) : study);
    }

    private Optional<Reading> reading(Finding finding, Study study) {
        return study.same(finding.question()).map(question -> {
            Map<String, Double> joints = new HashMap<>(study.project().stance().joints());
            if (finding.about().scope() == About.Scope.EVERY_POSE) {
                joints.putAll(finding.pose().joints(before.study().assembly()));
            }
            return question.at(study.in(Pose.of(study.assembly(), joints)));
        });
    }

    /** True if something else is seen to give where it was worst before: such a change is looked at after the others. */
    private boolean spoils(Tried tried) {
        Study study = Study.of(tried.dose.changed);
        for (Finding was : before.findings()) {
            if (was.verdict() != Verdict.GIVES && !was.id().equals(FirstToGo.ID)) {
                if (reading(was, study).map(r -> r.verdict(was.about().reserve(), project.policy().near()))
                        .filter(v -> v == Verdict.GIVES).isPresent()) {
                    return true;
                }
            }
        }
        return false;
    }

    private double guess(Tried tried) {
        return tried.moves ? 0 : cost(tried.dose.changed);
    }

    /** The two changes that help most, put together with each other change. */
    private List<Tried> pairs(Finding finding, List<Tried> singles, Runnable tried) {
        List<Tried> most = singles.stream().filter(t -> t.dose.path != null)
                .sorted(Comparator.comparingDouble(t -> -t.ratio)).limit(6).toList();
        List<Tried> pairs = new ArrayList<>();
        for (int i = 0; i < most.size(); i++) {
            for (int j = i + 1; j < most.size(); j++) {
                tried.run();
                Dose a = most.get(i).dose;
                Dose b = most.get(j).dose;
                if (a.path.equals(b.path)) {
                    continue;
                }
                try {
                    Project both = b.path.with(a.changed, b.value);
                    reading(finding, both).filter(r -> r.ratio() > finding.reading().ratio() * WORTH)
                            .ifPresent(r -> pairs.add(new Tried(new Dose(a.what + "; " + b.what, both, null, null),
                                    r.ratio(), r.verdict(finding.about().reserve(), project.policy().near()), false)));
                } catch (InvalidValue impossible) {
                    // The two do not go together.
                }
            }
        }
        return pairs.stream().sorted(Comparator.comparing((Tried t) -> t.verdict.ordinal())
                .thenComparingDouble(this::guess)).limit(MOST_PAIRS).toList();
    }

    /** Run again over every pose, with every question. */
    private Optional<Cure> proven(Finding finding, Tried tried) {
        Assessment after = Assessor.everyPose(Study.of(tried.dose.changed), finding.id());
        return after.find(finding.id()).filter(f -> f.reading().ratio() > finding.reading().ratio() * WORTH).map(f -> {
            List<String> worsens = after.findings().stream()
                    .filter(g -> g.verdict() == Verdict.GIVES && before.find(g.id())
                            .map(was -> was.verdict() != Verdict.GIVES).orElse(true))
                    .map(g -> g.question().words()).toList();
            return new Cure(tried.dose.what, price(after), tried.moves ? 0 : cost(tried.dose.changed), f.margin(),
                    f.verdict(), worsens, tried.moves, tried.dose.changed);
        });
    }

    // The price.

    private double cost(Project changed) {
        Study study = Study.of(changed);
        Bill after = Bill.of(study.assembly());
        double reach = reach(before.study()) - reach(study);
        // Money, a unit of it for a kilogram to carry, and one for each centimetre of reach that is lost.
        return after.price() - bill.price() + Math.abs(after.mass() - bill.mass()) + 100 * Math.max(0, reach);
    }

    private String price(Assessment after) {
        Bill bought = Bill.of(after.study().assembly());
        List<String> words = new ArrayList<>();
        double money = bought.price() - bill.price();
        if (Math.abs(money) >= 0.05) {
            words.add(String.format(Locale.ROOT, "%s%.2f", money > 0 ? "+" : "−", Math.abs(money)));
        }
        double mass = bought.mass() - bill.mass();
        if (Math.abs(mass) >= 0.05) {
            words.add((mass > 0 ? "+" : "−") + Quantity.MASS.show(Math.abs(mass), project.units()));
        }
        double reach = reach(after.study()) - reach(before.study());
        if (Math.abs(reach) >= 0.001) {
            words.add("reach " + (reach > 0 ? "+" : "−") + Quantity.LENGTH.show(Math.abs(reach), project.units()));
        }
        double foot = foot(after.study()) - foot(before.study());
        if (Math.abs(foot) >= 0.001) {
            words.add("footprint " + (foot > 0 ? "+" : "−") + Quantity.LENGTH.show(Math.abs(foot), project.units()));
        }
        return String.join(", ", words);
    }

    /** How far out the camera is as the rig is set, m. */
    private static double reach(Study study) {
        return study.set().posed().mount().radius();
    }

    /** How wide it stands along the room, m. */
    private static double foot(Study study) {
        double most = 0;
        double least = 0;
        Situation s = study.set();
        for (Piece piece : study.assembly().pieces()) {
            if (study.fixedTo(Surface.FLOOR).contains(piece.body())) {
                most = Math.max(most, s.posed().reach(piece, new Vec3(1, 0, 0)));
                least = Math.max(least, s.posed().reach(piece, new Vec3(-1, 0, 0)));
            }
        }
        return most + least;
    }
}
