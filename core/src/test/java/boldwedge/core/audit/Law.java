package boldwedge.core.audit;

import java.util.Optional;

/**
 * What is true of every job.
 *
 * @param name its name, for counting
 * @param words what it says
 * @param broken how a job breaks it, in words; empty where it holds
 */
record Law(String name, String words, Test broken) {
    /** Looks at one job. */
    interface Test {
        Optional<String> on(Job job);
    }
}
