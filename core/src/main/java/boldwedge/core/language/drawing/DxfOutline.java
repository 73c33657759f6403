package boldwedge.core.language.drawing;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * An open outline read from a DXF file: its lines and arcs, joined end to end and told from left to right, mm. Read are LINE, ARC, LWPOLYLINE and
 * POLYLINE of ASCII files; inches where the header says so ($INSUNITS 1). What is drawn besides, such as words and dimensions, is passed over.
 *
 * @param vertices from left to right
 */
public record DxfOutline(List<Vertex> vertices) {
    /** Ends nearer than this meet, mm. */
    private static final double MEET_MM = 0.01;

    private static final int MOST_LINES = 200_000;

    /**
     * A vertex.
     *
     * @param arcMm radius of the arc that leads from here to the next; 0 for a line, above 0 where it bulges upwards, below 0 where it hangs
     */
    public record Vertex(double x, double y, double arcMm) {}

    /** A file that is none, or of which no outline can be made; its message is a sentence for whoever brought it. */
    public static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1;

        Unreadable(String sentence) {
            super(sentence);
        }
    }

    private record Edge(double x0, double y0, double x1, double y1, double arcMm) {
        /** The same the other way round: what bulges up from the left does so from the right. */
        Edge turned() {
            return new Edge(x1, y1, x0, y0, arcMm);
        }
    }

    private record Pair(int code, String value) {}

    /**
     * Reads a file.
     *
     * @throws Unreadable where it is no such file, or its lines do not make one open outline
     */
    public static DxfOutline read(String dxf) throws Unreadable {
        List<Pair> pairs = pairs(dxf);
        double unit = unit(pairs);
        List<Edge> edges = new ArrayList<>();
        int i = 0;
        while (i < pairs.size()) {
            Pair at = pairs.get(i);
            int next = i + 1;
            if (at.code() == 0) {
                while (next < pairs.size() && pairs.get(next).code() != 0) {
                    next++;
                }
                List<Pair> entity = pairs.subList(i + 1, next);
                switch (at.value()) {
                    case "LINE" -> edges.add(line(entity, unit));
                    case "ARC" -> edges.add(arc(entity, unit));
                    case "LWPOLYLINE" -> polyline(entity, unit, edges);
                    case "POLYLINE" -> {
                        next = vertices(pairs, next, unit, edges);
                    }
                    default -> {}
                }
            }
            i = next;
        }
        return joined(edges);
    }

    private static List<Pair> pairs(String dxf) throws Unreadable {
        List<String> lines = dxf.lines().limit(MOST_LINES).toList();
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i + 1 < lines.size(); i += 2) {
            try {
                pairs.add(new Pair(
                        Integer.parseInt(lines.get(i).strip()), lines.get(i + 1).strip()));
            } catch (NumberFormatException notACode) {
                throw new Unreadable("That is no DXF file in text form: line " + (i + 1) + " is no group code.");
            }
        }
        if (pairs.stream().noneMatch(pair -> pair.code() == 0 && pair.value().equals("SECTION"))) {
            throw new Unreadable("That is no DXF file: it has no section.");
        }
        return pairs;
    }

    private static double unit(List<Pair> pairs) {
        for (int i = 0; i + 1 < pairs.size(); i++) {
            if (pairs.get(i).code() == 9 && pairs.get(i).value().equals("$INSUNITS")) {
                return pairs.get(i + 1).value().equals("1") ? 25.4 : 1;
            }
        }
        return 1;
    }

    private static double number(List<Pair> entity, int code) throws Unreadable {
        Optional<Pair> found =
                entity.stream().filter(pair -> pair.code() == code).findFirst();
        return found.isEmpty() ? 0 : number(found.get());
    }

    private static double number(Pair pair) throws Unreadable {
        try {
            return new BigDecimal(pair.value()).doubleValue();
        } catch (NumberFormatException notANumber) {
            throw new Unreadable("In the DXF file “" + pair.value() + "” stands where a number should.");
        }
    }

    private static Edge line(List<Pair> entity, double unit) throws Unreadable {
        return new Edge(
                unit * number(entity, 10),
                unit * number(entity, 20),
                unit * number(entity, 11),
                unit * number(entity, 21),
                0);
    }

    /** An arc goes anticlockwise from its first to its second angle: over the top from right to left it bulges up. */
    private static Edge arc(List<Pair> entity, double unit) throws Unreadable {
        double cx = unit * number(entity, 10);
        double cy = unit * number(entity, 20);
        double r = unit * number(entity, 40);
        double from = Math.toRadians(number(entity, 50));
        double to = Math.toRadians(number(entity, 51));
        double x0 = cx + r * Math.cos(from);
        double x1 = cx + r * Math.cos(to);
        return new Edge(x0, cy + r * Math.sin(from), x1, cy + r * Math.sin(to), x1 < x0 ? r : -r);
    }

    private static void polyline(List<Pair> entity, double unit, List<Edge> edges) throws Unreadable {
        List<double[]> points = new ArrayList<>();
        for (Pair pair : entity) {
            switch (pair.code()) {
                case 10 -> points.add(new double[] {unit * number(pair), 0, 0});
                case 20 -> last(points)[1] = unit * number(pair);
                case 42 -> last(points)[2] = number(pair);
                default -> {}
            }
        }
        chain(points, edges);
    }

    private static double[] last(List<double[]> points) throws Unreadable {
        if (points.isEmpty()) {
            throw new Unreadable("In the DXF file a polyline begins without a point.");
        }
        return points.getLast();
    }

    private static int vertices(List<Pair> pairs, int from, double unit, List<Edge> edges) throws Unreadable {
        List<double[]> points = new ArrayList<>();
        int i = from;
        while (i < pairs.size()
                && pairs.get(i).code() == 0
                && pairs.get(i).value().equals("VERTEX")) {
            int next = i + 1;
            while (next < pairs.size() && pairs.get(next).code() != 0) {
                next++;
            }
            List<Pair> vertex = pairs.subList(i + 1, next);
            points.add(new double[] {unit * number(vertex, 10), unit * number(vertex, 20), number(vertex, 42)});
            i = next;
        }
        chain(points, edges);
        return i;
    }

    /** Bulge b between two points of a polyline: the tangent of a quarter of the arc's angle, above 0 anticlockwise. */
    private static void chain(List<double[]> points, List<Edge> edges) {
        for (int i = 0; i + 1 < points.size(); i++) {
            double[] a = points.get(i);
            double[] b = points.get(i + 1);
            double bulge = a[2];
            double chord = Math.hypot(b[0] - a[0], b[1] - a[1]);
            double radius = bulge == 0 ? 0 : chord * (1 + bulge * bulge) / (4 * Math.abs(bulge));
            boolean up = bulge > 0 == b[0] < a[0];
            edges.add(new Edge(a[0], a[1], b[0], b[1], bulge == 0 ? 0 : up ? radius : -radius));
        }
    }

    /** The edges joined from the left end on. */
    private static DxfOutline joined(List<Edge> edges) throws Unreadable {
        List<Edge> left = new ArrayList<>(edges);
        if (left.isEmpty()) {
            throw new Unreadable("The DXF file has no line, arc or polyline.");
        }
        Edge first = start(left);
        left.removeIf(edge -> edge.equals(first) || edge.equals(first.turned()));
        List<Edge> chain = new ArrayList<>(List.of(first));
        while (!left.isEmpty()) {
            Edge end = chain.getLast();
            Optional<Edge> next = left.stream()
                    .filter(edge -> meets(end, edge) || meets(end, edge.turned()))
                    .findFirst();
            if (next.isEmpty()) {
                throw new Unreadable("The lines of the DXF file do not join: " + left.size()
                        + " are left over. Draw the profile alone, as one open outline.");
            }
            left.remove(next.get());
            chain.add(meets(end, next.get()) ? next.get() : next.get().turned());
        }
        List<Vertex> vertices = new ArrayList<>();
        for (Edge edge : chain) {
            vertices.add(new Vertex(edge.x0(), edge.y0(), edge.arcMm()));
        }
        vertices.add(new Vertex(chain.getLast().x1(), chain.getLast().y1(), 0));
        return new DxfOutline(List.copyOf(vertices));
    }

    private static boolean meets(Edge end, Edge next) {
        return Math.hypot(end.x1() - next.x0(), end.y1() - next.y0()) < MEET_MM;
    }

    /** The edge with the free end furthest to the left, told from that end. */
    private static Edge start(List<Edge> edges) throws Unreadable {
        Optional<Edge> best = Optional.empty();
        for (Edge edge : edges) {
            for (Edge way : List.of(edge, edge.turned())) {
                boolean free = edges.stream()
                        .filter(other -> !other.equals(edge))
                        .noneMatch(other -> near(other.x0(), other.y0(), way) || near(other.x1(), other.y1(), way));
                if (free && (best.isEmpty() || way.x0() < best.get().x0())) {
                    best = Optional.of(way);
                }
            }
        }
        return best.orElseThrow(
                () -> new Unreadable("The outline in the DXF file is closed: draw only the profile, from end to end."));
    }

    private static boolean near(double x, double y, Edge way) {
        return Math.hypot(x - way.x0(), y - way.y0()) < MEET_MM;
    }
}
