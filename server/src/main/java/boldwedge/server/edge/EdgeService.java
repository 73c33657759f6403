package boldwedge.server.edge;

import boldwedge.core.family.CutOnWork;
import boldwedge.core.jobs.stock.EdgeClock;
import boldwedge.core.jobs.stock.EdgeClock.Spell;
import boldwedge.core.jobs.stock.EdgeClock.Use;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.trial.BladeLife;
import boldwedge.server.crib.CribService;
import boldwedge.server.crib.GrindRecord;
import boldwedge.server.jobs.JobService;
import boldwedge.server.jobs.JobService.CutWith;
import boldwedge.server.plan.PlanService;
import boldwedge.server.trial.TrialRecord;
import boldwedge.server.trial.TrialService;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a tool's edge has cut, from what is kept of trials, jobs and grinds: taking one of them back takes it back here. */
@Service
public class EdgeService {
    /** Of the trials of a tool so many of the latest are looked at: edges before them are long gone. */
    private static final int MOST_TRIALS = 1000;

    private final CribService crib;
    private final TrialService trials;
    private final JobService jobs;
    private final PlanService plans;

    EdgeService(CribService crib, TrialService trials, JobService jobs, PlanService plans) {
        this.crib = crib;
        this.trials = trials;
        this.jobs = jobs;
        this.plans = plans;
    }

    /** Something that was cut, and just when. */
    private record Cut(LocalDateTime at, String what, Use use, boolean broke) {}

    @Transactional(readOnly = true)
    EdgeController.EdgeAnswer edge(UUID id) {
        crib.tool(id);
        // Many a trial is of the same cut: each is worked out once.
        Map<PlanRequest, OptionalDouble> known = new HashMap<>();
        Function<PlanRequest, OptionalDouble> minutes = asked -> known.computeIfAbsent(asked, CutOnWork::minutes);
        List<Cut> cuts = Stream.concat(
                        trials.ofTool(id).stream()
                                .limit(MOST_TRIALS)
                                .map(trial -> trial(trial, minutes))
                                .flatMap(Optional::stream),
                        jobs.cutWith(id).stream().map(cut -> job(cut, minutes)))
                .sorted(Comparator.comparing(Cut::at))
                .toList();
        // A grind makes a new edge, and so does what broke the old one.
        List<LocalDateTime> ends = Stream.concat(
                        crib.grindsOf(id).stream().map(EdgeService::groundAt),
                        cuts.stream().filter(Cut::broke).map(Cut::at))
                .sorted()
                .toList();
        List<Spell> spells = new ArrayList<>();
        List<Cut> now = cuts;
        for (LocalDateTime end : ends) {
            spells.add(spell(now.stream().filter(cut -> !cut.at().isAfter(end))));
            now = now.stream().filter(cut -> cut.at().isAfter(end)).toList();
        }
        EdgeClock clock = EdgeClock.of(spells, spell(now.stream()));
        @Nullable LocalDate since = ends.isEmpty() ? null : ends.getLast().toLocalDate();
        return new EdgeController.EdgeAnswer(
                since,
                clock.now().pieces(),
                clock.now().minutes(),
                now.reversed().stream().map(EdgeService::told).toList(),
                clock.sentences());
    }

    private static Spell spell(Stream<Cut> cuts) {
        return new Spell(cuts.map(Cut::use).toList());
    }

    private static EdgeUse told(Cut cut) {
        return new EdgeUse(
                cut.at().toLocalDate(),
                cut.what(),
                cut.use().pieces(),
                cut.use().minutes(),
                cut.use().trial());
    }

    /** A trial of what turns in the chuck; of another, such as a furnace load, no edge's minutes are told. */
    private Optional<Cut> trial(TrialRecord trial, Function<PlanRequest, OptionalDouble> known) {
        OptionalDouble minutes = known.apply(plans.request(trial.fields(), trial.units()));
        LocalDateTime at = on(trial.onDay(), trial.saidAt() == null ? trial.savedAt() : trial.saidAt(), LocalTime.NOON);
        int pieces = BladeLife.count(trial.readings());
        return minutes.isPresent()
                ? Optional.of(new Cut(
                        at,
                        trial.verdict(),
                        new Use(pieces, pieces * minutes.getAsDouble(), true, true),
                        BladeLife.broke(trial.readings())))
                : Optional.empty();
    }

    private Cut job(CutWith cut, Function<PlanRequest, OptionalDouble> known) {
        OptionalDouble minutes = cut.operation().opens().isEmpty()
                ? OptionalDouble.empty()
                : known.apply(plans.request(cut.operation().opens(), cut.units()));
        double each = minutes.orElse(cut.minutesEach());
        return new Cut(
                cut.doneAt(),
                cut.job() + ": " + cut.operation().name(),
                new Use(cut.pieces(), cut.pieces() * each, minutes.isPresent(), false),
                false);
    }

    /** A grind that was written down on a later day ends that day's work: what was cut on it was cut before. */
    private static LocalDateTime groundAt(GrindRecord grind) {
        return on(grind.onDay(), grind.saidAt() == null ? grind.savedAt() : grind.saidAt(), LocalTime.MAX);
    }

    /** When on that day: as it was written down where that was the same day. */
    private static LocalDateTime on(LocalDate day, @Nullable Instant saved, LocalTime otherwise) {
        LocalDateTime written =
                saved == null ? day.atTime(otherwise) : LocalDateTime.ofInstant(saved, ZoneId.systemDefault());
        return written.toLocalDate().equals(day) ? written : day.atTime(otherwise);
    }
}
