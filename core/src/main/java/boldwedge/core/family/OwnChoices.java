package boldwedge.core.family;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import boldwedge.core.rule.Rule;
import java.util.List;
import java.util.Optional;

/**
 * What the program chooses is held against its own findings before anybody sees it: where one is doubted, and what would be done first
 * about it is the program's own to choose and heals it without harm, that is chosen instead. So no choice is told and doubted in one breath unless
 * nothing within its range would do.
 *
 * @param family whose choices
 * @param <C> its cut
 */
record OwnChoices<C>(ToolFamily<C> family) {
    /** A margin that moves by less moves by rounding. */
    static final double LEAST_STEP = 0.02;

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

        Optional<Finding> finding(String id) {
            return findings.stream().filter(finding -> finding.id().equals(id)).findFirst();
        }

        /** What fails here that did not fail there, or fails by more; the first of it. */
        Optional<Finding> failsWhere(Tried<C> before) {
            return findings.stream()
                    .filter(finding -> finding.verdict() == Verdict.WRONG
                            && (before.finding(finding.id()).isEmpty()
                                    || before.betters(finding, TriedFixes.WORTH_WHILE)))
                    .findFirst();
        }

        static boolean isDoubted(Finding finding) {
            return finding.verdict().isDoubt();
        }

        boolean heals(Finding doubt) {
            return finding(doubt.id()).map(now -> !isDoubted(now)).orElse(true);
        }

        double margin(Finding doubt) {
            return finding(doubt.id()).map(Finding::margin).orElse(Double.POSITIVE_INFINITY);
        }

        boolean isBetterThan(Tried<C> before) {
            long wrong = count(Verdict.WRONG) - before.count(Verdict.WRONG);
            return failsWhere(before).isEmpty()
                    && (wrong < 0 || (wrong == 0 && count(Verdict.DOUBTFUL) < before.count(Verdict.DOUBTFUL)));
        }

        /** Whether a finding stands a little better here, or is gone: a step on a way (a quarter of one that is seen; ours). */
        boolean isBeyond(Finding before) {
            return isBeyond(before, LEAST_STEP / 4);
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
            return isBeyond(before, step);
        }

        private boolean isBeyond(Finding before, double step) {
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
        return new ChoiceSearch<>(this, tried(request)).settled();
    }
}
