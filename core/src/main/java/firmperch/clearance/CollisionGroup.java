package firmperch.clearance;

import firmperch.body.Assembly;
import firmperch.body.Body;
import firmperch.body.Freedom;
import firmperch.body.Piece;
import firmperch.pose.Posed;
import firmperch.pose.RelativeMotionBounds;
import firmperch.pose.Rig;
import firmperch.units.Lazy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Pairs of pieces that the same freedoms move against each other, without those that always stay far enough apart. */
public final class CollisionGroup {
    private final List<Freedom> freedoms;
    private final Lazy<List<CollisionPair>> pairs;

    private CollisionGroup(List<Freedom> freedoms, Lazy<List<CollisionPair>> pairs) {
        this.freedoms = freedoms;
        this.pairs = pairs;
    }

    /** What moves them. */
    public List<Freedom> freedoms() {
        return freedoms;
    }

    /** The pairs, what is near each other in a likely pose first. */
    public List<CollisionPair> pairs() {
        return pairs.get();
    }

    /** True if a freedom, by its number in the assembly, can bring them nearer to each other. */
    public boolean feels(Rig rig, int freedom) {
        return freedoms.contains(rig.assembly().freedoms().get(freedom));
    }

    /**
     * Groups every pair of a rig that may collide by what moves it.
     *
     * @param boxes one around each piece of the assembly, in its order
     * @param start a likely pose: what is near in it is measured first in every pose, so that most of the rest need not be
     */
    public static List<CollisionGroup> of(Rig rig, List<BoundingBox> boxes, Posed start) {
        Map<List<Integer>, List<Moving>> by = new LinkedHashMap<>();
        // Most pairs share the very list of what moves them, which is known again at once.
        Map<List<Integer>, List<Moving>> same = new IdentityHashMap<>();
        moving(rig, boxes).forEach(m -> same.computeIfAbsent(m.relative.felt(),
                felt -> by.computeIfAbsent(felt, f -> new ArrayList<>())).add(m));
        return by.entrySet().stream().map(e -> new CollisionGroup(
                e.getKey().stream().map(rig.assembly().freedoms()::get).toList(),
                new Lazy<>(() -> nearestFirst(e.getValue(), boxes, start)))).toList();
    }

    /** Two pieces, by their numbers, and how each moves as seen from the other: before anything is known of their shapes. */
    private record Moving(int one, int other, RelativeMotionBounds relative, RelativeMotionBounds back) {
        CollisionPair pair(List<BoundingBox> boxes) {
            return new CollisionPair(boxes.get(one), boxes.get(other), one, other, relative, back);
        }
    }

    private record Near(CollisionPair pair, double gap) {}

    private static List<CollisionPair> nearestFirst(List<Moving> moving, List<BoundingBox> boxes, Posed start) {
        List<Near> near = new ArrayList<>(moving.size());
        for (Moving two : moving) {
            CollisionPair pair = two.pair(boxes);
            if (pair.always() < Clearance.FAR) {
                near.add(new Near(pair, pair.boxes(start)));
            }
        }
        near.sort(Comparator.comparingDouble(Near::gap));
        return near.stream().map(Near::pair).toList();
    }

    private static List<Moving> moving(Rig rig, List<BoundingBox> boxes) {
        List<Moving> moving = new ArrayList<>();
        List<Piece> pieces = rig.assembly().pieces();
        boolean[][] nested = nested(rig.assembly());
        int[] stiff = pieces.stream().mapToInt(p -> p.body().stiffTo().index()).toArray();
        int[] count = IntStream.range(0, pieces.size()).filter(i -> boxes.get(i).radius() > 0).toArray();
        int bodies = rig.assembly().bodies().size();
        RelativeMotionBounds[][] known = new RelativeMotionBounds[bodies][bodies];
        for (int one = 0; one < count.length; one++) {
            int i = count[one];
            Body a = pieces.get(i).body();
            for (int other = one + 1; other < count.length; other++) {
                int j = count[other];
                if (stiff[i] != stiff[j] && !nested[i][j] && !nested[j][i]) {
                    Body b = pieces.get(j).body();
                    if (known[a.index()][b.index()] == null) {
                        known[a.index()][b.index()] = RelativeMotionBounds.of(rig, a, b);
                        known[b.index()][a.index()] = known[a.index()][b.index()].back();
                    }
                    RelativeMotionBounds relative = known[a.index()][b.index()].of(pieces.get(i), pieces.get(j));
                    // Nothing moves these two against each other: their distance never changes.
                    if (!relative.felt().isEmpty()) {
                        moving.add(new Moving(i, j, relative, known[b.index()][a.index()].feeling(relative)));
                    }
                }
            }
        }
        return moving;
    }

    /** Which piece lies in which, by their numbers: what its builder says, and what follows (Warshall's closure). */
    private static boolean[][] nested(Assembly assembly) {
        int count = assembly.pieces().size();
        Map<Piece, Integer> numbers = new IdentityHashMap<>();
        for (int i = 0; i < count; i++) {
            numbers.put(assembly.pieces().get(i), i);
        }
        boolean[][] nested = new boolean[count][count];
        assembly.nestings().forEach(n -> nested[numbers.get(n.inner())][numbers.get(n.outer())] = true);
        for (int middle = 0; middle < count; middle++) {
            for (int inner = 0; inner < count; inner++) {
                for (int outer = 0; nested[inner][middle] && outer < count; outer++) {
                    nested[inner][outer] |= nested[middle][outer];
                }
            }
        }
        return nested;
    }
}
