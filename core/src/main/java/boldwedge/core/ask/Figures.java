package boldwedge.core.ask;

import boldwedge.core.finding.Station;
import boldwedge.core.measure.Written;
import java.util.ArrayList;
import java.util.List;

/** Collects the computed numbers of an answer, each with its unit and its words. */
public final class Figures {
    private final Say say;
    private final List<Figure> figures = new ArrayList<>();

    public Figures(Say say) {
        this.say = say;
    }

    /** The numbers, in the order in which they came. */
    public List<Figure> all() {
        return List.copyOf(figures);
    }

    /** Any number with its unit and its words. */
    public void add(String id, String label, Station station, double value, String unit, String text) {
        figures.add(new Figure(id, label, station, value, unit, text));
    }

    public void length(String id, String label, Station station, double mm) {
        add(id, label, station, mm, "mm", say.length(mm));
    }

    public void force(String id, String label, Station station, double newtons) {
        add(id, label, station, newtons, "N", say.force(newtons));
    }

    /** An angle, given in radians and told in degrees. */
    public void angle(String id, String label, Station station, double rad) {
        add(id, label, station, Math.toDegrees(rad), "deg", Written.degrees(rad));
    }

    public void rpm(String id, String label, Station station, double rpm) {
        add(id, label, station, rpm, "rpm", say.rpm(rpm));
    }

    public void surfaceSpeed(String id, String label, Station station, double metresPerMinute) {
        add(id, label, station, metresPerMinute, "m/min", say.surfaceSpeed(metresPerMinute));
    }

    public void feed(String id, String label, Station station, double mmPerRev) {
        add(id, label, station, mmPerRev, "mm/rev", say.feed(mmPerRev));
    }

    public void power(String id, String label, Station station, double watts) {
        add(id, label, station, watts, "W", say.power(watts));
    }

    public void minutes(String id, String label, Station station, double minutes) {
        add(id, label, station, minutes, "min", say.time(minutes));
    }

    /** A give, mm/N. */
    public void give(String id, String label, Station station, double mmPerN) {
        add(id, label, station, mmPerN, "mm/N", say.number(mmPerN * 1000, 3) + " µm/N");
    }
}
