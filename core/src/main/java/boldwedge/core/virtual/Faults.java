package boldwedge.core.virtual;

import java.util.random.RandomGenerator;

/**
 * What nobody is told of a lathe, a tool and a piece.
 *
 * @param give how much more the springs of the machine give than its card or its size lets expect, as a factor on all of them
 * @param turning the same of the chuck's turning out of the axis, besides
 * @param headSlope how far the spindle's axis runs away from the tool, mm per mm from the chuck
 * @param tailMm how far the tailstock's centre stands away from the tool
 * @param force how much harder the piece is than the tables' figure
 * @param nose how much larger the nose is than meant
 * @param edge how much more the edge ploughs than a well-stoned one
 * @param dialMm how much larger all diameters come out than dialled
 * @param wearMm how far the edge has gone back by the end of a pass, on the radius
 * @param warmK how much warmer than the room the piece is when it is measured
 * @param gaugeMm spread of a reading
 * @param settingMm spread of a setting of the dial, on the diameter
 */
public record Faults(
        double give,
        double turning,
        double headSlope,
        double tailMm,
        double force,
        double nose,
        double edge,
        double dialMm,
        double wearMm,
        double warmK,
        double gaugeMm,
        double settingMm) {

    /** Nothing is amiss, and everything is read to the micrometre. */
    public static final Faults NONE = new Faults(1, 1, 0, 0, 1, 1, 1, 0, 0, 0, 0, 0);

    /** What kinds there are, by what is done against them. */
    public enum Kind {
        /** Tool, work and machine spring: also that which was to be expected. */
        SPRING,
        ALIGNMENT,
        SETTING,
        WEAR,
        WARMTH
    }

    /** Faults as they are met: most of them small, and in every other shop one that is not. */
    public static Faults drawn(RandomGenerator random) {
        boolean oneIsBad = random.nextBoolean();
        int bad = oneIsBad ? random.nextInt(6) : -1;
        return new Faults(
                logNormal(random, 0.25),
                logNormal(random, bad == 0 ? 1.2 : 0.6),
                random.nextGaussian() * (bad == 1 ? 3.5e-4 : 5e-5),
                random.nextGaussian() * (bad == 2 ? 0.06 : 0.01),
                random.nextDouble(0.8, 1.3),
                logNormal(random, 0.15),
                bad == 3 ? random.nextDouble(2, 4) : logNormal(random, 0.3),
                random.nextGaussian() * (bad == 4 ? 0.05 : 0.006),
                bad == 5 ? random.nextDouble(0.003, 0.012) : random.nextDouble(0, 0.001),
                random.nextInt(4) == 0 ? random.nextDouble(5, 25) : 0,
                0.0015,
                0.004);
    }

    private static double logNormal(RandomGenerator random, double spread) {
        return Math.exp(spread * random.nextGaussian());
    }

    /** The same shop another time: only how warm the piece is differs. */
    public Faults nextPiece(RandomGenerator random) {
        return new Faults(
                give,
                turning,
                headSlope,
                tailMm,
                force,
                nose,
                edge,
                dialMm,
                wearMm,
                random.nextInt(4) == 0 ? random.nextDouble(5, 25) : 0,
                gaugeMm,
                settingMm);
    }

    /** The same without one kind of fault; without spring nothing pushes. */
    public Faults without(Kind kind) {
        return new Faults(
                give,
                turning,
                kind == Kind.ALIGNMENT ? 0 : headSlope,
                kind == Kind.ALIGNMENT ? 0 : tailMm,
                kind == Kind.SPRING ? 0 : force,
                nose,
                edge,
                kind == Kind.SETTING ? 0 : dialMm,
                kind == Kind.WEAR ? 0 : wearMm,
                kind == Kind.WARMTH ? 0 : warmK,
                gaugeMm,
                settingMm);
    }

    /** The same read and set without any spread. */
    public Faults exact() {
        return new Faults(give, turning, headSlope, tailMm, force, nose, edge, dialMm, wearMm, warmK, 0, 0);
    }
}
