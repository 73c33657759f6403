package boldwedge.core.planning;

import static boldwedge.core.planning.LatheField.*;

import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureList;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Bed;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.cutting.MachineKind;
import boldwedge.core.mechanics.cutting.ScrewCutting;
import boldwedge.core.mechanics.cutting.Slide;
import boldwedge.core.mechanics.cutting.SpindleSpeeds;
import boldwedge.core.mechanics.cutting.Strokes;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * Reads a lathe's card as typed.
 *
 * @param lathe the lathe, when all of it could be read
 * @param errors a sentence for each entry that could not, by its name
 */
public record LatheCard(Optional<Lathe> lathe, Map<String, String> errors) {
    private static final int LONGEST_NAME = 80;
    /** A shaper has no spindle: nothing asks for its speeds. */
    private static final SpindleSpeeds NO_SPINDLE = new SpindleSpeeds.Steps(List.of(1.0));

    /** Reads the texts of a card; bare numbers mean the units given. */
    public static LatheCard read(Map<String, String> texts, UnitSystem units) {
        return new Reader(texts, units).read();
    }

    private static final class Reader {
        private final Map<String, String> texts;
        private final UnitSystem units;
        private final Map<String, String> errors = new LinkedHashMap<>();

        Reader(Map<String, String> texts, UnitSystem units) {
            this.texts = texts;
            this.units = units;
        }

        LatheCard read() {
            String name = text(NAME);
            if (name.isEmpty()) {
                wrong(NAME, "Give the machine the name that the shop calls it by.");
            } else if (name.length() > LONGEST_NAME) {
                wrong(NAME, "A name of at most 80 letters, please.");
            }
            double swing = one(SWING);
            MachineKind kind = kind();
            double centre = toolSeat(CENTRE_HEIGHT, kind);
            double shank = toolSeat(LARGEST_SHANK, kind);
            double motor = one(MOTOR);
            double efficiency = one(EFFICIENCY);
            Optional<SpindleSpeeds> speeds = kind == MachineKind.SHAPER ? Optional.of(NO_SPINDLE) : speeds();
            List<Double> feeds = list(FEEDS);
            List<Double> shims = list(SHIMS);
            OptionalDouble post = measured(POST_STIFFNESS);
            OptionalDouble chuck = measured(CHUCK_STIFFNESS);
            OptionalDouble tilt = measured(CHUCK_TILT);
            OptionalDouble tailstock = measured(TAILSTOCK_STIFFNESS);
            Slide slide = new Slide(
                    measured(SLIDE_HEIGHT),
                    measured(SLOT_THROAT),
                    measured(SLOT_LIP),
                    measured(SLOT_HEAD),
                    measured(CHUCK),
                    measured(SLIDE_NEAREST),
                    measured(POST_RING),
                    measured(POST_DAMPING));
            OptionalDouble handle = measured(TAIL_HANDLE);
            ScrewCutting screw = screwCutting();
            Bed bed = new Bed(measured(CENTRES), measured(QUILL_TRAVEL), drills(), count(POST_PLACES));
            Strokes strokes = strokes(kind);
            if (slide.headMm().orElse(1e9) <= slide.throatMm().orElse(0)) {
                wrong(SLOT_HEAD, "Under its lips a T-slot is wider than its throat.");
            }
            if (!errors.isEmpty() || speeds.isEmpty()) {
                return new LatheCard(Optional.empty(), errors);
            }
            return new LatheCard(
                    Optional.of(new Lathe(
                            name,
                            kind,
                            swing,
                            centre,
                            speeds.get(),
                            feeds,
                            motor,
                            efficiency,
                            shank,
                            post,
                            chuck,
                            tilt,
                            tailstock,
                            shims,
                            slide,
                            handle,
                            screw,
                            bed,
                            strokes)),
                    errors);
        }

        /** The set of drills, by its id or its words. */
        private Optional<String> drills() {
            String said = text(DRILL_SET);
            if (said.isEmpty()) {
                return Optional.empty();
            }
            List<Choice> sets = StockChoices.drillSets().choices();
            Optional<String> set = sets.stream()
                    .filter(choice ->
                            choice.id().equalsIgnoreCase(said) || choice.words().equalsIgnoreCase(said))
                    .map(Choice::id)
                    .findFirst();
            if (set.isEmpty()) {
                wrong(
                        DRILL_SET,
                        "It can be "
                                + String.join(
                                        "; ", sets.stream().map(Choice::words).toList()) + ".");
            }
            return set;
        }

        private ScrewCutting screwCutting() {
            List<Double> box = list(BOX_THREADS);
            List<Double> wheels = list(CHANGE_WHEELS);
            for (double wheel : wheels) {
                if (wheel != Math.rint(wheel)) {
                    wrong(CHANGE_WHEELS, "Wheels have whole numbers of teeth, such as 20, 24, 40, 127.");
                }
            }
            return new ScrewCutting(
                    measured(LEAD_SCREW),
                    box,
                    wheels.stream().map(teeth -> (int) Math.rint(teeth)).toList(),
                    count(DIAL_TEETH),
                    count(DIAL_MARKS),
                    measured(CROSS_TURN),
                    second(CROSS_READS),
                    measured(COMPOUND_TURN),
                    measured(DIAL_DIVISION),
                    second(COMPOUND_SCALE),
                    seconds(STOP_TIME));
        }

        private OptionalInt count(LatheField field) {
            OptionalDouble typed = measured(field);
            return typed.isEmpty() ? OptionalInt.empty() : OptionalInt.of((int) Math.rint(typed.getAsDouble()));
        }

        private OptionalDouble seconds(LatheField field) {
            OptionalDouble minutes = measured(field);
            return minutes.isEmpty() ? minutes : OptionalDouble.of(minutes.getAsDouble() * 60);
        }

        /** One of two, the first where nothing is said; whether it is the second. */
        private boolean second(LatheField field) {
            String said = text(field).toLowerCase(Locale.ROOT);
            Choice first = field.choices().getFirst();
            Choice other = field.choices().getLast();
            if (!said.isEmpty() && !said.equals(first.id()) && !said.equals(other.id())) {
                wrong(
                        field,
                        "It can be " + first.id() + " or " + other.id() + "; left empty it is " + first.words() + ".");
            }
            return said.equals(other.id());
        }

        private MachineKind kind() {
            String said = text(KIND).toLowerCase(Locale.ROOT);
            Optional<MachineKind> kind = Stream.of(MachineKind.values())
                    .filter(one -> Entry.choice(one).equals(said))
                    .findFirst();
            if (kind.isEmpty() && !said.isEmpty()) {
                wrong(KIND, "It can be lathe, mill or shaper; left empty it is a lathe.");
            }
            return kind.orElse(MachineKind.LATHE);
        }

        /** What describes a lathe's tool seat; a mill or a shaper has none and may leave it empty. */
        private double toolSeat(LatheField field, MachineKind kind) {
            return kind != MachineKind.LATHE && text(field).isEmpty()
                    ? limits(field).least()
                    : one(field);
        }

        private Strokes strokes(MachineKind kind) {
            if (kind == MachineKind.SHAPER && text(LONGEST_STROKE).isEmpty()) {
                wrong(LONGEST_STROKE, "How long is its longest stroke? Such as 350 mm, or 14 in.");
            }
            return new Strokes(
                    list(STROKES),
                    measured(LONGEST_STROKE),
                    measured(RETURN_RATIO),
                    measured(CARRIAGE_TURN),
                    measured(WHEEL_RADIUS),
                    measured(RAM_DROOP));
        }

        private Optional<SpindleSpeeds> speeds() {
            String typed = text(SPEEDS).replace('–', '-');
            if (typed.isEmpty()) {
                wrong(SPEEDS, "List its speeds, such as 60, 90, 120 rpm, or give a range, such as 100 to 2500 rpm.");
                return Optional.empty();
            }
            String[] range = typed.split("\\bto\\b|(?<=\\d)\\s*-\\s*(?=\\d)");
            if (range.length == 2 && !typed.contains(",")) {
                List<Double> ends = new ArrayList<>();
                for (String end : range) {
                    ends.addAll(list(SPEEDS, end));
                }
                if (ends.size() != 2) {
                    return Optional.empty();
                }
                if (ends.get(0) >= ends.get(1)) {
                    wrong(SPEEDS, "The range must run from the slowest speed to the fastest.");
                    return Optional.empty();
                }
                return Optional.of(new SpindleSpeeds.Range(ends.get(0), ends.get(1)));
            }
            List<Double> steps = list(SPEEDS, typed);
            return steps.isEmpty() ? Optional.empty() : Optional.of(new SpindleSpeeds.Steps(steps));
        }

        private List<Double> list(LatheField field) {
            return text(field).isEmpty() ? List.of() : list(field, text(field));
        }

        private List<Double> list(LatheField field, String typed) {
            return MeasureList.parse(typed, limits(field), units).orElseGet(bad -> {
                wrong(field, bad.sentence());
                return List.of();
            });
        }

        /** What must be there. Where it cannot be read the card makes no lathe, and what stands in for it is not looked at. */
        private double one(LatheField field) {
            return read(field).orElse(limits(field).least());
        }

        private OptionalDouble measured(LatheField field) {
            return text(field).isEmpty() ? OptionalDouble.empty() : read(field);
        }

        private OptionalDouble read(LatheField field) {
            return switch (MeasureParser.parse(text(field), limits(field), units)) {
                case Parsed.Good<Reading>(Reading reading) -> OptionalDouble.of(reading.value());
                case Parsed.Wrong<Reading> wrong -> {
                    wrong(field, wrong.sentence());
                    yield OptionalDouble.empty();
                }
            };
        }

        private static Limits limits(LatheField field) {
            return field.limits().orElseThrow();
        }

        private void wrong(LatheField field, String sentence) {
            errors.put(field.id(), sentence);
        }

        private String text(LatheField field) {
            String typed = texts.get(field.id());
            return typed == null ? "" : typed.strip();
        }
    }
}
