package boldwedge.core.families.threading.model;

import java.util.ArrayList;
import java.util.List;
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
    /** So many spring passes are looked at. */
    public static final int MOST = 12;

    private static final double EXACT_MM = 1e-7;

    /** Nothing known yet. */
    static final SprungPasses NONE = new SprungPasses(List.of(0.0), List.of(0.0));

    static SprungPasses of(ThreadCut cut) {
        List<Double> far = apart(cut, cut.giveMmPerN());
        return new SprungPasses(far, cut.job().inside() ? far : apart(cut, cut.giveAtChuckMmPerN()));
    }

    private static List<Double> apart(ThreadCut cut, double giveMmPerN) {
        List<Double> left = new ArrayList<>();
        double at = 0;
        int last = cut.depthsMm().size() - 1;
        for (int pass = 0; pass <= last + MOST; pass++) {
            double set = cut.depthsMm().get(Math.min(pass, last));
            at = rest(cut, giveMmPerN, at, set);
            if (pass >= last) {
                left.add(2 * (set - at));
            }
        }
        return List.copyOf(left);
    }

    /** The depth at which a pass comes to rest, mm: from where the one before did, and no deeper than it is set. */
    private static double rest(ThreadCut cut, double giveMmPerN, double beforeMm, double setMm) {
        double taken = cut.tip().areaMm2(beforeMm);
        // With nothing taken the edge presses alike.
        if (setMm - beforeMm <= EXACT_MM || setMm - beforeMm <= giveMmPerN * cut.pushN(beforeMm, 0)) {
            return beforeMm;
        }
        return new BracketingNthOrderBrentSolver(EXACT_MM, 5)
                .solve(
                        100,
                        depth -> depth + giveMmPerN * cut.pushN(depth, cut.tip().areaMm2(depth) - taken) - setMm,
                        beforeMm,
                        setMm);
    }
}
