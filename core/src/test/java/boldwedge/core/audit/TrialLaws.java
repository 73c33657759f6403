package boldwedge.core.audit;

import boldwedge.core.family.ToolFamily;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialForm.ReadingEntry;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.Cause;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;

/**
 * Laws of what is told after a trial: a job is cut, and a gauge and two eyes read something of it that may well be. What was read is drawn for each job by
 * what was typed, so that a breach can be had again.
 */
final class TrialLaws {
    /** Sizes that a trial reads, by the field that asks for them. */
    private static final Map<String, Map<String, String>> SIZES = Map.of(
            "turning", Map.of("near", "finished", "far", "finished"),
            "boring", Map.of("near", "boreFinished", "far", "boreFinished"),
            "reaming", Map.of("near", "reamSize", "far", "reamSize"),
            "drilling", Map.of("near", "drill", "far", "drill"),
            "grooving", Map.of("width", "grooveWidth", "bottom", "grooveBottom"),
            "keying", Map.of("width", "keyWidth", "widthFar", "keyWidth"),
            "shaping", Map.of("width", "keyWidth", "widthFar", "keyWidth"),
            "casting", Map.of("across", "castBore", "along", "castBore"));

    /** Where a size has its tolerance. */
    private static final Map<String, String> TOLERANCES = Map.of(
            "turning", "tolerance",
            "boring", "boreTolerance",
            "reaming", "reamTolerance",
            "keying", "keyTolerance",
            "casting", "");

    /** Readings that are no size: the most that may well be read, mm, Ra in µm. */
    private static final Map<String, Double> SMALL =
            Map.of("pip", 0.6, "faceBy", 0.1, "hollow", 0.05, "bend", 0.3, "reads", 0.2, "edgeOff", 0.05);

    private static final double LEAST_OFF_MM = 0.002;
    private static final double MOST_OFF_MM = 0.2;
    /** A size that is more wrong than by this share of it is asked about, not judged. */
    private static final double MOST_OFF = 0.02;

    static final List<Law> ALL = List.of(
            new Law("trial-answers", "A trial is judged, or it is said what is missing.", tried(TrialLaws::answers)),
            new Law(
                    "trial-causes",
                    "Causes are ranked, once each, by fits between none and whole.",
                    tried(TrialLaws::causes)),
            new Law(
                    "trial-next-works",
                    "The next change can be made and makes nothing else fail.",
                    tried(TrialLaws::nextWorks)),
            new Law(
                    "trial-sign",
                    "What was seen or heard is explained first, and no dial is turned for it.",
                    tried(TrialLaws::sign)),
            new Law(
                    "trial-next-there",
                    "What came out otherwise than it was to has something that can be done.",
                    tried(TrialLaws::nextThere)),
            new Law("trial-good", "A piece to size without a sign is left alone.", tried(TrialLaws::good)),
            new Law(
                    "trial-twice-off",
                    "What is off and not left alone is not left alone when it is off twice as much.",
                    tried(TrialLaws::twiceOff)),
            new Law(
                    "trial-words",
                    "What is told after a trial has no blanks and no doubled words.",
                    tried(TrialLaws::words)));

    private TrialLaws() {}

    /** Trials are told for one job in two. */
    private static Law.Test tried(Law.Test law) {
        return job -> job.answer().worked() && Math.floorMod(job.fields().hashCode(), 2) == 1
                ? law.on(job)
                : Optional.empty();
    }

    private static Random random(Job job) {
        return new Random(job.fields().hashCode());
    }

    private static TrialRequest request(Job job, Map<String, String> readings) {
        ToolFamily<?> family = job.family();
        return new TrialRequest(
                family.settled(new PlanRequest(job.fields(), job.units(), Optional.of(job.lathe()))), readings);
    }

    private static TrialAnswer told(Job job, Map<String, String> readings) {
        return job.family().prove(request(job, readings));
    }

    /** Sizes off by as much at both ends, or by another error at each; a sign in every other trial. */
    private static Map<String, String> drawn(Job job) {
        Random random = random(job);
        Map<String, String> readings = sizes(job, random);
        if (random.nextBoolean()) {
            sign(job, random).ifPresent(sign -> readings.put(sign.getKey(), sign.getValue()));
        }
        return readings;
    }

    private static Map<String, String> sizes(Job job, Random random) {
        Map<String, String> readings = new LinkedHashMap<>();
        double off = off(random);
        boolean even = random.nextBoolean();
        for (ReadingEntry entry : job.family().trial().readings()) {
            String of = SIZES.getOrDefault(job.family().id(), Map.of()).getOrDefault(entry.id(), "");
            OptionalDouble size = of.isEmpty() ? OptionalDouble.empty() : job.length(of);
            if (size.orElse(0) > 0) {
                double by = even ? off : off(random);
                double most = MOST_OFF * size.getAsDouble();
                readings.put(entry.id(), mm(size.getAsDouble() + Math.clamp(by, -most, most)));
            } else if (SMALL.containsKey(entry.id()) && random.nextBoolean()) {
                readings.put(entry.id(), mm(random.nextDouble() * SMALL.get(entry.id())));
            } else if (entry.id().equals("finish")) {
                readings.put(entry.id(), String.format(Locale.ROOT, "Ra %.1f µm", random.nextDouble(0.3, 5)));
            }
        }
        return readings;
    }

    private static double off(Random random) {
        double off = Math.exp(random.nextDouble(Math.log(LEAST_OFF_MM), Math.log(MOST_OFF_MM)));
        return random.nextBoolean() ? off : -off;
    }

    private static String mm(double mm) {
        return String.format(Locale.ROOT, "%.3f mm", mm);
    }

    /** Something that was seen or heard, of what can be picked. */
    private static Optional<Map.Entry<String, String>> sign(Job job, Random random) {
        List<Map.Entry<String, String>> all = new ArrayList<>();
        for (ReadingEntry entry : job.family().trial().readings()) {
            entry.choices().stream()
                    .filter(choice -> !choice.id().equals(entry.usual()))
                    .forEach(choice -> all.add(Map.entry(entry.id(), choice.id())));
        }
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(random.nextInt(all.size())));
    }

    private static String words(Map<String, String> readings, String broken) {
        return broken + " " + readings;
    }

    private static Optional<String> answers(Job job) {
        Map<String, String> readings = drawn(job);
        TrialAnswer told = told(job, readings);
        boolean said =
                told.readings().stream().anyMatch(reading -> !reading.error().isEmpty())
                        || !told.verdict().isBlank();
        return said ? Optional.empty() : Optional.of(words(readings, "nothing is said"));
    }

    private static Optional<String> causes(Job job) {
        Map<String, String> readings = drawn(job);
        Set<String> ids = new HashSet<>();
        double before = 1;
        for (Cause cause : told(job, readings).causes()) {
            if (!ids.add(cause.id())) {
                return Optional.of(words(readings, "twice: " + cause.id()));
            }
            if (!(cause.fit() > 0 && cause.fit() <= before + 1e-9)) {
                return Optional.of(words(readings, "fit of " + cause.id() + " is " + cause.fit() + " under " + before));
            }
            before = cause.fit();
        }
        return Optional.empty();
    }

    private static Optional<String> nextWorks(Job job) {
        Map<String, String> readings = drawn(job);
        Optional<Fix> next = told(job, readings).next();
        if (next.isEmpty() || next.get().field().isEmpty()) {
            return Optional.empty();
        }
        Job changed = job.with(next.get());
        if (!changed.answer().worked()) {
            return Optional.of(words(readings, "next " + next.get() + " cannot be worked out"));
        }
        for (Finding finding : changed.answer().findings()) {
            boolean failed = job.finding(finding.id())
                    .filter(before -> before.verdict() == Verdict.WRONG)
                    .isPresent();
            if (finding.verdict() == Verdict.WRONG
                    && !failed
                    && !next.get().label().contains(". But then: ")) {
                return Optional.of(words(
                        readings,
                        "next " + next.get().label() + ", and " + finding.id() + " fails: " + finding.statement()));
            }
        }
        return Optional.empty();
    }

    /** A sign alone, the sizes as they were wanted. */
    private static Optional<String> sign(Job job) {
        Optional<Map.Entry<String, String>> sign = sign(job, random(job));
        if (sign.isEmpty()) {
            return Optional.empty();
        }
        Map<String, String> readings = Map.of(sign.get().getKey(), sign.get().getValue());
        TrialAnswer told = told(job, readings);
        if (!told.worked()) {
            return Optional.empty();
        }
        if (told.causes().isEmpty() && told.next().isEmpty() && told.expected().isEmpty()) {
            return Optional.of(words(readings, "no cause, nothing to do"));
        }
        boolean dials = told.next()
                .map(next -> next.label().toLowerCase(Locale.ROOT))
                .filter(label -> label.startsWith("dial"))
                .isPresent();
        return dials
                ? Optional.of(words(readings, "the dial: " + told.next().get().label()))
                : Optional.empty();
    }

    private static Optional<String> nextThere(Job job) {
        Map<String, String> readings = drawn(job);
        TrialAnswer told = told(job, readings);
        boolean off = told.compared().stream().anyMatch(row -> !row.within());
        return told.worked() && off && told.next().isEmpty() && told.expected().isEmpty()
                ? Optional.of(words(readings, "nothing to do: " + told.verdict()))
                : Optional.empty();
    }

    /** Sizes as they were wanted, or off by one error everywhere. */
    private static Map<String, String> off(Job job, double byMm) {
        Map<String, String> readings = new LinkedHashMap<>();
        SIZES.getOrDefault(job.family().id(), Map.of()).forEach((id, field) -> {
            OptionalDouble size = job.length(field);
            if (size.orElse(0) > 0) {
                readings.put(id, mm(size.getAsDouble() + byMm));
            }
        });
        return readings;
    }

    /** The middle of a tolerance over the size that is typed, mm. */
    private static OptionalDouble middle(Job job) {
        String field = TOLERANCES.get(job.family().id());
        Optional<String> first = SIZES.getOrDefault(job.family().id(), Map.of()).values().stream()
                .findFirst();
        if (field == null || first.isEmpty()) {
            return OptionalDouble.empty();
        }
        String size = first.get();
        return job.state(field)
                                .map(state -> Tolerance.parse(
                                        state.text(), job.length(size).orElse(1), job.units()))
                                .orElse(Tolerance.parse("JS9", 1, job.units()))
                        instanceof Parsed.Good<Tolerance>(Tolerance tolerance)
                ? OptionalDouble.of(tolerance.middleMm())
                : OptionalDouble.empty();
    }

    private static Optional<String> good(Job job) {
        OptionalDouble middle = middle(job);
        Map<String, String> readings = middle.isPresent() ? off(job, middle.getAsDouble()) : Map.of();
        if (readings.isEmpty()) {
            return Optional.empty();
        }
        TrialAnswer told = told(job, readings);
        return told.worked() && told.next().isPresent()
                ? Optional.of(words(readings, "next: " + told.next().get().label() + " (" + told.verdict() + ")"))
                : Optional.empty();
    }

    private static Optional<String> twiceOff(Job job) {
        double by = off(random(job)) / 2;
        Map<String, String> once = off(job, by);
        if (once.isEmpty()) {
            return Optional.empty();
        }
        TrialAnswer first = told(job, once);
        TrialAnswer second = told(job, off(job, 2 * by));
        return first.worked()
                        && second.worked()
                        && first.next().isPresent()
                        && second.next().isEmpty()
                        && second.expected().isEmpty()
                ? Optional.of(words(once, "next: " + first.next().get().label() + ", and none for twice as much"))
                : Optional.empty();
    }

    private static Optional<String> words(Job job) {
        Map<String, String> readings = drawn(job);
        TrialAnswer told = told(job, readings);
        List<String> sentences = new ArrayList<>(List.of(told.verdict(), told.expected()));
        told.next().ifPresent(next -> sentences.add(next.label()));
        told.causes().forEach(cause -> {
            sentences.add(cause.title());
            sentences.add(cause.explains());
        });
        return sentences.stream()
                .flatMap(sentence -> Laws.jars(sentence, job.units()).stream())
                .findFirst()
                .map(found -> words(readings, found));
    }
}
