package boldwedge.core.audit;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The laws. Each is true of every family; none knows one by name. */
final class Laws {
    /** A remedy gains at least this share of what is needed, or it heals. */
    private static final double WORTH_WHILE = 0.15;
    /** A margin that moves by less moves by rounding. */
    private static final double LEAST_STEP = 0.02;

    /** What fails already and has so little left of what it had: a choice that costs that is not the program's to make. */
    private static final double DEARLY = 0.88;

    /** Bounds of what any machine or tool of these shops bears, by unit. */
    private static final Map<String, Double> CREDIBLE =
            Map.of("N", 400_000.0, "MPa", 20_000.0, "W", 60_000.0, "mm", 20_000.0, "Hz", 60_000.0);

    private static final Pattern TWICE =
            Pattern.compile("\\b(\\p{L}{3,} \\p{L}{3,})\\b, \\1\\b|\\b(\\p{L}{3,}) \\2\\b");
    private static final Pattern MISSING =
            Pattern.compile("\\b(NaN|null|Infinity)\\b|∞|%s|\\{\\w+}|(?<![\\p{L}\\d])-0(?![.\\d])");

    private static final List<Law> OF_ONE = List.of(
            new Law("typed-is-heard", "What is typed comes back as typed, or is refused.", Laws::typed),
            new Law(
                    "own-choice",
                    "What would be done first about a doubt is not the program's own to do.",
                    Laws::ownChoice),
            new Law("remedy-there", "What will not do has something that can be done.", Laws::remedyThere),
            new Law("remedy-answers", "A remedy can be worked out.", Laws::remedyAnswers),
            new Law("remedy-remedies", "A remedy betters what it is for.", Laws::remedyRemedies),
            new Law("remedy-harms", "A remedy makes nothing else fail.", Laws::remedyHarms),
            new Law("no-cliff", "A change of 3 % steps a verdict by one grade.", Laws::noCliff),
            new Law("credible", "Figures stay within what carries them.", Laws::credible),
            new Law("verdict-and-margin", "What fails has nothing to spare.", Laws::verdictAndMargin),
            new Law("words", "Sentences have no blanks, no doubled words, the asker's units.", Laws::words));

    static final List<Law> ALL = Stream.of(OF_ONE, PairLaws.ALL, StepLaws.ALL, TrialLaws.ALL)
            .flatMap(List::stream)
            .toList();

    private Laws() {}

    private static Optional<String> typed(Job job) {
        for (Map.Entry<String, String> typed : job.fields().entrySet()) {
            Optional<FieldState> state = job.state(typed.getKey());
            if (state.isPresent()
                    && (state.get().chosen() || !state.get().typed().equals(typed.getValue()))) {
                return Optional.of(typed.getKey() + " was typed as " + typed.getValue() + " and stands as "
                        + state.get().text());
            }
        }
        return Optional.empty();
    }

    private static boolean isDoubted(Finding finding) {
        return finding.verdict().isDoubt();
    }

    private static long count(Job job, Verdict verdict) {
        return job.answer().findings().stream()
                .filter(finding -> finding.verdict() == verdict)
                .count();
    }

    /** A remedy is a change of a field: what is done at the machine changes nothing here. */
    private static List<Fix> fixes(Finding finding) {
        return finding.mends().stream().filter(fix -> !fix.field().isEmpty()).toList();
    }

    /** What would be done first about a doubt is not the program's own to do, unless that costs more than twice or half of what stands there. */
    private static Optional<String> ownChoice(Job job) {
        for (Finding finding : job.answer().findings()) {
            Optional<Fix> first = isDoubted(finding) ? fixes(finding).stream().findFirst() : Optional.empty();
            if (first.isEmpty() || !job.isOurs(first.get().field()) || job.isFar(first.get())) {
                continue;
            }
            Job mended = job.with(first.get());
            boolean heals = mended.answer().worked()
                    && mended.finding(finding.id()).map(now -> !isDoubted(now)).orElse(true);
            boolean harms = count(mended, Verdict.WRONG)
                            > count(job, Verdict.WRONG) - (finding.verdict() == Verdict.WRONG ? 1 : 0)
                    || count(mended, Verdict.DOUBTFUL)
                            > count(job, Verdict.DOUBTFUL) - (finding.verdict() == Verdict.DOUBTFUL ? 1 : 0)
                    || mended.answer().findings().stream()
                            .anyMatch(now -> now.verdict() == Verdict.WRONG
                                    && job.finding(now.id())
                                            .filter(before -> 1 + now.margin() < DEARLY * (1 + before.margin()))
                                            .isPresent());
            if (heals && !harms) {
                return Optional.of(finding.id() + " is " + finding.verdict() + " (" + finding.statement() + "), and "
                        + first.get().field() + " = " + first.get().text() + " in place of "
                        + job.state(first.get().field()).map(FieldState::text).orElse("") + " heals it");
            }
        }
        return Optional.empty();
    }

    /** What will not do has something that can be done: a change of it, or another way. */
    private static Optional<String> remedyThere(Job job) {
        return job.answer().findings().stream()
                .filter(finding ->
                        finding.verdict() == Verdict.WRONG && finding.mends().isEmpty())
                .findFirst()
                .map(finding -> finding.id() + ": " + finding.statement());
    }

    private static Optional<String> remedyAnswers(Job job) {
        for (Finding finding : job.answer().findings()) {
            for (Fix fix : fixes(finding)) {
                Job mended = job.with(fix);
                if (!mended.answer().worked()) {
                    return Optional.of(finding.id() + " offers " + fix + ": "
                            + mended.answer().fields().stream()
                                    .map(FieldState::error)
                                    .filter(error -> !error.isEmpty())
                                    .toList());
                }
            }
        }
        return Optional.empty();
    }

    /** 15 % of what there is over what it needs, which is a margin and one. */
    private static double step(Finding finding) {
        return Math.max(LEAST_STEP, WORTH_WHILE * Math.min(1, 1 + finding.margin()));
    }

    private static Optional<String> remedyRemedies(Job job) {
        for (Finding finding : job.answer().findings()) {
            if (!isDoubted(finding)) {
                continue;
            }
            for (Fix fix : fixes(finding)) {
                Optional<Finding> now = job.with(fix).finding(finding.id());
                if (now.isPresent()
                        && now.get().verdict().compareTo(finding.verdict()) <= 0
                        && now.get().margin() < finding.margin() + step(finding)) {
                    return Optional.of(finding.id() + " (" + finding.statement() + ") offers " + fix + " and then is "
                            + now.get().verdict() + " (" + now.get().statement() + ")");
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<String> remedyHarms(Job job) {
        for (Finding finding : job.answer().findings()) {
            for (Fix fix : fixes(finding)) {
                Job mended = job.with(fix);
                for (Finding other : mended.answer().findings()) {
                    if (!fix.label().contains(". But then: ")
                            && other.verdict() == Verdict.WRONG
                            && job.finding(other.id())
                                    .map(before -> before.verdict() != Verdict.WRONG || failsMore(before, other))
                                    .orElse(true)) {
                        return Optional.of(finding.id() + " (" + finding.statement() + ") offers " + fix + ", and "
                                + other.id() + " fails: " + other.statement());
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** Whether what failed lacks so much more that nobody would call it the same: what there is over what it needs is a fifth less. */
    private static boolean failsMore(Finding before, Finding now) {
        return 1 + now.margin() < 0.8 * (1 + before.margin()) - 0.02;
    }

    private static Optional<String> noCliff(Job job) {
        for (Entry entry : job.family().entries()) {
            // A speed that the machine has not is told, however near the next one is.
            boolean speed = entry.limits()
                    .filter(limits -> limits.quantity() == Quantity.SPINDLE_SPEED)
                    .isPresent();
            if (!job.fields().containsKey(entry.id()) || speed) {
                continue;
            }
            Optional<Job> beside = Jobs.near(job, entry, step(job, entry)).map(text -> job.with(entry.id(), text));
            if (beside.isEmpty()
                    || !beside.get().answer().worked()
                    || !job.answer().worked()) {
                continue;
            }
            for (Finding finding : job.answer().findings()) {
                Optional<Finding> now = beside.get().finding(finding.id());
                if (now.isPresent() && leaps(finding.verdict(), now.get().verdict())) {
                    return Optional.of(entry.id() + " by 3 %: " + finding.id() + " " + finding.verdict() + " ("
                            + finding.statement() + ") becomes " + now.get().verdict() + " ("
                            + now.get().statement() + ")");
                }
            }
        }
        return Optional.empty();
    }

    /** A change by 3 %; of a size that stands near another by 3 % of what is between them, which is the cut; of a temperature by 1 %. */
    private static double step(Job job, Entry entry) {
        OptionalDouble size = job.length(entry.id());
        if (size.isEmpty() || size.getAsDouble() <= 0) {
            return entry.limits()
                            .filter(limits -> limits.quantity() == Quantity.TEMPERATURE)
                            .isPresent()
                    ? 1.01
                    : 1.03;
        }
        double between = job.fields().keySet().stream()
                .map(job::length)
                .filter(OptionalDouble::isPresent)
                .mapToDouble(other -> Math.abs(other.getAsDouble() - size.getAsDouble()))
                .filter(gap -> gap > 1e-9)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        return 1 + 0.03 * Math.min(1, between / size.getAsDouble());
    }

    private static boolean leaps(Verdict a, Verdict b) {
        return (a == Verdict.WRONG && b == Verdict.FINE) || (a == Verdict.FINE && b == Verdict.WRONG);
    }

    private static Optional<String> credible(Job job) {
        for (Figure figure : job.answer().figures()) {
            double most = CREDIBLE.getOrDefault(figure.unit(), Double.MAX_VALUE);
            if (figure.value().isPresent() && Math.abs(figure.is()) > most) {
                return Optional.of(
                        figure.id() + " is " + figure.text() + " (" + figure.is() + " " + figure.unit() + ")");
            }
        }
        return Optional.empty();
    }

    private static Optional<String> verdictAndMargin(Job job) {
        for (Finding finding : job.answer().findings()) {
            if (finding.verdict() == Verdict.WRONG && finding.margin() > 0) {
                return Optional.of(
                        finding.id() + " fails with a margin of " + finding.margin() + ": " + finding.statement());
            }
        }
        return Optional.empty();
    }

    private static Optional<String> words(Job job) {
        List<String> sentences = new ArrayList<>();
        for (Finding finding : job.answer().findings()) {
            sentences.add(finding.statement());
            sentences.addAll(finding.notes());
            sentences.addAll(finding.cautions());
            finding.mends().forEach(fix -> sentences.add(fix.label()));
        }
        return sentences.stream()
                .flatMap(sentence -> jars(sentence, job.units()).stream())
                .findFirst();
    }

    /** What jars in a sentence: blanks, doubled words, another shop's units. */
    static Optional<String> jars(String sentence, UnitSystem units) {
        for (Pattern pattern : List.of(TWICE, MISSING)) {
            Matcher found = pattern.matcher(sentence);
            if (found.find()) {
                return Optional.of("“" + found.group() + "” in: " + sentence);
            }
        }
        return units == UnitSystem.INCH
                        && (sentence.contains("hundredth of a mill") || sentence.contains("a hundredth "))
                ? Optional.of("a hundredth in an inch shop: " + sentence)
                : Optional.empty();
    }
}
