package boldwedge.server.week;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.jobs.schedule.Hours;
import boldwedge.server.week.HoursReader.Span;
import boldwedge.server.week.Week.Away;
import boldwedge.server.week.Week.Worker;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Hours as they are typed, and as minutes. */
class HoursReaderTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);

    @Test
    void readsADay() {
        assertThat(HoursReader.day("7:00-12:00, 12:30-16:00").orElseThrow())
                .containsExactly(new Span(420, 720), new Span(750, 960));
        assertThat(HoursReader.day("7 to 12; 12.30 – 16").orElseThrow())
                .containsExactly(new Span(420, 720), new Span(750, 960));
        assertThat(HoursReader.day("").orElseThrow()).isEmpty();
        // What touches is one span, and a day may be whole.
        assertThat(HoursReader.day("0-12, 12-24").orElseThrow()).containsExactly(new Span(0, 1440));
    }

    @ParameterizedTest
    @ValueSource(strings = {"seven", "7-", "12-7", "7:60-12", "7-25", "7-12, 11-16", "24:30-25", "7-12, , 13-16"})
    void refusesWhatIsNoDay(String typed) {
        assertThat(HoursReader.day(typed)).isEmpty();
    }

    @Test
    void aWeekBecomesMinutesAndWhoIsAwayIsNotThere() {
        Worker worker = new Worker(
                "w",
                "W",
                Map.of("MONDAY", "7-12, 12:30-16", "TUESDAY", "8-10"),
                List.of(
                        new Away(MONDAY.atTime(9, 0), MONDAY.atTime(10, 0)),
                        new Away(
                                MONDAY.plusDays(1).atTime(0, 0),
                                MONDAY.plusDays(2).atTime(0, 0))));
        Hours hours = HoursReader.of(worker, MONDAY, 8);
        assertThat(hours.next(0)).isEqualTo(420);
        assertThat(hours.next(9 * 60)).isEqualTo(600);
        assertThat(hours.done(8 * 60, 120)).isEqualTo(660);
        assertThat(hours.between(0, 1440)).isEqualTo(120 + 120 + 210);
        // Tuesday is taken; the next day is the Monday after.
        assertThat(hours.next(1440)).isEqualTo(7 * 1440 + 420);
    }

    /** At midnight one day goes on in the next. */
    @Test
    void aNightShiftIsOneSpan() {
        Worker night = new Worker("n", "N", Map.of("MONDAY", "22-24", "TUESDAY", "0-6"), List.of());
        Hours hours = HoursReader.of(night, MONDAY, 2);
        assertThat(hours.done(22 * 60, 300)).isEqualTo(27 * 60);
    }
}
