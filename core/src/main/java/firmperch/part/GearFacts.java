package firmperch.part;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.Quantity;

/**
 * What else is known of something that hangs on the head.
 *
 * @param held what holds it
 * @param weighed true if it was weighed, false if its mass is guessed
 * @param watched true if whoever works there must see it
 * @param watts that it draws
 */
public record GearFacts(Held held, boolean weighed, boolean watched, double watts) implements Described {
    /** What holds a thing of the gear. */
    public enum Held {
        CAMERA("the camera itself"), BETWEEN("its screw, under the camera"), SHOE("the camera's shoe"), ARM(
                "an arm at the camera"), RIG("the rig, not the camera");

        private final String words;

        Held(String words) {
            this.words = words;
        }

        @Override
        public String toString() {
            return words;
        }
    }

    static final Params<GearFacts> PARAMS = Params.of(GearFacts.class).oneOf("held", "Held by", Held.class)
            .either("weighed", "Its mass is", "weighed", "guessed")
            .help("A guess counts a quarter more than it says.")
            .either("watched", "While you work", "you look at it", "you need not see it")
            .measure("watts", "Draws", Quantity.POWER, 0, 2000).done();
    /** What nobody has said anything about: as it was before it could be said. */
    public static final GearFacts PLAIN = new GearFacts(Held.CAMERA, true, false, 0);

    public GearFacts {
        PARAMS.check(held, weighed, watched, watts);
    }

    @Override
    public Params<GearFacts> params() {
        return PARAMS;
    }
}
