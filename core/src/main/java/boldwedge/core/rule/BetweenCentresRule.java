package boldwedge.core.rule;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.rigidity.Hold;
import java.util.List;
import java.util.function.Function;

/** How work stands between centres: dog, slot, packing, the centre that must give as it warms. */
public final class BetweenCentresRule {
    /** A long cut warms work so much, K (ours; a hand calls it warm). */
    private static final double WARMS_K = 20;

    private BetweenCentresRule() {}

    /**
     * The rule of a family.
     *
     * @param hold how a cut's work is held
     * @param material of a cut's work
     * @param lengthMm between its centres, mm
     */
    public static <C> Rule<C> of(
            Function<C, Hold> hold, Function<C, WorkMaterial> material, Function<C, Double> lengthMm) {
        return Rule.telling(Station.REACH, (cut, say) -> {
            if (hold.apply(cut) != Hold.BETWEEN_CENTRES) {
                return List.of();
            }
            double length = lengthMm.apply(cut);
            double grows = material.apply(cut).expansionPerK() * WARMS_K * length;
            return List.of(Finding.at(Station.REACH, "between-centres", say)
                    .says(
                            Verdict.TOLD,
                            "Between centres: the dog in the same slot every time; %s warmer the work is %s longer, so ease the centre.",
                            Math.round(WARMS_K) + " °C",
                            say.length(grows))
                    .note(
                            "Mark slot and dog: turned end for end or put back otherwise, it runs as true as the driving plate, no truer.")
                    .note(
                            "Copper or leather under the dog’s screw; its tail free of the bottom of the slot, or it lifts the work off its centre.")
                    .note(
                            "A dead centre is greased, and eased when the work can no longer be turned by hand with a light drag.")
                    .step(Working.of("Longer", "α · ΔT · L", Amount.mm(grows))
                            .with(
                                    "α",
                                    "expansion",
                                    Amount.number(material.apply(cut).expansionPerK()))
                            .with("ΔT", "warmer", Amount.number(WARMS_K).assumed())
                            .with("L", "between centres", Amount.mm(length)))
                    .source("Linear expansion; the rest is custom of the trade")
                    .caution(
                            "The dog’s tail and screw go round: sleeves up, guard over them, nothing laid on the carriage beside them.")
                    .caution("A board on the ways when a chuck or a plate comes off; heavy ones with help.")
                    .build());
        });
    }
}
