package firmperch.trial;

/**
 * How much is tried: a short slice on every run of the tests, all of it with {@code mvn -Ptrials verify}, which sets
 * {@code trials=full}, or as much as {@code -Dtrial.NAME=COUNT} says.
 */
public final class Trial {
    private Trial() {
    }

    /** How often something is tried. */
    public static int times(String name, int slice, int full) {
        return Integer.getInteger("trial." + name, "full".equals(System.getProperty("trials")) ? full : slice);
    }
}
