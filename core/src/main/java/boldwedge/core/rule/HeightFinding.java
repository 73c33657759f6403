package boldwedge.core.rule;

import boldwedge.core.language.drawing.InputField;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.holder.ShimStack;
import java.util.List;

/** How to bring a point to the spindle's axis: with the shop's own shims, or by a skim. The same for every tool. */
public final class HeightFinding {
    /** Nearer than this nobody sets a tool, mm. */
    private static final double SET_MM = 0.005;
    /** Nearer than this shims need not come: the rest is not felt at the edge, mm. */
    private static final double NEAR_MM = 0.05;
    /** Packing higher than this is a block of its own, mm. */
    private static final double TALLEST_PACKING_MM = 12;

    private HeightFinding() {}

    /**
     * The cure of a height error.
     *
     * @param heightMm point above (+) or below (−) the axis as measured, mm
     * @param field the field in which it is typed
     */
    public static List<Finding> cure(double heightMm, Lathe lathe, UnitFormat say, InputField field) {
        double off = Math.abs(heightMm);
        if (off < SET_MM) {
            return List.of();
        }
        Finding.Builder finding = Finding.at(Station.REACH, "height-cure", say)
                .says(
                        Verdict.TOLD,
                        heightMm > 0
                                ? Written.words(
                                        "The point is %s high: take as much from under it, or skim the holder's seat by %s.%s",
                                        say.length(off), say.length(off), shims(off, lathe, say))
                                : Written.words(
                                        "The point is %s low: raise it by as much.%s",
                                        say.length(off), shims(off, lathe, say)))
                .step(Working.of("A pip left by facing has the error for its radius", "2 · |h|", Amount.mm(2 * off))
                        .with("h", "off the axis", Amount.mm(off)))
                .source("Geometry: the point passes the axis at its height error")
                .caution("Skim a holder only on a machine set up for it; measure the seat, not the paint.")
                .mend("It is set: on centre now", field, "0");
        if (!lathe.shimsMm().isEmpty()) {
            ShimStack stack = ShimStack.of(off, lathe.shimsMm());
            finding.note("The best three or fewer of your " + lathe.shimsMm().size() + " shims: " + words(stack, say)
                    + ", " + say.length(stack.sumMm()) + " in all, " + say.signed(-stack.leftMm()) + " off.");
        }
        return List.of(finding.build());
    }

    /**
     * How to raise a tool by a height, in words: the shop's own shims where three of them do it, else what a machinist makes
     * instead of a wobbling pile; empty when no shims are on the machine's card and packing of one piece does it.
     */
    public static String shims(double wantedMm, Lathe lathe, UnitFormat say) {
        if (wantedMm < SET_MM) {
            return "";
        }
        if (wantedMm > TALLEST_PACKING_MM) {
            return " That is no packing job: mill a riser of it, or use a holder whose height is set by a screw.";
        }
        if (lathe.shimsMm().isEmpty()) {
            return "";
        }
        ShimStack stack = ShimStack.of(wantedMm, lathe.shimsMm());
        if (stack.shims().isEmpty()) {
            return " Your thinnest shim is thicker than that.";
        }
        if (Math.abs(stack.leftMm()) > NEAR_MM) {
            return " No three of your shims make that: mill a piece of it, and shim the rest.";
        }
        String left = Math.abs(stack.leftMm()) < 0.0015
                ? ""
                : ", which leaves " + say.length(Math.abs(stack.leftMm()))
                        + (stack.leftMm() > 0 ? " to go" : " too much");
        return " Of your shims: " + words(stack, say) + left + ".";
    }

    private static String words(ShimStack stack, UnitFormat say) {
        return String.join(" + ", stack.shims().stream().map(say::length).toList());
    }
}
