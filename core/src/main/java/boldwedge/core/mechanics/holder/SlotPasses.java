package boldwedge.core.mechanics.holder;

import java.util.ArrayList;
import java.util.List;

/**
 * Passes that cut a slot with a cutter narrower than it: the middle first, both walls left a little, then the wall that
 * measures and last the other. Positions are of the cutter's axis across the slot, from the face that the slot is measured
 * from; on the dial zero is where the cutter's near side touches that face.
 *
 * @param fromMm near wall from the face, mm
 * @param widthMm width of the slot, mm
 * @param cutterMm width that the cutter really cuts, mm
 * @param passes in order
 */
public record SlotPasses(double fromMm, double widthMm, double cutterMm, List<Pass> passes) {
    /** Left on each wall by roughing, mm. */
    public static final double LEFT_MM = 0.2;
    /** Passes overlap: the next stands aside by at most this part of the cutter. */
    private static final double STEP = 0.8;

    /**
     * One pass.
     *
     * @param axisMm the cutter's axis from the face
     * @param dialMm what the dial shows, from its zero
     * @param finishing whether it cuts a wall to size
     */
    public record Pass(double axisMm, double dialMm, boolean finishing) {}

    /**
     * Plans the passes.
     *
     * @throws IllegalArgumentException when the cutter is wider than the slot
     */
    public static SlotPasses of(double fromMm, double widthMm, double cutterMm) {
        if (cutterMm > widthMm + 1e-9) {
            throw new IllegalArgumentException("The cutter is wider than the slot.");
        }
        double near = fromMm + cutterMm / 2;
        double far = fromMm + widthMm - cutterMm / 2;
        List<Pass> passes = new ArrayList<>();
        if (far - near <= 1e-9) {
            passes.add(pass(near, cutterMm, true));
            return new SlotPasses(fromMm, widthMm, cutterMm, List.copyOf(passes));
        }
        double left = Math.min(LEFT_MM, (far - near) / 2);
        double first = near + left;
        double span = far - left - first;
        int steps = (int) Math.ceil(span / (STEP * cutterMm) - 1e-9);
        for (int i = 0; i <= steps; i++) {
            passes.add(pass(steps == 0 ? first : first + span * i / steps, cutterMm, false));
        }
        passes.add(pass(near, cutterMm, true));
        passes.add(pass(far, cutterMm, true));
        return new SlotPasses(fromMm, widthMm, cutterMm, List.copyOf(passes));
    }

    private static Pass pass(double axis, double cutter, boolean finishing) {
        return new Pass(axis, axis + cutter / 2, finishing);
    }

    /** Width that the same settings would have cut if the cutter had been as labelled, mm. */
    public double widthIfLabelled(double labelledMm) {
        return widthMm + labelledMm - cutterMm;
    }
}
