package boldwedge.core.language.stock;

import boldwedge.core.language.measure.Table;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * What is put on a cut.
 *
 * @param brush as a step of a route says it
 * @param says as a finding says it
 * @param why the reason
 * @param kind which cautions go with it
 */
public record CuttingFluid(String brush, String says, String why, Kind kind) {
    private static final Map<String, CuttingFluid> ALL = read();

    /** How a material is cut. */
    public enum Manner {
        /** A chip that runs: turning, boring, facing, milling. */
        LIGHT,
        /** Slow, wide or enclosed: threads, reamers, drills, parting, forms, strokes, shaving. */
        HEAVY
    }

    /** What can hurt with it. */
    public enum Kind {
        OIL,
        PARAFFIN,
        DRY,
        DRY_IRON,
        WATER,
        TITANIUM,
        MAGNESIUM;

        /** Whether drops of it may fall on a hot edge. */
        public boolean isWet() {
            return this != DRY && this != DRY_IRON && this != MAGNESIUM;
        }
    }

    /** What a material is cut with. */
    public static CuttingFluid of(WorkMaterial material, Manner manner) {
        return Objects.requireNonNull(ALL.get(key(material.angleGroup(), manner.name())), material.angleGroup());
    }

    private static Map<String, CuttingFluid> read() {
        Map<String, CuttingFluid> all = new HashMap<>();
        for (Table.Row row : Table.read("stock/fluids.tsv").rows()) {
            CuttingFluid fluid = new CuttingFluid(
                    row.text("brush"),
                    row.text("says"),
                    row.text("why"),
                    Kind.valueOf(
                            row.text("kind").toUpperCase(java.util.Locale.ROOT).replace('-', '_')));
            List<String> groups = Arrays.asList(row.text("groups").split(","));
            groups.forEach(group -> all.put(key(group, row.text("process").toUpperCase(java.util.Locale.ROOT)), fluid));
        }
        return Map.copyOf(all);
    }

    private static String key(String group, String process) {
        return group + "/" + process;
    }
}
