package boldwedge.core.trial;

import boldwedge.core.language.finding.Fix;

/**
 * A change against a cause, with what it should do.
 *
 * @param fix the change
 * @param expected its effect, in a sentence with figures
 * @param left how much of the error it leaves; the less the better, whatever it is measured in
 */
public record Remedy(Fix fix, String expected, double left) {
    /** One that is not compared with others. */
    public Remedy(Fix fix, String expected) {
        this(fix, expected, 0);
    }
}
