package boldwedge.core.language.stock;

import boldwedge.core.language.words.Worded;
import java.util.List;

/**
 * A steel that can be hardened.
 *
 * @param id key in the table and the API
 * @param name with its designations
 * @param kind what it is made for
 * @param quench what it is cooled in
 * @param hardenC hardening range, °C: low, usual, high
 * @param soakBaseMin minutes of soak whatever the section
 * @param soakPerMmMin and per millimetre of section
 * @param throughMm largest round section that hardens through, mm
 * @param asQuenched hardness as quenched, HRC
 * @param tempering hardness after an hour's temper, the coolest first
 * @param growth linear growth as a share, low, usual, high
 * @param skinMm scale and soft skin on each side when it is heated bare, mm
 * @param shellMm depth of the hard shell of a thicker section, mm; 0 where the table tells nothing
 * @param source citations, joined
 */
public record ToolSteel(
        String id,
        String name,
        Kind kind,
        Quench quench,
        Span hardenC,
        double soakBaseMin,
        double soakPerMmMin,
        double throughMm,
        Span asQuenched,
        List<Temper> tempering,
        Span growth,
        double skinMm,
        double shellMm,
        String source) {
    /** What a steel is made for. */
    public enum Kind {
        TOOL,
        ALLOY,
        CASE
    }

    /** What a steel is cooled in. */
    public enum Quench implements Worded {
        WATER,
        OIL,
        AIR
    }

    /** A point of the tempering curve. */
    public record Temper(double celsius, double hrc) {}
}
