package firmperch.choose;

import firmperch.body.Assembly;
import firmperch.body.Body;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Vec3;
import firmperch.check.Finding;
import firmperch.check.RaisedQuestions;
import firmperch.check.Topic;
import firmperch.check.Verdict;
import firmperch.cost.Bill;
import firmperch.param.Param;
import firmperch.param.Path;
import firmperch.part.Mounted;
import firmperch.part.Perch;
import firmperch.pose.Pose;
import firmperch.pose.Posed;
import firmperch.project.Project;
import firmperch.search.Assessment;
import firmperch.search.Assessor;
import firmperch.search.BallastSizing;
import firmperch.search.Progress;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Another way of making the same rig stand and stay, as makers differ: a counterweight where another pours concrete, another base, springs where another
 * tightens; each worked out whole: what is hung on is weighted, the ballast sized to it anew, and every pose asked.
 *
 * @param built with it
 * @param parts that it has more, or in place of others, in a maker's words
 * @param assessed over every pose
 * @param price by how much it is dearer, in the maker's money
 * @param mass by how much it is heavier, kg
 * @param ballast what of it is there to weigh, kg
 * @param sweeps how far what comes with it reaches from the axis that it swings about, m; 0 where it does not swing
 * @param held what is left over of what friction holds, before and now, where it is about that; else empty
 */
public record School(Project built, String parts, Assessment assessed, double price, double mass, double ballast,
        double sweeps, String held) {
    /** Weights that are tried, as shares of the most that the part takes. */
    private static final double[] SHARES = {0.1, 0.2, 0.4, 0.7, 1};
    /** Each rate of springs that is tried is so many times the one before. */
    private static final double STIFFER = 1.4;
    /** What is not so many times as much is not told as better. */
    private static final double BETTER = 1.05;
    /** Directions in which it is looked how far something reaches. */
    private static final int AROUND = 32;

    /**
     * All that can be built and stands as firmly as is asked, the lightest first, what eases joints last; of a rig that hangs only that.
     *
     * @throws java.util.concurrent.CancellationException if progress stops it
     */
    public static List<School> of(Project project, Progress progress) {
        List<School> all = new ArrayList<>();
        if (project.perch().none()) {
            return all;
        }
        List<School> eased = new ArrayList<>();
        boolean stands = Study.of(project).set().stands();
        List<Mounted> parts = project.perch().parts();
        for (Mounted m : parts) {
            progress.at((double) parts.indexOf(m) / parts.size(), "other ways of making it stand");
            for (Compose.Change change : Compose.hangings(project, m.name())) {
                Optional<Mounted> added = change.perch().map(perch -> added(project.perch(), perch).getFirst());
                if (added.filter(a -> !a.part().eases().isEmpty()).isPresent()) {
                    eased(project, change.perch().get(), added.get(), progress).ifPresent(eased::add);
                } else if (stands) {
                    change.perch().flatMap(perch -> weighted(project, perch, progress)).ifPresent(all::add);
                }
            }
            boolean base = stands
                    && (!m.part().ballast().isEmpty() || m.on().stream().anyMatch(p -> p.startsWith("place.")));
            for (Compose.Change change : base ? Compose.swaps(project, m.name()) : List.<Compose.Change>of()) {
                change.perch().map(perch -> Compose.applied(project, perch))
                        .flatMap(other -> standing(project, other, progress)).ifPresent(all::add);
            }
        }
        all.sort(Comparator.comparingDouble(School::mass));
        all.addAll(eased);
        return List.copyOf(all);
    }

    /** With what eases joints set so that friction has least to hold in the set-ups and at the ends of all travels, if that is less than without. */
    private static Optional<School> eased(Project project, Perch perch, Mounted eases, Progress progress) {
        Project composed = Compose.applied(project, perch);
        Path path = Path.of("perch." + eases.name() + "." + eases.part().eases().getFirst());
        if (!(path.param(composed).kind() instanceof Param.Measure m)) {
            return Optional.empty();
        }
        double before = slips(project);
        double least = before;
        Optional<Project> best = Optional.empty();
        for (double rate = m.least(); rate <= m.most(); rate *= STIFFER) {
            progress.at(0, "how stiff springs should be");
            Optional<Project> other = changed(composed, path, Math.round(rate / m.step()) * m.step());
            double now = other.map(School::slips).orElse(Double.POSITIVE_INFINITY);
            if (now < least) {
                least = now;
                best = other;
            }
        }
        return best.flatMap(other -> standing(project, other, progress)).map(s -> s.holding(held(project, s, eases)))
                .filter(s -> !s.held.isEmpty());
    }

    /** The largest shares used of all that friction holds, added up: in any set-up, or with every joint at the middle or at an end of its travel. */
    private static double slips(Project project) {
        Study study = Study.of(project);
        List<Situation> there = new ArrayList<>(study.inEach());
        for (double share : new double[]{0, 0.5, 1}) {
            there.add(study.in(Pose.of(study.assembly().freedoms().stream()
                    .mapToDouble(f -> f.nearest(f.from() + share * (f.to() - f.from()))).toArray())));
        }
        return RaisedQuestions.of(study).stream().filter(q -> q.about().topic() == Topic.SLIPS)
                .mapToDouble(q -> there.stream().mapToDouble(s -> q.at(s).used()).max().orElse(0)).sum();
    }

    /** What is left over of the weakest that friction holds and that is better now, before and now; empty if none is. */
    private static String held(Project project, School now, Mounted eases) {
        String of = now.assessed.study().assembly().ties().stream()
                .filter(tie -> tie.station().part().equals(eases.name()))
                .map(tie -> now.assessed.study().named(tie.to().body().motion().freedom())).findFirst()
                .map(label -> " (" + label + ") ").orElse(" ");
        return Assessor.sampled(project, Progress.NONE).findings().stream()
                .filter(f -> f.about().topic() == Topic.SLIPS)
                .flatMap(f -> now.assessed.find(f.id()).filter(g -> g.left() > BETTER * f.left())
                        .map(g -> f.question().weakness() + of + Finding.change(f.left(), g.left())).stream())
                .findFirst().orElse("");
    }

    private School holding(String words) {
        return new School(built, parts, assessed, price, mass, ballast, sweeps, words);
    }

    /** The lightest as a whole of those with what was hung on weighted more or less; what does not weigh by itself has to carry what does. */
    private static Optional<School> weighted(Project project, Perch hung, Progress progress) {
        Mounted added = added(project.perch(), hung).getFirst();
        if (added.part().weights().isEmpty()) {
            return Compose.hangings(project.with(hung), added.name()).stream().flatMap(c -> c.perch().stream())
                    .filter(perch -> !added(hung, perch).getFirst().part().weights().isEmpty())
                    .flatMap(perch -> weighted(project, perch, added(hung, perch).getFirst(), progress).stream())
                    .min(Comparator.comparingDouble(School::mass));
        }
        return weighted(project, hung, added, progress);
    }

    private static Optional<School> weighted(Project project, Perch perch, Mounted weight, Progress progress) {
        Project composed = Compose.applied(project, perch);
        Path path = Path.of("perch." + weight.name() + "." + weight.part().weights().getFirst());
        if (!(path.param(composed).kind() instanceof Param.Measure m)) {
            return Optional.empty();
        }
        Optional<School> best = Optional.empty();
        for (double share : SHARES) {
            double value = Math.max(m.least(), Math.round(share * m.most() / m.step()) * m.step());
            Optional<School> now = changed(composed, path, value)
                    .flatMap(other -> standing(project, other, progress));
            if (now.isPresent() && (best.isEmpty() || now.get().mass < best.get().mass)) {
                best = now;
            }
        }
        return best;
    }

    private static Optional<Project> changed(Project project, Path path, double value) {
        try {
            return Optional.of(path.with(project, value));
        } catch (InvalidValue doesNotFit) {
            return Optional.empty();
        }
    }

    /** With its ballast sized anew, if it then stands in every pose as firmly as is asked. */
    private static Optional<School> standing(Project before, Project other, Progress progress) {
        Optional<Project> sized = BallastSizing.applies(other)
                ? BallastSizing.of(other, progress).needed()
                : Optional.of(other);
        return sized.map(p -> Assessor.everyPose(p, progress)).filter(School::stands)
                .map(a -> of(before, a));
    }

    private static boolean stands(Assessment a) {
        return a.findings().stream().filter(School::standing).noneMatch(f -> f.verdict() == Verdict.GIVES);
    }

    private static boolean standing(Finding finding) {
        return finding.about().topic() == Topic.FALLS || finding.about().topic() == Topic.FIRMNESS;
    }

    private static School of(Project before, Assessment a) {
        Assembly assembly = a.study().assembly();
        Bill was = Bill.of(Study.of(before).assembly(), before.units());
        Bill is = Bill.of(assembly, before.units());
        List<Mounted> added = added(before.perch(), a.project().perch());
        Set<String> names = added.stream().map(Mounted::name).collect(Collectors.toSet());
        String parts = assembly.stations().stream().filter(s -> names.contains(s.id())).map(s -> s.label())
                .collect(Collectors.joining(", "));
        return new School(a.project(), parts, a, before.purse().here(is.price() - was.price()), is.mass() - was.mass(),
                ballast(assembly), sweeps(a, names), "");
    }

    private static List<Mounted> added(Perch before, Perch after) {
        return after.parts().stream().filter(m -> before.parts().stream().noneMatch(o -> o.name().equals(m.name())
                && o.part().getClass() == m.part().getClass())).toList();
    }

    /** What of a rig is there to weigh, kg. */
    static double ballast(Assembly assembly) {
        return assembly.pieces().stream().filter(Piece::ballast).mapToDouble(p -> p.own().mass()).sum();
    }

    private static double sweeps(Assessment a, Set<String> names) {
        Posed posed = a.situation().posed();
        double most = 0;
        for (Piece piece : a.study().assembly().pieces()) {
            Body swing = piece.body();
            while (swing != null && !(swing.motion() instanceof Motion.Turn t
                    && swing.home().direction(t.axis()).radius() < 1e-9)) {
                swing = swing.parent();
            }
            for (int i = 0; swing != null && i < AROUND && names.contains(piece.station().part()); i++) {
                double angle = 2 * Math.PI * i / AROUND;
                Vec3 way = new Vec3(Math.cos(angle), Math.sin(angle), 0);
                most = Math.max(most, posed.reach(piece, way) - posed.place(swing).origin().dot(way));
            }
        }
        return most;
    }

    /** In a line, beside what is there: "Tail 500, Bag of 5.00 kg: 47.2 → 21.0 kg to weigh it down; −20.5 kg, +€19, sweeps 720 mm behind". */
    public String words(Project before) {
        List<String> more = new ArrayList<>();
        more.add((mass < 0 ? "−" : "+") + Quantity.MASS.show(Math.abs(mass), before.units()));
        String money = before.purse().more(price);
        more.add(money.isEmpty() ? "costs the same" : money);
        if (sweeps > 0 && held.isEmpty()) {
            more.add("sweeps " + Quantity.LENGTH.show(sweeps, before.units()) + " behind");
        }
        String weighs = Quantity.MASS.show(ballast(Study.of(before).assembly()), before.units()) + " → "
                + Quantity.MASS.show(ballast, before.units()) + " that only weigh";
        return parts + ": " + (held.isEmpty() ? weighs : held) + "; " + String.join(", ", more)
                + (assessed.verdict() == Verdict.GIVES ? "; but then " + assessed.weakest().says() : "");
    }
}
