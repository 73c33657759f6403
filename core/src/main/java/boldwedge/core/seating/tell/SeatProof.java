package boldwedge.core.seating.tell;

import static boldwedge.core.measure.Amount.mm;
import static boldwedge.core.measure.Amount.rad;

import boldwedge.core.ask.Read;
import boldwedge.core.ask.TrialAnswer;
import boldwedge.core.ask.TrialAnswer.Compared;
import boldwedge.core.ask.TrialReader;
import boldwedge.core.ask.TrialRequest;
import boldwedge.core.finding.Mend;
import boldwedge.core.finding.Working;
import boldwedge.core.holder.SeatMeasured;
import boldwedge.core.measure.Limits;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Say;
import boldwedge.core.proof.Cause;
import boldwedge.core.seating.ask.SeatReader;
import boldwedge.core.seating.model.SeatCut;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Judges a seat by its floor, its edge under an indicator, and the light at its walls. */
public final class SeatProof {
    private static final Limits DEPTH = new Limits(Quantity.LENGTH, 0.2, 100);
    private static final Limits OFF = new Limits(Quantity.LENGTH, -20, 20);
    private static final Limits WAY = new Limits(Quantity.LENGTH, 0.5, 100);
    private static final double HEIGHT_MM = 0.03;
    private static final double ANGLE_RAD = Math.toRadians(0.5);

    private final TrialReader reader;
    private final TrialRequest request;
    private final Say say;

    /** Where light shows between insert and seat. */
    public enum Light {
        NONE("no light"),
        BACK("light at the wall behind"),
        SIDE("light at the wall beside"),
        UNDER("light under it"),
        CORNER("it stands on its corner");

        private final String words;

        Light(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private SeatProof(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new Say(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new SeatProof(request).judge();
    }

    private TrialAnswer judge() {
        Read<SeatCut> read = SeatReader.cut(request.plan());
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
        return answer(read.cut().get(), floor, off, way, light);
    }

    private TrialAnswer answer(SeatCut cut, OptionalDouble floor, OptionalDouble off, OptionalDouble way, Light light) {
        List<Compared> rows = new ArrayList<>();
        List<Cause> causes = new ArrayList<>();
        List<String> verdicts = new ArrayList<>();
        double low = floor.isPresent() ? floor.getAsDouble() - cut.floorDepthMm() : 0;
        if (floor.isPresent()) {
            boolean good = Math.abs(low) <= HEIGHT_MM;
            rows.add(new Compared(
                    "Floor below the top", say.length(cut.floorDepthMm()), say.length(floor.getAsDouble()), good));
            if (!good) {
                verdicts.add("The edge stands " + say.length(Math.abs(low)) + (low > 0 ? " low" : " high") + ".");
                causes.add(new Cause(
                        "floor",
                        low > 0 ? "The floor is milled too deep" : "The floor is not down yet",
                        "By " + say.length(Math.abs(low)) + ": a touch taken on a burr, or a turn of the dial.",
                        0.85,
                        List.of(Working.of("Edge low by", "m − f", mm(low))
                                .with("m", mm(floor.getAsDouble()).measured())
                                .with("f", "as drawn", mm(cut.floorDepthMm()))
                                .told(say))));
            }
        }
        if (off.isPresent()) {
            double error = SeatMeasured.edgeRad(0, off.getAsDouble(), way.getAsDouble());
            boolean good = Math.abs(error) <= ANGLE_RAD;
            rows.add(new Compared(
                    "Edge angle",
                    say.angle(cut.job().kappaRad()),
                    say.angle(cut.job().kappaRad() + error),
                    good));
            if (!good) {
                verdicts.add(
                        "The edge is " + say.angle(Math.abs(error)) + (error > 0 ? " over" : " under") + " its angle.");
                causes.add(new Cause(
                        "swing",
                        "The vise’s swing is off",
                        say.length(off.getAsDouble()) + " over " + say.length(way.getAsDouble()) + " is "
                                + say.angle(error) + ".",
                        light == Light.NONE ? 0.8 : 0.5,
                        List.of(Working.of("Off by", "asin(u / l)", rad(error))
                                .with("u", "ran off", mm(off.getAsDouble()).measured())
                                .with("l", "way", mm(way.getAsDouble()).measured())
                                .told(say))));
            }
        }
        if (light != Light.NONE) {
            rows.add(new Compared("Light", Light.NONE.words(), light.words(), false));
            verdicts.add(
                    switch (light) {
                        case NONE -> "";
                        case BACK, SIDE -> "The insert does not touch both walls.";
                        case UNDER -> "The insert rocks on its floor.";
                        case CORNER -> "The insert stands on its corner.";
                    });
            causes.addAll(lights(cut, light));
        }
        causes.sort(Comparator.comparingDouble(Cause::fit).reversed());
        boolean good = rows.stream().allMatch(Compared::within);
        Optional<Mend> next =
                good ? Optional.empty() : Optional.of(next(causes.getFirst().id(), low));
        return new TrialAnswer(
                true,
                reader.readings(),
                rows,
                causes,
                good ? "It sits as drawn." : String.join(" ", verdicts),
                next,
                good ? "Nothing needs to change." : expected(causes.getFirst().id(), low),
                Optional.of(SeatScenes.body(cut, say)));
    }

    private List<Cause> lights(SeatCut cut, Light light) {
        return switch (light) {
            case NONE -> List.of();
            case BACK, SIDE ->
                List.of(
                        new Cause(
                                "walls",
                                "The walls do not make the insert’s corner",
                                "Between them must lie "
                                        + say.angle(
                                                cut.job().insert().triangle()
                                                        ? Math.PI / 3
                                                        : cut.job().insert().pointRad())
                                        + ": one swing is off.",
                                0.75,
                                List.of()),
                        new Cause(
                                "draw",
                                cut.job().drawMm() < 0.05
                                        ? "The screw does not draw it in"
                                        : "A burr, or the screw binds in its hole",
                                "Its hole is drawn " + say.length(cut.job().drawMm()) + " toward the walls.",
                                cut.job().drawMm() < 0.05 ? 0.8 : 0.4,
                                List.of()));
            case UNDER ->
                List.of(
                        new Cause(
                                "burr",
                                "Burr or chip on the floor",
                                "Stone the edges, blow it out, try again before anything is cut.",
                                0.7,
                                List.of()),
                        new Cause(
                                "floor-flat",
                                "The floor is not flat",
                                "Quill not locked, or milled in two heights.",
                                0.5,
                                List.of()));
            case CORNER ->
                List.of(new Cause(
                        "relief",
                        "The corner is not relieved enough",
                        "A cutter of " + say.length(cut.reliefMm()) + " was reckoned there, down to the floor.",
                        0.9,
                        List.of()));
        };
    }

    private Mend next(String cause, double low) {
        return switch (cause) {
            case "floor" ->
                low > 0
                        ? Mend.atTheMachine(
                                "A shim of " + say.length(low) + " under the insert, or the holder set higher by it")
                        : Mend.atTheMachine("Take " + say.length(-low) + " more from the floor");
            case "swing" ->
                Mend.atTheMachine(
                        "Set the slide by the old reading, or dress the seat’s wall behind with the swing corrected");
            case "walls" ->
                Mend.atTheMachine("Swing for the wall that shows light, and take " + say.length(0.05) + " there");
            case "draw" -> Mend.atTheMachine("Break the burr; ease the screw’s hole away from the open side");
            case "burr" -> Mend.atTheMachine("Stone the pocket’s edges and blow it out");
            case "floor-flat" ->
                Mend.atTheMachine("Skim the floor in one pass, quill locked, and shim by what was taken");
            default -> Mend.atTheMachine("Plunge the corner again, to the floor");
        };
    }

    private String expected(String cause, double low) {
        return cause.equals("floor")
                ? "Then the edge stands at its height, within " + say.length(HEIGHT_MM) + "."
                : "Then no light shows; indicate the edge again.";
    }
}
