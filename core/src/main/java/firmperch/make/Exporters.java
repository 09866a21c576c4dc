package firmperch.make;

import java.util.List;
import java.util.Optional;

/** All that can be written of a project; a new format is a new row. */
public final class Exporters {
    /** The build pack. */
    public static final Exporter PACK = new Exporter("pdf", "Build pack as PDF", "build-pack.pdf",
            Exporter.Needs.VERDICT, true, BuildPack::content, Printable::missing);
    /** The cut list for a spreadsheet. */
    public static final Exporter CUTS = new Exporter("cuts", "Cut list as CSV", "cuts.csv", Exporter.Needs.PIECES,
            true, assessment -> Lists.cuts(MakingPlan.of(assessment)));
    /** The shopping list for a spreadsheet. */
    public static final Exporter HARDWARE = new Exporter("hardware", "Shopping list as CSV", "hardware.csv",
            Exporter.Needs.PIECES, true, assessment -> Lists.hardware(MakingPlan.of(assessment)));

    /** The mat of what the camera sees. */
    public static final Exporter MAT = new Exporter("mat", "Mat for the bench as PDF", "mat.pdf", Exporter.Needs.PIECES,
            false,
            Mat::content);

    /** Every one of them, in the order in which they are offered. */
    public static final List<Exporter> ALL = List.of(PACK, CUTS, HARDWARE, MAT);

    private Exporters() {
    }

    /** The one of that id, if there is one. */
    public static Optional<Exporter> of(String id) {
        return ALL.stream().filter(e -> e.id().equals(id)).findFirst();
    }
}
