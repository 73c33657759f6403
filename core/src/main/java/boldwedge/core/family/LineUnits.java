package boldwedge.core.family;

import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.Entry;
import java.util.Optional;

/**
 * The units of a line's bare numbers: those that its other numbers are written in, where these are not the shop's.
 *
 * @param follow the units that bare numbers follow; empty where they are the shop's
 */
record LineUnits(Optional<UnitSystem> follow) {
    static final LineUnits NONE = new LineUnits(Optional.empty());

    /** A bare number that follows others in inches is one of inches up to here. */
    private static final double MOST_INCHES = 12;

    /** Those of a line, where no number is written in the shop's. */
    static LineUnits of(LineWords words, UnitSystem shop) {
        boolean inches = false;
        boolean millimetres = false;
        for (int i = 0; i < words.size(); i++) {
            inches |= words.isOpen(i) && ShopLine.isInches(words.get(i));
            millimetres |= words.isOpen(i) && ShopLine.isMillimetres(words.get(i));
        }
        return inches == millimetres || (inches && isFar(words))
                ? NONE
                : new LineUnits(Optional.of(inches ? UnitSystem.INCH : UnitSystem.METRIC)
                        .filter(other -> other != shop));
    }

    /** Whether some bare size is no size in inches: then none of them is. */
    private static boolean isFar(LineWords words) {
        for (int i = 0; i < words.size(); i++) {
            boolean size = words.isOpen(i) && ShopLine.isBare(words.get(i)) && !ShopWords.isNumbered(words.low(i));
            boolean turns = i + 1 < words.size() && words.low(i + 1).equals("rpm");
            if (size && !turns && isFar(words.get(i))) {
                return true;
            }
        }
        return false;
    }

    private static boolean isFar(String word) {
        return TypedCut.mm(word, UnitSystem.METRIC) > MOST_INCHES;
    }

    /** What they are, in words. */
    String words() {
        return follow.equals(Optional.of(UnitSystem.INCH)) ? "inches" : "mm";
    }

    /** A number as it is meant: with the unit that the others bear, where it bears none. */
    String asMeant(Entry entry, String word) {
        if (follow.isEmpty()) {
            return word;
        }
        boolean inch = follow.get() == UnitSystem.INCH;
        Optional<Quantity> quantity = entry.limits().map(limits -> limits.quantity());
        if (quantity.equals(Optional.of(Quantity.ROUGHNESS)) && word.matches("(?i)ra [\\d.]+")) {
            return word + (inch ? " µin" : " µm");
        }
        // "1/2 through 25 plate" is no plate of 25 inches in a shop that measures in millimetres.
        boolean follows =
                quantity.equals(Optional.of(Quantity.LENGTH)) && ShopLine.isBare(word) && !(inch && isFar(word));
        return follows ? word + (inch ? " in" : " mm") : word;
    }
}
