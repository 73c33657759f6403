package boldwedge.core.planning;

import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Collects the computed numbers of an answer, each with its unit and its words. */
public final class Figures {
    private final UnitFormat say;
    private final List<Figure> figures = new ArrayList<>();
    private Station station = Station.CUT;

    public Figures(UnitFormat say) {
        this.say = say;
    }

    /** The numbers, in the order in which they came. */
    public List<Figure> all() {
        return List.copyOf(figures);
    }

    /** Those that come from here on belong to this station. */
    public void at(Station next) {
        station = next;
    }

    /** An amount. */
    public void add(String id, String label, Amount amount) {
        figures.add(Figure.of(id, label, station, amount, say));
    }

    /** A value that there may be: "none" where there is not. */
    public void add(String id, String label, Quantity quantity, OptionalDouble value) {
        if (value.isPresent()) {
            add(id, label, Amount.of(quantity, value.getAsDouble()));
        } else {
            figures.add(new Figure(id, label, station, Optional.empty(), quantity.base(), Figure.NONE));
        }
    }

    /** A plain number with words of its own. */
    public void add(String id, String label, double number, String text) {
        figures.add(
                Double.isFinite(number)
                        ? new Figure(id, label, station, Optional.of(number), "1", text)
                        : new Figure(id, label, station, Optional.empty(), "1", Figure.NONE));
    }
}
