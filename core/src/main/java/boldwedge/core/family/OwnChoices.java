package boldwedge.core.family;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.Chosen;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import boldwedge.core.rule.Rule;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the program chooses is held against its own findings before anybody sees it: where one is doubted, and what would be done first
 * about it is the program's own to choose and heals it without harm, that is chosen instead. So no choice is told and doubted in one breath unless
 * nothing within its range would do.
 *
 * @param family whose choices
 * @param <C> its cut
 */
record OwnChoices<C>(ToolFamily<C> family) {
    private static final int ROUNDS = 4;

    /** So many remedies of a doubt are looked through for one that betters it. */
    private static final int LOOKED_AT = 3;

    /** A margin that moves by less moves by rounding. */
    static final double LEAST_STEP = 0.02;

    /** How many times more or less than at first a value may become. */
    private static final double FARTHEST = 2;

    /**
     * A request with the choices made so far.
     *
     * @param request the request
     * @param read what it came to
     * @param findings what is judged of it; nothing where it cannot be worked out
     */
    record Tried<C>(PlanRequest request, Read<C> read, List<Finding> findings) {
        private long count(Verdict verdict) {
            return findings.stream()
                    .filter(finding -> finding.verdict() == verdict)
                    .count();
        }

        private Optional<Finding> finding(String id) {
            return findings.stream().filter(finding -> finding.id().equals(id)).findFirst();
        }

        /** What fails here that did not fail there; the first of it. */
        Optional<Finding> failsWhere(Tried<C> before) {
            return findings.stream()
                    .filter(finding -> finding.verdict() == Verdict.WRONG
                            && before.finding(finding.id())
                                    .map(then -> then.verdict() != Verdict.WRONG)
                                    .orElse(true))
                    .findFirst();
        }

        private static boolean isDoubted(Finding finding) {
            return finding.verdict().isDoubt();
        }

        private boolean heals(Finding doubt) {
            return finding(doubt.id()).map(now -> !isDoubted(now)).orElse(true);
        }

        private boolean isBetterThan(Tried<C> before) {
            long wrong = count(Verdict.WRONG) - before.count(Verdict.WRONG);
            return failsWhere(before).isEmpty()
                    && (wrong < 0 || (wrong == 0 && count(Verdict.DOUBTFUL) < before.count(Verdict.DOUBTFUL)));
        }

        /**
         * Whether a finding stands better here by a step that is worth its while, or is gone.
         *
         * @param worthWhile share that what there is over what it needs has to gain, 0.15 for 15 %
         */
        boolean betters(Finding before, double worthWhile) {
            // A margin is what there is over what it needs, less one: of what lacks much a step is as much of what
            // there is.
            double step = Math.max(LEAST_STEP, worthWhile * Math.min(1, 1 + before.margin()));
            return finding(before.id())
                    .map(now -> now.verdict().compareTo(before.verdict()) > 0 || now.margin() >= before.margin() + step)
                    .orElse(true);
        }
    }

    /** Works a request out as it stands. */
    Tried<C> tried(PlanRequest request) {
        Read<C> read = family.read(request);
        return new Tried<>(
                request,
                read,
                read.cut()
                        .map(cut -> Rule.judge(family.rules(), cut, new UnitFormat(request.units())))
                        .orElse(List.of()));
    }

    /** The request with the program's own choices as they stand up to its findings. */
    Tried<C> settled(PlanRequest request) {
        Tried<C> first = tried(request);
        Tried<C> now = first;
        for (int round = 0; round < ROUNDS; round++) {
            Optional<Tried<C>> better = better(now, first);
            if (better.isEmpty()) {
                return now;
            }
            now = better.get();
        }
        return now;
    }

    /** The first own remedy that heals what it is for and betters the whole; else the first of those that better it that does so with another one beside it. */
    private Optional<Tried<C>> better(Tried<C> now, Tried<C> first) {
        List<Remedy> remedies = remedies(now, first);
        List<Remedy> seconds = new ArrayList<>();
        for (Remedy remedy : remedies) {
            Tried<C> other = tried(remedy.request());
            if (other.read().cut().isEmpty() || !other.betters(remedy.doubt(), TriedFixes.WORTH_WHILE)) {
                continue;
            }
            if (other.heals(remedy.doubt()) && other.isBetterThan(now)) {
                return Optional.of(other);
            }
            // What heals may have done harm that another remedy takes away; what only betters wants more of the same.
            if (other.heals(remedy.doubt())) {
                seconds.addAll(remedies(other, first));
            } else {
                other.finding(remedy.doubt().id())
                        .flatMap(doubt -> ours(doubt, other, first))
                        .ifPresent(seconds::add);
            }
        }
        return seconds.stream()
                .map(second -> tried(second.request()))
                .filter(pair -> pair.read().cut().isPresent() && pair.isBetterThan(now))
                .findFirst();
    }

    /**
     * What would be done first about a doubt.
     *
     * @param doubt the finding
     * @param request the request with it done
     */
    private record Remedy(Finding doubt, PlanRequest request) {}

    /**
     * What would be done first about each doubt, the worst first, where that is the program's own to choose. What a person typed, what
     * the shop has and what is done at the machine is asked for, not worked around.
     */
    private List<Remedy> remedies(Tried<C> now, Tried<C> first) {
        return now.findings().stream()
                .filter(Tried::isDoubted)
                .sorted(Comparator.comparing(Finding::verdict))
                .flatMap(finding -> ours(finding, now, first).stream())
                .toList();
    }

    /** The first of a doubt's remedies that betters it, where it is the program's own. */
    private Optional<Remedy> ours(Finding doubt, Tried<C> now, Tried<C> first) {
        for (Fix fix : doubt.mends().stream().limit(LOOKED_AT).toList()) {
            if (fix.text().equals(now.request().own().get(fix.field()))) {
                continue;
            }
            if (isOurs(fix, first)) {
                return Optional.of(new Remedy(doubt, now.request().withOwn(fix.field(), fix.text())));
            }
            if (!fix.isAtTheMachine()
                    && tried(now.request().with(fix.field(), fix.text())).betters(doubt, TriedFixes.WORTH_WHILE)) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    private boolean isOurs(Fix fix, Tried<C> first) {
        return family.entries().stream()
                .anyMatch((Entry entry) -> entry.id().equals(fix.field())
                        && entry.asked().ours()
                        && first.request().text(entry).isEmpty()
                        && isWithinReason(entry, fix.text(), first));
    }

    /** A value is moved to the half or to the double at most: what costs more is told, and chosen by whoever pays for it. */
    private boolean isWithinReason(Entry entry, String text, Tried<C> first) {
        OptionalDouble wanted = value(entry, text, first.request());
        OptionalDouble before = value(entry, standing(entry, first), first.request());
        return wanted.isEmpty()
                || before.isEmpty()
                || before.getAsDouble() == 0
                || (wanted.getAsDouble() >= before.getAsDouble() / FARTHEST
                        && wanted.getAsDouble() <= before.getAsDouble() * FARTHEST);
    }

    private String standing(Entry entry, Tried<C> first) {
        Map<Entry, FieldState> states = new LinkedHashMap<>(first.read().states());
        first.read()
                .cut()
                .ifPresent(cut -> family.show(
                        cut, new Chosen(states, new UnitFormat(first.request().units()))));
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
