package boldwedge.core.family;

import boldwedge.core.family.OwnChoices.Tried;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.Chosen;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.PlanRequest;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * The search for own choices that are doubted less: what would be done first about each doubt is tried where it is the program's own to choose, alone, several
 * after each other, or with another one that makes its harm good.
 *
 * @param <C> the cut
 */
final class ChoiceSearch<C> {
    private static final int ROUNDS = 8;

    /** So many set-ups are worked out; what is doubted still is beyond what other choices would mend. */
    private static final int MOST_TRIED = 30;

    /** So many remedies of one doubt after each other. */
    private static final int STEPS = 4;

    /** So many remedies of a doubt are looked through for one that betters it. */
    private static final int LOOKED_AT = 3;

    /** How many times more or less than at first a value may become. */
    private static final double FARTHEST = 2;

    private final OwnChoices<C> choices;
    private final Tried<C> first;
    private final Map<Map<String, String>, Tried<C>> known = new HashMap<>();
    private final Map<PlanRequest, Tried<C>> asked = new HashMap<>();

    /**
     * Begins one.
     *
     * @param first the request as it was asked, worked out
     */
    ChoiceSearch(OwnChoices<C> choices, Tried<C> first) {
        this.choices = choices;
        this.first = first;
    }

    private boolean isSpent() {
        return known.size() >= MOST_TRIED;
    }

    /** With these own choices; worked out once. */
    private Tried<C> tried(PlanRequest request) {
        return known.computeIfAbsent(request.own(), own -> choices.tried(request));
    }

    /** As far as it can be bettered. */
    Tried<C> settled() {
        Tried<C> now = first;
        for (int round = 0; round < ROUNDS; round++) {
            Optional<Tried<C>> better = better(now);
            if (better.isEmpty()) {
                return now;
            }
            now = better.get();
        }
        return now;
    }

    /** What heals a doubt and betters the whole, the worst doubt first: one own remedy, several after each other, or one that another makes good again. */
    private Optional<Tried<C>> better(Tried<C> now) {
        List<PlanRequest> seconds = new ArrayList<>();
        for (Finding doubt : doubts(now)) {
            Optional<Tried<C>> healed = healed(doubt, now, seconds);
            if (healed.isPresent()) {
                return healed;
            }
        }
        return Stream.concat(afresh(now), seconds.stream())
                .takeWhile(more -> !isSpent())
                .map(this::tried)
                .filter(other -> other.read().cut().isPresent() && other.isBetterThan(now))
                .findFirst();
    }

    /**
     * Own remedies of a doubt after each other, each time the one that gains most, until one betters the whole.
     *
     * @param seconds takes what would be done about the harm of what healed it
     */
    private Optional<Tried<C>> healed(Finding doubt, Tried<C> now, List<PlanRequest> seconds) {
        Tried<C> from = now;
        Finding left = doubt;
        for (int step = 0; step < STEPS && !isSpent(); step++) {
            Optional<Tried<C>> best = Optional.empty();
            for (Candidate remedy : ours(left, from)) {
                Tried<C> other = tried(remedy.request());
                if (other.read().cut().isEmpty() || !other.isBeyond(left)) {
                    continue;
                }
                if (!other.heals(doubt)) {
                    best = best.filter(before -> before.margin(doubt) >= other.margin(doubt))
                            .or(() -> Optional.of(other));
                } else if (other.isBetterThan(now)) {
                    return Optional.of(other);
                } else {
                    remedies(other).forEach(second -> seconds.add(second.request()));
                }
            }
            Optional<Finding> rest = best.flatMap(other -> other.finding(doubt.id()));
            if (rest.isEmpty()) {
                return Optional.empty();
            }
            from = best.get();
            left = rest.get();
        }
        return Optional.empty();
    }

    /** What was chosen before may have been for what is not doubted any more: each remedy alone, then with what that wants. */
    private Stream<PlanRequest> afresh(Tried<C> now) {
        if (now.request().own().isEmpty()) {
            return Stream.empty();
        }
        List<PlanRequest> alone = remedies(now).stream()
                .map(remedy -> first.request()
                        .withOwn(remedy.fix().field(), remedy.fix().text()))
                .toList();
        return Stream.concat(
                alone.stream(),
                alone.stream()
                        .takeWhile(more -> !isSpent())
                        .map(this::tried)
                        .filter(other -> other.read().cut().isPresent())
                        .flatMap(other -> remedies(other).stream().map(Candidate::request)));
    }

    /**
     * What would be done first about a doubt.
     *
     * @param fix what would be done
     * @param request the request with it done
     */
    private record Candidate(Fix fix, PlanRequest request) {}

    /**
     * What would be done first about each doubt, the worst first, where that is the program's own to choose. What a person typed, what
     * the shop has and what is done at the machine is asked for, not worked around.
     */
    private List<Candidate> remedies(Tried<C> now) {
        return doubts(now).stream()
                .flatMap(finding -> ours(finding, now).stream())
                .toList();
    }

    private List<Finding> doubts(Tried<C> now) {
        return now.findings().stream()
                .filter(Tried::isDoubted)
                .sorted(Comparator.comparing(Finding::verdict))
                .toList();
    }

    /** A doubt's remedies that are the program's own, before the first that is somebody else's and betters it. */
    private List<Candidate> ours(Finding doubt, Tried<C> now) {
        List<Candidate> ours = new ArrayList<>();
        for (Fix fix : doubt.mends().stream().limit(LOOKED_AT).toList()) {
            if (fix.text().equals(now.request().own().get(fix.field()))) {
                continue;
            }
            Optional<Entry> own = own(fix);
            if (own.isPresent()) {
                // What would be moved too far is neither chosen nor waited for.
                if (isWithinReason(own.get(), fix.text())) {
                    ours.add(new Candidate(fix, now.request().withOwn(fix.field(), fix.text())));
                }
            } else if (!fix.isAtTheMachine()) {
                Tried<C> theirs = asked.computeIfAbsent(now.request().with(fix.field(), fix.text()), choices::tried);
                if (theirs.read().cut().isPresent() && theirs.betters(doubt, TriedFixes.WORTH_WHILE)) {
                    break;
                }
            }
        }
        return ours;
    }

    /** The field of a remedy where it is the program's own to choose. */
    private Optional<Entry> own(Fix fix) {
        return choices.family().entries().stream()
                .filter(entry -> entry.id().equals(fix.field())
                        && entry.asked().ours()
                        && first.request().text(entry).isEmpty())
                .findFirst();
    }

    /** A value is moved to the half or to the double at most: what costs more is told, and chosen by whoever pays for it. */
    private boolean isWithinReason(Entry entry, String text) {
        OptionalDouble wanted = value(entry, text, first.request());
        OptionalDouble before = value(entry, standing(entry), first.request());
        return wanted.isEmpty()
                || before.isEmpty()
                || before.getAsDouble() == 0
                || (wanted.getAsDouble() >= before.getAsDouble() / FARTHEST
                        && wanted.getAsDouble() <= before.getAsDouble() * FARTHEST);
    }

    private String standing(Entry entry) {
        Map<Entry, FieldState> states = new LinkedHashMap<>(first.read().states());
        first.read()
                .cut()
                .ifPresent(cut -> choices.family()
                        .show(
                                cut,
                                new Chosen(
                                        states, new UnitFormat(first.request().units()))));
        FieldState state = states.get(entry);
        return state == null ? "" : state.text();
    }

    private static OptionalDouble value(Entry entry, String text, PlanRequest request) {
        return entry.limits().isPresent()
                        && MeasureParser.parse(text, entry.limits().get().quantity(), request.units())
                                instanceof Parsed.Good<Reading>(Reading reading)
                ? OptionalDouble.of(reading.value())
                : OptionalDouble.empty();
    }
}
