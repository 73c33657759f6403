package boldwedge.core.virtual;

/**
 * How stiff a lathe is where nothing is wrong with it.
 *
 * @param postNPerMm tool post and slides across the axis
 * @param chuckNPerMm spindle and chuck across the axis
 * @param chuckTurning spindle and chuck against turning out of the axis, N·mm/rad
 * @param tailNPerMm tailstock's centre across the axis
 */
public record Machine(double postNPerMm, double chuckNPerMm, double chuckTurning, double tailNPerMm) {}
