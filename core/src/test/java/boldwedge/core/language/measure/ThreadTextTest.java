package boldwedge.core.language.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.measure.ThreadCall.Series;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Calls of threads are read: metric, inch, trapezoidal, left hand, limits. */
@Tag("written")
class ThreadTextTest {
    private static ThreadCall read(String text) {
        return ThreadText.parse(text, UnitSystem.METRIC).orThrow();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "M12|METRIC|M12|12|1.75|1|false|",
                "m12x1.25|METRIC|M12×1.25|12|1.25|1|false|",
                "M36×1.5-6H|METRIC|M36×1.5|36|1.5|1|false|6H",
                "M8-5g6g|METRIC|M8|8|1.25|1|false|5g6g",
                "M20 x 3 P1.5 LH|METRIC|M20×3 P1.5|20|1.5|2|true|",
                "1/2-13 UNC-2A|UNIFIED|1/2-13 UNC|12.7|1.953846|1|false|2A",
                "1/2-20|UNIFIED|1/2-20 UNF|12.7|1.27|1|false|",
                "1/2 UNC|UNIFIED|1/2-13 UNC|12.7|1.953846|1|false|",
                "#10-32|UNIFIED|#10-32 UNF|4.826|0.79375|1|false|",
                "10-24 2B|UNIFIED|#10-24 UNC|4.826|1.058333|1|false|2B",
                "1-8|UNIFIED|1-8 UNC|25.4|3.175|1|false|",
                "1 3/8-12 UNF-3A|UNIFIED|1-3/8-12 UNF|34.925|2.116667|1|false|3A",
                "7/16-28|UNIFIED_SPECIAL|7/16-28 UNEF|11.1125|0.907143|1|false|",
                "1.375-20 left|UNIFIED_SPECIAL|1.375-20 UN|34.925|1.27|1|true|",
                "3/8 BSW|WHITWORTH|3/8 BSW|9.525|1.5875|1|false|",
                "G 1/4|PIPE|G 1/4|13.157|1.336842|1|false|",
                "1/4 BSP|PIPE|G 1/4|13.157|1.336842|1|false|",
                "4 BA|BRITISH_ASSOCIATION|4 BA|3.6|0.66|1|false|",
                "Tr 20×4|TRAPEZOIDAL|Tr 20×4|20|4|1|false|",
                "Tr 40x14P7|TRAPEZOIDAL|Tr 40×14 P7|40|7|2|false|",
                "1-5 ACME|ACME|1-5 ACME|25.4|5.08|1|false|",
                "8 mm × 1.3 mm|METRIC|8 mm × 1.3 mm|8|1.3|1|false|",
                "1/2 × 13.5 tpi|UNIFIED_SPECIAL|1/2 in × 13.5 tpi|12.7|1.881481|1|false|",
                "M10×1.5 2 starts|METRIC|M10×1.5|10|1.5|2|false|",
            })
    void threadsAsShopsCallThem(
            String text, Series series, String name, double major, double pitch, int starts, boolean left, String in) {
        ThreadCall call = read(text);
        assertThat(call.series()).isEqualTo(series);
        assertThat(call.name()).isEqualTo(name);
        assertThat(call.majorMm()).isCloseTo(major, within(1e-6));
        assertThat(call.pitchMm()).isCloseTo(pitch, within(1e-6));
        assertThat(call.starts()).isEqualTo(starts);
        assertThat(call.left()).isEqualTo(left);
        assertThat(call.className()).isEqualTo(in == null ? "" : in);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "M8×1.3|1.25 mm (coarse)|8 mm × 1.3 mm",
                "1/2-13.5|13 or 14|1/2 × 13.5 tpi",
                "M13|pitch with it|M13×1",
                "M4×3|leaves no core|1.538 mm",
                "M20×3P2|no whole number|starts",
                "bolt|not a thread|M12×1.25",
                "''|Nothing is typed|M12",
            })
    void whatIsNoThreadIsSaidWithWhatWouldDo(String text, String says, String offers) {
        Parsed<ThreadCall> read = ThreadText.parse(text, UnitSystem.METRIC);
        assertThat(read).isInstanceOf(Parsed.Wrong.class);
        assertThat(((Parsed.Wrong<ThreadCall>) read).sentence()).contains(says, offers);
    }

    @Test
    void whatIsOfferedInsteadIsRead() {
        assertThat(read("8 mm × 1.3 mm").pitchMm()).isEqualTo(1.3);
        assertThat(read("M13×1").majorMm()).isEqualTo(13);
    }

    @Test
    void aPitchMayBeCountedToTheInch() {
        assertThat(MeasureParser.parse("8 tpi", Quantity.LENGTH, UnitSystem.METRIC)
                        .orThrow()
                        .value())
                .isCloseTo(3.175, within(1e-12));
        assertThat(new UnitFormat(UnitSystem.INCH).pitch(25.4 / 20)).isEqualTo("20 tpi");
        assertThat(new UnitFormat(UnitSystem.METRIC).pitch(1.5)).isEqualTo("1.5 mm");
    }
}
