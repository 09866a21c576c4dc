package firmperch.project;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Surface;
import firmperch.log.Measurement;
import firmperch.param.Branching;
import firmperch.param.Described;
import firmperch.param.Params;
import firmperch.part.Gear;
import firmperch.part.Mounted;
import firmperch.part.Perch;
import firmperch.place.Bearer;
import firmperch.place.Place;
import firmperch.place.RoomEdits;
import firmperch.place.Spot;
import firmperch.shot.CameraRoom;
import firmperch.shot.Lens;
import firmperch.shot.Shot;
import firmperch.units.InvalidValue;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Everything the user decided; nothing that can be derived from it.
 *
 * <p>One of its set-ups is the one shown. What is asked of "the" shot or stance is asked of that one, and a path that begins with
 * {@code shot} or {@code stance} leads into it: to its picture, the lens that it chose of the gear, and the gear's camera.
 *
 * @param setUps 1 to {@link #MOST_SETUPS} of them
 * @param shown number of the one shown, the first is 0
 * @param variants other rigs for the same set-ups, kept beside the one that is worked on; at most {@link #MOST_VARIANTS}
 * @param purse what money is told in, and what need not be bought
 */
public record Project(String name, String studio, UnitSystem units, List<SetUp> setUps, int shown, Gear gear,
        Place place, Perch perch, Policy policy, List<Measurement> log, List<Variant> variants, Purse purse)
        implements
            Described,
            Branching {
    /** More than anyone changes between in a film. */
    public static final int MOST_SETUPS = 12;
    /** More than anyone compares. */
    public static final int MOST_VARIANTS = 12;

    public static final Params<Project> PARAMS = Params.of(Project.class).name("name", "Name of the project")
            .name("studio", "Name of the studio").oneOf("units", "Units", UnitSystem.class)
            .many("setUps", "Set-ups", SetUp.PARAMS, MOST_SETUPS).whole("shown", "Set-up shown", 0, MOST_SETUPS - 1)
            .group("gear", "Gear", Gear.PARAMS).group("place", "Place", Place.PARAMS)
            .other("perch", "Perch", Perch.class).group("policy", "What is asked", Policy.PARAMS)
            .many("log", "Measurements", Measurement.PARAMS, 1000)
            .many("variants", "Variants", Variant.PARAMS, MOST_VARIANTS).orElse(List.of())
            .group("purse", "Money", Purse.PARAMS).orElse(Purse.PLAIN).done();

    public Project {
        setUps = List.copyOf(setUps);
        log = List.copyOf(log);
        variants = List.copyOf(variants);
        PARAMS.check(name, studio, units, setUps, shown, gear, place, perch, policy, log, variants, purse);
        if (shown >= setUps.size()) {
            throw new InvalidValue("Set-up shown", "number " + shown,
                    setUps.isEmpty() ? "at least one set-up" : "0 to " + (setUps.size() - 1));
        }
        if (setUps.stream().map(SetUp::name).distinct().count() < setUps.size()) {
            throw new InvalidValue("Set-ups", "two of one name", "a name of its own for each");
        }
        if (variants.stream().map(Variant::name).distinct().count() < variants.size()) {
            throw new InvalidValue("Variants", "two of one name", "a name of its own for each");
        }
        if (perch.on(Perch.TABLE) && place.carrier(Surface.TABLE).isEmpty()) {
            throw new InvalidValue("What the perch stands on", "nothing of the room",
                    "a table or shelf that it stands on, as it is no longer on floor or bench");
        }
        if (perch.on(Perch.POST)) {
            Spot post = place.carrier(Surface.POST)
                    .orElseThrow(() -> new InvalidValue("What the perch is clamped round", "nothing of the room",
                            "a post or tube that it is clamped round"))
                    .spot();
            // Where it stands follows from where the post does.
            setUps = setUps.stream().map(s -> s.with(s.stance().at(post.x(), post.y()))).toList();
        }
        for (SetUp setUp : setUps) {
            String in = setUps.size() == 1 ? "" : " in “" + setUp.name() + "”";
            Require.that(setUp.stance().x() <= place.room().depth(), "Wall to the perch" + in, setUp.stance().x(),
                    LENGTH, "at most the depth of the room, " + LENGTH.show(place.room().depth(), UnitSystem.METRIC));
            numbered("Which camera" + in, setUp.camera(), gear.cameras().size());
            numbered("Which lens" + in, setUp.lens(), gear.lenses(setUp.camera()).size());
        }
    }

    private static void numbered(String what, int number, int of) {
        if (number >= of) {
            throw new InvalidValue(what, "number " + number, of == 1 ? "0, the only one" : "0 to " + (of - 1));
        }
    }

    /** One without variants. */
    public Project(String name, String studio, UnitSystem units, List<SetUp> setUps, int shown, Gear gear, Place place,
            Perch perch, Policy policy, List<Measurement> log) {
        this(name, studio, units, setUps, shown, gear, place, perch, policy, log, List.of(), Purse.PLAIN);
    }

    @Override
    public Params<Project> params() {
        return PARAMS;
    }

    /** The set-up that is shown. */
    public SetUp setUp() {
        return setUps.get(shown);
    }

    /** The picture of the set-up that is shown, and what it is filmed with. */
    public Shot shot() {
        return shot(setUp());
    }

    private Shot shot(SetUp s) {
        return new Shot(s.wanted(), s.handsRoom(), s.zoom(), s.crop(), s.aperture(),
                gear.lenses(s.camera()).get(s.lens()), gear.camera(s.camera()));
    }

    /** How the rig is set in the set-up that is shown. */
    public Stance stance() {
        return setUp().stance();
    }

    /** The room that cameras and lenses take up in whichever set-up. */
    public CameraRoom cameraRoom() {
        return cameraRoom(setUps);
    }

    /** The room that they take in the set-up that is shown: what films there has its lens of there. */
    public CameraRoom cameraRoomShown() {
        return cameraRoom(setUps.stream().filter(s -> s.camera() != setUp().camera() || s == setUp()).toList());
    }

    private CameraRoom cameraRoom(List<SetUp> in) {
        List<Shot> first = in.stream().filter(s -> s.camera() == 0).map(this::shot).toList();
        return CameraRoom.of(first.isEmpty() ? List.of(shot(setUp().by(0, 0))) : first)
                .beside(IntStream.range(1, gear.cameras().size()).mapToObj(camera -> {
                    List<SetUp> by = in.stream().filter(s -> s.camera() == camera).toList();
                    return (by.isEmpty() ? gear.lenses(camera).stream() : by.stream().map(s -> shot(s).lens()))
                            .mapToDouble(Lens::length).max().orElse(0);
                }).toList());
    }

    /** The same project with another of its set-ups shown. */
    public Project showing(int other) {
        return other == shown
                ? this
                : new Project(name, studio, units, setUps, other, gear, place, perch, policy, log, variants, purse);
    }

    /** The same project shown in each of its set-ups, in their order. */
    public List<Project> inEach() {
        return IntStream.range(0, setUps.size()).mapToObj(this::showing).toList();
    }

    /** The same project with other set-ups. */
    public Project with(List<SetUp> changed, int show) {
        return new Project(name, studio, units, changed, show, gear, place, perch, policy, log, variants, purse);
    }

    /** The same project with the set-up that is shown changed. */
    public Project with(SetUp changed) {
        List<SetUp> all = new ArrayList<>(setUps);
        all.set(shown, changed);
        return with(all, shown);
    }

    /** The same project standing otherwise in the set-up that is shown. */
    public Project with(Stance changed) {
        return with(setUp().with(changed));
    }

    /** The same project with each set-up as it stands in another one. */
    public Project standingAs(Project other) {
        return with(IntStream.range(0, setUps.size()).mapToObj(i -> setUps.get(i).with(other.setUps.get(i).stance()))
                .toList(), shown);
    }

    /** The same project with another perch. */
    public Project with(Perch changed) {
        return new Project(name, studio, units, setUps, shown, gear, place, changed, policy, log, variants, purse);
    }

    /** The same project moved into another room with its bench: what would stand beyond its wall stands at it. */
    public Project movedInto(Place other) {
        double depth = other.room().depth();
        List<SetUp> all = setUps.stream()
                .map(s -> s.with(s.stance().at(Math.min(s.stance().x(), depth), s.stance().y()))).toList();
        // Where nothing carries it, it stands on the floor.
        Perch standing = other.carrier(Surface.TABLE).isPresent()
                ? perch
                : new Perch(perch.parts().stream().map(p -> p.on().contains(Perch.TABLE)
                        ? p.on(List.of(Perch.FLOOR))
                        : p).toList());
        return new Project(name, studio, units, all, shown, gear, other, standing, policy, log, variants, purse);
    }

    /** The same project in another place. A rig that stands on something of the room goes along with it. */
    public Project with(Place changed) {
        List<SetUp> all = setUps;
        Optional<Bearer> before = place.carrier(Surface.TABLE);
        Optional<Bearer> after = changed.carrier(Surface.TABLE);
        if (perch.on(Perch.TABLE) && before.isPresent() && after.isPresent()) {
            Spot was = before.get().spot();
            Spot is = after.get().spot();
            all = setUps.stream().map(s -> s.with(s.stance().at(Math.max(0, s.stance().x() + is.x() - was.x()),
                    s.stance().y() + is.y() - was.y()))).toList();
        }
        return new Project(name, studio, units, all, shown, gear, changed, perch, policy, log, variants, purse);
    }

    /**
     * The same project with the filmed bench elsewhere in its room. A rig that stands on the bench goes with it; any other stays where it is in the
     * room, which is told from the bench's middle.
     *
     * @param from wall to the bench, m
     * @param left how far it goes to the left, m
     */
    public Project withBenchAt(double from, double left) {
        Place changed = RoomEdits.benchAt(place, from, left);
        boolean along = perch.on(Perch.BENCH);
        double dx = along ? changed.bench().from() - place.bench().from() : 0;
        double dy = along ? 0 : changed.room().walls().left() - place.room().walls().left();
        List<SetUp> all = setUps.stream()
                .map(s -> s.with(s.stance().at(Math.max(0, s.stance().x() + dx), s.stance().y() + dy))).toList();
        return new Project(name, studio, units, all, shown, gear, changed, perch, policy, log, variants, purse);
    }

    /**
     * The same project with another gear list. Each set-up stays filmed by what it was.
     *
     * @throws InvalidValue if that is gone
     */
    public Project with(Gear changed) {
        List<SetUp> all = setUps.stream().map(s -> {
            int same = gear.same(s.camera(), changed);
            if (same < 0) {
                throw new InvalidValue("What hangs on the head", "without “" + gear.cameras().get(s.camera()) + "”",
                        "“" + s.name() + "” is filmed by it: choose another camera there first");
            }
            return s.by(same, s.lens());
        }).toList();
        return new Project(name, studio, units, all, shown, changed, place, perch, policy, log, variants, purse);
    }

    /** The same project, paid from another purse. */
    public Project with(Purse other) {
        return new Project(name, studio, units, setUps, shown, gear, place, perch, policy, log, variants, other);
    }

    /** The same project with its variants others. */
    Project keeping(List<Variant> others) {
        return new Project(name, studio, units, setUps, shown, gear, place, perch, policy, log, others, purse);
    }

    /** The same project with its measurements others. */
    public Project logged(List<Measurement> changed) {
        return new Project(name, studio, units, setUps, shown, gear, place, perch, policy, changed, variants, purse);
    }

    private Project with(Shot s) {
        SetUp now = setUp();
        List<Lens> lenses = new ArrayList<>(gear.lenses(now.camera()));
        lenses.set(now.lens(), s.lens());
        return with(gear.with(now.camera(), s.camera(), lenses)).with(new SetUp(now.name(), s.wanted(), s.handsRoom(),
                now.camera(), now.lens(), s.zoom(), s.crop(), s.aperture(), now.recording(), stance()));
    }

    @Override
    public Object branch(String step) {
        return switch (step) {
            case "shot" -> shot();
            case "stance" -> stance();
            case "setUp" -> setUp();
            default -> PARAMS.value(this, step);
        };
    }

    @Override
    public Project withBranch(String step, Object value) {
        return switch (value) {
            case Shot shot -> with(shot);
            case Stance stance -> with(stance);
            case SetUp setUp -> with(setUp);
            case Gear changed -> with(changed);
            case Place changed -> with(changed);
            default -> (Project) PARAMS.with(this, step, value);
        };
    }

    /** The same project under other names of its own and its studio. */
    public Project called(String other, String otherStudio) {
        return new Project(other, otherStudio, units, setUps, shown, gear, place, perch, policy, log, variants, purse);
    }

    /** True if nothing differs but what it and its studio are called. */
    public boolean onlyCalledOtherwiseThan(Project other) {
        return equals(other.called(name, studio));
    }

    /** True if nothing but how it stands differs, if anything does. */
    public boolean onlyMovedFrom(Project other) {
        // Of another place nothing is asked: it might have no room for how this stands.
        return setUps.size() == other.setUps.size() && place.equals(other.place)
                && equals(other.standingAs(this).showing(shown));
    }
}
