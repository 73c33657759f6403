package boldwedge.core.family;

import static boldwedge.core.language.measure.Amount.hertz;
import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.language.finding.Step;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.trial.Ring;
import java.util.ArrayList;
import java.util.List;

/** What a tap is told by, whatever was tapped: its frequency and its damping, found by two ways. */
public final class RingLines {
    private RingLines() {}

    /** How frequency and damping came about. */
    public static List<Step> working(Ring ring, UnitFormat say) {
        List<Step> working = new ArrayList<>(List.of(
                Working.of(
                                "Frequency: phase of the ring turned down to rest, then least squares",
                                "f",
                                hertz(ring.hz()))
                        .with(
                                "f",
                                Written.places(ring.seconds() * 1000, 0) + " ms used, "
                                        + Written.places(ring.decibels(), 0) + " dB over the noise",
                                hertz(ring.hz()).measured())
                        .told(say),
                Working.of("Damping by the dying amplitude", "ζ = δ / √(4 · π² + δ²)", number(ring.byDecrement()))
                        .with(
                                "δ",
                                "ln of one swing over the next",
                                number(ring.decrement()).measured())
                        .told(say)));
        // A record that is too short shows no width.
        ring.byHalfPower()
                .ifPresent(zeta -> working.add(
                        Working.of("Damping by the width of the peak at half power", "Δ / (2 · f)", number(zeta))
                                .with("Δ", hertz(2 * zeta * ring.hz()).measured())
                                .with("f", hertz(ring.hz()).measured())
                                .told(say)));
        return working;
    }

    /** Both in a sentence. */
    public static String sentence(Ring ring) {
        return Written.words(
                "It rings at %s Hz and is damped by %s %%.",
                Written.places(ring.hz(), 0), Written.places(ring.byDecrement() * 100, 2));
    }

    /** Frequency as it is typed. */
    public static String frequency(Ring ring) {
        return Written.places(ring.hz(), 1) + " Hz";
    }

    /** Damping as it is typed. */
    public static String damping(Ring ring) {
        return Written.places(ring.byDecrement(), 4);
    }
}
