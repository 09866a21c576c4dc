package firmperch.frame;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Which blocks of a frame's stiffness matrix and of its factor can differ from 0, a block being what two nodes have in common, and in
 * which order its nodes are eliminated. It follows from what is joined to what, not from where anything is: the poses of a rig
 * share a few of them.
 *
 * <p>The node that has fewest neighbours left goes next, and what it was joined to is joined from then on (minimum degree: George &
 * Liu, <i>Computer Solution of Large Sparse Positive Definite Systems</i>, ch. 5). Of equals the one that was there first.
 */
public final class BlockPattern {
    /** Ways in which a node moves: three shifts, three turns. */
    static final int WAYS = 6;
    /** Numbers in a block. */
    static final int SIZE = WAYS * WAYS;
    private static final int NONE = -1;

    /** When a node is eliminated. */
    final int[] place;
    /** For each column of blocks those below the diagonal that can differ from 0, by their rows. */
    final int[][] below;
    /** Where the numbers of these blocks begin. */
    final int[][] belowStart;
    /** Where a block's numbers begin, by its row and its column; {@link #NONE} where it is 0 or above the diagonal. */
    final int[][] start;
    /** How many numbers there are. */
    final int length;

    private BlockPattern(int[] place, int[][] below) {
        this.place = place;
        this.below = below;
        start = new int[place.length][place.length];
        belowStart = new int[place.length][];
        int count = 0;
        for (int[] row : start) {
            Arrays.fill(row, NONE);
        }
        for (int column = 0; column < below.length; column++) {
            start[column][column] = SIZE * count++;
            belowStart[column] = new int[below[column].length];
            for (int i = 0; i < below[column].length; i++) {
                belowStart[column][i] = SIZE * count;
                start[below[column][i]][column] = SIZE * count++;
            }
        }
        length = SIZE * count;
    }

    /** Patterns by what is joined to what, each found once; safe to share between threads. */
    public static final class Cache {
        private final Map<Links, BlockPattern> known = new ConcurrentHashMap<>();

        /** The pattern of so many nodes joined by those pairs. */
        BlockPattern of(int nodes, List<int[]> links) {
            return known.computeIfAbsent(Links.of(nodes, links), l -> BlockPattern.of(nodes, links));
        }
    }

    /** Pairs of nodes, to be compared by what they are. */
    private record Links(int[] numbers) {
        static Links of(int nodes, List<int[]> pairs) {
            int[] numbers = new int[2 * pairs.size() + 1];
            numbers[0] = nodes;
            for (int i = 0; i < pairs.size(); i++) {
                numbers[2 * i + 1] = pairs.get(i)[0];
                numbers[2 * i + 2] = pairs.get(i)[1];
            }
            return new Links(numbers);
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Links links && Arrays.equals(numbers, links.numbers);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(numbers);
        }
    }

    /**
     * The pattern of a matrix.
     *
     * @param links pairs of nodes that have entries in common
     */
    static BlockPattern of(int nodes, List<int[]> links) {
        boolean[][] near = new boolean[nodes][nodes];
        int[] degree = new int[nodes];
        for (int[] link : links) {
            join(near, degree, link[0], link[1]);
        }
        int[] place = new int[nodes];
        int[][] joined = new int[nodes][];
        boolean[] gone = new boolean[nodes];
        for (int at = 0; at < nodes; at++) {
            int next = NONE;
            for (int node = 0; node < nodes; node++) {
                next = !gone[node] && (next == NONE || degree[node] < degree[next]) ? node : next;
            }
            gone[next] = true;
            place[next] = at;
            joined[at] = left(near[next], gone);
            for (int one : joined[at]) {
                degree[one]--;
                for (int other : joined[at]) {
                    join(near, degree, one, other);
                }
            }
        }
        int[][] below = new int[nodes][];
        for (int at = 0; at < nodes; at++) {
            below[at] = Arrays.stream(joined[at]).map(node -> place[node]).sorted().toArray();
        }
        return new BlockPattern(place, below);
    }

    private static void join(boolean[][] near, int[] degree, int one, int other) {
        if (one != other && !near[one][other]) {
            near[one][other] = true;
            near[other][one] = true;
            degree[one]++;
            degree[other]++;
        }
    }

    /** Neighbours that are not gone. */
    private static int[] left(boolean[] near, boolean[] gone) {
        int[] left = new int[near.length];
        int count = 0;
        for (int node = 0; node < near.length; node++) {
            if (near[node] && !gone[node]) {
                left[count++] = node;
            }
        }
        return Arrays.copyOf(left, count);
    }
}
