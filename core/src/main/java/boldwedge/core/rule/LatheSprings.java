package boldwedge.core.rule;

import static boldwedge.core.language.measure.Amount.newtonMmPerRad;
import static boldwedge.core.language.measure.Amount.newtonsPerMm;

import boldwedge.core.language.measure.Amount;
import boldwedge.core.mechanics.cutting.Lathe;
import java.util.OptionalDouble;

/** The springs of a lathe with where each comes from: its card, or its size. */
public final class LatheSprings {
    private LatheSprings() {}

    /** Across the axis at the chuck. */
    public static Amount chuck(Lathe lathe) {
        return from(lathe.chuckStiffness(), newtonsPerMm(lathe.chuckOrAssumed()));
    }

    /** Spindle and chuck against turning out of the axis. */
    public static Amount chuckTilt(Lathe lathe) {
        return from(lathe.chuckTilt(), newtonMmPerRad(lathe.chuckTiltOrAssumed()));
    }

    /** Across the axis at the tailstock's centre. */
    public static Amount tailstock(Lathe lathe) {
        return from(lathe.tailstockStiffness(), newtonsPerMm(lathe.tailstockOrAssumed()));
    }

    /** Across the axis at the post. */
    public static Amount post(Lathe lathe) {
        return from(lathe.postStiffness(), newtonsPerMm(lathe.postOrAssumed()));
    }

    /** The amount as the card tells it, where it does. */
    public static Amount from(OptionalDouble card, Amount amount) {
        return card.isPresent() ? amount.fromCard() : amount.assumed();
    }
}
