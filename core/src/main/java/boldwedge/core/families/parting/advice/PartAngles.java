package boldwedge.core.families.parting.advice;

import boldwedge.core.language.finding.Alternative;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Blade;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.advice.AngleAdvice;
import boldwedge.core.mechanics.advice.AngleAdvice.Advised;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.wedge.Operation;
import java.util.List;

/**
 * Angles for a parting tip: a keen top draws the blade in, so it takes about half the rake of turning.
 *
 * @param rake top rake
 * @param relief front clearance
 * @param side clearance of each side at the edge, beyond the blade's own taper
 */
public record PartAngles(Advised rake, Advised relief, Advised side) {
    private static final double DEG = Math.PI / 180;
    private static final String PRACTICE =
            "US Army TC 9-524, ch. 7 (parting tools: front 5 to 10°, sides 1 to 3°); the choice is ours, by the reason given";
    private static final double SHARE_OF_TURNING = 0.5;

    public static PartAngles advice(WorkMaterial work, Blade blade, Lathe lathe) {
        AngleAdvice turning = AngleAdvice.on(
                work,
                blade.asBlank(),
                new AngleAdvice.Circumstances(Operation.TURN, 3.2, 1, 1, lathe.motorWatt(), UnitSystem.METRIC));
        Span side = turning.sideRake().span();
        double rake = blade.section() == Blade.Section.INSERT
                ? 8 * DEG
                : half(Math.clamp(SHARE_OF_TURNING * side.chosen(), 0, 15 * DEG));
        return new PartAngles(
                new Advised(
                        new Span(Math.min(0, rake), rake, Math.max(rake, side.chosen())),
                        blade.section() == Blade.Section.INSERT
                                ? "The insert's own chip groove."
                                : "About half of what turning takes: a keen top draws a thin blade in and down.",
                        turning.sideRake().source(),
                        List.of(
                                new Alternative(
                                        "Flat top, no rake",
                                        "The blade cannot be drawn in, and regrinding is quick",
                                        rake < 1 * DEG),
                                new Alternative(
                                        "Some rake",
                                        "Less force on a thin blade: each degree takes about 1.5 % off",
                                        rake >= 1 * DEG))),
                new Advised(
                        new Span(5 * DEG, 7 * DEG, 10 * DEG),
                        "Enough for the feed near the axis; more weakens the edge where it is loaded most.",
                        PRACTICE,
                        List.of()),
                new Advised(
                        new Span(0.5 * DEG, blade.section() == Blade.Section.PARALLEL ? 1.5 * DEG : 1 * DEG, 3 * DEG),
                        "So that the sides do not rub in a deep cut; more makes the tip narrower at each regrind.",
                        PRACTICE,
                        List.of()));
    }

    private static double half(double rad) {
        return Math.rint(rad / DEG * 2) / 2 * DEG;
    }
}
