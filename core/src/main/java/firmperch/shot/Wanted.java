package firmperch.shot;

import static firmperch.units.Quantity.LENGTH;

import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;

/**
 * What must be in the picture, and from where it is seen. Lengths in m, angles in rad. An area is a rectangle; of a person the size follows from
 * how tall they are, and where they stand or sit from the bench.
 *
 * @param filmed an area or a person
 * @param width long side
 * @param depth short side
 * @param alongArm true if the picture's long side lies along the arm, away from the wall; false if across it
 * @param height of the filmed plane above the bench top
 * @param fromEdge its centre from the bench edge nearest the perch
 * @param aside its centre to the left of the bench's middle
 * @param turn of the rectangle about an upright line, to the left
 * @param tilt how far its upper edge in the picture is raised: 0 lies level, a quarter turn stands upright
 * @param lean how far from square on it is seen, from below in the picture: 0 looks straight at it
 * @param seated true if the person sits
 */
public record Wanted(Filmed filmed, double width, double depth, boolean alongArm, double height, double fromEdge,
        double aside, double turn, double tilt, double lean, boolean seated)
        implements
            Described {
    public static final Params<Wanted> PARAMS = Params.of(Wanted.class).oneOf("filmed", "Filmed", Filmed.class)
            .length("width", "Long side of the picture", 0.01, 3)
            .length("depth", "Short side of the picture", 0.01, 3)
            .either("alongArm", "Long side lies", "along the arm", "across the arm").varied()
            .length("height", "Height of the work", 0, 1.5).length("fromEdge", "Centre from the bench's edge", -1, 3)
            .length("aside", "Centre left of the bench's middle", -3, 3).angle("turn", "Turned to the left", -180, 180)
            .angle("tilt", "Far edge raised", -90, 90).angle("lean", "Seen from the near side", -80, 80)
            .help("0° looks straight at it, straight down at what lies level; 50° is a three-quarter view.")
            .either("seated", "The person", "sits", "stands").done();

    public Wanted {
        PARAMS.check(filmed, width, depth, alongArm, height, fromEdge, aside, turn, tilt, lean, seated);
        Require.that(depth <= width, "Short side of the picture", depth, LENGTH,
                "at most the long side, " + LENGTH.show(width, UnitSystem.METRIC));
    }

    /** A rectangle that lies level, seen from straight above. */
    public Wanted(double width, double depth, boolean alongArm, double height, double fromEdge, double aside) {
        this(Filmed.AREA, width, depth, alongArm, height, fromEdge, aside, 0, 0, 0, false);
    }

    /** True if the picture's long side lies along the arm. What stands up or is seen at a slant has its far edge up, and so lies across. */
    public boolean along() {
        return alongArm && flat();
    }

    /** True if it lies level and is seen from straight above. */
    public boolean flat() {
        return !filmed.person() && tilt == 0 && lean == 0;
    }

    /** In words: "440 × 240 mm", "to the waist", "300 × 160 mm, 50.0° from square on". */
    public String words(UnitSystem units) {
        String what = filmed.person()
                ? filmed.toString()
                : LENGTH.bare(width, units) + " × " + LENGTH.show(depth, units);
        return Math.abs(lean) < 1e-3
                ? what
                : what + ", " + Quantity.ANGLE.show(Math.abs(lean), units) + " from square on";
    }

    /** The same place, seen in the same way, with another area in the picture. */
    public Wanted sized(double wide, double deep) {
        return new Wanted(Filmed.AREA, wide, deep, alongArm, height, fromEdge, aside, turn,
                filmed.person() ? 0 : tilt, lean, seated);
    }

    @Override
    public Params<Wanted> params() {
        return PARAMS;
    }
}
