package boldwedge.core.families.boring.model;

import java.util.OptionalDouble;

/**
 * What is drawn of a bar and what has been made of it so far, mm. What is made counts from then on; what is drawn stays for
 * judging it.
 *
 * @param drawnBarMm shank as drawn
 * @param drawnNeckMm nose as drawn
 * @param drawnLengthMm whole length as drawn
 * @param blendMm radius between shank and nose
 * @param rodMarginMm how far short of the cross-hole's far wall the hole along the bar stops
 * @param set bars made at once from one length
 * @param barMm shank as made
 * @param neckMm nose as made
 * @param lengthMm length as made
 * @param crossMm cross-hole from the end, as made
 */
public record Making(
        double drawnBarMm,
        double drawnNeckMm,
        double drawnLengthMm,
        double blendMm,
        double rodMarginMm,
        int set,
        OptionalDouble barMm,
        OptionalDouble neckMm,
        OptionalDouble lengthMm,
        OptionalDouble crossMm) {}
