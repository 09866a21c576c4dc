package firmperch.pose;

import firmperch.body.Body;
import firmperch.body.Contact;
import firmperch.body.Fastening;
import firmperch.body.Joint;
import firmperch.body.Piece;
import firmperch.body.Vec3;
import firmperch.frame.FrameModel;
import java.util.List;

/**
 * The space frame of a posed rig, with the meaning of its members and nodes.
 *
 * @param bars the piece that each member is of, in the members' order
 * @param ends where joints take hold of members
 * @param camera node from which the camera hangs
 * @param cameraOffset from that node to the camera's mounting face, m
 * @param gear what hangs on the camera's screw, of the model's masses
 * @param feet the contact that each support is of, in the supports' order; those that a joint has lifted are not
 * among them
 * @param held where fastenings hold members
 * @param stiff for each body the node that its stiff part hangs on; −1 where it has none of its own
 */
public record Framed(FrameModel model, List<Piece> bars, List<End> ends, int camera, Vec3 cameraOffset,
        List<FrameModel.LumpedMass> gear, List<Contact> feet, List<Held> held, List<Integer> stiff) {
    /**
     * An end of a member that a fastening holds.
     *
     * @param member its number
     * @param far true if its second end
     */
    public record Held(Fastening fastening, int member, boolean far) {}

    /**
     * An end of a member that a joint takes hold of.
     *
     * @param member its number
     * @param far true if its second end
     * @param hole where along the piece the hole is, m
     */
    public record End(Joint joint, int member, boolean far, double hole) {}

    public Framed {
        bars = List.copyOf(bars);
        ends = List.copyOf(ends);
        gear = List.copyOf(gear);
        feet = List.copyOf(feet);
        held = List.copyOf(held);
    }

    /** The node that a body's stiff part goes with: its own, or that of what carries it; −1 where it is the place itself. */
    public int node(Body body) {
        Body at = body;
        while (at != null && stiff.get(at.index()) < 0) {
            at = at.parent();
        }
        return at == null ? -1 : stiff.get(at.index());
    }

    /** The same frame with the gear taken off. */
    public FrameModel withoutGear() {
        return model.with(model.masses().stream().filter(m -> !gear.contains(m)).toList(), model.forces());
    }
}
