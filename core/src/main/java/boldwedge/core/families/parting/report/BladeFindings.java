package boldwedge.core.families.parting.report;

import static boldwedge.core.families.parting.entry.PartField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.parting.entry.PartReader;
import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartHold;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Blade;
import boldwedge.core.language.stock.EdgeHardness;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.rule.HardEnough;
import boldwedge.core.rule.HeldWorkings;
import boldwedge.core.rule.LatheSprings;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What is said of the blade and its tip: width, clearance down to the axis, lead, drift, drop, pip, chips in the slot. */
final class BladeFindings {
    /** Of all that gives; what gives more than this is to be stiffened. */
    private static final double HALF = 0.5;

    /** So many widths of its edge a blade goes deep (shop practice). */
    private static final double DEEPEST_IN_WIDTHS = 10;

    /** A tenth is a rule of thumb: from a seventh of a millimetre on the point goes down too far, as a margin. */
    private static final double DROP_SHORT = -0.3;

    private final PartCut cut;
    private final PartJob job;
    private final UnitFormat say;

    BladeFindings(PartCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        HardEnough.of(
                        EdgeHardness.of(job.blade().tool()),
                        job.work(),
                        say,
                        finding -> StockCatalogue.shipped().blades().stream()
                                .filter(other -> EdgeHardness.of(other.tool()).standsIn(job.work()))
                                .forEach(harder -> finding.mend(harder.name(), BLADE, harder.id())))
                .ifPresent(findings::add);
        findings.add(width());
        findings.add(clears());
        findings.add(sides());
        findings.add(lead());
        findings.add(drop());
        findings.add(chips());
        return findings;
    }

    private Finding width() {
        double depthOverWidth = job.depthMm() / job.widthMm();
        double margin = DEEPEST_IN_WIDTHS / depthOverWidth - 1;
        double thin = 0.5 * job.widthMm();
        double force = cut.force().cuttingN();
        Finding.Builder finding = Finding.at(Station.EDGE, "width", say)
                .says(
                        margin < -0.2 ? Verdict.WRONG : margin < 0.25 ? Verdict.DOUBTFUL : Verdict.FINE,
                        "The cut goes %s times the width of the edge deep; ten is about the end.",
                        say.number(depthOverWidth, 1))
                .margin(margin)
                .note("By width: the force grows as b, the blade's strength as b, its stiffness sideways as b³; "
                        + say.length(thin) + " would take " + say.force(force / 2) + " instead of " + say.force(force)
                        + ".")
                .source("Ten widths: shop practice; force: Kienzle")
                .school(
                        "Thin blade",
                        "Little force and power: a light lathe parts with it; it is weak sideways and wanders",
                        job.widthMm() <= 0.04 * job.diameterMm() + 1)
                .school(
                        "Thick blade",
                        "Stiff and strong, it goes straight; it asks for power and a rigid lathe",
                        job.widthMm() > 0.04 * job.diameterMm() + 1);
        if (margin < 0) {
            StockCatalogue.shipped().blades().stream()
                    .filter(blade -> DEEPEST_IN_WIDTHS * blade.topMm() >= job.depthMm()
                            && blade.topMm() > job.widthMm()
                            && !blade.id().equals(job.blade().id()))
                    .min(Comparator.comparing((Blade blade) ->
                                    blade.section() != job.blade().section())
                            .thenComparingDouble(Blade::topMm))
                    .ifPresent(wider -> finding.mend(wider.name(), BLADE, wider.id()));
            finding.doesWhen(
                    job.groove(),
                    "A groove of " + say.length(job.depthMm() / DEEPEST_IN_WIDTHS)
                            + " or more, in plunges side by side, if its work allows it");
            finding.doesWhen(!job.groove(), "Part as deep as it goes, then saw the rest and face the end");
        }
        return finding.build();
    }

    private Finding clears() {
        double rubs = cut.rubsUnderMm();
        double end = job.endMm();
        boolean before = rubs > end + 0.01;
        Verdict verdict =
                !before ? Verdict.FINE : rubs > Math.max(2, 0.1 * job.diameterMm()) ? Verdict.WRONG : Verdict.DOUBTFUL;
        PartCut.At last = cut.at().getLast();
        Finding.Builder finding = Finding.at(Station.EDGE, "clears", say)
                .says(
                        verdict,
                        before
                                ? Written.words(
                                        "Under %s the front of the tip rubs: height and feed eat its clearance there.",
                                        say.length(rubs))
                                : Written.words(
                                        "The front clears down to %s; %s of clearance are left at %s.",
                                        say.length(end), say.angle(last.reliefRad()), say.length(last.diameterMm())))
                .margin(before ? -rubs / job.diameterMm() : 1)
                .step(inUse(
                        "Clearance in use",
                        "α − asin(2 · h / d) − atan(f / (π · d))",
                        rad(last.reliefRad()),
                        "α",
                        last))
                .step(inUse("Rake in use", "γ + asin(2 · h / d) + atan(f / (π · d))", rad(last.rakeRad()), "γ", last))
                .source("ISO 3002-1, working angles across");
        if (before) {
            if (job.toolHeightMm() > 0) {
                finding.mend("Set it on centre", HEIGHT, "0");
            }
            double more = cut.reliefRad() + Math.toRadians(3);
            if (more < Math.toRadians(15)) {
                finding.mend("Front clearance " + say.angle(more), RELIEF, say.angle(more));
            }
        }
        return finding.build();
    }

    /** An angle in use at a diameter: height and feed turn what is ground. */
    private Working inUse(String what, String formula, Amount angle, String ground, PartCut.At at) {
        // Within twice the height the cut leans by no more than a right angle.
        boolean withinHeight = 2 * Math.abs(cut.heightCuttingMm()) > at.diameterMm();
        String lean = cut.heightCuttingMm() > 0 ? "90°" : "(−90°)";
        return Working.of(
                        what + " at " + say.length(at.diameterMm()),
                        withinHeight ? formula.replace("asin(2 · h / d)", lean) : formula,
                        angle)
                .with(ground, "as ground", rad(ground.equals("α") ? cut.reliefRad() : cut.rakeRad()))
                .with("h", "in the cut", mm(cut.heightCuttingMm()))
                .with("d", mm(at.diameterMm()))
                .with("f", mmPerRev(cut.feedMm()));
    }

    private Finding sides() {
        double taper = job.blade().sideTaperRad();
        double needed = Math.abs(job.squareRad());
        double least = Math.toRadians(0.5);
        double left = cut.sideRad() - needed;
        Verdict verdict = left < 0 ? Verdict.WRONG : left < least ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.EDGE, "sides", say)
                .says(
                        verdict,
                        left < 0
                                ? Written.words(
                                        "Out of square by %s, one side rubs over its whole depth.", say.angle(needed))
                                : Written.words(
                                        "%s of clearance are left behind the edge on the worse side%s.",
                                        say.angle(left),
                                        taper > 0
                                                ? ", and the blade falls away " + say.angle(taper) + " downward"
                                                : ""))
                .margin(left / Math.toRadians(1))
                .step(Working.of("Left", "s − q", rad(left))
                        .with("s", "side clearance", rad(cut.sideRad()))
                        .with("q", "out of square", rad(needed).typed()))
                .source("Geometry of a blade turned about an upright axis");
        if (left < least && needed > 0) {
            finding.mend("Set it square with an indicator along the blade", SQUARE, "0°");
        }
        return finding.build();
    }

    private Finding lead() {
        double drift = cut.driftMm();
        double allowed = Math.max(0.02, 0.004 * job.depthMm());
        double margin = allowed / Math.max(Math.abs(drift), 1e-6) - 1;
        Verdict verdict = Math.abs(drift) < 0.002
                ? Verdict.FINE
                : margin < -0.7 ? Verdict.WRONG : margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.REACH, "drift", say)
                .says(
                        verdict,
                        Math.abs(drift) < 0.002
                                ? "Nothing pushes the blade aside: the faces come out flat, a pip or burr aside."
                                : Written.words(
                                        "The cut runs %s aside over its depth: the piece's face comes out %s.",
                                        say.length(Math.abs(drift)), drift > 0 ? "domed" : "dished"))
                .margin(Math.min(margin, 10))
                .step(Working.of("Pushed aside by the lead", "F · (δ + c)", mm(cut.asideMm()))
                        .with("F", "aside", newtons(cut.force().sideN()))
                        .with(
                                "δ",
                                "give of the blade, aside",
                                mmPerNewton(cut.aside().asideMmPerN()))
                        .with("c", "of the post", postGive()))
                .step(Working.of("Out of square", "t · tan(q)", mm(job.depthMm() * Math.tan(job.squareRad())))
                        .with("t", "depth", mm(job.depthMm()))
                        .with("q", rad(job.squareRad()).typed()))
                .source("Blade as a cantilever sideways; square edges are taken to cut straight")
                .school("Square edge", "Goes straight; leaves a pip on the piece", job.leadRad() == 0)
                .school(
                        "Corner towards the piece leads",
                        "The piece drops clean, the pip stays on the bar; the blade is pushed aside",
                        job.leadRad() > 0)
                .school(
                        "Corner towards the chuck leads",
                        "The bar's end is clean, the pip goes with the piece",
                        job.leadRad() < 0);
        if (verdict != Verdict.FINE) {
            if (job.leadRad() != 0) {
                finding.mend("Square edge", LEAD, "0°");
            }
            if (job.squareRad() != 0) {
                finding.mend("Set it square", SQUARE, "0°");
            }
        }
        return finding.build();
    }

    private Amount postGive() {
        return from(job, mmPerNewton(PartCut.postGive(job)));
    }

    /** What is known of the post's give: measured under this edge, from the machine's card, or assumed from its size. */
    static Amount from(PartJob job, Amount give) {
        return job.postMeasured()
                ? give.measured()
                : LatheSprings.from(job.lathe().postStiffness(), give);
    }

    /** How a post's give grows with the reach; nothing where it was measured at this one. */
    private List<Working> postAtReach() {
        return job.postMeasured()
                ? List.of()
                : List.of(Working.of(
                                "Post at this reach: a fifth of its give is turning and grows",
                                "(0.8 + 0.2 · (r / (2.5 · s))²) / k",
                                postGive())
                        .with("r", "bolt to edge", mm(job.reachMm()))
                        .with(
                                "s",
                                "a usual shank",
                                mm(job.lathe().largestShankMm()).fromCard())
                        .with(
                                "k",
                                "at a usual reach",
                                job.lathe().postStiffness().isPresent()
                                        ? newtonsPerMm(job.postNPerMm()).fromCard()
                                        : newtonsPerMm(job.postNPerMm()).assumed()));
    }

    /** The give of the work across at the cut, and how far the force takes it. */
    private List<Working> workWorkings() {
        List<Working> steps = new ArrayList<>();
        for (Working working : HeldWorkings.of(PartCut.workOf(job), job.lathe(), job.cutAtMm())) {
            steps.add(working);
        }
        steps.add(Working.of("Work and chuck", "F · c", mm(cut.force().cuttingN() * cut.workMmPerN()))
                .with("F", newtons(cut.force().cuttingN()))
                .with("c", "its give", mmPerNewton(cut.workMmPerN())));
        return steps;
    }

    private Finding drop() {
        double drop = cut.dropMm();
        double margin = 0.1 / Math.max(drop, 1e-6) - 1;
        double force = cut.force().cuttingN();
        Finding.Builder finding = Finding.at(Station.REACH, "drop", say)
                .says(
                        margin < DROP_SHORT
                                ? Verdict.WRONG
                                : margin < 2 * Verdict.CLOSE ? Verdict.DOUBTFUL : Verdict.FINE,
                        "Under the cut the point goes down %s against the work%s.",
                        say.length(drop),
                        cut.pipMm() > 0.05
                                ? "; with the height as set a pip " + say.length(cut.pipMm()) + " across is left"
                                : "")
                .margin(margin)
                .step(Working.of(
                                "Blade, bent and sheared, " + say.length(job.restMm()) + " free",
                                "F · δ",
                                mm(force * cut.down().downMmPerN()))
                        .with("F", newtons(force))
                        .with("δ", "its give", mmPerNewton(cut.down().downMmPerN())))
                .step(Working.of("Post and slide", "F · c", mm(force * PartCut.postGive(job)))
                        .with("F", newtons(force))
                        .with("c", "at this reach", postGive()))
                .steps(postAtReach())
                .steps(workWorkings())
                .step(Working.of("Pip", cut.pipMm() > 0 ? "2 · |h − s|" : "0 · |h − s|", mm(cut.pipMm()))
                        .with("h", "height as set", mm(job.toolHeightMm()))
                        .with("s", "the drop", mm(drop))
                        .meaning(cut.pipMm() > 0 ? "" : ": the cut ends before it"))
                .source("Unit-load method; section's second moment exact");
        if (margin < 0) {
            // Where the work hangs out further than the tool gives, no holder helps.
            boolean work = job.hold() != PartHold.CHUCK_AND_CENTRE
                    && cut.workMmPerN() > HALF * drop / cut.force().cuttingN();
            if (work) {
                String near = say.typed(PartJob.nearJawsMm(job.diameterMm()));
                finding.mendUnless(
                        PartJob.nearJawsMm(job.diameterMm()) > 0.9 * job.atMm(), near + " from the jaws", AT, near);
            }
            double nearest = Math.ceil(job.depthMm() + PartReader.ROOM_MM + 0.5);
            if (job.overhangMm() > nearest + 1) {
                finding.mend("Clamp it at " + say.typed(nearest), OVERHANG, say.typed(nearest));
            }
            if (job.holder() == HolderKind.POST && !work) {
                finding.mend("Build a split block on the slide", HOLDER, "split-block");
            }
        }
        finding.doesWhen(margin < DROP_SHORT, "Set the point above the axis by what it goes down, or saw it");
        return finding.build();
    }

    private Finding chips() {
        double after = cut.clearsAfterMm();
        int pecks = (int) Math.ceil(job.depthMm() / after - 1e-9);
        Finding.Builder finding = Finding.at(Station.EDGE, "chips", say)
                .says(
                        Verdict.TOLD,
                        pecks <= 1
                                ? Written.words(
                                        "One go: chips clear themselves to a depth of about %s.", say.about(after))
                                : Written.words(
                                        "Draw out and clear the chips each %s or so: %s on the way in.",
                                        say.length(say.units().turned(after)),
                                        pecks == 2 ? "once" : pecks - 1 + " times"))
                .step(Working.of("Depth between clearings", "q · w", mm(after))
                        .with(
                                "q",
                                job.hollow() ? "hollowed top: the chip curls narrower than its slot" : "flat top",
                                number(after / job.widthMm()).assumed())
                        .with("w", "the edge", mm(job.widthMm())))
                .source("Shop practice; ours as a number")
                .caution("Never reach for chips while it turns: a hook or a brush, and the spindle stopped.");
        if (pecks > 1 && !job.hollow()) {
            finding.mend("Hollow the top", TOP, "hollow");
        }
        return finding.build();
    }

    /** Where the post's stiffness comes from, to be put behind it. */
    static String postFrom(PartJob job) {
        if (job.postMeasured()) {
            return ", measured";
        }
        String built = job.holder().built() ? ", doubled for the block" : "";
        return job.lathe().postStiffness().isPresent()
                ? ", the post's from the lathe's card" + built
                : ", assumed from the machine's size" + built;
    }
}
