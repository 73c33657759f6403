package boldwedge.core.families.threading.report;

import static boldwedge.core.families.threading.entry.ThreadField.*;

import boldwedge.core.families.threading.entry.ThreadReader;
import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.words.Worded;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialAnswer.Compared;
import boldwedge.core.planning.TrialReader;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.Ranked;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Judges a thread by wires, by its pitch diameter, by gauges and by its looks. */
public final class ThreadTrial {
    private static final Limits LENGTH = new Limits(Quantity.LENGTH, 0.2, 1200);
    private static final Limits BESIDE = new Limits(Quantity.LENGTH, 0, 5);
    /** What nobody can tell over wires in a shop. */
    private static final double GAUGE_MM = 0.005;

    private static final int TURNS = 10;

    private final TrialReader reader;
    private final TrialRequest request;
    private final UnitFormat say;

    /** How gauge, nut or mate went. */
    public enum Gauge implements Worded {
        UNTRIED,
        FITS,
        TIGHT,
        TIGHT_END,
        LOOSE
    }

    /** How the flanks look. */
    public enum Look implements Worded {
        CLEAN,
        TORN,
        STEPS,
        DRUNKEN,
        FLAT,
        RUBBED
    }

    private ThreadTrial(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new ThreadTrial(request).judge();
    }

    private TrialAnswer judge() {
        Read<ThreadCut> read = ThreadReader.cut(request.plan());
        OptionalDouble wires = reader.value("overWires", "Over three wires", LENGTH);
        OptionalDouble measured = reader.value("pitchMeasured", "Pitch diameter", LENGTH);
        OptionalDouble far = reader.value("overWiresFar", "Over wires, chuck end", LENGTH);
        OptionalDouble ten = reader.value("tenTurns", "Ten turns measure", LENGTH);
        OptionalDouble beside = reader.value("besideBy", "Picked up beside by", BESIDE);
        Gauge gauge = reader.choice("gauge", "Nut, gauge or mate", Gauge.values());
        Look look = reader.choice("look", "Flanks look", Look.values());
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The thread itself is not complete yet: mend it at the earlier stations first.");
        }
        ThreadCut cut = read.cut().get();
        if (cut.job().inside() && (wires.isPresent() || far.isPresent())) {
            reader.wrong(
                    wires.isPresent() ? "overWires" : "overWiresFar",
                    "Wires do not go into an inside thread: use a plug gauge, or type its pitch diameter.");
            return reader.stopped("One reading cannot be right.");
        }
        if (wires.isEmpty() && measured.isEmpty() && gauge == Gauge.UNTRIED && look == Look.CLEAN && ten.isEmpty()) {
            return reader.stopped("Type what wires or a thread micrometer said, or how the gauge went.");
        }
        OptionalDouble pitch = measured.isPresent()
                ? measured
                : wires.stream().map(over -> cut.wires().pitchDiameterMm(over)).findFirst();
        if (pitch.isPresent()
                && Math.abs(pitch.getAsDouble() - cut.targetMm())
                        > 1.5 * cut.job().size().pitchMm()) {
            reader.wrong(
                    measured.isPresent() ? "pitchMeasured" : "overWires",
                    "That is a pitch diameter of " + say.length(pitch.getAsDouble()) + ", far from "
                            + say.length(cut.targetMm()) + ". Check the wires of "
                            + say.length(cut.wires().wireMm()) + " and the units.");
            return reader.stopped("One reading cannot be right.");
        }
        OptionalDouble farPitch =
                far.stream().map(over -> cut.wires().pitchDiameterMm(over)).findFirst();
        return answer(cut, new ThreadCauses.Seen(pitch, farPitch, ten, beside, gauge, look));
    }

    private TrialAnswer answer(ThreadCut cut, ThreadCauses.Seen seen) {
        List<Compared> rows = new ArrayList<>();
        String wanted = say.length(cut.pitchLowMm()) + " to " + say.length(cut.pitchHighMm());
        boolean in = true;
        String verdict = "";
        if (seen.pitch().isPresent()) {
            double pitch = seen.pitch().getAsDouble();
            in = pitch >= cut.pitchLowMm() - 1e-9 && pitch <= cut.pitchHighMm() + 1e-9;
            rows.add(new Compared("Pitch diameter", wanted, say.length(pitch), in));
            double go = cut.toGoMm(pitch);
            verdict = in
                    ? "The pitch diameter is within its limits: " + say.length(pitch) + "."
                    : go > 0
                            ? "Still " + say.length(go) + " to the middle of its limits: " + ThreadSpoken.more(cut, go)
                                    + " on the " + ThreadSpoken.slide(cut) + "."
                            : "It is " + say.length(cut.pastMm(pitch)) + " past its limits: "
                                    + (cut.job().inside() ? "too large" : "too thin") + ", loose.";
        }
        if (seen.far().isPresent() && seen.pitch().isPresent()) {
            double taper = seen.pitch().getAsDouble() - seen.far().getAsDouble();
            double reckoned = cut.taperMm();
            rows.add(new Compared(
                    "Free end over chuck end",
                    say.length(0.4 * reckoned) + " to " + say.length(1.6 * Math.abs(reckoned) + GAUGE_MM),
                    say.length(taper),
                    taper >= 0.4 * reckoned - GAUGE_MM && taper <= 1.6 * Math.abs(reckoned) + GAUGE_MM));
        }
        if (seen.ten().isPresent()) {
            double should = TURNS * cut.job().size().leadMm();
            rows.add(new Compared(
                    "Ten turns",
                    say.length(should),
                    say.length(seen.ten().getAsDouble()),
                    Math.abs(seen.ten().getAsDouble() - should) < 0.05));
        }
        if (seen.gauge() != Gauge.UNTRIED) {
            rows.add(new Compared(
                    "Nut, gauge or mate", Gauge.FITS.words(), seen.gauge().words(), seen.gauge() == Gauge.FITS));
        }
        if (verdict.isEmpty()) {
            verdict = seen.gauge() == Gauge.UNTRIED
                    ? "The flanks are " + seen.look().words() + "."
                    : "The gauge " + words(seen.gauge()) + ".";
        } else if (seen.gauge() != Gauge.UNTRIED && seen.gauge() != Gauge.FITS) {
            verdict += " The gauge " + words(seen.gauge()) + ".";
        }
        boolean good = in
                && (seen.gauge() == Gauge.FITS || seen.gauge() == Gauge.UNTRIED)
                && seen.look() == Look.CLEAN
                && rows.stream().allMatch(Compared::within);
        Ranked ranked =
                good ? Ranked.NOTHING : new ThreadCauses(say, new ThreadRemedies(request.plan(), say)).of(cut, seen);
        return reader.judged(
                rows,
                ranked.causes(),
                good ? verdict + " It serves." : verdict,
                good,
                ranked.remedy(),
                "Nothing that was computed would better it.",
                seen.pitch().isPresent() || seen.gauge() != Gauge.UNTRIED
                        ? Optional.of(ThreadPassScenes.limits(cut, say, seen.pitch()))
                        : Optional.empty());
    }

    private static String words(Gauge gauge) {
        return switch (gauge) {
            case UNTRIED -> "was not tried";
            case FITS -> "goes on";
            case TIGHT -> "does not go on";
            case TIGHT_END -> "goes on part of the way";
            case LOOSE -> "is loose";
        };
    }
}
