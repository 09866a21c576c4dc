package firmperch.place;

/** What the top of a bench or table is of, as far as a clamp at its edge minds: common practice, no source. */
public enum TopOf {
    UNKNOWN("not said", Carrier.May.YES, ""), WOOD("wood or plywood", Carrier.May.YES, ""), CHIPBOARD("chipboard",
            Carrier.May.PERHAPS, "chipboard crushes: wide pads"), STONE("stone or tiles", Carrier.May.PERHAPS,
                    "stone splits: soft pads, gently"), METAL("metal", Carrier.May.YES, ""), GLASS("glass",
                            Carrier.May.NO, "nothing is clamped to glass or stood on it");

    private final String words;
    private final Carrier.May may;
    private final String why;

    TopOf(String words, Carrier.May may, String why) {
        this.words = words;
        this.may = may;
        this.why = why;
    }

    /** Whether it may be clamped to. */
    Carrier.May may() {
        return may;
    }

    /** Why not, or what to mind, in half a sentence; empty if nothing. */
    String why() {
        return why;
    }

    @Override
    public String toString() {
        return words;
    }
}
