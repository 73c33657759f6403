package boldwedge.core.language.drawing;

/**
 * The room that a label takes on the plate, mm. Plain words are drawn with the plate and grow with it; an input is as large on a small
 * page as on a large one, and takes more of a small plate.
 *
 * @param left its left edge
 * @param low its lower edge
 * @param right its right edge
 * @param high its upper edge
 */
public record LabelBox(double left, double low, double right, double high) {
    /** Widths of pages at which labels must not overlap, as the share of the plate's size on a page 1280 wide. */
    public static final double AT_1280 = 1;

    /** A page 1024 wide leaves the plate this much of that. */
    public static final double AT_1024 = 0.8;

    private static final double LETTER = 1.1;
    private static final double HALF_LINE = 1.05;
    private static final double INPUT_LETTER = 1.25;
    private static final double NAME_LETTER = 0.86;
    private static final double INPUT_BELOW = 2;
    private static final double INPUT_ABOVE = 4.5;
    private static final int LEAST_LETTERS = 4;

    /** The room of a label on a page whose plate has this share of its size on a page 1280 wide. */
    public static LabelBox of(Label label, double share) {
        boolean input = !label.field().isEmpty();
        double width = input
                ? Math.max(
                                INPUT_LETTER
                                        * Math.max(LEAST_LETTERS, label.text().length()),
                                NAME_LETTER * label.name().length())
                        / share
                : LETTER * label.text().length();
        double left = switch (label.anchor()) {
            case START -> label.at().x();
            case MIDDLE -> label.at().x() - width / 2;
            case END -> label.at().x() - width;
        };
        double below = input ? INPUT_BELOW / share : HALF_LINE;
        double above = input ? INPUT_ABOVE / share : HALF_LINE;
        return new LabelBox(
                left, label.at().y() - below, left + width, label.at().y() + above);
    }

    /** Whether two labels lie on each other. */
    public boolean meets(LabelBox other) {
        return left < other.right && other.left < right && low < other.high && other.low < high;
    }
}
