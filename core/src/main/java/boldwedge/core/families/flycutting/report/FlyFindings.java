package boldwedge.core.families.flycutting.report;

import static boldwedge.core.families.flycutting.entry.FlyField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.flycutting.model.FlyCut;
import boldwedge.core.families.flycutting.model.FlyJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.rule.EdgeRules;
import boldwedge.core.rule.HardEnough;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is found of a fly cutter and its cut. */
final class FlyFindings {
    private static final double HALF = 0.5;
    private static final double IN_HAND = 0.25;
    /** High-speed steel bears about so much in bending under blows, MPa (ours). */
    private static final double BIT_MPA = 500;
    /** A screw's grip is to be so many times what it holds. */
    private static final double TIMES = 3;
    /** Over this many widths a circle only wastes time, and its hollow needs a truer spindle. */
    private static final double MOST_OVER = 2.5;

    private final FlyCut cut;
    private final FlyJob job;
    private final UnitFormat say;

    FlyFindings(FlyCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        EdgeRules edge = new EdgeRules(cut.cutting(), new EdgeRules.Fields(SPEED, FEED, DEPTH, Optional.of(NOSE)), say);
        List<Finding> findings = new ArrayList<>();
        HardEnough.of(job.bit(), job.work(), BIT, say).ifPresent(findings::add);
        findings.add(circle());
        findings.add(farEdge());
        findings.add(heel());
        findings.add(bit());
        findings.add(grip());
        findings.add(edge.speed());
        findings.addAll(edge.offLists());
        findings.add(edge.finish());
        findings.add(edge.smallestChip());
        findings.add(power());
        findings.add(tram());
        findings.add(thrown());
        return findings;
    }

    private Finding circle() {
        int laps = cut.laps();
        double over = cut.sweptMm() / job.widthMm();
        boolean large = over > MOST_OVER;
        double better = say.units().marked(FlyCut.USUAL_OVER * job.widthMm());
        String words = "It sweeps %s over a surface of %s, in one go.";
        if (laps > 1) {
            words = "It sweeps %s over a surface of %s: " + laps + " laps side by side, and a line where they meet.";
        } else if (large) {
            words = "It sweeps %s over only %s: most of a turn cuts air, and the spindle must stand the truer.";
        }
        return Finding.at(Station.EDGE, "circle", say)
                .says(
                        large ? Verdict.DOUBTFUL : laps > 1 ? Verdict.TOLD : Verdict.FINE,
                        words,
                        say.length(cut.sweptMm()),
                        say.length(job.widthMm()))
                .margin(large ? MOST_OVER / over - 1 : HALF)
                .source("1.2 to 1.5 times the width by custom of the trade")
                .mendUnless(
                        !large || better <= job.bodyMm() + 1,
                        "A circle of " + say.length(better),
                        SWEPT,
                        Written.exact(Quantity.LENGTH, better))
                .build();
    }

    private Finding farEdge() {
        boolean brittle =
                job.work().group().equals("K") || job.work().angleGroup().startsWith("brass");
        return Finding.at(Station.CUT, "far-edge", say)
                .says(
                        job.sharpLead() ? (brittle ? Verdict.DOUBTFUL : Verdict.TOLD) : Verdict.FINE,
                        job.sharpLead()
                                ? "Left sharp, the far edge breaks out where the bit leaves it: chamfer it first, or feed from both sides."
                                : "Chamfered first, the far edge stays whole.")
                .margin(job.sharpLead() ? -0.2 : HALF)
                .source("Custom of the trade")
                .mendUnless(!job.sharpLead(), "Chamfer it first", EDGE, "chamfered")
                .build();
    }

    private Finding heel() {
        double left = cut.leftRad();
        double margin = left / FlyCut.HEEL_IN_HAND_RAD - 1;
        double relief =
                Math.toRadians(1) * Math.ceil(Math.toDegrees(cut.heelRad() + job.seatRad() + FlyCut.HEEL_IN_HAND_RAD));
        String words = "Its heel clears the circle by %s: %s at the cut, of which the bit’s thickness takes %s.";
        if (left <= 0) {
            words = "Its heel drags: clearing by %s, with %s at the cut, of which the bit’s thickness takes %s.";
        } else if (margin < -0.02) {
            words = "Its heel clears the circle by only %s: %s at the cut, of which the bit’s thickness takes %s.";
        }
        return Finding.at(Station.EDGE, "heel", say)
                .says(
                        left <= 0 ? Verdict.WRONG : margin < -0.02 ? Verdict.DOUBTFUL : Verdict.FINE,
                        words,
                        say.angle(left),
                        say.angle(cut.clearanceRad()),
                        say.angle(cut.heelRad()))
                .margin(Math.clamp(margin, -1, 1))
                .step(Working.of("Taken by the bit’s thickness", "asin(w / D)", rad(cut.heelRad()))
                        .with("w", "bit", mm(job.bit().widthMm()).fromTable())
                        .with("D", "circle", mm(cut.sweptMm())))
                .step(Working.of("Clearance at the cut", "α − τ", rad(cut.clearanceRad()))
                        .with("α", "as ground", rad(cut.reliefRad()))
                        .with("τ", "its seat leans back", rad(job.seatRad()).typed()))
                .step(Working.of("Rake at the cut", "γ + τ", rad(cut.rakeRad()))
                        .with("γ", "as ground", rad(job.rakeRad()).typed())
                        .with("τ", "its seat leans back", rad(job.seatRad()).typed()))
                .source("Geometry of the chord")
                .mendUnless(margin >= -0.02, "Clearance " + say.angle(relief) + " as ground", RELIEF, say.angle(relief))
                .build();
    }

    private Finding bit() {
        double margin = BIT_MPA / cut.bitMPa() - 1;
        double shorter = say.units().marked(0.6 * job.outMm());
        double lighter = say.units().turned(cut.depthMm() / 2);
        return Finding.at(Station.EDGE, "fly-bit", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "A blow of %s at every turn bends the bit by %s at its root: it snaps."
                                : "A blow of %s at every turn bends the bit by %s at its root, and it bears that.",
                        say.force(cut.blowN()),
                        say.stress(cut.bitMPa()))
                .margin(Math.min(1, margin))
                .step(Working.of("Bending at its root", "6 · F · l / (w · h²)", mpa(cut.bitMPa()))
                        .with("F", "blow", newtons(cut.blowN()))
                        .with("l", "out of the body", mm(job.outMm()).typed())
                        .with("w", "bit", mm(job.bit().widthMm()).fromTable())
                        .with("h", "bit", mm(job.bit().heightMm()).fromTable()))
                .note("Where it enters, half as much again as the steady force: ours.")
                .source("Bending of a cantilever")
                .mendUnless(
                        margin >= Verdict.CLOSE || shorter < 2,
                        "Bit out " + say.length(shorter),
                        OUT,
                        Written.exact(Quantity.LENGTH, shorter))
                .mendUnless(
                        margin >= Verdict.CLOSE || lighter < 0.02,
                        "Depth " + say.length(lighter),
                        DEPTH,
                        Written.exact(Quantity.LENGTH, lighter))
                .build();
    }

    private Finding grip() {
        double margin = cut.holdsN() / (TIMES * cut.movesN()) - 1;
        boolean one = job.screws() < 2;
        return Finding.at(Station.EDGE, "fly-grip", say)
                .says(
                        margin < 0 ? Verdict.WRONG : one ? Verdict.DOUBTFUL : Verdict.FINE,
                        margin < 0
                                ? "What throws and pushes the bit is %s, of %s that its screws hold: it creeps out, deeper at every turn."
                                : one
                                        ? "One screw holds against %s, with %s; where it works loose nothing else does. Two."
                                        : "%s throws and pushes the bit; its screws hold %s.",
                        say.force(cut.movesN()),
                        say.force(cut.holdsN()))
                .margin(margin < 0 ? margin : one ? -0.1 : Math.min(1, margin))
                .step(Working.of("Throws it out", "m · e · (2 · π · n)²", newtons(cut.throwN()))
                        .with("m", "bit", grams(cut.bitGram()))
                        .with("e", "from the axis", mm(cut.bitAtMm()))
                        .with("n", rpm(cut.cutting().rpm())))
                .step(Working.of("Screws hold", "i · F · μ", newtons(cut.holdsN()))
                        .with("i", "screws", number(job.screws()).typed())
                        .with("F", "of one", newtons(FlyCut.screwN()).assumed())
                        .with("μ", number(FlyCut.friction()).assumed()))
                .caution("A bit that flies kills: two screws, guard up, stand out of its plane.")
                .source("Circular motion; friction under a screw, three times in hand")
                .mendUnless(!one, "Two screws", SCREWS, "2")
                .build();
    }

    private Finding power() {
        double margin = job.lathe().spindleWatt() / Math.max(cut.meanWatt(), 1e-9) - 1;
        double lighter = say.units().turned(cut.depthMm() / 2);
        return Finding.at(Station.REACH, "power", say)
                .says(
                        Verdict.of(margin, IN_HAND),
                        "It takes %s on average, %s where it cuts; %s has %s at the spindle.",
                        say.power(cut.meanWatt()),
                        say.power(cut.cutting().powerWatt()),
                        job.lathe().name(),
                        say.power(job.lathe().spindleWatt()))
                .margin(Math.min(margin, 10))
                .step(Working.of("Share of a turn in the work", "2 · asin(B / D) / 360°", number(cut.inTheWork()))
                        .with("B", "width of a lap", mm(cut.lapMm()))
                        .with("D", "circle", mm(cut.sweptMm())))
                .step(Working.of("On average", "Fc · v · s", watts(cut.meanWatt()))
                        .with("Fc", newtons(cut.cutting().force().cuttingN()))
                        .with("v", metresPerMinute(cut.surfaceSpeed()))
                        .with("s", "share in the work", number(cut.inTheWork())))
                .step(EdgeRules.atTheSpindle(job.lathe()))
                .source("Definition of power; force by Kienzle")
                .mendUnless(
                        margin >= IN_HAND || lighter < 0.02,
                        "Depth " + say.length(lighter),
                        DEPTH,
                        Written.exact(Quantity.LENGTH, lighter))
                .build();
    }

    private Finding tram() {
        String may = say.length(cut.mayReadMm());
        if (job.tramMm().isEmpty()) {
            return Finding.at(Station.REACH, "tram", say)
                    .says(
                            Verdict.TOLD,
                            "Read an indicator in the spindle from side to side along the feed: up to %s over %s leaves it flat enough.",
                            may,
                            say.length(job.tramOverMm()))
                    .note("Marks that cross both ways: it stands square. Only one way: it leans.")
                    .source("Geometry of the leaning circle")
                    .build();
        }
        double hollow = cut.hollowMm();
        double margin = Math.min(1, job.flatMm() / Math.max(hollow, 1e-9) - 1);
        return Finding.at(Station.REACH, "tram", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "The spindle leans by %s along the feed: the surface comes out %s hollow, %s is allowed."
                                : "The spindle leans by %s along the feed: the surface comes out %s hollow; %s is allowed.",
                        say.angle(Math.abs(cut.leanRad())),
                        say.length(hollow),
                        say.length(job.flatMm()))
                .margin(margin)
                .step(Working.of("Leans by", "i / d", rad(cut.leanRad()))
                        .with("i", "indicator", mm(job.tramMm().orElse(0)).typed())
                        .with("d", "over", mm(job.tramOverMm()).typed()))
                .step(Working.of("Hollow", "(D / 2 − √(D² / 4 − B² / 4)) · sin(|θ|)", mm(hollow))
                        .with("D", "circle", mm(cut.sweptMm()))
                        .with("B", "width of a lap", mm(Math.min(cut.lapMm(), cut.sweptMm())))
                        .with("θ", "lean", rad(cut.leanRad())))
                .source("Geometry of the leaning circle")
                .mendUnless(
                        margin >= Verdict.CLOSE,
                        "Set it to " + say.length(0.5 * cut.mayReadMm()),
                        TRAM,
                        Written.exact(Quantity.LENGTH, 0.5 * cut.mayReadMm()))
                .build();
    }

    private Finding thrown() {
        return Finding.at(Station.REACH, "unbalance", say)
                .says(
                        Verdict.TOLD,
                        "The bit alone throws with %s at %s: if the machine shakes, slower, or a weight across from it.",
                        say.force(cut.throwN()),
                        say.rpm(cut.cutting().rpm()))
                .caution("Turned by hand first, all the way round; guard up; stand out of the plane of the bit.")
                .caution(
                        "Every turn is a blow: spindle brake off, work bolted in two places, hands away until it stands.")
                .source("Circular motion")
                .build();
    }
}
