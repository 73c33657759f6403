package boldwedge.core.jobs.model;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What may go into the furnace together: one steel, like sections. The heaviest sets the soak of the load.
 *
 * @param steel id of the steel
 * @param lots what goes in, the thinnest first, as they are taken out
 */
public record Load(String steel, List<Lot> lots) {
    /** Sections that differ by more than this go into two loads: the thin ones would stand at heat for the thick ones' time. */
    public static final double LIKE = 2;

    /** The loads of a job, by steel and section. */
    public static List<Load> of(Job job) {
        Map<String, List<Lot>> bySteel = new LinkedHashMap<>();
        job.lots().stream()
                .filter(lot -> lot.heat().isPresent())
                .sorted(Comparator.comparingDouble(Load::sectionMm))
                .forEach(lot -> bySteel.computeIfAbsent(lot.heat().orElseThrow().steel(), steel -> new ArrayList<>())
                        .add(lot));
        List<Load> loads = new ArrayList<>();
        bySteel.forEach((steel, lots) -> {
            List<Lot> together = new ArrayList<>();
            for (Lot lot : lots) {
                if (!together.isEmpty() && sectionMm(lot) > LIKE * sectionMm(together.getFirst())) {
                    loads.add(new Load(steel, List.copyOf(together)));
                    together.clear();
                }
                together.add(lot);
            }
            loads.add(new Load(steel, List.copyOf(together)));
        });
        return loads;
    }

    /** The heaviest section, mm. */
    public double heaviestMm() {
        return sectionMm(lots.getLast());
    }

    /** How many pieces. */
    public int pieces() {
        return lots.stream().mapToInt(Lot::pieces).sum();
    }

    private static double sectionMm(Lot lot) {
        return lot.heat().map(Lot.Heated::sectionMm).orElse(0.0);
    }
}
