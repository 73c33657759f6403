package boldwedge.core.families.seating.model;

import boldwedge.core.language.stock.Insert;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.cutting.Lathe;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * An insert's seat to be milled, as read; millimetres and radians. Empty optionals are left to the program.
 *
 * @param insert the insert, its figures as typed where they were
 * @param noseMm nose radius
 * @param holeMm its hole, where it was typed
 * @param body shank or bar
 * @param kappaRad edge angle wanted
 * @param old what an old holder gave; empty when none was measured
 * @param heightMm height of the shank, or diameter of the bar
 * @param widthMm width of the shank
 * @param lengthMm length of the body
 * @param edgeAboveMm edge above the shank's base, where it was typed
 * @param height school of height, of bars
 * @param outMm point from the bar's axis, where it was typed
 * @param threadDepthMm depth of an inside thread that it has to cut; 0 for none
 * @param tiltRad tilt of the seat, where it was typed
 * @param cutterMm cutter for the walls, diameter
 * @param reliefMm cutter for the corner, diameter, where it was typed
 * @param drawMm how far the screw's hole is drawn toward the walls
 * @param lathe the machine it is made for
 * @param madeDepthMm floor below the edge's height as made
 */
@RecordBuilder
public record InsertPocketJob(
        Insert insert,
        double noseMm,
        OptionalDouble holeMm,
        Body body,
        double kappaRad,
        Optional<Old> old,
        double heightMm,
        double widthMm,
        double lengthMm,
        OptionalDouble edgeAboveMm,
        Height height,
        OptionalDouble outMm,
        double threadDepthMm,
        OptionalDouble tiltRad,
        double cutterMm,
        OptionalDouble reliefMm,
        double drawMm,
        Lathe lathe,
        OptionalDouble madeDepthMm)
        implements InsertPocketJobBuilder.With {

    /** An old holder's edge by the indicator: slide set, what it ran off, over which way. */
    public record Old(double setRad, double offMm, double wayMm) {}

    public boolean bar() {
        return body == Body.BAR;
    }

    /** What the seat is milled into. */
    public enum Body implements Worded {
        SHANK,
        BAR
    }

    /** Schools of height in a bar. */
    public enum Height implements Worded {
        TOP,
        MIDDLE
    }
}
