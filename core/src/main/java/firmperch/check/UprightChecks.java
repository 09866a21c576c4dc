package firmperch.check;

import firmperch.body.Fastening;
import firmperch.body.Hole;
import firmperch.body.Solid;
import firmperch.body.Vec3;
import firmperch.check.About.Scope;
import firmperch.pose.Rig;
import firmperch.stock.Section;
import firmperch.strength.NetSection;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.units.Gravity;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Locale;

/** Bars that stand in, on or screwed to something: bending where they leave it and at their holes, and whether their foot is held. */
final class UprightChecks {
    /**
     * Divisor from a screw's ultimate withdrawal to its working load (Wood Handbook: a fifth is common practice).
     */
    private static final double WORKING = 5;
    private static final double N_PER_MM2 = 1e6;

    private UprightChecks() {
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(upright().feeling(UprightChecks::felt), foot().feeling(UprightChecks::felt));
    }

    private static List<Subject<Fastening>> feet(Study study) {
        return study.assembly().fastenings().stream()
                .filter(f -> f.grip() instanceof Fastening.Grip.Cast || f.grip() instanceof Fastening.Grip.Screws)
                .map(f -> new Subject<>(f.id(), f.bar().name().toLowerCase(Locale.ROOT), f.station(), f)).toList();
    }

    /**
     * True for freedoms that change gravity's moment at the foot, or the height of the rig's top, where it is pushed.
     */
    private static boolean felt(Fastening f, Rig rig, int freedom) {
        return rig.lifts(freedom) || rig.feltAt(f.station(), freedom);
    }

    /**
     * What a bar bears.
     *
     * @param gravity moment of all weights where it comes out of what holds it, N·m: along it no more than there
     * @param push from the side, N
     * @param weight N
     */
    private record Loads(double gravity, double push, double weight, Fastening bar, Situation s) {
        static Loads on(Fastening f, Situation s) {
            return new Loads(s.momentAt(f.station()), s.pushAsked(),
                    s.posed().massFrom(f.station()) * Gravity.STANDARD, f, s);
        }

        /** Moment so far along it, N·m. */
        double moment(double along) {
            Vec3 out = s.posed().place(bar.bar()).point(new Vec3(along, 0, 0));
            return gravity + push * Math.max(0, s.pushHeight() - out.z() + s.rise(bar.bar().body()));
        }

        /** The same where it comes out. */
        double atFoot() {
            return moment(bar.to());
        }
    }

    /**
     * Bending of a bar where it leaves its foot, and at each of its holes on what is left there, under gravity and the policy's push
     * together.
     */
    private static FunctionCheck<Fastening> upright() {
        return new FunctionCheck<>(new About("upright", Topic.BREAKS, "Could the %s bend for good?", Quantity.STRESS,
                Scope.EVERY_POSE, true, "the %s bends", "σ = (M + F·z) / S + N / A, at a hole on the net section",
                "elastic bending (Roark); holes taken out of the extreme fibre; strength: the material's source")
                .where("M bending by weights, F push at height z, S section modulus, N load along, A area, σ stress"),
                UprightChecks::feet, UprightChecks::upright, Check.Certainty.PROVEN);
    }

    private static Reading upright(Fastening f, Situation s) {
        Section section = ((Solid.Bar) f.bar().solid()).section();
        Loads loads = Loads.on(f, s);
        Stressed worst = Stressed.of(NetSection.of(section, 0), loads, loads.atFoot(), Double.NaN);
        for (Hole hole : f.bar().holes()) {
            if (hole.at().x() > f.to()) {
                Stressed there = Stressed.of(NetSection.of(section, hole.diameter()), loads,
                        loads.moment(hole.at().x()), hole.at().x() - f.to());
                worst = there.stress > worst.stress ? there : worst;
            }
        }
        Stressed told = worst;
        return new Reading(told.stress, f.bar().material().allowedBending(),
                () -> s.show(Quantity.TORQUE, told.moment) + " / "
                        + String.format(Locale.ROOT, "%.2f cm³", told.modulus * N_PER_MM2) + " + "
                        + s.show(Quantity.FORCE, loads.weight) + " / A = " + s.show(Quantity.STRESS, told.stress)
                        + (Double.isNaN(told.hole)
                                ? ""
                                : " at the hole " + s.length(told.hole) + " above its foot"));
    }

    /** A section of an upright under its loads; how far above its foot the hole is that it goes through, m: NaN at the foot itself. */
    private record Stressed(double stress, double moment, double modulus, double hole) {
        static Stressed of(NetSection net, Loads loads, double moment, double hole) {
            double modulus = Math.min(net.modulusY(), net.modulusZ());
            return new Stressed(moment / modulus + loads.weight / net.area(), moment, modulus, hole);
        }
    }

    /** What holds a bar's foot must bear the couple and the push. */
    private static FunctionCheck<Fastening> foot() {
        return new FunctionCheck<>(new About("foot", Topic.BREAKS, "Is the foot of the %s held?", Quantity.STRESS,
                Scope.EVERY_POSE, true, "the foot of the %s works loose",
                "cast: p = 6·M/(b·h²) + 4·F/(b·h); screwed: 2·M/(n·r) − W/n over the withdrawal strength",
                "rigid bar in a bearing bed, pressure linear over the depth (equilibrium); EN 1992-1-1 for concrete; screws by "
                        + "108.25·G²·D·L / 5 (Wood Handbook FPL-GTR-190 ch. 8)")
                .where("p pressure on the filling, M bending, F sideways force, b thickness of the post, h depth that "
                        + "it stands in, n screws, r from the middle to a screw, W weight on it"),
                UprightChecks::feet, UprightChecks::foot, Check.Certainty.PROVEN);
    }

    private static Reading foot(Fastening f, Situation s) {
        Loads loads = Loads.on(f, s);
        double moment = loads.atFoot();
        return switch (f.grip()) {
            case Fastening.Grip.Cast cast -> {
                double width = ((Solid.Bar) f.bar().solid()).section().depth();
                double depth = f.to() - f.from();
                double pressure = 6 * moment / (width * depth * depth) + 4 * loads.push / (width * depth);
                yield new Reading(pressure, cast.around().allowedAcross(),
                        () -> "6 · " + s.show(Quantity.TORQUE, moment)
                                + " / (" + s.length(width) + " · (" + s.length(depth) + ")²) + 4 · "
                                + s.show(Quantity.FORCE, loads.push) + " / A = " + s.show(Quantity.STRESS, pressure));
            }
            case Fastening.Grip.Fitted _,Fastening.Grip.Bolted _ ->
                throw new IllegalStateException("asked of feet that stand by themselves");
            case Fastening.Grip.Screws screws -> {
                // As a stress on the thread's own area, so that both ways of holding are told in one unit.
                double area = screws.diameter() * screws.depth();
                double pull = Math.max(0,
                        2 * moment / (screws.screws() * screws.circle() / 2) - loads.weight / screws.screws());
                double gravity = screws.floor().gravity();
                double holds = 108.25 * gravity * gravity * N_PER_MM2 / WORKING;
                yield new Reading(pull / area, holds, () -> s.show(Quantity.FORCE, pull) + " on a screw, which holds "
                        + s.show(Quantity.FORCE, holds * area));
            }
        };
    }
}
