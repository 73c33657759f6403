package boldwedge.core.rule;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.planning.Entry;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is asked of every tool that cuts with its end about its own axis: drill, reamer, counterbore.
 *
 * @param lathe the machine
 * @param diameterMm of the tool, mm
 * @param range surface speeds for it, m/min
 * @param choice the speed chosen
 * @param rpm the speed that holds
 * @param typedRpm the speed that was typed, if one was
 * @param speed the field of the speed
 * @param source of the speeds
 * @param say says
 */
public record RotaryRules(
        Lathe lathe,
        double diameterMm,
        Span range,
        SpeedChoice choice,
        double rpm,
        OptionalDouble typedRpm,
        Entry speed,
        String source,
        UnitFormat say) {
    /** Room that nobody counts on, mm: lengths on a card and of a holder are round. */
    private static final double TIGHT_MM = 5;

    private static final double FAR_OVER = 0.25;
    private static final double FAR_UNDER = -0.5;
    private static final double IN_HAND = 0.25;

    /** Power of the feed that the torque follows: 1 − mc of Kienzle's law, mc about a quarter. */
    private static final double FEED_IN_TORQUE = 0.75;

    /** A lighter feed is lighter by more than this. */
    private static final double SAME_FEED = 0.93;

    /** A chuck stands so far out of the spindle, over its diameter (ours). */
    private static final double CHUCK_DEPTH = 0.45;
    /** A drill chuck with its arbor, or a sleeve, out of the quill, mm (ours). */
    private static final double HELD_MM = 70;

    private static final double USUAL_CHUCK_SHARE = 0.6;
    private static final double LOOSE = 0.05;

    /** Feed of one turn of the handle, with where it came from. */
    public static Amount handle(Lathe lathe, double handleMm) {
        Amount handle = mm(handleMm);
        if (lathe.tailHandleMm().isPresent() && lathe.tailHandleMm().getAsDouble() == handleMm) {
            return handle.fromCard();
        }
        return handleMm == lathe.tailHandleOrUsual() ? handle.assumed() : handle.typed();
    }

    /** The speed against its range, and whether the machine has it. */
    public Finding speedFinding() {
        double v = SpeedChoice.surfaceSpeed(rpm, diameterMm);
        double over = v / range.high() - 1;
        double under = v / range.low() - 1;
        boolean missing = typedRpm.isPresent() && !lathe.speeds().has(rpm);
        boolean noMore = rpm > 0.99 * lathe.speeds().fastest();
        Verdict verdict = missing || over > FAR_OVER
                ? Verdict.WRONG
                : over > 1e-9 ? Verdict.DOUBTFUL : under < FAR_UNDER && !noMore ? Verdict.DOUBTFUL : Verdict.FINE;
        String words = Written.words(
                "%s is %s on %s; the range here is %s to %s.",
                say.rpm(rpm),
                say.surfaceSpeed(v),
                say.length(diameterMm),
                say.surfaceSpeed(range.low()),
                say.surfaceSpeed(range.high()));
        Finding.Builder finding = Finding.at(Station.REACH, "speed", say)
                .says(
                        verdict,
                        missing
                                ? lathe.name() + " has no " + say.rpm(rpm) + "; the nearest it has below is "
                                        + say.rpm(nearest()) + "."
                                : over > 1e-9 ? "Too fast: " + words : under < FAR_UNDER ? "Slow: " + words : words)
                .margin(missing ? -1 : SpeedMargin.of(v, range, FAR_UNDER))
                .step(Working.of("Speed a chart asks for", "n = v / (π · d)", Amount.rpm(choice.wantedRpm()))
                        .with("v", metresPerMinute(range.chosen()).fromTable())
                        .with("d", mm(diameterMm))
                        .meaning("; the next one down that " + lathe.name() + " has is " + say.rpm(choice.rpm())))
                .step(Working.of("Speed at the rim", "v = π · d · n", metresPerMinute(v))
                        .with("d", mm(diameterMm))
                        .with(
                                "n",
                                typedRpm.isPresent()
                                        ? Amount.rpm(rpm).typed()
                                        : Amount.rpm(rpm).chosen()))
                .source(source);
        if (verdict != Verdict.FINE) {
            double offered = missing && over <= 0 ? nearest() : choice.rpm();
            finding.mendUnless(
                    !missing && Math.abs(offered - rpm) < 0.5,
                    "Run at " + say.rpm(offered),
                    speed,
                    Written.places(offered, 1) + " rpm");
        }
        double offered = Math.min(rpm, choice.rpm());
        if (SpeedChoice.surfaceSpeed(offered, diameterMm) > range.high()) {
            SlowestSpeed.help(finding, lathe, offered);
        }
        return finding.build();
    }

    private double nearest() {
        return lathe.speeds().atOrBelow(rpm).orElse(lathe.speeds().slowest());
    }

    /**
     * Whether work, tool and tailstock find room between chuck and the end of the bed, the tool drawn right out; and whether the quill goes so far. Empty
     * where the card says neither.
     *
     * @param workOutMm work out of the chuck
     * @param toolMm whole length of the tool
     * @param goesMm how far it goes in
     * @param stickOut the field of the work out of the chuck
     */
    public Optional<Finding> fitFinding(Amount workOutMm, Amount toolMm, double goesMm, Entry stickOut) {
        if (lathe.mill()
                || (lathe.bed().centresMm().isEmpty() && lathe.bed().quillMm().isEmpty())) {
            return Optional.empty();
        }
        double chuck = lathe.slide().chuckMm().orElse(USUAL_CHUCK_SHARE * lathe.swingMm());
        double room = lathe.bed().centresMm().orElse(Double.POSITIVE_INFINITY)
                - CHUCK_DEPTH * chuck
                - workOutMm.value()
                - HELD_MM
                - toolMm.value();
        double quill = lathe.bed().quillMm().orElse(Double.POSITIVE_INFINITY);
        boolean fits = room >= 0;
        boolean reaches = goesMm <= quill;
        Finding.Builder finding = Finding.at(Station.REACH, "tailstock-room", say)
                .says(
                        !fits ? Verdict.WRONG : !reaches || room < TIGHT_MM ? Verdict.DOUBTFUL : Verdict.FINE,
                        !fits
                                ? "Chuck, work and tool are longer than the bed by " + say.length(-room)
                                        + ": the tool cannot be drawn out of the hole. Less work out of the chuck, or a shorter tool."
                                : !reaches
                                        ? "The quill goes " + say.length(quill) + ", the hole wants "
                                                + say.length(goesMm)
                                                + ": in " + (int) Math.ceil(goesMm / quill)
                                                + " goes, the tailstock moved up between them with the tool in the hole."
                                        : "Work, tool and tailstock find room"
                                                + (Double.isInfinite(room) ? "" : ", " + say.length(room) + " to spare")
                                                + (Double.isInfinite(quill) ? "." : "; the quill reaches."))
                .margin(
                        !fits
                                ? room / goesMm
                                : !reaches ? -LOOSE : Math.min(1, (room - TIGHT_MM) / Math.max(goesMm, 1)))
                .source("Lengths along the bed; chuck and tool holder as usual");
        if (Double.isFinite(room)) {
            finding.step(Working.of("Room to spare", "C − c · d − w − h − t", mm(room))
                    .with(
                            "C",
                            "between centres",
                            mm(lathe.bed().centresMm().getAsDouble()).fromCard())
                    .with(
                            "c",
                            "chuck's depth over its diameter",
                            Amount.number(CHUCK_DEPTH).assumed())
                    .with(
                            "d",
                            "chuck",
                            lathe.slide().chuckMm().isPresent()
                                    ? mm(chuck).fromCard()
                                    : mm(chuck).assumed())
                    .with("w", "work out of it", workOutMm)
                    .with("h", "what holds the tool", mm(HELD_MM).assumed())
                    .with("t", "tool", toolMm));
            if (!fits && workOutMm.value() + room > 0) {
                finding.mend(
                        "Work out by " + say.length(workOutMm.value() + room),
                        stickOut,
                        Written.exact(Quantity.LENGTH, workOutMm.value() + room));
            }
        }
        finding.doesWhen(!fits, "A stub tool, or its shank right in the tailstock’s own taper: no drill chuck");
        return Optional.of(finding.build());
    }

    /**
     * The power that it takes against what there is.
     *
     * @param torqueNm torque, N·m
     * @param how how the torque comes about
     * @param feed the field of the feed
     * @param feedMm the feed that stands, mm/rev
     * @param least the feed under which it only rubs, mm/rev
     * @param otherwise what helps where the machine has not the power
     */
    public Finding powerFinding(
            double torqueNm, Working how, Entry feed, double feedMm, double least, String otherwise) {
        double watt = torqueNm * 2 * Math.PI * rpm / 60;
        double has = lathe.spindleWatt();
        double margin = has / Math.max(watt, 1e-9) - 1;
        Finding.Builder finding = Finding.at(Station.REACH, "power", say)
                .says(
                        Verdict.of(margin, IN_HAND),
                        "It twists with %s and takes %s; %s has %s at the spindle.",
                        say.torque(torqueNm),
                        say.power(watt),
                        lathe.name(),
                        say.power(has))
                .margin(margin)
                .step(how)
                .step(Working.of("Power", "P = M · 2 · π · n", watts(watt))
                        .with("M", newtonMetres(torqueNm))
                        .with("n", Amount.rpm(rpm)))
                .step(EdgeRules.atTheSpindle(lathe))
                .source("Definition of power; torque by Kienzle’s law, source of the material’s row");
        if (margin < IN_HAND) {
            Amount lighter =
                    mmPerRev(Math.max(least, feedMm * Math.pow((margin + 1) / (1 + IN_HAND), 1 / FEED_IN_TORQUE)));
            finding.mendUnless(
                    lighter.value() > SAME_FEED * feedMm, "Feed " + say.amount(lighter), feed, say.amount(lighter));
            // The torque stays; at fewer turns it takes less power.
            double slower = lathe.speeds()
                    .atOrBelow(rpm * (margin + 1) / (1 + IN_HAND))
                    .orElse(lathe.speeds().slowest());
            finding.mendUnless(
                    slower > 0.97 * rpm, "Run at " + say.rpm(slower), speed, Written.places(slower, 1) + " rpm");
            finding.doesWhen(margin < 0, otherwise);
        }
        return finding.build();
    }
}
