package boldwedge.server.exchange;

import boldwedge.server.crib.GrindRecord;
import boldwedge.server.crib.ToolRecord;
import boldwedge.server.jobs.JobRecord;
import boldwedge.server.jobs.Tick;
import boldwedge.server.photo.PhotoRecord;
import boldwedge.server.plan.CutRecord;
import boldwedge.server.shop.LatheRecord;
import boldwedge.server.stock.StockLine;
import boldwedge.server.stock.StockMove;
import boldwedge.server.trial.TrialRecord;
import boldwedge.server.week.Week;

/**
 * A shop, or a part of one, as a file: JSON with one list for each kind of record; the form is described by
 * {@code /api/exchange/schema.json}. It is read and written record by record, so that its size does not matter.
 */
final class ShopDocument {
    /** What the file calls itself. */
    static final String FORMAT = "bold-wedge-shop";

    /**
     * The version that this program writes: the seventh has the drawers and what became of what lies in them; the sixth has the week, jobs and their ticks; from the fifth on a trial may bear that it is set aside. From the fourth on records bear what a file said of who saved them; the third has photos; from the second
     * on records bear when and by whom they were saved.
     */
    static final int VERSION = 7;

    /** The first version; all since are read. */
    static final int FIRST_VERSION = 1;

    private ShopDocument() {}

    /** The lists in the order in which they are written, so that what is referred to comes first. */
    enum Section {
        LATHES("lathes", "lathe", LatheRecord.class),
        CUTS("cuts", "cut", CutRecord.class),
        TOOLS("tools", "tool", ToolRecord.class),
        GRINDS("grinds", "grind", GrindRecord.class),
        TRIALS("trials", "trial", TrialRecord.class),
        PHOTOS("photos", "photo", PhotoRecord.class),
        WEEKS("weeks", "week", Week.class),
        JOBS("jobs", "job", JobRecord.class),
        TICKS("ticks", "tick", Tick.class),
        STOCK("stock", "thing in a drawer", StockLine.class),
        MOVES("moves", "movement", StockMove.class);

        final String list;
        final String one;
        final Class<?> form;

        Section(String list, String one, Class<?> form) {
            this.list = list;
            this.one = one;
            this.form = form;
        }
    }
}
