package boldwedge.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import boldwedge.core.family.Families;
import boldwedge.core.family.ToolFamily;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The house's rules for the server. */
class ArchitectureTest {
    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("boldwedge.server");

    @Test
    void featuresFormNoCycle() {
        slices().matching("boldwedge.server.(*)..").should().beFreeOfCycles().check(SERVER);
    }

    /** A feature reaches another only through its service: what else it has is hidden in its package. */
    @Test
    void mappersAndControllersStayInTheirPackage() {
        classes()
                .that()
                .haveSimpleNameEndingWith("Mapper")
                .or()
                .haveSimpleNameEndingWith("Controller")
                .should()
                .bePackagePrivate()
                .check(SERVER);
    }

    /** The trade is computed in the core: the server holds no arithmetic of angles. */
    @Test
    void theServerComputesNothingOfTheTrade() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.hipparchus..")
                .check(SERVER);
        noClasses().should().callMethod(Math.class, "sin", double.class).check(SERVER);
        noClasses().should().callMethod(Math.class, "tan", double.class).check(SERVER);
    }

    /** It knows no family of tools by name. */
    @Test
    void theServerNamesNoFamily() {
        for (ToolFamily<?> family : Families.all()) {
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideInAPackage("boldwedge.core." + family.id() + "..")
                    .check(SERVER);
        }
    }
}
