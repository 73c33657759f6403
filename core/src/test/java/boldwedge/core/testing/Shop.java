package boldwedge.core.testing;

import boldwedge.core.family.Families;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.cutting.LatheBuilder;
import boldwedge.core.mechanics.cutting.MachineKind;
import boldwedge.core.planning.Asked;
import boldwedge.core.planning.LatheCard;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;

/** A made-up lathe and requests on it. */
public final class Shop {
    private static final Map<String, String> CARD = Map.of(
            "name", "Test Bed",
            "swing", "330 mm",
            "centreHeight", "40 mm",
            "largestShank", "20 mm",
            "speeds", "36, 60, 90, 140, 210, 320, 480, 720, 1100 rpm",
            "feeds", "0.05, 0.07, 0.1, 0.14, 0.2, 0.28 mm/rev",
            "motor", "1.5 kW",
            "efficiency", "75 %",
            "shims", "0.05, 0.1, 0.2, 0.5, 1, 2 mm, 4 thou");

    /** Cards are read once: tests ask for the same few lathes thousands of times. */
    private static final Map<String, Lathe> READ = new ConcurrentHashMap<>();

    private Shop() {}

    public static Lathe lathe() {
        return lathe("plain");
    }

    /** The test bed with some entries of its card written over. */
    public static Lathe lathe(Map<String, String> entries) {
        Map<String, String> card = new HashMap<>(CARD);
        card.putAll(entries);
        return LatheCard.read(card, UnitSystem.METRIC).lathe().orElseThrow();
    }

    /** The test bed with an inch lead screw and a box, or with a metric one and wheels alone. */
    private static Lathe geared(boolean inch) {
        Map<String, String> card = new HashMap<>(CARD);
        card.put("stopTime", "0.8 s");
        card.put("centres", "700 mm");
        card.put("quillTravel", "60 mm");
        if (inch) {
            card.put("leadScrew", "8 tpi");
            card.put(
                    "boxThreads",
                    "4, 4.5, 5, 5.5, 6, 6.5, 7, 8, 9, 10, 11, 11.5, 12, 13, 14, 16, 18, 20, 22, 24, 26, 28, 32, 36, 40 tpi");
            card.put("changeWheels", "24, 32, 40, 48, 56, 63, 100, 120, 127");
            card.put("dialTeeth", "32");
            card.put("dialMarks", "8");
            card.put("crossTurn", ".200 in");
            card.put("crossReads", "diameter");
            card.put("compoundTurn", ".100 in");
            card.put("dialDivision", ".001 in");
            card.put("compoundScale", "axis");
        } else {
            card.put("leadScrew", "1.5 mm");
            card.put("changeWheels", "20, 24, 28, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75, 80");
            card.put("dialTeeth", "28");
            card.put("dialMarks", "4");
            card.put("crossTurn", "2 mm");
            card.put("compoundTurn", "1 mm");
        }
        LatheCard read = LatheCard.read(card, UnitSystem.METRIC);
        return read.lathe()
                .orElseThrow(() -> new IllegalStateException(read.errors().toString()));
    }

    /**
     * The lathe of this name: "plain", or "measured", whose stiffness stands on its card, a "mill", a "shaper", or "inch-screw" and "metric-screw", whose
     * lead screw does.
     */
    public static Lathe lathe(String name) {
        return READ.computeIfAbsent(name, known -> switch (known) {
            case "plain" -> lathe(Map.of());
            case "mill" -> lathe(Map.of("kind", "mill"));
            case "shaper" ->
                lathe(Map.of(
                        "kind", "shaper",
                        "strokes", "20, 32, 50, 80, 125",
                        "longestStroke", "350 mm",
                        "returnRatio", "0.6",
                        "ramDroop", "0.03 mm"));
            case "inch-screw", "metric-screw" -> geared(known.startsWith("inch"));
            default -> measured(lathe(Map.of()));
        });
    }

    private static Lathe measured(Lathe plain) {
        return LatheBuilder.builder(plain)
                .postStiffness(OptionalDouble.of(18_000))
                .chuckStiffness(OptionalDouble.of(40_000))
                .chuckTilt(OptionalDouble.of(6e7))
                .tailstockStiffness(OptionalDouble.of(14_000))
                .build();
    }

    /** A machine that an operation can be done on: the test bed, or the shaper. */
    public static Lathe machineFor(String operation) {
        Asked.Machines kinds = Families.of(Map.of(Families.OPERATION, operation)).entries().stream()
                .filter(entry -> entry.asked().machine())
                .map(entry -> entry.asked().machines())
                .findFirst()
                .orElse(Asked.Machines.ALL);
        return kinds.has(MachineKind.LATHE) ? lathe() : lathe("shaper");
    }

    public static PlanRequest request(String... fieldsAndTexts) {
        return request(UnitSystem.METRIC, fieldsAndTexts);
    }

    public static PlanRequest request(UnitSystem units, String... fieldsAndTexts) {
        Map<String, String> fields = new HashMap<>();
        for (int i = 0; i < fieldsAndTexts.length; i += 2) {
            fields.put(fieldsAndTexts[i], fieldsAndTexts[i + 1]);
        }
        return new PlanRequest(fields, units, Optional.of(lathe()));
    }

    public static String error(PlanAnswer answer, String field) {
        return answer.fields().stream()
                .filter(state -> state.id().equals(field))
                .findFirst()
                .orElseThrow()
                .error();
    }
}
