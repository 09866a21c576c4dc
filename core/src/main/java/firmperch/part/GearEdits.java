package firmperch.part;

import firmperch.body.Vec3;
import firmperch.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** What can be done with a gear list by hand. */
public final class GearEdits {
    /** What is moved by hand comes to rest at whole steps of that, m. */
    public static final double STEP = 0.005;
    /** A usual camera's size where only a mass is known, m. */
    private static final GearItem.Size CAMERA = new GearItem.Size(0.08, 0.13, 0.09);

    private GearEdits() {
    }

    /**
     * With one more thing on it, under a name of its own.
     *
     * @throws InvalidValue if there are as many as there may be
     */
    public static Gear put(Gear gear, GearItem item) {
        String name = item.name();
        for (int number = 2; gear.names().contains(name); number++) {
            name = item.name() + " " + number;
        }
        List<GearItem> items = new ArrayList<>(gear.items());
        items.add(item.named(name));
        return gear.with(items);
    }

    /**
     * With a phone in the camera's place: what is part of a camera or sits in its shoe is put away. The same where all of it is told as one thing, which
     * may be the phone.
     */
    public static Gear phone(Gear gear) {
        if (gear.items().size() < 2) {
            return gear;
        }
        List<GearItem> items = new ArrayList<>(List.of(UsualGear.PHONE));
        items.addAll(gear.items().stream().filter(item -> !item.films().isEmpty() || !ofCamera(item)).toList());
        return gear.with(items);
    }

    private static boolean ofCamera(GearItem item) {
        return item.facts().held() == GearFacts.Held.CAMERA || item.facts().held() == GearFacts.Held.SHOE;
    }

    /** Without one of the things on it. */
    public static Gear removed(Gear gear, int number) {
        List<GearItem> items = new ArrayList<>(gear.items());
        items.remove(number);
        return gear.with(items);
    }

    /** All that hangs there told as one mass, kg: under the head, weighed. Of its screw, power and cables nothing is known then. */
    public static Gear together(Gear gear, double mass) {
        return gear.untold().with(List.of(new GearItem("Everything together", mass, 0, 0, -0.05, CAMERA,
                new GearFacts(GearFacts.Held.CAMERA, true, false, 0))));
    }

    /** With one of them elsewhere. */
    public static Gear moved(Gear gear, int number, Vec3 to) {
        List<GearItem> items = new ArrayList<>(gear.items());
        items.set(number, items.get(number).at(to));
        return gear.with(items);
    }

    /**
     * Where a thing comes to rest along one way that a hand has brought it: on the head's axis or in line with another thing's middle where that is near, else at
     * whole steps.
     *
     * @param near how near that is, m
     * @param along a thing's place along that way, m
     */
    public static double snapped(Gear gear, int number, double to, double near, ToDoubleFunction<GearItem> along) {
        double best = 0;
        for (int i = 0; i < gear.items().size(); i++) {
            double other = along.applyAsDouble(gear.items().get(i));
            best = i != number && Math.abs(other - to) < Math.abs(best - to) ? other : best;
        }
        return Math.abs(best - to) <= near ? best : Math.rint(to / STEP) * STEP;
    }

    /** With one of them filming too, to begin with as a phone does; or with it filming no more. */
    public static Gear filmingOrNot(Gear gear, int number) {
        List<GearItem> items = new ArrayList<>(gear.items());
        GearItem item = items.get(number);
        items.set(number, item.filming(item.films().isEmpty() ? List.of(Filming.PHONE) : List.of()));
        return gear.with(items);
    }

    /** With one more cable; the same if there are as many as there may be. */
    public static Gear wired(Gear gear) {
        if (gear.cables().size() >= Gear.MOST_CABLES) {
            return gear;
        }
        List<Cable> all = new ArrayList<>(gear.cables());
        all.add(new Cable("Cable " + (all.size() + 1), 5, true));
        return gear.wired(all);
    }

    /** Without one of its cables. */
    public static Gear unwired(Gear gear, int number) {
        List<Cable> all = new ArrayList<>(gear.cables());
        all.remove(number);
        return gear.wired(all);
    }
}
