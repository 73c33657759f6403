package boldwedge.core.families.parting.report;

import boldwedge.core.families.parting.model.HolderDesign;
import boldwedge.core.families.parting.model.HolderGeometry;
import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.holder.Bolt;
import boldwedge.core.mechanics.holder.SideBlock;
import boldwedge.core.mechanics.holder.SplitBlock;
import java.util.ArrayList;
import java.util.List;

/** The workshop drawing of a holder: from the work, from the side and from above, all to one scale. */
final class HolderDrawing {
    private final PartCut cut;
    private final PartJob job;
    private final HolderDesign design;
    private final HolderGeometry geometry;
    private final UnitFormat say;
    private final SceneBuilder scene = new SceneBuilder("holder-drawing", "Drawing of the holder");
    private final double width;
    private final double length;
    private final double height;
    private final double scale;

    private HolderDrawing(PartCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.design = job.design();
        this.geometry = cut.geometry();
        this.say = say;
        this.width = design.widthMm() + (job.holder().split() ? 0 : design.plateMm());
        this.length = design.lengthMm();
        this.height = geometry.floorMm() + geometry.slotMm() + design.jawMm();
        this.scale = Math.min(Math.min(24 / width, 46 / length), 30 / height);
    }

    static Scene draw(PartCut cut, UnitFormat say) {
        return new HolderDrawing(cut, say).draw();
    }

    private Scene draw() {
        double floorY = 34;
        double endX = 9;
        double sideX = 46;
        scene.place(endX, floorY, scale);
        fromTheWork();
        scene.place(sideX, floorY, scale);
        fromTheSide();
        scene.place(sideX, 24 - scale * width, scale);
        fromAbove();
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, endX, floorY + scale * height + 6, Anchor.START, "from the work");
        scene.label(Role.CAPTION, sideX, floorY + scale * height + 6, Anchor.START, "from the chuck's side");
        scene.label(Role.CAPTION, sideX, 26, Anchor.START, "from above");
        List<String> notes = notes();
        for (int i = 0; i < notes.size(); i++) {
            scene.label(Role.DIMENSION, 4, 20 - 3.4 * i, Anchor.START, notes.get(i));
        }
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    private List<String> notes() {
        List<String> notes = new ArrayList<>();
        notes.add("slot " + say.length(geometry.slotMm()) + ", floor at");
        notes.add("  " + say.length(geometry.floorMm()));
        if (job.holder().split()) {
            Bolt bolt = geometry.split().bolt();
            notes.add("slit " + say.length(design.sawMm()) + ", hinge " + say.length(design.hinge()));
            notes.add("hole " + say.length(bolt.clearanceMm()) + " for " + bolt.name());
        } else {
            SideBlock side = geometry.side();
            notes.add("plate " + say.length(side.plateMm()) + ", taper " + say.angle(side.taperRad()));
            notes.add("3 × " + side.screw().name() + ", " + say.length(side.pitchMm()) + " apart");
        }
        notes.add("low-carbon steel");
        return notes;
    }

    /** Looking along the blade from the work; the slot's side at the left. */
    private void fromTheWork() {
        double held = job.blade().heldMm();
        double floor = geometry.floorMm();
        double top = floor + geometry.slotMm();
        double x0 = job.holder().split() ? 0 : design.plateMm();
        double x1 = x0 + design.widthMm();
        double[] outline = {x0, 0, x1, 0, x1, height, x0, height, x0, top, x0 + held, top, x0 + held, floor, x0, floor};
        scene.filled(Role.GROUND, Role.EDGE, outline);
        double bladeTop = floor + job.blade().heightMm();
        scene.run(Role.TOOL, true, x0, floor, x0 + held, floor, x0 + held, bladeTop, x0, bladeTop);
        if (job.holder().split()) {
            SplitBlock split = geometry.split();
            double mid = floor + geometry.slotMm() / 2;
            double half = design.sawMm() / 2;
            scene.run(
                    Role.EDGE,
                    false,
                    held,
                    mid + half,
                    x1 - split.hingeMm(),
                    mid + half,
                    x1 - split.hingeMm(),
                    mid - half,
                    held,
                    mid - half);
            double bolt = split.boltFromSideMm();
            double r = split.bolt().clearanceMm() / 2;
            scene.line(Role.HIDDEN, bolt - r, 0, bolt - r, height);
            scene.line(Role.HIDDEN, bolt + r, 0, bolt + r, height);
            scene.line(Role.CENTRE, bolt, -2, bolt, height + 2);
        } else {
            SideBlock side = geometry.side();
            double lean = design.plateMm() * Math.tan(side.taperRad());
            double low = floor - 2 * side.screw().threadMm() / 2;
            double high = top + side.screw().threadMm();
            scene.run(Role.EDGE, true, 0, low, x0, low, x0, high - lean, 0, high);
            scene.line(Role.CENTRE, -2, (top + high) / 2, x1, (top + high) / 2);
        }
        scene.dimension(x0, 0, x1, 0, -3);
        scene.label(Role.DIMENSION, (x0 + x1) / 2, -4.8 / scale, Anchor.MIDDLE, say.length(design.widthMm()));
        scene.dimension(x1, height, x1, 0, 3);
        scene.label(Role.DIMENSION, x1 + 3.6 / scale, height / 2, Anchor.START, say.length(height));
    }

    private void fromTheSide() {
        double floor = geometry.floorMm();
        double top = floor + geometry.slotMm();
        if (job.holder() == HolderKind.SIDE_BLOCK) {
            double hang = geometry.hangMm();
            double[] outline = {0, 0, design.tabMm(), 0, design.tabMm(), hang, length, hang, length, height, 0, height};
            scene.filled(Role.GROUND, Role.EDGE, outline);
            SideBlock side = geometry.side();
            double y = top + side.screw().threadMm() / 2;
            for (int i = 0; i < SideBlock.SCREWS; i++) {
                double x = 2 * side.screw().threadMm() + i * side.pitchMm();
                scene.circle(Role.EDGE, x, y, side.screw().clearanceMm() / 2);
            }
            scene.dimension(0, 0, design.tabMm(), 0, -3);
            scene.label(Role.DIMENSION, design.tabMm() / 2, -4.8 / scale, Anchor.MIDDLE, say.length(design.tabMm()));
        } else {
            double[] outline = {0, 0, length, 0, length, height, 0, height};
            scene.filled(Role.GROUND, Role.EDGE, outline);
            for (double at : boltsAt()) {
                double r = geometry.split().bolt().clearanceMm() / 2;
                scene.line(Role.HIDDEN, at - r, 0, at - r, height);
                scene.line(Role.HIDDEN, at + r, 0, at + r, height);
                scene.line(Role.CENTRE, at, -2, at, height + 2);
            }
        }
        scene.line(Role.EDGE, 0, floor, length, floor);
        scene.line(Role.EDGE, 0, top, length, top);
        double out = Math.min(cut.job().overhangMm(), 8 / scale);
        double bladeTop = floor + job.blade().heightMm();
        scene.run(Role.TOOL, true, -out, floor, length, floor, length, bladeTop, -out, bladeTop);
        scene.line(Role.CENTRE, -out - 3, geometry.axisMm(), 4, geometry.axisMm());
        scene.dimension(length, floor, length, 0, 3);
        scene.label(Role.DIMENSION, length + 3.6 / scale, floor / 2, Anchor.START, say.length(floor));
        scene.dimension(length, top, length, floor, 3);
        scene.label(Role.DIMENSION, length + 3.6 / scale, (floor + top) / 2, Anchor.START, say.length(top - floor));
        scene.dimension(0, height, length, height, 2.5);
        scene.label(Role.DIMENSION, length / 2, height + 4 / scale, Anchor.MIDDLE, say.length(length));
    }

    private double[] boltsAt() {
        return job.twoBolts() ? new double[] {job.boltAtMm() / 2, job.boltAtMm()} : new double[] {job.boltAtMm()};
    }

    /** The slot's side lies at the bottom. */
    private void fromAbove() {
        double x0 = 0;
        double[] outline = {x0, 0, length, 0, length, width, x0, width};
        scene.filled(Role.GROUND, Role.EDGE, outline);
        if (job.holder().split()) {
            scene.line(Role.HIDDEN, 0, job.blade().heldMm(), length, job.blade().heldMm());
            for (double at : boltsAt()) {
                scene.circle(
                        Role.EDGE,
                        at,
                        geometry.split().boltFromSideMm(),
                        geometry.split().bolt().clearanceMm() / 2);
                scene.line(Role.CENTRE, at, -2, at, width + 2);
            }
            scene.line(Role.HIDDEN, 0, width - design.hinge(), length, width - design.hinge());
            double last = boltsAt()[boltsAt().length - 1];
            scene.dimension(0, 0, last, 0, -2.5);
            scene.label(Role.DIMENSION, last + 2 / scale, -2.5 / scale, Anchor.START, say.length(last));
        } else {
            scene.line(Role.EDGE, 0, design.plateMm(), length, design.plateMm());
            scene.line(
                    Role.HIDDEN,
                    0,
                    design.plateMm() + job.blade().heldMm(),
                    length,
                    design.plateMm() + job.blade().heldMm());
        }
    }
}
