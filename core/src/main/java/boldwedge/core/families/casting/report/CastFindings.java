package boldwedge.core.families.casting.report;

import static boldwedge.core.families.casting.entry.CastField.BORE;
import static boldwedge.core.families.casting.entry.CastField.FREE;
import static boldwedge.core.families.casting.entry.CastField.INSIDE;
import static boldwedge.core.families.casting.entry.CastField.OUT;
import static boldwedge.core.families.casting.entry.CastField.OVER;
import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.mpa;
import static boldwedge.core.language.measure.Amount.newtons;
import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.families.casting.model.CastBore;
import boldwedge.core.families.casting.model.CastJob;
import boldwedge.core.families.casting.model.CastJob.Seat;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.holder.PressFit;
import java.util.ArrayList;
import java.util.List;

/** What is found of a casting: its stock, its first pass, its cap, and what is pressed in. */
final class CastFindings {
    /** A casting's skin is known to no better than a quarter of it: less to spare is to be watched (ours). */
    private static final double LEAN = 0.25;

    private static final String LAME = "Lamé's thick cylinders (Shigley, Mechanical Engineering Design)";
    /** A bush that is slid in warm wants so much play to fall home, mm (ours). */
    private static final double SLIDES_MM = 0.05;

    private final CastBore cut;
    private final CastJob job;
    private final UnitFormat say;

    CastFindings(CastBore cut, UnitFormat say) {
        this.cut = cut;
        job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>(List.of(stock(), first(), copied()));
        if (job.cap()) {
            findings.add(shims());
        }
        if (job.seat() == Seat.BUSH) {
            findings.add(press());
            findings.add(bush());
            findings.add(around());
        }
        return findings;
    }

    private Finding stock() {
        double least = cut.leastMm();
        double margin = least / cut.skinMm() - 1;
        boolean moves = cut.leastAtBestMm() > least + 0.01;
        double larger = Math.ceil(2 * cut.cleanMm()) / 2;
        String words = "Every side keeps %s or more to bore, under a skin of %s.";
        if (least <= 0) {
            words = "The raw hole reaches %s beyond the finished bore on one side: it does not clean up.";
        } else if (margin < 0) {
            words = "The leanest side keeps only %s, and the skin is %s: the bit would run in it.";
        }
        Finding.Builder finding = Finding.at(Station.CUT, "cast-stock", say)
                .says(Verdict.of(margin, LEAN), words, say.length(Math.abs(least)), say.length(cut.skinMm()))
                .margin(margin)
                .step(Working.of("What the leanest side keeps", "Df / 2 − r", mm(least))
                        .with("Df", "finished", mm(job.finishedMm()).typed())
                        .with("r", "the raw hole reaches from the axis", mm(cut.farthestMm())))
                .note("Said before the first cut: shift the axis, bore larger and bush it, or scrap it.")
                .source("Geometry; depths of skin by habit: 0.5 to 1.5 mm in grey iron, 0.3 to 1 mm in bronze");
        if (margin < LEAN && moves) {
            double free = Math.ceil(cut.freeForBestMm() * 10) / 10;
            finding.mend("Let the axis move by " + say.length(free), FREE, Written.exact(Quantity.LENGTH, free));
        }
        return finding.mendUnless(
                        margin >= LEAN,
                        "Bore " + say.length(larger) + ", and bush it",
                        BORE,
                        Written.exact(Quantity.LENGTH, larger))
                .build();
    }

    private Finding first() {
        double margin = cut.restMm() / CastBore.FINISH_MM - 1;
        double larger = Math.ceil(2 * cut.cleanMm()) / 2;
        return Finding.at(Station.EDGE, "cast-first", say)
                .says(
                        margin < -1e-9 ? Verdict.DOUBTFUL : Verdict.FINE,
                        margin < -1e-9
                                ? "The first pass goes to %s to be under the skin all round; that leaves %s a side, and %s is wanted to finish."
                                : "The first pass goes to %s, under the skin all round: up to %s deep. It leaves %s a side.",
                        say.length(cut.firstMm()),
                        margin < 0 ? say.signed(cut.restMm()) : say.length(cut.firstDepthMm()),
                        say.length(margin < 0 ? CastBore.FINISH_MM : cut.restMm()))
                .margin(Math.clamp(margin, -1, 3))
                .step(Working.of("First pass", "2 · (r + h)", mm(cut.firstMm()))
                        .with("r", "the raw hole reaches from the axis", mm(cut.farthestMm()))
                        .with(
                                "h",
                                "skin",
                                job.skinMm().isPresent()
                                        ? mm(cut.skinMm()).typed()
                                        : mm(cut.skinMm()).assumed()))
                .step(Working.of("Its depth where the hole is nearest", "h + (r − n)", mm(cut.firstDepthMm()))
                        .with("h", "skin", mm(cut.skinMm()))
                        .with("r", "farthest", mm(cut.farthestMm()))
                        .with("n", "nearest", mm(cut.nearestMm())))
                .note("Slow, with carbide or a sturdy bit, a full nose and some lead; never a light cut in the skin.")
                .source("Custom of the trade")
                .caution("Castings shed sand and hard dust: cover the ways, glasses on.")
                .mendUnless(margin >= 0, "Bore " + say.length(larger), BORE, Written.exact(Quantity.LENGTH, larger))
                .build();
    }

    private Finding copied() {
        int passes = cut.roundAfter();
        return Finding.at(Station.EDGE, "cast-copied", say)
                .says(
                        Verdict.TOLD,
                        "The raw hole runs out by %s; a pass copies %s of it. After %s less than %s is left.",
                        say.length(cut.runOutMm()),
                        say.length(cut.copiedMm(1)),
                        passes == 1 ? "one pass" : passes + " passes",
                        say.length(CastBore.ROUND_MM))
                .step(Working.of(
                                "Push for each millimetre of depth",
                                "s · kc · f^(1 − mc)",
                                Amount.number(cut.pushPerMm()))
                        .with("s", "square to the wall", number(0.5).assumed())
                        .with("kc", number(job.work().kc11MPa()).fromTable())
                        .with("f", "feed, mm", number(job.feedMm()).typed())
                        .with("mc", number(job.work().mc()).fromTable())
                        .meaning(" N/mm"))
                .step(Working.of("Copied by a pass", "e · k / (1 + k)", mm(cut.copiedMm(1)))
                        .with("e", "run-out", mm(cut.runOutMm()))
                        .with("k", "push by give", number(cut.copies())))
                .note(
                        "Rough everything, let it cool and rest, unclamp, clamp gently, then finish: a casting moves when its skin is off.")
                .source("Depth that follows from force and give, by proportion")
                .build();
    }

    private Finding shims() {
        double most = job.playMm() / 3;
        double margin = job.outMm() <= 0 ? 3 : most / job.outMm() - 1;
        double fewer = Math.floor(most * 100) / 100;
        return Finding.at(Station.REACH, "cap-shims", say)
                .says(
                        margin < -1e-9 ? Verdict.DOUBTFUL : Verdict.FINE,
                        margin < -1e-9
                                ? "With %s out it is %s across and %s along: more out of round than a third of the running play. Scrape it, or bore it again."
                                : "With %s out it is still %s across, and %s along: within a third of the running play.",
                        say.length(job.outMm()),
                        say.length(job.finishedMm()),
                        say.length(cut.alongMm()))
                .margin(Math.clamp(margin, -1, 3))
                .step(Working.of("Along the screws", "D − Δ", mm(cut.alongMm()))
                        .with("D", "bored round", mm(job.finishedMm()).typed())
                        .with("Δ", "taken out", mm(job.outMm()).typed()))
                .note(
                        "Bored with all shims in, numbered, screws in the same order to the same torque, dowels in before.")
                .note("The joint is an interrupted cut: lead angle, slower, chips out of every void before each pass.")
                .source("A third of the play by custom of the trade")
                .mendUnless(
                        margin >= 0 || fewer <= 0,
                        "Take only " + say.length(fewer) + " out",
                        OUT,
                        Written.exact(Quantity.LENGTH, fewer))
                .build();
    }

    private Finding press() {
        PressFit fit = cut.press();
        double needs = fit.forceN(job.lengthMm(), job.friction());
        double margin = job.pressN() / needs - 1;
        double warmer = fit.warmerK(job.work().expansionPerK(), SLIDES_MM);
        double less = Math.floor(job.overMm() * job.pressN() / needs / 1.15 * 200) / 200;
        return Finding.at(Station.REACH, "press-fit", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        "It is pressed home with %s where the press gives %s; the bush then closes by %s: bore or ream it after pressing.",
                        say.force(needs),
                        say.force(job.pressN()),
                        say.length(fit.closesMm()))
                .margin(margin)
                .step(Working.of(
                                "Pressure between them",
                                "δ / (D · (((Do^2 + D^2) / (Do^2 − D^2) + νo) / Eo + ((D^2 + di^2) / (D^2 − di^2) − νi) / Ei))",
                                mpa(fit.pressureMPa()))
                        .with("δ", "pressed by", mm(job.overMm()).typed())
                        .with("D", "bore", mm(job.finishedMm()).typed())
                        .with("Do", "casting around it", mm(job.outsideMm()).typed())
                        .with("di", "bush's bore", mm(job.insideMm()).typed())
                        .with("Eo", "casting", mpa(fit.outer().modulusMPa()).fromTable())
                        .with("νo", number(fit.outer().poisson()).assumed())
                        .with("Ei", "bush", mpa(fit.inner().modulusMPa()).fromTable())
                        .with("νi", number(fit.inner().poisson()).assumed()))
                .step(Working.of("It closes by", "2 · p · D^2 · di / (Ei · (D^2 − di^2))", mm(fit.closesMm()))
                        .with("p", mpa(fit.pressureMPa()))
                        .with("D", "bore", mm(job.finishedMm()).typed())
                        .with("di", "bush's bore", mm(job.insideMm()).typed())
                        .with("Ei", "bush", mpa(fit.inner().modulusMPa()).fromTable()))
                .step(Working.of("Force to press it home", "μ · p · π · D · L", newtons(needs))
                        .with("μ", number(job.friction()).typed())
                        .with("p", mpa(fit.pressureMPa()))
                        .with("D", "bore", mm(job.finishedMm()).typed())
                        .with("L", "length", mm(job.lengthMm()).typed()))
                .note("Or warm the casting by about " + Written.places(Math.ceil(warmer / 5) * 5, 0)
                        + " °C: the bush then slides in. A casting that is warm measures large.")
                .source(LAME)
                .caution("Something that slips under a press flies: guard, straight mandrel, hands away.")
                .mendUnless(
                        margin >= Verdict.CLOSE || less <= 0,
                        "Press it by " + say.length(less),
                        OVER,
                        Written.exact(Quantity.LENGTH, less))
                .doesWhen(
                        margin < 0,
                        "Warm the casting by " + Written.places(Math.ceil(warmer / 5) * 5, 0)
                                + " °C and slip the bush in: no press is needed")
                .build();
    }

    private Finding bush() {
        PressFit fit = cut.press();
        double margin = cut.bushBearsMPa() / fit.innerHoopMPa() - 1;
        double thicker =
                Math.floor(Math.sqrt(Math.max(0, 1 - 2.3 * fit.pressureMPa() / cut.bushBearsMPa())) * job.finishedMm());
        return Finding.at(Station.REACH, "bush-yields", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        "Its wall is squeezed with %s and bears about %s.",
                        say.stress(fit.innerHoopMPa()),
                        say.stress(cut.bushBearsMPa()))
                .margin(Math.min(margin, 10))
                .step(Working.of("Around its bore", "2 · p · D^2 / (D^2 − di^2)", mpa(fit.innerHoopMPa()))
                        .with("p", mpa(fit.pressureMPa()))
                        .with("D", "bore", mm(job.finishedMm()).typed())
                        .with("di", "bush's bore", mm(job.insideMm()).typed()))
                .source(LAME + "; what it bears is rough")
                .mendUnless(
                        margin >= Verdict.CLOSE || thicker <= 1,
                        "A thicker wall: bored " + say.length(thicker),
                        INSIDE,
                        Written.exact(Quantity.LENGTH, thicker))
                .doesWhen(
                        margin < 0,
                        "Slip it in with a retaining compound, or bore the casting larger for a thicker bush")
                .build();
    }

    private Finding around() {
        PressFit fit = cut.press();
        double margin = cut.castingBearsMPa() / fit.hoopMPa() - 1;
        double less = Math.floor(job.overMm() * cut.castingBearsMPa() / fit.hoopMPa() / 1.15 * 200) / 200;
        return Finding.at(Station.REACH, "casting-splits", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        "The casting is pulled around the bush with %s and is held to %s.",
                        say.stress(fit.hoopMPa()),
                        say.stress(cut.castingBearsMPa()))
                .margin(Math.min(margin, 10))
                .step(Working.of("Around the bore", "p · (Do^2 + D^2) / (Do^2 − D^2)", mpa(fit.hoopMPa()))
                        .with("p", mpa(fit.pressureMPa()))
                        .with("D", "bore", mm(job.finishedMm()).typed())
                        .with("Do", "casting around it", mm(job.outsideMm()).typed()))
                .note(
                        "A third of the 250 MPa at which grey iron of that class tears (EN 1561): a hidden void takes the rest.")
                .source(LAME + "; EN 1561")
                .mendUnless(
                        margin >= Verdict.CLOSE || less <= 0,
                        "Press it by " + say.length(less),
                        OVER,
                        Written.exact(Quantity.LENGTH, less))
                .build();
    }
}
