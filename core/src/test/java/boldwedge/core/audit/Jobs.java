package boldwedge.core.audit;

import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.planning.Entry;
import boldwedge.core.recording.Questions;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;

/** Draws jobs: what is wanted, of any material and size, on any machine; some of the rest typed, near what the program would have chosen. */
final class Jobs {
    private static final List<String> MATERIALS = StockCatalogue.shipped().workMaterials().stream()
            .map(material -> material.id())
            .toList();
    private static final String[] STEELS =
            StockCatalogue.shipped().steels().stream().map(ToolSteel::id).toArray(String[]::new);
    private static final String[] TOLERANCES = {"h7", "h8", "±0.02 mm", "±0.05 mm", "+0/-0.03 mm", "±.001 in"};
    private static final String[] HOLES = {"H7", "H8", "H9", "±0.02 mm", "+0.05/-0 mm", "+.001/-0 in"};
    private static final String[] FINISHES = {"Ra 0.8 µm", "Ra 1.6 µm", "Ra 3.2 µm", "Ra 6.3 µm", "63 µin"};

    private final Random random;
    private final Map<String, String> fields = new HashMap<>();
    private boolean inch;

    Jobs(long seed) {
        random = new Random(seed);
    }

    /** The next job. */
    Job next() {
        fields.clear();
        inch = random.nextInt(3) == 0;
        String machine = Machines.NAMES.get(random.nextInt(Machines.NAMES.size()));
        Lathe lathe = Objects.requireNonNull(Machines.ALL.get(machine));
        double swing = lathe.swingMm();
        boolean mill = lathe.mill();
        fields.put("lathe", "x");
        fields.put("material", MATERIALS.get(random.nextInt(MATERIALS.size())));
        int kind = random.nextInt(17);
        if (mill && (kind < 3 || kind == 7 || (kind > 9 && kind < 13) || kind == 15)) {
            kind = 3 + random.nextInt(3);
        }
        switch (kind) {
            case 0 -> turning(swing);
            case 1 -> boring(swing);
            case 2 -> parting(swing);
            case 3 -> drilling();
            case 4 -> reaming();
            case 5 -> counterboring();
            case 6 -> hardening();
            case 7 -> threading();
            case 8 -> seating();
            case 9 -> keying();
            case 10 -> shearing(swing);
            case 11 -> grooving(swing);
            case 12 -> forming(swing);
            case 13 -> flyCutting(swing);
            case 14 -> casting();
            case 15 -> truing();
            default -> {
                machine = Machines.SHAPERS.get(random.nextInt(Machines.SHAPERS.size()));
                lathe = Objects.requireNonNull(Machines.ALL.get(machine));
                shaping(lathe);
            }
        }
        UnitSystem units = inch ? UnitSystem.INCH : UnitSystem.METRIC;
        Job plain = Job.of(fields, units, machine, lathe);
        int typed = random.nextInt(3) == 0 ? 1 + random.nextInt(3) : 0;
        for (int i = 0; i < typed; i++) {
            plain = typedOver(plain);
        }
        return plain;
    }

    /** One entry that the program chose is typed: another choice, or a value of three fifths to one and a half times its own. */
    private Job typedOver(Job job) {
        List<Entry> own = job.family().entries().stream()
                .filter(entry -> job.isOwn(entry.id()) && !entry.asked().machine())
                .toList();
        if (own.isEmpty()) {
            return job;
        }
        Entry entry = own.get(random.nextInt(own.size()));
        if (!entry.choices().isEmpty()) {
            return job.with(
                    entry.id(),
                    entry.choices().get(random.nextInt(entry.choices().size())).id());
        }
        return near(job, entry, Math.exp(random.nextDouble(Math.log(0.6), Math.log(1.5))))
                .map(text -> job.with(entry.id(), text))
                .orElse(job);
    }

    /** A field's value times a factor, as a text; empty where it has no number, or that is out of its range. */
    static Optional<String> near(Job job, Entry entry, double factor) {
        if (entry.limits().isEmpty()) {
            return Optional.empty();
        }
        Limits limits = entry.limits().get();
        return job.state(entry.id())
                .flatMap(state -> MeasureParser.parse(state.text(), limits.quantity(), job.units())
                                instanceof Parsed.Good<Reading> ok
                        ? Optional.of(ok.value().value() * factor)
                        : Optional.empty())
                .filter(value -> value != 0 && value >= limits.least() && value <= limits.most())
                .map(value -> Written.exact(limits.quantity(), value));
    }

    private double log(double low, double high) {
        return Math.exp(random.nextDouble(Math.log(low), Math.log(high)));
    }

    private String of(String... texts) {
        return texts[random.nextInt(texts.length)];
    }

    private String length(double mm) {
        return inch
                ? String.format(Locale.ROOT, "%.3f in", mm / 25.4)
                : String.format(Locale.ROOT, mm < 10 ? "%.2f mm" : "%.1f mm", mm);
    }

    private void put(String field, String text) {
        fields.put(field, text);
    }

    private void turning(double swing) {
        put("operation", of("turn", "turn", "shoulder", "face", "turn-and-face"));
        boolean face = "face".equals(fields.get("operation"));
        double d = log(2, 0.55 * swing);
        double finished = d - Math.min(log(0.1, 4), d / 4);
        double cut = Math.max(2, log(0.2, 6) * d);
        put("diameter", length(d));
        put("finished", face ? "0" : length(finished));
        put("length", face ? length(log(0.2, 1.5)) : length(cut));
        put("stickOut", length(cut * random.nextDouble(1.05, 1.5)));
        put("tolerance", of(TOLERANCES));
        put("finish", of(FINISHES));
        if (cut > 3 * d) {
            put("hold", of("chuck-and-centre", "chuck-and-centre", "between-centres"));
        }
    }

    private void boring(double swing) {
        put("operation", "bore");
        double start = log(4, 0.4 * swing);
        put("boreStart", length(start));
        put("boreFinished", length(start + log(0.2, 3)));
        put("boreDepth", length(log(0.4, 5) * start));
        put("boreTolerance", of(HOLES));
        put("finish", of(FINISHES));
        put("bottom", of("through", "through", "blind", "blind-faced"));
    }

    private void parting(double swing) {
        put("operation", of("part", "part", "groove"));
        double d = log(2, 0.35 * swing);
        put("partDiameter", length(d));
        if (random.nextInt(4) == 0) {
            put("partBore", length(0.4 * d));
        }
        if ("groove".equals(fields.get("operation"))) {
            put("grooveBottom", length(random.nextDouble(0.6, 0.92) * d));
            put("grooveWidth", length(log(1.5, 10)));
        }
    }

    private void drilling() {
        put("operation", "drill");
        put("holeFor", of("hole", "tap", "clear", "ream", "bore", "rod"));
        double d = log(1, 30);
        put("drillSize", length(d));
        put("drillScrew", of("M3", "M5", "M8", "M12", "#10-24", "3/8-16"));
        put("drillDepth", length(log(0.5, 10) * d));
        put("drillBottom", of("through", "blind"));
    }

    private void reaming() {
        put("operation", "ream");
        double d = log(2, 32);
        put("reamSize", length(d));
        put("reamTolerance", of("H7", "H8", "H9", "F7", "+.001/-0 in"));
        put("reamDepth", length(log(0.5, 5) * d));
        put("drillBottom", of("through", "blind"));
        put("reamHoles", of("1", "3", "20", "400"));
    }

    private void counterboring() {
        put("operation", "counterbore");
        put(
                "seatFor",
                of(
                        "6 mm plain washer",
                        "M4 socket head",
                        "M6 socket head",
                        "M8 cheese head",
                        "M10 hexagon head, room for a socket",
                        "M16 socket head",
                        "1/4 plain washer",
                        "#10 socket head"));
        put("seats", of("1", "6", "40", "200"));
    }

    private void hardening() {
        put("operation", "harden");
        fields.remove("material");
        fields.remove("lathe");
        put("steel", of(STEELS));
        put("hardenFor", of("edge", "wear", "tough", "stiff"));
        put("section", length(log(1.5, 80)));
        put("heatLength", length(log(8, 400)));
    }

    private void threading() {
        put("operation", "thread");
        put("thread", of(Questions.THREADS.toArray(String[]::new)));
        put("threadSide", of("outside", "outside", "inside"));
        put("threadLength", length(log(4, 80)));
        put("threadEnd", of("groove", "drawn", "open"));
    }

    private void seating() {
        put("operation", "insert-holder");
        fields.remove("material");
        fields.remove("lathe");
        put("seatBody", of("shank", "bar"));
        put("seatInsert", of("insert-60-9", "insert-80-9", "insert-55-6", "insert-60-6", "insert-80-6"));
        put("seatAngle", of("95°", "93°", "60°", "75°", "45°"));
        double size = log(8, 40);
        put("seatHeight", length(size));
        put("seatWidth", length(size));
    }

    private void keying() {
        put("operation", "keyway");
        double bore = log(9, 90);
        put("keyBore", length(bore));
        put("keyLength", length(bore * log(0.5, 3)));
        put("keyDrive", of("carriage", "carriage", "slide", "shaper"));
        put("keyways", of("1", "1", "2", "4"));
    }

    private void shearing(double swing) {
        put("operation", "shear");
        double d = log(3, Math.min(200, 0.6 * swing));
        put("finished", length(d));
        double cut = d * log(0.3, 5);
        put("length", length(cut));
        put("stickOut", length(cut * log(1.05, 1.8)));
        put("hold", of("chuck", "chuck", "chuck-and-centre", "between-centres"));
        put("finishBefore", of("Ra 3.2 µm", "Ra 6.3 µm", "125 µin"));
        put("finish", of("Ra 0.8 µm", "Ra 1.6 µm", "32 µin"));
    }

    private void grooving(double swing) {
        put("operation", "ring-groove");
        String purpose = of(
                "circlip-shaft", "circlip-bore", "oring-shaft", "oring-bore", "oring-face", "own-outside", "own-face");
        put("grooveFor", purpose);
        double d = log(8, Math.min(150, 0.5 * swing));
        boolean ring = purpose.startsWith("circlip");
        put("grooveAround", ring ? of("10 mm", "16 mm", "20 mm", "30 mm", "40 mm", "50 mm") : length(d));
        put("ringCord", of("1.78 mm", "2.62 mm", "3.53 mm"));
        if (purpose.startsWith("own")) {
            put("grooveWidth", length(log(1, 10)));
            put(
                    purpose.equals("own-face") ? "grooveDepth" : "grooveBottom",
                    length(purpose.equals("own-face") ? log(0.5, 4) : d * log(0.7, 0.95)));
        }
        double at = d * log(0.3, 2);
        put("grooveAt", length(at));
        put("stickOut", length(at * log(1.1, 2)));
    }

    private void forming(double swing) {
        put("operation", "form");
        double d = log(10, Math.min(100, 0.5 * swing));
        double width = log(2, 15);
        double low = d * log(0.7, 0.95);
        put(
                "formProfile",
                "0 mm " + length(d) + "; " + length(0.3 * width) + " " + length(low) + "; " + length(0.7 * width) + " "
                        + length(low) + of("", "", " r-" + length(width)) + "; " + length(width) + " " + length(d));
        double at = d * log(0.3, 2);
        put("formAt", length(at));
        put("stickOut", length(at * log(1.1, 2)));
        put("formRoughed", of("steps", "steps", "solid"));
    }

    private void shaping(Lathe shaper) {
        String operation = of("shaft-keyway", "shaft-keyway", "plane-flat", "plane-face");
        put("operation", operation);
        double longest = shaper.strokes().longestMm().orElse(300) - 20;
        put("shapedLength", length(log(8, longest)));
        double shaft = log(10, Math.min(110, shaper.swingMm() / 2));
        if (operation.equals("plane-face")) {
            put("flatWidth", length(log(10, shaper.swingMm())));
            put("shapedDepth", length(log(0.3, 5)));
        } else {
            put("shaftDiameter", length(shaft));
        }
        if (operation.equals("plane-flat")) {
            put("flatWidth", length(shaft * log(0.2, 0.8)));
        } else {
            put("shapedEnd", of("one-hole", "two-holes", "through"));
        }
        put("finish", of(FINISHES));
    }

    private void flyCutting(double swing) {
        put("operation", "fly-cut");
        double width = log(10, Math.min(150, 0.4 * swing));
        put("flyWidth", length(width));
        put("flyLength", length(width * log(0.5, 3)));
        put("flyBody", length(0.5 * width));
        put("finish", of(FINISHES));
        put("flyEdge", of("chamfered", "sharp"));
    }

    private void casting() {
        put("operation", "bore-casting");
        put("material", of("iron-grey", "iron-ductile", "bronze-tin", "bronze-leaded", "aluminium-cast"));
        double bore = log(8, 300);
        put("castBore", length(bore));
        put("castLength", length(bore * log(0.3, 3)));
        put("holeWide", length(bore * (0.88 + 0.1 * random.nextDouble())));
        put("holeTall", length(bore * (0.88 + 0.1 * random.nextDouble())));
        put("holeAside", length(bore * 0.02 * random.nextDouble()));
        put("castCap", of("whole", "cap"));
        put("castSeat", of("nothing", "bush"));
        put("bushInside", length(bore * 0.8));
        put("housingOutside", length(bore * log(1.3, 3)));
        put("pressBy", of("0.01 mm", "0.03 mm", "0.08 mm", "2 thou"));
    }

    private void truing() {
        put("operation", of("true-up", "square-block", "bore-block"));
        put("trueSwing", of("0.6 mm", "0.05 mm", "2 mm", ".030 in"));
        put("trueWithin", of("0.02 mm", "0.1 mm", "1 thou"));
        put("farSwing", of("0.1 mm", "0.01 mm", "3 thou"));
        put("trueMass", of("0.4 kg", "1.2 kg", "9 kg", "40 oz"));
        put("massAside", length(log(0.5, 40)));
        put("trueSpeed", of("100 rpm", "300 rpm", "900 rpm"));
        double bar = log(4, 40);
        put("blockShank", length(bar));
        put("blockWide", length(bar * log(1.5, 4)));
        put("blockHigh", length(bar * log(1.5, 4) + 6));
        put("seatReads", of("0.01 mm", "0.05 mm", "0.2 mm", "2 thou"));
        put("blockReach", length(bar * log(2, 10)));
        put("blockClamp", of("2000 N", "7000 N", "15000 N"));
        put("barTurn", of("200 N", "600 N", "2000 N"));
    }
}
