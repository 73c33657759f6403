package boldwedge.core.audit;

import boldwedge.core.family.TypedCut;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.Table;
import boldwedge.core.language.measure.UnitSystem;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/**
 * Lines as they are said in a shop, drawn at random with what they mean: sizes in whatever units, materials by whatever name, what is said besides in
 * whatever order, with commas or without. What is read of a line is held against what was meant.
 */
final class Lines {
    private static final String[] FRACTIONS = {"1/4", "3/8", "1/2", "5/8", "3/4", "1-1/4", "1-1/2", "2-1/4"};
    private static final String[] METRIC_THREADS = {"M6", "M10x1", "M12", "M16x1.5", "M20", "M24x2"};
    private static final String[] INCH_THREADS = {"1/4-20", "3/8-16", "1/2-13", "3/4-16", "1-8"};
    private static final List<Map.Entry<String, String>> MATERIALS = said("material");
    private static final List<Map.Entry<String, String>> STEELS = said("steel");

    private final Random random;
    private final Map<String, String> meant = new LinkedHashMap<>();
    private final List<String> besides = new ArrayList<>();
    private boolean inch;
    /** Said in the other system than the shop's, with its units. */
    private boolean abroad;

    private String before = "";

    /**
     * A line and what it means.
     *
     * @param text as typed
     * @param units the shop's
     * @param meant texts by field
     */
    record Line(String text, UnitSystem units, Map<String, String> meant) {
        /** What is read otherwise than it was meant, or not at all; empty where all is as it was meant. */
        Optional<String> misread() {
            TypedCut read = TypedCut.read(text, units, Map.of());
            for (Map.Entry<String, String> field : meant.entrySet()) {
                String is = read.fields().getOrDefault(field.getKey(), "");
                if (!isSame(field.getValue(), is)) {
                    return Optional.of(field.getKey() + " is “" + is + "” for " + field.getValue());
                }
            }
            return read.left().isEmpty() ? Optional.empty() : Optional.of("left " + read.left());
        }

        private boolean isSame(String wanted, String is) {
            if (wanted.equalsIgnoreCase(is)) {
                return true;
            }
            return MeasureParser.parse(wanted, Limits.any(Quantity.LENGTH), units)
                            instanceof Parsed.Good<Reading>(Reading a)
                    && MeasureParser.parse(is, Limits.any(Quantity.LENGTH), units)
                            instanceof Parsed.Good<Reading>(Reading b)
                    && Math.abs(a.value() - b.value()) < 1e-6;
        }
    }

    Lines(long seed) {
        random = new Random(seed);
    }

    private static List<Map.Entry<String, String>> said(String field) {
        return Table.read("stock/shop-words.tsv").rows().stream()
                .filter(row -> row.text("field").equals(field))
                .map(row -> Map.entry(row.text("words"), row.text("choice")))
                .toList();
    }

    /** The next one. */
    Line next() {
        meant.clear();
        besides.clear();
        before = "";
        inch = random.nextBoolean();
        abroad = random.nextInt(6) == 0;
        String first = main();
        Collections.shuffle(besides, random);
        String between = random.nextBoolean() ? ", " : " ";
        StringBuilder line = new StringBuilder(before + first);
        besides.forEach(more -> line.append(between).append(more));
        String said = random.nextInt(8) == 0 ? line.toString().toUpperCase(Locale.ROOT) : line.toString();
        return new Line(said, inch == abroad ? UnitSystem.METRIC : UnitSystem.INCH, Map.copyOf(meant));
    }

    private String main() {
        return switch (random.nextInt(13)) {
            case 0 -> turned();
            case 1 -> bored();
            case 2 -> parted();
            case 3 -> grooved();
            case 4 -> drilled();
            case 5 -> reamed();
            case 6 -> threaded();
            case 7 -> keyed("keyway", "keyBore", "keyLength", "bore");
            case 8 -> keyed("shaft-keyway", "shaftDiameter", "shapedLength", "shaft");
            case 9 -> hardened();
            case 10 -> ringed();
            case 11 -> flown();
            default -> shaved();
        };
    }

    private String turned() {
        double d = size(8, 80);
        String from = put("diameter", d + size(0.5, 3));
        String to = put("finished", d);
        operation("turn");
        sometimes(() -> long_("length", 10, 100));
        sometimes(this::material);
        sometimes(() -> choice("hold", "between-centres", of("between centres", "between centers")));
        sometimes(() -> choice("speed", "300", of("300 rpm", "at 300 rpm")));
        sometimes(() -> choice(
                "finish",
                inch ? "Ra 63" + (abroad ? " µin" : "") : "Ra 1.6" + (abroad ? " µm" : ""),
                inch ? "Ra 63" : "Ra 1.6"));
        return of("turn", "turn down", "skim") + " "
                + (random.nextBoolean() ? from + " to " + to : to + " from " + from);
    }

    private String bored() {
        double d = size(12, 80);
        String from = put("boreStart", d - size(0.5, 3));
        String to = put("boreFinished", d);
        operation("bore");
        long_("boreDepth", 10, 60, of("deep", "dp"));
        sometimes(this::material);
        sometimes(() -> choice("bottom", "blind", "blind"));
        if (!inch && random.nextBoolean()) {
            meant.put("boreTolerance", "H7");
            to += to.endsWith("mm") ? " H7" : of("H7", " H7");
        }
        return of("bore", "open out", "bore out") + " "
                + (random.nextBoolean() ? from + " to " + to : to + " from " + from);
    }

    private String parted() {
        operation("part");
        sometimes(this::material);
        sometimes(() -> choice("pieces", "12", "12 pieces"));
        return of("part", "part off", "cut off") + " " + put("partDiameter", size(6, 60));
    }

    private String grooved() {
        double d = size(15, 80);
        operation("groove");
        String from = put("partDiameter", d);
        String to = put("grooveBottom", 0.8 * d);
        besides.add(put("grooveWidth", size(1.5, 4)) + " wide");
        sometimes(this::material);
        return "groove " + from + " to " + to;
    }

    private String drilled() {
        operation("drill");
        long_("drillDepth", 5, 50, of("deep", "deep", "dp"));
        sometimes(this::material);
        sometimes(() -> choice("drillBottom", "blind", "blind"));
        return "drill " + put("drillSize", size(2, 20));
    }

    private String reamed() {
        operation("ream");
        long_("reamDepth", 5, 50, of("deep", "deep", "dp"));
        sometimes(this::material);
        String size = put("reamSize", size(4, 20));
        if (!inch && random.nextBoolean()) {
            meant.put("reamTolerance", "H7");
            size += size.endsWith("mm") ? " H7" : of("H7", " H7");
        }
        return "ream " + size;
    }

    private String threaded() {
        operation("thread");
        String thread = inch ? of(INCH_THREADS) : of(METRIC_THREADS);
        meant.put("thread", thread);
        long_("threadLength", 10, 60);
        sometimes(this::material);
        sometimes(() -> choice("threadSide", "inside", "inside"));
        sometimes(() -> choice("threadHand", "left", "left hand"));
        return of("thread", "screw cut", "single point") + " " + thread;
    }

    private String keyed(String operation, String across, String length, String in) {
        operation(operation);
        String wide = put("keyWidth", size(3, 12));
        String size = put(across, size(14, 60));
        long_(length, 20, 80);
        sometimes(this::material);
        return "keyway " + wide + " in " + size + " " + in;
    }

    private String hardened() {
        operation("harden");
        Map.Entry<String, String> steel = STEELS.get(random.nextInt(STEELS.size()));
        meant.put("steel", steel.getValue());
        besides.add(put("section", size(5, 40)) + " thick");
        long_("heatLength", 20, 120);
        sometimes(() -> {
            meant.put("wantedHardness", "58 HRC");
            besides.add("58 HRC");
        });
        return "harden " + steel.getKey();
    }

    private String ringed() {
        operation("ring-groove");
        boolean bore = random.nextBoolean();
        meant.put("grooveFor", bore ? "circlip-bore" : "circlip-shaft");
        sometimes(this::material);
        String size = put("grooveAround", Math.rint(size(12, 60)));
        if (!bore) {
            meant.remove("grooveFor");
        }
        return "circlip groove " + (bore ? "in a " + size + " bore" : of("on a ", "") + size + " shaft");
    }

    private String flown() {
        operation("fly-cut");
        String wide = put("flyWidth", size(20, 90));
        long_("flyLength", 20, 150);
        sometimes(this::material);
        return of("fly cut", "flycut") + " " + wide + " wide";
    }

    private String shaved() {
        operation("shear");
        long_("length", 20, 60);
        sometimes(this::material);
        return "shave " + put("finished", size(10, 50));
    }

    private void operation(String id) {
        meant.put("operation", id);
    }

    private void sometimes(Runnable said) {
        if (random.nextBoolean()) {
            said.run();
        }
    }

    private void choice(String field, String id, String words) {
        meant.put(field, id);
        besides.add(words);
    }

    private void material() {
        Map.Entry<String, String> material = MATERIALS.get(random.nextInt(MATERIALS.size()));
        if (random.nextInt(6) == 0) {
            meant.put("material", material.getValue());
            before = material.getKey() + of(" ", ", ");
        } else {
            // A steel that is called as a fit is, "h13", is none only where something tells it from its size.
            String within = material.getKey().matches("[a-z]\\d{1,2}") ? "in " : of("", "", "in ");
            choice("material", material.getValue(), within + material.getKey());
        }
    }

    private void long_(String field, double least, double most) {
        long_(field, least, most, of("long", "long", "lg"));
    }

    private void long_(String field, double least, double most, String word) {
        besides.add(put(field, size(least, most)) + " " + word);
    }

    /** A size, mm: to a tenth in a metric shop, to a hundredth of an inch in an inch shop. */
    private double size(double least, double most) {
        double mm = Math.exp(random.nextDouble(Math.log(least), Math.log(most)));
        return inch ? Math.max(0.01, Math.rint(mm / 0.254) / 100) * 25.4 : Math.max(0.1, Math.rint(mm * 10) / 10);
    }

    /** Says a size in one of the ways that it is said, and keeps what it means. */
    private String put(String field, double mm) {
        String text;
        if (inch && random.nextInt(4) == 0 && !meant.containsKey("finished") && !meant.containsKey("boreStart")) {
            text = of(FRACTIONS);
            meant.put(field, text + (abroad ? " in" : ""));
            return text + (abroad ? " in" : "");
        }
        if (inch) {
            text = String.format(Locale.ROOT, random.nextBoolean() ? "%.3f" : "%.2f", mm / 25.4);
            text = text.startsWith("0.") && random.nextBoolean() ? text.substring(1) : text;
            meant.put(field, text + (abroad ? " in" : ""));
            return text + (abroad ? of(" in", "\"", " inch") : of("", "", " in", "\""));
        }
        text = Double.toString(Math.rint(mm * 10) / 10).replaceAll("\\.0$", "");
        meant.put(field, text + (abroad ? " mm" : ""));
        return text + (abroad ? of(" mm", "mm") : of("", "", " mm", "mm"));
    }

    private String of(String... texts) {
        return texts[random.nextInt(texts.length)];
    }
}
