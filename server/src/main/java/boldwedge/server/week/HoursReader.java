package boldwedge.server.week;

import boldwedge.core.jobs.schedule.Hours;
import boldwedge.server.week.Week.Away;
import boldwedge.server.week.Week.Worker;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Hours as they are typed, and as minutes from a day on. */
final class HoursReader {
    private static final Pattern SPAN =
            Pattern.compile("\\s*(\\d{1,2})(?:[:.](\\d{2}))?\\s*(?:-|–|to)\\s*(\\d{1,2})(?:[:.](\\d{2}))?\\s*");
    private static final int DAY = 24 * 60;

    private HoursReader() {}

    /**
     * A span of a day, in minutes from midnight.
     *
     * @param from beginning
     * @param to end
     */
    record Span(int from, int to) {}

    /** The spans of a day in order; empty where they cannot be read. */
    static Optional<List<Span>> day(String typed) {
        List<Span> spans = new ArrayList<>();
        if (typed.isBlank()) {
            return Optional.of(spans);
        }
        for (String part : typed.split("[,;]")) {
            Matcher span = SPAN.matcher(part);
            if (!span.matches()) {
                return Optional.empty();
            }
            int from = minutes(span.group(1), span.group(2));
            int to = minutes(span.group(3), span.group(4));
            if (from < 0
                    || to < 0
                    || to <= from
                    || (!spans.isEmpty() && from < spans.getLast().to())) {
                return Optional.empty();
            }
            if (!spans.isEmpty() && from == spans.getLast().to()) {
                spans.set(spans.size() - 1, new Span(spans.getLast().from(), to));
            } else {
                spans.add(new Span(from, to));
            }
        }
        return Optional.of(spans);
    }

    private static int minutes(String hour, @org.jspecify.annotations.Nullable String minute) {
        int h = Integer.parseInt(hour);
        int m = minute == null ? 0 : Integer.parseInt(minute);
        return m > 59 || h > 24 || (h == 24 && m > 0) ? -1 : h * 60 + m;
    }

    /** When somebody is there, so many days from one on; minutes count from its midnight. */
    static Hours of(Worker worker, LocalDate first, int days) {
        List<long[]> spans = new ArrayList<>();
        for (int day = 0; day < days; day++) {
            DayOfWeek weekday = first.plusDays(day).getDayOfWeek();
            long midnight = (long) day * DAY;
            for (Span span :
                    day(worker.hours().getOrDefault(weekday.name(), "")).orElse(List.of())) {
                add(spans, midnight + span.from(), midnight + span.to());
            }
        }
        LocalDateTime origin = first.atTime(LocalTime.MIDNIGHT);
        for (Away away : worker.away()) {
            if (away.from() != null && away.to() != null) {
                spans = without(
                        spans,
                        ChronoUnit.MINUTES.between(origin, away.from()),
                        ChronoUnit.MINUTES.between(origin, away.to()));
            }
        }
        return new Hours(
                spans.stream().mapToLong(span -> span[0]).toArray(),
                spans.stream().mapToLong(span -> span[1]).toArray());
    }

    private static void add(List<long[]> spans, long from, long to) {
        if (!spans.isEmpty() && spans.getLast()[1] == from) {
            spans.getLast()[1] = to;
        } else {
            spans.add(new long[] {from, to});
        }
    }

    private static List<long[]> without(List<long[]> spans, long from, long to) {
        List<long[]> left = new ArrayList<>();
        for (long[] span : spans) {
            if (span[1] <= from || span[0] >= to) {
                left.add(span);
                continue;
            }
            if (span[0] < from) {
                left.add(new long[] {span[0], from});
            }
            if (span[1] > to) {
                left.add(new long[] {to, span[1]});
            }
        }
        return left;
    }
}
