package boldwedge.core.mechanics.cutting;

import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.WorkMaterial;
import java.util.OptionalDouble;

/** How wide an edge may be that is fed square into the work before post and slide rock: regenerative chatter of one mode (Tlusty; {@code Stability}). */
public final class PlungeChatter {
    /** Damping ratio of a post on its slides, an assumption (machine tools: 2 to 10 %, Weck, Machine Tools vol. 4). */
    private static final Span DAMPING = new Span(0.03, 0.05, 0.08);
    /** Frequency at which a post rocks on its slides, Hz: ours (lathes of shops ring at 100 to 300 Hz there; a tap tells). */
    private static final double POST_HZ = 200;

    /** Tapped at rest a post shows its damping to within this part of it: under a cut its slides are pressed together otherwise. */
    private static final double TAPPED_WITHIN = 0.15;

    /** Over so many times what is quiet for sure nothing is counted on that damps, however slow it turns (ours). */
    public static final double FEW = 5;

    private PlungeChatter() {}

    /** Damping of the post on its slides: as it was tapped, or assumed. */
    public static Span damping(Lathe lathe) {
        OptionalDouble tapped = lathe.slide().rocksDamping();
        return tapped.isEmpty()
                ? DAMPING
                : new Span(
                        (1 - TAPPED_WITHIN) * tapped.getAsDouble(),
                        tapped.getAsDouble(),
                        (1 + TAPPED_WITHIN) * tapped.getAsDouble());
    }

    /** Frequency at which the post rocks on its slides, Hz: as it was tapped, or assumed. */
    public static double rocksHz(Lathe lathe) {
        return lathe.slide().rocksHz().orElse(POST_HZ);
    }

    /**
     * Width at which the directional stiffness of the plunge reaches the limit, mm, at the least, the usual and the best damping; infinite where
     * none does.
     *
     * @param lathe whose post rocks
     * @param work what is cut
     * @param reliefRad clearance of the flank in use
     * @param give of post, tool and work, mm/N
     * @param surfaceSpeed where the flank damps, m/min
     * @param perMm growth of the push by width, N/mm²
     */
    public static Span quietMm(
            Lathe lathe, WorkMaterial work, double reliefRad, double give, double surfaceSpeed, double perMm) {
        Span damping = damping(lathe);
        Span flank = FlankDamping.of(work, reliefRad).times(60.0 / 1000 / surfaceSpeed);
        double hz = rocksHz(lathe);
        return new Span(
                quietMm(1 / give, hz, damping.low(), flank.low(), perMm),
                quietMm(1 / give, hz, damping.chosen(), flank.chosen(), perMm),
                quietMm(1 / give, hz, damping.high(), flank.high(), perMm));
    }

    /**
     * The smallest width w of edge with w D = 2 k ζ (1 + ζ), where the flank adds a w to the damping ratio, a = c ω / 2k; infinite when it damps
     * any width.
     *
     * @param k of the mode, N/mm
     * @param hz of the mode
     * @param damping ζ without the flank
     * @param flank c, the flank's damper by width, N·s/mm²
     * @param perMm D, growth of the push by width, N/mm²
     */
    public static double quietMm(double k, double hz, double damping, double flank, double perMm) {
        if (perMm <= 0) {
            return Double.POSITIVE_INFINITY;
        }
        double a = flank * 2 * Math.PI * hz / (2 * k);
        double square = 2 * k * a * a;
        double linear = 2 * k * a * (1 + 2 * damping) - perMm;
        double constant = 2 * k * damping * (1 + damping);
        double under = linear * linear - 4 * square * constant;
        // Of the two roots the smaller, in the form that loses no figures.
        return linear >= 0 || under < 0 ? Double.POSITIVE_INFINITY : 2 * constant / (-linear + Math.sqrt(under));
    }
}
