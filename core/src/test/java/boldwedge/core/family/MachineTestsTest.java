package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.family.MachineTests.Part;
import boldwedge.core.family.ToolTests.Answer;
import boldwedge.core.family.ToolTests.Line;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.testing.Shop;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Push and tap of a machine through the one way in, with stand-ins for the instruments. */
@Tag("written")
class MachineTestsTest {
    /** Readings of something that gives so much, to a tenth of a micrometre. */
    private static List<Line> lines(double mmPerN) {
        return Stream.of(0, 100, 200, 300)
                .map(pull -> new Line(pull + " N", String.format(Locale.ROOT, "%.4f mm", pull * mmPerN), ""))
                .toList();
    }

    private static MachineTests.Test chuck(double near, double far, String bar, String z1, String z2) {
        return new MachineTests.Test(Part.CHUCK, lines(near), lines(far), bar, z1, z2);
    }

    private static double value(Answer answer, String entry, Quantity quantity) {
        return switch (MeasureParser.parse(answer.take().getOrDefault(entry, ""), quantity, UnitSystem.METRIC)) {
            case Parsed.Good<Reading>(Reading good) -> good.value();
            case Parsed.Wrong<Reading> wrong -> throw new AssertionError(wrong.sentence());
        };
    }

    /** A post that goes 5 µm under 100 N is 20 N/µm, in either shop. */
    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void aPostIsItsSlope(UnitSystem units) {
        Answer answer = MachineTests.judge(new MachineTests.Test(Part.POST, lines(5e-5), List.of(), "", "", ""), units);
        assertThat(answer.worked()).isTrue();
        assertThat(value(answer, "postStiffness", Quantity.STIFFNESS)).isCloseTo(20_000, within(100.0));
        assertThat(MachineTests.judge(new MachineTests.Test(Part.TAILSTOCK, lines(1e-4), List.of(), "", "", ""), units)
                        .take())
                .containsOnlyKeys("tailstockStiffness");
    }

    /** Forward: springs of 30 N/µm and 4·10⁸ N·mm/rad and a bar of 40 mm, pushed at 50 and 200; both springs come back. */
    @Test
    void aChucksTwoSpringsComeBack() {
        double ei = 207_000 * Math.PI * Math.pow(40, 4) / 64;
        double k = 30_000;
        double kt = 4e8;
        double near = 1 / k + 50.0 * 50 / kt + Math.pow(50, 3) / (3 * ei);
        double far = 1 / k + 200.0 * 200 / kt + Math.pow(200, 3) / (3 * ei);
        Answer answer = MachineTests.judge(chuck(near, far, "40", "50", "200"), UnitSystem.METRIC);
        assertThat(answer.sentence()).startsWith("Chuck:");
        assertThat(value(answer, "chuckStiffness", Quantity.STIFFNESS)).isCloseTo(k, within(0.03 * k));
        assertThat(value(answer, "chuckTilt", Quantity.TILT_STIFFNESS)).isCloseTo(kt, within(0.03 * kt));
        assertThat(answer.working()).hasSizeGreaterThanOrEqualTo(5);
    }

    /** A thin bar bends more than the chuck tilts: nothing can be told of the chuck, and that is said. */
    @Test
    void whatCannotBeToldIsSaid() {
        Answer thin = MachineTests.judge(chuck(5e-5, 6e-5, "8", "50", "200"), UnitSystem.METRIC);
        assertThat(thin.worked()).isFalse();
        assertThat(thin.sentence()).contains("stouter bar");
        Answer near = MachineTests.judge(chuck(5e-5, 6e-5, "40", "50", "60"), UnitSystem.METRIC);
        assertThat(near.errors()).containsOnlyKeys("out");
        Answer tilts = MachineTests.judge(chuck(1e-5, 1e-3, "80", "50", "200"), UnitSystem.METRIC);
        assertThat(tilts.worked()).isFalse();
        assertThat(tilts.sentence()).contains("only tilt");
        Answer words = MachineTests.judge(
                new MachineTests.Test(
                        Part.CHUCK,
                        List.of(new Line("a lot", "5 µm", "")),
                        List.of(new Line("50 N", "far", "")),
                        "",
                        "",
                        ""),
                UnitSystem.METRIC);
        assertThat(words.errors()).containsKeys("0.load", "far.0.up", "rod", "near");
    }

    /** What the stand-in shows is judged to be what the stand-in is: four tenths softer than assumed. */
    @Test
    void theStandInIsFoundAgain() {
        Lathe lathe = Shop.lathe();
        Answer answer = MachineTests.judge(
                chuck(
                        StandIn.give(lathe, Part.CHUCK, 50, 40),
                        StandIn.give(lathe, Part.CHUCK, 50, 160),
                        "50 mm",
                        "40 mm",
                        "160 mm"),
                UnitSystem.METRIC);
        assertThat(value(answer, "chuckStiffness", Quantity.STIFFNESS))
                .isCloseTo(lathe.chuckOrAssumed() / 1.4, within(0.06 * lathe.chuckOrAssumed()));
        assertThat(value(answer, "chuckTilt", Quantity.TILT_STIFFNESS))
                .isCloseTo(lathe.chuckTiltOrAssumed() / 1.4, within(0.06 * lathe.chuckTiltOrAssumed()));
    }

    /** A ring of 150 Hz and 4 % comes back from its samples, and is put on the card. */
    @Test
    void aTappedPostTellsHowItRocks() {
        double[] samples = new double[48_000];
        for (int i = 4_800; i < samples.length; i++) {
            double t = (i - 4_800) / 48_000.0;
            samples[i] = 0.5
                    * Math.exp(-0.04 * 2 * Math.PI * 150 * t)
                    * Math.sin(2 * Math.PI * 150 * Math.sqrt(1 - 0.04 * 0.04) * t);
        }
        ToolTests.Answer answer = MachineTests.ring(samples, 48_000, UnitSystem.METRIC);
        assertThat(answer.worked()).isTrue();
        assertThat(typed(answer, "postRing")).isCloseTo(150, within(1.5));
        assertThat(typed(answer, "postDamping")).isCloseTo(0.04, within(0.003));
        assertThat(MachineTests.ring(new double[48_000], 48_000, UnitSystem.METRIC)
                        .worked())
                .isFalse();
    }

    private static double typed(Answer answer, String entry) {
        return Double.parseDouble(answer.take().getOrDefault(entry, "").replace(" Hz", ""));
    }
}
