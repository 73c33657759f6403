package boldwedge.core.language.stock;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Map;

/**
 * A material to be cut, in one state.
 *
 * @param id key in the tables and the API
 * @param name what it is
 * @param state as delivered: annealed, cold drawn, pre-hard, cast
 * @param group ISO 513 application group: P, M, K, N, S, or O for plastics
 * @param angleGroup which row of recommended angles holds
 * @param kc11MPa specific cutting force kc1.1 for a chip 1 mm thick and 1 mm wide, MPa (Kienzle)
 * @param mc Kienzle's exponent of chip thickness
 * @param spread share by which the force may differ between melts and tables, 0.15 for ±15 %
 * @param hardness in words with its scale
 * @param brinell the middle of it, HB; 0 for plastics
 * @param densityGramPerCm3 density, g/cm³
 * @param modulusMPa Young's modulus, MPa
 * @param expansionPerK linear expansion about 20 °C, 1/K
 * @param frictionRad mean friction angle on the rake face, radians
 * @param referenceRakeRad rake at which kc1.1 was measured, radians
 * @param surfaceSpeeds surface speed in m/min by tool material id
 * @param builtUp how strongly it builds up on the edge when cut slowly and dry, 0 to 1
 * @param builtUpEdge what to expect of a built-up edge
 * @param chip what the chip looks like
 * @param source citations, joined
 */
@RecordBuilder
public record WorkMaterial(
        String id,
        String name,
        String state,
        String group,
        String angleGroup,
        double kc11MPa,
        double mc,
        double spread,
        String hardness,
        double brinell,
        double densityGramPerCm3,
        double modulusMPa,
        double expansionPerK,
        Span frictionRad,
        double referenceRakeRad,
        Map<String, Span> surfaceSpeeds,
        double builtUp,
        String builtUpEdge,
        String chip,
        String source)
        implements WorkMaterialBuilder.With {

    /** Name and state as one line. */
    public String fullName() {
        return name + ", " + state;
    }

    /** The material with its specific cutting force multiplied, as trials have taught it. */
    public WorkMaterial withForce(double factor) {
        return withKc11MPa(kc11MPa * factor);
    }

    /** Surface speed for a tool material, m/min. */
    public Span surfaceSpeed(ToolMaterial tool) {
        Span span = surfaceSpeeds.get(tool.id());
        if (span == null) {
            throw new IllegalArgumentException(id + " has no surface speed for " + tool.id());
        }
        return span;
    }
}
