package boldwedge.core.family;

/**
 * A solid as a file.
 *
 * @param name what the file is called
 * @param stl it in STL, millimetres
 */
public record Solid(String name, String stl) {}
