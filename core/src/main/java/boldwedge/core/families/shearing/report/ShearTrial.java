package boldwedge.core.families.shearing.report;

import static boldwedge.core.families.shearing.entry.ShearField.*;

import boldwedge.core.families.shearing.entry.ShearReader;
import boldwedge.core.families.shearing.model.ShearCut;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.cutting.Finish;
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

/** Judges a shaved piece; two halves of a bar, shaved with two slopes, are one trial. */
public final class ShearTrial {
    private static final Limits ROUGHNESS = new Limits(Quantity.ROUGHNESS, 0.01, 100);
    private static final Limits SLOPE_LIMITS = new Limits(Quantity.ANGLE, Math.toRadians(3), Math.toRadians(44));
    private static final double UM = 1000;
    /** A finish within this share of the other is the same one: what a gauge tells apart (ours). */
    private static final double SAME = 0.15;

    private final TrialRequest request;
    private final TrialReader reader;
    private final UnitFormat say;

    /** What the surface shows. */
    public enum Marks implements Worded {
        CLEAN,
        FEED_LINES,
        DULL_BAND,
        GREY_PATCHES,
        OLD_MARKS
    }

    /** What comes off. */
    public enum Chips implements Worded {
        NOT_LOOKED,
        HAIR,
        DUST,
        THICK
    }

    /** What was seen; roughness in mm, slope in radians. */
    private record Seen(
            OptionalDouble ra,
            OptionalDouble otherRa,
            OptionalDouble otherSlope,
            Marks marks,
            Chips chips,
            Measured.Sound sound) {
        boolean nothing() {
            return ra.isEmpty()
                    && otherRa.isEmpty()
                    && marks == Marks.CLEAN
                    && chips == Chips.NOT_LOOKED
                    && sound == Measured.Sound.QUIET;
        }
    }

    private ShearTrial(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new ShearTrial(request).judge();
    }

    private OptionalDouble roughness(String id, String label) {
        OptionalDouble read = reader.value(id, label, ROUGHNESS);
        return read.isPresent() ? OptionalDouble.of(read.getAsDouble() / UM) : read;
    }

    private TrialAnswer judge() {
        Read<ShearCut> read = ShearReader.cut(request.plan());
        Seen seen = new Seen(
                roughness("finish", "Finish left"),
                roughness("otherFinish", "Finish of the other half"),
                reader.value("otherSlope", "Slope on the other half", SLOPE_LIMITS),
                reader.choice("marks", "The surface", Marks.values()),
                reader.choice("chips", "Chips", Chips.values()),
                reader.choice("sound", "Sound", Measured.Sound.values()));
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The cut itself is not complete yet: mend it at the earlier stations first.");
        }
        if (seen.otherRa().isPresent() != seen.otherSlope().isPresent()) {
            reader.wrong(
                    seen.otherRa().isPresent() ? "otherSlope" : "otherFinish",
                    "Two halves are compared by what each was shaved with and what it left: type both.");
            return reader.stopped("One reading is missing.");
        }
        if (seen.otherRa().isPresent() && seen.ra().isEmpty()) {
            reader.wrong("finish", "Type what the first half was left like too.");
            return reader.stopped("One reading is missing.");
        }
        return seen.nothing()
                ? reader.stopped("Type the finish that it left, or say what surface and chips look like.")
                : answer(read.cut().get(), seen);
    }

    private TrialAnswer answer(ShearCut cut, Seen seen) {
        List<Compared> rows = new ArrayList<>();
        double wanted = cut.job().raMm();
        seen.ra()
                .ifPresent(ra -> rows.add(
                        new Compared("Finish", say.ra(wanted) + " or finer", say.ra(ra), ra <= wanted * (1 + SAME))));
        seen.otherRa()
                .ifPresent(ra -> rows.add(new Compared(
                        "The other half, " + say.angle(seen.otherSlope().orElse(0)),
                        say.ra(wanted) + " or finer",
                        say.ra(ra),
                        ra <= wanted * (1 + SAME))));
        boolean toFinish = seen.ra().isEmpty() || seen.ra().getAsDouble() <= wanted * (1 + SAME);
        boolean good = toFinish
                && seen.marks() == Marks.CLEAN
                && seen.chips() != Chips.THICK
                && seen.sound() == Measured.Sound.QUIET;
        Optional<Remedy> better = betterHalf(cut, seen);
        Ranked ranked = good
                ? Ranked.NOTHING
                : CauseRule.ranked(List.of(this::sound, this::marks, this::rougher), cut, seen, say);
        return reader.judged(
                rows,
                ranked.causes(),
                good ? "It is shaved: " + seen.marks().words() + "." : verdict(seen, toFinish),
                good,
                good ? better : ranked.remedy().or(() -> better),
                "Nothing that was reckoned explains it: look at the edge under a loupe.",
                Optional.of(ShearScenes.touch(cut, say)));
    }

    private String verdict(Seen seen, boolean toFinish) {
        if (!toFinish) {
            return "Rougher than wanted: " + say.ra(seen.ra().orElse(0)) + ".";
        }
        return seen.marks() == Marks.CLEAN
                ? "It did not cut as it should: " + seen.sound().words() + "."
                : "To be seen: " + seen.marks().words() + ".";
    }

    /** The slope of the half that came out finer, where it is another than the tool has and the halves can be told apart. */
    private Optional<Remedy> betterHalf(ShearCut cut, Seen seen) {
        if (seen.otherRa().isEmpty() || seen.ra().isEmpty()) {
            return Optional.empty();
        }
        double other = seen.otherRa().getAsDouble();
        double first = seen.ra().getAsDouble();
        double slope = seen.otherSlope().orElse(cut.job().edge().slopeRad());
        return other < first * (1 - SAME)
                ? Optional.of(new Remedy(
                        new Fix("Slope " + say.angle(slope), SLOPE, Written.exact(Quantity.ANGLE, slope)),
                        "It left " + say.ra(other) + " where the first half has " + say.ra(first) + "."))
                : Optional.empty();
    }

    private void sound(ShearCut cut, Seen seen, Causes found) {
        boolean loud = seen.sound() != Measured.Sound.QUIET;
        if (loud || seen.chips() == Chips.THICK) {
            double half = Math.max(ShearCut.DEPTHS_MM.low(), cut.depthMm() / 2);
            found.name("too-deep", "It was too deep", loud ? 0.9 : 0.8)
                    .says(
                            "%s of edge was in the work at a depth of %s.",
                            say.length(2 * cut.job().edge().halfInWorkMm(cut.depthMm())), say.length(cut.depthMm()))
                    .then(
                            new Fix("Depth " + say.length(half), DEPTH, Written.exact(Quantity.LENGTH, half)),
                            "Half as deep, it slices quietly; in more passes.");
        }
        if (seen.chips() == Chips.DUST) {
            found.name("rubs", "The edge is dull and rubs", 0.7)
                    .says("Hair comes off a keen edge, dust off a dull one.")
                    .then(() -> Optional.of(another(cut)));
        }
    }

    private void marks(ShearCut cut, Seen seen, Causes found) {
        switch (seen.marks()) {
            case CLEAN -> {}
            case FEED_LINES -> lines(cut, found);
            case DULL_BAND ->
                found.name("corner-cuts", "The edge does not stand as reckoned, and a corner cuts", 0.85)
                        .says("The touch is to lie in the middle of stretch %s.", cut.stretch())
                        .then(
                                Fix.atTheMachine("Blue the work and set the bit’s height anew, its top "
                                        + ShearScenes.against(cut.topMm(), say)),
                                "The blue wipes off in the middle of the stretch, and the band is gone.");
            case GREY_PATCHES ->
                found.name("built-up", "Metal built up on the edge and tore off", 0.85)
                        .says(cut.job().work().builtUpEdge() + ".")
                        .then(() -> Optional.of(faster(cut)));
            case OLD_MARKS ->
                found.name("old-marks", "The marks of the pass before lie deeper than it took", 0.9)
                        .says("%s in all came off each side.", say.length(cut.passes() * cut.depthMm()))
                        .then(
                                Fix.atTheMachine("One more pass, " + say.length(cut.depthMm()) + " deep"),
                                "Then they are gone, and the work is " + say.length(2 * cut.depthMm())
                                        + " smaller; leave that much more the next time.");
        }
    }

    private void lines(ShearCut cut, Causes found) {
        double finer = cut.cutting().feedMm() / 2;
        found.name("feed-lines", "The feed is coarse for the edge’s arc", 0.85)
                .says(
                        "%s a turn under an arc of %s.",
                        say.feed(cut.cutting().feedMm()),
                        say.length(cut.job().edge().arcMm()))
                .then(
                        new Fix("Feed " + say.feed(finer), FEED, say.feed(finer)),
                        "Half the feed, a quarter of the lines.");
    }

    /** Rougher than wanted, and nothing else to be seen. */
    private void rougher(ShearCut cut, Seen seen, Causes found) {
        if (seen.ra().isEmpty() || seen.ra().getAsDouble() <= cut.job().raMm()) {
            return;
        }
        double ra = seen.ra().getAsDouble();
        if (ra > cut.job().beforeRaMm() * (1 - SAME)) {
            found.name("old-marks", "The marks of the pass before lie deeper than it took", 0.6)
                    .says("It is no better than before, %s.", say.ra(cut.job().beforeRaMm()))
                    .then(
                            Fix.atTheMachine("One more pass, " + say.length(cut.depthMm()) + " deep"),
                            "If it betters, they were too deep.");
        }
        double usual = cut.cutting().finish().raMm() * Finish.HIGH_OVER_THEORY;
        found.name("dull", "The stretch is dull", ra > usual ? 0.55 : 0.3)
                .says("%s was reckoned, up to %s is usual.", say.ra(cut.likelyRaMm()), say.ra(usual))
                .then(() -> Optional.of(another(cut)));
        if (ra <= usual) {
            lines(cut, found);
        }
    }

    private Remedy another(ShearCut cut) {
        boolean none = cut.freshAbove() + cut.freshBelow() == 0;
        if (none) {
            return new Remedy(
                    Fix.atTheMachine("Grind the front, stone it: every stretch is fresh again"), "A keen edge shaves.");
        }
        String used = cut.job().used().isEmpty()
                ? String.valueOf(cut.stretch())
                : cut.job().used().stream()
                                .map(String::valueOf)
                                .reduce((a, b) -> a + ", " + b)
                                .orElse("") + ", " + cut.stretch();
        return new Remedy(
                new Fix("Stretch " + cut.stretch() + " is used up: take the next", USED, used),
                "Another stretch before the wheel: " + (cut.freshAbove() + cut.freshBelow()) + " are fresh.");
    }

    private Remedy faster(ShearCut cut) {
        return cut.cutting().at().lathe().speeds().atOrBelow(cut.cutting().rpm() * 1.6).stream()
                .filter(rpm -> rpm > 1.1 * cut.cutting().rpm())
                .boxed()
                .findFirst()
                .map(rpm -> new Remedy(
                        new Fix("Oil, and " + say.rpm(rpm), SPEED, say.rpm(rpm)),
                        "Faster and wet, nothing builds up on the edge."))
                .orElseGet(() -> new Remedy(
                        Fix.atTheMachine("Oil all along, or much slower"), "Wet, nothing builds up on the edge."));
    }
}
