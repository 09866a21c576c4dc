package firmperch.desk.form;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.file.Samples;
import firmperch.param.Described;
import firmperch.param.Param;
import firmperch.param.Path;
import firmperch.part.Kind;
import firmperch.part.Mounted;
import firmperch.part.Parts;
import firmperch.project.Project;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Forms follow from the params: nothing that is saved is out of reach of the person at the desk. */
class FieldsTest {
    private static final Project DEMO = Samples.wedgingBench();

    static Stream<Kind> kinds() {
        return Parts.kinds().stream();
    }

    private static List<Field> fields(Project project) {
        List<Field.Section> sections = new ArrayList<>();
        sections.addAll(Field.sections("", project.shot(), Path.of("shot")));
        sections.addAll(Field.sections("", project.place(), Path.of("place")));
        sections.addAll(Field.sections("", project.policy(), Path.of("policy")));
        sections.addAll(Field.sections("", project.stance(), Path.of("stance")));
        for (Mounted mounted : project.perch().parts()) {
            sections.addAll(Field.sections("", mounted.part(), Path.of("perch." + mounted.name())));
        }
        return sections.stream().flatMap(s -> s.fields().stream()).toList();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyFieldIsOneOfTheProjectsAndGoesBackIn(Kind kind) {
        Project project = DEMO.with(kind.start().get());
        for (Field field : fields(project)) {
            Object value = field.path().get(project);
            assertThat(value).as(field.path().toString()).isNotNull();
            assertThat(field.path().param(project)).isEqualTo(field.param());
            assertThat(field.path().with(project, value)).isEqualTo(project);
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everythingSavedCanBeEdited(Kind kind) {
        Project project = DEMO.with(kind.start().get());
        Set<String> paths = new HashSet<>();
        fields(project).forEach(f -> paths.add(f.path().toString()));
        for (Mounted mounted : project.perch().parts()) {
            collect(mounted.part(), "perch." + mounted.name(), paths);
        }
        Project furnished = project.with(project.place().with(Samples.wedgingBench().place().things()));
        for (int i = 0; i < furnished.place().things().size(); i++) {
            Described thing = furnished.place().things().get(i);
            String path = "place.things." + i;
            Field.sections("", thing, Path.of(path)).stream().flatMap(section -> section.fields().stream())
                    .forEach(f -> paths.add(f.path().toString()));
            collect(thing, path, paths);
        }
        collect(project.place(), "place", paths);
        collect(project.policy(), "policy", paths);
    }

    private static void collect(Described record, String prefix, Set<String> paths) {
        for (Param param : record.params().all()) {
            Object value = record.params().value((Record) record, param.name());
            if (param.kind() instanceof Param.Mixed) {
                // Each thing is edited by itself.
                continue;
            }
            if (value instanceof Described group) {
                collect(group, prefix + "." + param.name(), paths);
            } else {
                assertThat(paths).contains(prefix + "." + param.name());
            }
        }
    }

    /** Grouped as the part is built, under the groups' own names. */
    @Test
    void sectionsAreTheGroups() {
        List<Field.Section> arm = Field.sections("", (Described) DEMO.perch().branch("arm"), Path.of("perch.arm"));
        assertThat(arm).extracting(Field.Section::heading).containsExactly("Sticks", "Pivots", "Stops", "Plates");
    }
}
