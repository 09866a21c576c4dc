package firmperch.pose;

import firmperch.body.Assembly;
import firmperch.body.Body;
import firmperch.body.Facets;
import firmperch.body.MassProperties;
import firmperch.body.Piece;
import firmperch.body.Station;
import firmperch.body.Tie;
import firmperch.body.Vec3;
import java.util.ArrayList;
import java.util.List;

/**
 * An assembly made ready to be posed: what is the same in every pose, worked out once an edit. Safe to share between
 * threads.
 */
public final class Rig {
    /**
     * What of a body belongs to a station, as one mass.
     *
     * @param station its number from the place up
     * @param centre in the body's axes, m
     */
    record Lump(int body, int station, double mass, Vec3 centre) {}

    private final Assembly assembly;
    private final double spare;
    private final List<Lump> lumps = new ArrayList<>();
    private final boolean[][] carries;
    private final int[] parents;
    private final int[] freedoms;
    private final boolean[][] felt;
    private final List<MassProperties> masses;
    private final Rates rates;
    private final Skeleton skeleton;
    /** Made when first drawn; made twice by two threads they are the same. */
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
        int stations = assembly.stations().size();
        carries = new boolean[stations][stations];
        for (int low = 0; low < stations; low++) {
            for (int high = 0; high < stations; high++) {
                carries[low][high] = assembly.stations().get(high).rests(assembly.stations().get(low));
            }
        }
        masses = assembly.pieces().stream().map(Piece::mass).toList();
        facets = new Facets[assembly.pieces().size()];
        addLumps();
        rates = new Rates(this);
        skeleton = Skeleton.of(this);
    }

    /** The same rig with another mass hung on. */
    private Rig(Rig same, double spare) {
        assembly = same.assembly;
        this.spare = spare;
        parents = same.parents;
        freedoms = same.freedoms;
        felt = same.felt;
        carries = same.carries;
        masses = same.masses;
        facets = same.facets;
        addLumps();
        rates = new Rates(this);
        skeleton = Skeleton.of(this);
    }

    /**
     * An assembly with some mass more hung where its gear's weight sits.
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

    private void addLumps() {
        for (Body body : assembly.bodies()) {
            for (Station station : assembly.stations()) {
                MassProperties sum = MassProperties.NONE;
                for (int i = 0; i < masses.size(); i++) {
                    Piece piece = assembly.pieces().get(i);
                    if (piece.body().equals(body) && piece.station().equals(station)) {
                        sum = sum.plus(masses.get(i));
                    }
                }
                if (sum.mass() > 0) {
                    lumps.add(new Lump(body.index(), indexOf(station), sum.mass(), sum.centre()));
                }
            }
        }
        if (spare > 0) {
            int payload = indexOf(assembly.payload());
            Lump gear = lumps.stream().filter(l -> l.station == payload).findFirst()
                    .orElse(new Lump(assembly.payload().body().index(), payload, 0, Vec3.ZERO));
            lumps.add(new Lump(gear.body, payload, spare, gear.centre));
        }
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
        return masses.get(piece);
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
        return assembly.stations().indexOf(station);
    }

    /** True if one station carries the other, or is it. */
    boolean carries(int low, int high) {
        return carries[low][high];
    }

    List<Lump> lumps() {
        return lumps;
    }

    int parent(int body) {
        return parents[body];
    }

    /** True if a body is another or moves with it, by their numbers. */
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

    /** How fast its freedoms move its bodies at most. */
    Rates rates() {
        return rates;
    }

    /** True if a freedom can change any height, in whatever pose. */
    public boolean lifts(int freedom) {
        return !rates.level(freedom);
    }

    /** True if a freedom can make a difference to gravity's and the springs' moment about another, in whatever pose. */
    public boolean feltBy(int other, int freedom) {
        return assembly.ties().stream().anyMatch(t -> t instanceof Tie.Spring)
                || !rates.level(freedom) && !rates.shifts(freedom, other);
    }

    /** True if a freedom can make a difference to gravity's moment at a station's seat, in whatever pose. */
    public boolean feltAt(Station station, int freedom) {
        return rates.feltAt(station, freedom);
    }

    Skeleton skeleton() {
        return skeleton;
    }

    /** Mass of everything, the spare included, kg. */
    public double mass() {
        double sum = 0;
        for (Lump lump : lumps) {
            sum += lump.mass;
        }
        return sum;
    }
}
