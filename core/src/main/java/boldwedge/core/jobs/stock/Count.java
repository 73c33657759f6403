package boldwedge.core.jobs.stock;

import java.util.Optional;

/**
 * How many there are: pieces, or millimetres of a bar.
 *
 * @param ready that cut
 * @param dull that can be ground
 * @param worn that cannot
 */
public record Count(double ready, double dull, double worn) {
    /** Nothing. */
    public static final Count NONE = new Count(0, 0, 0);

    private static final double ROUNDING = 1e-9;

    /**
     * What is there after a movement; empty where so many are not there to be moved.
     *
     * @param movement what became of them
     * @param amount how many; for {@link Movement#COUNTED} how many are ready
     */
    public Optional<Count> after(Movement movement, double amount) {
        Count then = switch (movement) {
            case BOUGHT -> new Count(ready + amount, dull, worn);
            case USED -> new Count(ready - amount, dull, worn);
            case DULLED -> new Count(ready - amount, dull + amount, worn);
            case GROUND -> new Count(ready + amount, dull - amount, worn);
            // What is worn out was dull before, as far as there are dull ones; what breaks was mostly in use.
            case WORN_OUT -> {
                double fromDull = Math.min(dull, amount);
                yield new Count(ready - (amount - fromDull), dull - fromDull, worn + amount);
            }
            case BROKEN -> {
                double fromReady = Math.min(ready, amount);
                yield new Count(ready - fromReady, dull - (amount - fromReady), worn);
            }
            case THROWN_OUT -> new Count(ready, dull, worn - amount);
            case COUNTED -> new Count(amount, dull, worn);
        };
        return then.ready < -ROUNDING || then.dull < -ROUNDING || then.worn < -ROUNDING
                ? Optional.empty()
                : Optional.of(new Count(Math.max(0, then.ready), Math.max(0, then.dull), Math.max(0, then.worn)));
    }

    /** The same with what another one has more or less. */
    public Count plus(Count more) {
        return new Count(ready + more.ready, dull + more.dull, worn + more.worn);
    }

    /** What leads from an earlier count to this one. */
    public Count since(Count before) {
        return new Count(ready - before.ready, dull - before.dull, worn - before.worn);
    }
}
