package boldwedge.core.testing;

import boldwedge.core.ask.LatheCard;
import boldwedge.core.ask.PlanAnswer;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.cutting.Lathe;
import boldwedge.core.measure.UnitSystem;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** A made-up lathe and requests on it. */
public final class Shop {
    private Shop() {}

    public static Lathe lathe() {
        return LatheCard.read(
                        Map.of(
                                "name",
                                "Test Bed",
                                "swing",
                                "330 mm",
                                "centreHeight",
                                "40 mm",
                                "largestShank",
                                "20 mm",
                                "speeds",
                                "36, 60, 90, 140, 210, 320, 480, 720, 1100 rpm",
                                "feeds",
                                "0.05, 0.07, 0.1, 0.14, 0.2, 0.28 mm/rev",
                                "motor",
                                "1.5 kW",
                                "efficiency",
                                "75 %",
                                "shims",
                                "0.05, 0.1, 0.2, 0.5, 1, 2 mm, 4 thou"),
                        UnitSystem.METRIC)
                .lathe()
                .orElseThrow();
    }

    /** The lathe of this name: "plain", or "measured", whose stiffness stands on its card. */
    public static Lathe lathe(String name) {
        Lathe plain = lathe();
        return name.equals("plain")
                ? plain
                : new Lathe(
                        plain.name(),
                        plain.mill(),
                        plain.swingMm(),
                        plain.centreHeightMm(),
                        plain.speeds(),
                        plain.feedsMm(),
                        plain.motorWatt(),
                        plain.efficiency(),
                        plain.largestShankMm(),
                        OptionalDouble.of(18_000),
                        OptionalDouble.of(40_000),
                        OptionalDouble.of(6e7),
                        OptionalDouble.of(14_000),
                        plain.shimsMm(),
                        plain.slide());
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
