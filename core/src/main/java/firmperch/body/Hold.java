package firmperch.body;

import firmperch.stock.Bolt;
import firmperch.stock.Closure;
import firmperch.stock.FacePair;
import firmperch.stock.Material;
import firmperch.stock.Section;
import java.util.List;

/** What keeps a joint where it was set. */
public sealed interface Hold {
    /** Nothing: it turns or slides as it likes, snug on a lock nut or a bearing. */
    record Free() implements Hold {}

    /** It does not move at all: clamped, pressed or screwed on for good. */
    record Fixed() implements Hold {}

    /** Its own weight rests on something: lifted off by hand. */
    record Rests(Pin pin) implements Hold {}

    /** It lies on something by its own weight, strapped down: lifted off by hand. */
    record Lies() implements Hold {}

    /** A pin of that diameter, m, through something with two walls of that thickness, m. */
    record Pin(double diameter, double wall, Material wallOf) implements Hold {}

    /**
     * A pipe's end screwed into a fitting.
     *
     * @param root what is left of the pipe under the thread
     */
    record Threaded(Section root) implements Hold {}

    /**
     * Wheels, rollers or balls that it runs on, as stiff as each other.
     *
     * @param second what catches all of it if they let go; null if nothing does
     */
    record Bearings(List<Roller> rollers, Catch second) implements Hold {
        public Bearings {
            rollers = List.copyOf(rollers);
        }

        /** With nothing to catch it. */
        public Bearings(List<Roller> rollers) {
            this(rollers, null);
        }
    }

    /**
     * A second way for a load to be held, independent of the first.
     *
     * @param breaks load at which it breaks, N
     * @param slack how far the load falls before it bears, m
     * @param stiffness of it, N/m
     */
    record Catch(double breaks, double slack, double stiffness) {
        /** What it feels of a mass that falls through its slack, N: m·g·(s + x) = ½·k·x², F = k·x (energy). */
        public double force(double weight) {
            return weight + Math.sqrt(weight * weight + 2 * stiffness * weight * slack);
        }
    }

    /**
     * One wheel, roller or ball.
     *
     * @param at where it bears, in the axes of the body that it sits on, m: the outer one, but of a bar that slides in its sleeve the
     *     inner
     * @param normal the way it pushes the outer body, of length 1
     * @param presses what it may be pressed with, N
     * @param pulls what it may be pulled with the other way, N: 0 where nothing keeps it from lifting off
     */
    record Roller(Vec3 at, Vec3 normal, double presses, double pulls) {}

    /** A holding torque, N·m, rated by its maker or measured. */
    record Rated(double torque) implements Hold {
        /** A head's own friction with its lock open, as a share of what it holds: the low end, our own judgement. */
        private static final double OPEN = 0.05;

        /** What it holds for certain with its lock open, N·m: what is let go stays only if no more is left over. */
        public double open() {
            return OPEN * torque;
        }
    }

    /** A brake set by hand that keeps what runs or turns freely where it is: what it holds, N or N·m, as measured with a scale. */
    record Brake(double holds) implements Hold {
        /** A brake, or none where it holds nothing. */
        public static Hold of(double holds) {
            return holds > 0 ? new Brake(holds) : new Free();
        }
    }

    /** It turns on what carries it and rubs there, at that distance from its axis, m. */
    record Rubs(FacePair pair, double radius) implements Hold {}

    /**
     * Rubbing faces pressed together by a bolt that a hand tightens.
     *
     * @param faces how many rub
     * @param outer diameter of the ring that is pressed, m: the washer's; of a round bar that jaws grip, the bar's
     * @param inner diameter of its hole, m; the same as the outer one of a bar that jaws grip
     * @param torque what the hand gets onto it, N·m
     * @param pressed what the washer presses on; null for metal
     */
    record Friction(int faces, FacePair pair, double outer, double inner, Bolt bolt, Closure closure, double torque,
            Material pressed) implements Hold {
        /** K of T = K·F·d, dry threads (Shigley): the middle, and the ends of its range. */
        public static final double NUT_FACTOR = 0.20;
        public static final double NUT_FACTOR_HIGH = 0.25;
        public static final double NUT_FACTOR_LOW = 0.15;

        /** Force that the hand's torque presses with, N: F = T/(K·d). */
        public double clamp(double nutFactor) {
            return torque / (nutFactor * bolt.diameter());
        }

        /**
         * Radius at which friction acts, m: ⅔·(Rₒ³ − Rᵢ³)/(Rₒ² − Rᵢ²), uniform pressure (Shigley, clutches); a bar's own under
         * jaws.
         */
        public double effectiveRadius() {
            double ro = outer / 2;
            double ri = inner / 2;
            if (ro == ri) {
                return ro;
            }
            return 2.0 / 3 * (ro * ro * ro - ri * ri * ri) / (ro * ro - ri * ri);
        }

        /** Area that is pressed, m². */
        public double area() {
            return Math.PI / 4 * (outer * outer - inner * inner);
        }

        /** Most that it may be pressed with, N: the bolt's proof load, or what the wood under the washer bears. */
        public double clampLimit() {
            double crush = pressed == null ? Double.POSITIVE_INFINITY : pressed.allowedAcross() * area();
            return Math.min(bolt.proofLoad(), crush);
        }

        /** Torque with which it is pressed as far as bolt and wood bear, threads running easily, N·m: T = K·F·d. */
        public double tightest() {
            return tightest(bolt, clampLimit());
        }

        /** The same of a bolt by itself, N·m: at its proof load. */
        public static double tightest(Bolt bolt) {
            return tightest(bolt, bolt.proofLoad());
        }

        private static double tightest(Bolt bolt, double force) {
            return Math.floor(NUT_FACTOR_LOW * force * bolt.diameter() * 10) / 10;
        }

        /**
         * Moment that it may hold at most, N·m: the friction's high end and threads that run easily. What a hand that moves it works against.
         */
        public double tightestMoment() {
            return faces * pair.high() * clamp(NUT_FACTOR_LOW) * effectiveRadius();
        }

        /** Moment that it holds with the usual friction of faces and threads, N·m. */
        public double usualMoment() {
            return faces * pair.friction() * clamp(NUT_FACTOR) * effectiveRadius();
        }

        /** Moment at which bolt or wood bears no more, N·m, with the usual friction. */
        public double most() {
            return faces * pair.friction() * clampLimit() * effectiveRadius();
        }

        /**
         * Moment that it holds for certain, N·m: n·μ·F·rₑ with the friction's low end, the unfavourable end of K, and no
         * more force than bolt and wood bear.
         */
        public double moment() {
            return slides() * effectiveRadius();
        }

        /** Force along its faces that it holds for certain, N: n·μ·F likewise. */
        public double slides() {
            return faces * pair.low() * Math.min(clamp(NUT_FACTOR_HIGH), clampLimit());
        }
    }
}
