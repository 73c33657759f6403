package boldwedge.core.families.flycutting;

import static boldwedge.core.families.flycutting.entry.FlyField.*;

import boldwedge.core.families.flycutting.entry.FlyField;
import boldwedge.core.families.flycutting.entry.FlyReader;
import boldwedge.core.families.flycutting.model.FlyCut;
import boldwedge.core.families.flycutting.report.FlyAnswer;
import boldwedge.core.families.flycutting.report.FlyTrial;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.Solid;
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
import boldwedge.core.rule.BitSolid;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Fly cutters: one turning bit that planes a surface, on a mill or in a lathe with the work on its slide. */
public final class FlyCuttingFamily extends DeclaredFamily<FlyCut> {
    private static final List<Entry> BROUGHT = List.of(BODY, BIT, SEAT, RELIEF, RAKE, NOSE, OUT, SCREWS);

    private static final ToolKind KIND = ToolKind.of(
                    "fly-cutter", "fly cutter", "Keep the cutter", BODY, BROUGHT, BROUGHT, "fly-head")
            .drawnIn(Map.of(OPERATION, "fly-cut", WIDTH, "30 mm"));

    private static final TrialForm TRIAL = TrialForm.beside("fly-stand")
            .typed("finish", "Finish left", "by gauge or comparison")
            .typed("hollow", "Hollow by", "in the middle; high is below 0")
            .picked("marks", "Marks", FlyTrial.Marks.values())
            .picked("sound", "Sound", FlyTrial.Sound.values())
            .picked("edge", "Far edge", FlyTrial.Edge.values());

    /** Declares it. */
    public FlyCuttingFamily() {
        super(
                "flycutting",
                14,
                new Asks<>(List.of(FlyField.values()), FlyReader::cut),
                new Says<>(FlyAnswer.RULES, FlyAnswer::tell),
                new Judges(TRIAL, FlyTrial::prove),
                KIND);
    }

    @Override
    public Optional<Solid> solid(FlyCut cut) {
        return cut.bit(BitSolid.NOSE_PLANES).map(bit -> new Solid("fly-bit", BitSolid.shells(bit)));
    }

    @Override
    public CutPage page(Read<FlyCut> read) {
        return new CutPage(
                id(),
                Sentence.of(
                        entries(),
                        "{operation} {material}, a surface {flyWidth} wide and {flyLength} long, to {finish}, its far edge {flyEdge}; on {lathe} with a {flyBit}."),
                List.of(
                        StationPage.of(
                                Station.CUT,
                                List.of("fly-surface", "fly-stand"),
                                List.of("flySwept", "flyLaps", "passTime")),
                        StationPage.of(
                                Station.EDGE,
                                List.of("fly-head", "fly-surface"),
                                List.of("flyClearance", "flyHeel", "flyRakeAtCut")),
                        StationPage.of(
                                Station.REACH,
                                List.of("fly-stand", "fly-surface"),
                                List.of("speed", "flyBlow", "flyMayRead")),
                        StationPage.making("Route card")),
                new PrintedCard(
                        read.filled("fly cut {material}, {flyWidth} by {flyLength}, {finish}; {lathe}, {flyBit}."),
                        "fly-head",
                        Entry.ids(RELIEF, RAKE, NOSE),
                        Entry.ids(SWEPT, DEPTH, FEED, SPEED)),
                "fly-head",
                List.of(KIND.kept(read)),
                List.of(),
                "",
                Optional.empty());
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of("fly cut", "fly-cut", "fly cutter", "fly-cut", "flycut", "fly-cut", "square a block", "fly-cut"),
                WIDTH,
                WIDTH,
                Optional.empty(),
                List.of(WIDTH, LENGTH),
                List.of(
                        new Marked(WIDTH, List.of("width"), List.of("wide")),
                        new Marked(LENGTH, List.of("length", "by", "x"), List.of("long")),
                        new Marked(SWEPT, List.of("circle"), List.of("circle", "sweep")),
                        new Marked(SPEED, List.of("speed"), List.of("rpm"))),
                List.of(MATERIAL, EDGE),
                List.of()));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(SWEPT, FEED, DEPTH), tool);
    }
}
