package boldwedge.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The house's rules for the core. */
class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("boldwedge.core");

    @Test
    void theCoreKnowsOnlyTheJdkAndItsNumerics() {
        classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage("boldwedge.core..", "java..", "org.hipparchus..", "org.jspecify..")
                .check(CORE);
    }

    @Test
    void noPackagesFormACycle() {
        slices().matching("boldwedge.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void theCoreHasNoClockAndNoFiles() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.time..", "java.nio.file..", "java.net..", "java.sql..")
                .check(CORE);
    }

    @Test
    void onlyMeasureReadsNumbersFromText() {
        noClasses()
                .that()
                .resideOutsideOfPackage("boldwedge.core.measure..")
                .should()
                .callMethod(Double.class, "parseDouble", String.class)
                .orShould()
                .callMethod(Double.class, "valueOf", String.class)
                .check(CORE);
    }

    /** Digits and letters come out the same whatever the machine's language: Turkish has another i, Arabic other digits. */
    @Test
    void nothingIsWrittenInTheMachinesLanguage() {
        noClasses()
                .should()
                .callMethod(String.class, "format", String.class, Object[].class)
                .orShould()
                .callMethod(String.class, "formatted", Object[].class)
                .orShould()
                .callMethod(String.class, "toLowerCase")
                .orShould()
                .callMethod(String.class, "toUpperCase")
                .orShould()
                .callConstructor(java.text.DecimalFormat.class, String.class)
                .check(CORE);
    }
}
