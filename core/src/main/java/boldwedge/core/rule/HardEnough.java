package boldwedge.core.rule;

import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.language.drawing.InputField;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.EdgeHardness;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import java.util.Optional;
import java.util.function.Consumer;

/** Whether an edge is hard enough for what it cuts. Told only where that is a question. */
public final class HardEnough {
    private HardEnough() {}

    /**
     * Judges a bit in its work, and offers harder ones of its size.
     *
     * @param field where the bit is picked
     */
    public static Optional<Finding> of(Blank bit, WorkMaterial work, InputField field, UnitFormat say) {
        StockCatalogue stock = StockCatalogue.shipped();
        return of(
                EdgeHardness.of(stock.toolMaterial(bit)),
                work,
                say,
                finding -> stock.harderBlanks(bit).stream()
                        .filter(harder ->
                                EdgeHardness.of(stock.toolMaterial(harder)).cuts(work))
                        .forEach(harder -> finding.mend("Take a " + harder.name(), field, harder.id())));
    }

    /**
     * Judges an edge in its work.
     *
     * @param harder offers what is harder
     */
    public static Optional<Finding> of(
            EdgeHardness edge, WorkMaterial work, UnitFormat say, Consumer<Finding.Builder> harder) {
        double hb = work.brinell();
        if (edge.standsIn(work)) {
            return Optional.empty();
        }
        boolean fails = !edge.cuts(work);
        Finding.Builder finding = Finding.at(Station.EDGE, "hard-enough", say)
                .says(
                        fails ? Verdict.WRONG : Verdict.DOUBTFUL,
                        edge.words()
                                + (fails
                                        ? " is too soft for it: the work has %s, and the edge goes at the first touch."
                                        : " does not stand long in it: the work has %s."),
                        work.hardness())
                .margin(edge.soundHb() / hb - 1)
                .step(Working.of("What the edge stands over what the work has", "s / h", number(edge.soundHb() / hb))
                        .with(
                                "s",
                                "this edge without a doubt, HB",
                                number(edge.soundHb()).assumed())
                        .with("h", "the work, HB", number(hb).fromTable()))
                .note("Slow, with feed enough to get under the skin, and plenty of cutting oil.")
                .source(
                        "Hardness by the material’s row, HRC turned into HB by ASTM E140; limits after the handbooks’ speed tables, ours");
        harder.accept(finding);
        if (!EdgeHardness.COBALT.cuts(work)) {
            finding.does("Cut it soft, leave enough for the grinder, harden it then; what is hard already is ground");
            finding.note(
                    "Edges of cubic boron nitride are made for work as hard as this; they are not in the program.");
        }
        return Optional.of(finding.build());
    }
}
