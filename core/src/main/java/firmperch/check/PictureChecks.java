package firmperch.check;

import firmperch.body.Vec3;
import firmperch.check.About.Scope;
import firmperch.shot.Framing;
import firmperch.shot.Wanted;
import firmperch.study.Situation;
import firmperch.units.Quantity;
import java.util.List;
import java.util.function.Function;

/** Checks of the picture: one answer for the whole rig, told at the camera. */
final class PictureChecks {
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
        return List.of(picture(), focus(), hands(), ceiling(), scale(), centre());
    }

    /**
     * The wanted rectangle must lie wholly in the picture from where the camera is. A camera off the middle must see
     * that much more.
     */
    private static FunctionCheck<Void> picture() {
        return picture(about("shot.picture", Topic.PICTURE, "Is the whole rectangle in the picture?", Quantity.LENGTH,
                Scope.SET_POSE, "the picture is too small", "seen ≥ wanted + 2·off, seen = s/m, m + 1/m = D/f − 2",
                "thin lens (Gauss): m = s/W, u = f·(1 + 1/m), v = f·(1 + m); geometry of the plan"), s -> {
                    Wanted w = s.project().shot().wanted();
                    Framing framing = s.project().shot().framing();
                    double distance = Math.max(0, s.sensorDistance());
                    double wide = distance <= 0 ? 0 : framing.widthAt(distance);
                    double deep = distance <= 0 ? 0 : framing.depthAt(distance);
                    // The offset along the sides of the picture.
                    Vec3 off = s.offCentre().turned(-s.cameraHeading());
                    double alongWide = 2 * Math.abs(w.alongArm() ? off.x() : off.y());
                    double alongDeep = 2 * Math.abs(w.alongArm() ? off.y() : off.x());
                    boolean byWidth = wide / (w.width() + alongWide) <= deep / (w.depth() + alongDeep);
                    double asked = byWidth ? w.width() + alongWide : w.depth() + alongDeep;
                    double seen = byWidth ? wide : deep;
                    return new Reading(asked, seen,
                            () -> "D = " + s.length(distance) + ", f = "
                                    + s.length(s.project().shot().camera().focalLength())
                                    + " sees " + s.length(wide) + " × " + s.length(deep) + ", " + s.length(
                                            s.offCentre().length())
                                    + " off the middle")
                            .saying(() -> "the camera sees " + s.length(seen) + " of the " + s.length(asked)
                                    + " you want"
                                    + (s.offCentre().length() > 0.001 ? ", standing off the middle" : ""));
                });
    }

    private static FunctionCheck<Void> focus() {
        return picture(about("shot.focus", Topic.PICTURE, "Can the lens focus that near?", Quantity.LENGTH,
                Scope.SET_POSE, "the work is too near to focus on", "u + v ≥ nearest focus, and ≥ 4·f",
                "thin lens: u + v is least, 4·f, at life size; nearest focus as engraved on the lens"), s -> {
                    double nearest = Math.max(s.project().shot().camera().nearestFocus(),
                            s.project().shot().framing().nearestPossible());
                    double distance = Math.max(0, s.sensorDistance());
                    return new Reading(nearest, distance, () -> s.length(distance) + " from sensor to work, "
                            + s.length(nearest) + " needed")
                            .saying(() -> "the work is " + s.length(distance)
                                    + " from the sensor, too near to focus on (" + s
                                            .length(nearest)
                                    + " at least)");
                });
    }

    private static FunctionCheck<Void> hands() {
        return picture(about("shot.hands", Topic.PICTURE, "Is there room for the hands?", Quantity.LENGTH,
                Scope.SET_POSE, "the hands have no room", "room = D − lens", "geometry of the side view"), s -> {
                    double lens = s.project().shot().camera().lensLength();
                    double room = Math.max(0, s.sensorDistance() - lens);
                    return new Reading(s.project().shot().handsRoom(), room, () -> s.length(s.sensorDistance()) + " − "
                            + s.length(lens) + " = " + s.length(room))
                            .saying(() -> "the hands have " + s.length(room) + " of the " + s
                                    .length(s.project().shot().handsRoom()) + " they need under the lens");
                });
    }

    /** The height that this lens needs over the work, with everything above the sensor, fits under the ceiling. */
    private static FunctionCheck<Void> ceiling() {
        return picture(about("shot.ceiling", Topic.PICTURE, "Is the camera's height under the ceiling?",
                Quantity.LENGTH, Scope.SET_POSE, "the camera would have to be above the ceiling",
                "work + u + v + gear above the sensor ≤ ceiling − gap",
                "thin lens: u + v for the wanted rectangle; highest points of things, geometry of the side view"),
                s -> {
                    double sensor = s.sensor().z();
                    double above = s.study().assembly().pieces().stream()
                            .filter(p -> p.body().equals(s.study().assembly().payload().body()))
                            .mapToDouble(p -> s.posed().reach(p, Vec3.UP) - sensor).max().orElse(0);
                    double distance = s.project().shot().sensorDistance();
                    double needed = s.shotCentre().z() + distance + Math.max(0, above);
                    double most = s.project().place().room().ceiling() - s.policy().distances().gap();
                    return new Reading(needed, most,
                            () -> s.length(s.shotCentre().z()) + " + " + s.length(distance) + " + "
                                    + s.length(Math.max(0, above)) + " = " + s.length(needed))
                            .saying(() -> "with this lens the camera must be " + s.length(needed)
                                    + " up, and there is room to " + s.length(most));
                });
    }

    private static FunctionCheck<Void> scale() {
        return picture(about("shot.scale", Topic.PICTURE, "Is the picture fine enough?", Quantity.PICTURE_SCALE,
                Scope.SET_POSE, "the picture is too coarse", "pixels / seen width",
                "geometry of the picture; what is asked is our own judgement"), s -> {
                    int pixels = s.project().shot().camera().pixels().wide();
                    double distance = s.sensorDistance();
                    double seen = s.project().shot().framing().widthAt(Math.max(0, distance));
                    double scale = distance <= 0 ? 0 : pixels / seen;
                    return new Reading(s.policy().distances().scale(), scale,
                            () -> pixels + " px over " + s.length(seen) + " = "
                                    + s.show(Quantity.PICTURE_SCALE, scale));
                });
    }

    private static FunctionCheck<Void> centre() {
        return picture(about("shot.centre", Topic.PICTURE, "Is the camera over the work?", Quantity.LENGTH,
                Scope.SET_POSE, "the camera is not over the work", "distance seen from above", "geometry of the plan"),
                s -> {
                    double off = s.offCentre().length();
                    return new Reading(off, s.policy().distances().overshoot(),
                            () -> s.length(off) + " off the middle of the shot")
                            .saying(() -> "the camera stands " + s.length(off) + " off the middle of the work");
                });
    }
}
