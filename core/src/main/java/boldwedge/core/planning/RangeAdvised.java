package boldwedge.core.planning;

import boldwedge.core.language.finding.Alternative;
import java.util.List;

/**
 * What is recommended of a field.
 *
 * @param low low end of the recommended range
 * @param high high end of the recommended range
 * @param advised the recommended value
 * @param reason why it is recommended
 * @param source where the range comes from
 * @param schools where practitioners differ
 */
public record RangeAdvised(
        String low, String high, String advised, String reason, String source, List<Alternative> schools) {
    /** What stands beside the field; where it comes from and who differs is said by the findings too. */
    RangeAdvised brief() {
        return new RangeAdvised(low, high, advised, reason, "", List.of());
    }
}
