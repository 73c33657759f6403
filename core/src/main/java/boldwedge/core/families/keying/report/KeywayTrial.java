package boldwedge.core.families.keying.report;

import static boldwedge.core.families.keying.entry.KeywayField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.keying.entry.KeywayReader;
import boldwedge.core.families.keying.model.KeywayCut;
import boldwedge.core.families.keying.model.KeywayJob;
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

/** Judges a keyway that was cut. */
public final class KeywayTrial {
    private static final Limits LENGTH = new Limits(Quantity.LENGTH, 0.5, 400);
    private static final double GAUGE_MM = 0.01;
    private static final double FAR_MM = 2;
    private static final double LEAST_WIDER_MM = 0.03;

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

    /** What floor and sides look like. */
    public enum Look implements Worded {
        CLEAN,
        TORN,
        TILTED,
        STREAKS
    }

    /** What was seen: widths and depths over the bore at mouth and far end, walls to both sides of it, mm. */
    private record Seen(
            OptionalDouble width,
            OptionalDouble widthFar,
            OptionalDouble over,
            OptionalDouble overFar,
            OptionalDouble left,
            OptionalDouble right,
            Fit fit,
            Look look) {
        double aside() {
            return left.isPresent() && right.isPresent() ? (left.getAsDouble() - right.getAsDouble()) / 2 : 0;
        }
    }

    private KeywayTrial(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new KeywayTrial(request).judge();
    }

    private TrialAnswer judge() {
        Read<KeywayCut> read = KeywayReader.cut(request.plan());
        Seen seen = new Seen(
                reader.value("width", "Width at the mouth", LENGTH),
                reader.value("widthFar", "Width at the far end", LENGTH),
                reader.value("over", "Over the bore, mouth", LENGTH),
                reader.value("overFar", "Over the bore, far end", LENGTH),
                reader.value("wallLeft", "Left wall to the bore", LENGTH),
                reader.value("wallRight", "Right wall to the bore", LENGTH),
                reader.choice("fit", "Its key", Fit.values()),
                reader.choice("look", "Floor and sides", Look.values()));
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The keyway itself is not complete yet: mend it at the earlier stations first.");
        }
        KeywayCut cut = read.cut().get();
        near("width", seen.width(), cut.job().slot().widthMm());
        near("widthFar", seen.widthFar(), cut.job().slot().widthMm());
        near("over", seen.over(), cut.job().slot().overBoreMm());
        near("overFar", seen.overFar(), cut.job().slot().overBoreMm());
        if (seen.left().isPresent() != seen.right().isPresent()) {
            reader.wrong(
                    seen.left().isPresent() ? "wallRight" : "wallLeft",
                    "Both walls are needed: half their difference is how far it lies beside the middle.");
        }
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        boolean nothing = seen.width().isEmpty()
                && seen.widthFar().isEmpty()
                && seen.over().isEmpty()
                && seen.overFar().isEmpty()
                && seen.left().isEmpty()
                && seen.fit() == Fit.UNTRIED
                && seen.look() == Look.CLEAN;
        return nothing
                ? reader.stopped(
                        "Type its width, or what is over the bore; or say how the key goes and what it looks like.")
                : answer(cut, seen);
    }

    private void near(String id, OptionalDouble value, double meant) {
        value.ifPresent(read -> {
            if (Math.abs(read - meant) > FAR_MM) {
                reader.wrong(id, "That is far from " + say.length(meant) + ". Check the units.");
            }
        });
    }

    private TrialAnswer answer(KeywayCut cut, Seen seen) {
        KeywayJob job = cut.job();
        double least = job.slot().widthMm() + job.width().lowerMm();
        double most = job.slot().widthMm() + job.width().upperMm();
        double over = job.slot().overBoreMm();
        List<Compared> rows = new ArrayList<>();
        row(rows, "Width at the mouth", seen.width(), least, most);
        row(rows, "Width at the far end", seen.widthFar(), least, most);
        row(rows, "Over the bore, mouth", seen.over(), over, over + job.deeperMm());
        row(rows, "Over the bore, far end", seen.overFar(), over, over + job.deeperMm());
        if (seen.left().isPresent()) {
            rows.add(new Compared(
                    "Beside the middle",
                    say.length(0) + " ± " + say.length(job.width().widthMm()),
                    say.length(Math.abs(seen.aside())),
                    Math.abs(seen.aside()) <= job.width().widthMm()));
        }
        if (seen.fit() != Fit.UNTRIED) {
            rows.add(new Compared("Its key", Fit.FITS.words(), seen.fit().words(), seen.fit() == Fit.FITS));
        }
        boolean good = rows.stream().allMatch(Compared::within) && seen.look() == Look.CLEAN;
        Ranked ranked = good
                ? Ranked.NOTHING
                : CauseRule.ranked(List.of(this::width, this::depth, this::place, this::look), cut, seen, say);
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
                "Nothing that was computed explains it: look at the tooth under a loupe.",
                Optional.of(KeywayScenes.end(cut, say)));
    }

    private void row(List<Compared> rows, String what, OptionalDouble value, double least, double most) {
        Compared.between(what, value, least, most, say).ifPresent(rows::add);
    }

    private void width(KeywayCut cut, Seen seen, Causes found) {
        KeywayJob job = cut.job();
        double tooth = job.toothMm();
        double mouth = seen.width().orElse(seen.widthFar().orElse(job.slot().widthMm()));
        double far = seen.widthFar().orElse(mouth);
        double bell = mouth - far;
        if (bell > LEAST_WIDER_MM) {
            found.name("entry-bell", "The tooth was thrown about as it entered", 0.9)
                    .says(
                            "%s wider at the mouth: the bar is loose in its holder, or the bit in its hole.",
                            say.length(bell))
                    .then(
                            Fix.atTheMachine("Clamp bar and bit anew, file a lead into the mouth"),
                            "Then both ends come out alike.");
        }
        double wider = far - tooth;
        KeyFit fit = new KeyFit(
                seen.width().isPresent() || seen.widthFar().isPresent(),
                far,
                far,
                job.slot().widthMm() + job.width().lowerMm() - GAUGE_MM / 2,
                job.slot().widthMm() + job.width().upperMm() + GAUGE_MM / 2);
        fit.name(found, seen.fit() == Fit.LOOSE, seen.fit() == Fit.TIGHT, say);
        if (fit.isWide(seen.fit() == Fit.LOOSE) && cut.ways() == 1) {
            found.name("tooth-shakes", "The tooth shakes in its hole, or metal built up on it", 0.75)
                    .says("It cut %s wider than the tooth is.", say.length(Math.max(0, wider)))
                    .by(Working.of("Wider than the tooth", "m − w", mm(wider))
                            .with("m", mm(far).measured())
                            .with("w", "tooth", mm(tooth)))
                    .then(() -> Optional.of(narrower(tooth, far, job)));
        }
        if (fit.isNarrow(seen.fit() == Fit.TIGHT)) {
            found.name("tooth-worn", "The tooth is worn, or was ground narrow", wider < GAUGE_MM ? 0.85 : 0.4)
                    .says("It cuts what it is: %s.", say.length(far))
                    .then(
                            Fix.atTheMachine("Measure the tooth; take the rest from one side, moved over by "
                                    + say.length(Math.max(
                                            GAUGE_MM,
                                            job.slot().widthMm() + job.width().middleMm() - far))),
                            "Then its key goes in; grind the next tooth to the middle of its limits.");
            found.name("sides-rub", "The sides rub", job.sideRad() < Math.toRadians(1) ? 0.8 : 0.25)
                    .says("Each side leans back by %s.", say.angle(job.sideRad()))
                    .then(new Fix("Side clearance 1.5°", SIDE, "1.5°"), "A side that clears cuts its own width.");
        }
    }

    private Remedy narrower(double tooth, double far, KeywayJob job) {
        double ground = job.units()
                .measured(tooth - (far - job.slot().widthMm() - job.width().middleMm()));
        return new Remedy(
                new Fix("Tooth " + say.length(ground), TOOTH, Written.exact(Quantity.LENGTH, ground)),
                "What it cuts over its own width it cuts again: the next keyway comes to the middle of its limits.");
    }

    private void depth(KeywayCut cut, Seen seen, Causes found) {
        if (seen.over().isEmpty() && seen.overFar().isEmpty()) {
            return;
        }
        KeywayJob job = cut.job();
        double wanted = job.slot().overBoreMm();
        double mouth = seen.over().orElse(seen.overFar().orElse(wanted));
        double far = seen.overFar().orElse(mouth);
        double shallow = wanted - Math.min(mouth, far);
        double apart = Math.abs(mouth - far);
        if (apart > LEAST_WIDER_MM) {
            found.name("few-spring-strokes", "Too few spring strokes, or the bar moved", 0.8)
                    .says("%s shallower at one end.", say.length(apart))
                    .then(() -> Optional.of(moreSpring(cut)));
        } else if (shallow > GAUGE_MM / 2) {
            double reckoned = cut.leftMm();
            double left = Causes.fit(Math.log(Math.max(shallow, 1e-4) / Math.max(reckoned, 1e-4)), 0.8);
            found.name("sprung", "Bar and holder sprang, and the spring strokes left it", 0.4 + 0.5 * left)
                    .says("%s was reckoned to stay, %s did.", say.length(reckoned), say.length(shallow))
                    .then(() -> Optional.of(moreSpring(cut)));
            found.name("touch", "The dial was set to the touch of one corner", 0.5 * (1 - left) + 0.1)
                    .says(
                            "Both corners touch %s under the crown.",
                            say.length(job.slot().crownMm()))
                    .then(
                            Fix.atTheMachine("Feed in " + say.length(shallow) + " more"),
                            "Then it is " + say.length(wanted) + " over the bore.");
        }
        if (Math.max(mouth, far) - wanted > job.deeperMm() + GAUGE_MM / 2) {
            double deep = Math.max(mouth, far) - wanted;
            found.name("drawn-in", "It was drawn in, or fed too far", cut.pushed() && cut.springMm() < deep ? 0.7 : 0.5)
                    .says("%s deeper than wanted.", say.length(deep))
                    .then(
                            Fix.atTheMachine("Keep it: a strip under the key, or a key that is higher"),
                            "Nothing puts it back. The next one is measured before the last strokes.");
        }
    }

    private Remedy moreSpring(KeywayCut cut) {
        int more = cut.job().springStrokes() + 3;
        return new Remedy(
                new Fix(more + " spring strokes", SPRING, String.valueOf(Math.min(20, more))),
                "Without infeed, at the dial as it stands, until it stops cutting: "
                        + say.length(Math.max(0, cut.springMm()) * Math.pow(cut.leftShare(), more))
                        + " should be left.");
    }

    private void place(KeywayCut cut, Seen seen, Causes found) {
        double aside = Math.abs(seen.aside());
        if (aside > cut.job().width().widthMm()) {
            double roll = Math.asin(Math.min(1, aside / cut.job().slot().radiusMm()));
            found.name("off-height", "The bar stood off the bore's axis", 0.8)
                    .says("%s beside the middle is as much in height.", say.length(aside))
                    .then(
                            Fix.atTheMachine("Set its height by a gauge against the bore, " + say.length(aside)
                                    + " the other way"),
                            "Height goes into the place one to one.");
            found.name("rolled", "The bar was rolled", seen.look() == Look.TILTED ? 0.9 : 0.45)
                    .says("%s of roll would do it; its floor then leans.", say.angle(roll))
                    .then(
                            Fix.atTheMachine("Level the tooth by a square on its face"),
                            "Then floor and place are true.");
        }
    }

    private void look(KeywayCut cut, Seen seen, Causes found) {
        switch (seen.look()) {
            case CLEAN -> {}
            case TORN ->
                found.name("torn", "The tooth is dull, or dry", 0.8)
                        .says(cut.job().work().builtUpEdge() + ".")
                        .then(
                                Fix.atTheMachine("Stone the tooth, oil it, and take the last strokes thin"),
                                "A keen, wet edge shaves clean.");
            case TILTED ->
                found.name("rolled", "The bar was rolled", 0.85)
                        .says(
                                "A degree tilts the floor by %s.",
                                say.length(cut.job().slot().floorTiltMm(Math.toRadians(1))))
                        .then(Fix.atTheMachine("Level the tooth by a square on its face"), "Then the floor is level.");
            case STREAKS ->
                found.name("dragged-back", "The tooth was dragged back through the cut", 0.9)
                        .says("No clapper lifts it in a bore.")
                        .then(
                                Fix.atTheMachine("Draw the tooth back before every return"),
                                "Then the floor stays bright and the edge keen.");
        }
    }
}
