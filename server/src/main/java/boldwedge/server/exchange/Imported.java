package boldwedge.server.exchange;

/**
 * What an import did.
 *
 * @param added records that were new
 * @param there records that were already there and were left as they are
 * @param sentence the same in words
 */
public record Imported(int added, int there, String sentence) {}
