package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.drawing.Mesh;
import boldwedge.core.language.drawing.NosedBar;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.StlWriter;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.recording.Questions;
import boldwedge.core.testing.Shop;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The solids of bits, bars and holders, read back from their STL files: closed, outward, and as large as they are by hand. */
class SolidsTest {
    /** A facet, with its corners as they are written in the file too: shells are closed where the same text meets itself. */
    private record Triangle(Vector3D normal, Vector3D a, Vector3D b, Vector3D c, List<String> corners) {}

    /** The shells of a file by name. */
    private static Map<String, List<Triangle>> read(String stl) {
        Map<String, List<Triangle>> shells = new LinkedHashMap<>();
        List<Triangle> triangles = new ArrayList<>();
        List<Vector3D> open = new ArrayList<>();
        List<String> corners = new ArrayList<>();
        for (String line : stl.lines().map(String::strip).toList()) {
            String[] words = line.split(" ");
            switch (words[0]) {
                case "solid" -> {
                    triangles = new ArrayList<>();
                    shells.put(words[1], triangles);
                }
                case "facet" -> {
                    open.clear();
                    corners.clear();
                    open.add(vector(words, 2));
                }
                case "vertex" -> {
                    open.add(vector(words, 1));
                    corners.add(line);
                }
                case "endfacet" ->
                    triangles.add(
                            new Triangle(open.get(0), open.get(1), open.get(2), open.get(3), List.copyOf(corners)));
                default -> assertThat(words[0]).isIn("outer", "endloop", "endsolid");
            }
        }
        return shells;
    }

    private static Vector3D vector(String[] words, int from) {
        return new Vector3D(
                Double.parseDouble(words[from]),
                Double.parseDouble(words[from + 1]),
                Double.parseDouble(words[from + 2]));
    }

    private static double volume(List<Triangle> shell) {
        double volume = 0;
        for (Triangle t : shell) {
            volume += Vector3D.dotProduct(t.a(), Vector3D.crossProduct(t.b(), t.c())) / 6;
        }
        return volume;
    }

    private static Map<String, List<Triangle>> solid(String... fieldsAndTexts) {
        PlanRequest request = Shop.request(fieldsAndTexts);
        return read(Planner.solid(request).orElseThrow().stl());
    }

    private static void closed(String name, List<Triangle> shell) {
        assertThat(shell).as(name).hasSizeGreaterThan(3);
        Map<String, Integer> walked = new HashMap<>();
        for (Triangle t : shell) {
            for (int i = 0; i < 3; i++) {
                String from = t.corners().get(i);
                String to = t.corners().get((i + 1) % 3);
                walked.merge(
                        from.compareTo(to) < 0 ? from + to : to + from, from.compareTo(to) < 0 ? 1 : -1, Integer::sum);
            }
            Vector3D right = Vector3D.crossProduct(t.b().subtract(t.a()), t.c().subtract(t.a()));
            // A sliver's corners are rounded in the file: its normal says nothing.
            if (right.getNorm() > 1e-3) {
                assertThat(Vector3D.dotProduct(right.normalize(), t.normal()))
                        .as(name)
                        .isCloseTo(1, within(1e-2));
            }
        }
        assertThat(walked.values()).as(name).allMatch(balance -> balance == 0);
        assertThat(volume(shell)).as(name).isPositive();
    }

    /** Of every job that has a solid, every shell is closed and turned outward. */
    @Test
    void everySolidIsClosed() {
        int looked = 0;
        for (Questions.Question question : Questions.all()) {
            Optional<Solid> solid = Planner.solid(question.request());
            if (solid.isPresent()) {
                looked++;
                Map<String, List<Triangle>> shells = read(solid.get().stl());
                shells.forEach((name, shell) -> {
                    closed(question.name() + " " + name, shell);
                    assertThat(pieces(shell)).as(question.name() + " " + name).isOne();
                });
                // A head that is screwed on is a piece of its own; nothing else is.
                assertThat(shells.size())
                        .as(question.name() + " " + shells.keySet())
                        .isLessThanOrEqualTo(shells.containsKey("head") ? 2 : 1);
            }
        }
        assertThat(looked).isGreaterThan(200);
    }

    /** How many bodies a shell is: triangles that are joined by a side are one. */
    private static int pieces(List<Triangle> shell) {
        Map<String, Integer> owner = new HashMap<>();
        int[] parent = new int[shell.size()];
        for (int i = 0; i < parent.length; i++) {
            parent[i] = i;
        }
        for (int i = 0; i < parent.length; i++) {
            for (int k = 0; k < 3; k++) {
                String a = shell.get(i).corners().get(k);
                String b = shell.get(i).corners().get((k + 1) % 3);
                Integer other = owner.putIfAbsent(a.compareTo(b) < 0 ? a + b : b + a, i);
                if (other != null) {
                    parent[root(parent, i)] = root(parent, other);
                }
            }
        }
        int roots = 0;
        for (int i = 0; i < parent.length; i++) {
            roots += root(parent, i) == i ? 1 : 0;
        }
        return roots;
    }

    private static int root(int[] parent, int of) {
        int at = of;
        while (parent[at] != at) {
            parent[at] = parent[parent[at]];
            at = parent[at];
        }
        return at;
    }

    /** Head and shank against the length of the blank: what is ground off is the rest. */
    @Test
    void aBitIsItsBlankLessWhatIsGroundOff() {
        Map<String, List<Triangle>> bit = solid("operation", "turn", "blank", "hss-10mm", "noseRadius", "1.2 mm");
        double left = bit.values().stream().mapToDouble(SolidsTest::volume).sum();
        double removed = Planner.plan(Shop.request("operation", "turn", "blank", "hss-10mm", "noseRadius", "1.2 mm"))
                .figure("removedVolume")
                .is();
        double blank = 10 * 10 * 100;
        // The file's nose is rounder than the drawing's: they differ by what lies between 12 planes and 48.
        assertThat(left + removed).isCloseTo(blank, within(2e-4 * blank));
        long onNose = bit.getOrDefault("bit", List.of()).stream()
                .filter(t -> Math.abs(t.normal().getZ()) < 0.5)
                .map(t -> Math.round(1e4 * t.normal().getX()))
                .distinct()
                .count();
        assertThat(onNose).isGreaterThan(40);
    }

    /** A plain bar: πr²L less the strip that the bit's square hole takes, by its closed form. */
    @Test
    @Tag("written")
    void aBarIsACylinderLessItsHole() {
        Map<String, List<Triangle>> bar = solid(
                "operation",
                "bore",
                "boreStart",
                "24 mm",
                "boreFinished",
                "26 mm",
                "boreDepth",
                "40 mm",
                "barDiameter",
                "16 mm",
                "barLength",
                "120 mm",
                "boreBit",
                "hss-5mm");
        assertThat(bar).containsOnlyKeys("bar");
        double r = 8;
        double half = 2.5;
        double strip = 2 * (half * Math.sqrt(r * r - half * half) + r * r * Math.asin(half / r));
        double byHand = Math.PI * r * r * 120 - strip * 2 * half;
        double all = bar.values().stream().mapToDouble(SolidsTest::volume).sum();
        // A circle of 96 chords lacks 0.07 % of its area.
        assertThat(all).isCloseTo(byHand, within(1.2e-3 * byHand));
    }

    /** A keyway bar is one body: πr²L less its square hole; with a head screwed on bar and head together are as much, for spigot and thread fill what they fill. */
    @Test
    void aKeywayBarIsACylinderLessItsHole() {
        String[] job = {"operation", "keyway", "keyBore", "30 mm", "keyBar", "20 mm", "keyBit", "hss-8mm"};
        Map<String, List<Triangle>> solid = solid(job);
        assertThat(solid).containsOnlyKeys("bar");
        double length = 55 + 40;
        double byHand = Math.PI * 100 * length - hole(10, 4);
        assertThat(volume(solid.values().iterator().next())).isCloseTo(byHand, within(1.2e-3 * byHand));
        String[] headed = Stream.concat(Stream.of(job), Stream.of("keyHead", "replaceable"))
                .toArray(String[]::new);
        Map<String, List<Triangle>> both = solid(headed);
        assertThat(both).containsOnlyKeys("bar", "head");
        both.forEach(SolidsTest::closed);
        assertThat(both.values().stream().mapToDouble(SolidsTest::volume).sum())
                .isCloseTo(byHand, within(1.2e-3 * byHand));
    }

    /** A straight nose without rake or side: the blank less what is beside and before it, and the wedge of its clearance. */
    @Test
    void aNosedBarIsItsBlankLessWhatIsGroundOff() {
        double front = Math.toRadians(8);
        Mesh bit = new NosedBar(10, 10, 60, 0, front, 0, 12).mesh("nose", List.of(new Point(0, 0), new Point(4, 0)));
        double byHand = 10 * 10 * 48 + 4 * 10 * 12 - 4 * 10 * 10 * Math.tan(front) / 2;
        assertThat(bit.volumeMm3()).isCloseTo(byHand, within(1e-6));
        closed("nose", read(StlWriter.write(List.of(bit))).values().iterator().next());
    }

    /** As wide as its blank, raked: the wedge of its rake off the top, the wedge of its clearance off the front, by summing slices along it. */
    @Test
    void aRakedNoseIsSummedSliceBySlice() {
        double front = Math.toRadians(8);
        double rake = Math.toRadians(12);
        List<Point> straight = List.of(new Point(0, 0), new Point(8, 0));
        Mesh bit = new NosedBar(8, 10, 50, rake, front, 0, 14).mesh("nose", straight);
        double byHand = 8 * 10 * 36;
        int slices = 200_000;
        for (int i = 0; i < slices; i++) {
            double back = (i + 0.5) * 14 / slices;
            double top = 10 - back * Math.tan(rake);
            double foot = Math.max(0, 10 - back / Math.tan(front));
            byHand += 8 * (top - foot) * 14 / slices;
        }
        assertThat(bit.volumeMm3()).isCloseTo(byHand, within(1e-2));
        Mesh leaning = new NosedBar(8, 10, 50, rake, front, Math.toRadians(2), 14).mesh("nose", straight);
        assertThat(leaning.volumeMm3()).isLessThan(bit.volumeMm3());
        closed(
                "nose",
                read(StlWriter.write(List.of(leaning))).values().iterator().next());
    }

    /** Forms and grooves are one body each, whatever their outline. */
    @Test
    void formsAndGroovesAreOneBody() {
        assertThat(solid("operation", "form", "material", "bronze-tin")).containsOnlyKeys("form-bit");
        assertThat(solid("operation", "ring-groove")).containsOnlyKeys("groove-bit");
    }

    /** What a square hole takes of a round bar: the strip of its circle, as long as the hole is wide. */
    private static double hole(double r, double half) {
        return 2 * (half * Math.sqrt(r * r - half * half) + r * r * Math.asin(half / r)) * 2 * half;
    }

    /** A push rod's hole that meets the square one: both less what they share. */
    @Test
    void aHoleAlongTheBarMeetsTheSquareOne() {
        List<Point> below = List.of(new Point(2, 40), new Point(2, 0), new Point(8, 0), new Point(8, 40));
        List<Point> above = List.of(new Point(8, 46), new Point(8, 60), new Point(0, 60));
        Mesh mesh = Mesh.crossHoled("bar", below, above, 3);
        double byHand = Math.PI * 64 * 60 - hole(8, 3) - Math.PI * 4 * 40;
        assertThat(mesh.volumeMm3()).isCloseTo(byHand, within(1.5e-3 * byHand));
        closed("bar", read(StlWriter.write(List.of(mesh))).values().iterator().next());
    }

    /** A nose with a blend of 2 mm: cylinders and, by Pappus, the fillet of (1 − π/4) b² about its centroid. */
    @Test
    void aNosesBlendIsRound() {
        Map<String, List<Triangle>> bar = solid(
                "operation",
                "bore",
                "boreStart",
                "24 mm",
                "boreFinished",
                "26 mm",
                "boreDepth",
                "20 mm",
                "barDiameter",
                "16 mm",
                "barLength",
                "120 mm",
                "boreBit",
                "insert-60-6",
                "neckDiameter",
                "10 mm",
                "neckLength",
                "30 mm",
                "blend",
                "2 mm",
                "barOverhang",
                "50 mm");
        double b = 2;
        double nose = 30 + 6.35;
        double area = (1 - Math.PI / 4) * b * b;
        // The fillet's centroid from the corner that it fills: (10 − 3π) / (12 − 3π) of its radius.
        // − 3π) / (12 − 3π) b.
        double out = (10 - 3 * Math.PI) / (12 - 3 * Math.PI) * b;
        double byHand = Math.PI * 64 * (120 - nose) + Math.PI * 25 * nose + 2 * Math.PI * (5 + out) * area;
        assertThat(bar.values().stream().mapToDouble(SolidsTest::volume).sum())
                .isCloseTo(byHand, within(1.2e-3 * byHand));
    }

    /** A split block: its section by hand times its length. */
    @Test
    @Tag("written")
    void aHolderIsItsSectionTimesItsLength() {
        String[] job = {
            "operation", "part", "partHolder", "split-block", "blade", "blade-2mm", "blockWidth", "40 mm",
                    "blockLength",
            "50 mm", "blockJaw", "12 mm", "hinge", "5 mm", "slitSaw", "1.5 mm", "slotRoom", "0.06 mm"
        };
        Map<String, List<Triangle>> holder = solid(job);
        double floor = Planner.plan(Shop.request(job)).figure("floor").is();
        double slot = 12.06;
        double section = 40 * (floor + slot + 12) - 2 * slot - (40 - 5 - 2) * 1.5;
        assertThat(volume(holder.getOrDefault("block", List.of())))
                .isCloseTo(section * 50, within(1e-6 * section * 50));
    }

    /** An outline that bends inward is cut into triangles that make its area. */
    @Test
    void anEarIsCutFromAnyOutline() {
        List<Point> outline = List.of(
                new Point(0, 0),
                new Point(6, 0),
                new Point(6, 4),
                new Point(4, 4),
                new Point(4, 1),
                new Point(2, 1),
                new Point(2, 4),
                new Point(0, 4));
        assertThat(Mesh.prism("u", outline, 0, 3).volumeMm3()).isCloseTo((24 - 6) * 3, within(1e-9));
    }

    /** A shear tool is one body: the blank less the wedge off its side and the wedge off its end, by hand. */
    @Test
    void aShearTool() {
        Map<String, List<Triangle>> shells = solid("operation", "shear", "shearBit", "hss-10mm");
        assertThat(shells).containsOnlyKeys("shear-tool");
        List<Triangle> tool = shells.values().iterator().next();
        closed("shear tool", tool);
        double off = 10 * Math.tan(Math.toRadians(20));
        double fall = Math.tan(Math.toRadians(7));
        double side = off * 10 / 2 * 10;
        // What the front takes off what the side has left: fall · ∫ x dA over the end's section.
        double front = fall * (10 * 10 * 5 - off * 10 / 2 * off / 3);
        double blank = StockCatalogue.shipped().blank("hss-10mm").orElseThrow().lengthMm() * 100;
        assertThat(volume(tool)).isCloseTo(blank - side - front, within(0.01));
    }
}
