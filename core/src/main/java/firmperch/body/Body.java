package firmperch.body;

/**
 * Pieces that move together.
 *
 * @param index its number in its assembly; a body comes after the one it moves against
 * @param name such as "arm.lower"
 * @param parent the body it moves against; null for one that stands or hangs in the place
 * @param at where its own axes lie in the parent's, before it has moved
 * @param motion how it moves from there
 */
public record Body(int index, String name, Body parent, Placement at, Motion motion) {
    /** The lowest body that it cannot move against: itself, if it moves. */
    public Body stiffTo() {
        Body at = this;
        while (at.motion instanceof Motion.Fixed && at.parent != null) {
            at = at.parent;
        }
        return at;
    }

    /** Where its axes lie in the rig's before anything has moved. */
    public Placement home() {
        return parent == null ? at : parent.home().of(at);
    }

    /** Bodies are told apart by their number. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Body body && body.index == index;
    }

    @Override
    public int hashCode() {
        return index;
    }
}
