package boldwedge.core.planning;

import boldwedge.core.language.finding.Station;
import java.util.List;

/**
 * What a station of a cut shows.
 *
 * @param station which
 * @param name what it is called, where its family has a better word than the usual one; else empty
 * @param scenes ids of its drawings, the first one first
 * @param keys ids of its key figures
 * @param picks choices beside its drawing
 * @param settings values typed beside its drawing
 * @param panels parts that the page draws by hand
 * @param swatches colours to compare with by eye
 * @param card what its list of steps is called; empty where it has none
 */
public record StationPage(
        Station station,
        String name,
        List<String> scenes,
        List<String> keys,
        List<String> picks,
        List<String> settings,
        List<Panel> panels,
        List<Swatch> swatches,
        String card) {
    /** A station with drawings and key figures. */
    public static StationPage of(Station station, List<String> scenes, List<String> keys) {
        return new StationPage(station, "", scenes, keys, List.of(), List.of(), List.of(), List.of(), "");
    }

    /** The same by a name of its family's own. */
    public StationPage named(String word) {
        return new StationPage(station, word, scenes, keys, picks, settings, panels, swatches, card);
    }

    /** The same with choices beside its drawing. */
    public StationPage picking(Entry... choices) {
        return new StationPage(station, name, scenes, keys, Entry.ids(choices), settings, panels, swatches, card);
    }

    /** The same with values typed beside its drawing. */
    public StationPage setting(Entry... values) {
        return new StationPage(station, name, scenes, keys, picks, Entry.ids(values), panels, swatches, card);
    }

    /** The same with parts that the page draws by hand. */
    public StationPage with(Panel... byHand) {
        return new StationPage(station, name, scenes, keys, picks, settings, List.of(byHand), swatches, card);
    }

    /** The same with colours to compare with. */
    public StationPage comparing(List<Swatch> colours) {
        return new StationPage(station, name, scenes, keys, picks, settings, panels, colours, card);
    }

    /** The making, whose steps stand on a card of this name. */
    public static StationPage making(String card) {
        return new StationPage(
                Station.MAKE, "", List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), card);
    }
}
