package firmperch.stock;

import java.util.List;

/**
 * A size of steel pipe with tapered threads, and the malleable fittings for it. Lengths in m, masses in kg.
 *
 * @param centre middle of an elbow or a tee to its face
 * @param band outer diameter of a fitting's rim
 * @param price of one fitting, units of money
 * @param pricePerMetre of the pipe, units of money
 */
public record ThreadedPipe(String id, String label, Section.RoundTube section, Thread thread, double centre,
        double band, Masses masses, double price, double pricePerMetre, String source) implements Catalogue.Row {
    private static final String SOURCE = "EN 10255 medium (pipe), ISO 7-1 (thread, minor diameter), EN 10242 (fittings), from memory; "
            + "masses and prices common practice, no source";

    /** Lengths of a thread, m: diameter at its bottom, length screwed in. */
    public record Thread(double root, double engagement) {}

    /** Masses of the fittings, kg. */
    public record Masses(double elbow, double tee, double cap) {}

    /** Every size known; a new one is a new row. */
    public static final Catalogue<ThreadedPipe> ALL = new Catalogue<>("threaded pipe",
            List.of(pipe("half", "½ in threaded pipe", 21.3, 2.6, new Thread(0.018631, 0.013), 28, 28,
                    new Masses(0.105, 0.145, 0.060), 1.8, 5),
                    pipe("three-quarter", "¾ in threaded pipe", 26.9, 2.6, new Thread(0.024117, 0.015), 33, 34,
                            new Masses(0.155, 0.215, 0.085), 2.4, 6.5),
                    pipe("one", "1 in threaded pipe", 33.7, 3.2, new Thread(0.030291, 0.017), 38, 42,
                            new Masses(0.245, 0.330, 0.135), 3.4, 9),
                    pipe("one-quarter", "1¼ in threaded pipe", 42.4, 3.2, new Thread(0.038952, 0.019), 45, 51,
                            new Masses(0.380, 0.500, 0.210), 4.8, 12)));

    private static ThreadedPipe pipe(String id, String label, double diameter, double wall, Thread thread,
            double centre, double band, Masses masses, double price, double perMetre) {
        return new ThreadedPipe(id, label, new Section.RoundTube(diameter * 1e-3, wall * 1e-3), thread, centre * 1e-3,
                band * 1e-3, masses, price, perMetre, SOURCE);
    }

    /** What is left of the pipe under its thread. */
    public Section.RoundTube root() {
        return new Section.RoundTube(thread.root, (thread.root - section.diameter()) / 2 + section.wall());
    }

    /** Middle of a fitting to the end of a pipe screwed into it: what it takes off a length between middles, m. */
    public double takeUp() {
        return centre - thread.engagement;
    }

    /** What it is made of. */
    public Material material() {
        return Material.ALL.get("steel-s195t");
    }
}
