package firmperch;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.properties.HasModifiers.Predicates.modifier;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import firmperch.part.Part;
import java.util.List;

/** The packages depend on each other one way only, and nothing outside {@code part} knows a part. */
@AnalyzeClasses(packages = "firmperch", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    /** Each may use those before it. */
    private static final List<String> ORDER = List.of("units", "stock", "param", "shot", "body", "part", "frame",
            "pose",
            "log", "project", "check", "search", "draw", "make", "file");

    @ArchTest
    static final ArchRule NO_CYCLES = SlicesRuleDefinition.slices().matching("firmperch.(*)..").should()
            .beFreeOfCycles();

    @ArchTest
    static final ArchRule UNITS_KNOW_NOTHING = noClasses().that().resideInAPackage("firmperch.units").should()
            .dependOnClassesThat().resideInAnyPackage(above("units"));

    @ArchTest
    static final ArchRule BODIES_KNOW_NO_PARTS = noClasses().that().resideInAPackage("firmperch.body").should()
            .dependOnClassesThat().resideInAnyPackage(above("body"));

    @ArchTest
    static final ArchRule PARTS_KNOW_NO_CHECKS = noClasses().that().resideInAPackage("firmperch.part").should()
            .dependOnClassesThat().resideInAnyPackage(above("part"));

    @ArchTest
    static final ArchRule CHECKS_KNOW_NO_SEARCH = noClasses().that().resideInAPackage("firmperch.check").should()
            .dependOnClassesThat().resideInAnyPackage(above("check"));

    @ArchTest
    static final ArchRule NO_INTERFACE = noClasses().should().dependOnClassesThat().resideInAnyPackage("javafx..",
            "firmperch.desk..", "javax.swing..");

    @ArchTest
    static final ArchRule NOBODY_NAMES_A_PART = noClasses().that().resideOutsideOfPackage("firmperch.part").should()
            .dependOnClassesThat(resideInAPackage("firmperch.part").and(assignableTo(Part.class))
                    .and(modifier(JavaModifier.FINAL)));

    private static String[] above(String layer) {
        return ORDER.subList(ORDER.indexOf(layer) + 1, ORDER.size()).stream().map(l -> "firmperch." + l)
                .toArray(String[]::new);
    }
}
