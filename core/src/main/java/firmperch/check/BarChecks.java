package firmperch.check;

import firmperch.body.Fastening;
import firmperch.body.Hold;
import firmperch.body.Hole;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Solid;
import firmperch.body.Vec3;
import firmperch.check.About.Scope;
import firmperch.frame.FrameModel.Member;
import firmperch.pose.Carried;
import firmperch.pose.Framed;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.strength.HandledForces;
import firmperch.strength.PinnedEnd;
import firmperch.strength.SectionStrength;
import firmperch.strength.SumOfSizes;
import firmperch.strength.SumOfSizes.Term;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.study.UnitLoads;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/** Strength of bars: breaking, splitting at bolts, folding flat. Their feet: {@link UprightChecks}. */
final class BarChecks {
    private BarChecks() {
    }

    /** What a bar takes in a section without a hole, and at each of its holes in their order. */
    record Sections(Piece bar, SectionStrength whole, List<SectionStrength> holed) {
        static Sections of(Piece bar) {
            Section section = ((Solid.Bar) bar.solid()).section();
            return new Sections(bar, SectionStrength.of(section, 0, bar.material()), bar.holes().stream()
                    .map(hole -> SectionStrength.of(section, hole.diameter(), bar.material())).toList());
        }
    }

    /** Bars of one name at one station, asked together. */
    record Alike(List<Sections> bars) {
        /** What that bar takes; null where it is none of them. */
        Sections of(Piece bar) {
            for (Sections one : bars) {
                if (one.bar == bar) {
                    return one;
                }
            }
            return null;
        }
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(ends(), fold(), bending(), bolted());
    }

    private static List<Subject<Alike>> bars(Study study, boolean woodenAndBolted) {
        Map<String, List<Piece>> groups = new LinkedHashMap<>();
        for (Piece piece : study.bars()) {
            boolean wanted = !woodenAndBolted
                    || !piece.holes().isEmpty() && piece.material().family() != Material.Family.METAL;
            if (wanted) {
                groups.computeIfAbsent(piece.station().id() + "." + piece.name().toLowerCase(Locale.ROOT),
                        k -> new ArrayList<>()).add(piece);
            }
        }
        List<Subject<Alike>> subjects = new ArrayList<>();
        groups.forEach((id, pieces) -> {
            Piece first = pieces.getFirst();
            boolean elsewhere = groups.values().stream().anyMatch(other -> other != pieces
                    && other.getFirst().name().equals(first.name()));
            String name = (pieces.size() > 1 ? "a " : "the ") + first.name().toLowerCase(Locale.ROOT)
                    + (elsewhere ? " (" + first.station().label().toLowerCase(Locale.ROOT) + ")" : "");
            subjects.add(new Subject<>(id, name, pieces.getFirst().station(),
                    new Alike(pieces.stream().map(Sections::of).toList())));
        });
        return subjects;
    }

    // Ends at bolts.

    private static FunctionCheck<Alike> ends() {
        return new FunctionCheck<>(new About("ends", Topic.BREAKS, "Could an end of %s split?", Quantity.FORCE,
                Scope.EVERY_POSE, true, "an end of %s splits",
                "N ≤ min(2·e·t·f_v, d·t·f_b·C, (w − d)·t·f_t), e from the hole's edge, C = e/7d",
                "space frame, handled; bolted timber, strengths of EN 338 and EN 1995-1-1 8.5; NDS geometry factor, from memory")
                .where("N pull of the bolt, e hole to the end, t thickness, d bolt, w width, f_v shear, f_b bearing and "
                        + "f_t pull strength"),
                study -> bars(study, true), (alike, s) -> Reading.loaded(s, 1, frame -> ends(alike, s)),
                Check.Certainty.SAMPLED);
    }

    private static final SumOfSizes SIZE = SumOfSizes.of(new Term(1, 0, 2));

    /** An end at a bolt, what it takes, and no more than what share of its bearing is used. */
    private record End(HandledForces forces, PinnedEnd takes, double atMost) {}

    private static Reading ends(Alike alike, Situation s) {
        List<End> ends = new ArrayList<>();
        double nearest = Double.POSITIVE_INFINITY;
        Framed framed = s.framed();
        for (Framed.End end : framed.ends()) {
            Piece bar = framed.bars().get(end.member());
            if (alike.of(bar) == null) {
                continue;
            }
            Solid.Bar solid = (Solid.Bar) bar.solid();
            double hole = hole(bar, end.hole());
            double bolt = bolt(end.joint(), hole);
            double distance = Math.min(end.hole(), solid.length() - end.hole());
            nearest = Math.min(nearest, distance / bolt);
            PinnedEnd takes = PinnedEnd.of(bar.material(), solid.section().depth(), solid.section().breadth(), distance,
                    bolt, hole);
            HandledForces forces = s.unitLoads().atEnd(end.member(), end.far());
            ends.add(new End(forces, takes, share(forces.noMoreThan(SIZE), takes.bearing())));
        }
        double diameters = nearest;
        return worst(ends).explained(used -> "shear-out " + s.show(Quantity.FORCE, used.takes.shearOut()) + ", bearing "
                + s.show(Quantity.FORCE, used.takes.bearing()) + ", net section "
                + s.show(Quantity.FORCE, used.takes.netSection())
                + (diameters < PinnedEnd.FULL
                        ? String.format(Locale.ROOT,
                                "; the holes lie %.1f d from the end, full value needs 7 d", diameters)
                        : ""));
    }

    private static double share(double asked, double strength) {
        return strength > 0 ? asked / strength : Reading.PLENTY;
    }

    /** The end that uses most, and what of. */
    private record Used(PinnedEnd takes, double asked, double strength) {
        double share() {
            return BarChecks.share(asked, strength);
        }

        Used or(double otherAsked, double otherStrength, PinnedEnd other) {
            return BarChecks.share(otherAsked, otherStrength) > share()
                    ? new Used(other, otherAsked, otherStrength)
                    : this;
        }

        Reading explained(Function<Used, String> words) {
            return new Reading(asked, strength, () -> words.apply(this));
        }
    }

    /** What pulls along is known at once; of what bears the likeliest are worked out first, until none that is left can be worse. */
    private static Used worst(List<End> ends) {
        Used worst = ends.isEmpty() ? new Used(new PinnedEnd(0, 0, 0), 0, 1) : new Used(ends.getFirst().takes, 0, 1);
        for (End end : ends) {
            double along = end.forces.most(0);
            worst = worst.or(along, end.takes.shearOut(), end.takes).or(along, end.takes.netSection(), end.takes);
        }
        for (End end = likeliest(ends, End::atMost, worst.share()); end != null; end = likeliest(ends, End::atMost,
                worst.share())) {
            worst = worst.or(end.forces.most(SIZE), end.takes.bearing(), end.takes);
        }
        return worst;
    }

    /** Takes out that of which most may be used, if it is more than is known already: null once none is. Few are taken of many, so they are not put in order. */
    private static <T> T likeliest(List<T> left, ToDoubleFunction<T> atMost, double known) {
        int likeliest = -1;
        double most = known;
        for (int i = 0; i < left.size(); i++) {
            if (atMost.applyAsDouble(left.get(i)) > most) {
                most = atMost.applyAsDouble(left.get(i));
                likeliest = i;
            }
        }
        return likeliest < 0 ? null : left.remove(likeliest);
    }

    private static double hole(Piece bar, double along) {
        double best = 0;
        double nearest = 1e-3;
        for (Hole hole : bar.holes()) {
            if (Math.abs(hole.at().x() - along) < nearest) {
                nearest = Math.abs(hole.at().x() - along);
                best = hole.diameter();
            }
        }
        return best;
    }

    private static double bolt(Joint joint, double hole) {
        return joint.hold() instanceof Hold.Friction friction
                ? friction.bolt().diameter()
                : joint.stiffness().slack() instanceof JointStiffness.Slack.Hole play ? hole - play.clearance() : hole;
    }

    // Folding flat.

    /** A coupler of a four-bar linkage with the two joints that carry it. */
    record Coupled(Motion.Linked motion, int freedom, Joint low, Joint high, List<Piece> bars) {}

    private static List<Subject<Coupled>> coupled(Study study) {
        List<Subject<Coupled>> subjects = new ArrayList<>();
        study.assembly().bodies().forEach(body -> {
            if (body.motion() instanceof Motion.Linked linked && linked.bar() == Motion.Bar.COUPLER) {
                List<Joint> on = study.assembly().joints().stream()
                        .filter(j -> j.outer().body().equals(body) && !j.inner().through().isEmpty()).toList();
                if (on.size() == 2) {
                    subjects.add(new Subject<>(linked.freedom().id(), "arm", on.getFirst().station(),
                            new Coupled(linked, study.assembly().freedoms().indexOf(linked.freedom()), on.get(0),
                                    on.get(1),
                                    on.getFirst().inner().through())));
                }
            }
        });
        return subjects;
    }

    /**
     * The stops must keep the links well away from the angle at which their lines meet: there the forces grow without
     * limit and the ends break out.
     */
    private static FunctionCheck<Coupled> fold() {
        return new FunctionCheck<>(new About("fold", Topic.BREAKS, "Do the stops keep the %s from folding flat?",
                Quantity.ANGLE,
                Scope.NO_POSE, false, "the %s folds until its links break", "θ(N = strength) − largest stop",
                "four-bar statics: N = W·b/(a·cos θ) + W·|sin θ|, with handling and a hand; 15° kept: our own judgement")
                .where("θ angle of the links, N their pull"),
                BarChecks::coupled, BarChecks::fold, Check.Certainty.PROVEN);
    }

    /** Leave the angle at which the ends break out exact to 0.1 µrad. */
    private static final int HALVINGS = 24;

    private static Reading fold(Coupled c, Situation s) {
        double stop = Math.max(Math.abs(c.motion.freedom().from()), Math.abs(c.motion.freedom().to()));
        Carried held = s.posed().beyond(c.low);
        Vec3 middle = s.posed().at(c.low).plus(s.posed().at(c.high)).times(0.5);
        double lever = held.centre().minus(middle).radius();
        double spacing = s.posed().at(c.high).minus(s.posed().at(c.low)).length();
        double weight = held.weight() * s.policy().loads().handling() + s.policy().loads().hand();
        Piece bar = c.bars.getFirst();
        Solid.Bar solid = (Solid.Bar) bar.solid();
        double at = bar.at().inside(c.low.inner().at()).x();
        double hole = hole(bar, at);
        double strength = bar.material().family() == Material.Family.METAL
                ? Double.POSITIVE_INFINITY
                : PinnedEnd.of(bar.material(), solid.section().depth(), solid.section().breadth(),
                        Math.min(at, solid.length() - at), bolt(c.low, hole), hole).strength();
        double low = 0;
        double high = Math.PI / 2;
        for (int i = 0; i < HALVINGS; i++) {
            double angle = (low + high) / 2;
            double pull = (weight * lever / (spacing * Math.cos(angle)) + weight * Math.sin(angle)) / c.bars.size();
            if (pull < strength) {
                low = angle;
            } else {
                high = angle;
            }
        }
        double breaks = low;
        return new Reading(s.policy().movement().fold(), Math.max(0, breaks - stop),
                () -> "ends break out at " + s.show(Quantity.ANGLE, breaks) + ", stops at "
                        + s.show(Quantity.ANGLE, stop));
    }

    // Bending, pull, twist.

    private static FunctionCheck<Alike> bending() {
        return new FunctionCheck<>(new About("bars", Topic.BREAKS, "Could %s break?", Quantity.NUMBER, Scope.EVERY_POSE,
                true,
                "%s breaks", "N/(A·f_t) + M_y/(S_y·f_m) + M_z/(S_z·f_m) ≤ 1; metals σ² + 3τ² ≤ f_y²",
                "space frame, handled; linear interaction (EN 1995-1-1 6.2.3), von Mises for metals; buckling by Euler")
                .where("N pull or push along, M bending, A area, S section modulus, f_t and f_m strength in pull and "
                        + "bending, σ stress along, τ shear, f_y yield"),
                study -> bars(study, false), (alike, s) -> Reading.loaded(s, 1, frame -> bending(alike, s)),
                Check.Certainty.SAMPLED);
    }

    /** A section of a bar, what it takes, and no more than what share of that it uses. */
    private record Stressed(HandledForces forces, SectionStrength strength, double atMost) {
        static Stressed of(HandledForces forces, SectionStrength strength) {
            return new Stressed(forces, strength, strength.atMost(forces));
        }
    }

    /** Those that could be worst are worked out, the likeliest first, until none that is left can be worse. */
    private static Reading bending(Alike alike, Situation s) {
        double worst = 0;
        Framed framed = s.framed();
        List<Stressed> sections = new ArrayList<>();
        for (int i = 0; i < framed.bars().size(); i++) {
            Sections takes = alike.of(framed.bars().get(i));
            if (takes != null) {
                worst = Math.max(worst, buckles(i, s));
                stressed(i, takes, s, sections);
            }
        }
        for (Stressed one = likeliest(sections, Stressed::atMost, worst); one != null; one = likeliest(sections,
                Stressed::atMost, worst)) {
            worst = Math.max(worst, one.strength.used(one.forces));
        }
        double used = worst;
        return new Reading(used, 1, () -> String.format(Locale.ROOT, "%.0f %% of the strength used", used * 100));
    }

    /** The share of what buckles a member that it is pressed with (Euler). */
    private static double buckles(int member, Situation s) {
        Member m = s.framed().model().members().get(member);
        double length = s.unitLoads().length(member);
        double weakest = Math.min(m.section().secondMomentY(), m.section().secondMomentZ());
        double euler = Math.PI * Math.PI * m.material().young() * weakest / (length * length) / m.material().factor();
        return Math.max(s.unitLoads().atEnd(member, false).most(0), s.unitLoads().atEnd(member, true).most(0)) / euler;
    }

    /** A member's ends, its middle and its holes. */
    private static void stressed(int member, Sections takes, Situation s, List<Stressed> sections) {
        Member m = s.framed().model().members().get(member);
        UnitLoads loads = s.unitLoads();
        double length = loads.length(member);
        Vec3 from = s.framed().model().nodes().get(m.from()).plus(m.fromOffset());
        double start = s.posed().place(takes.bar).inside(from).x();
        sections.add(Stressed.of(loads.atEnd(member, false), takes.whole));
        sections.add(Stressed.of(loads.at(member, 0.5), takes.whole));
        sections.add(Stressed.of(loads.atEnd(member, true), takes.whole));
        List<Hole> holes = takes.bar.holes();
        for (int i = 0; i < holes.size(); i++) {
            double share = (holes.get(i).at().x() - start) / length;
            double past = Math.abs(share - Math.clamp(share, 0, 1)) * length;
            if (past < holes.get(i).diameter()) {
                sections.add(Stressed.of(loads.at(member, Math.clamp(share, 0, 1)), takes.holed.get(i)));
            }
        }
    }

    // Ends bolted through a board.

    private static FunctionCheck<Fastening> bolted() {
        return new FunctionCheck<>(new About("bolted", Topic.BREAKS, "Do the bolts of the %s hold?", Quantity.FORCE,
                Scope.EVERY_POSE, true, "the bolts of the %s give",
                "√(T² + V²), T = N/n + 4·M/(n·D), V = V/n + 2·M_x/(n·D)",
                "space frame, handled; bolt group in a ring, the furthest governs (Shigley); proof load of ISO 898-1, washer and "
                        + "bearing in wood by EN 1995-1-1 8.5, from memory")
                .where("T pull and V shear of one bolt, N pull, M bending and M_x twist of the bar, n bolts, D circle "
                        + "that they lie on"),
                study -> study.assembly().fastenings().stream().filter(f -> f.grip() instanceof Fastening.Grip.Bolted)
                        .map(f -> new Subject<>(f.id(), f.name(), f.station(), f)).toList(),
                (f, s) -> Reading.loaded(s, 1, frame -> bolted(f, s)), Check.Certainty.SAMPLED);
    }

    private static Reading bolted(Fastening f, Situation s) {
        Fastening.Grip.Bolted grip = (Fastening.Grip.Bolted) f.grip();
        double pull = 0;
        double across = 0;
        for (Framed.Held held : s.framed().held()) {
            if (held.fastening() == f) {
                HandledForces forces = s.unitLoads().atEnd(held.member(), held.far());
                double ring = grip.bolts() * grip.circle();
                pull = forces.most(SumOfSizes.of(new Term(1.0 / grip.bolts(), 0), new Term(4 / ring, 4, 5)));
                across = forces.most(SumOfSizes.of(new Term(1.0 / grip.bolts(), 1, 2), new Term(2 / ring, 3)));
            }
        }
        double washer = Math.PI / 4
                * (grip.bolt().washer() * grip.bolt().washer() - grip.bolt().hole() * grip.bolt().hole());
        double pulled = Math.min(grip.bolt().proofLoad() / 1.5, grip.into().allowedAcross() * washer);
        double bears = grip.bolt().diameter() * grip.thickness() * grip.into().allowedBearing(grip.bolt().diameter());
        double used = Math.max(pull / pulled, across / bears);
        boolean pulls = pull / pulled >= across / bears;
        double asked = pulls ? pull : across;
        return new Reading(asked, used > 0 ? asked / used : pulled,
                () -> s.show(Quantity.FORCE, asked) + (pulls ? " of pull" : " across") + " on the busiest of "
                        + grip.bolts());
    }
}
