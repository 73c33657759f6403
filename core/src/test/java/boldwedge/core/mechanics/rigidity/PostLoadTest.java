package boldwedge.core.mechanics.rigidity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Pull on a post's bolts, by moments. */
class PostLoadTest {
    /** A point 30 mm out, one bolt 20 mm in: the lever gives one and a half times the force; the edge bears both. */
    @Test
    void oneBoltIsALever() {
        PostLoad post = PostLoad.front(30, List.of(20.0));
        assertThat(post.boltPullPerN()).isCloseTo(1.5, within(1e-12));
        assertThat(post.edgePressPerN()).isCloseTo(2.5, within(1e-12));
        assertThat(PostLoad.front(-5, List.of(20.0)).boltPullPerN()).isZero();
    }

    /** The moments of two bolts balance the force's, and the nearer one helps less. */
    @Test
    void twoBoltsShareByTheirDistance() {
        PostLoad one = PostLoad.front(30, List.of(40.0));
        PostLoad two = PostLoad.front(30, List.of(15.0, 40.0));
        double nearer = two.boltPullPerN() * 15 / 40;
        assertThat(nearer * 15 + two.boltPullPerN() * 40).isCloseTo(30, within(1e-12));
        assertThat(two.boltPullPerN()).isLessThan(one.boltPullPerN());
        assertThat(two.allBoltsPerN()).isCloseTo(nearer + two.boltPullPerN(), within(1e-12));
    }

    /** Behind, force and bolts balance about the back edge, and the edge bears what the bolts pull beyond the lift. */
    @Test
    void behindTheForceLifts() {
        PostLoad post = PostLoad.behind(20, 60, List.of(20.0));
        // 80 mm to the point, 40 to the bolt.
        assertThat(post.boltPullPerN()).isCloseTo(2, within(1e-12));
        assertThat(post.edgePressPerN()).isCloseTo(1, within(1e-12));
    }

    @Test
    void aThickLipBearsWithItsSquareAndALoneShearIsPlain() {
        TSlot slot = new TSlot(12, 8, 20);
        double thin = slot.lipMPa(5000, 25);
        double thick = new TSlot(12, 16, 20).lipMPa(5000, 25);
        assertThat(thin / thick).isBetween(2.0, 4.0);
        // Without an overhang only shear is left: 0.75 T / (nut · lip), and its principal tension is the same.
        assertThat(new TSlot(20, 8, 20).lipMPa(5000, 25)).isCloseTo(0.75 * 5000 / (25 * 8), within(1e-9));
        assertThat(slot.lipMPa(10_000, 25)).isCloseTo(2 * thin, within(1e-9));
    }
}
