package glimble;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "glimble", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule CORE_DEPENDS_ON_NOTHING = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "glimble..",
                    "java.lang",
                    "java.lang.invoke",
                    "java.util",
                    "java.util.function",
                    "java.util.regex",
                    "java.util.stream");

    @ArchTest
    static final ArchRule PACKAGES_ARE_IN_NO_CIRCLE =
            slices().matching("glimble.(*)..").should().beFreeOfCycles();
}
