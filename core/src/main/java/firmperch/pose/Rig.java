package firmperch.pose;

import firmperch.body.Assembly;
import firmperch.body.Body;
import firmperch.body.Facets;
import firmperch.body.Freedom;
import firmperch.body.Hold;
import firmperch.body.Joint;
import firmperch.body.MassProperties;
import firmperch.body.Motion;
import firmperch.body.Piece;
import firmperch.body.Station;
import firmperch.body.Stiffness;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;

/**
 * An assembly prepared for posing: everything that is the same in every pose, worked out once an edit. Safe to share
 * between threads.
 */
public final class Rig {
    /**
     * The mass of a body that belongs to one station.
     *
     * @param body its number in the assembly
     * @param station its number from the place up
     * @param properties mass, centre and inertia in the body's axes
     */
    record StationMass(int body, int station, MassProperties properties) {
        double mass() {
            return properties.mass();
        }

        Vec3 centre() {
            return properties.centre();
        }
    }

    private final Assembly assembly;
    private final double spare;
    /** The masses without the spare, shared by rigs that differ in the spare only. */
    private final List<StationMass> own;
    private final List<StationMass> all;
    private final double mass;
    /** Of all that rests on each station, kg. */
    private final double[] resting;
    private final boolean[][] carries;
    private final double[] slips;
    private final int[] parents;
    private final int[] freedoms;
    private final boolean[][] felt;
    private final List<MassProperties> pieces;
    /** By the ends of what is known of its joints' stiffness, each made when it is first asked for; shared by rigs that differ in the spare. */
    private final Map<Stiffness.End, Skeleton> skeletons;
    /** Computed on first use. Two threads may both compute it and get the same result. */
    private volatile MotionBounds bounds;
    /** Computed on first use. Two threads may both compute it and get the same result. */
    private final Facets[] facets;

    private Rig(Assembly assembly, double spare) {
        this.assembly = assembly;
        this.spare = spare;
        int bodies = assembly.bodies().size();
        parents = new int[bodies];
        freedoms = new int[bodies];
        felt = new boolean[bodies][assembly.freedoms().size()];
        for (Body body : assembly.bodies()) {
            int i = body.index();
            parents[i] = body.parent() == null ? -1 : body.parent().index();
            freedoms[i] = body.motion().freedom() == null ? -1 : assembly.freedoms().indexOf(body.motion().freedom());
            if (parents[i] >= 0) {
                felt[i] = felt[parents[i]].clone();
            }
            if (freedoms[i] >= 0) {
                felt[i][freedoms[i]] = true;
            }
        }
        slips = new double[assembly.freedoms().size()];
        for (int f = 0; f < slips.length; f++) {
            Freedom freedom = assembly.freedoms().get(f);
            slips[f] = assembly.joints().stream().filter(j -> freedom.equals(j.freedom())).map(Joint::hold)
                    .mapToDouble(Rig::slips).sum();
        }
        int stations = assembly.stations().size();
        carries = new boolean[stations][stations];
        for (int high = 0; high < stations; high++) {
            carries[high][high] = true;
            // What it stands on comes before it.
            for (Station on : assembly.stations().get(high).on()) {
                int under = indexOf(on);
                for (int low = 0; low < high; low++) {
                    carries[low][high] |= carries[low][under];
                }
            }
        }
        pieces = assembly.pieces().stream().map(Piece::mass).toList();
        facets = new Facets[assembly.pieces().size()];
        own = stationMasses();
        all = withSpare();
        mass = sum(part -> true);
        resting = resting();
        skeletons = new ConcurrentHashMap<>();
    }

    /** The same rig with another mass hung on. */
    private Rig(Rig same, double spare) {
        assembly = same.assembly;
        this.spare = spare;
        parents = same.parents;
        freedoms = same.freedoms;
        felt = same.felt;
        carries = same.carries;
        slips = same.slips;
        pieces = same.pieces;
        facets = same.facets;
        own = same.own;
        all = withSpare();
        mass = sum(part -> true);
        resting = resting();
        skeletons = same.skeletons;
    }

    /**
     * A rig with some extra mass hung where the weight of the gear sits.
     *
     * @param spare kg
     */
    public static Rig of(Assembly assembly, double spare) {
        return new Rig(assembly, spare);
    }

    /** This rig with that mass hung on instead of its spare, kg. */
    public Rig carrying(double other) {
        return new Rig(this, other);
    }

    private List<StationMass> stationMasses() {
        MassProperties[][] sums = new MassProperties[assembly.bodies().size()][assembly.stations().size()];
        Map<Station, Integer> numbers = new IdentityHashMap<>();
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = assembly.pieces().get(i);
            MassProperties[] ofBody = sums[piece.body().index()];
            int station = numbers.computeIfAbsent(piece.station(), this::indexOf);
            ofBody[station] = ofBody[station] == null ? pieces.get(i) : ofBody[station].plus(pieces.get(i));
        }
        List<StationMass> masses = new ArrayList<>();
        for (int body = 0; body < sums.length; body++) {
            for (int station = 0; station < sums[body].length; station++) {
                if (sums[body][station] != null && sums[body][station].mass() > 0) {
                    masses.add(new StationMass(body, station, sums[body][station]));
                }
            }
        }
        return List.copyOf(masses);
    }

    /**
     * The spare hangs as a point where the weight of the gear sits, or on the camera's mounting face if there is no
     * gear.
     */
    private List<StationMass> withSpare() {
        if (spare <= 0) {
            return own;
        }
        int payload = indexOf(assembly.payload());
        StationMass gear = own.stream().filter(m -> m.station == payload).findFirst()
                .orElse(new StationMass(assembly.payload().body().index(), payload, MassProperties.NONE));
        List<StationMass> masses = new ArrayList<>(own);
        masses.add(new StationMass(gear.body, payload, MassProperties.point(spare, gear.centre())));
        return masses;
    }

    private double[] resting() {
        double[] sums = new double[carries.length];
        for (int low = 0; low < sums.length; low++) {
            boolean[] on = carries[low];
            sums[low] = sum(part -> on[part.station]);
        }
        return sums;
    }

    private double sum(Predicate<StationMass> which) {
        double sum = 0;
        for (StationMass part : all) {
            sum += which.test(part) ? part.mass() : 0;
        }
        return sum;
    }

    /** Mass of a station and all that rests on it, the spare included, kg. */
    double massFrom(Station station) {
        return resting[indexOf(station)];
    }

    /** The masses of each body by station, the spare last if there is one. */
    List<StationMass> masses() {
        return all;
    }

    /** The spare alone; nothing if there is none. */
    Optional<StationMass> spareMass() {
        return spare > 0 ? Optional.of(all.getLast()) : Optional.empty();
    }

    public Assembly assembly() {
        return assembly;
    }

    /** Mass hung on beside the gear, kg. */
    public double spare() {
        return spare;
    }

    /** Mass, centre and inertia of a piece in its body's axes, by its number in the assembly. */
    public MassProperties mass(int piece) {
        return pieces.get(piece);
    }

    /** The faces of a piece by its number in the assembly. */
    public Facets facets(int piece) {
        Facets made = facets[piece];
        if (made == null) {
            made = Facets.of(assembly.pieces().get(piece).solid());
            facets[piece] = made;
        }
        return made;
    }

    /** A station's number from the place up. */
    public int indexOf(Station station) {
        List<Station> all = assembly.stations();
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i) == station) {
                return i;
            }
        }
        return all.indexOf(station);
    }

    /** True if one station is the other or carries it. */
    boolean carries(int low, int high) {
        return carries[low][high];
    }

    int parent(int body) {
        return parents[body];
    }

    /** True if a body is another or moves with it, by number. */
    boolean isOn(int body, int other) {
        int at = body;
        while (at > other) {
            at = parents[at];
        }
        return at == other;
    }

    int freedom(int body) {
        return freedoms[body];
    }

    /** True if that freedom moves that body. */
    public boolean moves(int freedom, Body body) {
        return felt[body.index()][freedom];
    }

    /**
     * What a hand works against before a brake or a head of that freedom slips, N or N·m: 0 where nothing holds it, infinite where tightened
     * faces or a pin do.
     */
    public double slips(int freedom) {
        return slips[freedom];
    }

    private static double slips(Hold hold) {
        return switch (hold) {
            case Hold.Free _,Hold.Bearings _,Hold.Rubs _ -> 0;
            case Hold.Brake brake -> brake.holds();
            case Hold.Rated rated -> rated.torque();
            case Hold.Fixed _,Hold.Rests _,Hold.Pin _,Hold.Lies _,Hold.Threaded _,Hold.Friction _ ->
                Double.POSITIVE_INFINITY;
        };
    }

    /** How fast its freedoms move its bodies at most. */
    MotionBounds bounds() {
        MotionBounds found = bounds;
        if (found == null) {
            found = new MotionBounds(this);
            bounds = found;
        }
        return found;
    }

    /** True if a freedom can change any height, in whatever pose. */
    public boolean lifts(int freedom) {
        return !bounds().level(freedom);
    }

    /** True if a freedom can make a difference to gravity's and the springs' moment about another, in whatever pose. */
    public boolean feltBy(int other, int freedom) {
        return assembly.ties().stream().anyMatch(t -> t instanceof Tie.Spring)
                || !bounds().level(freedom) && !bounds().shifts(freedom, other);
    }

    /** True if a freedom can make a difference to gravity's moment at a station's seat, in whatever pose. */
    public boolean feltAt(Station station, int freedom) {
        return bounds().feltAt(station, freedom);
    }

    Skeleton skeleton(Stiffness.End end) {
        // Looked up first: asked in every pose, and a lock is only needed once.
        Skeleton made = skeletons.get(end);
        return made != null ? made : skeletons.computeIfAbsent(end, e -> Skeleton.of(this, e));
    }

    /** Mass of everything, the spare included, kg. */
    public double mass() {
        return mass;
    }
}
