package boldwedge.core.language.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What the program writes, a machinist may type back: the same value, as near as it was written. */
@Tag("written")
class WrittenReadBackTest {
    @ParameterizedTest
    @CsvSource({
        // quantity, unit system, least, most, what writing may round away (absolute, share)
        "LENGTH, METRIC, 0.001, 900, 0.005, 0",
        "LENGTH, INCH, 0.001, 900, 0.00128, 0",
        "ANGLE, METRIC, 0.01, 1.5, 0.0009, 0",
        "SPINDLE_SPEED, METRIC, 5, 4000, 0.5, 0",
        "SURFACE_SPEED, METRIC, 1, 400, 0.5, 0",
        "SURFACE_SPEED, INCH, 1, 400, 0.16, 0",
        "FEED, METRIC, 0.002, 2, 0.0005, 0",
        "FEED, INCH, 0.002, 2, 0.0013, 0",
        "ROUGHNESS, METRIC, 0.1, 25, 0.05, 0",
        "ROUGHNESS, INCH, 0.1, 25, 0.013, 0",
        "POWER, METRIC, 1, 15000, 5, 0",
        "POWER, INCH, 10, 15000, 4, 0",
        "STIFFNESS, METRIC, 500, 300000, 50, 0",
        "STIFFNESS, INCH, 500, 300000, 90, 0"
    })
    void readsBack(Quantity quantity, UnitSystem system, double least, double most, double lost, double share) {
        Random random = new Random((quantity.name() + system).hashCode());
        for (int i = 0; i < 500; i++) {
            double value = least * Math.pow(most / least, random.nextDouble());
            String text = Written.full(quantity, value, system);
            UnitSystem other = system == UnitSystem.METRIC ? UnitSystem.INCH : UnitSystem.METRIC;
            // The unit stands in the text: it reads the same whatever the field's own unit is.
            for (UnitSystem of : new UnitSystem[] {system, other}) {
                Parsed<Reading> parsed = MeasureParser.parse(text, quantity, of);
                assertThat(parsed).as(text).isInstanceOf(Parsed.Good.class);
                double back = ((Parsed.Good<Reading>) parsed).value().value();
                assertThat(back).as(text).isCloseTo(value, within(lost + share * value));
            }
        }
    }

    /** Handed on exactly, every quantity is read the same by an inch shop and a metric one. */
    @ParameterizedTest
    @EnumSource(Quantity.class)
    void whatIsHandedOnIsReadTheSame(Quantity quantity) {
        Random random = new Random(quantity.name().hashCode());
        for (int i = 0; i < 500; i++) {
            double value = 0.001 * Math.pow(1e6, random.nextDouble()) * scale(quantity);
            String text = Written.exact(quantity, value);
            for (UnitSystem of : UnitSystem.values()) {
                Parsed<Reading> parsed = MeasureParser.parse(text, quantity, of);
                assertThat(parsed).as(text).isInstanceOf(Parsed.Good.class);
                assertThat(((Parsed.Good<Reading>) parsed).value().value())
                        .as(text)
                        .isCloseTo(value, within(1e-11 * value));
            }
        }
        // 110 lbf/thou in an inch shop is no 110 N/µm.
        assertThat(Written.exact(Quantity.STIFFNESS, Unit.POUND_PER_THOU.toBase(110)))
                .startsWith("19.26");
    }

    /** What brings the values tried to sizes that a shop meets. */
    private static double scale(Quantity quantity) {
        return switch (quantity) {
            case ANGLE -> 0.001;
            case STIFFNESS -> 1000;
            case TILT_STIFFNESS -> 1e6;
            default -> 1;
        };
    }

    /** Sixty-fourths are written as fractions and come back exactly. */
    @ParameterizedTest
    @CsvSource({"1", "3", "7", "17", "32", "63", "65", "88", "129", "1000"})
    void fractionsComeBackExactly(int sixtyFourths) {
        double mm = sixtyFourths * 25.4 / 64;
        Parsed<Reading> parsed = MeasureParser.parse(Written.inches(mm), Quantity.LENGTH, UnitSystem.METRIC);
        assertThat(((Parsed.Good<Reading>) parsed).value().value()).isCloseTo(mm, within(1e-12));
    }
}
