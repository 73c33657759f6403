package boldwedge.core.families.shaping.report;

import static boldwedge.core.families.shaping.entry.ShapingField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.shaping.entry.ShapingField;
import boldwedge.core.families.shaping.model.ShapedCut;
import boldwedge.core.families.shaping.model.ShapedJob;
import boldwedge.core.families.shaping.model.ShapedJob.End;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.KeySize;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.stroke.HungTool;
import boldwedge.core.mechanics.stroke.ShaftSlot;
import boldwedge.core.rule.HardEnough;
import java.util.ArrayList;
import java.util.List;

/** What is found of a shaped cut: its size and its ends, the tool that hangs from the ram. */
final class ShapingFindings {
    private static final double HALF = 0.5;
    /** Sides of a keyway and fronts of a shaper's bit clear by so much (custom of the trade). */
    private static final Span CLEARS = new Span(Math.toRadians(3), Math.toRadians(4), Math.toRadians(7));

    private static final double LIGHTER = 0.6;

    private final ShapedCut cut;
    private final ShapedJob job;
    private final UnitFormat say;

    ShapingFindings(ShapedCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(size());
        if (job.isKeyway() && job.end().holes() > 0) {
            findings.add(runOut());
        }
        HardEnough.of(job.bit(), job.work(), BIT, say).ifPresent(findings::add);
        findings.add(digsIn());
        findings.add(bears());
        findings.add(rake());
        findings.add(front());
        return findings;
    }

    private Finding size() {
        return switch (job.form()) {
            case KEYWAY -> key();
            case FLAT -> flat();
            case FACE ->
                Finding.at(Station.CUT, "shaped-size", say)
                        .says(
                                Verdict.FINE,
                                "%s off a face of %s by %s, the last %s in a pass of its own.",
                                say.length(job.depthMm()),
                                say.length(job.widthMm()),
                                say.length(job.lengthMm()),
                                say.length(Math.min(ShapedCut.SKIM_MM, job.depthMm())))
                        .margin(HALF)
                        .source("Custom of the trade")
                        .build();
        };
    }

    private Finding key() {
        double usual =
                job.key().map(one -> ShaftSlot.of(one, job.shaftMm()).depthMm()).orElse(job.depthMm());
        double off = job.depthMm() - usual;
        boolean shallow = off < -1e-6;
        boolean deep = off > job.withinMm() + 1e-6;
        String words = "Key %s wide: %s deep from the crown, %s from its floor to the far side.";
        if (shallow) {
            words = "The key would stand too high: %s wide, but only %s deep, %s from its floor to the far side.";
        } else if (deep) {
            words = "Deeper than the key wants: %s wide, %s deep from the crown, %s from its floor to the far side.";
        }
        Finding.Builder finding = Finding.at(Station.CUT, "shaped-size", say)
                .says(
                        shallow || deep ? Verdict.DOUBTFUL : Verdict.FINE,
                        words,
                        say.length(job.widthMm()),
                        say.length(job.depthMm()),
                        say.length(cut.slot().overShaftMm()))
                .margin(shallow ? off / usual : deep ? -0.1 : HALF)
                .step(Working.of("Floor to far side", "D − t", mm(cut.slot().overShaftMm()))
                        .with("D", "shaft", mm(job.shaftMm()).typed())
                        .with("t", "from the crown", mm(job.depthMm())))
                .step(Working.of("Crown", "R − √(R² − b² / 4)", mm(ShaftSlot.crownMm(job.shaftMm() / 2, job.widthMm())))
                        .with("R", mm(job.shaftMm() / 2))
                        .with("b", "key", mm(job.widthMm())))
                .note(
                        "Dial to zero where the tooth touches the crown: its middle touches first, its corners only under it.")
                .source(job.key().map(KeySize::source).orElse("Width and depth as typed"));
        return finding.mendUnless(
                        !shallow && !deep, "Depth " + say.length(usual), DEPTH, Written.exact(Quantity.LENGTH, usual))
                .build();
    }

    private Finding flat() {
        boolean half = job.depthMm() > 0.3 * job.shaftMm();
        return Finding.at(Station.CUT, "shaped-size", say)
                .says(
                        half ? Verdict.DOUBTFUL : Verdict.FINE,
                        half
                                ? "A flat %s wide goes %s deep, and leaves %s: the shaft bends there before anywhere else."
                                : "A flat %s wide goes %s deep; %s is left to the far side.",
                        say.length(job.widthMm()),
                        say.length(job.depthMm()),
                        say.length(cut.slot().overShaftMm()))
                .margin(half ? 0.3 * job.shaftMm() / job.depthMm() - 1 : HALF)
                .step(Working.of("Width", "2 · √(t · (D − t))", mm(cut.slot().flatMm()))
                        .with("t", "from the crown", mm(job.depthMm()))
                        .with("D", "shaft", mm(job.shaftMm()).typed()))
                .step(Working.of("Floor to far side", "D − t", mm(cut.slot().overShaftMm()))
                        .with("D", mm(job.shaftMm()))
                        .with("t", mm(job.depthMm())))
                .source("Geometry of the circle")
                .build();
    }

    private Finding runOut() {
        boolean two = job.end() == End.TWO_HOLES;
        return Finding.at(Station.CUT, "run-out", say)
                .says(
                        Verdict.TOLD,
                        two
                                ? "Two holes first, %s wide and %s deep: one to run out into, the other made %s long, so that the tool drops in to start."
                                : "A hole first where it ends, %s wide and %s deep: the chip breaks off into it.",
                        say.length(job.widthMm()),
                        say.length(job.depthMm() + ShapedCut.HOLE_DEEPER_MM),
                        say.length(cut.startHoleMm()))
                .note("Without a hole every stroke packs a chip before the tooth, and it snaps.")
                .source("Custom of the trade")
                .build();
    }

    private Finding digsIn() {
        HungTool hung = cut.hung();
        double gain = hung.gain();
        boolean runs = gain >= 1;
        double margin = gain <= 0 ? HALF : Math.min(1, ShapedCut.STEADY_GAIN / gain - 1);
        String words = cut.gooseneck()
                ? "Bent back by the stroke its point swings out of the cut by %s: it never digs in."
                : "Bent back by the stroke its point swings %s into the work, and of more depth %s comes back as depth: it stays there.";
        if (runs) {
            words =
                    "Its point swings %s into the work, and the deeper it goes the deeper it is swung (%s comes back): it digs in.";
        } else if (margin < 0) {
            words =
                    "Bent back by the stroke its point swings %s into the work, and of more depth %s comes back as depth: it is close to digging in.";
        }
        double shorter =
                say.units().marked(cut.outMm() * Math.sqrt(ShapedCut.STEADY_GAIN / Math.max(gain, 0.01)) - 0.5);
        Finding.Builder finding = Finding.at(Station.EDGE, "digs-in", say)
                .says(
                        runs ? Verdict.WRONG : margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE,
                        words,
                        say.length(Math.abs(hung.digsMm())),
                        say.share(Math.max(0, gain)))
                .margin(margin)
                .step(Working.of("Swings in", "a · F · l² / (2 · E · I)", mm(hung.digsMm()))
                        .with("a", "point ahead of the shank’s axis", mm(cut.aheadMm()))
                        .with("F", "along the stroke", newtons(cut.alongN()))
                        .with("l", "clamp to point", mm(cut.outMm()))
                        .with("E", mpa(job.tool().modulusMPa()).fromTable())
                        .with(
                                "I",
                                "of the shank",
                                mm4(cut.bendingNmm2() / job.tool().modulusMPa())))
                .step(Working.of("Comes back as depth", "a · l² / (2 · E · I) · D", number(gain))
                        .with("a", mm(cut.aheadMm()))
                        .with("l", mm(cut.outMm()))
                        .with("E", mpa(job.tool().modulusMPa()).fromTable())
                        .with("I", mm4(cut.bendingNmm2() / job.tool().modulusMPa()))
                        .with("D", "growth of the force with depth", newtonsPerMm(cut.growthNPerMm())))
                .school(
                        "Straight",
                        "Stout and simple; its point stands ahead of what it bends about.",
                        !cut.gooseneck())
                .school("Gooseneck", "Its point hangs behind: it swings out instead of in.", cut.gooseneck())
                .source("Slope of a cantilever at its end; half is ours");
        if (margin < 0) {
            finding.mend("On a gooseneck", HUNG, "gooseneck");
            if (shorter >= job.depthMm() + ShapedCut.BEFORE_MM && shorter < cut.outMm()) {
                finding.mend("Hang it " + say.length(shorter) + " out", OUT, Written.exact(Quantity.LENGTH, shorter));
            }
        }
        return finding.build();
    }

    private Finding bears() {
        boolean tooth = cut.toothMPa() > cut.shankMPa();
        double stress = Math.max(cut.toothMPa(), cut.shankMPa());
        double margin = ShapedCut.BEARS_MPA / stress - 1;
        double less = LIGHTER * cut.downMm();
        String where = tooth ? "The tooth bends by " : "The shank bends by ";
        return Finding.at(Station.EDGE, "tool-bears", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        where
                                + say.stress(stress)
                                + (margin < 0
                                        ? ", with a blow at every stroke: it snaps."
                                        : " and bears it, blow by blow.")
                                + (cut.ways() > 1
                                        ? " It is cut in " + cut.ways() + " ways, " + say.length(cut.sideStepMm())
                                                + " apart."
                                        : ""))
                .margin(Math.min(1, margin))
                .step(
                        tooth
                                ? Working.of("At the tooth's root", "6 · F · p / (w · s²)", mpa(stress))
                                        .with("F", "along the stroke", newtons(cut.alongN()))
                                        .with("p", "tooth's length", mm(job.depthMm() + 2))
                                        .with("w", "tooth", mm(job.toothMm()))
                                        .with(
                                                "s",
                                                "bit",
                                                mm(job.bit().heightMm()).fromTable())
                                : Working.of("At the clamp", "6 · F · l / (w · s²)", mpa(stress))
                                        .with("F", "along the stroke", newtons(cut.alongN()))
                                        .with("l", "clamp to point", mm(cut.outMm()))
                                        .with(
                                                "w",
                                                "bit",
                                                mm(job.bit().widthMm()).fromTable())
                                        .with(
                                                "s",
                                                "bit",
                                                mm(job.bit().heightMm()).fromTable()))
                .source("Bending of a short beam; what it bears under blows is ours")
                .mendUnless(
                        margin >= Verdict.CLOSE, "Take " + say.length(less), DOWN, Written.exact(Quantity.LENGTH, less))
                .build();
    }

    private Finding rake() {
        Span range = cut.rakeRange();
        boolean high = cut.rakeRad() > range.high() + 1e-6;
        boolean low = cut.rakeRad() < range.low() - 1e-6;
        return Finding.at(Station.EDGE, "tooth-rake", say)
                .says(
                        high || low ? Verdict.DOUBTFUL : Verdict.FINE,
                        high
                                ? "Rake %s draws the edge in and leaves it thin: %s to %s here."
                                : low
                                        ? "Rake %s pushes more than it cuts: %s to %s here."
                                        : "Rake %s, of %s to %s for this material.",
                        say.angle(cut.rakeRad()),
                        say.angle(range.low()),
                        say.angle(range.high()))
                .margin(high || low ? -0.1 : HALF)
                .source("Custom of the trade")
                .mendUnless(!high && !low, "Rake " + say.angle(range.chosen()), RAKE, say.angle(range.chosen()))
                .build();
    }

    private Finding front() {
        boolean rubs = job.frontRad() < CLEARS.low() - 1e-6;
        boolean weak = job.frontRad() > CLEARS.high() + 1e-6;
        return Finding.at(Station.EDGE, "front", say)
                .says(
                        rubs || weak ? Verdict.DOUBTFUL : Verdict.FINE,
                        rubs
                                ? "With only %s in front it rubs."
                                : weak
                                        ? "With %s in front the edge is thin for blows: a stroke is straight, and needs less than a turning bit."
                                        : "Clear by %s in front: a stroke is straight, and takes none of it.",
                        say.angle(job.frontRad()))
                .margin(rubs ? job.frontRad() / CLEARS.low() - 1 : weak ? CLEARS.high() / job.frontRad() - 1 : HALF)
                .source("Custom of the trade")
                .mendUnless(
                        !rubs && !weak,
                        "Front " + say.angle(CLEARS.chosen()),
                        ShapingField.FRONT,
                        say.angle(CLEARS.chosen()))
                .build();
    }
}
