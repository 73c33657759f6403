package boldwedge.core.families.boring.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.family.Planner;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What the search over bars and reaches promises is what the plan says, and each loser has its reason. */
class BarSearchTest {
    /** A bar of the shop by its name. */
    private record ShopBar(String id, Map<String, String> fields) {}

    /** How it would do. */
    private record Match(String id, Verdict verdict, double rank, List<String> reasons, Map<String, String> take) {}

    /** All bars, best first. */
    private static List<Match> search(PlanRequest cut, List<ShopBar> bars) {
        return bars.stream()
                .map(bar -> {
                    ToolMatch match = BarSearch.judge(cut, bar.fields());
                    return new Match(bar.id(), match.verdict(), match.rank(), match.reasons(), match.take());
                })
                .sorted(Comparator.comparingDouble(Match::rank))
                .toList();
    }

    private static final Map<String, String> HOLE = Map.of(
            "operation",
            "bore",
            "boreStart",
            "18.5 mm",
            "boreFinished",
            "20 mm",
            "boreDepth",
            "40 mm",
            "boreTolerance",
            "H7");

    private static PlanRequest request(Map<String, String> more) {
        Map<String, String> fields = new HashMap<>(HOLE);
        fields.putAll(more);
        return new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe()));
    }

    private static ShopBar bar(String id, String... fieldsAndTexts) {
        Map<String, String> fields = new HashMap<>(Map.of("boreBit", "hss-5mm"));
        for (int i = 0; i < fieldsAndTexts.length; i += 2) {
            fields.put(fieldsAndTexts[i], fieldsAndTexts[i + 1]);
        }
        return new ShopBar(id, fields);
    }

    private static final List<ShopBar> SHOP = List.of(
            bar("thin", "barDiameter", "7 mm", "barLength", "200 mm"),
            bar("stout", "barDiameter", "12 mm", "barLength", "120 mm"),
            bar("short", "barDiameter", "12 mm", "barLength", "60 mm"),
            bar("fat", "barDiameter", "25 mm", "barLength", "200 mm"),
            bar("heavy", "barDiameter", "12 mm", "barLength", "120 mm", "barMaterial", "heavy-metal"));

    @Test
    void theStiffestThatFitsComesFirstAndEachLoserHasItsReason() {
        List<Match> found = search(request(Map.of()), SHOP);
        assertThat(found).hasSize(5);
        assertThat(found.getFirst().id()).isEqualTo("heavy");
        assertThat(found.get(1).id()).isEqualTo("stout");
        assertThat(found.getLast().id()).isEqualTo("fat");
        assertThat(found.getLast().reasons().getFirst()).contains("does not go into a hole of 18.5 mm");
        Match tooShort =
                found.stream().filter(m -> m.id().equals("short")).findFirst().orElseThrow();
        assertThat(tooShort.verdict()).isEqualTo(Verdict.WRONG);
        assertThat(tooShort.reasons().getFirst()).contains("short").contains("mm");
        Match thin =
                found.stream().filter(m -> m.id().equals("thin")).findFirst().orElseThrow();
        assertThat(thin.reasons().getLast()).contains("small at the first pass");
    }

    /** Taking the best bar at its best gives, in the full plan, the size error that the search promised. */
    @Test
    void whatIsPromisedIsWhatThePlanSays() {
        for (Match match : search(request(Map.of()), SHOP)) {
            if (match.take().isEmpty()) {
                continue;
            }
            Map<String, String> fields = new HashMap<>();
            SHOP.stream().filter(b -> b.id().equals(match.id())).forEach(b -> fields.putAll(b.fields()));
            fields.putAll(match.take());
            PlanAnswer answer = Planner.plan(request(fields));
            assertThat(answer.worked()).as(match.id()).isTrue();
            String promised = match.reasons().getLast();
            double error = Double.parseDouble(promised.replaceAll(".*: ([0-9.]+) mm small.*", "$1"));
            assertThat(answer.figure("diameterError").is())
                    .as(match.id() + " " + promised)
                    .isCloseTo(error, within(0.002 + 0.15 * error));
        }
    }

    /** The shortest reach that clears is the best one: every other springs more. */
    @Test
    void theReachTakenIsTheShortest() {
        Match stout = search(request(Map.of()), SHOP).stream()
                .filter(m -> m.id().equals("stout"))
                .findFirst()
                .orElseThrow();
        assertThat(stout.take()).containsEntry("barOverhang", "41 mm");
    }

    @Test
    void aBlindBottomRulesOutSquareBits() {
        List<Match> found = search(request(Map.of("bottom", "blind-faced")), SHOP);
        assertThat(found).allMatch(m -> m.verdict() == Verdict.WRONG);
        assertThat(found.getFirst().reasons()).anyMatch(r -> r.contains("meets the bottom"));
        List<Match> leaning = search(
                request(Map.of("bottom", "blind-faced")),
                List.of(bar("leaning", "barDiameter", "12 mm", "barLength", "120 mm", "bitAngle", "45°")));
        assertThat(leaning.getFirst().verdict()).isNotEqualTo(Verdict.WRONG);
    }

    /** A push test on a bar's card takes the place of the assumed holder: a soft one costs it its rank. */
    @Test
    void aMeasuredBarIsJudgedByItsMeasurement() {
        List<Match> found = search(
                request(Map.of()),
                List.of(
                        bar("assumed", "barDiameter", "12 mm", "barLength", "120 mm"),
                        bar(
                                "measured soft",
                                "barDiameter",
                                "12 mm",
                                "barLength",
                                "120 mm",
                                "tipStiffness",
                                "0.6 N/µm",
                                "barOverhang",
                                "45 mm"),
                        bar(
                                "measured stiff",
                                "barDiameter",
                                "12 mm",
                                "barLength",
                                "120 mm",
                                "tipStiffness",
                                "6 N/µm",
                                "barOverhang",
                                "45 mm")));
        assertThat(found).extracting(Match::id).containsExactly("measured stiff", "assumed", "measured soft");
    }

    /** Between centres there is no reach to choose: what is promised is what the plan says, and a short bar is out. */
    @Test
    void aBarBetweenCentresIsJudgedAsABeamOnTwoSupports() {
        PlanRequest cut = request(
                Map.of("barHeld", "centres", "barSpan", "180 mm", "boreStart", "24 mm", "boreFinished", "25 mm"));
        List<ShopBar> shop = List.of(
                bar("short", "barDiameter", "14 mm", "barLength", "150 mm"),
                bar("thin", "barDiameter", "9 mm", "barLength", "220 mm"),
                bar("stout", "barDiameter", "16 mm", "barLength", "220 mm"));
        List<Match> found = search(cut, shop);
        assertThat(found).extracting(Match::id).containsExactly("stout", "thin", "short");
        assertThat(found.getLast().verdict()).isEqualTo(Verdict.WRONG);
        assertThat(found.getLast().reasons().toString()).contains("150 mm long");
        Match stout = found.getFirst();
        Map<String, String> fields = new HashMap<>(cut.fields());
        fields.putAll(shop.getLast().fields());
        fields.putAll(stout.take());
        PlanAnswer answer = Planner.plan(new PlanRequest(fields, cut.units(), cut.lathe()));
        assertThat(answer.worked()).isTrue();
        double error = Double.parseDouble(stout.reasons().getLast().replaceAll(".*: ([0-9.]+) mm small.*", "$1"));
        assertThat(answer.figure("diameterError").is()).isCloseTo(error, within(0.001 + 0.15 * error));
    }
}
