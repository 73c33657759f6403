package boldwedge.core.language.stock;

import boldwedge.core.language.measure.Table;

/**
 * The groove of a retaining ring.
 *
 * @param inBore whether the ring sits in a bore
 * @param nominalMm diameter of the shaft or the bore
 * @param thickMm thickness of the ring
 * @param bottomMm diameter of the groove's bottom
 * @param tolerance of that diameter, an ISO 286 class
 * @param widthMm least width, to H13
 * @param source citations, joined
 */
public record RingGroove(
        boolean inBore,
        double nominalMm,
        double thickMm,
        double bottomMm,
        String tolerance,
        double widthMm,
        String source) {
    static RingGroove of(Table.Row row, String cited) {
        return new RingGroove(
                row.text("series").equals("bore"),
                row.number("nominal"),
                row.number("thick"),
                row.number("bottom"),
                row.text("tolerance"),
                row.number("width"),
                cited);
    }
}
