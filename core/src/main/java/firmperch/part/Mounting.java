package firmperch.part;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.stock.PlateFace;
import firmperch.units.Quantity;

/**
 * How the camera is screwed on.
 *
 * @param screw thread of the screw; nothing is asked while it is not said
 * @param camera thread in the camera
 * @param bush true if a threaded bush is in the camera's larger thread
 * @param axis which way the screw points
 * @param length of the screw beyond what it is held in, m
 * @param torque that it is tightened with by hand, N·m
 * @param seat what the camera is pressed on, and what must open beside it
 */
public record Mounting(Thread screw, Thread camera, boolean bush, Axis axis, double length, double torque, Seat seat)
        implements
            Described {
    /** Threads of camera screws (ISO 1222); a screw must go in so far, and no further. Depths from memory, those of the large one a judgement. */
    public enum Thread {
        UNKNOWN("not said", 0, 0, 0), SMALL("1/4-20 UNC", 0.00635, 0.0045, 0.0055), LARGE("3/8-16 UNC", 0.009525,
                0.0065,
                0.0085);

        private final String words;
        private final double diameter;
        private final double least;
        private final double most;

        Thread(String words, double diameter, double least, double most) {
            this.words = words;
            this.diameter = diameter;
            this.least = least;
            this.most = most;
        }

        @Override
        public String toString() {
            return words;
        }

        /** Over its thread, m. */
        public double diameter() {
            return diameter;
        }

        /** So far a screw must go into the camera, m. */
        public double least() {
            return least;
        }

        /** Further it meets the bottom of the hole, m. */
        public double most() {
            return most;
        }
    }

    /** Which way the screw points while the camera looks straight down. */
    public enum Axis {
        UPRIGHT("upright"), AHEAD("level, ahead"), ASIDE("level, to the side");

        private final String words;

        Axis(String words) {
            this.words = words;
        }

        @Override
        public String toString() {
            return words;
        }
    }

    /**
     * What the camera is pressed on.
     *
     * @param face of what
     * @param across diameter of the face, m
     * @param door from the screw to the nearest edge of a door in the camera's base, m; 0 if none is there
     * @param swing how far the door swings out, m
     */
    public record Seat(PlateFace face, double across, double door, double swing) implements Described {
        static final Params<Seat> PARAMS = Params.of(Seat.class).choice("face", "Face", PlateFace.ALL).varied()
                .length("across", "Diameter of the face", 0.01, 0.2).varied(0.005)
                .length("door", "Screw to the battery's door", 0, 0.2).help("0 if no door opens on that side.")
                .length("swing", "The door swings out by", 0, 0.1).done();

        public Seat {
            PARAMS.check(face, across, door, swing);
        }

        @Override
        public Params<Seat> params() {
            return PARAMS;
        }
    }

    static final Params<Mounting> PARAMS = Params.of(Mounting.class).oneOf("screw", "Camera screw", Thread.class)
            .oneOf("camera", "Thread in the camera", Thread.class)
            .either("bush", "In the camera's thread", "a bush from 3/8 to 1/4", "nothing").varied()
            .oneOf("axis", "The screw points", Axis.class).length("length", "Length of the screw", 0.003, 0.1)
            .help("Beyond what its head lies on.").varied(0.001)
            .measure("torque", "Tightened by hand with", Quantity.TORQUE, 0, 10).judged().varied(0.1)
            .group("seat", "What it is pressed on", Seat.PARAMS).done();
    /** Nobody has said: nothing is asked of it. */
    static final Mounting UNKNOWN = new Mounting(Thread.UNKNOWN, Thread.SMALL, false, Axis.AHEAD, 0.015, 0.8,
            new Seat(PlateFace.ALL.get("metal"), 0.035, 0, 0));
    /** Of a face the hole for the screw is left out, as a share of the screw's diameter. */
    private static final double HOLE = 1.1;

    public Mounting {
        PARAMS.check(screw, camera, bush, axis, length, torque, seat);
    }

    @Override
    public Params<Mounting> params() {
        return PARAMS;
    }

    /** True if somebody has said what screw it is. */
    public boolean told() {
        return screw != Thread.UNKNOWN;
    }

    /** True if the screw goes into the camera. */
    public boolean fits() {
        return camera == Thread.UNKNOWN || screw == camera && !bush
                || screw == Thread.SMALL && camera == Thread.LARGE && bush;
    }

    /** Where the friction of a ring face acts, pressed evenly: ⅔ · (R³ − r³) / (R² − r²), m. */
    public double radius() {
        double outer = seat.across / 2;
        double inner = Math.min(HOLE * screw.diameter / 2, 0.9 * outer);
        return 2.0 / 3 * (outer * outer * outer - inner * inner * inner) / (outer * outer - inner * inner);
    }
}
