package boldwedge.core.families.seating.report;

import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.rad;

import boldwedge.core.families.seating.entry.InsertPocketReader;
import boldwedge.core.families.seating.model.InsertPocketCut;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.Insert;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.holder.SeatMeasured;
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

/** Judges a seat by its floor, its edge under an indicator, and the light at its walls. */
public final class InsertPocketTrial {
    private static final String NO_LIGHT = "Then no light shows; indicate the edge again.";

    private static final Limits DEPTH = new Limits(Quantity.LENGTH, 0.2, 100);
    private static final Limits OFF = new Limits(Quantity.LENGTH, -20, 20);
    private static final Limits WAY = new Limits(Quantity.LENGTH, 0.5, 100);
    private static final double HEIGHT_MM = 0.03;
    private static final double ANGLE_RAD = Math.toRadians(0.5);

    private final TrialReader reader;
    private final TrialRequest request;
    private final UnitFormat say;

    /** Where light shows between insert and seat. */
    public enum Light implements Worded {
        NONE,
        BACK,
        SIDE,
        UNDER,
        CORNER
    }

    private InsertPocketTrial(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new InsertPocketTrial(request).judge();
    }

    private TrialAnswer judge() {
        Read<InsertPocketCut> read = InsertPocketReader.cut(request.plan());
        OptionalDouble floor = reader.value("floorDepth", "Floor below the top", DEPTH);
        OptionalDouble off = reader.value("edgeOff", "Indicator ran off", OFF);
        OptionalDouble way = reader.value("edgeWay", "Over a way of", WAY);
        Light light = reader.choice("light", "Light at insert", Light.values());
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The seat itself is not complete yet: mend it at the earlier stations first.");
        }
        if (off.isPresent() != way.isPresent()) {
            reader.wrong(
                    off.isPresent() ? "edgeWay" : "edgeOff",
                    "The indicator needs both: what it ran off, and over which way.");
            return reader.stopped("One reading cannot be right.");
        }
        if (off.isPresent() && Math.abs(off.getAsDouble()) >= way.getAsDouble()) {
            reader.wrong("edgeOff", "It cannot run off further than its way.");
            return reader.stopped("One reading cannot be right.");
        }
        if (floor.isEmpty() && off.isEmpty() && light == Light.NONE) {
            return reader.stopped(
                    "Type the floor’s depth, or what the indicator ran off along the edge, or say where light shows.");
        }
        InsertPocketCut cut = read.cut().get();
        OptionalDouble low =
                floor.stream().map(depth -> depth - cut.floorDepthMm()).findFirst();
        return answer(cut, floor, new Seen(low, off, way, light));
    }

    /** What was seen of a seat: its floor is low by, its edge off by over a way, mm, and where light shows. */
    private record Seen(OptionalDouble low, OptionalDouble off, OptionalDouble way, Light light) {
        boolean lowFloor() {
            return low.isPresent() && Math.abs(low.getAsDouble()) > HEIGHT_MM;
        }

        double edgeRad() {
            return off.isPresent() ? SeatMeasured.edgeRad(0, off.getAsDouble(), way.orElseThrow()) : 0;
        }

        boolean swung() {
            return Math.abs(edgeRad()) > ANGLE_RAD;
        }
    }

    private TrialAnswer answer(InsertPocketCut cut, OptionalDouble floor, Seen seen) {
        List<Compared> rows = new ArrayList<>();
        List<String> verdicts = new ArrayList<>();
        double low = seen.low().orElse(0);
        floor.ifPresent(measured -> rows.add(new Compared(
                "Floor below the top", say.length(cut.floorDepthMm()), say.length(measured), !seen.lowFloor())));
        if (seen.lowFloor()) {
            verdicts.add("The edge stands " + say.length(Math.abs(low)) + (low > 0 ? " low" : " high") + ".");
        }
        double error = seen.edgeRad();
        if (seen.off().isPresent()) {
            rows.add(new Compared(
                    "Edge angle",
                    say.angle(cut.job().kappaRad()),
                    say.angle(cut.job().kappaRad() + error),
                    !seen.swung()));
        }
        if (seen.swung()) {
            verdicts.add(
                    "The edge is " + say.angle(Math.abs(error)) + (error > 0 ? " over" : " under") + " its angle.");
        }
        if (seen.light() != Light.NONE) {
            rows.add(new Compared("Light", Light.NONE.words(), seen.light().words(), false));
            verdicts.add(
                    switch (seen.light()) {
                        case NONE -> "";
                        case BACK, SIDE -> "The insert does not touch both walls.";
                        case UNDER -> "The insert rocks on its floor.";
                        case CORNER -> "The insert stands on its corner.";
                    });
        }
        Ranked ranked = CauseRule.ranked(List.of(this::floor, this::swing, this::light), cut, seen, say);
        boolean good = rows.stream().allMatch(Compared::within);
        Optional<Remedy> next = good ? Optional.empty() : ranked.remedy();
        return new TrialAnswer(
                true,
                reader.readings(),
                rows,
                ranked.causes(),
                good ? "It sits as drawn." : String.join(" ", verdicts),
                next.map(Remedy::fix),
                next.map(Remedy::expected).orElse("Nothing needs to change."),
                Optional.of(InsertPocketScenes.body(cut, say)));
    }

    private void floor(InsertPocketCut cut, Seen seen, Causes found) {
        if (!seen.lowFloor()) {
            return;
        }
        double low = seen.low().orElseThrow();
        found.name("floor", low > 0 ? "The floor is milled too deep" : "The floor is not down yet", 0.85)
                .says("By " + say.length(Math.abs(low)) + ": a touch taken on a burr, or a turn of the dial.")
                .by(Working.of("Edge low by", "m − f", mm(low))
                        .with("m", mm(cut.floorDepthMm() + low).measured())
                        .with("f", "as drawn", mm(cut.floorDepthMm())))
                .then(
                        Fix.atTheMachine(
                                low > 0
                                        ? "A shim of " + say.length(low)
                                                + " under the insert, or the holder set higher by it"
                                        : "Take " + say.length(-low) + " more from the floor"),
                        "Then the edge stands at its height, within " + say.length(HEIGHT_MM) + ".");
    }

    private void swing(InsertPocketCut cut, Seen seen, Causes found) {
        if (!seen.swung()) {
            return;
        }
        double off = seen.off().orElseThrow();
        double way = seen.way().orElseThrow();
        found.name("swing", "The vise’s swing is off", seen.light() == Light.NONE ? 0.8 : 0.5)
                .says(say.length(off) + " over " + say.length(way) + " is " + say.angle(seen.edgeRad()) + ".")
                .by(Working.of("Off by", "asin(u / l)", rad(seen.edgeRad()))
                        .with("u", "ran off", mm(off).measured())
                        .with("l", "way", mm(way).measured()))
                .then(
                        Fix.atTheMachine(
                                "Set the slide by the old reading, or dress the seat’s wall behind with the swing corrected"),
                        NO_LIGHT);
    }

    private void light(InsertPocketCut cut, Seen seen, Causes found) {
        double drawMm = cut.job().drawMm();
        switch (seen.light()) {
            case NONE -> {}
            case BACK, SIDE -> {
                Insert insert = cut.job().insert();
                found.name("walls", "The walls do not make the insert’s corner", 0.75)
                        .says(
                                "Between them must lie %s: one swing is off.",
                                say.angle(insert.triangle() ? Math.PI / 3 : insert.pointRad()))
                        .then(
                                Fix.atTheMachine(
                                        "Swing for the wall that shows light, and take " + say.length(0.05) + " there"),
                                NO_LIGHT);
                boolean drawn = drawMm >= 0.05;
                found.name(
                                "draw",
                                drawn ? "A burr, or the screw binds in its hole" : "The screw does not draw it in",
                                drawn ? 0.4 : 0.8)
                        .says("Its hole is drawn %s toward the walls.", say.length(drawMm))
                        .then(
                                Fix.atTheMachine("Break the burr; ease the screw’s hole away from the open side"),
                                NO_LIGHT);
            }
            case UNDER -> {
                found.name("burr", "Burr or chip on the floor", 0.7)
                        .says("Stone the edges, blow it out, try again before anything is cut.")
                        .then(Fix.atTheMachine("Stone the pocket’s edges and blow it out"), NO_LIGHT);
                found.name("floor-flat", "The floor is not flat", 0.5)
                        .says("Quill not locked, or milled in two heights.")
                        .then(
                                Fix.atTheMachine(
                                        "Skim the floor in one pass, quill locked, and shim by what was taken"),
                                NO_LIGHT);
            }
            case CORNER ->
                found.name("relief", "The corner is not relieved enough", 0.9)
                        .says("A cutter of %s was reckoned there, down to the floor.", say.length(cut.reliefMm()))
                        .then(Fix.atTheMachine("Plunge the corner again, to the floor"), NO_LIGHT);
        }
    }
}
