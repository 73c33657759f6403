package boldwedge.core.audit;

import boldwedge.core.family.Planner;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Laws of the steps and of what is said of the machine. Steps are worked out for one job in four. */
final class StepLaws {
    private static final int ONE_IN = 4;

    /** What may follow a quench: nothing that a hard piece does not bear. */
    private static final Set<String> HARD_BEARS = Set.of(
            "test-hardness",
            "stone",
            "grind",
            "faces",
            "round",
            "chamfer-relief",
            "hone",
            "try",
            "use",
            "bit",
            "set",
            "indicate",
            "measure",
            "insert",
            "seat",
            "rod",
            "deburr",
            "halve",
            "square",
            "d-flat",
            "slant",
            "starts",
            "plug",
            "lips",
            "edges",
            "pilot",
            "relief");

    private static final Pattern OTHER_MACHINE =
            Pattern.compile("\\b(tailstock|carriage|half nut|chuck key|lead screw)\\b", Pattern.CASE_INSENSITIVE);

    /** A number of six digits and more before its point tells nobody anything. */
    private static final Pattern ENDLESS = Pattern.compile("(?<![\\d.])\\d{6,}(?![\\d.])|\\d\\.\\d{6,}");

    static final List<Law> ALL = List.of(
            new Law("steps-in-order", "Soft work before the quench, and the heat of the steel named.", StepLaws::order),
            new Law("own-machine", "No words of another kind of machine.", StepLaws::machine),
            new Law("few-digits", "Figures have the digits that they are known to.", StepLaws::digits));

    private StepLaws() {}

    private static Optional<PlanAnswer> whole(Job job) {
        return Math.floorMod(job.fields().hashCode(), ONE_IN) == 0
                ? Optional.of(Planner.plan(new PlanRequest(job.fields(), job.units(), Optional.of(job.lathe()))))
                : Optional.empty();
    }

    private static Optional<String> order(Job job) {
        Optional<PlanAnswer> answer = whole(job);
        if (answer.isEmpty()) {
            return Optional.empty();
        }
        List<MakeStep> steps = answer.get().steps();
        int quench = at(steps, "quench");
        if (quench < 0) {
            return Optional.empty();
        }
        if (at(steps, "heat") > quench || at(steps, "carburize") > quench) {
            return Optional.of("quench stands before its heat");
        }
        for (MakeStep step : steps.subList(quench + 1, steps.size())) {
            if (!HARD_BEARS.contains(step.id()) && !step.id().startsWith("temper")) {
                return Optional.of(step.id() + " follows the quench: " + step.title());
            }
        }
        String steel = List.of("steel", "reamerSteel", "counterboreSteel").stream()
                .flatMap(field -> job.state(field).stream())
                .map(FieldState::text)
                .findFirst()
                .orElse("");
        String heats = steps.get(at(steps, "heat")).lines().getFirst();
        return steel.isEmpty() || heats.startsWith(steel)
                ? Optional.empty()
                : Optional.of("heat is another steel’s: " + heats + ", of " + steel);
    }

    private static int at(List<MakeStep> steps, String id) {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).id().equals(id)) {
                return i;
            }
        }
        return -1;
    }

    private static Optional<String> machine(Job job) {
        if (!job.lathe().mill() || !job.fields().containsKey("lathe")) {
            return Optional.empty();
        }
        List<String> said = new ArrayList<>(sentences(job.answer()));
        whole(job)
                .ifPresent(answer -> answer.steps().forEach(step -> {
                    said.add(step.title());
                    said.addAll(step.lines());
                    said.addAll(step.cautions());
                }));
        return first(said, OTHER_MACHINE);
    }

    private static Optional<String> digits(Job job) {
        return first(sentences(job.answer()), ENDLESS);
    }

    private static Optional<String> first(List<String> said, Pattern pattern) {
        for (String sentence : said) {
            Matcher found = pattern.matcher(sentence);
            if (found.find()) {
                return Optional.of("“" + found.group() + "” in: " + sentence);
            }
        }
        return Optional.empty();
    }

    private static List<String> sentences(PlanAnswer answer) {
        List<String> said = new ArrayList<>();
        for (Finding finding : answer.findings()) {
            said.add(finding.statement());
            said.addAll(finding.notes());
            said.addAll(finding.cautions());
            finding.mends().forEach(fix -> said.add(fix.label()));
        }
        return said;
    }
}
