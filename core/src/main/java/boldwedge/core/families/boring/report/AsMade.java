package boldwedge.core.families.boring.report;

import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import java.util.List;
import java.util.OptionalDouble;

/** Judges what was made of a bar against what was drawn. */
record AsMade(BoreCut cut, UnitFormat say) {
    private static final double AS_DRAWN_MM = 0.0005;

    /**
     * Whether a deviation matters, in words; nothing while it is not made.
     *
     * @param effect what follows from it
     */
    List<String> judge(double drawn, OptionalDouble made, String what, String effect) {
        if (made.isEmpty()) {
            return List.of();
        }
        double off = made.getAsDouble() - drawn;
        if (Math.abs(off) < AS_DRAWN_MM) {
            return List.of("As drawn.");
        }
        boolean worse = cut.push().remainingMm() > cut.job().allowedErrorMm();
        String head =
                Written.words("The %s came out %s %s.", what, say.length(Math.abs(off)), off > 0 ? "over" : "under");
        String verdict = what.equals("length")
                ? " Lengths further on are reckoned from it."
                : " " + (worse ? "It matters: clamp it shorter, or take spring passes. " : "It does not matter. ")
                        + effect;
        return List.of(head + verdict);
    }

    /** What the bar as it now is does to the hole. */
    String giveWords() {
        return "The hole comes out " + say.length(cut.push().largestMm()) + " small at the first pass; "
                + say.length(cut.job().allowedErrorMm()) + " is allowed.";
    }
}
