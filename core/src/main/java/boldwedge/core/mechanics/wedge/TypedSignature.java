package boldwedge.core.mechanics.wedge;

import java.util.OptionalDouble;

/**
 * Angles of a tool as far as they were typed; what was not is taken from the advice.
 *
 * @param backRake back rake, radians
 * @param sideRake side rake, radians
 * @param endRelief end relief, radians
 * @param sideRelief side relief, radians
 * @param endCuttingEdge end cutting-edge angle, radians
 * @param sideCuttingEdge side cutting-edge angle, radians
 * @param noseRadiusMm nose radius, mm
 */
public record TypedSignature(
        OptionalDouble backRake,
        OptionalDouble sideRake,
        OptionalDouble endRelief,
        OptionalDouble sideRelief,
        OptionalDouble endCuttingEdge,
        OptionalDouble sideCuttingEdge,
        OptionalDouble noseRadiusMm) {

    /** All of them, as of a tool that is there. */
    public static TypedSignature all(ToolSignature s) {
        return new TypedSignature(
                OptionalDouble.of(s.backRake()),
                OptionalDouble.of(s.sideRake()),
                OptionalDouble.of(s.endRelief()),
                OptionalDouble.of(s.sideRelief()),
                OptionalDouble.of(s.endCuttingEdge()),
                OptionalDouble.of(s.sideCuttingEdge()),
                OptionalDouble.of(s.noseRadiusMm()));
    }

    /** The advice with what was typed over it. */
    public ToolSignature over(ToolSignature advised) {
        return new ToolSignature(
                backRake.orElse(advised.backRake()),
                sideRake.orElse(advised.sideRake()),
                endRelief.orElse(advised.endRelief()),
                sideRelief.orElse(advised.sideRelief()),
                endCuttingEdge.orElse(advised.endCuttingEdge()),
                sideCuttingEdge.orElse(advised.sideCuttingEdge()),
                noseRadiusMm.orElse(advised.noseRadiusMm()));
    }
}
