package boldwedge.core.families.turning.model;

import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.EdgeProfile;
import boldwedge.core.mechanics.cutting.EdgeSums;
import boldwedge.core.mechanics.cutting.Finish;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.mechanics.wedge.InUse.Feeding;
import boldwedge.core.mechanics.wedge.ToolSignature;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Every sensible way to take the last pass of a cut: nose, side rake, lead, depth, feed, support and how much stands out, judged together.
 * What does not depend on the rake (the sums along the edge) is worked out once for each edge and cut; the rake then only scales
 * them, so that a set-up costs a few multiplications. The work springs as in the full plan but in one step: x = c F / (1 + c F').
 */
public final class SetUpSearch {
    private static final double[] NOSES_MM = {0.1, 0.2, 0.4, 0.8, 1.2};
    private final double[] nosesMm;
    private final double[] depthsMm;
    /** Rakes tried: the handbook's range in steps of a degree, and this far beyond its ends. */
    private static final double BEYOND_DEG = 6;

    private static final double[] LEADS_DEG = {0, 5, 15};
    private static final double[] DEPTHS_MM = {0.05, 0.1, 0.15, 0.2, 0.25, 0.4, 0.6};
    private static final double[] HAND_FEEDS_MM = {0.05, 0.1, 0.15, 0.2};
    static final double FLATTEST_DEG = -5;
    /** A rake over this leaves no edge to speak of. */
    static final double STEEPEST_DEG = 45;

    private static final double COARSEST_MM = 0.3;
    /** What a set-up must have in hand to be taken for its quickness rather than its safety. */
    private static final double IN_HAND = 0.67;

    private final TurningCut cut;
    private final TurningJob job;
    private final WorkMaterial work;
    private final EdgePress press;
    private final ToolSignature signature;
    private final double trailing;
    private final double availableWatt;
    private final double metresPerMinute;
    private final double thinnest;
    private final double rpm;
    private final double[] rakes;
    private final double usualLow;
    private final double usualHigh;

    /** What decides whether a set-up holds. */
    public enum Bound {
        SIZE,
        FINISH,
        CHIP,
        POWER
    }

    /**
     * A set-up.
     *
     * @param noseMm nose radius
     * @param sideRakeRad side rake in hand
     * @param leadRad lead angle
     * @param depthMm depth of the last pass
     * @param feedMm feed
     * @param hold how the work is held
     * @param freeMm how much of it stands out
     */
    public record SetUp(
            double noseMm,
            double sideRakeRad,
            double leadRad,
            double depthMm,
            double feedMm,
            Hold hold,
            double freeMm) {}

    /**
     * How a set-up does; each ratio is under 1 where it holds.
     *
     * @param setUp which
     * @param taperMm unevenness along the cut on the diameter, above 0 where the far end or the middle is large
     * @param evenMm what the dial takes out, on the diameter
     * @param raMm finish that is likely measured
     * @param size what the dial leaves over what is allowed
     * @param finish finish over what is wanted
     * @param chip smallest chip over this one
     * @param power power over what there is
     * @param minutes of the pass
     */
    public record Judged(
            SetUp setUp,
            double taperMm,
            double evenMm,
            double raMm,
            double size,
            double finish,
            double chip,
            double power,
            double minutes) {
        /** The largest of the ratios. */
        public double worst() {
            return Math.max(Math.max(size, finish), Math.max(chip, power));
        }

        /** What stands in the way most. */
        public Bound bound() {
            double worst = worst();
            return worst == size
                    ? Bound.SIZE
                    : worst == finish ? Bound.FINISH : worst == chip ? Bound.CHIP : Bound.POWER;
        }
    }

    /**
     * What was found.
     *
     * @param tried set-ups tried
     * @param hold how many hold all that is wanted
     * @param best the best, the best first, no two with the same nose, hold and length
     * @param losers how many are lost by what stands most in their way
     * @param balances where nothing tapers, by nose
     */
    public record Found(
            long tried, long hold, List<Judged> best, Map<Bound, Long> losers, List<TaperBalance> balances) {}

    private SetUpSearch(TurningCut cut) {
        this.cut = cut;
        job = cut.job();
        work = job.work();
        nosesMm = Arrays.stream(NOSES_MM).map(job.units()::nose).toArray();
        depthsMm = Arrays.stream(DEPTHS_MM).map(job.units()::measured).toArray();
        EdgeCut cutting = cut.cutting();
        press = cutting.at().press();
        signature = cut.signature();
        trailing = cutting.profile().trailing();
        availableWatt = cutting.at().availableWatt();
        metresPerMinute = cutting.surfaceSpeed();
        rpm = cutting.rpm();
        thinnest = cutting.smallestChipMm().high();
        Span advised = cut.advice().sideRake().span();
        usualLow = Math.toDegrees(advised.low());
        usualHigh = Math.toDegrees(advised.high());
        int low = (int) Math.ceil(Math.max(FLATTEST_DEG, usualLow - BEYOND_DEG));
        int high = (int) Math.floor(Math.min(STEEPEST_DEG, usualHigh + BEYOND_DEG));
        rakes = new double[high - low + 1];
        for (int i = 0; i < rakes.length; i++) {
            rakes[i] = low + i;
        }
    }

    /** Searches the set-ups of a cut along the work; empty for facing, which has no taper to hold. */
    public static Optional<Found> of(TurningCut cut, int most) {
        return cut.job().operation().feeding() == Feeding.LENGTHWAYS
                ? Optional.of(new SetUpSearch(cut).search(most))
                : Optional.empty();
    }

    /** The work held one way. */
    @SuppressWarnings("ArrayRecordComponent") // never compared
    private record Held(Hold hold, double free, double[] give) {}

    private Found search(int most) {
        List<PassSums> edges = edges();
        List<Held> ways = ways();
        double[][] factors = new double[rakes.length][LEADS_DEG.length];
        double[][] ratios = new double[rakes.length][LEADS_DEG.length];
        for (int r = 0; r < rakes.length; r++) {
            for (int l = 0; l < LEADS_DEG.length; l++) {
                double rake = cut.normalRake(Math.toRadians(rakes[r]), Math.toRadians(LEADS_DEG[l]));
                factors[r][l] = CuttingForce.rakeFactor(work, rake);
                ratios[r][l] = factors[r][l] * CuttingForce.pushRatio(work, rake);
            }
        }
        long hold = 0;
        long tried = 0;
        Map<Bound, Long> losers = new EnumMap<>(Bound.class);
        for (Bound by : Bound.values()) {
            losers.put(by, 0L);
        }
        Ranked ranked = new Ranked(most);
        for (PassSums edge : edges) {
            int lead = leadIndex(edge.lead());
            double finish = edge.ra() / job.raMm();
            double chip = thinnest / Math.max(1e-9, Math.min(edge.chip(), edge.depth()));
            for (int r = 0; r < rakes.length; r++) {
                double push = edge.push() * ratios[r][lead] + edge.across();
                double growth = Math.max(0, edge.growth() * ratios[r][lead] + edge.acrossGrowth());
                double watt = (edge.cutting() * factors[r][lead] + edge.along()) * metresPerMinute / 60;
                double power = watt / availableWatt;
                for (Held way : ways) {
                    tried++;
                    double least = Double.POSITIVE_INFINITY;
                    double largest = Double.NEGATIVE_INFINITY;
                    for (double give : way.give()) {
                        double error = 2 * give * push / (1 + give * growth);
                        least = Math.min(least, error);
                        largest = Math.max(largest, error);
                    }
                    double even = (largest + least) / 2;
                    double size = ((largest - least) / 2 + PushOff.SCATTER * Math.abs(even)) / job.allowedErrorMm();
                    double worst = Math.max(Math.max(size, finish), Math.max(chip, power));
                    if (worst <= 1) {
                        hold++;
                    } else {
                        Bound by = worst == size
                                ? Bound.SIZE
                                : worst == finish ? Bound.FINISH : worst == chip ? Bound.CHIP : Bound.POWER;
                        losers.merge(by, 1L, Long::sum);
                    }
                    double cost = cost(worst, edge, rakes[r], way);
                    if (ranked.wants(cost)) {
                        ranked.add(cost, judged(edge, rakes[r], way, size, finish, chip, power));
                    }
                }
            }
        }
        return new Found(tried, hold, ranked.best(), losers, TaperBalance.of(cut, nosesMm));
    }

    /** Quick and free of new work where there is enough in hand; else what has most in hand. */
    private double cost(double worst, PassSums edge, double rakeDeg, Held way) {
        double unusual = Math.max(0, Math.max(usualLow - rakeDeg, rakeDeg - usualHigh));
        double ground = Math.abs(edge.nose() - signature.noseRadiusMm()) < 1e-6 ? 0 : 0.1;
        double trouble = (way.hold() == job.hold() ? 0 : 0.3) + 0.1 * unusual + ground;
        double passes = Math.max(1, Math.ceil(job.stockMm() / Math.max(edge.depth(), 1e-9) / 8));
        double slow = 0.02 / edge.feed() * Math.min(passes, 3);
        return worst <= IN_HAND ? slow + trouble + 0.2 * worst : 100 * worst + trouble;
    }

    private Judged judged(
            PassSums edge, double rakeDeg, Held way, double size, double finish, double chip, double power) {
        double rake = cut.normalRake(Math.toRadians(rakeDeg), edge.lead());
        double factor = CuttingForce.rakeFactor(work, rake);
        double push = edge.push() * factor * CuttingForce.pushRatio(work, rake) + edge.across();
        double growth = Math.max(0, edge.growth() * factor * CuttingForce.pushRatio(work, rake) + edge.acrossGrowth());
        double[] error = new double[way.give().length];
        double least = Double.POSITIVE_INFINITY;
        double largest = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < error.length; i++) {
            error[i] = 2 * way.give()[i] * push / (1 + way.give()[i] * growth);
            least = Math.min(least, error[i]);
            largest = Math.max(largest, error[i]);
        }
        return new Judged(
                new SetUp(
                        edge.nose(),
                        Math.toRadians(rakeDeg),
                        edge.lead(),
                        edge.depth(),
                        edge.feed(),
                        way.hold(),
                        way.free()),
                Math.copySign(largest - least, error[error.length - 1] - error[0]),
                (largest + least) / 2,
                edge.ra(),
                size,
                finish,
                chip,
                power,
                job.lengthMm() / (edge.feed() * rpm));
    }

    private static int leadIndex(double lead) {
        for (int i = 0; i < LEADS_DEG.length; i++) {
            if (Math.abs(Math.toRadians(LEADS_DEG[i]) - lead) < 1e-9) {
                return i;
            }
        }
        throw new IllegalArgumentException("not one of the leads");
    }

    private List<PassSums> edges() {
        List<PassSums> edges = new ArrayList<>();
        for (double nose : nosesMm) {
            for (double leadDeg : LEADS_DEG) {
                if (leadDeg > 0 && job.operation().meetsAFace()) {
                    continue;
                }
                double lead = Math.toRadians(leadDeg);
                EdgeProfile profile = new EdgeProfile(nose, Math.PI / 2 - lead, trailing);
                for (double feed : feeds()) {
                    EdgeSums sums = new EdgeSums(work, profile, feed);
                    double ra = Finish.of(profile, feed).raMm() * Finish.USUAL_OVER_THEORY;
                    for (double depth : depthsMm) {
                        if (depth <= job.stockMm() * (1 + 1e-9)) {
                            edges.add(PassSums.of(press, sums, nose, lead, depth, feed, ra));
                        }
                    }
                }
            }
        }
        return edges;
    }

    private double[] feeds() {
        double[] own = job.lathe().feedsMm().stream()
                .mapToDouble(Double::doubleValue)
                .filter(feed -> feed <= COARSEST_MM)
                .toArray();
        return own.length == 0 ? HAND_FEEDS_MM : own;
    }

    private List<Held> ways() {
        List<Held> ways = new ArrayList<>();
        boolean chucked = job.hold() == Hold.CHUCK;
        ways.add(held(job.hold(), job.freeLengthMm()));
        double close = 1.05 * job.lengthMm();
        double marked = job.units().marked(close);
        double shortest = marked < job.lengthMm() ? close : marked;
        if (chucked && shortest < job.freeLengthMm() * 0.98) {
            ways.add(held(Hold.CHUCK, shortest));
        }
        if (chucked && job.finishedMm() >= Hold.LEAST_CENTRED_MM) {
            ways.add(held(Hold.CHUCK_AND_CENTRE, job.freeLengthMm()));
        }
        return ways;
    }

    private Held held(Hold hold, double free) {
        return new Held(hold, free, EdgeOnWork.gives(job, hold, free));
    }

    /** The best so far, one for each nose and way of holding. */
    private static final class Ranked {
        private final int most;
        private final List<Judged> best = new ArrayList<>();
        private final List<Double> costs = new ArrayList<>();

        Ranked(int most) {
            this.most = most;
        }

        boolean wants(double cost) {
            return best.size() < most || cost < costs.getLast();
        }

        void add(double cost, Judged one) {
            for (int i = 0; i < best.size(); i++) {
                if (alike(best.get(i).setUp(), one.setUp())) {
                    if (costs.get(i) <= cost) {
                        return;
                    }
                    best.remove(i);
                    costs.remove(i);
                    break;
                }
            }
            int at = 0;
            while (at < costs.size() && costs.get(at) <= cost) {
                at++;
            }
            best.add(at, one);
            costs.add(at, cost);
            if (best.size() > most) {
                best.removeLast();
                costs.removeLast();
            }
        }

        private static boolean alike(SetUp a, SetUp b) {
            return a.noseMm() == b.noseMm() && a.hold() == b.hold() && a.freeMm() == b.freeMm();
        }

        List<Judged> best() {
            return List.copyOf(best);
        }
    }
}
