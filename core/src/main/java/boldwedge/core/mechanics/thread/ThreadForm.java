package boldwedge.core.mechanics.thread;

/**
 * The shape of a thread's groove, as shares of its pitch. Diameters are those of the basic profile; what an outside and an inside
 * thread leave free of each other at root and crest is {@link #clearanceMm}.
 */
public enum ThreadForm {
    /** 60°, crest P/8, root P/4: ISO 68-1 and ASME B1.1. */
    SIXTY(60, 0.125, 0.649519052838329, 1.082531754730548, 1.226869322027954),
    /** 55°, rounded: BS 84. Depth 0.640327 P, radius 0.137329 P. */
    WHITWORTH(55, 0, 0.640327, 1.280654, 1.280654),
    /** 47.5°, rounded: BS 93. Depth 0.6 P, radius 0.180834 P. */
    BRITISH_ASSOCIATION(47.5, 0, 0.6, 1.2, 1.2),
    /** 30°, flat: ISO 2901. */
    TRAPEZOIDAL(30, 0.366025403784439, 0.5, 1, 1),
    /** 29°, flat: ASME B1.5. */
    ACME(29, 0.370656, 0.5, 1, 1);

    private static final double SIXTY_ABOVE = 0.072168783648703 * 2;
    private static final double WHITWORTH_RADIUS = 0.137329;
    private static final double BA_RADIUS = 0.180834;
    private static final double SIXTY_RADIUS = 0.144337567297406;

    private final double angleRad;
    private final double crestShare;
    private final double pitchBelow;
    private final double minorBelow;
    private final double rootBelow;

    ThreadForm(double degrees, double crestShare, double pitchBelow, double minorBelow, double rootBelow) {
        this.angleRad = Math.toRadians(degrees);
        this.crestShare = crestShare;
        this.pitchBelow = pitchBelow;
        this.minorBelow = minorBelow;
        this.rootBelow = rootBelow;
    }

    /** Angle between the flanks, radians. */
    public double angleRad() {
        return angleRad;
    }

    /** Half of it. */
    public double halfRad() {
        return angleRad / 2;
    }

    /** Flat of the crest as a share of the pitch, 0 where it is round. */
    public double crestShare() {
        return crestShare;
    }

    /** How far the pitch diameter lies below the major one, mm. */
    public double pitchBelowMm(double pitchMm) {
        return pitchBelow * pitchMm;
    }

    /** How far the minor diameter of an inside thread lies below the major one, mm. */
    public double minorBelowMm(double pitchMm) {
        return minorBelow * pitchMm;
    }

    /** How far the root of an outside thread lies below its major diameter, mm on the diameter. */
    public double rootBelowMm(double pitchMm) {
        return rootBelow * pitchMm + 2 * clearanceMm(pitchMm);
    }

    /** How far the root of an inside thread lies above its major diameter, mm on the diameter. */
    public double rootAboveMm(double pitchMm) {
        return this == SIXTY ? SIXTY_ABOVE * pitchMm : 2 * clearanceMm(pitchMm);
    }

    /** Radius of the root as the standard rounds it, mm: 0 where it is flat. */
    public double rootRadiusMm(double pitchMm) {
        return switch (this) {
            case SIXTY -> SIXTY_RADIUS * pitchMm;
            case WHITWORTH -> WHITWORTH_RADIUS * pitchMm;
            case BRITISH_ASSOCIATION -> BA_RADIUS * pitchMm;
            case TRAPEZOIDAL, ACME -> 0;
        };
    }

    /** Room between crest and root of the mating thread, mm on the radius: of threads that guide (ISO 2901; ASME B1.5). */
    public double clearanceMm(double pitchMm) {
        return switch (this) {
            case SIXTY, WHITWORTH, BRITISH_ASSOCIATION -> 0;
            case TRAPEZOIDAL -> pitchMm < 2 ? 0.15 : pitchMm < 6 ? 0.25 : pitchMm < 14 ? 0.5 : 1;
            case ACME -> pitchMm > 2.54 - 1e-9 ? 0.254 : 0.127;
        };
    }
}
