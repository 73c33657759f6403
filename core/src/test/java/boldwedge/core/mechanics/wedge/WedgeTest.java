package boldwedge.core.mechanics.wedge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Angles in every frame, there and back, vectors against the closed forms of ISO 3002-2. */
class WedgeTest {
    private static final double ROUND_TRIP = 1e-9;

    static ToolSignature random(Random random) {
        return new ToolSignature(
                rad(random, -15, 35),
                rad(random, -15, 30),
                rad(random, 3, 20),
                rad(random, 3, 20),
                rad(random, 2, 40),
                rad(random, -15, 45),
                0.1 + random.nextDouble());
    }

    private static double rad(Random random, double low, double high) {
        return Math.toRadians(low + (high - low) * random.nextDouble());
    }

    /** The vectors against the closed forms of ISO 3002-2. */
    @Test
    void vectorsAgreeWithTheClosedForms() {
        Random random = new Random(1);
        for (int i = 0; i < 5000; i++) {
            ToolSignature s = random(random);
            EdgeAngles side = Wedge.of(s).sideAngles(Frame.IN_HAND);
            double kappa = Math.PI / 2 - s.sideCuttingEdge();
            double lambda = IsoConversion.inclination(s.backRake(), s.sideRake(), kappa);
            double gamma = IsoConversion.orthogonalRake(s.backRake(), s.sideRake(), kappa);
            double alpha = IsoConversion.orthogonalClearance(s.sideRelief(), lambda, kappa);
            assertThat(side.approach()).isCloseTo(kappa, within(ROUND_TRIP));
            assertThat(side.inclination()).isCloseTo(lambda, within(ROUND_TRIP));
            assertThat(side.orthogonalRake()).isCloseTo(gamma, within(ROUND_TRIP));
            assertThat(side.normalRake()).isCloseTo(IsoConversion.normalRake(gamma, lambda), within(ROUND_TRIP));
            assertThat(side.orthogonalClearance()).isCloseTo(alpha, within(ROUND_TRIP));
            assertThat(side.normalClearance())
                    .isCloseTo(IsoConversion.normalClearance(alpha, lambda), within(ROUND_TRIP));
        }
    }

    @Test
    void theSignatureComesBackFromTheVectors() {
        Random random = new Random(2);
        for (int i = 0; i < 5000; i++) {
            ToolSignature s = random(random);
            same(Wedge.of(s).signature(Frame.IN_HAND), s);
        }
    }

    @Test
    void isoThereAndBack() {
        Random random = new Random(3);
        for (int i = 0; i < 5000; i++) {
            ToolSignature s = random(random);
            Wedge wedge = Wedge.of(s);
            EdgeAngles side = wedge.sideAngles(Frame.IN_HAND);
            EdgeAngles end = wedge.endAngles(Frame.IN_HAND);
            Wedge back = Wedge.ofIso(
                    side.approach(),
                    side.inclination(),
                    side.orthogonalRake(),
                    side.orthogonalClearance(),
                    end.approach(),
                    end.orthogonalClearance(),
                    s.noseRadiusMm());
            same(back.signature(Frame.IN_HAND), s);
            assertThat(IsoConversion.backRake(side.orthogonalRake(), side.inclination(), side.approach()))
                    .isCloseTo(s.backRake(), within(ROUND_TRIP));
            assertThat(IsoConversion.sideRake(side.orthogonalRake(), side.inclination(), side.approach()))
                    .isCloseTo(s.sideRake(), within(ROUND_TRIP));
        }
    }

    /** With no lead and no back rake the side rake is the orthogonal and the normal rake, and nothing inclines. */
    @Test
    void limitCaseWithoutLead() {
        ToolSignature s = new ToolSignature(0, 0.2, 0.1, 0.15, 0.1, 0, 0);
        EdgeAngles side = Wedge.of(s).sideAngles(Frame.IN_HAND);
        assertThat(side.inclination()).isCloseTo(0, within(1e-12));
        assertThat(side.orthogonalRake()).isCloseTo(0.2, within(1e-12));
        assertThat(side.normalRake()).isCloseTo(0.2, within(1e-12));
        assertThat(side.orthogonalClearance()).isCloseTo(0.15, within(1e-12));
        assertThat(side.normalWedge()).isCloseTo(Math.PI / 2 - 0.35, within(1e-12));
    }

    @Test
    void theNoseBlendsFromFlankToFlank() {
        Wedge wedge = Wedge.of(random(new Random(4)));
        Vector3D[] nose = wedge.noseFlanks(7);
        assertThat(nose[0].distance(wedge.sideFlank())).isLessThan(1e-12);
        assertThat(nose[6].distance(wedge.endFlank())).isLessThan(1e-12);
        double clearance = wedge.leastNoseClearance(Frame.IN_HAND);
        assertThat(clearance).isPositive();
    }

    private static void same(ToolSignature a, ToolSignature b) {
        assertThat(a.backRake()).isCloseTo(b.backRake(), within(ROUND_TRIP));
        assertThat(a.sideRake()).isCloseTo(b.sideRake(), within(ROUND_TRIP));
        assertThat(a.endRelief()).isCloseTo(b.endRelief(), within(ROUND_TRIP));
        assertThat(a.sideRelief()).isCloseTo(b.sideRelief(), within(ROUND_TRIP));
        assertThat(a.endCuttingEdge()).isCloseTo(b.endCuttingEdge(), within(ROUND_TRIP));
        assertThat(a.sideCuttingEdge()).isCloseTo(b.sideCuttingEdge(), within(ROUND_TRIP));
    }
}
