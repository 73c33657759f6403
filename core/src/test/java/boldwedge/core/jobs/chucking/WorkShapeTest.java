package boldwedge.core.jobs.chucking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

class WorkShapeTest {
    @Test
    void aStepAndABoreLeaveAWall() {
        WorkShape outside = new WorkShape(45);
        outside.reduce(0, 20, 40);
        WorkShape hole = new WorkShape(0);
        hole.widen(0, 30, 36);
        assertThat(outside.most(0, 30)).isEqualTo(45);
        assertThat(outside.most(0, 20)).isEqualTo(40);
        assertThat(outside.wall(hole, 60)).isEqualTo(2);
        assertThat(hole.least(0, 31)).isZero();
    }

    /** Against the same in slices of a millimetre. */
    @Test
    void asInSlices() {
        Random random = new Random(99);
        for (int i = 0; i < 300; i++) {
            WorkShape shape = new WorkShape(100);
            double[] slices = new double[50];
            java.util.Arrays.fill(slices, 100);
            for (int k = 0; k < 8; k++) {
                int from = random.nextInt(49);
                int to = from + 1 + random.nextInt(50 - from - 1);
                double d = 1 + random.nextInt(120);
                boolean wider = random.nextBoolean();
                if (wider) {
                    shape.widen(from, to, d);
                } else {
                    shape.reduce(from, to, d);
                }
                for (int s = from; s < to; s++) {
                    slices[s] = wider ? Math.max(slices[s], d) : Math.min(slices[s], d);
                }
            }
            for (int s = 0; s < 50; s++) {
                assertThat(shape.at(s + 0.5)).isEqualTo(slices[s]);
            }
            assertThat(shape.least(0, 50))
                    .isEqualTo(java.util.Arrays.stream(slices).min().orElseThrow());
            assertThat(shape.most(10, 20))
                    .isEqualTo(java.util.Arrays.stream(slices, 10, 20).max().orElseThrow());
        }
    }
}
