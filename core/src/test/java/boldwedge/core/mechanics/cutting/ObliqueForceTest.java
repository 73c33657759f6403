package boldwedge.core.mechanics.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ObliqueForceTest {
    private static final Vector3D DOWN = Vector3D.MINUS_K;
    private static final Vector3D OUTWARD = Vector3D.MINUS_J;

    /** Square to the cut it is Merchant's circle: push over cutting force tan(β − γ), nothing along the edge. */
    @ParameterizedTest
    @CsvSource({"0,30", "15,30", "-6,35", "30,30"})
    void squareToTheCutItIsMerchantsCircle(double rakeDeg, double frictionDeg) {
        double rake = Math.toRadians(rakeDeg);
        Vector3D face = new Vector3D(0, -Math.sin(rake), Math.cos(rake));
        Vector3D force = ObliqueForce.onTool(100, Vector3D.PLUS_I, face, DOWN, OUTWARD, Math.toRadians(frictionDeg));
        assertThat(force.dotProduct(DOWN)).isCloseTo(100, within(1e-9));
        assertThat(force.dotProduct(OUTWARD))
                .isCloseTo(100 * Math.tan(Math.toRadians(frictionDeg - rakeDeg)), within(1e-9));
        assertThat(force.getX()).isCloseTo(0, within(1e-9));
    }

    /** An edge at λ = 70° with a face through the radius, without friction: all pressure is square to the face, so that the feed takes cot θ of the cut's force. */
    @Test
    void withoutFrictionAllIsSquareToTheFace() {
        double slope = Math.toRadians(20);
        Vector3D along = new Vector3D(Math.sin(slope), 0, Math.cos(slope));
        Vector3D face = new Vector3D(-Math.cos(slope), 0, Math.sin(slope));
        Vector3D force = ObliqueForce.onTool(100, along, face, DOWN, OUTWARD, 0);
        assertThat(force.dotProduct(DOWN)).isCloseTo(100, within(1e-9));
        assertThat(force.getX()).isCloseTo(100 / Math.tan(slope), within(1e-9));
        assertThat(force.dotProduct(OUTWARD)).isCloseTo(0, within(1e-9));
    }

    /** With friction by hand: N (sin θ + μ (sin λ cos θ)) = 100 down; the chip draws N μ cos λ outward. */
    @Test
    void withFrictionByHand() {
        double slope = Math.toRadians(20);
        Vector3D along = new Vector3D(Math.sin(slope), 0, Math.cos(slope));
        Vector3D face = new Vector3D(-Math.cos(slope), 0, Math.sin(slope));
        Vector3D force = ObliqueForce.onTool(100, along, face, DOWN, OUTWARD, Math.atan(0.6));
        double n = 100 / (Math.sin(slope) + 0.6 * Math.cos(slope) * Math.cos(slope));
        assertThat(force.getX())
                .isCloseTo(n * (Math.cos(slope) - 0.6 * Math.cos(slope) * Math.sin(slope)), within(1e-9));
        assertThat(force.dotProduct(OUTWARD)).isCloseTo(n * 0.6 * Math.sin(slope), within(1e-9));
    }
}
