package boldwedge.core.proof;

import boldwedge.core.proof.Taught.Of;
import boldwedge.core.proof.Taught.Sum;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The lessons of kept trials, added up by what they are about. A trial on a bar whose stiffness was measured teaches the cutting
 * force, of this lathe in this material with any bar; one on a bar that was not measured teaches its spring, of this lathe,
 * material and bar alone.
 */
public final class Lessons {
    private final Map<String, Sum> sums = new HashMap<>();

    /**
     * What a trial, or a question, is about.
     *
     * @param lathe the lathe
     * @param material the material
     * @param bar the bar with its material, by its size
     * @param measured whether the stiffness at its point was measured
     */
    public record About(String lathe, String material, String bar, boolean measured) {
        private String force() {
            return "force|" + lathe + '|' + material;
        }

        private String spring() {
            return "spring|" + lathe + '|' + material + '|' + bar;
        }

        /** What a trial of this teaches. */
        public String subject() {
            return measured ? force() : spring();
        }

        /** Whatever may count for a question of this. */
        public List<String> subjects() {
            return measured ? List.of(force()) : List.of(spring(), force());
        }
    }

    /** Takes a trial in. */
    public void add(About about, Taught.Trial trial) {
        trial.lesson()
                .ifPresent(lesson ->
                        sums.merge(about.subject(), Sum.NONE.plus(lesson), (before, one) -> before.plus(lesson)));
    }

    /** Takes lessons in that have been added up. */
    public void put(String subject, Sum sum) {
        sums.put(subject, sum);
    }

    /** What counts for this: the bar's own spring where it was not measured and has been tried; else the force. */
    public Taught taught(About about) {
        Sum ofBar = sums.getOrDefault(about.spring(), Sum.NONE);
        if (!about.measured() && ofBar.trials() > 0) {
            return Taught.by(Of.SPRING, ofBar);
        }
        Sum ofForce = sums.getOrDefault(about.force(), Sum.NONE);
        return ofForce.trials() == 0 ? Taught.NOTHING : Taught.by(Of.FORCE, ofForce);
    }
}
