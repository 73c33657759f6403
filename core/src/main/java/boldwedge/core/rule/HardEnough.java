package boldwedge.core.rule;

import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.language.drawing.InputField;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.language.words.Worded;
import java.util.Optional;
import java.util.function.Consumer;

/** Whether an edge is hard enough for what it cuts. Told only where that is a question. */
public final class HardEnough {
    /**
     * What an edge is made of, and up to which hardness of the work it stands: without a doubt, and at all, HB. Ours, after the handbooks' tables of speeds: those for
     * high-speed steel end near 45 HRC, and advise cobalt or carbide from about 37 HRC on; what is tempered at 200 °C is soft again at the heat that hard work makes.
     */
    public enum Edge implements Worded {
        TOOL_STEEL(300, 350),
        HIGH_SPEED(345, 430),
        COBALT(400, 475),
        CARBIDE(600, 700);

        private final double soundHb;
        private final double mostHb;

        Edge(double soundHb, double mostHb) {
            this.soundHb = soundHb;
            this.mostHb = mostHb;
        }

        /** What an edge of this material is. */
        public static Edge of(ToolMaterial tool) {
            return tool.family() == ToolMaterial.Family.CARBIDE
                    ? CARBIDE
                    : tool.id().equals("cobalt") ? COBALT : HIGH_SPEED;
        }

        /** Whether it stands in work of this hardness without a doubt. */
        public boolean standsIn(WorkMaterial work) {
            return work.brinell() <= soundHb;
        }
    }

    private HardEnough() {}

    /**
     * Judges a bit in its work, and offers harder ones of its size.
     *
     * @param field where the bit is picked
     */
    public static Optional<Finding> of(Blank bit, WorkMaterial work, InputField field, UnitFormat say) {
        StockCatalogue stock = StockCatalogue.shipped();
        return of(
                Edge.of(stock.toolMaterial(bit)),
                work,
                say,
                finding -> stock.harderBlanks(bit)
                        .forEach(harder -> finding.mend("Take a " + harder.name(), field, harder.id())));
    }

    /**
     * Judges an edge in its work.
     *
     * @param harder offers what is harder
     */
    public static Optional<Finding> of(Edge edge, WorkMaterial work, UnitFormat say, Consumer<Finding.Builder> harder) {
        double hb = work.brinell();
        if (edge.standsIn(work)) {
            return Optional.empty();
        }
        boolean fails = hb > edge.mostHb;
        Finding.Builder finding = Finding.at(Station.EDGE, "hard-enough", say)
                .says(
                        fails ? Verdict.WRONG : Verdict.DOUBTFUL,
                        edge.words()
                                + (fails
                                        ? " is too soft for it: the work has %s, and the edge goes at the first touch."
                                        : " does not stand long in it: the work has %s."),
                        work.hardness())
                .margin(edge.soundHb / hb - 1)
                .step(Working.of("What the edge stands over what the work has", "s / h", number(edge.soundHb / hb))
                        .with(
                                "s",
                                "this edge without a doubt, HB",
                                number(edge.soundHb).assumed())
                        .with("h", "the work, HB", number(hb).fromTable()))
                .note("Slow, with feed enough to get under the skin, and plenty of cutting oil.")
                .source(
                        "Hardness by the material’s row, HRC turned into HB by ASTM E140; limits after the handbooks’ speed tables, ours");
        harder.accept(finding);
        return Optional.of(finding.build());
    }
}
