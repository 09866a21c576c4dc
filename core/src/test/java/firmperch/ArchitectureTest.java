package firmperch;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.properties.HasModifiers.Predicates.modifier;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import firmperch.part.Part;
import java.util.List;

/** The packages depend on each other one way only, and nothing outside of {@code part} and the list of kinds knows a part. */
@AnalyzeClasses(packages = "firmperch", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    /** Every package there is; each may use those before it, and no other. */
    private static final List<String> ORDER = List.of("units", "disk", "stock", "param", "shot", "body", "part",
            "part.head", "part.base", "part.upright", "part.arm", "part.overhead", "part.portal", "part.balance",
            "kind",
            "log", "frame", "pose", "place", "project", "cost", "clearance", "stability", "strength", "study", "check",
            "search", "draw",
            "make", "file", "choose");

    @ArchTest
    static final ArchRule EACH_USES_THOSE_BEFORE_IT = classes().should(new Layers("firmperch.", ORDER));

    @ArchTest
    static final ArchRule NO_INTERFACE = noClasses().should().dependOnClassesThat().resideInAnyPackage("javafx..",
            "firmperch.desk..", "javax.swing..");

    /** A class of {@code Part} is final where it is one; the interface itself everybody may know. */
    @ArchTest
    static final ArchRule NOBODY_NAMES_A_PART = noClasses()
            .that(not(resideInAPackage("firmperch.part..").or(resideInAPackage("firmperch.kind")))).should()
            .dependOnClassesThat(resideInAPackage("firmperch.part..").and(assignableTo(Part.class))
                    .and(modifier(JavaModifier.FINAL)));
}
