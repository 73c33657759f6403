package boldwedge.core.mechanics.advice;

import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.WorkMaterial;
import java.util.Optional;

/** The skin of a casting: scale, sand and chill that an edge is to get under with its first pass (custom of the trade). */
public final class CastSkin {
    private CastSkin() {}

    /** Least, usual and most, mm; empty for what is not cast. */
    public static Optional<Span> of(WorkMaterial work) {
        String angles = work.angleGroup();
        if (work.group().equals("K")) {
            return Optional.of(new Span(0.5, 1, 1.5));
        }
        if (angles.startsWith("bronze")) {
            return Optional.of(new Span(0.3, 0.6, 1));
        }
        return work.id().contains("cast") ? Optional.of(new Span(0.3, 0.6, 1)) : Optional.empty();
    }
}
