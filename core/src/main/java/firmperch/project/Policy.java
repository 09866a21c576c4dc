package firmperch.project;

import static firmperch.units.Quantity.FORCE;
import static firmperch.units.Quantity.NUMBER;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.Quantity;

/**
 * What is asked of every perch; the user may change each. SI.
 *
 * @param near margin under which a thing that holds is called near
 */
public record Policy(Standing standing, Loads loads, Movement movement, Distances distances, double near)
        implements
            Described {
    /** Where each threshold comes from; the ones not named are our own judgement of common practice. */
    public static final String SOURCE_LEAN = "IEC 62368-1 cl. 8.6, IEC 60601-1 cl. 9.4 (10°), from memory";
    public static final String SOURCE_PUSH = "IEC 62368-1 (20 % of the weight, at most 250 N, at 1.5 m or less), from memory";
    public static final String SOURCE_LIFT = "NIOSH lifting equation, load constant 23 kg";

    /**
     * How firmly it must stand.
     *
     * @param lean angle it must lean before it goes, rad
     * @param pushShare sideways push it must take, as a share of its weight
     * @param pushMost but no more than this, N
     * @param pushHeight the push is at its top, but no higher than this, m
     * @param slope of an ordinary floor, rad
     * @param person who steps on a corner, kg
     */
    public record Standing(double lean, double pushShare, double pushMost, double pushHeight, double slope,
            double person) implements Described {
        static final Params<Standing> PARAMS = Params.of(Standing.class).angle("lean", "Lean wanted", 1, 45)
                .measure("pushShare", "Push wanted, of the weight", NUMBER, 0.01, 1)
                .measure("pushMost", "Push wanted, at most", FORCE, 1, 5000)
                .length("pushHeight", "Push height, at most", 0.1, 3)
                .angle("slope", "Slope of an ordinary floor", 0, 30).mass("person", "Person on a corner", 0, 300)
                .judged()
                .done();

        public Standing {
            PARAMS.check(lean, pushShare, pushMost, pushHeight, slope, person);
        }

        @Override
        public Params<Standing> params() {
            return PARAMS;
        }
    }

    /**
     * What it must carry.
     *
     * @param proof how many times the gear is hung on to prove it
     * @param slip how many times the load a friction joint must hold
     * @param handling how many times the gear's weight its members must bear, for being moved about
     * @param hand that takes hold of the camera, N
     * @param lift one person lifts, kg
     * @param cable pull of a cable at the camera, N
     */
    public record Loads(double proof, double slip, double handling, double hand, double lift, double cable)
            implements
                Described {
        static final Params<Loads> PARAMS = Params.of(Loads.class)
                .measure("proof", "Times the gear hung on", NUMBER, 1, 20)
                .measure("slip", "Times the load before slip", NUMBER, 1, 10).judged()
                .measure("handling", "Times the gear when handled", NUMBER, 1, 5).judged()
                .measure("hand", "A hand at the camera", FORCE, 0, 500).judged()
                .mass("lift", "Lift of one person", 1, 100)
                .measure("cable", "A cable at the camera", FORCE, 0, 50).judged().orElse(1.0).done();

        public Loads {
            PARAMS.check(proof, slip, handling, hand, lift, cable);
        }

        @Override
        public Params<Loads> params() {
            return PARAMS;
        }
    }

    /**
     * How much it may give.
     *
     * @param sag of the camera, m
     * @param tilt of the camera under load, rad
     * @param rock of a joint in its clearance, rad
     * @param fold kept between an arm's stops and the angle at which its links break out, rad
     * @param pull at the camera that moves a joint which is not opened for it, at most, N
     */
    public record Movement(double sag, double tilt, double rock, double fold, double pull) implements Described {
        static final Params<Movement> PARAMS = Params.of(Movement.class).length("sag", "Sag allowed", 1e-4, 0.2)
                .judged()
                .angle("tilt", "Tilt allowed", 0.05, 20).angle("rock", "Rock allowed", 0.05, 20)
                .angle("fold", "Kept from folding", 0, 60)
                .measure("pull", "Pull that moves a joint, at most", FORCE, 1, 500).judged().orElse(40.0).done();

        public Movement {
            PARAMS.check(sag, tilt, rock, fold, pull);
        }

        @Override
        public Params<Movement> params() {
            return PARAMS;
        }
    }

    /**
     * What the picture and the room ask.
     *
     * @param scale picture elements per m of the work plane
     * @param overshoot how far the camera may stand off the middle of the shot, m
     * @param gap to ceiling, bench and walls, m
     */
    public record Distances(double scale, double overshoot, double gap) implements Described {
        static final Params<Distances> PARAMS = Params.of(Distances.class)
                .measure("scale", "Picture scale wanted", Quantity.PICTURE_SCALE, 10, 1e6)
                .length("overshoot", "Off the middle, at most", 0.001, 1)
                .length("gap", "Gap to ceiling and bench", 0.001, 1).done();

        public Distances {
            PARAMS.check(scale, overshoot, gap);
        }

        @Override
        public Params<Distances> params() {
            return PARAMS;
        }
    }

    static final Params<Policy> PARAMS = Params.of(Policy.class).group("standing", "Standing", Standing.PARAMS)
            .group("loads", "Carrying", Loads.PARAMS).group("movement", "Giving", Movement.PARAMS)
            .group("distances", "Picture and room", Distances.PARAMS)
            .measure("near", "Called near under", NUMBER, 1, 3).done();

    /** What is asked where the user has not changed it. */
    public static final Policy STANDARD = new Policy(
            new Standing(Math.toRadians(10), 0.20, 250, 1.5, Math.toRadians(5), 100), new Loads(4, 1.5, 1.5, 60, 23, 1),
            new Movement(0.003, Math.toRadians(1), Math.toRadians(0.5), Math.toRadians(15), 40),
            new Distances(2000, 0.02, 0.05), 1.25);

    public Policy {
        PARAMS.check(standing, loads, movement, distances, near);
    }

    @Override
    public Params<Policy> params() {
        return PARAMS;
    }
}
