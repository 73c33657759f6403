package boldwedge.core.planning;

import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Bed;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.cutting.ScrewCutting;
import boldwedge.core.mechanics.cutting.Slide;
import boldwedge.core.mechanics.cutting.SpindleSpeeds;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * Reads a lathe's card as typed.
 *
 * @param lathe the lathe, when all of it could be read
 * @param errors a sentence for each entry that could not, by its name
 */
public record LatheCard(Optional<Lathe> lathe, Map<String, String> errors) {
    private static final int MOST_ENTRIES = 60;

    /** The entries of a card, in order: name in the API and what it is called. */
    public static final Map<String, String> ENTRIES = entries();

    private static Map<String, String> entries() {
        Map<String, String> entries = new LinkedHashMap<>();
        entries.put("name", "Name");
        entries.put("kind", "Lathe or mill");
        entries.put("swing", "Swing over the bed (mill: width of the table)");
        entries.put("centreHeight", "Spindle axis above the tool's seat");
        entries.put("largestShank", "Largest tool shank");
        entries.put("speeds", "Spindle speeds");
        entries.put("feeds", "Feeds per revolution");
        entries.put("motor", "Motor power");
        entries.put("efficiency", "Drive efficiency");
        entries.put("postStiffness", "Stiffness at the tool post");
        entries.put("chuckStiffness", "Stiffness at the chuck");
        entries.put("chuckTilt", "Stiffness of the chuck against turning");
        entries.put("tailstockStiffness", "Stiffness at the tailstock");
        entries.put("postRing", "Ring of the tool post, tapped");
        entries.put("postDamping", "Damping of that ring");
        entries.put("shims", "Shims beside it");
        entries.put("slideHeight", "Spindle axis above the slide");
        entries.put("slotThroat", "T-slot of the slide: throat");
        entries.put("slotLip", "T-slot: thickness of its lips");
        entries.put("slotHead", "T-slot: width under the lips");
        entries.put("chuck", "Diameter of the chuck");
        entries.put("slideNearest", "Slide's front edge comes to the axis within");
        entries.put("tailHandle", "One turn of the tailstock's (quill's) handle");
        entries.put("centres", "Between centres");
        entries.put("quillTravel", "Travel of the tailstock’s quill");
        entries.put("drillSet", "Drills beside it");
        entries.put("leadScrew", "Lead screw");
        entries.put("boxThreads", "Threads that its box gives");
        entries.put("changeWheels", "Change wheels that lie beside it");
        entries.put("dialTeeth", "Thread dial: teeth of its wheel");
        entries.put("dialMarks", "Thread dial: marks");
        entries.put("crossTurn", "One turn of the cross slide’s dial");
        entries.put("crossReads", "Cross slide’s dial reads radius or diameter");
        entries.put("compoundTurn", "One turn of the compound’s dial");
        entries.put("dialDivision", "Smallest division of the dials");
        entries.put("compoundScale", "Compound’s scale counts from the square or from the axis");
        entries.put("stopTime", "Time until the carriage stands");
        return entries;
    }

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
            String name = text("name");
            if (name.isEmpty()) {
                errors.put("name", "Give the lathe the name that the shop calls it by.");
            } else if (name.length() > 80) {
                errors.put("name", "A name of at most 80 letters, please.");
            }
            double swing = one("swing", new Limits(Quantity.LENGTH, 20, 5000));
            boolean mill = kind();
            double centre = toolSeat("centreHeight", new Limits(Quantity.LENGTH, 1, 500), mill);
            double shank = toolSeat("largestShank", new Limits(Quantity.LENGTH, 3, 100), mill);
            double motor = one("motor", new Limits(Quantity.POWER, 10, 200_000));
            double efficiency = one("efficiency", new Limits(Quantity.RATIO, 0.2, 1));
            Optional<SpindleSpeeds> speeds = speeds();
            List<Double> feeds = text("feeds").isEmpty()
                    ? List.of()
                    : list("feeds", text("feeds"), new Limits(Quantity.FEED, 0.001, 10));
            List<Double> shims = text("shims").isEmpty()
                    ? List.of()
                    : list("shims", text("shims"), new Limits(Quantity.LENGTH, 0.005, 50));
            OptionalDouble post = measured("postStiffness");
            OptionalDouble chuck = measured("chuckStiffness");
            OptionalDouble tilt = measured("chuckTilt", new Limits(Quantity.TILT_STIFFNESS, 1e4, 1e12));
            OptionalDouble tailstock = measured("tailstockStiffness");
            Slide slide = new Slide(
                    length("slideHeight", 5, 1000),
                    length("slotThroat", 3, 60),
                    length("slotLip", 2, 60),
                    length("slotHead", 5, 120),
                    length("chuck", 15, 2000),
                    length("slideNearest", 0, 1000),
                    measured("postRing", new Limits(Quantity.FREQUENCY, 10, 3000)),
                    measured("postDamping", new Limits(Quantity.RATIO, 0.002, 0.5)));
            OptionalDouble handle = length("tailHandle", 0.5, 200);
            ScrewCutting screw = screwCutting();
            Bed bed = new Bed(length("centres", 50, 20_000), length("quillTravel", 5, 1000), drills());
            if (slide.headMm().orElse(1e9) <= slide.throatMm().orElse(0)) {
                errors.put("slotHead", "Under its lips a T-slot is wider than its throat.");
            }
            if (!errors.isEmpty() || speeds.isEmpty()) {
                return new LatheCard(Optional.empty(), errors);
            }
            return new LatheCard(
                    Optional.of(new Lathe(
                            name,
                            mill,
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
                            bed)),
                    errors);
        }

        /** The set of drills, by its id or its words. */
        private Optional<String> drills() {
            String said = text("drillSet");
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
                errors.put(
                        "drillSet",
                        "It can be "
                                + String.join(
                                        "; ", sets.stream().map(Choice::words).toList()) + ".");
            }
            return set;
        }

        private ScrewCutting screwCutting() {
            List<Double> box = text("boxThreads").isEmpty()
                    ? List.of()
                    : list("boxThreads", text("boxThreads"), new Limits(Quantity.LENGTH, 0.05, 200));
            List<Double> wheels = text("changeWheels").isEmpty()
                    ? List.of()
                    : list("changeWheels", text("changeWheels"), new Limits(Quantity.RATIO, 10, 250));
            for (double wheel : wheels) {
                if (wheel != Math.rint(wheel)) {
                    errors.put("changeWheels", "Wheels have whole numbers of teeth, such as 20, 24, 40, 127.");
                }
            }
            return new ScrewCutting(
                    length("leadScrew", 0.5, 100),
                    box,
                    wheels.stream().map(teeth -> (int) Math.rint(teeth)).toList(),
                    count("dialTeeth", 6, 200),
                    count("dialMarks", 1, 64),
                    length("crossTurn", 0.2, 50),
                    either("crossReads", "radius", "diameter"),
                    length("compoundTurn", 0.2, 50),
                    length("dialDivision", 0.001, 1),
                    either("compoundScale", "square", "axis"),
                    seconds("stopTime"));
        }

        private OptionalInt count(String entry, int least, int most) {
            OptionalDouble typed = measured(entry, new Limits(Quantity.RATIO, least, most));
            return typed.isEmpty() ? OptionalInt.empty() : OptionalInt.of((int) Math.rint(typed.getAsDouble()));
        }

        private OptionalDouble seconds(String entry) {
            OptionalDouble minutes = measured(entry, new Limits(Quantity.TIME, 0.05 / 60, 30 / 60.0));
            return minutes.isEmpty() ? minutes : OptionalDouble.of(minutes.getAsDouble() * 60);
        }

        /** One of two words, the first where nothing is said; whether it is the second. */
        private boolean either(String entry, String first, String second) {
            String said = text(entry).toLowerCase(Locale.ROOT);
            if (!said.isEmpty() && !said.equals(first) && !said.equals(second)) {
                errors.put(entry, "It can be " + first + " or " + second + "; left empty it is " + first + ".");
            }
            return said.equals(second);
        }

        private boolean kind() {
            String kind = text("kind").toLowerCase(Locale.ROOT);
            if (!kind.isEmpty() && !kind.equals("lathe") && !kind.equals("mill")) {
                errors.put("kind", "It can be lathe or mill; left empty it is a lathe.");
            }
            return kind.equals("mill");
        }

        /** What describes a lathe's tool seat; a mill has none and may leave it empty. */
        private double toolSeat(String entry, Limits limits, boolean mill) {
            return mill && text(entry).isEmpty() ? limits.least() : one(entry, limits);
        }

        private Optional<SpindleSpeeds> speeds() {
            String typed = text("speeds").replace('–', '-');
            Limits limits = new Limits(Quantity.SPINDLE_SPEED, 1, 50_000);
            if (typed.isEmpty()) {
                errors.put(
                        "speeds",
                        "List its speeds, such as 60, 90, 120 rpm, or give a range, such as 100 to 2500 rpm.");
                return Optional.empty();
            }
            String[] range = typed.split("\\bto\\b|(?<=\\d)\\s*-\\s*(?=\\d)");
            if (range.length == 2 && !typed.contains(",")) {
                List<Double> ends = new ArrayList<>();
                for (String end : range) {
                    ends.addAll(list("speeds", end, limits));
                }
                if (ends.size() != 2) {
                    return Optional.empty();
                }
                if (ends.get(0) >= ends.get(1)) {
                    errors.put("speeds", "The range must run from the slowest speed to the fastest.");
                    return Optional.empty();
                }
                return Optional.of(new SpindleSpeeds.Range(ends.get(0), ends.get(1)));
            }
            List<Double> steps = list("speeds", typed, limits);
            return steps.isEmpty() ? Optional.empty() : Optional.of(new SpindleSpeeds.Steps(steps));
        }

        /** Values between commas; one without a unit has that of the next which has one. */
        private List<Double> list(String entry, String typed, Limits limits) {
            String[] parts = typed.split("[,;]");
            if (parts.length > MOST_ENTRIES) {
                errors.put(entry, "At most " + MOST_ENTRIES + " entries, please.");
                return List.of();
            }
            List<Double> values = new ArrayList<>();
            String unit = "";
            for (int i = parts.length - 1; i >= 0; i--) {
                String value = parts[i].strip();
                boolean bare = value.matches("[\\d./\\s-]+");
                if (!bare) {
                    unit = value.replaceFirst("^[\\d./\\s-]+", "");
                }
                switch (MeasureParser.parse(bare ? value + " " + unit : value, limits, units)) {
                    case Parsed.Good<Reading>(Reading reading) -> values.addFirst(reading.value());
                    case Parsed.Wrong<Reading> wrong -> {
                        errors.put(entry, wrong.sentence());
                        return List.of();
                    }
                }
            }
            return values;
        }

        /** What must be there. Where it cannot be read the card makes no lathe, and what stands in for it is not looked at. */
        private double one(String entry, Limits limits) {
            return read(entry, limits).orElse(limits.least());
        }

        private OptionalDouble read(String entry, Limits limits) {
            return switch (MeasureParser.parse(text(entry), limits, units)) {
                case Parsed.Good<Reading>(Reading reading) -> OptionalDouble.of(reading.value());
                case Parsed.Wrong<Reading> wrong -> {
                    errors.put(entry, wrong.sentence());
                    yield OptionalDouble.empty();
                }
            };
        }

        private OptionalDouble measured(String entry) {
            return measured(entry, new Limits(Quantity.STIFFNESS, 100, 10_000_000));
        }

        private OptionalDouble length(String entry, double least, double most) {
            return measured(entry, new Limits(Quantity.LENGTH, least, most));
        }

        private OptionalDouble measured(String entry, Limits limits) {
            return text(entry).isEmpty() ? OptionalDouble.empty() : read(entry, limits);
        }

        private String text(String entry) {
            String typed = texts.get(entry);
            return typed == null ? "" : typed.strip();
        }
    }
}
