package boldwedge.core.families.parting.report;

import static boldwedge.core.families.parting.entry.PartField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.parting.entry.PartReader;
import boldwedge.core.families.parting.model.HolderGeometry;
import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartBound;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.families.parting.model.Weakness;
import boldwedge.core.families.parting.model.Weaknesses;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Blade;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.FlankDamping;
import boldwedge.core.mechanics.cutting.PlungeChatter;
import boldwedge.core.mechanics.cutting.PlungeCut;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.cutting.SpindleSpeeds;
import boldwedge.core.rule.EdgeRules;
import boldwedge.core.rule.LatheSprings;
import boldwedge.core.rule.SlowestSpeed;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What is said of the cut as a whole: what breaks first, force and power, speed, feed, chatter, digging in, the tailstock. */
final class PartCutFindings {
    /** The weakest must bear so many times what is reckoned, or it will not do. */
    static final double HOLDS = 1.5;

    private final PartCut cut;
    private final PartJob job;
    private final UnitFormat say;

    PartCutFindings(PartCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(breaksFirst());
        findings.add(speed());
        findings.add(power());
        findings.add(feed());
        findings.add(digsIn());
        findings.add(chatter());
        findings.addAll(new PartStockFindings(cut, say).all());
        return findings;
    }

    private Finding breaksFirst() {
        List<Weakness> weak = Weaknesses.of(cut);
        Weakness first = weak.getFirst();
        double force = cut.force().cuttingN();
        double times = first.times(force);
        double margin = PartBound.BREAKS.margin(cut);
        Verdict verdict = times < HOLDS ? Verdict.WRONG : margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE;
        double factor = CuttingForce.rakeFactor(job.work(), cut.rakeRad());
        Finding.Builder finding = Finding.at(Station.REACH, "breaks-first", say)
                .says(
                        verdict,
                        "%s first, at %s times the reckoned force (%s).",
                        WeaknessWords.what(cut, first),
                        say.number(times, 1),
                        say.force(force))
                .margin(margin)
                .step(EdgeRules.kienzle(
                        job.work(),
                        newtons(force),
                        factor,
                        PartCut.edgeMm(job),
                        cut.feedMm() * Math.cos(job.leadRad()),
                        PartCut.press(job)))
                .step(EdgeRules.rakeFactor(job.work(), rad(cut.rakeRad()), factor));
        for (Weakness one : weak) {
            finding.step(WeaknessWords.working(cut, one)
                    .titled(WeaknessWords.what(cut, one) + ", " + say.number(one.times(force), 1) + " times"));
        }
        finding.source(
                        "Kienzle; beam, thin blade turning over (Timoshenko & Gere), bolts ISO 898-1; a chip that jams may "
                                + "multiply the force: three times is wanted")
                .caution("Stand out of the plane of the cut, shield on: a blade that breaks throws its end.");
        if (verdict != Verdict.FINE) {
            new WeaknessRemedies(cut, say).offer(finding, first, times);
        }
        return finding.build();
    }

    private Finding speed() {
        double outside = cut.at().getFirst().metresPerMinute();
        Span turning = job.work().surfaceSpeed(job.blade().tool());
        double high = turning.high() * PartCut.SPEED_SHARE;
        double over = outside / high - 1;
        Verdict verdict = over > 0.15 ? Verdict.WRONG : over > 0 ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.REACH, "speed", say)
                .says(
                        verdict,
                        "%s is %s at the outside and less as it goes in; parting is given up to %s.",
                        say.rpm(cut.rpm()),
                        say.surfaceSpeed(outside),
                        say.surfaceSpeed(high))
                .margin(PartBound.SPEED.margin(cut))
                .step(Working.of("At the outside", "v = π · d · n", metresPerMinute(outside))
                        .with("d", mm(job.diameterMm()).typed())
                        .with("n", rpm(cut.rpm())))
                .source("Charts of turning, of which parting takes about six tenths (ours); speeds: the lathe's card");
        job.lathe().speeds().above(cut.rpm()).ifPresent(next -> {
            double below = high * 1000 / (Math.PI * next);
            if (below > job.endMm() && below < job.diameterMm()) {
                finding.step(Working.of("The next speed up may be used under", "d = v / (π · n)", mm(below))
                        .with(
                                "v",
                                "the fastest that is given",
                                metresPerMinute(high).fromTable())
                        .with("n", rpm(next).fromCard()));
            }
        });
        if (over > 0) {
            SpindleSpeeds speeds = job.lathe().speeds();
            double rpm = SpeedChoice.rpm(high, job.diameterMm());
            double slower = speeds.atOrBelow(rpm).orElse(speeds.slowest());
            finding.mendUnless(slower >= cut.rpm() - 0.5, say.rpm(slower), SPEED, say.rpm(slower));
            // Even the slowest may be too fast: then another machine helps, and nothing else does whole.
            if (slower > rpm || SlowestSpeed.isIt(job.lathe(), cut.rpm())) {
                double slowest = Math.min(slower, cut.rpm());
                finding.does((job.groove() ? "Another machine: " : "Another machine, or saw it: ")
                        + SlowestSpeed.turnsNoSlower(job.lathe(), slowest));
            }
        }
        if (!job.lathe().speeds().has(cut.rpm())) {
            finding.caution(job.lathe().name() + " has no " + say.rpm(cut.rpm()) + ".");
        }
        return finding.build();
    }

    private Finding power() {
        PartCut.At outside = cut.at().getFirst();
        double margin = PartBound.POWER.margin(cut);
        Finding.Builder finding = Finding.at(Station.REACH, "power", say)
                .says(
                        Verdict.of(margin, 0.1),
                        "The cut takes %s and %s at the outside; %s are there.",
                        say.power(outside.watt()),
                        say.torque(outside.torqueNm()),
                        say.power(cut.availableWatt()))
                .margin(margin)
                .step(Working.of("Torque at the spindle", "F · D / 2", newtonMetres(outside.torqueNm()))
                        .with("F", newtons(cut.force().cuttingN()))
                        .with("D", mm(job.diameterMm()).typed()));
        for (int i = 0; i < cut.at().size(); i += 4) {
            PartCut.At at = cut.at().get(i);
            finding.step(Working.of("Power at " + say.length(at.diameterMm()), "F · v", watts(at.watt()))
                    .with("F", newtons(cut.force().cuttingN()))
                    .with("v", metresPerMinute(at.metresPerMinute()))
                    .meaning(", " + say.torque(at.torqueNm())));
        }
        finding.source("Power at the edge; a third is left for what jams. Drive efficiency from the lathe's card");
        if (margin < 0) {
            job.lathe()
                    .speeds()
                    .atOrBelow(cut.rpm() * (margin + 1))
                    .ifPresent(slower ->
                            finding.mend("Run at " + say.rpm(slower), SPEED, Written.places(slower, 1) + " rpm"));
            String half = say.feed(cut.feedMm() / 2);
            // What is fed no longer shaves is no remedy.
            finding.mendUnless(cut.feedMm() / 2 < cut.smallestChipMm().high(), "Feed " + half, FEED, half);
        }
        return finding.build();
    }

    private Finding feed() {
        double chip = cut.feedMm() * Math.cos(job.leadRad());
        double margin = PartBound.RUBS.margin(cut);
        Verdict verdict =
                chip < cut.smallestChipMm().chosen() ? Verdict.WRONG : margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.REACH, "feed", say)
                .says(
                        verdict,
                        verdict == Verdict.FINE
                                ? Written.words(
                                        "%s shaves rather than rubs: the edge needs %s or more.",
                                        say.feed(cut.feedMm()),
                                        say.length(cut.smallestChipMm().high()))
                                : Written.words(
                                        "%s may only rub and harden the work: the edge needs %s or more.",
                                        say.feed(cut.feedMm()),
                                        say.length(cut.smallestChipMm().high())))
                .margin(margin)
                .step(Working.of(
                                "Least chip, worn",
                                "s · r",
                                mm(cut.smallestChipMm().high()))
                        .with(
                                "s",
                                "share of the radius",
                                number(job.blade().tool().minimumChipShare().high())
                                        .fromTable())
                        .with(
                                "r",
                                "the edge's own",
                                mm(job.blade().tool().edgeRadiusMm().high()).assumed())
                        .meaning("; stoned " + say.length(cut.smallestChipMm().low())))
                .source("Minimum chip thickness: Boothroyd & Knight; edge radius as ground");
        if (verdict != Verdict.FINE) {
            String more = say.feed(Math.ceil(120 * cut.smallestChipMm().high()) / 100);
            finding.mend("Feed " + more, FEED, more);
        }
        return finding.build();
    }

    private Finding digsIn() {
        double gain = cut.gain();
        double share = gain / PartCut.RUNS_AWAY;
        Verdict verdict = share > 1 ? Verdict.WRONG : share > PartBound.DIGS_SHARE ? Verdict.DOUBTFUL : Verdict.FINE;
        double height = job.lathe().axisAboveSlideMm();
        double forward = cut.forwardMmPerN();
        Amount tilt = Amount.of(
                boldwedge.core.language.measure.Quantity.TILT, cut.down().tiltPerN());
        Finding.Builder finding = Finding.at(Station.REACH, "digs-in", say)
                .says(
                        verdict,
                        gain <= 0
                                ? "Behind the work the cut turns the post so that the point backs out: it does not dig in."
                                : Written.words(
                                        "The cut turns the post so that the point goes in: %s of what it takes to dig in.",
                                        say.share(share)))
                .margin(PartBound.DIGS_IN.margin(cut))
                .step(Working.of(
                                "Forward per newton",
                                job.behind() ? "−(c · x / r + φ · b / 2)" : "c · x / r + φ · b / 2",
                                mmPerNewton(forward))
                        .with(
                                "c",
                                "of the post's give, its turning",
                                BladeFindings.from(job, mmPerNewton(PartCut.postTurns(job))))
                        .with("x", "axis over the slide", mm(height))
                        .with("r", "bolt to edge", mm(job.reachMm()))
                        .with("φ", "tilt of the blade", tilt)
                        .with(
                                "b",
                                "height of the blade",
                                mm(job.blade().heightMm()).fromTable()))
                .step(Working.of("Growth of the force times that", "(1 − mc) · (F − e · l) / f · a", number(gain))
                        .with("mc", number(job.work().mc()).fromTable())
                        .with("F", newtons(cut.force().cuttingN()))
                        .with(
                                "e",
                                "the edge's own",
                                newtonsPerMm(PartCut.press(job).alongNPerMm()).fromTable())
                        .with("l", "edge", mm(PartCut.edgeMm(job)))
                        .with("f", mmPerRev(cut.feedMm()))
                        .with("a", "forward per newton", mmPerNewton(forward))
                        .meaning("; from " + say.number(PartCut.RUNS_AWAY, 1) + " on it runs away"))
                .source(
                        "Post turning about its bolt, a fifth of its give at a usual reach and more further out (ours); Kienzle's slope; chips h' = (f − g h)/(1 − g). Play in slide and nut is not in it")
                .caution("Take up the cross-slide's play towards the work, lock the carriage, tighten the gibs.");
        if (verdict != Verdict.FINE) {
            narrower(PartBound.DIGS_SHARE / share * job.widthMm())
                    .ifPresent(blade -> finding.mend(blade.name(), BLADE, blade.id()));
            if (!job.behind() && job.holder() == HolderKind.POST) {
                finding.mend("Build a split block on the slide", HOLDER, "split-block");
                finding.mend("Tool behind the work, upside down", POST, "behind");
            }
            double nearest = Math.ceil(job.depthMm() + PartReader.ROOM_MM + 0.5);
            if (job.restMm() > nearest + 1) {
                finding.mend("Rest under the blade", REST, say.typed(nearest));
            }
        }
        return finding.build();
    }

    /** The widest blade that is narrower than this one and no wider than that; the narrowest where none is. */
    private Optional<Blade> narrower(double mostMm) {
        List<Blade> narrower = StockCatalogue.shipped().blades().stream()
                .filter(other -> other.standsInsteadOf(job.blade())
                        && other.topMm() < job.widthMm() - 1e-6
                        && other.heightMm() <= HolderGeometry.of(job).axisMm())
                .sorted(Comparator.comparingDouble(Blade::topMm))
                .toList();
        return narrower.stream()
                .filter(other -> other.topMm() <= mostMm)
                .reduce((one, wider) -> wider)
                .or(() -> narrower.stream().findFirst());
    }

    private Finding chatter() {
        Span quiet = cut.quietMm();
        double hopeless = PartBound.HOPELESS * quiet.high();
        double width = job.widthMm();
        boolean quietly = width <= quiet.low();
        Verdict verdict = quietly
                ? Verdict.FINE
                : width <= quiet.chosen() ? Verdict.TOLD : width < hopeless ? Verdict.DOUBTFUL : Verdict.WRONG;
        double margin = PartBound.CHATTER.margin(cut);
        Finding.Builder finding = Finding.at(Station.REACH, "chatter", say)
                .says(verdict, chatterWords(quiet, hopeless))
                .margin(margin)
                .steps(quietWidth(quiet))
                .source(
                        "Tlusty; one mode across, damping assumed, the flank's by Tyler & Schmitz and Ahmadi & Altintas; the blade's own flutter is not in it");
        if (verdict != Verdict.FINE) {
            job.lathe()
                    .speeds()
                    .atOrBelow(cut.rpm() * 0.8)
                    .ifPresent(slower -> finding.mend("Run at " + say.rpm(slower), SPEED, Math.round(slower) + " rpm"));
            narrower(job.widthMm()).ifPresent(blade -> finding.mend(blade.name(), BLADE, blade.id()));
            if (job.holder() == HolderKind.POST) {
                finding.mend("Build a split block on the slide", HOLDER, "split-block");
            }
        }
        finding.doesWhen(
                margin < -0.5 && !job.groove(),
                "Saw it and face the end: what chatters so far past its limit breaks the blade");
        return finding.build();
    }

    /** How the quiet width comes about; nothing where the rake draws the edge in. */
    private List<Working> quietWidth(Span quiet) {
        double perMm = PlungeCut.of(job.work(), PartCut.press(job), cut.rakeRad(), 1, cut.feedMm(), job.leadRad())
                .directionalNPerMm();
        if (perMm <= 0) {
            return List.of();
        }
        if (Double.isInfinite(quiet.low())) {
            return List.of();
        }
        double k = 1 / (PartCut.postGive(job) + cut.workMmPerN());
        double metres = cut.at().getFirst().metresPerMinute();
        double flank = FlankDamping.of(job.work(), cut.reliefRad()).low();
        Amount damping = number(PlungeChatter.damping(job.lathe()).low());
        Amount rocks = hertz(PlungeChatter.rocksHz(job.lathe()));
        double whole =
                damping.value() + flank * quiet.low() / (metres * 1000 / 60) * 2 * Math.PI * rocks.value() / (2 * k);
        return List.of(
                Working.of("Damping, slides and flank", "ζ + C · w / v · 2 · π · f / (2 · k)", number(whole))
                        .with(
                                "ζ",
                                "slides",
                                LatheSprings.from(job.lathe().slide().rocksDamping(), damping))
                        .with("C", "flank on a wave", newtonsPerMm(flank).assumed())
                        .with("w", "width", mm(quiet.low()))
                        .with("v", "at the outside", metresPerMinute(metres))
                        .with(
                                "f",
                                "post rocking",
                                LatheSprings.from(job.lathe().slide().rocksHz(), rocks))
                        .with("k", "post and work", newtonsPerMm(k)),
                Working.of("Quiet width, at the least damping", "2 · k · ζ · (1 + ζ) / D", mm(quiet.low()))
                        .with("k", "post and work", newtonsPerMm(k))
                        .with("ζ", "slides and flank", number(whole))
                        .with("D", "growth of the push by width, N/mm²", mpa(perMm))
                        .meaning(
                                "; " + wide(quiet.chosen()) + " at the usual, " + wide(quiet.high()) + " at the best"));
    }

    private String wide(double mm) {
        return Double.isInfinite(mm) ? "any width" : say.about(mm);
    }

    private String chatterWords(Span quiet, double hopeless) {
        if (Double.isInfinite(quiet.low())) {
            return "At this rake and speed no width of edge chatters by regeneration.";
        }
        double width = job.widthMm();
        String least = say.about(quiet.low());
        if (width <= quiet.low()) {
            return "Quiet: an edge up to " + least + " does not chatter here; this is " + say.length(width) + " wide.";
        }
        return width < hopeless
                ? Written.words(
                        "Listen on the first cut: an edge up to %s is quiet for sure, %s is given up; this is %s wide.",
                        least, Double.isInfinite(hopeless) ? "none" : "over " + say.about(hopeless), say.length(width))
                : "It chatters: an edge over " + say.about(hopeless) + " is given up here; this is " + say.length(width)
                        + " wide.";
    }
}
