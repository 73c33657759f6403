package boldwedge.core.language.words;

/**
 * A constant of an enum that people read by its words. They stand in the nearest {@code words.properties}, of its own package or of
 * one above, so that they are read and mended without touching the program; {@code WordedTest} holds that none is missing there and
 * none left over.
 */
public interface Worded {
    /** The constant's own name: every enum has it. */
    String name();

    /** As it stands in a sentence or in a list. */
    default String words() {
        return WordsFile.words((Enum<?>) this);
    }
}
