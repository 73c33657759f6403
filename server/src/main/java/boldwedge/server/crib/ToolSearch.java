package boldwedge.server.crib;

import boldwedge.core.family.Families;
import boldwedge.core.family.ToolFamily;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.PlanRequest;
import boldwedge.server.plan.PlanService;
import boldwedge.server.web.Refusal;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.PriorityQueue;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.apache.ibatis.cursor.Cursor;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Which of the shop's tools will do a cut. The records hand over the tools of the right kind, those that are alike together, one
 * after the other, so that a large crib is never in memory whole; each such set is tried once. Whoever asked is told how far it
 * is and can leave, which ends it.
 */
@Component
class ToolSearch {
    /** Best tools answered. */
    static final int MOST_ANSWERED = 200;

    /** Each takes a core while it runs; planning while somebody types goes before. */
    private static final int AT_ONCE = 2;

    private static final Duration LONGEST_WAIT = Duration.ofSeconds(10);

    private final CribMapper crib;
    private final PlanService plans;
    private final TransactionTemplate reading;
    private final Semaphore turns = new Semaphore(AT_ONCE, true);

    ToolSearch(CribMapper crib, PlanService plans, PlatformTransactionManager transactions) {
        this.crib = crib;
        this.plans = plans;
        // A cursor lives as long as its transaction.
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
    }

    /**
     * A tool beside a cut.
     *
     * @param tool the tool
     * @param match how it would do
     */
    record Candidate(ToolRecord tool, ToolMatch match) {}

    /** Told how far it is; throws when nobody listens any more, which ends the search. */
    interface Listener {
        /** So many of so many tools were tried. */
        void tried(int tools, int of) throws IOException;
    }

    /** The tools that do it best, the best first. A tool counts as it was last measured. */
    List<Candidate> best(Map<String, String> fields, UnitSystem units, Listener listener) throws IOException {
        PlanRequest cut = plans.request(fields, units);
        ToolFamily<?> family = Families.of(cut);
        if (!hasTurn()) {
            throw Refusal.busy(
                    "busy", "Others are searching the crib just now. Try again in a few seconds; nothing was lost.");
        }
        try {
            return Objects.requireNonNull(reading.execute(status -> {
                try {
                    return best(cut, family, listener);
                } catch (IOException left) {
                    throw new UncheckedIOException(left);
                }
            }));
        } catch (UncheckedIOException left) {
            throw left.getCause();
        } finally {
            turns.release();
        }
    }

    private boolean hasTurn() {
        try {
            return turns.tryAcquire(LONGEST_WAIT.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** Tools that are alike, tried once for all of them. */
    private record Tried(CribMapper.Alike alike, ToolMatch match) {}

    private List<Candidate> best(PlanRequest cut, ToolFamily<?> family, Listener listener) throws IOException {
        String kind = family.matched().id();
        int of = crib.countOfKind(kind);
        // The worst of the best stands at the head, to be thrown out as soon as there are enough better ones.
        PriorityQueue<Tried> best = new PriorityQueue<>(
                Comparator.comparingDouble((Tried tried) -> tried.match().rank())
                        .reversed());
        int kept = 0;
        int tried = 0;
        try (Cursor<CribMapper.Alike> all = crib.alike(kind)) {
            for (CribMapper.Alike alike : all) {
                best.add(new Tried(alike, family.match(cut, alike.fields())));
                kept += alike.tools();
                while (kept - best.element().alike().tools() >= MOST_ANSWERED) {
                    kept -= best.remove().alike().tools();
                }
                tried += alike.tools();
                listener.tried(tried, Math.max(of, tried));
            }
        }
        return candidates(kind, best);
    }

    private List<Candidate> candidates(String kind, Collection<Tried> best) {
        if (best.isEmpty()) {
            return List.of();
        }
        Map<Map<String, String>, ToolMatch> matches = new HashMap<>();
        best.forEach(tried -> matches.put(tried.alike().fields(), tried.match()));
        Map<UUID, ToolMatch> of = new HashMap<>();
        crib.withTexts(kind, matches.keySet(), MOST_ANSWERED).forEach(tool -> {
            ToolMatch match = matches.get(tool.fields());
            if (match != null) {
                of.put(tool.id(), match);
            }
        });
        return of.isEmpty()
                ? List.of()
                : crib.all(of.keySet()).stream()
                        .map(tool -> new Candidate(tool, Objects.requireNonNull(of.get(tool.id()))))
                        .sorted(Comparator.comparingDouble((Candidate candidate) ->
                                        candidate.match().rank())
                                .thenComparing(candidate -> candidate.tool().name())
                                .thenComparing(candidate -> candidate.tool().id()))
                        .limit(MOST_ANSWERED)
                        .toList();
    }
}
