package boldwedge.core.families.forming.entry;

import static boldwedge.core.families.forming.entry.FormField.*;

import boldwedge.core.families.forming.model.FormCut;
import boldwedge.core.families.forming.model.FormJob;
import boldwedge.core.families.forming.model.FormJobBuilder;
import boldwedge.core.families.forming.model.Profile;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import java.util.Objects;
import java.util.Optional;

/** Reads a form and its bit. */
public final class FormReader extends FieldReader {
    /** Of a bit's width at least so much stays beside the form, mm (ours). */
    private static final double BESIDE_MM = 0.5;
    /** A form may be so deep in its bit, over the bit's height. */
    private static final double DEEPEST = 1.2;

    private FormReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works it out. */
    public static Read<FormCut> cut(PlanRequest request) {
        FormReader reader = new FormReader(request);
        Optional<FormCut> cut = reader.read().map(reader::worked);
        cut.ifPresent(reader::check);
        return new Read<>(reader.states(), reader.hasErrors() ? Optional.empty() : cut);
    }

    private Optional<FormJob> read() {
        Optional<Profile> profile = profile();
        profile.ifPresent(one -> unlessPicked(BIT, bitThatFits(one)));
        harderUnlessPicked(BIT, MATERIAL);
        readAll(values());
        whole(DWELL);
        if (!hasErrors() && value(AT) > value(STICK_OUT)) {
            wrong(AT, "The work ends " + length(value(STICK_OUT)) + " from the jaws: the form lies before that.");
        }
        if (hasErrors() || profile.isEmpty()) {
            return Optional.empty();
        }
        Blank bit = picked(BIT, Blank.class);
        return Optional.of(FormJobBuilder.builder()
                .units(units)
                .work(picked(MATERIAL, WorkMaterial.class))
                .lathe(request.lathe().orElseThrow())
                .profile(profile.get())
                .formMm(value(TOLERANCE))
                .atMm(value(AT))
                .hold(picked(HOLD, Hold.class))
                .freeMm(value(STICK_OUT))
                .bit(bit)
                .tool(StockCatalogue.shipped().toolMaterial(bit))
                .rakeRad(typed(RAKE))
                .clearanceRad(value(CLEARANCE))
                .corrected(is(GROUND, "corrected"))
                .sideRelieved(is(SIDES, "sides"))
                .roughed(is(ROUGHED, "steps"))
                .feedMm(typed(FEED))
                .speedRpm(typed(SPEED))
                .dwell(count(DWELL).orElse(FormCut.LEAST_TURNS))
                .build());
    }

    private Optional<Profile> profile() {
        String typed = request.text(PROFILE);
        String text = typed.isEmpty() ? PROFILE.usual(units) : typed;
        try {
            Profile profile = ProfileText.read(text, units);
            states().put(
                            PROFILE,
                            FieldState.plain(
                                    PROFILE,
                                    typed,
                                    text,
                                    text,
                                    length(profile.widthMm()) + " wide, " + length(profile.depthMm()) + " deep",
                                    typed.isEmpty(),
                                    ""));
            return Optional.of(profile);
        } catch (ProfileText.Unreadable wrong) {
            wrong(PROFILE, Objects.requireNonNull(wrong.getMessage()));
            return Optional.empty();
        }
    }

    /** The smallest square bit that the form goes into. */
    private Optional<String> bitThatFits(Profile profile) {
        return StockCatalogue.shipped().squareBits(units).stream()
                .filter(blank -> blank.widthMm() >= profile.widthMm() + BESIDE_MM
                        && DEEPEST * blank.heightMm() >= profile.depthMm())
                .findFirst()
                .map(Blank::id);
    }

    private FormCut worked(FormJob job) {
        FormCut cut = FormCut.of(job);
        return typed(DWELL).isPresent() ? cut : cut.dwelling();
    }

    private void check(FormCut cut) {
        Blank bit = cut.job().bit();
        Profile profile = cut.job().profile();
        if (profile.widthMm() > bit.widthMm() + 1e-9) {
            wrong(
                    BIT,
                    "The profile is " + length(profile.widthMm()) + " wide and this bit " + length(bit.widthMm())
                            + ": take a wider one, or cut it with two forms side by side.");
        } else if (profile.depthMm() > DEEPEST * bit.heightMm()) {
            wrong(
                    BIT,
                    "The profile is " + length(profile.depthMm()) + " deep: in a bit of " + length(bit.heightMm())
                            + " at most " + length(DEEPEST * bit.heightMm()) + " can be ground.");
        }
    }
}
