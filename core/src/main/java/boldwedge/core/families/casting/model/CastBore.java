package boldwedge.core.families.casting.model;

import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.holder.PressFit;
import boldwedge.core.mechanics.holder.PressFit.Elastic;

/**
 * A casting worked out: where its axis lies, what every side keeps, the first pass, and what its shims and its bush do.
 *
 * @param job as asked
 */
public record CastBore(CastJob job) {
    /** What is left on a side for the finishing pass, at the least, mm (habit). */
    public static final double FINISH_MM = 0.3;

    /** What may be left of the raw hole's run-out before the finishing pass, mm (habit). */
    public static final double ROUND_MM = 0.01;

    /** Share of the cutting force that pushes square to the bore's wall, of a tool with some lead (ours). */
    private static final double SQUARE = 0.5;

    /** Where the casting's tension and the bush's pressure are held to: a third of what grey iron of class 250 tears at (EN 1561). */
    private static final double IRON_MPA = 83;

    private static final double STEEL_MPA = 235;
    private static final double SOFT_MPA = 100;

    /** Depth of the skin in such a casting, mm: habits, rough. */
    public static Span habit(WorkMaterial work) {
        return work.group().equals("K") ? new Span(0.5, 1.0, 1.5) : new Span(0.3, 0.6, 1.0);
    }

    /** Depth of the skin, as typed or by habit. */
    public double skinMm() {
        return job.skinMm().orElse(habit(job.work()).chosen());
    }

    /** By how much the axis is moved aside. */
    public double asideMm() {
        return job.across().shiftMm(job.freeMm());
    }

    /** And up. */
    public double upMm() {
        return job.up().shiftMm(job.freeMm());
    }

    /** How far the raw hole reaches from the axis, at its farthest. */
    public double farthestMm() {
        return Math.max(job.across().farthestMm(asideMm()), job.up().farthestMm(upMm()));
    }

    /** And at its nearest. */
    public double nearestMm() {
        return Math.min(job.across().nearestMm(asideMm()), job.up().nearestMm(upMm()));
    }

    /** What the leanest side keeps, (Df − D)/2 − e. */
    public double leastMm() {
        return job.finishedMm() / 2 - farthestMm();
    }

    /** What it would keep with the axis moved as far as helps. */
    public double leastAtBestMm() {
        return job.finishedMm() / 2
                - Math.max(
                        job.across().farthestMm(job.across().evenMm()),
                        job.up().farthestMm(job.up().evenMm()));
    }

    /** How far the axis would have to be free for that. */
    public double freeForBestMm() {
        return Math.max(Math.abs(job.across().evenMm()), Math.abs(job.up().evenMm()));
    }

    /** How far the raw hole runs out about the axis, on a side. */
    public double runOutMm() {
        return farthestMm() - nearestMm();
    }

    /** The first pass: under the skin all round, a diameter. */
    public double firstMm() {
        return 2 * (farthestMm() + skinMm());
    }

    /** Its depth where the hole is nearest. */
    public double firstDepthMm() {
        return skinMm() + runOutMm();
    }

    /** What it leaves on a side. */
    public double restMm() {
        return (job.finishedMm() - firstMm()) / 2;
    }

    /** The bore for which the leanest side keeps the skin and the finishing pass. */
    public double cleanMm() {
        return firstMm() + 2 * FINISH_MM;
    }

    /** Push square to the wall for each millimetre of depth, N/mm: s kc1.1 f^(1 − mc). */
    public double pushPerMm() {
        return SQUARE
                * job.work().kc11MPa()
                * Math.pow(job.feedMm(), 1 - job.work().mc());
    }

    /** Stiffness of the cut against that of what holds it, D c. */
    public double copies() {
        return pushPerMm() * job.giveMmPerN();
    }

    /** Out of round that is left after so many passes, each copying D c/(1 + D c) of it. */
    public double copiedMm(int passes) {
        return runOutMm() * Math.pow(copies() / (1 + copies()), passes);
    }

    /** Passes until less than {@link #ROUND_MM} is left. */
    public int roundAfter() {
        int passes = 1;
        while (copiedMm(passes) > ROUND_MM && passes < 9) {
            passes++;
        }
        return passes;
    }

    /** The bore along the screws once shims are out: D − Δs; across it stays. */
    public double alongMm() {
        return job.finishedMm() - job.outMm();
    }

    /** The bush in the bore. */
    public PressFit press() {
        return new PressFit(
                job.finishedMm(),
                job.outsideMm(),
                job.insideMm(),
                job.overMm(),
                elastic(job.work()),
                elastic(job.bush()));
    }

    private static Elastic elastic(WorkMaterial material) {
        double poisson = material.group().equals("K") ? 0.26 : material.group().equals("N") ? 0.34 : 0.3;
        return new Elastic(material.modulusMPa(), poisson);
    }

    /** What the casting bears around the bush, MPa. */
    public double castingBearsMPa() {
        return bears(job.work());
    }

    /** What the bush bears around its bore, MPa. */
    public double bushBearsMPa() {
        // Grey iron bears three times as much in compression.
        return job.bush().group().equals("K") ? 3 * IRON_MPA : bears(job.bush());
    }

    private static double bears(WorkMaterial material) {
        return material.group().equals("K") ? IRON_MPA : material.group().equals("N") ? SOFT_MPA : STEEL_MPA;
    }
}
