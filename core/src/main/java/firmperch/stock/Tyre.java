package firmperch.stock;

import java.util.List;

/**
 * What a caster's wheel is shod with.
 *
 * @param stiffness how hard it pushes back for each metre it is pressed in, N/m
 */
public record Tyre(String id, String label, double stiffness, String source) implements Catalogue.Row {
    private static final String SOURCE = "common practice, no source";

    /** Every tyre known; a new one is a new row. */
    public static final Catalogue<Tyre> ALL = new Catalogue<>("tyre",
            List.of(new Tyre("rubber", "solid rubber", 300e3, SOURCE),
                    new Tyre("polyurethane", "polyurethane", 800e3, SOURCE),
                    new Tyre("nylon", "nylon", 2500e3, SOURCE)));
}
