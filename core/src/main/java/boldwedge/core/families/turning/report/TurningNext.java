package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;

import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.families.turning.model.TurningJob;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.planning.Fixer;
import boldwedge.core.trial.Cause;
import boldwedge.core.trial.JointFit;
import boldwedge.core.trial.Measured;
import boldwedge.core.trial.Prediction;
import boldwedge.core.trial.Remedy;
import boldwedge.core.trial.UsualFaults;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.DoubleStream;

/**
 * The one change after a trial of turning: what the signs ask for, then what costs nothing, and only what helps. Whatever is changed, the dial is set
 * anew with it, for the middle of what is then expected.
 */
final class TurningNext {
    /** What comes out within this share of what is allowed is good enough to stop looking for better. */
    private static final double GOOD_SHARE = 0.6;

    private static final double LEAST_FACTOR = 0.2;
    private static final double MOST_FACTOR = 8;

    private static final Set<String> OF_SIZE = Set.of(
            "push-off",
            "spring-size",
            "fat-nose",
            "little-rake",
            "drawn-in",
            "setting",
            "alignment",
            "wear-in-pass",
            "warm");

    private final TurningCut cut;
    private final Prediction predicted;
    private final Measured measured;
    private final TurningTrial.ReadAt at;
    private final Fixer<TurningCut> mender;
    private final UnitFormat say;
    private final JointFit fit;
    private final String apart;
    private final double nearMm;
    private final double farMm;

    /**
     * @param cut the cut as it was run
     * @param predicted what was expected of it
     * @param measured what came out
     * @param at where it was read, and what was moved before
     * @param apart how far apart, as typed: the next piece is read there too
     */
    TurningNext(
            TurningCut cut,
            Prediction predicted,
            Measured measured,
            TurningTrial.ReadAt at,
            String apart,
            Fixer<TurningCut> mender,
            UnitFormat say) {
        this.cut = cut;
        this.predicted = predicted;
        this.measured = measured;
        this.at = at;
        this.apart = apart;
        this.mender = mender;
        this.say = say;
        this.fit = predicted.fitted(measured);
        // Cold, and over the middle of the tolerance.
        JointFit.Part warm = fit.part(UsualFaults.WARMTH);
        this.nearMm = measured.nearMm() - warm.nearMm() - predicted.sizes().setMm();
        this.farMm = measured.farMm() - warm.farMm() - predicted.sizes().setMm();
    }

    /** The one change to make: what is said against the likeliest cause, else the dial. */
    Optional<Remedy> against(List<Cause> causes) {
        if (!causes.isEmpty() && !OF_SIZE.contains(causes.getFirst().id())) {
            Optional<Remedy> sign = againstSign(causes.getFirst().id());
            if (sign.isPresent()) {
                return sign;
            }
        }
        if (measured.warmth().hidesTheSize(grows(cut), cut.job().allowedErrorMm())) {
            return Optional.of(Fixer.cooling(told(0, 0, 0)));
        }
        // A face has no axis along it: there is nothing to set over or to swing.
        boolean face = cut.job().operation() == Operation.FACE;
        if (face
                || UsualFaults.isForTheDial(
                        Math.abs(farMm - nearMm) / 2, cut.job().allowedErrorMm())) {
            return dialled();
        }
        return againstTaper(causes).or(this::dialled);
    }

    /** What is done where no size was read: against the likeliest of what was seen and heard, and never the dial. */
    Optional<Remedy> againstSigns(List<Cause> signs) {
        return signs.stream().findFirst().flatMap(sign -> againstSign(sign.id()));
    }

    /** The causes that need no size to be known. */
    static List<Cause> signs(List<Cause> causes) {
        return causes.stream().filter(cause -> !OF_SIZE.contains(cause.id())).toList();
    }

    /** What its diameter grows by a kelvin, mm. */
    static double grows(TurningCut cut) {
        return cut.job().finishedMm() * cut.job().work().expansionPerK();
    }

    /** What makes the taper, and what is done about that. */
    private Optional<Remedy> againstTaper(List<Cause> causes) {
        double axis = fit.made(UsualFaults.HEAD, UsualFaults.TAIL).taperMm();
        double wear = fit.made(UsualFaults.WEAR).taperMm();
        double spring = predicted.sizes().taperMm()
                + fit.made(UsualFaults.SPRING, UsualFaults.TURNING).taperMm();
        double taper = farMm - nearMm;
        double sign = Math.signum(taper);
        if (sign * wear > sign * axis && sign * wear > sign * spring) {
            JointFit.Made worn = fit.made(UsualFaults.WEAR);
            double off = (nearMm - worn.nearMm() + farMm - worn.farMm()) / 2;
            return againstSign("wear-in-pass")
                    .map(slower -> new Remedy(
                            withDial(
                                    slower.fix().label(),
                                    slower.fix().field(),
                                    slower.fix().text(),
                                    off,
                                    0,
                                    0),
                            slower.expected(),
                            slower.left()));
        }
        if (sign * axis >= sign * spring) {
            return Optional.of(aligning(taper));
        }
        String cause = causes.stream()
                .map(Cause::id)
                .filter(id -> List.of("fat-nose", "little-rake", "drawn-in").contains(id))
                .findFirst()
                .orElse("push-off");
        return bestAgainstSpring(cause);
    }

    /** What a sign other than size asks for; empty where nothing computed does. */
    private Optional<Remedy> againstSign(String cause) {
        TurningJob job = cut.job();
        return switch (cause) {
            case "built-up-edge", "wear-in-pass", "too-fast" -> {
                Span range = job.work().surfaceSpeed(job.tool());
                boolean faster = cause.equals("built-up-edge");
                double wanted = 1000 * (faster ? range.high() : range.low()) / Math.PI / job.passDiameterMm();
                double rpm = job.lathe()
                        .speeds()
                        .atOrBelow(wanted)
                        .orElse(job.lathe().speeds().slowest());
                if (Math.abs(rpm - cut.cutting().rpm()) < 1) {
                    yield Optional.empty();
                }
                yield Optional.of(new Remedy(
                        new Fix("Run at " + say.rpm(rpm), SPEED, Written.places(rpm, 1) + " rpm"),
                        faster
                                ? "Faster, the chip is hotter and does not weld to the edge."
                                : "Slower, the edge stays hard: about "
                                        + Written.places(
                                                Math.pow(
                                                        cut.cutting().rpm() / rpm,
                                                        1 / job.tool().taylorExponent()),
                                                0)
                                        + " times the life.",
                        1));
            }
            case "rubbing" ->
                Math.abs(job.heightMm()) > 1e-6
                        ? Optional.of(new Remedy(
                                new Fix("Set the point on centre", HEIGHT, "0"),
                                "It gives the clearance back that the height has taken.",
                                1))
                        : Optional.of(new Remedy(
                                new Fix(
                                        "End relief "
                                                + say.angle(cut.signature().endRelief() + Math.toRadians(3)),
                                        END_RELIEF,
                                        Written.degrees(cut.signature().endRelief() + Math.toRadians(3))),
                                "Three degrees more room under the edge.",
                                1));
            case "chatter" ->
                job.overhangMm() > 1.6 * job.blank().heightMm()
                        ? Optional.of(new Remedy(
                                new Fix(
                                        "Stand out "
                                                + say.length(1.2 * job.blank().heightMm()),
                                        OVERHANG,
                                        fieldLength(1.2 * job.blank().heightMm())),
                                "The point gives "
                                        + Written.places(
                                                Math.pow(
                                                        job.overhangMm()
                                                                / (1.2
                                                                        * job.blank()
                                                                                .heightMm()),
                                                        3),
                                                1)
                                        + " times less.",
                                1))
                        : bestAgainstSpring("push-off");
            default -> Optional.empty();
        };
    }

    /** The dial set by what the piece came out by; nothing when that is in the middle already. */
    private Optional<Remedy> dialled() {
        double off = (nearMm + farMm) / 2;
        if (!isWorthDialling(off)) {
            return Optional.empty();
        }
        String words = dialWords(off);
        return Optional.of(new Remedy(
                Fix.atTheMachine(words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1), told(off, 0, 0)),
                Written.words(
                        "%s Then it comes out within %s of the middle of the tolerance, %s of taper as now.",
                        off > 0 ? "The piece can be saved by it." : "The next piece: this one is small already.",
                        say.length(Math.abs(farMm - nearMm) / 2 + PushOff.SCATTER * Math.abs(off)),
                        say.length(Math.abs(farMm - nearMm))),
                0));
    }

    private boolean isWorthDialling(double off) {
        return Math.abs(off) >= 0.2 * cut.job().allowedErrorMm();
    }

    private String dialWords(double off) {
        return (off > 0 ? "dial in " : "back the dial off ") + say.length(Math.abs(off)) + " on the diameter";
    }

    /** What the next trial is told: how far everything stands from where it was first set. */
    private Map<String, String> told(double dialInMm, double tailMm, double swungMm) {
        Map<String, String> told = new LinkedHashMap<>();
        told.put("apart", apart);
        tell(told, "dialled", at.moved().dialledMm() - dialInMm);
        tell(told, "tailstock", at.moved().tailMm() + tailMm);
        tell(told, "swung", at.moved().swungMm() + swungMm);
        return told;
    }

    private void tell(Map<String, String> told, String reading, double mm) {
        if (Math.abs(mm) > 1e-6) {
            told.put(reading, fieldLength(mm));
        }
    }

    /** A change together with the dial, where the middle is off by then. */
    private Fix withDial(String label, String field, String text, double off, double tailMm, double swungMm) {
        boolean dial = isWorthDialling(off);
        return new Fix(
                dial ? label + "; " + dialWords(off) : label, field, text, told(dial ? off : 0, tailMm, swungMm));
    }

    /**
     * The axis put right. A centre is set over by what was read; no headstock is moved, and nothing swung, before a light pass leaves the same taper.
     */
    private Remedy aligning(double taper) {
        return cut.job().hold() == Hold.CHUCK ? swinging(taper) : settingOver(taper);
    }

    private Remedy settingOver(double taper) {
        double apart = at.farMm() - at.nearMm();
        double over = -taper / 2 * cut.job().freeLengthMm() / apart;
        double off = (nearMm + farMm) / 2
                + over * (at.nearMm() + at.farMm()) / cut.job().freeLengthMm();
        return new Remedy(
                withDial(
                        "Set the tailstock over by " + say.length(Math.abs(over))
                                + (over < 0 ? " towards the tool" : " away from the tool"),
                        "",
                        "",
                        off,
                        over,
                        0),
                Written.words(
                        "Half the taper of %s, over the whole length to the centre. An indicator at the centre tells how far it has gone.",
                        say.length(Math.abs(taper))),
                1);
    }

    private Remedy swinging(double taper) {
        Optional<Remedy> light = Fixer.lightPass(DEPTH, cut.job().depthMm(), this::fieldLength);
        Optional<TurningCut> lighter = light.flatMap(pass -> mender.with(pass.fix()));
        if (light.isPresent() && lighter.isPresent()) {
            Fix pass = light.get().fix();
            double off = (most(lighter.get(), factor()) + least(lighter.get(), factor())) / 2;
            return new Remedy(
                    withDial(pass.label(), pass.field(), pass.text(), off, 0, 0),
                    light.get().expected(),
                    1);
        }
        double swing = -taper * cut.job().lengthMm() / (at.farMm() - at.nearMm());
        return new Remedy(
                withDial(
                        "Two collars on a stout bar; then swing the headstock, or the top slide, by "
                                + say.length(Math.abs(swing) / 2) + " over "
                                + say.length(cut.job().lengthMm()) + ", the far end "
                                + (swing < 0 ? "smaller" : "larger"),
                        "",
                        "",
                        (nearMm + farMm) / 2,
                        0,
                        swing),
                "This was a light pass already. Collars that differ after a light cut over both are the headstock; collars that agree put the taper back on this work's spring.",
                1);
    }

    /** Of what a machinist would try, in the order of what it costs, the first that takes most of the spring away, or the best there is. */
    private Optional<Remedy> bestAgainstSpring(String cause) {
        TurningJob job = cut.job();
        List<Fix> candidates = new ArrayList<>();
        if (job.depthMm() > 0.2) {
            candidates.add(
                    new Fix("Last pass " + fieldLength(job.depthMm() / 2), DEPTH, fieldLength(job.depthMm() / 2)));
        }
        if (job.hold() == Hold.CHUCK && job.freeLengthMm() > job.lengthMm() * 1.15) {
            String out = say.typed(job.lengthMm() * 1.05);
            candidates.add(new Fix("Let only " + out + " stand out", STICK_OUT, out));
        }
        if (job.hold() == Hold.CHUCK && job.finishedMm() >= Hold.LEAST_CENTRED_MM) {
            candidates.add(new Fix("Bring the centre up", HOLD, "chuck-and-centre"));
        }
        if (cut.signature().noseRadiusMm() > 0.25) {
            double finer = cause.equals("fat-nose")
                    ? cut.advice().noseRadius().chosen()
                    : cut.signature().noseRadiusMm() / 2;
            String nose = say.nose(Math.max(TurningTrial.FINE_NOSE_MM, finer));
            candidates.add(new Fix("Nose " + nose, NOSE_RADIUS, nose));
        }
        Span rake = cut.advice().sideRake().span();
        double towards = cause.equals("drawn-in") ? rake.low() : rake.high();
        if (Math.abs(towards - cut.signature().sideRake()) > Math.toRadians(2)) {
            candidates.add(new Fix("Side rake " + Written.degrees(towards), SIDE_RAKE, Written.degrees(towards)));
        }
        if (cut.signature().sideCuttingEdge() > Math.toRadians(5)
                && !job.operation().meetsAFace()) {
            candidates.add(new Fix("Lead 3°", SIDE_EDGE, "3°"));
        }
        // What was found to make the spring is what is changed first.
        String first = cause.equals("fat-nose")
                ? NOSE_RADIUS.id()
                : cause.equals("little-rake") || cause.equals("drawn-in") ? SIDE_RAKE.id() : "";
        candidates.sort(Comparator.comparing(mend -> !mend.field().equals(first)));
        double now = (most(cut, factor()) - least(cut, factor())) / 2;
        double allowed = cut.job().allowedErrorMm();
        Remedy best = null;
        for (Fix mend : candidates) {
            Optional<TurningCut> tried = mender.with(mend);
            if (tried.isEmpty()) {
                continue;
            }
            TurningCut then = tried.get();
            // Of a hold that is another one, what was fitted of the chuck's turning tells nothing.
            double factor = then.job().hold() == job.hold()
                    ? factor()
                    : 1 + fit.part(UsualFaults.SPRING).mean();
            double most = most(then, factor);
            double least = least(then, factor);
            double left = (most - least) / 2;
            boolean named = mend.field().equals(first) && left < 0.7 * now;
            if (left < 0.97 * now
                    && (best == null || (left < 0.5 * best.left() && best.left() > GOOD_SHARE * allowed))) {
                best = new Remedy(
                        withDial(mend.label(), mend.field(), mend.text(), (most + least) / 2, 0, 0),
                        Written.words(
                                "Computed with the spring as fitted: what the diameter differs by along the cut goes from %s to %s.",
                                say.length(2 * now), say.length(2 * left)),
                        left);
            }
            if (named && best != null) {
                break;
            }
        }
        if (job.hold() != Hold.CHUCK && (best == null || best.left() > GOOD_SHARE * allowed)) {
            // A centre that gives is met half way.
            return Optional.of(settingOver(farMm - nearMm));
        }
        return Optional.ofNullable(best);
    }

    /** How many times as far as reckoned it springs at its far end. */
    private double factor() {
        double reckoned = Math.abs(predicted.sizes().farErrorMm())
                        > Math.abs(predicted.sizes().nearErrorMm())
                ? predicted.sizes().farErrorMm()
                : predicted.sizes().nearErrorMm();
        boolean far = Math.abs(predicted.sizes().farErrorMm())
                > Math.abs(predicted.sizes().nearErrorMm());
        JointFit.Made made = fit.made(UsualFaults.SPRING, UsualFaults.TURNING);
        double more = far ? made.farMm() : made.nearMm();
        return Math.abs(reckoned) < 1e-5 ? 1 : Math.clamp(1 + more / reckoned, LEAST_FACTOR, MOST_FACTOR);
    }

    private double most(TurningCut then, double factor) {
        return errors(then, factor).max().orElse(0);
    }

    private double least(TurningCut then, double factor) {
        return errors(then, factor).min().orElse(0);
    }

    /** Errors on the diameter along a cut, with the axis, the dial and what was moved as fitted, mm. */
    private DoubleStream errors(TurningCut then, double factor) {
        double dial = fit.part(UsualFaults.DIAL).mean();
        double head =
                then.job().hold() == Hold.CHUCK ? 2 * fit.part(UsualFaults.HEAD).mean() : 0;
        double tail = then.job().hold() == Hold.CHUCK
                ? 0
                : 2
                        * fit.part(UsualFaults.TAIL).mean()
                        / Math.max(1e-9, then.job().freeLengthMm());
        return then.pushOff().stations().stream()
                .mapToDouble(place -> factor * place.diameterErrorMm()
                        + dial
                        + (head + tail) * place.fromChuckMm()
                        + at.moved().at(then, place.fromChuckMm()));
    }

    private String fieldLength(double mm) {
        return Written.full(Quantity.LENGTH, mm, say.units());
    }
}
