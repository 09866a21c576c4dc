package firmperch.search;

import firmperch.body.Freedom;
import firmperch.body.Vec3;
import firmperch.check.Question;
import firmperch.check.Verdict;
import firmperch.place.Bench;
import firmperch.pose.Pose;
import firmperch.pose.Reach;
import firmperch.study.Situation;
import firmperch.units.Quantity;
import firmperch.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * How much of the bench the camera can be brought over while the rig stands where it stands and hits nothing, looking the way it does. The
 * height must be what the lens needs, or up to a quarter more. Sampled on an even grid of places, corners included; how far the joints by themselves
 * let it come is exact where the chain allows.
 *
 * @param places of the bench that were tried, in the room
 * @param lowest that the lens can be brought, nothing hit on the way, m above the floor
 * @param highest that it can be lifted or folded away, m above the floor
 * @param extent how far the joints let it come, nothing asked of what it hits; nothing if the chain has no closed form
 */
public record Coverage(List<Place> places, double lowest, double highest, Optional<Extent> extent) {
    private static final int DEEP = 7;
    private static final int WIDE = 11;
    /** A height counts as reached within this, m. */
    private static final double CONTENT = 0.002;
    /** The picture still serves this much further away, as a share of the needed distance: our own judgement. */
    private static final double MORE = 0.25;
    private static final int RISES = 4;
    /** A camera that comes no nearer than so many times what it may be higher is not tried higher. */
    private static final double FAR_OFF = 2;
    /** How far beside a place it is looked for where it does not come over it, as a share of what counts as over it. */
    private static final double BESIDE = 0.9;
    private static final String BEYOND = "it does not reach so far";
    private static final List<Vec3> AXES = List.of(Vec3.X, Vec3.Y, Vec3.UP);

    public Coverage {
        places = List.copyOf(places);
    }

    /**
     * A place on the bench.
     *
     * @param x away from the wall, m
     * @param y along it, m
     * @param kept what keeps the camera from it: empty if it can be brought over it
     */
    public record Place(double x, double y, String kept) {
        /** True if the camera can be brought over it. */
        public boolean reached() {
            return kept.isEmpty();
        }
    }

    /** Tries every place of the grid. */
    public static Coverage of(Situation s, Progress progress) {
        Bench bench = s.project().place().bench();
        double height = s.sensorWanted().z();
        List<Question<?>> hits = Hits.asked(s.study());
        List<Vec3> grid = new ArrayList<>();
        for (int i = 0; i < DEEP; i++) {
            for (int j = 0; j < WIDE; j++) {
                grid.add(new Vec3(bench.from() + bench.depth() * i / (DEEP - 1),
                        bench.width() * (j / (WIDE - 1.0) - 0.5), height));
            }
        }
        List<Place> places = IntStream.range(0, grid.size()).parallel().mapToObj(i -> {
            progress.at((double) i / grid.size(), "how far it reaches");
            Vec3 point = grid.get(i);
            return new Place(point.x(), point.y(), kept(s, point, hits));
        }).toList();
        double more = MORE * s.distanceWanted();
        return new Coverage(places, lens(s, -1), lens(s, 1), Extent.of(s, height - CONTENT, height + more + CONTENT,
                s.project().policy().distances().overshoot()));
    }

    /** Height of the lens above the floor when it is lifted (+1) or lowered (−1) as far as a hand can, m. */
    private static double lens(Situation s, int way) {
        double far = s.project().place().room().highest();
        Pose end = new DragSolver(s, s.sensorHook()).to(Reach.Goal.height(s.sensor().z() + way * far)).pose();
        return s.in(end).lensFront().z();
    }

    /** What keeps the camera from being over a point: the first that it would hit, or that it does not reach so far; empty if nothing does. */
    private static String kept(Situation s, Vec3 over, List<Question<?>> hits) {
        double more = MORE * s.distanceWanted();
        double near = s.project().policy().distances().overshoot();
        boolean[] kept = Orientation.keeps(s.study());
        String hit = "";
        double nearest = Double.POSITIVE_INFINITY;
        Pose end = s.posed().pose();
        for (Pose from : List.of(s.posed().pose(), middle(s))) {
            for (int rise = 0; rise <= RISES; rise++) {
                Vec3 point = over.plus(new Vec3(0, 0, more * rise / RISES));
                Situation there = s.study().in(brought(s, from, point, kept));
                Vec3 off = s.inRoom(there.sensor()).minus(over);
                if (off.radius() > 0 && off.radius() < 2 * near && !serves(off, near, more)) {
                    // So near that it is beside it as far as counts, if that is what is sought: else height is lost for nothing.
                    Vec3 beside = new Vec3(off.x(), off.y(), 0).times(BESIDE * near / off.radius());
                    there = s.study().in(brought(s, from, point.plus(beside), kept));
                    off = s.inRoom(there.sensor()).minus(over);
                }
                if (off.radius() < nearest) {
                    nearest = off.radius();
                    end = there.posed().pose();
                }
                if (serves(off, near, more)) {
                    Situation set = there;
                    Optional<Question<?>> first = hits.stream().filter(q -> q.at(set)
                            .verdict(q.about().reserve(), s.policy().near()) == Verdict.GIVES).findFirst();
                    if (first.isEmpty()) {
                        return "";
                    }
                    hit = first.get().weakness();
                }
                if (off.radius() > near + FAR_OFF * more) {
                    // So far aside that a little higher brings it no nearer.
                    break;
                }
            }
        }
        return hit.isEmpty() ? beyond(s, end) : hit;
    }

    /** What of it is at its stop there, in words: "“Arm angle” is at its stop"; that it does not reach so far, if nothing is. */
    private static String beyond(Situation s, Pose end) {
        String stops = Reach.stops(s.study().rig(), end);
        return stops.isEmpty() ? BEYOND : stops;
    }

    private static Pose brought(Situation s, Pose from, Vec3 point, boolean[] kept) {
        return Reach.to(s.study().rig(), from, s.sensorHook(), new Reach.Goal(s.inPerch(point), AXES, CONTENT),
                f -> !kept[f]);
    }

    private static boolean serves(Vec3 off, double near, double more) {
        return off.radius() <= near && off.z() > -CONTENT && off.z() < more + CONTENT;
    }

    /** Every joint but what turns the view aside at the middle of its travel: a second start for the search where the set pose leads nowhere. */
    private static Pose middle(Situation s) {
        boolean[] kept = Orientation.keeps(s.study());
        List<Freedom> freedoms = s.study().assembly().freedoms();
        return Pose.of(IntStream.range(0, kept.length).mapToDouble(f -> kept[f]
                ? s.posed().pose().get(f)
                : freedoms.get(f).nearest((freedoms.get(f).from() + freedoms.get(f).to()) / 2)).toArray());
    }

    /** How far places lie from each other away from the wall, m. */
    public double stepX(Bench bench) {
        return bench.depth() / (DEEP - 1);
    }

    /** How far they lie from each other along the wall, m. */
    public double stepY(Bench bench) {
        return bench.width() / (WIDE - 1);
    }

    /** Share of the places that the camera reaches, 0 to 1. */
    public double share() {
        return places.stream().filter(Place::reached).count() / (double) places.size();
    }

    /** In words: "the lens goes from 920 mm to 1620 mm above the floor". */
    public String heights(UnitSystem units) {
        String low = Quantity.LENGTH.show(lowest, units);
        String high = Quantity.LENGTH.show(highest, units);
        return low.equals(high)
                ? "the lens stays " + low + " above the floor"
                : "the lens goes from " + low + " to " + high + " above the floor";
    }

    /** What keeps it from the rest, what keeps it from most first: "it hits “Lamp” (5); “Arm angle” is at its stop (3)"; empty if nothing does. */
    public String kept() {
        Map<String, Long> by = places.stream().filter(p -> !p.reached())
                .collect(Collectors.groupingBy(Place::kept, TreeMap::new, Collectors.counting()));
        return by.entrySet().stream().sorted(Map.Entry.<String, Long>comparingByValue().reversed())
                .map(e -> e.getKey() + " (" + e.getValue() + ")").collect(Collectors.joining("; "));
    }

    /** In words: "its joints let the camera over 71 % of the bench (exact), and with nothing hit it comes over 62 % (48 of 77 places, sampled)". */
    public String words() {
        long reached = places.stream().filter(Place::reached).count();
        String of = " (" + reached + " of " + places.size() + " places, sampled)";
        String free = reached == 0
                ? "over no part of the bench at the height that it needs"
                : reached == places.size()
                        ? "over the whole bench, corners too"
                        : "over " + percent(share()) + " of the bench";
        return extent
                .map(e -> "its joints let the camera over " + percent(e.share())
                        + " of the bench (exact), and with nothing hit it comes " + free + of)
                .orElse("the camera comes " + free + of);
    }

    /** A share of the bench in whole per cent: neither all nor nothing as long as it is not that. */
    public static String percent(double share) {
        return (share <= 0 ? 0 : share >= 1 ? 100 : Math.max(1, Math.min(99, Math.round(share * 100)))) + " %";
    }
}
