package boldwedge.core.proof;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.proof.Lessons.About;
import boldwedge.core.proof.Taught.Of;
import boldwedge.core.proof.Taught.Trial;
import org.junit.jupiter.api.Test;

class LessonsTest {
    private static final Trial STIFFER = new Trial(0.02, 0.03);

    private static About about(String bar, boolean measured) {
        return new About("lathe", "bronze", bar, measured);
    }

    @Test
    void aTrialOnAnUnmeasuredBarTeachesThatBarsSpringAlone() {
        Lessons lessons = new Lessons();
        lessons.add(about("10", false), STIFFER);
        assertThat(lessons.taught(about("10", false)).of()).isEqualTo(Of.SPRING);
        assertThat(lessons.taught(about("10", false)).trials()).isEqualTo(1);
        assertThat(lessons.taught(about("12", false))).isEqualTo(Taught.NOTHING);
        // Once its stiffness is measured, what was learnt of the spring no longer counts.
        assertThat(lessons.taught(about("10", true))).isEqualTo(Taught.NOTHING);
    }

    @Test
    void aTrialOnAMeasuredBarTeachesTheForceForEveryBar() {
        Lessons lessons = new Lessons();
        lessons.add(about("10", true), STIFFER);
        assertThat(lessons.taught(about("10", true)).of()).isEqualTo(Of.FORCE);
        assertThat(lessons.taught(about("16", false)).of()).isEqualTo(Of.FORCE);
        assertThat(lessons.taught(new About("lathe", "steel", "10", true))).isEqualTo(Taught.NOTHING);
        assertThat(lessons.taught(new About("other", "bronze", "10", true))).isEqualTo(Taught.NOTHING);
        // A bar's own trial says more of it than the force does.
        lessons.add(about("16", false), STIFFER);
        assertThat(lessons.taught(about("16", false)).of()).isEqualTo(Of.SPRING);
    }
}
