package firmperch.desk.form;

import static org.assertj.core.api.Assertions.assertThat;

import firmperch.desk.widget.Words;
import firmperch.project.Project;
import firmperch.project.RecordPath;
import firmperch.project.Sample;
import firmperch.rig.Station;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FieldsTest {
    private static final Project DEMO = Sample.project();

    static List<Field> fields() {
        List<Field> all = new ArrayList<>(
                Stream.of(Fields.NAMES, Fields.SHOT, Fields.CAMERA, Fields.PLACE, Fields.STAND,
                        Fields.JOINTS, Fields.BALLAST, Fields.POLICY).flatMap(List::stream).toList());
        for (Station station : Station.values()) {
            all.addAll(Fields.of(station));
        }
        return all;
    }

    @ParameterizedTest
    @MethodSource("fields")
    void everyFieldIsOneOfTheProjectsAndOfTheKindItSays(Field field) {
        Object value = RecordPath.of(field.path()).get(DEMO);
        switch (field.kind()) {
            case Field.Typed typed -> assertThat(value).isInstanceOf(Number.class);
            case Field.Chosen chosen -> assertThat(chosen.catalogue().get((String) value)).isNotNull();
            case Field.Either either -> assertThat(value).isInstanceOf(Boolean.class);
            case Field.Words words -> assertThat(value).isInstanceOf(String.class);
        }
        assertThat(RecordPath.of(field.path()).with(DEMO, value)).isEqualTo(DEMO);
    }

    /** Nothing that is saved is out of reach of the person at the desk. */
    @Test
    void everythingSavedCanBeEdited() {
        Set<String> paths = new HashSet<>();
        fields().forEach(f -> paths.add(f.path()));
        List<String> missing = new ArrayList<>();
        collect(DEMO.shot(), "shot.", paths, missing);
        collect(DEMO.place(), "place.", paths, missing);
        collect(DEMO.policy(), "policy.", paths, missing);
        collect(DEMO.perch().head(), "perch.head.", paths, missing);
        collect(DEMO.perch().arm(), "perch.arm.", paths, missing);
        collect(DEMO.perch().carriage(), "perch.carriage.", paths, missing);
        collect(DEMO.perch().upright(), "perch.upright.", paths, missing);
        collect(DEMO.perch().base(), "perch.base.", paths, missing);
        assertThat(missing).isEmpty();
    }

    private static void collect(Object record, String prefix, Set<String> paths, List<String> missing) {
        for (RecordComponent component : record.getClass().getRecordComponents()) {
            if (!paths.contains(prefix + component.getName())) {
                missing.add(prefix + component.getName());
            }
        }
    }
}
