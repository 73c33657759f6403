package boldwedge.core.trial;

import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.measure.UnitFormat;

/**
 * A key against its keyway: where the width was read and is within its limits, a key that does not fit is off itself, and no tooth is ground for it.
 *
 * @param read whether the width was read
 * @param narrowMm the narrowest place, mm
 * @param wideMm the widest place, mm
 * @param leastMm the least that is allowed, mm
 * @param mostMm the most, mm
 */
public record KeyFit(boolean read, double narrowMm, double wideMm, double leastMm, double mostMm) {
    /** Whether the keyway is too wide: read so, or its key is loose in it and nothing was read. */
    public boolean isWide(boolean loose) {
        return wideMm > mostMm || (loose && !read);
    }

    /** Whether it is too narrow: read so, or its key is tight in it and nothing was read. */
    public boolean isNarrow(boolean tight) {
        return narrowMm < leastMm || (tight && !read);
    }

    /** Names the key itself where it does not fit a keyway that is as it should be. */
    public void name(Causes found, boolean loose, boolean tight, UnitFormat say) {
        if (loose && !isWide(true)) {
            found.name("key-thin", "The key is thin", 0.8)
                    .says("The keyway measures %s, no more than it may.", say.length(wideMm))
                    .then(
                            Fix.atTheMachine("Measure the key; take another, or make one to the keyway"),
                            "The keyway stays as it is.");
        }
        if (tight && !isNarrow(true)) {
            found.name("key-thick", "Burrs at its mouth, or the key is thick", 0.8)
                    .says("The keyway measures %s, no less than it may.", say.length(narrowMm))
                    .then(
                            Fix.atTheMachine(
                                    "Take the burrs off both and measure the key; ease the key, not the keyway"),
                            "The keyway stays as it is.");
        }
    }
}
