package boldwedge.core.recording;

import boldwedge.core.family.Families;
import boldwedge.core.family.Planner;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.family.TrialJudge;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.SetUps;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Answers;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * The numbers of every third question, as they stood when somebody last looked: figures, verdicts with their margins, what trials
 * show and how tools are ranked. They say that nothing has moved, not that it is right: that is for the tests that reckon by hand.
 * {@code ./bw stand} writes them anew after a change that was meant; the difference belongs in the commit and is read there.
 */
public final class StandingAnswers {
    /** Of so many questions one has its set-ups searched as well. */
    private static final int SEARCHED = 4;

    private StandingAnswers() {}

    /** The families' names, as the questions begin with them. */
    static List<String> families() {
        return questions().keySet().stream().toList();
    }

    /** Writes all of them into the folder named. */
    public static void main(String[] folder) throws IOException {
        Path into = Path.of(folder[0]);
        Files.createDirectories(into);
        for (String family : families()) {
            Files.write(into.resolve(family + ".txt"), of(family), StandardCharsets.UTF_8);
        }
    }

    /** What the program answers now to a family's questions, a line a number. */
    static List<String> of(String family) {
        List<String> lines = new ArrayList<>();
        questions().getOrDefault(family, List.of()).forEach(question -> tell(question, lines));
        return lines;
    }

    private static Map<String, List<Questions.Question>> questions() {
        Map<String, List<Questions.Question>> some = new LinkedHashMap<>();
        List<Questions.Question> all = Questions.all();
        for (int i = 0; i < all.size(); i += 3) {
            Questions.Question question = all.get(i);
            some.computeIfAbsent(question.name().replaceFirst("-.*", ""), name -> new ArrayList<>())
                    .add(question);
        }
        return some;
    }

    private static void tell(Questions.Question question, List<String> lines) {
        PlanRequest request = question.request();
        PlanAnswer answer = Answers.of(request);
        lines.add(question.name() + (answer.worked() ? "" : " is refused"));
        answer.figures()
                .forEach(figure -> lines.add(figure.id() + "\t"
                        + figure.value().map(StandingAnswers::number).orElse("none")));
        answer.findings()
                .forEach(finding -> lines.add(
                        "finding " + finding.id() + "\t" + finding.verdict() + " " + number(finding.margin())));
        for (int i = 0; i < question.trials().size(); i++) {
            TrialAnswer judged =
                    TrialJudge.prove(new TrialRequest(request, question.trials().get(i)));
            for (var cause : judged.causes()) {
                lines.add("trial " + i + " " + cause.id() + "\t" + number(cause.fit()));
            }
        }
        if (Integer.parseInt(question.name().replaceFirst(".*-", "")) % SEARCHED == 0) {
            Planner.setUps(request).ifPresent(found -> tell(found, lines));
        }
        question.tools().forEach((name, tool) -> {
            ToolMatch match = Families.of(request).match(request, new HashMap<>(tool));
            lines.add("tool " + name + "\t" + match.verdict() + " " + number(match.rank()));
        });
    }

    private static void tell(SetUps found, List<String> lines) {
        lines.add("set-ups\t" + found.hold() + " of " + found.tried() + "; " + String.join(", ", found.lost()));
        for (int i = 0; i < found.best().size(); i++) {
            SetUps.SetUp one = found.best().get(i);
            lines.add("set-up " + i + "\t" + one.verdict() + " " + one.words() + " " + one.does());
        }
        for (int i = 0; i < found.balances().size(); i++) {
            lines.add("balance " + i + "\t" + found.balances().get(i));
        }
    }

    private static String number(double value) {
        return Double.isFinite(value) ? String.format(Locale.ROOT, "%.6g", value) : "none";
    }
}
