package boldwedge.server.trial;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.trial.BladeLife;
import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules.Texts;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/proof")
class TrialController {
    private static final int MOST_TRIALS = 1000;

    private final TrialService proofs;

    TrialController(TrialService proofs) {
        this.proofs = proofs;
    }

    /** A trial to judge: the plan's texts, and the readings speed, feed, depth, near, far, apart, finish, chip, sound. */
    record TrialQuestion(
            @Texts Map<String, @Nullable String> fields,
            @NotNull(message = "This part is missing.") UnitSystem units,
            @Texts Map<String, @Nullable String> readings) {}

    /** A trial to keep. */
    record TrialEntry(
            @Nullable UUID id,
            @Nullable UUID toolId,
            @Nullable UUID cutId,
            @Nullable LocalDate onDay,
            UnitSystem units,
            Map<String, @Nullable String> fields,
            Map<String, @Nullable String> readings,
            @Nullable String note,
            @Nullable Boolean aside) {}

    /** Whether a trial is set aside. */
    record AsideEntry(
            @NotNull(message = "This part is missing.") Boolean aside) {}

    /** Judges a trial cut: predicted beside measured, causes ranked, one change proposed. Nothing is kept. */
    @PostMapping("/judge")
    TrialAnswer judge(@Valid @RequestBody TrialQuestion question) {
        return proofs.judge(Text.map(question.fields()), question.units(), Text.map(question.readings()));
    }

    /**
     * What a trial would teach.
     *
     * @param sentence in words, with what was known
     * @param far whether it is so far from what was reckoned that a wrong setting or reading is as likely
     */
    record Lesson(String sentence, boolean far) {}

    /** What a trial would teach if it were kept. Nothing is kept. */
    @PostMapping("/teaches")
    List<Lesson> teaches(@Valid @RequestBody TrialQuestion question) {
        return proofs.wouldTeach(trial(new TrialEntry(
                null, null, null, null, question.units(), question.fields(), question.readings(), null, null)));
    }

    @PostMapping("/trials")
    TrialRecord keep(@RequestBody TrialEntry entry) {
        return proofs.keep(trial(entry));
    }

    private static TrialRecord trial(TrialEntry entry) {
        LocalDate day = entry.onDay() == null ? LocalDate.now(java.time.ZoneId.systemDefault()) : entry.onDay();
        return new TrialRecord(
                entry.id() == null ? UUID.randomUUID() : entry.id(),
                entry.toolId(),
                entry.cutId(),
                day,
                entry.units(),
                Text.map(entry.fields()),
                Text.map(entry.readings()),
                "",
                Text.stripped(entry.note()),
                null,
                "",
                null,
                "",
                entry.aside());
    }

    /** Sets a trial aside, so that it stays on record and teaches nothing; or lets it count again. */
    @PutMapping("/trials/{id}/aside")
    TrialRecord setAside(@PathVariable UUID id, @Valid @RequestBody AsideEntry entry) {
        return proofs.setAside(id, entry.aside());
    }

    /** A blade's life: cuts made with it, how many broke, and what that comes to, in a line. */
    record LifeAnswer(int cuts, int broken, String sentence) {}

    /** Life of a blade by its trials: cuts, breakages, cuts to a blade, and what a cut costs when a blade's cost is given. */
    @GetMapping("/life")
    LifeAnswer life(@RequestParam UUID tool, @RequestParam(defaultValue = "") String cost) {
        BladeLife life = BladeLife.of(
                proofs.ofTool(tool).stream().map(TrialRecord::readings).toList(), cost);
        return new LifeAnswer(life.cuts(), life.broken(), life.sentence());
    }

    /** Trials of a cut in pairs: what was changed between two that followed each other, what that should have done, and what it did; the last first. */
    @GetMapping("/experiments")
    List<PairedTrials> experiments(@RequestParam UUID cut) {
        return proofs.experiments(cut);
    }

    /** Trials of a tool or of a cut; the last ones of all when neither is given. */
    @GetMapping("/trials")
    List<TrialRecord> trials(
            @RequestParam(required = false) @Nullable UUID tool,
            @RequestParam(required = false) @Nullable UUID cut,
            @RequestParam(defaultValue = "200") int most) {
        if (tool != null) {
            return proofs.ofTool(tool);
        }
        return cut != null ? proofs.ofCut(cut) : proofs.latest(Math.clamp(most, 1, MOST_TRIALS));
    }
}
