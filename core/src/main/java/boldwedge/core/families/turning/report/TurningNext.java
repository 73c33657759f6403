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
import boldwedge.core.planning.Fixer;
import boldwedge.core.planning.Fixer.Proposal;
import boldwedge.core.trial.Cause;
import boldwedge.core.trial.Measured;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The one change after a trial of turning: what costs nothing first, and only what helps. */
final class TurningNext {
    private final TurningCut cut;
    private final Measured measured;
    private final Fixer<TurningCut> mender;
    private final UnitFormat say;

    /**
     * @param cut the cut as it was run
     * @param measured what came out
     */
    TurningNext(TurningCut cut, Measured measured, Fixer<TurningCut> mender, UnitFormat say) {
        this.cut = cut;
        this.measured = measured;
        this.mender = mender;
        this.say = say;
    }

    /** The one change to make: the best of those that act on the likeliest cause, each computed. */
    Optional<Proposal> against(List<Cause> causes) {
        if (causes.isEmpty()) {
            return Optional.empty();
        }
        TurningJob job = cut.job();
        if (TurningTrial.isEven(cut, measured)) {
            Optional<Proposal> dialled = dialled();
            if (dialled.isPresent()) {
                return dialled;
            }
        }
        return switch (causes.getFirst().id()) {
            case "push-off", "spring-size", "fat-nose", "little-rake", "drawn-in" ->
                bestAgainstSpring(causes.getFirst().id());
            case "setting" -> dialled();
            case "alignment" -> Optional.of(aligning());
            case "built-up-edge", "wear-in-pass", "too-fast" -> {
                Span range = job.work().surfaceSpeed(job.tool());
                boolean faster = causes.getFirst().id().equals("built-up-edge");
                double wanted = 1000 * (faster ? range.high() : range.low()) / Math.PI / job.passDiameterMm();
                double rpm = job.lathe()
                        .speeds()
                        .atOrBelow(wanted)
                        .orElse(job.lathe().speeds().slowest());
                if (Math.abs(rpm - cut.cutting().rpm()) < 1) {
                    yield Optional.empty();
                }
                yield Optional.of(new Proposal(
                        new Fix("Run at " + say.rpm(rpm), SPEED.id(), Written.places(rpm, 1) + " rpm"),
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
                        ? Optional.of(new Proposal(
                                new Fix("Set the point on centre", HEIGHT.id(), "0"),
                                "It gives the clearance back that the height has taken.",
                                1))
                        : Optional.of(new Proposal(
                                new Fix(
                                        "End relief "
                                                + say.angle(cut.signature().endRelief() + Math.toRadians(3)),
                                        END_RELIEF.id(),
                                        Written.degrees(cut.signature().endRelief() + Math.toRadians(3))),
                                "Three degrees more room under the edge.",
                                1));
            case "chatter" ->
                job.overhangMm() > 1.6 * job.blank().heightMm()
                        ? Optional.of(new Proposal(
                                new Fix(
                                        "Stand out "
                                                + say.length(1.2 * job.blank().heightMm()),
                                        OVERHANG.id(),
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
    private Optional<Proposal> dialled() {
        double middle = cut.job().finishedMm() + cut.job().tolerance().middleMm();
        double off = (measured.nearMm() + measured.farMm()) / 2 - middle;
        if (Math.abs(off) < 0.2 * cut.job().allowedErrorMm()) {
            return Optional.empty();
        }
        return Optional.of(new Proposal(
                Fix.atTheMachine(
                        (off > 0 ? "Dial in " : "Back the dial off ") + say.length(Math.abs(off)) + " on the diameter"),
                Written.words(
                        "%s Then it comes out within %s of the middle of the tolerance, %s of taper as now.",
                        off > 0 ? "The piece can be saved by it." : "The next piece: this one is small already.",
                        say.length(Math.abs(measured.taperMm()) / 2 + PushOff.SCATTER * Math.abs(off)),
                        say.length(Math.abs(measured.taperMm()))),
                0));
    }

    /** No headstock is moved before a light pass leaves the same taper. */
    private Proposal aligning() {
        return Fixer.lightPass(DEPTH, cut.job().depthMm(), this::fieldLength)
                .orElseGet(() -> cut.job().hold() == Hold.CHUCK
                        ? new Proposal(
                                Fix.atTheMachine("Two collars on a stout bar, a light cut over both"),
                                "This was a light pass already. Collars that differ on a stout bar are the headstock; collars that agree put the taper back on this work's spring.",
                                1)
                        : new Proposal(
                                Fix.atTheMachine("Set the tailstock over by half the taper"),
                                "This was a light pass already: the centre is off the axis by about half the taper over the whole length.",
                                1));
    }

    /** Of what a machinist would try, in the order of what it costs, the first that takes most of the spring away, or the best there is. */
    private Optional<Proposal> bestAgainstSpring(String cause) {
        TurningJob job = cut.job();
        List<Fix> candidates = new ArrayList<>();
        if (job.depthMm() > 0.2) {
            candidates.add(
                    new Fix("Last pass " + fieldLength(job.depthMm() / 2), DEPTH.id(), fieldLength(job.depthMm() / 2)));
        }
        if (job.hold() == Hold.CHUCK && job.freeLengthMm() > job.lengthMm() * 1.15) {
            String out = say.typed(job.lengthMm() * 1.05);
            candidates.add(new Fix("Let only " + out + " stand out", STICK_OUT.id(), out));
        }
        if (job.hold() == Hold.CHUCK && job.finishedMm() >= Hold.LEAST_CENTRED_MM) {
            candidates.add(new Fix("Bring the centre up", HOLD.id(), "chuck-and-centre"));
        }
        if (cut.signature().noseRadiusMm() > 0.25) {
            double finer = cause.equals("fat-nose")
                    ? cut.advice().noseRadius().chosen()
                    : cut.signature().noseRadiusMm() / 2;
            String nose = say.nose(Math.max(TurningTrial.FINE_NOSE_MM, finer));
            candidates.add(new Fix("Nose " + nose, NOSE_RADIUS.id(), nose));
        }
        Span rake = cut.advice().sideRake().span();
        double towards = cause.equals("drawn-in") ? rake.low() : rake.high();
        if (Math.abs(towards - cut.signature().sideRake()) > Math.toRadians(2)) {
            candidates.add(new Fix("Side rake " + Written.degrees(towards), SIDE_RAKE.id(), Written.degrees(towards)));
        }
        if (cut.signature().sideCuttingEdge() > Math.toRadians(5)
                && !job.operation().meetsAFace()) {
            candidates.add(new Fix("Lead 3°", SIDE_EDGE.id(), "3°"));
        }
        // What was found to make the spring is what is changed first.
        String first = cause.equals("fat-nose")
                ? NOSE_RADIUS.id()
                : cause.equals("little-rake") || cause.equals("drawn-in") ? SIDE_RAKE.id() : "";
        candidates.sort(Comparator.comparing(mend -> !mend.field().equals(first)));
        double now = cut.pushOff().remainingMm();
        Proposal best = null;
        for (Fix mend : candidates) {
            Optional<TurningCut> then = mender.with(mend);
            if (then.isEmpty()) {
                continue;
            }
            double left = then.get().pushOff().remainingMm();
            boolean named = mend.field().equals(first) && left < 0.7 * now;
            if (left < 0.97 * now && (best == null || left < 0.5 * best.left())) {
                best = new Proposal(
                        mend,
                        Written.words(
                                "Computed: the taper goes from %s to %s, the error on the diameter from %s to %s.",
                                say.length(Math.abs(cut.pushOff().taperMm())),
                                say.length(Math.abs(then.get().pushOff().taperMm())),
                                say.length(cut.pushOff().largestMm()),
                                say.length(then.get().pushOff().largestMm())),
                        left);
            }
            if (named && best != null) {
                break;
            }
        }
        return Optional.ofNullable(best);
    }

    private String fieldLength(double mm) {
        return Written.full(Quantity.LENGTH, mm, say.units());
    }
}
