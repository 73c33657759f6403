package boldwedge.core.mechanics.cutting;

import java.util.List;
import java.util.OptionalDouble;

/** The speeds a spindle can turn at, rpm: steps of a gearbox or a range of a variable drive. */
public sealed interface SpindleSpeeds {

    /** The highest speed at or below this one; empty when even the slowest is faster. */
    OptionalDouble atOrBelow(double rpm);

    /** The lowest speed above this one; empty when there is none. */
    OptionalDouble above(double rpm);

    double slowest();

    double fastest();

    /** Whether the spindle can be set to this speed, within half a percent. */
    boolean has(double rpm);

    /** Steps, ascending. */
    record Steps(List<Double> rpm) implements SpindleSpeeds {
        public Steps {
            if (rpm.isEmpty()) {
                throw new IllegalArgumentException("A lathe has at least one speed.");
            }
            rpm = rpm.stream().sorted().toList();
        }

        @Override
        public OptionalDouble atOrBelow(double wanted) {
            return rpm.stream()
                    .mapToDouble(Double::doubleValue)
                    .filter(speed -> speed <= wanted * (1 + 1e-9))
                    .max();
        }

        @Override
        public OptionalDouble above(double wanted) {
            return rpm.stream()
                    .mapToDouble(Double::doubleValue)
                    .filter(speed -> speed > wanted * (1 + 1e-9))
                    .min();
        }

        @Override
        public double slowest() {
            return rpm.getFirst();
        }

        @Override
        public double fastest() {
            return rpm.getLast();
        }

        @Override
        public boolean has(double wanted) {
            return rpm.stream().anyMatch(speed -> Math.abs(speed - wanted) <= 0.005 * speed);
        }
    }

    /** Any speed in a range. */
    record Range(double slowest, double fastest) implements SpindleSpeeds {
        @Override
        public OptionalDouble atOrBelow(double wanted) {
            return wanted < slowest ? OptionalDouble.empty() : OptionalDouble.of(Math.min(wanted, fastest));
        }

        @Override
        public OptionalDouble above(double wanted) {
            return OptionalDouble.empty();
        }

        @Override
        public boolean has(double wanted) {
            return wanted >= slowest * 0.995 && wanted <= fastest * 1.005;
        }
    }
}
