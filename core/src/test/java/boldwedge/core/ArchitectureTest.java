package boldwedge.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
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

    @Test
    void theCoreKnowsOnlyTheJdkAndItsNumerics() {
        classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "boldwedge.core..", "java..", "org.hipparchus..", "org.locationtech.jts..", "org.jspecify..")
                .check(CORE);
    }

    @Test
    void noPackagesFormACycle() {
        for (String floor : List.of("", "families.", "mechanics.", "language.")) {
            slices().matching("boldwedge.core." + floor + "(*)..")
                    .should()
                    .beFreeOfCycles()
                    .check(CORE);
        }
    }

    /** Geometry and physics, and what families compute, know no words: they neither write nor find nor draw. */
    @Test
    void numbersKnowNoWords() {
        noClasses()
                .that()
                .resideInAnyPackage(
                        "boldwedge.core.language.stock..",
                        "boldwedge.core.mechanics.wedge..",
                        "boldwedge.core.mechanics.cutting..",
                        "boldwedge.core.mechanics.rigidity..",
                        "boldwedge.core.mechanics.hole..",
                        "boldwedge.core.mechanics.heat..",
                        "boldwedge.core.mechanics.thread..",
                        "boldwedge.core.mechanics.holder..",
                        "boldwedge.core.families.*.model..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "boldwedge.core.planning..",
                        "boldwedge.core.language.finding..",
                        "boldwedge.core.rule..",
                        "boldwedge.core.language.drawing..",
                        "boldwedge.core.family..",
                        "boldwedge.core.families.*.entry..",
                        "boldwedge.core.families.*.report..")
                .orShould()
                .dependOnClassesThat()
                .belongToAnyOf(Written.class, UnitFormat.class)
                .check(CORE);
    }

    /** A family is known to nobody: neither to another one nor to what all of them share. */
    @Test
    void nobodyNamesAFamily() {
        noClasses()
                .that()
                .resideOutsideOfPackage("boldwedge.core.families..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("boldwedge.core.families..")
                .check(CORE);
        slices().matching("boldwedge.core.families.(*)..")
                .should()
                .notDependOnEachOther()
                .check(CORE);
    }

    /** What is asked and read knows nothing of what is said; both know what is computed. */
    @Test
    void askingKnowsNothingOfTelling() {
        noClasses()
                .that()
                .resideInAPackage("boldwedge.core.families.*.entry..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("boldwedge.core.families.*.report..")
                .check(CORE);
    }

    /** Names that only their builder knew; what they named is called by the field's own terms now. */
    @Test
    void namesSayWhatTheyName() {
        noClasses()
                .should()
                .haveNameMatching(
                        ".*[.$](Mend|Mender|School|Say|Taught|Teachings|Prover|BoreSeat\\w*|Seat(Field|Reader|Cut|Job|Answer|Findings|Route|Scenes)|\\w+Proof)")
                .orShould()
                .resideInAnyPackage("..ask..", "..tell..", "..proof..")
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
                .resideOutsideOfPackage("boldwedge.core.language.measure..")
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
