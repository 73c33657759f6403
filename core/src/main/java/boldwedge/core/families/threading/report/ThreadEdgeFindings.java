package boldwedge.core.families.threading.report;

import static boldwedge.core.families.threading.entry.ThreadField.*;
import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.number;
import static boldwedge.core.language.measure.Amount.rad;

import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob;
import boldwedge.core.families.threading.model.ThreadJob.Tool;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.EdgeHardness;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.thread.FlankCut;
import boldwedge.core.mechanics.thread.ThreadForm;
import boldwedge.core.mechanics.thread.ThreadSize;
import boldwedge.core.planning.Entry;
import boldwedge.core.rule.HardEnough;
import java.util.ArrayList;
import java.util.List;

/** What is found of the edge: its flanks, its tip, its angle, and what an insert costs. */
final class ThreadEdgeFindings {
    /** Over so much of the room at the root a tip is not worth a try (ours). */
    private static final double MUCH_TOO_WIDE = 1.06;

    private static final double LEAST_CLEARANCE = Math.toRadians(2);
    private static final double USUAL_CLEARANCE = Math.toRadians(3);
    private static final double WATCH_CLEARANCE = Math.toRadians(0.7);
    /** Radii that fill the standard's root, over the pitch. */
    private static final double ROUND_OUTSIDE = 0.14;

    private static final double ROUND_INSIDE = 0.07;
    private static final double ANGLE_WATCHED = 0.15;

    private final ThreadCut cut;
    private final ThreadJob job;
    private final ThreadSize size;
    private final UnitFormat say;

    ThreadEdgeFindings(ThreadCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.size = job.size();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        HardEnough.of(
                        EdgeHardness.of(cut.tool()),
                        job.work(),
                        say,
                        finding -> finding.mend("Brazed carbide, ground to the angle", TOOL, Entry.choice(Tool.BRAZED))
                                .mend("An insert", TOOL, Entry.choice(Tool.INSERT)))
                .ifPresent(findings::add);
        findings.add(flanks());
        findings.add(tip());
        findings.add(angle());
        if (job.edge().tool().insert()) {
            findings.add(insert());
        }
        return findings;
    }

    private Finding flanks() {
        double helix = cut.edge().helixRad();
        double lead = cut.edge().leadingRad() - helix;
        double trail = cut.edge().trailingRad() + helix;
        double least = Math.min(lead, trail);
        Verdict verdict = least < WATCH_CLEARANCE
                ? Verdict.WRONG
                : least < LEAST_CLEARANCE - 1e-9 ? Verdict.DOUBTFUL : Verdict.FINE;
        boolean insert = job.edge().tool().insert();
        Finding.Builder finding = Finding.at(Station.EDGE, "thread-flanks", say)
                .says(
                        verdict,
                        verdict == Verdict.FINE
                                ? (insert ? "Seat the insert leaning by " + say.angle(helix) + ": " : "Grind ")
                                        + "the leading flank "
                                        + say.angle(cut.edge().leadingRad()) + ", the trailing one "
                                        + say.angle(cut.edge().trailingRad()) + ": in the helix of " + say.angle(helix)
                                        + " both clear by "
                                        + say.angle(least) + "."
                                : (lead < trail ? "The leading flank" : "The trailing flank") + " clears by only "
                                        + say.angle(least) + " in the helix of " + say.angle(helix)
                                        + ": its heel rubs and tears.")
                .margin(least / LEAST_CLEARANCE - 1)
                .step(Working.of("Helix at the root", "atan(L / (π · d))", rad(helix))
                        .with("L", "lead", mm(size.leadMm()).fromTable())
                        .with("d", mm(job.inside() ? cut.blankMm() : 2 * cut.tipAtMm())))
                .step(Working.of(
                                "Leading flank, ground", "c + φ", rad(job.edge().clearanceRad() + helix))
                        .with(
                                "c",
                                "clearance in use",
                                rad(job.edge().clearanceRad()).chosen())
                        .with("φ", rad(helix)))
                .step(Working.of(
                                "Trailing flank, ground",
                                "c − φ",
                                rad(job.edge().clearanceRad() - helix))
                        .with("c", rad(job.edge().clearanceRad()).chosen())
                        .with("φ", rad(helix)))
                .note("The leading flank is the one toward which the tool moves: the side toward the chuck for a "
                        + (job.left() ? "left-hand thread cut away from it" : "right-hand thread cut toward it")
                        + ". Below 0° a flank leans over its edge.")
                .source("Geometry of the helix, tan φ = L / (π · d)");
        if (verdict != Verdict.FINE) {
            boolean leadingFirst = lead <= trail;
            boolean typed = leadingFirst
                    ? job.edge().leadingRad().isPresent()
                    : job.edge().trailingRad().isPresent();
            if (!typed) {
                finding.mend("Clearance " + say.angle(USUAL_CLEARANCE), CLEARANCE, degrees(USUAL_CLEARANCE));
            } else if (leadingFirst) {
                finding.mend(
                        "Leading flank " + say.angle(USUAL_CLEARANCE + helix),
                        LEADING,
                        degrees(USUAL_CLEARANCE + helix));
            } else {
                finding.mend(
                        "Trailing flank " + say.angle(USUAL_CLEARANCE - helix),
                        TRAILING,
                        degrees(USUAL_CLEARANCE - helix));
            }
        }
        if (helix > Math.toRadians(4)) {
            finding.note(
                    "With so steep a helix the body below the edge must clear as well: grind it away under the leading flank.");
        }
        return finding.build();
    }

    private static String degrees(double rad) {
        return Written.exact(Quantity.ANGLE, rad);
    }

    private Finding tip() {
        double flat = cut.tip().flatMm();
        double radius = cut.tip().radiusMm();
        double p = size.pitchMm();
        double usual = p / 8;
        boolean round = radius > 0;
        double rootSpace = size.form() == ThreadForm.SIXTY ? (job.inside() ? p / 8 : p / 4) : 0.4 * p;
        double width = round ? 2 * radius * Math.cos(size.form().halfRad()) : flat;
        double share = rootSpace > 0 ? width / rootSpace : 0;
        boolean wide = share > 1.02;
        boolean sharp = (!round && flat < 0.04 * p && size.form() == ThreadForm.SIXTY) || (round && radius < 0.03 * p);
        boolean much = share > MUCH_TOO_WIDE;
        Verdict verdict = much ? Verdict.WRONG : wide || sharp ? Verdict.DOUBTFUL : Verdict.FINE;
        String end = round ? "Radius " + say.length(radius) : "Flat " + say.length(flat);
        Finding.Builder finding = Finding.at(Station.EDGE, "thread-tip", say)
                .says(
                        verdict,
                        wide
                                ? end
                                        + (much ? " is" : " is a little")
                                        + " too wide for this pitch: the root fills before the flanks are down, and the mate’s crest meets it."
                                : end + " at the tip; it goes in " + say.length(cut.depthMm()) + " on the radius from "
                                        + say.length(cut.blankMm())
                                        + (sharp
                                                ? ". So sharp a point breaks, and the deep root costs strength."
                                                : "."))
                .margin(wide ? -(share - 1) : sharp ? -0.1 : 1 - share / 1.05)
                .step(depth())
                .source("Geometry of the groove; flats of ISO 68-1 and ASME B1.1")
                .school(
                        "Flat of an eighth of the pitch",
                        "Depth 0.65 P outside: what most charts mean, easy to hold.",
                        !round && Math.abs(flat - usual) < 1e-6)
                .school("Small radius", "Stronger thread, point lives longer; the standards’ own root.", round)
                .school(
                        "A little sharper than that",
                        "One bit for a range of pitches; goes deeper.",
                        !round && flat < usual - 1e-6);
        if (wide || sharp) {
            if (job.edge().radiusMm().isPresent()) {
                double fits = (job.inside() ? ROUND_INSIDE : ROUND_OUTSIDE) * p;
                finding.mend("Radius " + say.length(fits), RADIUS, Written.exact(Quantity.LENGTH, fits));
            } else {
                finding.mend("Flat " + say.length(usual), FLAT, Written.exact(Quantity.LENGTH, usual));
            }
        }
        return finding.build();
    }

    private Working depth() {
        double half = size.form().halfRad();
        boolean in = job.inside();
        Working working = Working.of(
                        "Depth on the radius",
                        cut.tip().radiusMm() > 0
                                ? (in ? "(m − b) / 2" : "(b − m) / 2") + " + P / (4 · tan(a)) − r · (1 / sin(a) − 1)"
                                : (in ? "(m − b) / 2" : "(b − m) / 2") + " + P / (4 · tan(a)) − w / (2 · tan(a))",
                        mm(cut.depthMm()))
                .with(
                        "b",
                        in ? "bored to" : "turned to",
                        job.blankMm().isPresent()
                                ? mm(cut.blankMm()).typed()
                                : mm(cut.blankMm()).chosen())
                .with("m", "pitch diameter aimed at", mm(cut.targetMm()))
                .with("P", mm(size.pitchMm()).fromTable())
                .with("a", "half angle", rad(half).fromTable());
        return cut.tip().radiusMm() > 0
                ? working.with("r", mm(cut.tip().radiusMm()))
                : working.with("w", mm(cut.tip().flatMm()));
    }

    private Finding angle() {
        double wanted = size.form().angleRad();
        double error = cut.edge().cutAngleRad() - wanted;
        double[] halves = cut.edge().halfErrors();
        double felt = cut.edge().feltMm();
        double tolerance = cut.toleranceMm();
        double share = felt / tolerance;
        Verdict verdict = share > 0.5 ? Verdict.WRONG : share > ANGLE_WATCHED ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.EDGE, "thread-angle", say)
                .says(
                        verdict,
                        Math.abs(error) < 1e-4 && Math.abs(job.edge().yawRad()) < 1e-9
                                ? "Ground to " + say.angle(cut.edge().groundRad()) + " in the face it cuts "
                                        + say.angle(wanted) + ": square it to the work with a gauge."
                                : "It cuts " + say.angle(cut.edge().cutAngleRad()) + " for " + say.angle(wanted)
                                        + (Math.abs(job.edge().yawRad()) > 1e-9
                                                ? ", one flank " + signed(halves[0]) + " and the other "
                                                        + signed(halves[1])
                                                : "")
                                        + ": a mate feels " + say.length(felt) + " on the pitch diameter, "
                                        + say.share(share)
                                        + " of its limits.")
                .margin(ANGLE_WATCHED - share)
                .step(Working.of("Felt on the pitch diameter", "k · P · (|u| + |v|)", mm(felt))
                        .with(
                                "k",
                                "per radian",
                                number(FlankCut.FELT_PER_RADIAN).fromTable())
                        .with("P", mm(size.pitchMm()).fromTable())
                        .with("u", "leading half angle off by", rad(halves[0]))
                        .with("v", "trailing half angle off by", rad(halves[1])))
                .source("By vectors from face, rake and height; NPL, Notes on screw gauges, for what a mate feels");
        if (Math.abs(job.edge().rakeRad()) > 1e-9 && !job.edge().tool().insert()) {
            finding.step(Working.of(
                            "Ground in the face for on centre",
                            "2 · atan(tan(e / 2) · cos(g))",
                            rad(FlankCut.groundFor(wanted, job.edge().rakeRad())))
                    .with("e", "angle wanted", rad(wanted).fromTable())
                    .with("g", "top rake", rad(job.edge().rakeRad()).typed()));
        }
        if (verdict != Verdict.FINE) {
            FlankCut now = cut.edge().flanks();
            double ground = job.edge().tool().insert() ? wanted : FlankCut.groundFor(wanted, now.rakeRad());
            helps(
                    finding,
                    felt,
                    new FlankCut(now.groundRad(), now.rakeRad(), now.heightMm(), 0),
                    "Square it",
                    YAW,
                    "0°");
            helps(
                    finding,
                    felt,
                    new FlankCut(now.groundRad(), now.rakeRad(), 0, now.yawRad()),
                    "On centre",
                    HEIGHT,
                    "0 mm");
            if (job.edge().angleRad().isPresent()) {
                helps(
                        finding,
                        felt,
                        new FlankCut(ground, now.rakeRad(), now.heightMm(), now.yawRad()),
                        "Grind it to its angle",
                        ANGLE,
                        "");
            }
            if (job.edge().tool().insert()) {
                helps(
                        finding,
                        felt,
                        new FlankCut(now.groundRad(), 0, now.heightMm(), now.yawRad()),
                        "Seat it flat",
                        RAKE,
                        "0°");
            }
        }
        return finding.build();
    }

    /** Offers a change only where it alone lessens what a mate feels. */
    private void helps(Finding.Builder finding, double felt, FlankCut then, String label, Entry field, String text) {
        finding.mendUnless(cut.edge().feltMm(then) > felt - 1e-5, label, field, text);
    }

    private String signed(double rad) {
        return (rad > 0 ? "+" : "") + say.angle(rad);
    }

    /** The same thread by each tool, side by side. */
    Finding tools() {
        Finding.Builder finding = Finding.at(Station.EDGE, "thread-tools", say);
        for (Tool tool : Tool.values()) {
            ThreadCut other = tool == job.edge().tool() ? cut : cut.cutBy(tool);
            finding.school(
                    ThreadSpoken.capital(tool.words()),
                    say.rpm(other.rpm()) + ", " + other.depthsMm().size() + " passes and " + other.spring()
                            + " without infeed, " + say.time(other.minutes()) + "; pushes "
                            + say.force(other.hardest().pushN()) + " at the most, springs "
                            + say.length(other.sprungMm())
                            + " in the last pass; shaves no less than "
                            + say.length(EdgeCut.smallestChip(other.tool()).chosen()) + ".",
                    tool == job.edge().tool());
        }
        return finding.says(
                        Verdict.TOLD,
                        "The same thread by each tool: open this to see passes, push and spring side by side.")
                .note("An edge that is keen pushes less and shaves thinner; one of carbide lasts, and wants speed.")
                .source("Each worked out whole, at its usual shape")
                .build();
    }

    private Finding insert() {
        ThreadJob.Edge edge = job.edge();
        double p = size.pitchMm();
        boolean full = edge.tool() == Tool.FULL_INSERT;
        boolean in = full || (p >= edge.finestMm() - 1e-6 && p <= edge.coarsestMm() + 1e-6);
        StringBuilder words = new StringBuilder();
        if (!in) {
            words.append("This insert is for pitches of ")
                    .append(say.pitch(edge.finestMm()))
                    .append(" to ")
                    .append(say.pitch(edge.coarsestMm()))
                    .append(p > edge.coarsestMm() ? ": its flanks are too short for " : ": its nose is too wide for ")
                    .append(say.pitch(p))
                    .append(".");
        } else {
            words.append(
                    full
                            ? "It cuts this pitch alone and tops the crest: leave a little on the "
                                    + (job.inside() ? "hole" : "blank") + "."
                            : "It cuts all pitches of its range and leaves the crest as it was "
                                    + (job.inside() ? "bored: bore it right." : "turned: turn it right."));
        }
        Finding.Builder finding = Finding.at(Station.EDGE, "thread-insert", say)
                .says(in ? Verdict.FINE : Verdict.WRONG, words.toString())
                .margin(in ? 1 : -0.3)
                .source("Range as typed; shape of partial and full profile");
        if (!in) {
            finding.mend("Grind a bit for it", TOOL, "hss-bit");
            finding.mend("Take one for this pitch", TOOL, "full-insert");
        }
        if (edge.price().isPresent()) {
            double each = edge.price().getAsDouble() / (edge.edges() * edge.perEdgeOrUsual());
            finding.step(Working.of("Price of a thread, in the money of the price", "c / (e · n)", number(each))
                    .with("c", "an insert", number(edge.price().getAsDouble()).typed())
                    .with("e", "edges", number(edge.edges()).typed())
                    .with(
                            "n",
                            "threads an edge",
                            edge.perEdge().isPresent()
                                    ? number(edge.perEdgeOrUsual()).typed()
                                    : number(edge.perEdgeOrUsual()).assumed()));
        }
        return finding.build();
    }
}
