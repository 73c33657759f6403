package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.DEPTH;
import static boldwedge.core.families.boring.entry.BoreField.SPEED;

import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.planning.Fixer;
import boldwedge.core.trial.Cause;
import boldwedge.core.trial.JointFit;
import boldwedge.core.trial.Measured;
import boldwedge.core.trial.Remedy;
import boldwedge.core.trial.UsualFaults;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The one change after a bored trial: what was heard first, then the dial where it is enough, else what the findings offer against the likeliest cause and helps
 * most, the dial set anew with it.
 */
final class BoreNext {
    private static final double LEAST_FACTOR = 0.2;
    /** Of a speed at which it sang. */
    private static final double SLOWER = 0.8;

    private static final double MOST_FACTOR = 8;

    private final BoreSeen seen;
    private final BoreCut cut;
    private final Fixer<BoreCut> mender;
    private final UnitFormat say;
    private final JointFit fit;
    private final double mouthMm;
    private final double bottomMm;

    /**
     * @param seen the trial
     * @param mender tries changes
     * @param say the units to say it in
     */
    BoreNext(BoreSeen seen, Fixer<BoreCut> mender, UnitFormat say) {
        this.seen = seen;
        this.cut = seen.cut();
        this.mender = mender;
        this.say = say;
        this.fit = seen.fitted();
        // Cold, and over the middle of the tolerance.
        JointFit.Part warm = fit.part(UsualFaults.WARMTH);
        this.mouthMm = seen.mouth() - warm.nearMm() - seen.predicted().setMm();
        this.bottomMm = seen.bottom() - warm.farMm() - seen.predicted().setMm();
    }

    /** The one change to make, if there is one. */
    Optional<Remedy> against(List<Cause> causes) {
        if (seen.sound() == Measured.Sound.CHATTER) {
            return againstSigns();
        }
        if (seen.isHiddenByWarmth()) {
            return Optional.of(Fixer.cooling(told(0, 0)));
        }
        double taper = bottomMm - mouthMm;
        if (UsualFaults.isForTheDial(Math.abs(taper) / 2, cut.job().allowedErrorMm())) {
            return dialled();
        }
        double axis = Math.signum(taper) * fit.made(UsualFaults.HEAD).taperMm();
        double wear = Math.signum(taper) * fit.made(UsualFaults.WEAR).taperMm();
        double spring = Math.signum(taper)
                * (seen.predicted().taperMm() + fit.made(UsualFaults.SPRING).taperMm());
        if (axis >= spring && axis >= wear) {
            return Optional.of(aligning(taper));
        }
        return stiffer().or(this::dialled);
    }

    /** What is done where no size was read: against what was heard, and never the dial. */
    Optional<Remedy> againstSigns() {
        return seen.sound() == Measured.Sound.CHATTER ? quieter().or(this::slower) : Optional.empty();
    }

    /** The dial set by what the hole came out by; nothing when that is in the middle already. */
    private Optional<Remedy> dialled() {
        double off = (mouthMm + bottomMm) / 2;
        if (!isWorthDialling(off)) {
            return Optional.empty();
        }
        String words = dialWords(off);
        return Optional.of(new Remedy(
                Fix.atTheMachine(words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1), told(off, 0)),
                Written.words(
                        "%s Then it comes out within %s of the middle of the tolerance.",
                        off < 0 ? "The hole can be saved by it." : "The next hole: this one is large already.",
                        say.length(Math.abs(bottomMm - mouthMm) / 2 + PushOff.SCATTER * Math.abs(off))),
                0));
    }

    private boolean isWorthDialling(double off) {
        return Math.abs(off) >= 0.2 * cut.job().allowedErrorMm();
    }

    private String dialWords(double off) {
        return (off < 0 ? "dial out " : "set in ") + say.length(Math.abs(off)) + " on the diameter";
    }

    /** What the next trial is told: how far everything stands from where it was first set. */
    private Map<String, String> told(double off, double swing) {
        Map<String, String> told = new LinkedHashMap<>();
        tell(told, "dialled", seen.dialled() - off);
        tell(told, "swung", seen.swung() + swing);
        return told;
    }

    private void tell(Map<String, String> told, String reading, double mm) {
        if (Math.abs(mm) > 1e-6) {
            told.put(reading, Written.full(Quantity.LENGTH, mm, say.units()));
        }
    }

    private Fix withDial(Fix fix, double off, double swing) {
        boolean dial = isWorthDialling(off);
        return new Fix(
                dial ? fix.label() + "; " + dialWords(off) : fix.label(),
                fix.field(),
                fix.text(),
                told(dial ? off : 0, swing));
    }

    /** No headstock is moved before a light pass leaves the same taper. */
    private Remedy aligning(double taper) {
        Optional<Remedy> light = Fixer.lightPass(DEPTH, cut.job().depthMm(), say::length);
        Optional<BoreCut> lighter = light.flatMap(pass -> mender.with(pass.fix()));
        if (light.isPresent() && lighter.isPresent()) {
            return new Remedy(
                    withDial(light.get().fix(), middle(lighter.get()), 0),
                    light.get().expected(),
                    1);
        }
        return new Remedy(
                withDial(
                        Fix.atTheMachine("Check it on a stout test bar; then swing the headstock, or the top slide, by "
                                + say.length(Math.abs(taper) / 2)
                                + " over " + say.length(cut.job().holeDepthMm()) + ", the bottom "
                                + (taper > 0 ? "smaller" : "larger")),
                        (mouthMm + bottomMm) / 2,
                        -taper),
                "This was a light pass already. It is the headstock's if a stout bar shows it too; else it is this work's spring.",
                1);
    }

    /** It sang where it was reckoned to be quiet: slower, where there is a slower speed; else what may be loose. */
    private Optional<Remedy> slower() {
        OptionalDouble slower =
                cut.job().lathe().speeds().atOrBelow(SLOWER * cut.cutting().rpm());
        return Optional.of(
                slower.isPresent()
                        ? new Remedy(
                                new Fix(
                                        "Run at " + say.rpm(slower.getAsDouble()),
                                        SPEED,
                                        Written.places(slower.getAsDouble(), 1) + " rpm"),
                                "It sang where it was reckoned quiet: kept, this trial moves the band. If it still does, look at clamp, gibs and the bit’s screw.",
                                0)
                        : new Remedy(
                                Fix.atTheMachine("Look at the bar’s clamp, the gibs and the bit’s screw"),
                                "There is no slower speed, and it sang where it was reckoned quiet: something is looser than was reckoned.",
                                0));
    }

    private Optional<Remedy> quieter() {
        List<Remedy> remedies = new ArrayList<>();
        for (Finding finding : new ChatterFindings(cut, say).all()) {
            for (Fix mend : finding.mends()) {
                mender.with(mend)
                        .ifPresent(then -> remedies.add(new Remedy(
                                mend,
                                "Then it sings from " + say.length(Math.min(10, then.limitHereMm())) + " on.",
                                -then.limitHereMm())));
            }
        }
        return remedies.stream().min(Comparator.comparingDouble(Remedy::left));
    }

    /** What the findings of size offer, with the spring as fitted. */
    private Optional<Remedy> stiffer() {
        List<Remedy> remedies = new ArrayList<>();
        double now = uneven(cut) / 2;
        for (Finding finding : new BoreSizeFindings(cut, say)
                .all().stream().filter(f -> f.id().equals("size")).toList()) {
            for (Fix mend : finding.mends()) {
                mender.with(mend)
                        .filter(then -> uneven(then) / 2 < 0.97 * now)
                        .ifPresent(then -> remedies.add(new Remedy(
                                withDial(mend, middle(then), 0),
                                "Then it stays within " + say.length(uneven(then) / 2) + " once dialled in, "
                                        + say.length(now) + " now.",
                                uneven(then) / 2)));
            }
        }
        return remedies.stream().min(Comparator.comparingDouble(Remedy::left));
    }

    private double factor() {
        double reckoned = seen.predicted().evenMm();
        return Math.abs(reckoned) < 1e-5
                ? 1
                : Math.clamp(1 + fit.made(UsualFaults.SPRING).evenMm() / reckoned, LEAST_FACTOR, MOST_FACTOR);
    }

    private double mouthOf(BoreCut then) {
        JointFit.Part head = fit.part(UsualFaults.HEAD);
        return -factor() * then.push().stations().getFirst().diameterErrorMm()
                + head.nearMm()
                + fit.part(UsualFaults.DIAL).mean()
                + seen.dialled();
    }

    private double bottomOf(BoreCut then) {
        JointFit.Part head = fit.part(UsualFaults.HEAD);
        return -factor() * then.push().stations().getLast().diameterErrorMm()
                + head.farMm()
                + fit.part(UsualFaults.DIAL).mean()
                + seen.dialled()
                + seen.swung();
    }

    private double uneven(BoreCut then) {
        return Math.abs(mouthOf(then) - bottomOf(then));
    }

    private double middle(BoreCut then) {
        return (mouthOf(then) + bottomOf(then)) / 2;
    }
}
