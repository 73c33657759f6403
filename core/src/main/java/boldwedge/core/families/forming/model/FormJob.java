package boldwedge.core.families.forming.model;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.rigidity.Hold;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;

/**
 * A form to be cut and the bit for it, as read; millimetres, radians. Empty optionals are left to the program.
 *
 * @param formMm how far its radii may be off, either way
 * @param roughed whether steps are turned first, so that the form bit only finishes
 * @param corrected whether the bit's profile is that of its leaning face, not the work's own
 * @param sideRelieved whether steep stretches are relieved to the side as well
 */
@RecordBuilder
public record FormJob(
        UnitSystem units,
        WorkMaterial work,
        Lathe lathe,
        Profile profile,
        double formMm,
        double atMm,
        Hold hold,
        double freeMm,
        Blank bit,
        ToolMaterial tool,
        OptionalDouble rakeRad,
        double clearanceRad,
        boolean corrected,
        boolean sideRelieved,
        boolean roughed,
        OptionalDouble feedMm,
        OptionalDouble speedRpm,
        int dwell)
        implements FormJobBuilder.With {}
