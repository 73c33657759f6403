package boldwedge.core.mechanics.wedge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The upright edge by vectors, by rays cast at the work, and by the values of the trade. */
class ShearEdgeTest {
    private static ShearEdge edge(double slopeDeg, double frontDeg, double radius) {
        return new ShearEdge(Math.toRadians(slopeDeg), Math.toRadians(frontDeg), radius);
    }

    /** Gap between a point of the edge and the finished work, the edge put so that it touches: by Pythagoras from the work's axis. */
    private static double gap(ShearEdge edge, double s) {
        Vector3D touch = new Vector3D(
                0,
                edge.workRadiusMm() - Math.sqrt(Math.pow(edge.workRadiusMm(), 2) - Math.pow(edge.touchMm(), 2)),
                edge.touchMm());
        Vector3D at = touch.add(s, edge.along());
        return Math.hypot(edge.workRadiusMm() - at.getY(), at.getZ()) - edge.workRadiusMm();
    }

    @Test
    void theTradesOwnValues() {
        assertThat(edge(20, 0, 15).arcMm()).isCloseTo(1.987, within(5e-4));
        assertThat(0.1 * 0.1 / (8 * edge(20, 0, 15).arcMm()) * 1000).isCloseTo(0.63, within(5e-3));
        assertThat(edge(25, 0, 12).arcMm()).isCloseTo(2.609, within(5e-4));
        assertThat(0.12 * 0.12 / (8 * edge(25, 0, 12).arcMm()) * 1000).isCloseTo(0.69, within(5e-3));
        assertThat(edge(25, 0, 12).halfInWorkMm(0.03)).isCloseTo(0.936, within(5e-4));
    }

    /** It touches where it is said to: nowhere along the edge is the gap less than nothing, and there it is nothing. */
    @ParameterizedTest
    @CsvSource({"20,7,15", "10,5,40", "30,10,6", "44,20,200", "3,1,3"})
    void itTouchesAsATangent(double slope, double front, double radius) {
        ShearEdge edge = edge(slope, front, radius);
        assertThat(gap(edge, 0)).isCloseTo(0, within(1e-9));
        for (double s = -radius / 4; s <= radius / 4; s += radius / 100) {
            assertThat(gap(edge, s)).isGreaterThanOrEqualTo(-1e-9);
        }
        assertThat((gap(edge, 1e-4) - gap(edge, -1e-4)) / 2e-4).isCloseTo(0, within(1e-6));
    }

    /** The edge in the work by walking along it until the gap is the depth: the parabola is off by little, and the more the deeper. */
    @ParameterizedTest
    @CsvSource({"25,0,12,0.03,0.002", "20,7,15,0.05,0.004", "30,5,40,0.05,0.002"})
    void theEdgeInTheWorkByWalking(double slope, double front, double radius, double depth, double off) {
        ShearEdge edge = edge(slope, front, radius);
        double low = 0;
        double high = radius / 2;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (gap(edge, middle) < depth) {
                low = middle;
            } else {
                high = middle;
            }
        }
        assertThat(edge.halfInWorkMm(depth) / low).isCloseTo(1, within(off));
    }

    /** The arc by its curvature: second difference of the gap against the way along the work. */
    @ParameterizedTest
    @CsvSource({"20,0,15", "25,0,12", "20,7,15", "30,10,50"})
    void theArcByItsCurvature(double slope, double front, double radius) {
        ShearEdge edge = edge(slope, front, radius);
        double ds = 1e-3 * radius;
        double curvature =
                (gap(edge, ds) + gap(edge, -ds)) / Math.pow(ds * edge.along().getX(), 2);
        assertThat(1 / curvature / edge.arcMm()).isCloseTo(1, within(2e-3));
    }

    /** A ray from the touch along the work's way leaves the front face by as much as it clears. */
    @ParameterizedTest
    @CsvSource({"20,7,15", "10,5,40", "30,10,6"})
    void theFrontClearsByRays(double slope, double front, double radius) {
        ShearEdge edge = edge(slope, front, radius);
        Vector3D across = edge.cut()
                .subtract(edge.along().scalarMultiply(edge.cut().dotProduct(edge.along())))
                .normalize();
        double away = across.scalarMultiply(1e-3).dotProduct(edge.front());
        assertThat(Math.asin(away / 1e-3)).isCloseTo(edge.clearanceRad(), within(1e-6));
        assertThat(edge.clearanceRad()).isPositive();
        assertThat(edge.along().dotProduct(edge.front())).isCloseTo(0, within(1e-12));
        assertThat(edge.along().dotProduct(edge.face())).isCloseTo(0, within(1e-12));
    }

    /** A front that is not relieved in plan lies on the work behind the edge, however it is tilted. */
    @Test
    void aFrontWithoutReliefRubs() {
        assertThat(edge(20, 0, 15).clearanceRad()).isCloseTo(0, within(1e-12));
    }

    /** Upright, λ is what the slope leaves to a right angle; the chip then meets sin γe = cos² θ. */
    @Test
    void slantAndRake() {
        ShearEdge edge = edge(20, 0, 15);
        assertThat(Math.toDegrees(edge.inclinationRad())).isCloseTo(70, within(1e-9));
        assertThat(edge.normalRakeRad()).isCloseTo(0, within(1e-12));
        assertThat(Math.sin(edge.effectiveRakeRad()))
                .isCloseTo(Math.pow(Math.cos(Math.toRadians(20)), 2), within(1e-12));
        assertThat(Math.toDegrees(edge(20, 7, 15).normalRakeRad())).isCloseTo(-0.88, within(0.01));
    }
}
