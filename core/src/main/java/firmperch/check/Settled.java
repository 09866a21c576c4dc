package firmperch.check;

import firmperch.body.Contact;
import firmperch.body.Joint;
import firmperch.body.JointStiffness;
import firmperch.body.Stiffness;
import firmperch.body.Vec3;
import firmperch.check.Reading.Doubt;
import firmperch.frame.FrameSolution;
import firmperch.study.Situation;
import firmperch.study.Study;
import firmperch.study.UnitLoads.Moved;
import firmperch.units.Quantity;
import java.util.List;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

/**
 * How far the camera goes down and tilts under the rig's own weight.
 *
 * @param bends members and joints, as the frame has it
 * @param presses bolts that press themselves into wood
 * @param plays what was loose and has found its place
 */
record Settled(Moved bends, Moved presses, Moved plays) {
    static final String FORMULA = "K · u = f with the joints' low stiffness; Σ N·n/K of bolts in wood; play: c/h · L, ½·Σ c·n";
    static final String LETTERS = "K stiffness of the frame, u how far it moves, f weights; N pull and n bolts, c clearance, h guided height, "
            + "L reach";
    static final String SOURCE = "space frame, direct stiffness (Przemieniecki); bolts and play by the unit-load theorem";

    private static final Study.Derived<List<String>> UNCERTAIN = new Study.Derived<>(
            study -> study.assembly().joints().stream()
                    .flatMap(j -> Stream.of(j.stiffness().rotational(), j.stiffness().bearing()))
                    .filter(Stiffness::uncertain).map(Stiffness::basis).distinct().toList());

    /** As stiff as the situation has it; the feet's even sink left out, because the room's own measure sinks with them. */
    static Settled of(Situation s, FrameSolution frame) {
        double down = Math.max(0, -frame.movement(s.framed().camera(), s.framed().cameraOffset()).z() - sink(s));
        Moved plays = s.unitLoads().play();
        for (Joint joint : s.study().assembly().joints()) {
            plays = plays.plus(play(joint, s));
        }
        return new Settled(new Moved(down, frame.rotation(s.framed().camera()).radius()), s.unitLoads().pressed(),
                plays);
    }

    /** The play of a joint that tilts what hangs on it, wherever it hangs. */
    private static Moved play(Joint joint, Situation s) {
        return switch (joint.stiffness().slack()) {
            case JointStiffness.Slack.Guide guide -> tilted(guide.clearance() / guide.length(), s.posed().at(joint), s);
            case JointStiffness.Slack.Lift lift when BearingChecks.tips(joint, s) ->
                tilted(lift.clearance() / lift.base(), BearingChecks.middle(joint, s), s);
            case JointStiffness.Slack.Lift _,JointStiffness.Slack.None _,JointStiffness.Slack.Hole _ -> new Moved(0, 0);
        };
    }

    private static Moved tilted(double tilt, Vec3 about, Situation s) {
        return new Moved(tilt * s.posed().mount().minus(about).radius(), tilt);
    }

    double drop() {
        return bends.drop() + presses.drop() + plays.drop();
    }

    double tilt() {
        return bends.tilt() + presses.tilt() + plays.tilt();
    }

    /** How far the feet sink together, m. */
    static double sink(Situation s) {
        double stiffness = 0;
        for (Contact contact : s.study().assembly().contacts()) {
            if (!contact.pushesOnly()) {
                return 0;
            }
            stiffness += s.posed().bears(contact) ? contact.stiffness() : 0;
        }
        return stiffness > 0 ? s.weight() / stiffness : 0;
    }

    /** What it would be if all that is uncertain were as stiff as may be; null if nothing is. */
    Supplier<Doubt> doubt(Situation s, ToDoubleFunction<Settled> figure) {
        List<String> bases = uncertain(s);
        return bases.isEmpty()
                ? null
                : () -> new Doubt(figure.applyAsDouble(stiffest(s)),
                        "how far " + listed(bases) + " give");
    }

    /** The same as the end of the line of numbers. */
    String otherwise(Situation s, Quantity quantity, ToDoubleFunction<Settled> figure) {
        List<String> bases = uncertain(s);
        return bases.isEmpty()
                ? ""
                : "; if " + listed(bases) + " give as little as may be, "
                        + s.show(quantity, figure.applyAsDouble(stiffest(s)));
    }

    private static String listed(List<String> bases) {
        int last = bases.size() - 1;
        return last == 0
                ? bases.getFirst()
                : String.join(", ", bases.subList(0, last)) + " and " + bases.get(last);
    }

    private static Settled stiffest(Situation s) {
        Situation stiff = s.with(Stiffness.End.HIGH);
        return stiff.frame().map(frame -> of(stiff, frame)).orElseThrow();
    }

    private static List<String> uncertain(Situation s) {
        return s.study().get(UNCERTAIN);
    }
}
