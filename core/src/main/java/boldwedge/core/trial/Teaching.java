package boldwedge.core.trial;

import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;

/**
 * What a trial would teach if it were kept, told before it is.
 *
 * @param of what it is about
 * @param before what was known of it, the trial left out
 * @param after what would be known
 * @param alone what the trial would say by itself: measured over reckoned, or the value itself of what is added
 */
public record Teaching(Calibration.Of of, Calibration before, Calibration after, double alone) {
    /** A lesson that says more than the double, or less than the half, is asked about. */
    private static final double FAR = 2;

    /** Of what is added, so many times what is usual. */
    private static final double FAR_ADDED = 2;

    private static final double PER_MM = 100;

    /**
     * Of a lesson.
     *
     * @param known what lessons of the same thing have added up to
     */
    public static Teaching of(Calibration.Of of, Calibration.Sum known, Calibration.Lesson lesson) {
        return new Teaching(
                of,
                Calibration.by(of, known),
                Calibration.by(of, known.plus(lesson)),
                of.usual() > 0 ? lesson.logarithm() : Math.exp(lesson.logarithm()));
    }

    /** Whether it is so far from what was reckoned that a wrong setting or reading is as likely. What was heard of a cut is no size that could be read wrong. */
    public boolean isFar() {
        if (of == Calibration.Of.QUIET) {
            return false;
        }
        return of.usual() > 0 ? Math.abs(alone) > FAR_ADDED * of.usual() : Math.abs(Math.log(alone)) > Math.log(FAR);
    }

    /** In a sentence: what would be known, what was, and what this trial alone says where that is far. */
    public String sentence(UnitFormat say) {
        String trials = after.trials() == 1 ? "one trial" : after.trials() + " trials";
        String was = before.trials() == 0 ? "" : "; so far " + figure(before.factor(), say);
        String far = isFar()
                ? " This trial alone says " + figure(alone, say)
                        + ": if something was set or read wrong, keep it as a record only."
                : "";
        return Written.words("%s %s, by %s%s.%s", subject(), figure(after.factor(), say), trials, was, far);
    }

    private String subject() {
        return switch (of) {
            case SPRING -> "Bar, holder and work give";
            case FORCE -> "The cut pushes";
            case DRILLED -> "Drilled holes come out over their drill";
            case REAMED -> "Reamed holes come out over their reamer";
            case WEAR -> "A reamer wears";
            case QUIET -> "It sings from a depth of";
            case HEAD -> "The spindle’s axis runs off";
            case TAIL -> "The tailstock’s centre stands";
            case DIAL -> "Beside what is dialled, diameters come out";
        };
    }

    private static String aside(double value) {
        return value < 0 ? " towards the tool" : " away from the tool";
    }

    private String figure(double value, UnitFormat say) {
        return switch (of) {
            case HEAD -> say.length(Math.abs(value) * PER_MM) + " over " + say.length(PER_MM) + aside(value);
            case TAIL -> say.length(Math.abs(value)) + aside(value);
            case DIAL -> say.length(Math.abs(value)) + (value < 0 ? " smaller" : " larger");
            default -> say.number(value, 2) + " times what was reckoned";
        };
    }
}
