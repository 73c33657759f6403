package boldwedge.core.rule;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.cutting.PlungeChatter;
import boldwedge.core.mechanics.cutting.PlungeCut;
import boldwedge.core.planning.Entry;
import java.util.List;

/**
 * What is asked of every ground edge that is fed over its whole width into turning work: chatter, power, feed, forces.
 *
 * @param lathe the machine
 * @param work what is cut
 * @param tool what cuts
 * @param rakeRad rake in use
 * @param edgeMm length of edge that cuts
 * @param feedMm feed, mm a turn
 * @param rpm speed
 * @param surfaceSpeed where it is fastest, m/min
 * @param force on the edge
 * @param quietMm widths that do not chatter at the least, the usual and the best damping
 * @param gives give of work, tool and post, mm/N
 * @param dwell turns at the bottom without feed
 * @param mostDwell so many at the most: more only rub, and begin to sing
 * @param feeds usual feeds
 * @param fields the family's fields
 * @param narrower what cuts less at a time, the first tried first; none where nothing does
 */
public record PlungeRules(
        Lathe lathe,
        WorkMaterial work,
        ToolMaterial tool,
        double rakeRad,
        double edgeMm,
        double feedMm,
        double rpm,
        double surfaceSpeed,
        PlungeCut force,
        Span quietMm,
        double gives,
        int dwell,
        int mostDwell,
        Span feeds,
        Fields fields,
        List<Fix> narrower,
        UnitFormat say) {
    /** Over what the best damping leaves quiet by so much, it sings whatever is done. */
    private static final double HOPELESS = 1.5;

    private static final double IN_HAND = 0.25;
    private static final double FAR_OVER = 2;
    private static final double HALF = 0.5;

    /** The family's fields for what a mend types. */
    public record Fields(Entry speed, Entry feed, Entry dwell) {}

    /** Whether so wide an edge sings. */
    public Finding chatter() {
        double hopeless = HOPELESS * quietMm.high();
        boolean quiet = edgeMm <= quietMm.low() * (1 + 1e-9);
        Verdict verdict = verdict(hopeless, quiet);
        Finding.Builder finding = Finding.at(Station.REACH, "chatter", say)
                .says(verdict, chatterWords(quiet, hopeless))
                .margin(quiet ? Math.min(1, quietMm.low() / edgeMm - 1) : quietMm.low() / edgeMm - 1)
                .source("Tlusty; one mode across, damping assumed where no tap told it")
                .note("No longer at the bottom than it is told: a wide edge that only rubs begins to sing.");
        finding.step(Working.of("Growth of the push by width", "D = Δ / b", mpa(force.directionalNPerMm() / edgeMm))
                .with("Δ", "growth of the push with the depth", newtonsPerMm(force.directionalNPerMm()))
                .with("b", "edge", mm(edgeMm)));
        if (!quiet) {
            lathe.speeds()
                    .atOrBelow(rpm * 0.8)
                    .ifPresent(slower ->
                            finding.mend("Run at " + say.rpm(slower), fields.speed(), Math.round(slower) + " rpm"));
            narrower.forEach(fix -> finding.mend(fix));
        }
        return finding.build();
    }

    private Verdict verdict(double hopeless, boolean quiet) {
        if (quiet) {
            return Verdict.FINE;
        }
        if (edgeMm <= Math.min(quietMm.chosen(), PlungeChatter.FEW * quietMm.low()) * (1 + 1e-9)) {
            return Verdict.TOLD;
        }
        return edgeMm < hopeless ? Verdict.DOUBTFUL : Verdict.WRONG;
    }

    private String chatterWords(boolean quiet, double hopeless) {
        if (Double.isInfinite(quietMm.low())) {
            return "At this rake and speed no width of edge chatters by regeneration.";
        }
        String least = say.about(quietMm.low());
        if (quiet) {
            return Written.words(
                    "Quiet: an edge up to %s does not chatter here; %s of it cuts.", least, say.about(edgeMm));
        }
        return edgeMm < hopeless
                ? Written.words(
                        "Listen on the first cut: up to %s of edge is quiet for sure; %s of it cuts.",
                        least, say.about(edgeMm))
                : Written.words(
                        "It chatters: %s of edge cuts, and over %s is given up here.",
                        say.about(edgeMm), say.about(hopeless));
    }

    /** The power that it takes. */
    public Finding power() {
        double watt = force.powerWatt(surfaceSpeed);
        double margin = lathe.spindleWatt() / Math.max(watt, 1e-9) - 1;
        Finding.Builder finding = Finding.at(Station.REACH, "power", say)
                .says(
                        Verdict.of(margin, IN_HAND),
                        "It takes %s at the edge; %s has %s at the spindle.",
                        say.power(watt),
                        lathe.name(),
                        say.power(lathe.spindleWatt()))
                .margin(margin)
                .step(Working.of("Power", "P = Fc · v", watts(watt))
                        .with("Fc", newtons(force.cuttingN()))
                        .with("v", metresPerMinute(surfaceSpeed)))
                .step(EdgeRules.atTheSpindle(lathe))
                .source("Definition of power; force by Kienzle, ± " + say.share(work.spread()));
        if (margin < IN_HAND) {
            lathe.speeds()
                    .atOrBelow(rpm * (margin + 1) / (1 + IN_HAND))
                    .ifPresent(slower ->
                            finding.mend("Run at " + say.rpm(slower), fields.speed(), Math.round(slower) + " rpm"));
            narrower.forEach(fix -> finding.mend(fix));
        }
        return finding.build();
    }

    /** The feed against what is usual of wide edges, and against what an edge shaves. */
    public Finding feed() {
        double least = tool.edgeRadiusMm().high() * tool.minimumChipShare().high();
        boolean rubs = feedMm < least;
        boolean heavy = feedMm > feeds.high() * (1 + 1e-6);
        String words = "%s a plunge: %s to %s is usual for so wide an edge.";
        if (rubs) {
            words = "At %s it rubs and hardens the work: %s to %s.";
        } else if (heavy) {
            words = "%s is heavy for an edge that cuts over its whole width: %s to %s.";
        }
        String usual = say.feed(feeds.chosen());
        return Finding.at(Station.REACH, "plunge-feed", say)
                .says(
                        rubs || feedMm > FAR_OVER * feeds.high()
                                ? Verdict.WRONG
                                : heavy ? Verdict.DOUBTFUL : Verdict.FINE,
                        words,
                        say.feed(feedMm),
                        say.feed(feeds.low()),
                        say.feed(feeds.high()))
                .margin(rubs ? feedMm / least - 1 : heavy ? feeds.high() / feedMm - 1 : HALF)
                .source("Custom of the trade; smallest chip by the edge’s radius")
                .mendUnless(!rubs && !heavy, "Feed " + usual, fields.feed(), usual)
                .build();
    }

    /**
     * What springs off while it is fed, and what the turns at the bottom leave of it.
     *
     * @param id the finding's
     * @param borneMm what of it is borne
     * @param besides what else lessens it, the first tried first
     */
    public Finding spring(String id, double borneMm, List<Fix> besides) {
        double spring = force.springMm(gives);
        double q = force.leftByATurn(gives);
        double left = force.leftMm(gives, dwell);
        double margin = Math.min(1, borneMm / Math.max(left, 1e-9) - 1);
        Finding.Builder finding = Finding.at(Station.REACH, id, say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "It springs off by %s; after %s at the bottom %s is left: too shallow, %s is borne."
                                : "It springs off by %s; after %s at the bottom %s is left.",
                        say.length(spring),
                        dwell == 1 ? "a turn" : dwell + " turns",
                        say.length(left),
                        say.length(borneMm))
                .margin(margin)
                .step(Working.of("Springs off", "Fp · g", mm(spring))
                        .with("Fp", "against the feed", newtons(Math.max(0, force.thrustN())))
                        .with("g", "give of work, tool and post", mmPerNewton(gives)))
                .step(Working.of("Left by a turn", "Δ · g / (1 + Δ · g)", number(q))
                        .with("Δ", "growth of the push with the depth", newtonsPerMm(force.directionalNPerMm()))
                        .with("g", mmPerNewton(gives)))
                .step(Working.of("Left after them", "y · q^n", mm(left))
                        .with("y", mm(spring))
                        .with("q", number(q))
                        .with("n", "turns at the bottom", number(dwell)))
                .source("Balance of push and spring, turn by turn");
        if (margin < Verdict.CLOSE) {
            if (dwell < mostDwell) {
                String more = String.valueOf(mostDwell);
                finding.mend(more + " turns at the bottom", fields.dwell(), more);
            }
            besides.forEach(finding::mend);
        }
        return finding.build();
    }

    /** The forces on the edge. */
    public Finding forces() {
        double factor = CuttingForce.rakeFactor(work, rakeRad);
        return Finding.at(Station.REACH, "forces", say)
                .says(
                        Verdict.TOLD,
                        "Down on the tool %s, back against the feed %s.",
                        say.force(force.cuttingN()),
                        say.force(force.thrustN()))
                .step(EdgeRules.kienzle(
                        work, newtons(force.cuttingN()), factor, edgeMm, feedMm, EdgePress.of(tool, work)))
                .step(EdgeRules.rakeFactor(work, rad(rakeRad), factor))
                .source(work.source())
                .build();
    }
}
