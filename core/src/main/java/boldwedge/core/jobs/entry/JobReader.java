package boldwedge.core.jobs.entry;

import boldwedge.core.jobs.entry.JobTexts.LotTexts;
import boldwedge.core.jobs.entry.JobTexts.OperationTexts;
import boldwedge.core.jobs.entry.JobTexts.StockTexts;
import boldwedge.core.jobs.model.Bond;
import boldwedge.core.jobs.model.Job;
import boldwedge.core.jobs.model.Job.StockLength;
import boldwedge.core.jobs.model.Lot;
import boldwedge.core.jobs.model.Operation;
import boldwedge.core.jobs.model.Operation.When;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolSteel;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a job. What is wrong is told beside where it stands and left out; the rest stays. */
public final class JobReader {
    /** A week without a break. */
    private static final double LONGEST_MIN = 7 * 24 * 60.0;

    private static final Limits TIME = new Limits(Quantity.TIME, 0, LONGEST_MIN);
    private static final Limits LENGTH = new Limits(Quantity.LENGTH, 1, 20_000);
    private static final Limits SMALL = new Limits(Quantity.LENGTH, 0, 500);
    private static final Limits COUNT = new Limits(Quantity.RATIO, 1, 999);
    private static final Limits SPARE = new Limits(Quantity.RATIO, 0, 99);
    private static final Pattern TIMES = Pattern.compile("^(.*\\S)\\s*[x×]\\s*(\\d{1,3})$");
    private static final Pattern HOURS = Pattern.compile("^(\\d+)\\s*h\\s*(\\d+)(\\s*min)?$");

    /** More are several jobs. */
    private static final int MOST_PIECES = 2000;

    /** Kerf of a saw's band where none is typed, mm. */
    public static final double USUAL_KERF_MM = 2;

    private final UnitSystem units;
    private final Set<String> machines;
    private final Map<String, String> errors = new TreeMap<>();

    private JobReader(UnitSystem units, Set<String> machines) {
        this.units = units;
        this.machines = machines;
    }

    /**
     * Reads it.
     *
     * @param texts as typed
     * @param units what bare numbers mean
     * @param machines ids of the machines and places that the shop has
     */
    public static JobRead read(JobTexts texts, UnitSystem units, Set<String> machines) {
        return new JobReader(units, machines).job(texts);
    }

    private JobRead job(JobTexts texts) {
        List<Lot> lots = new ArrayList<>();
        Set<String> known = new HashSet<>();
        texts.lots().forEach(lot -> lot.operations().forEach(one -> known.add(one.id())));
        for (int i = 0; i < texts.lots().size(); i++) {
            lot(texts.lots().get(i), "lots[" + i + "].", known).ifPresent(lots::add);
        }
        if (lots.stream().mapToInt(Lot::pieces).sum() > MOST_PIECES) {
            wrong("lots[0].wanted", "A job has at most " + MOST_PIECES + " pieces in all: make several of it.");
            lots.clear();
        }
        List<StockLength> stock = new ArrayList<>();
        for (int i = 0; i < texts.stock().size(); i++) {
            stock.addAll(lengths(texts.stock().get(i), "stock[" + i + "].lengths"));
        }
        double kerf = measured(texts.kerf(), SMALL, "kerf").orElse(USUAL_KERF_MM);
        double grip = measured(texts.grip(), SMALL, "grip").orElse(0);
        return new JobRead(new Job(List.copyOf(lots), List.copyOf(stock), kerf, grip), Map.copyOf(errors));
    }

    private Optional<Lot> lot(LotTexts texts, String at, Set<String> known) {
        OptionalDouble wanted = texts.wanted().isBlank()
                ? wrong(at + "wanted", "How many are wanted? Type a number, such as 6.")
                : whole(texts.wanted(), COUNT, at + "wanted");
        OptionalDouble spare = whole(texts.spare(), SPARE, at + "spare");
        Optional<Lot.Blank> blank = blank(texts, at);
        Optional<Lot.Heated> heat = heated(texts, at);
        List<Operation> operations = new ArrayList<>();
        Set<String> mine = new HashSet<>();
        for (int i = 0; i < texts.operations().size(); i++) {
            OperationTexts one = texts.operations().get(i);
            operation(one, at + "operations[" + i + "].", known, mine).ifPresent(operations::add);
            mine.add(one.id());
        }
        if (wanted.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Lot(
                texts.id(),
                texts.name(),
                (int) wanted.getAsDouble(),
                (int) spare.orElse(0),
                blank,
                heat,
                List.copyOf(operations)));
    }

    private Optional<Lot.Blank> blank(LotTexts texts, String at) {
        OptionalDouble length = measured(texts.length(), LENGTH, at + "length");
        OptionalDouble facing = measured(texts.facing(), SMALL, at + "facing");
        return length.isEmpty()
                ? Optional.empty()
                : Optional.of(new Lot.Blank(texts.fromBar().strip(), length.getAsDouble(), facing.orElse(0)));
    }

    private Optional<Lot.Heated> heated(LotTexts texts, String at) {
        OptionalDouble section = measured(texts.section(), LENGTH, at + "section");
        if (texts.steel().isBlank()) {
            return Optional.empty();
        }
        Optional<ToolSteel> steel = StockCatalogue.shipped().steels().stream()
                .filter(one -> one.id().equals(texts.steel().strip()))
                .findFirst();
        if (steel.isEmpty()) {
            wrong(at + "steel", "This steel is not in the table: pick one of the list, or leave it empty.");
            return Optional.empty();
        }
        if (section.isEmpty()) {
            errors.putIfAbsent(at + "section", "How thick is it where it is thickest? That sets the soak.");
            return Optional.empty();
        }
        return Optional.of(new Lot.Heated(steel.get().id(), section.getAsDouble()));
    }

    private Optional<Operation> operation(OperationTexts texts, String at, Set<String> known, Set<String> before) {
        int wrongBefore = errors.size();
        double setUp = measured(texts.setUp(), TIME, at + "setUp").orElse(0);
        double each = measured(texts.each(), TIME, at + "each").orElse(0);
        if (setUp + each <= 0 && errors.size() == wrongBefore) {
            wrong(at + "each", "How long does it take? Type minutes for a piece, for the set-up, or both.");
        }
        String machine = texts.machine().strip();
        if (!machine.isEmpty() && !machines.contains(machine)) {
            wrong(at + "machine", "This machine is no longer in the shop: pick another, or the bench.");
        }
        Bond bond = bond(texts, at, before);
        for (String other : texts.after()) {
            if (!known.contains(other)) {
                wrong(
                        at + "after",
                        "What it waits for is no longer in this job: pick it anew, or let it wait for nothing.");
            }
        }
        return errors.size() > wrongBefore
                ? Optional.empty()
                : Optional.of(new Operation(
                        texts.id(),
                        texts.name().strip(),
                        machine,
                        texts.holding().strip(),
                        setUp,
                        each,
                        !texts.waits(),
                        texts.unbroken(),
                        texts.gauge(),
                        when(texts.when(), at),
                        bond,
                        List.copyOf(texts.after())));
    }

    private When when(String text, String at) {
        if (text.isBlank()) {
            return When.ANY;
        }
        for (When when : When.values()) {
            if (when.name().equals(text)) {
                return when;
            }
        }
        wrong(at + "when", "Pick when it may be done from the list.");
        return When.ANY;
    }

    /** "at once", "within 30 min", "after 20 min", or both of these with a comma between. */
    private Bond bond(OperationTexts texts, String at, Set<String> before) {
        String text = texts.bond().strip().toLowerCase(Locale.ROOT);
        String to = texts.bondTo().strip();
        if (!to.isEmpty() && !before.contains(to)) {
            wrong(at + "bondTo", "It can only follow what comes before it in its own lot.");
            return Bond.FREE;
        }
        if (!to.isEmpty() && text.isEmpty()) {
            return Bond.FREE;
        }
        double least = 0;
        double most = Double.POSITIVE_INFINITY;
        for (String part : text.isEmpty() ? new String[0] : text.split(",")) {
            String one = part.strip();
            if (one.equals("at once")) {
                most = 0;
            } else if (one.startsWith("within ")) {
                most = measured(one.substring(7), TIME, at + "bond").orElse(most);
            } else if (one.startsWith("after ")) {
                least = measured(one.substring(6), TIME, at + "bond").orElse(least);
            } else {
                wrong(at + "bond", "Write “at once”, “within 30 min”, “after 20 min”, or leave it empty.");
            }
        }
        if (least > most) {
            wrong(
                    at + "bond",
                    "It cannot follow within less than it has to wait: make the second time the longer one.");
        }
        return new Bond(to, least, most);
    }

    private List<StockLength> lengths(StockTexts texts, String at) {
        List<StockLength> all = new ArrayList<>();
        if (texts.lengths().isBlank()) {
            return all;
        }
        for (String part : texts.lengths().split("[,;]")) {
            Matcher times = TIMES.matcher(part.strip());
            boolean several = times.matches();
            OptionalDouble length = measured(several ? times.group(1) : part, LENGTH, at);
            OptionalDouble count = several ? whole(times.group(2), COUNT, at) : OptionalDouble.of(1);
            if (length.isPresent() && count.isPresent()) {
                all.add(new StockLength(texts.bar().strip(), length.getAsDouble(), (int) count.getAsDouble()));
            }
        }
        return all;
    }

    private OptionalDouble whole(String text, Limits limits, String at) {
        OptionalDouble value = measured(text, limits, at);
        return value.isPresent() && value.getAsDouble() != Math.rint(value.getAsDouble())
                ? wrong(at, "Pieces are whole: type a number without a fraction.")
                : value;
    }

    /** The value; empty where nothing is typed or it cannot be read, which is told. */
    private OptionalDouble measured(String text, Limits limits, String at) {
        String typed = text.strip();
        if (typed.isEmpty()) {
            return OptionalDouble.empty();
        }
        Matcher hours = HOURS.matcher(typed);
        if (limits.quantity() == Quantity.TIME && hours.matches()) {
            OptionalDouble whole = measured(hours.group(1) + " h", limits, at);
            OptionalDouble rest = measured(hours.group(2), limits, at);
            return whole.isPresent() && rest.isPresent()
                    ? OptionalDouble.of(whole.getAsDouble() + rest.getAsDouble())
                    : OptionalDouble.empty();
        }
        return switch (MeasureParser.parse(typed, limits, units)) {
            case Parsed.Good<Reading>(Reading reading) -> OptionalDouble.of(reading.value());
            case Parsed.Wrong<Reading> problem -> wrong(at, problem.sentence());
        };
    }

    private OptionalDouble wrong(String at, String sentence) {
        errors.putIfAbsent(at, sentence);
        return OptionalDouble.empty();
    }
}
