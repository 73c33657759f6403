package boldwedge.core.planning;

/**
 * A colour to compare with by eye, rough.
 *
 * @param colour how a screen shows it, #rrggbb
 * @param words what it is called
 * @param label what it stands for, such as a temperature in both systems
 * @param here whether it is the one that is reckoned
 */
public record Swatch(String colour, String words, String label, boolean here) {}
