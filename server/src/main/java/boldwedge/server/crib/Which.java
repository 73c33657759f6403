package boldwedge.server.crib;

import boldwedge.core.ask.PlanRequest;
import boldwedge.core.family.Families;
import boldwedge.core.family.ToolFamily;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.measure.UnitSystem;
import boldwedge.server.plan.PlanService;
import boldwedge.server.web.Refusal;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;

/**
 * Which of the shop's tools will do a cut. Every tool of the right kind is tried, a few at a time, so that a large crib is never
 * in memory whole; whoever asked is told how far it is and can leave, which ends it.
 */
@Component
class Which {
    /** Best tools answered. */
    static final int MOST_ANSWERED = 200;

    /** Each takes a core while it runs; planning while somebody types goes before. */
    private static final int AT_ONCE = 2;

    private static final Duration LONGEST_WAIT = Duration.ofSeconds(10);
    private static final int TOOLS_AT_ONCE = 50;

    private final CribMapper crib;
    private final PlanService plans;
    private final Semaphore turns = new Semaphore(AT_ONCE, true);

    Which(CribMapper crib, PlanService plans) {
        this.crib = crib;
        this.plans = plans;
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
            return best(cut, family, listener);
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

    private List<Candidate> best(PlanRequest cut, ToolFamily<?> family, Listener listener) throws IOException {
        String kind = family.matched().id();
        int of = crib.countOfKind(kind);
        int tried = 0;
        // The worst of the best stands at the head, to be thrown out by a better one.
        Comparator<Candidate> byRank = Comparator.comparingDouble(
                        (Candidate candidate) -> candidate.match().rank())
                .thenComparing(candidate -> candidate.tool().name())
                .thenComparing(candidate -> candidate.tool().id());
        PriorityQueue<Candidate> best = new PriorityQueue<>(MOST_ANSWERED + 1, byRank.reversed());
        UUID after = null;
        while (true) {
            List<ToolRecord> some = crib.ofKind(kind, after, TOOLS_AT_ONCE);
            if (some.isEmpty()) {
                break;
            }
            for (Candidate candidate : tried(cut, family, some)) {
                best.add(candidate);
                if (best.size() > MOST_ANSWERED) {
                    best.remove();
                }
            }
            after = some.getLast().id();
            tried += some.size();
            listener.tried(tried, Math.max(of, tried));
        }
        List<Candidate> sorted = new ArrayList<>(best);
        sorted.sort(byRank);
        return sorted;
    }

    private List<Candidate> tried(PlanRequest cut, ToolFamily<?> family, List<ToolRecord> tools) {
        Map<UUID, Map<String, String>> measured = new HashMap<>();
        crib.grindsOfAll(tools).forEach(grind -> measured.put(grind.toolId(), grind.measured()));
        return tools.stream()
                .map(tool -> {
                    Map<String, String> own = new HashMap<>(tool.fields());
                    own.putAll(measured.getOrDefault(tool.id(), Map.of()));
                    return new Candidate(tool, family.match(cut, own));
                })
                .toList();
    }
}
