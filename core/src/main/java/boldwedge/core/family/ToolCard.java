package boldwedge.core.family;

import boldwedge.core.planning.Entry;
import java.util.List;
import java.util.Map;

/**
 * How the card of a kept tool shows it.
 *
 * @param fields what it shows, in order
 * @param shows what it calls them, where it is not what they are called beside their input
 * @param drawing id of its drawing
 * @param sample a job that any such thing can do, to draw it in
 * @param figure id of a figure; empty for none
 * @param figureNeeds field without which that figure tells nothing of the thing itself
 */
public record ToolCard(
        List<Entry> fields,
        Map<Entry, String> shows,
        String drawing,
        Map<Entry, String> sample,
        String figure,
        String figureNeeds) {

    ToolCard calling(Map<Entry, String> names) {
        return new ToolCard(fields, names, drawing, sample, figure, figureNeeds);
    }

    ToolCard drawnIn(Map<Entry, String> job) {
        return new ToolCard(fields, shows, drawing, job, figure, figureNeeds);
    }

    ToolCard showing(String figureId, Entry needs) {
        return new ToolCard(fields, shows, drawing, sample, figureId, needs.id());
    }
}
