package boldwedge.core.language.stock;

import boldwedge.core.language.measure.Table;

/**
 * The undercut behind an outside thread.
 *
 * @param pitchMm pitch of the thread
 * @param underMm how far its bottom lies under the thread's diameter, on the diameter
 * @param widthMm the most that it is wide
 * @param source citations, joined
 */
public record ThreadRelief(double pitchMm, double underMm, double widthMm, String source) {
    static ThreadRelief of(Table.Row row, String cited) {
        return new ThreadRelief(row.number("pitch"), row.number("under"), row.number("width"), cited);
    }
}
