package firmperch.desk;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import firmperch.desk.frame.Views;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Views read assessments and send edits; the command line knows no window. */
@AnalyzeClasses(packages = "firmperch.desk", importOptions = ImportOption.DoNotIncludeTests.class)
class DeskArchitectureTest {

    @ArchTest
    static final ArchRule COMMAND_LINE_WITHOUT_JAVAFX = noClasses().that().resideInAPackage("firmperch.desk.cli..")
            .should().dependOnClassesThat().resideInAnyPackage("javafx..", "firmperch.desk", "firmperch.desk.draw");

    @ArchTest
    static final ArchRule MAIN_WITHOUT_JAVAFX = noClasses().that().haveSimpleName("Main").should()
            .dependOnClassesThat().resideInAnyPackage("javafx..");

    @ArchTest
    static final ArchRule VIEWS_SOLVE_NOTHING = noClasses().should().dependOnClassesThat()
            .haveFullyQualifiedName("firmperch.frame.FrameSolver");

    @ArchTest
    static final ArchRule PANELS_DO_NOT_KNOW_EACH_OTHER = com.tngtech.archunit.library.dependencies.SlicesRuleDefinition
            .slices().matching("firmperch.desk.(shot|gear|place|perch|steady|ballast|make|prove)..").should()
            .notDependOnEachOther();
}
