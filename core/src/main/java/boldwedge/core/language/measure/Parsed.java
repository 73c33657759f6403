package boldwedge.core.language.measure;

import java.util.function.Function;

/**
 * What came of reading a text: a value, or a sentence that says what is wrong with the text and what would be right.
 *
 * @param <T> the kind of value read
 */
public sealed interface Parsed<T> {

    /** A value was read. */
    record Good<T>(T value) implements Parsed<T> {}

    /**
     * The text could not be read.
     *
     * @param complaint which of the listed things is wrong
     * @param sentence the same for the person who typed it, with what would be right
     */
    record Wrong<T>(Complaint complaint, String sentence) implements Parsed<T> {}

    static <T> Parsed<T> good(T value) {
        return new Good<>(value);
    }

    static <T> Parsed<T> wrong(Complaint complaint, Object... parts) {
        return new Wrong<>(complaint, complaint.sentence(parts));
    }

    /** The value, or what {@code otherwise} makes of the complaint. */
    default T orElseGet(Function<Wrong<T>, T> otherwise) {
        return switch (this) {
            case Good<T> good -> good.value();
            case Wrong<T> wrong -> otherwise.apply(wrong);
        };
    }

    /** The value, or an {@link IllegalArgumentException} that carries the sentence: for text the program itself ships. */
    default T orThrow() {
        return orElseGet(wrong -> {
            throw new IllegalArgumentException(wrong.sentence());
        });
    }
}
