package boldwedge.core.hardening;

import static boldwedge.core.hardening.ask.HeatField.*;

import boldwedge.core.ask.Choice;
import boldwedge.core.ask.Chosen;
import boldwedge.core.ask.CutPage;
import boldwedge.core.ask.Entry;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.PrintedCard;
import boldwedge.core.ask.Read;
import boldwedge.core.ask.Sentence;
import boldwedge.core.ask.SpokenAs;
import boldwedge.core.ask.SpokenAs.Marked;
import boldwedge.core.ask.StationPage;
import boldwedge.core.ask.Told;
import boldwedge.core.ask.TrialAnswer;
import boldwedge.core.ask.TrialForm;
import boldwedge.core.ask.TrialRequest;
import boldwedge.core.family.Solid;
import boldwedge.core.family.ToolFamily;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.finding.Station;
import boldwedge.core.hardening.ask.HeatField;
import boldwedge.core.hardening.ask.HeatReader;
import boldwedge.core.hardening.model.HeatLoad;
import boldwedge.core.hardening.tell.HeatAnswer;
import boldwedge.core.hardening.tell.HeatColoursTold;
import boldwedge.core.hardening.tell.HeatProof;
import boldwedge.core.measure.Say;
import boldwedge.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Hardening: a family without a cut. */
public final class HardeningFamily implements ToolFamily<HeatLoad> {
    private static final List<Entry> BROUGHT = List.of(STEEL, HEAT, SOAK, WRAP, TEMPER, TEMPER_TIME);

    private static final ToolKind RECIPE = ToolKind.of(
                    "heat-recipe",
                    "way of hardening",
                    "Keep how it was hardened",
                    STEEL,
                    BROUGHT,
                    List.of(STEEL, HEAT, SOAK, WRAP, TEMPER, TEMPER_TIME),
                    "heat-timeline")
            .drawnIn(Map.of(OPERATION, "harden"));

    @Override
    public String id() {
        return "hardening";
    }

    @Override
    public int place() {
        return 7;
    }

    @Override
    public List<Choice> operations() {
        return OPERATION.choices();
    }

    @Override
    public List<Entry> entries() {
        return List.of(HeatField.values());
    }

    @Override
    public Read<HeatLoad> read(PlanRequest request) {
        return HeatReader.cut(request);
    }

    @Override
    public void show(HeatLoad load, Chosen chosen) {
        HeatAnswer.show(chosen, load);
    }

    @Override
    public List<Rule<HeatLoad>> rules() {
        return HeatAnswer.RULES;
    }

    @Override
    public Told tell(HeatLoad load, Say say) {
        return HeatAnswer.tell(load, say);
    }

    @Override
    public Optional<Solid> solid(HeatLoad load) {
        return Optional.empty();
    }

    @Override
    public CutPage page(Read<HeatLoad> read) {
        boolean cased = read.cut().map(HeatLoad::cased).orElse(false);
        Sentence sentence = new Sentence()
                .pick(OPERATION)
                .value(PIECES)
                .words("of")
                .pick(STEEL, ",")
                .value(SECTION)
                .words("thick,")
                .value(LENGTH)
                .words("long,")
                .pick(SHAPE, ";")
                .pick(WHY, ";")
                .pick(WRAP, ".");
        List<Entry> heat = new ArrayList<>(List.of(FURNACE));
        if (cased) {
            heat.addAll(List.of(CASE, CARBURIZE));
        }
        return new CutPage(
                id(),
                sentence.parts(),
                List.of(
                        StationPage.of(
                                        Station.CUT,
                                        List.of("heat-piece", "temper-curve"),
                                        List.of("hardness", "leave", "whole"))
                                .setting(OTHER_SECTION, OTHER_LENGTH),
                        StationPage.of(
                                        Station.EDGE,
                                        List.of("heat-timeline", "heat-piece"),
                                        List.of("hardenAt", "soak", "hardnessQuenched"))
                                .setting(heat.toArray(Entry[]::new))
                                .comparing(read.cut()
                                        .map(HeatColoursTold::swatches)
                                        .orElse(List.of())),
                        StationPage.of(
                                        Station.REACH,
                                        List.of("heat-timeline", "heat-piece"),
                                        read.cut().map(HeatLoad::bathed).orElse(true)
                                                ? List.of("load", "bathRise", "bathEnds")
                                                : List.of("load"))
                                .picking(QUENCH)
                                .setting(LITRES, BATH, FLASH),
                        StationPage.making("Heat card")),
                new PrintedCard(
                        "harden " + read.text(PIECES) + " of " + read.text(STEEL) + ", " + read.text(SECTION)
                                + " thick, " + read.text(LENGTH) + " long, " + read.text(WHY) + ".",
                        "heat-timeline",
                        Entry.ids(WANTED),
                        Entry.ids(HEAT, SOAK, TEMPER, TEMPER_TIME)),
                "heat-timeline",
                List.of(RECIPE.kept(read)),
                List.of(),
                "",
                Optional.empty());
    }

    @Override
    public TrialForm trial() {
        return new TrialForm(
                List.of(
                        TrialForm.ReadingEntry.typed("hardness", "Hardness", "58 HRC"),
                        TrialForm.ReadingEntry.typed("bend", "Bent by", "if measured"),
                        TrialForm.ReadingEntry.typed("waited", "Waited before the temper", "20 min"),
                        TrialForm.ReadingEntry.picked(
                                "file", "A file", Choice.of(HeatProof.File.values(), HeatProof.File::words)),
                        TrialForm.ReadingEntry.picked(
                                "look", "It is", Choice.of(HeatProof.Look.values(), HeatProof.Look::words))),
                "temper-curve",
                List.of());
    }

    @Override
    public TrialAnswer prove(TrialRequest request) {
        return HeatProof.prove(request);
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of("temper", "harden", "heat treat", "harden"),
                SECTION,
                WANTED,
                Optional.empty(),
                List.of(SECTION, LENGTH),
                List.of(
                        new Marked(LENGTH, List.of("length"), List.of("long")),
                        new Marked(SECTION, List.of("section"), List.of("thick", "round")),
                        new Marked(WANTED, List.of(), List.of("hrc", "rc")),
                        new Marked(PIECES, List.of(), List.of("pieces", "off", "pcs", "of"))),
                List.of(STEEL, WHY, WRAP),
                List.of()));
    }

    @Override
    public List<ToolKind> kinds() {
        return List.of(RECIPE);
    }

    @Override
    public ToolKind matched() {
        return RECIPE;
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(), tool);
    }
}
