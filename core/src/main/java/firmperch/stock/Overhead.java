package firmperch.stock;

/** What is asked of everything above people's heads. */
public final class Overhead {
    /** Working factor on the ultimate: common practice, no source. Local codes rule. */
    public static final double WORKING = 5;

    private Overhead() {
    }
}
