package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.boring.model.BarEnd;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.families.boring.model.Recess;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.PlungeCut;
import java.util.ArrayList;
import java.util.List;

/** What is said of a recess: whether its bit gets in, how it pushes, and whether an O-ring would sit in it. */
final class RecessFindings {
    /** Feed per turn at which a recess is plunged by hand, mm. */
    private static final double FEED_MM = 0.03;
    /** Room left all round when the bit is drawn in through the hole, mm. */
    private static final double ROOM_MM = 0.3;

    private final BoreCut cut;
    private final BoreJob job;
    private final Recess recess;
    private final UnitFormat say;

    RecessFindings(BoreCut cut, Recess recess, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.recess = recess;
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(enters());
        findings.add(plunge());
        if (recess.kind() == Recess.Kind.O_RING) {
            findings.add(gland());
        }
        return findings;
    }

    /** The bar and a bit that stands out by the recess's depth must pass the finished hole together. */
    private Finding enters() {
        double deep = recess.depthMm(job.finishedMm());
        double across = BarEnd.tipMm(job) + deep + ROOM_MM;
        double left = job.finishedMm() - across;
        Verdict verdict = left < 0 ? Verdict.WRONG : left < ROOM_MM ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.REACH, "recess-enters", say)
                .says(
                        verdict,
                        left < 0
                                ? Written.words(
                                        "With a bit that stands out enough for the recess the bar lacks %s in the hole.",
                                        say.length(-left))
                                : Written.words(
                                        "The recessing bit stands out %s and passes the hole with %s left.",
                                        say.length(deep + ROOM_MM), say.length(left)))
                .margin(left / Math.max(1, deep))
                .step(Working.of("Across bar and bit", "b + d + r", mm(across))
                        .with("b", "bar", mm(BarEnd.tipMm(job)))
                        .with("d", "depth of the recess", mm(deep))
                        .with("r", "room", mm(ROOM_MM).assumed()))
                .source("Geometry across the hole")
                .caution("Draw the bit clear of the recess before you move along: it cannot be seen. Note the dial.");
        if (verdict != Verdict.FINE) {
            double fits = job.finishedMm() - deep - 2 * ROOM_MM;
            if (fits > 2) {
                String bar = say.typed(Math.floor(2 * fits) / 2);
                finding.mend("Bar of " + bar, (job.necked() ? NECK_DIAMETER : BAR_DIAMETER), bar);
            }
        }
        return finding.build();
    }

    private Finding plunge() {
        double rake = cut.signature().backRake();
        EdgePress press = EdgePress.of(job.tool(), job.work());
        PlungeCut plunge = PlungeCut.of(job.work(), press, rake, recess.bitMm(), FEED_MM, 0);
        double give = cut.stiffness().tool() + cut.stiffness().workMmPerN();
        double shallow = 2 * plunge.thrustN() * give;
        double limit = cut.mode().absoluteLimit();
        double sings = plunge.directionalNPerMm() / limit;
        Verdict verdict = sings > 2 ? Verdict.WRONG : sings > 1 ? Verdict.DOUBTFUL : Verdict.FINE;
        int plunges = recess.plunges();
        Finding.Builder finding = Finding.at(Station.REACH, "recess-plunge", say)
                .says(
                        verdict,
                        "%s of a bit %s wide; it comes out %s small in diameter while fed%s.",
                        plunges == 1 ? "One plunge" : plunges + " plunges side by side",
                        say.length(recess.bitMm()),
                        say.length(Math.max(0, shallow)),
                        sings > 1 ? ", and so wide a bit sings on this bar" : "")
                .margin(1 / Math.max(1e-6, sings) - 1)
                .step(Working.of(
                                "Push of the bit",
                                "kc · K · w · f · (f / 1 mm)^(−mc) · p + e · w",
                                newtons(plunge.thrustN()))
                        .with("kc", mpa(job.work().kc11MPa()).fromTable())
                        .with("mc", number(job.work().mc()).fromTable())
                        .with("K", "for the rake", number(CuttingForce.rakeFactor(job.work(), rake)))
                        .with("w", mm(recess.bitMm()))
                        .with(
                                "e",
                                "the edge's own, square to it",
                                newtonsPerMm(press.acrossNPerMm()).fromTable())
                        .with("f", mmPerRev(FEED_MM).assumed())
                        .with("p", "push over cutting force", number(CuttingForce.pushRatio(job.work(), rake))))
                .step(Working.of("Left small while fed", "2 · F · c", mm(shallow))
                        .with("F", newtons(plunge.thrustN()))
                        .with("c", "all that gives", mmPerNewton(give)))
                .step(Working.of(
                                "Growth of the push over what is quiet at any speed",
                                "D / (2 · k · ζ · (1 + ζ))",
                                number(sings))
                        .with("D", newtonsPerMm(plunge.directionalNPerMm()))
                        .with("k", newtonsPerMm(cut.mode().stiffnessNPerMm()))
                        .with("ζ", number(cut.mode().damping())))
                .note("Places of the bit's near side from the mouth: " + places() + ".")
                .source("Kienzle; chatter of one mode as for the cut")
                .caution("Let it dwell two turns at depth, then come straight out: what was left small is taken.");
        double quiet = recess.bitMm() / sings * 0.9;
        if (sings > 1 && quiet > 0.4) {
            finding.mend("Bit " + say.typed(quiet) + " wide", GROOVER, say.typed(quiet));
        }
        finding.doesWhen(
                verdict == Verdict.WRONG, "A narrow bit in several plunges, on as short and stout a bar as goes in");
        return finding.build();
    }

    /** Where the bit's near side stands at each plunge, so that they overlap evenly. */
    private String places() {
        StringBuilder out = new StringBuilder();
        int n = recess.plunges();
        for (int i = 0; i < n && i < 12; i++) {
            double at = recess.atMm() + (n == 1 ? 0 : i * (recess.widthMm() - recess.bitMm()) / (n - 1));
            out.append(i == 0 ? "" : ", ").append(say.length(at));
        }
        return n > 12 ? out + " and on" : out.toString();
    }

    private Finding gland() {
        double squeeze = recess.squeeze(job.finishedMm());
        double fill = recess.fill(job.finishedMm());
        boolean leaks = squeeze < 0.1;
        boolean wrong = leaks || squeeze > 0.35 || fill > 0.9;
        boolean doubtful = squeeze < 0.15 || squeeze > 0.3 || fill > 0.85;
        String deep = say.typed(job.finishedMm() + 2 * Recess.glandDepth(recess.cordMm()));
        Finding.Builder finding = Finding.at(Station.CUT, "gland", say)
                .says(
                        wrong ? Verdict.WRONG : doubtful ? Verdict.DOUBTFUL : Verdict.FINE,
                        "The ring is squeezed by %s and fills %s of its gland%s.",
                        say.share(squeeze),
                        say.share(fill),
                        leaks ? ": it would leak" : fill > 0.9 ? ": it has no room to swell" : "")
                .margin(Math.min((squeeze - 0.15) / 0.15, (0.85 - fill) / 0.2))
                .step(Working.of("Squeeze", "1 − d / c", number(squeeze))
                        .with("d", "depth", mm(recess.depthMm(job.finishedMm())))
                        .with("c", "cord", mm(recess.cordMm())))
                .step(Working.of("Filled", "π · c² / 4 / (w · d)", number(fill))
                        .with("c", "cord", mm(recess.cordMm()))
                        .with("w", "width", mm(recess.widthMm()))
                        .with("d", "depth", mm(recess.depthMm(job.finishedMm()))))
                .source("Squeeze 15 to 30 % for a ring at rest and fill under 85 %: usual for glands after ISO 3601-2;"
                        + " reckoned against a shaft that fills the hole; keep to the ring maker's sheet")
                .caution("Break the corners of the gland: a sharp one cuts the ring as it goes in.");
        if (wrong || doubtful) {
            finding.mend("Recess to " + deep, RECESS_DIAMETER, deep);
            if (fill > 0.85) {
                String wide = say.typed(Math.ceil(10 * Recess.glandWidth(recess.cordMm())) / 10);
                finding.mend("Gland " + wide + " wide", RECESS_WIDTH, wide);
            }
        }
        return finding.build();
    }
}
