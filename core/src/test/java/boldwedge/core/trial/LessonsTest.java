package boldwedge.core.trial;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.trial.Calibration.Of;
import boldwedge.core.trial.Calibration.Trial;
import boldwedge.core.trial.Lessons.About;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What is learnt of a machine from kept trials. */
@Tag("written")
class LessonsTest {
    private static final Trial STIFFER = new Trial(0.02, 0.03);

    private static About about(String bar, boolean measured) {
        return About.ofBar("lathe", "bronze", bar, measured);
    }

    @Test
    void aTrialOnAnUnmeasuredBarTeachesThatBarsSpringAlone() {
        Lessons lessons = new Lessons();
        lessons.add(about("10", false), STIFFER);
        assertThat(lessons.taught(about("10", false)).ofSize().of()).isEqualTo(Of.SPRING);
        assertThat(lessons.taught(about("10", false)).ofSize().trials()).isEqualTo(1);
        assertThat(lessons.taught(about("12", false)).ofSize()).isEqualTo(Calibration.NOTHING);
        // Once its stiffness is measured, what was learnt of the spring no longer counts.
        assertThat(lessons.taught(about("10", true)).ofSize()).isEqualTo(Calibration.NOTHING);
    }

    @Test
    void aTrialOnAMeasuredBarTeachesTheForceForEveryBar() {
        Lessons lessons = new Lessons();
        lessons.add(about("10", true), STIFFER);
        assertThat(lessons.taught(about("10", true)).ofSize().of()).isEqualTo(Of.FORCE);
        assertThat(lessons.taught(about("16", false)).ofSize().of()).isEqualTo(Of.FORCE);
        assertThat(lessons.taught(About.ofBar("lathe", "steel", "10", true)).ofSize())
                .isEqualTo(Calibration.NOTHING);
        assertThat(lessons.taught(About.ofBar("other", "bronze", "10", true)).ofSize())
                .isEqualTo(Calibration.NOTHING);
        // A bar's own trial says more of it than the force does.
        lessons.add(about("16", false), STIFFER);
        assertThat(lessons.taught(about("16", false)).ofSize().of()).isEqualTo(Of.SPRING);
    }

    @Test
    void severalThingsAreTaughtOfOneQuestion() {
        Lessons lessons = new Lessons();
        Lessons.Subject drill = Lessons.Subject.of(Of.DRILLED, "lathe", "bronze");
        Lessons.Subject reamer = Lessons.Subject.of(Of.REAMED, "lathe", "bronze");
        lessons.add(About.of("lathe", drill), STIFFER);
        About question = new About("lathe", reamer, List.of(reamer, drill));
        assertThat(lessons.taught(question).of(Of.DRILLED).trials()).isEqualTo(1);
        assertThat(lessons.taught(question).of(Of.REAMED)).isEqualTo(Calibration.NOTHING);
        lessons.add(question, STIFFER);
        assertThat(lessons.taught(question).of(Of.REAMED).factor()).isGreaterThan(1);
        assertThat(lessons.taught(question).all().getFirst().of()).isEqualTo(Of.REAMED);
    }
}
