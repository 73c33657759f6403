package boldwedge.core.mechanics.wedge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.StockCatalogue;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** The bit as a solid: its volume against counting. */
class GroundBitTest {
    private static final double MEASURED_BACK_DEGREES = 1e-6;
    private static final Blank TEN = StockCatalogue.shipped().blank("hss-10mm").orElseThrow();

    private static ToolSignature usual() {
        return new ToolSignature(
                Math.toRadians(10),
                Math.toRadians(14),
                Math.toRadians(8),
                Math.toRadians(9),
                Math.toRadians(10),
                Math.toRadians(15),
                0.8);
    }

    private static GroundBit grind(Blank blank, ToolSignature s) {
        return GroundBit.grind(
                blank, Wedge.of(s), GroundBit.usualGroundLength(blank, s), 0, GroundBit.Order.FLANKS_FIRST);
    }

    /** Normals of the finished solid's own polygons, from their corners, against the angles that were asked for. */
    @Test
    void theSolidMeasuresBackToTheAngles() {
        Random random = new Random(11);
        int ground = 0;
        for (int i = 0; i < 400; i++) {
            ToolSignature s = WedgeTest.random(random);
            GroundBit bit;
            try {
                bit = grind(TEN, s);
            } catch (GroundBit.NothingLeft nothing) {
                continue;
            }
            ground++;
            Wedge measured = new Wedge(
                    normalOf(bit, Surface.FACE),
                    normalOf(bit, Surface.SIDE_FLANK),
                    normalOf(bit, Surface.END_FLANK),
                    0);
            ToolSignature back = measured.signature(Frame.IN_HAND);
            assertThat(Math.toDegrees(back.backRake()))
                    .isCloseTo(Math.toDegrees(s.backRake()), within(MEASURED_BACK_DEGREES));
            assertThat(Math.toDegrees(back.sideRake()))
                    .isCloseTo(Math.toDegrees(s.sideRake()), within(MEASURED_BACK_DEGREES));
            assertThat(Math.toDegrees(back.endRelief()))
                    .isCloseTo(Math.toDegrees(s.endRelief()), within(MEASURED_BACK_DEGREES));
            assertThat(Math.toDegrees(back.sideRelief()))
                    .isCloseTo(Math.toDegrees(s.sideRelief()), within(MEASURED_BACK_DEGREES));
        }
        assertThat(ground).isGreaterThan(300);
    }

    private static Vector3D normalOf(GroundBit bit, Surface surface) {
        var corners = bit.head().on(surface).getFirst().corners();
        // The longest sides measure best.
        Vector3D best = Vector3D.ZERO;
        for (int i = 1; i + 1 < corners.size(); i++) {
            Vector3D n = corners.get(i)
                    .subtract(corners.get(0))
                    .crossProduct(corners.get(i + 1).subtract(corners.get(0)));
            if (n.getNorm() > best.getNorm()) {
                best = n;
            }
        }
        return best.normalize();
    }

    /** Volume by the divergence theorem against counting seeded points inside all planes. */
    @Test
    void volumeAgreesWithCounting() {
        GroundBit bit = grind(TEN, usual());
        Random random = new Random(5);
        int inside = 0;
        int tries = 400_000;
        for (int i = 0; i < tries; i++) {
            Vector3D p = new Vector3D(
                    (random.nextDouble() - 0.5) * 10,
                    -random.nextDouble() * bit.groundLengthMm(),
                    random.nextDouble() * 10);
            if (bit.planes().stream().allMatch(plane -> plane.outside(p) <= 0)) {
                inside++;
            }
        }
        double counted = 100 * bit.groundLengthMm() * inside / tries;
        assertThat(bit.head().volumeMm3()).isCloseTo(counted, within(0.006 * counted));
    }

    /** A wedge in closed form: only side rake, ground over the whole width: half of w · w·tan γ · L comes off. */
    @Test
    void stockOfOneFaceInClosedForm() {
        double rake = Math.toRadians(20);
        ToolSignature s = new ToolSignature(0, rake, 1e-7, 1e-7, 1e-7, 0, 0);
        GroundBit bit = GroundBit.grind(TEN, Wedge.of(s), 10, 0, GroundBit.Order.TOP_FIRST);
        double expected = 0.5 * 10 * 10 * Math.tan(rake) * 10;
        assertThat(bit.removedMm3().get(Surface.FACE)).isCloseTo(expected, within(1e-3));
        assertThat(bit.depthMm().get(Surface.FACE)).isCloseTo(10 * Math.sin(rake), within(1e-3));
    }

    @Test
    void whatIsRemovedAndWhatIsLeftAddUpInBothOrders() {
        for (GroundBit.Order order : GroundBit.Order.values()) {
            GroundBit bit = GroundBit.grind(TEN, Wedge.of(usual()), 10, 0, order);
            assertThat(bit.totalRemovedMm3() + bit.volumeMm3()).isCloseTo(10 * 10 * TEN.lengthMm(), within(1e-6));
        }
        GroundBit flanks = GroundBit.grind(TEN, Wedge.of(usual()), 10, 0, GroundBit.Order.FLANKS_FIRST);
        GroundBit top = GroundBit.grind(TEN, Wedge.of(usual()), 10, 0, GroundBit.Order.TOP_FIRST);
        assertThat(flanks.volumeMm3()).isCloseTo(top.volumeMm3(), within(1e-6));
        assertThat(top.removedMm3().get(Surface.FACE))
                .isGreaterThan(flanks.removedMm3().get(Surface.FACE));
    }

    /** The nose seen from above: the middle of the arc lies r inside both edges, to the few percent that tilt allows. */
    @Test
    void theNoseHasItsRadius() {
        ToolSignature s = new ToolSignature(
                0, 0, Math.toRadians(8), Math.toRadians(8), Math.toRadians(10), Math.toRadians(10), 1.0);
        GroundBit bit = grind(TEN, s);
        var arc = bit.edgeWithFace(Surface.NOSE);
        Vector3D a = arc.getFirst();
        Vector3D c = arc.getLast();
        Vector3D b = arc.get(arc.size() / 2);
        // Radius of the circle through three points of a flat face.
        double area = b.subtract(a).crossProduct(c.subtract(a)).getNorm() / 2;
        double radius = a.distance(b) * b.distance(c) * c.distance(a) / (4 * area);
        assertThat(radius).isCloseTo(1.0, within(0.02));
    }

    @Test
    void damageShortensTheBitAndABrazedBitKeepsItsTip() {
        GroundBit whole = grind(TEN, usual());
        GroundBit damaged =
                GroundBit.grind(TEN, Wedge.of(usual()), whole.groundLengthMm(), 1.5, GroundBit.Order.FLANKS_FIRST);
        assertThat(damaged.shortenedMm() - whole.shortenedMm()).isCloseTo(1.5, within(0.15));
        Blank brazed = StockCatalogue.shipped().blank("brazed-12mm-0").orElseThrow();
        ToolSignature bought = ToolSignature.of(brazed.bought().orElseThrow());
        GroundBit asBought = grind(brazed, bought);
        double tip = brazed.tip()
                .map(t -> t.lengthMm() * t.widthMm() * t.thicknessMm())
                .orElseThrow();
        assertThat(asBought.tipLeftMm3()).isBetween(0.5 * tip, tip);
        assertThat(asBought.removedMm3().get(Surface.FACE)).isLessThan(1e-6);
    }

    @Test
    void anglesThatLeaveNothingAreRefused() {
        ToolSignature s = new ToolSignature(0, 0, 0.1, 0.1, Math.toRadians(60), Math.toRadians(55), 0.1);
        assertThatThrownBy(() -> GroundBit.grind(TEN, Wedge.of(s), 3, 0, GroundBit.Order.FLANKS_FIRST))
                .isInstanceOf(GroundBit.NothingLeft.class);
    }
}
