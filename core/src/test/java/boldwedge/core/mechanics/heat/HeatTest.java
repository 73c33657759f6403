package boldwedge.core.mechanics.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.language.stock.ToolSteel.Kind;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Hardening in numbers, each by a second way. */
class HeatTest {
    static java.util.List<ToolSteel> steels() {
        return StockCatalogue.shipped().steels();
    }

    private static ToolSteel steel(String id) {
        return StockCatalogue.shipped().steel(id).orElseThrow();
    }

    /** 1700 °F for four hours: 0.050 inch, as Harris's own tables have it; and the other formula of his, 0.025 √t at that heat. */
    @Test
    void theCaseIsHarrisDepth() {
        double celsius = (1700 - 32) / 1.8;
        assertThat(Carburizing.depthMm(celsius, 240) / 25.4).isCloseTo(0.050, within(0.001));
        assertThat(Carburizing.depthMm(celsius, 60) / 25.4).isCloseTo(0.025, within(0.0005));
        // Twice the time, root two the depth; and there and back.
        assertThat(Carburizing.depthMm(celsius, 480) / Carburizing.depthMm(celsius, 240))
                .isCloseTo(Math.sqrt(2), within(1e-12));
        for (double depth : new double[] {0.2, 0.8, 1.5}) {
            assertThat(Carburizing.depthMm(900, Carburizing.minutesFor(900, depth)))
                    .isCloseTo(depth, within(1e-9));
        }
        // By logarithms: ln d = ln 31.6 + ½ ln t − 6700 ln 10 / T.
        double byLogs = Math.exp(Math.log(31.6) + 0.5 * Math.log(4) - 6700 * Math.log(10) / (1700 + 459.67));
        assertThat(Carburizing.depthMm(celsius, 240) / 25.4).isCloseTo(byLogs, within(1e-9));
    }

    /** 2 kg from 800 °C into 20 l of oil at 40 °C: some 25 to 30 K, as a shop reckons it. */
    @Test
    void theBathWarmsByWhatTheSteelGivesUp() {
        QuenchBath bath = QuenchBath.oil(20, 40);
        double rise = bath.rise(2, 800);
        assertThat(rise).isBetween(25.0, 30.0);
        // The balance: what one gives the other takes.
        double gives = 2 * QuenchBath.STEEL_HEAT * (800 - 40 - rise);
        double takes = 20 * 0.88 * 2.0 * rise;
        assertThat(gives).isCloseTo(takes, within(1e-9));
        assertThat(QuenchBath.oil(bath.litresFor(2, 800, 15), 40).rise(2, 800)).isCloseTo(15, within(1e-9));
        assertThat(QuenchBath.water(20, 40).rise(2, 800)).isLessThan(rise / 2);
    }

    /** The same parameter is the same temper; an hour is its own equal; longer is cooler. */
    @ParameterizedTest
    @CsvSource({"200, 60, 120", "540, 60, 30", "260, 45, 600"})
    void timeAndHeatTradeByHollomonAndJaffe(double celsius, double minutes, double other) {
        double same = Tempering.equivalent(celsius, minutes, other);
        assertThat(Tempering.parameter(same, other)).isCloseTo(Tempering.parameter(celsius, minutes), within(1e-9));
        assertThat(Tempering.equivalent(celsius, minutes, minutes)).isCloseTo(celsius, within(1e-9));
        assertThat(same < celsius).isEqualTo(other > minutes);
        // By hand: (T + 273.15)(20 + log t) the same on both sides.
        double hand = (celsius + 273.15)
                        * (20 + Math.log(minutes / 60) / Math.log(10))
                        / (20 + Math.log(other / 60) / Math.log(10))
                - 273.15;
        assertThat(same).isCloseTo(hand, within(1e-9));
    }

    @Test
    void theCurveIsReadBothWays() {
        ToolSteel o1 = steel("o1");
        assertThat(Tempering.hardness(o1, 230)).isCloseTo(60, within(1e-9));
        assertThat(Tempering.hardness(o1, 215)).isCloseTo((61.5 + 60) / 2, within(1e-9));
        assertThat(Tempering.hardness(o1, 20)).isEqualTo(63);
        assertThat(Tempering.hardness(o1, 900)).isEqualTo(49);
        assertThat(Tempering.celsiusFor(o1, 60).orElseThrow()).isCloseTo(230, within(1e-9));
        assertThat(Tempering.celsiusFor(o1, 66)).isEmpty();
        assertThat(Tempering.celsiusFor(o1, 30)).isEmpty();
        assertThat(Tempering.softest(o1)).isEqualTo(49);
    }

    /** Each row holds together: ranges ascend, tempering never leaves it harder than quenched, and each is found back from its curve. */
    @ParameterizedTest
    @MethodSource("steels")
    void everySteelHoldsTogether(ToolSteel steel) {
        assertThat(steel.hardenC().low()).isLessThan(steel.hardenC().high());
        for (int i = 1; i < steel.tempering().size(); i++) {
            assertThat(steel.tempering().get(i).celsius())
                    .isGreaterThan(steel.tempering().get(i - 1).celsius());
        }
        steel.tempering().forEach(point -> {
            assertThat(point.hrc())
                    .as(steel.id())
                    .isLessThanOrEqualTo(steel.asQuenched().high() + 1.6);
            assertThat(point.celsius()).isLessThan(steel.hardenC().low());
            assertThat(Tempering.hardness(steel, point.celsius())).isEqualTo(point.hrc());
        });
        double middle = steel.tempering().get(1).hrc();
        assertThat(Tempering.hardness(steel, Tempering.celsiusFor(steel, middle).orElseThrow()))
                .isCloseTo(middle, within(1e-9));
        assertThat(steel.source()).isNotBlank();
    }

    @Test
    void thereAreSteelsOfEveryKind() {
        assertThat(steels()).hasSizeGreaterThanOrEqualTo(12);
        for (Kind kind : Kind.values()) {
            assertThat(steels()).anyMatch(steel -> steel.kind() == kind);
        }
        for (ToolSteel.Quench quench : ToolSteel.Quench.values()) {
            assertThat(steels()).anyMatch(steel -> steel.quench() == quench);
        }
    }

    @Test
    void aThickPieceIsSoakedLongerAndTemperedLonger() {
        ToolSteel o1 = steel("o1");
        HeatTreatment thin = HeatTreatment.usual(o1, 10, OptionalDouble.of(60));
        HeatTreatment thick = HeatTreatment.usual(o1, 60, OptionalDouble.of(60));
        // By hand: 5 + 1 · 10 and 5 + 1 · 60 minutes.
        assertThat(thin.soakMin()).isEqualTo(15);
        assertThat(thick.soakMin()).isEqualTo(65);
        assertThat(thin.through()).isTrue();
        assertThat(thick.through()).isFalse();
        // Both come to the same hardness: the longer temper is cooler.
        assertThat(thin.temperMin()).isEqualTo(60);
        assertThat(thick.temperMin()).isCloseTo(60 + (60 - 25.4) * 60 / 25.4, within(0.5));
        assertThat(thick.temperC()).isLessThan(thin.temperC());
        assertThat(thick.hrc().chosen()).isCloseTo(thin.hrc().chosen(), within(1e-9));
        assertThat(thin.hrc().chosen()).isCloseTo(60, within(1e-9));
        assertThat(steel("a2"))
                .satisfies(a2 -> assertThat(HeatTreatment.usual(a2, 20, OptionalDouble.empty())
                                .tempers())
                        .isEqualTo(2));
    }

    /** A kilogram heated by 800 K at 1 kW: 0.65 · 800 = 520 kJ, 520 s. */
    @Test
    void theRampIsEnergyOverPower() {
        assertThat(Heating.rampMinutes(1, 800, 1000)).isCloseTo(520 / 60.0, within(1e-9));
    }

    /** Colours follow each other without a gap, and the words of a route are those of the swatches. */
    @Test
    void coloursOfHeat() {
        for (HeatColours.Kind kind : HeatColours.Kind.values()) {
            var shades = HeatColours.of(kind);
            for (int i = 1; i < shades.size(); i++) {
                assertThat(shades.get(i).fromC())
                        .isGreaterThan(shades.get(i - 1).fromC());
                assertThat(HeatColours.at(kind, shades.get(i).fromC()).words())
                        .isEqualTo(shades.get(i).words());
                assertThat(HeatColours.at(kind, shades.get(i).fromC() - 0.1).words())
                        .isEqualTo(shades.get(i - 1).words());
                assertThat(shades.get(i).rgb()).matches("#[0-9a-f]{6}");
            }
        }
        // O1 at 800 °C is bright cherry; tempered at 205 °C pale yellow (TC 9-524).
        assertThat(HeatColours.at(HeatColours.Kind.GLOW, 800).words()).isEqualTo("bright cherry");
        assertThat(HeatColours.at(HeatColours.Kind.TEMPER, 205).words()).isEqualTo("pale yellow");
    }

    /** A hot-work steel is tempered over its peak: H13 to 52 HRC at about 550 °C, not at 200, where it would soften on in use. A cold-work steel stays low: D2 to 60. */
    @Test
    void whatHardensAgainIsTemperedOverItsPeak() {
        StockCatalogue stock = StockCatalogue.shipped();
        assertThat(Tempering.celsiusFor(stock.steel("h13").orElseThrow(), 52).orElseThrow())
                .isBetween(540.0, 565.0);
        assertThat(Tempering.celsiusFor(stock.steel("d2").orElseThrow(), 60).orElseThrow())
                .isLessThan(300);
    }
}
