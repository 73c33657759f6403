package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.EdgeHardness;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.mechanics.wedge.GrindingPlan;
import boldwedge.core.mechanics.wedge.GrindingPlan.Pass;
import boldwedge.core.mechanics.wedge.GroundBit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What is said of the grinding: what comes off, what is left for regrinding, the order. */
final class GrindFindings {
    /** With less of its tip a brazed bit has no edge to speak of; with more it is ground again and again (ours). */
    private static final double TIP_SCANT = 0.4;

    private static final double TIP_PLENTY = 0.6;

    private final TurningCut cut;
    private final UnitFormat say;

    GrindFindings(TurningCut cut, UnitFormat say) {
        this.cut = cut;
        this.say = say;
    }

    List<Finding> all() {
        GroundBit bit = cut.bit();
        List<Finding> findings = new ArrayList<>();
        double total = bit.totalRemovedMm3();
        findings.add(Finding.at(Station.MAKE, "stock", say)
                .says(
                        Verdict.TOLD,
                        "Grind away %s in all; the bit then weighs %s and its point stands %s above its base.",
                        say.amount(mm3(total)),
                        say.amount(grams(bit.massGram())),
                        say.length(bit.point().getZ()))
                .step(stock())
                .note("True lengths of the edges: side " + say.length(bit.sideEdgeMm()) + ", end "
                        + say.length(bit.endEdgeMm()) + ".")
                .source("The bit as a solid: blank cut by its planes; volume by the divergence theorem")
                .build());
        int left = cut.grinding().regrindsLeft();
        findings.add(Finding.at(Station.MAKE, "regrinds", say)
                .says(
                        left == 0 ? Verdict.WRONG : left < 5 ? Verdict.DOUBTFUL : Verdict.FINE,
                        "About %d touch-ups are left in it, %s.",
                        left,
                        cut.grinding().regrindWords())
                .margin(left / 20.0 - 0.05)
                .step(touchUps(left))
                .source("Touch-up of " + say.length(GrindingPlan.TOUCH_UP_MM) + " and grip of two heights are ours")
                .build());
        bit.blank().tip().ifPresent(tip -> {
            double whole = tip.lengthMm() * tip.widthMm() * tip.thicknessMm();
            double share = bit.tipLeftMm3() / whole;
            Finding.Builder finding = Finding.at(Station.MAKE, "tip-left", say)
                    .says(
                            share < TIP_SCANT ? Verdict.WRONG : share < TIP_PLENTY ? Verdict.DOUBTFUL : Verdict.FINE,
                            "Of the carbide tip " + say.share(share) + " is left when it is ground.")
                    .margin(share / TIP_PLENTY - 1)
                    .step(Working.of("Share of the tip that is left", "V / (l · w · t)", number(share))
                            .with("V", "cut by the same planes", mm3(bit.tipLeftMm3()))
                            .with("l", mm(tip.lengthMm()).fromTable())
                            .with("w", mm(tip.widthMm()).fromTable())
                            .with("t", mm(tip.thicknessMm()).fromTable()))
                    .source(bit.blank().source())
                    .caution(
                            "Relieve the steel under the tip first, on an aluminium oxide wheel, a degree or two steeper: steel"
                                    + " loads a green or diamond wheel.");
            if (share < TIP_PLENTY) {
                StockCatalogue.shipped().blanks().stream()
                        .filter(other -> other.tip().isPresent()
                                && !other.id().equals(bit.blank().id())
                                && other.heightMm() <= cut.job().lathe().largestShankMm())
                        .sorted(Comparator.comparingDouble(
                                other -> Math.abs(other.heightMm() - bit.blank().heightMm())))
                        .limit(2)
                        .forEach(other -> finding.mend(other.name(), BLANK, other.id()));
                finding.does(
                        EdgeHardness.HIGH_SPEED.standsIn(cut.job().work())
                                ? "A bit of high-speed steel, or an insert of the form that is wanted"
                                : "An insert of the form that is wanted");
            }
            findings.add(finding.build());
        });
        findings.add(Finding.at(Station.MAKE, "order", say)
                .says(
                        Verdict.TOLD,
                        cut.job().order() == GroundBit.Order.FLANKS_FIRST
                                ? "Flanks first, then the top."
                                : "Top first, then the flanks.")
                .school(
                        "Flanks first",
                        "The top comes last, so the edge is made by one light, cool pass",
                        cut.job().order() == GroundBit.Order.FLANKS_FIRST)
                .school(
                        "Top first",
                        "When the top is burnt, or is to stay as the datum from which height is kept",
                        cut.job().order() == GroundBit.Order.TOP_FIRST)
                .source("Two schools of practice")
                .mend(
                        cut.job().order() == GroundBit.Order.FLANKS_FIRST
                                ? "Grind the top first"
                                : "Grind the flanks first",
                        ORDER,
                        cut.job().order() == GroundBit.Order.FLANKS_FIRST ? "top-first" : "flanks-first")
                .build());
        return findings;
    }

    /** What comes off, surface by surface. */
    private Working stock() {
        List<Pass> passes = cut.grinding().passes();
        StringBuilder sum = new StringBuilder();
        for (int i = 1; i <= passes.size(); i++) {
            sum.append(i == 1 ? "" : " + ").append("V").append(i);
        }
        Working stock = Working.of(
                "Stock by surface, in order",
                sum.toString(),
                mm3(passes.stream().mapToDouble(Pass::removedMm3).sum()));
        for (int i = 1; i <= passes.size(); i++) {
            stock = stock.with("V" + i, mm3(passes.get(i - 1).removedMm3()));
        }
        return stock;
    }

    private Working touchUps(int left) {
        GroundBit bit = cut.bit();
        boolean byTip = bit.blank()
                .tip()
                .filter(tip -> tip.lengthMm() / 2 - bit.shortenedMm()
                        < bit.blank().lengthMm()
                                - bit.shortenedMm()
                                - 2 * bit.blank().heightMm()
                                - cut.job().overhangMm())
                .isPresent();
        Working touchUps = Working.of(
                        "Touch-ups",
                        byTip ? "max(0; floor((l / 2 − s) / t))" : "max(0; floor((L − s − g − o) / t))",
                        number(left))
                .with("s", "shortened by this grind", mm(bit.shortenedMm()))
                .with("t", "a touch-up", mm(GrindingPlan.TOUCH_UP_MM).assumed());
        return byTip
                ? touchUps.with(
                        "l", "the tip", mm(bit.blank().tip().orElseThrow().lengthMm()))
                : touchUps.with("L", mm(bit.blank().lengthMm()))
                        .with("g", "its grip", mm(2 * bit.blank().heightMm()).assumed())
                        .with("o", "standing out", mm(cut.job().overhangMm()));
    }
}
