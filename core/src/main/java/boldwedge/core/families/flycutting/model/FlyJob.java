package boldwedge.core.families.flycutting.model;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Lathe;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;

/**
 * A surface to be planed and the fly cutter for it, as read; millimetres, radians. Empty optionals are left to the program.
 *
 * @param onSlide whether the cutter turns in a lathe and the work stands on its slide; else it is a mill
 * @param widthMm of the surface, across the feed
 * @param lengthMm of the surface, along the feed
 * @param raMm finish wanted, Ra in mm
 * @param flatMm how far it may be hollow
 * @param bodyMm diameter of the cutter's body
 * @param sweptMm diameter of the circle that the point sweeps
 * @param seatRad lean of the bit's seat against the way of the cut: it gives rake, and takes clearance
 * @param reliefRad clearance as ground
 * @param rakeRad rake as ground
 * @param outMm bit out of its body
 * @param screws that hold the bit
 * @param tramMm what an indicator in the spindle reads from side to side along the feed
 * @param tramOverMm over what diameter
 * @param sharpLead whether the far edge is left sharp, not chamfered first
 */
@RecordBuilder
public record FlyJob(
        UnitSystem units,
        WorkMaterial work,
        Lathe lathe,
        boolean onSlide,
        double widthMm,
        double lengthMm,
        double raMm,
        double flatMm,
        double bodyMm,
        OptionalDouble sweptMm,
        Blank bit,
        ToolMaterial tool,
        double seatRad,
        OptionalDouble reliefRad,
        double rakeRad,
        double noseMm,
        double outMm,
        int screws,
        OptionalDouble tramMm,
        double tramOverMm,
        boolean sharpLead,
        OptionalDouble depthMm,
        OptionalDouble feedMm,
        OptionalDouble speedRpm)
        implements FlyJobBuilder.With {}
