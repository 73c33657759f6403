package boldwedge.core.families.forming.model;

import java.util.ArrayList;
import java.util.List;

/**
 * A form's profile: corners from left to right, joined by lines and arcs, mm. Radii are those of the work.
 *
 * @param corners at least two
 * @param pieces it in short straight pieces: lines as they are, arcs in thirty-two
 */
public record Profile(List<Corner> corners, List<Piece> pieces) {
    private static final int ARC_PARTS = 32;

    /**
     * A corner.
     *
     * @param xMm along the axis
     * @param radiusMm of the work there
     * @param arcMm radius of the arc that leads here from the corner before; 0 for a line, above 0 where it bulges away from the axis, below 0
     *     where it is hollow
     */
    public record Corner(double xMm, double radiusMm, double arcMm) {}

    /** A short straight piece of it, from one place and radius to the next. */
    public record Piece(double x0, double r0, double x1, double r1) {
        /** Its direction from the axis, between −π/2 and π/2. */
        public double tangentRad() {
            return Math.atan2(r1 - r0, x1 - x0);
        }

        public double lengthMm() {
            return Math.hypot(x1 - x0, r1 - r0);
        }
    }

    /** A profile through these corners. */
    public static Profile through(List<Corner> corners) {
        List<Piece> pieces = new ArrayList<>();
        for (int i = 1; i < corners.size(); i++) {
            Corner from = corners.get(i - 1);
            Corner to = corners.get(i);
            if (to.arcMm() == 0) {
                pieces.add(new Piece(from.xMm(), from.radiusMm(), to.xMm(), to.radiusMm()));
            } else {
                arc(pieces, from, to);
            }
        }
        return new Profile(List.copyOf(corners), List.copyOf(pieces));
    }

    private static void arc(List<Piece> pieces, Corner from, Corner to) {
        double dx = to.xMm() - from.xMm();
        double dr = to.radiusMm() - from.radiusMm();
        double chord = Math.hypot(dx, dr);
        double rho = Math.abs(to.arcMm());
        double sag = Math.sqrt(Math.max(0, rho * rho - chord * chord / 4));
        // A bulge has its centre on the axis's side of the chord.
        double side = to.arcMm() > 0 ? -1 : 1;
        double cx = (from.xMm() + to.xMm()) / 2 - side * sag * dr / chord;
        double cr = (from.radiusMm() + to.radiusMm()) / 2 + side * sag * dx / chord;
        double start = Math.atan2(from.radiusMm() - cr, from.xMm() - cx);
        double turn = 2 * Math.asin(Math.min(1, chord / (2 * rho))) * side;
        double x = from.xMm();
        double r = from.radiusMm();
        for (int i = 1; i <= ARC_PARTS; i++) {
            double at = start + turn * i / ARC_PARTS;
            double nextX = i == ARC_PARTS ? to.xMm() : cx + rho * Math.cos(at);
            double nextR = i == ARC_PARTS ? to.radiusMm() : cr + rho * Math.sin(at);
            pieces.add(new Piece(x, r, nextX, nextR));
            x = nextX;
            r = nextR;
        }
    }

    /** Along the axis from end to end, mm. */
    public double widthMm() {
        return corners.getLast().xMm() - corners.getFirst().xMm();
    }

    /** Smallest radius of the work, mm. */
    public double smallestMm() {
        double least = corners.getFirst().radiusMm();
        for (Piece piece : pieces) {
            least = Math.min(least, Math.min(piece.r0(), piece.r1()));
        }
        return least;
    }

    /** Largest radius of the work, mm. */
    public double largestMm() {
        double most = corners.getFirst().radiusMm();
        for (Piece piece : pieces) {
            most = Math.max(most, Math.max(piece.r0(), piece.r1()));
        }
        return most;
    }

    /** Depth from the largest to the smallest, mm. */
    public double depthMm() {
        return largestMm() - smallestMm();
    }

    /** Whole length of the edge, mm. */
    public double edgeMm() {
        return pieces.stream().mapToDouble(Piece::lengthMm).sum();
    }

    /** The steepest tangent, radians from the axis, 0 to π/2. */
    public double steepestRad() {
        return pieces.stream()
                .mapToDouble(piece -> Math.abs(piece.tangentRad()))
                .max()
                .orElse(0);
    }
}
