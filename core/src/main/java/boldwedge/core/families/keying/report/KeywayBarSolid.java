package boldwedge.core.families.keying.report;

import boldwedge.core.families.keying.model.KeywayCut;
import boldwedge.core.language.drawing.Mesh;
import boldwedge.core.language.drawing.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * The bar as a solid for a file: one body with the bit's square hole through it, or bar and head where the head is screwed on. Threads are drawn as
 * cylinders. The bar lies along z, its tooth's end last; mm.
 */
public final class KeywayBarSolid {
    private KeywayBarSolid() {}

    /** The bar’s shells; a head that is screwed on is one of its own. */
    public static List<Mesh> shells(KeywayCut cut) {
        return bodies(cut);
    }

    static List<Mesh> bodies(KeywayCut cut) {
        double length = cut.barLengthMm();
        double r = cut.barMm() / 2;
        if (cut.job().headMm().isEmpty()) {
            return List.of(drilled("bar", cut, List.of(new Point(0, 0), new Point(r, 0)), length));
        }
        double face = length - cut.job().headMm().getAsDouble();
        double spigot = cut.spigotMm() / 2;
        double thread = cut.headThread().threadMm() / 2;
        double shoulder = face - 2 * spigot * KeywayScenes.SPIGOT_LONG;
        double end = shoulder - 2 * thread * KeywayScenes.THREAD_LONG;
        Mesh bar = Mesh.turned(
                "bar",
                List.of(
                        new Point(0, 0),
                        new Point(r, 0),
                        new Point(r, face),
                        new Point(spigot, face),
                        new Point(spigot, shoulder),
                        new Point(thread, shoulder),
                        new Point(thread, end),
                        new Point(0, end)));
        List<Point> below = List.of(
                new Point(0, end),
                new Point(thread, end),
                new Point(thread, shoulder),
                new Point(spigot, shoulder),
                new Point(spigot, face),
                new Point(r, face));
        return List.of(bar, drilled("head", cut, below, length));
    }

    private static Mesh drilled(String name, KeywayCut cut, List<Point> from, double length) {
        double r = cut.barMm() / 2;
        double half = cut.holeMm() / 2;
        double cross = length - cut.holeAtMm();
        List<Point> below = new ArrayList<>(from);
        below.add(new Point(r, cross - half));
        return Mesh.crossHoled(
                name, below, List.of(new Point(r, cross + half), new Point(r, length), new Point(0, length)), half);
    }
}
