package boldwedge.core.families.threading.model;

import boldwedge.core.mechanics.thread.TipShape;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleBinaryOperator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * How far work and tool stand apart after each pass, on the pitch diameter. A pass set to a depth d comes to rest at d − x, where the give g
 * and the push F of what is really taken agree: x = g · F(d − x), a fixed point. What a pass leaves the next one takes as well; a spring pass is
 * set no deeper than the one before. In the end the edge's own press is left, which cuts nothing: no number of passes takes g · F(0) away.
 *
 * @param farMm at the end that gives most, after the last cutting pass and after each of the spring passes, mm
 * @param nearMm the same at the chuck
 */
public record SprungPasses(List<Double> farMm, List<Double> nearMm) {
    /** So many spring passes are looked at where none were typed: one more than are ever chosen. */
    private static final int USUAL = 5;

    private static final double EXACT_MM = 1e-6;

    /** Nothing known yet. */
    static final SprungPasses NONE = new SprungPasses(List.of(0.0), List.of(0.0));

    static SprungPasses of(ThreadCut cut) {
        int springs =
                Math.max(USUAL, (int) Math.ceil(cut.job().cutting().spring().orElse(0)));
        List<Double> far = apart(cut, cut.giveMmPerN(), springs);
        return new SprungPasses(far, cut.job().inside() ? far : apart(cut, cut.giveAtChuckMmPerN(), springs));
    }

    private static List<Double> apart(ThreadCut cut, double giveMmPerN, int springs) {
        DoubleBinaryOperator push = cut.push();
        List<Double> left = new ArrayList<>();
        double at = 0;
        int last = cut.depthsMm().size() - 1;
        for (int pass = 0; pass <= last + springs; pass++) {
            double set = cut.depthsMm().get(Math.min(pass, last));
            at = rest(cut.tip(), push, giveMmPerN, at, set);
            if (pass >= last) {
                left.add(2 * (set - at));
            }
        }
        return List.copyOf(left);
    }

    /** The depth at which a pass comes to rest, mm: from where the one before did, and no deeper than it is set. */
    private static double rest(
            TipShape tip, DoubleBinaryOperator push, double giveMmPerN, double beforeMm, double setMm) {
        // With nothing taken the edge presses alike.
        if (setMm - beforeMm <= EXACT_MM || setMm - beforeMm <= giveMmPerN * push.applyAsDouble(beforeMm, 0)) {
            return beforeMm;
        }
        double taken = tip.areaMm2(beforeMm);
        return new BracketingNthOrderBrentSolver(EXACT_MM, 5)
                .solve(
                        100,
                        depth -> depth + giveMmPerN * push.applyAsDouble(depth, tip.areaMm2(depth) - taken) - setMm,
                        beforeMm,
                        setMm);
    }
}
