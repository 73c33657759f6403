package boldwedge.core.families.truing.report;

import static boldwedge.core.families.truing.entry.TrueField.ALLOWED;
import static boldwedge.core.families.truing.entry.TrueField.CLAMP;
import static boldwedge.core.families.truing.entry.TrueField.FACING;
import static boldwedge.core.families.truing.entry.TrueField.REACH;
import static boldwedge.core.families.truing.entry.TrueField.RPM;
import static boldwedge.core.families.truing.entry.TrueField.SEAT;
import static boldwedge.core.families.truing.entry.TrueField.SQUARED_BY;
import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.newtons;
import static boldwedge.core.language.measure.Amount.number;
import static boldwedge.core.language.measure.Amount.rad;

import boldwedge.core.families.truing.model.TrueJob;
import boldwedge.core.families.truing.model.TrueJob.Facing;
import boldwedge.core.families.truing.model.TrueUp;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import java.util.List;

/** What is found of work that is set up. */
final class TrueFindings {
    private static final String CUSTOM = "Custom of the trade";
    private static final double STILL = 1e-9;
    private static final double ROUND_RPM = 10;

    private final TrueUp cut;
    private final TrueJob job;
    private final UnitFormat say;

    TrueFindings(TrueUp cut, UnitFormat say) {
        this.cut = cut;
        job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        return switch (job.what()) {
            case TRUE_UP ->
                cut.rectangle() ? List.of(turn(), pairs(), far(), unbalance()) : List.of(turn(), far(), unbalance());
            case SQUARE_BLOCK -> List.of(jaw(), facing());
            case BORE_BLOCK -> List.of(seat(), along(), turning());
        };
    }

    private Finding turn() {
        double move = cut.moveMm();
        boolean there = Math.abs(2 * move) <= job.withinMm() + STILL;
        String turned = move >= 0
                ? "The jaw that reads high in by %s, %s of its screw; the opposite one out by as much first."
                : "The jaw that reads low in by %s, %s of its screw; the one that reads high out by as much first.";
        return Finding.at(Station.CUT, "jaw-turn", say)
                .says(
                        there ? Verdict.FINE : Verdict.TOLD,
                        there ? "It swings by %s and is wanted at %s: nothing is to be turned." : turned,
                        there ? say.length(job.swingMm()) : say.length(Math.abs(move)),
                        there ? say.length(cut.wantedSwingMm()) : say.angle(cut.turnRad()))
                .margin(1)
                .step(Working.of("By how much the pair moves", "(T − 2 · o) / 2", mm(move))
                        .with("T", "whole swing", mm(job.swingMm()).typed())
                        .with("o", "offset wanted", mm(job.offsetMm()).typed()))
                .step(Working.of("Turn of its screw", "2 · π · m / P", rad(cut.turnRad()))
                        .with("m", "by as much", mm(Math.abs(move)))
                        .with("P", "pitch", mm(job.pitchMm()).typed()))
                .note("The opposite jaw loosened first, pairs in turn; the last hundredths by tightening only.")
                .note("A centre’s point in a punch mark brings it within " + say.length(0.3)
                        + ": enough to drill, not to turn true.")
                .note(
                        "A rectangle: its faces read the same at their nearest when it is turned by half a turn; shift by half the difference.")
                .source("Half of the swing is how far the middle lies from the axis")
                .build();
    }

    /** A rectangle's faces are read pair by pair, each at its nearest: what they differ by is twice what they lie off. */
    private Finding pairs() {
        return Finding.at(Station.CUT, "jaw-pairs", say)
                .says(
                        Verdict.TOLD,
                        "A rectangle: the other pair by half of what its faces differ, %s, %s of its screw.",
                        say.length(cut.otherMoveMm()),
                        say.angle(cut.otherTurnRad()))
                .step(Working.of("By how much it moves", "D / 2", mm(cut.otherMoveMm()))
                        .with("D", "the faces differ", mm(job.otherPairMm()).typed()))
                .step(Working.of("Turn of its screw", "2 · π · m / P", rad(cut.otherTurnRad()))
                        .with("m", "by as much", mm(cut.otherMoveMm()))
                        .with("P", "pitch", mm(job.pitchMm()).typed()))
                .note(
                        "Rock the chuck by hand until the indicator stands at its nearest, read, turn by half a turn, read the other face the same way.")
                .note("The first pair’s reading is what its own two faces differ by, taken the same way.")
                .note(
                        "Soft shims under all four jaws; read again when they are tight: each pair pulls the other a little.")
                .source("Half of what two opposite faces differ is how far their middle lies from the axis")
                .build();
    }

    private Finding far() {
        double margin = job.withinMm() / Math.max(job.farMm(), STILL) - 1;
        return Finding.at(Station.EDGE, "far-end", say)
                .says(
                        margin < -STILL ? Verdict.DOUBTFUL : Verdict.FINE,
                        margin < -STILL
                                ? "The far end swings by %s: tap its high side, then true the jaws again. Within %s is wanted."
                                : "The far end swings by %s, within the %s that is wanted.",
                        say.length(job.farMm()),
                        say.length(job.withinMm()))
                .margin(Math.clamp(margin, -1, 3))
                .note("The jaws set its middle, taps its direction: each spoils the other a little, so twice round.")
                .source(CUSTOM)
                .mend(Fix.atTheMachine("Tap the high side at the far end with a soft hammer, then the jaws again"))
                .build();
    }

    private Finding unbalance() {
        double pull = cut.pullN();
        double margin = TrueUp.SHARE * job.gripN() / Math.max(pull, STILL) - 1;
        double slower = Math.floor(cut.mostRpm() / 1.1 / ROUND_RPM) * ROUND_RPM;
        return Finding.at(Station.REACH, "out-of-balance", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        "Out of balance it pulls with %s at %s; the jaws hold with %s, and a tenth of that is let go for it.",
                        say.force(pull),
                        say.rpm(job.rpm()),
                        say.force(job.gripN()))
                .margin(Math.clamp(margin, -1, 10))
                .step(Working.of("Pull", "w · e / 1000 · (π · n / 30)^2", number(pull))
                        .with("w", "mass, kg", number(job.massKg()).typed())
                        .with("e", "aside, mm", number(job.asideMm()).typed())
                        .with("n", "turns a minute", number(job.rpm()).typed())
                        .meaning(" N"))
                .note(
                        "It grows with the square of the speed: start at the slowest, turn it by hand first, a weight opposite.")
                .source("Force of a mass on a circle; a tenth of the grip is ours")
                .caution(
                        "Chuck key out before the switch; stand out of its plane; a board on the ways when the chuck comes off.")
                .mendUnless(
                        margin >= Verdict.CLOSE || slower < 1,
                        Written.places(slower, 0) + " rpm",
                        RPM,
                        Written.exact(Quantity.SPINDLE_SPEED, slower))
                .build();
    }

    private Finding jaw() {
        double margin = job.withinMm() / Math.max(cut.jawMm(), STILL) - 1;
        return Finding.at(Station.EDGE, "jaw-error", say)
                .says(
                        margin < -STILL ? Verdict.DOUBTFUL : Verdict.FINE,
                        margin < -STILL
                                ? "Turned over it reads %s: half of that, %s, is the jaw. Put as much under its low edge, or true the jaw."
                                : "Turned over it reads %s: half of that, %s, is the jaw.",
                        say.length(job.overMm()),
                        say.length(cut.jawMm()))
                .margin(Math.clamp(margin, -1, 3))
                .step(Working.of("Error of the jaw", "u / 2", mm(cut.jawMm()))
                        .with("u", "turned over", mm(job.overMm()).typed()))
                .note("Parallel before square where only one of both is asked.")
                .source("Turning over shows an error twice")
                .mend(Fix.atTheMachine("Paper or foil of " + say.length(cut.jawMm()) + " behind the jaw’s low edge"))
                .build();
    }

    private Finding facing() {
        if (!job.byLathe()) {
            return Finding.at(Station.REACH, "slide-faces", say)
                    .says(
                            Verdict.TOLD,
                            "In the mill its faces are as square as the vise: base down by a soft rod behind it.")
                    .note(
                            "First the best face down; second against the fixed jaw with a soft rod behind; third and fourth turned over; ends by a square or an indicator.")
                    .source(CUSTOM)
                    .build();
        }
        boolean high = job.hollow() == Facing.HIGH;
        return Finding.at(Station.REACH, "slide-faces", say)
                .says(
                        high ? Verdict.WRONG : Verdict.FINE,
                        high
                                ? "The slide faces high in the middle: nothing that is faced so stands, and nothing is square to it."
                                : job.hollow() == Facing.HOLLOW
                                        ? "The slide faces a little hollow: faces then stand on their rims, as they should."
                                        : "The slide faces flat: faces are as square as the chuck’s.")
                .margin(high ? -0.5 : 0.5)
                .note(
                        "In the lathe each face stands against the chuck’s own face; its error is the slide’s, hollow is allowed, high is not.")
                .source(CUSTOM)
                .mendUnless(!high, "Square it in the mill", SQUARED_BY, "mill")
                .mendUnless(!high, "Once the slide is scraped: hollow", FACING, "hollow")
                .build();
    }

    private Finding seat() {
        double aside = cut.pointAsideMm();
        double margin = job.asideAllowedMm() / Math.max(aside, STILL) - 1;
        double truer = Math.floor(cut.seatMayReadMm() * 1000) / 1000;
        return Finding.at(Station.EDGE, "block-seat", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        "%s read along its face over %s turn the bar: at %s its point lies %s aside.",
                        say.length(job.seatMm()),
                        say.length(job.seatOverMm()),
                        say.length(job.reachMm()),
                        say.length(aside))
                .margin(Math.clamp(margin, -1, 10))
                .step(Working.of("Aside at the point", "u / L · R", mm(aside))
                        .with("u", "read along its face", mm(job.seatMm()).typed())
                        .with("L", "over", mm(job.seatOverMm()).typed())
                        .with("R", "reach", mm(job.reachMm()).typed()))
                .note(
                        "The hole is on centre and along the bed by its making, whatever the post says – for this post, this seat, this height: mark the block.")
                .source("Geometry")
                .mendUnless(
                        margin >= Verdict.CLOSE,
                        "Set it until it reads " + say.length(truer),
                        SEAT,
                        Written.exact(Quantity.LENGTH, truer))
                .mendUnless(
                        margin >= Verdict.CLOSE,
                        "Reach " + say.length(job.reachMm() / 2),
                        REACH,
                        Written.exact(Quantity.LENGTH, job.reachMm() / 2))
                .mendUnless(
                        margin >= Verdict.CLOSE,
                        "Let the point come aside by " + say.length(aside * 1.2),
                        ALLOWED,
                        Written.exact(Quantity.LENGTH, aside * 1.2))
                .build();
    }

    private Finding along() {
        return grip(
                "block-grip",
                "Along the bar it holds with %s; %s pushes, and three times that is wanted.",
                newtons(cut.gripAlongN()),
                newtons(job.pushN()),
                Working.of("Grip along the bar", "2 · μ · N", newtons(cut.gripAlongN())),
                false);
    }

    private Finding turning() {
        return grip(
                "block-turns",
                "Against turning it holds with %s; %s turns, and three times that is wanted.",
                Amount.newtonMetres(cut.gripTurnNmm() / 1000),
                Amount.newtonMetres(cut.turnNmm() / 1000),
                Working.of("Grip against turning", "μ · N · d / 1000", number(cut.gripTurnNmm() / 1000))
                        .with("d", "bar, mm", number(job.shankMm()).typed())
                        .meaning(" N·m"),
                true);
    }

    private Finding grip(String id, String words, Amount holds, Amount pulls, Working working, boolean plain) {
        double margin = holds.value() / (TrueUp.TIMES * pulls.value()) - 1;
        double more = Math.ceil(job.clampN() * 1.15 / (1 + margin) / 100) * 100;
        Amount clamp =
                plain ? number(job.clampN()).typed() : newtons(job.clampN()).typed();
        return Finding.at(Station.REACH, id, say)
                .says(Verdict.of(margin, Verdict.CLOSE), words, say.amount(holds), say.amount(pulls))
                .margin(Math.clamp(margin, -1, 10))
                .step(working.with("μ", number(job.friction()).typed())
                        .with("N", plain ? "clamps, N" : "clamps", clamp))
                .note("Pads are drilled through with the hole, then " + say.length(0.3)
                        + " is taken off each, so that they pull: they do not mark the bar.")
                .source("Friction at two sides; three times by custom of the trade")
                .mendUnless(
                        margin >= Verdict.CLOSE,
                        "Clamps that pull with " + say.force(more),
                        CLAMP,
                        Written.exact(Quantity.FORCE, more))
                .build();
    }
}
