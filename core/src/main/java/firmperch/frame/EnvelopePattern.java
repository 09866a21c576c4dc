package firmperch.frame;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Which entries of a frame's stiffness matrix can differ from 0, and in which order its nodes are eliminated. It follows from what
 * is joined to what, not from where anything is: the poses of a rig share a few of them.
 *
 * <p>Nodes are ordered so that the envelope is slim: from one with few neighbours outward, those with the fewest first, and then
 * all of it backward (reverse Cuthill and McKee; George & Liu, <i>Computer Solution of Large Sparse Positive Definite Systems</i>,
 * ch. 4). Parts of a frame that nothing joins are ordered one after the other.
 */
public final class EnvelopePattern {
    /** Ways in which a node moves: three shifts, three turns. */
    static final int WAYS = 6;

    /** Where a row of the caller's lies in this order. */
    final int[] place;
    /** Column of a row's first entry. */
    final int[] first;
    /** Where a row's column 0 would be among the values. */
    final int[] start;
    /** How many values there are. */
    final int length;

    private EnvelopePattern(int[] place, int[] first, int[] start, int length) {
        this.place = place;
        this.first = first;
        this.start = start;
        this.length = length;
    }

    /** Patterns by what is joined to what, each found once; safe to share between threads. */
    public static final class Cache {
        private final Map<Links, EnvelopePattern> known = new ConcurrentHashMap<>();

        /** The pattern of so many nodes joined by those pairs. */
        EnvelopePattern of(int nodes, List<int[]> links) {
            return known.computeIfAbsent(Links.of(nodes, links), l -> EnvelopePattern.of(nodes, links));
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
    static EnvelopePattern of(int nodes, List<int[]> links) {
        boolean[][] near = new boolean[nodes][nodes];
        int[] degree = new int[nodes];
        for (int[] link : links) {
            if (link[0] != link[1] && !near[link[0]][link[1]]) {
                near[link[0]][link[1]] = true;
                near[link[1]][link[0]] = true;
                degree[link[0]]++;
                degree[link[1]]++;
            }
        }
        int[] order = order(near, degree);
        int size = WAYS * nodes;
        int[] place = new int[size];
        int[] first = new int[size];
        int[] start = new int[size];
        int length = 0;
        for (int at = 0; at < nodes; at++) {
            int lowest = at;
            for (int before = 0; before < at; before++) {
                if (near[order[at]][order[before]]) {
                    lowest = before;
                    break;
                }
            }
            for (int way = 0; way < WAYS; way++) {
                int row = WAYS * at + way;
                place[WAYS * order[at] + way] = row;
                first[row] = WAYS * lowest;
                start[row] = length - first[row];
                length += row - first[row] + 1;
            }
        }
        return new EnvelopePattern(place, first, start, length);
    }

    /** From a node with few neighbours outward, those with the fewest first; then all of it backward. */
    private static int[] order(boolean[][] near, int[] degree) {
        int nodes = degree.length;
        int[] order = new int[nodes];
        boolean[] known = new boolean[nodes];
        Integer[] slimmest = new Integer[nodes];
        Arrays.setAll(slimmest, i -> i);
        Arrays.sort(slimmest, Comparator.comparingInt(i -> degree[i]));
        int count = 0;
        Deque<Integer> next = new ArrayDeque<>();
        for (int from : slimmest) {
            if (known[from]) {
                continue;
            }
            known[from] = true;
            next.add(from);
            while (!next.isEmpty()) {
                int at = next.poll();
                order[nodes - 1 - count++] = at;
                for (int other : slimmest) {
                    if (near[at][other] && !known[other]) {
                        known[other] = true;
                        next.add(other);
                    }
                }
            }
        }
        return order;
    }
}
