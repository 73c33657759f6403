package boldwedge.core.virtual;

import boldwedge.core.language.stock.WorkMaterial;

/**
 * What an edge presses square to the surface that it leaves: over slices of the nose's arc and of the straight edge behind it, the thickness
 * of each taken along the ray between the arcs of two turns. What is pressed over what is cut falls with rake and with the thickness of the chip (Klocke,
 * Fertigungsverfahren 1; both rates are ours within what is published), and the edge ploughs whatever the chip.
 *
 * @param material figures of what is cut: kc1.1, mc, friction
 * @param noseMm nose radius as it really is
 * @param leadingRad angle between the straight edge and the feed, κr
 * @param rakeRad rake as it really is
 * @param ploughNPerMm of engaged edge
 * @param forceFactor how much harder the piece is than the tables' figure
 */
record Push(
        WorkMaterial material,
        double noseMm,
        double leadingRad,
        double rakeRad,
        double ploughNPerMm,
        double forceFactor) {
    private static final int SLICES = 40;
    private static final double CUT_PER_DEGREE = 0.015;
    private static final double PRESS_PER_DEGREE = 0.03;
    private static final double THINNING = 0.12;
    private static final double REFERENCE_THICKNESS_MM = 0.05;
    private static final double LEAST_THICKNESS_MM = 5e-4;

    /** Push at a depth and a feed, N. */
    double newton(double depthMm, double feedMm) {
        if (depthMm <= 0) {
            return 0;
        }
        double sum = 0;
        double steepest = Math.min(leadingRad, Math.PI / 2);
        double onArc = depthMm >= noseMm * (1 - Math.cos(steepest)) ? steepest : Math.acos(1 - depthMm / noseMm);
        double behind = -Math.asin(Math.min(1, feedMm / 2 / noseMm));
        double part = (onArc - behind) / SLICES;
        for (int i = 0; i < SLICES; i++) {
            double at = behind + (i + 0.5) * part;
            double across = noseMm * noseMm - feedMm * feedMm * Math.cos(at) * Math.cos(at);
            double thickness = noseMm + feedMm * Math.sin(at) - Math.sqrt(Math.max(0, across));
            sum += slice(thickness, noseMm * part) * Math.cos(at);
        }
        double above = depthMm - noseMm * (1 - Math.cos(steepest));
        if (above > 0) {
            sum += slice(feedMm * Math.sin(steepest), above / Math.sin(steepest)) * Math.cos(leadingRad);
        }
        return sum;
    }

    private double slice(double thicknessMm, double edgeMm) {
        double h = Math.max(thicknessMm, LEAST_THICKNESS_MM);
        double overReference = Math.toDegrees(rakeRad - material.referenceRakeRad());
        double cut = forceFactor
                * material.kc11MPa()
                * Math.clamp(1 - CUT_PER_DEGREE * overReference, 0.5, 1.6)
                * Math.pow(h, 1 - material.mc())
                * edgeMm;
        double ratio = Math.tan(material.frictionRad().chosen() - material.referenceRakeRad())
                * Math.exp(-PRESS_PER_DEGREE * overReference)
                * Math.pow(h / REFERENCE_THICKNESS_MM, -THINNING);
        return cut * ratio + forceFactor * ploughNPerMm * edgeMm;
    }
}
