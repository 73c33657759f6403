package boldwedge.core.mechanics.wedge;

/**
 * How far a bit that turns and faces in one setting may be swung. Its corner ε is what the two clearances leave of a right angle: with κ the side edge's
 * angle to the turning feed, facing clears by κ − 90° and turning by 180° − κ − ε, and swinging the bit takes from one what it gives the other. Radians.
 *
 * @param facingRad what the side edge clears the face by, as it stands
 * @param turningRad what the end edge clears the turned surface by, as it stands
 * @param swungRad how far it is swung now, positive towards the chuck
 */
public record SwingRange(double facingRad, double turningRad, double swungRad) {
    /** Each clears by so much or more (custom of the trade). */
    public static final double LEAST_RAD = Math.toRadians(2);

    /** The corner in plan, ε. */
    public double cornerRad() {
        return Math.PI / 2 - facingRad - turningRad;
    }

    /** Swung by less, it rubs on the face. */
    public double fromRad() {
        return swungRad - facingRad + LEAST_RAD;
    }

    /** Swung by more, it rubs on the turned surface. */
    public double toRad() {
        return swungRad + turningRad - LEAST_RAD;
    }

    /** Swung so, both clear alike. */
    public double bestRad() {
        return swungRad + (turningRad - facingRad) / 2;
    }

    /** Whether no swing clears both. */
    public boolean isEmpty() {
        return fromRad() > toRad() + 1e-9;
    }

    /** So much has to be ground off one edge, where no swing clears both; below 0 where there is a range. */
    public double lacksRad() {
        return fromRad() - toRad();
    }

    /** The lesser of the two clearances as it stands. */
    public double leastRad() {
        return Math.min(facingRad, turningRad);
    }
}
