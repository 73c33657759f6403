package boldwedge.core.planning;

import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Step;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * One step of making a tool or a holder, as the card shows it.
 *
 * @param id stable name of the step
 * @param title what is done
 * @param lines what to set, one a line
 * @param why the reason for it and for its place in the order
 * @param check what to measure before going on
 * @param measures the field that is measured at this step; empty when none is
 * @param target what that should be
 * @param cautions what can hurt here
 * @param working how the settings came about
 * @param waitsMin minutes for which it goes on by itself, such as a soak; 0 where somebody stands by all the time
 * @param table what is done once more and once more, in a table to be ticked off; empty for most
 * @param opens where the step is a cut itself: what that cut is asked, opened beside this one; empty for most
 * @param scene the drawing that goes with it
 */
@RecordBuilder
public record MakeStep(
        String id,
        String title,
        List<String> lines,
        String why,
        String check,
        String measures,
        String target,
        List<String> cautions,
        List<Step> working,
        double waitsMin,
        StepTable table,
        List<Fix> opens,
        Scene scene)
        implements MakeStepBuilder.With {
    /**
     * A table within a step.
     *
     * @param columns what stands over each column
     * @param rows its rows
     */
    public record StepTable(List<String> columns, List<StepRow> rows) {
        /** No table. */
        public static final StepTable NONE = new StepTable(List.of(), List.of());
    }

    /**
     * A row of it, to be ticked off by itself.
     *
     * @param id stable name of the row
     * @param cells what stands in each column
     */
    public record StepRow(String id, List<String> cells) {}

    /** A step that measures nothing and needs no caution; the rest is added to it. */
    public static MakeStep of(String id, String title, Scene scene, List<String> lines, String why, String check) {
        return new MakeStep(
                id,
                title,
                List.copyOf(lines),
                why,
                check,
                "",
                "",
                List.of(),
                List.of(),
                0,
                StepTable.NONE,
                List.of(),
                scene);
    }

    /** The step with what is measured at it: the field, what it should be, and what is said of what was made. */
    public MakeStep measuring(Entry entry, String wanted, List<String> judged) {
        List<String> all = new ArrayList<>(lines);
        all.addAll(judged);
        return with(step -> step.measures(entry.id()).target(wanted).lines(List.copyOf(all)));
    }

    /** The step with what can hurt at it. */
    public MakeStep cautioned(String... words) {
        return withCautions(List.of(words));
    }

    /** The step with the minutes for which it goes on by itself. */
    public MakeStep waiting(double minutes) {
        return withWaitsMin(minutes);
    }

    /** The step with a cut that it is itself, under the words of a button: what that is asked, by field. */
    public MakeStep opening(String words, Map<String, String> fields) {
        List<Fix> all = new ArrayList<>(opens);
        all.add(new Fix(words, "", "", Map.of(), Map.copyOf(fields)));
        return withOpens(List.copyOf(all));
    }

    /** The step with how its figures came about. */
    public MakeStep shown(Step... how) {
        return withWorking(List.of(how));
    }
}
