package boldwedge.core.mechanics.rigidity;

/**
 * Regenerative chatter of one mode: the edge cuts the wave that it left a turn ago. With y the displacement that thins the
 * cut, the force in that direction is D · (y(t−T) − y(t)), D the directional cutting stiffness in N/mm: the change of the
 * push with the depth set. The mode is stiffness k, damping ratio ζ and frequency ωn. Sign convention: y positive away from
 * the work; D positive for a force that grows with the depth. Process damping is more of the mode's own: {@link #damped}
 * (Tlusty 1963; Altintas, Manufacturing Automation, ch. 4; written for one mode).
 *
 * @param hz natural frequency, Hz
 * @param stiffnessNPerMm modal stiffness at the edge in the direction of the push, N/mm
 * @param damping damping ratio ζ
 */
public record Stability(double hz, double stiffnessNPerMm, double damping) {
    /**
     * The mode with a damper on it that works as its own does: a force −c ẏ adds c ω / 2k to the damping ratio.
     *
     * @param newtonSecondPerMm c, N·s/mm
     */
    public Stability damped(double newtonSecondPerMm) {
        return new Stability(
                hz, stiffnessNPerMm, damping + newtonSecondPerMm * 2 * Math.PI * hz / (2 * stiffnessNPerMm));
    }

    /** Directional stiffness below which no speed chatters: 2kζ(1+ζ), N/mm. */
    public double absoluteLimit() {
        return 2 * stiffnessNPerMm * damping * (1 + damping);
    }

    /**
     * Directional stiffness at which the cut just chatters at a spindle speed, N/mm: the lowest over all numbers of waves a
     * turn. On the limit, at chatter frequency r·ωn with r &gt; 1, ωT/2 = jπ + π − atan((r² − 1)/2ζr) and
     * D = k(r² − 1 ) / (1 − cos ωT).
     */
    public double limitAt(double rpm) {
        double perTurn = hz * 60 / rpm;
        return limitAtRatio(worstRatio(perTurn), perTurn);
    }

    /**
     * The lobe that counts at a speed.
     *
     * @param ratio chatter frequency over the mode's
     * @param perTurn waves of the mode a turn
     */
    public record Lobe(double ratio, double perTurn) {}

    /** The lobe on which chatter starts first at a speed. */
    public Lobe lobeAt(double rpm) {
        double perTurn = hz * 60 / rpm;
        return new Lobe(worstRatio(perTurn), perTurn);
    }

    /** Frequency of the chatter that starts first at this speed, Hz. */
    public double chatterHz(double rpm) {
        return worstRatio(hz * 60 / rpm) * hz;
    }

    /**
     * The frequency ratio of the lobe that lies lowest at a speed. The limit is least at r = √(1 + 2ζ) and rises to both
     * sides, so it is one of the two lobes next to that; lobes exist for j ≥ hz·60/n − 1 only.
     */
    private double worstRatio(double perTurn) {
        double best = Math.sqrt(1 + 2 * damping);
        double phase = Math.atan((best * best - 1) / (2 * damping * best)) / Math.PI;
        int first = Math.max((int) Math.floor(perTurn), (int) Math.floor(best * perTurn - 1 + phase));
        double below = ratioOnLobe(first, perTurn, phase);
        double above = ratioOnLobe(first + 1, perTurn, phase);
        return limitAtRatio(below, perTurn) <= limitAtRatio(above, perTurn) ? below : above;
    }

    private double limitAtRatio(double r, double perTurn) {
        double turn = 2 * Math.PI * r * perTurn;
        double spread = 1 - Math.cos(turn);
        return r <= 1 || spread < 1e-12 ? Double.POSITIVE_INFINITY : stiffnessNPerMm * (r * r - 1) / spread;
    }

    /**
     * The r at which j whole waves and the phase of the limit fill one turn: the root of πrp − π(j + 1) + atan((r² − 1)/2ζr),
     * which rises in r and lies between (j + ½)/p and (j + 1)/p; Newton's steps, held in that bracket.
     *
     * @param phase the arc's share of π where the limit is least; near it on the lobes beside, and so where the steps begin
     */
    private double ratioOnLobe(int j, double perTurn, double phase) {
        double low = Math.max(1 + 1e-12, (j + 0.5) / perTurn);
        double high = Math.max(low, (j + 1.0) / perTurn);
        double r = Math.clamp((j + 1 - phase) / perTurn, low, high);
        for (int i = 0; i < 40 && high - low > 1e-12; i++) {
            double g = (r * r - 1) / (2 * damping * r);
            double f = Math.PI * r * perTurn - Math.PI * (j + 1) + Math.atan(g);
            if (f < 0) {
                low = r;
            } else {
                high = r;
            }
            double slope = Math.PI * perTurn + (r * r + 1) / (2 * damping * r * r) / (1 + g * g);
            double next = r - f / slope;
            if (Math.abs(next - r) < 1e-11) {
                return next;
            }
            r = next > low && next < high ? next : (low + high) / 2;
        }
        return r;
    }
}
