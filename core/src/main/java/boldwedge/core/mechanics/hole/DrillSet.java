package boldwedge.core.mechanics.hole;

import boldwedge.core.language.measure.Drill;
import boldwedge.core.language.measure.DrillTable;
import boldwedge.core.language.words.Worded;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The drills that a shop has. */
public enum DrillSet implements Worded {
    METRIC_TENTHS("1 to 13 mm, and by 0.5 mm to 25 mm"),
    METRIC_HALVES("1 to 25 mm"),
    FRACTIONS("by 64ths to 1 in"),
    INDEX("the whole index, and by 64ths to 1 in"),
    ALL("all of these");

    private static final double LARGEST_TENTH_MM = 13;
    private static final double LARGEST_METRIC_MM = 25;
    private static final double LARGEST_INCH_MM = 25.4;
    private static final double EXACT = 1e-6;
    private static final double ROUNDED_MM = 0.002;
    private final String more;

    @SuppressWarnings("ImmutableEnumChecker") // an unmodifiable list
    private final List<Drill> drills;

    DrillSet(String more) {
        this.more = more;
        this.drills = DrillTable.all().stream()
                .filter(this::has)
                .filter(drill -> !isFractionToo(drill))
                .sorted(Comparator.comparingDouble(Drill::diameterMm))
                .toList();
    }

    public String more() {
        return more;
    }

    /** Nobody asks for letter E who can say a quarter. */
    private static boolean isFractionToo(Drill drill) {
        return drill.series() == Drill.Series.LETTER
                && DrillTable.all().stream()
                        .anyMatch(other -> other.series() == Drill.Series.FRACTION
                                && Math.abs(other.diameterMm() - drill.diameterMm()) < EXACT);
    }

    private boolean has(Drill drill) {
        boolean metric = drill.series() == Drill.Series.METRIC;
        return switch (this) {
            case METRIC_TENTHS -> metric && tenth(drill.diameterMm());
            case METRIC_HALVES ->
                metric && multiple(drill.diameterMm(), 0.5) && drill.diameterMm() <= LARGEST_METRIC_MM;
            case FRACTIONS -> drill.series() == Drill.Series.FRACTION && drill.diameterMm() <= LARGEST_INCH_MM + EXACT;
            case INDEX -> !metric && drill.diameterMm() <= LARGEST_INCH_MM + EXACT;
            case ALL -> metric ? tenth(drill.diameterMm()) : drill.diameterMm() <= LARGEST_INCH_MM + EXACT;
        };
    }

    private static boolean tenth(double mm) {
        return mm <= LARGEST_TENTH_MM ? multiple(mm, 0.1) && mm >= 1 : multiple(mm, 0.5) && mm <= LARGEST_METRIC_MM;
    }

    private static boolean multiple(double mm, double step) {
        return Math.abs(mm / step - Math.rint(mm / step)) < EXACT;
    }

    /** Its drills, the thinnest first. */
    public List<Drill> drills() {
        return drills;
    }

    /** The thickest one no thicker than this; empty when all are thicker. */
    public Optional<Drill> atMost(double mm) {
        return drills.reversed().stream()
                .filter(d -> d.diameterMm() <= mm + EXACT)
                .findFirst();
    }

    /** The thinnest one thicker than this; empty when none is. */
    public Optional<Drill> above(double mm) {
        return drills.stream().filter(d -> d.diameterMm() > mm + EXACT).findFirst();
    }

    /** The nearest one; of two as near the thinner, since a hole comes out larger than its drill. */
    public Drill nearest(double mm) {
        return drills.stream()
                .min(Comparator.comparingDouble((Drill d) -> Math.abs(d.diameterMm() - mm))
                        .thenComparingDouble(Drill::diameterMm))
                .orElseThrow();
    }

    /** The drill of this size; empty when the shop has none such. */
    public Optional<Drill> ofSize(double mm) {
        // A size that was told in the other units comes back rounded.
        return Optional.of(nearest(mm)).filter(d -> Math.abs(d.diameterMm() - mm) < ROUNDED_MM);
    }
}
