package boldwedge.core.mechanics.cutting;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * What a lathe has to cut threads with, as far as its card says.
 *
 * @param leadScrewMm pitch of the lead screw, mm
 * @param boxMm leads that its box gives with the wheels that stand on it, mm, ascending
 * @param wheels teeth of the change wheels that lie beside it
 * @param dialTeeth teeth of the thread dial's wheel
 * @param dialMarks marks round the thread dial
 * @param crossTurnMm what one turn of the cross slide's handle reads, mm
 * @param crossReadsDiameter whether it reads what comes off the diameter, not how far the slide moves
 * @param compoundTurnMm what one turn of the compound's handle reads, mm
 * @param divisionMm the smallest division of the slides' dials, mm
 * @param compoundFromAxis whether the compound's scale counts from the axis and not from square to it
 * @param stopSeconds from the hand's motion until the spindle stands, or the nut is open
 */
public record ScrewCutting(
        OptionalDouble leadScrewMm,
        List<Double> boxMm,
        List<Integer> wheels,
        OptionalInt dialTeeth,
        OptionalInt dialMarks,
        OptionalDouble crossTurnMm,
        boolean crossReadsDiameter,
        OptionalDouble compoundTurnMm,
        OptionalDouble divisionMm,
        boolean compoundFromAxis,
        OptionalDouble stopSeconds) {
    /** A card that says nothing of it. */
    public static final ScrewCutting UNSAID = new ScrewCutting(
            OptionalDouble.empty(),
            List.of(),
            List.of(),
            OptionalInt.empty(),
            OptionalInt.empty(),
            OptionalDouble.empty(),
            false,
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            false,
            OptionalDouble.empty());

    private static final double USUAL_STOP_S = 1;
    private static final double SAME = 1e-6;

    public ScrewCutting {
        boxMm = boxMm.stream().sorted().toList();
        wheels = wheels.stream().sorted().toList();
    }

    /** The same with one wheel more beside it. */
    public ScrewCutting withWheel(int teeth) {
        return new ScrewCutting(
                leadScrewMm,
                boxMm,
                Stream.concat(wheels.stream(), Stream.of(teeth)).toList(),
                dialTeeth,
                dialMarks,
                crossTurnMm,
                crossReadsDiameter,
                compoundTurnMm,
                divisionMm,
                compoundFromAxis,
                stopSeconds);
    }

    /** Seconds until the carriage stands: from the card, or one second, as a nut is opened by hand. */
    public double stopOrUsual() {
        return stopSeconds.orElse(USUAL_STOP_S);
    }

    /** The box's lead that is this one, if it has it. */
    public Optional<Double> inBox(double leadMm) {
        return boxMm.stream().filter(lead -> Math.abs(lead / leadMm - 1) < SAME).findFirst();
    }

    /** Whether the lead screw is cut in inches: whole threads to the inch. */
    public boolean inchScrew() {
        double threads = 25.4 / leadScrewMm.orElse(1);
        return leadScrewMm.isPresent() && Math.abs(threads - Math.rint(threads)) < SAME * threads;
    }
}
