package boldwedge.core.planning;

import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.EdgeHardness;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Lathe;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** Reads the texts of a request, field by field, and says what is wrong beside the field it is wrong with. */
public abstract class FieldReader {
    protected final PlanRequest request;
    protected final UnitSystem units;
    private final Map<Entry, FieldState> states = new LinkedHashMap<>();
    private final Map<Entry, Double> values = new LinkedHashMap<>();
    private final Map<Entry, Object> picked = new LinkedHashMap<>();
    private final Map<Entry, String> cards = new LinkedHashMap<>();

    protected FieldReader(PlanRequest request) {
        this.request = request;
        this.units = request.units();
    }

    /** The fields as read; a plan replaces those that it chooses itself. */
    public final Map<Entry, FieldState> states() {
        return states;
    }

    /** The states in the order in which the fields are asked. */
    public static List<FieldState> ordered(Map<Entry, FieldState> states, Entry[] asked) {
        return Arrays.stream(asked)
                .map(states::get)
                .filter(state -> state != null)
                .toList();
    }

    /** The value of a measured field that was typed, in its base unit. */
    public final OptionalDouble typed(Entry field) {
        Double value = values.get(field);
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** Whether a field is wrong. */
    public final boolean hasErrors() {
        return states.values().stream().anyMatch(state -> !state.error().isEmpty());
    }

    /** Reads a measured field; an empty one takes its usual text, or is left open. */
    protected final void measured(Entry field, Limits limits) {
        String typed = request.text(field);
        String text = choiceText(field);
        if (text.isEmpty()) {
            states.put(field, FieldState.plain(field, "", "", "", "", true, ""));
            return;
        }
        switch (MeasureParser.parse(text, limits, units)) {
            case Parsed.Wrong<Reading> wrong -> states.put(field, FieldState.wrong(field, typed, wrong.sentence()));
            case Parsed.Good<Reading>(Reading reading) -> {
                values.put(field, reading.value());
                states.put(
                        field,
                        FieldState.plain(
                                field,
                                typed,
                                Spelled.out(text, reading, units),
                                text,
                                beside(reading),
                                typed.isEmpty(),
                                reading.note()));
            }
        }
    }

    /** The value in the other system from the one it was written in. */
    private static String beside(Reading reading) {
        return switch (reading.quantity()) {
            case ANGLE, SPINDLE_SPEED, RATIO -> "";
            default ->
                Written.full(
                        reading.quantity(), reading.value(), reading.system().other());
        };
    }

    /** What is chosen in a field, or its usual choice. */
    protected final String choiceText(Entry field) {
        String typed = request.text(field);
        if (!typed.isEmpty()) {
            return typed;
        }
        String own = request.own().get(field.id());
        return own == null ? cards.getOrDefault(field, field.usual(units)) : own;
    }

    /** Takes this rather than the usual where nothing was typed or picked: what the machine's card says, or what alone fits the job. */
    protected final void unlessPicked(Entry field, Optional<String> choice) {
        choice.filter(id -> request.text(field).isEmpty()).ifPresent(id -> cards.put(field, id));
    }

    /** Takes a harder bit of the same size where the usual one does not stand in the work and none was picked. */
    protected final void harderUnlessPicked(Entry bit, Entry material) {
        StockCatalogue stock = StockCatalogue.shipped();
        Optional<Blank> usual = stock.blank(choiceText(bit));
        Optional<WorkMaterial> work = stock.workMaterial(choiceText(material));
        if (usual.isPresent() && work.isPresent()) {
            List<Blank> harder = stock.harderBlanks(usual.get()).stream()
                    .filter(other -> bit.asked()
                            .options()
                            .orElseThrow()
                            .find()
                            .apply(other.id())
                            .isPresent())
                    .toList();
            Blank stands = EdgeHardness.softestThatStands(usual.get(), harder, work.get());
            unlessPicked(
                    bit,
                    Optional.of(stands.id()).filter(id -> !id.equals(usual.get().id())));
        }
    }

    /** Reads every field as it is declared: what is picked, the machine, what is measured. Texts of their own kind each reader reads itself. */
    protected final void readAll(Entry... fields) {
        for (Entry field : fields) {
            Asked asked = field.asked();
            if (asked.options().isPresent()) {
                pick(field, asked.options().get());
            } else if (asked.machine()) {
                machine(field, asked.machines());
            } else {
                asked.limits().ifPresent(limits -> measured(field, limits));
            }
        }
    }

    private <T> void pick(Entry field, Options<T> options) {
        String id = choiceText(field);
        Optional<T> found = options.find().apply(id);
        found.ifPresent(one -> picked.put(field, one));
        chosenFrom(field, found.map(options.shown()), options.what(), options.instead());
    }

    private void machine(Entry field, Asked.Machines which) {
        String what = which == Asked.Machines.LATHES ? "lathe" : which == Asked.Machines.SHAPERS ? "shaper" : "machine";
        String instead = "Pick one of the shop's " + what + "s, or enter a new one.";
        Optional<Lathe> other = request.lathe().filter(one -> !which.has(one.kind()));
        if (other.isPresent()) {
            states.put(
                    field,
                    FieldState.wrong(
                            field,
                            choiceText(field),
                            other.get().name() + " is " + other.get().kind().words() + ". " + instead));
            return;
        }
        chosenFrom(field, request.lathe().map(Lathe::name), what, instead);
    }

    /** Keeps a choice: its words when it was found, else a sentence that says there is none such. */
    protected final void chosenFrom(Entry field, Optional<String> words, String what, String instead) {
        String id = choiceText(field);
        if (words.isPresent()) {
            states.put(
                    field,
                    FieldState.plain(
                            field, id, id, words.get(), "", request.text(field).isEmpty(), ""));
        } else if (id.isEmpty()) {
            states.put(field, FieldState.wrong(field, id, "No " + what + " is chosen. " + instead));
        } else {
            String shown = id.length() > 40 ? id.substring(0, 40) + "…" : id;
            states.put(
                    field, FieldState.wrong(field, id, "There is no " + what + " called “" + shown + "”. " + instead));
        }
    }

    /** What was picked, of the type that its options stand for; empty where that was nothing that there is. */
    protected final <T> Optional<T> found(Entry field, Class<T> type) {
        return Optional.ofNullable(picked.get(field)).map(type::cast);
    }

    /** The same once all fields were read well. */
    protected final <T> T picked(Entry field, Class<T> type) {
        return found(field, type).orElseThrow(() -> new IllegalStateException(field + " was not read"));
    }

    /** Whether a choice is this one. */
    protected final boolean is(Entry field, String id) {
        return choiceText(field).equals(id);
    }

    /** The value of a measured field that was read, in its base unit. */
    protected final double value(Entry field) {
        Double value = values.get(field);
        if (value == null) {
            throw new IllegalStateException(field + " was not read");
        }
        return value;
    }

    /** Holds a measured field to whole numbers, where it was typed. */
    protected final void whole(Entry field) {
        typed(field).ifPresent(value -> {
            if (Math.abs(value - Math.rint(value)) > 1e-9) {
                wrong(field, "That is a count: write a whole number, such as " + Math.round(value) + ".");
            }
        });
    }

    /** A whole number, where it was typed. */
    protected final OptionalInt count(Entry field) {
        OptionalDouble typed = typed(field);
        return typed.isPresent() ? OptionalInt.of((int) Math.rint(typed.getAsDouble())) : OptionalInt.empty();
    }

    /** Says what is wrong with a field. */
    protected final void wrong(Entry field, String sentence) {
        states.put(field, FieldState.wrong(field, request.text(field), sentence));
    }

    /** A length as the question's units write it. */
    protected final String length(double mm) {
        return units == UnitSystem.METRIC ? Written.millimetres(mm) : Written.inches(mm);
    }

    private String spelled(String text, Tolerance tolerance, double size) {
        boolean bare = Tolerance.parse(text, size, units.other()) instanceof Parsed.Good<Tolerance>(Tolerance other)
                && Math.abs(other.widthMm() - tolerance.widthMm()) > 1e-12;
        return bare
                ? text + " "
                        + units.bareUnit(boldwedge.core.language.measure.Quantity.LENGTH)
                                .symbol()
                : text;
    }

    /**
     * Reads a tolerance or a fit about a nominal size in mm; without a size (its own field is wrong) nothing is read.
     */
    protected final Optional<Tolerance> tolerance(Entry field, OptionalDouble sizeMm) {
        String typed = request.text(field);
        String text = typed.isEmpty() ? field.usual(units) : typed;
        if (sizeMm.isEmpty()) {
            states.put(field, FieldState.plain(field, typed, text, text, "", typed.isEmpty(), ""));
            return Optional.empty();
        }
        double size = sizeMm.getAsDouble();
        return switch (Tolerance.parse(text, size, units)) {
            case Parsed.Wrong<Tolerance> wrong -> {
                states.put(field, FieldState.wrong(field, typed, wrong.sentence()));
                yield Optional.empty();
            }
            case Parsed.Good<Tolerance>(Tolerance tolerance) -> {
                if (tolerance.widthMm() <= 0) {
                    states.put(
                            field,
                            FieldState.wrong(
                                    field, typed, "A tolerance of nothing cannot be held. Write ±.0005 or h7."));
                    yield Optional.empty();
                }
                states.put(
                        field,
                        FieldState.plain(
                                field,
                                typed,
                                spelled(text, tolerance, size),
                                text,
                                tolerance.written(units),
                                typed.isEmpty(),
                                ""));
                yield Optional.of(tolerance);
            }
        };
    }
}
