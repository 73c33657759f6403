package boldwedge.core.rule;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.stock.CuttingFluid;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.language.stock.WorkMaterial;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;

/** What is put on a cut, why, and what can hurt with it. */
public final class FluidRule {
    private static final String MIST =
            "Oil that smokes is too hot: less speed or more oil. Draw smoke and mist off, do not breathe them; oily rags into a closed"
                    + " metal bin. The maker’s data sheet says what else.";

    private static final String FIRE =
            "Paraffin burns: no flame, no sparks and no glowing chips near it, an extinguisher for burning liquids at hand, the room aired.";

    private static final String DUST =
            "Draw iron dust off or brush it up; never blow it. Cover the ways, and wipe them before they are oiled again.";

    private static final String TITANIUM =
            "Fine chips of titanium burn, and water feeds that fire: keep the edge sharp, clear the chips often, dry sand or a class D extinguisher at hand.";

    private static final String MAGNESIUM =
            "Chips of magnesium catch fire when they are fine and hot: sharp edge, feed that never rubs, no dwelling, chips taken away often in a"
                    + " closed metal bin, apart from other swarf. Dry sand or a class D extinguisher at hand; water or foam makes it worse.";

    private FluidRule() {}

    /**
     * The rule of a family.
     *
     * @param manner how it cuts
     * @param material of a cut's work
     * @param carbide whether a cut's edge is carbide
     */
    public static <C> Rule<C> of(Manner manner, Function<C, WorkMaterial> material, Predicate<C> carbide) {
        return Rule.telling(Station.CUT, (cut, say) -> {
            CuttingFluid fluid = CuttingFluid.of(material.apply(cut), manner);
            Finding.Builder finding = Finding.at(Station.CUT, "fluid", say)
                    .says(Verdict.TOLD, "%s.", fluid.says())
                    .note(fluid.why())
                    .source("TC 9-524, Fundamentals of machine tools, and what small shops keep (habit)");
            boolean wet = fluid.kind().isWet();
            if (wet && carbide.test(cut)) {
                finding.note("On carbide flood it or leave it dry: drops on a hot edge crack it.");
            }
            switch (fluid.kind()) {
                case OIL -> finding.caution(MIST);
                case PARAFFIN -> finding.caution(FIRE);
                case DRY_IRON -> finding.caution(DUST);
                case TITANIUM -> finding.caution(TITANIUM).caution(MIST);
                case MAGNESIUM -> finding.caution(MAGNESIUM);
                case DRY, WATER -> {}
            }
            return List.of(finding.build());
        });
    }

    /** The rule of a family whose edges are no carbide. */
    public static <C> Rule<C> of(Manner manner, Function<C, WorkMaterial> material) {
        return of(manner, material, any -> false);
    }
}
