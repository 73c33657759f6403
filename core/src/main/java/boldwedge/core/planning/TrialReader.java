package boldwedge.core.planning;

import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.trial.Cause;
import boldwedge.core.trial.Remedy;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Reads what was run and measured in a trial, and keeps beside each reading what is wrong with it. */
public final class TrialReader {
    private final TrialRequest request;
    private final List<TrialAnswer.Reading> readings = new ArrayList<>();

    public TrialReader(TrialRequest request) {
        this.request = request;
    }

    /** The text of a reading; empty when there is none. */
    public String text(String id) {
        return request.readings().getOrDefault(id, "").strip();
    }

    /** What was read so far. */
    public List<TrialAnswer.Reading> readings() {
        return List.copyOf(readings);
    }

    /** Whether a reading is wrong. */
    public boolean hasErrors() {
        return readings.stream().anyMatch(reading -> !reading.error().isEmpty());
    }

    /** Reads a value; an empty text is no value and no mistake. */
    public OptionalDouble value(String id, String label, Limits limits) {
        if (text(id).isEmpty()) {
            readings.add(new TrialAnswer.Reading(id, label, "", "", ""));
            return OptionalDouble.empty();
        }
        return switch (MeasureParser.parse(text(id), limits, request.plan().units())) {
            case Parsed.Good<Reading>(Reading good) -> {
                readings.add(new TrialAnswer.Reading(
                        id,
                        label,
                        text(id),
                        Written.full(
                                limits.quantity(), good.value(), good.system().other()),
                        ""));
                yield OptionalDouble.of(good.value());
            }
            case Parsed.Wrong<Reading> wrong -> {
                readings.add(new TrialAnswer.Reading(id, label, text(id), "", wrong.sentence()));
                yield OptionalDouble.empty();
            }
        };
    }

    /** Reads a choice among constants; the first when it is empty, and when it is none of them, which is then a mistake. */
    public <E extends Enum<E>> E choice(String id, String label, E[] all) {
        String typed = text(id).toLowerCase(Locale.ROOT);
        Optional<E> found = typed.isEmpty()
                ? Optional.of(all[0])
                : Arrays.stream(all)
                        .filter(one -> Entry.choice(one).equals(typed))
                        .findFirst();
        readings.add(new TrialAnswer.Reading(id, label, typed, "", found.isPresent() ? "" : "Pick one from the list."));
        return found.orElse(all[0]);
    }

    /** Says what is wrong with a reading that was read. */
    public void wrong(String id, String error) {
        readings.replaceAll(
                r -> r.id().equals(id) ? new TrialAnswer.Reading(r.id(), r.label(), r.typed(), r.other(), error) : r);
    }

    /**
     * The plan as it was really run: readings take the place of what was planned.
     *
     * @param run fields by the reading that tells of them
     */
    public PlanRequest ran(Map<String, ? extends Entry> run) {
        PlanRequest plan = request.plan();
        Map<String, String> fields = new HashMap<>(plan.fields());
        run.forEach((id, field) -> {
            if (!text(id).isEmpty()) {
                fields.put(field.id(), text(id));
            }
        });
        return plan.withFields(fields);
    }

    /** Keeps how the readings of what was run came out, as the plan's fields read them. */
    public void ran(List<String> order, Map<String, ? extends Entry> run, Map<Entry, FieldState> states) {
        for (String id : order) {
            FieldState state = states.get(run.get(id));
            readings.add(new TrialAnswer.Reading(
                    id,
                    state == null ? id : state.label() + " run",
                    text(id),
                    state == null ? "" : state.other(),
                    state == null || text(id).isEmpty() ? "" : state.error()));
        }
    }

    /**
     * A trial judged.
     *
     * @param compared predicted beside measured
     * @param causes likeliest first
     * @param verdict in a line
     * @param good whether nothing needs to change
     * @param next the one change to make next, if there is one
     * @param otherwise what is said where there is none and something should
     * @param scene the work as measured and as predicted
     */
    public TrialAnswer judged(
            List<TrialAnswer.Compared> compared,
            List<Cause> causes,
            String verdict,
            boolean good,
            Optional<Remedy> next,
            String otherwise,
            Optional<Scene> scene) {
        return new TrialAnswer(
                true,
                readings(),
                compared,
                causes,
                verdict,
                next.map(Remedy::fix),
                next.map(Remedy::expected).orElse(good ? "Nothing needs to change." : otherwise),
                scene);
    }

    /** Whether a size that was read lies near the one that was meant; where it is further off, mm, it is wrong and says so. */
    public boolean near(String id, double valueMm, double meantMm, double mostMm) {
        boolean near = Math.abs(valueMm - meantMm) <= mostMm;
        if (!near) {
            UnitFormat say = new UnitFormat(request.plan().units());
            wrong(id, "That is far from " + say.length(meantMm) + ", which the tool was set to. Check the units.");
        }
        return near;
    }

    /** A trial that cannot be judged, and why. */
    public TrialAnswer stopped(String verdict) {
        return new TrialAnswer(
                false, readings(), List.of(), List.of(), verdict, Optional.empty(), "", Optional.empty());
    }
}
