package boldwedge.core.trial;

import java.util.OptionalDouble;

/**
 * What a trial cut gave.
 *
 * @param nearMm diameter at the station near the chuck, mm
 * @param farMm diameter at the far station, mm
 * @param raMm finish, Ra in mm, if measured or compared
 * @param chip what the chip looked like
 * @param sound what was heard
 */
public record Measured(double nearMm, double farMm, OptionalDouble raMm, Chip chip, Sound sound) {
    /** Chips as they come off. */
    public enum Chip {
        NOT_LOOKED("not looked at"),
        SHORT_CURLS("short curls"),
        LONG_RIBBON("long ribbon"),
        POWDER("crumbs or powder"),
        BLUE("blue"),
        WELDED("welded to the edge");

        private final String words;

        Chip(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What the cut sounded like. */
    public enum Sound {
        QUIET("quiet"),
        CHATTER("chatter"),
        SQUEAL("squeal");

        private final String words;

        Sound(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Taper over the two stations, far minus near, mm. */
    public double taperMm() {
        return farMm - nearMm;
    }
}
