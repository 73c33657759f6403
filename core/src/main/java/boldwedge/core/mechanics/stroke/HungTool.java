package boldwedge.core.mechanics.stroke;

/**
 * A tool that hangs from a ram and is bent back by its stroke. Its shank is a cantilever; a point that stands ahead of the shank's axis is swung down into the
 * work as the shank leans back, one behind it (a gooseneck) is swung out.
 *
 * @param alongN force along the stroke, N
 * @param growthNPerMm growth of that force with the depth that is taken, N/mm
 * @param outMm from its clamp to its point, mm
 * @param aheadMm the point ahead of the shank's axis, along the stroke, mm; below 0 behind it
 * @param bendingNmm2 EI of the shank, N·mm²
 */
public record HungTool(double alongN, double growthNPerMm, double outMm, double aheadMm, double bendingNmm2) {
    /** How far the shank's end leans back for a newton along the stroke, radians/N: l² / 2EI. */
    public double leanRadPerN() {
        return outMm * outMm / (2 * bendingNmm2);
    }

    /** How far the point is swung into the work, mm: a · F · l² / 2EI; below 0 it is swung out. */
    public double digsMm() {
        return aheadMm * alongN * leanRadPerN();
    }

    /**
     * What of each bit of depth comes back as more depth: a · l² / 2EI · dF/dh. At 1 and over it runs away: the deeper it goes, the deeper it is swung. Below 0 it
     * steadies itself.
     */
    public double gain() {
        return aheadMm * leanRadPerN() * growthNPerMm;
    }
}
