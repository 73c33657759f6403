package boldwedge.core.mechanics.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The chip's section, for noses and feeds of every proportion. */
class ChipSectionTest {
    private static final WorkMaterial STEEL =
            StockCatalogue.shipped().workMaterial("steel-medium-carbon").orElseThrow();

    private static double rad(double degrees) {
        return Math.toRadians(degrees);
    }

    /** The area that a grid finds between this mark and the last under the free surface, by Simpson's rule between the joints. */
    private static double areaByGrid(EdgeProfile edge, double depth, double feed) {
        double area = 0;
        int n = 400_000;
        double from = -feed - 2 * edge.noseRadiusMm();
        double to = edge.outline().reachAt(depth, true) + 1e-9;
        double step = (to - from) / n;
        for (int i = 0; i < n; i++) {
            double u = from + (i + 0.5) * step;
            double now = Math.min(depth, edge.heightAt(u));
            double before = Math.min(depth, edge.heightAt(u + feed));
            area += Math.max(0, before - now) * step;
        }
        return area;
    }

    /** Feed under, about and over the nose; shallow and deep; sharp; square; with a lead. */
    @ParameterizedTest
    @CsvSource({
        "0.8, 75, 10, 2, 0.1",
        "0.8, 75, 10, 0.05, 0.1",
        "0.8, 90, 5, 0.4, 0.3",
        "0.1, 90, 8, 0.6, 0.3",
        "0.1, 75, 8, 0.6, 0.3",
        "0.05, 60, 15, 0.05, 0.2",
        "0, 75, 10, 2, 0.2",
        "0, 90, 3, 0.5, 0.2",
        "0, 45, 10, 0.02, 0.2",
        "0.4, 95, 8, 0.002, 0.2",
        "3, 85, 2, 0.1, 0.05",
    })
    void areaIsFeedTimesDepthLessTheCusp(double r, double lead, double trail, double depth, double feed) {
        EdgeProfile edge = new EdgeProfile(r, rad(lead), rad(trail));
        double area = CuttingForce.of(STEEL, edge, rad(6), depth, feed).chipAreaMm2();
        assertThat(area).isCloseTo(areaByGrid(edge, depth, feed), within(1e-6 + 2e-5 * area));
        EdgeProfile.Meeting meeting = edge.outline().meeting(feed);
        if (depth > meeting.peakMm()) {
            assertThat(area).isCloseTo(feed * depth - meeting.belowMm2(), within(1e-12));
        }
    }

    /** A sharp corner's cusp is a triangle on the feed: f² / (2 (cot κ + cot κ')). */
    @Test
    void aSharpCornersCuspIsATriangle() {
        EdgeProfile edge = new EdgeProfile(0, rad(75), rad(10));
        double cusp = 0.2 * 0.2 / 2 / (1 / Math.tan(rad(75)) + 1 / Math.tan(rad(10)));
        assertThat(CuttingForce.of(STEEL, edge, rad(6), 2, 0.2).chipAreaMm2()).isCloseTo(0.4 - cusp, within(1e-12));
    }

    /** A nose smaller than the feed: the whole chip is counted, and it pushes tool and work apart. */
    @Test
    void aSmallNoseUnderACoarseFeed() {
        CuttingForce force = CuttingForce.of(STEEL, new EdgeProfile(0.1, rad(90), rad(8)), rad(6), 0.6, 0.3);
        assertThat(force.chipAreaMm2()).isCloseTo(0.176, within(0.0015));
        assertThat(force.pushN()).isPositive();
        // Near a sharp square corner Kienzle's own formula is near: kc1.1 · b · h^(1−mc).
        double kienzle = 2220 * 0.6 * Math.pow(0.3, 0.86);
        assertThat(force.cuttingN()).isCloseTo(kienzle, within(0.06 * kienzle));
    }

    /**
     * The same by casting rays: from points close together on the edge, in small steps square to it until the last mark, the free
     * surface (for the nose) or the middle of the nose is met; each ray's share of area and force summed.
     */
    @ParameterizedTest
    @CsvSource({"0.8, 75, 10, 0.4, 0.1", "0.8, 90, 6, 0.05, 0.2", "0.4, 90, 10, 1.5, 0.25", "1.2, 60, 8, 0.9, 0.3"})
    void raysFindTheSame(double r, double lead, double trail, double depth, double feed) {
        EdgeProfile edge = new EdgeProfile(r, rad(lead), rad(trail));
        double[] cast = {0, 0, 0};
        double last = depth < r * (1 - Math.cos(rad(lead))) ? Math.acos(1 - depth / r) : rad(lead);
        int n = 3000;
        double part = (last + rad(trail)) / n;
        for (int i = 0; i < n; i++) {
            double at = -rad(trail) + (i + 0.5) * part;
            double chip = cast(edge, feed, depth, r * Math.sin(at), r * (1 - Math.cos(at)), at, r);
            share(cast, chip, (r - chip / 2) * part, at);
        }
        double all = depth - r * (1 - Math.cos(rad(lead)));
        for (int i = 0; all > 0 && i < n; i++) {
            double along = all / Math.sin(rad(lead)) * (i + 0.5) / n;
            double u = r * Math.sin(rad(lead)) + along * Math.cos(rad(lead));
            double h = r * (1 - Math.cos(rad(lead))) + along * Math.sin(rad(lead));
            double chip = cast(edge, feed, Double.MAX_VALUE, u, h, rad(lead), Double.MAX_VALUE);
            share(cast, chip, all / Math.sin(rad(lead)) / n, rad(lead));
        }
        double joint = r * Math.sin(rad(trail));
        double behind = feed - edge.outline().meeting(feed).aheadMm();
        for (int i = 0; behind > joint && i < n; i++) {
            double u = -joint - (behind - joint) * (i + 0.5) / n;
            double chip = cast(edge, feed, depth, u, edge.heightAt(u), -rad(trail), Double.MAX_VALUE);
            share(cast, chip, (behind - joint) / Math.cos(rad(trail)) / n, -rad(trail));
        }
        double scale = areaByGrid(edge, depth, feed) / cast[0];
        assertThat(scale).isCloseTo(1, within(0.08));
        double[] shared = {0, 0, 0};
        new ChipSection(edge, feed)
                .share(depth, 2000, rad(lead), (chip, breadth, length, at, mark) -> share(shared, chip, breadth, at));
        assertThat(shared[0]).isCloseTo(scale * cast[0], within(1e-3 * shared[0]));
        assertThat(shared[1]).isCloseTo(scale * cast[1], within(1e-3 * shared[1]));
        assertThat(shared[2]).isCloseTo(scale * cast[2], within(1e-3 * shared[1]));
        // As coarsely as the plans do it.
        double[] coarse = {0, 0, 0};
        new ChipSection(edge, feed)
                .share(depth, 24, rad(lead), (chip, breadth, length, at, mark) -> share(coarse, chip, breadth, at));
        assertThat(coarse[1]).isCloseTo(shared[1], within(3e-3 * shared[1]));
        assertThat(coarse[2]).isCloseTo(shared[2], within(5e-3 * shared[1]));
    }

    private static void share(double[] sums, double chip, double breadth, double at) {
        if (chip > 0) {
            double force = Math.pow(chip, 0.86) * breadth;
            sums[0] += chip * breadth;
            sums[1] += force;
            sums[2] += force * Math.cos(at);
        }
    }

    private static double cast(
            EdgeProfile edge, double feed, double depth, double u, double h, double at, double most) {
        double low = 0;
        double high = 0;
        while (!isOut(edge, feed, depth, u, h, at, high)) {
            low = high;
            high += 1e-3;
            if (high >= most) {
                return most;
            }
        }
        for (int i = 0; i < 30; i++) {
            double middle = (low + high) / 2;
            if (isOut(edge, feed, depth, u, h, at, middle)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }

    private static boolean isOut(
            EdgeProfile edge, double feed, double depth, double u, double h, double at, double way) {
        double x = u - way * Math.sin(at);
        double y = h + way * Math.cos(at);
        return y >= depth || y >= edge.heightAt(x + feed);
    }
}
