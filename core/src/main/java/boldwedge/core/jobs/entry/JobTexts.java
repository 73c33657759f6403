package boldwedge.core.jobs.entry;

import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * A job as it was typed.
 *
 * @param lots what is made
 * @param stock lengths that lie there
 * @param kerf what the saw takes
 * @param grip what is held last and cannot be sawn
 * @param cuts ids of the cuts that are taken on one piece in one chucking
 * @param out how far that stands out of the chuck; empty: as far as they need
 */
public record JobTexts(
        List<LotTexts> lots, List<StockTexts> stock, String kerf, String grip, List<String> cuts, String out) {
    /** What is read from a sheet that was written before it had them has none. */
    @SuppressWarnings("ConstantValue") // JSON knows no such promise
    public JobTexts {
        cuts = Objects.requireNonNullElse(cuts, List.of());
        out = Objects.requireNonNullElse(out, "");
    }

    /** A job of which no piece is cut whole in one chucking. */
    public JobTexts(List<LotTexts> lots, List<StockTexts> stock, String kerf, String grip) {
        this(lots, stock, kerf, grip, List.of(), "");
    }

    /**
     * Pieces that are all made the same way.
     *
     * @param id stable name within the job
     * @param name what they are
     * @param wanted how many are wanted
     * @param spare how many more are made; empty: none
     * @param fromBar which bar they are sawn from; empty where there is only one kind
     * @param length finished length; empty where nothing is sawn
     * @param facing what both ends together lose when they are faced
     * @param steel id of the steel, where it is hardened
     * @param section its thickest section
     * @param operations what is done, in order
     */
    public record LotTexts(
            String id,
            String name,
            String wanted,
            String spare,
            String fromBar,
            String length,
            String facing,
            String steel,
            String section,
            List<OperationTexts> operations) {}

    /**
     * An operation as it was typed.
     *
     * @param id stable name within the job
     * @param name what is done
     * @param machine id of a machine or place; empty at the bench
     * @param holding how it is held and with which cutter
     * @param setUp minutes once; of what waits, for the whole load
     * @param each minutes a piece
     * @param waits whether it waits by itself
     * @param unbroken whether no break may lie in it
     * @param gauge whether the first piece goes alone up to here
     * @param when {@code ANY}, {@code NOT_LAST_HALF_HOUR} or {@code DAYLIGHT}; empty: any
     * @param bond "at once", "within 30 min", "after 20 min" or both with a comma; empty: whenever there is time
     * @param bondTo id of the operation that the bond is to; empty: the one before
     * @param after ids of operations of other lots that must be done first
     * @param habit the step of a route that it came from, "family/step"; empty where it was typed
     * @param opens what a cut is asked that this operation is, by field; empty where it is none
     * @param tool id of the crib's tool that cuts it, whose edge it clocks; empty where none does
     */
    public record OperationTexts(
            String id,
            String name,
            String machine,
            String holding,
            String setUp,
            String each,
            boolean waits,
            boolean unbroken,
            boolean gauge,
            String when,
            String bond,
            String bondTo,
            List<String> after,
            String habit,
            Map<String, String> opens,
            String tool) {
        /** What is read from a sheet that was written before it had them has none. */
        @SuppressWarnings("ConstantValue") // JSON knows no such promise
        public OperationTexts {
            opens = Objects.requireNonNullElse(opens, Map.of());
            tool = Objects.requireNonNullElse(tool, "");
        }

        /** An operation that is no cut of its own. */
        public OperationTexts(
                String id,
                String name,
                String machine,
                String holding,
                String setUp,
                String each,
                boolean waits,
                boolean unbroken,
                boolean gauge,
                String when,
                String bond,
                String bondTo,
                List<String> after,
                String habit) {
            this(
                    id, name, machine, holding, setUp, each, waits, unbroken, gauge, when, bond, bondTo, after, habit,
                    Map.of(), "");
        }
    }

    /**
     * Lengths of a bar that lie there.
     *
     * @param bar which bar; empty where there is only one kind
     * @param lengths such as "355 x 2, 500"
     */
    public record StockTexts(String bar, String lengths) {}
}
