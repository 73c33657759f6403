package boldwedge.core.families.truing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.truing.entry.TrueReader;
import boldwedge.core.families.truing.model.TrueUp;
import boldwedge.core.family.Planner;
import boldwedge.core.family.TrialJudge;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Work set up, by hand: jaws, balance, a block's seat and its grip. */
class TrueByHandTest {
    private static TrueUp cut(String... fieldsAndTexts) {
        return TrueReader.cut(Shop.request(fieldsAndTexts)).cut().orElseThrow();
    }

    private static Finding finding(String id, String... fieldsAndTexts) {
        PlanAnswer answer = Planner.plan(Shop.request(fieldsAndTexts));
        return answer.findings().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** A swing of 0.6 on a screw of 5: the pair moves 0.3, a turn of 21.6°. Offset 3: it is to swing by 6. */
    @Test
    void theJawsTurn() {
        TrueUp cut = cut("operation", "true-up", "trueSwing", "0.6 mm", "jawPitch", "5 mm");
        assertThat(cut.moveMm()).isCloseTo(0.3, within(1e-9));
        assertThat(Math.toDegrees(cut.turnRad())).isCloseTo(21.6, within(1e-6));
        TrueUp offset = cut("operation", "true-up", "trueSwing", "0.6 mm", "offsetWanted", "3 mm");
        assertThat(offset.wantedSwingMm()).isEqualTo(6);
        assertThat(offset.moveMm()).isCloseTo(-2.7, within(1e-9));
        assertThat(finding("jaw-turn", "operation", "true-up", "trueSwing", "0.6 mm", "jawPitch", "5 mm")
                        .statement())
                .contains("21.6°");
    }

    /** A rectangle whose other faces differ by 0.4: that pair moves 0.2, on a screw of 5 mm 14.4°; round work has no such pair. */
    @Test
    void aRectanglesPairsMoveByHalfOfWhatTheirFacesDiffer() {
        String[] block = {"operation", "true-up", "trueSwing", "0.6 mm", "otherPair", "0.4 mm", "jawPitch", "5 mm"};
        TrueUp cut = cut(block);
        assertThat(cut.otherMoveMm()).isCloseTo(0.2, within(1e-9));
        assertThat(Math.toDegrees(cut.otherTurnRad())).isCloseTo(14.4, within(1e-6));
        assertThat(finding("jaw-pairs", block).statement()).contains("0.2 mm").contains("14.4°");
        assertThat(Planner.plan(Shop.request(block)).steps().toString()).contains("until both of a pair read the same");
        assertThat(Planner.plan(Shop.request("operation", "true-up")).findings())
                .noneMatch(one -> one.id().equals("jaw-pairs"));
    }

    /** A rectangle lying off by (x, y) read at its four faces, as an indicator does: half the differences are x and y. */
    @ParameterizedTest
    @CsvSource({"0.3, -0.2", "0, 0.15", "-0.4, 0.05"})
    void halfOfWhatTheFacesDifferIsWhereTheMiddleLies(double x, double y) {
        double half = 20;
        double right = nearest(half + x, y, half);
        double left = nearest(half - x, y, half);
        assertThat((right - left) / 2).isCloseTo(x, within(1e-9));
    }

    /** Reading of a face at its nearest while the chuck is rocked: its distance from the axis is least when the face stands square. */
    private static double nearest(double faceMm, double alongMm, double halfMm) {
        double least = Double.POSITIVE_INFINITY;
        for (int step = -2000; step <= 2000; step++) {
            double rocked = step * 1e-5;
            // Where the indicator's line meets the turned face.
            double meets = faceMm / Math.cos(rocked);
            if (Math.abs(faceMm * Math.tan(rocked) - alongMm) <= halfMm) {
                least = Math.min(least, meets);
            }
        }
        return least;
    }

    /** The swing of a circle about an axis beside its middle, walked round: twice the offset. */
    @ParameterizedTest
    @CsvSource({"20,0.3", "50,2", "8,0.01"})
    void aSwingIsTwiceTheOffset(double radius, double offset) {
        double least = Double.POSITIVE_INFINITY;
        double most = 0;
        for (int i = 0; i < 3600; i++) {
            double angle = Math.PI * i / 1800;
            double reads =
                    offset * Math.cos(angle) + Math.sqrt(radius * radius - Math.pow(offset * Math.sin(angle), 2));
            least = Math.min(least, reads);
            most = Math.max(most, reads);
        }
        assertThat(most - least).isCloseTo(2 * offset, within(1e-9));
    }

    /** 1.2 kg, 18 mm aside: 21 N at 300, 192 N at 900. */
    @Test
    void outOfBalance() {
        TrueUp cut = cut("operation", "true-up", "trueMass", "1.2 kg", "massAside", "18 mm");
        assertThat(cut.pullN(300)).isCloseTo(21, within(0.5));
        assertThat(cut.pullN(900)).isCloseTo(192, within(0.5));
        assertThat(cut.pullN(cut.mostRpm())).isCloseTo(TrueUp.SHARE * 4000, within(1e-6));
        String[] fast = {"operation", "true-up", "trueMass", "6 kg", "massAside", "18 mm", "trueSpeed", "900 rpm"};
        assertThat(finding("out-of-balance", fast).verdict()).isEqualTo(Verdict.WRONG);
        assertThat(finding("out-of-balance", fast).mends().getFirst().label()).contains("rpm");
    }

    /** 0.03 read over 60 brings a point at 100 aside by 0.05. */
    @Test
    void theSeatTurnsTheBar() {
        TrueUp cut =
                cut("operation", "bore-block", "seatReads", "0.03 mm", "seatOver", "60 mm", "blockReach", "100 mm");
        assertThat(cut.pointAsideMm()).isCloseTo(0.05, within(1e-9));
        assertThat(cut.seatMayReadMm() / 60 * 100).isCloseTo(cut.job().asideAllowedMm(), within(1e-9));
    }

    /** Clamps of 7 kN, 0.15, a bar of 16: 2.1 kN along it, 16.8 N·m against turning. */
    @Test
    void theGrip() {
        TrueUp cut =
                cut("operation", "bore-block", "blockShank", "16 mm", "blockClamp", "7000 N", "blockFriction", "0.15");
        assertThat(cut.gripAlongN()).isCloseTo(2100, within(1e-6));
        assertThat(cut.gripTurnNmm() / 1000).isCloseTo(16.8, within(1e-9));
        assertThat(cut.holeMm()).isCloseTo(16.01, within(1e-9));
        String[] weak = {"operation", "bore-block", "blockClamp", "1000 N", "barTurn", "800 N"};
        assertThat(finding("block-turns", weak).verdict()).isEqualTo(Verdict.WRONG);
    }

    @Test
    void aSlideThatFacesHighSquaresNothing() {
        assertThat(finding("slide-faces", "operation", "square-block", "squaredBy", "lathe", "slideFaces", "high")
                        .verdict())
                .isEqualTo(Verdict.WRONG);
        assertThat(finding("slide-faces", "operation", "square-block", "squaredBy", "lathe")
                        .verdict())
                .isEqualTo(Verdict.FINE);
        assertThat(cut("operation", "square-block", "turnedOver", "0.03 mm").jawMm())
                .isCloseTo(0.015, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "true-up, 0.6 mm, other, slides, moved-whole",
        "true-up, 0.6 mm, same, slides, did-not-move",
        "true-up, 1.2 mm, same, slides, wrong-way",
        "true-up, 0.1 mm, same, slides, jaws-spring",
        "square-block, 0.2 mm, not-looked, slides, chip-under",
        "square-block, 0.024 mm, not-looked, slides, jaw-leans",
        "bore-block, 0.01 mm, not-looked, loose, hole-large",
        "bore-block, 0.01 mm, not-looked, tight, hole-small",
        "bore-block, 0.4 mm, not-looked, slides, new-seat",
    })
    void theSignsNameTheirCause(String operation, String reads, String high, String bar, String cause) {
        Map<String, String> seen = new HashMap<>(Map.of("reads", reads, "high", high, "bar", bar));
        String[] asked = {
            "operation", operation, "trueSwing", "0.6 mm", "trueWithin", "0.02 mm", "turnedOver", "0.05 mm"
        };
        assertThat(TrialJudge.prove(new TrialRequest(Shop.request(asked), seen))
                        .causes()
                        .getFirst()
                        .id())
                .isEqualTo(cause);
    }

    @Test
    void aBarThickerThanItsBlockIsTold() {
        PlanAnswer answer =
                Planner.plan(Shop.request("operation", "bore-block", "blockShank", "40 mm", "blockHigh", "42 mm"));
        assertThat(answer.fields().stream()
                        .filter(field -> !field.error().isEmpty())
                        .map(field -> field.id()))
                .containsExactly("blockHigh");
    }
}
