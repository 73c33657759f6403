package boldwedge.core.wedge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.stock.StockCatalogue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** The file of the solid, read back triangle by triangle. */
class StlWriterTest {
    private record Triangle(Vector3D normal, Vector3D a, Vector3D b, Vector3D c) {}

    private static GroundBit bit() {
        ToolSignature s = new ToolSignature(
                Math.toRadians(10),
                Math.toRadians(14),
                Math.toRadians(8),
                Math.toRadians(9),
                Math.toRadians(10),
                Math.toRadians(15),
                0.8);
        var blank = StockCatalogue.shipped().blank("hss-10mm").orElseThrow();
        return GroundBit.grind(
                blank, Wedge.of(s), GroundBit.usualGroundLength(blank, s), 0, GroundBit.Order.FLANKS_FIRST);
    }

    private static List<Triangle> read(String stl) {
        List<Triangle> triangles = new ArrayList<>();
        List<Vector3D> open = new ArrayList<>();
        for (String line : stl.lines().map(String::strip).toList()) {
            String[] words = line.split("\\s+");
            if (words[0].equals("facet")) {
                open.clear();
                open.add(vector(words, 2));
            } else if (words[0].equals("vertex")) {
                open.add(vector(words, 1));
            } else if (words[0].equals("endfacet")) {
                triangles.add(new Triangle(open.get(0), open.get(1), open.get(2), open.get(3)));
            }
        }
        return triangles;
    }

    private static Vector3D vector(String[] words, int from) {
        return new Vector3D(
                Double.parseDouble(words[from]),
                Double.parseDouble(words[from + 1]),
                Double.parseDouble(words[from + 2]));
    }

    /** By the divergence theorem, V = Σ a·(b×c)/6 over outward triangles. */
    @Test
    void theTrianglesEncloseTheSolid() {
        GroundBit bit = bit();
        double volume = 0;
        for (Triangle t : read(StlWriter.write(bit))) {
            volume += Vector3D.dotProduct(t.a(), Vector3D.crossProduct(t.b(), t.c())) / 6;
        }
        assertThat(volume).isCloseTo(bit.head().volumeMm3() + bit.shank().volumeMm3(), within(1e-3 * volume));
    }

    @Test
    void normalsAreUnitLongAndPointOutward() {
        assertThat(read(StlWriter.write(bit()))).hasSizeGreaterThan(20).allSatisfy(t -> {
            Vector3D right = Vector3D.crossProduct(t.b().subtract(t.a()), t.c().subtract(t.a()));
            assertThat(t.normal().getNorm()).isCloseTo(1, within(1e-4));
            assertThat(Vector3D.dotProduct(right.normalize(), t.normal())).isCloseTo(1, within(1e-2));
        });
    }

    /** Every edge of each closed part is walked once each way: no gap, no flap. */
    @Test
    void everyEdgeIsSharedByTwoTriangles() {
        Map<String, Integer> walked = new HashMap<>();
        for (Triangle t : read(StlWriter.write(bit()))) {
            for (Vector3D[] edge : new Vector3D[][] {{t.a(), t.b()}, {t.b(), t.c()}, {t.c(), t.a()}}) {
                String from = edge[0].toString();
                String to = edge[1].toString();
                walked.merge(
                        from.compareTo(to) < 0 ? from + to : to + from, from.compareTo(to) < 0 ? 1 : -1, Integer::sum);
            }
        }
        assertThat(walked.values()).allMatch(balance -> balance == 0);
    }
}
