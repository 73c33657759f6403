package boldwedge.core.families.truing.report;

import static boldwedge.core.families.truing.entry.TrueField.SEAT;

import boldwedge.core.families.truing.entry.TrueReader;
import boldwedge.core.families.truing.model.TrueJob.What;
import boldwedge.core.families.truing.model.TrueUp;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.words.Worded;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialAnswer.Compared;
import boldwedge.core.planning.TrialReader;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.CauseRule;
import boldwedge.core.trial.Causes;
import boldwedge.core.trial.Ranked;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Judges how work came to stand. */
public final class TrueTrial {
    private static final Limits OFF = new Limits(Quantity.LENGTH, 0, 50);
    private static final double ALIKE = 0.25;

    private final TrialRequest request;
    private final TrialReader reader;
    private final UnitFormat say;

    /** Which side reads high now. */
    public enum High implements Worded {
        NOT_LOOKED,
        SAME,
        OTHER
    }

    /** How the bar goes into its block. */
    public enum Bar implements Worded {
        SLIDES,
        LOOSE,
        TIGHT
    }

    /** What was seen, mm. */
    private record Seen(OptionalDouble reads, High high, Bar bar) {}

    private TrueTrial(TrialRequest request) {
        this.request = request;
        reader = new TrialReader(request);
        say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new TrueTrial(request).judge();
    }

    private TrialAnswer judge() {
        Read<TrueUp> read = TrueReader.cut(request.plan());
        Seen seen = new Seen(
                reader.value("reads", "It reads now", OFF),
                reader.choice("high", "High side", High.values()),
                reader.choice("bar", "The bar", Bar.values()));
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The cut itself is not complete yet: mend it at the earlier stations first.");
        }
        return seen.reads().isEmpty() && seen.bar() == Bar.SLIDES
                ? reader.stopped("Type what the indicator reads now; or say how the bar goes in.")
                : answer(read.cut().get(), seen);
    }

    private TrialAnswer answer(TrueUp cut, Seen seen) {
        double allowed = cut.job().what() == What.BORE_BLOCK
                ? cut.job().asideAllowedMm()
                : cut.job().withinMm();
        double wanted = cut.job().what() == What.TRUE_UP ? cut.wantedSwingMm() : 0;
        List<Compared> rows = new ArrayList<>();
        seen.reads()
                .ifPresent(reads -> rows.add(new Compared(
                        cut.job().what() == What.BORE_BLOCK ? "Aside" : "Reads",
                        say.length(wanted) + " within " + say.length(allowed),
                        say.length(reads),
                        Math.abs(reads - wanted) <= allowed + 5e-4)));
        boolean good = rows.stream().allMatch(Compared::within) && seen.bar() == Bar.SLIDES;
        Ranked ranked =
                good ? Ranked.NOTHING : CauseRule.ranked(List.of(this::jaws, this::block, this::post), cut, seen, say);
        return reader.judged(
                rows,
                ranked.causes(),
                good
                        ? "It stands."
                        : rows.stream()
                                .filter(row -> !row.within())
                                .map(row -> row.what() + ": " + row.measured() + " where " + row.predicted()
                                        + " is wanted.")
                                .findFirst()
                                .orElse("The bar: " + seen.bar().words() + "."),
                good,
                ranked.remedy(),
                "Nothing that was reckoned explains it: the indicator’s own stand, then its zero, once more round.",
                Optional.of(TrueScenes.set(cut, say)));
    }

    private void jaws(TrueUp cut, Seen seen, Causes found) {
        if (cut.job().what() != What.TRUE_UP || seen.reads().isEmpty()) {
            return;
        }
        double left = seen.reads().getAsDouble() - cut.wantedSwingMm();
        double first = cut.job().swingMm() - cut.wantedSwingMm();
        if (first == 0) {
            return;
        }
        double share = left / first;
        Fix again = Fix.atTheMachine("Opposite jaw out first, then this one in by "
                + say.angle(2 * Math.PI * Math.abs(left / 2) / cut.job().pitchMm()));
        if (Math.abs(share - 1) < ALIKE && seen.high() == High.OTHER) {
            found.name("moved-whole", "It was moved by the whole swing, not by half of it", 0.95)
                    .says("It reads as much as before, on the other side.")
                    .then(again, "Half of the swing is how far its middle lies off.");
        } else if (Math.abs(share - 1) < ALIKE) {
            found.name("did-not-move", "It did not move: the opposite jaw still held it", 0.9)
                    .says("It reads as before.")
                    .then(again, "What is held from both sides only gets tighter.");
        }
        if (Math.abs(share - 2) < ALIKE) {
            found.name("wrong-way", "It was moved the wrong way", 0.95)
                    .says("It reads twice as much as before.")
                    .then(again, "The jaw that reads high goes in.");
        }
        if (share < 1 - ALIKE) {
            found.name("jaws-spring", "The last jaw pushed it back as it was tightened", 0.75)
                    .says("%s of %s are left.", say.length(Math.abs(left)), say.length(Math.abs(first)))
                    .then(again, "The last hundredths by tightening only, the high side.");
        }
    }

    private void block(TrueUp cut, Seen seen, Causes found) {
        if (cut.job().what() != What.SQUARE_BLOCK || seen.reads().isEmpty()) {
            return;
        }
        double reads = seen.reads().getAsDouble();
        double jaw = cut.jawMm();
        boolean asJaw = jaw > 0 && Math.abs(reads - jaw) < ALIKE * jaw;
        found.name("jaw-leans", "The jaw leans", asJaw ? 0.9 : 0.4)
                .says("Turning over showed %s of it.", say.length(jaw))
                .then(
                        Fix.atTheMachine(
                                "Paper or foil of " + say.length(jaw) + " behind its low edge, or true the jaw"),
                        "Its faces then are as square as the jaw.");
        found.name("chip-under", "A chip or a burr lay under it", asJaw ? 0.4 : 0.7)
                .says("%s read where the jaw explains %s.", say.length(reads), say.length(jaw))
                .then(
                        Fix.atTheMachine("Jaws and block clean, burrs off, a soft rod at the moving jaw, cut it again"),
                        "A rod lets it lie flat against the fixed jaw.");
    }

    private void post(TrueUp cut, Seen seen, Causes found) {
        if (cut.job().what() != What.BORE_BLOCK) {
            return;
        }
        if (seen.bar() == Bar.LOOSE) {
            found.name("hole-large", "The hole came out large: the drill wandered, or the reamer had a burr", 0.85)
                    .says("Reamed to %s it slides without shake.", say.length(cut.holeMm()))
                    .then(
                            Fix.atTheMachine("Bush the block, or turn a bar to suit; no foil"),
                            "A bar that shakes chatters.");
        }
        if (seen.bar() == Bar.TIGHT) {
            found.name("hole-small", "The hole is small for its bar", 0.85)
                    .says("The bar was measured as %s.", say.length(cut.job().shankMm()))
                    .then(Fix.atTheMachine("Ream or lap on; never file"), "A filed hole holds at two spots.");
        }
        if (seen.reads().isEmpty() || seen.reads().getAsDouble() <= cut.job().asideAllowedMm()) {
            return;
        }
        double reads = seen.reads().getAsDouble();
        double aside = cut.pointAsideMm();
        boolean asSeat = aside > 0 && Math.abs(reads - aside) < ALIKE * aside;
        double truer = Math.floor(cut.seatMayReadMm() * 1000) / 1000;
        found.name("seat-turned", "The block does not stand along the bed", asSeat ? 0.9 : 0.5)
                .says("What its face read explains %s.", say.length(aside))
                .then(
                        new Fix("Set its face to " + say.length(truer), SEAT, Written.exact(Quantity.LENGTH, truer)),
                        "The hole is along the bed by its making; the seat must be as it was then.");
        found.name(
                        "new-seat",
                        "It stands on another seat, or at another height, than it was bored at",
                        asSeat ? 0.4 : 0.75)
                .says("%s aside where its face explains %s.", say.length(reads), say.length(aside))
                .then(
                        Fix.atTheMachine("Bore it again where it stands, and mark it"),
                        "It holds for this post, this seat, this height.");
    }
}
