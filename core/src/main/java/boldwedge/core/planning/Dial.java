package boldwedge.core.planning;

import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.ScrewCutting;
import java.util.OptionalDouble;

/**
 * A slide's dial as it stands on this lathe: ways are said in its own turns and divisions, whatever system the question was asked in.
 *
 * @param turnMm what one turn reads, mm, where the card tells it
 * @param divisionMm smallest division, mm
 * @param inch whether it is cut in inches
 * @param doubled whether it reads what comes off the diameter
 */
public record Dial(OptionalDouble turnMm, double divisionMm, boolean inch, boolean doubled) {
    private static final double THOU = 0.0254;
    private static final double FIFTIETH = 0.02;

    /** The compound's dial. */
    public static Dial compound(ScrewCutting card) {
        return of(card, card.compoundTurnMm(), false);
    }

    /** The cross slide's. */
    public static Dial cross(ScrewCutting card) {
        return of(card, card.crossTurnMm(), card.crossReadsDiameter());
    }

    private static Dial of(ScrewCutting card, OptionalDouble turn, boolean doubled) {
        double like = turn.orElse(card.divisionMm().orElse(card.inchScrew() ? THOU : FIFTIETH));
        double thou = like / THOU;
        boolean inch = Math.abs(thou - Math.rint(2 * thou) / 2) < 1e-6;
        return new Dial(turn, card.divisionMm().orElse(inch ? THOU : FIFTIETH), inch, doubled);
    }

    /** What it reads for a way of the slide, mm. */
    public double reads(double wayMm) {
        return doubled ? 2 * wayMm : wayMm;
    }

    /** The way in words: "2 turns and 0.34 mm, 17 divisions". */
    public String says(double wayMm) {
        double reading = reads(wayMm);
        double whole = 0;
        String turns = "";
        if (turnMm.isPresent() && reading >= turnMm.getAsDouble() - 1e-9) {
            whole = Math.floor(reading / turnMm.getAsDouble() + 1e-9);
            turns = Written.places(whole, 0) + (whole == 1 ? " turn and " : " turns and ");
        }
        double rest = reading - whole * turnMm.orElse(0);
        double divisions = Math.rint(2 * rest / divisionMm) / 2;
        return turns + length(rest) + " (" + Written.places(divisions, 1) + " div)";
    }

    /** A length in its own units. */
    public String length(double mm) {
        return inch ? Written.places(mm / THOU, 1) + " thou" : Written.places(mm, 2) + " mm";
    }
}
