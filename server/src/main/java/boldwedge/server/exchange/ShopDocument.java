package boldwedge.server.exchange;

import boldwedge.server.crib.GrindRecord;
import boldwedge.server.crib.ToolRecord;
import boldwedge.server.plan.CutRecord;
import boldwedge.server.proof.TrialRecord;
import boldwedge.server.shop.LatheRecord;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A shop, or a part of one, as a file; the form is described by {@code /api/exchange/schema.json}.
 *
 * @param format always {@value #FORMAT}
 * @param formatVersion version of the form
 */
public record ShopDocument(
        String format,
        int formatVersion,
        @Nullable List<LatheRecord> lathes,
        @Nullable List<CutRecord> cuts,
        @Nullable List<ToolRecord> tools,
        @Nullable List<GrindRecord> grinds,
        @Nullable List<TrialRecord> trials) {
    /** What the file calls itself. */
    public static final String FORMAT = "bold-wedge-shop";

    /** The version that this program writes. */
    public static final int VERSION = 1;
}
