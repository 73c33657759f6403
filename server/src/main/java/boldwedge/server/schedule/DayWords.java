package boldwedge.server.schedule;

import boldwedge.core.jobs.report.Spell;
import boldwedge.server.schedule.PlanOfDays.DayLine;
import boldwedge.server.schedule.PlanOfDays.PlannedDay;
import boldwedge.server.schedule.PlanOfDays.PlannedTask;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** A plan as each day's list in words. */
final class DayWords {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter SHORT_DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

    private DayWords() {}

    static String time(LocalDateTime at) {
        return TIME.format(at);
    }

    static String moment(LocalDateTime at) {
        return SHORT_DAY.format(at) + ", " + TIME.format(at);
    }

    /** Day by day and person by person; what goes by itself stands where it is begun. */
    static List<PlannedDay> of(List<PlannedTask> tasks, List<String> persons) {
        Map<LocalDate, Map<String, List<PlannedTask>>> days = new LinkedHashMap<>();
        List<PlannedTask> sorted = tasks.stream()
                .sorted(Comparator.comparing(PlannedTask::start).thenComparing(task -> !task.hands()))
                .toList();
        for (PlannedTask task : sorted) {
            String who = task.hands() ? task.worker() : loader(task, sorted, persons);
            days.computeIfAbsent(task.start().toLocalDate(), day -> new LinkedHashMap<>())
                    .computeIfAbsent(who, person -> new ArrayList<>())
                    .add(task);
        }
        List<PlannedDay> all = new ArrayList<>();
        days.forEach((day, byPerson) -> byPerson.forEach((person, some) -> all.add(new PlannedDay(
                DAY.format(day),
                person,
                some.stream().map(task -> line(task, sorted)).toList()))));
        return all;
    }

    /** Whoever was last at something of the same job begins what then goes by itself. */
    private static String loader(PlannedTask task, List<PlannedTask> tasks, List<String> persons) {
        return tasks.stream()
                .filter(other -> other.hands()
                        && other.job().equals(task.job())
                        && !other.end().isAfter(task.start()))
                .max(Comparator.comparing(PlannedTask::end))
                .map(PlannedTask::worker)
                .orElse(persons.isEmpty() ? "" : persons.getFirst());
    }

    private static DayLine line(PlannedTask task, List<PlannedTask> tasks) {
        boolean today = task.start().toLocalDate().equals(task.end().toLocalDate());
        String until = today ? time(task.end()) : moment(task.end());
        String where = task.machineName().isEmpty() ? "at the bench" : task.machineName();
        String words = task.hands()
                ? task.name() + ", " + task.pieces() + " – " + where + (today ? "" : ", until " + until)
                : task.name() + ", " + task.pieces() + " – " + where + ", goes by itself until " + until;
        return new DayLine(
                task.job(),
                task.task(),
                time(task.start()) + (task.hands() && today ? " – " + until : ""),
                words,
                task.hands() ? meanwhile(task, tasks) : "",
                task.state().equals("DONE"));
    }

    private static String meanwhile(PlannedTask task, List<PlannedTask> tasks) {
        return tasks.stream()
                .filter(other -> !other.hands()
                        && other.start().isBefore(task.end())
                        && other.end().isAfter(task.start()))
                .map(other -> "“" + other.name() + "” goes by itself until " + time(other.end()))
                .distinct()
                .collect(Collectors.joining("; "));
    }

    /**
     * How good a plan is.
     *
     * @param from where it begins
     * @param ends where it ends
     * @param bound before which nothing can end
     * @param rests what that rests on
     */
    static String verdict(LocalDateTime from, LocalDateTime ends, LocalDateTime bound, boolean proved, String rests) {
        long minutes = ChronoUnit.MINUTES.between(from, ends);
        boolean today = from.toLocalDate().equals(ends.toLocalDate());
        String done =
                "All done by " + (today ? time(ends) + ", in " + Spell.time((double) minutes) : moment(ends)) + ".";
        if (proved) {
            return done + " No order can be done sooner: " + rests;
        }
        long over = ChronoUnit.MINUTES.between(bound, ends);
        boolean sameDay = bound.toLocalDate().equals(ends.toLocalDate());
        return done + " No order can be done before " + (sameDay ? time(bound) : moment(bound)) + ": " + rests
                + (over <= 0
                        ? " This one is done then; which job comes first may still be bettered."
                        : sameDay ? " This one ends " + Spell.time((double) over) + " later." : "");
    }
}
