package boldwedge.core.families.grooving.model;

import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.stock.RingGroove;
import boldwedge.core.language.stock.Undercut;
import boldwedge.core.language.words.Worded;
import java.util.Optional;

/**
 * A groove as it is to be, mm.
 *
 * @param purpose what it is for
 * @param aroundMm diameter of the shaft or the bore that it is cut in; of a face's groove its outer side
 * @param depthMm from there to its bottom, square to the surface
 * @param widthMm nominal width
 * @param width tolerance of that
 * @param bottom tolerance of the bottom's diameter; of a face's groove, of its depth
 * @param cordMm cord of the O-ring; 0 where there is none
 * @param squeeze share of the cord that it is pressed flat by
 * @param gapMm what the parts that are sealed have between them on the diameter
 * @param undercut the row of a shoulder's undercut; empty where it is none
 * @param ring the standard's row; empty where another width or bottom was typed
 * @param source where its sizes come from
 */
public record Groove(
        Purpose purpose,
        double aroundMm,
        double depthMm,
        double widthMm,
        Tolerance width,
        Tolerance bottom,
        double cordMm,
        double squeeze,
        double gapMm,
        Optional<Undercut> undercut,
        Optional<RingGroove> ring,
        String source) {
    /** Of an O-ring's groove so much is filled, at the most and usually (custom of the trade: heat and oil swell it). */
    public static final double MOST_FILL = 0.85;

    public static final double USUAL_FILL = 0.73;

    /** Where it is cut. */
    public enum Side {
        OUTSIDE,
        INSIDE,
        FACE
    }

    /** What it is for. */
    public enum Purpose implements Worded {
        CIRCLIP_SHAFT(Side.OUTSIDE),
        CIRCLIP_BORE(Side.INSIDE),
        ORING_SHAFT(Side.OUTSIDE),
        ORING_BORE(Side.INSIDE),
        ORING_FACE(Side.FACE),
        THREAD_RELIEF(Side.OUTSIDE),
        UNDERCUT(Side.OUTSIDE),
        OWN_OUTSIDE(Side.OUTSIDE),
        OWN_INSIDE(Side.INSIDE),
        OWN_FACE(Side.FACE);

        private final Side side;

        Purpose(Side side) {
            this.side = side;
        }

        public Side side() {
            return side;
        }

        public boolean circlip() {
            return this == CIRCLIP_SHAFT || this == CIRCLIP_BORE;
        }

        public boolean oring() {
            return this == ORING_SHAFT || this == ORING_BORE || this == ORING_FACE;
        }
    }

    public Side side() {
        return purpose.side();
    }

    /** Diameter of the bottom, mm; of a face's groove its inner side. */
    public double bottomMm() {
        return switch (side()) {
            case OUTSIDE -> aroundMm - 2 * depthMm;
            case INSIDE -> aroundMm + 2 * depthMm;
            case FACE -> aroundMm - 2 * widthMm;
        };
    }

    /** The width to aim at: the middle of its limits, mm. */
    public double aimMm() {
        return widthMm + width.middleMm();
    }

    /** From the floor of a shoulder's undercut back up to the shaft, along it, mm; 0 of any other groove. */
    public double runOutMm() {
        return undercut.map(one ->
                        Math.min(depthMm / Math.tan(Undercut.RUN_OUT_RAD), Math.max(0, aimMm() - one.radiusMm())))
                .orElse(0.0);
    }

    /** What seats against the shoulder is broken by more than this at its corner, mm: there the radius ends above the shaft. */
    public double mateMm() {
        return undercut.map(one -> Math.max(0, one.radiusMm() - depthMm)).orElse(0.0);
    }

    /** Depth of an O-ring's groove: what is left of the cord, less half of what the parts have between them. */
    public static double sealDepthMm(double cordMm, double squeeze, double gapMm) {
        return cordMm * (1 - squeeze) - gapMm / 2;
    }

    /** Width of an O-ring's groove in which the cord fills a usual share of the room, mm. */
    public static double sealWidthMm(double cordMm, double roomMm) {
        return Math.PI * cordMm * cordMm / 4 / (USUAL_FILL * roomMm);
    }

    /** What the cord has from bottom to the other part, mm. */
    public double roomMm() {
        return depthMm + gapMm / 2;
    }

    /** By how much of itself the cord is pressed flat in this groove. */
    public double pressed() {
        return 1 - roomMm() / cordMm;
    }

    /** Share of the room that the cord fills. */
    public double fill() {
        return Math.PI * cordMm * cordMm / 4 / (roomMm() * aimMm());
    }

    /** Metal that a ring needs beside its groove: three times its depth, mm (DIN 471, DIN 472). */
    public double besideMm() {
        return 3 * depthMm;
    }
}
