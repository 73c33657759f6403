package boldwedge.core.families.grooving.report;

import static boldwedge.core.families.grooving.entry.GrooveField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.grooving.model.FaceSweep;
import boldwedge.core.families.grooving.model.Groove;
import boldwedge.core.families.grooving.model.Groove.Side;
import boldwedge.core.families.grooving.model.GrooveCut;
import boldwedge.core.families.grooving.model.GrooveJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.Undercut;
import boldwedge.core.rule.HardEnough;
import java.util.ArrayList;
import java.util.List;

/** What is found of the groove itself and of the bit that is ground for it. */
final class GrooveFindings {
    private static final double HALF = 0.5;
    private static final Span SQUEEZE = new Span(0.12, 0.2, 0.3);
    /** Over this a swollen cord has nowhere to go, and shears off (ours: a cord swells by a tenth). */
    private static final double CRAMMED = 0.9;

    private static final double LEAST_FILL = 0.6;
    /** High-speed steel bears about so much at the root of a slim edge, MPa (ours). */
    private static final double TIP_MPA = 600;
    /** Deeper than so many widths a ground bit is a parting blade. */
    private static final double DEEP = 5;
    /** Leaning back by so much less than is needed, a side rubs all over. */
    private static final double RUBS = -0.4;

    private final GrooveCut cut;
    private final GrooveJob job;
    private final Groove groove;
    private final UnitFormat say;

    GrooveFindings(GrooveCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.groove = job.groove();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        HardEnough.of(job.bit(), job.work(), BIT, say).ifPresent(findings::add);
        findings.add(size());
        if (groove.purpose().circlip() && job.besideMm().isPresent()) {
            findings.add(beside());
        }
        if (groove.purpose().oring()) {
            findings.add(squeeze());
            findings.add(fill());
        }
        groove.undercut().ifPresent(one -> findings.add(mate(one)));
        findings.add(corners());
        findings.add(sides());
        if (groove.side() == Side.FACE) {
            findings.add(enters());
        }
        findings.add(tip());
        findings.add(plunges());
        return findings;
    }

    private Finding size() {
        String to = groove.side() == Side.FACE
                ? say.length(groove.depthMm()) + " deep, " + say.length(groove.bottomMm()) + " to "
                        + say.length(groove.aroundMm()) + " across"
                : say.length(groove.bottomMm()) + " at its bottom";
        return Finding.at(Station.CUT, "groove-size", say)
                .says(Verdict.TOLD, "%s wide, %s.", say.length(groove.widthMm()), to)
                .note("Width " + say.length(groove.widthMm() + groove.width().lowerMm()) + " to "
                        + say.length(groove.widthMm() + groove.width().upperMm()) + ", aimed at "
                        + say.length(groove.aimMm()) + "; the bottom "
                        + groove.bottom().written(say.units()) + ".")
                .source(groove.source())
                .build();
    }

    private Finding beside() {
        double has = job.besideMm().orElse(0);
        double needs = groove.besideMm();
        double margin = has / needs - 1;
        return Finding.at(Station.CUT, "groove-beside", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "Only %s of metal beside the groove, %s is wanted: the ring shears it off."
                                : "%s of metal beside the groove; a ring wants %s.",
                        say.length(has),
                        say.length(needs))
                .margin(margin)
                .step(Working.of("Metal beside the groove", "3 · t", mm(needs))
                        .with("t", "depth", mm(groove.depthMm())))
                .source("DIN 471, DIN 472: three times the groove’s depth")
                .mendUnless(
                        margin >= Verdict.CLOSE,
                        "Groove " + say.length(say.units().turned(1.15 * needs)) + " from the end",
                        BESIDE,
                        Written.exact(Quantity.LENGTH, say.units().turned(1.15 * needs)))
                .build();
    }

    /** What sits against the shoulder, and the row for a shaft that is bent to and fro. */
    private Finding mate(Undercut row) {
        Finding.Builder finding = Finding.at(Station.CUT, "undercut-mate", say)
                .says(
                        Verdict.TOLD,
                        groove.mateMm() > 0
                                ? Written.words(
                                        "What seats against the shoulder has its corner broken by more than %s.",
                                        say.length(groove.mateMm()))
                                : "The radius ends below the shaft: what seats against the shoulder may have a sharp corner.")
                .note("Form E: the shoulder stays as turned. Where it is ground too, form F goes "
                        + say.length(row.faceMm())
                        + " into it besides: the same edge, moved on into the shoulder at the bottom.")
                .source(row.source());
        if (groove.mateMm() > 0) {
            finding.step(Working.of("The radius ends above the shaft by", "R − t", mm(groove.mateMm()))
                    .with("R", "radius", mm(row.radiusMm()).fromTable())
                    .with("t", "depth", mm(groove.depthMm())));
        }
        StockCatalogue.shipped().undercuts().stream()
                .filter(other -> other.suits(groove.aroundMm()))
                .forEach(other -> finding.school(
                        other.changing() ? "Bent to and fro" : "Usual load",
                        Written.words(
                                other.changing()
                                        ? "A shaft that is bent as it turns cracks here first: radius %s, %s deep, %s wide."
                                        : "Radius %s, %s deep, %s wide: the smallest that a wheel and a fit need.",
                                say.length(other.radiusMm()),
                                say.length(other.depthMm()),
                                say.length(other.widthMm())),
                        other.equals(row)));
        return finding.build();
    }

    private Finding squeeze() {
        double pressed = groove.pressed();
        boolean loose = pressed < SQUEEZE.low() - 1e-9;
        boolean tight = pressed > SQUEEZE.high() + 1e-9;
        String words = "The cord is pressed flat by %s; %s to %s seals at rest.";
        if (loose) {
            words = "It leaks: the cord is pressed flat by only %s; %s to %s seals at rest.";
        } else if (tight) {
            words = "It takes a set and is hard to put together: pressed flat by %s; %s to %s seals at rest.";
        }
        Finding.Builder finding = Finding.at(Station.CUT, "squeeze", say)
                .says(
                        loose ? Verdict.WRONG : tight ? Verdict.DOUBTFUL : Verdict.FINE,
                        words,
                        say.share(pressed),
                        say.share(SQUEEZE.low()),
                        say.share(SQUEEZE.high()))
                .margin(loose ? pressed / SQUEEZE.low() - 1 : tight ? SQUEEZE.high() / pressed - 1 : HALF)
                .step(Working.of("Pressed flat by", "1 − (t + g / 2) / c", number(pressed))
                        .with("t", "depth", mm(groove.depthMm()))
                        .with("g", "between the parts", mm(groove.gapMm()).typed())
                        .with("c", "cord", mm(groove.cordMm()).typed()))
                .source("Custom of the trade for seals at rest; what moves wants less, by the maker’s table");
        if (loose || tight) {
            double depth = say.units().measured(Groove.sealDepthMm(groove.cordMm(), SQUEEZE.chosen(), groove.gapMm()));
            deepen(finding, depth);
        }
        return finding.build();
    }

    private void deepen(Finding.Builder finding, double depth) {
        switch (groove.side()) {
            case FACE -> finding.mend(say.length(depth) + " deep", DEPTH, Written.exact(Quantity.LENGTH, depth));
            case OUTSIDE -> {
                double bottom = groove.aroundMm() - 2 * depth;
                finding.mend("Down to " + say.length(bottom), BOTTOM, Written.exact(Quantity.LENGTH, bottom));
            }
            case INSIDE -> {
                double bottom = groove.aroundMm() + 2 * depth;
                finding.mend("Out to " + say.length(bottom), BOTTOM, Written.exact(Quantity.LENGTH, bottom));
            }
        }
    }

    private Finding fill() {
        double fill = groove.fill();
        boolean full = fill > Groove.MOST_FILL;
        boolean empty = fill < LEAST_FILL;
        double wider = say.units().turned(Groove.sealWidthMm(groove.cordMm(), groove.roomMm()) + 0.04);
        String words = "The cord fills %s of its room; up to %s leaves it space to swell.";
        if (full) {
            words = "Too full: the cord takes %s of its room, and swells; %s at the most.";
        } else if (empty) {
            words = "The cord fills only %s of its room and rolls about in it; up to %s is usual.";
        }
        return Finding.at(Station.CUT, "fill", say)
                .says(
                        fill > CRAMMED ? Verdict.WRONG : full || empty ? Verdict.DOUBTFUL : Verdict.FINE,
                        words,
                        say.share(fill),
                        say.share(Groove.MOST_FILL))
                .margin(full ? Groove.MOST_FILL / fill - 1 : empty ? fill / LEAST_FILL - 1 : HALF)
                .step(Working.of("Filled", "π · c² / (4 · (t + g / 2) · b)", number(fill))
                        .with("c", "cord", mm(groove.cordMm()).typed())
                        .with("t", "depth", mm(groove.depthMm()))
                        .with("g", "between the parts", mm(groove.gapMm()).typed())
                        .with("b", "width aimed at", mm(groove.aimMm())))
                .source("Custom of the trade; rubber swells with oil and heat")
                .mendUnless(!full && !empty, say.length(wider) + " wide", WIDTH, Written.exact(Quantity.LENGTH, wider))
                .build();
    }

    private Finding corners() {
        Span usual = cut.corners();
        double corner = cut.cornerMm();
        boolean large = corner > usual.high() + 1e-9;
        boolean sharp = corner < usual.low() - 1e-9;
        String words = "Corners of %s, as it wants them.";
        if (large) {
            words = groove.purpose().circlip()
                    ? "Corners of %s hold the ring off its groove’s side: %s at the most."
                    : groove.undercut().isPresent()
                            ? "A radius of %s at the shoulder holds off what seats there: %s at the most."
                            : "Corners of %s are large here: %s at the most.";
        } else if (sharp) {
            words = groove.purpose().oring()
                    ? "Corners of %s cut the cord: round them, %s is usual."
                    : "Corners of %s start a crack: %s is usual.";
        }
        double better = large ? usual.high() : usual.chosen();
        return Finding.at(Station.EDGE, "groove-corners", say)
                .says(large || sharp ? Verdict.DOUBTFUL : Verdict.FINE, words, say.length(corner), say.length(better))
                .margin(large ? usual.high() / corner - 1 : sharp ? corner / usual.low() - 1 : HALF)
                .source("Custom of the trade")
                .mendUnless(
                        !large && !sharp,
                        "Corners of " + say.length(usual.chosen()),
                        CORNER,
                        Written.exact(Quantity.LENGTH, usual.chosen()))
                .build();
    }

    private Finding sides() {
        double needs = cut.feedFallsRad() + GrooveCut.SIDE_IN_HAND_RAD;
        double margin = cut.sideRad() / needs - 1;
        return Finding.at(Station.EDGE, "groove-sides", say)
                .says(
                        margin < RUBS ? Verdict.WRONG : margin < -1e-9 ? Verdict.DOUBTFUL : Verdict.FINE,
                        margin < -1e-9
                                ? "The sides lean back by %s; they need %s, or they rub the groove wide."
                                : "Each side leans back by %s and clears; %s is needed.",
                        say.angle(cut.sideRad()),
                        say.angle(needs))
                .margin(margin)
                .step(Working.of("The path falls in a turn by", "atan(f / (π · d))", rad(cut.feedFallsRad()))
                        .with("f", "feed", mm(cut.feedMm()))
                        .with("d", "across", mm(groove.side() == Side.OUTSIDE ? groove.bottomMm() : groove.aroundMm())))
                .note("Downwards and towards the shank alike: the edge is the widest place of the bit.")
                .source("Geometry; a degree in hand is custom of the trade")
                .mendUnless(margin >= -1e-9, "Side clearance 1.5°", SIDE, "1.5°")
                .build();
    }

    /** Whether the bit's foot goes into a face's groove. */
    private Finding enters() {
        FaceSweep sweep = cut.sweep();
        double needs = sweep.leanRad();
        double has = cut.outerRad();
        double smallest = 2 * FaceSweep.smallestMm(sweep.underMm(), has);
        double margin = groove.aroundMm() / smallest - 1;
        double usual = Math.ceil(Math.toDegrees(needs)) + 1;
        return Finding.at(Station.EDGE, "face-enters", say)
                .says(
                        Verdict.of(margin, -1e-9),
                        margin < -1e-9
                                ? "Its foot rubs on the outer wall: so ground it enters grooves of %s across and more; lean its outer side back by %s."
                                : "So ground it enters grooves of %s across and more; its foot stands in by %s under the wall.",
                        say.length(smallest),
                        margin < -1e-9 ? say.angle(Math.toRadians(usual)) : say.length(sweep.underMm() * Math.tan(has)))
                .margin(margin)
                .step(Working.of("The wall stands in at its foot by", "Ro − √(Ro² − h²)", mm(sweep.standsInMm()))
                        .with("Ro", "outer wall", mm(sweep.outerMm()))
                        .with("h", "bit under its edge", mm(sweep.underMm()).fromTable()))
                .step(Working.of("Smallest groove that it enters", "h · (1 + tan(σ)²) / tan(σ)", mm(smallest))
                        .with("h", "bit under its edge", mm(sweep.underMm()).fromTable())
                        .with("σ", "outer side leans back", rad(has)))
                .note("The inner side clears by itself: there the wall curves away.")
                .source("Geometry of the circle")
                .mendUnless(
                        margin >= -1e-9,
                        "Lean the outer side back by " + say.angle(Math.toRadians(usual)),
                        OUTER,
                        say.angle(Math.toRadians(usual)))
                .build();
    }

    private Finding tip() {
        double stress = cut.tipMPa();
        double margin = TIP_MPA / stress - 1;
        double ratio = cut.outMm() / cut.tipMm();
        boolean deep = ratio > DEEP && margin >= 0;
        String words = "The edge bends by %s at its root and bears it; it stands out %s widths.";
        if (margin < 0) {
            words = "The edge bends by %s at its root, standing out %s widths: it snaps.";
        } else if (deep) {
            words = "It bears %s at its root, but stands out %s widths and wanders aside: part it with a blade.";
        }
        double shorter = say.units().turned(groove.depthMm() + HALF);
        return Finding.at(Station.EDGE, "groove-tip", say)
                .says(
                        margin < 0 ? Verdict.WRONG : deep ? Verdict.DOUBTFUL : Verdict.FINE,
                        words,
                        say.stress(stress),
                        say.number(ratio, 1))
                .margin(margin < 0 ? margin : deep ? DEEP / ratio - 1 : Math.min(1, margin))
                .step(Working.of("Bending at its root", "6 · F · l / (w · H²)", mpa(stress))
                        .with("F", "along the cut", newtons(cut.force().cuttingN()))
                        .with("l", "edge out of its root", mm(cut.outMm()))
                        .with("w", "edge", mm(cut.tipMm()))
                        .with("H", "bit", mm(job.bit().heightMm()).fromTable()))
                .source("Bending of a cantilever; " + say.stress(TIP_MPA) + " is ours")
                .mendUnless(
                        (!deep && margin >= 0) || shorter >= cut.outMm() - 1e-6,
                        "Edge out " + say.length(shorter),
                        OUT,
                        Written.exact(Quantity.LENGTH, shorter))
                .doesWhen(
                        margin < 0,
                        "A wider groove beside it first, so that a stouter edge goes in; or a coarser depth in two bits")
                .build();
    }

    private Finding plunges() {
        int plunges = cut.plunges();
        boolean seal = groove.purpose().oring() && plunges > 1;
        String words = plunges == 1
                ? Written.words("One plunge with an edge of %s.", say.length(cut.tipMm()))
                : Written.words(
                        "%d plunges with an edge of %s, %s from one to the next: that fills %s.",
                        plunges, say.length(cut.tipMm()), say.length(cut.stepMm()), say.length(groove.aimMm()));
        Finding.Builder finding = Finding.at(Station.EDGE, "plunges", say)
                .says(Verdict.TOLD, seal ? words + " Then once along the floor: no step may cross a seal." : words)
                .source("Geometry; the step from the width as ground");
        if (plunges > 1) {
            finding.step(Working.of("From plunge to plunge", "(b − w) / (n − 1)", mm(cut.stepMm()))
                    .with("b", "width aimed at", mm(groove.aimMm()))
                    .with("w", "edge as ground", mm(cut.tipMm()))
                    .with("n", "plunges", number(plunges)));
        }
        return finding.build();
    }
}
