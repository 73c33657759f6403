package boldwedge.core.mechanics.hole;

/** How far a tooth rest, or the wheel, is set off centre for a clearance. Millimetres and radians. */
public final class ToothRest {
    private ToothRest() {}

    /** With a cup wheel, whose face is flat: the rest below the centre, (d/2) · sin α. */
    public static double belowForCup(double toolMm, double clearanceRad) {
        return toolMm / 2 * Math.sin(clearanceRad);
    }

    /** With the periphery of a wheel: the wheel's centre above the tool's, (D/2) · sin α. */
    public static double wheelAbove(double wheelMm, double clearanceRad) {
        return wheelMm / 2 * Math.sin(clearanceRad);
    }

    /** Lead of a helix, mm per turn: π · d / tan(helix); infinite for straight flutes. */
    public static double leadMm(double toolMm, double helixRad) {
        return helixRad == 0 ? Double.POSITIVE_INFINITY : Math.PI * toolMm / Math.tan(helixRad);
    }
}
