package boldwedge.core.families.turning.entry;

import static boldwedge.core.families.turning.entry.TurningField.*;

import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.families.turning.model.TurningJob;
import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.wedge.GroundBit;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.mechanics.wedge.TypedSignature;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Reads the texts of a request, field by field, and says what is wrong beside the field it is wrong with. */
public final class TurningReader extends FieldReader {
    /** Last pass as the shops set it, mm; half of it where the tolerance is close. */
    private static final double USUAL_FINISH_DEPTH_MM = 0.5;

    private static final double USUAL_FINISH_DEPTH_INCH = 0.02 * 25.4;
    /** A tolerance narrower than this is close, mm. */
    private static final double CLOSE_MM = 0.06;

    public TurningReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works its cut out. */
    public static Read<TurningCut> cut(PlanRequest request) {
        TurningReader reader = new TurningReader(request);
        Optional<TurningJob> job = reader.read();
        Map<Entry, FieldState> states = reader.states();
        if (job.isEmpty()) {
            return new Read<>(states, Optional.empty());
        }
        TypedSignature typed = new TypedSignature(
                reader.typed(BACK_RAKE),
                reader.typed(SIDE_RAKE),
                reader.typed(END_RELIEF),
                reader.typed(SIDE_RELIEF),
                reader.typed(END_EDGE),
                reader.typed(SIDE_EDGE),
                reader.typed(NOSE_RADIUS));
        try {
            return new Read<>(states, Optional.of(TurningCut.of(job.get(), typed, reader.typed(GROUND_LENGTH))));
        } catch (GroundBit.NothingLeft nothing) {
            TurningField culprit = Arrays.stream(new TurningField[] {GROUND_LENGTH, END_EDGE, SIDE_EDGE, DAMAGE})
                    .filter(field -> reader.typed(field).isPresent())
                    .findFirst()
                    .orElse(BLANK);
            states.put(
                    culprit,
                    FieldState.wrong(
                            culprit,
                            request.text(culprit),
                            "These angles leave nothing of the blank to cut with: ease them, or take a bigger blank."));
            return new Read<>(states, Optional.empty());
        }
    }

    /** Reads all; empty when a field is wrong (its state then says so). */
    public Optional<TurningJob> read() {
        StockCatalogue stock = StockCatalogue.shipped();
        if (is(OPERATION, Entry.choice(Operation.FACE))) {
            // An end is faced to its middle, and little is taken off it.
            unlessPicked(FINISHED, Optional.of("0"));
            unlessPicked(LENGTH, Optional.of(units == UnitSystem.METRIC ? "1 mm" : ".04"));
        }
        harderUnlessPicked(BLANK, MATERIAL);
        readAll(values());
        Optional<Tolerance> tolerance = tolerance(TOLERANCE, toleranced());
        if (hasErrors()) {
            return Optional.empty();
        }
        Operation operation = picked(OPERATION, Operation.class);
        Hold hold = picked(HOLD, Hold.class);
        Blank blank = picked(BLANK, Blank.class);
        checkTogether(operation, hold, blank);
        if (hasErrors() || tolerance.isEmpty()) {
            return Optional.empty();
        }
        ToolMaterial tool = stock.toolMaterial(blank);
        double stockToGo = operation == Operation.FACE ? value(LENGTH) : (value(DIAMETER) - value(FINISHED)) / 2;
        double depth = typed(DEPTH)
                .orElse(Math.min(
                        stockToGo,
                        usualLast(
                                operation == Operation.FACE
                                        ? CLOSE_MM
                                        : tolerance.orElseThrow().widthMm())));
        double overhang = typed(OVERHANG).orElse(1.5 * blank.heightMm());
        return Optional.of(new TurningJob(
                operation,
                picked(MATERIAL, WorkMaterial.class),
                value(DIAMETER),
                value(FINISHED),
                value(LENGTH),
                tolerance.get(),
                value(FINISH) / 1000,
                hold,
                value(STICK_OUT),
                request.lathe().orElseThrow(),
                blank,
                tool,
                depth,
                typed(FEED),
                typed(SPEED),
                value(HEIGHT),
                value(SWIVEL),
                overhang,
                is(WHEEL_FACE, "cup") ? Double.POSITIVE_INFINITY : value(WHEEL) / 2,
                picked(ORDER, GroundBit.Order.class),
                value(DAMAGE),
                typed(INSERT_PRICE),
                request.units(),
                request.taught().ofSize(),
                request.taught()));
    }

    private double usualLast(double toleranceMm) {
        double usual = request.units() == UnitSystem.METRIC ? USUAL_FINISH_DEPTH_MM : USUAL_FINISH_DEPTH_INCH;
        return toleranceMm < CLOSE_MM ? usual / 2 : usual;
    }

    /** What the tolerance is read at: a face has no diameter to fit, its limits are read at the nominal start instead. */
    private OptionalDouble toleranced() {
        OptionalDouble finished = typed(FINISHED);
        return finished.isPresent() && finished.getAsDouble() <= 0
                ? OptionalDouble.of(Math.max(1, typed(DIAMETER).orElse(1)))
                : finished;
    }

    private void checkTogether(Operation operation, Hold hold, Blank blank) {
        double start = value(DIAMETER);
        double finished = value(FINISHED);
        boolean facing = operation == Operation.FACE;
        if (finished >= start) {
            wrong(
                    FINISHED,
                    facing
                            ? "Facing feeds inward: it must stop at less than " + length(start)
                                    + ". Type 0 for the centre."
                            : "The finished diameter must be less than " + length(start) + ", where the cut starts.");
        } else if (!facing && finished < 0.3) {
            wrong(FINISHED, "A finished diameter under " + length(0.3) + " is beyond this program.");
        }
        if (!facing && value(LENGTH) > value(STICK_OUT)) {
            wrong(
                    LENGTH,
                    "The cut is longer than the work that is free (" + length(value(STICK_OUT)) + "). Shorten it to "
                            + length(value(STICK_OUT)) + " or let more stand out.");
        }
        if (value(STICK_OUT) > 60 * start) {
            wrong(
                    STICK_OUT,
                    "That is " + Math.round(value(STICK_OUT) / start)
                            + " diameters long: it would whip. Over 60 diameters this program does not follow.");
        }
        double stock = facing ? value(LENGTH) : (start - finished) / 2;
        if (stock > 0 && typed(DEPTH).orElse(0) > stock * (1 + 1e-9)) {
            wrong(DEPTH, "There is only " + length(stock) + " to take off" + (facing ? " the face." : " each side."));
        }
        double least = facing ? Math.max(finished / 2, 0) : finished / 2;
        double off = Math.abs(value(HEIGHT));
        if (!facing && off >= 0.8 * least) {
            wrong(
                    HEIGHT,
                    "At " + length(off) + " off centre the point would pass the work, whose radius is " + length(least)
                            + ". Keep it within " + length(0.8 * least) + ".");
        } else if (facing && off >= 0.4 * start) {
            wrong(HEIGHT, "At " + length(off) + " off centre the point misses the work.");
        }
        double longest = blank.lengthMm() - 2 * blank.heightMm();
        if (typed(OVERHANG).orElse(0) > longest) {
            wrong(
                    OVERHANG,
                    "The blank is " + length(blank.lengthMm()) + " long and needs a grip: it can stand out "
                            + length(longest) + " or less.");
        }
        if (typed(GROUND_LENGTH).orElse(0) > blank.lengthMm() / 2) {
            wrong(
                    GROUND_LENGTH,
                    "The blank is " + length(blank.lengthMm()) + " long: grind " + length(blank.lengthMm() / 2)
                            + " of it or less.");
        }
        if (typed(NOSE_RADIUS).orElse(0) > 0.3 * blank.widthMm()) {
            wrong(
                    NOSE_RADIUS,
                    "A nose that big does not fit on this blank: " + length(0.3 * blank.widthMm()) + " or less.");
        }
        if (value(DAMAGE) > blank.lengthMm() / 3) {
            wrong(
                    DAMAGE,
                    "That leaves too little of the bit: at most " + length(blank.lengthMm() / 3) + " can come off.");
        }
        // Between centres both ends are held; nothing sticks out, but the length must carry the cut.
        if (hold == Hold.BETWEEN_CENTRES && facing) {
            wrong(HOLD, "Between centres the end cannot be faced to the centre: hold it in the chuck.");
        }
    }
}
