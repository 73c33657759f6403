package boldwedge.core.trial;

import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import java.util.ArrayList;
import java.util.List;

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

    /** Those that are worth a line, the likeliest first. */
    List<Cause> ranked() {
        return Cause.ranked(named.stream()
                .map(cause -> new Cause(
                        cause.id,
                        cause.title,
                        cause.explains,
                        cause.fit,
                        cause.working.stream().map(line -> line.told(say)).toList()))
                .toList());
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
    }
}
