package boldwedge.core.audit;

import boldwedge.core.family.Families;
import boldwedge.core.family.FirstChoices;
import boldwedge.core.family.Planner;
import boldwedge.core.family.ToolFamily;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.Look;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/**
 * A job as it might be asked, with its answer.
 *
 * @param fields texts by field
 * @param units what bare numbers mean
 * @param machine name of the machine, for telling
 * @param lathe the machine
 * @param answer what the program says
 */
record Job(Map<String, String> fields, UnitSystem units, String machine, Lathe lathe, PlanAnswer answer) {
    static Job of(Map<String, String> fields, UnitSystem units, String machine, Lathe lathe) {
        Map<String, String> kept = new TreeMap<>(fields);
        return new Job(
                kept, units, machine, lathe, Planner.plan(new PlanRequest(kept, units, Optional.of(lathe)), Look.CUT));
    }

    ToolFamily<?> family() {
        return Families.of(new PlanRequest(fields, units, Optional.of(lathe)));
    }

    /** The same with a field typed over; an empty text takes it away. */
    Job with(String field, String text) {
        Map<String, String> changed = new TreeMap<>(fields);
        if (text.isEmpty()) {
            changed.remove(field);
        } else {
            changed.put(field, text);
        }
        return of(changed, units, machine, lathe);
    }

    Job with(Fix fix) {
        return with(fix.field(), fix.text());
    }

    Optional<FieldState> state(String field) {
        return answer.fields().stream()
                .filter(state -> state.id().equals(field))
                .findFirst();
    }

    Optional<Finding> finding(String id) {
        return answer.findings().stream()
                .filter(finding -> finding.id().equals(id))
                .findFirst();
    }

    /** Whether it is the program's own choice what stands in a field. */
    boolean isOwn(String field) {
        return !fields.containsKey(field) && state(field).isPresent();
    }

    /** Whether the program answers for what stands in a field. */
    boolean isOurs(String field) {
        return isOwn(field)
                && family().entries().stream()
                        .anyMatch(entry ->
                                entry.id().equals(field) && entry.asked().ours());
    }

    /** Whether a value becomes more than the double or less than the half by a remedy, of what was chosen first. */
    boolean isFar(Fix fix) {
        return family().entries().stream()
                .filter(entry -> entry.id().equals(fix.field()))
                .findFirst()
                .flatMap(Entry::limits)
                .map(limits -> {
                    double before = value(
                            FirstChoices.text(new PlanRequest(fields, units, Optional.of(lathe)), fix.field()), limits);
                    double after = value(fix.text(), limits);
                    return before != 0 && (after > 2 * before || after < before / 2);
                })
                .orElse(false);
    }

    /** What stands in a field, if that is a length, mm. */
    OptionalDouble length(String field) {
        return family().entries().stream()
                .filter(entry -> entry.id().equals(field))
                .flatMap(entry -> entry.limits().stream())
                .filter(limits -> limits.quantity() == Quantity.LENGTH)
                .mapToDouble(limits -> value(state(field).map(FieldState::text).orElse(""), limits))
                .findFirst();
    }

    private double value(String text, Limits limits) {
        return MeasureParser.parse(text, limits.quantity(), units) instanceof Parsed.Good<Reading>(Reading reading)
                ? reading.value()
                : 0;
    }

    @Override
    public String toString() {
        return fields + " " + units + " on " + machine;
    }
}
