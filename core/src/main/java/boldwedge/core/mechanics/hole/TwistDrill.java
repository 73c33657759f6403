package boldwedge.core.mechanics.hole;

import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.WorkMaterial;

/**
 * A twist drill as a wedge that turns: two lips, each cutting half the feed.
 *
 * @param diameterMm diameter, mm
 * @param pointRad whole angle of the point σ, radians
 */
public record TwistDrill(double diameterMm, double pointRad) {
    /** The usual point. */
    public static final double USUAL_POINT = Math.toRadians(118);

    /** What thrusts, of the force along the cut, at the lips (Klocke, Fertigungsverfahren 1, drilling). */
    public static final double THRUST_SHARE = 0.5;

    /** The chisel edge, which presses rather than cuts, adds about as much again where no pilot hole takes it (same source). */
    public static final double CHISEL_SHARE = 0.8;

    /** Thickness of the web at the point over the diameter (ISO 235 jobber drills, about). */
    public static final double WEB_SHARE = 0.16;

    /** Feed by hand in share of the diameter, per turn: what a hand at a tailstock gives. */
    public static final double HAND_FEED_SHARE = 0.01;

    private static final double SHORT_FLUTES = 9;
    private static final double FLUTES_GROW = 0.75;

    /** Share of the diameter that a hole of five diameters is off at its end. */
    public static final double WANDER_SHARE = 0.003;

    /** A drill with the usual point. */
    public static TwistDrill usual(double diameterMm) {
        return new TwistDrill(diameterMm, USUAL_POINT);
    }

    /** Length of the point, mm: d / (2 tan(σ/2)). */
    public double pointMm() {
        return diameterMm / (2 * Math.tan(pointRad / 2));
    }

    /** Thickness of the chip, mm: f/2 · sin(σ/2). */
    public double chipMm(double feedMm) {
        return feedMm / 2 * Math.sin(pointRad / 2);
    }

    /**
     * Specific cutting force at this feed, MPa: Kienzle's law at the chip's thickness.
     *
     * @param feedMm feed, mm per turn
     */
    public double specificMPa(WorkMaterial work, double feedMm) {
        return work.kc11MPa() * Math.pow(chipMm(feedMm), -work.mc());
    }

    /**
     * Torque, N·m: kc · f · (d² − d0²) / 8.
     *
     * @param pilotMm hole that is there already, mm; 0 for none
     */
    public double torqueNm(WorkMaterial work, double feedMm, double pilotMm) {
        return specificMPa(work, feedMm) * feedMm * (diameterMm * diameterMm - pilotMm * pilotMm) / 8 / 1000;
    }

    /**
     * Thrust of the lips, N: what thrusts of kc · (f/2) · (d − d0)/2 of each of two lips, across the axis by sin(σ/2).
     *
     * @param pilotMm hole that is there already, mm; 0 for none
     */
    public double lipThrustN(WorkMaterial work, double feedMm, double pilotMm) {
        return THRUST_SHARE * specificMPa(work, feedMm) * feedMm * (diameterMm - pilotMm) / 2 * Math.sin(pointRad / 2);
    }

    /** The whole thrust, N: the lips', and the chisel edge's where no pilot hole has taken its way. */
    public double thrustN(WorkMaterial work, double feedMm, double pilotMm) {
        double lips = lipThrustN(work, feedMm, pilotMm);
        return pilotMm >= webMm() ? lips : lips * (1 + CHISEL_SHARE);
    }

    /** Thickness of its web at the point, mm: a pilot hole of this size takes the chisel edge's work. */
    public double webMm() {
        return WEB_SHARE * diameterMm;
    }

    /**
     * How far a hole that is started straight by a drill ground alike on both lips may run off its axis at its end, mm: with the square of the depth, as a
     * bent rod does. Ours, from what shops see: at five diameters within three thousandths of the diameter, three times less to three times more.
     */
    public Span wanderMm(double depthMm) {
        double usual = WANDER_SHARE * diameterMm * Math.pow(depthMm / (5 * diameterMm), 2);
        return new Span(usual / 3, usual, usual * 3);
    }

    /** Length of the flutes of a jobber drill, mm: 9 d at 5 mm, and less for thicker ones (ISO 235, smoothed to whole millimetres; ± 10 %). */
    public double jobberFlutesMm() {
        return Math.rint(SHORT_FLUTES * 5 * Math.pow(diameterMm / 5, FLUTES_GROW));
    }
}
