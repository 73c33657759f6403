package boldwedge.core.language.stock;

import boldwedge.core.language.words.Worded;
import java.util.Comparator;
import java.util.List;

/**
 * What an edge is made of, and up to which hardness of the work it stands: without a doubt, and at all, HB. Ours, after the handbooks' tables of speeds: those for
 * high-speed steel end near 45 HRC, and advise cobalt or carbide from about 37 HRC on; what is tempered at 200 °C is soft again at the heat that hard work makes.
 */
public enum EdgeHardness implements Worded {
    TOOL_STEEL(300, 350),
    HIGH_SPEED(345, 430),
    COBALT(400, 475),
    CARBIDE(600, 700);

    private final double soundHb;
    private final double mostHb;

    EdgeHardness(double soundHb, double mostHb) {
        this.soundHb = soundHb;
        this.mostHb = mostHb;
    }

    /** What an edge of this material is. */
    public static EdgeHardness of(ToolMaterial tool) {
        return tool.family() == ToolMaterial.Family.CARBIDE
                ? CARBIDE
                : tool.id().equals("cobalt") ? COBALT : HIGH_SPEED;
    }

    /** The softest of a bit and the harder ones of its size that stands in the work without a doubt; the hardest where none does. */
    public static Blank softestThatStands(Blank bit, List<Blank> harder, WorkMaterial work) {
        StockCatalogue stock = StockCatalogue.shipped();
        if (harder.isEmpty() || of(stock.toolMaterial(bit)).standsIn(work)) {
            return bit;
        }
        return harder.stream()
                .filter(other -> of(stock.toolMaterial(other)).standsIn(work))
                .findFirst()
                .orElse(harder.stream()
                        .max(Comparator.comparingDouble(other -> of(stock.toolMaterial(other)).soundHb))
                        .orElse(bit));
    }

    /** The hardest work that it cuts without a doubt, HB. */
    public double soundHb() {
        return soundHb;
    }

    /** Whether it stands in work of this hardness without a doubt. */
    public boolean standsIn(WorkMaterial work) {
        return work.brinell() <= soundHb;
    }

    /** Whether it cuts work of this hardness at all. */
    public boolean cuts(WorkMaterial work) {
        return work.brinell() <= mostHb;
    }
}
