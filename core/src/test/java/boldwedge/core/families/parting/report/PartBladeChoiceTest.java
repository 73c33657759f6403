package boldwedge.core.families.parting.report;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.planning.PlanAnswer;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Which blade is taken where nobody picked one, and what is said first of a blade that gives way. */
class PartBladeChoiceTest {
    private static long doubts(PlanAnswer answer) {
        return answer.findings().stream().filter(f -> f.verdict().isDoubt()).count();
    }

    /** On a light lathe the usual blade is doubted: where nobody picked one, a narrower one is taken, which asks less of the post. */
    @Test
    void aBladeThatNobodyPickedStandsUpToTheCut() {
        String[] pin = {"material", "silver-steel", "partDiameter", "12 mm"};
        List<String> usual = new ArrayList<>(List.of(pin));
        usual.addAll(List.of("blade", "blade-3-32-taper"));
        PlanAnswer asked = PartPlanTest.plan(usual.toArray(String[]::new));
        PlanAnswer own = PartPlanTest.plan(pin);
        assertThat(doubts(asked)).isPositive();
        assertThat(doubts(own)).isLessThan(doubts(asked));
        assertThat(own.figure("breaksAt").is())
                .isGreaterThan(1.1 * asked.figure("breaksAt").is());
        assertThat(own.figure("feed").is())
                .as("no thin chips for it")
                .isGreaterThanOrEqualTo(0.8 * asked.figure("feed").is());
    }

    /** A blade that is changed in a minute, and holds, is said before a block that takes a day; one that does not hold, after it. */
    @Test
    void whatHoldsAtTheMachineComesBeforeWhatIsBuilt() {
        List<String> light = fieldsOfRemedies(
                "material",
                "steel-low-carbon",
                "partDiameter",
                "16 mm",
                "bladeOverhang",
                "16 mm",
                "blade",
                "blade-3-32-taper");
        assertThat(light.indexOf("blade")).isNotNegative().isLessThan(light.indexOf("partHolder"));
        List<String> heavy = fieldsOfRemedies(PartPlanTest.RINGS);
        assertThat(heavy.indexOf("partHolder")).isNotNegative().isLessThan(heavy.indexOf("blade"));
    }

    private static List<String> fieldsOfRemedies(String... fieldsAndTexts) {
        return PartPlanTest.finding(PartPlanTest.plan(fieldsAndTexts), "breaks-first").mends().stream()
                .map(fix -> fix.field())
                .toList();
    }
}
