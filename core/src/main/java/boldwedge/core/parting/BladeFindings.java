package boldwedge.core.parting;

import boldwedge.core.ask.Say;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What is said of the blade and its tip: width, clearance down to the axis, lead, drift, drop, pip, chips in the slot. */
final class BladeFindings {
    private final PartCut cut;
    private final PartJob job;
    private final Say say;

    BladeFindings(PartCut cut, Say say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
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
        double margin = 10 / depthOverWidth - 1;
        double thin = 0.5 * job.widthMm();
        double force = cut.force().cuttingN();
        return Finding.at(Station.EDGE, "width")
                .says(
                        Verdict.of(margin, 0.25),
                        String.format(
                                Locale.ROOT,
                                "The cut goes %s times the width of the edge deep; ten is about the end.",
                                say.number(depthOverWidth, 1)))
                .margin(margin)
                .step(
                        "Load by width",
                        "F grows as b, the blade's strength as b, its stiffness sideways as b³",
                        say.length(thin) + " would take " + say.force(force / 2),
                        say.force(force))
                .source("Ten widths: shop practice; force: Kienzle")
                .school(
                        "Thin blade",
                        "Little force and power: a light lathe parts with it; it is weak sideways and wanders",
                        job.widthMm() <= 0.04 * job.diameterMm() + 1)
                .school(
                        "Thick blade",
                        "Stiff and strong, it goes straight; it asks for power and a rigid lathe",
                        job.widthMm() > 0.04 * job.diameterMm() + 1)
                .build();
    }

    private Finding clears() {
        double rubs = cut.rubsUnderMm();
        double end = job.endMm();
        boolean before = rubs > end + 0.01;
        Verdict verdict =
                !before ? Verdict.FINE : rubs > Math.max(2, 0.1 * job.diameterMm()) ? Verdict.WRONG : Verdict.DOUBTFUL;
        PartCut.At last = cut.at().getLast();
        Finding.Builder finding = Finding.at(Station.EDGE, "clears")
                .says(
                        verdict,
                        before
                                ? String.format(
                                        Locale.ROOT,
                                        "Under %s the front of the tip rubs: height and feed eat its clearance there.",
                                        say.length(rubs))
                                : String.format(
                                        Locale.ROOT,
                                        "The front clears down to %s; %s of clearance are left at %s.",
                                        say.length(end),
                                        say.angle(last.reliefRad()),
                                        say.length(last.diameterMm())))
                .margin(before ? -rubs / job.diameterMm() : 1)
                .step(
                        "Clearance in use",
                        "α − asin(2h / d) − atan(f / π d)",
                        "h " + say.signed(cut.heightCuttingMm()) + " in the cut",
                        say.angle(last.reliefRad()) + " at " + say.length(last.diameterMm()))
                .step(
                        "Rake in use",
                        "γ + asin(2h / d) + atan(f / π d)",
                        "",
                        say.angle(last.rakeRad()) + " at " + say.length(last.diameterMm()))
                .source("ISO 3002-1, working angles across");
        if (before) {
            if (job.toolHeightMm() > 0) {
                finding.mend("Set it on centre", PartField.HEIGHT.id(), "0");
            }
            double more = cut.reliefRad() + Math.toRadians(3);
            if (more < Math.toRadians(15)) {
                finding.mend("Front clearance " + say.angle(more), PartField.RELIEF.id(), say.angle(more));
            }
        }
        return finding.build();
    }

    private Finding sides() {
        double taper = job.blade().sideTaperRad();
        double needed = Math.abs(job.squareRad());
        double least = Math.toRadians(0.5);
        double left = cut.sideRad() - needed;
        Verdict verdict = left < 0 ? Verdict.WRONG : left < least ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.EDGE, "sides")
                .says(
                        verdict,
                        left < 0
                                ? String.format(
                                        Locale.ROOT,
                                        "Out of square by %s, one side rubs over its whole depth.",
                                        say.angle(needed))
                                : String.format(
                                        Locale.ROOT,
                                        "%s of clearance are left behind the edge on the worse side%s.",
                                        say.angle(left),
                                        taper > 0
                                                ? ", and the blade falls away " + say.angle(taper) + " downward"
                                                : ""))
                .margin(left / Math.toRadians(1))
                .step(
                        "Left",
                        "side clearance − out of square",
                        say.angle(cut.sideRad()) + " − " + say.angle(needed),
                        say.angle(left))
                .source("Geometry of a blade turned about an upright axis");
        if (left < least && needed > 0) {
            finding.mend("Set it square with an indicator along the blade", PartField.SQUARE.id(), "0°");
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
        Finding.Builder finding = Finding.at(Station.REACH, "drift")
                .says(
                        verdict,
                        Math.abs(drift) < 0.002
                                ? "Nothing pushes the blade aside: the faces come out flat, a pip or burr aside."
                                : String.format(
                                        Locale.ROOT,
                                        "The cut runs %s aside over its depth: the piece's face comes out %s.",
                                        say.length(Math.abs(drift)),
                                        drift > 0 ? "domed" : "dished"))
                .margin(Math.min(margin, 10))
                .step(
                        "Pushed aside by the lead",
                        "F tan(β − γ) sin ψ · (c aside + 1/k)",
                        say.force(cut.force().sideN()),
                        say.length(cut.asideMm()))
                .step(
                        "Out of square",
                        "depth · tan",
                        say.length(job.depthMm()) + ", " + say.angle(job.squareRad()),
                        say.length(job.depthMm() * Math.tan(job.squareRad())))
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
                finding.mend("Square edge", PartField.LEAD.id(), "0°");
            }
            if (job.squareRad() != 0) {
                finding.mend("Set it square", PartField.SQUARE.id(), "0°");
            }
        }
        return finding.build();
    }

    private Finding drop() {
        double drop = cut.dropMm();
        double margin = 0.1 / Math.max(drop, 1e-6) - 1;
        double force = cut.force().cuttingN();
        Finding.Builder finding = Finding.at(Station.REACH, "drop")
                .says(
                        Verdict.of(margin, 0),
                        String.format(
                                Locale.ROOT,
                                "Under the cut the point goes down %s against the work%s.",
                                say.length(drop),
                                cut.pipMm() > 0.05
                                        ? "; with the height as set a pip " + say.length(cut.pipMm())
                                                + " across is left"
                                        : ""))
                .margin(margin)
                .step(
                        "Blade",
                        "F · Σ [(L−a)³ − (L−b)³] / 3EI, with shear",
                        say.length(job.restMm()) + " free",
                        say.length(force * cut.down().downMmPerN()))
                .step(
                        "Post and slide",
                        "F · c, turning grows with reach²",
                        say.number(0.001 / PartCut.postGive(job), 1) + " N/µm at this reach" + postFrom(job),
                        say.length(force * PartCut.postGive(job)))
                .step("Work and chuck", "a³ / 3EI + 1/k", "", say.length(force * cut.workMmPerN()))
                .step(
                        "Pip",
                        "2 · |height − drop|",
                        say.signed(job.toolHeightMm()) + " − " + say.length(drop),
                        say.length(cut.pipMm()))
                .source("Unit-load method; section's second moment exact");
        if (margin < 0) {
            double nearest = Math.ceil(job.depthMm() + PartReader.ROOM_MM + 0.5);
            if (job.overhangMm() > nearest + 1) {
                finding.mend("Clamp it at " + say.typed(nearest), PartField.OVERHANG.id(), say.typed(nearest));
            }
            if (job.holder() == HolderKind.POST) {
                finding.mend("Build a split block on the slide", PartField.HOLDER.id(), "split-block");
            }
        }
        return finding.build();
    }

    private Finding chips() {
        double after = cut.clearsAfterMm();
        int pecks = (int) Math.ceil(job.depthMm() / after - 1e-9);
        Finding.Builder finding = Finding.at(Station.EDGE, "chips")
                .says(
                        Verdict.TOLD,
                        pecks <= 1
                                ? String.format(
                                        Locale.ROOT,
                                        "One go: chips clear themselves to a depth of %s.",
                                        say.length(after))
                                : String.format(
                                        Locale.ROOT,
                                        "Draw out and clear the chips each %s: %s on the way in.",
                                        say.length(after),
                                        pecks == 2 ? "once" : pecks - 1 + " times"))
                .step(
                        "Depth between clearings",
                        job.hollow() ? "6 widths" : "3 widths",
                        job.hollow() ? "hollowed top: the chip curls narrower than its slot" : "flat top",
                        say.length(after))
                .source("Shop practice; ours as a number")
                .caution("Never reach for chips while it turns: a hook or a brush, and the spindle stopped.");
        if (pecks > 1 && !job.hollow()) {
            finding.mend("Hollow the top", PartField.TOP.id(), "hollow");
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
