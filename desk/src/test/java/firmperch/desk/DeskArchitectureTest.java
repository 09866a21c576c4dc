package firmperch.desk;

import static com.tngtech.archunit.core.domain.properties.HasModifiers.Predicates.modifier;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import firmperch.Layers;
import firmperch.part.Part;
import java.util.List;

/** Views read assessments and send edits; the command line knows no window. */
@AnalyzeClasses(packages = "firmperch.desk", importOptions = ImportOption.DoNotIncludeTests.class)
class DeskArchitectureTest {
    /** Every package there is; each may use those before it, and no other. */
    private static final List<String> ORDER = List.of("document", "widget", "draw", "form", "panel", "shot", "gear",
            "place",
            "kind", "perch", "steady", "ballast", "make", "prove", "frame", "cli", "app", "");

    @ArchTest
    static final ArchRule EACH_USES_THOSE_BEFORE_IT = classes().should(new Layers("firmperch.desk.", ORDER));

    @ArchTest
    static final ArchRule COMMAND_LINE_WITHOUT_JAVAFX = noClasses().that().resideInAPackage("firmperch.desk.cli..")
            .should().dependOnClassesThat().resideInAnyPackage("javafx..", "firmperch.desk", "firmperch.desk.app",
                    "firmperch.desk.draw",
                    "firmperch.desk.frame", "firmperch.desk.panel", "firmperch.desk.widget");

    @ArchTest
    static final ArchRule MAIN_WITHOUT_JAVAFX = noClasses().that().haveSimpleName("Main").should()
            .dependOnClassesThat().resideInAnyPackage("javafx..");

    @ArchTest
    static final ArchRule NOBODY_NAMES_A_PART = noClasses().should()
            .dependOnClassesThat(JavaClass.Predicates.resideInAPackage("firmperch.part..")
                    .and(JavaClass.Predicates.assignableTo(Part.class)).and(modifier(JavaModifier.FINAL)));

    /** What the toolkit does not promise may be gone with its next version. */
    @ArchTest
    static final ArchRule ONE_PLACE_REACHES_INTO_THE_TOOLKIT = noClasses().that().doNotHaveSimpleName("TextShaper")
            .should().dependOnClassesThat().resideInAPackage("com.sun..");

    @ArchTest
    static final ArchRule VIEWS_SOLVE_NOTHING = noClasses().should().dependOnClassesThat()
            .haveFullyQualifiedName("firmperch.frame.FrameSolver");

    @ArchTest
    static final ArchRule PANELS_DO_NOT_KNOW_EACH_OTHER = com.tngtech.archunit.library.dependencies.SlicesRuleDefinition
            .slices().matching("firmperch.desk.(shot|gear|place|kind|perch|steady|ballast|make|prove)..").should()
            .notDependOnEachOther();
}
