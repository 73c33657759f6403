package boldwedge.core.planning;

import java.util.Map;

/**
 * The tool of a cut, or what holds it, as the crib would keep it.
 *
 * @param kind which kind of thing
 * @param button what the button says that keeps it
 * @param fields its own texts by field, every value written out: what is kept must not change when the advice does
 */
public record Kept(String kind, String button, Map<String, String> fields) {}
