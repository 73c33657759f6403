package boldwedge.server.crib;

import boldwedge.core.ask.Entry;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.boring.BarSearch;
import boldwedge.core.measure.MeasureParser;
import boldwedge.core.measure.Parsed;
import boldwedge.core.measure.Reading;
import boldwedge.core.measure.UnitSystem;
import boldwedge.core.measure.Written;
import boldwedge.core.plan.Family;
import boldwedge.core.plan.Planner;
import boldwedge.core.plan.ToolMatch;
import boldwedge.server.crib.CribService.Kind;
import boldwedge.server.plan.PlanService;
import boldwedge.server.web.Refusal;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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
    private static final int TOOLS_AT_ONCE = 100;
    private static final int BARS_AT_ONCE = 25;

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
        Family family = Planner.family(cut);
        Kind kind = switch (family) {
            case BORING -> Kind.BAR;
            case PARTING -> Kind.BLADE;
            default -> Kind.BIT;
        };
        if (!hasTurn()) {
            throw Refusal.busy(
                    "busy", "Others are searching the crib just now. Try again in a few seconds; nothing was lost.");
        }
        try {
            return best(cut, kind, listener);
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

    private List<Candidate> best(PlanRequest cut, Kind kind, Listener listener) throws IOException {
        int of = crib.countOfKind(kind.condition);
        int tried = 0;
        // The worst of the best stands at the head, to be thrown out by a better one.
        Comparator<Candidate> byRank = Comparator.comparingDouble(
                        (Candidate candidate) -> candidate.match().rank())
                .thenComparing(candidate -> candidate.tool().name())
                .thenComparing(candidate -> candidate.tool().id());
        PriorityQueue<Candidate> best = new PriorityQueue<>(MOST_ANSWERED + 1, byRank.reversed());
        UUID after = null;
        while (true) {
            List<ToolRecord> some = crib.ofKind(kind.condition, after, kind == Kind.BAR ? BARS_AT_ONCE : TOOLS_AT_ONCE);
            if (some.isEmpty()) {
                break;
            }
            for (Candidate candidate : kind == Kind.BAR ? bars(cut, some) : others(cut, some)) {
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

    private List<Candidate> others(PlanRequest cut, List<ToolRecord> tools) {
        Map<UUID, Map<String, String>> measured = new HashMap<>();
        crib.grindsOfAll(tools)
                .forEach(grind -> measured.put(grind.toolId(), inUnits(grind.measured(), grind.units())));
        return tools.stream()
                .map(tool -> {
                    Map<String, String> own = new HashMap<>(inUnits(tool.fields(), tool.units()));
                    own.putAll(measured.getOrDefault(tool.id(), Map.of()));
                    return new Candidate(tool, ToolMatch.of(cut, own));
                })
                .toList();
    }

    /** The shop's bars at every reach, speed and feed. */
    private static List<Candidate> bars(PlanRequest cut, List<ToolRecord> tools) {
        Map<String, ToolRecord> bars = new LinkedHashMap<>();
        tools.forEach(tool -> bars.put(tool.id().toString(), tool));
        List<BarSearch.ShopBar> asked = tools.stream()
                .map(tool -> new BarSearch.ShopBar(tool.id().toString(), inUnits(tool.fields(), tool.units())))
                .toList();
        return BarSearch.search(cut, asked).stream()
                .map(match -> new Candidate(
                        Objects.requireNonNull(bars.get(match.id())),
                        new ToolMatch(match.verdict(), match.rank(), match.reasons(), match.take())))
                .toList();
    }

    /** The texts with their unit written out, so that they mean the same in any unit system. */
    private static Map<String, String> inUnits(Map<String, String> texts, UnitSystem units) {
        Map<String, String> explicit = new HashMap<>();
        texts.forEach((id, text) -> explicit.put(
                id,
                Planner.entry(id)
                        .flatMap(Entry::limits)
                        .map(limits -> switch (MeasureParser.parse(text, limits.quantity(), units)) {
                            case Parsed.Good<Reading>(Reading r) -> Written.exact(r.quantity(), r.value());
                            case Parsed.Wrong<Reading> bad -> text;
                        })
                        .orElse(text)));
        return explicit;
    }
}
