package boldwedge.server.jobs;

import boldwedge.core.jobs.chucking.ChuckingAnswer;
import boldwedge.core.jobs.entry.JobTexts;
import boldwedge.core.jobs.entry.JobTexts.LotTexts;
import boldwedge.core.jobs.report.EdgeLifeAnswer;
import boldwedge.core.jobs.report.JobAnswer;
import boldwedge.core.jobs.report.JobAnswer.LoadTold;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules.Texts;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs")
class JobController {
    private static final int MOST_JOBS = 1000;

    private final JobService jobs;

    JobController(JobService jobs) {
        this.jobs = jobs;
    }

    /** A job as sent. */
    record JobEntry(
            @Nullable UUID id,
            int version,
            String name,
            @Nullable LocalDateTime due,
            UnitSystem units,
            @Nullable SheetEntry sheet,
            @Nullable Boolean done) {}

    /** A sheet to be worked out; with the id of its job where it is kept, for what was ticked off of it. */
    record JobQuestion(
            @Nullable UUID id,
            @NotNull(message = "This part is missing.") UnitSystem units,
            @NotNull(message = "This part is missing.") SheetEntry sheet) {}

    /** A cut whose route becomes a lot. */
    record RouteQuestion(
            @Nullable String id,
            @Nullable String name,
            @Texts Map<String, @Nullable String> fields,
            @NotNull(message = "This part is missing.") UnitSystem units) {}

    /** What has become of a task, as sent. */
    record TickEntry(
            @Nullable String task,
            int version,
            @Nullable LocalDateTime startedAt,
            @Nullable LocalDateTime doneAt,
            @Nullable LocalDateTime pinnedAt,
            @Nullable Double minutes,
            @Nullable Integer lost) {}

    /** Jobs, those that are wanted first first, those put away last. */
    @GetMapping
    List<ListedJob> jobs(@RequestParam(defaultValue = "500") int most) {
        return jobs.list(Math.clamp(most, 1, MOST_JOBS));
    }

    /** What of several jobs can go into the furnace together. */
    @GetMapping("/loads")
    List<LoadTold> loads(@RequestParam(defaultValue = "METRIC") UnitSystem units) {
        return jobs.loads(units);
    }

    @GetMapping("/{id}")
    JobRecord job(@PathVariable UUID id) {
        return jobs.job(id);
    }

    @PostMapping
    JobRecord add(@RequestBody JobEntry entry) {
        return jobs.add(record(entry.id() == null ? UUID.randomUUID() : entry.id(), 1, entry));
    }

    @PutMapping("/{id}")
    JobRecord save(@PathVariable UUID id, @RequestBody JobEntry entry) {
        if (entry.sheet() == null) {
            throw Refusal.wrong(
                    "unusable",
                    "The job's sheet is missing: what is kept of it stays.",
                    Map.of("sheet", "This part is missing."));
        }
        return jobs.save(record(id, entry.version(), entry));
    }

    @DeleteMapping("/{id}")
    void delete(@PathVariable UUID id, @RequestParam int version) {
        jobs.delete(id, version);
    }

    /** What a job comes to: by set-up and piece after piece, what to saw, what to heat together, its tasks. What is wrong is told in the answer. */
    @PostMapping("/work-out")
    JobAnswer answer(@Valid @RequestBody JobQuestion question) {
        return jobs.answer(question.sheet().texts(), question.units(), Optional.ofNullable(question.id()));
    }

    /** A lot made from the route of a cut: every step an operation, with the time that small shops take. */
    @PostMapping("/from-route")
    LotTexts fromRoute(@Valid @RequestBody RouteQuestion question) {
        String id = Text.stripped(question.id());
        if (!id.matches("[A-Za-z0-9-]{1,40}")) {
            throw Refusal.wrong("no-id", "A lot needs an id of letters, digits and hyphens, at most 40 of them.");
        }
        return jobs.lot(id, Text.stripped(question.name()), Text.map(question.fields()), question.units());
    }

    /** Cuts of one piece, by their ids, and how far it stands out of the chuck; empty: as far as they need. */
    record ChuckingQuestion(
            @Nullable List<@Nullable String> cuts,
            @Nullable String out,
            @NotNull(message = "This part is missing.") UnitSystem units) {}

    /** The route of a whole piece in one chucking: its cuts in order, tools at their places, what does not fit. */
    @PostMapping("/chucking")
    ChuckingAnswer chucking(@Valid @RequestBody ChuckingQuestion question) {
        return jobs.chucking(Text.present(question.cuts()), Text.stripped(question.out()), question.units());
    }

    /** An edge that wears, as typed: ids of {@code edgeLife} in {@code /api/shop/choices}. */
    record EdgeLifeQuestion(
            @Texts Map<String, @Nullable String> fields,
            @NotNull(message = "This part is missing.") UnitSystem units) {}

    /** When an edge is ground, by how much, how many pieces it makes, how many edges a lot takes, when new ones are ordered. */
    @PostMapping("/edge-life")
    EdgeLifeAnswer edgeLife(@Valid @RequestBody EdgeLifeQuestion question) {
        return EdgeLifeAnswer.of(Text.map(question.fields()), question.units());
    }

    /** What has become of the tasks of a job. */
    @GetMapping("/{id}/ticks")
    List<Tick> ticks(@PathVariable UUID id) {
        return jobs.ticks(id);
    }

    /** Says what has become of a task: begun, done, pinned, clocked, pieces lost. */
    @PutMapping("/{id}/ticks")
    Tick tick(@PathVariable UUID id, @RequestBody TickEntry entry) {
        return jobs.tick(new Tick(
                id,
                Text.stripped(entry.task()),
                entry.version(),
                entry.startedAt(),
                entry.doneAt(),
                entry.pinnedAt(),
                entry.minutes(),
                entry.lost() == null ? 0 : entry.lost(),
                null,
                ""));
    }

    private static JobRecord record(UUID id, int version, JobEntry entry) {
        return new JobRecord(
                id,
                version,
                entry.name(),
                entry.due(),
                entry.units(),
                entry.sheet() == null
                        ? new JobTexts(List.of(), List.of(), "", "")
                        : entry.sheet().texts(),
                Boolean.TRUE.equals(entry.done()),
                null,
                "",
                null,
                "");
    }
}
