package boldwedge.core.jobs.entry;

import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.planning.Asked;
import boldwedge.core.planning.Entry;

/** What is asked of an edge that wears. */
public enum EdgeLifeField implements Entry {
    WEAR(Asked.of("wearLand", "Wear land on the flank", Station.CRIB, Entry.length(0, 5))),
    CLEARANCE(Asked.of("wornClearance", "Clearance of that flank", Station.CRIB, Entry.degrees(1, 40))),
    STOCK(Asked.of("stockLeft", "Stock that can still be ground off", Station.CRIB, Entry.length(0, 200))),
    LIFE(Asked.of("edgeLife", "It lasts, cutting", Station.CRIB, new Limits(Quantity.TIME, 0.1, 10_000))),
    PIECE(Asked.of("pieceCuts", "It cuts in each piece", Station.CRIB, new Limits(Quantity.TIME, 0.01, 10_000))),
    WANTED(Asked.of("piecesWanted", "Pieces wanted", Station.CRIB, new Limits(Quantity.RATIO, 1, 100_000))),
    EXPONENT(Asked.of("taylorN", "Taylor’s exponent", Station.CRIB, new Limits(Quantity.RATIO, 0.05, 0.9))),
    CHANGE(Asked.of("changeTakes", "Changing it takes", Station.CRIB, new Limits(Quantity.TIME, 0.05, 1000))),
    EDGE_COST(Asked.of("edgeCost", "An edge costs", Station.CRIB, new Limits(Quantity.RATIO, 0, 1e6))),
    MINUTE_COST(Asked.of(
            "minuteCost", "A minute of machine and hands costs", Station.CRIB, new Limits(Quantity.RATIO, 1e-6, 1e6))),
    BREAKAGES(Asked.of("breakages", "Break until new ones come", Station.CRIB, new Limits(Quantity.RATIO, 0, 500)));

    private final Asked asked;

    EdgeLifeField(Asked asked) {
        this.asked = asked;
    }

    @Override
    public Asked asked() {
        return asked;
    }
}
