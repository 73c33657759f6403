package boldwedge.core.parting;

import boldwedge.core.ask.Say;
import boldwedge.core.cutting.SpeedChoice;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.stock.Blade;
import boldwedge.core.stock.Span;
import boldwedge.core.stock.StockCatalogue;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/** What is said of the cut as a whole: what breaks first, force and power, speed, feed, chatter, digging in, the tailstock. */
final class PartCutFindings {
    /** With less than this many times the reckoned force in hand a jammed chip breaks it. */
    private static final double WANTED_TIMES = 3;
    /** Slow parting is steadied by the flank rubbing on its own waves: only beyond this many quiet widths is it hopeless. */
    private static final double HOPELESS = 3;

    private final PartCut cut;
    private final PartJob job;
    private final Say say;

    PartCutFindings(PartCut cut, Say say) {
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
        findings.add(stock());
        findings.add(held());
        return findings;
    }

    private Finding breaksFirst() {
        List<Weakness> weak = Weaknesses.of(cut, say);
        Weakness first = weak.getFirst();
        double force = cut.force().cuttingN();
        double times = first.times(force);
        double margin = times / WANTED_TIMES - 1;
        Verdict verdict = times < 1.5 ? Verdict.WRONG : margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.REACH, "breaks-first")
                .says(
                        verdict,
                        String.format(
                                Locale.ROOT,
                                "%s first, at %s times the reckoned force (%s).",
                                first.what(),
                                say.number(times, 1),
                                say.force(force)))
                .margin(margin)
                .step(
                        "Cut down on the edge",
                        "kc1.1 · Kγ · b · f^(1 − mc)",
                        "b " + say.length(job.widthMm()) + ", f " + say.feed(cut.feedMm()),
                        say.force(force));
        for (Weakness one : weak) {
            finding.step(
                    one.what() + ", " + say.number(one.times(force), 1) + " times",
                    one.step().formula(),
                    one.step().numbers(),
                    one.step().result());
        }
        finding.source(
                        "Kienzle; beam, thin blade turning over (Timoshenko & Gere), bolts ISO 898-1; a chip that jams may "
                                + "multiply the force: three times is wanted")
                .caution("Stand out of the plane of the cut, shield on: a blade that breaks throws its end.");
        if (verdict != Verdict.FINE) {
            mend(finding, first, times);
        }
        return finding.build();
    }

    private record Offer(String label, PartField field, String text, PartJob job) {}

    /** Changes that raise what the weakest bears most, each with what it then is. */
    private void mend(Finding.Builder finding, Weakness first, double now) {
        List<Offer> offers = new ArrayList<>();
        double nearest = Math.ceil(job.depthMm() + PartReader.ROOM_MM + 0.5);
        if (job.overhangMm() > nearest + 1) {
            offers.add(new Offer(
                    "Clamp it at " + say.typed(nearest),
                    PartField.OVERHANG,
                    say.typed(nearest),
                    job.with(j -> j.overhangMm(nearest).restMm(Math.min(job.restMm(), nearest)))));
        }
        if (job.holder() == HolderKind.POST) {
            for (HolderKind built : List.of(HolderKind.SPLIT_BLOCK, HolderKind.SIDE_BLOCK)) {
                offers.add(new Offer(
                        "Build " + built.words(),
                        PartField.HOLDER,
                        boldwedge.core.ask.Entry.choice(built),
                        StandFindings.built(job, built)));
            }
        }
        for (Blade other : StockCatalogue.shipped().blades()) {
            if (other.section() == job.blade().section()
                    && !other.id().equals(job.blade().id())
                    && other.deepestMm() >= (other.deepestMm() > 0 ? job.depthMm() : 0)
                    && other.heightMm() <= HolderGeometry.of(job).axisMm()) {
                offers.add(new Offer(
                        other.name(),
                        PartField.BLADE,
                        other.id(),
                        job.with(j -> j.blade(other)
                                .widthMm(other.topMm())
                                .grooveMm(Math.max(job.grooveMm(), other.topMm())))));
            }
        }
        double finer = Math.max(0.01, cut.feedMm() / 2);
        if (cut.feedMm() > 0.012) {
            offers.add(new Offer(
                    "Feed " + say.feed(finer),
                    PartField.FEED,
                    say.feed(finer),
                    job.withFeedMm(OptionalDouble.of(finer))));
        }
        double slower = cut.rpm() / 2;
        if (first.id().equals("motor-stalls") && slower >= job.lathe().speeds().slowest()) {
            double rpm = job.lathe().speeds().atOrBelow(slower).orElse(slower);
            offers.add(
                    new Offer(say.rpm(rpm), PartField.SPEED, say.rpm(rpm), job.withSpeedRpm(OptionalDouble.of(rpm))));
        }
        offers.stream()
                .map(offer -> {
                    PartCut then = cut.with(offer.job());
                    return new Rated(
                            offer,
                            Weaknesses.of(then, say)
                                    .getFirst()
                                    .times(then.force().cuttingN()));
                })
                .filter(rated -> rated.times() > 1.1 * now)
                .sorted(Comparator.comparingDouble(Rated::times).reversed())
                .limit(4)
                .forEach(rated -> finding.mend(
                        rated.offer().label() + ": " + say.number(rated.times(), 1) + " times",
                        rated.offer().field().id(),
                        rated.offer().text()));
    }

    private record Rated(Offer offer, double times) {}

    private Finding speed() {
        double outside = cut.at().getFirst().metresPerMinute();
        Span turning = job.work().surfaceSpeed(job.blade().tool());
        double high = turning.high() * PartCut.SPEED_SHARE;
        double over = outside / high - 1;
        Verdict verdict = over > 0.15 ? Verdict.WRONG : over > 0 ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.REACH, "speed")
                .says(
                        verdict,
                        String.format(
                                Locale.ROOT,
                                "%s is %s at the outside and less as it goes in; parting is given up to %s.",
                                say.rpm(cut.rpm()),
                                say.surfaceSpeed(outside),
                                say.surfaceSpeed(high)))
                .margin(-over)
                .step(
                        "At the outside",
                        "π D n / 1000",
                        say.length(job.diameterMm()) + " at " + say.rpm(cut.rpm()),
                        say.surfaceSpeed(outside))
                .source("Charts of turning, of which parting takes about six tenths (ours); speeds: the lathe's card");
        job.lathe().speeds().above(cut.rpm()).ifPresent(next -> {
            double below = high * 1000 / (Math.PI * next);
            if (below > job.endMm() && below < job.diameterMm()) {
                finding.step(
                        "The next speed up",
                        "D = 1000 v / π n",
                        say.rpm(next),
                        "may be used under " + say.length(below));
            }
        });
        if (over > 0) {
            double rpm = SpeedChoice.rpm(high, job.diameterMm());
            job.lathe()
                    .speeds()
                    .atOrBelow(rpm)
                    .ifPresent(slower -> finding.mend(say.rpm(slower), PartField.SPEED.id(), say.rpm(slower)));
        }
        if (!job.lathe().speeds().has(cut.rpm())) {
            finding.caution(job.lathe().name() + " has no " + say.rpm(cut.rpm()) + ".");
        }
        return finding.build();
    }

    private Finding power() {
        PartCut.At outside = cut.at().getFirst();
        double margin = 0.67 * cut.availableWatt() / outside.watt() - 1;
        Finding.Builder finding = Finding.at(Station.REACH, "power")
                .says(
                        Verdict.of(margin, 0.1),
                        String.format(
                                Locale.ROOT,
                                "The cut takes %s and %s N·m at the outside; %s are there.",
                                say.power(outside.watt()),
                                say.number(outside.torqueNm(), 1),
                                say.power(cut.availableWatt())))
                .margin(margin)
                .step("Torque at the spindle", "F · D / 2", "", say.number(outside.torqueNm(), 1) + " N·m");
        for (int i = 0; i < cut.at().size(); i += 4) {
            PartCut.At at = cut.at().get(i);
            finding.step(
                    "At " + say.length(at.diameterMm()),
                    "F · v",
                    say.surfaceSpeed(at.metresPerMinute()),
                    say.power(at.watt()) + ", " + say.number(at.torqueNm(), 1) + " N·m");
        }
        finding.source("Power at the edge; a third is left for what jams. Drive efficiency from the lathe's card");
        if (margin < 0) {
            String half = say.feed(cut.feedMm() / 2);
            finding.mend("Feed " + half, PartField.FEED.id(), half);
        }
        return finding.build();
    }

    private Finding feed() {
        double chip = cut.feedMm() * Math.cos(job.leadRad());
        double margin = chip / cut.smallestChipMm().high() - 1;
        Verdict verdict =
                chip < cut.smallestChipMm().chosen() ? Verdict.WRONG : margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.REACH, "feed")
                .says(
                        verdict,
                        verdict == Verdict.FINE
                                ? String.format(
                                        Locale.ROOT,
                                        "%s shaves rather than rubs: the edge needs %s or more.",
                                        say.feed(cut.feedMm()),
                                        say.length(cut.smallestChipMm().high()))
                                : String.format(
                                        Locale.ROOT,
                                        "%s may only rub and harden the work: the edge needs %s or more.",
                                        say.feed(cut.feedMm()),
                                        say.length(cut.smallestChipMm().high())))
                .margin(margin)
                .step(
                        "Least chip",
                        "share of the edge's radius",
                        job.blade().tool().name(),
                        say.length(cut.smallestChipMm().low()) + " to "
                                + say.length(cut.smallestChipMm().high()))
                .source("Minimum chip thickness: Boothroyd & Knight; edge radius as ground");
        if (verdict != Verdict.FINE) {
            String more = say.feed(Math.ceil(120 * cut.smallestChipMm().high()) / 100);
            finding.mend("Feed " + more, PartField.FEED.id(), more);
        }
        return finding.build();
    }

    private Finding digsIn() {
        double gain = cut.gain();
        double share = gain / PartCut.RUNS_AWAY;
        Verdict verdict = share > 1 ? Verdict.WRONG : share > 0.6 ? Verdict.DOUBTFUL : Verdict.FINE;
        double height = job.lathe().axisAboveSlideMm();
        Finding.Builder finding = Finding.at(Station.REACH, "digs-in")
                .says(
                        verdict,
                        gain <= 0
                                ? "Behind the work the cut turns the post so that the point backs out: it does not dig in."
                                : String.format(
                                        Locale.ROOT,
                                        "The cut turns the post so that the point goes in: %s of what it takes to dig in.",
                                        say.share(share)))
                .margin(gain <= 0 ? 1 : 0.6 / share - 1)
                .step(
                        "Forward per newton",
                        "turning of the post · height / reach + tilt of the blade · half its height",
                        say.length(height) + " / " + say.length(job.reachMm()) + "; the post gives "
                                + say.number(1000 * PartCut.postGive(job), 3) + " µm/N here, "
                                + say.number(1000 * PartCut.postTurns(job), 3) + " of it by turning"
                                + BladeFindings.postFrom(job),
                        "")
                .step(
                        "Growth of the force",
                        "(1 − mc) F / f",
                        "",
                        "gain " + say.number(gain, 2) + "; from " + say.number(PartCut.RUNS_AWAY, 1)
                                + " on it runs away")
                .source(
                        "Post turning about its bolt, a fifth of its give at a usual reach and more further out (ours); Kienzle's slope; chips h' = (f − g h)/(1 − g). Play in slide and nut is not in it")
                .caution("Take up the cross-slide's play towards the work, lock the carriage, tighten the gibs.");
        if (verdict != Verdict.FINE) {
            if (!job.behind() && job.holder() == HolderKind.POST) {
                finding.mend("Build a split block on the slide", PartField.HOLDER.id(), "split-block");
                finding.mend("Tool behind the work, upside down", PartField.POST.id(), "behind");
            }
            double nearest = Math.ceil(job.depthMm() + PartReader.ROOM_MM + 0.5);
            if (job.restMm() > nearest + 1) {
                finding.mend("Rest under the blade", PartField.REST.id(), say.typed(nearest));
            }
        }
        return finding.build();
    }

    private Finding chatter() {
        Span quiet = cut.quietMm();
        double hopeless = HOPELESS * quiet.high();
        double width = job.widthMm();
        boolean quietly = width <= quiet.low();
        Verdict verdict = quietly ? Verdict.FINE : width < hopeless ? Verdict.DOUBTFUL : Verdict.WRONG;
        // Between what is sure and what is hopeless the margin runs from 0 down; beyond it, on.
        double margin = quietly
                ? quiet.low() / width - 1
                : -0.3 * Math.min(1, (width - quiet.low()) / (hopeless - quiet.low()))
                        + Math.min(0, 0.7 * (hopeless / width - 1));
        Finding.Builder finding = Finding.at(Station.REACH, "chatter")
                .says(
                        verdict,
                        quiet.low() >= PartCut.NEVER_MM
                                ? "The rake draws the edge in: it does not chatter by regeneration."
                                : String.format(
                                        Locale.ROOT,
                                        "It may chatter with an edge over %s, and most likely does over %s; this is %s wide.",
                                        say.length(quiet.low()),
                                        say.length(hopeless),
                                        say.length(width)))
                .margin(margin)
                .step(
                        "Quiet width",
                        "2 k ζ (1 + ζ) / ((1 − mc) kc1.1 f^(−mc) tan(β − γ))",
                        "post and work together, ζ 3, 5 and 8 %",
                        say.length(quiet.low()) + ", " + say.length(quiet.chosen()) + ", " + say.length(quiet.high()))
                .source(
                        "Tlusty; one mode across, damping assumed; rubbing flanks (which help when slow) and the blade's own flutter are not in it");
        if (verdict != Verdict.FINE) {
            if (job.holder() == HolderKind.POST) {
                finding.mend("Build a split block on the slide", PartField.HOLDER.id(), "split-block");
            }
            StockCatalogue.shipped().blades().stream()
                    .filter(b -> b.section() == job.blade().section() && b.topMm() < job.widthMm() - 1e-6)
                    .max(Comparator.comparingDouble(Blade::topMm))
                    .ifPresent(narrower -> finding.mend(narrower.name(), PartField.BLADE.id(), narrower.id()));
        }
        return finding.build();
    }

    private Finding stock() {
        double waste = job.widthMm() / (job.widthMm() + job.pieceMm());
        return Finding.at(Station.CUT, "stock")
                .says(
                        Verdict.TOLD,
                        job.groove()
                                ? String.format(
                                        Locale.ROOT,
                                        "%d plunge%s side by side, %s in all.",
                                        cut.passes(),
                                        cut.passes() == 1 ? "" : "s",
                                        say.time(cut.cutMinutes()))
                                : String.format(
                                        Locale.ROOT,
                                        "%d piece%s take %s of bar, %s of it chips; %s a cut.",
                                        job.pieces(),
                                        job.pieces() == 1 ? "" : "s",
                                        say.length(job.barMm()),
                                        say.share(waste),
                                        say.time(cut.cutMinutes())))
                .step("Bar", "n (length + width)", "", say.length(job.barMm()))
                .step("Time of a cut", "depth / (f · n)", say.length(job.depthMm()), say.time(cut.cutMinutes()))
                .source("Geometry; without facing, clearing chips and deburring")
                .build();
    }

    private Finding held() {
        double out = job.atMm() + job.widthMm();
        double margin = 1.5 * job.diameterMm() / Math.max(out, 1e-9) - 1;
        boolean centre = job.hold() == PartHold.CHUCK_AND_CENTRE;
        Finding.Builder finding = Finding.at(Station.CUT, "held")
                .says(
                        centre ? Verdict.DOUBTFUL : Verdict.of(margin, 0),
                        centre
                                ? String.format(
                                        Locale.ROOT,
                                        "Draw the centre back before the neck is thinner than %s: then saw or break it off.",
                                        say.length(Math.max(3, 2 * cut.neckTwistsMm())))
                                : String.format(
                                        Locale.ROOT,
                                        "The cut stands %s from the jaws; within one and a half diameters (%s) is good.",
                                        say.length(out),
                                        say.length(1.5 * job.diameterMm())))
                .margin(centre ? 0 : margin)
                .step(
                        "Neck that the cut twists off",
                        "√(8 F / π τ), τ about kc1.1 / 4",
                        "twice that is kept, at least " + say.length(3),
                        say.length(cut.neckTwistsMm()))
                .source("Torsion of a round neck; shear strength guessed from the cutting force (ours)")
                .caution(
                        centre
                                ? "Never part right through between centres: the two halves fold onto the blade and climb it."
                                : "Catch the piece with a rod in its bore or let it drop in a tray; never with the hand.");
        if (!centre && margin < 0) {
            String near = say.typed(Math.max(1, Math.rint(0.5 * job.diameterMm())));
            finding.mend(near + " from the jaws", PartField.AT.id(), near);
        }
        return finding.build();
    }
}
