package boldwedge.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import boldwedge.core.family.Families;
import boldwedge.core.family.ToolFamily;
import boldwedge.core.measure.Say;
import boldwedge.core.measure.Written;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/** The house's rules for the core. */
class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("boldwedge.core");

    private static final List<String> FAMILIES =
            Families.all().stream().map(ToolFamily::id).toList();

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

    /** Geometry and physics, and what families compute, know no words: they neither write nor find nor draw. */
    @Test
    void numbersKnowNoWords() {
        noClasses()
                .that()
                .resideInAnyPackage(
                        "boldwedge.core.stock..",
                        "boldwedge.core.wedge..",
                        "boldwedge.core.cutting..",
                        "boldwedge.core.rigidity..",
                        "boldwedge.core.hole..",
                        "boldwedge.core.heat..",
                        "boldwedge.core.thread..",
                        "boldwedge.core.holder..",
                        "boldwedge.core.*.model..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "boldwedge.core.ask..",
                        "boldwedge.core.finding..",
                        "boldwedge.core.rule..",
                        "boldwedge.core.drawing..",
                        "boldwedge.core.family..",
                        "boldwedge.core.*.ask..",
                        "boldwedge.core.*.tell..")
                .orShould()
                .dependOnClassesThat()
                .belongToAnyOf(Written.class, Say.class)
                .check(CORE);
    }

    /** A family is known to nobody: neither to another one nor to what all of them share. */
    @Test
    void nobodyNamesAFamily() {
        for (String family : FAMILIES) {
            noClasses()
                    .that()
                    .resideOutsideOfPackage("boldwedge.core." + family + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAPackage("boldwedge.core." + family + "..")
                    .check(CORE);
        }
    }

    /** What is asked and read knows nothing of what is said; both know what is computed. */
    @Test
    void askingKnowsNothingOfTelling() {
        noClasses()
                .that()
                .resideInAPackage("boldwedge.core.*.ask..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("boldwedge.core.*.tell..")
                .check(CORE);
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

    /** The blanks of a sentence are filled in one place, which says in whose language: nobody's. */
    @Test
    void sentencesAreFilledInOnePlace() {
        noClasses()
                .that()
                .doNotBelongToAnyOf(Written.class)
                .should()
                .callMethod(String.class, "format", Locale.class, String.class, Object[].class)
                .check(CORE);
    }
}
