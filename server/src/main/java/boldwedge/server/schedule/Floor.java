package boldwedge.server.schedule;

import boldwedge.core.jobs.model.Bond;
import boldwedge.core.jobs.model.Operation;
import boldwedge.core.jobs.report.JobReport;
import boldwedge.core.jobs.schedule.Hours;
import boldwedge.core.jobs.schedule.JobTasks;
import boldwedge.core.jobs.schedule.Layout;
import boldwedge.core.jobs.schedule.Problem;
import boldwedge.core.jobs.schedule.Task;
import boldwedge.core.jobs.schedule.Task.Fixed;
import boldwedge.core.jobs.schedule.Task.Link;
import boldwedge.core.jobs.schedule.Task.State;
import boldwedge.core.jobs.schedule.Worker;
import boldwedge.server.jobs.JobService.Worked;
import boldwedge.server.jobs.Tick;
import boldwedge.server.week.Week;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * All open jobs as one problem, with the names that its numbers stand for.
 *
 * @param problem what is laid out
 * @param named what each task is, by its number
 * @param jobs the jobs, by their numbers
 * @param origin the minutes count from here
 * @param machines names by id
 * @param left what could not be taken in, a sentence each
 */
record Floor(
        Problem problem,
        List<Named> named,
        List<Worked> jobs,
        LocalDateTime origin,
        Map<String, String> machines,
        List<String> left) {
    /** Half a year: what does not fit into it is said. */
    static final int DAYS = 180;

    /** Light by which colours can be told, all the year round; minutes from midnight. */
    private static final long[] DAYLIGHT = {8 * 60, 16 * 60};

    private static final int DAY = 24 * 60;

    /** A task's job and part. */
    record Named(Worked job, JobTasks.Part part) {
        String pieces() {
            return JobReport.pieces(part);
        }

        String name() {
            return part.parts().stream()
                    .map(of -> of.operation().name())
                    .distinct()
                    .collect(Collectors.joining(", "));
        }
    }

    /**
     * Puts the jobs together.
     *
     * @param jobs open jobs
     * @param week who works when
     * @param hours their hours from the origin's day on
     * @param machines names of machines and places by id
     * @param from nothing that is free begins before
     */
    static Floor of(List<Worked> jobs, Week week, List<Hours> hours, Map<String, String> machines, LocalDateTime from) {
        LocalDateTime origin = origin(from.toLocalDate());
        List<Worker> workers = new ArrayList<>();
        for (int i = 0; i < hours.size(); i++) {
            workers.add(new Worker(week.persons().get(i).name(), hours.get(i)));
        }
        List<String> left = new ArrayList<>();
        List<Named> named = new ArrayList<>();
        List<Task> tasks = new ArrayList<>();
        List<Worked> taken = new ArrayList<>();
        List<Long> due = new ArrayList<>();
        for (Worked job : jobs) {
            if (turnsInARing(job, workers, origin)) {
                left.add("“" + job.record().name()
                        + "” is left out: its operations wait for each other in a ring. Take one of its “after” away.");
                continue;
            }
            add(job, taken.size(), origin, tasks, named);
            taken.add(job);
            LocalDateTime wanted = job.record().due();
            due.add(wanted == null ? Layout.NEVER : minute(origin, wanted));
        }
        return new Floor(
                new Problem(tasks, workers, due, minute(origin, from), daylight()),
                named,
                List.copyOf(taken),
                origin,
                machines,
                left);
    }

    /** A week before the day, so that what was begun or done lately has its minutes too. */
    static LocalDateTime origin(LocalDate day) {
        return day.minusDays(7).atStartOfDay();
    }

    static long minute(LocalDateTime origin, LocalDateTime at) {
        return ChronoUnit.MINUTES.between(origin, at);
    }

    LocalDateTime at(long minute) {
        return origin.plusMinutes(minute);
    }

    private static boolean turnsInARing(Worked job, List<Worker> workers, LocalDateTime origin) {
        List<Task> tasks = new ArrayList<>();
        add(job, 0, origin, tasks, new ArrayList<>());
        try {
            new Problem(tasks, workers, List.of(Layout.NEVER), 0, daylight());
            return false;
        } catch (IllegalArgumentException ring) {
            return true;
        }
    }

    private static void add(Worked job, int number, LocalDateTime origin, List<Task> tasks, List<Named> named) {
        Map<String, Integer> numbers = new HashMap<>();
        int first = tasks.size();
        for (JobTasks.Part part : job.tasks()) {
            numbers.put(part.id(), first + numbers.size());
        }
        for (JobTasks.Part part : job.tasks()) {
            Operation one = part.operation();
            List<Link> links = new ArrayList<>();
            for (Map.Entry<String, Bond> link : part.links().entrySet()) {
                Integer to = numbers.get(link.getKey());
                if (to != null) {
                    links.add(JobTasks.link(to, link.getValue()));
                }
            }
            tasks.add(new Task(
                    job.record().id() + "|" + part.id(),
                    number,
                    one.machine(),
                    Math.max(1, Math.round(part.minutes())),
                    one.hands(),
                    one.unbroken(),
                    one.when(),
                    links,
                    fixed(job.ticks().get(part.id()), origin)));
            named.add(new Named(job, part));
        }
    }

    private static Fixed fixed(@Nullable Tick tick, LocalDateTime origin) {
        if (tick == null) {
            return Fixed.FREE;
        }
        if (tick.doneAt() != null) {
            long done = minute(origin, tick.doneAt());
            long start = tick.startedAt() == null ? done : minute(origin, tick.startedAt());
            return new Fixed(State.DONE, start, done);
        }
        if (tick.startedAt() != null) {
            return new Fixed(State.RUNNING, minute(origin, tick.startedAt()), 0);
        }
        return tick.pinnedAt() == null ? Fixed.FREE : new Fixed(State.PINNED, minute(origin, tick.pinnedAt()), 0);
    }

    private static Hours daylight() {
        long[] from = new long[DAYS];
        long[] to = new long[DAYS];
        for (int day = 0; day < DAYS; day++) {
            from[day] = (long) day * DAY + DAYLIGHT[0];
            to[day] = (long) day * DAY + DAYLIGHT[1];
        }
        return new Hours(from, to);
    }
}
