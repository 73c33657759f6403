package boldwedge.core.families.parting.report;

import static boldwedge.core.families.parting.entry.PartField.*;

import boldwedge.core.families.parting.entry.PartField;
import boldwedge.core.families.parting.entry.PartReader;
import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartBound;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Blade;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.SetUps;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Every blade of the shops in every way of holding it, each at the best of the lathe's speeds: which of them part this work, judged by the margins
 * that the ledger goes by, each worked out in full. What a blade or a holder brings of its own is left to the program.
 */
public final class PartSetUps {
    private static final int MOST = 6;
    /** Slower speeds that are tried after the one that is chosen. */
    private static final int SLOWER = 2;
    /** What a set-up must have in hand to be taken for its quickness rather than its safety. */
    private static final double IN_HAND = 0.3;

    /** What belongs to the blade, and to where it stands, in the cut as asked. */
    private static final List<Entry> OF_THE_BLADE =
            List.of(WIDTH, RAKE, RELIEF, SIDE, OVERHANG, REST, FEED, PartField.SPEED);

    private static final List<Entry> OF_THE_HOLDER = List.of(
            BEFORE,
            BOLTS,
            BOLT,
            BOLT_AT,
            HEIGHT,
            STIFFNESS,
            BLOCK_WIDTH,
            BLOCK_LENGTH,
            JAW,
            HINGE,
            TAB,
            MADE_FLOOR,
            MADE_SLOT,
            MADE_HINGE,
            MADE_TAB,
            OVERHANG,
            REST,
            FEED,
            PartField.SPEED);

    private final PlanRequest request;
    private final PartJob asked;
    private final UnitFormat say;
    private final List<Judged> judged = new ArrayList<>();
    private final Map<PartBound, Integer> lost = new EnumMap<>(PartBound.class);
    private int tried;
    private int hold;
    private int impossible;

    private PartSetUps(PlanRequest request, PartCut cut, UnitFormat say) {
        this.request = request;
        this.asked = cut.job();
        this.say = say;
    }

    /** The best of them, the best first. */
    public static SetUps of(PlanRequest request, PartCut cut, UnitFormat say) {
        PartSetUps search = new PartSetUps(request, cut, say);
        search.run();
        return search.said();
    }

    /** A blade in its holder, worked out. */
    private record Judged(PartCut cut, Map<String, String> take, PartBound bound, double margin, double cost) {}

    private void run() {
        for (Blade blade : StockCatalogue.shipped().blades()) {
            for (HolderKind holder : HolderKind.values()) {
                if (holder != HolderKind.REAR_BLOCK) {
                    atSpeeds(blade, holder, false);
                }
                if (holder == HolderKind.POST || holder == HolderKind.REAR_BLOCK) {
                    atSpeeds(blade, holder, true);
                }
            }
        }
    }

    private void atSpeeds(Blade blade, HolderKind holder, boolean behind) {
        Map<String, String> take = new HashMap<>();
        if (!blade.id().equals(asked.blade().id())) {
            OF_THE_BLADE.forEach(field -> take.put(field.id(), ""));
            take.put(BLADE.id(), blade.id());
        }
        if (holder != asked.holder() || behind != asked.behind()) {
            OF_THE_HOLDER.forEach(field -> take.put(field.id(), ""));
            take.put(HOLDER.id(), Entry.choice(holder));
            take.put(POST.id(), behind ? "behind" : "front");
        }
        tried++;
        Optional<PartCut> first = work(take);
        if (first.isEmpty()) {
            impossible++;
            return;
        }
        Judged best = judge(first.get(), Map.copyOf(take), work(first.get().job()));
        OptionalDouble slower = asked.lathe().speeds().atOrBelow(first.get().rpm() * 0.97);
        for (int i = 0; i < SLOWER && slower.isPresent(); i++) {
            take.put(PartField.SPEED.id(), Math.round(slower.getAsDouble()) + " rpm");
            Judged other = work(take)
                    .map(cut -> judge(cut, Map.copyOf(take), work(cut.job())))
                    .orElse(best);
            best = other.cost() < best.cost() ? other : best;
            slower = asked.lathe().speeds().atOrBelow(slower.getAsDouble() * 0.97);
        }
        if (best.margin() >= 0) {
            hold++;
        } else {
            lost.merge(best.bound(), 1, Integer::sum);
        }
        judged.add(best);
    }

    private Optional<PartCut> work(Map<String, String> take) {
        Map<String, String> fields = new HashMap<>(request.fields());
        fields.putAll(take);
        return PartReader.cut(new PlanRequest(fields, request.units(), request.lathe()))
                .cut();
    }

    private static Judged judge(PartCut cut, Map<String, String> take, double work) {
        PartBound bound = PartBound.BREAKS;
        double least = Double.POSITIVE_INFINITY;
        for (PartBound one : PartBound.values()) {
            double margin = one == PartBound.CHATTER ? unlessListenedFor(cut) : one.margin(cut);
            if (margin < least) {
                least = margin;
                bound = one;
            }
        }
        return new Judged(cut, take, bound, least, cost(cut, least, work));
    }

    /** Chatter stands in the way only where it is given up; short of that it is listened for, as the ledger has it. */
    private static double unlessListenedFor(PartCut cut) {
        return PartBound.HOPELESS * cut.quietMm().high() / cut.job().widthMm() - 1;
    }

    /** What changes cost: a blade from the drawer, the tool taken behind, a holder to be made. */
    private double work(PartJob job) {
        double making = job.holder() == asked.holder() ? 0 : job.holder().built() ? 0.6 : 0.2;
        double place = job.behind() == asked.behind() ? 0 : 0.3;
        double blade = job.blade().id().equals(asked.blade().id()) ? 0 : 0.15;
        return making + place + blade;
    }

    /** Quick, thrifty, quiet and free of new work where there is enough in hand; else what has most in hand. */
    private static double cost(PartCut cut, double margin, double work) {
        PartJob job = cut.job();
        double chips = job.groove() ? 0 : job.widthMm() / (job.widthMm() + job.pieceMm());
        double sings = Math.clamp(-PartBound.CHATTER.margin(cut), 0, 1);
        return margin >= IN_HAND
                ? work + chips + 0.05 * cut.cutMinutes() + 0.5 * sings - 0.1 * Math.min(1, margin)
                : 100 * (IN_HAND - margin) + work;
    }

    private SetUps said() {
        judged.sort(Comparator.comparingDouble(Judged::cost));
        Set<String> seen = new HashSet<>();
        List<SetUps.SetUp> best = judged.stream()
                .filter(one -> seen.add(one.cut().job().blade().section() + " "
                        + one.cut().job().holder() + one.cut().job().behind()))
                .limit(MOST)
                .map(this::setUp)
                .toList();
        List<String> lines = new ArrayList<>();
        lost.forEach((bound, count) -> lines.add(count + " by " + noun(bound)));
        if (impossible > 0) {
            lines.add(impossible + " too short, too tall or not to be held");
        }
        return new SetUps(tried, hold, best, lines, List.of(), Optional.empty());
    }

    private SetUps.SetUp setUp(Judged one) {
        PartCut cut = one.cut();
        PartJob job = cut.job();
        boolean quiet = PartBound.CHATTER.margin(cut) >= 0;
        String words = job.blade().name() + " in " + job.holder().words()
                + (job.behind() && job.holder() != HolderKind.REAR_BLOCK ? ", behind the work, upside down" : "")
                + "; " + say.rpm(cut.rpm()) + " at " + say.feed(cut.feedMm()) + ".";
        String does = say.time(cut.cutMinutes()) + (job.groove() ? " a groove" : " a cut")
                + (job.groove()
                        ? ""
                        : ", " + say.share(job.widthMm() / (job.widthMm() + job.pieceMm())) + " of the bar to chips")
                + ". "
                + (one.margin() >= 0 ? "Nearest its limit: " : "It fails by ")
                + noun(one.bound())
                + (one.margin() >= 0
                        ? ", " + say.share(Math.min(9.99, one.margin())) + " in hand."
                        : ", " + say.share(-one.margin()) + " short.")
                + (quiet ? "" : " Listen for chatter on the first cut.");
        Verdict verdict =
                one.margin() < 0 ? Verdict.WRONG : one.margin() >= IN_HAND && quiet ? Verdict.FINE : Verdict.DOUBTFUL;
        Map<String, String> take = new HashMap<>(one.take());
        if (!take.isEmpty()) {
            take.put(FEED.id(), Written.exact(Quantity.FEED, cut.feedMm()));
        }
        return new SetUps.SetUp(words, does, verdict, take);
    }

    private static String noun(PartBound bound) {
        return switch (bound) {
            case BREAKS -> "what breaks first";
            case DIGS_IN -> "digging in";
            case CHATTER -> "chatter";
            case POWER -> "power";
            case RUBS -> "a chip too thin";
            case SPEED -> "speed at the outside";
        };
    }
}
