package boldwedge.core.families.counterboring.report;

import static boldwedge.core.families.counterboring.entry.CounterboreField.*;
import static boldwedge.core.language.measure.Amount.mm;

import boldwedge.core.families.counterboring.entry.CounterboreReader;
import boldwedge.core.families.counterboring.model.CounterboreCut;
import boldwedge.core.families.counterboring.model.CounterboreJob;
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

/** Judges a counterbored seat. */
public final class CounterboreTrial {
    private static final Limits DEPTH = new Limits(Quantity.LENGTH, 0.01, 250);
    private static final Limits ACROSS = new Limits(Quantity.LENGTH, 0.5, 200);
    private static final double DEPTH_MM = 0.1;

    private final TrialRequest request;
    private final TrialReader reader;
    private final UnitFormat say;

    /** What the floor of the seat shows. */
    public enum Floor implements Worded {
        CLEAN,
        RING,
        WAVES,
        TORN
    }

    /** What the hole shows. */
    public enum Hole implements Worded {
        UNTOUCHED,
        SCRAPED,
        BESIDE
    }

    private CounterboreTrial(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new CounterboreTrial(request).judge();
    }

    private TrialAnswer judge() {
        Read<CounterboreCut> read = CounterboreReader.cut(request.plan());
        OptionalDouble depth = reader.value("depth", "Depth", DEPTH);
        OptionalDouble across = reader.value("across", "Seat across", ACROSS);
        Floor floor = reader.choice("floor", "Its floor", Floor.values());
        Hole hole = reader.choice("hole", "The hole", Hole.values());
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The seat itself is not complete yet: mend it at the earlier stations first.");
        }
        if (depth.isEmpty() && across.isEmpty() && floor == Floor.CLEAN && hole == Hole.UNTOUCHED) {
            return reader.stopped("Type how deep the seat came out, or what floor and hole tell.");
        }
        CounterboreCut cut = read.cut().get();
        if (across.isPresent() && Math.abs(across.getAsDouble() - cut.outsideMm()) > 0.25 * cut.outsideMm()) {
            reader.wrong("across", "That is far from " + say.length(cut.outsideMm()) + ". Check the units.");
            return reader.stopped("One reading cannot be right.");
        }
        return judged(cut, depth, across, floor, hole);
    }

    private TrialAnswer judged(CounterboreCut cut, OptionalDouble read, OptionalDouble across, Floor floor, Hole hole) {
        // A depth that was not read counts as wanted: what was seen is a trial too.
        double depth = read.orElse(cut.depthMm());
        double off = depth - cut.depthMm();
        boolean deep = Math.abs(off) <= DEPTH_MM;
        boolean sits = across.isEmpty() || across.getAsDouble() >= cut.job().headMm();
        Ranked ranked = CauseRule.ranked(
                List.of(this::depth, this::pilot, this::floor), cut, new Seen(off, across, floor, hole), say);
        List<Compared> rows = new ArrayList<>();
        read.ifPresent(value -> rows.add(new Compared(
                "Depth", say.length(cut.depthMm()) + " ± " + say.length(DEPTH_MM), say.length(value), deep)));
        across.ifPresent(value -> rows.add(new Compared(
                "Seat across",
                say.length(cut.outsideMm()) + " to " + say.length(cut.outsideMm() + 2 * cut.offMm() + 0.1),
                say.length(value),
                value >= cut.outsideMm() - 0.05 && value <= cut.outsideMm() + 2 * cut.offMm() + 0.1)));
        boolean good = deep && sits && floor == Floor.CLEAN && hole == Hole.UNTOUCHED;
        String verdict = (good
                        ? "It sits"
                        : read.isEmpty()
                                ? "Depth not read"
                                : deep
                                        ? "The depth is right"
                                        : off < 0
                                                ? "Too shallow by " + say.length(-off)
                                                : "Too deep by " + say.length(off))
                + (sits ? "" : "; too narrow for what is to sit there")
                + (floor == Floor.CLEAN ? "" : "; floor: " + floor.words())
                + (hole == Hole.UNTOUCHED ? "." : "; hole: " + hole.words() + ".");
        Optional<Remedy> next = good ? Optional.empty() : ranked.remedy().or(CounterboreTrial::unexplained);
        return reader.judged(
                rows,
                ranked.causes(),
                verdict,
                true,
                next,
                "",
                Optional.of(CounterboreScenes.seat(
                        CounterboreCut.of(cut.job().withDepthMm(OptionalDouble.of(depth))), say)));
    }

    /** What was seen of a seat: off its depth, mm, how wide, its floor and its hole. */
    private record Seen(double off, OptionalDouble across, Floor floor, Hole hole) {
        boolean wide(CounterboreCut cut) {
            return across.isPresent() && across.getAsDouble() > cut.outsideMm() + 0.1;
        }
    }

    private void depth(CounterboreCut cut, Seen seen, Causes found) {
        double off = seen.off();
        if (Math.abs(off) > DEPTH_MM) {
            found.name(
                            "stop",
                            off < 0
                                    ? "The stop was set short, or it was not let turn out"
                                    : "The stop slipped, or touch was taken on the burr",
                            0.7)
                    .says("By " + say.length(Math.abs(off)) + ".")
                    .by(Working.of("Off by", "t − T", mm(off))
                            .with("t", mm(cut.depthMm() + off).measured())
                            .with("T", "wanted", mm(cut.depthMm())))
                    .then(() -> Optional.of(stop(cut, off)));
        }
    }

    private void pilot(CounterboreCut cut, Seen seen, Causes found) {
        Hole hole = seen.hole();
        if (hole == Hole.BESIDE || seen.wide(cut)) {
            found.name(
                            "pilot-loose",
                            "The pilot has too much play",
                            cut.playMm() > CounterboreCut.PILOT_CLEARANCE.high() ? 0.95 : 0.4)
                    .says("It has " + say.length(cut.playMm()) + ": the seat can lie " + say.length(cut.offMm())
                            + " beside its hole.")
                    .then(() -> Optional.of(tighter(cut)));
        }
        if (hole == Hole.BESIDE && cut.playMm() <= CounterboreCut.PILOT_CLEARANCE.high()) {
            found.name("not-locked", "The table moved, or the pilot entered late", 0.7)
                    .says("Play alone moves it by no more than " + say.length(cut.offMm()) + ".")
                    .then(
                            Fix.atTheMachine("Pilot into the hole first, then lock the table"),
                            "Then only the play counts: " + say.length(cut.offMm()) + ".");
        }
        if (hole == Hole.SCRAPED) {
            found.name("margins", "The pilot's margins are sharp", 0.9)
                    .says("They reamed the hole as they went in.")
                    .then(Fix.atTheMachine("Stone the pilot's margins round"), "Then it guides and does not cut.");
        }
    }

    private void floor(CounterboreCut cut, Seen seen, Causes found) {
        Floor floor = seen.floor();
        CounterboreJob job = cut.job();
        if (floor == Floor.RING || seen.wide(cut)) {
            found.name("lips-uneven", "One lip stands proud", floor == Floor.RING ? 0.9 : 0.5)
                    .says("Level within " + say.length(cut.levelMm())
                            + " both cut; the proud one cuts alone and leaves its ring.")
                    .then(
                            Fix.atTheMachine("Stone the proud lip level"),
                            "With both cutting, each takes " + say.length(cut.chipMm()) + " and the ring is gone.");
        }
        if (floor == Floor.WAVES) {
            double fast = cut.rpm() / Math.max(1, cut.speed().wantedRpm());
            found.name(
                            "chatter",
                            job.rakeRad() > Math.toRadians(5)
                                    ? "Too much rake"
                                    : cut.feedMm() < cut.feedRange().chosen() ? "Too little feed" : "Too fast",
                            0.9)
                    .says("It runs at " + say.number(fast, 1)
                            + " times the speed that a chart asks for, each lip takes " + say.length(cut.chipMm())
                            + ".")
                    .then(() -> Optional.of(chatter(cut)));
        }
        if (floor == Floor.TORN) {
            found.name(
                            "torn",
                            "Metal built up on the lips",
                            0.5 + 0.4 * job.work().builtUp())
                    .says(job.work().builtUpEdge() + ".")
                    .then(Fix.atTheMachine("Oil, and stone the lips keen"), "Less builds up on a keen, wet lip.");
        }
    }

    private static Optional<Remedy> unexplained() {
        return Optional.of(
                new Remedy(Fix.atTheMachine("Look at it under a loupe"), "Nothing that was computed explains it."));
    }

    private Remedy stop(CounterboreCut cut, double off) {
        return off < 0
                ? new Remedy(
                        Fix.atTheMachine("Go " + say.length(-off) + " deeper"),
                        "The stop stays where it then is: the next seats come out at " + say.length(cut.depthMm())
                                + ".")
                : new Remedy(
                        Fix.atTheMachine("Set the stop " + say.length(off) + " back"),
                        "The next seat comes out at " + say.length(cut.depthMm()) + "; this one can take a shim.");
    }

    private Remedy tighter(CounterboreCut cut) {
        double pilot = cut.job().holeMm() - CounterboreCut.PILOT_CLEARANCE.chosen();
        return new Remedy(
                new Fix("Pilot " + say.length(pilot), PILOT, Written.exact(Quantity.LENGTH, pilot)),
                "Then the seat lies within " + say.length(CounterboreCut.PILOT_CLEARANCE.chosen() / 2)
                        + " of its hole.");
    }

    /** What costs nothing first: slower, then more feed, then less rake. */
    private Remedy chatter(CounterboreCut cut) {
        CounterboreJob job = cut.job();
        double slower = job.lathe().speeds().atOrBelow(0.75 * cut.rpm()).orElse(cut.rpm());
        if (slower < 0.98 * cut.rpm()) {
            return new Remedy(
                    new Fix("Run at " + say.rpm(slower), SPEED, Written.places(slower, 1) + " rpm"),
                    "Slower by " + say.share(1 - slower / cut.rpm()) + ": the flanks damp a slow wave more.");
        }
        double feed = Math.min(cut.feedRange().high(), 1.5 * cut.feedMm());
        return feed > 1.02 * cut.feedMm()
                ? new Remedy(
                        new Fix("Feed " + say.feed(feed), FEED, say.feed(feed)), "A thicker chip steadies the lips.")
                : new Remedy(new Fix("Rake 0°", RAKE, "0°"), "Without rake it does not pull itself in.");
    }
}
