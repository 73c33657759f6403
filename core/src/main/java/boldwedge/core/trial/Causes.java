package boldwedge.core.trial;

import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/** Takes the causes that rules name, and tells them in the asker's units. */
public final class Causes {
    private final UnitFormat say;
    private final List<Named> named = new ArrayList<>();

    Causes(UnitFormat say) {
        this.say = say;
    }

    /**
     * Names a cause.
     *
     * @param id stable name
     * @param title the cause in words
     * @param fit how well its computed effect matches what was seen, 0 to 1
     */
    public Named name(String id, String title, double fit) {
        Named cause = new Named(id, title, fit);
        named.add(cause);
        return cause;
    }

    /** Those that are worth a line, the likeliest first; what two rules name is told once, by the one that it fits better. */
    Ranked ranked() {
        Set<String> told = new HashSet<>();
        List<Named> worth = named.stream()
                .filter(cause -> cause.fit > Cause.LEAST_FIT)
                .sorted(Comparator.comparingDouble((Named cause) -> cause.fit).reversed())
                .filter(cause -> told.add(cause.id))
                .toList();
        return new Ranked(
                worth.stream().map(cause -> cause.told(say)).toList(),
                worth.isEmpty() ? Optional::empty : worth.getFirst().remedy);
    }

    /**
     * How well an effect fits what was seen: 1 where they are the same, less the further apart they are, after Gauss.
     *
     * @param misfit how far apart
     * @param sigma how far apart is still likely, in the same unit; above 0
     */
    public static double fit(double misfit, double sigma) {
        return Math.exp(-misfit * misfit / (2 * sigma * sigma));
    }

    /** A cause that is named; what it explains and how its fit came about are added. */
    public static final class Named {
        private final String id;
        private final String title;
        private final double fit;
        private String explains = "";
        private List<Working> working = List.of();
        private Supplier<Optional<Remedy>> remedy = Optional::empty;

        private Named(String id, String title, double fit) {
            this.id = id;
            this.title = title;
            this.fit = fit;
        }

        /** Which sign it explains, with the numbers in the blanks {@code %s}. */
        public Named says(String sign, Object... blanks) {
            explains = blanks.length == 0 ? sign : Written.words(sign, blanks);
            return this;
        }

        /** How the fit came about. */
        public Named by(Working... lines) {
            working = List.of(lines);
            return this;
        }

        /** What is done about it; worked out only for the likeliest. */
        public Named then(Supplier<Optional<Remedy>> what) {
            remedy = what;
            return this;
        }

        /** What is done about it, and what that should do. */
        public Named then(Fix fix, String expected) {
            return then(() -> Optional.of(new Remedy(fix, expected)));
        }

        private Cause told(UnitFormat say) {
            return new Cause(
                    id,
                    title,
                    explains,
                    fit,
                    working.stream().map(line -> line.told(say)).toList());
        }
    }
}
