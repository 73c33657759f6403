package boldwedge.core.language.drawing;

import java.util.ArrayList;
import java.util.List;

/**
 * Moves labels that lie on others a little, so that all can be read. Inputs are placed first, as they come; words give way to them and
 * to the words before them; the nearest free place is taken.
 */
final class ClearLabels {
    /** How far words may be moved, in plate millimetres, the nearest first. */
    private static final double[] AWAY = {0, 1.2, 2.2, 3.2, 4.4, 5.6, 7, 9, 11, 13};

    private static final double[][] WAYS = {{0, 1}, {0, -1}, {1, 0}, {-1, 0}, {1, 1}, {-1, 1}, {1, -1}, {-1, -1}};

    private final double left;
    private final double bottom;
    private final double width;
    private final double height;
    private final List<LabelBox> taken = new ArrayList<>();

    ClearLabels(double left, double bottom, double width, double height) {
        this.left = left;
        this.bottom = bottom;
        this.width = width;
        this.height = height;
    }

    /** The labels, none on another where there is a free place near. */
    List<Label> placed(List<Label> labels) {
        Label[] placed = labels.toArray(Label[]::new);
        for (boolean inputs : new boolean[] {true, false}) {
            for (int i = 0; i < placed.length; i++) {
                if (placed[i].field().isEmpty() != inputs && !placed[i].text().isBlank()) {
                    placed[i] = free(placed[i]);
                    // As large as it gets: on the smaller page.
                    taken.add(LabelBox.of(placed[i], LabelBox.AT_1024));
                }
            }
        }
        return List.of(placed);
    }

    private Label free(Label label) {
        LabelBox box = LabelBox.of(label, LabelBox.AT_1024);
        for (double away : AWAY) {
            for (double[] way : WAYS) {
                if (fits(box, away * way[0], away * way[1])) {
                    return moved(label, away * way[0], away * way[1]);
                }
                if (away == 0) {
                    break;
                }
            }
        }
        return label;
    }

    private static Label moved(Label label, double dx, double dy) {
        return dx == 0 && dy == 0
                ? label
                : new Label(
                        label.role(),
                        new Point(
                                Math.rint((label.at().x() + dx) * 1e4) / 1e4,
                                Math.rint((label.at().y() + dy) * 1e4) / 1e4),
                        label.anchor(),
                        label.text(),
                        label.field(),
                        label.name());
    }

    /** Whether a box that is moved lies free and on the plate; words nearly as wide as the plate may reach over its edge. */
    private boolean fits(LabelBox box, double dx, double dy) {
        double l = box.left() + dx;
        double r = box.right() + dx;
        double low = box.low() + dy;
        double high = box.high() + dy;
        boolean inside = l >= left && r <= left + width && low >= bottom && high <= bottom + height;
        if (!inside && r - l <= 0.9 * width) {
            return false;
        }
        for (LabelBox other : taken) {
            if (l < other.right() && other.left() < r && low < other.high() && other.low() < high) {
                return false;
            }
        }
        return true;
    }
}
