package boldwedge.core.families.threading.model;

import boldwedge.core.mechanics.thread.FlankCut;

/**
 * The edge of a threading tool as it is ground, and the flanks that it then cuts.
 *
 * @param cut the thread that it cuts
 */
public record ThreadEdge(ThreadCut cut) {
    /** Helix at the root, radians: where the flank of the tool leans most. */
    public double helixRad() {
        return cut.job().size().helixRad(cut.job().inside() ? cut.blankMm() : 2 * cut.tipAtMm());
    }

    /** Clearance to grind on the leading flank, radians: what is wanted in use and the helix. */
    public double leadingRad() {
        return cut.job().edge().leadingRad().orElse(cut.job().edge().clearanceRad() + helixRad());
    }

    /** Clearance to grind on the trailing flank, radians. */
    public double trailingRad() {
        return cut.job().edge().trailingRad().orElse(cut.job().edge().clearanceRad() - helixRad());
    }

    /** Angle ground in the face, radians. */
    public double groundRad() {
        double half = cut.job().size().form().angleRad();
        return cut.job()
                .edge()
                .angleRad()
                .orElse(
                        cut.job().edge().tool().insert()
                                ? half
                                : FlankCut.groundFor(half, cut.job().edge().rakeRad()));
    }

    /** The flanks as they are cut. */
    public FlankCut flanks() {
        return new FlankCut(
                groundRad(),
                cut.job().edge().rakeRad(),
                cut.job().edge().heightMm(),
                cut.job().edge().yawRad());
    }

    /** Angle that is cut, radians. */
    public double cutAngleRad() {
        return flanks().cutRad(cut.tipAtMm(), cut.depthMm(), cut.job().inside());
    }

    /** Each half angle's error, radians: leading and trailing flank. */
    public double[] halfErrors() {
        return halfErrors(flanks());
    }

    private double[] halfErrors(FlankCut flanks) {
        double half = (flanks.cutRad(cut.tipAtMm(), cut.depthMm(), cut.job().inside())
                        - cut.job().size().form().angleRad())
                / 2;
        return new double[] {half + flanks.yawRad(), half - flanks.yawRad()};
    }

    /** What these errors add to the pitch diameter as a mate feels it, mm. */
    public double feltMm() {
        return feltMm(flanks());
    }

    /** The same of a tool that stands otherwise. */
    public double feltMm(FlankCut flanks) {
        double[] errors = halfErrors(flanks);
        return FlankCut.pitchDiameterErrorMm(cut.job().size().pitchMm(), errors[0], errors[1]);
    }
}
