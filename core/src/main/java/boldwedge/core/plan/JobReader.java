package boldwedge.core.plan;

import boldwedge.core.cutting.Lathe;
import boldwedge.core.measure.Limits;
import boldwedge.core.measure.MeasureParser;
import boldwedge.core.measure.Parsed;
import boldwedge.core.measure.Reading;
import boldwedge.core.measure.Tolerance;
import boldwedge.core.measure.UnitSystem;
import boldwedge.core.measure.Written;
import boldwedge.core.rigidity.Hold;
import boldwedge.core.stock.Blank;
import boldwedge.core.stock.StockCatalogue;
import boldwedge.core.stock.ToolMaterial;
import boldwedge.core.stock.WorkMaterial;
import boldwedge.core.wedge.GroundBit;
import boldwedge.core.wedge.Operation;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Reads the texts of a request, field by field, and says what is wrong beside the field it is wrong with. */
final class JobReader {
    private static final double USUAL_FINISH_DEPTH_MM = 0.5;

    private final PlanRequest request;
    private final UnitSystem units;
    private final Map<Field, FieldState> states = new EnumMap<>(Field.class);
    private final Map<Field, Double> values = new EnumMap<>(Field.class);

    JobReader(PlanRequest request) {
        this.request = request;
        this.units = request.units();
    }

    /** The fields as read; the plan replaces those that it chooses itself. */
    Map<Field, FieldState> states() {
        return states;
    }

    /** The value of a measured field that was typed, in its base unit. */
    OptionalDouble typed(Field field) {
        Double value = values.get(field);
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    boolean hasErrors() {
        return states.values().stream().anyMatch(state -> !state.error().isEmpty());
    }

    /** Reads all; empty when a field is wrong (its state then says so). */
    Optional<TurningJob> read() {
        StockCatalogue stock = StockCatalogue.shipped();
        Optional<WorkMaterial> work = stock.workMaterial(choiceText(Field.MATERIAL));
        chosenFrom(Field.MATERIAL, work.map(WorkMaterial::fullName), "material", "Pick one from the list.");
        Optional<Blank> blank = stock.blank(choiceText(Field.BLANK));
        chosenFrom(Field.BLANK, blank.map(Blank::name), "blank", "Pick one from the list.");
        Optional<Operation> operation = constant(Field.OPERATION, Operation.values());
        chosenFrom(
                Field.OPERATION,
                operation.map(Operation::words),
                "operation",
                "It can be turn, shoulder, face or turn-and-face.");
        Optional<Hold> hold = constant(Field.HOLD, Hold.values());
        chosenFrom(
                Field.HOLD,
                hold.map(Hold::words),
                "way of holding",
                "It can be chuck, chuck-and-centre or between-centres.");
        Optional<Boolean> flat = switch (choiceText(Field.WHEEL_FACE)) {
            case "periphery" -> Optional.of(false);
            case "cup" -> Optional.of(true);
            default -> Optional.empty();
        };
        chosenFrom(
                Field.WHEEL_FACE,
                flat.map(cup -> cup ? "the flat side of a cup wheel" : "the wheel's periphery"),
                "grinding surface",
                "It can be periphery or cup.");
        Optional<GroundBit.Order> order = constant(Field.ORDER, GroundBit.Order.values());
        chosenFrom(
                Field.ORDER,
                order.map(o -> o == GroundBit.Order.FLANKS_FIRST ? "the flanks" : "the top"),
                "order of grinding",
                "It can be flanks-first or top-first.");
        chosenFrom(
                Field.LATHE,
                request.lathe().map(Lathe::name),
                "lathe",
                "Pick one of the shop's lathes, or enter a new one.");

        for (Field field : Field.values()) {
            field.limits().ifPresent(limits -> measured(field, limits));
        }
        Optional<Tolerance> tolerance = tolerance();
        if (hasErrors()) {
            return Optional.empty();
        }
        checkTogether(operation.orElseThrow(), hold.orElseThrow(), blank.orElseThrow());
        if (hasErrors() || tolerance.isEmpty()) {
            return Optional.empty();
        }
        ToolMaterial tool = stock.toolMaterial(blank.get());
        double stockToGo = operation.get() == Operation.FACE
                ? value(Field.LENGTH)
                : (value(Field.DIAMETER) - value(Field.FINISHED)) / 2;
        double depth = typed(Field.DEPTH).orElse(Math.min(stockToGo, USUAL_FINISH_DEPTH_MM));
        double overhang = typed(Field.OVERHANG).orElse(1.5 * blank.get().heightMm());
        return Optional.of(new TurningJob(
                operation.get(),
                work.orElseThrow(),
                value(Field.DIAMETER),
                value(Field.FINISHED),
                value(Field.LENGTH),
                tolerance.get(),
                value(Field.FINISH) / 1000,
                hold.get(),
                value(Field.STICK_OUT),
                request.lathe().orElseThrow(),
                blank.get(),
                tool,
                depth,
                typed(Field.FEED),
                typed(Field.SPEED),
                value(Field.HEIGHT),
                value(Field.SWIVEL),
                overhang,
                flat.orElseThrow() ? Double.POSITIVE_INFINITY : value(Field.WHEEL) / 2,
                order.orElseThrow(),
                value(Field.DAMAGE)));
    }

    private void checkTogether(Operation operation, Hold hold, Blank blank) {
        double start = value(Field.DIAMETER);
        double finished = value(Field.FINISHED);
        boolean facing = operation == Operation.FACE;
        if (finished >= start) {
            wrong(
                    Field.FINISHED,
                    facing
                            ? "Facing feeds inward: it must stop at less than " + length(start)
                                    + ". Type 0 for the centre."
                            : "The finished diameter must be less than " + length(start) + ", where the cut starts.");
        } else if (!facing && finished < 0.3) {
            wrong(Field.FINISHED, "A finished diameter under " + length(0.3) + " is beyond this program.");
        }
        if (!facing && value(Field.LENGTH) > value(Field.STICK_OUT)) {
            wrong(
                    Field.LENGTH,
                    "The cut is longer than the work that is free (" + length(value(Field.STICK_OUT))
                            + "). Shorten it to " + length(value(Field.STICK_OUT)) + " or let more stand out.");
        }
        if (value(Field.STICK_OUT) > 60 * start) {
            wrong(
                    Field.STICK_OUT,
                    "That is " + Math.round(value(Field.STICK_OUT) / start)
                            + " diameters long: it would whip. Over 60 diameters this program does not follow.");
        }
        double stock = facing ? value(Field.LENGTH) : (start - finished) / 2;
        if (typed(Field.DEPTH).orElse(0) > stock * (1 + 1e-9)) {
            wrong(
                    Field.DEPTH,
                    "There is only " + length(stock) + " to take off" + (facing ? " the face." : " each side."));
        }
        double least = facing ? Math.max(finished / 2, 0) : finished / 2;
        double off = Math.abs(value(Field.HEIGHT));
        if (!facing && off >= 0.8 * least) {
            wrong(
                    Field.HEIGHT,
                    "At " + length(off) + " off centre the point would pass the work, whose radius is " + length(least)
                            + ". Keep it within " + length(0.8 * least) + ".");
        } else if (facing && off >= 0.4 * start) {
            wrong(Field.HEIGHT, "At " + length(off) + " off centre the point misses the work.");
        }
        double longest = blank.lengthMm() - 2 * blank.heightMm();
        if (typed(Field.OVERHANG).orElse(0) > longest) {
            wrong(
                    Field.OVERHANG,
                    "The blank is " + length(blank.lengthMm()) + " long and needs a grip: it can stand out "
                            + length(longest) + " or less.");
        }
        if (typed(Field.GROUND_LENGTH).orElse(0) > blank.lengthMm() / 2) {
            wrong(
                    Field.GROUND_LENGTH,
                    "The blank is " + length(blank.lengthMm()) + " long: grind " + length(blank.lengthMm() / 2)
                            + " of it or less.");
        }
        if (typed(Field.NOSE_RADIUS).orElse(0) > 0.3 * blank.widthMm()) {
            wrong(
                    Field.NOSE_RADIUS,
                    "A nose that big does not fit on this blank: " + length(0.3 * blank.widthMm()) + " or less.");
        }
        if (value(Field.DAMAGE) > blank.lengthMm() / 3) {
            wrong(
                    Field.DAMAGE,
                    "That leaves too little of the bit: at most " + length(blank.lengthMm() / 3) + " can come off.");
        }
        // Between centres both ends are held; nothing sticks out, but the length must carry the cut.
        if (hold == Hold.BETWEEN_CENTRES && facing) {
            wrong(Field.HOLD, "Between centres the end cannot be faced to the centre: hold it in the chuck.");
        }
    }

    private void measured(Field field, Limits limits) {
        String typed = request.text(field);
        String text = typed.isEmpty() ? field.usual(units) : typed;
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
                                spelled(text, reading),
                                text,
                                beside(reading),
                                typed.isEmpty(),
                                reading.note()));
            }
        }
    }

    /** The text with its unit written out, when it is a bare number that the other system would read differently. */
    private String spelled(String text, Reading reading) {
        boolean bare = MeasureParser.parse(text, reading.quantity(), units.other())
                        instanceof Parsed.Good<Reading>(Reading other)
                && Math.abs(other.value() - reading.value()) > 1e-12 * Math.abs(reading.value());
        return bare ? text + " " + reading.unit().symbol() : text;
    }

    private String spelled(String text, Tolerance tolerance, double size) {
        boolean bare = Tolerance.parse(text, size, units.other()) instanceof Parsed.Good<Tolerance>(Tolerance other)
                && Math.abs(other.widthMm() - tolerance.widthMm()) > 1e-12;
        return bare
                ? text + " "
                        + units.bareUnit(boldwedge.core.measure.Quantity.LENGTH).symbol()
                : text;
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

    private Optional<Tolerance> tolerance() {
        String typed = request.text(Field.TOLERANCE);
        String text = typed.isEmpty() ? Field.TOLERANCE.usual(units) : typed;
        Double nominal = values.get(Field.FINISHED);
        if (nominal == null) {
            states.put(Field.TOLERANCE, FieldState.plain(Field.TOLERANCE, typed, text, text, "", typed.isEmpty(), ""));
            return Optional.empty();
        }
        // A face has no diameter to fit; its limits are read at the nominal start instead.
        double size = nominal > 0 ? nominal : Math.max(1, values.getOrDefault(Field.DIAMETER, 1.0));
        return switch (Tolerance.parse(text, size, units)) {
            case Parsed.Wrong<Tolerance> wrong -> {
                states.put(Field.TOLERANCE, FieldState.wrong(Field.TOLERANCE, typed, wrong.sentence()));
                yield Optional.empty();
            }
            case Parsed.Good<Tolerance>(Tolerance tolerance) -> {
                if (tolerance.widthMm() <= 0) {
                    states.put(
                            Field.TOLERANCE,
                            FieldState.wrong(
                                    Field.TOLERANCE,
                                    typed,
                                    "A tolerance of nothing cannot be held. Write ±.0005 or h7."));
                    yield Optional.empty();
                }
                states.put(
                        Field.TOLERANCE,
                        FieldState.plain(
                                Field.TOLERANCE,
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

    private String choiceText(Field field) {
        String typed = request.text(field);
        return typed.isEmpty() ? field.usual(units) : typed;
    }

    private <E extends Enum<E>> Optional<E> constant(Field field, E[] all) {
        String wanted = choiceText(field).toLowerCase(Locale.ROOT);
        return Arrays.stream(all).filter(e -> Field.choice(e).equals(wanted)).findFirst();
    }

    private void chosenFrom(Field field, Optional<String> words, String what, String instead) {
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

    private double value(Field field) {
        Double value = values.get(field);
        if (value == null) {
            throw new IllegalStateException(field + " was not read");
        }
        return value;
    }

    private void wrong(Field field, String sentence) {
        states.put(field, FieldState.wrong(field, request.text(field), sentence));
    }

    private String length(double mm) {
        return units == UnitSystem.METRIC ? Written.millimetres(mm) : Written.inches(mm);
    }
}
