package boldwedge.core.families.parting.model;

import boldwedge.core.language.stock.Span;

/** What a parting cut must hold, each as a margin: 0 just enough, 1 twice what is needed, below 0 too little. */
public enum PartBound {
    /** What gives way first bears so many times the reckoned force: nothing about a jam can be reckoned. */
    BREAKS {
        @Override
        public double margin(PartCut cut) {
            return Weaknesses.of(cut).getFirst().times(cut.force().cuttingN()) / WANTED_TIMES - 1;
        }
    },
    /** The point is carried into the work by less than this part of what makes it run away. */
    DIGS_IN {
        @Override
        public double margin(PartCut cut) {
            return cut.gain() <= 0 ? 1 : DIGS_SHARE * PartCut.RUNS_AWAY / cut.gain() - 1;
        }
    },
    /** The edge is no wider than is quiet for sure; over that it runs from 0 down, and faster over what is hopeless. */
    CHATTER {
        @Override
        public double margin(PartCut cut) {
            Span quiet = cut.quietMm();
            double width = cut.job().widthMm();
            return width <= quiet.low()
                    ? quiet.low() / width - 1
                    : 0.3 * (quiet.low() / width - 1) + Math.min(0, 0.7 * (HOPELESS * quiet.high() / width - 1));
        }
    },
    /** Two thirds of the motor's power: a third is left for what jams. */
    POWER {
        @Override
        public double margin(PartCut cut) {
            return 0.67 * cut.availableWatt() / cut.at().getFirst().watt() - 1;
        }
    },
    /** The chip is one that a worn edge still shaves. */
    RUBS {
        @Override
        public double margin(PartCut cut) {
            return cut.feedMm()
                            * Math.cos(cut.job().leadRad())
                            / cut.smallestChipMm().high()
                    - 1;
        }
    },
    /** The outside is not faster than parting is given. */
    SPEED {
        @Override
        public double margin(PartCut cut) {
            double high = PartCut.SPEED_SHARE
                    * cut.job().work().surfaceSpeed(cut.job().blade().tool()).high();
            return 1 - cut.at().getFirst().metresPerMinute() / high;
        }
    };

    /** So many times the reckoned force is wanted of what gives way first. */
    public static final double WANTED_TIMES = 3;
    /** An edge wider than this many times what the best damping leaves quiet sings whatever is done. */
    public static final double HOPELESS = 3;
    /** Part of what makes it run away that is left alone. */
    public static final double DIGS_SHARE = 0.6;

    /** The margin in a cut. */
    public abstract double margin(PartCut cut);
}
