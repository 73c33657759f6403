package boldwedge.core.families.parting.report;

import static boldwedge.core.families.parting.entry.PartField.*;

import boldwedge.core.families.parting.entry.PartField;
import boldwedge.core.families.parting.entry.PartReader;
import boldwedge.core.families.parting.model.HolderGeometry;
import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartBound;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.families.parting.model.Weakness;
import boldwedge.core.families.parting.model.Weaknesses;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.Blade;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.planning.Entry;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/**
 * What would be done about what gives way first: what is changed at the machine where that holds, what has to be built, a finer feed.
 *
 * @param cut the cut
 * @param say how figures are written
 */
record WeaknessRemedies(PartCut cut, UnitFormat say) {
    /** So many changes at the machine are offered. */
    private static final int AT_HAND = 2;

    /** What is offered bears at least so many times what is borne now (ours). */
    private static final double WORTH = 1.1;

    /** Finer feeds that are tried one after the other, as shares of what is fed now; the last is taken in any case (ours). */
    private static final double[] FINER = {0.8, 0.65, 0.5};

    private record Offer(String label, PartField field, String text, PartJob job) {}

    /** Changes that raise what the weakest bears most, each with what it then is. */
    void offer(Finding.Builder finding, Weakness first, double now) {
        List<Offer> offers = new ArrayList<>();
        double nearest = Math.ceil(cut.job().depthMm() + PartReader.ROOM_MM + 0.5);
        if (cut.job().overhangMm() > nearest + 1) {
            offers.add(new Offer(
                    "Clamp it at " + say.typed(nearest),
                    OVERHANG,
                    say.typed(nearest),
                    cut.job()
                            .with(j -> j.overhangMm(nearest)
                                    .restMm(Math.min(cut.job().restMm(), nearest)))));
        }
        if (cut.job().holder() == HolderKind.POST) {
            for (HolderKind built : List.of(HolderKind.SPLIT_BLOCK, HolderKind.SIDE_BLOCK)) {
                offers.add(new Offer(
                        "Build " + built.words(), HOLDER, Entry.choice(built), StandFindings.built(cut.job(), built)));
            }
        }
        for (Blade other : otherBlades()) {
            offers.add(new Offer(
                    other.name(),
                    BLADE,
                    other.id(),
                    cut.job()
                            .with(j -> j.blade(other)
                                    .widthMm(other.topMm())
                                    .grooveMm(Math.max(cut.job().grooveMm(), other.topMm())))));
        }
        if (cut.feedMm() > PartCut.FINEST_MM / FINER[0]) {
            double finer = enough();
            offers.add(new Offer(
                    "Feed " + say.feed(finer), FEED, say.feed(finer), cut.job().withFeedMm(OptionalDouble.of(finer))));
        }
        double slower = cut.rpm() / 2;
        if (first.kind() == Weakness.Kind.MOTOR_STALLS
                && slower >= cut.job().lathe().speeds().slowest()) {
            double rpm = cut.job().lathe().speeds().atOrBelow(slower).orElse(slower);
            offers.add(new Offer(say.rpm(rpm), SPEED, say.rpm(rpm), cut.job().withSpeedRpm(OptionalDouble.of(rpm))));
        }
        List<Rated> rated = offers.stream()
                .map(offer -> {
                    PartCut then = cut.with(offer.job());
                    return new Rated(
                            offer,
                            Weaknesses.of(then).getFirst().times(then.force().cuttingN()));
                })
                .filter(one -> one.times() > WORTH * now)
                .sorted(Comparator.comparingDouble(Rated::times).reversed())
                .toList();
        // What is changed at the machine where that holds, then what has to be built, and a feed that cuts thin chips
        // last.
        List<Rated> atHand = rated.stream()
                .filter(one -> !isBuilt(one) && !isFed(one))
                .limit(AT_HAND)
                .toList();
        List<Rated> better = Stream.of(
                        atHand.stream().filter(one -> one.times() >= PartCutFindings.HOLDS),
                        rated.stream().filter(WeaknessRemedies::isBuilt).limit(1),
                        atHand.stream().filter(one -> one.times() < PartCutFindings.HOLDS),
                        rated.stream().filter(WeaknessRemedies::isFed))
                .flatMap(kind -> kind)
                .toList();
        // What no blade and holder here brings to where it holds is not parted at all.
        boolean noneHolds = better.stream().noneMatch(one -> one.times() >= PartCutFindings.HOLDS);
        if (!cut.job().groove() && noneHolds) {
            finding.does("Saw it, and face the end: no blade and holder here parts it whole");
        }
        better.forEach(one -> finding.mend(
                one.offer().label() + ": " + say.number(one.times(), 1) + " times",
                one.offer().field(),
                one.offer().text()));
        finding.doesWhen(
                !cut.job().groove() && !noneHolds && now < PartCutFindings.HOLDS, "Or saw it, and face the end");
    }

    /** Blades that stand in this one's place and reach as deep: the next narrower, the narrowest, and those that are wider. */
    private List<Blade> otherBlades() {
        List<Blade> all = StockCatalogue.shipped().blades().stream()
                .filter(other -> other.standsInsteadOf(cut.job().blade())
                        && !other.id().equals(cut.job().blade().id())
                        && other.deepestMm()
                                >= (other.deepestMm() > 0 ? cut.job().depthMm() : 0)
                        && other.heightMm() <= HolderGeometry.of(cut.job()).axisMm())
                .sorted(Comparator.comparingDouble(Blade::topMm))
                .toList();
        List<Blade> narrower = all.stream()
                .filter(other -> other.topMm() < cut.job().widthMm())
                .toList();
        return Stream.of(
                        narrower.stream().limit(1),
                        narrower.stream().skip(Math.max(1, narrower.size() - 1)),
                        all.stream()
                                .filter(other -> other.topMm() >= cut.job().widthMm())
                                .limit(2))
                .flatMap(some -> some)
                .toList();
    }

    /** No finer a feed than brings what is wanted; half of it where none does, mm. */
    private double enough() {
        return DoubleStream.of(FINER)
                .map(share -> Math.max(PartCut.FINEST_MM, share * cut.feedMm()))
                .filter(feed -> PartBound.BREAKS.margin(cut.with(cut.job().withFeedMm(OptionalDouble.of(feed)))) >= 0)
                .findFirst()
                .orElse(Math.max(PartCut.FINEST_MM, FINER[FINER.length - 1] * cut.feedMm()));
    }

    private record Rated(Offer offer, double times) {}

    private static boolean isBuilt(Rated rated) {
        return rated.offer().field() == HOLDER;
    }

    private static boolean isFed(Rated rated) {
        return rated.offer().field() == FEED;
    }
}
