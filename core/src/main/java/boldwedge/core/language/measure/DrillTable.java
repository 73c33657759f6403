package boldwedge.core.language.measure;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Number, letter and fractional drills (ASME B94.11M, Twist Drills) and metric ones (ISO 235, jobber series). The
 * number and letter sizes are arbitrary and tabled; the fractional and metric ones follow their series' steps.
 */
public final class DrillTable {
    private static final List<Drill> ALL = Table.read("measure/drills.tsv").rows().stream()
            .map(row ->
                    new Drill(Drill.Series.valueOf(row.text("series")), row.text("name"), row.number("diameter_mm")))
            .sorted(Comparator.comparingDouble(Drill::diameterMm))
            .toList();

    private static final List<Drill> METRIC =
            ALL.stream().filter(drill -> drill.series() == Drill.Series.METRIC).toList();
    private static final List<Drill> INCH =
            ALL.stream().filter(drill -> drill.series() != Drill.Series.METRIC).toList();

    private static final Map<String, Drill> BY_NAME = new HashMap<>();

    static {
        for (Drill drill : ALL) {
            BY_NAME.put(drill.series() + drill.name(), drill);
        }
    }

    private DrillTable() {}

    /** Every drill, by diameter. */
    public static List<Drill> all() {
        return ALL;
    }

    /** The drill of this name in this series. */
    public static Optional<Drill> named(Drill.Series series, String name) {
        return Optional.ofNullable(BY_NAME.get(series + name));
    }

    /** The drill nearest to a diameter in millimetres, of any series. */
    public static Drill nearest(double diameterMm) {
        return ALL.stream()
                .min(Comparator.comparingDouble(drill -> Math.abs(drill.diameterMm() - diameterMm)))
                .orElseThrow();
    }

    /** The drill nearest to a diameter in millimetres of those that a shop of this system has; of two as near the larger. */
    public static Drill nearest(double diameterMm, UnitSystem system) {
        Drill best = ALL.getFirst();
        double off = Double.POSITIVE_INFINITY;
        for (Drill drill : system == UnitSystem.METRIC ? METRIC : INCH) {
            double here = Math.abs(drill.diameterMm() - diameterMm);
            if (here <= off + 5e-4) {
                best = drill;
                off = here;
            }
        }
        return best;
    }
}
