package boldwedge.core.family;

import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.Chosen;
import boldwedge.core.planning.CutPage;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.Figure;
import boldwedge.core.planning.Look;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.SetUps;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.Rule;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Thinks a cut through with the family that it is for. The same request gives the same answer; nothing is kept. */
public final class Planner {
    private static final Comparator<Finding> WORST_FIRST = Comparator.comparing(Finding::station)
            .thenComparing(Finding::verdict)
            .thenComparingDouble(Finding::margin);

    private Planner() {}

    /** The answer to a request; see {@link PlanAnswer} for what a wrong field does. */
    public static PlanAnswer plan(PlanRequest request) {
        return plan(request, Look.ALL);
    }

    /** The answer with the drawings and workings of what is looked at. */
    public static PlanAnswer plan(PlanRequest request, Look look) {
        return plan(request, look, false);
    }

    /**
     * The answer with the drawings and workings of what is looked at.
     *
     * @param folded whether what holds comes as its line alone, of what is not looked at only the worst and what stands in the way, and of
     *     the figures those that stand large on the page
     */
    public static PlanAnswer plan(PlanRequest request, Look look, boolean folded) {
        return plan(Families.of(request), request, look, folded);
    }

    /** Ways to take a cut, tried against each other; empty where there is nothing to search or a field is wrong. */
    public static Optional<SetUps> setUps(PlanRequest request) {
        return setUps(Families.of(request), request);
    }

    private static <C> Optional<SetUps> setUps(ToolFamily<C> family, PlanRequest request) {
        PlanRequest settled = family.settled(request);
        return family.read(settled).cut().flatMap(cut -> family.setUps(settled, cut, new UnitFormat(request.units())));
    }

    private static <C> PlanAnswer plan(ToolFamily<C> family, PlanRequest request, Look look, boolean folded) {
        OwnChoices<C> choices = new OwnChoices<>(family);
        OwnChoices.Tried<C> settled = choices.settled(request);
        TriedFixes<C> fixes = new TriedFixes<>(choices, request, settled);
        Read<C> read = settled.read();
        if (read.cut().isEmpty()) {
            return new PlanAnswer(
                    false,
                    request.units(),
                    inOrder(family, read),
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    family.page(read),
                    unheard(request, read));
        }
        C cut = read.cut().get();
        UnitFormat say = new UnitFormat(request.units());
        family.show(cut, new Chosen(read.states(), say));
        Told told = family.tell(cut, say);
        CutPage page = family.page(read);
        return new PlanAnswer(
                true,
                request.units(),
                folded ? inOrder(family, read).stream().map(FieldState::brief).toList() : inOrder(family, read),
                folded ? large(told.figures(), page) : told.figures(),
                seen(
                        Stream.concat(
                                        settled.findings().stream(),
                                        Rule.told(family.rules(), cut, say, station -> !folded || look.sees(station))
                                                .stream())
                                .map(fixes::of)
                                .sorted(WORST_FIRST)
                                .toList(),
                        look,
                        folded),
                drawn(told.drawings(), look == Look.ALL ? any -> true : look.scenes(page, family.trial())::contains),
                look.seesMaking() ? steps(told.making().get(), look) : List.of(),
                page,
                unheard(request, read));
    }

    /** What was typed into fields that the operation does not ask for, on whatever machine. */
    static List<String> unheard(Map<String, String> fields, UnitSystem units) {
        PlanRequest request = new PlanRequest(fields, units, Optional.empty());
        return unheard(request, Families.of(fields).read(request));
    }

    /** What was typed into fields that nobody here asks for: another operation's, or nobody's. */
    private static List<String> unheard(PlanRequest request, Read<?> read) {
        Set<String> asked =
                read.states().keySet().stream().map(Entry::id).collect(Collectors.toCollection(HashSet::new));
        // The machine goes along with every question.
        asked.add(Families.MACHINE);
        return request.fields().entrySet().stream()
                .filter(field -> !field.getValue().isBlank() && !asked.contains(field.getKey()))
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
    }

    private static List<Figure> large(List<Figure> figures, CutPage page) {
        Set<String> keys = page.stations().stream()
                .flatMap(station -> station.keys().stream())
                .collect(Collectors.toSet());
        return figures.stream().filter(figure -> keys.contains(figure.id())).toList();
    }

    private static List<Finding> seen(List<Finding> worstFirst, Look look, boolean folded) {
        Set<Station> spoken = new HashSet<>();
        return worstFirst.stream()
                .filter(finding -> spoken.add(finding.station()) || !folded || look.sees(finding))
                .map(finding -> look.seesWhole(finding, folded) ? finding : finding.brief())
                .toList();
    }

    /** The cut in a sentence, as its card has it, whether it can be worked out or not. */
    public static String says(PlanRequest request) {
        return says(Families.of(request), request);
    }

    private static <C> String says(ToolFamily<C> family, PlanRequest request) {
        return family.page(family.read(request)).printed().sentence();
    }

    private static List<Scene> drawn(List<Drawn> drawings, Predicate<String> seen) {
        return drawings.stream()
                .filter(drawing -> seen.test(drawing.id()))
                .map(Drawn::scene)
                .toList();
    }

    /** Many steps show one drawing: but for a look at everything it comes with the first of them. */
    private static List<MakeStep> steps(List<MakeStep> steps, Look look) {
        if (look == Look.ALL) {
            return steps;
        }
        Set<Scene> sent = new HashSet<>();
        return steps.stream()
                .map(step -> sent.add(step.scene())
                        ? step
                        : step.withScene(step.scene().bare()))
                .toList();
    }

    private static List<FieldState> inOrder(ToolFamily<?> family, Read<?> read) {
        return family.entries().stream()
                .map((Entry entry) -> read.states().get(entry))
                .filter(Objects::nonNull)
                .map(Objects::requireNonNull)
                .toList();
    }

    /** The solid of a request, for export; empty when a field is wrong or there is none. */
    public static Optional<Solid> solid(PlanRequest request) {
        return solid(Families.of(request), request);
    }

    private static <C> Optional<Solid> solid(ToolFamily<C> family, PlanRequest request) {
        return family.read(family.settled(request)).cut().flatMap(family::solid);
    }
}
