package firmperch.check;

import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Station;
import firmperch.check.About.Scope;
import firmperch.pose.Carried;
import firmperch.stock.Material;
import firmperch.study.Study;
import firmperch.study.Tightened;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/** Whether joints hold: friction, closures, rated torques, pins, and rocking in the clearance. */
final class JointChecks {
    private JointChecks() {
    }

    /** All of them. */
    static List<Check<?>> all() {
        return List.of(friction().feeling((set, rig, f) -> rig.feltBy(set.freedom(), f)),
                clamped().feeling((set, rig, f) -> rig.feltBy(set.freedom(), f)), closure(), moves(), rated(), pin(),
                rock());
    }

    private static List<Subject<Tightened>> tightened(Study study) {
        return Tightened.of(study).stream().map(set -> new Subject<>(freedom(study, set).id(), set.name(),
                set.joints().getFirst().station(), set)).toList();
    }

    private static Freedom freedom(Study study, Tightened set) {
        return study.assembly().freedoms().get(set.freedom());
    }

    /** Tightened joints hold against gravity (virtual work). */
    private static FunctionCheck<Tightened> friction() {
        return new FunctionCheck<>(new About("friction", Topic.SLIPS, "[Does|Do] the %s hold?", Quantity.TORQUE,
                Scope.EVERY_POSE,
                true,
                "the %s [slips|slip]", "Σ n·μ·F·rₑ·|dφ/dq| ≥ |∂V/∂q| · slip, F = T/(K·d)",
                "virtual work; uniform-pressure clutch and bolt torque, Shigley: K 0.25, the low end of friction, no more "
                        + "force than bolt and wood bear")
                .where("n faces, μ friction, F force of the bolt, rₑ radius at which faces rub, φ turn of the faces, q "
                        + "how the joint is set, V height energy, T hand torque, K thread friction as a factor, d "
                        + "thickness of the bolt"),
                study -> turning(study, true), (set, s) -> {
                    double slip = s.policy().loads().slip();
                    double asked = s.loads().potentialSlope(set.freedom()) * slip;
                    double holds = set.held(s, Hold.Friction::moment);
                    Hold.Friction one = set.hold();
                    return new Reading(asked, holds, () -> set.joints().size() + " · " + one.faces() + " · "
                            + one.pair().low() + " · "
                            + s.show(Quantity.FORCE,
                                    Math.min(one.clamp(Hold.Friction.NUT_FACTOR_HIGH), one.clampLimit()))
                            + " · " + s.length(one.effectiveRadius()) + " = " + s.show(Quantity.TORQUE, holds)
                            + Opened.words(s, set.freedom()))
                            .saying(() -> set.name().in("the %s [slips|slip]: [it holds|they hold] ")
                                    + s.show(Quantity.TORQUE, holds) + ", the load"
                                    + s.loads().hardest(set.freedom()).words()
                                    + " is " + s.show(Quantity.TORQUE, asked / slip) + " and "
                                    + set.name().with("it", "they")
                                    + " must hold " + slip + " times as much")
                            .with(slip).unless(() -> usual(one, asked, slip));
                }, Check.Certainty.PROVEN);
    }

    /** What would be asked of the low end if the faces rub as is usual; never less than the bare load, which the low end must hold. */
    private static Reading.Doubt usual(Hold.Friction one, double asked, double slip) {
        return new Reading.Doubt(asked * Math.max(1 / slip, one.pair().low() / one.pair().friction()), rubs(one));
    }

    private static String rubs(Hold.Friction one) {
        return "how much " + one.pair().label() + " rubs";
    }

    /** What is set once and not opened again must give to a hand: by the high end of its friction, and against the weight. */
    private static FunctionCheck<Tightened> moves() {
        return new FunctionCheck<>(new About("moves", Topic.HANDLING, "Can one hand move it (%s)?", Quantity.FORCE,
                Scope.SET_POSE, false, "it is too stiff to be moved by a hand (%s)",
                "F = (Σ n·μ·F·rₑ·|dφ/dq| + |∂V/∂q|) / |v_camera|",
                "virtual work; friction's high end, K 0.15 (Shigley); 40 N at the camera: our own judgement"),
                study -> turning(study, true).stream().filter(set -> !set.thing().hold().closure().byHand()).toList(),
                (set, s) -> {
                    double pull = set.pull(s, set.held(s, Hold.Friction::tightestMoment));
                    double least = set.pull(s, s.loads().potentialSlope(set.freedom()) * s.policy().loads().slip());
                    return new Reading(pull, s.policy().movement().pull(),
                            () -> "up to " + s.show(Quantity.FORCE, pull)
                                    + " at the camera; to hold as is asked it takes "
                                    + s.show(Quantity.FORCE, least) + " or more")
                            .saying(() -> "it takes up to " + s.show(Quantity.FORCE, pull)
                                    + " at the camera to move it, "
                                    + s.show(Quantity.FORCE, s.policy().movement().pull())
                                    + " are one hand's")
                            .unless(() -> new Reading.Doubt(set.pull(s, set.held(s, Hold.Friction::usualMoment)),
                                    rubs(set.hold()) + " and how easily its thread runs"));
                }, Check.Certainty.SAMPLED);
    }

    private static List<Subject<Tightened>> turning(Study study, boolean turns) {
        return tightened(study).stream().filter(
                set -> turns == (study.assembly().freedoms().get(set.thing().freedom()).kind() != Freedom.Kind.SLIDE))
                .toList();
    }

    /** A clamp holds what slides against gravity. */
    private static FunctionCheck<Tightened> clamped() {
        return new FunctionCheck<>(new About("clamp", Topic.SLIPS, "Does the clamp hold (%s)?", Quantity.FORCE,
                Scope.EVERY_POSE,
                true, "the clamp slips (%s)", "Σ n·μ·F ≥ |∂V/∂q| · slip, F = T/(K·d)",
                "virtual work; bolt torque, Shigley: K 0.25, the low end of friction, no more force than bolt and wood bear")
                .where("n faces, μ friction, F force of the bolt, T hand torque, K thread friction as a factor, d "
                        + "thickness of the bolt, V height energy, q how the joint is set"),
                study -> turning(study, false), (set, s) -> {
                    double slip = s.policy().loads().slip();
                    double asked = s.loads().potentialSlope(set.freedom()) * slip;
                    double holds = set.joints().stream().map(j -> (Hold.Friction) j.hold())
                            .mapToDouble(Hold.Friction::slides).sum();
                    return new Reading(asked, holds, () -> s.show(Quantity.FORCE, holds) + " against "
                            + s.show(Quantity.FORCE, asked) + s.loads().hardest(set.freedom()).words()).with(slip)
                            .unless(() -> usual(set.hold(), asked, slip));
                }, Check.Certainty.PROVEN);
    }

    /** One closure may tighten two joints, as with jaws: it is asked once. */
    private static List<Subject<Tightened>> closures(Study study) {
        Set<Hold> known = Collections.newSetFromMap(new IdentityHashMap<>());
        return tightened(study).stream().filter(set -> known.add(set.thing().joints().getFirst().hold())).toList();
    }

    /** The torque of a hand must not stretch the bolt or crush the wood under its washer. */
    private static FunctionCheck<Tightened> closure() {
        return new FunctionCheck<>(new About("closure", Topic.BREAKS, "Do bolt and faces stand the tightening (%s)?",
                Quantity.FORCE, Scope.NO_POSE, false, "tightening crushes the wood or stretches the bolt",
                "F = T/(K·d) ≤ min(proof load, 3·f_c,90 · A)",
                "bolt torque, Shigley, K 0.15; ISO 898-1 proof load; EN 1995-1-1 8.5.2, from memory")
                .where("F force of the bolt, T hand torque, K thread friction as a factor, d thickness of the bolt, "
                        + "f_c,90 strength of wood across the grain, A area under the washer"),
                JointChecks::closures, (set, s) -> {
                    Hold.Friction one = (Hold.Friction) set.joints().getFirst().hold();
                    double force = one.clamp(Hold.Friction.NUT_FACTOR_LOW);
                    return new Reading(force, one.clampLimit(),
                            () -> s.show(Quantity.TORQUE, one.torque()) + " / (" + Hold.Friction.NUT_FACTOR_LOW + " · "
                                    + s.length(one.bolt().diameter()) + ") = " + s.show(Quantity.FORCE, force)
                                    + "; bolt " + s.show(Quantity.FORCE, one.bolt().proofLoad())
                                    + (one.pressed() == null
                                            ? ""
                                            : ", wood under the washer " + s.show(Quantity.FORCE,
                                                    one.pressed().allowedAcross() * one.area())));
                }, Check.Certainty.PROVEN);
    }

    /** Joints of a sort, those of each station together. */
    static List<Subject<List<Joint>>> together(Study study, Predicate<Joint> sort) {
        Map<Station, List<Joint>> by = new LinkedHashMap<>();
        study.assembly().joints().stream().filter(sort)
                .forEach(j -> by.computeIfAbsent(j.station(), k -> new ArrayList<>()).add(j));
        return by.entrySet().stream().map(e -> new Subject<>(e.getKey().id(),
                e.getKey().label().toLowerCase(Locale.ROOT), e.getKey(), e.getValue())).toList();
    }

    static List<Subject<Joint>> joints(Study study, Class<? extends Hold> held) {
        return study.assembly().joints().stream().filter(j -> held.isInstance(j.hold()))
                .map(j -> new Subject<>(j.id(), j.name(), j.station(), j)).toList();
    }

    /** A rated head holds the load in whatever direction it is turned. */
    private static FunctionCheck<Joint> rated() {
        return new FunctionCheck<>(new About("rated", Topic.SLIPS, "Does the head hold the camera?", Quantity.TORQUE,
                Scope.NO_POSE, true, "the head gives", "M = m · g · lever, times the slip factor",
                "rigid statics; the head's rated or measured holding torque")
                .where("M torque, m mass, g gravity"),
                study -> joints(study, Hold.Rated.class).stream().filter(j -> j.thing().freedom() == null).toList(),
                (joint, s) -> {
                    Carried held = s.posed().beyond(joint);
                    double lever = held.centre().minus(s.posed().at(joint)).length();
                    double slip = s.policy().loads().slip();
                    double asked = held.weight() * lever * slip;
                    return new Reading(asked, ((Hold.Rated) joint.hold()).torque(),
                            () -> s.show(Quantity.MASS, held.mass())
                                    + " · g · " + s.length(lever) + " · " + slip + " = "
                                    + s.show(Quantity.TORQUE, asked))
                            .with(slip);
                }, Check.Certainty.PROVEN);
    }

    /** A pin in double shear, and the walls that it passes through in bearing. */
    private static FunctionCheck<Joint> pin() {
        return new FunctionCheck<>(
                new About("pin", Topic.BREAKS, "[Does|Do] the %s carry what rests on [it|them]?", Quantity.FORCE,
                        Scope.NO_POSE, true, "the %s [gives|give]", "min(2 · π/4·d² · f_v, 2 · d·t · 1.5·f_y) / 1.5",
                        "EN 1993-1-8 pins and bolts in bearing, from memory; steel S235")
                        .where("d thickness of the pin, f_v its shear strength, t wall that it rests on, f_y that wall's yield"),
                study -> joints(study, Hold.Rests.class), (joint, s) -> {
                    Hold.Pin pin = ((Hold.Rests) joint.hold()).pin();
                    Material steel = Material.ALL.get("steel-s235");
                    double shear = 2 * Math.PI / 4 * pin.diameter() * pin.diameter() * steel.allowedShearing();
                    double bearing = 2 * pin.diameter() * pin.wall() * pin.wallOf().allowedBearing(pin.diameter());
                    double load = s.posed().beyond(joint).weight() * s.policy().loads().handling()
                            + s.policy().loads().hand();
                    return new Reading(load, Math.min(shear, bearing), () -> "shear " + s.show(Quantity.FORCE, shear)
                            + ", bearing " + s.show(Quantity.FORCE, bearing));
                }, Check.Certainty.PROVEN);
    }

    /** How far a sliding or resting part can rock within its clearance. */
    private static FunctionCheck<Joint> rock() {
        return new FunctionCheck<>(
                new About("rock", Topic.GIVES, "[Does|Do] the %s rock in [its|their] clearance?", Quantity.ANGLE,
                        Scope.NO_POSE,
                        false, "the %s [rocks|rock] in [its|their] clearance", "tilt = c / h",
                        "clearance over guided height: geometry")
                        .where("c clearance, h height of what is guided"),
                study -> study.assembly().joints().stream()
                        .filter(j -> j.stiffness().slack() instanceof JointStiffness.Slack.Guide)
                        .map(j -> new Subject<>(j.id(), j.name(), j.station(), j)).toList(),
                (joint, s) -> {
                    JointStiffness.Slack.Guide guide = (JointStiffness.Slack.Guide) joint.stiffness().slack();
                    double rock = Math.atan2(guide.clearance(), guide.length());
                    return new Reading(rock, s.policy().movement().rock(), () -> s.length(guide.clearance()) + " / "
                            + s.length(guide.length()) + " = "
                            + String.format(Locale.ROOT, "%.2f°", Math.toDegrees(rock)));
                }, Check.Certainty.PROVEN);
    }
}
