package boldwedge.core.mechanics.thread;

import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * The end of a threading tool and how deep it goes for it to cut the right width at the pitch diameter. Lengths in mm on the radius.
 *
 * @param form the thread's form
 * @param pitchMm pitch
 * @param flatMm flat at the tip; 0 where it is round or sharp
 * @param radiusMm radius at the tip; 0 where it is flat or sharp
 */
public record TipShape(ThreadForm form, double pitchMm, double flatMm, double radiusMm) {
    /**
     * How far below the sharp point of the flanks the tip really ends, mm: w / (2 · tan(ε/2)) of a flat, r · (1/sin(ε/2) − 1) of a radius.
     */
    public double shortOfSharpMm() {
        double half = form.halfRad();
        return flatMm / (2 * Math.tan(half)) + radiusMm * (1 / Math.sin(half) - 1);
    }

    /**
     * Depth from the crest of an outside thread (its basic major diameter) to the tip when the groove is right at the pitch diameter:
     * half the difference of major and pitch diameter, P / (4 · tan(ε/2)) on to the sharp point, less what the tip is short of it. For 60°
     * this is (7P/8 − w) / (2 · tan(ε/2)).
     */
    public double depthMm() {
        return form.pitchBelowMm(pitchMm) / 2 + pitchMm / (4 * Math.tan(form.halfRad())) - shortOfSharpMm();
    }

    /** The same of an inside thread, from its minor diameter outward. */
    public double insideDepthMm() {
        return (form.minorBelowMm(pitchMm) - form.pitchBelowMm(pitchMm)) / 2
                + pitchMm / (4 * Math.tan(form.halfRad()))
                - shortOfSharpMm();
    }

    /** Width of the groove at a height above the tip, mm: where the flanks are straight. */
    public double widthMm(double aboveTipMm) {
        return 2 * (aboveTipMm + shortOfSharpMm()) * Math.tan(form.halfRad());
    }

    /** Area of the groove with the tip at a depth, mm²: a circle's segment until the flanks begin, then the triangle to the sharp point less what the tip leaves of it. */
    public double areaMm2(double depthMm) {
        double half = form.halfRad();
        double tan = Math.tan(half);
        if (radiusMm > 0 && depthMm < radiusMm * (1 - Math.sin(half))) {
            double open = Math.acos(Math.clamp(1 - depthMm / radiusMm, -1, 1));
            return radiusMm * radiusMm * (open - Math.sin(open) * Math.cos(open));
        }
        double whole = depthMm + shortOfSharpMm();
        double rest =
                radiusMm > 0 ? radiusMm * radiusMm * (1 / tan - (Math.PI / 2 - half)) : flatMm * flatMm / (4 * tan);
        return whole * whole * tan - rest;
    }

    /** The depth at which the groove has an area, mm: solved, up to a depth that is deep enough. */
    public double depthForMm(double areaMm2, double deepestMm) {
        return areaMm2 >= areaMm2(deepestMm)
                ? deepestMm
                : areaMm2 <= 0
                        ? 0
                        : new BracketingNthOrderBrentSolver(1e-12, 1e-12, 5)
                                .solve(200, depth -> areaMm2(depth) - areaMm2, 0, deepestMm);
    }
}
