package firmperch.body;

import firmperch.stock.Bolt;
import firmperch.stock.Material;
import firmperch.stock.Section;
import firmperch.stock.ThreadedPipe;
import firmperch.units.InvalidValue;
import java.util.List;

/**
 * A place on a part where another can be put.
 *
 * @param name such as "post.round"
 * @param fit what can be put there
 * @param body it belongs to
 * @param at its axes in the body's: z away from what it is on, x forward
 * @param piece that whoever stands on it takes hold of or lies against ({@link Builder#nested}); null if the body's stiff part
 * @param station that carries it; null if the place does
 */
public record Port(String name, Fit fit, Body body, Placement at, Piece piece, Station station) {
    /** What can be put on a port. */
    public sealed interface Fit {
        /** In words, as in "stands on …". */
        String words();

        /** True if it still takes another part when one is on it. */
        default boolean shared() {
            return false;
        }
    }

    /**
     * A surface of the place.
     *
     * @param thick what something is clamped round, m: a post's diameter; 0 for what one stands on or is screwed to
     */
    public record Ground(Surface surface, double thick) implements Fit {
        @Override
        public String words() {
            return surface.words();
        }
    }

    /**
     * A hollow with a floor, to stand something in and fill around it; the port lies on that floor.
     *
     * @param filled how high it is filled, m
     * @param depth how high it could be, m
     * @param width between its walls, m
     * @param filling what it is filled with
     * @param floor what its floor is of, and how thick, m
     */
    public record Hollow(double filled, double depth, double width, Material filling, Material floor,
            double floorThickness)
            implements
                Fit {
        @Override
        public String words() {
            return "a hollow to be filled";
        }
    }

    /**
     * An upright bar with places to rest something on.
     *
     * @param rests heights above the port, m
     * @param above how far the bar reaches above its lowest rest, m
     * @param pin what one rests on
     */
    public record Post(Section section, List<Double> rests, double above, Hold.Pin pin) implements Fit {
        public Post {
            rests = List.copyOf(rests);
        }

        @Override
        public String words() {
            return "a post";
        }
    }

    /**
     * A stiff block to let a plate into; the port is its middle, x forward, its piece what goes through the bore.
     *
     * @param width across and along, m
     * @param bore upright through its middle, m; 0 if none
     * @param forward from its middle to where an arm's pivots may lie, m
     */
    public record Block(double width, double height, double bore, double forward) implements Fit {
        @Override
        public String words() {
            return "a block";
        }
    }

    /**
     * The underside of an end plate: a stud to screw a head on.
     *
     * @param tipped what tips it, so that the head on it is set level again each time; null if it stays level
     */
    public record Plate(double thickness, Motion.Turn tipped) implements Fit {
        /** A plate that stays level. */
        public Plate(double thickness) {
            this(thickness, null);
        }

        @Override
        public String words() {
            return "a plate";
        }
    }

    /** A stud or a small plate that looks up: what is screwed on stands on it; the port is its face. */
    public record Stud() implements Fit {
        @Override
        public String words() {
            return "a stud that looks up";
        }
    }

    /** A pair of pivot holes in a plate, straight above each other: the port is their middle, x the way an arm goes. */
    public record Pair(double spacing, double thickness) implements Fit {
        @Override
        public String words() {
            return "a pair of holes in a plate";
        }
    }

    /** The female thread of a fitting: the port is the fitting's middle, x out of it. */
    public record Thread(ThreadedPipe pipe) implements Fit {
        @Override
        public String words() {
            return "a thread for " + pipe.label();
        }
    }

    /** A pipe to clamp something round: its piece, along which the port's x goes. As many clamps go on it as there is room for. */
    public record Pipe() implements Fit {
        @Override
        public String words() {
            return "a pipe";
        }

        @Override
        public boolean shared() {
            return true;
        }
    }

    /** The flat of a board to bolt something on: the port is its face, z away from it. */
    public record Deck(double thickness, Material material) implements Fit {
        @Override
        public String words() {
            return "the flat of a board";
        }
    }

    /** A carriage that a beam runs through: the port is its middle, x the way the beam goes, z up. */
    public record Guide(double width, double length) implements Fit {
        @Override
        public String words() {
            return "a carriage for a beam";
        }
    }

    /** A pulley for a rope, the port its middle: x toward the strand that goes down in front, z up; how far its strands lie out, m. */
    public record Pulley(double radius) implements Fit {
        @Override
        public String words() {
            return "a pulley";
        }
    }

    /** A place to hook a rope or a bag on: the port is that place; its piece a bar that bends where it is on one. */
    public record Eye() implements Fit {
        @Override
        public String words() {
            return "a hook or an eye";
        }
    }

    /** The ends of a pivot's bolt, to hook something on that turns there: the port is the pivot's middle. */
    public record Pivot(Bolt bolt) implements Fit {
        @Override
        public String words() {
            return "the pivot of an arm";
        }
    }

    /**
     * The flat back of something stiff, to bolt on what sticks out behind it: the port is its middle, z away from it.
     *
     * @param width across, m
     * @param height upright, m
     * @param material it is of
     * @param thickness that bolts go through, m
     */
    public record Back(double width, double height, Material material, double thickness) implements Fit {
        @Override
        public String words() {
            return "the back of a carriage";
        }
    }

    /**
     * Bars side by side that something runs or is clamped on: the port is the beginning of their middle line, x along them, z
     * away from what holds them. What runs on wheels or grips with jaws names these bars as the inner side of its joint
     * ({@link Joint.Side#through}), so that each is held where it is gripped.
     *
     * @param bars one, or two side by side
     * @param from where it may begin, m along them
     * @param to where it must end, m along them
     * @param gauge between the middles of two, m; 0 for one
     */
    public record Track(List<Piece> bars, double from, double to, double gauge) implements Fit {
        public Track {
            bars = List.copyOf(bars);
        }

        /** Their cross-section. */
        public Section section() {
            return ((Solid.Bar) bars.getFirst().solid()).section();
        }

        @Override
        public String words() {
            return bars.size() == 1 ? "a bar" : "two bars side by side";
        }
    }

    /**
     * The surface it is, if things stand on that by their weight.
     *
     * @param who what is to stand on it
     * @throws InvalidValue if it is none, or hangs or is upright
     */
    public Surface standing(String who) {
        Surface surface = fitting(who, Ground.class, "a floor or a bench").surface();
        if (!surface.carries()) {
            throw new InvalidValue(who, "on " + fit.words(), "a floor or a bench to put it on");
        }
        return surface;
    }

    /**
     * Its fit, if it is of that kind.
     *
     * @param who what is to be put on it, as in "Drop-on block"
     * @throws InvalidValue if it is not
     */
    public <F extends Fit> F fitting(String who, Class<F> kind, String wanted) {
        if (!kind.isInstance(fit)) {
            throw new InvalidValue(who, "on " + fit.words(), wanted + " to put it on");
        }
        return kind.cast(fit);
    }
}
