package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.boring.advice.BoreAngles;
import boldwedge.core.families.boring.model.BarEnd;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.Insert;
import boldwedge.core.language.stock.StockCatalogue;
import java.util.Comparator;
import java.util.List;

/** How bit or insert sits in the bar's end. */
final class BitInBarFindings {
    /** A cross-hole may take so much of the bar. */
    private static final double MOST_OF_THE_BAR = 0.6;

    private final BoreCut cut;
    private final BoreJob job;
    private final UnitFormat say;

    BitInBarFindings(BoreCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    /** An insert's pocket in the bar's end. */
    private Finding pocket(Insert insert) {
        double tilt = BarEnd.pocketTilt(cut);
        return Finding.at(Station.MAKE, "bit-in-bar", say)
                .says(
                        Verdict.TOLD,
                        "Its pocket is tilted by %s; the screw stands %s behind the end, the corner leads by %s.",
                        say.angle(tilt),
                        say.length(BarEnd.crossing(job)),
                        say.length(BarEnd.leadsBy(job)))
                .step(Working.of(
                                "Clearance in the bar",
                                "i + t",
                                rad(cut.signature().endRelief()))
                        .with("i", "the insert's", rad(insert.clearanceRad()).fromTable())
                        .with("t", "tilt", rad(tilt)))
                .steps(pocketRake(insert, tilt))
                .steps(cornerTrails(insert))
                .source(insert.source())
                .build();
    }

    /** The rake that the groove leaves; nothing where another was typed. */
    private List<Working> pocketRake(Insert insert, double tilt) {
        double rake = cut.signature().backRake();
        return Math.abs(insert.rakeRad() - tilt - rake) > 1e-9
                ? List.of()
                : List.of(Working.of("Rake in the bar", "g − t", rad(rake))
                        .with("g", "of the chip groove", rad(insert.rakeRad()).fromTable())
                        .with("t", "tilt", rad(tilt)));
    }

    /** The trailing angle that the corner leaves; nothing where another was typed. */
    private List<Working> cornerTrails(Insert insert) {
        double trails = cut.signature().endCuttingEdge();
        double lead = cut.signature().sideCuttingEdge();
        return Math.abs(BoreAngles.trailing(insert, lead) - trails) > 1e-9
                ? List.of()
                : List.of(Working.of("Trailing angle", "90° + l − c", rad(trails))
                        .with("l", "lead", rad(lead))
                        .with("c", "its corner", rad(insert.pointRad()).fromTable()));
    }

    Finding bitInBar() {
        if (job.insert().isPresent()) {
            return pocket(job.insert().get());
        }
        boolean leaning = job.bitAngleRad() < Math.toRadians(85);
        double half = job.bit().widthMm() / 2;
        double share = job.bit().widthMm() / BarEnd.tipMm(job);
        boolean weak = share > MOST_OF_THE_BAR;
        if (!leaning) {
            Finding.Builder finding = Finding.at(Station.MAKE, "bit-in-bar", say)
                    .says(
                            weak ? Verdict.DOUBTFUL : Verdict.TOLD,
                            "Cross-hole for the bit " + say.length(BarEnd.crossing(job))
                                    + " from the end, square through the bar."
                                    + (weak
                                            ? " It takes " + say.share(share)
                                                    + " of the bar: the walls beside it are thin, and the screw has little to hold in."
                                            : ""))
                    .margin(weak ? MOST_OF_THE_BAR / share - 1 : 1)
                    .step(Working.of("Wall to the end", "w − w / 2", mm(half))
                            .with(
                                    "w",
                                    "the bit's width",
                                    mm(job.bit().widthMm()).fromTable()))
                    .source("Layout of the bar; six tenths of the bar is custom of the trade");
            if (weak) {
                StockCatalogue.shipped().blanks().stream()
                        .filter(other -> other.tip().isEmpty()
                                && other.toolMaterial().equals(job.bit().toolMaterial())
                                && other.widthMm() < MOST_OF_THE_BAR * BarEnd.tipMm(job))
                        .max(Comparator.comparingDouble(Blank::widthMm))
                        .ifPresent(smaller -> finding.mend("Take a " + smaller.name(), BIT, smaller.id()));
            }
            return finding.build();
        }
        double included = Math.toRadians(90)
                - cut.signature().endCuttingEdge()
                + cut.signature().sideCuttingEdge();
        return Finding.at(Station.MAKE, "bit-in-bar", say)
                .says(
                        Verdict.TOLD,
                        "At %s the bit's hole crosses the axis %s behind the end; ground each side at %s to the bit's own axis and a touch over.",
                        say.angle(job.bitAngleRad()),
                        say.length(BarEnd.crossing(job)),
                        say.angle(included / 2))
                .step(Working.of("Included angle of the point", "90° − t + l", rad(included))
                        .with("t", "trailing", rad(cut.signature().endCuttingEdge()))
                        .with("l", "lead", rad(cut.signature().sideCuttingEdge())))
                .note("In the bit's own frame the leading edge stands at "
                        + say.angle(job.bitAngleRad() + cut.signature().sideCuttingEdge())
                        + " to its side, the trailing one at "
                        + say.angle(Math.PI / 2
                                - job.bitAngleRad()
                                + cut.signature().endCuttingEdge())
                        + ": half the included angle and a touch over, so that both clear.")
                .step(Working.of(
                                "Hole at the surface, from the end",
                                "x − D / (2 · tan(ε))",
                                mm(BarEnd.crossing(job) - BarEnd.tipMm(job) / 2 / Math.tan(job.bitAngleRad())))
                        .with("x", "at the axis", mm(BarEnd.crossing(job)))
                        .with("D", mm(BarEnd.tipMm(job)))
                        .with("ε", rad(job.bitAngleRad())))
                .source("Geometry of the bit in the bar")
                .build();
    }
}
