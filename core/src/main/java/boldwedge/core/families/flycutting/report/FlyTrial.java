package boldwedge.core.families.flycutting.report;

import static boldwedge.core.families.flycutting.entry.FlyField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.flycutting.entry.FlyReader;
import boldwedge.core.families.flycutting.model.FlyCut;
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
import boldwedge.core.trial.Ranked;
import boldwedge.core.trial.Remedy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Judges a surface that was fly cut. */
public final class FlyTrial {
    private static final Limits ROUGHNESS = new Limits(Quantity.ROUGHNESS, 0.01, 100);
    private static final Limits LENGTH = new Limits(Quantity.LENGTH, -5, 5);
    private static final double UM = 1000;
    private static final double SAME = 0.15;

    private final TrialRequest request;
    private final TrialReader reader;
    private final UnitFormat say;

    /** How the marks lie. */
    public enum Marks implements Worded {
        NOT_LOOKED,
        CROSSED,
        ONE_WAY,
        BANDS
    }

    /** What it sounded like. */
    public enum Sound implements Worded {
        EVEN,
        LOUDER,
        HAMMERS,
        SQUEALS
    }

    /** What the far edge looks like. */
    public enum Edge implements Worded {
        WHOLE,
        BROKEN
    }

    /** What was seen; mm. */
    private record Seen(OptionalDouble ra, OptionalDouble hollow, Marks marks, Sound sound, Edge edge) {
        boolean nothing() {
            return ra.isEmpty()
                    && hollow.isEmpty()
                    && marks == Marks.NOT_LOOKED
                    && sound == Sound.EVEN
                    && edge == Edge.WHOLE;
        }
    }

    private FlyTrial(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new FlyTrial(request).judge();
    }

    private TrialAnswer judge() {
        Read<FlyCut> read = FlyReader.cut(request.plan());
        OptionalDouble ra = reader.value("finish", "Finish left", ROUGHNESS);
        Seen seen = new Seen(
                ra.isPresent() ? OptionalDouble.of(ra.getAsDouble() / UM) : ra,
                reader.value("hollow", "Hollow by", LENGTH),
                reader.choice("marks", "Marks", Marks.values()),
                reader.choice("sound", "Sound", Sound.values()),
                reader.choice("edge", "Far edge", Edge.values()));
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The cut itself is not complete yet: mend it at the earlier stations first.");
        }
        return seen.nothing()
                ? reader.stopped("Type the finish or what it is hollow by; or say what marks, sound and edge are like.")
                : answer(read.cut().get(), seen);
    }

    private TrialAnswer answer(FlyCut cut, Seen seen) {
        List<Compared> rows = new ArrayList<>();
        double wanted = cut.job().raMm();
        seen.ra()
                .ifPresent(ra -> rows.add(
                        new Compared("Finish", say.ra(wanted) + " or finer", say.ra(ra), ra <= wanted * (1 + SAME))));
        seen.hollow()
                .ifPresent(by -> rows.add(new Compared(
                        "Hollow",
                        "up to " + say.length(cut.job().flatMm()),
                        say.length(by),
                        Math.abs(by) <= cut.job().flatMm() + 5e-4)));
        boolean good = rows.stream().allMatch(Compared::within)
                && seen.marks() != Marks.BANDS
                && seen.sound() == Sound.EVEN
                && seen.edge() == Edge.WHOLE;
        Ranked ranked =
                good ? Ranked.NOTHING : CauseRule.ranked(List.of(this::sound, this::flat, this::rough), cut, seen, say);
        String first = rows.stream()
                .filter(row -> !row.within())
                .map(row -> row.what() + ": " + row.measured() + " where " + row.predicted() + " is wanted.")
                .findFirst()
                .orElse("Marks " + seen.marks().words() + "; " + seen.sound().words() + ".");
        return reader.judged(
                rows,
                ranked.causes(),
                good ? "It serves." : first,
                good,
                ranked.remedy(),
                "Nothing that was reckoned explains it: look at the edge under a loupe.",
                Optional.of(FlyScenes.stand(cut, say)));
    }

    private void sound(FlyCut cut, Seen seen, Causes found) {
        switch (seen.sound()) {
            case EVEN -> {}
            case LOUDER ->
                found.name("creeps", "The bit creeps out of its seat", 0.95)
                        .says("%s throws and pushes it at every turn.", say.force(cut.movesN()))
                        .then(
                                cut.job().screws() < 2
                                        ? new Fix("Two screws", SCREWS, "2")
                                        : Fix.atTheMachine(
                                                "Stop, measure how far it came, tighten both screws on a flat"),
                                "It then takes what it is set to; touch anew before the last skim.");
            case HAMMERS -> {
                double half = say.units().turned(cut.depthMm() / 2);
                found.name("too-deep", "It enters with too heavy a blow", 0.85)
                        .says("%s where it enters.", say.force(cut.blowN()))
                        .then(
                                new Fix("Depth " + say.length(half), DEPTH, Written.exact(Quantity.LENGTH, half)),
                                "Half as deep, half the blow.");
            }
            case SQUEALS ->
                found.name(
                                "heel-drags",
                                "The heel drags, or the edge is dull",
                                cut.leftRad() < FlyCut.HEEL_IN_HAND_RAD ? 0.9 : 0.6)
                        .says("It clears the circle by %s.", say.angle(cut.leftRad()))
                        .then(() -> Optional.of(freer(cut)));
        }
        if (seen.edge() == Edge.BROKEN) {
            found.name("breaks-out", "The bit breaks the far edge out where it leaves", 0.9)
                    .says("Nothing stands behind a sharp edge.")
                    .then(
                            new Fix("Chamfer it first", EDGE, "chamfered"),
                            "Or feed in from both sides, and meet in the middle.");
        }
    }

    private Remedy freer(FlyCut cut) {
        double relief = Math.toRadians(Math.ceil(Math.toDegrees(cut.reliefRad())) + 3);
        return new Remedy(
                new Fix("Clearance " + say.angle(relief) + " as ground", RELIEF, say.angle(relief)),
                "Ground freer and stoned, only the edge touches.");
    }

    private void flat(FlyCut cut, Seen seen, Causes found) {
        double hollow = seen.hollow().orElse(0);
        boolean oneWay = seen.marks() == Marks.ONE_WAY;
        if (hollow > cut.job().flatMm() + 5e-4 || (oneWay && seen.hollow().isPresent())) {
            double sag = FlyCut.hollowMm(cut.sweptMm(), cut.lapMm(), Math.PI / 2);
            double lean = Math.asin(Math.min(1, Math.abs(hollow) / sag));
            found.name("leans", "The spindle leans along the feed", oneWay ? 0.95 : 0.8)
                    .says(
                            "A hollow of %s is a lean of %s: %s on an indicator over %s.",
                            say.length(hollow),
                            say.angle(lean),
                            say.length(lean * cut.job().tramOverMm()),
                            say.length(cut.job().tramOverMm()))
                    .by(Working.of("Lean", "asin(y / (D / 2 − √(D² / 4 − B² / 4)))", rad(lean))
                            .with("y", "hollow", mm(Math.abs(hollow)).measured())
                            .with("D", "circle", mm(cut.sweptMm()))
                            .with("B", "width of a lap", mm(Math.min(cut.lapMm(), cut.sweptMm()))))
                    .then(
                            Fix.atTheMachine("Set the spindle square by "
                                    + say.length(lean * cut.job().tramOverMm()) + " over "
                                    + say.length(cut.job().tramOverMm())),
                            "Marks then cross both ways, and it is flat.");
        }
        if (hollow < -cut.job().flatMm() - 5e-4) {
            found.name("sprung", "The work sprang up when it was let go, or stood hollow in its holding", 0.8)
                    .says("No lean of a spindle leaves a surface high in the middle.")
                    .then(
                            Fix.atTheMachine("Paper or shims under it, clamp over what it stands on, skim again"),
                            "What is clamped straight stays straight.");
        }
        if (seen.marks() == Marks.BANDS) {
            found.name("laps", "The laps do not meet level", 0.85)
                    .says("%s laps side by side.", cut.laps())
                    .then(
                            Fix.atTheMachine(
                                    "Set the spindle square across the feed as well, and take the last skim of all laps at one setting"),
                            "Then no band is to be felt.");
        }
    }

    private void rough(FlyCut cut, Seen seen, Causes found) {
        if (seen.ra().isEmpty() || seen.ra().getAsDouble() <= cut.job().raMm() * (1 + SAME)) {
            return;
        }
        double reckoned = cut.cutting().likelyRaMm();
        double finer = cut.cutting().feedMm() / 2;
        boolean coarse = reckoned > 0.7 * cut.job().raMm();
        found.name("feed", "The feed is coarse for the nose", coarse ? 0.8 : 0.4)
                .says("%s was reckoned.", say.ra(reckoned))
                .then(
                        new Fix("Feed " + say.feed(finer), FEED, say.feed(finer)),
                        "Half the feed, a quarter of the marks.");
        found.name("dull", "The edge is dull or builds up", coarse ? 0.4 : 0.75)
                .says(cut.job().work().builtUpEdge() + ".")
                .then(Fix.atTheMachine("Stone it; oil, or faster"), "A keen edge shaves.");
    }
}
