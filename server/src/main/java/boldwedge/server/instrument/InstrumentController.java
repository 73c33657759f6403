package boldwedge.server.instrument;

import boldwedge.core.family.Families;
import boldwedge.core.family.MachineTests;
import boldwedge.core.family.ToolTests;
import boldwedge.core.family.ToolTests.AtRest;
import boldwedge.core.family.ToolTests.Line;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.planning.LatheCard;
import boldwedge.core.planning.PlanRequest;
import boldwedge.server.plan.PlanService;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules;
import boldwedge.server.web.TextRules.Texts;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/instrument")
class InstrumentController {
    private static final double[] PULLS = {0, 15, 30, 45, 60};
    private static final double[] MACHINE_PULLS = {0, 100, 200, 300, 400};
    private static final int MOST_LINES = 40;
    private static final String MISSING = "This part is missing.";

    private final Instruments instruments;
    private final PlanService plans;

    InstrumentController(Instruments instruments, PlanService plans) {
        this.instruments = instruments;
        this.plans = plans;
    }

    /** The bar asked about. */
    record BarQuestion(
            @Texts Map<String, @Nullable String> fields,
            @NotNull(message = MISSING) UnitSystem units) {}

    /** A push test to judge: pull, reading going up, reading coming down, as typed; the stiffness of a test before. */
    record PushQuestion(
            @Texts Map<String, @Nullable String> fields,
            @NotNull(message = MISSING) UnitSystem units,

            @NotNull(message = MISSING) @Size(max = MOST_LINES, message = "At most " + MOST_LINES + " pulls.")
            List<Line> lines,

            @TextRules.Line(most = 40) @Nullable String before) {}

    /** A ring to judge: the recording as a WAV or CSV file in base 64. */
    record RingQuestion(
            @Texts Map<String, @Nullable String> fields,
            @NotNull(message = MISSING) UnitSystem units,
            @NotNull(message = MISSING) String recording) {}

    /** What the instruments read. */
    record PushReadings(String by, List<Line> lines) {}

    /** What the pick-up recorded: a WAV in base 64. */
    record TapRecording(String by, String recording) {}

    /** Reads indicator and scale at five pulls, up and down again. */
    @PostMapping("/push")
    PushReadings push(@Valid @RequestBody BarQuestion question) {
        AtRest bar = bar(question.fields(), question.units());
        List<Line> lines = new ArrayList<>();
        for (double pull : PULLS) {
            lines.add(new Line(
                    Written.places(pull, 0) + " N",
                    micrometres(instruments.indicator(bar, pull, false)),
                    micrometres(instruments.indicator(bar, pull, true))));
        }
        return new PushReadings(instruments.name(), lines);
    }

    private static String micrometres(double mm) {
        return Written.places(mm * 1000, 1) + " µm";
    }

    /** Records a tap. */
    @PostMapping("/tap")
    TapRecording tap(@Valid @RequestBody BarQuestion question) {
        return new TapRecording(
                instruments.name(),
                Base64.getEncoder()
                        .encodeToString(Recordings.wav(instruments.tap(bar(question.fields(), question.units())))));
    }

    /** Judges a push test: stiffness, loop, play, the holder's share. */
    @PostMapping("/push/judge")
    ToolTests.Answer judgePush(@Valid @RequestBody PushQuestion question) {
        whole(question.lines());
        return tests(question.fields())
                .push(request(question.fields(), question.units()), question.lines(), Text.stripped(question.before()));
    }

    /** Judges a ring: frequency, damping by two ways. */
    @PostMapping("/ring/judge")
    ToolTests.Answer judgeRing(@Valid @RequestBody RingQuestion question) {
        Instruments.Recording recording = recorded(question.recording());
        return tests(question.fields())
                .ring(request(question.fields(), question.units()), recording.samples(), recording.rate());
    }

    private static Instruments.Recording recorded(String base64) {
        try {
            return Recordings.read(Base64.getDecoder().decode(base64));
        } catch (IllegalArgumentException notBase64) {
            throw Refusal.wrong("broken-recording", "The recording did not arrive whole. Choose the file again.");
        }
    }

    /** A tap on a machine's post to judge: the recording as a WAV or CSV file in base 64. */
    record PostRing(
            @NotNull(message = MISSING) UnitSystem units,
            @NotNull(message = MISSING) String recording) {}

    /** Records a tap on a machine's post. */
    @PostMapping("/machine/tap")
    TapRecording tapMachine() {
        return new TapRecording(
                instruments.name(), Base64.getEncoder().encodeToString(Recordings.wav(instruments.tapPost())));
    }

    /** Judges a tap on a machine's post: frequency, damping by two ways. */
    @PostMapping("/machine/ring/judge")
    ToolTests.Answer judgeMachineRing(@Valid @RequestBody PostRing question) {
        Instruments.Recording recording = recorded(question.recording());
        return MachineTests.ring(recording.samples(), recording.rate(), question.units());
    }

    /** A machine's part to be pushed: its card as typed, and for a chuck the bar in it and the two places. */
    record MachineQuestion(
            @Texts Map<String, @Nullable String> card,
            @NotNull(message = MISSING) UnitSystem units,
            @NotNull(message = MISSING) MachineTests.Part part,
            @TextRules.Line(most = 40) @Nullable String rod,
            @TextRules.Line(most = 40) @Nullable String near,
            @TextRules.Line(most = 40) @Nullable String out) {}

    /** What was read at the place near the jaws, or at the part; and far from the jaws. */
    record MachineReadings(String by, List<Line> lines, List<Line> far) {}

    /** Reads indicator and scale at a machine's part. */
    @PostMapping("/machine")
    MachineReadings machine(@Valid @RequestBody MachineQuestion question) {
        Lathe lathe = LatheCard.read(Text.map(question.card()), question.units())
                .lathe()
                .orElseThrow(() -> Refusal.wrong(
                        "no-machine-yet", "The machine's card is not complete yet: a stand-in is made from it."));
        boolean chuck = question.part() == MachineTests.Part.CHUCK;
        double bar = length(question.rod(), question.units(), 40);
        return new MachineReadings(
                instruments.name(),
                pulled(lathe, question.part(), bar, chuck ? length(question.near(), question.units(), 40) : 0),
                chuck ? pulled(lathe, question.part(), bar, length(question.out(), question.units(), 160)) : List.of());
    }

    private static double length(@Nullable String text, UnitSystem units, double otherwise) {
        return MeasureParser.parse(Text.stripped(text), Quantity.LENGTH, units) instanceof Parsed.Good<Reading> good
                ? good.value().value()
                : otherwise;
    }

    private List<Line> pulled(Lathe lathe, MachineTests.Part part, double bar, double out) {
        List<Line> lines = new ArrayList<>();
        for (double pull : MACHINE_PULLS) {
            lines.add(new Line(
                    Written.places(pull, 0) + " N",
                    micrometres(instruments.machine(lathe, part, bar, out, pull, false)),
                    micrometres(instruments.machine(lathe, part, bar, out, pull, true))));
        }
        return lines;
    }

    /** A machine's push test to judge. */
    record MachineTest(
            @NotNull(message = MISSING) UnitSystem units,
            @NotNull(message = MISSING) MachineTests.Part part,

            @NotNull(message = MISSING) @Size(max = MOST_LINES, message = "At most " + MOST_LINES + " pulls.")
            List<Line> lines,

            @NotNull(message = MISSING) @Size(max = MOST_LINES, message = "At most " + MOST_LINES + " pulls.")
            List<Line> far,

            @TextRules.Line(most = 40) @Nullable String rod,
            @TextRules.Line(most = 40) @Nullable String near,
            @TextRules.Line(most = 40) @Nullable String out) {}

    /** Judges a machine's push test: stiffness of post or tailstock; of a chuck across and in tilt. */
    @PostMapping("/machine/judge")
    ToolTests.Answer judgeMachine(@Valid @RequestBody MachineTest test) {
        whole(test.lines());
        whole(test.far());
        return MachineTests.judge(
                new MachineTests.Test(
                        test.part(),
                        test.lines(),
                        test.far(),
                        Text.stripped(test.rod()),
                        Text.stripped(test.near()),
                        Text.stripped(test.out())),
                test.units());
    }

    private static void whole(List<Line> lines) {
        for (Line line : lines) {
            if (line == null || line.load() == null || line.up() == null || line.down() == null) {
                throw Refusal.wrong("unusable", "Each pull wants load, up and down; down may be empty.");
            }
        }
    }

    /** The tool as reckoned, whatever has been measured: a stand-in must not answer softer each time it is asked. */
    private AtRest bar(Map<String, @Nullable String> fields, UnitSystem units) {
        return tests(fields)
                .untested(request(fields, units))
                .orElseThrow(() -> Refusal.wrong(
                        "no-bar-yet", "The bar is not complete yet: mend it at the earlier stations first."));
    }

    private static ToolTests tests(Map<String, @Nullable String> fields) {
        return Families.of(Text.map(fields))
                .tests()
                .orElseThrow(() -> Refusal.wrong("no-tests", "There are no tests of this kind of tool."));
    }

    private PlanRequest request(Map<String, @Nullable String> fields, UnitSystem units) {
        return plans.request(Text.map(fields), units);
    }
}
