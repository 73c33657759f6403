package boldwedge.core.families.forming;

import static boldwedge.core.families.forming.entry.FormField.*;

import boldwedge.core.families.forming.entry.FormField;
import boldwedge.core.families.forming.entry.FormReader;
import boldwedge.core.families.forming.model.FormCut;
import boldwedge.core.families.forming.model.FormJob;
import boldwedge.core.families.forming.report.FormAnswer;
import boldwedge.core.families.forming.report.FormSolid;
import boldwedge.core.families.forming.report.FormTrial;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.Solid;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.planning.CutPage;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.OnWork;
import boldwedge.core.planning.OnWork.Kind;
import boldwedge.core.planning.OnWork.Passes;
import boldwedge.core.planning.Panel;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.PrintedCard;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.Sentence;
import boldwedge.core.planning.SpokenAs;
import boldwedge.core.planning.SpokenAs.Derived;
import boldwedge.core.planning.SpokenAs.Marked;
import boldwedge.core.planning.StationPage;
import boldwedge.core.planning.TrialForm;
import boldwedge.core.trial.Measured;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Form bits: a profile of lines and arcs, put into turning work by one bit. */
public final class FormingFamily extends DeclaredFamily<FormCut> {
    private static final List<Entry> BROUGHT = List.of(PROFILE, BIT, RAKE, CLEARANCE, GROUND, SIDES);

    private static final ToolKind KIND = ToolKind.of(
                    "form-bit",
                    "form bit",
                    "Keep the bit",
                    PROFILE,
                    BROUGHT,
                    List.of(BIT, RAKE, CLEARANCE, GROUND, SIDES),
                    "form-template")
            .drawnIn(Map.of(OPERATION, "form"));

    private static final TrialForm TRIAL = TrialForm.beside("form-profile")
            .typed("small", "Thinnest place", "diameter")
            .typed("large", "Thickest place", "diameter")
            .picked("look", "The form", FormTrial.Look.values())
            .picked("sound", "Sound", Measured.Sound.values());

    /** Declares it. */
    public FormingFamily() {
        super(
                "forming",
                13,
                new Asks<>(List.of(FormField.values()), FormReader::cut),
                new Says<>(FormAnswer.RULES, FormAnswer::tell),
                new Judges(TRIAL, FormTrial::prove),
                KIND);
    }

    @Override
    public Optional<OnWork> onWork(FormCut cut, UnitFormat say) {
        FormJob job = cut.job();
        if (job.hold() == Hold.BETWEEN_CENTRES) {
            return Optional.empty();
        }
        double from = Math.max(0, job.freeMm() - job.atMm() - job.profile().widthMm());
        return Optional.of(
                OnWork.of(Kind.FORM, job.work(), job.lathe(), job.bit().name() + ", ground to the form")
                        .across(2 * job.profile().largestMm(), 2 * job.profile().smallestMm())
                        .along(from, from + job.profile().widthMm())
                        .running(cut.rpm(), cut.feedMm())
                        .with(one -> one.centred(job.hold() == Hold.CHUCK_AND_CENTRE)
                                .passes(Passes.once(cut.minutes()))
                                .freeField(STICK_OUT.id())
                                .atField(AT.id())));
    }

    @Override
    public Optional<Solid> solid(FormCut cut) {
        return Optional.of(new Solid("form-bit", FormSolid.shells(cut)));
    }

    @Override
    public CutPage page(Read<FormCut> read) {
        return new CutPage(
                id(),
                Sentence.of(
                        entries(),
                        "{operation} in {material}, {formAt} from the jaws, held {hold}, {stickOut} free, {formRoughed}; on {lathe} with a {formBit}."),
                List.of(
                        StationPage.of(
                                        Station.CUT,
                                        List.of("form-profile", "form-bit"),
                                        List.of("formWidth", "formDepth", "formEdge"))
                                .setting(PROFILE)
                                .with(Panel.PROFILE),
                        StationPage.of(
                                        Station.EDGE,
                                        List.of("form-face", "form-template", "form-bit"),
                                        List.of("formOnFace", "formUncorrected", "formLeastClearance"))
                                .picking(GROUND, SIDES),
                        StationPage.of(
                                Station.REACH,
                                List.of("form-bit", "form-profile"),
                                List.of("quietWidth", "edgeForce", "formLeft")),
                        StationPage.making("Route card")),
                new PrintedCard(
                        read.filled("form {formProfile}, {material}; {lathe}, {formBit}."),
                        "form-template",
                        Entry.ids(RAKE, CLEARANCE),
                        Entry.ids(FEED, SPEED, DWELL)),
                "form-template",
                List.of(KIND.kept(read)),
                List.of(),
                "form-bit",
                Optional.empty());
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of(
                        "form",
                        "form",
                        "form tool",
                        "form",
                        "form bit",
                        "form",
                        "profile",
                        "form",
                        "radius form",
                        "form",
                        "form a",
                        "form"),
                AT,
                AT,
                Optional.empty(),
                List.of(),
                List.of(
                        new Marked(AT, List.of(), List.of("from jaws", "from the jaws")),
                        new Marked(STICK_OUT, List.of(), List.of("free", "out"))),
                List.of(MATERIAL, HOLD, ROUGHED),
                List.of(new Derived(STICK_OUT, AT, 15, 0.5))));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(FEED), tool);
    }
}
