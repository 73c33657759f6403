package boldwedge.core.jobs.chucking;

import boldwedge.core.family.CutOnWork;
import boldwedge.core.jobs.chucking.ChuckingAnswer.Doubt;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.MachineKind;
import boldwedge.core.planning.OnWork;
import boldwedge.core.planning.OnWork.Kind;
import boldwedge.core.planning.OnWork.Surface;
import boldwedge.core.planning.PlanRequest;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Thinks the cuts of one piece of work through as one chucking: what belongs to it, in which order, what does not fit. */
public final class Chucking {
    private static final Limits OUT = new Limits(Quantity.LENGTH, 1, 4000);

    /** Between the jaws and what cuts nearest to them, mm (ours: a finger's breadth less is asking for it). */
    private static final double CLEAR_OF_JAWS_MM = 5;

    /** A wall thinner than this share of its outside is pressed out of round by jaws and springs under the tool (ours). */
    private static final double THIN_WALL = 0.1;

    /** A centre's own hole is no larger than this share of the end; a larger one wants a centre with a large cone (ours). */
    private static final double CENTRE_HOLE = 0.5;

    private final List<NamedCut> cuts;
    private final UnitFormat say;
    private final OptionalDouble typedFreeMm;
    private final Map<String, String> names;
    /** What is judged of each cut as it was asked. */
    private final Map<String, List<Finding>> asAsked = new HashMap<>();

    private final List<Doubt> doubts = new ArrayList<>();
    private final List<Doubt> leftOut = new ArrayList<>();

    private Chucking(List<NamedCut> cuts, UnitSystem units, OptionalDouble typedFreeMm) {
        this.cuts = cuts;
        say = new UnitFormat(units);
        this.typedFreeMm = typedFreeMm;
        names = cuts.stream().collect(Collectors.toMap(NamedCut::id, NamedCut::name, (one, other) -> one));
    }

    /**
     * The route of these cuts.
     *
     * @param cuts those of one piece of work, in any order
     * @param units in which it is told
     * @param out how far the work stands out of the chuck, as typed; empty: as far as the cuts need
     */
    public static ChuckingAnswer of(List<NamedCut> cuts, UnitSystem units, String out) {
        if (out.isBlank()) {
            return new Chucking(cuts, units, OptionalDouble.empty()).answer();
        }
        return switch (MeasureParser.parse(out, OUT, units)) {
            case Parsed.Good<Reading>(Reading read) ->
                new Chucking(cuts, units, OptionalDouble.of(read.value())).answer();
            case Parsed.Wrong<Reading> wrong ->
                new Chucking(cuts, units, OptionalDouble.empty()).answer().refusing("out", wrong.sentence());
        };
    }

    private ChuckingAnswer answer() {
        Map<String, OnWork> mine = belonging();
        if (mine.isEmpty()) {
            return new ChuckingAnswer(Map.of(), "", 0, List.of(), List.of(), List.copyOf(leftOut), List.of(), 0, 0);
        }
        List<PlacedCut> route = ChuckingOrder.of(mine);
        double needs = Math.ceil(WalkedCut.longest(route) + CLEAR_OF_JAWS_MM - 1e-9);
        double free = typedFreeMm.orElse(needs);
        if (free < WalkedCut.longest(route)) {
            doubt(
                    "",
                    "stands-out-too-little",
                    "The cuts go %s from the end; with %s out of the chuck the tool meets the jaws.",
                    say.length(Math.rint(10 * WalkedCut.longest(route)) / 10),
                    say.length(free));
        }
        double stock = stock(route);
        List<WalkedCut> walked = WalkedCut.of(route, stock);
        walked.forEach(this::misfit);
        thinWall(walked, stock);
        bullNose(walked);
        standingOut(mine, free);
        OnWork any = route.getFirst().on();
        return new ChuckingRoute(walked, names, say, stock, free, any.lathe(), any.material())
                .answer(List.copyOf(doubts), List.copyOf(leftOut));
    }

    /** The cuts that are taken in this chucking: on the lathe and in the material of most of them. */
    private Map<String, OnWork> belonging() {
        Map<String, OnWork> seen = new LinkedHashMap<>();
        for (NamedCut cut : cuts) {
            CutOnWork worked = CutOnWork.of(cut.request());
            asAsked.put(cut.id(), worked.findings());
            if (!worked.worked()) {
                leaveOut(
                        cut.id(),
                        "cannot-be-worked-out",
                        "cannot be worked out as it stands: open it and see what is wrong.");
            } else if (worked.on()
                    .filter(on -> on.lathe().kind() == MachineKind.LATHE)
                    .isEmpty()) {
                leaveOut(cut.id(), "not-in-the-chuck", "is not cut in the lathe's chuck: it is work of its own.");
            } else {
                seen.put(cut.id(), worked.on().orElseThrow());
            }
        }
        String lathe = most(seen, on -> on.lathe().name());
        seen.entrySet().removeIf(one -> {
            boolean other = !one.getValue().lathe().name().equals(lathe);
            if (other) {
                leaveOut(
                        one.getKey(),
                        "other-machine",
                        "is planned on " + one.getValue().lathe().name() + ", the others on " + lathe
                                + ": plan it there, or leave it for another chucking.");
            }
            return other;
        });
        String material = most(seen, on -> on.material().name());
        seen.entrySet().removeIf(one -> {
            boolean other = !one.getValue().material().name().equals(material);
            if (other) {
                leaveOut(
                        one.getKey(),
                        "other-material",
                        "is in " + one.getValue().material().name() + ", the others in " + material
                                + ": it is not the same piece.");
            }
            return other;
        });
        return seen;
    }

    /** The most frequent; of as many the first. */
    private static String most(Map<String, OnWork> cuts, Function<OnWork, String> what) {
        Map<String, Long> counted =
                cuts.values().stream().collect(Collectors.groupingBy(what, LinkedHashMap::new, Collectors.counting()));
        String most = "";
        for (Map.Entry<String, Long> one : counted.entrySet()) {
            most = one.getValue() > counted.getOrDefault(most, 0L) ? one.getKey() : most;
        }
        return most;
    }

    private static double stock(List<PlacedCut> route) {
        return route.stream()
                .filter(cut ->
                        cut.on().kind().surface() == Surface.OUTSIDE || cut.on().kind() == Kind.FACE)
                .mapToDouble(cut -> cut.on().beforeMm())
                .max()
                .orElse(0);
    }

    private void misfit(WalkedCut walked) {
        PlacedCut cut = walked.cut();
        String begins = say.length(cut.beforeMm());
        String met = say.length(walked.metMm());
        boolean hole = cut.on().kind().surface() == Surface.HOLE;
        switch (walked.misfit()) {
            case NONE -> {}
            case NO_HOLE ->
                doubt(
                        cut.cut(),
                        "no-hole",
                        "begins in a hole of %s, and none of these cuts makes one: drill it first, unless the bar is a tube.",
                        begins);
            case ENDS_BEFORE ->
                doubt(
                        cut.cut(),
                        "hole-ends-before",
                        "goes %s deep, and the hole of %s before it ends earlier: drill that deeper, or bore less deep.",
                        say.length(cut.on().reachMm()),
                        begins);
            case MORE_METAL ->
                doubt(
                        cut.cut(),
                        "more-metal",
                        hole
                                ? "begins at %s, and the hole is only %s by then: open it to that first, or type %s as its start."
                                : "begins at %s, and there is still %s: turn it to that first, or type %s as its start.",
                        begins,
                        met,
                        met);
            case IN_AIR ->
                doubt(
                        cut.cut(),
                        "in-air",
                        hole
                                ? "begins at %s, and the hole is %s by then: it would cut air. Type %s as its start, or leave one of the two out."
                                : "begins at %s, and there is only %s by then: it would cut air. Type %s as its start, or leave one of the two out.",
                        begins,
                        met,
                        met);
            case OTHER_BORE ->
                doubt(
                        cut.cut(),
                        "other-bore",
                        "ends at a bore of %s, and the work has another there by then: type the bore that it meets.",
                        say.length(cut.on().afterMm()));
        }
    }

    private void thinWall(List<WalkedCut> walked, double outside) {
        WalkedCut last = walked.getLast();
        if (last.wallMm() < THIN_WALL * outside) {
            doubt(
                    "",
                    "thin-wall",
                    "At its thinnest %s of wall is left: rough inside and outside first, let it cool, ease the jaws or take soft ones that grip all round, and finish with light cuts.",
                    say.length(Math.max(0, last.wallMm())));
        }
    }

    /** A centre cannot stand in a hole wider than its own cone. */
    private void bullNose(List<WalkedCut> walked) {
        double hole = walked.stream()
                .filter(one -> one.cut().on().kind().surface() == Surface.HOLE)
                .mapToDouble(one -> one.cut().afterMm())
                .max()
                .orElse(0);
        walked.stream().filter(one -> one.cut().on().centred()).findFirst().ifPresent(one -> {
            if (hole > CENTRE_HOLE * one.cut().afterMm()) {
                doubt(
                        one.cut().cut(),
                        "centre-in-bore",
                        "is carried by the tailstock's centre, and the end has a hole of %s by then: that wants a centre with a large cone, or a plug.",
                        say.length(hole));
            }
        });
    }

    /** What standing out further does to each cut that would stand out less by itself: worked out again. */
    private void standingOut(Map<String, OnWork> mine, double free) {
        for (NamedCut cut : cuts) {
            OnWork on = mine.get(cut.id());
            if (on == null || on.freeField().isEmpty()) {
                continue;
            }
            PlanRequest further = cut.request().with(on.freeField(), Written.exact(Quantity.LENGTH, free));
            if (!on.atField().isEmpty()) {
                further = further.with(on.atField(), Written.exact(Quantity.LENGTH, Math.max(0, free - on.reachMm())));
            }
            Map<String, Finding> before = asAsked.getOrDefault(cut.id(), List.of()).stream()
                    .collect(Collectors.toMap(Finding::id, one -> one, (one, other) -> one));
            CutOnWork then = CutOnWork.of(further);
            if (!then.worked()) {
                doubt(
                        cut.id(),
                        "not-so-far-out",
                        "cannot be worked out with %s out of the chuck: open it and see.",
                        say.length(free));
            }
            then.findings().stream()
                    .filter(now -> now.verdict().isDoubt() && isWorse(now, Optional.ofNullable(before.get(now.id()))))
                    .findFirst()
                    .ifPresent(now -> doubt(
                            cut.id(),
                            "stands-out-" + now.id(),
                            "with %s out of the chuck: %s",
                            say.length(free),
                            now.statement()));
        }
    }

    private static boolean isWorse(Finding now, Optional<Finding> before) {
        return before.map(Finding::verdict).orElse(Verdict.FINE).compareTo(now.verdict()) > 0;
    }

    private void doubt(String cut, String id, String words, Object... blanks) {
        doubts.add(new Doubt(cut, id, told(cut, Written.words(words, blanks))));
    }

    private void leaveOut(String cut, String id, String words) {
        leftOut.add(new Doubt(cut, id, told(cut, words)));
    }

    private String told(String cut, String words) {
        return cut.isEmpty() ? words : "“" + names.getOrDefault(cut, "") + "” " + words;
    }
}
