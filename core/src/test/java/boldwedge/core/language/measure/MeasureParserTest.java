package boldwedge.core.language.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lengths, angles, speeds as machinists type them, and twenty thousand texts of noise. */
@Tag("written")
class MeasureParserTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "5/8 | 15.875",
                "1-3/8 | 34.925",
                "1 3/8\" | 34.925",
                "1 3/8 in | 34.925",
                "19/64 in | 7.540625",
                ".387 in | 9.8298",
                "0.387\" | 9.8298",
                "4 thou | 0.1016",
                "1.5 tenths | 0.00381",
                "#31 | 3.048",
                "no. 7 drill | 5.1054",
                "No 7 | 5.1054",
                "number 7 drill | 5.1054",
                "letter F | 6.5278",
                "F | 6.5278",
                "f drill | 6.5278",
                "15 mm | 15",
                "9.5mm | 9.5",
                "1.5cm | 15",
                "1,5 mm | 1.5",
                "12 µm | 0.012",
                "12 um | 0.012",
                "63 µin | 0.0016002",
                "-2 thou | -0.0508",
                "+0.2 mm | 0.2",
                "½ | 12.7",
                "1½ in | 38.1",
                "3⁄4 in | 19.05",
                "ø12 mm | 12",
                "2 ft | 609.6",
                "7 | 7",
                ".25 | .25"
            })
    void readsLengthsAsMachinistsWriteThem(String text, double mm) {
        assertThat(value(text, Quantity.LENGTH, UnitSystem.METRIC)).isCloseTo(mm, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "11° | 11",
                "11°30' | 11.5",
                "11°30'36\" | 11.51",
                "11 deg | 11",
                "11 deg 30' | 11.5",
                "-5° | -5",
                "-5°30' | -5.5",
                "11.5 | 11.5",
                "30' | 0.5",
                "11° 30′ | 11.5"
            })
    void readsAngles(String text, double degrees) {
        assertThat(Math.toDegrees(value(text, Quantity.ANGLE, UnitSystem.METRIC)))
                .isCloseTo(degrees, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "300 rpm, SPINDLE_SPEED, 300",
        "300, SPINDLE_SPEED, 300",
        "90 sfm, SURFACE_SPEED, 27.432",
        "27 m/min, SURFACE_SPEED, 27",
        ".004 in/rev, FEED, 0.1016",
        "0.1 mm/rev, FEED, 0.1",
        "4 thou, FEED, 0.1016",
        "Ra 1.6, ROUGHNESS, 1.6",
        "63 µin, ROUGHNESS, 1.6002",
        "N7, ROUGHNESS, 1.6",
        "1 hp, POWER, 745.6998715822702",
        "0.75 kW, POWER, 750",
        "20 N/µm, STIFFNESS, 20000",
        "75 %, RATIO, 0.75"
    })
    void readsOtherQuantities(String text, Quantity quantity, double base) {
        assertThat(value(text, quantity, UnitSystem.METRIC)).isCloseTo(base, within(1e-9));
    }

    /** A comma stands for thousands only before exactly three digits, and never once a comma was a decimal one. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1,500 rpm | SPINDLE_SPEED | 1500",
                "12,500 rpm | SPINDLE_SPEED | 12500",
                "12,5 rpm | SPINDLE_SPEED | 12.5",
                "12,50 rpm | SPINDLE_SPEED | 12.5",
                "0,375 mm | LENGTH | 0.375",
                ",375 mm | LENGTH | 0.375",
                "1,5 mm | LENGTH | 1.5",
                "1,2345 mm | LENGTH | 1.2345",
                "1234,567 mm | LENGTH | 1234.567",
                "1,234.5 mm | LENGTH | 1234.5",
                "1,500,000 µm | LENGTH | 1500",
                "0.30000000000000004 mm | LENGTH | 0.30000000000000004",
                "1e-3 mm | LENGTH | 0.001",
                "1.5E+2 mm | LENGTH | 150",
                "2e3 rpm | SPINDLE_SPEED | 2000",
            })
    void commasAndPowersOfTen(String text, Quantity quantity, double base) {
        assertThat(value(text, quantity, UnitSystem.METRIC)).isEqualTo(base);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1,500 mm | LENGTH | METRIC | COMMA_OR_THOUSANDS | Write 1.500 mm or 1500 mm.",
                "2,125 | LENGTH | INCH | COMMA_OR_THOUSANDS | Write 2.125 or 2125.",
                "1,5,000 mm | LENGTH | METRIC | BAD_FRACTION | not a fraction",
                "1e999 mm | LENGTH | METRIC | NOT_A_NUMBER | a length",
                "Ra 0.8 | ROUGHNESS | INCH | SIZE_OF_UNIT | Did you mean 0.8 µm?",
                "125 | ROUGHNESS | METRIC | SIZE_OF_UNIT | Did you mean 125 µin?",
            })
    void whatCanBeReadInTwoWaysIsAskedAbout(
            String text, Quantity quantity, UnitSystem system, Complaint complaint, String says) {
        assertThat(MeasureParser.parse(text, quantity, system)).isInstanceOfSatisfying(Parsed.Wrong.class, wrong -> {
            assertThat(wrong.complaint()).isEqualTo(complaint);
            assertThat(wrong.sentence()).contains(says);
        });
    }

    @Test
    void bareNumberTakesTheUnitOfTheMomentAndAFractionIsAlwaysInches() {
        assertThat(value("0.5", Quantity.LENGTH, UnitSystem.INCH)).isEqualTo(12.7);
        assertThat(value("0.5", Quantity.LENGTH, UnitSystem.METRIC)).isEqualTo(0.5);
        assertThat(value("1/2", Quantity.LENGTH, UnitSystem.METRIC)).isEqualTo(12.7);
        assertThat(value("63", Quantity.ROUGHNESS, UnitSystem.INCH)).isCloseTo(1.6002, within(1e-12));
    }

    @Test
    void whatWasTypedIsKeptAndADrillSaysItsSize() {
        Reading reading =
                MeasureParser.parse(" #31 ", Quantity.LENGTH, UnitSystem.METRIC).orThrow();
        assertThat(reading.typed()).isEqualTo("#31");
        assertThat(reading.note()).isEqualTo("drill #31 is 0.1200 in");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "`` | EMPTY | Nothing is typed here",
                "3/0 | ZERO_DENOMINATOR | divides by nothing",
                "1 3/0 | ZERO_DENOMINATOR | divides by nothing",
                "abc | NOT_A_NUMBER | does not start with a number",
                "5 furlongs | UNKNOWN_UNIT | “furlongs” is not a unit I know",
                "90 sfm | WRONG_QUANTITY | is a surface speed; this takes a length",
                "11° | WRONG_QUANTITY | is an angle",
                "#99 | NO_SUCH_DRILL | There is no #99 drill",
                "1 9/8 | BAD_FRACTION | is not a fraction",
                "1/2/3 | BAD_FRACTION | is not a fraction",
                "5 mm 3 | TOO_MUCH | something left over",
                "38 mm h7 | FIT_WITH_SIZE | write 38 mm here, and h7 as the tolerance",
                "24 H6 | FIT_WITH_SIZE | write 24 here, and H6 as the tolerance",
                "<script>alert(1)</script> | NOT_A_NUMBER | does not start with a number"
            })
    void saysWhatIsWrongAndWhatWouldBeRight(String text, Complaint complaint, String says) {
        Parsed<Reading> parsed = MeasureParser.parse(text, Quantity.LENGTH, UnitSystem.METRIC);
        assertThat(parsed).isInstanceOfSatisfying(Parsed.Wrong.class, wrong -> {
            assertThat(wrong.complaint()).isEqualTo(complaint);
            assertThat(wrong.sentence()).contains(says);
        });
    }

    @Test
    void limitsAreToldInTheUnitsOfTheMoment() {
        Limits bit = new Limits(Quantity.LENGTH, 10, 300);
        assertThat(MeasureParser.parse("4 m", bit, UnitSystem.METRIC))
                .isEqualTo(Parsed.wrong(Complaint.TOO_LARGE, "4 m", "300 mm"));
        assertThat(MeasureParser.parse("1/8", bit, UnitSystem.INCH))
                .isEqualTo(Parsed.wrong(Complaint.TOO_SMALL, "1/8", "0.3937 in"));
        assertThat(MeasureParser.parse("x".repeat(41), bit, UnitSystem.METRIC))
                .isInstanceOfSatisfying(
                        Parsed.Wrong.class,
                        wrong -> assertThat(wrong.complaint()).isEqualTo(Complaint.TOO_LONG));
    }

    /** Whatever is typed gets a reading or a sentence, never an exception: seeded noise over the alphabet in use. */
    @Test
    void noiseNeverBreaksIt() {
        String alphabet = "0123456789.,e/- +,'\"°µ#mincthourdegx½ø~%±HRaNF";
        Random random = new Random(20261124);
        for (int i = 0; i < 20_000; i++) {
            StringBuilder text = new StringBuilder();
            int length = random.nextInt(12);
            for (int j = 0; j < length; j++) {
                text.append(alphabet.charAt(random.nextInt(alphabet.length())));
            }
            for (Quantity quantity : Quantity.values()) {
                switch (MeasureParser.parse(text.toString(), quantity, UnitSystem.INCH)) {
                    case Parsed.Good<Reading>(Reading reading) ->
                        assertThat(reading.value()).isFinite();
                    case Parsed.Wrong<Reading> wrong ->
                        assertThat(wrong.sentence()).isNotBlank();
                }
            }
        }
    }

    /** Writing a length and reading it back gives the same length, to the digits that are written. */
    @Test
    void writtenLengthsReadBack() {
        Random random = new Random(7);
        for (int i = 0; i < 5_000; i++) {
            double mm = Math.pow(10, random.nextDouble() * 5 - 2);
            for (UnitSystem system : UnitSystem.values()) {
                String text = Written.full(Quantity.LENGTH, mm, system);
                double back = value(text, Quantity.LENGTH, system);
                // Half the last place written: 1 µm or 10 µm in millimetres, a tenth of a thou or of a tenth in inches.
                double places = system == UnitSystem.METRIC ? (mm < 100 ? 0.0005 : 0.005) : 0.00005 * 25.4;
                assertThat(back).as(text).isCloseTo(mm, within(places * 1.01));
            }
        }
    }

    private static double value(String text, Quantity quantity, UnitSystem system) {
        return MeasureParser.parse(text, quantity, system).orThrow().value();
    }

    /** What weighs and what pulls have one word in the shop: the field says which is meant. */
    @Test
    void aKilogramIsAMassWhereAMassIsAsked() {
        assertThat(MeasureParser.parse("1.2 kg", Quantity.MASS, UnitSystem.METRIC)
                        .orThrow()
                        .value())
                .isEqualTo(1200);
        assertThat(MeasureParser.parse("2 lb", Quantity.MASS, UnitSystem.INCH)
                        .orThrow()
                        .value())
                .isCloseTo(907.18474, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(MeasureParser.parse("2 kg", Quantity.FORCE, UnitSystem.METRIC)
                        .orThrow()
                        .value())
                .isCloseTo(19.6133, org.assertj.core.api.Assertions.within(1e-9));
    }
}
