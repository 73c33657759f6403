package boldwedge.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.trial.Calibration.Lesson;
import boldwedge.core.trial.Calibration.Of;
import boldwedge.core.trial.Calibration.Sum;
import org.junit.jupiter.api.Test;

/** What a trial would teach, by hand: a prior of spread 1/2 about 0 has the precision 4. */
class TeachingTest {
    private static final UnitFormat MM = new UnitFormat(UnitSystem.METRIC);

    @Test
    void aFirstTrialDrawsTheFactorTowardsWhatItSays() {
        Teaching first = Teaching.of(Of.SPRING, Sum.NONE, new Lesson(Math.log(1.5), 20));
        assertThat(first.after().factor()).isCloseTo(Math.exp(20 * Math.log(1.5) / 24), within(1e-12));
        assertThat(first.isFar()).isFalse();
        assertThat(first.sentence(MM))
                .isEqualTo("Bar, holder and work give 1.4 times what was reckoned, by one trial.");
    }

    @Test
    void aLessonFarFromWhatWasReckonedIsAskedAbout() {
        Sum known = Sum.NONE.plus(new Lesson(0, 20));
        Teaching far = Teaching.of(Of.SPRING, known, new Lesson(Math.log(4), 20));
        assertThat(far.isFar()).isTrue();
        assertThat(far.after().factor()).isCloseTo(Math.exp(20 * Math.log(4) / 44), within(1e-12));
        assertThat(far.sentence(MM))
                .contains("by 2 trials; so far 1 times what was reckoned.")
                .contains("This trial alone says 4 times what was reckoned")
                .contains("record only");
        assertThat(Teaching.of(Of.SPRING, known, new Lesson(-Math.log(4), 20)).isFar())
                .isTrue();
    }

    /** The tailstock is usually within 0.03 mm; in inches it is told in thou. */
    @Test
    void whatIsAddedIsToldAsALength() {
        Teaching tail = Teaching.of(Of.TAIL, Sum.NONE, new Lesson(0.05, 1e6));
        assertThat(tail.isFar()).isFalse();
        assertThat(tail.sentence(MM))
                .startsWith("The tailstock’s centre stands 0.05 mm away from the tool, by one trial.");
        assertThat(tail.sentence(new UnitFormat(UnitSystem.INCH))).contains("thou");
        assertThat(Teaching.of(Of.TAIL, Sum.NONE, new Lesson(-0.08, 1e6)).isFar())
                .isTrue();
        assertThat(Teaching.of(Of.HEAD, Sum.NONE, new Lesson(-1e-4, 1e12)).sentence(MM))
                .startsWith("The spindle’s axis runs off 0.01 mm over 100 mm towards the tool");
        assertThat(Teaching.of(Of.DIAL, Sum.NONE, new Lesson(-0.01, 1e8)).sentence(MM))
                .startsWith("Beside what is dialled, diameters come out 0.01 mm smaller");
    }

    /** What was heard cannot be read wrong. */
    @Test
    void whatWasHeardIsNeverFar() {
        assertThat(Teaching.of(Of.QUIET, Sum.NONE, new Lesson(Math.log(3), 1)).isFar())
                .isFalse();
    }
}
