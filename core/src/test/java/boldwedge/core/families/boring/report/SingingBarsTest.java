package boldwedge.core.families.boring.report;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.family.Families;
import boldwedge.core.family.Planner;
import boldwedge.core.family.ToolFamily;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Lessons;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The band between quiet and singing, held to what every shop knows of bars in steel at the speeds of high-speed steel. */
class SingingBarsTest {
    private static Map<String, String> fields(String bar, double diameter, double ratio, double depth, String... more) {
        Map<String, String> fields = new HashMap<>(Map.of(
                "operation",
                "bore",
                "material",
                "steel-low-carbon",
                "barMaterial",
                bar,
                "barDiameter",
                diameter + " mm",
                "barOverhang",
                diameter * ratio + " mm",
                "boreDepth",
                (diameter * ratio - 2.01) + " mm",
                "boreDepthOfCut",
                depth + " mm",
                "boreFeed",
                "0.07 mm/rev",
                "boreNose",
                "0.4 mm",
                "outside",
                4 * diameter + " mm"));
        fields.put("boreStickOut", "60 mm");
        fields.put("boreStart", 1.6 * diameter + " mm");
        fields.put("boreFinished", (1.6 * diameter + 2 * depth) + " mm");
        fields.put("barLength", 1.8 * diameter * ratio + " mm");
        for (int i = 0; i < more.length; i += 2) {
            fields.put(more[i], more[i + 1]);
        }
        return fields;
    }

    private static PlanAnswer plan(PlanRequest request) {
        PlanAnswer answer = Planner.plan(request);
        assertThat(answer.worked()).isTrue();
        return answer;
    }

    private static PlanAnswer bored(String bar, double diameter, double ratio, double depth, String... more) {
        return plan(new PlanRequest(
                fields(bar, diameter, ratio, depth, more), UnitSystem.METRIC, Optional.of(Shop.lathe())));
    }

    private static Finding chatter(PlanAnswer answer) {
        return answer.findings().stream()
                .filter(finding -> finding.id().equals("chatter"))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"10, 0.25", "16, 0.25", "25, 0.25", "16, 0.5"})
    void atThreeToOneASteelBarStandsQuiet(double diameter, double depth) {
        assertThat(chatter(bored("steel", diameter, 3, depth)).verdict()).isEqualTo(Verdict.FINE);
    }

    @ParameterizedTest
    @CsvSource({"16, 4", "16, 5", "25, 5", "25, 4"})
    void atFourAndFiveToOneItIsListenedTo(double diameter, double ratio) {
        Finding chatter = chatter(bored("steel", diameter, ratio, 0.25, "boreSpeed", usualSpeed(diameter, 0.25)));
        assertThat(chatter.verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(chatter.statement()).startsWith("Listen on the first pass");
        // Left to the program it may run slower, where that makes it sure.
        assertThat(chatter(bored("steel", diameter, ratio, 0.25)).verdict()).isIn(Verdict.DOUBTFUL, Verdict.FINE);
    }

    /** The speed at which a stout bar would bore it. */
    private static String usualSpeed(double diameter, double depth, String... more) {
        return bored("steel", diameter, 3, depth, more).fields().stream()
                .filter(state -> state.id().equals("boreSpeed"))
                .findFirst()
                .orElseThrow()
                .text();
    }

    @ParameterizedTest
    @CsvSource({"16, 0.25, WRONG", "25, 0.25, WRONG", "16, 0.025, DOUBTFUL", "25, 0.025, DOUBTFUL"})
    void atEightToOneItSingsUnlessTheCutIsAWhisper(double diameter, double depth, Verdict verdict) {
        assertThat(chatter(bored("steel", diameter, 8, depth)).verdict()).isEqualTo(verdict);
    }

    /** Whatever the steel: quiet at 3:1, heard of at 5:1 where it is not quiet yet, sure to sing at 8:1 in an ordinary cut. */
    @ParameterizedTest
    @ValueSource(strings = {"steel-low-carbon", "steel-free", "steel-medium-carbon", "steel-alloy-annealed"})
    void itIsTheSameInEverySteel(String steel) {
        for (double depth : new double[] {0.25, 0.5}) {
            assertThat(chatter(bored("steel", 16, 3, depth, "material", steel)).verdict())
                    .isEqualTo(Verdict.FINE);
            String speed = usualSpeed(16, depth, "material", steel);
            assertThat(chatter(bored("steel", 16, 5, depth, "material", steel, "boreSpeed", speed))
                            .verdict())
                    .isEqualTo(Verdict.DOUBTFUL);
            assertThat(chatter(bored("steel", 16, 8, depth, "material", steel)).verdict())
                    .isEqualTo(Verdict.WRONG);
        }
    }

    @ParameterizedTest
    @CsvSource({"heavy-metal", "carbide"})
    void heavyMetalAndCarbideReachFurther(String material) {
        for (double ratio : new double[] {5, 6, 8}) {
            assertThat(bored(material, 16, ratio, 0.25).figure("quietDepth").is())
                    .isGreaterThan(
                            bored("steel", 16, ratio, 0.25).figure("quietDepth").is());
        }
    }

    /** Slower is quieter: the flank damps by the speed. A tap test takes the bar's part of the doubt out. */
    @Test
    void slowingDownAndTappingNarrowTheDoubt() {
        String usual = usualSpeed(16, 0.1);
        PlanAnswer fast = bored("steel", 16, 5, 0.1, "boreSpeed", usual);
        PlanAnswer slow = bored("steel", 16, 5, 0.1, "boreSpeed", "140 rpm");
        assertThat(slow.figure("quietDepth").value().orElse(99.0))
                .isGreaterThan(fast.figure("quietDepth").is());
        PlanAnswer tapped = bored("steel", 16, 5, 0.1, "damping", "0.025", "boreSpeed", usual);
        assertThat(tapped.figure("quietDepth").is())
                .isGreaterThan(fast.figure("quietDepth").is());
        assertThat(tapped.figure("singsDepth").value().orElse(99.0))
                .isLessThanOrEqualTo(fast.figure("singsDepth").value().orElse(99.0));
    }

    @Test
    void aPointWithoutANoseIsNotCovered() {
        Finding chatter = chatter(bored("steel", 16, 5, 0.25, "boreNose", "0 mm"));
        assertThat(chatter.verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(chatter.statement()).contains("not covered");
    }

    /** What costs nothing comes first: speed, feed, depth; then reach, edge, bar. */
    @Test
    void remediesComeInTheOrderInWhichTheyAreTried() {
        java.util.List<String> order = java.util.List.of(
                "boreSpeed",
                "boreFeed",
                "boreDepthOfCut",
                "barOverhang",
                "boreNose",
                "boreSideEdge",
                "boreSideRake",
                "barDiameter",
                "barMaterial");
        var fields = chatter(bored("steel", 16, 5, 0.25)).mends().stream()
                .map(mend -> order.indexOf(mend.field()))
                .toList();
        assertThat(fields).isNotEmpty().isSorted().doesNotContain(-1);
        assertThat(fields.getFirst()).isZero();
    }

    private static double figure(PlanAnswer answer, String id) {
        return answer.figures().stream()
                .filter(figure -> figure.id().equals(id))
                .findFirst()
                .orElseThrow()
                .value()
                .orElseThrow();
    }

    /** Two cuts with an ear to them, one quiet and one that sang: the band is drawn in between them, and the untaught one stays visible. */
    @Test
    void twoTrialsNarrowTheBand() {
        Map<String, String> job = fields("steel", 16, 8, 0.1);
        PlanRequest asked = new PlanRequest(job, UnitSystem.METRIC, Optional.of(Shop.lathe()));
        PlanAnswer before = plan(asked);
        double quiet = figure(before, "quietDepth");
        double sings = figure(before, "singsDepth");
        double likely = Math.sqrt(quiet * sings);
        ToolFamily<?> boring = Families.of(asked);
        Lessons lessons = new Lessons();
        listen(lessons, boring, job, 0.9 * likely, "quiet");
        listen(lessons, boring, job, 1.3 * likely, "chatter");
        PlanRequest taught = new PlanRequest(
                job,
                asked.units(),
                asked.lathe(),
                lessons.taught(boring.about(asked).orElseThrow()));
        PlanAnswer after = plan(taught);
        assertThat(figure(after, "quietDepth")).isGreaterThan(quiet);
        assertThat(figure(after, "singsDepth")).isLessThan(sings);
        assertThat(Math.log(figure(after, "singsDepth") / figure(after, "quietDepth")))
                .isLessThan(0.6 * Math.log(sings / quiet));
        assertThat(chatter(after).notes().toString())
                .contains("Heard in 2 trials of this bar")
                .contains("Before them");
        // Another bar has not been heard, and trials left out say nothing.
        PlanRequest thinner = new PlanRequest(fields("steel", 12, 8, 0.1), UnitSystem.METRIC, asked.lathe());
        assertThat(lessons.taught(boring.about(thinner).orElseThrow()).of(Calibration.Of.QUIET))
                .isEqualTo(Calibration.NOTHING);
        Map<String, String> leftOut = new HashMap<>(job);
        leftOut.put("useTaught", "left-out");
        assertThat(figure(
                        plan(new PlanRequest(leftOut, taught.units(), taught.lathe(), taught.taught())), "quietDepth"))
                .isEqualTo(quiet);
    }

    /** At five to one and slow no depth was likely to make it sing. It sang: that counts, and quiet cuts alone make nothing sing. */
    @Test
    void aBarThatSangWhereNothingWasLikelyToMakeItTeaches() {
        Map<String, String> job =
                fields("steel", 16, 4.5, 0.15, "material", "steel-alloy-annealed", "boreSpeed", "210 rpm");
        PlanRequest asked = new PlanRequest(job, UnitSystem.METRIC, Optional.of(Shop.lathe()));
        PlanAnswer before = plan(asked);
        assertThat(before.figure("limitDepth").value()).isEmpty();
        assertThat(before.figure("singsDepth").value()).isEmpty();
        double quiet = figure(before, "quietDepth");

        PlanAnswer sang = taughtBy(asked, 2 * quiet, "chatter");
        assertThat(figure(sang, "singsDepth")).isBetween(2 * quiet, 8 * quiet);
        assertThat(figure(sang, "quietDepth")).isBetween(0.5 * quiet, 1.2 * quiet);
        assertThat(chatter(sang).notes().toString()).contains("Heard in 1 trial of this bar. Before them");

        PlanAnswer still = taughtBy(asked, 2 * quiet, "quiet");
        assertThat(still.figure("singsDepth").value()).isEmpty();
        assertThat(figure(still, "quietDepth")).isGreaterThan(1.3 * quiet).isLessThan(3 * quiet);

        PlanAnswer both = taughtBy(asked, 2 * quiet, "quiet", 3 * quiet, "chatter");
        assertThat(figure(both, "quietDepth")).isGreaterThan(1.3 * quiet).isLessThan(3 * quiet);
        assertThat(figure(both, "singsDepth")).isBetween(2.5 * quiet, 5 * quiet);
    }

    private static PlanAnswer taughtBy(PlanRequest asked, Object... depthsAndSounds) {
        ToolFamily<?> boring = Families.of(asked);
        Lessons lessons = new Lessons();
        for (int i = 0; i < depthsAndSounds.length; i += 2) {
            listen(lessons, boring, asked.fields(), (double) depthsAndSounds[i], (String) depthsAndSounds[i + 1]);
        }
        return plan(new PlanRequest(
                asked.fields(),
                asked.units(),
                asked.lathe(),
                lessons.taught(boring.about(asked).orElseThrow())));
    }

    private static void listen(
            Lessons lessons, ToolFamily<?> boring, Map<String, String> job, double depth, String sound) {
        Map<String, String> run = new HashMap<>(job);
        run.put("boreDepthOfCut", depth + " mm");
        PlanRequest plan = new PlanRequest(run, UnitSystem.METRIC, Optional.of(Shop.lathe()));
        boring.lessons(new TrialRequest(plan, Map.of("sound", sound))).forEach(lessons::add);
    }
}
