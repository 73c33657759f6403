package boldwedge.core.families.hardening;

import static boldwedge.core.families.hardening.entry.HeatField.*;

import boldwedge.core.families.hardening.entry.HeatField;
import boldwedge.core.families.hardening.entry.HeatReader;
import boldwedge.core.families.hardening.model.HeatLoad;
import boldwedge.core.families.hardening.report.HeatAnswer;
import boldwedge.core.families.hardening.report.HeatColoursTold;
import boldwedge.core.families.hardening.report.HeatTrial;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.language.finding.Station;
import boldwedge.core.planning.CutPage;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.PrintedCard;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.Sentence;
import boldwedge.core.planning.SpokenAs;
import boldwedge.core.planning.SpokenAs.Marked;
import boldwedge.core.planning.StationPage;
import boldwedge.core.planning.TrialForm;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Hardening: a family without a cut. */
public final class HardeningFamily extends DeclaredFamily<HeatLoad> {
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

    private static final TrialForm TRIAL = TrialForm.beside("temper-curve")
            .typed("hardness", "Hardness", "58 HRC")
            .typed("bend", "Bent by", "if measured")
            .typed("waited", "Waited before the temper", "20 min")
            .picked("file", "A file", HeatTrial.File.values())
            .picked("look", "It is", HeatTrial.Look.values());

    /** Declares it. */
    public HardeningFamily() {
        super(
                "hardening",
                7,
                new Asks<>(List.of(HeatField.values()), HeatReader::cut),
                new Says<>(HeatAnswer.RULES, HeatAnswer::tell),
                new Judges(TRIAL, HeatTrial::prove),
                RECIPE);
    }

    @Override
    public CutPage page(Read<HeatLoad> read) {
        boolean cased = read.cut().map(HeatLoad::cased).orElse(false);
        List<Entry> heat = new ArrayList<>(List.of(FURNACE));
        if (cased) {
            heat.addAll(List.of(CASE, CARBURIZE));
        }
        return new CutPage(
                id(),
                Sentence.of(
                        entries(),
                        "{operation} {heatPieces} of {steel}, {section} thick, {heatLength} long, {heatShape}; {hardenFor}; {wrap}."),
                List.of(
                        StationPage.of(
                                        Station.CUT,
                                        List.of("heat-piece", "temper-curve"),
                                        List.of("hardness", "leave", "whole"))
                                .named("Piece")
                                .setting(OTHER_SECTION, OTHER_LENGTH),
                        StationPage.of(
                                        Station.EDGE,
                                        List.of("heat-timeline", "heat-piece"),
                                        List.of("hardenAt", "soak", "hardnessQuenched"))
                                .named("Heat")
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
                                .named("Quench")
                                .picking(QUENCH)
                                .setting(LITRES, BATH, FLASH),
                        StationPage.making("Heat card")),
                new PrintedCard(
                        read.filled("harden {heatPieces} of {steel}, {section} thick, {heatLength} long, {hardenFor}."),
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
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of(
                        "temper", "harden",
                        "heat treat", "harden",
                        "hardening", "harden",
                        "case harden", "harden",
                        "carburize", "harden",
                        "carburise", "harden",
                        "case-harden", "harden"),
                SECTION,
                WANTED,
                Optional.empty(),
                List.of(SECTION, LENGTH),
                List.of(
                        new Marked(LENGTH, List.of("length"), List.of("long")),
                        new Marked(SECTION, List.of("section"), List.of("section", "thick", "round")),
                        new Marked(CASE, List.of("case"), List.of("deep", "case")),
                        new Marked(WANTED, List.of(), List.of("hrc", "rc")),
                        new Marked(PIECES, List.of(), List.of("pieces", "off", "pcs", "of"))),
                List.of(STEEL, WHY, WRAP),
                List.of()));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(), tool);
    }
}
