package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Step;
import boldwedge.core.language.measure.Drill;
import boldwedge.core.language.measure.DrillTable;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.recording.Questions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** An answer speaks the asker's system throughout: no metric unit in an inch shop's, no inch unit in a metric one's. */
@Tag("written")
class UnitsTest {
    private static final Pattern METRIC = Pattern.compile(
            "[0-9] ?(mm|µm|cm³/min|mm³|mm²|mm⁴|MPa|GPa|N·m|N/µm|N/mm|µm/N|µrad/N|m/min|mm/rev|kW|W|N|g)(?![\\p{L}/·²³⁴])");
    private static final Pattern INCH = Pattern.compile(
            "[0-9] ?(in|thou|tenths|µin|ksi|psi|lbf|lbf·ft|lbf·in|sfm|in/rev|hp|oz|in³|in²)(?![\\p{L}/·²³])");

    /** Names of what is bought bear their own unit, as do the tolerance and the texts that were typed. */
    private static String withoutNames(String text) {
        String left = text;
        for (String name : NAMES) {
            left = left.replace(name, "");
        }
        return left;
    }

    private static final List<String> NAMES = Stream.of(
                    StockCatalogue.shipped().blanks().stream().map(one -> one.name()),
                    StockCatalogue.shipped().blades().stream().map(one -> one.name()),
                    StockCatalogue.shipped().inserts().stream().map(one -> one.name()),
                    StockCatalogue.shipped().workMaterials().stream().map(one -> one.chip()),
                    DrillTable.all().stream().map(Drill::name))
            .flatMap(names -> names)
            .flatMap(name -> Stream.of(name, name.toLowerCase(java.util.Locale.ROOT)))
            .toList();

    @Test
    void everyAnswerSpeaksItsAskersUnits() {
        Map<String, String> strange = new TreeMap<>();
        int looked = 0;
        for (Questions.Question question : Questions.all()) {
            PlanAnswer answer = question.answer();
            Map<String, List<String>> texts = new TreeMap<>();
            for (Finding finding : answer.findings()) {
                List<String> said = texts.computeIfAbsent("finding " + finding.id(), id -> new ArrayList<>());
                said.add(finding.statement());
                said.addAll(finding.notes());
                finding.mends().forEach(mend -> said.add(mend.label()));
                finding.working().forEach(step -> said.addAll(told(step)));
            }
            for (MakeStep step : answer.steps()) {
                List<String> said = texts.computeIfAbsent("step " + step.id(), id -> new ArrayList<>());
                said.addAll(step.lines());
                said.add(step.why());
                said.add(step.check());
                step.working().forEach(line -> said.addAll(told(line)));
            }
            answer.figures()
                    .forEach(figure -> texts.computeIfAbsent("figure " + figure.id(), id -> new ArrayList<>())
                            .add(figure.text()));
            for (Scene scene : answer.scenes()) {
                scene.labels().stream()
                        .filter(label -> label.field().isEmpty())
                        .forEach(label -> texts.computeIfAbsent("scene " + scene.id(), id -> new ArrayList<>())
                                .add(label.text()));
            }
            for (Map<String, String> readings : question.trials()) {
                TrialAnswer judged = TrialJudge.prove(new TrialRequest(question.request(), readings));
                judged.causes().forEach(cause -> {
                    List<String> said = texts.computeIfAbsent("cause " + cause.id(), id -> new ArrayList<>());
                    said.add(cause.title());
                    said.add(cause.explains());
                    cause.working().forEach(step -> said.addAll(told(step)));
                });
            }
            Pattern other = question.units() == UnitSystem.INCH ? METRIC : INCH;
            for (Map.Entry<String, List<String>> part : texts.entrySet()) {
                for (String text : part.getValue()) {
                    looked++;
                    // Names are taken out only where there is something to be found: it takes longer than the looking.
                    if (other.matcher(text).find()
                            && other.matcher(withoutNames(text)).find()) {
                        strange.putIfAbsent(part.getKey() + " " + question.units(), question.name() + ": " + text);
                    }
                }
            }
        }
        assertThat(strange).isEmpty();
        assertThat(looked).isGreaterThan(30_000);
    }

    private static List<String> told(Step step) {
        return List.of(step.what(), step.numbers(), step.result());
    }
}
