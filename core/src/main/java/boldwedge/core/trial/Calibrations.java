package boldwedge.core.trial;

import java.util.List;

/**
 * All that trials have taught of what a question is about.
 *
 * @param all what has been tried, what counts most first
 */
public record Calibrations(List<Calibration> all) {
    /** Nothing was tried. */
    public static final Calibrations NONE = new Calibrations(List.of());

    /** One thing that was taught. */
    public static Calibrations of(Calibration taught) {
        return taught.trials() == 0 ? NONE : new Calibrations(List.of(taught));
    }

    /** What was taught of sizes, the spring or the force: what counts most. */
    public Calibration ofSize() {
        return all.stream()
                .filter(taught -> taught.of() == Calibration.Of.SPRING || taught.of() == Calibration.Of.FORCE)
                .findFirst()
                .orElse(Calibration.NOTHING);
    }

    /** What is known of one thing. */
    public Calibration of(Calibration.Of what) {
        return all.stream().filter(taught -> taught.of() == what).findFirst().orElse(Calibration.NOTHING);
    }
}
