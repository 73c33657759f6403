package boldwedge.core.families.shaping.report;

import static boldwedge.core.families.shaping.entry.ShapingField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.shaping.entry.ShapingReader;
import boldwedge.core.families.shaping.model.ShapedCut;
import boldwedge.core.families.shaping.model.ShapedJob;
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
import boldwedge.core.trial.KeyFit;
import boldwedge.core.trial.Ranked;
import boldwedge.core.trial.Remedy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Judges what was shaped. */
public final class ShapingTrial {
    private static final Limits LENGTH = new Limits(Quantity.LENGTH, 0.5, 1200);
    private static final Limits ASIDE = new Limits(Quantity.LENGTH, -10, 10);
    private static final Limits ROUGHNESS = new Limits(Quantity.ROUGHNESS, 0.01, 100);
    private static final double GAUGE_MM = 0.01;
    private static final double UM = 1000;
    private static final double SAME = 0.15;

    private final TrialRequest request;
    private final TrialReader reader;
    private final UnitFormat say;

    /** How its key goes in. */
    public enum Fit implements Worded {
        UNTRIED,
        FITS,
        TIGHT,
        LOOSE
    }

    /** What it looks like. */
    public enum Look implements Worded {
        CLEAN,
        TORN,
        GOUGED,
        RIPPLED,
        STREAKS
    }

    /** What was measured: widths and floor to far side where the stroke begins and where it ends, aside of the middle there; mm. */
    private record Seen(
            OptionalDouble width,
            OptionalDouble widthFar,
            OptionalDouble over,
            OptionalDouble overFar,
            OptionalDouble aside,
            OptionalDouble asideFar,
            OptionalDouble ra,
            Fit fit,
            Look look) {
        boolean nothing() {
            return width.isEmpty()
                    && widthFar.isEmpty()
                    && over.isEmpty()
                    && overFar.isEmpty()
                    && aside.isEmpty()
                    && asideFar.isEmpty()
                    && ra.isEmpty()
                    && fit == Fit.UNTRIED
                    && look == Look.CLEAN;
        }
    }

    private ShapingTrial(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new ShapingTrial(request).judge();
    }

    private TrialAnswer judge() {
        Read<ShapedCut> read = ShapingReader.cut(request.plan());
        OptionalDouble ra = reader.value("finish", "Finish left", ROUGHNESS);
        Seen seen = new Seen(
                reader.value("width", "Width where it begins", LENGTH),
                reader.value("widthFar", "Width where it ends", LENGTH),
                reader.value("over", "Floor to far side, begins", LENGTH),
                reader.value("overFar", "Floor to far side, ends", LENGTH),
                reader.value("aside", "Beside the middle, begins", ASIDE),
                reader.value("asideFar", "Beside the middle, ends", ASIDE),
                ra.isPresent() ? OptionalDouble.of(ra.getAsDouble() / UM) : ra,
                reader.choice("fit", "Its key", Fit.values()),
                reader.choice("look", "Floor and sides", Look.values()));
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The cut itself is not complete yet: mend it at the earlier stations first.");
        }
        return seen.nothing()
                ? reader.stopped(
                        "Type a width, or floor to far side at an end; or say how the key goes in and what it looks like.")
                : answer(read.cut().get(), seen);
    }

    private TrialAnswer answer(ShapedCut cut, Seen seen) {
        ShapedJob job = cut.job();
        List<Compared> rows = new ArrayList<>();
        if (job.isKeyway()) {
            double least = job.widthMm() + job.width().lowerMm();
            double most = job.widthMm() + job.width().upperMm();
            row(rows, "Width, begins", seen.width(), least, most);
            row(rows, "Width, ends", seen.widthFar(), least, most);
            double zone = job.width().widthMm();
            row(rows, "Beside the middle, begins", seen.aside(), -zone, zone);
            row(rows, "Beside the middle, ends", seen.asideFar(), -zone, zone);
        }
        if (job.shaftMm() > 0) {
            double wanted = cut.slot().overShaftMm();
            double deeper = wanted - job.withinMm();
            double shallower = job.isKeyway() ? wanted : wanted + job.withinMm();
            row(rows, "Floor to far side, begins", seen.over(), deeper, shallower);
            row(rows, "Floor to far side, ends", seen.overFar(), deeper, shallower);
        } else {
            difference(seen)
                    .ifPresent(by -> rows.add(new Compared(
                            "End to end",
                            "within " + say.length(job.withinMm()),
                            say.length(Math.abs(by)),
                            Math.abs(by) <= job.withinMm() + GAUGE_MM / 2)));
        }
        if (!job.isKeyway()) {
            seen.ra()
                    .ifPresent(ra -> rows.add(new Compared(
                            "Finish", say.ra(job.raMm()) + " or finer", say.ra(ra), ra <= job.raMm() * (1 + SAME))));
        }
        boolean good = rows.stream().allMatch(Compared::within)
                && seen.look() == Look.CLEAN
                && (seen.fit() == Fit.UNTRIED || seen.fit() == Fit.FITS);
        Ranked ranked = good
                ? Ranked.NOTHING
                : CauseRule.ranked(
                        List.of(this::look, this::width, this::place, this::depth, this::rough), cut, seen, say);
        String first = rows.stream()
                .filter(row -> !row.within())
                .map(row -> row.what() + ": " + row.measured() + " where " + row.predicted() + " is wanted.")
                .findFirst()
                .orElse("Its key " + seen.fit().words() + "; " + seen.look().words() + ".");
        return reader.judged(
                rows,
                ranked.causes(),
                good ? "It serves." : first,
                good,
                ranked.remedy(),
                "Nothing that was reckoned explains it: read jaw, ram and crown by an indicator once more.",
                Optional.of(ShapingScenes.end(cut, say)));
    }

    private void row(List<Compared> rows, String what, OptionalDouble value, double least, double most) {
        Compared.between(what, value, least, most, say).ifPresent(rows::add);
    }

    /** How much more is left where the stroke ends than where it begins, mm. */
    private static Optional<Double> difference(Seen seen) {
        return seen.over().isPresent() && seen.overFar().isPresent()
                ? Optional.of(seen.overFar().getAsDouble() - seen.over().getAsDouble())
                : Optional.empty();
    }

    private void look(ShapedCut cut, Seen seen, Causes found) {
        switch (seen.look()) {
            case CLEAN -> {}
            case TORN ->
                found.name("torn", "The edge is dull, or dry", 0.8)
                        .says(cut.job().work().builtUpEdge() + ".")
                        .then(
                                Fix.atTheMachine("Stone the edge, oil it, and take the last strokes thin"),
                                "A keen, wet edge shaves clean.");
            case GOUGED ->
                found.name("dug-in", "The tool dug in", 0.9)
                        .says(
                                "Of more depth %s comes back as depth.",
                                say.share(Math.max(0, cut.hung().gain())))
                        .then(
                                cut.gooseneck()
                                        ? Fix.atTheMachine("Snug the gibs of slide and ram, the rake a little less")
                                        : new Fix("On a gooseneck", HUNG, "gooseneck"),
                                "Bent back by a stroke its point then comes out of the work.");
            case RIPPLED -> {
                double shorter = say.units().marked(0.8 * cut.outMm());
                found.name("sings", "The tool hangs too far out, or the slide is loose", 0.85)
                        .says("%s from clamp to point.", say.length(cut.outMm()))
                        .then(
                                shorter >= cut.job().depthMm() + ShapedCut.BEFORE_MM
                                        ? new Fix(
                                                "Hang it " + say.length(shorter) + " out",
                                                OUT,
                                                Written.exact(Quantity.LENGTH, shorter))
                                        : Fix.atTheMachine("Run the slide up, snug its gibs"),
                                "Half the give at four fifths of the length.");
            }
            case STREAKS ->
                found.name("dragged-back", "The tool was dragged back through the cut", 0.9)
                        .says("The clapper did not lift.")
                        .then(
                                Fix.atTheMachine(
                                        "Free the clapper: clean and oil its pin, tip its box away from the wall"),
                                "Then it lifts on the return, and the edge stays keen.");
        }
    }

    private void width(ShapedCut cut, Seen seen, Causes found) {
        ShapedJob job = cut.job();
        if (!job.isKeyway()) {
            return;
        }
        double far = seen.widthFar().orElse(seen.width().orElse(job.widthMm()));
        double near = seen.width().orElse(far);
        double most = job.widthMm() + job.width().upperMm() + GAUGE_MM / 2;
        double least = job.widthMm() + job.width().lowerMm() - GAUGE_MM / 2;
        KeyFit fit = new KeyFit(
                seen.width().isPresent() || seen.widthFar().isPresent(),
                Math.min(far, near),
                Math.max(far, near),
                least,
                most);
        fit.name(found, seen.fit() == Fit.LOOSE, seen.fit() == Fit.TIGHT, say);
        if (fit.isWide(seen.fit() == Fit.LOOSE)) {
            double wider = Math.max(far, near) - job.toothMm();
            double ground = job.units()
                    .measured(job.toothMm()
                            - (Math.max(far, near) - job.widthMm() - job.width().middleMm()));
            found.name("tooth-shakes", "The tooth leans or shakes, or metal built up on it", 0.8)
                    .says("It cut %s wider than the tooth is.", say.length(Math.max(0, wider)))
                    .by(Working.of("Wider than the tooth", "m − w", mm(wider))
                            .with("m", mm(Math.max(far, near)).measured())
                            .with("w", "tooth", mm(job.toothMm())))
                    .then(
                            () -> Optional.of(
                                    new Remedy(
                                            new Fix(
                                                    "Tooth " + say.length(ground),
                                                    TOOTH,
                                                    Written.exact(Quantity.LENGTH, ground)),
                                            "What it cuts over its own width it cuts again: set square, the next comes to the middle of its limits.")));
        }
        if (fit.isNarrow(seen.fit() == Fit.TIGHT)) {
            found.name("tooth-worn", "The tooth is worn, or was ground narrow", 0.8)
                    .says("It cuts what it is: %s.", say.length(Math.min(far, near)))
                    .then(
                            Fix.atTheMachine("Measure the tooth; take the rest from one side, moved over by "
                                    + say.length(Math.max(
                                            GAUGE_MM,
                                            job.widthMm() + job.width().middleMm() - Math.min(far, near)))),
                            "Then its key goes in; grind the next tooth to the middle of its limits.");
        }
    }

    private void place(ShapedCut cut, Seen seen, Causes found) {
        if (seen.aside().isEmpty() && seen.asideFar().isEmpty()) {
            return;
        }
        double zone = cut.job().width().widthMm();
        double near = seen.aside().orElse(seen.asideFar().orElse(0));
        double far = seen.asideFar().orElse(near);
        double runs = far - near;
        if (Math.abs(runs) > zone / 2 + GAUGE_MM / 2 && Math.max(Math.abs(near), Math.abs(far)) > zone) {
            found.name("jaw-off", "The jaw does not run along the stroke", 0.9)
                    .says(
                            "%s from end to end over %s.",
                            say.length(Math.abs(runs)), say.length(cut.job().lengthMm()))
                    .then(
                            Fix.atTheMachine("Set the jaw by an indicator on the ram, " + say.length(Math.abs(runs))
                                    + " over " + say.length(cut.job().lengthMm())
                                    + " the other way"),
                            "Then it stays as far from the middle all along.");
        } else if (Math.abs(near + far) / 2 > zone) {
            found.name("off-middle", "The tool did not stand over the middle", 0.9)
                    .says("%s beside it all along.", say.length(Math.abs(near + far) / 2))
                    .then(
                            Fix.atTheMachine(
                                    "Touch both flanks again, table across by " + say.length(Math.abs(near + far) / 2)),
                            "Half the way between the flanks is the middle.");
        }
    }

    private void depth(ShapedCut cut, Seen seen, Causes found) {
        ShapedJob job = cut.job();
        double tapers = difference(seen).orElse(0.0);
        double bears = job.withinMm() / 2;
        if (tapers < -bears) {
            double reckoned = cut.droopMm();
            found.name(
                            "ram-sinks",
                            "The ram sinks as it goes out, or the far end lies high",
                            0.5 + 0.4 * Causes.fit(Math.log(Math.max(-tapers, 1e-4) / Math.max(reckoned, 1e-4)), 0.8))
                    .says(
                            "%s deeper where the stroke ends; %s was reckoned.",
                            say.length(-tapers), say.length(reckoned))
                    .then(
                            Fix.atTheMachine(
                                    "Snug the ram’s gibs and read it by an indicator; shim that end of the work down by "
                                            + say.length(-tapers)),
                            "Then both ends come out alike.");
        } else if (tapers > bears) {
            found.name("work-tilts", "The work lies lower where the stroke ends, or crept there", 0.85)
                    .says("%s more is left there: no ram rises as it goes out.", say.length(tapers))
                    .then(
                            Fix.atTheMachine("Crown level by the indicator, a stop before its end"),
                            "Then both ends come out alike.");
        }
        if (job.shaftMm() <= 0 || (seen.over().isEmpty() && seen.overFar().isEmpty())) {
            return;
        }
        double wanted = cut.slot().overShaftMm();
        double near = seen.over().orElse(seen.overFar().orElse(wanted));
        double mean = (near + seen.overFar().orElse(near)) / 2;
        if (mean - wanted > GAUGE_MM / 2) {
            double left = cut.leftMm();
            double fit = Causes.fit(Math.log(Math.max(mean - wanted, 1e-4) / Math.max(left, 1e-4)), 0.8);
            found.name("sprung", "Ram and table sprang, and too few strokes without infeed", 0.3 + 0.5 * fit)
                    .says("%s was reckoned to stay, %s did.", say.length(left), say.length(mean - wanted))
                    .then(() -> Optional.of(new Remedy(
                            new Fix(
                                    Math.min(20, job.springStrokes() + 3) + " strokes without infeed",
                                    SPRING,
                                    String.valueOf(Math.min(20, job.springStrokes() + 3))),
                            "At the dial as it stands, until it stops cutting.")));
            found.name("touch", "The dial was not zero at the crown", 0.7 * (1 - fit) + 0.1)
                    .says("Paper, a burr, or the slack taken up the other way.")
                    .then(
                            Fix.atTheMachine("Feed down " + say.length(mean - wanted) + " more"),
                            "Then it is " + say.length(wanted) + " to the far side.");
        } else if (wanted - mean > job.withinMm() + GAUGE_MM / 2) {
            found.name("too-deep", "It was fed too far, or dug in", 0.6)
                    .says("%s deeper than wanted.", say.length(wanted - mean))
                    .then(
                            Fix.atTheMachine(
                                    job.isKeyway()
                                            ? "Keep it: a strip under the key, or a key that is higher"
                                            : "Nothing puts it back: ask whether it still serves"),
                            "The next one is measured before the last strokes.");
        }
    }

    private void rough(ShapedCut cut, Seen seen, Causes found) {
        ShapedJob job = cut.job();
        if (job.isKeyway() || seen.ra().isEmpty() || seen.ra().getAsDouble() <= job.raMm() * (1 + SAME)) {
            return;
        }
        double likely = cut.likelyRaMm();
        boolean coarse = likely > 0.7 * job.raMm();
        double finer = cut.feedMm() / 2;
        found.name("feed", "The feed is coarse for the nose", coarse ? 0.8 : 0.4)
                .says("%s was reckoned.", say.ra(likely))
                .then(
                        new Fix("Across " + say.length(finer), FEED, Written.exact(Quantity.LENGTH, finer)),
                        "Half the feed, a quarter of the marks.");
        found.name("dull", "The edge is dull or builds up", coarse ? 0.4 : 0.75)
                .says(job.work().builtUpEdge() + ".")
                .then(Fix.atTheMachine("Stone it; oil, or a broad flat bit for the last pass"), "A keen edge shaves.");
    }
}
