package boldwedge.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** The program's advice is followed in a shop with hidden faults; always the same jobs, so that what moves is the advice. */
class LoopTest {
    private static final int JOBS = 180;
    private static final long SEED = 26;

    /** What is wanted, but for what so few jobs cannot tell. */
    @Test
    void whoFollowsTheAdviceGetsThere() {
        Loop.Tally tally = Loop.run(JOBS, SEED, false);
        assertThat(tally.inTolerance()).isGreaterThanOrEqualTo(0.98);
        assertThat(tally.hardInTolerance()).isGreaterThanOrEqualTo(0.85);
        assertThat(tally.causeFirst()).isGreaterThanOrEqualTo(0.72);
        assertThat(tally.causeInThree()).isGreaterThanOrEqualTo(0.95);
        assertThat(tally.sizesCovered()).isBetween(0.88, 0.97);
        assertThat(tally.tapersCovered()).isBetween(0.88, 0.97);
        assertThat(tally.madeWorse()).isLessThanOrEqualTo(0.05);
        assertThat(tally.leftByTeaching()).isLessThanOrEqualTo(0.6);
    }
}
