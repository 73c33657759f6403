package boldwedge.core.audit;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.planning.LatheCard;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Random;

/** Fifty made-up lathes and mills, from a watchmaker's to one of ten tonnes, and eight shapers; the same each time. */
final class Machines {
    private static final int HOW_MANY = 50;
    private static final int HOW_MANY_SHAPERS = 8;
    private static final double RATIO_OF_SPEEDS = 1.4;
    static final Map<String, Lathe> ALL = made();
    static final List<String> NAMES = ALL.keySet().stream()
            .filter(name -> !Objects.requireNonNull(ALL.get(name)).shaper())
            .toList();
    static final List<String> SHAPERS =
            ALL.keySet().stream().filter(name -> !NAMES.contains(name)).toList();

    private Machines() {}

    private static Map<String, Lathe> made() {
        Random random = new Random(50);
        Map<String, Lathe> all = new LinkedHashMap<>();
        for (int i = 0; i < HOW_MANY; i++) {
            double size = i / (HOW_MANY - 1.0);
            String name = "made-" + i;
            Map<String, String> card = new HashMap<>();
            card.put("name", name);
            double swing = 90 * Math.pow(9, size);
            card.put("swing", mm(swing));
            double centre = 0.06 * swing + 6;
            card.put("centreHeight", mm(centre));
            card.put("largestShank", mm(Math.min(centre - 2, 6 + 0.05 * swing)));
            card.put("motor", String.format(Locale.ROOT, "%.2f kW", 0.12 * Math.pow(90, size)));
            card.put("efficiency", "75 %");
            card.put(
                    "speeds",
                    rising(30 + 60 * random.nextDouble(), 900 + 4000 * (1 - size), RATIO_OF_SPEEDS, "%.0f", " rpm"));
            card.put("feeds", rising(0.02 + 0.03 * random.nextDouble(), 0.15 + 0.5 * size, 1.3, "%.3f", " mm/rev"));
            card.put("shims", "0.05, 0.1, 0.2, 0.5, 1, 2 mm");
            if (random.nextBoolean()) {
                card.put("postStiffness", String.format(Locale.ROOT, "%.0f N/mm", 8000 * Math.pow(12, size)));
                card.put("chuckStiffness", String.format(Locale.ROOT, "%.0f N/mm", 15_000 * Math.pow(12, size)));
            }
            if (random.nextBoolean()) {
                card.put("leadScrew", random.nextBoolean() ? "8 tpi" : "3 mm");
                card.put(
                        "changeWheels",
                        "20, 24, 28, 30, 32, 35, 40, 45, 48, 50, 55, 60, 63, 65, 70, 75, 80, 100, 120, 127");
                card.put("stopTime", "0.8 s");
                card.put("centres", mm(2.5 * swing));
            }
            if (i % 9 == 4) {
                card.put("kind", "mill");
            }
            all.put(name, read(card));
        }
        for (int i = 0; i < HOW_MANY_SHAPERS; i++) {
            double size = i / (HOW_MANY_SHAPERS - 1.0);
            Map<String, String> card = new HashMap<>();
            card.put("name", "ram-" + i);
            card.put("kind", "shaper");
            card.put("swing", mm(120 * Math.pow(4, size)));
            card.put("motor", String.format(Locale.ROOT, "%.2f kW", 0.25 * Math.pow(20, size)));
            card.put("efficiency", "70 %");
            card.put("longestStroke", mm(150 * Math.pow(5, size)));
            if (i % 2 == 0) {
                card.put("strokes", rising(12 + 20 * (1 - size), 70 + 90 * (1 - size), RATIO_OF_SPEEDS, "%.0f", ""));
                card.put("ramDroop", mm3(0.01 + 0.06 * random.nextDouble()));
            }
            all.put("ram-" + i, read(card));
        }
        return all;
    }

    private static Lathe read(Map<String, String> card) {
        LatheCard read = LatheCard.read(card, UnitSystem.METRIC);
        return read.lathe()
                .orElseThrow(() -> new IllegalStateException(read.errors().toString()));
    }

    private static String mm3(double mm) {
        return String.format(Locale.ROOT, "%.3f mm", mm);
    }

    private static String mm(double mm) {
        return String.format(Locale.ROOT, "%.1f mm", mm);
    }

    private static String rising(double from, double to, double ratio, String form, String unit) {
        List<String> steps = new ArrayList<>();
        for (double step = from; step <= to; step *= ratio) {
            steps.add(String.format(Locale.ROOT, form, step));
        }
        return String.join(", ", steps) + unit;
    }
}
