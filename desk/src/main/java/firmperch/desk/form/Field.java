package firmperch.desk.form;

import firmperch.body.Freedom;
import firmperch.param.Described;
import firmperch.param.Param;
import firmperch.param.Path;
import firmperch.project.Project;
import firmperch.units.Quantity;
import java.util.ArrayList;
import java.util.List;

/**
 * A value of the project that can be edited in a form.
 *
 * @param path where it is in the project
 * @param param how it is described
 */
public record Field(Path path, Param param) {
    /**
     * Fields under a heading.
     *
     * @param heading empty for none
     */
    public record Section(String heading, List<Field> fields) {
        public Section {
            fields = List.copyOf(fields);
        }
    }

    /** The value of that path. */
    public static Field at(Project project, String path) {
        Path at = Path.of(path);
        return new Field(at, at.param(project));
    }

    /** Every value of a described record: its own first under one heading, then a section for each group. */
    public static List<Section> sections(String heading, Described record, Path path) {
        List<Section> sections = new ArrayList<>();
        List<Field> own = new ArrayList<>();
        for (Param param : record.params().all()) {
            Path at = path.then(param.name());
            switch (param.kind()) {
                case Param.Group _ -> sections.addAll(sections(param.label(),
                        (Described) record.params().value((Record) record, param.name()), at));
                case Param.Many _,Param.Mixed _,Param.Settings _,Param.Other _ -> {
                    // Edited where they are shown as what they are.
                }
                default -> own.add(new Field(at, param));
            }
        }
        if (!own.isEmpty()) {
            sections.addFirst(new Section(heading, own));
        }
        return sections;
    }

    /** The setting of a joint. */
    public static Field setting(Freedom freedom) {
        Quantity quantity = freedom.kind().quantity();
        // What goes all the way round may be told as one likes.
        boolean round = freedom.kind() == Freedom.Kind.SWING && freedom.to() - freedom.from() > 2 * Math.PI - 1e-9;
        Param.Kind kind = freedom.continuous()
                ? new Param.Measure(quantity, round ? Double.NEGATIVE_INFINITY : freedom.from(),
                        round ? Double.POSITIVE_INFINITY : freedom.to(), 0)
                : new Param.Whole((int) freedom.from(), (int) freedom.to());
        String label = freedom.continuous() ? freedom.label() : freedom.label() + ", 0 lowest";
        return new Field(Path.of("stance.joints." + freedom.id()),
                new Param(freedom.id(), label, kind));
    }
}
