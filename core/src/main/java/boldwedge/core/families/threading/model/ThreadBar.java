package boldwedge.core.families.threading.model;

import boldwedge.core.mechanics.rigidity.Bar;
import boldwedge.core.mechanics.rigidity.BarSection;
import boldwedge.core.mechanics.thread.BarInHole;

/**
 * The bar that holds the tool of an inside thread: how thick it may be, how far its point stands out, and how it gives.
 *
 * @param cut the thread
 */
public record ThreadBar(ThreadCut cut) {
    private static final double ROOM_SHARE = 0.015;
    private static final double LEAST_ROOM_MM = 0.15;
    private static final double MOST_ROOM_MM = 0.5;
    private static final double POINT_SPARE_MM = 0.05;
    /** Of the hole: more leaves chips and oil no way out. */
    private static final double BAR_SHARE = 0.85;

    /** The bar as a beam. */
    public Bar beam() {
        return Bar.uniform(BarSection.plain(
                        barOutMm(),
                        cut.bar().orElseThrow().barMm(),
                        0,
                        cut.job().reach().barMaterial()))
                .clamped(cut.job().lathe().postOrAssumed(), Double.POSITIVE_INFINITY);
    }

    /** Clamp to point, mm. */
    public double barOutMm() {
        return cut.job()
                .reach()
                .outMm()
                .orElse(cut.job().lengthMm()
                        + cut.grooveMm()
                        + Math.max(6, 2 * cut.job().size().pitchMm()));
    }

    /** Room wanted about the bar, mm. */
    public double clearMm() {
        return Math.clamp(ROOM_SHARE * cut.blankMm(), LEAST_ROOM_MM, MOST_ROOM_MM);
    }

    /** The bar that was typed, or the thickest that passes. */
    BarInHole chosen() {
        double clear = clearMm();
        double below = cut.job().reach().belowMm();
        double thickest = thickestBarMm();
        double bar = cut.job()
                .reach()
                .barMm()
                .orElse(Math.max(1, Math.floor(Math.min(thickest, BAR_SHARE * cut.blankMm()) * 10) / 10));
        double point = cut.job().reach().pointMm().orElse(pointForMm(bar));
        return new BarInHole(bar, point, below, clear);
    }

    /** The thickest bar that passes with its point set out for it, mm; 0 where none does. */
    public double thickestBarMm() {
        return Math.max(
                0,
                BarInHole.thickest(
                        cut.blankMm() / 2,
                        cut.depthMm() + POINT_SPARE_MM,
                        clearMm(),
                        cut.job().reach().belowMm()));
    }

    /** Least reach of the point from the axis of a bar, with a hair to spare, mm. */
    public double pointForMm(double barMm) {
        return BarInHole.leastPoint(
                        barMm,
                        cut.blankMm() / 2,
                        cut.depthMm(),
                        clearMm(),
                        cut.job().reach().belowMm())
                + POINT_SPARE_MM;
    }
}
