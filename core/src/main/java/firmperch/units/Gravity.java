package firmperch.units;

/** What a mass weighs. */
public final class Gravity {
    /** Standard acceleration of free fall, m/s² (CGPM 1901). */
    public static final double STANDARD = 9.80665;

    private Gravity() {
    }
}
