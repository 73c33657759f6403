package boldwedge.server.schedule;

import boldwedge.core.jobs.report.Spell;
import boldwedge.server.schedule.PlanOfDays.Day;
import boldwedge.server.schedule.PlanOfDays.Line;
import boldwedge.server.schedule.PlanOfDays.PlannedTask;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
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
    static List<Day> of(List<PlannedTask> tasks, List<String> persons) {
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
        List<Day> all = new ArrayList<>();
        days.forEach((day, byPerson) -> byPerson.forEach((person, some) -> all.add(new Day(
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

    private static Line line(PlannedTask task, List<PlannedTask> tasks) {
        boolean today = task.start().toLocalDate().equals(task.end().toLocalDate());
        String until = today ? time(task.end()) : moment(task.end());
        String where = task.machineName().isEmpty() ? "at the bench" : task.machineName();
        String words = task.hands()
                ? task.name() + ", " + task.pieces() + " – " + where
                : task.name() + ", " + task.pieces() + " – " + where + ", goes by itself until " + until;
        return new Line(
                task.job(),
                task.task(),
                task.hands() ? time(task.start()) + " – " + until : time(task.start()),
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

    /** How good a plan is. */
    static String verdict(long minutes, long bound, boolean proved, String rests) {
        if (proved) {
            return "All done in " + Spell.time(minutes) + ". No order can be shorter: " + rests;
        }
        long over = minutes - bound;
        return "All done in " + Spell.time(minutes) + ". No order can be shorter than " + Spell.time(bound) + ": " + rests
                + " This one is "
                + (over <= 0 ? "as short; which jobs come first may still be bettered." : Spell.time(over) + " above.");
    }
}
