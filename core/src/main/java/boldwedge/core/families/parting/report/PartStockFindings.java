package boldwedge.core.families.parting.report;

import static boldwedge.core.families.parting.entry.PartField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartHold;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import java.util.List;

/** What the cuts take of the bar, and how the piece is held while the blade goes through. */
final class PartStockFindings {
    /** Bar is told to the next tenth. */
    private static final double STEP_MM = 0.049;

    /** One and a half diameters out is good, a little over two is watched. */
    private static final double FAR_FROM_THE_JAWS = -0.35;

    private final PartCut cut;
    private final PartJob job;
    private final UnitFormat say;

    PartStockFindings(PartCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        return List.of(stock(), held());
    }

    private Finding stock() {
        double waste = job.widthMm() / (job.widthMm() + job.pieceMm());
        return Finding.at(Station.CUT, "stock", say)
                .says(
                        Verdict.TOLD,
                        job.groove()
                                ? Written.words(
                                        "%d plunge%s side by side, %s in all.",
                                        cut.passes(), cut.passes() == 1 ? "" : "s", say.time(cut.cutMinutes()))
                                : Written.words(
                                        "%d piece%s %s of bar, %s of it chips; %s a cut.",
                                        job.pieces(),
                                        job.pieces() == 1 ? " takes" : "s take",
                                        say.length(say.units().turned(job.barMm() + STEP_MM)),
                                        say.share(waste),
                                        say.time(cut.cutMinutes())))
                .step(Working.of("Bar", "n · (l + w)", mm(job.barMm()))
                        .with("n", "pieces", number(job.pieces()).typed())
                        .with("l", "a piece", mm(job.pieceMm()).typed())
                        .with("w", "the edge", mm(job.widthMm())))
                .step(Working.of("Time of a cut", "n · t / (f · s)", minutes(cut.cutMinutes()))
                        .with("n", "plunges", number(cut.passes()))
                        .with("t", "depth", mm(job.depthMm()))
                        .with("f", mmPerRev(cut.feedMm()))
                        .with("s", rpm(cut.rpm())))
                .source("Geometry; without facing, clearing chips and deburring")
                .build();
    }

    private Finding held() {
        double out = job.atMm() + job.widthMm();
        double margin = 1.5 * job.diameterMm() / Math.max(out, 1e-9) - 1;
        boolean centre = job.hold() == PartHold.CHUCK_AND_CENTRE;
        Finding.Builder finding = Finding.at(Station.CUT, "held", say)
                .says(
                        centre || (margin < 0 && margin >= FAR_FROM_THE_JAWS)
                                ? Verdict.DOUBTFUL
                                : Verdict.of(margin, 0),
                        centre
                                ? Written.words(
                                        "Draw the centre back before the neck is thinner than %s: then saw or break it off.",
                                        say.length(Math.max(3, 2 * cut.neckTwistsMm())))
                                : Written.words(
                                        "The cut stands %s from the jaws; within one and a half diameters (%s) is good.",
                                        say.length(out), say.length(1.5 * job.diameterMm())))
                .margin(centre ? 0 : margin)
                .step(Working.of(
                                "Neck that the cut twists off; twice that is kept, at least " + say.length(3),
                                "√(8 · F / (π · τ))",
                                mm(cut.neckTwistsMm()))
                        .with("F", newtons(cut.force().cuttingN()))
                        .with(
                                "τ",
                                "about a quarter of kc1.1",
                                mpa(job.work().kc11MPa() / 4).assumed()))
                .source("Torsion of a round neck; shear strength guessed from the cutting force (ours)")
                .caution(
                        centre
                                ? "Never part right through between centres: the two halves fold onto the blade and climb it."
                                : "Catch the piece with a rod in its bore or let it drop in a tray; never with the hand.");
        if (!centre && margin < 0) {
            String near = say.typed(PartJob.nearJawsMm(job.diameterMm()));
            finding.mend(near + " from the jaws", AT, near);
        }
        return finding.build();
    }
}
