package boldwedge.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.jobs.entry.JobReader;
import boldwedge.core.jobs.entry.JobTexts;
import boldwedge.core.jobs.entry.JobTexts.LotTexts;
import boldwedge.core.jobs.entry.JobTexts.OperationTexts;
import boldwedge.core.jobs.entry.JobTexts.StockTexts;
import boldwedge.core.jobs.report.JobAnswer;
import boldwedge.core.jobs.report.JobReport;
import boldwedge.core.language.measure.UnitSystem;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Jobs as a master would judge them: what he says first, written down before the rule was. */
class JudgedJobsTest {
    private static OperationTexts operation(String id, String setUp, String each, boolean gauge) {
        return new OperationTexts(id, id, "", "", setUp, each, false, false, gauge, "ANY", "", "", List.of(), "");
    }

    private static OperationTexts held(String id, String holding, String setUp, String each) {
        return new OperationTexts(id, id, "M", holding, setUp, each, false, false, false, "ANY", "", "", List.of(), "");
    }

    private static LotTexts lot(String name, String wanted, String spare, OperationTexts... operations) {
        return new LotTexts(name, name, wanted, spare, "", "94", "2", "", "", List.of(operations));
    }

    private static LotTexts hardened(String name, String wanted, String spare, String length, String section) {
        return new LotTexts(
                name,
                name,
                wanted,
                spare,
                "",
                length,
                "",
                "o1",
                section,
                List.of(operation(name + "-turn", "5", "5", true)));
    }

    private static JobAnswer answer(String stock, Map<String, Integer> lost, LotTexts... lots) {
        JobTexts texts = new JobTexts(List.of(lots), List.of(new StockTexts("", stock)), "2", "");
        return JobReport.of(JobReader.read(texts, UnitSystem.METRIC, Set.of("M")), UnitSystem.METRIC, lost, Map.of());
    }

    private static String said(JobAnswer answer) {
        return answer.lots().stream().flatMap(lot -> lot.sentences().stream()).collect(Collectors.joining(" "));
    }

    private static final OperationTexts TURN = operation("turn", "25", "8", false);
    private static final OperationTexts DRILL = operation("drill", "40", "20", true);

    @Test
    void threeComeFromEachOfTwoLengths() {
        JobAnswer.SawList saw = answer("292 x 2, 1000", Map.of(), lot("bar", "6", "", TURN))
                .saws()
                .getFirst();
        assertThat(saw.enough()).isTrue();
        assertThat(saw.cuts()).extracting(JobAnswer.SawCut::from).containsExactly("292 mm", "292 mm");
        assertThat(saw.cuts()).extracting(JobAnswer.SawCut::offcut).containsOnly("none");
    }

    @Test
    void oneIsShortAndTheLengthForItIsNamed() {
        JobAnswer.SawList saw =
                answer("292, 200", Map.of(), lot("bar", "6", "", TURN)).saws().getFirst();
        assertThat(saw.enough()).isFalse();
        assertThat(saw.sentence()).startsWith("Short").contains("1 × 96 mm").contains("One more length of 96 mm");
    }

    @Test
    void withoutStockTheWholeNeedIsNamed() {
        JobAnswer.SawList saw =
                answer("", Map.of(), lot("bar", "3", "", TURN)).saws().getFirst();
        assertThat(saw.sentence()).contains("292 mm");
    }

    @Test
    void theFirstPieceGoesAloneToItsGauge() {
        assertThat(said(answer("", Map.of(), lot("bar", "6", "", TURN, DRILL))))
                .contains("By set-up 3 h 53 min; one piece after the other 9 h 18 min.")
                .contains("The first piece goes alone as far as “drill”")
                .contains("25 min");
    }

    @Test
    void whereNoGaugeIsNamedItIsAskedFor() {
        assertThat(said(answer("", Map.of(), lot("bar", "6", "", TURN)))).contains("Say at which operation");
        assertThat(said(answer("", Map.of(), lot("bar", "1", "", TURN)))).doesNotContain("Say at which operation");
    }

    @Test
    void whatMayCrackIsMadeOnceMore() {
        assertThat(said(answer("", Map.of(), hardened("punch", "6", "", "90", "12"))))
                .contains("A seventh costs 5 min: make one more where one may crack");
        assertThat(said(answer("", Map.of(), hardened("punch", "6", "1", "90", "12"))))
                .contains("An eighth costs 5 min.")
                .doesNotContain("crack");
    }

    @Test
    void aSpareMakesUpForOneAndNotForTwo() {
        LotTexts bars = lot("bar", "6", "1", TURN, operation("harden", "5", "1", false));
        assertThat(said(answer("", Map.of("harden", 1), bars)))
                .contains("1 piece lost: 6 left, enough for the 6 wanted.");
        assertThat(said(answer("", Map.of("harden", 2), bars)))
                .contains("2 pieces lost: 5 left of the 6 wanted.")
                .contains("30 min")
                .contains("9 min a piece");
    }

    @Test
    void likeSectionsGoInTogetherAndUnlikeOnesDoNot() {
        JobAnswer like = answer("", Map.of(), hardened("a", "2", "1", "90", "14"), hardened("b", "2", "1", "90", "8"));
        assertThat(like.loads()).hasSize(1);
        assertThat(like.loads().getFirst().sentences().getFirst()).isEqualTo("6 pieces together: 3 b, 3 a.");
        assertThat(String.join(" ", like.loads().getFirst().sentences()))
                .contains("14 mm")
                .contains("the thinnest first");
        JobAnswer unlike =
                answer("", Map.of(), hardened("a", "2", "1", "90", "30"), hardened("b", "2", "1", "90", "8"));
        assertThat(unlike.loads()).hasSize(2);
        assertThat(unlike.loads().get(1).soakMin())
                .isGreaterThan(unlike.loads().get(0).soakMin());
    }

    @Test
    void shortThingsAreMadeTwoFromOneLength() {
        assertThat(String.join(
                        " ",
                        answer("", Map.of(), hardened("jaw", "4", "1", "20", "12"))
                                .order()))
                .contains("make two from one length")
                .contains("before hardening");
        assertThat(String.join(
                        " ",
                        answer("", Map.of(), hardened("bar", "4", "1", "94", "12"))
                                .order()))
                .doesNotContain("two from one length")
                .contains("Soft work first");
    }

    @Test
    void lotsThatAreHeldAlikeShareTheSetUp() {
        JobAnswer answer = answer(
                "",
                Map.of(),
                lot("ten", "2", "", held("drill-10", "angle plate at 45°", "40", "8")),
                lot("twelve", "2", "", held("drill-12", "angle plate at 45°", "40", "8")),
                lot("straight", "2", "", held("drill-0", "vise", "15", "8")));
        assertThat(answer.tasks()).hasSize(2);
        assertThat(answer.tasks().getFirst().minutes()).isEqualTo(40 + 4 * 8);
        assertThat(answer.tasks().getFirst().pieces()).isEqualTo("2 × ten, 2 × twelve");
    }

    @Test
    void pieceNumbersAreSaidAsTheyAreSaid() {
        assertThat(said(answer("", Map.of(), lot("bar", "7", "", DRILL)))).contains("An eighth costs");
        assertThat(said(answer("", Map.of(), lot("bar", "10", "", DRILL)))).contains("An 11th costs");
        assertThat(said(answer("", Map.of(), lot("bar", "20", "", DRILL)))).contains("A 21st costs");
        assertThat(said(answer("", Map.of(), lot("bar", "11", "", DRILL)))).contains("A 12th costs");
    }

    @Test
    void moreThanAJobHoldsIsTold() {
        LotTexts many = lot("pin", "999", "99", TURN);
        JobTexts texts = new JobTexts(
                List.of(many, new LotTexts("b", "b", "999", "", "", "", "", "", "", List.of())), List.of(), "", "");
        assertThat(JobReader.read(texts, UnitSystem.METRIC, Set.of()).errors().get("lots[0].wanted"))
                .contains("at most 2000 pieces");
    }
}
