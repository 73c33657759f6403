package boldwedge.server.crib;

import java.time.LocalDate;
import java.util.UUID;

/**
 * A tool was ground; told within the transaction that keeps it.
 *
 * @param tool which
 * @param grind id of the record
 * @param onDay when
 */
public record ToolGround(UUID tool, UUID grind, LocalDate onDay) {}
