package boldwedge.core.rule;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Lathe;

/** What helps where even the slowest speed of a machine is too fast for the edge: no speed of it can be offered. */
public final class SlowestSpeed {
    /** A slower speed helps where it is slower by more than this (ours: what a remedy is to gain at the least). */
    private static final double SAME = 1.15;

    private static final double NONE_SLOWER = 1.001;

    private SlowestSpeed() {}

    /**
     * Adds what helps; nothing where the machine turns slower.
     *
     * @param finding the finding of the speed, which is too fast
     * @param lathe the machine
     * @param rpm the speed
     */
    static void help(Finding.Builder finding, Lathe lathe, double rpm) {
        if (isIt(lathe, rpm)) {
            finding.does("Another machine: " + turnsNoSlower(lathe, rpm));
        }
    }

    /** Whether no speed of the machine is slower by what matters. */
    public static boolean isIt(Lathe lathe, double rpm) {
        return rpm <= SAME * lathe.speeds().slowest();
    }

    /** Whether the machine turns no slower at all. */
    public static boolean noneSlower(Lathe lathe, double rpm) {
        return rpm <= NONE_SLOWER * lathe.speeds().slowest();
    }

    /** Says so: "Long Bed turns no slower". */
    public static String turnsNoSlower(Lathe lathe, double rpm) {
        return lathe.name() + (noneSlower(lathe, rpm) ? " turns no slower" : " turns hardly slower");
    }

    /**
     * The same where the edge's material is known: carbide bears more.
     *
     * @param metres surface speed, m/min
     * @param work what is cut
     * @param tool what the edge is of
     * @param say says
     */
    static void help(
            Finding.Builder finding,
            Lathe lathe,
            double rpm,
            double metres,
            WorkMaterial work,
            ToolMaterial tool,
            UnitFormat say) {
        if (isIt(lathe, rpm) && tool.family() != ToolMaterial.Family.CARBIDE) {
            StockCatalogue.shipped()
                    .toolMaterial("carbide")
                    .map(carbide -> work.surfaceSpeed(carbide).high())
                    .filter(most -> most >= metres)
                    .ifPresent(most -> finding.does("An edge of carbide: it bears " + say.surfaceSpeed(most)));
        }
        help(finding, lathe, rpm);
    }
}
