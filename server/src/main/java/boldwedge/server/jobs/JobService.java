package boldwedge.server.jobs;

import boldwedge.core.jobs.chucking.Chucking;
import boldwedge.core.jobs.chucking.ChuckingAnswer;
import boldwedge.core.jobs.chucking.NamedCut;
import boldwedge.core.jobs.entry.JobRead;
import boldwedge.core.jobs.entry.JobReader;
import boldwedge.core.jobs.entry.JobTexts;
import boldwedge.core.jobs.entry.JobTexts.LotTexts;
import boldwedge.core.jobs.entry.JobTexts.OperationTexts;
import boldwedge.core.jobs.entry.RouteOperations;
import boldwedge.core.jobs.model.Job;
import boldwedge.core.jobs.model.Learned;
import boldwedge.core.jobs.model.Lot;
import boldwedge.core.jobs.report.JobAnswer;
import boldwedge.core.jobs.report.JobAnswer.LoadTold;
import boldwedge.core.jobs.report.JobReport;
import boldwedge.core.jobs.schedule.JobTasks;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.server.people.Deed;
import boldwedge.server.people.Journal;
import boldwedge.server.people.Who;
import boldwedge.server.plan.PlanService;
import boldwedge.server.web.Checked;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Version;
import boldwedge.server.week.Week.Place;
import boldwedge.server.week.WeekService;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs, their ticks, and what the clock has taught of their operations. */
@Service
public class JobService {
    /** Clocked at more than this many times what was stated, or at less than one part of as many: somebody forgot the clock. */
    private static final double FORGOTTEN = 6;

    private final JobMapper jobs;
    private final WeekService weeks;
    private final PlanService plans;
    private final Checked checked;
    private final Journal journal;
    private final Who who;

    JobService(JobMapper jobs, WeekService weeks, PlanService plans, Checked checked, Journal journal, Who who) {
        this.jobs = jobs;
        this.weeks = weeks;
        this.plans = plans;
        this.checked = checked;
        this.journal = journal;
        this.who = who;
    }

    /** A job as its tasks: what was read, with learned times, and what has become of each task. */
    public record Worked(JobRecord record, Job job, List<JobTasks.Part> tasks, Map<String, Tick> ticks) {}

    List<ListedJob> list(int most) {
        return jobs.list(most);
    }

    JobRecord job(UUID id) {
        return jobs.find(id).orElseThrow(() -> Refusal.missing("no-such-job", "This job is not kept here."));
    }

    List<Tick> ticks(UUID id) {
        return jobs.ticks(id);
    }

    /** What a sheet comes to, whether it is kept or not; what was ticked off is known by the job's id. */
    JobAnswer answer(JobTexts sheet, UnitSystem units, Optional<UUID> id) {
        SheetEntry.check(sheet);
        JobRead read = JobReader.read(sheet, units, machines());
        List<Tick> ticks = id.map(jobs::ticks).orElse(List.of());
        return JobReport.of(read, units, lost(read.job(), ticks), clocked(List.of(sheet)));
    }

    /** The lot that a cut's route makes: every step an operation. */
    LotTexts lot(String id, String name, Map<String, String> fields, UnitSystem units) {
        List<OperationTexts> operations =
                RouteOperations.of(plans.workedPlan(fields, units).steps(), id, weeks.placesByKind());
        if (operations.isEmpty()) {
            throw Refusal.missing("no-route", "There is nothing to make in this cut: it has no steps.");
        }
        return new LotTexts(id, name, "1", "", "", "", "", "", "", operations);
    }

    /** The route of a whole piece in one chucking; a cut that is kept no more is left out. */
    ChuckingAnswer chucking(List<String> ids, String out, UnitSystem units) {
        if (ids.size() > SheetEntry.MOST_CUTS) {
            throw Refusal.wrong("job-too-large", "One chucking takes at most " + SheetEntry.MOST_CUTS + " cuts.");
        }
        List<String> wanted = ids.stream().distinct().toList();
        List<NamedCut> cuts = plans.cuts(wanted).stream()
                .map(cut -> new NamedCut(cut.id().toString(), cut.name(), plans.request(cut.fields(), cut.units())))
                .toList();
        Set<String> there = cuts.stream().map(NamedCut::id).collect(Collectors.toSet());
        ChuckingAnswer answer = Chucking.of(cuts, units, out);
        for (String id : wanted) {
            answer = there.contains(id) ? answer : answer.without(id);
        }
        return answer;
    }

    /** What has become of the tasks of all jobs that are not put away. */
    public List<Tick> openTicks() {
        return jobs.openTicks();
    }

    /** Every job that is not put away, with its tasks. */
    public List<Worked> open() {
        List<JobRecord> open = jobs.open();
        Map<UUID, List<Tick>> ticks = jobs.openTicks().stream().collect(Collectors.groupingBy(Tick::jobId));
        Map<String, List<Double>> clocked =
                clocked(open.stream().map(JobRecord::sheet).toList());
        Set<String> machines = machines();
        return open.stream()
                .map(one -> worked(one, machines, ticks.getOrDefault(one.id(), List.of()), clocked))
                .toList();
    }

    /** Loads in which lots of several open jobs go into the furnace together; what was in it already is left out. */
    List<LoadTold> loads(UnitSystem units) {
        Set<String> furnaces = weeks.places().stream()
                .filter(place -> place.kind().equals("furnace"))
                .map(Place::id)
                .collect(Collectors.toSet());
        Map<String, List<Lot>> waiting = new LinkedHashMap<>();
        for (Worked job : open()) {
            Set<String> heated = job.tasks().stream()
                    .filter(part -> furnaces.contains(part.operation().machine()))
                    .filter(part -> {
                        Tick tick = job.ticks().get(part.id());
                        return tick != null && tick.doneAt() != null;
                    })
                    .flatMap(part -> part.parts().stream())
                    .map(of -> of.lot().id())
                    .collect(Collectors.toSet());
            List<Lot> lots = job.job().lots().stream()
                    .filter(lot -> lot.heat().isPresent() && !heated.contains(lot.id()))
                    .toList();
            if (!lots.isEmpty()) {
                waiting.computeIfAbsent(job.record().name(), name -> new ArrayList<>())
                        .addAll(lots);
            }
        }
        return JobReport.together(waiting, units);
    }

    private static Worked worked(
            JobRecord record, Set<String> machines, List<Tick> ticks, Map<String, List<Double>> clocked) {
        Job stated = JobReader.read(record.sheet(), record.units(), machines).job();
        Job job = Learned.times(stated, clocked);
        return new Worked(
                record,
                job,
                JobTasks.of(job, lost(job, ticks)),
                ticks.stream().collect(Collectors.toMap(Tick::task, tick -> tick)));
    }

    private Set<String> machines() {
        return weeks.places().stream().map(Place::id).collect(Collectors.toSet());
    }

    /** Pieces lost, by the operation at which they were. */
    private static Map<String, Integer> lost(Job job, List<Tick> ticks) {
        Map<String, Integer> byTask =
                ticks.stream().filter(tick -> tick.lost() > 0).collect(Collectors.toMap(Tick::task, Tick::lost));
        Map<String, Integer> lost = new HashMap<>();
        for (JobTasks.Part part : JobTasks.of(job, Map.of())) {
            int gone = byTask.getOrDefault(part.id(), 0);
            if (gone > 0) {
                lost.merge(part.operation().id(), gone, Integer::sum);
            }
        }
        return lost;
    }

    /** What was clocked of the operations of these sheets, over what was stated, by id of the operation. */
    private Map<String, List<Double>> clocked(List<JobTexts> sheets) {
        Map<String, String> keys = new HashMap<>();
        sheets.forEach(sheet -> sheet.lots()
                .forEach(lot -> lot.operations()
                        .forEach(one -> keys.put(one.id(), key(one.habit(), one.name(), one.machine())))));
        if (keys.isEmpty()) {
            return Map.of();
        }
        Map<String, List<Double>> ratios = jobs.ratios(List.copyOf(Set.copyOf(keys.values()))).stream()
                .collect(Collectors.groupingBy(
                        JobMapper.Ratio::key, Collectors.mapping(JobMapper.Ratio::ratio, Collectors.toList())));
        Map<String, List<Double>> byOperation = new HashMap<>();
        keys.forEach((operation, key) -> byOperation.put(operation, ratios.getOrDefault(key, List.of())));
        return byOperation;
    }

    /** Which kind of operation it is, for the clock: a route's step on a machine, or what the shop calls it. */
    private static String key(String habit, String name, String machine) {
        return (habit.isEmpty() ? "own:" + name.toLowerCase(Locale.ROOT) : "step:" + habit) + "@" + machine;
    }

    /** Keeps a new job; one that was sent twice under one id is kept once. */
    @Transactional
    public JobRecord add(JobRecord entry) {
        JobRecord job = by(entry);
        if (jobs.add(List.of(counted(job))) == 0) {
            JobRecord there = job(job.id());
            Version.checkSameAgain(
                    there.name().equals(job.name()) && there.sheet().equals(job.sheet()), "job");
            return there;
        }
        return job(job.id());
    }

    @Transactional
    public JobRecord save(JobRecord entry) {
        JobRecord job = by(entry);
        Version.check(jobs.save(job, counted(job).tasks()), jobs.find(job.id()).isPresent(), "job");
        return job(job.id());
    }

    @Transactional
    public void delete(UUID id, int version) {
        Optional<JobRecord> there = jobs.find(id);
        if (jobs.delete(id, version) == 0 && jobs.find(id).isPresent()) {
            Version.check(0, true, "job");
        }
        there.ifPresent(job -> journal.note(Deed.DELETED, "the job " + job.name()));
    }

    private JobRecord by(JobRecord entry) {
        check(entry);
        return new JobRecord(
                entry.id(),
                entry.version(),
                entry.name(),
                entry.due(),
                entry.units(),
                entry.sheet(),
                entry.done(),
                null,
                who.name(),
                null,
                "");
    }

    private JobMapper.Counted counted(JobRecord job) {
        Job read = JobReader.read(job.sheet(), job.units(), machines()).job();
        return new JobMapper.Counted(job, JobTasks.of(read, Map.of()).size());
    }

    /** Whether it may be kept. */
    public void check(JobRecord job) {
        checked.record(job);
        SheetEntry.check(job.sheet());
    }

    /** Says what has become of a task. Who said it in between is told of, and nothing is overwritten. */
    @Transactional
    public Tick tick(Tick entry) {
        JobRecord job = job(entry.jobId());
        Worked worked = worked(job, machines(), List.of(), Map.of());
        JobTasks.Part part = worked.tasks().stream()
                .filter(one -> one.id().equals(entry.task()))
                .findFirst()
                .orElseThrow(() ->
                        Refusal.missing("no-such-task", "This job has no such task any more: look at the job again."));
        check(entry);
        Tick tick = new Tick(
                entry.jobId(),
                entry.task(),
                Math.max(1, entry.version()),
                entry.startedAt(),
                entry.doneAt(),
                entry.pinnedAt(),
                entry.minutes(),
                entry.lost(),
                null,
                who.name());
        int rows = entry.version() == 0 ? jobs.addTicks(List.of(tick)) : jobs.saveTick(tick);
        Tick there = jobs.tick(entry.jobId(), entry.task()).orElse(tick);
        if (rows == 0 && !there.saysAs(tick)) {
            Version.check(0, true, "task");
        }
        jobs.count(entry.jobId());
        clock(part, there);
        return there;
    }

    /** Whether it may be kept. */
    public void check(Tick tick) {
        checked.record(tick);
        if (tick.startedAt() != null && tick.doneAt() != null && tick.doneAt().isBefore(tick.startedAt())) {
            throw Refusal.wrong(
                    "done-before-begun",
                    "It cannot be done before it was begun.",
                    Map.of("doneAt", "This lies before it was begun."));
        }
        if (tick.minutes() != null && !(tick.minutes() > 0 && tick.minutes() <= 7 * 24 * 60)) {
            throw Refusal.wrong(
                    "no-such-time",
                    "A task takes some minutes, a week at most.",
                    Map.of("minutes", "Type minutes, more than 0."));
        }
        if (tick.lost() < 0 || tick.lost() > 999) {
            throw Refusal.wrong(
                    "no-such-count", "Pieces are counted from 0.", Map.of("lost", "Type how many were lost."));
        }
    }

    /** The clock: minutes as typed, or from begun to done where that lies within one day. */
    private void clock(JobTasks.Part part, Tick tick) {
        jobs.unclock(tick.jobId(), tick.task());
        Optional<Double> minutes = minutes(tick);
        double stated = part.minutes();
        if (tick.doneAt() == null || minutes.isEmpty() || stated <= 0) {
            return;
        }
        double ratio = minutes.get() / stated;
        boolean learns = ratio < FORGOTTEN && ratio > 1 / FORGOTTEN;
        Map<String, String> habits = new HashMap<>();
        job(tick.jobId())
                .sheet()
                .lots()
                .forEach(lot -> lot.operations().forEach(one -> habits.put(one.id(), one.habit())));
        List<JobMapper.Clocked> all = new ArrayList<>();
        part.parts().stream()
                .map(of -> of.operation())
                .map(one -> key(habits.getOrDefault(one.id(), ""), one.name(), one.machine()))
                .distinct()
                .forEach(key ->
                        all.add(new JobMapper.Clocked(tick.jobId(), tick.task(), key, stated, minutes.get(), learns)));
        jobs.clock(all);
    }

    private static Optional<Double> minutes(Tick tick) {
        if (tick.minutes() != null) {
            return Optional.of(tick.minutes());
        }
        if (tick.startedAt() == null || tick.doneAt() == null) {
            return Optional.empty();
        }
        double between = Duration.between(tick.startedAt(), tick.doneAt()).toSeconds() / 60.0;
        boolean oneDay = tick.startedAt().toLocalDate().equals(tick.doneAt().toLocalDate());
        return between > 0 && oneDay ? Optional.of(between) : Optional.empty();
    }

    /**
     * What was done with a tool of the crib.
     *
     * @param job in which job
     * @param operation which operation
     * @param pieces of how many
     * @param minutesEach as stated for a piece
     * @param doneAt when, by the shop's clock
     * @param units what bare numbers of it mean
     */
    public record CutWith(
            String job,
            OperationTexts operation,
            int pieces,
            double minutesEach,
            LocalDateTime doneAt,
            UnitSystem units) {}

    /** What jobs have cut with a tool, as far as it was ticked off. */
    public List<CutWith> cutWith(UUID tool) {
        List<CutWith> all = new ArrayList<>();
        Set<String> machines = machines();
        for (JobRecord record : jobs.cutWith(tool)) {
            Map<String, OperationTexts> itsOwn = record.sheet().lots().stream()
                    .flatMap(lot -> lot.operations().stream())
                    .filter(one -> one.tool().equals(tool.toString()))
                    .collect(Collectors.toMap(OperationTexts::id, Function.identity()));
            Worked worked = worked(record, machines, jobs.ticks(record.id()), Map.of());
            for (JobTasks.Part part : worked.tasks()) {
                Tick tick = worked.ticks().get(part.id());
                if (tick == null || tick.doneAt() == null) {
                    continue;
                }
                for (JobTasks.Of of : part.parts()) {
                    OperationTexts one = itsOwn.get(of.operation().id());
                    if (one != null) {
                        double each = of.operation().eachMin();
                        all.add(new CutWith(record.name(), one, of.pieces(), each, tick.doneAt(), record.units()));
                    }
                }
            }
        }
        return List.copyOf(all);
    }

    /** Hands over every job, one after the other; within a transaction. */
    public void each(Consumer<JobRecord> take) {
        jobs.each().forEach(take);
    }

    /** Hands over every tick; within a transaction. */
    public void eachTick(Consumer<Tick> take) {
        jobs.eachTick().forEach(take);
    }

    /** Adds those jobs that are not there yet; how many. For imports. */
    public int addMissing(List<JobRecord> found) {
        return jobs.add(found.stream().map(this::counted).toList());
    }

    /** Adds those ticks that are not there yet; how many. For imports. */
    public int addMissingTicks(List<Tick> found) {
        int added = jobs.addTicks(found);
        jobs.countAll();
        return added;
    }
}
