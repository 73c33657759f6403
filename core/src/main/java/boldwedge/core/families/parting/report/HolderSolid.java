package boldwedge.core.families.parting.report;

import boldwedge.core.families.parting.model.HolderDesign;
import boldwedge.core.families.parting.model.HolderGeometry;
import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.language.drawing.Mesh;
import boldwedge.core.language.drawing.OneBody;
import boldwedge.core.language.drawing.Point;
import java.util.List;

/**
 * A built holder as a solid for a file: the block with its slot, and its slit or its foot. Bolt holes, the clamp plate and its
 * screws are left to the drawing. Across is x, up is y, along the blade is z from the front.
 */
public final class HolderSolid {
    private HolderSolid() {}

    /** Its shells. */
    public static List<Mesh> shells(PartCut cut) {
        HolderDesign design = cut.job().design();
        HolderGeometry geometry = cut.geometry();
        double length = design.lengthMm();
        if (cut.job().holder() == HolderKind.SIDE_BLOCK) {
            double tab = Math.min(design.tabMm(), length);
            return List.of(OneBody.of(
                    "block",
                    List.of(
                            OneBody.prism(section(cut, 0), 0, tab),
                            OneBody.prism(section(cut, geometry.hangMm()), tab, length))));
        }
        return List.of(Mesh.prism("block", section(cut, 0), 0, length));
    }

    /** The block seen from the work, its underside at a height. */
    private static List<Point> section(PartCut cut, double bottom) {
        HolderDesign design = cut.job().design();
        HolderGeometry geometry = cut.geometry();
        double width = design.widthMm();
        double floor = geometry.floorMm();
        double top = floor + geometry.slotMm();
        double height = top + design.jawMm();
        double held = cut.job().blade().heldMm();
        double under = Math.min(bottom, floor / 2);
        if (!cut.job().holder().split()) {
            return List.of(
                    new Point(0, under),
                    new Point(width, under),
                    new Point(width, height),
                    new Point(0, height),
                    new Point(0, top),
                    new Point(held, top),
                    new Point(held, floor),
                    new Point(0, floor));
        }
        double mid = floor + geometry.slotMm() / 2;
        double half = design.sawMm() / 2;
        double end = width - geometry.split().hingeMm();
        return List.of(
                new Point(0, under),
                new Point(width, under),
                new Point(width, height),
                new Point(0, height),
                new Point(0, top),
                new Point(held, top),
                new Point(held, mid + half),
                new Point(end, mid + half),
                new Point(end, mid - half),
                new Point(held, mid - half),
                new Point(held, floor),
                new Point(0, floor));
    }
}
