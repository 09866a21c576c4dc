package firmperch.part;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Motion;
import firmperch.body.Outline;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Solid;
import firmperch.body.Vec3;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.shot.Camera;
import firmperch.shot.CameraRoom;
import firmperch.shot.Lens;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * Everything that hangs on the head, and what it films with.
 *
 * @param items at most 50 of them
 * @param spare mass that may come on later, kg
 * @param camera that films
 * @param lenses that there are for it, 1 to 20
 * @param mounting how the camera is screwed on
 * @param supply what feeds it all
 * @param cables along the rig, at most 20
 */
public record Gear(List<GearItem> items, double spare, Camera camera, List<Lens> lenses, Mounting mounting,
        Supply supply, List<Cable> cables) implements Described {
    /** Things that may hang on a head, and cables along a rig. */
    public static final int MOST = 50;
    static final int MOST_CABLES = 20;
    public static final Params<Gear> PARAMS = Params.of(Gear.class)
            .many("items", "What hangs on the head", GearItem.PARAMS, MOST).mass("spare", "Spare capacity", 0, 50)
            .group("camera", "Camera", Camera.PARAMS).many("lenses", "Lenses", Lens.PARAMS, 20)
            .group("mounting", "How the camera is screwed on", Mounting.PARAMS).orElse(Mounting.UNKNOWN)
            .group("supply", "Power", Supply.PARAMS).orElse(Supply.UNKNOWN)
            .many("cables", "Cables", Cable.PARAMS, MOST_CABLES).orElse(List.of()).done();

    /** A camera body's width and depth where nobody has said, m: common practice, no source. */
    private static final double WIDE = 0.13;
    private static final double DEEP = 0.08;
    private static final double LENS = 0.064;
    /** From the sensor to where the lens comes out of the camera, m: common practice, no source. */
    private static final double IN_CAMERA = 0.03;
    /** What the first camera is called. */
    private static final String ON_SCREW = "the camera on the screw";

    public Gear {
        items = List.copyOf(items);
        lenses = List.copyOf(lenses);
        cables = List.copyOf(cables);
        PARAMS.check(items, spare, camera, lenses, mounting, supply, cables);
        if (lenses.isEmpty()) {
            throw new InvalidValue("Lenses", "none", "at least one");
        }
    }

    @Override
    public Params<Gear> params() {
        return PARAMS;
    }

    /** The same camera with other things hanging on the head. */
    public Gear with(List<GearItem> hanging) {
        return new Gear(hanging, spare, camera, lenses, mounting, supply, cables);
    }

    /** The same camera and things, of which nobody has said how they are screwed on, fed and wired. */
    public Gear untold() {
        return new Gear(items, spare, camera, lenses, Mounting.UNKNOWN, Supply.UNKNOWN, List.of());
    }

    /** The same things with more or less in spare, kg. */
    public Gear sparing(double mass) {
        return new Gear(items, mass, camera, lenses, mounting, supply, cables);
    }

    /** What films: nothing for the first camera, which is on the screw, then the things that film themselves, in their order. */
    private List<GearItem> filming() {
        return items.stream().filter(item -> !item.films().isEmpty()).toList();
    }

    /** What films, by name: the camera on the screw, then the things that film themselves. */
    public List<String> cameras() {
        return Stream.concat(Stream.of(ON_SCREW), filming().stream().map(GearItem::name)).toList();
    }

    /** One of what films. */
    public Camera camera(int number) {
        return number == 0 ? camera : filming().get(number - 1).films().getFirst().camera();
    }

    /** The lenses that there are for one of what films. */
    public List<Lens> lenses(int number) {
        return number == 0 ? lenses : filming().get(number - 1).films().getFirst().lenses();
    }

    /** Where one of what films has its mounting face, from the head's, and which way it looks: along −z. */
    public Placement face(int number) {
        return number == 0 ? Placement.HERE : face(filming().get(number - 1));
    }

    private static Placement face(GearItem item) {
        return item.films().getFirst().at(item.at().plus(Vec3.UP.times(item.size().high() / 2)));
    }

    /** Which of another gear's cameras is that one of these, as it may have been changed, moved or renamed; −1 if it is gone. */
    public int same(int number, Gear other) {
        if (number == 0 || cameras().size() == other.cameras().size()) {
            return number;
        }
        GearItem was = filming().get(number - 1);
        int same = other.filming().indexOf(was);
        List<String> names = other.filming().stream().map(GearItem::name).toList();
        int found = same < 0 ? names.indexOf(was.name()) : same;
        return found < 0 ? -1 : found + 1;
    }

    /** The same with one of what films another camera, and other lenses for it. */
    public Gear with(int number, Camera other, List<Lens> others) {
        if (number == 0) {
            return new Gear(items, spare, other, others, mounting, supply, cables);
        }
        GearItem films = filming().get(number - 1);
        List<GearItem> all = new ArrayList<>(items);
        all.set(items.indexOf(films), films.filming(List.of(films.films().getFirst().with(other, others))));
        return with(all);
    }

    /** The same with other lenses for one of what films. */
    public Gear through(int number, List<Lens> others) {
        return with(number, camera(number), others);
    }

    /** The same with other cables. */
    public Gear wired(List<Cable> others) {
        return new Gear(items, spare, camera, lenses, mounting, supply, others);
    }

    /** What its things are called, in their order. */
    public List<String> names() {
        return items.stream().map(GearItem::name).toList();
    }

    /** What all of it draws, W. */
    public double drawn() {
        return items.stream().mapToDouble(i -> i.facts().watts()).sum();
    }

    /** What all of it draws in words: "15 W at 12 V are 1.3 A". */
    public String drawnWords() {
        return String.format(Locale.ROOT, "%.0f W at %.0f V are %.1f A", drawn(), supply.volts(),
                drawn() / supply.volts());
    }

    /** Mass that everything listed counts with, kg: guesses with their high end. */
    public double mass() {
        return items.stream().mapToDouble(GearItem::counts).sum();
    }

    /** As far from everything else nothing hangs by itself, m: our own judgement. */
    private static final double LOOSE = 0.06;

    /**
     * What would hang on nothing as it is put: not held by an arm or the rig, and near neither camera nor lens nor anything else.
     *
     * @param room that camera and lens take
     */
    public List<GearItem> loose(CameraRoom room) {
        double low = -room.sensorBelow() - room.lensLength();
        GearItem camera = new GearItem("camera", 0, 0, 0, Math.max(-1, low / 2),
                new GearItem.Size(DEEP, WIDE, Math.min(2, Math.abs(low))));
        return items.stream().filter(item -> switch (item.facts().held()) {
            case CAMERA, SHOE, BETWEEN -> apart(item, camera) > LOOSE
                    && items.stream().filter(other -> other != item).allMatch(other -> apart(item, other) > LOOSE);
            case ARM, RIG -> false;
        }).toList();
    }

    /** The widest gap between two boxes along any axis, m; negative where they overlap. */
    private static double apart(GearItem a, GearItem b) {
        return Math.max(Math.abs(a.forward() - b.forward()) - (a.size().along() + b.size().along()) / 2,
                Math.max(Math.abs(a.left() - b.left()) - (a.size().across() + b.size().across()) / 2,
                        Math.abs(a.up() - b.up()) - (a.size().high() + b.size().high()) / 2));
    }

    /** Hangs it on the mount: x forward, z up from the mounting face. */
    void build(Builder out, CameraRoom room) {
        Body head = out.mount().body();
        Body body = out.body("camera", head, Placement.at(out.mount().at()), new Motion.Fixed());
        out.station("", "Camera and gear", body, Vec3.ZERO, out.holds());
        for (GearItem item : items) {
            GearItem.Size s = item.size();
            hang(out, body, Piece.owned(item.name(), s.equals(GearItem.Size.POINT)
                    ? Solid.Bought.point(item.counts())
                    : Solid.Bought.box(s.along(), s.across(), s.high(), item.counts()))
                    .at(Placement.at(item.at())));
        }
        for (int i = 0; i < room.others().size(); i++) {
            GearItem films = filming().get(i);
            lens(out, body, "lens of " + films.name(), face(films), camera(i + 1).sensorBelow(), room.others().get(i));
        }
        double sensor = room.sensorBelow();
        double front = room.lensLength();
        double low = sensor + IN_CAMERA;
        double high = Math.min(0, sensor - 0.02);
        // Room that camera and lens take up; what they weigh stands in the list.
        hang(out, body, Piece
                .owned("camera's room",
                        Solid.Bought.box(room.along() ? WIDE : DEEP, room.across() ? WIDE : DEEP, low - high, 0))
                .at(Placement.at(0, 0, -(low + high) / 2)));
        lens(out, body, "lens's room", Placement.HERE, sensor, front);
    }

    /** The room that a lens takes before a camera, from where that is screwed on. */
    private static void lens(Builder out, Body body, String name, Placement face, double sensor, double front) {
        if (front > IN_CAMERA) {
            double length = front - IN_CAMERA;
            hang(out, body, Piece.owned(name, new Solid.Bought(new Solid.Round(List.of(new Outline.Point(0, 0),
                    new Outline.Point(LENS / 2, 0), new Outline.Point(LENS / 2, length),
                    new Outline.Point(0, length))), 0)).at(face.of(Placement.at(0, 0, -sensor - front))));
        }
    }

    /** What hangs on a head is made to fit it. */
    private static void hang(Builder out, Body body, Piece piece) {
        Piece hung = out.add(body, piece);
        out.mount().under().forEach(on -> out.nested(hung, on));
    }
}
