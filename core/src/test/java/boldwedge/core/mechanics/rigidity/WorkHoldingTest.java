package boldwedge.core.mechanics.rigidity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Held work against a stiffness matrix put together from beam elements and springs, and against what holds of any support. */
class WorkHoldingTest {
    private static final double NONE = Double.POSITIVE_INFINITY;

    static List<WorkHolding> shops() {
        Random some = new Random(12);
        List<Hold> holds = List.of(Hold.values());
        List<WorkHolding> all = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            all.add(new WorkHolding(
                    holds.get(i % 3),
                    20 + 600 * some.nextDouble(),
                    4 + 60 * some.nextDouble(),
                    some.nextBoolean() ? 207_000 : 70_000,
                    5_000 + 90_000 * some.nextDouble(),
                    1e6 * Math.pow(10, 3 * some.nextDouble()),
                    i % 7 == 0 ? 1 : 3_000 + 40_000 * some.nextDouble(),
                    i % 5 == 0 ? NONE : 20_000 * (1 + some.nextDouble())));
        }
        return all;
    }

    @ParameterizedTest
    @MethodSource("shops")
    void asAStiffnessMatrixHasIt(WorkHolding work) {
        for (double share : new double[] {0.03, 0.3, 0.5, 0.77, 1}) {
            double at = share * work.freeLengthMm();
            double matrix = byMatrix(work, at, at) + 1 / work.postStiffness();
            assertThat(work.complianceAt(at)).isCloseTo(matrix, within(1e-9 * matrix));
        }
    }

    /** Beam elements from chuck to load, to where it is looked at, to the end; place and slope at each joint. */
    private static double byMatrix(WorkHolding work, double load, double look) {
        double ei = work.modulusMPa() * Math.PI * Math.pow(work.diameterMm(), 4) / 64;
        double[] joints = DoubleStream.of(0, load, look, work.freeLengthMm())
                .sorted()
                .distinct()
                .toArray();
        int n = 2 * joints.length;
        RealMatrix k = new Array2DRowRealMatrix(n, n);
        for (int i = 1; i < joints.length; i++) {
            element(k, 2 * i - 2, joints[i] - joints[i - 1], ei);
        }
        k.addToEntry(0, 0, work.chuckStiffness());
        if (work.hold() != Hold.BETWEEN_CENTRES) {
            k.addToEntry(1, 1, work.chuckTilt());
        }
        if (work.hold() != Hold.CHUCK) {
            k.addToEntry(n - 2, n - 2, work.tailstockStiffness());
        }
        // Places and slopes differ in size by the length; scaled, the matrix is well conditioned.
        RealMatrix scale = new Array2DRowRealMatrix(n, n);
        for (int i = 0; i < n; i++) {
            scale.setEntry(i, i, i % 2 == 0 ? 1 : 1 / work.freeLengthMm());
        }
        RealVector force = new ArrayRealVector(n);
        force.setEntry(2 * Arrays.binarySearch(joints, load), 1);
        RealMatrix scaled = scale.multiply(k).multiply(scale);
        DecompositionSolver solver = new LUDecomposition(scaled).getSolver();
        RealVector place = solver.solve(force);
        for (int i = 0; i < 3; i++) {
            place = place.add(solver.solve(force.subtract(scaled.operate(place))));
        }
        return place.getEntry(2 * Arrays.binarySearch(joints, look));
    }

    private static void element(RealMatrix k, int from, double l, double ei) {
        double[][] element = {
            {12, 6 * l, -12, 6 * l},
            {6 * l, 4 * l * l, -6 * l, 2 * l * l},
            {-12, -6 * l, 12, -6 * l},
            {6 * l, 2 * l * l, -6 * l, 4 * l * l},
        };
        for (int i = 0; i < 4; i++) {
            for (int j = 0; j < 4; j++) {
                k.addToEntry(from + i, from + j, ei / (l * l * l) * element[i][j]);
            }
        }
    }

    /** What one place does under a newton at another the other does under a newton at the one (Maxwell). */
    @ParameterizedTest
    @MethodSource("shops")
    void placesMayBeExchanged(WorkHolding work) {
        double l = work.freeLengthMm();
        double there = work.influence(0.3 * l, 0.8 * l);
        assertThat(work.influence(0.8 * l, 0.3 * l)).isCloseTo(there, within(1e-12 * there));
        assertThat(byMatrix(work, 0.8 * l, 0.3 * l)).isCloseTo(there, within(1e-9 * Math.abs(there)));
    }

    /** A support more never adds give, however soft it is. */
    @ParameterizedTest
    @MethodSource("shops")
    void aCentreNeverAddsGive(WorkHolding work) {
        WorkHolding chucked = work.held(Hold.CHUCK);
        WorkHolding centred = work.held(Hold.CHUCK_AND_CENTRE);
        for (int i = 0; i <= 20; i++) {
            double at = work.freeLengthMm() * i / 20;
            assertThat(centred.complianceAt(at)).isLessThan(chucked.complianceAt(at) * (1 + 1e-12));
        }
    }

    /** Rigid supports leave the closed form of a bar fixed at one end and propped at the other. */
    @Test
    void rigidSupportsLeaveTheHandbooksBeam() {
        WorkHolding work = new WorkHolding(Hold.CHUCK_AND_CENTRE, 200, 16, 207_000, 1e15, 1e18, 1e15, NONE);
        double ei = 207_000 * Beam.round(16);
        for (double at : new double[] {20, 90, 150, 190}) {
            double handbook = Beam.fixedPinned(at, 200, ei);
            assertThat(work.complianceAt(at)).isCloseTo(handbook, within(1e-6 * handbook));
            assertThat(work.centreShare(at)).isCloseTo(Beam.pinReaction(at, 200), within(1e-6));
        }
    }

    /** At the centre itself chuck with work and centre are two springs side by side. */
    @Test
    void atTheCentreTheSpringsStandSideBySide() {
        WorkHolding work = new WorkHolding(Hold.CHUCK_AND_CENTRE, 100, 20, 207_000, 30_000, 5e7, 9_000, NONE);
        double chucked = work.held(Hold.CHUCK).complianceAt(100);
        assertThat(work.complianceAt(100)).isCloseTo(1 / (1 / chucked + 9_000), within(1e-12));
    }
}
