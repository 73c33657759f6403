package boldwedge.core.jobs.entry;

import boldwedge.core.jobs.entry.JobTexts.OperationTexts;
import boldwedge.core.language.measure.Table;
import boldwedge.core.planning.MakeStep;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A route as operations of a lot: each step on its machine with the time that small shops take for it; what waits by itself for as long
 * as its step says. Times are habits until they are clocked.
 */
public final class RouteOperations {
    private static final Map<String, Table.Row> HABITS = Table.read("jobs/step-times.tsv").rows().stream()
            .collect(Collectors.toUnmodifiableMap(row -> row.text("step"), Function.identity()));

    /** Of a step that is in no table, minutes for the set-up and a piece. */
    private static final String UNKNOWN = "5";

    /** Of a step that is only for a case that may come up. */
    private static final String WHERE_NEEDED = "where needed";

    private RouteOperations() {}

    /** Whether a habit is told for a step of this name. */
    public static boolean knows(String step) {
        return HABITS.containsKey(step);
    }

    /**
     * The operations.
     *
     * @param steps the route
     * @param lot id of the lot, which the operations' ids begin with
     * @param places ids of the shop's machines by what they are: lathe, mill, drill, grinder, furnace, oven, saw, shaper
     */
    public static List<OperationTexts> of(List<MakeStep> steps, String lot, Map<String, String> places) {
        List<OperationTexts> all = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        boolean proved = false;
        for (MakeStep step : steps) {
            Optional<Table.Row> habit = Optional.ofNullable(HABITS.get(step.id()));
            if (habit.map(row -> cell(row, "place")).orElse("").equals(WHERE_NEEDED)) {
                continue;
            }
            boolean waits =
                    step.waitsMin() > 0 || habit.map(row -> is(row, "waits")).orElse(false);
            String place = habit.map(row -> cell(row, "place")).orElse("");
            // Proved once: what comes behind the first gauge is made by set-up.
            boolean gauge = !proved && habit.map(row -> is(row, "gauge")).orElse(false);
            proved |= gauge;
            String id = lot + "-" + step.id();
            all.add(new OperationTexts(
                    taken.add(id) ? id : id + "-" + (all.size() + 1),
                    step.title(),
                    places.getOrDefault(place, ""),
                    habit.map(row -> cell(row, "holding")).orElse(""),
                    step.waitsMin() > 0
                            ? Math.round(Math.ceil(step.waitsMin())) + ""
                            : habit.map(row -> cell(row, "setUp")).orElse(UNKNOWN),
                    step.waitsMin() > 0
                            ? ""
                            : habit.map(row -> cell(row, "each")).orElse(UNKNOWN),
                    waits,
                    habit.map(row -> is(row, "unbroken")).orElse(false),
                    gauge,
                    habit.map(row -> cell(row, "when")).orElse("ANY"),
                    all.isEmpty() ? "" : habit.map(row -> cell(row, "bond")).orElse(""),
                    "",
                    List.of(),
                    step.id(),
                    step.opens().isEmpty() ? Map.of() : step.opens().getFirst().opens(),
                    ""));
        }
        return List.copyOf(all);
    }

    private static String cell(Table.Row row, String column) {
        return row.text(column).equals("-") ? "" : row.text(column);
    }

    private static boolean is(Table.Row row, String column) {
        return row.text(column).equals("yes");
    }
}
