package firmperch;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

/** The packages depend on each other one way only, in the order of the work. */
@AnalyzeClasses(packages = "firmperch", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule ONE_WAY = layeredArchitecture().consideringOnlyDependenciesInLayers()
            .layer("units").definedBy("firmperch.units").layer("stock").definedBy("firmperch.stock").layer("shot")
            .definedBy("firmperch.shot").layer("frame").definedBy("firmperch.frame").layer("rig")
            .definedBy("firmperch.rig").layer("pose").definedBy("firmperch.pose").layer("log")
            .definedBy("firmperch.log").layer("project").definedBy("firmperch.project").layer("check")
            .definedBy("firmperch.check").layer("search").definedBy("firmperch.search").layer("draw")
            .definedBy("firmperch.draw").layer("make").definedBy("firmperch.make").layer("file")
            .definedBy("firmperch.file").whereLayer("file").mayNotBeAccessedByAnyLayer().whereLayer("make")
            .mayNotBeAccessedByAnyLayer().whereLayer("draw").mayOnlyBeAccessedByLayers("make").whereLayer("search")
            .mayOnlyBeAccessedByLayers("make", "file").whereLayer("check")
            .mayOnlyBeAccessedByLayers("search", "draw", "make", "file").whereLayer("project")
            .mayOnlyBeAccessedByLayers("check", "search", "draw", "make", "file").whereLayer("pose")
            .mayOnlyBeAccessedByLayers("check", "search", "draw", "make", "file").whereLayer("frame")
            .mayOnlyBeAccessedByLayers("pose", "check", "search", "draw", "make");

    @ArchTest
    static final ArchRule NO_CYCLES = SlicesRuleDefinition.slices().matching("firmperch.(*)..").should()
            .beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_INTERFACE = noClasses().should().dependOnClassesThat().resideInAnyPackage("javafx..",
            "firmperch.desk..", "javax.swing..");

    @ArchTest
    static final ArchRule CHECKS_ARE_ALIKE = classes().that().haveSimpleNameEndingWith("Check").and()
            .areNotInterfaces().should().implement(firmperch.check.Check.class).andShould()
            .haveModifier(com.tngtech.archunit.core.domain.JavaModifier.FINAL);
}
