package boldwedge.server.shop;

import java.util.UUID;

/**
 * A lathe's card has changed, or the lathe is gone; told within the transaction that does it.
 *
 * @param id the lathe's
 */
public record LatheChanged(UUID id) {}
