package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;

import boldwedge.core.families.boring.advice.BoreAngles;
import boldwedge.core.families.boring.entry.BoreField;
import boldwedge.core.families.boring.entry.BoreReader;
import boldwedge.core.families.boring.model.BarEnd;
import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.families.boring.model.Bottom;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.EdgeProfile;
import boldwedge.core.mechanics.cutting.Finish;
import boldwedge.core.mechanics.cutting.FlankDamping;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.cutting.SpindleSpeeds;
import boldwedge.core.mechanics.hole.BoreFit;
import boldwedge.core.mechanics.rigidity.Bar;
import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.mechanics.rigidity.Stability;
import boldwedge.core.mechanics.wedge.InUse;
import boldwedge.core.mechanics.wedge.ToolSignature;
import boldwedge.core.mechanics.wedge.TypedSignature;
import boldwedge.core.mechanics.wedge.Wedge;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.PlanRequest;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * What do I have that works? Every bar of the shop, at every length it can be clamped, with every speed and feed of the
 * machine, judged together; for each bar its best setting and what speaks against it.
 */
public final class BarSearch {
    private static final int REACHES = 20;
    private static final List<Double> HAND_FEEDS = List.of(0.03, 0.05, 0.08, 0.1, 0.15);
    private static final int SPEEDS_OF_A_RANGE = 12;

    /** What a bar of the shop brings to a cut. */
    public static final List<Entry> BRINGS = List.of(
            BAR_DIAMETER,
            BAR_LENGTH,
            BAR_MATERIAL,
            NECK_DIAMETER,
            NECK_LENGTH,
            ROD_HOLE,
            BIT,
            BIT_ANGLE,
            BACK_RAKE,
            SIDE_RAKE,
            RELIEF,
            SIDE_RELIEF,
            END_EDGE,
            SIDE_EDGE,
            NOSE_RADIUS,
            FLANK,
            DAMPING);

    private BarSearch() {}

    /**
     * How one of the shop's bars would do, at its best reach, speed and feed.
     *
     * @param cut the cut
     * @param tool the bar's own texts by field id
     */
    public static ToolMatch judge(PlanRequest cut, Map<String, String> tool) {
        Map<String, String> fields = new HashMap<>(cut.fields());
        for (Entry field : BRINGS) {
            fields.put(field.id(), tool.getOrDefault(field.id(), ""));
        }
        for (BoreField open : List.of(OVERHANG, FEED, SPEED, STIFFNESS, RING)) {
            fields.put(open.id(), "");
        }
        BoreReader reader = new BoreReader(new PlanRequest(fields, cut.units(), cut.lathe()));
        var job = reader.read();
        if (job.isEmpty()) {
            List<String> reasons = reader.states().values().stream()
                    .filter(state -> !state.error().isEmpty())
                    .map(state -> state.label() + ": " + state.error())
                    .toList();
            return new ToolMatch(Verdict.WRONG, 1e6, reasons, Map.of());
        }
        UnitFormat say = new UnitFormat(cut.units());
        return tooShort(job.get(), say)
                .orElseGet(() -> new Search(
                                job.get(), BoreReader.typed(reader), holderMeasured(job.get(), tool, cut.units()), say)
                        .best());
    }

    private static boolean centres(BoreJob job) {
        return job.held() == BarHeld.CENTRES;
    }

    private static double leastReachMm(BoreJob job) {
        return job.holeDepthMm() + 1;
    }

    private static double mostReachMm(BoreJob job) {
        return centres(job) ? leastReachMm(job) : job.barLengthMm() - BoreJob.GRIP * job.barMm();
    }

    /** What is said of a bar that does not reach: nothing else of it matters. */
    private static Optional<ToolMatch> tooShort(BoreJob job, UnitFormat say) {
        double least = leastReachMm(job);
        double most = mostReachMm(job);
        if (centres(job) && job.barLengthMm() < job.spanMm()) {
            return Optional.of(new ToolMatch(
                    Verdict.WRONG,
                    1e5 + job.spanMm() - job.barLengthMm(),
                    List.of(Written.words(
                            "It is %s long, and the centres stand %s apart.",
                            say.length(job.barLengthMm()), say.length(job.spanMm()))),
                    Map.of()));
        }
        if (most < least) {
            return Optional.of(new ToolMatch(
                    Verdict.WRONG,
                    1e5 + least - most,
                    List.of(Written.words(
                            "It is %s short: %s in the clamp leaves %s, and the hole is %s deep.",
                            say.length(least - most),
                            say.length(BoreJob.GRIP * job.barMm()),
                            say.length(Math.max(0, most)),
                            say.length(job.holeDepthMm()))),
                    Map.of()));
        }
        return Optional.empty();
    }

    /** Give of the holder from a push test kept on the bar's card with the reach it was made at, mm/N. */
    private static OptionalDouble holderMeasured(BoreJob job, Map<String, String> bar, UnitSystem units) {
        OptionalDouble stiffness = measured(bar, STIFFNESS, units);
        OptionalDouble reach = measured(bar, OVERHANG, units);
        if (stiffness.isEmpty() || reach.isEmpty()) {
            return OptionalDouble.empty();
        }
        double alone = BoreCut.bar(job.withOverhangMm(reach.getAsDouble())).barCompliance();
        return OptionalDouble.of(Math.max(0, 1 / stiffness.getAsDouble() - alone));
    }

    private static OptionalDouble measured(Map<String, String> bar, BoreField field, UnitSystem units) {
        String text = bar.getOrDefault(field.id(), "");
        return !text.isEmpty()
                        && MeasureParser.parse(text, field.limits().orElseThrow(), units)
                                instanceof Parsed.Good<Reading>(Reading good)
                ? OptionalDouble.of(good.value())
                : OptionalDouble.empty();
    }

    /** One bar's search: what does not depend on the reach is worked out once. */
    private static final class Search {
        private final BoreJob job;
        private final OptionalDouble holderMmPerN;
        private final UnitFormat say;
        private final ToolSignature signature;
        private final EdgeProfile edge;
        private final double rake;
        private final Span damps;
        private final List<AtFeed> feeds = new ArrayList<>();
        private final List<AtSpeed> speeds = new ArrayList<>();

        private record AtFeed(
                double feed,
                double push,
                double slope,
                double cutting,
                double directional,
                double flank,
                double ra,
                double chip) {}

        private record AtSpeed(double rpm, double metresPerMinute, double over) {}

        /** One setting with its shortcomings, each 0 when all is well and 1 when it just fails. */
        private record Setting(
                double reach,
                AtFeed feed,
                AtSpeed speed,
                double errorMm,
                double staysMm,
                double quiet,
                double rank,
                Verdict verdict) {}

        Search(BoreJob job, TypedSignature typed, OptionalDouble holderMmPerN, UnitFormat say) {
            this.job = job;
            this.holderMmPerN = holderMmPerN;
            this.say = say;
            this.signature = BoreAngles.over(
                    job, BoreAngles.advice(job, job.held().slenderness(job)).signature(), typed);
            Wedge wedge = Wedge.of(signature);
            var frame = new InUse(-job.held().heightInUse(job), job.finishedMm() / 2, 0, 0, InUse.Feeding.LENGTHWAYS)
                    .frame();
            this.edge = new EdgeProfile(
                    wedge.noseRadiusMm(),
                    wedge.sideAngles(frame).approach(),
                    wedge.endAngles(frame).approach());
            this.rake = wedge.sideAngles(frame).normalRake();
            this.damps = FlankDamping.of(job.work(), wedge.endAngles(frame).normalClearance());
            List<Double> list =
                    job.lathe().feedsMm().isEmpty() ? HAND_FEEDS : job.lathe().feedsMm();
            EdgePress press = EdgePress.of(job.tool(), job.work());
            for (double feed : list) {
                CuttingForce force = CuttingForce.of(job.work(), press, edge, rake, job.depthMm(), feed);
                CuttingForce less = CuttingForce.of(job.work(), press, edge, rake, 0.9 * job.depthMm(), feed);
                feeds.add(new AtFeed(
                        feed,
                        force.pushN(),
                        (force.pushN() - less.pushN()) / (0.1 * job.depthMm()),
                        force.cuttingN(),
                        CuttingForce.directionalStiffness(job.work(), edge, rake, job.depthMm(), feed),
                        CuttingForce.flankBreadth(edge, job.depthMm(), feed),
                        Finish.of(edge, feed).raMm() * Finish.USUAL_OVER_THEORY,
                        force.meanChipMm()));
            }
            Span range = job.work().surfaceSpeed(job.tool());
            for (double rpm : listed(job.lathe().speeds())) {
                double v = SpeedChoice.surfaceSpeed(rpm, job.finishedMm());
                speeds.add(new AtSpeed(rpm, v, v / range.high() - 1));
            }
        }

        private static List<Double> listed(SpindleSpeeds speeds) {
            if (speeds instanceof SpindleSpeeds.Steps(List<Double> steps)) {
                return steps;
            }
            List<Double> sampled = new ArrayList<>();
            for (int i = 0; i < SPEEDS_OF_A_RANGE; i++) {
                sampled.add(Math.rint(speeds.slowest()
                        * Math.pow(speeds.fastest() / speeds.slowest(), i / (SPEEDS_OF_A_RANGE - 1.0))));
            }
            return sampled;
        }

        ToolMatch best() {
            boolean centres = centres(job);
            double least = leastReachMm(job);
            double most = mostReachMm(job);
            BoreFit fit = BoreCut.fit(job, signature);
            double start = job.startMm() / 2;
            double gap = centres ? start - job.barMm() / 2 : fit.gapMm(start);
            double heel = fit.heelGapMm(start);
            boolean blind = !centres && job.bottom() != Bottom.THROUGH && BarEnd.leadsBy(job) < 0.2;
            Setting best = at(least);
            for (int i = 1; i < REACHES && !centres; i++) {
                Setting next = at(least + (most - least) * i / (REACHES - 1));
                best = next.rank() < best.rank() ? next : best;
            }
            List<String> reasons = new ArrayList<>();
            Verdict verdict = best.verdict();
            double rank = best.rank();
            if (gap <= 0) {
                reasons.add(Written.words("It lacks %s of room in the starting hole.", say.length(-gap)));
            }
            if (heel < 0) {
                reasons.add(Written.words("Its heel stands %s into the wall.", say.length(-heel)));
            }
            if (blind) {
                reasons.add("Its end meets the bottom before the point does.");
            }
            if (!reasons.isEmpty()) {
                verdict = Verdict.WRONG;
                rank += 1000;
            }
            reasons.addAll(against(best));
            reasons.add(does(best));
            Map<String, String> take = new HashMap<>();
            if (!centres) {
                take.put(OVERHANG.id(), spelled(Math.ceil(10 * best.reach()) / 10));
            }
            take.put(FEED.id(), say.feed(best.feed().feed()));
            take.put(SPEED.id(), say.rpm(best.speed().rpm()));
            return new ToolMatch(verdict, rank, reasons, take);
        }

        private String spelled(double mm) {
            return say.units() == UnitSystem.METRIC ? say.length(mm) : say.number(mm / 25.4, 3) + " in";
        }

        /** The best speed and feed at one reach. */
        private Setting at(double reach) {
            Bar bar = BoreCut.bar(job.withOverhangMm(reach));
            if (holderMmPerN.isPresent()) {
                bar = bar.clamped(1 / Math.max(1e-9, holderMmPerN.getAsDouble()), Double.POSITIVE_INFINITY);
            }
            BoreCut.Stiffness stiffness = BoreCut.stiffness(job, bar);
            double give = stiffness.tool() + stiffness.workMmPerN();
            Stability mode = BoreCut.mode(job, bar, stiffness);
            Span spread = job.barMaterial().damping();
            Stability sure = new Stability(
                    mode.hz(), mode.stiffnessNPerMm(), job.damping().orElse(spread.low()));
            Stability hoped = new Stability(
                    mode.hz(), mode.stiffnessNPerMm(), job.damping().orElse(spread.high()));
            double strength =
                    job.held().stressPerNewton(job, bar) / (job.barMaterial().yieldMPa() / 3);
            double uneven = Math.abs(stiffness.workMmPerN() - BoreCut.workGive(job, job.holeDepthMm())) / give;
            double allowed = job.allowedErrorMm();
            double power = job.lathe().spindleWatt();
            Span chip = job.tool().minimumChipShare();
            double rubs = chip.high() * job.tool().edgeRadiusMm().high();
            @Nullable Setting best = null;
            for (AtFeed feed : feeds) {
                double error = 2 * give * feed.push() / (1 + give * Math.max(0, feed.slope()));
                // The dial takes the even part out; taper and scatter stay.
                double stays = Math.abs(error) * (uneven / 2 + PushOff.SCATTER);
                double size = stays / allowed;
                double rough = feed.ra() / job.raMm();
                double stress = strength * feed.cutting();
                double thin = rubs / Math.max(1e-9, Math.min(feed.chip(), job.depthMm()));
                for (AtSpeed speed : speeds) {
                    double perSpeed = feed.flank() * 60 / 1000 / speed.metresPerMinute();
                    Stability least = sure.damped(damps.low() * perSpeed);
                    double floor = least.absoluteLimit();
                    double ceiling = hoped.damped(damps.high() * perSpeed).absoluteLimit();
                    double limit = floor;
                    // Only between the certain and the hopeless does the speed's own lobe matter.
                    if (feed.directional() > floor && feed.directional() < 3 * ceiling) {
                        limit = Math.max(floor, feed.directional() < 1.2 * floor ? least.limitAt(speed.rpm()) : floor);
                    }
                    double sings = feed.directional() / limit;
                    double hopeless = feed.directional() / ceiling;
                    double watts = feed.cutting() * speed.metresPerMinute() / 60 / power;
                    boolean wrong =
                            hopeless > 1 || size > 2 || rough > 1.4 || speed.over() > 0.15 || watts > 1 || stress > 1;
                    boolean doubtful = sings > 1 || size > 0.67 || rough > 1 || speed.over() > 0 || thin > 1;
                    double slow = Math.max(0, 0.5 - (1 + speed.over()));
                    double rank = (wrong ? 100 : doubtful ? 10 : 0)
                            + 2 * Math.min(size, 20)
                            + Math.min(sings, 20)
                            + 3 * Math.max(0, rough - 1)
                            + 20 * Math.max(0, speed.over())
                            + 4 * slow
                            + Math.max(0, thin - 1)
                            + 0.3 * (1 - Math.min(1, feed.feed() * speed.rpm() / 100));
                    if (best == null || rank < best.rank()) {
                        best = new Setting(
                                reach,
                                feed,
                                speed,
                                error,
                                stays,
                                sings,
                                rank,
                                wrong ? Verdict.WRONG : doubtful ? Verdict.DOUBTFUL : Verdict.FINE);
                    }
                }
            }
            return Objects.requireNonNull(best, "a machine has a speed and a feed");
        }

        private List<String> against(Setting s) {
            List<String> reasons = new ArrayList<>();
            double allowed = job.allowedErrorMm();
            if (s.staysMm() > 0.67 * allowed) {
                reasons.add(Written.words(
                        "Springs so that %s either way stays when it is dialled in; %s is allowed.",
                        say.length(s.staysMm()), say.length(allowed)));
            }
            if (s.quiet() > 1) {
                reasons.add(Written.words("Its cut is %s times what is sure to be quiet.", say.number(s.quiet(), 1)));
            }
            if (s.feed().ra() > job.raMm()) {
                reasons.add(Written.words(
                        "Leaves about %s; %s is wanted.", say.ra(s.feed().ra()), say.ra(job.raMm())));
            }
            if (s.speed().over() > 0) {
                reasons.add(say.rpm(s.speed().rpm()) + " is too fast for its bit.");
            }
            return reasons;
        }

        private String does(Setting s) {
            return Written.words(
                    "Best at %s reach, %s, %s: %s small at the first pass.",
                    say.length(Math.ceil(10 * s.reach()) / 10),
                    say.rpm(s.speed().rpm()),
                    say.feed(s.feed().feed()),
                    say.length(s.errorMm()));
        }
    }
}
