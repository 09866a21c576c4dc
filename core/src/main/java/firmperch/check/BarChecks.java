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
import firmperch.pose.Framed;
import firmperch.pose.Posed;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.strength.NetSection;
import firmperch.strength.PinnedEnd;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.study.UnitLoads;
import firmperch.units.Gravity;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Strength of bars: breaking, splitting at bolts, folding flat. Their feet: {@link UprightChecks}. */
final class BarChecks {
    private BarChecks() {
    }

    /** Bars of one name at one station, asked together. */
    record Alike(List<Piece> bars) {
        Piece first() {
            return bars.getFirst();
        }

        double hole() {
            return first().holes().stream().mapToDouble(Hole::diameter).max().orElse(0);
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
            subjects.add(new Subject<>(id, name, pieces.getFirst().station(), new Alike(pieces)));
        });
        return subjects;
    }

    // Ends at bolts.

    private static FunctionCheck<Alike> ends() {
        return new FunctionCheck<>(new About("ends", Topic.BREAKS, "Could an end of %s split?", Quantity.FORCE,
                Scope.EVERY_POSE, true, "an end of %s splits",
                "N ≤ min(2·e·t·f_v, d·t·f_b·C, (w − d)·t·f_t), e from the hole's edge, C = e/7d",
                "space frame, handled; bolted timber, strengths of EN 338 and EN 1995-1-1 8.5; NDS geometry factor, from memory"),
                study -> bars(study, true), (alike, s) -> Reading.loaded(s, 1, frame -> ends(alike, s)),
                Check.Certainty.SAMPLED);
    }

    private static Reading ends(Alike alike, Situation s) {
        double worst = 0;
        double asked = 0;
        double strength = 1;
        PinnedEnd shown = null;
        double nearest = Double.POSITIVE_INFINITY;
        Framed framed = s.framed();
        for (Framed.End end : framed.ends()) {
            Piece bar = framed.bars().get(end.member());
            if (!contains(alike, bar)) {
                continue;
            }
            Solid.Bar solid = (Solid.Bar) bar.solid();
            double hole = hole(bar, end.hole());
            double bolt = bolt(end.joint(), hole);
            double distance = Math.min(end.hole(), solid.length() - end.hole());
            nearest = Math.min(nearest, distance / bolt);
            PinnedEnd pinned = PinnedEnd.of(bar.material(), solid.section().depth(), solid.section().breadth(),
                    distance,
                    bolt, hole);
            UnitLoads.Ends forces = s.unitLoads().of(end.member());
            int first = end.far() ? 6 : 0;
            double along = forces.most(first);
            double across = Vec3.across(along, forces.most(first + 2));
            double[][] pairs = {{along, pinned.shearOut()}, {across, pinned.bearing()}, {along, pinned.netSection()}};
            for (double[] pair : pairs) {
                double used = pair[1] > 0 ? pair[0] / pair[1] : Reading.PLENTY;
                if (used > worst || shown == null) {
                    worst = used;
                    asked = pair[0];
                    strength = pair[1];
                    shown = pinned;
                }
            }
        }
        PinnedEnd pinned = shown == null ? new PinnedEnd(0, 0, 0) : shown;
        double diameters = nearest;
        return new Reading(asked, strength,
                () -> "shear-out " + s.show(Quantity.FORCE, pinned.shearOut()) + ", bearing "
                        + s.show(Quantity.FORCE, pinned.bearing()) + ", net section "
                        + s.show(Quantity.FORCE, pinned.netSection())
                        + (diameters < PinnedEnd.FULL
                                ? String.format(Locale.ROOT,
                                        "; the holes lie %.1f d from the end, full value needs 7 d", diameters)
                                : ""));
    }

    private static boolean contains(Alike alike, Piece bar) {
        for (Piece piece : alike.bars) {
            if (piece == bar) {
                return true;
            }
        }
        return false;
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
                "four-bar statics: N = W·b/(a·cos θ) + W·|sin θ|, with handling and a hand; 15° kept: our own judgement"),
                BarChecks::coupled, BarChecks::fold, Check.Certainty.PROVEN);
    }

    private static Reading fold(Coupled c, Situation s) {
        double stop = Math.max(Math.abs(c.motion.freedom().from()), Math.abs(c.motion.freedom().to()));
        Posed.Carried held = s.posed().beyond(c.low);
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
        for (int i = 0; i < 40; i++) {
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
                "space frame, handled; linear interaction (EN 1995-1-1 6.2.3), von Mises for metals; buckling by Euler"),
                study -> bars(study, false), (alike, s) -> Reading.loaded(s, 1, frame -> bending(alike, s)),
                Check.Certainty.SAMPLED);
    }

    private static Reading bending(Alike alike, Situation s) {
        double worst = 0;
        Framed framed = s.framed();
        NetSection net = NetSection.of(((Solid.Bar) alike.first().solid()).section(), alike.hole());
        for (int i = 0; i < framed.bars().size(); i++) {
            if (contains(alike, framed.bars().get(i))) {
                worst = Math.max(worst, used(framed.model().members().get(i), framed, s.unitLoads().of(i), net));
            }
        }
        double used = worst;
        return new Reading(used, 1, () -> String.format(Locale.ROOT, "%.0f %% of the strength used", used * 100));
    }

    private static double used(Member member, Framed framed, UnitLoads.Ends f, NetSection net) {
        Section section = member.section();
        Material material = member.material();
        Vec3 from = framed.model().nodes().get(member.from()).plus(member.fromOffset());
        Vec3 to = framed.model().nodes().get(member.to()).plus(member.toOffset());
        double length = to.minus(from).length();
        double own = section.lineMass(material) * Gravity.STANDARD * length * length / 8;
        double worst = 0;
        for (int end = 0; end < 12; end += 6) {
            double pull = f.most(end) / net.area();
            double bend = (f.most(end + 4) + own) / net.modulusY() + f.most(end + 5) / net.modulusZ();
            double shear = 1.5 * Vec3.across(f.most(end + 1), f.most(end + 2)) / net.area()
                    + f.most(end + 3) / net.torsion();
            worst = Math.max(worst, material.family() == Material.Family.METAL
                    ? Math.sqrt((pull + bend) * (pull + bend) + 3 * shear * shear) / material.allowedBending()
                    : Math.max(pull / material.allowedTension() + bend / material.allowedBending(),
                            shear / material.allowedShearing()));
        }
        double weakest = Math.min(section.secondMomentY(), section.secondMomentZ());
        double euler = Math.PI * Math.PI * material.young() * weakest / (length * length) / material.factor();
        return Math.max(worst, f.most(0) / euler);
    }

    // Ends bolted through a board.

    private static FunctionCheck<Fastening> bolted() {
        return new FunctionCheck<>(new About("bolted", Topic.BREAKS, "Do the bolts of the %s hold?", Quantity.FORCE,
                Scope.EVERY_POSE, true, "the bolts of the %s give",
                "√(T² + V²), T = N/n + 4·M/(n·D), V = V/n + 2·M_x/(n·D)",
                "space frame, handled; bolt group in a ring, the furthest governs (Shigley); proof load of ISO 898-1, washer and "
                        + "bearing in wood by EN 1995-1-1 8.5, from memory"),
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
                UnitLoads.Ends e = s.unitLoads().of(held.member());
                int first = held.far() ? 6 : 0;
                double bend = Vec3.across(e.most(first + 4), e.most(first + 5));
                pull = e.most(first) / grip.bolts() + 4 * bend / (grip.bolts() * grip.circle());
                across = Vec3.across(e.most(first + 1), e.most(first + 2)) / grip.bolts()
                        + 2 * e.most(first + 3) / (grip.bolts() * grip.circle());
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
