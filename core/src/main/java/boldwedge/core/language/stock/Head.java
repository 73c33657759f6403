package boldwedge.core.language.stock;

import boldwedge.core.language.measure.UnitSystem;
import java.util.OptionalDouble;

/**
 * A screw's head, or a washer, that is sunk in.
 *
 * @param system which shops have it
 * @param name as it is called
 * @param kind what it is
 * @param screwMm the screw's thread, mm
 * @param diameterMm of the head or washer; of a hexagon what a socket about it needs, mm
 * @param heightMm its height, mm
 * @param sunkMm diameter of the standard's counterbore for it, where there is one, mm
 * @param source citations, joined
 */
public record Head(
        UnitSystem system,
        String name,
        Kind kind,
        double screwMm,
        double diameterMm,
        double heightMm,
        OptionalDouble sunkMm,
        String source) {
    /** Kinds of heads. */
    public enum Kind {
        SOCKET,
        CHEESE,
        HEXAGON,
        WASHER
    }
}
