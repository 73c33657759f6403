package boldwedge.core.family;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** A job with what a master says of it. What the lines mean stands at the head of {@code jobs.txt}. */
final class MastersJob {
    /** So many remedies are seen at once. */
    private static final int SEEN = 3;

    private final String sentence;
    private final List<String[]> expected = new ArrayList<>();
    private PlanRequest asked = Shop.request();
    private Map<String, String> cut = Map.of();

    MastersJob(String sentence) {
        this.sentence = sentence;
    }

    String sentence() {
        return sentence;
    }

    void line(String line) {
        String[] word = line.split("\\s+", 2);
        String rest = word.length > 1 ? word[1].strip() : "";
        if (word[0].equals("asks")) {
            asked = request(rest);
        } else if (word[0].equals("cuts")) {
            cut = pairs(rest);
        } else {
            expected.add(new String[] {word[0], rest});
        }
    }

    private static Map<String, String> pairs(String typed) {
        Map<String, String> pairs = new HashMap<>();
        for (String pair : typed.split(";")) {
            String[] half = pair.split("=", 2);
            pairs.put(half[0].strip(), half[1].strip());
        }
        return pairs;
    }

    private static PlanRequest request(String typed) {
        Map<String, String> fields = new HashMap<>();
        Map<String, String> card = new HashMap<>();
        pairs(typed).forEach((field, text) -> {
            if (field.startsWith("@")) {
                card.put(field.substring(1), text);
            } else {
                fields.put(field, text);
            }
        });
        UnitSystem units = "inch".equals(fields.remove("units")) ? UnitSystem.INCH : UnitSystem.METRIC;
        String bed = Optional.ofNullable(fields.remove("bed")).orElse("plain");
        return new PlanRequest(fields, units, Optional.of(card.isEmpty() ? Shop.lathe(bed) : Shop.lathe(card)));
    }

    /** In what the answer falls short of the master's; empty where it does not. */
    List<String> shortfalls() {
        PlanAnswer answer = Planner.plan(asked);
        List<String> short_ = new ArrayList<>();
        for (String[] line : expected) {
            if (!answer.worked() && !line[0].equals("refused")) {
                return List.of("It was refused: " + errors(answer));
            }
            boolean afterwards =
                    List.of("cause", "not-cause", "next", "never-next").contains(line[0]);
            if (afterwards
                    ? !meets(TrialJudge.prove(new TrialRequest(asked, cut)), line[0], line[1])
                    : !meets(answer, line[0], line[1])) {
                short_.add(line[0] + " " + line[1] + ", but " + (afterwards ? told() : doubts(answer)));
            }
        }
        return short_;
    }

    private String told() {
        TrialAnswer trial = TrialJudge.prove(new TrialRequest(asked, cut));
        return trial.verdict() + " "
                + trial.causes().stream()
                        .map(cause -> cause.id() + " " + cause.fit())
                        .toList() + " " + trial.next()
                + trial.readings().stream().map(reading -> reading.error()).toList();
    }

    /** After a trial: its first cause, and what is done next. */
    private static boolean meets(TrialAnswer trial, String what, String wanted) {
        List<String> all = List.of(wanted.split(" "));
        return switch (what) {
            case "cause" ->
                trial.causes().stream().limit(1).anyMatch(cause -> all.contains(cause.id()))
                        || (wanted.equals("none") && trial.causes().isEmpty());
            case "not-cause" -> trial.causes().stream().limit(1).noneMatch(cause -> all.contains(cause.id()));
            case "next" -> trial.next().filter(fix -> isOne(fix, wanted)).isPresent();
            default -> trial.next().filter(fix -> isOne(fix, wanted)).isEmpty();
        };
    }

    private static boolean meets(PlanAnswer answer, String what, String wanted) {
        return switch (what) {
            case "first" ->
                wanted.equals("none")
                        ? first(answer).isEmpty()
                        : first(answer)
                                .filter(finding -> List.of(wanted.split(" ")).contains(finding.id()))
                                .isPresent();
            case "does" ->
                first(answer).stream()
                        .flatMap(finding -> finding.mends().stream().limit(SEEN))
                        .anyMatch(fix -> isOne(fix, wanted));
            case "fails" -> Stream.of(wanted.split("\\|")).anyMatch(id -> is(answer, id, Verdict.WRONG));
            case "doubts" ->
                Stream.of(wanted.split("\\|"))
                        .anyMatch(id -> finding(answer, id)
                                .filter(finding -> finding.verdict().isDoubt())
                                .isPresent());
            case "holds" -> is(answer, wanted, Verdict.FINE);
            case "not-fails" -> answer.findings().stream().noneMatch(f -> f.verdict() == Verdict.WRONG);
            case "number" -> within(answer, wanted.split(" "));
            case "is" ->
                Stream.of(wanted.split(" "))
                        .skip(1)
                        .anyMatch(text -> text(answer, wanted.split(" ")[0]).contains(text));
            case "says" -> {
                String[] word = wanted.split("\\s+", 2);
                yield finding(answer, word[0])
                        .filter(finding -> (finding.statement() + finding.notes())
                                .toLowerCase(Locale.ROOT)
                                .contains(word[1].toLowerCase(Locale.ROOT)))
                        .isPresent();
            }
            case "steps" -> answer.steps().stream().anyMatch(step -> told(step).contains(wanted));
            case "before" -> {
                String[] two = wanted.split(">");
                yield at(answer, two[0].strip()) >= 0 && at(answer, two[0].strip()) < at(answer, two[1].strip());
            }
            case "never" ->
                Stream.concat(
                                answer.findings().stream().map(f -> f.statement() + f.notes() + f.mends()),
                                answer.steps().stream().map(MastersJob::told))
                        .noneMatch(words -> words.contains(wanted));
            case "refused" -> {
                String[] word = wanted.split("\\s+", 2);
                yield answer.fields().stream()
                        .anyMatch(state -> state.id().equals(word[0])
                                && !state.error().isEmpty()
                                && (word.length == 1 || state.error().contains(word[1])));
            }
            default -> throw new IllegalArgumentException("Nothing is called " + what);
        };
    }

    private static String told(MakeStep step) {
        return step.title() + " " + step.lines() + " " + step.why() + " " + step.check();
    }

    private static int at(PlanAnswer answer, String words) {
        for (int i = 0; i < answer.steps().size(); i++) {
            if (answer.steps().get(i).title().contains(words)) {
                return i;
            }
        }
        return -1;
    }

    /** The worst doubt: what fails first, and of those what lacks most. */
    private static Optional<Finding> first(PlanAnswer answer) {
        return answer.findings().stream()
                .filter(finding -> finding.verdict().isDoubt())
                .min(Comparator.comparing((Finding finding) -> finding.verdict() != Verdict.WRONG)
                        .thenComparingDouble(Finding::margin));
    }

    private static boolean isOne(Fix fix, String wanted) {
        Matcher word = Pattern.compile("\"([^\"]+)\"|(\\S+)").matcher(wanted);
        while (word.find()) {
            if (word.group(1) != null) {
                if (fix.label().toLowerCase(Locale.ROOT).contains(word.group(1))) {
                    return true;
                }
            } else if (word.group(2).equals(fix.field()) || word.group(2).equals(fix.field() + "=" + fix.text())) {
                return true;
            }
        }
        return false;
    }

    private static Optional<Finding> finding(PlanAnswer answer, String id) {
        return answer.findings().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    private static boolean is(PlanAnswer answer, String id, Verdict verdict) {
        return finding(answer, id).filter(f -> f.verdict() == verdict).isPresent();
    }

    private static boolean within(PlanAnswer answer, String[] idLeastMost) {
        double value = answer.figures().stream()
                .filter(figure -> figure.id().equals(idLeastMost[0]))
                .findFirst()
                .flatMap(figure -> figure.value().isPresent() ? Optional.of(figure.is()) : Optional.empty())
                .orElseGet(() -> leading(text(answer, idLeastMost[0])));
        return value >= Double.parseDouble(idLeastMost[1]) && value <= Double.parseDouble(idLeastMost[2]);
    }

    private static double leading(String text) {
        Matcher number = Pattern.compile("-?\\d+(\\.\\d+)?").matcher(text);
        return number.find() ? Double.parseDouble(number.group()) : Double.NaN;
    }

    private static String text(PlanAnswer answer, String field) {
        return answer.fields().stream()
                .filter(state -> state.id().equals(field))
                .map(FieldState::text)
                .findFirst()
                .orElse("");
    }

    private static String errors(PlanAnswer answer) {
        return answer.fields().stream()
                .filter(state -> !state.error().isEmpty())
                .map(state -> state.id() + ": " + state.error())
                .toList()
                .toString();
    }

    private static String doubts(PlanAnswer answer) {
        List<String> told = new ArrayList<>();
        answer.findings().stream()
                .filter(finding -> finding.verdict().isDoubt())
                .sorted(Comparator.comparing((Finding finding) -> finding.verdict() != Verdict.WRONG)
                        .thenComparingDouble(Finding::margin))
                .forEach(finding ->
                        told.add("\n   " + finding.verdict() + " " + finding.id() + ": " + finding.statement()
                                + finding.mends().stream()
                                        .map(fix -> "\n      " + fix.field() + "=" + fix.text() + " " + fix.label())
                                        .toList()));
        return told.isEmpty() ? "nothing is doubted" + errors(answer) : told.toString();
    }
}
