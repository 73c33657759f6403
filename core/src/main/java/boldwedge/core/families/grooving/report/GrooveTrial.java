package boldwedge.core.families.grooving.report;

import static boldwedge.core.families.grooving.entry.GrooveField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.grooving.entry.GrooveReader;
import boldwedge.core.families.grooving.model.Groove;
import boldwedge.core.families.grooving.model.Groove.Side;
import boldwedge.core.families.grooving.model.GrooveCut;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Working;
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
import boldwedge.core.trial.Measured;
import boldwedge.core.trial.Ranked;
import boldwedge.core.trial.Remedy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Judges a groove that was cut. */
public final class GrooveTrial {
    private static final Limits LENGTH = new Limits(Quantity.LENGTH, 0.1, 1000);
    private static final double GAUGE_MM = 0.01;
    private static final double FAR_MM = 3;

    private final TrialRequest request;
    private final TrialReader reader;
    private final UnitFormat say;

    /** How its ring or its cord goes in. */
    public enum Ring implements Worded {
        UNTRIED,
        SITS,
        TIGHT,
        LOOSE
    }

    /** What the floor looks like. */
    public enum Floor implements Worded {
        CLEAN,
        STEPS,
        WAVES,
        TORN
    }

    /** What the sides look like. */
    public enum Sides implements Worded {
        CLEAN,
        RUBBED,
        OUTER_RUBBED
    }

    /** What was seen; mm. */
    private record Seen(
            OptionalDouble width, OptionalDouble bottom, Ring ring, Floor floor, Sides sides, Measured.Sound sound) {
        boolean nothing() {
            return width.isEmpty() && bottom.isEmpty() && ring == Ring.UNTRIED && looksClean();
        }

        boolean looksClean() {
            return floor == Floor.CLEAN && sides == Sides.CLEAN && sound == Measured.Sound.QUIET;
        }
    }

    private GrooveTrial(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new GrooveTrial(request).judge();
    }

    private TrialAnswer judge() {
        Read<GrooveCut> read = GrooveReader.cut(request.plan());
        Seen seen = new Seen(
                reader.value("width", "Width", LENGTH),
                reader.value("bottom", "Bottom", LENGTH),
                reader.choice("ring", "Ring or cord", Ring.values()),
                reader.choice("floor", "Floor", Floor.values()),
                reader.choice("sides", "Sides", Sides.values()),
                reader.choice("sound", "Sound", Measured.Sound.values()));
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The groove itself is not complete yet: mend it at the earlier stations first.");
        }
        GrooveCut cut = read.cut().get();
        seen.width()
                .ifPresent(
                        width -> reader.near("width", width, cut.job().groove().aimMm(), FAR_MM));
        seen.bottom().ifPresent(bottom -> reader.near("bottom", bottom, bottomMeant(cut), FAR_MM));
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        return seen.nothing()
                ? reader.stopped("Type its width or its bottom; or say how the ring goes and what it looks like.")
                : answer(cut, seen);
    }

    /** Diameter of the bottom; of a face's groove its depth. */
    private static double bottomMeant(GrooveCut cut) {
        Groove groove = cut.job().groove();
        return groove.side() == Side.FACE ? groove.depthMm() : groove.bottomMm();
    }

    private TrialAnswer answer(GrooveCut cut, Seen seen) {
        Groove groove = cut.job().groove();
        List<Compared> rows = new ArrayList<>();
        row(
                rows,
                "Width",
                seen.width(),
                groove.widthMm() + groove.width().lowerMm(),
                groove.widthMm() + groove.width().upperMm());
        row(
                rows,
                groove.side() == Side.FACE ? "Depth" : "Bottom",
                seen.bottom(),
                bottomMeant(cut) + groove.bottom().lowerMm(),
                bottomMeant(cut) + groove.bottom().upperMm());
        if (seen.ring() != Ring.UNTRIED) {
            rows.add(new Compared("Ring or cord", Ring.SITS.words(), seen.ring().words(), seen.ring() == Ring.SITS));
        }
        boolean good = rows.stream().allMatch(Compared::within) && seen.looksClean();
        Ranked ranked = good
                ? Ranked.NOTHING
                : CauseRule.ranked(List.of(this::width, this::bottom, this::looks), cut, seen, say);
        String first = rows.stream()
                .filter(row -> !row.within())
                .map(row -> row.what() + ": " + row.measured() + " where " + row.predicted() + " is wanted.")
                .findFirst()
                .orElse("To size; floor " + seen.floor().words() + ", sides "
                        + seen.sides().words() + ".");
        return reader.judged(
                rows,
                ranked.causes(),
                good ? "It serves." : first,
                good,
                ranked.remedy(),
                "Nothing that was reckoned explains it: look at the edge under a loupe.",
                Optional.of(GrooveScenes.section(cut, say)));
    }

    private void row(List<Compared> rows, String what, OptionalDouble value, double least, double most) {
        Compared.between(what, value, least, most, say).ifPresent(rows::add);
    }

    private void width(GrooveCut cut, Seen seen, Causes found) {
        Groove groove = cut.job().groove();
        double read = seen.width().orElse(groove.aimMm());
        boolean wide = read > groove.widthMm() + groove.width().upperMm() + GAUGE_MM / 2 || seen.ring() == Ring.LOOSE;
        boolean narrow = read < groove.widthMm() + groove.width().lowerMm() - GAUGE_MM / 2
                || (seen.ring() == Ring.TIGHT && seen.width().isEmpty());
        double off = read - groove.aimMm();
        if (wide && cut.plunges() == 1) {
            double ground = say.units().measured(cut.tipMm() - off);
            found.name("cuts-wide", "It cut wider than its edge is: out of square, loose, or built up", 0.8)
                    .says("%s wide under an edge of %s.", say.length(read), say.length(cut.tipMm()))
                    .by(Working.of("Wider than meant", "m − b", mm(off))
                            .with("m", mm(read).measured())
                            .with("b", "aimed at", mm(groove.aimMm())))
                    .then(
                            off > GAUGE_MM && ground > 0
                                    ? new Fix("Edge " + say.length(ground), TIP, Written.exact(Quantity.LENGTH, ground))
                                    : Fix.atTheMachine("Set it square again, clamp it, gibs tight"),
                            "What it cuts over its own width it cuts again: the next groove comes to the middle.");
        } else if (wide || (narrow && cut.plunges() > 1)) {
            found.name("stepped-wrong", "The last step was too long, or too short", 0.8)
                    .says("%s a step was meant, %s in all.", say.length(cut.stepMm()), say.length(groove.aimMm()))
                    .then(
                            Fix.atTheMachine(
                                    narrow
                                            ? "One more plunge, moved over by " + say.length(-off)
                                            : "Take up the slack one way, and measure before the last plunge"),
                            narrow ? "Then it is to width." : "Nothing puts metal back: the next one is to width.");
        } else if (narrow) {
            found.name("edge-narrow", "The edge is worn, or was ground narrow", 0.85)
                    .says("It cuts what it is: %s.", say.length(read))
                    .then(
                            Fix.atTheMachine(
                                    "Move it over by " + say.length(Math.max(GAUGE_MM, -off)) + " and plunge again"),
                            "Then it is to width; grind the next edge to the middle of its limits.");
        }
        if (seen.ring() == Ring.TIGHT && seen.width().isPresent() && !narrow) {
            found.name("corners-high", "Its corners hold the ring off, or a burr stands", 0.7)
                    .says("The width is right, and the ring does not go in.")
                    .then(
                            new Fix("Corners " + say.length(0.1), CORNER, "0.1 mm"),
                            "Then it lies on the groove’s side.");
        }
    }

    private void bottom(GrooveCut cut, Seen seen, Causes found) {
        if (seen.bottom().isEmpty()) {
            return;
        }
        Groove groove = cut.job().groove();
        double meant = bottomMeant(cut);
        double off = seen.bottom().getAsDouble() - meant;
        double deeper = groove.side() == Side.OUTSIDE ? -off : off;
        double least = groove.side() == Side.OUTSIDE
                ? -groove.bottom().upperMm()
                : groove.bottom().lowerMm();
        double most = groove.side() == Side.OUTSIDE
                ? -groove.bottom().lowerMm()
                : groove.bottom().upperMm();
        double sides = groove.side() == Side.FACE ? 1 : 2;
        if (deeper < least - GAUGE_MM / 2) {
            double left = Causes.fit(Math.log(Math.max(-deeper, 1e-4) / Math.max(sides * cut.leftMm(), 1e-4)), 0.8);
            found.name("sprung", "It sprang off and came out before it had cut that away", 0.35 + 0.55 * left)
                    .says("%s was reckoned to stay, %s did.", say.length(sides * cut.leftMm()), say.length(-deeper))
                    .then(() -> Optional.of(longer(cut)));
            found.name("dial", "The dial was set on a high place, or slack was not taken up", 0.75 - 0.5 * left)
                    .says("%s shallow.", say.length(-deeper))
                    .then(
                            Fix.atTheMachine("Feed in " + say.length(-deeper / sides) + " more"),
                            "Then it is " + say.length(meant) + ".");
        } else if (deeper > most + GAUGE_MM / 2) {
            found.name("too-deep", "It was fed too far, or drawn in", cut.rakeRad() > Math.toRadians(10) ? 0.8 : 0.6)
                    .says("%s deeper than wanted.", say.length(deeper))
                    .then(
                            Fix.atTheMachine("Set a stop, and measure before the last tenth"),
                            "Nothing puts it back; the next one is to size.");
        }
    }

    private Remedy longer(GrooveCut cut) {
        String more = String.valueOf(Math.min(50, cut.job().dwell() + 3));
        return new Remedy(new Fix(more + " turns at the bottom", DWELL, more), "Each turn cuts most of what is left.");
    }

    private void looks(GrooveCut cut, Seen seen, Causes found) {
        boolean sings = seen.sound() == Measured.Sound.CHATTER || seen.floor() == Floor.WAVES;
        if (sings) {
            found.name("chatter", "Post and slide rock: the edge is wide for them", 0.9)
                    .says(
                            "Up to %s of edge is sure to be quiet, %s of it cut.",
                            say.length(cut.quietMm().low()), say.length(cut.tipMm()))
                    .then(() -> Optional.of(slower(cut)));
        }
        if (seen.floor() == Floor.STEPS) {
            found.name("floor-steps", "The plunges did not go equally deep", cut.plunges() > 1 ? 0.9 : 0.3)
                    .says("%s plunges side by side.", cut.plunges())
                    .then(
                            Fix.atTheMachine("Stop each a tenth above the floor, then once along it"),
                            "One cut along the floor leaves no step.");
        }
        if (seen.floor() == Floor.TORN) {
            found.name("torn", "The edge is dull, or dry", 0.8)
                    .says(cut.job().work().builtUpEdge() + ".")
                    .then(
                            Fix.atTheMachine("Stone the edge, oil into the groove"),
                            "A keen, wet edge shaves the floor clean.");
        }
        if (seen.sides() == Sides.OUTER_RUBBED && cut.job().groove().side() == Side.FACE) {
            double lean = Math.ceil(Math.toDegrees(cut.outerRad())) + 2;
            found.name("outer-rubs", "The foot of its outer side rubs on the wall", 0.95)
                    .says(
                            "The wall stands in by %s at its foot.",
                            say.length(cut.sweep().standsInMm()))
                    .then(
                            new Fix(
                                    "Lean the outer side back by " + say.angle(Math.toRadians(lean)),
                                    OUTER,
                                    say.angle(Math.toRadians(lean))),
                            "Then only the edge touches.");
        } else if (seen.sides() != Sides.CLEAN) {
            found.name("sides-rub", "The sides rub", 0.85)
                    .says("Each leans back by %s.", say.angle(cut.sideRad()))
                    .then(
                            new Fix("Side clearance 2.5°", SIDE, "2.5°"),
                            "The edge is then the widest place of the bit.");
        }
        if (seen.sound() == Measured.Sound.SQUEAL) {
            found.name("rubs", "It rubs: dull, over centre, or fed too little", 0.75)
                    .says("A squeal is an edge that does not cut.")
                    .then(
                            Fix.atTheMachine("Stone it, set it on centre, keep the feed up"),
                            "Then it cuts, and is quiet.");
        }
    }

    private Remedy slower(GrooveCut cut) {
        return cut.job().lathe().speeds().atOrBelow(cut.rpm() * 0.8).stream()
                .boxed()
                .findFirst()
                .map(rpm -> new Remedy(
                        new Fix("Run at " + say.rpm(rpm), SPEED, say.rpm(rpm)),
                        "Slower first; if it still sings, a narrower edge and side steps."))
                .orElseGet(() -> {
                    double half = say.units().turned(0.6 * cut.tipMm());
                    return new Remedy(
                            new Fix("Edge " + say.length(half), TIP, Written.exact(Quantity.LENGTH, half)),
                            "Half the edge, half the push: plunges side by side.");
                });
    }
}
