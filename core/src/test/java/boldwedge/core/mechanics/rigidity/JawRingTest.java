package boldwedge.core.mechanics.rigidity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class JawRingTest {
    /** Two loads across: Roark's and Timoshenko's 0.149 and 0.137 · W R³ / (E I) on the diameter. */
    @Test
    void aRingPinchedAcross() {
        JawRing ring = new JawRing(2, 1000, 20, 2, 30, 200_000);
        double unit = 1000 * Math.pow(20, 3) / (200_000 * 30 * 8 / 12.0);
        assertThat(2 * ring.inMm() / unit).isCloseTo(0.149, within(5e-4));
        assertThat(2 * ring.outMm() / unit).isCloseTo(0.137, within(5e-4));
    }

    /** Three jaws: the sum of the Fourier series of three radial loads on an inextensible ring, w = (W R³ / (π E I)) Σ 3 cos(nφ) / (n² − 1)² over n = 3, 6, 9 … */
    @Test
    void threeJawsByFouriersSeries() {
        JawRing ring = new JawRing(3, 1500, 14.25, 1.5, 39.25, 205_000);
        double unit = 1500 * Math.pow(14.25, 3) / (205_000 * ring.inertiaMm4());
        double under = 0;
        double between = 0;
        for (int n = 3; n < 3000; n += 3) {
            double term = 3 / (Math.PI * Math.pow(n * n - 1.0, 2));
            under += term;
            between -= term * Math.cos(n * Math.PI / 3);
        }
        assertThat(ring.inMm() / unit).isCloseTo(under, within(2e-4));
        assertThat(ring.outMm() / unit).isCloseTo(between, within(2e-4));
        assertThat(ring.outOfRoundMm()).isCloseTo(0.0302 * unit, within(0.005 * unit));
    }

    /** Twice the wall gives an eighth. */
    @Test
    void theWallCounts() {
        assertThat(new JawRing(3, 1000, 20, 4, 30, 200_000).outOfRoundMm())
                .isCloseTo(new JawRing(3, 1000, 20, 2, 30, 200_000).outOfRoundMm() / 8, within(1e-12));
    }
}
