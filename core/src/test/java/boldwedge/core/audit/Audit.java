package boldwedge.core.audit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * Holds random jobs to the laws: {@code ./bw audit [N] [seed]}. Told are how often each law is broken, by family, and the smallest job that still breaks it.
 */
public final class Audit {
    private static final int USUAL = 10_000;
    private static final int A_LOT = 500;
    private static final int MOST_TOLD = 60;

    /**
     * A law that a job breaks.
     *
     * @param law which
     * @param job the job, as small as it still breaks it
     * @param words how
     */
    record Breach(Law law, Job job, String words) {
        /** What is alike: the law, the family and what it is broken at. */
        String kind() {
            return law.name() + " · " + job.family().id() + " · "
                    + words.replaceAll("^“\\d.*", "a number").replaceAll("[ (:].*", "");
        }
    }

    private Audit() {}

    /** Runs it; as many jobs as the first argument says, from the seed that the second says. */
    public static void main(String[] arguments) throws Exception {
        int jobs = arguments.length > 0 && !arguments[0].isEmpty() ? Integer.parseInt(arguments[0]) : USUAL;
        long seed = arguments.length > 1 && !arguments[1].isEmpty() ? Long.parseLong(arguments[1]) : System.nanoTime();
        long began = System.nanoTime();
        List<Breach> breaches = run(jobs, seed);
        Map<String, List<Breach>> kinds = new TreeMap<>();
        breaches.forEach(breach ->
                kinds.computeIfAbsent(breach.kind(), any -> new ArrayList<>()).add(breach));
        Map<String, Integer> byLaw = new LinkedHashMap<>();
        Laws.ALL.forEach(law -> byLaw.put(law.name(), 0));
        breaches.forEach(breach -> byLaw.merge(breach.law().name(), 1, Integer::sum));
        kinds.entrySet().stream()
                .sorted((a, b) -> b.getValue().size() - a.getValue().size())
                .limit(MOST_TOLD)
                .forEach(kind -> {
                    Breach smallest = shrunk(kind.getValue().getFirst());
                    System.out.printf(
                            "%5d  %s%n       %s%n       %s%n",
                            kind.getValue().size(), kind.getKey(), smallest.words(), smallest.job());
                });
        System.out.printf("%n%d jobs, seed %d, %.0f s. Broken:%n", jobs, seed, (System.nanoTime() - began) / 1e9);
        byLaw.forEach((law, times) -> System.out.printf("  %-20s %d%n", law, times));
        System.exit(breaches.isEmpty() ? 0 : 1);
    }

    /** All that so many jobs break; the same for a seed, however many threads work. */
    static List<Breach> run(int jobs, long seed) throws Exception {
        List<Callable<List<Breach>>> lots = new ArrayList<>();
        for (int from = 0; from < jobs; from += A_LOT) {
            int many = Math.min(A_LOT, jobs - from);
            long own = seed * 1_000_003 + from;
            lots.add(() -> lot(many, own));
        }
        List<Breach> all = new ArrayList<>();
        try (ExecutorService threads =
                Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors())) {
            for (Future<List<Breach>> lot : threads.invokeAll(lots)) {
                all.addAll(lot.get());
            }
        }
        return all;
    }

    private static List<Breach> lot(int jobs, long seed) {
        Jobs drawn = new Jobs(seed);
        List<Breach> found = new ArrayList<>();
        for (int i = 0; i < jobs; i++) {
            Job job = drawn.next();
            if (!job.answer().worked()) {
                continue;
            }
            for (Law law : Laws.ALL) {
                law.broken().on(job).ifPresent(words -> found.add(new Breach(law, job, words)));
            }
        }
        return found;
    }

    /** What was typed is taken away field by field as long as the law stays broken. */
    static Breach shrunk(Breach breach) {
        Breach least = breach;
        for (String field : breach.job().fields().keySet()) {
            if (field.equals("operation") || field.equals("lathe")) {
                continue;
            }
            Job smaller = least.job().with(field, "");
            Optional<String> words =
                    smaller.answer().worked() ? breach.law().broken().on(smaller) : Optional.empty();
            if (words.isPresent()) {
                least = new Breach(breach.law(), smaller, words.get());
            }
        }
        return least;
    }
}
