package boldwedge.core.proof;

import java.util.List;

/**
 * All that trials have taught of what a question is about.
 *
 * @param all what has been tried, what counts most first
 */
public record Teachings(List<Taught> all) {
    /** Nothing was tried. */
    public static final Teachings NONE = new Teachings(List.of());

    /** One thing that was taught. */
    public static Teachings of(Taught taught) {
        return taught.trials() == 0 ? NONE : new Teachings(List.of(taught));
    }

    /** What was taught of sizes, the spring or the force: what counts most. */
    public Taught ofSize() {
        return all.stream()
                .filter(taught -> taught.of() == Taught.Of.SPRING || taught.of() == Taught.Of.FORCE)
                .findFirst()
                .orElse(Taught.NOTHING);
    }

    /** What is known of one thing. */
    public Taught of(Taught.Of what) {
        return all.stream().filter(taught -> taught.of() == what).findFirst().orElse(Taught.NOTHING);
    }
}
