package firmperch.strength;

/**
 * A sum of the sizes of forces and moments, each times a factor: what they do to a section. Told once for a section and asked of the forces in
 * every pose.
 */
public final class SumOfSizes {
    /** Nothing is added. */
    public static final SumOfSizes NONE = of();
    private static final int MOST_SINGLE = 3;

    final Term[] terms;
    /** How many forces and moments are in it. */
    final int count;
    /** True if it is of one to three terms, each the size of one force or moment. */
    final boolean single;

    private SumOfSizes(Term[] terms) {
        this.terms = terms;
        int parts = 0;
        for (Term term : terms) {
            parts += term.parts.length;
        }
        count = parts;
        single = count == terms.length && count > 0 && count <= MOST_SINGLE;
    }

    /**
     * A part of the sum.
     *
     * @param factor what a newton or newton metre of it makes
     * @param parts numbers of the forces or moments at right angles to each other of whose common size it is a part; not changed after
     */
    public record Term(double factor, int... parts) {}

    /** Of these parts. */
    public static SumOfSizes of(Term... terms) {
        return new SumOfSizes(terms.clone());
    }
}
