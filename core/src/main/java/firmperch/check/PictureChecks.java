package firmperch.check;

import firmperch.body.Vec3;
import firmperch.check.About.Scope;
import firmperch.shot.Framing;
import firmperch.study.InPicture;
import firmperch.study.Sight;
import firmperch.study.Situation;
import firmperch.study.Target;
import firmperch.units.Quantity;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.Supplier;

/** Checks of the picture: one answer for the whole rig, told at the camera. */
final class PictureChecks {
    /** So much of what is to be filmed may be hidden. */
    private static final double HIDDEN = 0.01;
    /** By so many picture elements a touch may move the picture. */
    private static final double PRESSED = 2;
    /** So far the camera may look from the way that is wanted, rad. */
    private static final double ASTRAY = Math.toRadians(5);

    private PictureChecks() {
    }

    /** A check of the picture, told at the camera. */
    private static FunctionCheck<Void> picture(About about, Function<Situation, Reading> answer) {
        return FunctionCheck.whole(about, study -> true, study -> study.assembly().payload(), answer,
                Check.Certainty.SAMPLED);
    }

    private static About about(String id, Topic topic, String question, Quantity unit, Scope scope, String weakness,
            String formula, String source) {
        return new About(id, topic, question, unit, scope, false, weakness, formula, source);
    }

    /** All of them, in the order of the work. */
    static List<Check<?>> all() {
        return List.of(picture(), focus(), sharp(), hands(), ceiling(), scale(), centre(), direction(), own(), gear(),
                pressed());
    }

    /**
     * The wanted rectangle must lie wholly in the picture from where the camera is. A camera off the middle must see that much more, one
     * that looks at a slant the more of what is far.
     */
    private static FunctionCheck<Void> picture() {
        return picture(about("shot.picture", Topic.PICTURE, "Is the whole rectangle in the picture?", Quantity.LENGTH,
                Scope.SET_POSE, "the picture is too small",
                "x = v·(p·right)/(p·ahead) of each corner ≤ half the sensor",
                "central projection through a thin lens (Gauss): m = s/W, u = f·(1 + 1/m), v = f·(1 + m)")
                .where("p from the lens to a corner, v lens to sensor"), s -> {
                    Target target = s.target();
                    Sight sight = Sight.of(s);
                    Sight.Seen out = sight.sees() ? sight.furthest().orElse(null) : null;
                    boolean byWidth = out == null || Math.abs(out.x()) >= Math.abs(out.y());
                    double seen = out == null ? 0 : byWidth ? sight.wide() : sight.deep();
                    double asked = out == null ? byWidth ? target.width() : target.height() : out.out() * seen;
                    return new Reading(asked, seen,
                            () -> "D = " + s.length(sight.distance()) + ", f = "
                                    + s.length(s.shot().focalLength())
                                    + " sees " + s.length(sight.wide()) + " × " + s.length(sight.deep()) + ", "
                                    + s.length(sight.offMiddle().orElse(Sight.FAR)) + " off the middle"
                                    + (slanted(sight)
                                            ? "; " + s.show(Quantity.ANGLE, sight.slant())
                                                    + " from straight down, one side "
                                                    + String.format(Locale.ROOT, "%.2f", sight.keystone())
                                                    + " times as long as the other"
                                            : ""))
                            .saying(() -> "the camera sees " + s.length(seen) + " of the " + s.length(asked)
                                    + " you want"
                                    + (sight.offMiddle().orElse(Sight.FAR) > 0.001 ? ", looking off the middle" : ""));
                });
    }

    private static boolean slanted(Sight sight) {
        return sight.slant() > Math.toRadians(0.5);
    }

    private static FunctionCheck<Void> focus() {
        return picture(about("shot.focus", Topic.PICTURE, "Can the lens focus that near?", Quantity.LENGTH,
                Scope.SET_POSE, "the work is too near to focus on", "u + v ≥ nearest focus, and ≥ 4·f",
                "thin lens: u + v is least, 4·f, at life size; nearest focus as engraved on the lens")
                .where("u and v lens to work and to sensor, f focal length"), s -> {
                    double nearest = Math.max(s.shot().lens().nearestFocus(),
                            s.shot().framing().nearestPossible());
                    double distance = Math.max(0, Sight.of(s).distance());
                    return new Reading(nearest, distance, () -> s.length(distance) + " from sensor to work, "
                            + s.length(nearest) + " needed")
                            .saying(() -> "the work is " + s.length(distance)
                                    + " from the sensor, too near to focus on (" + s
                                            .length(nearest)
                                    + " at least)");
                });
    }

    /** All corners of the wanted rectangle are sharp when it is focused on its middle; also told: how deep it is sharp. */
    private static FunctionCheck<Void> sharp() {
        return picture(about("shot.sharp", Topic.PICTURE, "Is all of it sharp?", Quantity.LENGTH, Scope.SET_POSE,
                "a corner of it is not sharp",
                "near = s·(H − f)/(H + s − 2f), far = s·(H − f)/(H − s), H = f²/(N·c) + f",
                "thin lens, circle of confusion (Greenleaf, from memory); 1/1500 of the picture's diagonal, no less than a pixel: "
                        + "common practice, no source")
                .where("s distance that is focused on, H hyperfocal distance, f focal length, N aperture, c what still "
                        + "counts as a point"),
                s -> {
                    Sight sight = Sight.of(s);
                    double focused = sight.focused();
                    double near = sight.sharpBefore();
                    double far = sight.sharpBehind();
                    double asked = 0;
                    double available = Math.min(near, far);
                    for (Vec3 corner : sight.wanted()) {
                        double off = sight.depth(corner) - focused;
                        double bears = off < 0 ? near : far;
                        if (Math.abs(off) * available > asked * bears) {
                            asked = Math.abs(off);
                            available = bears;
                        }
                    }
                    double off = asked < 1e-9 ? 0 : asked;
                    double bears = available;
                    return new Reading(off, bears, () -> "focused on its middle at f/"
                            + Quantity.NUMBER.show(s.shot().aperture(), s.project().units())
                            + ": sharp from "
                            + s.length(near) + " nearer to " + s.length(far) + " farther; its corners are up to "
                            + s.length(off) + " off")
                            .saying(() -> "a corner of it lies " + s.length(off) + " out of focus, "
                                    + s.length(bears) + " are sharp");
                });
    }

    private static FunctionCheck<Void> hands() {
        return picture(about("shot.hands", Topic.PICTURE, "Is there room for the hands?", Quantity.LENGTH,
                Scope.SET_POSE, "the hands have no room", "room = D − lens", "along the way that the camera looks")
                .where("D sensor to work"),
                s -> {
                    double lens = s.shot().lens().length();
                    double distance = Sight.of(s).distance();
                    double room = Math.max(0, distance - lens);
                    return new Reading(s.shot().handsRoom(), room, () -> s.length(distance) + " − "
                            + s.length(lens) + " = " + s.length(room))
                            .saying(() -> "the hands have " + s.length(room) + " of the " + s
                                    .length(s.shot().handsRoom()) + " they need under the lens");
                });
    }

    /** The height that this lens needs over the work, with everything above the sensor, fits under the ceiling. */
    private static FunctionCheck<Void> ceiling() {
        return picture(about("shot.ceiling", Topic.PICTURE, "Is the camera's height under the ceiling?",
                Quantity.LENGTH, Scope.SET_POSE, "the camera would have to be above the ceiling",
                "work + u + v + gear above the sensor ≤ ceiling − gap",
                "thin lens: u + v for the wanted rectangle; highest points of things, geometry of the side view")
                .where("u and v lens to work and to sensor"),
                s -> {
                    double sensor = s.sensor().z();
                    double above = s.study().assembly().pieces().stream()
                            .filter(p -> p.body().equals(s.study().assembly().payload().body()))
                            .mapToDouble(p -> s.posed().reach(p, Vec3.UP) - sensor).max().orElse(0);
                    double high = s.sensorWanted().z();
                    double needed = high + Math.max(0, above);
                    double most = overhead(s) - s.policy().distances().gap();
                    return new Reading(needed, most,
                            () -> s.length(s.shotCentre().z()) + " + " + s.length(high - s.shotCentre().z()) + " + "
                                    + s.length(Math.max(0, above)) + " = " + s.length(needed))
                            .saying(() -> "with this lens the camera must be " + s.length(needed)
                                    + " up, and there is room to " + s.length(most)
                                    + covers(s, most - Math.max(0, above)));
                });
    }

    /** Height of the ceiling where the camera would have to be, m. */
    private static double overhead(Situation s) {
        Vec3 there = s.sensorWanted();
        return s.project().place().room().ceilingAt(there.x(), there.y());
    }

    /** What the lens takes in from as high as there is room for, where it looks straight down: "; from there it takes in 900 × 506 mm". */
    private static String covers(Situation s, double highest) {
        double distance = highest - s.shotCentre().z();
        Framing framing = s.shot().framing();
        return s.target().square() && s.target().normal().z() > 1 - 1e-9 && distance > framing.nearestPossible()
                ? "; from there it takes in " + Quantity.LENGTH.bare(framing.widthAt(distance), s.project().units())
                        + " × " + s.length(framing.depthAt(distance))
                : "";
    }

    private static FunctionCheck<Void> scale() {
        return picture(about("shot.scale", Topic.PICTURE, "Is the picture fine enough?", Quantity.PICTURE_SCALE,
                Scope.SET_POSE, "the picture is too coarse",
                "pixels a millimetre at the worst corner of what is wanted",
                "derivative of the central projection; what is asked is our own judgement"), s -> {
                    int pixels = s.shot().camera().pixels().wide();
                    Sight sight = Sight.of(s);
                    double scale = sight.sees() ? sight.worstScale() : 0;
                    return new Reading(s.policy().distances().scale(), scale,
                            () -> pixels + " px over " + s.length(sight.wide()) + ", at the worst corner "
                                    + s.show(Quantity.PICTURE_SCALE, scale));
                });
    }

    private static FunctionCheck<Void> centre() {
        return picture(about("shot.centre", Topic.PICTURE, "Does the camera look at the work?", Quantity.LENGTH,
                Scope.SET_POSE, "the camera does not look at the work", "distance seen from above, on the filmed plane",
                "geometry of the plan").atMost(),
                s -> {
                    double off = Sight.of(s).offMiddle().orElse(Sight.FAR);
                    return new Reading(off, s.policy().distances().overshoot(),
                            () -> s.length(off) + " off the middle of the shot")
                            .saying(() -> "the camera looks " + s.length(off) + " past the middle of the work");
                });
    }

    /** It looks at it from where it is wanted: square on, or at the slant that was asked for. */
    private static FunctionCheck<Void> direction() {
        return picture(about("shot.direction", Topic.PICTURE, "Does the camera look the way you want?", Quantity.ANGLE,
                Scope.SET_POSE, "the camera looks another way than you want",
                "angle between the lens's axis and the way that is wanted", "geometry; 5°: our own judgement").atMost(),
                s -> {
                    Sight sight = Sight.of(s);
                    double astray = sight.astray() < 1e-6 ? 0 : sight.astray();
                    return new Reading(astray, ASTRAY, () -> s.show(Quantity.ANGLE, sight.slant())
                            + " from straight down, wanted "
                            + s.show(Quantity.ANGLE, Math.acos(Math.clamp(-s.target().ahead().z(), -1, 1))))
                            .saying(() -> "the camera looks " + s.show(Quantity.ANGLE, astray)
                                    + " away from the way you want");
                });
    }

    /** A finger on the camera moves the picture of the first seconds; asked only of a rig. */
    private static FunctionCheck<Void> pressed() {
        return FunctionCheck.whole(about("shot.record", Topic.PICTURE, "Does pressing record leave the picture still?",
                Quantity.LENGTH, Scope.SET_POSE, "pressing record shakes the picture",
                "u of a touch of 5 N at the camera ≤ two picture elements on what is filmed",
                "space frame, direct stiffness (Przemieniecki); a touch of 5 N and two picture elements: our own judgement")
                .atMost()
                .where("u how far the camera moves"),
                study -> !study.project().perch().none(),
                study -> study.assembly().payload(), s -> {
                    double still = PRESSED / Math.max(1, Sight.of(s).worstScale());
                    if (!s.project().setUp().recording().touches()) {
                        return new Reading(0, still, () -> "0 N at the camera while it films");
                    }
                    return Reading.loaded(s, still, frame -> {
                        double moves = CameraChecks.TOUCH * s.unitLoads().sideways(s.level(CameraChecks.TOUCH));
                        return new Reading(moves, still, () -> String.format(Locale.ROOT,
                                "%.2f mm for a touch of %.0f N, %.0f picture elements", moves * 1e3,
                                CameraChecks.TOUCH, PRESSED * moves / still))
                                .saying(() -> "pressing record at the camera moves it " + s.length(moves)
                                        + ", which shakes the first seconds of the picture");
                    });
                }, Check.Certainty.SAMPLED);
    }

    /** No hood, lamp or microphone at the camera comes into the picture, wherever in it. */
    private static FunctionCheck<Void> gear() {
        return FunctionCheck.whole(
                about("shot.gear", Topic.PICTURE, "Does what hangs at the camera stay out of the picture?",
                        Quantity.NUMBER, Scope.SET_POSE, "what hangs at the camera is in the picture",
                        "share of the picture that it takes",
                        "central projection of each piece; 1 % of the picture: our own judgement").atMost(),
                study -> !study.project().gear().items().isEmpty(), study -> study.assembly().payload(), s -> {
                    InPicture.Hidden takes = InPicture.gear(s);
                    Supplier<String> share = () -> String.format(Locale.ROOT, "%.0f %%", takes.share() * 100);
                    String what = takes.most() == null ? "nothing" : "“" + takes.most().name() + "”";
                    return new Reading(takes.share(), HIDDEN, () -> share.get() + " of the picture")
                            .saying(() -> what + " comes into the picture and takes " + share.get() + " of it");
                }, Check.Certainty.SAMPLED);
    }

    /** No leg, post or arm of the rig's own hides what is to be filmed. */
    private static FunctionCheck<Void> own() {
        return picture(about("shot.own", Topic.PICTURE, "Does the rig stay out of its picture?", Quantity.NUMBER,
                Scope.SET_POSE, "the rig is in its own picture", "share of the wanted rectangle that its pieces hide",
                "central projection of every piece between lens and work; 1 % of the rectangle: our own judgement")
                .atMost(),
                s -> {
                    InPicture.Hidden hidden = InPicture.hidden(s);
                    Supplier<String> share = () -> String.format(Locale.ROOT, "%.0f %%", hidden.share() * 100);
                    String by = hidden.most() == null
                            ? "nothing of the rig is before it"
                            : "most of it the " + hidden.most().name().toLowerCase(Locale.ROOT);
                    return new Reading(hidden.share(), HIDDEN, () -> share.get() + " hidden; " + by)
                            .saying(() -> "the rig hides " + share.get() + " of what is to be filmed, " + by);
                });
    }
}
