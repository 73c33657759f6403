package boldwedge.core.families.forming.report;

import static boldwedge.core.families.forming.entry.FormField.*;

import boldwedge.core.families.forming.entry.FormReader;
import boldwedge.core.families.forming.model.FormCut;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.words.Worded;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialAnswer.Compared;
import boldwedge.core.planning.TrialReader;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.CauseRule;
import boldwedge.core.trial.Causes;
import boldwedge.core.trial.Measured;
import boldwedge.core.trial.Ranked;
import boldwedge.core.trial.Remedy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Judges a form that was cut. */
public final class FormTrial {
    private static final Limits LENGTH = new Limits(Quantity.LENGTH, 0.5, 1000);
    private static final double FAR_MM = 5;
    private static final double GAUGE_MM = 0.01;

    private final TrialRequest request;
    private final TrialReader reader;
    private final UnitFormat say;

    /** What it looks like. */
    public enum Look implements Worded {
        CLEAN,
        WAVES,
        TORN,
        STEEP_RUBBED,
        TAPERED
    }

    /** What was seen; diameters, mm. */
    private record Seen(OptionalDouble small, OptionalDouble large, Look look, Measured.Sound sound) {
        boolean nothing() {
            return small.isEmpty() && large.isEmpty() && look == Look.CLEAN && sound == Measured.Sound.QUIET;
        }
    }

    private FormTrial(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new FormTrial(request).judge();
    }

    private TrialAnswer judge() {
        Read<FormCut> read = FormReader.cut(request.plan());
        Seen seen = new Seen(
                reader.value("small", "Thinnest place", LENGTH),
                reader.value("large", "Thickest place", LENGTH),
                reader.choice("look", "The form", Look.values()),
                reader.choice("sound", "Sound", Measured.Sound.values()));
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The form itself is not complete yet: mend it at the earlier stations first.");
        }
        FormCut cut = read.cut().get();
        seen.small()
                .ifPresent(d -> reader.near("small", d, 2 * cut.job().profile().smallestMm(), FAR_MM));
        seen.large()
                .ifPresent(d -> reader.near("large", d, 2 * cut.job().profile().largestMm(), FAR_MM));
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        return seen.nothing()
                ? reader.stopped("Type its thinnest or thickest place, or say what it looks like.")
                : answer(cut, seen);
    }

    private TrialAnswer answer(FormCut cut, Seen seen) {
        List<Compared> rows = new ArrayList<>();
        double off = 2 * cut.job().formMm();
        row(rows, "Thinnest place", seen.small(), 2 * cut.job().profile().smallestMm(), off);
        row(rows, "Thickest place", seen.large(), 2 * cut.job().profile().largestMm(), off);
        boolean good = rows.stream().allMatch(Compared::within)
                && seen.look() == Look.CLEAN
                && seen.sound() == Measured.Sound.QUIET;
        Ranked ranked = good ? Ranked.NOTHING : CauseRule.ranked(List.of(this::size, this::look), cut, seen, say);
        String first = rows.stream()
                .filter(row -> !row.within())
                .map(row -> row.what() + ": " + row.measured() + " where " + row.predicted() + " is wanted.")
                .findFirst()
                .orElse("To size; " + seen.look().words() + ".");
        return reader.judged(
                rows,
                ranked.causes(),
                good ? "It serves." : first,
                good,
                ranked.remedy(),
                "Nothing that was reckoned explains it: hold bit and template against the light.",
                Optional.of(FormScenes.profile(cut, say)));
    }

    private void row(List<Compared> rows, String what, OptionalDouble value, double meant, double off) {
        Compared.between(what, value, meant - off, meant + off, say).ifPresent(rows::add);
    }

    private void size(FormCut cut, Seen seen, Causes found) {
        double allowed = 2 * cut.job().formMm() + GAUGE_MM / 2;
        double small = seen.small().orElse(2 * cut.job().profile().smallestMm())
                - 2 * cut.job().profile().smallestMm();
        double large = seen.large().orElse(2 * cut.job().profile().largestMm())
                - 2 * cut.job().profile().largestMm();
        double deeper = large - small;
        boolean both = seen.small().isPresent() && seen.large().isPresent();
        if (Math.abs(small) > allowed && (!both || Math.abs(deeper) <= allowed)) {
            found.name("fed", small > 0 ? "It was not fed in all the way, or sprang off" : "It was fed too far", 0.8)
                    .says("All of it is %s %s.", say.length(Math.abs(small)), small > 0 ? "large" : "small")
                    .then(
                            Fix.atTheMachine(
                                    small > 0
                                            ? "Feed in " + say.length(small / 2) + " more"
                                            : "Set a stop before the next"),
                            "The form itself is right; only its depth is not.");
        }
        if (both && Math.abs(deeper) > allowed) {
            double reckoned =
                    2 * cut.correction().uncorrectedMm(cut.job().profile().largestMm());
            double asDrawn = Causes.fit(deeper - reckoned, allowed);
            found.name(
                            "not-corrected",
                            "The profile was ground as drawn, and the rake changed it",
                            cut.job().corrected() ? 0.5 * asDrawn : asDrawn)
                    .says("%s was reckoned, %s is seen.", say.length(reckoned), say.length(deeper))
                    .then(
                            cut.job().corrected()
                                    ? Fix.atTheMachine("Hold the bit against the corrected template")
                                    : new Fix("Correct the profile for its rake", GROUND, "corrected"),
                            "Then deep and shallow come out alike.");
            found.name("off-centre", "The bit stands off centre, or its profile is off", 0.6)
                    .says("Thick and thin differ by %s from what they should.", say.length(Math.abs(deeper)))
                    .then(
                            Fix.atTheMachine("Set its foremost point on centre; hold it against the template"),
                            "Off centre every radius comes out by its own share.");
        }
    }

    private void look(FormCut cut, Seen seen, Causes found) {
        if (seen.look() == Look.WAVES || seen.sound() == Measured.Sound.CHATTER) {
            found.name("chatter", "So much edge at once rocks post and slide", 0.9)
                    .says(
                            "%s of edge cut, up to %s is quiet for sure.",
                            say.length(cut.edgeMm()), say.length(cut.quietMm().low()))
                    .then(() -> Optional.of(quieter(cut)));
        }
        switch (seen.look()) {
            case CLEAN, WAVES -> {}
            case TORN ->
                found.name("torn", "The top is dull, or it was dry", 0.8)
                        .says(cut.job().work().builtUpEdge() + ".")
                        .then(Fix.atTheMachine("Stone the top, oil it"), "A keen, wet edge shaves.");
            case STEEP_RUBBED ->
                found.name("steep-rubs", "Steep stretches have too little clearance", 0.95)
                        .says("The steepest clears by %s.", say.angle(cut.leastClearanceRad()))
                        .then(
                                cut.job().sideRelieved()
                                        ? Fix.atTheMachine("Relieve them more, from under the edge")
                                        : new Fix("Relieve steep stretches to the side", SIDES, "sides"),
                                "Then only the edge touches.");
            case TAPERED ->
                found.name("not-square", "The bit was not square to the work", 0.9)
                        .says("One end is deeper than the other.")
                        .then(
                                Fix.atTheMachine("Set its flat side square by an indicator or a square"),
                                "Both ends come out alike.");
        }
    }

    private Remedy quieter(FormCut cut) {
        return cut.job().lathe().speeds().atOrBelow(cut.rpm() * 0.8).stream()
                .boxed()
                .findFirst()
                .map(rpm -> new Remedy(
                        new Fix("Run at " + say.rpm(rpm), SPEED, say.rpm(rpm)),
                        "Slower first; then steps before it, then two forms side by side."))
                .orElseGet(() -> cut.job().roughed()
                        ? new Remedy(
                                Fix.atTheMachine("Two narrower forms side by side"), "Half the edge, half the push.")
                        : new Remedy(new Fix("Rough it by steps", ROUGHED, "steps"), "It then only finishes."));
    }
}
