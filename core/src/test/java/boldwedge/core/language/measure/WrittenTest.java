package boldwedge.core.language.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Numbers as the trade writes them. */
@Tag("written")
class WrittenTest {
    @ParameterizedTest
    @CsvSource({
        "15.875, 5/8 in",
        "34.925, 1-3/8 in",
        "25.4, 1 in",
        "9.8298, 0.387 in",
        "0.1016, 4 thou",
        "0.00381, 1.5 tenths",
        "-0.1016, -4 thou",
        "0, 0 in",
        "63.5, 2-1/2 in",
        "62.23, 2.45 in"
    })
    void inchesAsTheTradeWritesThem(double mm, String text) {
        assertThat(Written.inches(mm)).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({
        "15, 15 mm",
        "0.0254, 0.025 mm",
        "12.3456, 12.346 mm",
        "123.456, 123.46 mm",
        "-0.5, -0.5 mm",
        "0.0001, 0 mm"
    })
    void millimetresToWhatAShopCanMeasure(double mm, String text) {
        assertThat(Written.millimetres(mm)).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({
        "SURFACE_SPEED, 27.432, INCH, 90 sfm",
        "FEED, 0.1016, INCH, 0.004 in/rev",
        "ROUGHNESS, 1.6, METRIC, Ra 1.6 µm",
        "ROUGHNESS, 1.6, INCH, Ra 63 µin",
        "POWER, 750, METRIC, 0.75 kW",
        "POWER, 745.7, INCH, 1 hp",
        "SPINDLE_SPEED, 32.5, METRIC, 32.5 rpm",
        "STIFFNESS, 20000, METRIC, 20 N/µm"
    })
    void otherQuantities(Quantity quantity, double value, UnitSystem system, String text) {
        assertThat(Written.full(quantity, value, system)).isEqualTo(text);
    }

    /** What takes under a second is not told as one. */
    @Test
    void shortTimes() {
        assertThat(Written.time(0.3 / 60)).isEqualTo("0.3 s");
        assertThat(Written.time(0.01 / 60)).isEqualTo("under 0.1 s");
        assertThat(Written.time(1.2 / 60)).isEqualTo("1 s");
        assertThat(Written.time(75.0 / 60)).isEqualTo("1 min 15 s");
    }

    @ParameterizedTest
    @CsvSource({"2095,2100", "3.47,3.5", "0.0123,0.012", "99.6,100", "12,12", "0,0"})
    void whatIsOnlyAboutHasTwoFigures(double value, String written) {
        assertThat(Written.about(value)).isEqualTo(written);
    }
}
