package boldwedge.core.families.casting.report;

import static boldwedge.core.families.casting.entry.CastField.FREE;

import boldwedge.core.families.casting.entry.CastReader;
import boldwedge.core.families.casting.model.CastBore;
import boldwedge.core.families.casting.model.CastJob.Seat;
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

/** Judges a bore in a casting. */
public final class CastTrial {
    private static final Limits BORE = new Limits(Quantity.LENGTH, 1, 3000);

    /** A bore is good within this, mm: a fit is asked at the cut that bores it. */
    private static final double GOOD_MM = 0.015;

    /** A casting straight from the cut is so much warmer, K (habit). */
    private static final double WARM_K = 25;

    private final TrialRequest request;
    private final TrialReader reader;
    private final UnitFormat say;

    /** What of the skin is left. */
    public enum Skin implements Worded {
        NONE,
        ONE_SIDE,
        SPOTS
    }

    /** What was seen, mm. */
    private record Seen(OptionalDouble across, OptionalDouble along, OptionalDouble inside, Skin skin, double wanted) {
        double acrossBy() {
            return across.orElse(wanted) - wanted;
        }

        double alongBy() {
            return along.orElse(wanted) - wanted;
        }
    }

    private CastTrial(TrialRequest request) {
        this.request = request;
        reader = new TrialReader(request);
        say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new CastTrial(request).judge();
    }

    private TrialAnswer judge() {
        Read<CastBore> read = CastReader.cut(request.plan());
        OptionalDouble across = reader.value("across", "Across the joint", BORE);
        OptionalDouble along = reader.value("along", "Along the screws", BORE);
        OptionalDouble inside = reader.value("inside", "The bush, pressed in", BORE);
        Skin skin = reader.choice("skin", "Skin left", Skin.values());
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The cut itself is not complete yet: mend it at the earlier stations first.");
        }
        CastBore cut = read.cut().get();
        Seen seen = new Seen(across, along, inside, skin, cut.job().finishedMm());
        return across.isEmpty() && along.isEmpty() && inside.isEmpty() && skin == Skin.NONE
                ? reader.stopped("Type the bore both ways, or say what of the skin is left.")
                : answer(cut, seen);
    }

    private TrialAnswer answer(CastBore cut, Seen seen) {
        List<Compared> rows = new ArrayList<>();
        double wanted = seen.wanted();
        seen.across().ifPresent(is -> rows.add(row("Across", wanted, is)));
        seen.along().ifPresent(is -> rows.add(row("Along", wanted, is)));
        if (cut.job().seat() == Seat.BUSH) {
            seen.inside()
                    .ifPresent(is -> rows.add(
                            row("Bush", cut.job().insideMm() - cut.press().closesMm(), is)));
        }
        boolean good = rows.stream().allMatch(Compared::within) && seen.skin() == Skin.NONE;
        Ranked ranked = good
                ? Ranked.NOTHING
                : CauseRule.ranked(List.of(this::round, this::warm, this::skin, this::bush), cut, seen, say);
        return reader.judged(
                rows,
                ranked.causes(),
                good ? "It serves." : first(rows, seen),
                good,
                ranked.remedy(),
                "Nothing that was reckoned explains it: measure again, cold, four ways at both ends.",
                Optional.of(CastScenes.end(cut, say)));
    }

    private Compared row(String what, double wanted, double is) {
        return new Compared(what, say.length(wanted), say.length(is), Math.abs(is - wanted) <= GOOD_MM);
    }

    private static String first(List<Compared> rows, Seen seen) {
        return rows.stream()
                .filter(row -> !row.within())
                .map(row -> row.what() + ": " + row.measured() + " where " + row.predicted() + " was wanted.")
                .findFirst()
                .orElse("Skin left: " + seen.skin().words() + ".");
    }

    private void round(CastBore cut, Seen seen, Causes found) {
        if (seen.across().isEmpty() || seen.along().isEmpty()) {
            return;
        }
        double apart = seen.across().getAsDouble() - seen.along().getAsDouble();
        if (apart > GOOD_MM && cut.job().cap()) {
            found.name("cap-drawn-down", "The cap is drawn down further than when it was bored", 0.9)
                    .says("%s less along the screws than across.", say.length(apart))
                    .then(
                            Fix.atTheMachine("Shims back in their places, screws in order, to the same torque"),
                            "It is then as round as it was bored.");
        }
        if (apart < -GOOD_MM && cut.job().cap()) {
            found.name("cap-lifts", "The cap stands off: a burr, dirt or a shim too many", 0.9)
                    .says("%s more along the screws than across.", say.length(-apart))
                    .then(
                            Fix.atTheMachine("Joint apart, clean, burrs off, shims counted"),
                            "It then closes as it was bored.");
        }
        if (Math.abs(apart) > GOOD_MM && !cut.job().cap()) {
            found.name("sprang", "It was clamped out of shape and sprang when it was let go", 0.85)
                    .says("%s out of round.", say.length(Math.abs(apart)))
                    .then(
                            Fix.atTheMachine("Clamp over what it stands on, an indicator still; a light last pass"),
                            "What is held without force stays round.");
        }
    }

    private void warm(CastBore cut, Seen seen, Causes found) {
        double both = Math.min(
                seen.across().isPresent() ? seen.acrossBy() : seen.alongBy(),
                seen.along().isPresent() ? seen.alongBy() : seen.acrossBy());
        double shrinks = cut.job().work().expansionPerK() * WARM_K * cut.job().finishedMm();
        if (both < -GOOD_MM) {
            found.name(
                            "measured-warm",
                            "It was finished warm, and has shrunk",
                            Causes.fit(both + shrinks, GOOD_MM + shrinks / 2))
                    .says("%s of so large a bore is what %s °C make.", say.length(shrinks), Written.places(WARM_K, 0))
                    .then(Fix.atTheMachine("A last pass, cold"), "Measured cold it stays what it is.");
            found.name("not-dialled", "It was not bored far enough", 0.5)
                    .says("Small alike in both directions, by %s.", say.length(-both))
                    .then(Fix.atTheMachine("Bore on by what is missing"), "Half of it on the slide.");
        }
        if (both > GOOD_MM) {
            found.name("too-far", "It was bored too far", 0.7)
                    .says("Large alike in both directions, by %s.", say.length(both))
                    .then(Fix.atTheMachine("Bush it, or make what sits in it to suit"), "No foil under a shell.");
        }
    }

    private void skin(CastBore cut, Seen seen, Causes found) {
        if (seen.skin() == Skin.ONE_SIDE) {
            double free = Math.ceil(cut.freeForBestMm() * 10) / 10;
            found.name("axis-off", "The axis lies too near one side", 0.9)
                    .says("The leanest side was to keep %s.", say.length(cut.leastMm()))
                    .then(
                            free > cut.job().freeMm() + 0.01
                                    ? new Fix("Let the axis move", FREE, Written.exact(Quantity.LENGTH, free))
                                    : Fix.atTheMachine("Bore larger and bush it"),
                            "Every side then keeps alike.");
        }
        if (seen.skin() == Skin.SPOTS) {
            found.name("voids", "Voids, or the first pass ran in the skin", 0.8)
                    .says("The skin was taken as %s.", say.length(cut.skinMm()))
                    .then(
                            Fix.atTheMachine("A void at the joint or under a shell: fill it, sleeve it, or scrap it"),
                            "Elsewhere a small one does no harm.");
        }
    }

    private void bush(CastBore cut, Seen seen, Causes found) {
        if (seen.inside().isEmpty() || cut.job().seat() != Seat.BUSH) {
            return;
        }
        double closed = cut.job().insideMm() - seen.inside().getAsDouble();
        double reckoned = cut.press().closesMm();
        if (Math.abs(closed - reckoned) <= GOOD_MM) {
            return;
        }
        double over = cut.job().overMm() * closed / reckoned;
        found.name(
                        closed > reckoned ? "pressed-more" : "pressed-less",
                        closed > reckoned
                                ? "It was pressed by more than was meant"
                                : "It was pressed by less than was meant",
                        0.85)
                .says(
                        "It closed by %s where %s was reckoned: about %s of press.",
                        say.length(closed), say.length(reckoned), say.length(Math.max(0, over)))
                .then(
                        Fix.atTheMachine(
                                closed > reckoned
                                        ? "Ream or bore it to size; measure bush and bore before the next"
                                        : "Try whether it turns: loose in its casting it comes out again"),
                        "The next is pressed by what is measured.");
    }
}
