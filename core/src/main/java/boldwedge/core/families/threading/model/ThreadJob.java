package boldwedge.core.families.threading.model;

import boldwedge.core.language.measure.ThreadCall;
import boldwedge.core.language.stock.BarMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.thread.ThreadForm;
import boldwedge.core.mechanics.thread.ThreadLimits;
import boldwedge.core.mechanics.thread.ThreadSize;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A thread to be cut, as read; millimetres, radians, rpm. Empty optionals are left to the program.
 *
 * @param call the thread as it was called
 * @param size its basic sizes
 * @param className class in force; empty where the standard sets none
 * @param limits limits of that class; empty where there is none
 * @param side outside or inside
 * @param left whether it is left hand
 * @param lengthMm length of full thread
 * @param end how it ends
 * @param grooveMm width of the groove, where it was typed
 * @param blankMm what was turned or bored for it, where it was typed
 * @param outsideMm outside of the work, where it was typed
 * @param edge what cuts it
 * @param reach how work or bar stand
 * @param cutting how it is fed
 * @param wireMm wires it is measured over, where they were typed
 */
@RecordBuilder
public record ThreadJob(
        ThreadCall call,
        ThreadSize size,
        String className,
        Optional<ThreadLimits> limits,
        Side side,
        boolean left,
        double lengthMm,
        End end,
        OptionalDouble grooveMm,
        OptionalDouble blankMm,
        OptionalDouble outsideMm,
        WorkMaterial work,
        Lathe lathe,
        Edge edge,
        Reach reach,
        Cutting cutting,
        OptionalDouble wireMm)
        implements ThreadJobBuilder.With {

    /**
     * What cuts.
     *
     * @param angleRad angle ground in the face, where it was typed
     * @param flatMm flat at the tip, where it was typed
     * @param radiusMm radius at the tip, where it was typed
     * @param rakeRad top rake
     * @param clearanceRad clearance wanted of each flank in use
     * @param leadingRad clearance ground on the leading flank, where it was typed
     * @param trailingRad the same of the trailing one
     * @param heightMm point above centre
     * @param yawRad out of square
     * @param finestMm finest pitch of an insert
     * @param coarsestMm coarsest
     * @param price price of an insert, in the shop's own money, where it was typed
     * @param edges edges on it
     * @param perEdge threads that an edge cuts, where it was typed
     */
    public record Edge(
            Tool tool,
            OptionalDouble angleRad,
            OptionalDouble flatMm,
            OptionalDouble radiusMm,
            double rakeRad,
            double clearanceRad,
            OptionalDouble leadingRad,
            OptionalDouble trailingRad,
            double heightMm,
            double yawRad,
            double finestMm,
            double coarsestMm,
            OptionalDouble price,
            double edges,
            OptionalDouble perEdge) {
        private static final double USUAL_PER_EDGE = 40;

        /** Threads that an edge cuts: as typed, or forty. */
        public double perEdgeOrUsual() {
            return perEdge.orElse(USUAL_PER_EDGE);
        }
    }

    /**
     * How work or bar stand.
     *
     * @param hold how the work is held
     * @param stickOutMm work out of the chuck, where it was typed
     * @param barMaterial what the bar is made of
     * @param barMm diameter of the bar in the hole, where it was typed
     * @param pointMm from its axis to the point, where it was typed
     * @param belowMm its axis below the point
     * @param outMm clamp to point, where it was typed
     */
    public record Reach(
            Hold hold,
            OptionalDouble stickOutMm,
            BarMaterial barMaterial,
            OptionalDouble barMm,
            OptionalDouble pointMm,
            double belowMm,
            OptionalDouble outMm) {}

    /**
     * How it is fed.
     *
     * @param way the school
     * @param steps how the passes are shared out
     * @param passes how many, where it was typed
     * @param spring passes without infeed, where it was typed
     * @param rpm spindle speed, where it was typed
     */
    public record Cutting(Way way, Steps steps, OptionalDouble passes, OptionalDouble spring, OptionalDouble rpm) {}

    public boolean inside() {
        return side == Side.INSIDE;
    }

    /** The form that a series is cut to. */
    public static ThreadForm form(ThreadCall.Series series) {
        return switch (series) {
            case METRIC, UNIFIED, UNIFIED_SPECIAL -> ThreadForm.SIXTY;
            case WHITWORTH, PIPE -> ThreadForm.WHITWORTH;
            case BRITISH_ASSOCIATION -> ThreadForm.BRITISH_ASSOCIATION;
            case TRAPEZOIDAL -> ThreadForm.TRAPEZOIDAL;
            case ACME -> ThreadForm.ACME;
        };
    }

    /** Where a thread is. */
    public enum Side implements Worded {
        OUTSIDE,
        INSIDE
    }

    /** How a thread ends. */
    public enum End implements Worded {
        GROOVE,
        DRAWN,
        OPEN
    }

    /** What cuts it. */
    public enum Tool implements Worded {
        HSS_BIT("hss", false),
        BRAZED("carbide", false),
        INSERT("insert", true),
        FULL_INSERT("insert", true);
        private final String material;
        private final boolean insert;

        Tool(String material, boolean insert) {
            this.material = material;
            this.insert = insert;
        }

        /** Id of its material. */
        public String material() {
            return material;
        }

        /** Whether its shape is bought. */
        public boolean insert() {
            return insert;
        }
    }

    /** Schools of feeding in. */
    public enum Way implements Worded {
        HALF_LESS(0.5),
        HALF(0),
        DEGREE_LESS(1),
        STRAIGHT(0),
        TO_AND_FRO(0);
        private final double lessDegrees;

        Way(double lessDegrees) {
            this.lessDegrees = lessDegrees;
        }

        /** How far the compound is set over, radians from square to the axis. */
        public double betaRad(ThreadForm form) {
            return compound() ? form.halfRad() - Math.toRadians(lessDegrees) : 0;
        }

        /** Whether the compound feeds. */
        public boolean compound() {
            return this == HALF_LESS || this == HALF || this == DEGREE_LESS;
        }
    }

    /** How the passes share the metal. */
    public enum Steps implements Worded {
        AREA,
        DEPTH
    }
}
