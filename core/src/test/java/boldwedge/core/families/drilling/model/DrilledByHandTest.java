package boldwedge.core.families.drilling.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.drilling.entry.DrillReader;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** Composed figures of a drilled hole, worked out again by hand from what was typed. */
class DrilledByHandTest {
    private static final Offset<Double> SAME = within(1e-9);

    private static DrillCut cut(String... fields) {
        List<String> all = new ArrayList<>(List.of("operation", "drill", "drillDepth", "20 mm"));
        all.addAll(List.of(fields));
        return DrillReader.cut(Shop.request(all.toArray(String[]::new))).cut().orElseThrow();
    }

    /** M8 of 1.25: 8 − 1.25 for the usual thread, 8 − 0.7 × 1.299 × 1.25 for seven tenths of a whole one. */
    @Test
    void whatIsDrilledForAThread() {
        assertThat(cut("holeFor", "tap", "drillScrew", "M8").targetMm()).isCloseTo(6.75, SAME);
        DrillCut seven = cut("holeFor", "tap", "drillScrew", "M8", "engagement", "70 %");
        assertThat(seven.targetMm()).isCloseTo(8 - 0.7 * 1.299 * 1.25, SAME);
        assertThat(seven.engagement(7.05)).isCloseTo((8 - 7.05) / (1.299 * 1.25), SAME);
        assertThat(cut("holeFor", "rod", "drillSize", "6 mm").targetMm()).isCloseTo(6.2, SAME);
    }

    /** As tapping charts have it: 5 mm for M6 is 77 %, 6.8 mm for M8 is 74 %; the least minor diameter of M6, 4.917 mm, is five sixths. */
    @Test
    void perCentOfThreadAsTheChartsHaveIt() {
        assertThat(cut("holeFor", "tap", "drillScrew", "M6").engagement(5)).isCloseTo(0.77, within(0.005));
        assertThat(cut("holeFor", "tap", "drillScrew", "M8").engagement(6.8)).isCloseTo(0.74, within(0.005));
        assertThat(cut("holeFor", "tap", "drillScrew", "M6").engagement(4.917))
                .isCloseTo(DrillCut.TO_THE_MINOR, within(5e-4));
    }

    /** A 10 mm drill, 20 deep: what it needs of the work and the tailstock, what it goes through, how fast its corner runs. */
    @Test
    void lengthsAndSpeed() {
        DrillCut cut = cut("drillSize", "10 mm", "drillSpeed", "320 rpm", "drillWall", "30 mm", "drillFlutes", "80 mm");
        assertThat(cut.drill().diameterMm()).isEqualTo(10);
        assertThat(cut.stickOutMm()).isCloseTo(20 + 10, SAME);
        assertThat(cut("drillSize", "12 mm").stickOutMm()).isCloseTo(20 + 12, SAME);
        assertThat(cut("drillSize", "4 mm").stickOutMm()).isCloseTo(20 + 10, SAME);
        assertThat(cut.lengthMm()).isCloseTo(80 + 28 + 18, SAME);
        // A point of 118°: half the diameter over tan 59°.
        double point = 5 / Math.tan(Math.toRadians(59));
        assertThat(cut.travelMm()).isCloseTo(20 + point, within(1e-6));
        assertThat(cut.wallLeftMm()).isCloseTo(30 - 20 - point, within(1e-6));
        assertThat(cut.deepestMm()).isCloseTo(80 - 5, SAME);
        assertThat(cut.surfaceSpeed()).isCloseTo(Math.PI * 10 * 320 / 1000, SAME);
        assertThat(cut.watt()).isCloseTo(cut.torqueNm() * 2 * Math.PI * 320 / 60, SAME);
    }

    /** To be reamed to 10: what a hole that is over its drill by so much leaves. */
    @Test
    void whatIsLeftForTheReamer() {
        DrillCut cut = cut("holeFor", "ream", "drillSize", "10 mm", "drill", "9.7 mm");
        assertThat(cut.leftMm().low()).isCloseTo(0.3 - cut.over().highMm(), SAME);
        assertThat(cut.leftMm().chosen()).isCloseTo(0.3 - cut.over().medianMm(), SAME);
        assertThat(cut.leftMm().high()).isCloseTo(0.3 - cut.over().lowMm(), SAME);
        assertThat(cut.over().lowMm()).isPositive().isLessThan(cut.over().highMm());
        assertThat(cut.likelyMm()).isCloseTo(9.7 + cut.over().medianMm(), SAME);
    }

    /** Bronze, soft and free, is fed faster by a fifth, stainless slower by a fifth; 0.016 of the diameter else. */
    @Test
    void feedsByTheMaterial() {
        assertThat(cut("drillSize", "10 mm").feedRange().high()).isCloseTo(1.6 * 0.16, SAME);
        assertThat(cut("drillSize", "10 mm", "material", "bronze-tin")
                        .feedRange()
                        .high())
                .isCloseTo(1.6 * 0.16 * 1.2, SAME);
        assertThat(cut("drillSize", "10 mm", "material", "stainless-austenitic")
                        .feedRange()
                        .low())
                .isCloseTo(0.6 * 0.16 * 0.8, SAME);
        // The finest drills are not fed more finely than a hand feels.
        assertThat(cut("drillSize", "1 mm", "drillDepth", "3 mm").feedRange().chosen())
                .isCloseTo(0.02, SAME);
    }

    /** A motor of 0.4 kW, of which 300 W reach the spindle: the fastest step at which the drill takes no more than 85 % of that, 255 W. */
    @Test
    void theMotorIsAskedBeforeASpeedIsChosen() {
        DrillCut strong = twenty("4 kW");
        assertThat(strong.rpm()).isEqualTo(strong.speed().rpm());
        DrillCut weak = twenty("0.4 kW");
        assertThat(weak.rpm()).isLessThan(strong.rpm());
        assertThat(weak.watt()).isLessThanOrEqualTo(255);
        double next = weak.job().lathe().speeds().above(weak.rpm()).orElseThrow();
        assertThat(weak.torqueNm() * 2 * Math.PI * next / 60).isGreaterThan(255);
    }

    private static DrillCut twenty(String motor) {
        Map<String, String> fields =
                Map.of("operation", "drill", "drillDepth", "20 mm", "drillSize", "20 mm", "lathe", "x");
        return DrillReader.cut(
                        new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe(Map.of("motor", motor)))))
                .cut()
                .orElseThrow();
    }
}
