package boldwedge.server.schedule;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/schedule")
class ScheduleController {
    private static final int MOST_SECONDS = 300;
    private static final int USUAL_SECONDS = 30;

    private final ScheduleService schedule;

    ScheduleController(ScheduleService schedule) {
        this.schedule = schedule;
    }

    /**
     * From when on it is planned, and for how long it may be searched.
     *
     * @param from by the shop's clock; missing: now
     * @param seconds at most 300; 0 takes the first plan as it is; missing: 30
     * @param jobs which jobs; missing: all that are not put away
     */
    record ScheduleQuestion(
            @Nullable LocalDateTime from,
            @Nullable Integer seconds,
            @Nullable List<UUID> jobs) {}

    /** Plans all open jobs: what is done stays, what is pinned stands. The first plan comes at once; better ones are asked for. */
    @PostMapping
    PlanOfDays plan(@RequestBody ScheduleQuestion question) {
        int seconds = question.seconds() == null ? USUAL_SECONDS : Math.clamp(question.seconds(), 0, MOST_SECONDS);
        return schedule.plan(question.from(), Duration.ofSeconds(seconds), Optional.ofNullable(question.jobs()));
    }

    /** The plan as it is now. */
    @GetMapping
    PlanOfDays now() {
        return schedule.now();
    }

    /** Ends the search; the best so far is kept. */
    @PostMapping("/stop")
    PlanOfDays stop() {
        return schedule.stop();
    }

    /** The plan for a calendar (iCalendar, RFC 5545), times by the shop's clock. */
    @GetMapping(value = "/plan.ics", produces = "text/calendar")
    ResponseEntity<String> calendar() {
        return file("plan.ics", "text/calendar", PlanFiles.calendar(schedule.now()));
    }

    /** The plan as a table. */
    @GetMapping(value = "/plan.csv", produces = "text/csv")
    ResponseEntity<String> table() {
        return file("plan.csv", "text/csv", PlanFiles.table(schedule.now()));
    }

    private static ResponseEntity<String> file(String name, String type, String body) {
        return ResponseEntity.ok()
                .contentType(new MediaType(MediaType.valueOf(type), StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(body);
    }
}
